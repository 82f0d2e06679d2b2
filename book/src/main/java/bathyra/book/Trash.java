package bathyra.book;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Commissions that were thrown away: they lie here for thirty days and can be taken back, then they are gone. */
public final class Trash {
    /** So many days a commission can be taken back. */
    public static final int DAYS = 30;

    private final WorkshopBook book;
    private final Connection connection;

    Trash(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /** A commission in the trash. @param day on which it was thrown away */
    public record Thrown(Commissions.Entry entry, LocalDate day) {
        /** The day on which it is gone. */
        public LocalDate gone() {
            return day.plusDays(DAYS);
        }
    }

    public void throwAway(long commission, LocalDate day) {
        book.run(
                "throw a commission away",
                () -> book.transaction(() -> {
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO trash (commission, day) VALUES (?, ?) ON CONFLICT (commission) DO UPDATE SET day = excluded.day")) {
                        insert.setLong(1, commission);
                        insert.setString(2, day.toString());
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.TRASH, "commission = ?", commission);
                    return null;
                }));
    }

    public void takeBack(long commission) {
        book.run(
                "take a commission back",
                () -> book.transaction(() -> delete("DELETE FROM trash WHERE commission = ?", commission)));
    }

    /** What lies there, the latest first. */
    public List<Thrown> list() {
        return book.run("list the trash", () -> {
            book.require(Seal.Table.TRASH, "1");
            List<Thrown> thrown = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery(
                            "SELECT id, title, wearer, commission.due, state, archived, trash.day FROM commission"
                                    + " JOIN trash ON trash.commission = commission.id ORDER BY trash.day DESC, id")) {
                while (rows.next()) {
                    thrown.add(new Thrown(
                            book.commissions().entry(rows),
                            book.day(rows.getString(7)).orElseThrow()));
                }
            }
            return thrown;
        });
    }

    /** Takes away for good what was thrown away up to a day, with its pictures. Issued invoices stay. */
    public void empty(LocalDate upTo) {
        List<Long> gone = list().stream()
                .filter(t -> !t.day().isAfter(upTo))
                .map(t -> t.entry().id())
                .toList();
        gone.forEach(this::takeAway);
    }

    /** Takes one away for good. */
    public void takeAway(long commission) {
        book.run(
                "take a commission away",
                () -> book.transaction(() -> {
                    delete("UPDATE invoice SET commission = 0 WHERE commission = ?", commission);
                    Seal.renew(connection, Seal.Table.INVOICE, "commission = 0");
                    return delete("DELETE FROM commission WHERE id = ?", commission);
                }));
        book.pictures().erase(commission);
    }

    private Void delete(String sql, long commission) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            statement.setLong(1, commission);
            statement.executeUpdate();
        }
        return null;
    }
}
