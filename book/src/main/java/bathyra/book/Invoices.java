package bathyra.book;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.LongFunction;

/**
 * The invoices that were issued. They are numbered from 1 without a gap; none is altered or taken away afterwards, a mistake is put right
 * by another. Undo does not reach them.
 */
public final class Invoices {
    private final WorkshopBook book;
    private final Connection connection;

    Invoices(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /**
     * An invoice as it was issued.
     *
     * @param commission what it is for; 0 once its wearer was erased
     * @param wearer to whom; empty where the wearer was erased
     * @param cents its amount in hundredths
     * @param document all that stands on it; empty where the wearer was erased
     */
    public record Issued(long number, LocalDate day, long commission, String wearer, long cents, String document) {}

    /** Issues one. @param document writes what stands on it, given its number */
    public Issued issue(LocalDate day, long commission, String wearer, long cents, LongFunction<String> document) {
        return book.run(
                "issue an invoice",
                () -> book.transaction(() -> {
                    long number;
                    try (PreparedStatement last =
                                    connection.prepareStatement("SELECT COALESCE(MAX(number), 0) + 1 FROM invoice");
                            ResultSet rows = last.executeQuery()) {
                        rows.next();
                        number = rows.getLong(1);
                    }
                    Issued issued = new Issued(number, day, commission, wearer, cents, document.apply(number));
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO invoice (number, day, commission, wearer, cents, document) VALUES (?, ?, ?, ?, ?, ?)")) {
                        insert.setLong(1, number);
                        insert.setString(2, day.toString());
                        insert.setLong(3, commission);
                        insert.setString(4, wearer);
                        insert.setLong(5, cents);
                        insert.setString(6, issued.document());
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.INVOICE, "number = ?", number);
                    return issued;
                }));
    }

    /** All of them, the newest first. */
    public List<Issued> all() {
        return book.run("list the invoices", () -> {
            book.require(Seal.Table.INVOICE, "1");
            List<Issued> found = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(
                            "SELECT number, day, commission, wearer, cents, document FROM invoice ORDER BY number DESC");
                    ResultSet rows = query.executeQuery()) {
                while (rows.next()) {
                    found.add(new Issued(
                            rows.getLong(1),
                            LocalDate.parse(rows.getString(2)),
                            rows.getLong(3),
                            rows.getString(4),
                            rows.getLong(5),
                            rows.getString(6)));
                }
            }
            return found;
        });
    }

    /** The invoices of a wearer, the newest first. */
    public List<Issued> of(String wearer) {
        return all().stream().filter(i -> Wearers.isSame(i.wearer(), wearer)).toList();
    }
}
