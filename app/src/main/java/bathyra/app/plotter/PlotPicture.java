package bathyra.app.plotter;

import bathyra.geometry.Point;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/** Draws a plot as a picture, as the pens would have drawn it on paper. */
final class PlotPicture {
    private static final double DOTS_A_MM = 4;
    private static final int MOST = 12_000;
    /** A picture of a large sheet is coarser: one of more dots takes more memory than a small machine has. */
    private static final double DOTS_MOST = 24_000_000;

    private static final double MARGIN = 10;
    private static final Color[] PENS = {Color.DARK_GRAY, Color.BLACK, new Color(0x0E5A66), new Color(0x8A5A12)};
    private static final float PEN_WIDTH = 0.35f;
    private static final float LETTER = 6;

    private PlotPicture() {}

    /** @return the size of the picture's paper, mm: width and height */
    static double[] draw(Plot plot, Path file) throws IOException {
        List<Point> all =
                plot.strokes().stream().flatMap(s -> s.points().stream()).toList();
        double left = all.stream().mapToDouble(Point::x).min().orElse(0) - MARGIN;
        double low = all.stream().mapToDouble(Point::y).min().orElse(0) - MARGIN;
        double width = all.stream().mapToDouble(Point::x).max().orElse(0) + MARGIN - left;
        double height = all.stream().mapToDouble(Point::y).max().orElse(0) + MARGIN - low;
        double scale =
                Math.min(Math.min(DOTS_A_MM, MOST / Math.max(width, height)), Math.sqrt(DOTS_MOST / (width * height)));
        BufferedImage picture = new BufferedImage(
                Math.max(1, (int) Math.ceil(width * scale)),
                Math.max(1, (int) Math.ceil(height * scale)),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D g = picture.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, picture.getWidth(), picture.getHeight());
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.scale(scale, scale);
        g.setStroke(new BasicStroke(PEN_WIDTH, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (Plot.Stroke stroke : plot.strokes()) {
            g.setColor(PENS[Math.min(PENS.length - 1, Math.max(0, stroke.pen()))]);
            Path2D line = new Path2D.Double();
            for (Point p : stroke.points()) {
                double x = p.x() - left;
                double y = height - (p.y() - low);
                if (line.getCurrentPoint() == null) {
                    line.moveTo(x, y);
                } else {
                    line.lineTo(x, y);
                }
            }
            g.draw(line);
        }
        g.setColor(PENS[PENS.length - 1]);
        g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 1).deriveFont(LETTER));
        Stream.of(plot.words().toArray(Plot.Words[]::new))
                .forEach(w ->
                        g.drawString(w.text(), (float) (w.at().x() - left), (float) (height - (w.at().y() - low))));
        g.dispose();
        if (!ImageIO.write(picture, "png", file.toFile())) {
            throw new IOException("no writer for pictures");
        }
        return new double[] {width, height};
    }
}
