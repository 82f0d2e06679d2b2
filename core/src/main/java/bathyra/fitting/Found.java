package bathyra.fitting;

import bathyra.fitting.Change.Cloth;
import bathyra.fitting.Change.Drawn;
import bathyra.fitting.Change.Edge;
import bathyra.fitting.Change.Figure;
import bathyra.fitting.Change.Fold;
import bathyra.fitting.Change.Girth;
import bathyra.fitting.Change.Pinch;
import bathyra.fitting.Change.PinchBetween;
import bathyra.fitting.Change.Share;
import bathyra.fitting.Change.Wedge;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet.Part;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What the draft of one part of the body follows of all that was found at fittings. Everything adds, so that the order in which it was found
 * does not matter (C15.2).
 */
public record Found(List<Adjustment> adjustments) {
    /** Nothing was found. */
    public static final Found NONE = new Found(List.of());

    private static final List<Level> HELD = List.of(Level.UNDERBUST, Level.WAIST);

    public Found {
        adjustments = List.copyOf(adjustments);
    }

    /** What is followed on a part of the body. What one half has wider is twice as much on a body that has two like it. */
    public static Found of(List<Adjustment> all, Part part) {
        List<Adjustment> own = all.stream()
                .filter(a -> a.on() && a.side().isOf(part))
                .map(a -> a.side() != Side.BOTH && a.change() instanceof Girth
                        ? a.changing(a.change().by(times(a.change().by(), 2)))
                        : a)
                .toList();
        return own.isEmpty() ? NONE : new Found(own);
    }

    /** Whether the halves are to be drafted apart. */
    public static boolean isApart(List<Adjustment> all) {
        return all.stream().anyMatch(a -> a.on() && a.side() != Side.BOTH);
    }

    private static Length times(Length length, double factor) {
        return Length.mm(length.millimetres() * factor);
    }

    public boolean isEmpty() {
        return adjustments.isEmpty();
    }

    private <T extends Change> Stream<T> of(Class<T> kind) {
        return adjustments.stream()
                .map(Adjustment::change)
                .filter(kind::isInstance)
                .map(kind::cast);
    }

    /** By how much each figure of the wearer is more than its tape, mm. */
    public Map<MeasurementKey, Length> figures() {
        Map<MeasurementKey, Double> sums = new EnumMap<>(MeasurementKey.class);
        of(Figure.class).forEach(f -> sums.merge(f.key(), f.by().millimetres(), Double::sum));
        Map<MeasurementKey, Length> figures = new EnumMap<>(MeasurementKey.class);
        sums.forEach((key, by) -> figures.put(key, Length.mm(by)));
        return figures;
    }

    /**
     * By how much a girth is wider before anything is pinched, mm. Where at one fitting the girth was given and seams were pinched, the girth has
     * the sum and the pins have the place (C15.3): what they take is not taken twice.
     */
    public double girth(Level level) {
        Map<Integer, Double> given = new LinkedHashMap<>();
        Map<Integer, Double> pinched = new LinkedHashMap<>();
        for (Adjustment each : adjustments) {
            if (each.change() instanceof Girth girth && girth.level() == level) {
                given.merge(each.fitting(), girth.by().millimetres(), Double::sum);
            }
            if (each.change() instanceof Pinch pinch && pinch.cell().level() == level) {
                pinched.merge(each.fitting(), 2 * pinch.by().millimetres(), Double::sum);
            }
        }
        double cloth = of(Cloth.class)
                .filter(c -> c.level() == level)
                .mapToDouble(c -> c.by().millimetres())
                .sum();
        return cloth
                + given.entrySet().stream()
                        .mapToDouble(g -> g.getValue() + pinched.getOrDefault(g.getKey(), 0.0))
                        .sum();
    }

    /** By how much a level is worn wider for all that was found there, pins and all, mm. */
    public double worn(Level level) {
        return girth(level) - 2 * (pinched(level, true) + pinched(level, false));
    }

    /** By how much the side seam stands farther back at a level, mm. */
    public double share(Level level) {
        return of(Share.class)
                .filter(s -> s.level() == level)
                .mapToDouble(s -> s.by().millimetres())
                .sum();
    }

