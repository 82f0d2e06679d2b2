package bathyra.book;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;

/** The steps from one version of the book to the next, all in one transaction. SQLite's own {@code user_version} says how far a file has come. */
final class Migrations {
    private static final List<List<String>> STEPS = List.of(
            List.of("CREATE TABLE commission (id INTEGER PRIMARY KEY, title TEXT NOT NULL, wearer TEXT NOT NULL, document TEXT NOT NULL, cursor INTEGER NOT NULL DEFAULT 0)",
                    "CREATE TABLE edit (commission INTEGER NOT NULL REFERENCES commission(id) ON DELETE CASCADE, seq INTEGER NOT NULL, label TEXT NOT NULL,"
                            + " before TEXT NOT NULL, after TEXT NOT NULL, made TEXT NOT NULL DEFAULT CURRENT_TIMESTAMP, PRIMARY KEY (commission, seq))",
                    "CREATE TABLE place (name TEXT PRIMARY KEY, value TEXT NOT NULL)"),
            List.of("ALTER TABLE commission ADD COLUMN due TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE commission ADD COLUMN notes TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE commission ADD COLUMN state TEXT NOT NULL DEFAULT ''",
                    "ALTER TABLE commission ADD COLUMN archived INTEGER NOT NULL DEFAULT 0"),
            List.of("CREATE TABLE version (id INTEGER PRIMARY KEY, commission INTEGER NOT NULL REFERENCES commission(id) ON DELETE CASCADE, name TEXT NOT NULL,"
                    + " made TEXT NOT NULL, document TEXT NOT NULL)",
                    "CREATE TABLE measuring (id INTEGER PRIMARY KEY, wearer TEXT NOT NULL, day TEXT NOT NULL, document TEXT NOT NULL)",
                    "CREATE INDEX measuring_wearer ON measuring (wearer)"),
            List.of("ALTER TABLE commission ADD COLUMN seal TEXT NOT NULL DEFAULT ''"),
            List.of("CREATE TABLE attempt (id INTEGER PRIMARY KEY, person TEXT NOT NULL, made TEXT NOT NULL, school TEXT NOT NULL, step TEXT NOT NULL,"
                    + " answer TEXT NOT NULL, correct INTEGER NOT NULL, slip TEXT NOT NULL)",
                    "CREATE INDEX attempt_person ON attempt (person)"));

    private Migrations() {}

    /** The version that this program writes. */
    static int newest() {
        return STEPS.size();
    }

    static int version(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement(); ResultSet rows = statement.executeQuery("PRAGMA user_version")) {
            return rows.getInt(1);
        }
    }

    /** Brings the book to the newest version. Whoever calls this has begun a transaction. */
    static void run(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (List<String> step : STEPS.subList(version(connection), STEPS.size())) {
                for (String sql : step) {
                    statement.execute(sql);
                }
            }
            statement.execute("PRAGMA user_version=" + newest());
        }
    }
}
