package bathyra.correction;

import bathyra.block.Block;
import bathyra.draft.Draft;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Fitting;
import bathyra.fitting.FoldRun;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.fitting.Taken;
import bathyra.garment.Cover;
import bathyra.garment.DrawnLengths;
import bathyra.garment.EaseHere;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a mark of a fitting changes in the draft that was tried on (C15.4): a pure function of the two. */
public final class Corrections {
    /** So far to either side a moved edge runs out, mm. */
    private static final Length REACH = Length.mm(80);

    /** So much over the rib still counts as under the bust, mm. */
    private static final double UNDER = 25;
    /** So near the apex, as a share of the half, a wedge lies over it. */
    private static final double OVER_APEX = 0.02;

    private final Draft draft;
    private final Fitting fitting;
    private final Mark mark;
    /** What was seen in mm, less what was decided of it. */
    private final double amount;

    private Corrections(Draft draft, Fitting fitting, Mark mark) {
        this.draft = draft;
        this.fitting = fitting;
        this.mark = mark;
        this.amount = mark.amount().millimetres() * share();
    }

    private double share() {
        return mark.decision().isFollowed() ? mark.decision().share() : 1;
    }

    /** What would become of a mark if it were agreed, or of what has been agreed of it. @param draft what was cut */
    public static Becoming of(Draft draft, Fitting fitting, Mark mark) {
        return new Corrections(draft, fitting, mark).becoming();
    }

    private Becoming becoming() {
        return switch (mark.kind()) {
            case PINCH -> inSeam(amount);
            case LET_OUT -> inSeam(-amount);
            case EDGE -> edge(amount);
            case DIGS -> edge(mark.spot().isAbove() ? -amount : amount);
            case APEX -> apex();
            case FOLD -> fold();
            case GAP -> gap();
            case PLUMB -> plumb();
            case WEDGE -> wedge();
            case CLOTH -> cloth();
            case NOTE ->
                Becoming.nothing(
                        mark, Sentence.of("A note moves nothing. Look again next time, or put down what it asks for."));
        };
    }

    private Becoming one(Change change, Optional<Length> was) {
        return new Becoming(mark, List.of(adjusting(change, was)), Optional.empty());
    }

    private Adjustment adjusting(Change change, Optional<Length> was) {
        return new Adjustment(fitting.number(), mark.number(), mark.side(), change, was, true);
    }

    /** @param taken on each half, both edges together, mm */
    private Becoming inSeam(double taken) {
        Optional<SeamPlace> seam = mark.spot()
                .seam()
                .filter(s -> draft.commission().garment().seams().contains(s));
        if (seam.isEmpty()) {
            return Becoming.nothing(
                    mark,
                    Sentence.of("A pinch lies in a seam. Put it on the seam nearest to where the cloth is too much."));
        }
        if (seam.get().equals(SeamPlace.CENTRE_BACK) && isCentreBackStraight()) {
            return Becoming.nothing(
                    mark,
                    Sentence.of(
                            "Centre back is straight on this garment: bones or the fold lie there. Measure the gap instead, or pinch the seam beside it."));
        }
        boolean pins = fitting.setting().pinsToSeam() && mark.taken() == Taken.PINNED;
        Length by = Length.mm(pins ? 2 * taken : taken);
        Optional<Level> level = mark.spot().level().filter(this::has).or(() -> near(mark.spot()));
        if (level.isPresent()) {
            Cell cell = new Cell(level.get(), seam.get());
            return one(
                    new Change.Pinch(cell, by),
                    Optional.of(draft.intakes().at(cell.level(), cell.seam()).length()));
        }
        return one(new Change.PinchBetween(seam.get(), mark.spot().above(), by), Optional.empty());
    }

    private boolean isCentreBackStraight() {
        return draft.commission().garment().length(LengthOption.CENTRE_BACK_IN).value() == 0;
    }

    private boolean has(Level level) {
        return draft.girths().has(level);
    }

