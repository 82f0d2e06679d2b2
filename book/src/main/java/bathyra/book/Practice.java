package bathyra.book;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/** The log of what learners have tried, person by person. */
public final class Practice {
    private final WorkshopBook book;
    private final Connection connection;

    Practice(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /**
     * An answer to a step.
     *
     * @param school the school of drafting
     * @param step the step's title
     * @param answer what was answered, as it was said
     * @param slip which slip gives the answer; empty when it was right or no slip gives it
     */
    public record Attempt(
            String person,
            LocalDateTime made,
            String school,
            String step,
            String answer,
            boolean correct,
            String slip) {}

    public void keep(String person, String school, String step, String answer, boolean correct, String slip) {
        book.run(
                "keep an attempt",
                () -> book.transaction(() -> {
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO attempt (person, made, school, step, answer, correct, slip) VALUES (?, ?, ?, ?, ?, ?, ?)")) {
                        insert.setString(1, person);
                        insert.setString(
                                2,
                                LocalDateTime.now()
                                        .truncatedTo(ChronoUnit.SECONDS)
                                        .toString());
                        insert.setString(3, school);
                        insert.setString(4, step);
                        insert.setString(5, answer);
                        insert.setInt(6, correct ? 1 : 0);
                        insert.setString(7, slip);
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.ATTEMPT, "id = last_insert_rowid()");
                    return null;
                }));
    }

    /** Everybody who has tried something, by name. */
    public List<String> everybody() {
        return book.run("read who practises", () -> {
            List<String> found = new ArrayList<>();
            try (PreparedStatement query =
                            connection.prepareStatement("SELECT DISTINCT person FROM attempt ORDER BY person");
                    ResultSet rows = query.executeQuery()) {
                while (rows.next()) {
                    found.add(rows.getString(1));
                }
            }
            return found;
        });
    }

    /** What a person has tried, the newest first. */
    public List<Attempt> of(String person) {
        return book.run("read the attempts", () -> {
            book.require(Seal.Table.ATTEMPT, "person = ?", person);
            List<Attempt> found = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(
                    "SELECT made, school, step, answer, correct, slip FROM attempt WHERE person = ? ORDER BY id DESC")) {
                query.setString(1, person);
                try (ResultSet rows = query.executeQuery()) {
                    while (rows.next()) {
                        found.add(new Attempt(
                                person,
                                LocalDateTime.parse(rows.getString(1)),
                                rows.getString(2),
                                rows.getString(3),
                                rows.getString(4),
                                rows.getInt(5) != 0,
                                rows.getString(6)));
                    }
                }
            }
            return found;
        });
    }
}
