package bathyra.book;

import bathyra.garment.Commission;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The list of commissions in a book: what stands in it, what is noted beside each, and new ones. */
public final class Commissions {
    private final WorkshopBook book;
    private final Connection connection;

    Commissions(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /**
     * A line of the list of commissions.
     *
     * @param due when it is to be ready, if that is known
     * @param state how far it has come, in a few words
     */
    public record Entry(
            long id, String title, String wearer, Optional<LocalDate> due, String state, boolean archived) {}

    /** All commissions but those in the trash, in the order in which they were begun. */
    public List<Entry> entries() {
        return entries("WHERE id NOT IN (SELECT commission FROM trash)");
    }

    /** With those in the trash. */
    List<Entry> allEntries() {
        return entries("");
    }

    private List<Entry> entries(String where) {
        return book.run("list the commissions", () -> {
            List<Entry> entries = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows =
                            statement.executeQuery("SELECT id, title, wearer, due, state, archived FROM commission "
                                    + where + " ORDER BY id")) {
                while (rows.next()) {
                    entries.add(entry(rows));
                }
            }
            return entries;
        });
    }

    Entry entry(ResultSet rows) throws SQLException {
        return new Entry(
                rows.getLong(1),
                rows.getString(2),
                rows.getString(3),
                book.day(rows.getString(4)),
                rows.getString(5),
                rows.getInt(6) != 0);
    }

    /** Of what kind each commission is, by the word for it. */
    public Map<Long, String> kinds() {
        return book.run("list the kinds", () -> {
            Map<Long, String> kinds = new HashMap<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery(
                            "SELECT id, json_extract(document, '$.garment.kind') FROM commission")) {
                while (rows.next()) {
                    kinds.put(rows.getLong(1), rows.getString(2));
                }
            }
            return kinds;
        });
    }

    /** When a commission is to be ready. */
    public void due(long id, Optional<LocalDate> day) {
        write(
                "note the day",
                "UPDATE commission SET due = ? WHERE id = ?",
                day.map(LocalDate::toString).orElse(""),
                id);
    }

    public void archive(long id, boolean archived) {
        write(
                "archive a commission",
                "UPDATE commission SET archived = CAST(? AS INTEGER) WHERE id = ?",
                archived ? "1" : "0",
                id);
    }

    /** Notes how far a commission has come, in a few words, for the list. */
    public void state(long id, String words) {
        write("note the state", "UPDATE commission SET state = ? WHERE id = ?", words, id);
    }

    public void notes(long id, String text) {
        write("save the notes", "UPDATE commission SET notes = ? WHERE id = ?", text, id);
    }

    public String notes(long id) {
        return book.document("SELECT notes FROM commission WHERE id = ?", id).orElse("");
    }

    private void write(String what, String sql, String value, long id) {
        book.run(
                what,
                () -> book.transaction(() -> {
                    try (PreparedStatement update = connection.prepareStatement(sql)) {
                        update.setString(1, value);
                        update.setLong(2, id);
                        update.executeUpdate();
                    }
                    seal(id);
                    return null;
                }));
    }

    void seal(long id) throws SQLException {
        Seal.renew(connection, Seal.Table.COMMISSION, "id = ?", id);
    }

    /** Writes a new commission into the book and gives its number. */
    public long add(Commission commission) {
        String document = WorkshopBook.readable(commission);
        return book.run("add a commission", () -> book.transaction(() -> added(commission, document)));
    }

    private long added(Commission commission, String document) throws SQLException {
        long id;
        try (PreparedStatement insert = connection.prepareStatement(
                "INSERT INTO commission (title, wearer, document, due) VALUES (?, ?, ?, ?) RETURNING id")) {
            insert.setString(1, commission.title());
            insert.setString(2, commission.wearer().name());
            insert.setString(3, document);
            insert.setString(4, commission.plan().due().map(LocalDate::toString).orElse(""));
            try (ResultSet rows = insert.executeQuery()) {
                rows.next();
                id = rows.getLong(1);
            }
        }
        seal(id);
        return id;
    }

    /** Writes several new commissions into the book at once: all of them or none. */
    public void addAll(List<Commission> commissions) {
        add(commissions, commissions.stream().map(WorkshopBook::readable).toList());
    }

    /**
     * Writes several new commissions into the book at once: all of them or none.
     *
     * @param documents in which they stand, in the same order
     * @return their numbers, in the same order
     */
    public List<Long> add(List<Commission> commissions, List<String> documents) {
        return book.run(
                "add the commissions",
                () -> book.transaction(() -> {
                    List<Long> ids = new ArrayList<>();
                    for (int i = 0; i < commissions.size(); i++) {
                        ids.add(added(commissions.get(i), documents.get(i)));
                    }
                    return ids;
                }));
    }

    /** A commission as it stands. */
    public Optional<Commission> find(long id) {
        return book.run("read the book", () -> {
            book.require(Seal.Table.COMMISSION, "id = ?", id);
            return book.document("SELECT document FROM commission WHERE id = ?", id)
                    .map(book::read);
        });
    }
}
