package bathyra.book;

import bathyra.files.json.BadDocument;
import bathyra.files.json.PlanJson;
import bathyra.files.json.WorkJson;
import bathyra.garment.Commission;
import bathyra.plan.Plan;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The commissions as work: what is left to do on hundreds of them is planned without drafting one. */
public final class Works {
    private static final Logger LOG = LoggerFactory.getLogger(Works.class);
    /** A document as far as what there is to do hangs on it. */
    private static final String DESIGN = "json_remove(%s, '$.plan', '$.fittings', '$.title', '$.wearer')";

    private final WorkshopBook book;
    private final Connection connection;

    Works(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /**
     * A commission as work.
     *
     * @param plan what is on record of its making
     * @param work what there is to do as it was counted last ({@link #current} says whether anything was changed since); empty until then
     */
    public record Row(
            long id, String title, String wearer, boolean archived, Plan plan, Optional<WorkJson.Work> work) {}

    /** All commissions, in the order in which they were begun. One whose plan cannot be read has none. */
    public List<Row> all() {
        return book.run("list the work", () -> {
            List<Kept> kept = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery(
                            "SELECT commission.id, title, wearer, archived, json_extract(commission.document, '$.plan'), due, work.document"
                                    + " FROM commission LEFT JOIN work ON work.commission = commission.id"
                                    + " WHERE commission.id NOT IN (SELECT commission FROM trash) ORDER BY commission.id")) {
                while (rows.next()) {
                    kept.add(new Kept(
                            rows.getLong(1),
                            rows.getString(2),
                            rows.getString(3),
                            rows.getInt(4) != 0,
                            rows.getString(5),
                            rows.getString(6),
                            rows.getString(7)));
                }
            }
            // Hundreds of them are read while the cutter waits for the page.
            return kept.parallelStream().map(this::row).toList();
        });
    }

    /** A commission as it stands in the book, unread. */
    private record Kept(long id, String title, String wearer, boolean archived, String plan, String due, String work) {}

    private Row row(Kept kept) {
        Optional<WorkJson.Work> work = work(kept.work());
        Plan plan = plan(kept.plan());
        return new Row(
                kept.id(),
                kept.title(),
                kept.wearer(),
                kept.archived(),
                plan.due().isPresent() ? plan : plan.due(book.day(kept.due())),
                work);
    }

    /** The commissions for which what there is to do was counted as they stand now. */
    public Set<Long> current() {
        return book.run("look what is counted", () -> {
            Set<Long> found = new HashSet<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery("SELECT commission.id, design, "
                            + DESIGN.formatted("commission.document")
                            + " FROM commission JOIN work ON work.commission = commission.id")) {
                while (rows.next()) {
                    if (Seal.ofDocument(rows.getString(3)).equals(rows.getString(2))) {
                        found.add(rows.getLong(1));
                    }
                }
            }
            return found;
        });
    }

    private static Plan plan(String text) {
        if (text == null) {
            return Plan.NONE;
        }
        try {
            return PlanJson.read(text);
        } catch (BadDocument e) {
            LOG.warn("a plan could not be read", e);
            return Plan.NONE;
        }
    }

    private static Optional<WorkJson.Work> work(String text) {
        if (text == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(WorkJson.read(text));
        } catch (BadDocument e) {
            LOG.warn("what there is to do is counted again", e);
            return Optional.empty();
        }
    }

    /** Keeps what there is to do on a commission, as it was counted. A bill that is not there leaves the one that is. */
    public void keep(long id, Commission of, WorkJson.Work work) {
        String document = WorkshopBook.readable(of);
        book.run(
                "keep what there is to do",
                () -> book.transaction(() -> {
                    String design = Seal.ofDocument(design(document));
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO work (commission, design, document) SELECT id, ?, ? FROM commission WHERE id = ?"
                                    + " ON CONFLICT (commission) DO UPDATE SET design = excluded.design, document = excluded.document")) {
                        insert.setString(1, design);
                        insert.setString(
                                2, WorkJson.write(work.bill().isPresent() ? work : withLaid(id, design, work)));
                        insert.setLong(3, id);
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.WORK, "commission = ?", id);
                    return null;
                }));
    }

    /** With the bill that was laid for the same design. */
    private WorkJson.Work withLaid(long id, String design, WorkJson.Work work) throws SQLException {
        try (PreparedStatement query =
                connection.prepareStatement("SELECT document FROM work WHERE commission = ? AND design = ?")) {
            query.setLong(1, id);
            query.setString(2, design);
            try (ResultSet rows = query.executeQuery()) {
                return rows.next()
                        ? new WorkJson.Work(
                                work.counts(), work(rows.getString(1)).flatMap(WorkJson.Work::bill))
                        : work;
            }
        }
    }

    private String design(String document) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement("SELECT " + DESIGN.formatted("?"))) {
            query.setString(1, document);
            try (ResultSet rows = query.executeQuery()) {
                rows.next();
                return rows.getString(1);
            }
        }
    }
}
