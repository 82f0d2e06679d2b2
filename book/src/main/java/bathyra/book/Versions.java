package bathyra.book;

import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.BadDocument;
import bathyra.files.json.OutlinesJson;
import bathyra.garment.Commission;
import bathyra.piece.PanelOutline;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** States of a commission that the cutter named on purpose, to come back to or to compare with. */
public final class Versions {
    private final WorkshopBook book;
    private final Connection connection;

    Versions(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /**
     * A named state of a commission.
     *
     * @param draft which draft it is, counted from 1, when it was made from a fitting or is the one that was tried at the first
     */
    public record Version(long id, String name, LocalDateTime made, Commission commission, Optional<Integer> draft) {}

    /** Keeps a state under a name, with its outlines as today's program draws them: a later one may draw the same state otherwise. */
    public void keep(long commission, String name, Commission state) {
        keep(commission, name, state, Optional.empty());
    }

    /** Keeps the draft of a number. */
    public void keepDraft(long commission, int number, String name, Commission state) {
        keep(commission, name, state, Optional.of(number));
    }

    private void keep(long commission, String name, Commission state, Optional<Integer> draft) {
        book.run(
                "keep a version",
                () -> book.transaction(() -> {
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO version (commission, name, made, document) VALUES (?, ?, ?, ?)")) {
                        insert.setLong(1, commission);
                        insert.setString(2, name);
                        insert.setString(
                                3,
                                LocalDateTime.now()
                                        .truncatedTo(ChronoUnit.SECONDS)
                                        .toString());
                        insert.setString(4, WorkshopBook.readable(state));
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.VERSION, "id = last_insert_rowid()");
                    long id = lastId();
                    if (draft.isPresent()) {
                        beside(id, Seal.Table.DRAFT, "number", draft.get());
                    }
                    if (Drafter.draft(state) instanceof Draft drafted) {
                        beside(id, Seal.Table.OUTLINE, "document", OutlinesJson.write(drafted.panelOutlines()));
                    }
                    return null;
                }));
    }

    private long lastId() throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT last_insert_rowid()")) {
            return row.getLong(1);
        }
    }

    /** Notes something beside a version. */
    private void beside(long version, Seal.Table table, String column, Object value) throws SQLException {
        try (PreparedStatement insert = connection.prepareStatement(
                "INSERT INTO " + table.sql() + " (version, " + column + ") VALUES (?, ?)")) {
            insert.setLong(1, version);
            insert.setObject(2, value);
            insert.executeUpdate();
        }
        Seal.renew(connection, table, "version = ?", version);
    }

    /** The outlines of a version's panels as they were drawn when it was kept, from centre front; empty for one kept before outlines were. */
    public Optional<List<PanelOutline>> outlines(long version) {
        return book.run("read the outlines of a version", () -> {
            book.require(Seal.Table.OUTLINE, "version = ?", version);
            try (PreparedStatement query =
                    connection.prepareStatement("SELECT document FROM outline WHERE version = ?")) {
                query.setLong(1, version);
                try (ResultSet row = query.executeQuery()) {
                    return row.next() ? Optional.of(outlines(row.getString(1))) : Optional.empty();
                }
            }
        });
    }

    private static List<PanelOutline> outlines(String document) {
        try {
            return OutlinesJson.read(document);
        } catch (BadDocument e) {
            throw new IllegalStateException("outlines that were kept cannot be read: " + e.getMessage(), e);
        }
    }

    /** The versions of a commission, the newest first. */
    public List<Version> of(long commission) {
        return book.run("list the versions", () -> {
            book.require(Seal.Table.VERSION, "commission = ?", commission);
            book.require(Seal.Table.DRAFT, "version IN (SELECT id FROM version WHERE commission = ?)", commission);
            List<Version> versions = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(
                    "SELECT id, name, made, document, number FROM version LEFT JOIN draft ON draft.version = version.id"
                            + " WHERE commission = ? ORDER BY id DESC")) {
                query.setLong(1, commission);
                try (ResultSet rows = query.executeQuery()) {
                    while (rows.next()) {
                        versions.add(new Version(
                                rows.getLong(1),
                                rows.getString(2),
                                LocalDateTime.parse(rows.getString(3)),
                                book.read(rows.getString(4)),
                                Optional.ofNullable((Integer) rows.getObject(5))));
                    }
                }
            }
            return versions;
        });
    }
}
