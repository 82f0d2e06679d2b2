package bathyra.book;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.zip.CRC32C;

/**
 * A check sum beside each commission. The database finds a page that is out of order, not a digit that has turned into another:
 * a bust of 960 that reads 860 would be cut.
 */
final class Seal {
    /** The version of the book from which on commissions are sealed. */
    private static final int SINCE = 4;

    private Seal() {}

    static String of(String document) {
        CRC32C sum = new CRC32C();
        sum.update(document.getBytes(StandardCharsets.UTF_8));
        return Long.toHexString(sum.getValue());
    }

    /** The title of the first commission that is not as it was written. One from before there were seals passes. */
    static Optional<String> broken(Connection connection) throws SQLException {
        if (Migrations.version(connection) < SINCE) {
            return Optional.empty();
        }
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT title, document, seal FROM commission WHERE seal <> ''")) {
            while (rows.next()) {
                if (!of(rows.getString(2)).equals(rows.getString(3))) {
                    return Optional.of(rows.getString(1));
                }
            }
            return Optional.empty();
        }
    }
}
