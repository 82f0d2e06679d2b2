package bathyra.book;

import bathyra.files.json.BadDocument;
import bathyra.files.json.HealthJson;
import bathyra.garment.HealthRecord;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.Optional;

/** What wearers answered before being laced (C17.1): apart from every design, one record a wearer, gone when the wearer is erased. */
public final class Health {
    private final WorkshopBook book;
    private final Connection connection;

    Health(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /** The record of a wearer, however the name's spaces are written. @throws BookFailure when it is not as it was written */
    public Optional<HealthRecord> of(String wearer) {
        return book.run("read what was answered", () -> {
            String key = Wearers.plain(wearer);
            book.require(Seal.Table.HEALTH, "wearer = ?", key);
            try (PreparedStatement query =
                    connection.prepareStatement("SELECT document FROM health WHERE wearer = ?")) {
                query.setString(1, key);
                try (ResultSet rows = query.executeQuery()) {
                    return rows.next() ? Optional.of(HealthJson.read(rows.getString(1))) : Optional.empty();
                }
            } catch (BadDocument e) {
                throw new BookFailure("What " + wearer + " answered before being laced cannot be read. Ask again.", e);
            }
        });
    }

    /** Keeps the answers of a wearer in the place of those before. */
    public void keep(String wearer, HealthRecord record) {
        book.run(
                "keep what was answered",
                () -> book.transaction(() -> {
                    String key = Wearers.plain(wearer);
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO health (wearer, document) VALUES (?, ?) ON CONFLICT (wearer) DO UPDATE SET document = excluded.document")) {
                        insert.setString(1, key);
                        insert.setString(2, HealthJson.write(record));
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.HEALTH, "wearer = ?", key);
                    return null;
                }));
    }
}
