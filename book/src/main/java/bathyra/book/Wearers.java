package bathyra.book;

import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import bathyra.garment.Wearer;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.util.List;

/** What is done to a wearer in the whole book: another name, or erasing for good. Body data are private. */
public final class Wearers {
    private final WorkshopBook book;
    private final Connection connection;

    Wearers(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /**
     * Erases a wearer for good: every commission, every change that led to it. The freed pages are overwritten and given back, and
     * the backups, in which the figures still stand, are taken away and one is made anew.
     */
    public void erase(String wearer) {
        book.run("erase the wearer", () -> {
            try (Statement statement = connection.createStatement()) {
                statement.execute("PRAGMA secure_delete=ON");
            }
            book.transaction(() -> {
                for (String table : List.of("commission", "measuring")) {
                    try (PreparedStatement delete = connection.prepareStatement("DELETE FROM " + table + " WHERE wearer = ?")) {
                        delete.setString(1, wearer);
                        delete.executeUpdate();
                    }
                }
                return null;
            });
            return null;
        });
        forget();
    }

    /** Gives a wearer another name everywhere: in the commissions, in every change that led to them, in versions and sets. */
    public void rename(String wearer, String name) {
        book.run("rename the wearer", () -> {
            try (Statement statement = connection.createStatement()) {
                statement.execute("PRAGMA secure_delete=ON");
            }
            return book.transaction(() -> {
                rewrite("SELECT rowid, before FROM edit WHERE commission IN (SELECT id FROM commission WHERE wearer = ?)", "UPDATE edit SET before = ? WHERE rowid = ?", wearer, name);
                rewrite("SELECT rowid, after FROM edit WHERE commission IN (SELECT id FROM commission WHERE wearer = ?)", "UPDATE edit SET after = ? WHERE rowid = ?", wearer, name);
                rewrite("SELECT id, document FROM version WHERE commission IN (SELECT id FROM commission WHERE wearer = ?)", "UPDATE version SET document = ? WHERE id = ?", wearer, name);
                rewrite("SELECT id, document FROM measuring WHERE wearer = ?", "UPDATE measuring SET document = ? WHERE id = ?", wearer, name);
                rewrite("SELECT id, document FROM commission WHERE wearer = ?", "UPDATE commission SET document = ?1, seal = ?3 WHERE id = ?2", wearer, name);
                for (String table : List.of("commission", "measuring")) {
                    try (PreparedStatement update = connection.prepareStatement("UPDATE " + table + " SET wearer = ? WHERE wearer = ?")) {
                        update.setString(1, name);
                        update.setString(2, wearer);
                        update.executeUpdate();
                    }
                }
                try (PreparedStatement labels = connection.prepareStatement("UPDATE edit SET label = 'wearer renamed' WHERE instr(label, ?) > 0")) {
                    labels.setString(1, wearer);
                    labels.executeUpdate();
                }
                return null;
            });
        });
        forget();
    }

    private void rewrite(String query, String update, String wearer, String name) throws SQLException {
        try (PreparedStatement find = connection.prepareStatement(query); PreparedStatement write = connection.prepareStatement(update)) {
            find.setString(1, wearer);
            try (ResultSet rows = find.executeQuery()) {
                while (rows.next()) {
                    Commission commission = book.read(rows.getString(2));
                    String document = CommissionJson.write(commission.withWearer(new Wearer(name, commission.wearer().experience())));
                    write.setString(1, document);
                    write.setLong(2, rows.getLong(1));
                    if (write.getParameterMetaData().getParameterCount() > 2) {
                        write.setString(3, Seal.of(document));
                    }
                    write.addBatch();
                }
            }
            write.executeBatch();
        }
    }

    /** Gives back the freed pages, empties the log, and replaces the backups, so that no file holds any more what was taken away. */
    private void forget() {
        book.run("forget what was taken away", () -> {
            try (Statement statement = connection.createStatement()) {
                statement.execute("VACUUM");
                statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
            }
            return null;
        });
        Backups backups = new Backups(book.file());
        backups.forget();
        backups.make(connection, LocalDateTime.now());
    }
}
