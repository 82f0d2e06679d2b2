package bathyra.app.practice;

import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import java.util.Optional;
import javafx.scene.AccessibleRole;

/** The picture beside a question. */
final class PracticePicture extends PaintedPane {
    private static final double HEIGHT = 300;

    private Optional<PracticeDrawing> drawing = Optional.empty();

    PracticePicture() {
        super(HEIGHT);
        setId("practice-picture");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    void show(Optional<PracticeDrawing> next) {
        drawing = next;
        setAccessibleText(next.map(d -> "The half pattern: " + d.words()).orElse("Nothing is drawn"));
        repaint();
    }

    @Override
    protected void paint(Surface g) {
        g.clearRect(0, 0, getWidth(), getHeight());
        drawing.ifPresent(d -> d.paint(g, palette()::of, getWidth(), getHeight()));
    }
}
