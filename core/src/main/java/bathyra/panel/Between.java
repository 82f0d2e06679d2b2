package bathyra.panel;

import bathyra.block.Block;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.EaseHere;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.girth.GirthPlan;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/**
 * A line that the cutter put between two levels, with room given or taken there (C5.1).
 *
 * @param asked what the cutter set
 * @param after the level above it
 * @param before the level below it
 * @param share how far down from the one to the other it lies, 0 to 1; alike on every seam
 */
public record Between(EaseHere asked, Level after, Level before, double share) {
    /**
     * The lines of a garment, from the top.
     *
     * @throws NotDraftable when one lies beyond the outermost levels, on a level or on another line
     */
    static List<Between> of(Garment garment, Block block, GirthPlan girths) throws NotDraftable {
        List<Level> levels = girths.levels().stream().map(LevelPlan::level).toList();
        List<Between> lines = new ArrayList<>();
        for (EaseHere asked : garment.drawnBetween()) {
            lines.add(placed(asked, garment, block, levels));
        }
        lines.sort(Comparator.comparingDouble((Between b) -> -b.asked.above().millimetres()));
        for (int i = 1; i < lines.size(); i++) {
            double apart = lines.get(i - 1).height() - lines.get(i).height();
            if (apart < EaseHere.CLEAR) {
                throw refused(
                        lines.get(i).asked,
                        apart,
                        Sentence.of(
                                where(lines.get(i).asked)
                                        + " lies {} under another line; {} are needed between them. Move one, or make them one.",
                                Length.mm(apart),
                                Length.mm(EaseHere.CLEAR)));
            }
        }
        return lines;
    }

    private static Between placed(EaseHere asked, Garment garment, Block block, List<Level> levels)
            throws NotDraftable {
        if (asked.seam().isPresent() && !garment.seams().contains(asked.seam().get())) {
            throw refused(
                    asked,
                    0,
                    Sentence.of(where(asked) + " is set in a seam that this garment has not. Take the line away."));
        }
        if (asked.seam().equals(Optional.of(SeamPlace.CENTRE_BACK))
                && garment.length(LengthOption.CENTRE_BACK_IN).value() == 0) {
            throw refused(
                    asked,
                    0,
                    Sentence.of(
                            where(asked)
                                    + " is set at centre back, which is straight on this garment: bones or the fold lie there. Set it in the seam beside it."));
        }
        double depth = block.front(Level.WAIST) - asked.above().millimetres();
        for (int i = 0; i + 1 < levels.size(); i++) {
            double top = block.front(levels.get(i));
            double foot = block.front(levels.get(i + 1));
            double clear = Math.min(depth - top, foot - depth);
            if (clear >= EaseHere.CLEAR) {
                return new Between(asked, levels.get(i), levels.get(i + 1), (depth - top) / (foot - top));
            }
            if (clear >= 0) {
                Level near = depth - top < foot - depth ? levels.get(i) : levels.get(i + 1);
                throw refused(
                        asked,
                        clear,
                        Sentence.of(
                                where(asked) + " lies {} from the "
                                        + near.label().toLowerCase(Locale.ROOT)
                                        + "; {} are needed. Move it, or set the ease of that level instead.",
                                Length.mm(clear),
                                Length.mm(EaseHere.CLEAR)));
            }
        }
        double waist = block.front(Level.WAIST);
        throw refused(
                asked,
                depth,
                Sentence.of(
                        where(asked)
                                + " lies beyond the levels of this garment, which reach from {} above the waist to {} below it. Move it between them.",
                        Length.mm(waist - block.front(levels.get(0))),
                        Length.mm(block.front(levels.get(levels.size() - 1)) - waist)));
    }

    private static String where(EaseHere asked) {
        return "The ease " + Level.nameOf(asked.id());
    }

    private static NotDraftable refused(EaseHere asked, double value, Sentence sentence) {
        return new NotDraftable(
                Finding.of(FindingKind.EASE_HERE, asked.id(), Finding.Status.FAULT, value, EaseHere.CLEAR, sentence));
    }

    private double height() {
        return asked.above().millimetres();
    }

    /** The name of the line in files and on sheets. */
    public String id() {
        return asked.id();
    }

    /** What the straight run between the two levels has here of a figure of the plan, mm. */
    public double run(GirthPlan girths, Function<LevelPlan, Reckoned> figure) {
        double above = figure.apply(girths.at(after)).value();
        double below = figure.apply(girths.at(before)).value();
        return above + (below - above) * share;
    }

    /** What the front half, or the back half, has here more than the straight run, mm. */
    public double more(GirthPlan girths, boolean front) {
        double half = asked.ease().millimetres() / 2;
        if (asked.seam().isPresent()) {
            return switch (asked.seam().get().part()) {
                case FRONT -> front ? half : 0;
                case SIDE -> half / 2;
                case BACK, CENTRE_BACK -> front ? 0 : half;
            };
        }
        double inFront = run(girths, LevelPlan::frontShare);
        return half * (front ? inFront : 1 - inFront);
    }

    /**
     * What each seam has more of it, from centre front; the side's in two parts.
     *
     * @param seams with the place of each round the half, 0 to 1
     */
    double[][] shared(Garment garment, GirthPlan girths, List<SeamPlace> seams, double[] places) {
        double[][] parts = new double[seams.size()][2];
        for (int k = 0; k < 2; k++) {
            boolean front = k == 0;
            double[] weights = new double[seams.size()];
            double all = 0;
            for (int i = 0; i < weights.length; i++) {
                weights[i] = weight(garment, seams.get(i), places[i], front);
                all += weights[i];
            }
            for (int i = 0; i < weights.length; i++) {
                parts[i][k] = all == 0 ? 0 : more(girths, front) * weights[i] / all;
            }
        }
        return parts;
    }

    private double weight(Garment garment, SeamPlace seam, double place, boolean front) {
        boolean here =
                switch (seam.part()) {
                    case FRONT -> front;
                    case SIDE -> true;
                    case BACK, CENTRE_BACK -> !front;
                };
        if (!here) {
            return 0;
        }
        if (asked.seam().isPresent()) {
            return asked.seam().get().equals(seam) ? 1 : 0;
        }
        double weight = garment.kind().isPanelled()
                ? garment.weight(seam, place)
                : seam.part() == SeamPlace.Part.CENTRE_BACK ? 0 : 1;
        return seam.equals(SeamPlace.SIDE) ? weight / 2 : weight;
    }
}
