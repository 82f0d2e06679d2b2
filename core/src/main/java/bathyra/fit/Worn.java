package bathyra.fit;

import bathyra.draft.Draft;
import bathyra.fit.Settling.Rest;
import bathyra.form.Form;
import bathyra.form.Modelling;
import bathyra.form.Tape;
import bathyra.garment.Garment;
import bathyra.geometry.Point;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
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
    private static final double PER_METRE = 1000;
    private static final double UNDER_THE_LINE = 20;
    private static final double PAST_APEX = 1.15;
    private static final double BEHIND_SIDE = 2.1;

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

    /** The pull that holds a laced back as it is, on the average of its length, N/m; nothing where it is not laced. */
    public OptionalDouble lacingPull() {
        Map<Integer, Double> edge = sewing.lacing();
        if (sewing.gap() <= 0 || edge.isEmpty()) {
            return OptionalDouble.empty();
        }
        double[] held = settling.heldBy(rest.shape());
        double force = 0;
        double length = 0;
        for (Map.Entry<Integer, Double> each : edge.entrySet()) {
            force += held[each.getKey()];
            length += each.getValue();
        }
        return OptionalDouble.of(Math.max(0, force / length * PER_METRE));
    }

    /**
     * How the back opens when it is laced with one cord instead of being held at its gap.
     *
     * @param pull of the cord, N/m
     * @return nothing where it is not laced
     */
    public Optional<Lacing> laced(double pull, BooleanSupplier stop) {
        Map<Integer, Double> edge = sewing.lacing();
        if (sewing.gap() <= 0 || edge.isEmpty()) {
            return Optional.empty();
        }
        int[] vertices = edge.keySet().stream().mapToInt(Integer::intValue).toArray();
        double[] lengths =
                edge.values().stream().mapToDouble(Double::doubleValue).toArray();
        Settling free = new Settling(
                mesh().freed(edge.keySet()),
                cloth(draft),
                Boned.rods(draft, sewing),
                new Cord(vertices, lengths, pull / PER_METRE),
                surface,
                sewing.spacing());
        Rest next = free.settle(rest.shape(), PROLONGED, ENOUGH, ROUNDS, stop);
        double[] held = settling.heldBy(rest.shape());
        List<Lacing.Gap> gaps = new ArrayList<>();
        for (int i = 0; i < vertices.length; i++) {
            gaps.add(new Lacing.Gap(
                    next.shape()[3 * vertices[i] + 2],
                    Math.max(0, 2 * next.shape()[3 * vertices[i]]),
                    held[vertices[i]] / lengths[i] * PER_METRE));
        }
        gaps.sort(Comparator.comparingDouble(Lacing.Gap::height).reversed());
        return Optional.of(new Lacing(pull, gaps, next.settled()));
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
    void at(PieceMesh cut, Point p, double[] into, int offset) {
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
     * @param lies the girth of its line as it sits, with its gap, mm
     * @param pulls N for each metre of height
     * @param presses kPa, over the height of the band
     * @param front how far the line lies above where the draft means it, at centre front, mm
     * @param side the same at the side
     */
    public record LevelReading(
            Level level,
            double body,
            double planned,
            Reckoned lies,
            Reckoned pulls,
            Reckoned presses,
            Reckoned front,
            Reckoned side) {
        public double worn() {
            return lies.value();
        }

        public double tension() {
            return pulls.value();
        }

        public double pressure() {
            return presses.value();
        }

        public double ridesFront() {
            return front.value();
        }

        public double ridesSide() {
            return side.value();
        }
    }

    /** The readings of all levels that the pieces are marked with, from the top. */
    public List<LevelReading> levels() {
        return new LevelReadings(this, sewing, draping, settling).all();
    }

    boolean isSewnFlat(PieceMesh cut, int[] corners) {
        int a = sewing.vertex(cut.piece(), corners[0]);
        int b = sewing.vertex(cut.piece(), corners[1]);
        int c = sewing.vertex(cut.piece(), corners[2]);
        return a == b || b == c || c == a;
    }

    /** How far every vertex stands away from the form, mm; less than nothing where it presses in. */
    public double[] away() {
        double[] away = new double[settling.mesh().count()];
        for (int v = 0; v < away.length; v++) {
            away[v] = settling.contact().outside(rest.shape(), v);
        }
        return away;
    }

    /** How far it stands away at the most under the arm, between the apex and behind the side, from the underbust up, mm. */
    public double besideTheBust() {
        double[] away = away();
        double[] x = rest.shape();
        double most = 0;
        for (int v = 0; v < away.length; v++) {
            double z = x[3 * v + 2];
            double azimuth = Math.atan2(x[3 * v], x[3 * v + 1] - form().axis(z));
            if (z > form().heights().underbust() - UNDER_THE_LINE
                    && azimuth > PAST_APEX * form().apexAzimuth()
                    && azimuth < BEHIND_SIDE) {
                most = Math.max(most, away[v]);
            }
        }
        return most;
    }

    /** What room the breast has, of a garment that goes over it. */
    public Optional<CupRoom> cup() {
        return draft.commission().garment().kind().isOverBust()
                ? Optional.of(CupRoom.of(this, settling.stretchedArea(rest.shape())))
                : Optional.empty();
    }

    /** Where a height cuts it, mm over the waist. */
    public CrossSection section(double z) {
        return CrossSection.of(this, z);
    }

    /** Where a level lies on the form as the draft means it, mm over the waist. */
    public double height(Level level) {
        return draping.height(level);
    }

    /** The piece that each triangle is cut from. */
    public List<String> pieceOfTriangles() {
        List<String> ids = new ArrayList<>();
        for (PieceMesh cut : sewing.pieces().values()) {
            for (int[] corners : cut.triangles()) {
                if (!isSewnFlat(cut, corners)) {
                    ids.add(cut.piece().id());
                }
            }
        }
        return ids;
    }

    /** The spacing of the mesh, mm. */
    public double spacing() {
        return sewing.spacing();
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

    /**
     * An edge of a piece as it lies on the body.
     *
     * @param sewn whether another edge is sewn to it
     * @param vertices from its start to its end
     */
    public record Stroke(String piece, String edge, boolean sewn, int[] vertices) {}

    /** Every edge of every piece. */
    public List<Stroke> strokes() {
        List<Stroke> strokes = new ArrayList<>();
        for (PieceMesh cut : sewing.pieces().values()) {
            for (OutlineEdge edge : cut.piece().outline()) {
                SeamJoin.Ref ref = new SeamJoin.Ref(cut.piece().id(), edge.name());
                boolean sewn = sewing.pattern().seams().stream().anyMatch(s -> s.a().equals(ref) || s.b().equals(ref));
                int[] local = cut.edges().get(edge.name());
                int[] vertices = new int[local.length];
                for (int i = 0; i < local.length; i++) {
                    vertices[i] = sewing.vertex(cut.piece(), local[i]);
                }
                strokes.add(new Stroke(cut.piece().id(), edge.name(), sewn, vertices));
            }
        }
        return strokes;
    }

    /** Every bone of the half as it lies, place by place: side, front and height, mm. */
    public List<double[][]> bones() {
        List<double[][]> bones = new ArrayList<>();
        for (Rods.Rod rod : settling.rods().rods()) {
            double[][] line = new double[rod.vertices().length][];
            for (int i = 0; i < line.length; i++) {
                line[i] = Rods.at(rod, i, rest.shape());
            }
            bones.add(line);
        }
        return bones;
    }

    /** Outwards at every vertex of the half, of length 1. */
    public double[] normals() {
        double[] x = rest.shape();
        double[] normals = new double[x.length];
        for (int[] t : mesh().triangles()) {
            double[] u = new double[3];
            double[] v = new double[3];
            for (int axis = 0; axis < 3; axis++) {
                u[axis] = x[3 * t[1] + axis] - x[3 * t[0] + axis];
                v[axis] = x[3 * t[2] + axis] - x[3 * t[0] + axis];
            }
            double[] n = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]};
            double z = (x[3 * t[0] + 2] + x[3 * t[1] + 2] + x[3 * t[2] + 2]) / 3;
            double side = (x[3 * t[0]] + x[3 * t[1]] + x[3 * t[2]]) / 3;
            double front = (x[3 * t[0] + 1] + x[3 * t[1] + 1] + x[3 * t[2] + 1]) / 3 - form().axis(z);
            double sign = n[0] * side + n[1] * front < 0 ? -1 : 1;
            for (int corner : t) {
                for (int axis = 0; axis < 3; axis++) {
                    normals[3 * corner + axis] += sign * n[axis];
                }
            }
        }
        for (int i = 0; i < normals.length; i += 3) {
            if (mesh().held()[i / 3][0] && rest.shape()[i] == 0) {
                // The other half leans the other way.
                normals[i] = 0;
            }
            double length = Math.sqrt(
                    normals[i] * normals[i] + normals[i + 1] * normals[i + 1] + normals[i + 2] * normals[i + 2]);
            for (int axis = 0; axis < 3 && length > 0; axis++) {
                normals[i + axis] /= length;
            }
        }
        return normals;
    }

    Sewing sewing() {
        return sewing;
    }

    Rods rods() {
        return settling.rods();
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

    /** In a word how hard it presses (C22). */
    public static String pressing(double kilopascals) {
        return kilopascals < 0.05 ? "not at all" : kilopascals < 1 ? "light" : kilopascals < 3 ? "firm" : "hard";
    }

    /** What every picture and sheet says beside its figures: what they rest on. */
    public String assumed() {
        return "Worked out from " + draft.commission().measurements().taken().size()
                + " measurements, not seen: the toile decides.";
    }

    /** Side, front and height of every vertex, and how far it had come to rest. */
    public Rest rest() {
        return rest;
    }
}
