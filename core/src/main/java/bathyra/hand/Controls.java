package bathyra.hand;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is measured on a piece once it is drawn, and what is marked on it: everything in mm (C24).
 *
 * @param edges along each edge, clockwise, the upper left first
 * @param falling from the upper left to the lower right corner
 * @param rising from the lower left to the upper right corner
 * @param notches in their order along each edge
 */
public record Controls(List<Edge> edges, double falling, double rising, List<Place> notches) {
    /** Below this an edge is drawn by the ruler rather than by a plate, mm. */
    private static final double RULED = 2_000;

    private static final double[] PLATES = {
        20, 25, 30, 40, 50, 60, 75, 100, 125, 150, 200, 250, 300, 400, 500, 750, 1000
    };

    /**
     * An edge.
     *
     * @param words what it is called
     * @param partner the piece and edge to which it is sewn
     * @param allowance beside it
     * @param plate the radius of the largest plate that still goes into its tightest bend; empty for a straight edge
     */
    public record Edge(
            String name,
            String words,
            double length,
            Optional<String> partner,
            double allowance,
            Optional<Double> plate) {}

    /** A notch along its edge. @param up from the waist where the edge crosses it, else from its lower end; negative downwards */
    public record Place(String edge, String words, double up, boolean fromWaist, boolean twofold) {}

    public Controls {
        edges = List.copyOf(edges);
        notches = List.copyOf(notches);
    }

    /** @param piece framed, as {@link HandPiece} has it @param pattern to which it belongs */
    public static Controls of(HandPiece hand, Pattern pattern) {
        Piece piece = hand.piece();
        List<Edge> edges = new ArrayList<>();
        for (OutlineEdge edge : piece.outline()) {
            double tightest = edge.path().tightest();
            edges.add(new Edge(
                    edge.name(),
                    words(edge.name()),
                    edge.path().length(),
                    partner(pattern, piece.id(), edge.name()),
                    piece.allowances().getOrDefault(edge.name(), 0.0),
                    tightest > RULED || HandPiece.isStraight(edge.path())
                            ? Optional.empty()
                            : Optional.of(plate(tightest))));
        }
        List<Point> corners =
                piece.outline().stream().map(e -> e.path().start()).toList();
        return new Controls(
                edges,
                corner(corners, -1, -1).distance(corner(corners, 1, 1)),
                corner(corners, -1, 1).distance(corner(corners, 1, -1)),
                piece.notches().stream().map(n -> place(piece, n)).toList());
    }

    /** The corner farthest to a side and an end. */
    private static Point corner(List<Point> corners, int right, int down) {
        return corners.stream()
                .max(Comparator.comparingDouble(p -> right * p.x() + down * p.y()))
                .orElseThrow();
    }

    private static double plate(double tightest) {
        double best = PLATES[0];
        for (double each : PLATES) {
            if (each <= tightest) {
                best = each;
            }
        }
        return best;
    }

    private static Optional<String> partner(Pattern pattern, String piece, String edge) {
        SeamJoin.Ref ref = new SeamJoin.Ref(piece, edge);
        return pattern.seams().stream()
                .filter(s -> s.a().equals(ref) || s.b().equals(ref))
                .map(s -> s.a().equals(ref) ? s.b() : s.a())
                .findFirst()
                .map(other -> pattern.piece(other.piece()).order() + " "
                        + pattern.piece(other.piece()).name());
    }

    private static Place place(Piece piece, Notch notch) {
        Path down = SeamPair.downwards(piece.edge(notch.edge()).path());
        double at = down.nearest(notch.at()).arc();
        boolean crosses = down.start().y() < 0 && down.end().y() > 0;
        double from = crosses ? waist(down) : down.length();
        return new Place(notch.edge(), words(notch.edge()), from - at, crosses, notch.twofold());
    }

    /** How far down an edge its waist lies. */
    private static double waist(Path down) {
        double above = 0;
        double below = down.length();
        // Halved fifty times it is exact to the arithmetic.
        for (int i = 0; i < 50; i++) {
            double middle = (above + below) / 2;
            if (down.at(middle).point().y() < 0) {
                above = middle;
            } else {
                below = middle;
            }
        }
        return above;
    }

    /** An edge by its name, as one says it. */
    public static String words(String edge) {
        String plain = edge.replace('-', ' ');
        return Character.toUpperCase(plain.charAt(0)) + plain.substring(1);
    }
}
