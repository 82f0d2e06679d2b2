package bathyra.truing;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.measure.Length;
import bathyra.measure.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;

/**
 * Every allowance has room: outside the piece it does not run into the allowance of another stretch of the same piece, as it does
 * in a keyhole or a deep notch. Measured from the sewing line straight outwards. A hollow that is merely tight is none of this:
 * there the cut line is shortened and nothing is lost.
 */
final class AllowanceRoom implements Check {
    private static final double EVERY = 4;
    private static final double CLEAR = 0.5;
    private static final double CHORD = 0.3;
    /** Stretches that are nearer along the outline than so many allowances belong to one hollow. */
    private static final double ONE_HOLLOW = 4;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().filter(p -> !p.cutLine().isEmpty()).map(AllowanceRoom::look).toList();
    }

    /** Part of the outline as a straight stretch. @param run how far along the outline it begins, mm */
    private record Stretch(Point from, Point to, double run, double allowance) {}

    /** The place where two allowances have least room. @param over by how much they overlap, mm */
    private record Tight(Point at, String edge, double room, double over) {}

    private static Finding look(Piece piece) {
        List<Stretch> stretches = new ArrayList<>();
        double whole = 0;
        for (OutlineEdge edge : piece.outline()) {
            List<Point> points = edge.path().flattened(CHORD);
            for (int i = 1; i < points.size(); i++) {
                stretches.add(new Stretch(points.get(i - 1), points.get(i), whole, piece.allowances().getOrDefault(edge.name(), 0.0)));
                whole += points.get(i - 1).distance(points.get(i));
            }
        }
        Tight worst = null;
        double run = 0;
        for (OutlineEdge edge : piece.outline()) {
            double width = piece.allowances().getOrDefault(edge.name(), 0.0);
            double length = edge.path().length();
            for (double arc = EVERY / 2; width > 0 && arc < length; arc += EVERY) {
                Tight tight = at(edge, edge.path().at(arc), run + arc, width, stretches, whole);
                if (tight != null && (worst == null || tight.over() > worst.over())) {
                    worst = tight;
                }
            }
            run += length;
        }
        if (worst == null) {
            return Finding.mm("allowance", piece.id(), Finding.Status.OK, 0, 0, Sentence.of(piece.name() + ": every allowance has room."));
        }
        return Finding.mm("allowance", piece.id(), Finding.Status.FAULT, worst.over(), 0, Sentence.of(
                piece.name() + ", " + worst.edge() + ": its allowance runs into another of the same piece by {}. There is room for {} on either side; narrow it, or leave it 0 and bind or face the edge.",
                Length.mm(worst.over()), Length.mm(Math.floor(worst.room() / 2)))).at(piece.id(), worst.at());
    }

    private static Tight at(OutlineEdge edge, Path.Place place, double run, double width, List<Stretch> stretches, double whole) {
        Vec out = place.tangent().turned(-Math.PI / 2);
        Tight worst = null;
        for (Stretch stretch : stretches) {
            double apart = Math.abs(stretch.run() - run);
            double reach = width + stretch.allowance();
            if (Math.min(apart, whole - apart) < ONE_HOLLOW * width) {
                continue;
            }
            Vec along = stretch.from().to(stretch.to());
            double cross = out.cross(along);
            Vec to = place.point().to(stretch.from());
            double way = to.cross(along) / cross;
            double share = to.cross(out) / cross;
            if (cross != 0 && way > CLEAR && way < reach && share >= 0 && share <= 1 && (worst == null || reach - way > worst.over())) {
                worst = new Tight(place.point(), edge.name().replace('-', ' '), way, reach - way);
            }
        }
        return worst;
    }
}
