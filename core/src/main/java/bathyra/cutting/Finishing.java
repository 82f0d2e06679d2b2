package bathyra.cutting;

import bathyra.garment.EdgeAt;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.GrainLine;
import bathyra.garment.LayerKind;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Tolerance;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.Bend;
import bathyra.piece.CutCount;
import bathyra.piece.CutLine;
import bathyra.piece.CuttingLine;
import bathyra.piece.EdgeRole;
import bathyra.piece.Ends;
import bathyra.piece.LevelMark;
import bathyra.piece.Mark;
import bathyra.piece.Markings;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.PieceTitle;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes finished pieces of sheets: allowances, notches, grain, and how often each is cut (C12). */
public final class Finishing {
    private static final double AT_END = 1;
    private static final double ON_EDGE = 0.5;
    private static final double COARSE = 1;
    /** A joining mark on a cup seam stands so far from its end. */
    private static final double CUP_NOTCH = 15;
    /** A seam that no level crosses is marked in its middle from this length on. */
    private static final double MARKED_FROM = 12;

    private Finishing() {}

    /** What an edge is for, which sets its allowance. */
    public static EdgeUse use(OutlineEdge edge) {
        return switch (edge.kind()) {
            case FOLD -> EdgeUse.FOLD;
            case CLOSURE -> edge.role() == EdgeRole.CENTRE_FRONT ? EdgeUse.CENTRE_FRONT : EdgeUse.CENTRE_BACK;
            case EDGE -> edge.role().isBelow() ? EdgeUse.LOWER_EDGE : EdgeUse.UPPER_EDGE;
            case SEAM, DART ->
                switch (edge.role()) {
                    case SIDE -> EdgeUse.SIDE;
                    case SLIT -> EdgeUse.SLIT;
                    default -> EdgeUse.SEAM;
                };
        };
    }

    /** The finished pieces, numbered in wearing order. @param apex the seam over the apex, if one passes there */
    public static List<Piece> pieces(PaperPattern pattern, Optional<Apex> apex, Garment garment) {
        List<Piece> pieces = new ArrayList<>();
        for (Sheet sheet : pattern.labelled().sheets()) {
            pieces.add(cut(
                    piece(
                            sheet,
                            pieces.size() + 1,
                            marks(sheet, apex, garment),
                            garment.finish().grain(sheet.id())),
                    Optional.empty(),
                    garment));
        }
        return pieces;
    }

    /** The panels before cups and yokes are cut out of them, without allowances: to be measured, not to be cut. */
    public static List<Piece> uncut(PaperPattern pattern) {
        List<Piece> pieces = new ArrayList<>();
        for (Sheet sheet : pattern.labelled().sheets()) {
            pieces.add(piece(sheet, pieces.size() + 1, List.of(), GrainLine.CENTRE_FRONT));
        }
        return pieces;
    }

    /** A piece with the allowances of a layer, or of the draft itself. */
    public static Piece cut(Piece piece, Optional<LayerKind> layer, Garment garment) {
        List<CutLine.Side> sides = new ArrayList<>();
        Map<String, Double> widths = new HashMap<>();
        List<OutlineEdge> outline = piece.outline();
        for (int i = 0; i < outline.size(); i++) {
            OutlineEdge edge = outline.get(i);
            OutlineEdge before = outline.get((i + outline.size() - 1) % outline.size());
            OutlineEdge after = outline.get((i + 1) % outline.size());
            boolean leg = edge.kind() == OutlineEdge.Kind.DART;
            if (leg && before.kind() == OutlineEdge.Kind.DART) {
                continue;
            }
            OutlineEdge cut = leg ? DartRoof.over(before, edge, after, outline.get((i + 2) % outline.size())) : edge;
            OutlineEdge beside = leg ? before : edge;
            EdgeUse use = use(beside);
            double width = garment.allowance(layer, new EdgeAt(piece.id(), beside.name()), use)
                    .millimetres();
            sides.add(new CutLine.Side(cut, width, garment.finish().corner(use)));
            widths.put(edge.name(), width);
        }
        return piece.cutWith(CutLine.of(sides), widths);
    }

    private static Piece piece(Sheet sheet, int order, List<Mark> marks, GrainLine grain) {
        boolean fold = isOnFold(sheet);
        // On the fold the thread lies along the fold; nothing else can be cut double.
        GrainLine line = fold ? GrainLine.CENTRE_FRONT : grain;
        return new Piece(
                new PieceTitle(sheet.id(), sheet.name(), order, sheet.front()),
                new CutCount(fold ? 1 : 2, fold),
                sheet.outline(),
                new Markings(
                        sheet.marks(), notches(sheet), Grains.of(sheet, line), sheet.declared(), marks, sheet.darts()),
                CuttingLine.of(List.of()));
    }

    private static boolean isOnFold(Sheet sheet) {
        return sheet.outline().stream().anyMatch(e -> e.kind() == OutlineEdge.Kind.FOLD);
    }

