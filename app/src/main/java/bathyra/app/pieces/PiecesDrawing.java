package bathyra.app.pieces;

import bathyra.app.table.Joining;
import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.EdgeUnderPointer;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.LevelBands;
import bathyra.app.table.Placement;
import bathyra.draft.Draft;
import bathyra.files.SheetLayout;
import bathyra.garment.EdgeUse;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.girth.Level;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.cutting.Finishing;
import bathyra.piece.LevelMark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.truing.Finding;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** The pieces apart, with their allowances, marks and names. */
final class PiecesDrawing implements Drawing {
    /** Pixels of a letter, at the most. */
    private static final double LETTER = 7.2;
    /** Pixels from a piece's number down to the end of its words. */
    private static final double WORDS_TALL = 58;
    private static final double NUMBER_TALL = 30;
    private static final double DOT = 6;
    /** Closer to the next level the tag has only room for one line. */
    private static final double TAG_HEIGHT = 40;
    private final Draft draft;
    private final LengthUnit unit;
    private final SeamJoin seam;
    private final double needle;
    private final Optional<Finding> finding;
    private final Joining joining;
    private final Map<String, Placement> places;
    private final LevelBands bands;

    /**
     * @param seam the seam that is being walked
     * @param needle how far down the seam the needle stands, mm
     * @param finding the check that is looked at
     */
    PiecesDrawing(Draft draft, LengthUnit unit, SeamJoin seam, double needle, Optional<Finding> finding, Joining joining) {
        this.draft = draft;
        this.unit = unit;
        this.seam = seam;
        this.needle = needle;
        this.finding = finding;
        this.joining = joining;
        this.places = joining.place(draft);
        this.bands = new LevelBands(draft);
    }

    private Placement place(Piece piece) {
        return places.get(piece.id());
    }

    @Override
    public Point[] extent() {
        List<Point> all = new ArrayList<>();
        draft.pattern().pieces().forEach(p -> outer(p).forEach(point -> all.add(place(p).of(point))));
        return new Point[] {new Point(all.stream().mapToDouble(Point::x).min().orElse(0), all.stream().mapToDouble(Point::y).min().orElse(0)),
                new Point(all.stream().mapToDouble(Point::x).max().orElse(1), all.stream().mapToDouble(Point::y).max().orElse(1))};
    }

    private List<Point> outer(Piece piece) {
        return joining == Joining.APART ? piece.cutLine() : piece.flattened(1);
    }

    @Override
    public double tagRoom() {
        return joining == Joining.APART ? 104 : 20;
    }

    @Override
    public double footRoom() {
        return 34;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        if (joining == Joining.APART) {
            bands.paint(brush, width, height);
            bands.levels().forEach(level -> tag(brush, level));
        }
        draft.pattern().pieces().forEach(p -> piece(brush, p));
        needle(brush);
        finding.flatMap(Finding::place).ifPresent(place -> ring(brush, place));
    }

    private void tag(Brush brush, Level level) {
        double y = bands.y(brush.view(), level);
        brush.stroke(Ink.LINE, 1);
        brush.context().strokeLine(34, y, 116, y);
        brush.text(level.label(), 34, y - 6, Ink.TEAL, Lettering.LEVEL, TextAlignment.LEFT);
        if (bands.roomBelow(brush.view(), level) >= TAG_HEIGHT) {
            brush.text(LengthText.say(draft.girths().at(level).pattern().length(), unit), 34, y + 17, Ink.INK_2, Lettering.FIGURE, TextAlignment.LEFT);
        }
    }

    /** The needle runs along both edges of the walked seam in step. */
    private void needle(Brush brush) {
        for (SeamJoin.Ref ref : List.of(seam.a(), seam.b())) {
            Path edge = SeamPair.downwards(draft.pattern().edge(ref).path());
            Point at = place(draft.pattern().piece(ref.piece())).of(edge.at(needle).point());
            double x = brush.view().x(at.x());
            double y = brush.view().y(at.y());
            brush.fill(Ink.CORAL);
            brush.context().fillOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
            brush.stroke(Ink.CHART, 1.6);
            brush.context().strokeOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
        }
    }

    private void ring(Brush brush, Finding.Place place) {
        Point at = place(draft.pattern().piece(place.piece())).of(place.at());
        double x = brush.view().x(at.x());
        double y = brush.view().y(at.y());
        brush.stroke(finding.get().status() == Finding.Status.OK ? Ink.KELP : Ink.AMBER, 2.4);
        brush.context().strokeOval(x - 13, y - 13, 26, 26);
    }

