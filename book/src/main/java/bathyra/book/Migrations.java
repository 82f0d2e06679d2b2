package bathyra.book;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The steps from one version of the book to the next, all in one transaction. SQLite's own {@code user_version} says how far a file has come. */
final class Migrations {
    private static final List<List<String>> STEPS = List.of(
            List.of(
                    "CREATE TABLE commission (id INTEGER PRIMARY KEY, title TEXT NOT NULL, wearer TEXT NOT NULL, document TEXT NOT NULL, cursor INTEGER NOT NULL DEFAULT 0)",
                    "CREATE TABLE edit (commission INTEGER NOT NULL REFERENCES commission(id) ON DELETE CASCADE, seq INTEGER NOT NULL, label TEXT NOT NULL,"
                            + " before TEXT NOT NULL, after TEXT NOT NULL, made TEXT NOT NULL DEFAULT CURRENT_TIMESTAMP, PRIMARY KEY (commission, seq))",
                    "CREATE TABLE place (name TEXT PRIMARY KEY, value TEXT NOT NULL)"),
            List.of(
                    "ALTER TABLE commission ADD COLUMN due TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE commission ADD COLUMN notes TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE commission ADD COLUMN state TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE commission ADD COLUMN archived INTEGER NOT NULL DEFAULT 0"),
            List.of(
                    "CREATE TABLE version (id INTEGER PRIMARY KEY, commission INTEGER NOT NULL REFERENCES commission(id) ON DELETE CASCADE, name TEXT NOT NULL,"
                            + " made TEXT NOT NULL, document TEXT NOT NULL)",
                    "CREATE TABLE measuring (id INTEGER PRIMARY KEY, wearer TEXT NOT NULL, day TEXT NOT NULL, document TEXT NOT NULL)",
                    "CREATE INDEX measuring_wearer ON measuring (wearer)"),
            List.of("ALTER TABLE commission ADD COLUMN seal TEXT NOT NULL DEFAULT ''"),
            List.of(
                    "CREATE TABLE attempt (id INTEGER PRIMARY KEY, person TEXT NOT NULL, made TEXT NOT NULL, school TEXT NOT NULL, step TEXT NOT NULL,"
                            + " answer TEXT NOT NULL, correct INTEGER NOT NULL, slip TEXT NOT NULL)",
                    "CREATE INDEX attempt_person ON attempt (person)"),
            List.of(
                    "ALTER TABLE edit ADD COLUMN seal TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE version ADD COLUMN seal TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE measuring ADD COLUMN seal TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE attempt ADD COLUMN seal TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE place ADD COLUMN seal TEXT NOT NULL DEFAULT ''",
                    "CREATE TABLE health (wearer TEXT PRIMARY KEY, document TEXT NOT NULL, seal TEXT NOT NULL DEFAULT '')"),
            List.of(
                    "CREATE TABLE outline (version INTEGER PRIMARY KEY REFERENCES version(id) ON DELETE CASCADE, document TEXT NOT NULL, seal TEXT NOT NULL DEFAULT '')"),
            List.of(
                    "CREATE TABLE work (commission INTEGER PRIMARY KEY REFERENCES commission(id) ON DELETE CASCADE, design TEXT NOT NULL, document TEXT NOT NULL,"
                            + " seal TEXT NOT NULL DEFAULT '')",
                    "CREATE TABLE invoice (number INTEGER PRIMARY KEY, day TEXT NOT NULL, commission INTEGER NOT NULL, wearer TEXT NOT NULL, cents INTEGER NOT NULL,"
                            + " document TEXT NOT NULL, seal TEXT NOT NULL DEFAULT '')",
                    "CREATE TRIGGER invoice_stays BEFORE DELETE ON invoice BEGIN SELECT RAISE(ABORT, 'an issued invoice stays'); END",
                    "CREATE TRIGGER invoice_unaltered BEFORE UPDATE OF number, day, cents ON invoice BEGIN SELECT RAISE(ABORT, 'an issued invoice is not altered'); END"),
            List.of(
                    "CREATE TABLE sent (commission INTEGER NOT NULL REFERENCES commission(id) ON DELETE CASCADE, packet TEXT NOT NULL, day TEXT NOT NULL,"
                            + " document TEXT NOT NULL, seal TEXT NOT NULL DEFAULT '', PRIMARY KEY (commission, packet))",
                    "CREATE TABLE trash (commission INTEGER PRIMARY KEY REFERENCES commission(id) ON DELETE CASCADE, day TEXT NOT NULL, seal TEXT NOT NULL DEFAULT '')",
                    "CREATE TABLE sketch (commission INTEGER PRIMARY KEY REFERENCES commission(id) ON DELETE CASCADE, lines TEXT NOT NULL, seal TEXT NOT NULL DEFAULT '')"),
            List.of(
                    "CREATE TABLE draft (version INTEGER PRIMARY KEY REFERENCES version(id) ON DELETE CASCADE, number INTEGER NOT NULL, seal TEXT NOT NULL DEFAULT '')",
                    // Until then only its name said that a version was a draft made from a fitting.
                    "INSERT INTO draft (version, number) SELECT id, CAST(substr(name, 7) AS INTEGER) FROM version WHERE name GLOB 'Draft [0-9]*'"));
    /** What SQLite's {@code application_id} says of a workshop book: "BATH". */
    static final int PROGRAM = 0x42415448;
    /** The version from which on books bear that mark and every row its seal. */
    static final int MARKED = 6;
    /** The version from which on the outlines of kept versions stand in the book. */
    static final int OUTLINES = 7;
    /** The version from which on work and invoices stand in the book. */
    static final int WORK = 8;
    /** The version from which on it says what was sent out, what lies in the trash and how each looks. */
    static final int SENT = 9;
    /** The version from which on it says which versions are drafts made from fittings. */
    static final int DRAFTS = 10;
    /** The version from which on the documents of commissions were sealed. */
    private static final int DOCUMENTS_SEALED = 4;

