package bathyra.book;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Optional;
import java.util.zip.CRC32C;

/**
 * A check sum in every row of the book, over all that stands in it. The database finds a page that is out of order, not a digit that has
 * turned into another: a bust of 960 that reads 860 would be cut.
 */
final class Seal {
    private Seal() {}

    /** What is sealed: a table, the columns over which its seal goes, and what one of its rows is called. */
    enum Table {
        COMMISSION(
                "commission",
                "the figures of",
                "id, title, wearer, document, cursor, due, notes, state, archived",
                "title"),
        EDIT(
                "edit",
                "the history of",
                "commission, seq, label, before, after, made",
                "(SELECT title FROM commission WHERE commission.id = edit.commission)"),
        VERSION(
                "version",
                "a version of",
                "id, commission, name, made, document",
                "(SELECT title FROM commission WHERE commission.id = version.commission)"),
        OUTLINE(
                "outline",
                "the outlines of a version of",
                "version, document",
                "(SELECT title FROM commission JOIN version ON commission.id = version.commission WHERE version.id = outline.version)"),
        DRAFT(
                "draft",
                "the number of a draft of",
                "version, number",
                "(SELECT title FROM commission JOIN version ON commission.id = version.commission WHERE version.id = draft.version)"),
        MEASURING("measuring", "the kept figures of", "id, wearer, day, document", "wearer"),
        ATTEMPT("attempt", "the practice of", "id, person, made, school, step, answer, correct, slip", "person"),
        HEALTH("health", "the answers of", "wearer, document", "wearer"),
        WORK(
                "work",
                "what there is to do on",
                "commission, design, document",
                "(SELECT title FROM commission WHERE commission.id = work.commission)"),
        INVOICE("invoice", "invoice", "number, day, commission, wearer, cents, document", "number"),
        SENT(
                "sent",
                "what was sent out of",
                "commission, packet, day, document",
                "(SELECT title FROM commission WHERE commission.id = sent.commission)"),
        TRASH(
                "trash",
                "the day of throwing away",
                "commission, day",
                "(SELECT title FROM commission WHERE commission.id = trash.commission)"),
        SKETCH(
                "sketch",
                "the picture of",
                "commission, lines",
                "(SELECT title FROM commission WHERE commission.id = sketch.commission)"),
        PLACE("place", "what was kept of", "name, value", "name");

        private final String table;
        private final String words;
        private final String columns;
        private final String owner;

        Table(String table, String words, String columns, String owner) {
            this.table = table;
            this.words = words;
            this.columns = columns;
            this.owner = owner;
        }

        /** The version of the book from which on there is such a table, as far as older books are looked at. */
        private int since() {
            return switch (this) {
                case OUTLINE -> Migrations.OUTLINES;
                case WORK, INVOICE -> Migrations.WORK;
                case SENT, TRASH, SKETCH -> Migrations.SENT;
                case DRAFT -> Migrations.DRAFTS;
                default -> 0;
            };
        }

        private int width() {
            return columns.split(",").length;
        }

        String sql() {
            return table;
        }
    }

    /** Seals rows anew, in the transaction in which they were written. @param where which rows, with one place for each argument */
    static void renew(Connection connection, Table table, String where, Object... arguments) throws SQLException {
        try (PreparedStatement find = connection.prepareStatement(
                        "SELECT rowid, " + table.columns + " FROM " + table.table + " WHERE " + where);
                PreparedStatement write =
                        connection.prepareStatement("UPDATE " + table.table + " SET seal = ? WHERE rowid = ?")) {
            set(find, arguments);
            try (ResultSet rows = find.executeQuery()) {
                while (rows.next()) {
                    write.setString(1, of(rows, 2, table.width()));
                    write.setLong(2, rows.getLong(1));
                    write.addBatch();
                }
            }
            write.executeBatch();
        }
    }

    /** What of the rows is not as it was written, in words; empty when all are. Rows from before there were seals pass. */
    static Optional<String> broken(Connection connection, Table table, String where, Object... arguments)
            throws SQLException {
        try (PreparedStatement find = connection.prepareStatement(
                "SELECT seal, " + table.owner + ", " + table.columns + " FROM " + table.table + " WHERE " + where)) {
            set(find, arguments);
            try (ResultSet rows = find.executeQuery()) {
                while (rows.next()) {
                    if (!of(rows, 3, table.width()).equals(rows.getString(1))) {
                        return Optional.of(table.words + " \"" + rows.getString(2) + "\"");
                    }
                }
                return Optional.empty();
            }
        }
    }

    /** The same for the whole book. */
    static Optional<String> broken(Connection connection) throws SQLException {
        for (Table table : Table.values()) {
            // A book from before such rows were kept has none that could be broken.
            if (Migrations.version(connection) < table.since()) {
                continue;
            }
            Optional<String> broken = broken(connection, table, "1");
            if (broken.isPresent()) {
                return broken;
            }
        }
        return Optional.empty();
    }

    static void renewAll(Connection connection) throws SQLException {
        for (Table table : Table.values()) {
            renew(connection, table, "1");
        }
    }

    /** The seal of a book before its sixth version: over the commission's document alone. */
    static String ofDocument(String document) {
        CRC32C sum = new CRC32C();
        sum.update(document.getBytes(StandardCharsets.UTF_8));
        return Long.toHexString(sum.getValue());
    }

    private static void set(PreparedStatement statement, Object... arguments) throws SQLException {
        for (int i = 0; i < arguments.length; i++) {
            statement.setObject(i + 1, arguments[i]);
        }
    }

    /** Each value with its length before it, so that nothing can slide from one column into the next. */
    private static String of(ResultSet row, int first, int count) throws SQLException {
        CRC32C sum = new CRC32C();
        for (int i = first; i < first + count; i++) {
            String value = row.getString(i);
            byte[] bytes = value == null ? new byte[0] : value.getBytes(StandardCharsets.UTF_8);
            sum.update((bytes.length + ":").getBytes(StandardCharsets.US_ASCII));
            sum.update(bytes);
        }
        return Long.toHexString(sum.getValue());
    }
}
