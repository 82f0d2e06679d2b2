package bathyra.fit;

import bathyra.geometry.Motion;
import bathyra.geometry.Point;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The pieces of one half cut into triangles and sewn together: places that are sewn to each other are one vertex (C21). */
public final class Sewing {
    private final Pattern pattern;
    private final double spacing;
    private final double gap;
    private final Map<String, PieceMesh> pieces = new LinkedHashMap<>();
    private final Map<String, Integer> first = new HashMap<>();
    private int[] same;
    private int[] vertex;
    private int count;

    private Sewing(Pattern pattern, double spacing, double gap) {
        this.pattern = pattern;
        this.spacing = spacing;
        this.gap = gap;
    }

    /**
     * Sews a half.
     *
     * @param spacing of the mesh, mm
     * @param gap between the two halves at centre back, mm; 0 where it is closed
     */
    public static Sewing of(Pattern pattern, double spacing, double gap) {
        Sewing sewing = new Sewing(pattern, spacing, gap);
        sewing.cut();
        sewing.sew();
        return sewing;
    }

    private void cut() {
        Map<String, Map<String, double[]>> arcs = new HashMap<>();
        for (Piece piece : pattern.pieces()) {
            Map<String, double[]> own = new HashMap<>();
            for (OutlineEdge edge : piece.outline()) {
                own.put(edge.name(), even(edge.path().length()));
            }
            arcs.put(piece.id(), own);
        }
        for (SeamJoin seam : pattern.seams()) {
            if (!seam.a().equals(seam.b())) {
                divide(SeamPair.of(pattern, seam), arcs);
            }
        }
        for (Piece piece : pattern.pieces()) {
            pieces.put(piece.id(), PieceMesh.of(piece, arcs.get(piece.id()), spacing));
        }
    }

