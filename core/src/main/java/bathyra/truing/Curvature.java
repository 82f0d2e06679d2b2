package bathyra.truing;

import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Tolerance;
import bathyra.measure.Length;
import bathyra.measure.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.List;

/** No sewn edge bends more tightly than cloth can be sewn. */
final class Curvature implements Check {
    private static final int SAMPLES = 16;
    private static final double STRAIGHT = 1e-5;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(Curvature::look).toList();
    }

    private record Bend(double radius, Point at, String edge) {
        static final Bend NONE = new Bend(1 / STRAIGHT, new Point(0, 0), "");

        Bend tighter(double curvature, Point point, String edgeName) {
            return curvature > 1 / radius ? new Bend(1 / curvature, point, edgeName) : this;
        }
    }

    private static Finding look(Piece piece) {
        Bend hollow = Bend.NONE;
        Bend bulge = Bend.NONE;
        for (OutlineEdge edge : piece.outline()) {
            for (Segment segment : edge.path().segments()) {
                for (int i = 0; i <= SAMPLES; i++) {
                    double t = (double) i / SAMPLES;
                    // The outline runs clockwise: turning clockwise bulges, turning back is a hollow.
                    double curvature = segment.curvature(t);
                    bulge = bulge.tighter(curvature, segment.at(t), edge.name());
                    hollow = hollow.tighter(-curvature, segment.at(t), edge.name());
                }
            }
        }
        boolean hollowHolds = hollow.radius() >= Tolerance.RADIUS_CONCAVE;
        boolean bulgeHolds = bulge.radius() >= Tolerance.RADIUS_CONVEX;
        if (hollowHolds && bulgeHolds) {
            Bend tightest = hollow.radius() < bulge.radius() ? hollow : bulge;
            return Finding.mm("curvature", piece.id(), Finding.Status.OK, tightest.radius(), Tolerance.RADIUS_CONCAVE,
                    Sentence.of("{}: tightest bend has a radius of {}.", piece.name(), Length.mm(tightest.radius()))).at(piece.id(), tightest.at());
        }
        Bend worst = hollowHolds ? bulge : hollow;
        double limit = hollowHolds ? Tolerance.RADIUS_CONVEX : Tolerance.RADIUS_CONCAVE;
        return Finding.mm("curvature", piece.id(), Finding.Status.FAULT, worst.radius(), limit, Sentence.of(
                "{}, {}: bends to a radius of {}; {} can be sewn. Soften the curve, or clip it there.",
                piece.name(), worst.edge().replace('-', ' '), Length.mm(worst.radius()), Length.mm(limit))).at(piece.id(), worst.at());
    }
}
