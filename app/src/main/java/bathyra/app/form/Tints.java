package bathyra.app.form;

import bathyra.app.table.Ink;
import bathyra.app.table.Palette;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;

/** The colours of a body by how near each place lies, in bands as of a chart. */
public final class Tints {
    public static final int BANDS = 9;
    private static final byte NO_BAND = -1;

    private final Palette palette;

    public Tints(Palette palette) {
        this.palette = palette;
    }

    /** From the farthest band to the nearest. */
    public int[] body() {
        int[] tints = new int[BANDS];
        for (int i = 0; i < BANDS; i++) {
            tints[i] = mixed(Ink.SHALLOW, Ink.SEA_2, (double) i / (BANDS - 1));
        }
        return tints;
    }

    /** The band in which a depth lies. @param nearest the depth of what lies nearest; the farthest is 0 */
    public static int band(double depth, double nearest) {
        return (int) Math.max(0, Math.min(BANDS - 1, BANDS * depth / nearest));
    }

    public int of(Ink ink) {
        return argb(palette.of(ink));
    }

    public int mixed(Ink from, Ink to, double share) {
        return argb(palette.of(from).interpolate(palette.of(to), share));
    }

    private static int argb(Color colour) {
        return 0xff000000
                | (int) Math.round(colour.getRed() * 255) << 16
                | (int) Math.round(colour.getGreen() * 255) << 8
                | (int) Math.round(colour.getBlue() * 255);
    }

    /** The colours of a body alone as a chart. @param bands from the farthest to the nearest @param line between each two */
    public record Chart(int[] bands, int line) {}

    public Chart chart() {
        return new Chart(body(), mixed(Ink.LINE, Ink.SHALLOW, 0.35));
    }

    /** A body alone as a chart: bands with a line between each two. It may be worked out on any thread. */
    public static int[] pixels(Raster raster, Chart colours) {
        int width = raster.width();
        int height = raster.height();
        int[] tints = colours.bands();
        int line = colours.line();
        byte[] bands = bands(raster);
        int[] pixels = new int[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int at = y * width + x;
                if (bands[at] == NO_BAND) {
                    continue;
                }
                boolean edge =
                        x > 0 && y > 0 && (differs(bands[at - 1], bands[at]) || differs(bands[at - width], bands[at]));
                pixels[at] = edge ? line : tints[bands[at]];
            }
        }
        return pixels;
    }

    /** The band of every place, row by row from the top; {@link #NO_BAND} where nothing is. */
    private static byte[] bands(Raster raster) {
        double nearest = nearest(raster);
        byte[] bands = new byte[raster.width() * raster.height()];
        int at = 0;
        for (int y = 0; y < raster.height(); y++) {
            for (int x = 0; x < raster.width(); x++) {
                bands[at++] = raster.kind(x, y) == Raster.NOTHING ? NO_BAND : (byte) band(raster.value(x, y), nearest);
            }
        }
        return bands;
    }

    private static boolean differs(byte beside, byte band) {
        return beside != NO_BAND && beside != band;
    }

    /** How near the nearest place of a body lies. */
    public static double nearest(Raster raster) {
        double nearest = 1;
        for (int y = 0; y < raster.height(); y++) {
            for (int x = 0; x < raster.width(); x++) {
                if (raster.kind(x, y) == Raster.BODY) {
                    nearest = Math.max(nearest, raster.value(x, y));
                }
            }
        }
        return nearest;
    }

    public static WritableImage image(int[] pixels, int width, int height) {
        WritableImage image = new WritableImage(width, height);
        image.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        return image;
    }
}