    /** The apex on every piece whose edge runs over it, the top of the pieces that look alike at both ends or are to show it, and the hollows that have to be clipped. */
    private static List<Mark> marks(Sheet sheet, Optional<Apex> apex, Garment garment) {
        List<Mark> marks = new ArrayList<>();
        for (Point at : apex.map(a -> List.of(a.atInner(), a.atOuter())).orElse(List.of())) {
            if (marks.isEmpty()
                    && sheet.outline().stream().anyMatch(e -> e.path().isNear(at, ON_EDGE))) {
                marks.add(new Mark(Mark.Kind.APEX, at));
            }
        }
        if (garment.finish().topMarks().contains(sheet.id())
                || Ends.alike(sheet.flattened(Ends.FOLLOWED), isOnFold(sheet))) {
            List<Point> ring = sheet.flattened(COARSE);
            double x = Shape.middle(ring).x();
            marks.add(new Mark(Mark.Kind.TOP, new Point(x, Shape.upright(ring, x)[0])));
        }
        List<OutlineEdge> outline = sheet.outline();
        for (int i = 0; i < outline.size(); i++) {
            EdgeRole role = outline.get(i).role();
            OutlineEdge next = outline.get((i + 1) % outline.size());
            if ((role == EdgeRole.SLIT || role == EdgeRole.GORE) && next.role() == role) {
                marks.add(new Mark(Mark.Kind.POINT, next.path().start()));
            }
        }
        sheet.darts().stream()
                .flatMap(d -> d.tips(Tolerance.SEAM).stream())
                .forEach(tip -> marks.add(new Mark(Mark.Kind.DART_END, tip)));
        Bend.tighter(sheet.outline(), Tolerance.RADIUS_CONCAVE, true)
                .forEach(b -> marks.add(new Mark(Mark.Kind.CLIP, b.at())));
        return marks;
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
        notches.addAll(atMouths(sheet.outline()));
        for (OutlineEdge edge : sheet.outline()) {
            double length = edge.path().length();
            if (edge.role() == EdgeRole.SLIT) {
                sheet.marks().forEach(mark -> edge.path()
                        .crossing(Path.of(new Line(mark.from(), mark.to())))
                        .filter(c -> c.here() > AT_END && c.here() < length - AT_END)
                        .ifPresent(c -> notches.add(
                                new Notch(edge.name(), edge.path().at(c.here()).point(), false, mark.level()))));
            } else if (edge.role().isCup() && length > 3 * CUP_NOTCH) {
                for (double arc : new double[] {CUP_NOTCH, length / 2, length - CUP_NOTCH}) {
                    notches.add(new Notch(edge.name(), edge.path().at(arc).point(), false, "cup"));
                }
            } else if (edge.kind() == OutlineEdge.Kind.SEAM
                    && length > MARKED_FROM
                    && edge.role() != EdgeRole.GORE
                    && notches.stream().noneMatch(n -> n.edge().equals(edge.name()))) {
                notches.add(new Notch(
                        edge.name(), edge.path().at(length / 2).point(), isBehindSide(edge.name()), "middle"));
            }
        }
        return notches;
    }

    /** Both sides of the mouth of a dart that opens in an edge; what is sewn to an edge ends there by itself. */
    private static List<Notch> atMouths(List<OutlineEdge> outline) {
        List<Notch> notches = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            OutlineEdge edge = outline.get(i);
            OutlineEdge after = outline.get((i + 1) % outline.size());
            boolean leg = edge.kind() == OutlineEdge.Kind.DART;
            if (leg != (after.kind() == OutlineEdge.Kind.DART)) {
                OutlineEdge beside = leg ? after : edge;
                if (beside.kind() == OutlineEdge.Kind.EDGE) {
                    notches.add(new Notch(beside.name(), after.path().start(), false, "dart"));
                }
            }
        }
        return notches;
    }

    /** A notch where a level line meets a seam; at an end of the edge the corner itself is the mark. */
    private static Optional<Notch> at(Sheet sheet, Point point, String level, boolean far) {
        for (OutlineEdge edge : sheet.outline()) {
            boolean sewn = edge.kind() == OutlineEdge.Kind.SEAM
                    || (far && (edge.kind() == OutlineEdge.Kind.CLOSURE || edge.kind() == OutlineEdge.Kind.FOLD));
            Optional<Path.Place> place = sewn ? edge.path().near(point, ON_EDGE) : Optional.empty();
            if (place.isPresent()
                    && place.get().arc() > AT_END
                    && place.get().arc() < edge.path().length() - AT_END) {
                return Optional.of(new Notch(edge.name(), point, isBehindSide(edge.name()), level));
            }
        }
        return Optional.empty();
    }

    private static boolean isBehindSide(String edge) {
        return SeamPlace.ofId(edge)
                .filter(s -> s.part() == SeamPlace.Part.BACK || s.part() == SeamPlace.Part.CENTRE_BACK)
                .isPresent();
    }
}
