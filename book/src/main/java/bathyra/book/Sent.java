package bathyra.book;

import bathyra.files.json.BadDocument;
import bathyra.files.json.OutlinesJson;
import bathyra.piece.PanelOutline;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What was sent out of a commission last, by packet, with the outlines of its panels: so that one knows when an older one is about. */
public final class Sent {
    private static final Logger LOG = LoggerFactory.getLogger(Sent.class);
    private final WorkshopBook book;
    private final Connection connection;

    Sent(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /** A packet as it went out. @param outlines of the panels, as the draft had them */
    public record Out(LocalDate day, List<PanelOutline> outlines) {}

    /** Keeps that a packet went out, in the place of what is on record of it. */
    public void keep(long commission, String packet, Out out) {
        book.run(
                "keep what was sent out",
                () -> book.transaction(() -> {
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO sent (commission, packet, day, document) VALUES (?, ?, ?, ?)"
                                    + " ON CONFLICT (commission, packet) DO UPDATE SET day = excluded.day, document = excluded.document")) {
                        insert.setLong(1, commission);
                        insert.setString(2, packet);
                        insert.setString(3, out.day().toString());
                        insert.setString(4, OutlinesJson.write(out.outlines()));
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.SENT, "commission = ? AND packet = ?", commission, packet);
                    return null;
                }));
    }

    /** The last of a packet of a commission; empty when none went out. */
    public Optional<Out> last(long commission, String packet) {
        return book.run("read what was sent out", () -> {
            book.require(Seal.Table.SENT, "commission = ? AND packet = ?", commission, packet);
            try (PreparedStatement query =
                    connection.prepareStatement("SELECT day, document FROM sent WHERE commission = ? AND packet = ?")) {
                query.setLong(1, commission);
                query.setString(2, packet);
                try (ResultSet row = query.executeQuery()) {
                    return row.next() ? out(row.getString(1), row.getString(2)) : Optional.empty();
                }
            }
        });
    }

    private Optional<Out> out(String day, String document) {
        try {
            List<PanelOutline> outlines = OutlinesJson.read(document);
            return book.day(day).map(d -> new Out(d, outlines));
        } catch (BadDocument e) {
            LOG.warn("what was sent out cannot be compared", e);
            return Optional.empty();
        }
    }
}