    /** The level so near to a height that it is meant; beyond the outermost level that is the one. */
    private Optional<Level> near(Spot spot) {
        List<Level> levels = levels();
        Level first = levels.get(0);
        Level last = levels.get(levels.size() - 1);
        double above = spot.above().millimetres();
        if (above >= height(first) || above <= height(last)) {
            return Optional.of(above >= height(first) ? first : last);
        }
        return levels.stream()
                .filter(l -> Math.abs(height(l) - spot.above().millimetres()) < EaseHere.CLEAR)
                .min(Comparator.comparingDouble(
                        l -> Math.abs(height(l) - spot.above().millimetres())));
    }

    private List<Level> levels() {
        return draft.commission().garment().levels();
    }

    /** How high a level lies above the waist at centre front, mm. */
    private double height(Level level) {
        Block block = draft.block();
        return block.front(Level.WAIST) - block.front(level);
    }

    /** @param higher mm */
    private Becoming edge(double higher) {
        boolean upper = mark.spot().isAbove();
        Garment garment = draft.commission().garment();
        if (upper && garment.top().cover() != Cover.STRAPLESS) {
            return drawn(
                    new Toile(draft).overShoulder(mark.spot(), garment.top().cover()), higher);
        }
        if (!upper && garment.lowerEdge().isHem()) {
            return drawn(DrawnEdge.HEM, higher);
        }
        if (!upper && garment.lowerEdge().endsAtWaist()) {
            return Becoming.nothing(
                    mark, Sentence.of("This lower edge follows the waist: choose another lower edge on Edges."));
        }
        Change.Edge change = new Change.Edge(upper, mark.spot().place(), REACH, Length.mm(higher));
        return one(change, Measured.at(draft, change).map(Length::mm));
    }

    /** An edge that is drawn as a whole moves as a whole, by its length. */
    private Becoming drawn(DrawnEdge edge, double higher) {
        Garment garment = draft.commission().garment();
        Optional<LengthOption> option = DrawnLengths.of(edge, garment);
        if (option.isEmpty()) {
            return Becoming.nothing(
                    mark, Sentence.of("{}: this garment draws it by no length of its own.", edge.label()));
        }
        double now = garment.length(option.get()).value();
        if (now - higher < option.get().least().millimetres()
                || now - higher > option.get().most().millimetres()) {
            return Becoming.nothing(
                    mark,
                    Sentence.of(
                            "{} would be {}, and {} to {} can be drawn. Ask for less, or choose another edge on Edges.",
                            option.get().label(),
                            Length.mm(now - higher),
                            option.get().least(),
                            option.get().most()));
        }
        return one(new Change.Drawn(edge, Length.mm(higher)), Optional.of(Length.mm(now)));
    }

    /** Which contour wedge it is follows from where the cloth stood off: beside the apex, on the side, under the bust or between the breasts (C9). */
    private Becoming wedge() {
        Garment garment = draft.commission().garment();
        if (draft.cutting().apex().isEmpty()) {
            return Becoming.nothing(
                    mark,
                    Sentence.of(
                            "A wedge runs out at the apex, and no seam passes there on this garment. Pinch the seam beside it instead."));
        }
        ContourWedge wedge = wedgeAt(mark.spot(), garment);
        double wide = garment.wedge(wedge) + amount;
        if (wide < 0 || wide > ContourWedge.MOST.millimetres()) {
            return Becoming.nothing(
                    mark,
                    Sentence.of(
                            "{}: the wedge would be {} wide, and 0 to {} can be closed. Pinch the seam beside it for the rest.",
                            wedge.label(),
                            Length.mm(wide),
                            ContourWedge.MOST));
        }
        return one(new Change.Wedge(wedge, Length.mm(amount)), Optional.of(Length.mm(garment.wedge(wedge))));
    }

