package bathyra.app.pieces;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.EdgeUnderPointer;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.draft.Draft;
import bathyra.files.SheetLayout;
import bathyra.garment.EdgeUse;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.piece.Cutting;
import bathyra.piece.LevelMark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.truing.Finding;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** The pieces apart, with their allowances, marks and names. */
final class PiecesDrawing implements Drawing {
    private final Draft draft;
    private final LengthUnit unit;
    private final SeamJoin seam;
    private final Optional<Finding> finding;
    private final SheetLayout layout;

    /** @param seam the seam that is being walked @param finding the check that is looked at */
    PiecesDrawing(Draft draft, LengthUnit unit, SeamJoin seam, Optional<Finding> finding) {
        this.draft = draft;
        this.unit = unit;
        this.seam = seam;
        this.finding = finding;
        this.layout = SheetLayout.of(draft.pattern());
    }

    /** Pieces stay at their depth below the shoulder; only sideways they are moved apart. */
    private Vec shift(Piece piece) {
        return new Vec(layout.shift(piece.id()).dx(), 0);
    }

    @Override
    public Point[] extent() {
        double top = draft.pattern().pieces().stream().flatMap(p -> p.cutLine().stream()).mapToDouble(Point::y).min().orElse(0);
        return new Point[] {new Point(0, top), new Point(layout.width(), top + layout.height())};
    }

    @Override
    public double tagRoom() {
        return 104;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        int band = 1;
        Ink[] bands = {Ink.SEA_1, Ink.SEA_2, Ink.SEA_2, Ink.SEA_3, Ink.SEA_4, Ink.SEA_5};
        for (var plan : draft.girths().levels()) {
            double y = brush.view().y(draft.block().front(plan.level()));
            brush.fill(bands[Math.min(band++, 5)]);
            brush.context().fillRect(0, y, width, Math.max(0, height - y));
            brush.stroke(Ink.LINE, 1);
            brush.context().strokeLine(34, y, 116, y);
            brush.text(plan.level().label(), 34, y - 6, Ink.TEAL, Lettering.LEVEL, TextAlignment.LEFT);
            if (band < 6 && nextLevel(brush, plan.level()) < 40) {
                continue;
            }
            brush.text(LengthText.say(plan.pattern().length(), unit), 34, y + 17, Ink.INK_2, Lettering.FIGURE, TextAlignment.LEFT);
        }
        draft.pattern().pieces().forEach(p -> piece(brush, p));
        finding.flatMap(Finding::place).ifPresent(place -> ring(brush, place));
    }

    private double nextLevel(Brush brush, bathyra.girth.Level level) {
        var levels = draft.girths().levels();
        int next = levels.indexOf(draft.girths().at(level)) + 1;
        return next == levels.size() ? Double.POSITIVE_INFINITY
                : (draft.block().front(levels.get(next).level()) - draft.block().front(level)) * brush.view().scale();
    }

    private void ring(Brush brush, Finding.Place place) {
        Point at = place.at().plus(shift(draft.pattern().piece(place.piece())));
        double x = brush.view().x(at.x());
        double y = brush.view().y(at.y());
        brush.stroke(finding.get().status() == Finding.Status.OK ? Ink.KELP : Ink.AMBER, 2.4);
        brush.context().strokeOval(x - 13, y - 13, 26, 26);
    }

    private void piece(Brush brush, Piece piece) {
        Vec shift = shift(piece);
        var cut = piece.cutLine().stream().map(p -> p.plus(shift)).toList();
        brush.fill(Ink.PIECE_ALT);
        brush.polygon(cut, true);
        brush.stroke(Ink.INK, 1, 6, 4);
        brush.polygon(cut, false);
        brush.follow(piece.path().moved(shift), true);
        brush.fill(Ink.CHART);
        brush.context().fill();
        for (LevelMark mark : piece.levelMarks()) {
            if (mark.level().equals("waist")) {
                brush.stroke(Ink.LINE, 1.2);
            } else {
                brush.stroke(Ink.LINE, 1, 4, 3);
            }
            brush.line(mark.from().plus(shift), mark.to().plus(shift));
        }
        for (OutlineEdge edge : piece.outline()) {
            boolean chosen = edge.seam().equals(Optional.of(seam.id()));
            if (edge.kind() == OutlineEdge.Kind.FOLD) {
                brush.stroke(Ink.INK_2, 1.6, 9, 3, 2, 3);
            } else {
                brush.stroke(chosen ? Ink.TEAL : Ink.INK, chosen ? 3 : 1.6);
            }
            brush.path(edge.path().moved(shift));
            allowance(brush, piece, edge, shift);
        }
        brush.stroke(Ink.INK, 2);
        for (Notch notch : piece.notches()) {
            for (Line s : SheetLayout.strokes(piece, notch)) {
                brush.line(s.start().plus(shift), s.end().plus(shift));
            }
        }
        grain(brush, piece, shift);
        names(brush, piece, shift);
    }

    /** The width is written along the wider allowances; the others would only crowd the drawing. */
    private void allowance(Brush brush, Piece piece, OutlineEdge edge, Vec shift) {
        EdgeUse use = Cutting.use(edge.name());
        double width = draft.commission().garment().allowance(use).millimetres();
        if (width * brush.view().scale() < 17 || edge.kind() == OutlineEdge.Kind.EDGE) {
            return;
        }
        Path.Place place = edge.path().at(edge.path().length() * (edge.path().start().y() < edge.path().end().y() ? 0.68 : 0.32));
        Point at = place.point().plus(place.tangent().turned(-Math.PI / 2).times(width / 2)).plus(shift);
        GraphicsContext g = brush.context();
        g.save();
        g.translate(brush.view().x(at.x()), brush.view().y(at.y()));
        double angle = Math.toDegrees(Math.atan2(place.tangent().dy(), place.tangent().dx()));
        g.rotate(Math.abs(angle) > 90 ? angle + 180 : angle);
        brush.text(use.label() + ", " + LengthText.say(draft.commission().garment().allowance(use), unit), 0, 4, Ink.INK_2, Lettering.RULER, TextAlignment.CENTER);
        g.restore();
    }

    private static void grain(Brush brush, Piece piece, Vec shift) {
        brush.stroke(Ink.INK, 1.2);
        double x = brush.view().x(piece.grain().to().x() + shift.dx());
        double top = brush.view().y(piece.grain().to().y());
        brush.context().strokeLine(x, brush.view().y(piece.grain().from().y()), x, top);
        brush.context().strokePolyline(new double[] {x - 4, x, x + 4}, new double[] {top + 9, top, top + 9}, 3);
    }

    private void names(Brush brush, Piece piece, Vec shift) {
        Point at = SheetLayout.labelAt(piece).plus(shift);
        double x = brush.view().x(at.x()) + 2;
        double y = brush.view().y(at.y()) + 6;
        brush.text(Integer.toString(piece.order()), x, y, Ink.INK, Lettering.NUMBER, TextAlignment.LEFT);
        int row = 1;
        for (String word : piece.name().split(" ")) {
            brush.text(word, x, y + 4 + 15 * row++, Ink.INK, Lettering.FIGURE, TextAlignment.LEFT);
        }
        String cut = piece.onFold() ? "cut 1 on|the fold" : piece.cutWords();
        for (String word : cut.split("\\|")) {
            brush.text(word, x, y + 8 + 15 * row++, Ink.INK_2, Lettering.FIGURE, TextAlignment.LEFT);
        }
    }

    @Override
    public String under(Point paper, double reach) {
        return EdgeUnderPointer.describe(draft.pattern(), paper, reach, unit, this::shift);
    }
}
