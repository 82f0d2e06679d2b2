package bathyra.app.table;

import bathyra.app.keyboard.PlaceKey;
import bathyra.geometry.Point;
import bathyra.length.LengthUnit;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polygon;

/**
 * The cutter's table: a canvas with tape rulers, zoom to the pointer and pan. The view moves only when the user moves it. It is painted
 * at most once a pulse; what follows the pointer lies above the painting.
 */
public final class Table extends Pane {
    public static final double RULER = 24;
    private static final double ZOOM_STEP = 1.18;
    private static final double FIT_MARGIN = 26;
    private static final double REACH = 7;
    /** Half the width of the mark that shows on a ruler where the pointer is. */
    private static final double POINTER = 4;

    private final Canvas canvas = new Canvas();
    private final Pane handles = new Pane();
    private final Polygon across = pointer();
    private final Polygon down = pointer();
    private final OncePulse painting = OncePulse.after(this, this::paintNow);
    private final Palette palette = new Palette(this::repaint);
    private final Supplier<LengthUnit> unit;
    private final ReadOnlyObjectWrapper<View> view = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper under = new ReadOnlyStringWrapper("");
    private Drawing drawing;
    private Runnable fitted = () -> {};
    private double dragX;
    private double dragY;

    public Table(Supplier<LengthUnit> unit) {
        this.unit = unit;
        getChildren().addAll(canvas, across, down, handles, palette);
        handles.setPickOnBounds(false);
        across.getPoints().addAll(0.0, 0.0, 2 * POINTER, 0.0, POINTER, 6.0);
        down.getPoints().addAll(0.0, 0.0, 0.0, 2 * POINTER, 6.0, POINTER);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setFocusTraversable(true);
        setMinSize(200, 120);
        setOnScroll(e -> zoom(e.getDeltaY() > 0 ? ZOOM_STEP : 1 / ZOOM_STEP, e.getX(), e.getY()));
        setOnMousePressed(e -> {
            requestFocus();
            dragX = e.getX();
            dragY = e.getY();
        });
        setOnMouseDragged(e -> {
            if (view.get() != null) {
                view.set(view.get().moved(e.getX() - dragX, e.getY() - dragY));
                dragX = e.getX();
                dragY = e.getY();
                repaint();
            }
        });
        setOnMouseMoved(this::point);
        setOnMouseExited(e -> {
            under.set("");
            across.setVisible(false);
            down.setVisible(false);
        });
        setOnKeyPressed(e -> {
            if (PlaceKey.NEARER.is(e.getCode())) {
                zoom(ZOOM_STEP, getWidth() / 2, getHeight() / 2);
            } else if (PlaceKey.FARTHER.is(e.getCode())) {
                zoom(1 / ZOOM_STEP, getWidth() / 2, getHeight() / 2);
            } else if (PlaceKey.WHOLE.is(e.getCode())) {
                fit();
            } else {
                return;
            }
            e.consume();
        });
    }

    /** What is to happen when the whole drawing has been brought into view. */
    public void setOnFitted(Runnable deed) {
        fitted = deed;
    }

    /** Lays a drawing on the table without moving the view. */
    public void lay(Drawing next) {
        drawing = next;
        repaint();
    }

    /** Takes the drawing off the table. */
    public void clear() {
        drawing = null;
        repaint();
    }

    /** The pane above the drawing for handles and readouts, in the table's pixels. */
    public Pane handles() {
        return handles;
    }

    /** Where on the paper the pointer is. */
    public Point paperAt(MouseEvent e) {
        Point2D on = pixelAt(e);
        return view.get().toPaper(on.getX(), on.getY());
    }

    /** Where on the table the pointer is, in pixels. */
    public Point2D pixelAt(MouseEvent e) {
        return sceneToLocal(e.getSceneX(), e.getSceneY());
    }

    public ReadOnlyObjectProperty<View> viewProperty() {
        return view.getReadOnlyProperty();
    }

    /** What lies under the pointer, in words. */
    public ReadOnlyStringProperty underProperty() {
        return under.getReadOnlyProperty();
    }

    public void zoom(double factor, double x, double y) {
        if (view.get() != null) {
            view.set(view.get().zoomed(factor, x, y));
            repaint();
        }
    }

    /** Shows the whole drawing. */
    public void fit() {
        if (drawing == null || getWidth() < RULER || getHeight() < RULER) {
            return;
        }
        Optional<Point[]> extent = Painting.answered(drawing::extent);
        if (extent.isEmpty()) {
            return;
        }
        Point a = extent.get()[0];
        Point b = extent.get()[1];
        double room = TextSize.px(drawing.tagRoom());
        double across = getWidth() - RULER - room - TextSize.px(drawing.rightRoom()) - FIT_MARGIN;
        double scale = Math.min(
                across / (b.x() - a.x()),
                (getHeight() - RULER - TextSize.px(drawing.footRoom()) - 2 * FIT_MARGIN) / (b.y() - a.y()));
        double left = RULER + room + (across - scale * (b.x() - a.x())) / 2 - a.x() * scale;
        view.set(new View(scale, left, RULER + FIT_MARGIN - a.y() * scale + 4));
        fitted.run();
        repaint();
    }

    @Override
    protected void layoutChildren() {
        if (CanvasSize.follow(canvas, this)) {
            repaint();
        }
        handles.resizeRelocate(0, 0, getWidth(), getHeight());
        if (view.get() == null) {
            fit();
        }
    }

    private void point(MouseEvent e) {
        if (drawing != null && view.get() != null) {
            under.set(Painting.answered(() -> drawing.under(
                            view.get().toPaper(e.getX(), e.getY()),
                            REACH / view.get().scale()))
                    .orElse(""));
        }
        across.relocate(e.getX() - POINTER, RULER - 7);
        down.relocate(RULER - 7, e.getY() - POINTER);
        across.setVisible(true);
        down.setVisible(true);
    }

    /** A mark on a ruler that shows where the pointer is. */
    private static Polygon pointer() {
        Polygon pointer = new Polygon();
        pointer.getStyleClass().add("ruler-pointer");
        pointer.setManaged(false);
        pointer.setMouseTransparent(true);
        pointer.setVisible(false);
        return pointer;
    }

    /** The table is painted anew in the next pulse. */
    public void repaint() {
        painting.ask();
    }

    private void paintNow() {
        if (canvas.getWidth() <= 0) {
            return;
        }
        if (view.get() == null || drawing == null) {
            Brush bare = new Brush(new CanvasSurface(canvas), palette::of, new View(1, RULER, RULER));
            bare.fill(Ink.SEA_1);
            bare.context().fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
            return;
        }
        Painting.guarded(
                new CanvasSurface(canvas),
                palette::of,
                canvas.getWidth(),
                canvas.getHeight(),
                g -> paint(new Brush(g, palette::of, view.get())));
    }

    private void paint(Brush brush) {
        brush.fill(Ink.SEA_1);
        brush.context().fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        drawing.paint(brush, canvas.getWidth(), canvas.getHeight());
        Tapes.paint(brush, canvas.getWidth(), canvas.getHeight(), unit.get());
    }

    /** A percentage of natural size, for the zoom control. */
    public int percent() {
        return view.get() == null ? 100 : (int) Math.round(view.get().scale() / View.ACTUAL * 100);
    }
}
