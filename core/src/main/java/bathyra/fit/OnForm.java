package bathyra.fit;

import bathyra.fit.Settling.Rest;
import bathyra.form.Form;
import bathyra.geometry.Point;
import bathyra.measure.MeasurementSet;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;

/** The sewn pieces of one half at rest on a form, whoever drafted them, and what can be read of how they lie (C21, C22). */
public class OnForm {
    /** The spacing of the mesh, mm: first coarse, then as fine as readings want it. */
    public static final double COARSE = 28;

    public static final double FINE = 14;
    static final int ROUNDS = 120;
    static final double COLD = 1e-3;
    static final double PROLONGED = 1e-4;
    static final double ENOUGH = 0.05;
    /** Millimetres. */
    static final double PER_METRE = 1000;
    /** How far an upper line usually lies above the bust line, mm. */
    static final double USUAL_UPPER = 48;

    private final FormSurface surface;
    private final Sewing sewing;
    private final Draping draping;
    private final Settling settling;
    private final Rest rest;

    OnForm(FormSurface surface, Sewing sewing, Draping draping, Settling settling, Rest rest) {
        this.surface = surface;
        this.sewing = sewing;
        this.draping = draping;
        this.settling = settling;
        this.rest = rest;
    }

    /**
     * Puts pieces that are marked with two levels at least on a form, without bones: coarse first, then fine.
     *
     * @param gap between the two halves at centre back, mm; 0 where it is closed
     * @param stop asked before each round; what there is then is given, and said not to be settled
     */
    public static OnForm laid(Pattern pattern, Cloth cloth, double gap, FormSurface surface, BooleanSupplier stop) {
        OnForm coarse = settled(pattern, cloth, gap, surface, COARSE, Optional.empty(), stop);
        return stop.getAsBoolean() ? coarse : settled(pattern, cloth, gap, surface, FINE, Optional.of(coarse), stop);
    }

    private static OnForm settled(
            Pattern pattern,
            Cloth cloth,
            double gap,
            FormSurface surface,
            double spacing,
            Optional<OnForm> from,
            BooleanSupplier stop) {
        Sewing sewing = Sewing.of(pattern, spacing, gap);
        Draping draping = new Draping(sewing, surface.form(), USUAL_UPPER);
        Mesh mesh = sewing.mesh();
        Settling settling = new Settling(mesh, cloth, surface, spacing);
        double[] start = draping.start(mesh);
        from.ifPresent(f -> f.carry(sewing, start));
        double damping = from.isPresent() ? PROLONGED : COLD;
        return new OnForm(surface, sewing, draping, settling, settling.settle(start, damping, ENOUGH, ROUNDS, stop));
    }

    /** Begins a finer or a changed mesh of the same pieces from this shape. */
    void carry(Sewing next, double[] start) {
        for (PieceMesh cut : next.pieces().values()) {
            PieceMesh before = sewing.pieces().get(cut.piece().id());
            for (int i = 0; i < cut.points().size(); i++) {
                at(before, cut.points().get(i), start, 3 * next.vertex(cut.piece(), i));
            }
        }
        next.middle().forEach((v, aside) -> start[3 * v] = aside);
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

    /** How hard the cloth is pulled at every vertex, the way it is pulled most, N for each metre. */
    double[] pulls() {
        double[] x = rest.shape();
        Membrane membrane = settling.membrane();
        double[] onTriangles = new double[mesh().triangles().length];
        for (int t = 0; t < onTriangles.length; t++) {
            double[] s = membrane.tension(membrane.stretch(t, x));
            double most = (s[0] + s[1]) / 2 + Math.hypot((s[0] - s[1]) / 2, s[2]);
            onTriangles[t] = Math.max(0, most) * PER_METRE;
        }
        return atVertices(onTriangles);
    }

    /** Readings of single vertices, which mean little at an edge, as the mean over the triangles round each. */
    double[] overTriangles(double[] readings) {
        int[][] triangles = mesh().triangles();
        double[] onTriangles = new double[triangles.length];
        for (int t = 0; t < triangles.length; t++) {
            for (int v : triangles[t]) {
                onTriangles[t] += readings[v] / 3;
            }
        }
        return atVertices(onTriangles);
    }

    private double[] atVertices(double[] onTriangles) {
        int[][] triangles = mesh().triangles();
        double[] sum = new double[mesh().count()];
        double[] area = new double[sum.length];
        for (int t = 0; t < triangles.length; t++) {
            double own = settling.membrane().area(t);
            for (int v : triangles[t]) {
                sum[v] += own * onTriangles[t];
                area[v] += own;
            }
        }
        for (int v = 0; v < sum.length; v++) {
            sum[v] = area[v] == 0 ? 0 : sum[v] / area[v];
        }
        return sum;
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

    /** The length of a line of a piece as it lies in space, mm. */
    double length(Piece piece, LevelMark mark) {
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

    /**
     * The girth of a line as it lies, with the gap behind, mm; nothing where no piece is marked with it.
     */
    public OptionalDouble girth(Level level) {
        double half = 0;
        for (Piece piece : sewing.pattern().pieces()) {
            half += piece.mark(level).map(m -> length(piece, m)).orElse(0.0);
        }
        return half > 0 ? OptionalDouble.of(2 * half + sewing.gap()) : OptionalDouble.empty();
    }

    /** What is said beside figures that were read on the form of a wearer: what they rest on. */
    public static String assumed(MeasurementSet wearer) {
        return "Worked out from " + wearer.taken().size() + " measurements, not seen: the toile decides.";
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

    Draping draping() {
        return draping;
    }

    Settling settling() {
        return settling;
    }
}
