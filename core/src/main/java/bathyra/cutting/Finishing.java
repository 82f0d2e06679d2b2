package bathyra.cutting;

import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.girth.Level;
import bathyra.intake.SeamPlace;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.CutLine;
import bathyra.piece.Grain;
import bathyra.piece.LevelMark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes finished pieces of sheets: allowances, notches, grain, and how often each is cut (C12). */
public final class Finishing {
    private static final double GRAIN_INSET = 0.12;
    private static final double AT_END = 1;
    private static final double ON_EDGE = 0.5;
    private static final double COARSE = 1;
    private static final double GRAIN_AT = 0.17;
    /** A joining mark on a cup seam stands so far from its end. */
    private static final double CUP_NOTCH = 15;

    private Finishing() {}

    /** What an edge is for, which sets its allowance. */
    public static EdgeUse use(OutlineEdge edge) {
        return switch (edge.kind()) {
            case FOLD -> EdgeUse.FOLD;
            case CLOSURE -> edge.name().equals(PanelSheets.CENTRE_FRONT) ? EdgeUse.CENTRE_FRONT : EdgeUse.CENTRE_BACK;
            case EDGE -> edge.name().equals(PanelSheets.LOWER) || edge.name().equals("hem") ? EdgeUse.LOWER_EDGE : EdgeUse.UPPER_EDGE;
            case SEAM, DART -> edge.name().startsWith(SeamPlace.SIDE.id()) ? EdgeUse.SIDE : EdgeUse.SEAM;
        };
    }

    /** The finished pieces, numbered in wearing order. */
    public static List<Piece> pieces(PaperPattern pattern, Garment garment) {
        List<Piece> pieces = new ArrayList<>();
        for (Sheet sheet : pattern.labelled().sheets()) {
            pieces.add(piece(sheet, pieces.size() + 1, CutLine.of(sheet.outline(), e -> garment.allowance(use(e)).millimetres())));
        }
        return pieces;
    }

    /** The panels before cups and yokes are cut out of them, without allowances: to be measured, not to be cut. */
    public static List<Piece> uncut(PaperPattern pattern) {
        List<Piece> pieces = new ArrayList<>();
        for (Sheet sheet : pattern.labelled().sheets()) {
            pieces.add(piece(sheet, pieces.size() + 1, List.of()));
        }
        return pieces;
    }

    private static Piece piece(Sheet sheet, int order, List<Point> cut) {
        boolean fold = sheet.outline().stream().anyMatch(e -> e.kind() == OutlineEdge.Kind.FOLD);
        return new Piece(sheet.id(), sheet.name(), order, sheet.front(), fold ? 1 : 2, fold, sheet.outline(), sheet.marks(), notches(sheet), grain(sheet), cut, sheet.declared());
    }

    /** At every level on every seam, and near both ends and in the middle of what has no level: single in front, double behind the side. */
    private static List<Notch> notches(Sheet sheet) {
        List<Notch> notches = new ArrayList<>();
        for (LevelMark mark : sheet.marks()) {
            if (!mark.level().equals(Level.UPPER.id())) {
                at(sheet, mark.from(), mark.level(), false).ifPresent(notches::add);
                at(sheet, mark.to(), mark.level(), true).ifPresent(notches::add);
            }
        }
        for (OutlineEdge edge : sheet.outline()) {
            double length = edge.path().length();
            if (edge.name().startsWith("cup") && length > 3 * CUP_NOTCH) {
                for (double arc : new double[] {CUP_NOTCH, length / 2, length - CUP_NOTCH}) {
                    notches.add(new Notch(edge.name(), edge.path().at(arc).point(), false, "cup"));
                }
            }
        }
        return notches;
    }

    /** A notch where a level line meets a seam; at an end of the edge the corner itself is the mark. */
    private static Optional<Notch> at(Sheet sheet, Point point, String level, boolean far) {
        for (OutlineEdge edge : sheet.outline()) {
            boolean sewn = edge.kind() == OutlineEdge.Kind.SEAM || (far && (edge.kind() == OutlineEdge.Kind.CLOSURE || edge.kind() == OutlineEdge.Kind.FOLD));
            Optional<Path.Place> place = sewn ? edge.path().near(point, ON_EDGE) : Optional.empty();
            if (place.isPresent() && place.get().arc() > AT_END && place.get().arc() < edge.path().length() - AT_END) {
                return Optional.of(new Notch(edge.name(), point, isBehindSide(edge.name()), level));
            }
        }
        return Optional.empty();
    }

    private static boolean isBehindSide(String edge) {
        return SeamPlace.ofId(edge).filter(s -> s.part() == SeamPlace.Part.BACK || s.part() == SeamPlace.Part.CENTRE_BACK).isPresent();
    }

    /** Over nearly the whole piece, parallel to centre front, arrow up. */
    private static Grain grain(Sheet sheet) {
        Optional<LevelMark> waist = sheet.mark(Level.WAIST.id());
        List<Point> ring = sheet.flattened(COARSE);
        double x = waist.map(m -> m.from().x() + (m.to().x() - m.from().x()) * GRAIN_AT).orElseGet(() -> Shape.middle(ring).x());
        double[] reach = Shape.upright(ring, x);
        double inset = (reach[1] - reach[0]) * GRAIN_INSET;
        return new Grain(new Point(x, reach[1] - inset), new Point(x, reach[0] + inset));
    }
}
