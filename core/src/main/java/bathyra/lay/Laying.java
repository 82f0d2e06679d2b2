package bathyra.lay;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Cloth;
import bathyra.garment.LayerKind;
import bathyra.geometry.Point;
import bathyra.layer.Layer;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * What is asked of a lay: the pieces of a layer, on a cloth, open or folded.
 *
 * @param width what can be laid on across, mm
 * @param gap how far pieces stay apart, mm
 * @param hindrances why nothing can be laid: empty when it can
 */
public record Laying(
        LayerKind layer, List<LayPiece> pieces, double width, double gap, boolean folded, List<Finding> hindrances) {
    /** Pieces are cut with room for the shears. */
    public static final double GAP = 5;
    /** A point of a cutting line that lies no farther from the fold lies on it, mm. */
    private static final double ON_FOLD = 0.6;

    public static final double GAP_MOST = 40;

    public Laying {
        pieces = List.copyOf(pieces);
        hindrances = List.copyOf(hindrances);
    }

    /** The pieces of a layer made ready: mirrored in pairs, opened out or on the fold, with shrinkage added along and across. */
    public static Laying of(Layer layer, Cloth cloth, boolean folded, double gap) {
        double width = folded ? cloth.usable() / 2 : cloth.usable();
        List<LayPiece> pieces = new ArrayList<>();
        List<Finding> hindrances = new ArrayList<>();
        for (Piece piece : layer.pieces()) {
            Piece upright = piece.upright();
            boolean right = LaidId.read(piece.id()).right();
            if (folded && !piece.onFold() && piece.count() % 2 == 1) {
                hindrances.add(Finding.of(
                        FindingKind.LAY,
                        piece.id(),
                        Finding.Status.FAULT,
                        piece.count(),
                        0,
                        Sentence.of(
                                "{} is cut {}, and on a folded cloth it comes out twice. Lay this cloth open.",
                                piece.name(),
                                piece.count() == 1 ? "once" : piece.count() + " times")));
            }
            int copies = folded && !piece.onFold() ? (piece.count() + 1) / 2 : piece.count();
            for (int copy = 0; copy < copies; copy++) {
                List<Point> ring = piece.onFold() && !folded
                        ? opened(upright)
                        : piece.onFold()
                                ? foldToTheLeft(upright)
                                : !folded && copy % 2 == (right ? 0 : 1)
                                        ? mirrored(upright.cutLine())
                                        : upright.cutLine();
                List<Point> grown = atOrigin(ring, 1 / (1 - cloth.across()), 1 / (1 - cloth.along()));
                LayPiece laid = LayPiece.of(
                        piece.id(),
                        copy,
                        piece.order() + " " + piece.name() + (right ? ", right" : ""),
                        grown,
                        folded && piece.onFold(),
                        !cloth.oneWay());
                pieces.add(laid);
                if (copy == 0 && laid.width() > width) {
                    hindrances.add(Finding.of(
                            FindingKind.LAY,
                            piece.id(),
                            Finding.Status.FAULT,
                            laid.width(),
                            width,
                            Sentence.of(
                                    folded
                                            ? "{} is {} wide, and the folded cloth leaves {}. Lay it open, or take a wider cloth."
                                            : "{} is {} wide, and the cloth leaves {} between its selvedges. Take a wider cloth, or cut the piece in two.",
                                    piece.name(),
                                    Length.mm(laid.width()),
                                    Length.mm(width))));
                }
            }
        }
        return new Laying(layer.kind(), pieces, width, gap, folded, hindrances);
    }

    private static List<Point> mirrored(List<Point> ring) {
        List<Point> turned =
                new ArrayList<>(ring.stream().map(p -> new Point(-p.x(), p.y())).toList());
        Collections.reverse(turned);
        return turned;
    }

    /** A piece on the fold with its other half. */
    private static List<Point> opened(Piece piece) {
        List<Point> half = foldToTheLeft(piece);
        double fold = half.stream().mapToDouble(Point::x).min().orElse(0);
        List<Point> right = new ArrayList<>(
                half.stream().map(p -> new Point(p.x() - fold, p.y())).toList());
        right.remove(right.size() - 1);
        // From the upper end of the fold, clockwise round the piece, to its lower end, and back up the other half.
        int top = 0;
        for (int i = 1; i < right.size(); i++) {
            boolean onFold = right.get(i).x() < ON_FOLD;
            top = onFold
                            && (right.get(top).x() >= ON_FOLD
                                    || right.get(i).y() < right.get(top).y())
                    ? i
                    : top;
        }
        Collections.rotate(right, -top);
        while (right.size() > 2
                && right.get(right.size() - 1).x() < ON_FOLD
                && right.get(right.size() - 2).x() < ON_FOLD) {
            right.remove(right.size() - 1);
        }
        List<Point> left = mirrored(right);
        List<Point> whole = new ArrayList<>(right);
        whole.addAll(left.subList(1, left.size()));
        return whole;
    }

    /** A piece on the fold with its fold on the left; every such piece is drawn so, but one turned over would not be. */
    private static List<Point> foldToTheLeft(Piece piece) {
        Optional<OutlineEdge> fold = piece.outline().stream()
                .filter(e -> e.kind() == OutlineEdge.Kind.FOLD)
                .findFirst();
        double middle = piece.cutLine().stream().mapToDouble(Point::x).average().orElse(0);
        boolean right = fold.isPresent() && fold.get().path().start().x() > middle;
        return right ? mirrored(piece.cutLine()) : piece.cutLine();
    }

    private static List<Point> atOrigin(List<Point> ring, double across, double along) {
        double left = ring.stream().mapToDouble(Point::x).min().orElse(0);
        double top = ring.stream().mapToDouble(Point::y).min().orElse(0);
        return ring.stream()
                .map(p -> new Point((p.x() - left) * across, (p.y() - top) * along))
                .toList();
    }
}
