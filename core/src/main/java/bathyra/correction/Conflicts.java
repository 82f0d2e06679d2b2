package bathyra.correction;

import bathyra.draft.Draft;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Where the corrections of a fitting ask for the same cloth twice, or for more than a pattern should be corrected by (C15.3). */
final class Conflicts {
    private static final double SEAM_MOST = 25;
    private static final double GIRTH_MOST = 0.04;

    private Conflicts() {}

    static List<Sentence> of(Draft before, List<Adjustment> changes) {
        List<Sentence> said = new ArrayList<>();
        Map<Level, Double> given = new EnumMap<>(Level.class);
        Map<Level, Double> pinched = new EnumMap<>(Level.class);
        Map<Cell, Double> cells = new HashMap<>();
        for (Adjustment each : changes) {
            double by = each.change().by().millimetres();
            if (each.change() instanceof Change.Girth girth) {
                given.merge(girth.level(), by, Double::sum);
            } else if (each.change() instanceof Change.Pinch pinch) {
                pinched.merge(pinch.cell().level(), 2 * by, Double::sum);
                cells.merge(pinch.cell(), by, Double::sum);
            }
        }
        given.forEach((level, by) -> {
            Double pins = pinched.get(level);
            if (pins != null) {
                said.add(Sentence.of(
                        "At the " + low(level)
                                + " the pins take {} in all and the gap asks for {}: the girth follows the gap, the pins keep their places.",
                        Length.mm(pins),
                        Length.mm(by)));
            }
        });
        cells.forEach((cell, by) -> seam(before, cell, by, said));
        for (Level level : Level.values()) {
            double all = given.getOrDefault(level, -pinched.getOrDefault(level, 0.0));
            if (before.girths().has(level)
                    && Math.abs(all)
                            > GIRTH_MOST * before.girths().at(level).worn().value()) {
                said.add(Sentence.of(
                        level.label()
                                + ": {} is more than 4 % of the girth. Measure again, and cut a second toile from the new draft.",
                        Length.mm(Math.abs(all))));
            }
        }
        return said;
    }

    private static void seam(Draft before, Cell cell, double by, List<Sentence> said) {
        String where = cell.seam().label() + " at the " + low(cell.level());
        if (before.commission().garment().intakes().containsKey(cell)) {
            double locked = before.intakes().at(cell.level(), cell.seam()).value();
            said.add(Sentence.of(
                    where + " is locked at {}: on top of that the pinch makes it {}.",
                    Length.mm(locked),
                    Length.mm(locked + by)));
        }
        if (Math.abs(by) > SEAM_MOST) {
            said.add(Sentence.of(
                    where
                            + ": {} in one seam is more than {}. Measure again, and cut a second toile from the new draft.",
                    Length.mm(Math.abs(by)),
                    Length.mm(SEAM_MOST)));
        }
        if (cell.seam().equals(SeamPlace.CENTRE_BACK)) {
            said.add(Sentence.of(where + ": centre back is no longer as it was; look at the lacing or the zip."));
        }
    }

    private static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
