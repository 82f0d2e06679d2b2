package bathyra.book;

import bathyra.draft.Draft;
import bathyra.geometry.Point;
import bathyra.piece.Sketch;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** How the garments look: the outlines of their pieces, coarse, kept when they are drafted so that a list of hundreds shows them at once. */
public final class Sketches {
    private final WorkshopBook book;
    private final Connection connection;

    Sketches(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /** Keeps how a draft looks. */
    public void keep(long commission, Draft draft) {
        String lines = write(Sketch.of(draft.pattern()));
        book.run(
                "keep how a garment looks",
                () -> book.transaction(() -> {
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO sketch (commission, lines) SELECT id, ? FROM commission WHERE id = ?"
                                    + " ON CONFLICT (commission) DO UPDATE SET lines = excluded.lines")) {
                        insert.setString(1, lines);
                        insert.setLong(2, commission);
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.SKETCH, "commission = ?", commission);
                    return null;
                }));
    }

    /** The pieces side by side in wearing order, each a closed line, mm from the upper left corner; empty for one that was not drafted yet. */
    public Optional<List<List<Point>>> find(long commission) {
        return book.run("look how a garment looks", () -> {
            try (PreparedStatement query =
                    connection.prepareStatement("SELECT lines FROM sketch WHERE commission = ?")) {
                query.setLong(1, commission);
                try (ResultSet row = query.executeQuery()) {
                    return row.next() ? Optional.of(read(row.getString(1))) : Optional.empty();
                }
            }
        });
    }

    /** The commissions of which it is known. */
    public Set<Long> drawn() {
        return book.run("look which garments are drawn", () -> {
            Set<Long> drawn = new HashSet<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery("SELECT commission FROM sketch")) {
                while (rows.next()) {
                    drawn.add(rows.getLong(1));
                }
            }
            return drawn;
        });
    }

    static String write(List<List<Point>> lines) {
        StringBuilder text = new StringBuilder();
        for (List<Point> line : lines) {
            text.append(text.isEmpty() ? "" : ";");
            for (int i = 0; i < line.size(); i++) {
                text.append(i == 0 ? "" : " ")
                        .append(Math.round(line.get(i).x()))
                        .append(',')
                        .append(Math.round(line.get(i).y()));
            }
        }
        return text.toString();
    }

    /** What cannot be read is not drawn. */
    static List<List<Point>> read(String text) {
        List<List<Point>> lines = new ArrayList<>();
        for (String line : text.split(";")) {
            List<Point> points = new ArrayList<>();
            for (String point : line.split(" ")) {
                if (point.matches("-?\\d{1,6},-?\\d{1,6}")) {
                    String[] at = point.split(",");
                    points.add(new Point(Integer.parseInt(at[0]), Integer.parseInt(at[1])));
                }
            }
            if (points.size() > 2) {
                lines.add(points);
            }
        }
        return lines;
    }
}
