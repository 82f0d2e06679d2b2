package bathyra.app.truing;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import bathyra.truing.SeamPair;
import java.util.Optional;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.input.KeyEvent;

/** The truing strip: both edges of a seam along each other from the anchor, with a needle that walks them by pointer or arrow keys. */
public final class TruingStrip extends PaintedPane {
    private static final double STEP = 5;
    private static final double STRIDE = 50;

    private final DoubleProperty needle = new SimpleDoubleProperty(0);
    private Optional<TruingPainter> painter = Optional.empty();

    public TruingStrip() {
        super(TruingPainter.HEIGHT);
        setFocusTraversable(true);
        setOnMousePressed(e -> {
            requestFocus();
            walkTo(e.getX());
        });
        setOnMouseDragged(e -> walkTo(e.getX()));
        setOnKeyPressed(this::step);
        needle.addListener((o, was, now) -> repaint());
        setId("truing-strip");
    }

    /** Lays a seam on the strip. */
    public void show(Pattern pattern, SeamJoin seam, LengthUnit unit) {
        SeamPair pair = SeamPair.of(pattern, seam);
        painter = Optional.of(new TruingPainter(pattern, pair, unit));
        setAccessibleText(seam.name() + ": edges " + LengthText.say(Length.mm(pair.totalA()), unit) + " and "
                + LengthText.say(Length.mm(pair.totalB()), unit) + ", apart by "
                + LengthText.say(Length.mm(pair.worst()), LengthUnit.MM) + " at the most. Arrow keys walk the needle.");
        repaint();
    }

    /** Takes the seam off the strip. */
    public void clear() {
        painter = Optional.empty();
        setAccessibleText("No seam is laid on the strip.");
        repaint();
    }

    /** How far down the seam the needle stands, mm from its upper end. */
    public DoubleProperty needleProperty() {
        return needle;
    }

    private void walkTo(double x) {
        painter.ifPresent(p -> needle.set(p.arcAt(x, getWidth())));
    }

    private void step(KeyEvent e) {
        if (painter.isEmpty() || !PlaceKey.WALK.isPressed(e)) {
            return;
        }
        double by = (PlaceKey.isBack(e) ? -1 : 1) * (e.isShiftDown() ? STRIDE : STEP);
        needle.set(Math.min(painter.get().length(), Math.max(0, needle.get() + by)));
        e.consume();
    }

    @Override
    protected void paint(Surface g) {
        g.clearRect(0, 0, getWidth(), TruingPainter.HEIGHT);
        painter.ifPresent(p -> p.paint(g, palette(), getWidth(), needle.get()));
    }
}
