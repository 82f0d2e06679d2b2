package bathyra.block;

import bathyra.geometry.Path;
import bathyra.geometry.Point;

/** Both halves of a block laid beside each other: the front to the left, the back turned over to the right, waists level, side seams facing. */
public final class BlockLayout {
    private final BlockDrawing drawing;
    private final double backAt;
    private final double backDown;

    /** @param apart mm between the two side seams at their widest */
    public BlockLayout(BlockDrawing drawing, double apart) {
        this.drawing = drawing;
        this.backAt = width(Half.FRONT) + apart + width(Half.BACK);
        this.backDown = drawing.point(Half.FRONT, "Wc").at().y()
                - drawing.point(Half.BACK, "Wc").at().y();
    }

    /** The widest a half reaches from its centre, mm. */
    public double width(Half half) {
        return drawing.points().stream()
                .filter(p -> p.half() == half)
                .mapToDouble(p -> p.at().x())
                .max()
                .orElse(0);
    }

    /** From the frame of a half to the sheet. */
    public Point place(Half half, Point p) {
        return half == Half.FRONT ? p : new Point(backAt - p.x(), p.y() + backDown);
    }

    /** From the sheet to the frame of a half. */
    public Point back(Half half, Point p) {
        return half == Half.FRONT ? p : new Point(backAt - p.x(), p.y() - backDown);
    }

    public Path place(Half half, Path path) {
        return path.mapped(p -> place(half, p));
    }

    /** The upper left and lower right corner of everything that is drawn. */
    public Point[] extent() {
        double top = drawing.points().stream()
                .mapToDouble(p -> place(p.half(), p.at()).y())
                .min()
                .orElse(0);
        double bottom = drawing.points().stream()
                .mapToDouble(p -> place(p.half(), p.at()).y())
                .max()
                .orElse(0);
        return new Point[] {new Point(0, top), new Point(backAt, bottom)};
    }
}