    private double[] even(double length) {
        int n = Math.max(1, (int) Math.round(length / spacing));
        double[] arcs = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            arcs[i] = length * i / n;
        }
        return arcs;
    }

    /** Both edges of a seam get as many stretches between each pair of marks. */
    private void divide(SeamPair pair, Map<String, Map<String, double[]>> arcs) {
        List<Double> a = new ArrayList<>(List.of(0.0));
        List<Double> b = new ArrayList<>(List.of(0.0));
        List<SeamPair.Meeting> meetings = pair.meetings().stream()
                .sorted((m, n) -> Double.compare(m.arcA(), n.arcA()))
                .toList();
        for (int m = 1; m < meetings.size(); m++) {
            SeamPair.Meeting from = meetings.get(m - 1);
            SeamPair.Meeting to = meetings.get(m);
            double lengthA = to.arcA() - from.arcA();
            double lengthB = to.arcB() - from.arcB();
            if (lengthA < spacing / 4 || lengthB < spacing / 4) {
                continue;
            }
            double beginA = a.get(a.size() - 1);
            double beginB = b.get(b.size() - 1);
            int n = Math.max(1, (int) Math.round((lengthA + lengthB) / 2 / spacing));
            for (int i = 1; i <= n; i++) {
                a.add(beginA + (to.arcA() - beginA) * i / n);
                b.add(beginB + (to.arcB() - beginB) * i / n);
            }
        }
        a.set(a.size() - 1, pair.totalA());
        b.set(b.size() - 1, pair.totalB());
        put(arcs, pair.seam().a(), a, pair.a().start());
        put(arcs, pair.seam().b(), b, pair.b().start());
    }

    /** The arcs run from the upper end; the outline may run the other way. */
    private void put(Map<String, Map<String, double[]>> arcs, SeamJoin.Ref ref, List<Double> down, Point upper) {
        double length = down.get(down.size() - 1);
        boolean same = pattern.edge(ref).path().start().distance(upper) < 1e-9;
        double[] own = new double[down.size()];
        for (int i = 0; i < own.length; i++) {
            own[i] = same ? down.get(i) : length - down.get(own.length - 1 - i);
        }
        arcs.get(ref.piece()).put(ref.edge(), own);
    }

    private void sew() {
        int total = 0;
        for (Map.Entry<String, PieceMesh> each : pieces.entrySet()) {
            first.put(each.getKey(), total);
            total += each.getValue().points().size();
        }
        same = new int[total];
        for (int i = 0; i < total; i++) {
            same[i] = i;
        }
        for (SeamJoin seam : pattern.seams()) {
            if (!seam.a().equals(seam.b())) {
                int[] a = down(seam, seam.a(), true);
                int[] b = down(seam, seam.b(), false);
                for (int i = 0; i < a.length; i++) {
                    join(a[i], b[i]);
                }
            }
        }
        vertex = new int[total];
        int[] numbers = new int[total];
        java.util.Arrays.fill(numbers, -1);
        for (int i = 0; i < total; i++) {
            int root = root(i);
            if (numbers[root] < 0) {
                numbers[root] = count++;
            }
            vertex[i] = numbers[root];
        }
    }

    private int[] down(SeamJoin seam, SeamJoin.Ref ref, boolean isFirst) {
        SeamPair pair = SeamPair.of(pattern, seam);
        Point upper = (isFirst ? pair.a() : pair.b()).start();
        int[] local = pieces.get(ref.piece()).edges().get(ref.edge());
        boolean forward = pattern.edge(ref).path().start().distance(upper) < 1e-9;
        int[] global = new int[local.length];
        for (int i = 0; i < local.length; i++) {
            global[i] = first.get(ref.piece()) + local[forward ? i : local.length - 1 - i];
        }
        return global;
    }

    private int root(int i) {
        int at = i;
        while (same[at] != at) {
            same[at] = same[same[at]];
            at = same[at];
        }
        return at;
    }

    private void join(int a, int b) {
        same[root(a)] = root(b);
    }

    /** The triangles of all pieces over the sewn vertices. */
    public Mesh mesh() {
        List<int[]> triangles = new ArrayList<>();
        List<double[]> paper = new ArrayList<>();
        for (PieceMesh each : pieces.values()) {
            Motion upright = each.piece().uprightTurn();
            for (int[] t : each.triangles()) {
                double[] corners = new double[6];
                int[] ids = new int[3];
                for (int k = 0; k < 3; k++) {
                    Point p = upright.apply(each.points().get(t[k]));
                    corners[2 * k] = p.x();
                    corners[2 * k + 1] = p.y();
                    ids[k] = vertex(each.piece(), t[k]);
                }
                if (ids[0] != ids[1] && ids[1] != ids[2] && ids[2] != ids[0]) {
                    triangles.add(ids);
                    paper.add(corners);
                }
            }
        }
        return new Mesh(count, triangles.toArray(int[][]::new), paper.toArray(double[][]::new), held());
    }

    /** Where the two halves meet, or are laced, the cloth cannot move to the side. */
    private boolean[][] held() {
        boolean[][] held = new boolean[count][3];
        for (int v : middle().keySet()) {
            held[v][0] = true;
        }
        return held;
    }

    /** The vertices on the middle plane, with how far to the side each lies, mm. */
    Map<Integer, Double> middle() {
        Map<Integer, Double> middle = new HashMap<>();
        for (PieceMesh each : pieces.values()) {
            for (OutlineEdge edge : each.piece().outline()) {
                boolean own = pattern.seams().stream()
                        .anyMatch(s -> s.a().equals(s.b())
                                && s.a().equals(new SeamJoin.Ref(each.piece().id(), edge.name())));
                if (own || edge.kind() == OutlineEdge.Kind.FOLD || edge.kind() == OutlineEdge.Kind.CLOSURE) {
                    double aside = edge.kind() == OutlineEdge.Kind.CLOSURE
                                    && !each.piece().front()
                            ? gap / 2
                            : 0;
                    for (int local : each.edges().get(edge.name())) {
                        middle.merge(vertex(each.piece(), local), aside, Math::max);
                    }
                }
            }
        }
        return middle;
    }

    /** The vertices of the lacing edge behind, from the top down, each with how much of the edge it stands for, mm. */
    Map<Integer, Double> lacing() {
        Map<Integer, Double> lacing = new LinkedHashMap<>();
        for (PieceMesh each : pieces.values()) {
            for (OutlineEdge edge : each.piece().outline()) {
                if (edge.kind() == OutlineEdge.Kind.CLOSURE
                        && !each.piece().front()
                        && !each.piece().role().isSkirt()) {
                    int[] local = each.edges().get(edge.name());
                    for (int i = 0; i + 1 < local.length; i++) {
                        double half = each.points()
                                        .get(local[i])
                                        .distance(each.points().get(local[i + 1]))
                                / 2;
                        lacing.merge(vertex(each.piece(), local[i]), half, Double::sum);
                        lacing.merge(vertex(each.piece(), local[i + 1]), half, Double::sum);
                    }
                }
            }
        }
        return lacing;
    }

    int vertex(Piece piece, int local) {
        return vertex[first.get(piece.id()) + local];
    }

    Map<String, PieceMesh> pieces() {
        return pieces;
    }

    Pattern pattern() {
        return pattern;
    }

    double gap() {
        return gap;
    }

    public double spacing() {
        return spacing;
    }
}