    private ContourWedge wedgeAt(Spot spot, Garment garment) {
        boolean strapless = garment.top().cover() == Cover.STRAPLESS;
        if (spot.seam().filter(SeamPlace.SIDE::equals).isPresent()) {
            return ContourWedge.SIDE;
        }
        boolean under = spot.level()
                        .filter(l -> l.ordinal() >= Level.UNDERBUST.ordinal())
                        .isPresent()
                || spot.level().isEmpty() && spot.above().millimetres() < height(Level.UNDERBUST) + UNDER;
        if (under) {
            return ContourWedge.UNDER_BUST;
        }
        double apex = draft.block().frontAxis().value() / halfAtBust();
        boolean atBust = spot.level().filter(l -> l == Level.BUST).isPresent();
        if (atBust && spot.place() < apex / 2) {
            return ContourWedge.BETWEEN;
        }
        boolean overApex = Math.abs(spot.place() - apex) < OVER_APEX
                || spot.seam().filter(s -> s.part() == SeamPlace.Part.FRONT).isPresent();
        if (overApex && strapless) {
            return ContourWedge.STRAPLESS_TOP;
        }
        return spot.place() <= apex
                ? ContourWedge.NECKLINE
                : garment.top().cover() == Cover.HALTER ? ContourWedge.CUT_AWAY_ARMHOLE : ContourWedge.ARMHOLE;
    }

    /** Half the body's girth at the bust, of which places are shares, mm. */
    private double halfAtBust() {
        return draft.girths().at(Level.BUST).frontHalf().value()
                + draft.girths().at(Level.BUST).backHalf().value();
    }

    private Becoming apex() {
        if (!draft.commission().garment().kind().isOverBust()) {
            return Becoming.nothing(mark, Sentence.of("This garment ends under the bust: it has no apex."));
        }
        MeasurementSet tape = draft.commission().measurements();
        double out = mark.across().millimetres() * share();
        List<Adjustment> changes = new ArrayList<>();
        if (amount != 0) {
            changes.add(figure(MeasurementKey.SHOULDER_TO_APEX, amount));
            // The rib lies where it lay: an apex that is lower is nearer to it.
            if (tape.isTaken(MeasurementKey.APEX_TO_UNDERBUST)) {
                changes.add(figure(MeasurementKey.APEX_TO_UNDERBUST, -amount));
            }
        }
        if (out != 0) {
            changes.add(figure(MeasurementKey.APEX_SPAN, 2 * out));
        }
        return changes.isEmpty()
                ? Becoming.nothing(mark, Sentence.of("The apex is where it was drafted."))
                : new Becoming(mark, changes, Optional.empty());
    }

    private Adjustment figure(MeasurementKey key, double by) {
        return adjusting(
                new Change.Figure(key, Length.mm(by)),
                draft.commission().measurements().find(key).map(f -> f.length()));
    }

    private Becoming fold() {
        FoldRun run = mark.fold().orElse(FoldRun.ROUND);
        if (run == FoldRun.UPRIGHT) {
            return mark.spot().seam().isPresent()
                    ? inSeam(amount)
                    : Becoming.nothing(
                            mark,
                            Sentence.of("An upright fold is girth too much there. Pinch it in the seam beside it."));
        }
        if (run == FoldRun.SLANTING) {
            return Becoming.nothing(
                    mark,
                    Sentence.of(
                            "A slanting fold points to where it is tight. Let out there, and look whether the fold goes."));
        }
        Optional<Level> after = after();
        if (after.isEmpty() || after.get() == Level.UPPER) {
            return Becoming.nothing(
                    mark,
                    Sentence.of("A fold across above the bust is the edge's: lower the edge there, or pinch it."));
        }
        if (run != FoldRun.ROUND) {
            Change.Fold change = new Change.Fold(run == FoldRun.BEHIND, after.get(), Length.mm(amount));
            return one(change, Measured.at(draft, change).map(l -> Length.mm(Math.abs(l))));
        }
        return new Becoming(mark, shorter(after.get()), Optional.empty());
    }

