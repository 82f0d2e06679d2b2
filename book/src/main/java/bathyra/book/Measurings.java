package bathyra.book;

import bathyra.garment.Commission;
import bathyra.measure.MeasurementSet;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** The dated sets of figures of each wearer. A commission uses one of them, or figures of its own. */
public final class Measurings {
    private final WorkshopBook book;
    private final Connection connection;

    Measurings(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /** A set of figures and the day on which it was taken. */
    public record Measuring(long id, LocalDate day, MeasurementSet set) {}

    /** Keeps the figures of a commission as a set of its wearer; the day is that of the occasion, else today. */
    public void keep(Commission commission) {
        book.run(
                "keep the figures",
                () -> book.transaction(() -> {
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO measuring (wearer, day, document) VALUES (?, ?, ?)")) {
                        insert.setString(1, commission.wearer().name());
                        insert.setString(
                                2,
                                commission
                                        .measurements()
                                        .occasion()
                                        .day()
                                        .orElseGet(LocalDate::now)
                                        .toString());
                        insert.setString(3, WorkshopBook.readable(commission));
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.MEASURING, "id = last_insert_rowid()");
                    return null;
                }));
    }

    /** The sets of a wearer, the newest first. */
    public List<Measuring> of(String wearer) {
        return book.run("list the figures", () -> {
            book.require(Seal.Table.MEASURING, "wearer = ?", wearer);
            List<Measuring> found = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(
                    "SELECT id, day, document FROM measuring WHERE wearer = ? ORDER BY day DESC, id DESC")) {
                query.setString(1, wearer);
                try (ResultSet rows = query.executeQuery()) {
                    while (rows.next()) {
                        found.add(new Measuring(
                                rows.getLong(1),
                                LocalDate.parse(rows.getString(2)),
                                book.read(rows.getString(3)).measurements()));
                    }
                }
            }
            return found;
        });
    }
}
