package bathyra.fit;

import bathyra.draft.Draft;
import bathyra.fit.Settling.Rest;
import bathyra.form.Form;
import bathyra.form.Modelling;
import bathyra.form.Tape;
import bathyra.garment.Garment;
import bathyra.geometry.Motion;
import bathyra.geometry.Point;
import bathyra.girth.LevelPlan;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;

/** A garment as it sits on the wearer's form, and what is read off it (C22). It was worked out from the tape and not seen: the toile decides. */
public final class Worn {
    /** The spacing of the mesh, mm: first coarse, then as fine as readings want it. */
    public static final double COARSE = 28;

    public static final double FINE = 14;
    private static final int ROUNDS = 120;
    /** A change so small that it is worth going on from the shape before settles in fewer. */
    private static final int WARM_ROUNDS = 30;

    private static final double COLD = 1e-3;
    private static final double PROLONGED = 1e-4;
    private static final double WARM = 1e-5;
    private static final double ENOUGH = 0.05;
    /** A tension is read over so much to either side of a level, mm: at a single vertex it means nothing. */
    private static final double BAND = 12;

    private static final double USUAL_UPPER = 48;

    private final Draft draft;
    private final FormSurface surface;
    private final Sewing sewing;
    private final Draping draping;
    private final Settling settling;
    private final Rest rest;

    private Worn(Draft draft, FormSurface surface, Sewing sewing, Draping draping, Settling settling, Rest rest) {
        this.draft = draft;
        this.surface = surface;
        this.sewing = sewing;
        this.draping = draping;
        this.settling = settling;
        this.rest = rest;
    }

    /** The form of a draft's wearer; with lungs full where the garment is made for that. */
    public static Form form(Draft draft) {
        return Modelling.of(Tape.of(
                draft.commission().measurements(), draft.commission().garment().isLungsFull()));
    }

    /**
     * Puts a draft on a form: coarse first, then fine.
     *
     * @param stop asked before each round; what there is then is given, and said not to be settled
     */
    public static Worn of(Draft draft, FormSurface surface, BooleanSupplier stop) {
        Worn coarse = cold(draft, surface, COARSE, stop);
        return stop.getAsBoolean() ? coarse : coarse.finer(FINE, stop);
    }

    /** The form of a draft's wearer as a body that gives way as that wearer's does. */
    public static FormSurface surface(Draft draft) {
        return new FormSurface(
                form(draft), draft.commission().measurements().occasion().softness());
    }

    private static Cloth cloth(Draft draft) {
        return Cloth.of(draft.commission().garment());
    }

    /** Puts a draft on a form at one spacing, from its level lines. */
    public static Worn cold(Draft draft, FormSurface surface, double spacing, BooleanSupplier stop) {
        Sewing sewing = Sewing.of(draft.pattern(), spacing, gap(draft));
        Draping draping = new Draping(sewing, surface.form(), upperOver(draft));
        Mesh mesh = sewing.mesh();
        Settling settling = new Settling(mesh, cloth(draft), Boned.rods(draft, sewing), surface, spacing);
        Rest rest = settling.settle(draping.start(mesh), COLD, ENOUGH, ROUNDS, stop);
        return new Worn(draft, surface, sewing, draping, settling, rest);
    }

    /** The same on a finer mesh, begun from this shape. */
    public Worn finer(double spacing, BooleanSupplier stop) {
        return begunFromHere(draft, surface, spacing, PROLONGED, ROUNDS, stop);
    }

    /**
     * A draft that was changed a little, or the same on a body that was, begun from this shape.
     *
     * @return nothing where the pieces are others, so that it has to begin from its level lines
     */
    public Optional<Worn> changed(Draft next, FormSurface body, BooleanSupplier stop) {
        boolean same = next.pattern().pieces().stream()
                .map(Piece::id)
                .collect(Collectors.toSet())
                .equals(sewing.pieces().keySet());
        return same
                ? Optional.of(begunFromHere(next, body, sewing.spacing(), WARM, WARM_ROUNDS, stop))
                : Optional.empty();
    }