    /** The level above the fold that has another below. */
    private Optional<Level> after() {
        List<Level> levels = levels();
        double at = mark.spot()
                .level()
                .filter(this::has)
                .map(this::height)
                .orElse(mark.spot().above().millimetres());
        for (int i = 0; i + 1 < levels.size(); i++) {
            boolean above = levels.get(i).ordinal() < Level.WAIST.ordinal();
            double top = height(levels.get(i));
            double foot = height(levels.get(i + 1));
            if (above ? at < top && at >= foot : at <= top && at > foot) {
                return Optional.of(levels.get(i));
            }
        }
        return Optional.empty();
    }

    /** All panels shorter between a level and the next. */
    private List<Adjustment> shorter(Level after) {
        List<Adjustment> changes = new ArrayList<>();
        if (after == Level.WAIST) {
            changes.add(figure(MeasurementKey.WAIST_TO_HIGH_HIP, -amount));
        }
        if (after.ordinal() >= Level.WAIST.ordinal()) {
            changes.add(figure(MeasurementKey.WAIST_TO_HIP, -amount));
            return changes;
        }
        changes.add(figure(MeasurementKey.FRONT_LENGTH, -amount));
        changes.add(figure(MeasurementKey.BACK_LENGTH, -amount));
        if (after == Level.BUST) {
            MeasurementSet tape = draft.commission().measurements();
            if (tape.isTaken(MeasurementKey.SHOULDER_TO_UNDERBUST)) {
                changes.add(figure(MeasurementKey.SHOULDER_TO_UNDERBUST, -amount));
            }
            if (tape.isTaken(MeasurementKey.APEX_TO_UNDERBUST)) {
                changes.add(figure(MeasurementKey.APEX_TO_UNDERBUST, -amount));
            }
        }
        return changes;
    }

    private Becoming gap() {
        if (!draft.commission().garment().fastening().closure().isLaced()) {
            return Becoming.nothing(
                    mark, Sentence.of("This garment is not laced: pinch or let out at a seam instead."));
        }
        List<Level> levels = levels();
        Optional<Level> level = mark.spot().level();
        if (level.isEmpty()) {
            // The hem lies at no level: the lowest is its, unless that was measured itself.
            Level last = levels.get(levels.size() - 1);
            boolean own = fitting.marks().stream()
                    .anyMatch(m -> m.kind() == MarkKind.GAP && m.spot().level().equals(Optional.of(last)));
            if (own) {
                return Becoming.nothing(
                        mark,
                        Sentence.of(
                                "The hem follows the {} gap, which was measured itself.",
                                last.label().toLowerCase(Locale.ROOT)));
            }
            level = Optional.of(last);
        }
        if (!has(level.get())) {
            return Becoming.nothing(
                    mark,
                    Sentence.of(
                            "This garment has no girth at the {}.", level.get().label()));
        }
        double planned = draft.commission().garment().gap().value();
        double by = (mark.amount().millimetres() - planned) * share();
        return one(
                new Change.Girth(level.get(), Length.mm(by)),
                Optional.of(draft.girths().at(level.get()).worn().length()));
    }

    /** The finished garment is smaller inside than the toile was (C15.5). */
    private Becoming cloth() {
        Level level = mark.spot().level().filter(this::has).orElse(Level.WAIST);
        return one(
                new Change.Cloth(level, Length.mm(amount)),
                Optional.of(draft.girths().at(level).worn().length()));
    }

    private Becoming plumb() {
        Level level = mark.spot()
                .level()
                .filter(this::has)
                .or(() -> levels().stream()
                        .min(Comparator.comparingDouble(
                                l -> Math.abs(height(l) - mark.spot().above().millimetres()))))
                .orElseThrow();
        return one(
                new Change.Share(level, Length.mm(amount)),
                Optional.of(draft.girths().at(level).frontHalf().length()));
    }
}
