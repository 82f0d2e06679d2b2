package bathyra.panel;

import bathyra.block.Block;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.Gore;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.PieceRole;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/**
 * What the gores of a panel give at each level, and the panel therefore takes from its seams, so that the girth stays as planned (C8.2).
 *
 * @param given by panel from centre front and level, mm
 * @param each what each gore gives by itself
 */
record GoreRoom(List<Map<Level, Double>> given, List<Map<Level, Double>> each) {
    /** The point of a slit stays so far from waist and bust line, mm. */
    private static final double CLEAR = 12;

    /**
     * @param lower how deep the lower edge lies at the middle of a panel, counted from centre front
     * @param upper the same of the upper edge
     * @throws NotDraftable when a gore stands on no panel, or its point comes too near the waist
     */
    static GoreRoom of(
            Garment garment,
            Block block,
            List<Level> levels,
            int panels,
            IntToDoubleFunction lower,
            IntToDoubleFunction upper)
            throws NotDraftable {
        List<Map<Level, Double>> given = IntStream.range(0, panels)
                .<Map<Level, Double>>mapToObj(i -> new EnumMap<>(Level.class))
                .toList();
        List<Map<Level, Double>> each = new ArrayList<>();
        for (Gore gore : garment.gores()) {
            int panel = panel(garment, gore, panels);
            double edge = (gore.above() ? upper : lower).applyAsDouble(panel);
            double point = edge + (gore.above() ? 1 : -1) * gore.height().millimetres();
            requireClear(gore, block, point);
            Map<Level, Double> own = new EnumMap<>(Level.class);
            for (Level level : levels) {
                double from = gore.above() ? point - block.front(level) : block.front(level) - point;
                if (from > 0) {
                    own.put(
                            level,
                            gore.width().millimetres() * from / gore.height().millimetres());
                }
            }
            own.forEach((level, width) -> given.get(panel).merge(level, width, Double::sum));
            each.add(own);
        }
        return new GoreRoom(given, each);
    }

    private static int panel(Garment garment, Gore gore, int panels) throws NotDraftable {
        int fronts = (int) garment.seams().stream()
                        .filter(s -> s.part() == SeamPlace.Part.FRONT)
                        .count()
                + 1;
        boolean reaches = Gore.opensIn(garment, gore.above());
        for (int i = 0; reaches && i < panels; i++) {
            String id = i < fronts ? PieceRole.FRONT.id(i + 1) : PieceRole.BACK.id(panels - i);
            if (id.equals(gore.panel())) {
                return i;
            }
        }
        throw refused(
                gore,
                0,
                Sentence.of(
                        reaches
                                ? gore.name() + " in " + gore.panel()
                                        + ": this garment has no such panel. Set it into another, or take it away."
                                : gore.above()
                                        ? gore.name() + " in " + gore.panel()
                                                + ": a gusset opens in the upper edge of a strapless corset over the bust. Take it away, or choose such a corset."
                                        : gore.name() + " in " + gore.panel()
                                                + (garment.lowerEdge().isBasque()
                                                        ? ": the body ends in a basque, and its skirt has no slit. Choose another lower edge, or take the gore away."
                                                        : ": this garment ends at the waist. Let it reach below, or take the gore away.")));
    }

    private static void requireClear(Gore gore, Block block, double point) throws NotDraftable {
        double room = gore.above() ? block.front(Level.WAIST) - point : point - block.front(Level.WAIST);
        if (room < CLEAR) {
            throw refused(
                    gore,
                    room,
                    Sentence.of(
                            gore.name() + " in " + gore.panel()
                                    + ": its point would lie {} from the waist, and {} are needed. Make it {} lower.",
                            Length.mm(room),
                            Length.mm(CLEAR),
                            Length.mm(Math.ceil(CLEAR - room))));
        }
    }

    private static NotDraftable refused(Gore gore, double value, Sentence sentence) {
        return new NotDraftable(
                Finding.of(FindingKind.GORE, gore.panel(), Finding.Status.FAULT, value, CLEAR, sentence));
    }

    /** What a panel takes from its seams at a level, mm. */
    double at(int panel, Level level) {
        return given.get(panel).getOrDefault(level, 0.0);
    }
}