    private Worn begunFromHere(
            Draft next, FormSurface body, double spacing, double damping, int most, BooleanSupplier stop) {
        Sewing sewn = Sewing.of(next.pattern(), spacing, gap(next));
        Draping from = new Draping(sewn, body.form(), upperOver(next));
        Mesh mesh = sewn.mesh();
        Settling settled = new Settling(mesh, cloth(next), Boned.rods(next, sewn), body, spacing);
        double[] start = from.start(mesh);
        for (PieceMesh cut : sewn.pieces().values()) {
            PieceMesh before = sewing.pieces().get(cut.piece().id());
            for (int i = 0; i < cut.points().size(); i++) {
                at(before, cut.points().get(i), start, 3 * sewn.vertex(cut.piece(), i));
            }
        }
        sewn.middle().forEach((v, aside) -> start[3 * v] = aside);
        return new Worn(next, body, sewn, from, settled, settled.settle(start, damping, ENOUGH, most, stop));
    }

    private static double gap(Draft draft) {
        Garment garment = draft.commission().garment();
        return garment.fastening().closure().isLaced()
                ? draft.girths().at(Level.WAIST).gap().value()
                : 0;
    }

    private static double upperOver(Draft draft) {
        var front = draft.block().heights().front();
        return front.containsKey(Level.UPPER) && front.containsKey(Level.BUST)
                ? front.get(Level.BUST).value() - front.get(Level.UPPER).value()
                : USUAL_UPPER;
    }

    /** Carries a place on the paper into space by the triangle that it lies in, or next to. */
    private void at(PieceMesh cut, Point p, double[] into, int offset) {
        PieceMesh.Place place = cut.place(p);
        for (int axis = 0; axis < 3; axis++) {
            double sum = 0;
            for (int k = 0; k < 3; k++) {
                sum += place.weights()[k] * rest.shape()[3 * sewing.vertex(cut.piece(), place.corners()[k]) + axis];
            }
            into[offset + axis] = sum;
        }
    }

    /**
     * What is read at a level.
     *
     * @param body the wearer's girth, mm
     * @param planned the girth that the garment was planned to be worn at
     * @param worn the girth of its line as it sits, with its gap
     * @param tension N for each metre of height
     * @param pressure kPa, over the height of the band
     * @param ridesFront how far the line lies above where the draft means it, at centre front, mm
     * @param ridesSide the same at the side
     */
    public record LevelReading(
            Level level,
            double body,
            double planned,
            double worn,
            double tension,
            double pressure,
            double ridesFront,
            double ridesSide) {}

    /** The readings of all levels that the pieces are marked with, from the top. */
    public List<LevelReading> levels() {
        List<LevelReading> readings = new ArrayList<>();
        for (LevelPlan plan : draft.girths().levels()) {
            Level level = plan.level();
            List<Piece> marked = sewing.pattern().pieces().stream()
                    .filter(p -> p.mark(level).isPresent())
                    .toList();
            if (marked.isEmpty()) {
                continue;
            }
            double worn = sewing.gap();
            for (Piece piece : marked) {
                worn += 2 * length(piece, piece.mark(level).get());
            }
            double[] band = band(level);
            readings.add(new LevelReading(
                    level,
                    plan.body().value(),
                    plan.worn().value(),
                    worn,
                    band[0],
                    band[1],
                    rides(level, marked.get(0), 0),
                    ridesAtSide(level)));
        }
        return readings;
    }

    /** The length of a line of a piece as it lies in space, mm. */
    private double length(Piece piece, LevelMark mark) {
        PieceMesh cut = sewing.pieces().get(piece.id());
        int steps = Math.max(2, (int) Math.ceil(mark.from().distance(mark.to()) / (sewing.spacing() / 2)));
        double length = 0;
        double[] last = new double[3];
        double[] next = new double[3];
        at(cut, mark.from(), last, 0);
        for (int i = 1; i <= steps; i++) {
            at(cut, mark.from().between(mark.to(), (double) i / steps), next, 0);
            length += Math.sqrt((next[0] - last[0]) * (next[0] - last[0])
                    + (next[1] - last[1]) * (next[1] - last[1])
                    + (next[2] - last[2]) * (next[2] - last[2]));
            System.arraycopy(next, 0, last, 0, 3);
        }
        return length;
    }

    /** How far a level line lies above where the draft means it: as far up the form, from the waist, as it lies above the waist on the paper. */
    private double rides(Level level, Piece piece, double share) {
        LevelMark mark = piece.mark(level).orElseThrow();
        Point there = mark.from().between(mark.to(), share);
        double[] at = new double[3];
        at(sewing.pieces().get(piece.id()), there, at, 0);
        Optional<LevelMark> waist = piece.mark(Level.WAIST);
        if (waist.isEmpty()) {
            return at[2] - draping.height(level);
        }
        double up = waist.get().from().between(waist.get().to(), share).y() - there.y();
        double azimuth = Math.atan2(at[0], at[1] - form().axis(at[2]));
        return at[2] - form().along(azimuth, 0, up);
    }

