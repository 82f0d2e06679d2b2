package bathyra.hand;

import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;

/**
 * Where each piece is drawn on cloth that is folded lengthwise, by those who draft on it with the allowances in (C24): centre front on the
 * fold, the edge behind with its allowance at the selvedge, the others between them in wearing order, their waists on one line, row under row.
 *
 * @param half the width of the folded cloth, mm
 * @param rows from the end of the cloth on
 * @param tooWide pieces that the folded cloth cannot take
 */
public record FoldedCloth(double half, List<Row> rows, List<Piece> tooWide) {
    /** Between two pieces, and along the end of the cloth, mm. */
    private static final double APART = 10;
    /** Cut lines are read off to this, mm. */
    private static final double CHORD = 0.2;

    /**
     * A row of pieces.
     *
     * @param waist how far their waists lie from the end of the cloth, mm
     * @param end how far the row reaches from there, mm
     */
    public record Row(double waist, double end, List<Place> places) {
        public Row {
            places = List.copyOf(places);
        }
    }

    /**
     * A piece as it is drawn.
     *
     * @param piece its outline the cutting line, grain at x 0 and waist at y 0, mm
     * @param grain how far its grain lies from the fold, mm
     */
    public record Place(Piece piece, double grain, At at) {}

    /** What decides where a piece lies. */
    public enum At {
        FOLD,
        BETWEEN,
        SELVEDGE
    }

    public FoldedCloth {
        rows = List.copyOf(rows);
        tooWide = List.copyOf(tooWide);
    }

    /** How much cloth is drawn on, mm. */
    public double length() {
        return rows.isEmpty() ? 0 : rows.get(rows.size() - 1).end() + APART;
    }

    /**
     * @param pieces in wearing order from centre front to centre back, with their cutting lines for outlines and framed by their grain and waist
     * @param half the width of the folded cloth, mm
     */
    public static FoldedCloth of(List<Piece> pieces, double half) {
        List<Piece> tooWide = new ArrayList<>();
        List<List<Box>> rows = new ArrayList<>();
        double free = 0;
        for (Piece piece : pieces) {
            Box box = Box.of(piece);
            double beside = box.at() == At.FOLD ? 0 : APART;
            if (box.width() + (box.at() == At.FOLD ? 0 : 2 * APART) > half) {
                tooWide.add(piece);
                continue;
            }
            for (int i = 0; i < Math.max(1, piece.count() / 2); i++) {
                if (rows.isEmpty() || box.at() == At.FOLD && free < half || free < box.width() + beside) {
                    rows.add(new ArrayList<>());
                    free = half;
                }
                rows.get(rows.size() - 1).add(box);
                // Behind the edge at the selvedge nothing more is laid.
                free = box.at() == At.SELVEDGE ? 0 : free - box.width() - beside;
            }
        }
        return new FoldedCloth(half, placed(rows, half), tooWide);
    }

    private static List<Row> placed(List<List<Box>> rows, double half) {
        List<Row> placed = new ArrayList<>();
        double from = APART;
        for (List<Box> row : rows) {
            double up = row.stream().mapToDouble(b -> -b.top()).max().orElse(0);
            double down = row.stream().mapToDouble(Box::foot).max().orElse(0);
            List<Place> places = new ArrayList<>();
            double x = 0;
            for (Box box : row) {
                double left = box.at() == At.FOLD ? x : x + APART;
                if (box.at() == At.SELVEDGE) {
                    left = half - box.width();
                }
                places.add(new Place(box.piece(), left - box.left(), box.at()));
                x = left + box.width();
            }
            placed.add(new Row(from + up, from + up + down, places));
            from += up + down + APART;
        }
        return placed;
    }

    /** How far a piece reaches from its grain and its waist, mm, y down. */
    private record Box(Piece piece, double left, double right, double top, double foot, At at) {
        static Box of(Piece piece) {
            List<Point> all = piece.flattened(CHORD);
            At at = piece.onFold() ? At.FOLD : isBehind(piece) ? At.SELVEDGE : At.BETWEEN;
            return new Box(
                    piece,
                    all.stream().mapToDouble(Point::x).min().orElse(0),
                    all.stream().mapToDouble(Point::x).max().orElse(0),
                    all.stream().mapToDouble(Point::y).min().orElse(0),
                    all.stream().mapToDouble(Point::y).max().orElse(0),
                    at);
        }

        double width() {
            return right - left;
        }

        /** Whether it is closed behind, with a zip or a lacing. */
        private static boolean isBehind(Piece piece) {
            return !piece.front() && piece.outline().stream().anyMatch(e -> e.kind() == OutlineEdge.Kind.CLOSURE);
        }
    }

    /** What one does, row by row, in words. */
    public List<Sentence> said() {
        List<Sentence> said = new ArrayList<>();
        if (!rows.isEmpty()) {
            said.add(Sentence.of(
                    "Folded lengthwise, {} from fold to selvedge; {} of it are drawn on.",
                    Length.mm(half),
                    Length.mm(length())));
        }
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            said.add(Sentence.of(
                    "Row " + (i + 1) + ": its waist {} from the end of the cloth, square to the fold.",
                    Length.mm(row.waist())));
            row.places().forEach(p -> said.add(said(p)));
        }
        tooWide.forEach(p -> said.add(Sentence.of(
                named(p) + " is wider than the folded cloth: open the cloth for it, and cut it from one layer.")));
        return said;
    }

    private static Sentence said(Place place) {
        String once = place.piece().count() == 1 && !place.piece().onFold() ? " Cut it from one layer." : "";
        return switch (place.at()) {
            case FOLD -> Sentence.of(named(place.piece()) + ": its centre on the fold.");
            case BETWEEN ->
                Sentence.of(named(place.piece()) + ": its grain {} from the fold." + once, Length.mm(place.grain()));
            case SELVEDGE ->
                Sentence.of(
                        named(place.piece())
                                + ": its edge behind, with its allowance, at the selvedge; its grain {} from the fold."
                                + once,
                        Length.mm(place.grain()));
        };
    }

    private static String named(Piece piece) {
        return piece.order() + " " + piece.name();
    }
}
