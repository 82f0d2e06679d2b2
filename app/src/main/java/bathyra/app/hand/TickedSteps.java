package bathyra.app.hand;

import bathyra.app.workshop.Workshop;
import bathyra.book.BookFailure;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** How far each piece is drawn on the table: kept in the book, for a piece is seldom drawn in one sitting. */
final class TickedSteps {
    private static final Logger LOG = LoggerFactory.getLogger(TickedSteps.class);
    private static final String KEPT = "by-hand-steps";
    /** So many pieces are remembered, those that were drawn last. */
    private static final int MOST = 400;

    private final Workshop workshop;
    /** The one that was ticked last stands last. */
    private final Map<String, Integer> done = new LinkedHashMap<>();

    TickedSteps(Workshop workshop) {
        this.workshop = workshop;
        workshop.book().place(KEPT).ifPresent(this::read);
    }

    /** What cannot be read counts as not drawn. */
    private void read(String text) {
        for (String line : text.split("\n")) {
            int space = line.lastIndexOf(' ');
            try {
                done.put(line.substring(0, space), Integer.parseInt(line.substring(space + 1)));
            } catch (IndexOutOfBoundsException | NumberFormatException e) {
                LOG.warn("a ticked step could not be read: {}", line);
            }
        }
    }

    /** How many steps of a piece are done. */
    int of(String piece) {
        return done.getOrDefault(piece, 0);
    }

    void tick(String piece, int steps) {
        done.remove(piece);
        if (steps > 0) {
            done.put(piece, steps);
        }
        while (done.size() > MOST) {
            done.remove(done.keySet().iterator().next());
        }
        try {
            workshop.book()
                    .keepPlace(
                            KEPT,
                            done.entrySet().stream()
                                    .map(e -> e.getKey() + " " + e.getValue())
                                    .collect(Collectors.joining("\n")));
        } catch (BookFailure e) {
            workshop.say(e.getMessage());
        }
    }
}