    private static final String EDITION = "edition";

    private Migrations() {}

    /** The version that this program writes. */
    static int newest() {
        return STEPS.size();
    }

    static int version(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("PRAGMA user_version")) {
            return rows.getInt(1);
        }
    }

    /** The version as a sealed row says it, so that a digit that has turned into another in the file's head is found; empty when it says nothing. */
    static Optional<Integer> edition(Connection connection, Set<String> tables) throws SQLException {
        if (!tables.contains("place")) {
            return Optional.empty();
        }
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT value FROM place WHERE name = '" + EDITION + "'")) {
            return rows.next() && rows.getString(1).matches("\\d{1,4}")
                    ? Optional.of(Integer.parseInt(rows.getString(1)))
                    : Optional.empty();
        }
    }

    /** What of a book from before every row had a seal is not as it was written, in words. */
    static Optional<String> brokenBefore(Connection connection) throws SQLException {
        if (version(connection) < DOCUMENTS_SEALED) {
            return Optional.empty();
        }
        try (Statement statement = connection.createStatement();
                ResultSet rows =
                        statement.executeQuery("SELECT title, document, seal FROM commission WHERE seal <> ''")) {
            while (rows.next()) {
                if (!Seal.ofDocument(rows.getString(2)).equals(rows.getString(3))) {
                    return Optional.of("the figures of \"" + rows.getString(1) + "\"");
                }
            }
            return Optional.empty();
        }
    }

    /** Brings the book to the newest version. Whoever calls this has begun a transaction. */
    static void run(Connection connection) throws SQLException {
        int before = version(connection);
        try (Statement statement = connection.createStatement()) {
            for (List<String> step : STEPS.subList(version(connection), STEPS.size())) {
                for (String sql : step) {
                    statement.execute(sql);
                }
            }
            if (before < newest()) {
                statement.execute("PRAGMA user_version=" + newest());
                statement.execute("PRAGMA application_id=" + PROGRAM);
                statement.execute("INSERT INTO place (name, value) VALUES ('" + EDITION + "', '" + newest()
                        + "') ON CONFLICT (name) DO UPDATE SET value = excluded.value");
                Seal.renew(connection, Seal.Table.PLACE, "name = ?", EDITION);
            }
            if (before < MARKED) {
                Seal.renewAll(connection);
            } else if (before < DRAFTS) {
                Seal.renew(connection, Seal.Table.DRAFT, "1");
            }
        }
    }
}
