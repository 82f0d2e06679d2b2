package bathyra.book;

import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Optional;

/** The changes of the commissions, one row each with the document before and after; a cursor marks how far each commission has come. */
public final class History {
    private final WorkshopBook book;
    private final Connection connection;

    History(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /** Writes what {@link ChangeWriter} still holds. */
    void settle() {
        book.run("save a change", () -> null);
    }

    /** Saves a change under a name; what had been undone before it is forgotten. */
    public void record(long id, String label, Commission before, Commission after) {
        String document = WorkshopBook.readable(after);
        book.run(
                "save a change",
                () -> book.transaction(() -> {
                    int cursor = cursor(id);
                    try (PreparedStatement cut =
                            connection.prepareStatement("DELETE FROM edit WHERE commission = ? AND seq > ?")) {
                        cut.setLong(1, id);
                        cut.setInt(2, cursor);
                        cut.executeUpdate();
                    }
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO edit (commission, seq, label, before, after) VALUES (?, ?, ?, ?, ?)")) {
                        insert.setLong(1, id);
                        insert.setInt(2, cursor + 1);
                        insert.setString(3, label);
                        // It stands in the book already, so it was looked at when it was kept.
                        insert.setString(4, CommissionJson.write(before));
                        insert.setString(5, document);
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.EDIT, "commission = ? AND seq = ?", id, cursor + 1);
                    stand(id, after, document, cursor + 1);
                    return null;
                }));
    }

    /** Carries the last change further under a new name, so that one drag or one figure typed is one change. */
    public void amend(long id, String label, Commission after) {
        String document = WorkshopBook.readable(after);
        book.run(
                "save a change",
                () -> book.transaction(() -> {
                    try (PreparedStatement update = connection.prepareStatement(
                            "UPDATE edit SET label = ?, after = ? WHERE commission = ? AND seq = (SELECT cursor FROM commission WHERE id = ?)")) {
                        update.setString(1, label);
                        update.setString(2, document);
                        update.setLong(3, id);
                        update.setLong(4, id);
                        update.executeUpdate();
                    }
                    int cursor = cursor(id);
                    Seal.renew(connection, Seal.Table.EDIT, "commission = ? AND seq = ?", id, cursor);
                    stand(id, after, document, cursor);
                    return null;
                }));
    }

    /** The name of the change that undo would take back. */
    public Optional<String> undoLabel(long id) {
        return book.document(
                "SELECT label FROM edit JOIN commission ON commission.id = edit.commission AND edit.seq = cursor WHERE commission.id = ?",
                id);
    }

    /** The name of the change that redo would make again. */
    public Optional<String> redoLabel(long id) {
        return book.document(
                "SELECT label FROM edit JOIN commission ON commission.id = edit.commission AND edit.seq = cursor + 1 WHERE commission.id = ?",
                id);
    }

    /** Takes the last change back and gives the commission as it was before. */
    public Optional<Commission> undo(long id) {
        return book.run("undo", () -> book.transaction(() -> back(id)));
    }

    private Optional<Commission> back(long id) throws SQLException {
        book.require(Seal.Table.EDIT, "commission = ? AND seq = ?", id, cursor(id));
        Optional<String> before = book.document(
                "SELECT before FROM edit JOIN commission ON commission.id = edit.commission AND edit.seq = cursor WHERE commission.id = ?",
                id);
        Optional<Commission> stands = before.map(book::read);
        if (stands.isPresent()) {
            stand(id, stands.get(), before.get(), cursor(id) - 1);
        }
        return stands;
    }

    /** Takes the last change back for good, as if it had not been begun, and gives the commission as it was before. */
    public Optional<Commission> withdraw(long id) {
        return book.run(
                "take a change back",
                () -> book.transaction(() -> {
                    Optional<Commission> before = back(id);
                    try (PreparedStatement cut = connection.prepareStatement(
                            "DELETE FROM edit WHERE commission = ? AND seq > (SELECT cursor FROM commission WHERE id = ?)")) {
                        cut.setLong(1, id);
                        cut.setLong(2, id);
                        cut.executeUpdate();
                    }
                    return before;
                }));
    }

    /** Makes the last undone change again. */
    public Optional<Commission> redo(long id) {
        return book.run(
                "redo",
                () -> book.transaction(() -> {
                    book.require(Seal.Table.EDIT, "commission = ? AND seq = ?", id, cursor(id) + 1);
                    Optional<String> after = book.document(
                            "SELECT after FROM edit JOIN commission ON commission.id = edit.commission AND edit.seq = cursor + 1 WHERE commission.id = ?",
                            id);
                    Optional<Commission> stands = after.map(book::read);
                    if (stands.isPresent()) {
                        stand(id, stands.get(), after.get(), cursor(id) + 1);
                    }
                    return stands;
                }));
    }

    private int cursor(long id) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement("SELECT cursor FROM commission WHERE id = ?")) {
            query.setLong(1, id);
            try (ResultSet rows = query.executeQuery()) {
                return rows.next() ? rows.getInt(1) : 0;
            }
        }
    }

    private void stand(long id, Commission commission, String document, int cursor) throws SQLException {
        try (PreparedStatement update = connection.prepareStatement(
                "UPDATE commission SET document = ?, cursor = ?, title = ?, wearer = ? WHERE id = ?")) {
            update.setString(1, document);
            update.setInt(2, cursor);
            update.setString(3, commission.title());
            update.setString(4, commission.wearer().name());
            update.setLong(5, id);
            update.executeUpdate();
        }
        book.commissions().seal(id);
    }
}
