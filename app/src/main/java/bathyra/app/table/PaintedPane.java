package bathyra.app.table;

import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;

/** A pane with one canvas that paints itself, at most once a pulse. A painting that fails says so in its place and takes nothing else with it. */
public abstract class PaintedPane extends Pane {
    private final Canvas canvas = new Canvas();
    private final OncePulse painting = OncePulse.after(this, this::paintNow);
    private final Palette palette = new Palette(this::repaint);

    protected PaintedPane() {
        getChildren().addAll(canvas, palette);
    }

    /** @param height that it always has, in pixels */
    protected PaintedPane(double height) {
        this();
        setMinHeight(height);
        setPrefHeight(height);
        setMaxHeight(height);
    }

    protected final Palette palette() {
        return palette;
    }

    /** Paints anew in the next pulse. */
    protected final void repaint() {
        painting.ask();
    }

    private void paintNow() {
        if (canvas.getWidth() > 0 && canvas.getHeight() > 0) {
            Painting.guarded(
                    new CanvasSurface(canvas), palette::of, canvas.getWidth(), canvas.getHeight(), this::paint);
        }
    }

    /** Paints on a surface as large as this pane. */
    protected abstract void paint(Surface g);

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        if (CanvasSize.follow(canvas, this)) {
            repaint();
        }
    }
}
