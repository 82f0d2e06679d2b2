package bathyra.book;

import bathyra.garment.Commission;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/** States of a commission that the cutter named on purpose, to come back to or to compare with. */
public final class Versions {
    private final WorkshopBook book;
    private final Connection connection;

    Versions(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /** A named state of a commission. */
    public record Version(long id, String name, LocalDateTime made, Commission commission) {}

    /** Keeps a state under a name. */
    public void keep(long commission, String name, Commission state) {
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
                    return null;
                }));
    }

    /** The versions of a commission, the newest first. */
    public List<Version> of(long commission) {
        return book.run("list the versions", () -> {
            book.require(Seal.Table.VERSION, "commission = ?", commission);
            List<Version> versions = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(
                    "SELECT id, name, made, document FROM version WHERE commission = ? ORDER BY id DESC")) {
                query.setLong(1, commission);
                try (ResultSet rows = query.executeQuery()) {
                    while (rows.next()) {
                        versions.add(new Version(
                                rows.getLong(1),
                                rows.getString(2),
                                LocalDateTime.parse(rows.getString(3)),
                                book.read(rows.getString(4))));
                    }
                }
            }
            return versions;
        });
    }
}
