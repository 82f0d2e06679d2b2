package bathyra.app.foreign;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.EdgeUnderPointer;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Placement;
import bathyra.app.table.TextSize;
import bathyra.files.SheetLayout;
import bathyra.finding.Finding;
import bathyra.foreign.BlockRoles;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.LengthUnit;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** A pattern from elsewhere as it was drawn: every piece where it lay, its edges named, the seam in hand strong. */
final class ForeignDrawn implements Drawing {
    private static final Placement AS_DRAWN = Placement.moved(new Vec(0, 0));
    private static final double RING = 13;
    private static final double LETTER = 7.2;
    private static final double LOW = 0.25;
    private final Pattern pattern;
    private final LengthUnit unit;
    private final Optional<SeamJoin.Ref> chosen;
    private final Optional<SeamJoin> seam;
    private final Optional<Finding> finding;
    private final BlockRoles roles;

    ForeignDrawn(
            Pattern pattern,
            LengthUnit unit,
            Optional<SeamJoin.Ref> chosen,
            Optional<SeamJoin> seam,
            Optional<Finding> finding,
            BlockRoles roles) {
        this.pattern = pattern;
        this.unit = unit;
        this.chosen = chosen;
        this.seam = seam;
        this.finding = finding;
        this.roles = roles;
    }

    @Override
    public Point[] extent() {
        return Drawing.around(pattern.pieces().stream()
                .flatMap(p -> (p.cutLine().isEmpty() ? p.flattened(1) : p.cutLine()).stream())
                .toList());
    }

    @Override
    public double tagRoom() {
        return 24;
    }

    @Override
    public double footRoom() {
        return 44;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        pattern.pieces().forEach(p -> piece(brush, p));
        finding.flatMap(Finding::place).ifPresent(place -> {
            brush.stroke(Ink.AMBER, 2.4);
            brush.context()
                    .strokeOval(
                            brush.view().x(place.at().x()) - RING,
                            brush.view().y(place.at().y()) - RING,
                            2 * RING,
                            2 * RING);
        });
    }

    private void piece(Brush brush, Piece piece) {
        if (!piece.cutLine().isEmpty()) {
            brush.fill(Ink.PIECE_ALT);
            brush.polygon(piece.cutLine(), true);
            brush.stroke(Ink.INK, 1, 6, 4);
            brush.polygon(piece.cutLine(), false);
        }
        brush.follow(piece.path(), true);
        brush.fill(Ink.CHART);
        brush.context().fill();
        brush.stroke(Ink.LINE, 1, 4, 3);
        piece.levelMarks().forEach(m -> brush.line(m.from(), m.to()));
        for (OutlineEdge edge : piece.outline()) {
            edge(brush, piece, edge);
        }
        brush.stroke(Ink.INK, 2);
        piece.notches().forEach(n -> SheetLayout.strokes(piece, n).forEach(s -> brush.line(s.start(), s.end())));
        brush.stroke(Ink.INK, 1.2);
        SheetLayout.grain(piece).forEach(s -> brush.line(s.start(), s.end()));
        words(brush, piece);
    }

    /** Number and name beside the lower part of the grain, away from the numbers of the edges; a name that has no room is left to the card. */
    private static void words(Brush brush, Piece piece) {
        Point low = piece.grain().from();
        Point high = piece.grain().to();
        double x = brush.view().x(low.x()) + 6;
        double y = brush.view().y(low.y() + LOW * (high.y() - low.y()));
        brush.text(Integer.toString(piece.order()), x, y, Ink.INK, Lettering.number(), TextAlignment.LEFT);
        double right = piece.flattened(1).stream()
                .filter(p -> p.y() < low.y() && p.y() > high.y())
                .mapToDouble(Point::x)
                .max()
                .orElse(low.x());
        if (piece.name().length() * TextSize.px(LETTER) < brush.view().x(right) - x) {
            brush.text(piece.name(), x, y + TextSize.px(17), Ink.INK, Lettering.figure(), TextAlignment.LEFT);
        }
    }

    private void edge(Brush brush, Piece piece, OutlineEdge edge) {
        SeamJoin.Ref ref = new SeamJoin.Ref(piece.id(), edge.name());
        boolean inHand = chosen.equals(Optional.of(ref));
        boolean walked =
                seam.filter(s -> s.a().equals(ref) || s.b().equals(ref)).isPresent();
        brush.stroke(
                inHand || walked ? Ink.TEAL : edge.kind() == OutlineEdge.Kind.SEAM ? Ink.INK : Ink.INK_2,
                inHand ? 4 : walked ? 3 : 1.6);
        brush.path(edge.path());
        // A dot where an edge begins, so that one sees how the outline is shared out.
        brush.fill(Ink.INK);
        brush.context()
                .fillOval(
                        brush.view().x(edge.path().start().x()) - 3,
                        brush.view().y(edge.path().start().y()) - 3,
                        6,
                        6);
        Path.Place middle = edge.path().at(edge.path().length() / 2);
        Point at = middle.point()
                .plus(middle.tangent()
                        .turned(Math.PI / 2)
                        .times(11 / brush.view().scale()));
        String words =
                Optional.ofNullable(roles.edges().get(ref)).orElse(edge.name().replaceFirst("^edge(?=\\d)", ""));
        if (edge.path().length() * brush.view().scale() > 26) {
            brush.text(
                    words,
                    brush.view().x(at.x()),
                    brush.view().y(at.y()) + 4,
                    inHand ? Ink.TEAL : Ink.INK_2,
                    Lettering.ruler(),
                    TextAlignment.CENTER);
        }
    }

    @Override
    public String under(Point paper, double reach) {
        return EdgeUnderPointer.describe(pattern.pieces(), paper, reach, unit, p -> AS_DRAWN);
    }

    /** The edge nearest to a place of the table, if one is near. */
    Optional<SeamJoin.Ref> edgeAt(Point paper, double reach) {
        return EdgeUnderPointer.find(pattern.pieces(), paper, reach, p -> AS_DRAWN)
                .map(f -> new SeamJoin.Ref(f.piece().id(), f.edge().name()));
    }
}