    /** What is pinched in a seam at a level on each half, mm. */
    public double pinched(Cell cell) {
        return of(Pinch.class)
                .filter(p -> p.cell().equals(cell))
                .mapToDouble(p -> p.by().millimetres())
                .sum();
    }

    /** What is pinched in the front half, or the back half, at a level; of the side half, mm. */
    public double pinched(Level level, boolean front) {
        return of(Pinch.class)
                .filter(p -> p.cell().level() == level)
                .mapToDouble(p -> p.by().millimetres() * shareOf(p.cell().seam(), front))
                .sum();
    }

    private static double shareOf(SeamPlace seam, boolean front) {
        return switch (seam.part()) {
            case FRONT -> front ? 1 : 0;
            case SIDE -> 0.5;
            case BACK, CENTRE_BACK -> front ? 0 : 1;
        };
    }

    /** What is pinched between the levels: one a seam and height. */
    public List<PinchBetween> between() {
        Map<PinchBetween, Double> sums = new LinkedHashMap<>();
        of(PinchBetween.class)
                .forEach(p -> sums.merge(
                        new PinchBetween(p.seam(), p.above(), Length.mm(0)), p.by().millimetres(), Double::sum));
        return sums.entrySet().stream()
                .filter(e -> e.getValue() != 0)
                .map(e -> new PinchBetween(e.getKey().seam(), e.getKey().above(), Length.mm(e.getValue())))
                .toList();
    }

    /** By how much a contour wedge is wider than was chosen, mm. */
    public double wedge(ContourWedge wedge) {
        return of(Wedge.class)
                .filter(w -> w.wedge() == wedge)
                .mapToDouble(w -> w.by().millimetres())
                .sum();
    }

    /** By how much an edge that is drawn by one length lies higher than was chosen, mm. */
    public double drawn(DrawnEdge edge) {
        return of(Drawn.class)
                .filter(d -> d.edge() == edge)
                .mapToDouble(d -> d.by().millimetres())
                .sum();
    }

    /** The places at which the upper or the lower edge is moved. */
    public List<Edge> edges(boolean upper) {
        return of(Edge.class).filter(e -> e.upper() == upper).toList();
    }

    /** By how much a level lies nearer to the waist at a centre, for what is folded away between, mm. @param behind at centre back, else at centre front */
    public double folded(boolean behind, Level level) {
        return of(Fold.class)
                .filter(f -> f.behind() == behind && isBetween(f.after(), level))
                .mapToDouble(f -> f.by().millimetres())
                .sum();
    }

    /** Whether a fold lies between a level and the waist. */
    private static boolean isBetween(Level after, Level level) {
        boolean aboveWaist = after.ordinal() < Level.WAIST.ordinal();
        return aboveWaist ? level.ordinal() <= after.ordinal() : level.ordinal() > after.ordinal();
    }

    /** The same on a garment with other seams: each pinch in the seam that is nearest to its own. @param seams of the half, from centre front */
    public Found on(List<SeamPlace> seams) {
        return new Found(
                adjustments.stream().map(a -> a.changing(on(a.change(), seams))).toList());
    }

    private static Change on(Change change, List<SeamPlace> seams) {
        if (change instanceof Pinch p) {
            return new Pinch(new Cell(p.cell().level(), p.cell().seam().nearest(seams)), p.by());
        }
        return change instanceof PinchBetween p ? new PinchBetween(p.seam().nearest(seams), p.above(), p.by()) : change;
    }

    /**
     * For one who is not to be laced (C17): without anything that makes rib or waist tighter, and without the girths that were found there
     * while they were laced, which say nothing of a garment that is not.
     */
    public Found withoutDrawingIn() {
        return new Found(adjustments.stream().filter(a -> !drawsIn(a.change())).toList());
    }

    private static boolean drawsIn(Change change) {
        double by = change.by().millimetres();
        return change instanceof Girth girth && HELD.contains(girth.level())
                || change instanceof Pinch pinch && HELD.contains(pinch.cell().level()) && by > 0
                || change instanceof PinchBetween && by > 0;
    }
}