    private double ridesAtSide(Level level) {
        Optional<Piece> beside = sewing.pattern().pieces().stream()
                .filter(p -> !p.front() && p.mark(level).isPresent())
                .findFirst();
        return beside.map(p -> rides(level, p, 0)).orElse(0.0);
    }

    /** Tension (N/m) and pressure (kPa) over the triangles and vertices within the band of a level. */
    private double[] band(Level level) {
        double force = 0;
        double area = 0;
        double pushed = 0;
        double pushedArea = 0;
        double[] stretched = settling.stretchedArea(rest.shape());
        Mesh mesh = settling.mesh();
        int t = 0;
        boolean[] seen = new boolean[mesh.count()];
        for (PieceMesh cut : sewing.pieces().values()) {
            Optional<LevelMark> mark = cut.piece().mark(level);
            Motion upright = cut.piece().uprightTurn();
            for (int i = 0; i < cut.triangles().size(); i++) {
                int[] corners = cut.triangles().get(i);
                if (isSewnFlat(cut, corners)) {
                    continue;
                }
                int at = t++;
                if (mark.isEmpty() || away(cut, corners, mark.get()) > BAND) {
                    continue;
                }
                double[] f = settling.membrane().stretch(at, rest.shape());
                double[] s = settling.membrane().tension(f);
                Point along = upright.apply(mark.get().to());
                Point from = upright.apply(mark.get().from());
                double angle = Math.atan2(along.y() - from.y(), along.x() - from.x());
                double cos = Math.cos(angle);
                double sin = Math.sin(angle);
                double second = s[0] * cos * cos + s[1] * sin * sin + 2 * s[2] * sin * cos;
                double stretch = 0;
                for (int axis = 0; axis < 3; axis++) {
                    double way = f[axis] * cos + f[3 + axis] * sin;
                    stretch += way * way;
                }
                force += settling.membrane().area(at) * second * Math.sqrt(stretch);
                area += settling.membrane().area(at);
                for (int corner : corners) {
                    int v = sewing.vertex(cut.piece(), corner);
                    if (!seen[v]) {
                        seen[v] = true;
                        pushed += settling.contact().pressure(rest.shape(), v)
                                * settling.contact().area(v);
                        pushedArea += stretched[v];
                    }
                }
            }
        }
        return new double[] {area == 0 ? 0 : force / area * 1000, pushedArea == 0 ? 0 : pushed / pushedArea * 1000};
    }

    private boolean isSewnFlat(PieceMesh cut, int[] corners) {
        int a = sewing.vertex(cut.piece(), corners[0]);
        int b = sewing.vertex(cut.piece(), corners[1]);
        int c = sewing.vertex(cut.piece(), corners[2]);
        return a == b || b == c || c == a;
    }

    private static double away(PieceMesh cut, int[] corners, LevelMark mark) {
        double x = 0;
        double y = 0;
        for (int corner : corners) {
            x += cut.points().get(corner).x() / 3;
            y += cut.points().get(corner).y() / 3;
        }
        Point a = mark.from();
        return Math.abs(a.to(mark.to()).unit().cross(a.to(new Point(x, y))));
    }

    /** How far every vertex stands away from the form, mm; less than nothing where it presses in. */
    public double[] away() {
        double[] away = new double[settling.mesh().count()];
        for (int v = 0; v < away.length; v++) {
            away[v] = settling.contact().outside(rest.shape(), v);
        }
        return away;
    }

    /** The pressure on every vertex, kPa; at an edge a single one means little. */
    double[] pressures() {
        double[] stretched = settling.stretchedArea(rest.shape());
        double[] pressures = new double[settling.mesh().count()];
        for (int v = 0; v < pressures.length; v++) {
            pressures[v] = stretched[v] <= 0
                    ? 0
                    : settling.contact().pressure(rest.shape(), v)
                            * settling.contact().area(v)
                            / stretched[v]
                            * 1000;
        }
        return pressures;
    }

    Sewing sewing() {
        return sewing;
    }

    public FormSurface surface() {
        return surface;
    }

    public Draft draft() {
        return draft;
    }

    public Form form() {
        return surface.form();
    }

    public Mesh mesh() {
        return settling.mesh();
    }

    /** Side, front and height of every vertex, and how far it had come to rest. */
    public Rest rest() {
        return rest;
    }
}
