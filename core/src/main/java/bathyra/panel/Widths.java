package bathyra.panel;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.geometry.Tolerance;
import bathyra.intake.IntakeTable;
import bathyra.intake.SeamAxes;
import bathyra.intake.SeamHalves;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * Where the two edges of every seam lie on the paper at a level (C7): the seam's axis less the part of its intake that each
 * edge carries. What lies between two neighbouring seams is a panel's width.
 */
final class Widths {
    private static final int NONE = -1;

    private final Garment garment;
    private final IntakeTable intakes;
    private final List<SeamAxes.Axis> axes;
    private final ToDoubleFunction<Level> depth;
    private final int apexSeam;
    private final double opened;
    private final double splay;
    private Optional<GoreRoom> gores = Optional.empty();

    /** @param depth of each level at centre front @param dart the side bust dart that is closed into the seam over the apex, mm @param splay how far outwards the front princess seam crosses the upper line, mm */
    Widths(Garment garment, IntakeTable intakes, ToDoubleFunction<Level> depth, double dart, double splay) {
        this.splay = splay;
        this.garment = garment;
        this.intakes = intakes;
        this.axes = intakes.axes().axes();
        this.depth = depth;
        this.apexSeam = garment.kind() == GarmentKind.CORSET ? apexSeam() : NONE;
        this.opened = apexSeam == NONE ? 0 : opened(dart);
    }

    private int apexSeam() {
        for (int i = 0; i < axes.size(); i++) {
            if (intakes.axes().isThroughApex(seam(i), depth.applyAsDouble(Level.BUST))) {
                return i;
            }
        }
        return NONE;
    }

    /**
     * By how much the closed dart moves what lies between the apex and the side outwards at the upper line: it turns about the apex as one
     * (C7.5). Of a bustier this is part of the princess seam's cell.
     */
    private double opened(double dart) {
        double toSide = intakes.axes().front()
                - intakes.sideFront().get(Level.BUST).value()
                - axes.get(apexSeam).at();
        return dart * (depth.applyAsDouble(Level.BUST) - depth.applyAsDouble(Level.UPPER)) / toSide;
    }

    private double turned(int i, Level level, boolean behind) {
        boolean inFront = seam(i).part() == SeamPlace.Part.FRONT || seam(i).part() == SeamPlace.Part.SIDE && !behind;
        return level == Level.UPPER && apexSeam != NONE && inFront && (behind ? i >= apexSeam : i > apexSeam)
                ? opened
                : 0;
    }

    SeamPlace seam(int i) {
        return axes.get(i).seam();
    }

    double axis(int i, Level level) {
        double out = level == Level.UPPER && seam(i).equals(SeamPlace.PRINCESS_FRONT) ? splay : 0;
        return axes.get(i).x(depth.applyAsDouble(level)) + out;
    }

    /** What the panels take from their seams because gores give it. */
    void lessGores(GoreRoom room) {
        gores = Optional.of(room);
    }

    /** What a seam has less because gores beside it give it: each gore takes from the seams to either side, and none from a centre. */
    private double givenUp(int seam, Level level) {
        int last = axes.size() - 1;
        if (seam == last || gores.isEmpty()) {
            return 0;
        }
        double before = gores.get().at(seam, level) / (seam == 0 ? 1 : 2);
        double behind = gores.get().at(seam + 1, level) / (seam + 1 == last ? 1 : 2);
        return before + behind;
    }

    /** The edge nearer centre front: where panel {@code i} ends. */
    double before(int i, Level level) {
        return axis(i, level) - towardsFront(seam(i), level) + turned(i, level, false) - givenUp(i, level) / 2;
    }

    /** The edge nearer centre back: where panel {@code i + 1} begins. */
    double behind(int i, Level level) {
        SeamPlace seam = seam(i);
        double rest = seam.part() == SeamPlace.Part.SIDE
                ? intakes.sideBack().get(level).value()
                : intakes.at(level, seam).value() - towardsFront(seam, level);
        return axis(i, level) + rest + turned(i, level, true) + givenUp(i, level) / 2;
    }

    /** The width of panel {@code i}, counted from centre front. */
    double width(int i, Level level) {
        return before(i, level) - (i == 0 ? 0 : behind(i - 1, level));
    }

    /** The same with the gores set in: what stands along the closed half. */
    double withGores(int i, Level level) {
        return width(i, level) + gores.map(g -> g.at(i, level)).orElse(0.0);
    }

    private double towardsFront(SeamPlace seam, Level level) {
        return seam.part() == SeamPlace.Part.SIDE
                ? intakes.sideFront().get(level).value()
                : intakes.own(level, seam) * shareBefore(seam, level);
    }

    /** How much of what a seam takes at a level lies on its edge nearer centre front. The side has two parts of its own. */
    double shareBefore(SeamPlace seam, Level level) {
        return SeamHalves.beforeIt(garment, seam, level);
    }

    /** @throws NotDraftable when seams cross or a panel would be too narrow for a bone channel */
    void require(Level level, List<String> names) throws NotDraftable {
        for (int i = 0; i < axes.size(); i++) {
            double width = width(i, level);
            if (width < Tolerance.PANEL_WIDTH) {
                throw new NotDraftable(Finding.of(
                        FindingKind.PANEL_WIDTH,
                        key(i, level).key(),
                        Finding.Status.FAULT,
                        width,
                        Tolerance.PANEL_WIDTH,
                        narrow(i, level, width, names.get(i))));
            }
        }
    }

    private Sentence narrow(int i, Level level, double width, String name) {
        String at = " at the " + level.label().toLowerCase(Locale.ROOT);
        if (!garment.kind().isPanelled()) {
            return Sentence.of(
                    name + " would be {} wide" + at
                            + "; {} are needed for a bone channel. Look at {} and at what the seams beside it take out.",
                    Length.mm(width),
                    Length.mm(Tolerance.PANEL_WIDTH),
                    key(i, level));
        }
        String beside = i == 0 ? seam(0).label() : seam(i - 1).label() + " and " + seam(i).label();
        return width <= 0
                ? Sentence.of(
                        name + " vanishes" + at + ": the seams beside it cross there by {}. Move " + beside
                                + " apart, or take less out there.",
                        Length.mm(-width))
                : Sentence.of(
                        name + " would be {} wide" + at + "; {} are needed for a bone channel. Move " + beside
                                + " apart, take less out there, or leave a seam out.",
                        Length.mm(width),
                        Length.mm(Tolerance.PANEL_WIDTH));
    }

    private MeasurementKey key(int i, Level level) {
        return garment.kind().isPanelled() || seam(i).equals(SeamPlace.PRINCESS_BACK)
                ? level.girth()
                : MeasurementKey.APEX_SPAN;
    }
}