    private void piece(Brush brush, Piece piece) {
        Placement place = place(piece);
        boolean apart = joining == Joining.APART;
        if (apart) {
            List<Point> cut = piece.cutLine().stream().map(place::of).toList();
            brush.fill(Ink.PIECE_ALT);
            brush.polygon(cut, true);
            brush.stroke(Ink.INK, 1, 6, 4);
            brush.polygon(cut, false);
        }
        brush.follow(place.of(piece.path()), true);
        brush.fill(Ink.CHART);
        brush.context().fill();
        for (LevelMark mark : piece.levelMarks()) {
            if (mark.level().equals("waist")) {
                brush.stroke(Ink.LINE, 1.2);
            } else {
                brush.stroke(Ink.LINE, 1, 4, 3);
            }
            brush.line(place.of(mark.from()), place.of(mark.to()));
        }
        for (OutlineEdge edge : piece.outline()) {
            boolean chosen = edge.seam().equals(Optional.of(seam.id()));
            if (edge.kind() == OutlineEdge.Kind.FOLD) {
                brush.stroke(Ink.INK_2, 1.6, 9, 3, 2, 3);
            } else {
                brush.stroke(chosen ? Ink.TEAL : Ink.INK, chosen ? 3 : 1.6);
            }
            brush.path(place.of(edge.path()));
            if (apart) {
                allowance(brush, edge, place);
            }
        }
        brush.stroke(Ink.INK, 2);
        for (Notch notch : apart ? piece.notches() : List.<Notch>of()) {
            for (Line s : SheetLayout.strokes(piece, notch)) {
                brush.line(place.of(s.start()), place.of(s.end()));
            }
        }
        grain(brush, piece, place);
        names(brush, piece, place);
    }

    /** The width is written along the wider allowances; the others would only crowd the drawing. */
    private void allowance(Brush brush, OutlineEdge edge, Placement on) {
        EdgeUse use = Finishing.use(edge);
        double width = draft.commission().garment().allowance(use).millimetres();
        if (width * brush.view().scale() < 17 || edge.kind() == OutlineEdge.Kind.EDGE) {
            return;
        }
        Path.Place place = edge.path().at(edge.path().length() * (edge.path().start().y() < edge.path().end().y() ? 0.68 : 0.32));
        Point at = place.point().plus(place.tangent().turned(-Math.PI / 2).times(width / 2));
        at = on.of(at);
        GraphicsContext g = brush.context();
        g.save();
        g.translate(brush.view().x(at.x()), brush.view().y(at.y()));
        double angle = Math.toDegrees(Math.atan2(place.tangent().dy(), place.tangent().dx()));
        g.rotate(Math.abs(angle) > 90 ? angle + 180 : angle);
        brush.text(use.label() + ", " + LengthText.say(draft.commission().garment().allowance(use), unit), 0, 4, Ink.INK_2, Lettering.RULER, TextAlignment.CENTER);
        g.restore();
    }

    private static void grain(Brush brush, Piece piece, Placement place) {
        brush.stroke(Ink.INK, 1.2);
        SheetLayout.grain(piece).forEach(l -> brush.line(place.of(l.start()), place.of(l.end())));
    }

    private void names(Brush brush, Piece piece, Placement place) {
        Point at = place.of(SheetLayout.labelAt(piece));
        double x = brush.view().x(at.x()) + 2;
        // In a short garment the words would run over the lower edge.
        double tall = Math.abs(brush.view().y(place.of(piece.grain().from()).y()) - brush.view().y(place.of(piece.grain().to()).y()));
        if (tall < WORDS_TALL + NUMBER_TALL) {
            brush.text(Integer.toString(piece.order()), x, brush.view().y(place.of(piece.grain().from()).y()) - tall / 2 + NUMBER_TALL / 3, Ink.INK, Lettering.NUMBER, TextAlignment.LEFT);
            return;
        }
        double y = Math.min(brush.view().y(at.y()) + 6, brush.view().y(place.of(piece.grain().from()).y()) - WORDS_TALL);
        brush.text(Integer.toString(piece.order()), x, y, Ink.INK, Lettering.NUMBER, TextAlignment.LEFT);
        if (joining != Joining.APART) {
            // Turned pieces have no room for lines of text that stay level.
            return;
        }
        // In a narrow panel the words would run over its edge; zoomed in they stand there.
        double room = piece.mark("waist").map(mark -> brush.view().x(place.of(mark.to()).x()) - x).orElseGet(() -> brush.view().x(place.of(new Point(piece.outline().stream().mapToDouble(e -> Math.max(e.path().start().x(), e.path().end().x())).max().orElse(0), 0)).x()) - x);
        if (Stream.of(piece.name().split(" ")).anyMatch(word -> word.length() * LETTER > room)) {
            return;
        }
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
        return EdgeUnderPointer.describe(draft.pattern(), paper, reach, unit, this::place);
    }
}
