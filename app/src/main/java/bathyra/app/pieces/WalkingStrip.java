package bathyra.app.pieces;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Palette;
import bathyra.draft.Draft;
import bathyra.girth.Level;
import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.piece.SeamJoin;
import bathyra.truing.SeamPair;
import java.util.List;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.text.TextAlignment;

/** The two edges of a seam as paper strips on each other, pinned at the marks, with how far each stretch is apart. */
final class WalkingStrip extends Pane {
    private static final double LEFT = 92;
    private static final double RIGHT = 22;
    private static final double HEIGHT = 96;
    private static final double STEP = 5;
    private static final double STRIDE = 50;

    private final Canvas canvas = new Canvas();
    private final Palette palette = new Palette(this::paint);
    private Draft draft;
    private SeamJoin seam;
    private LengthUnit unit = LengthUnit.CM;
    private final DoubleProperty needle = new SimpleDoubleProperty(0);

    WalkingStrip() {
        getChildren().addAll(canvas, palette);
        setFocusTraversable(true);
        setOnMousePressed(e -> {
            requestFocus();
            walkTo(e.getX());
        });
        setOnMouseDragged(e -> walkTo(e.getX()));
        setOnKeyPressed(this::step);
        needle.addListener((o, was, now) -> paint());
        setMinHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setId("walking-strip");
    }

    void show(Draft nextDraft, SeamJoin nextSeam, LengthUnit nextUnit) {
        draft = nextDraft;
        seam = nextSeam;
        unit = nextUnit;
        SeamPair pair = SeamPair.of(draft.pattern(), seam);
        setAccessibleText(seam.name() + ": edges " + LengthText.say(Length.mm(pair.totalA()), unit) + " and " + LengthText.say(Length.mm(pair.totalB()), unit));
        paint();
    }

    /** How far down the seam the needle stands, mm from its upper end. */
    DoubleProperty needleProperty() {
        return needle;
    }

    private double length() {
        SeamPair pair = SeamPair.of(draft.pattern(), seam);
        return Math.max(pair.totalA(), pair.totalB());
    }

    private void walkTo(double x) {
        if (draft != null) {
            double length = length();
            needle.set(Math.min(length, Math.max(0, (x - LEFT) / (canvas.getWidth() - LEFT - RIGHT) * length)));
        }
    }

    private void step(KeyEvent e) {
        if (draft == null || e.getCode() != KeyCode.LEFT && e.getCode() != KeyCode.RIGHT) {
            return;
        }
        double by = (e.getCode() == KeyCode.RIGHT ? 1 : -1) * (e.isShiftDown() ? STRIDE : STEP);
        needle.set(Math.min(length(), Math.max(0, needle.get() + by)));
        e.consume();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(HEIGHT);
        paint();
    }

    private void paint() {
        if (draft == null || canvas.getWidth() <= LEFT) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), HEIGHT);
        SeamPair pair = SeamPair.of(draft.pattern(), seam);
        double scale = (canvas.getWidth() - LEFT - RIGHT) / Math.max(pair.totalA(), pair.totalB());
        g.setTextBaseline(VPos.BASELINE);
        strip(g, 22, pair.stretchesA(), scale, draft.pattern().piece(seam.a().piece()).name());
        strip(g, 54, pair.stretchesB(), scale, draft.pattern().piece(seam.b().piece()).name());
        double x = LEFT;
        double lastName = -100;
        text(g, "apart", LEFT - 8, 92, Ink.INK_2, TextAlignment.RIGHT);
        for (int i = 0; i < pair.stretchesA().size(); i++) {
            String name = Level.ofId(pair.names().get(i)).map(Level::label).orElse("Top");
            if (x - lastName > 74 && pair.stretchesA().get(i) > 1) {
                g.setFont(Lettering.SOUNDING);
                g.setFill(palette.of(Ink.TEAL));
                g.setTextAlign(TextAlignment.LEFT);
                g.fillText(name, x, 15);
                lastName = x;
            }
            pin(g, x);
            double width = pair.stretchesA().get(i) * scale;
            double apart = Math.abs(pair.stretchesA().get(i) - pair.stretchesB().get(i));
            if (width > 62) {
                text(g, LengthText.fineFigure(Length.mm(apart), LengthUnit.MM) + " mm", x + width / 2, 92, apart <= 0.5 ? Ink.KELP : Ink.RED, TextAlignment.CENTER);
            }
            x += width;
        }
        pin(g, x);
        thread(g, pair, scale);
    }

    /** The coral thread from the anchor to the needle. */
    private void thread(GraphicsContext g, SeamPair pair, double scale) {
        String anchor = seam.a().edge().equals("princess-front") ? Level.BUST.id() : Level.WAIST.id();
        double from = 0;
        for (int i = 0; i < pair.names().size() && !pair.names().get(i).equals(anchor); i++) {
            from += pair.stretchesA().get(i);
        }
        double at = LEFT + needle.get() * scale;
        g.setStroke(palette.of(Ink.CORAL));
        g.setLineWidth(2.4);
        g.setLineDashes(7, 4);
        g.strokeLine(LEFT + from * scale, 50.5, at, 50.5);
        g.setLineDashes();
        g.setFill(palette.of(Ink.CORAL));
        g.fillOval(at - 7, 43.5, 14, 14);
        g.setStroke(palette.of(Ink.CHART));
        g.setLineWidth(1.6);
        g.strokeOval(at - 7, 43.5, 14, 14);
    }

    private void strip(GraphicsContext g, double top, List<Double> stretches, double scale, String name) {
        text(g, name, LEFT - 8, top + 17, Ink.INK, TextAlignment.RIGHT);
        double x = LEFT;
        for (double stretch : stretches) {
            double width = stretch * scale;
            g.setFill(palette.of(Ink.CHART));
            g.fillRect(x, top, width, 25);
            g.setStroke(palette.of(Ink.INK));
            g.setLineWidth(1.4);
            g.setLineDashes();
            g.strokeRect(x, top, width, 25);
            if (width > 56) {
                text(g, LengthText.say(Length.mm(stretch), unit), x + width / 2, top + 17, Ink.INK, TextAlignment.CENTER);
            }
            x += width;
        }
    }

    private void pin(GraphicsContext g, double x) {
        g.setFill(palette.of(Ink.BRASS_LIGHT));
        g.fillOval(x - 4, 17, 8, 8);
        g.setStroke(palette.of(Ink.BRASS_TEXT));
        g.setLineWidth(1);
        g.strokeOval(x - 4, 17, 8, 8);
    }

    private void text(GraphicsContext g, String words, double x, double y, Ink ink, TextAlignment alignment) {
        g.setFont(Lettering.FIGURE);
        g.setFill(palette.of(ink));
        g.setTextAlign(alignment);
        g.fillText(words, x, y);
    }
}
