package bathyra.app.form;

import java.util.Arrays;

/**
 * A picture of triangles by a depth buffer, painted row by row into whole pixels: there is nothing else where the toolkit has no graphics
 * card. What lies on a pixel is kept as a value between two kinds, and coloured afterwards.
 */
public final class Raster {
    /** Nothing lies there. */
    public static final int NOTHING = 0;

    public static final int BODY = 1;
    public static final int GARMENT = 2;
    public static final int SEAM = 3;
    public static final int BONE = 4;
    private static final double SLIVER = 1e-9;

    private final int width;
    private final int height;
    private final float[] depth;
    private final byte[] kind;
    private final float[] value;

    public Raster(int width, int height) {
        this.width = width;
        this.height = height;
        depth = new float[width * height];
        kind = new byte[width * height];
        value = new float[width * height];
        Arrays.fill(depth, Float.NEGATIVE_INFINITY);
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** What lies on a pixel. */
    public int kind(int x, int y) {
        return kind[y * width + x];
    }

    /** The value of what lies there. */
    public float value(int x, int y) {
        return value[y * width + x];
    }

    /**
     * Lays another picture over this one: what presses into the body lies inside its form as that was at rest, and is seen all the same.
     *
     * @param reach how far behind what lies here it may lie and still be seen, in the measure of the depth
     */
    public void lay(Raster over, double reach) {
        for (int i = 0; i < kind.length; i++) {
            if (over.kind[i] != NOTHING && over.depth[i] >= depth[i] - reach) {
                kind[i] = over.kind[i];
                value[i] = over.value[i];
                depth[i] = over.depth[i];
            }
        }
    }

    /** How near it lies to whoever looks. */
    public float depth(int x, int y) {
        return depth[y * width + x];
    }

    /**
     * Paints a triangle.
     *
     * @param corners of each: x and y in pixels, how near it lies, and its value
     */
    public void triangle(int what, double[] a, double[] b, double[] c) {
        double twice = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
        if (Math.abs(twice) < SLIVER) {
            return;
        }
        int top = Math.max(0, (int) Math.ceil(Math.min(a[1], Math.min(b[1], c[1])) - 0.5));
        int bottom = Math.min(height - 1, (int) Math.floor(Math.max(a[1], Math.max(b[1], c[1])) - 0.5));
        int left = Math.max(0, (int) Math.ceil(Math.min(a[0], Math.min(b[0], c[0])) - 0.5));
        int right = Math.min(width - 1, (int) Math.floor(Math.max(a[0], Math.max(b[0], c[0])) - 0.5));
        for (int y = top; y <= bottom; y++) {
            for (int x = left; x <= right; x++) {
                double px = x + 0.5;
                double py = y + 0.5;
                double u = ((px - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (py - a[1])) / twice;
                double v = ((b[0] - a[0]) * (py - a[1]) - (px - a[0]) * (b[1] - a[1])) / twice;
                if (u >= 0 && v >= 0 && u + v <= 1) {
                    double w = 1 - u - v;
                    float near = (float) (w * a[2] + u * b[2] + v * c[2]);
                    int at = y * width + x;
                    if (near > depth[at]) {
                        depth[at] = near;
                        kind[at] = (byte) what;
                        value[at] = (float) (w * a[3] + u * b[3] + v * c[3]);
                    }
                }
            }
        }
    }

    /**
     * Paints a line where nothing lies before it.
     *
     * @param from as a corner of a triangle
     * @param behind how far behind what lies there it may run and still be seen, in the measure of the depth
     * @param wide pixels
     */
    public void line(int what, double[] from, double[] to, double behind, int wide) {
        int steps = (int) Math.ceil(2 * Math.max(Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1]))) + 1;
        for (int i = 0; i <= steps; i++) {
            double t = (double) i / steps;
            int x = (int) Math.floor(from[0] + t * (to[0] - from[0]) - (wide - 1) / 2.0);
            int y = (int) Math.floor(from[1] + t * (to[1] - from[1]));
            float near = (float) (from[2] + t * (to[2] - from[2]));
            for (int w = 0; w < wide; w++) {
                if (x + w >= 0 && x + w < width && y >= 0 && y < height && near >= depth[y * width + x + w] - behind) {
                    kind[y * width + x + w] = (byte) what;
                }
            }
        }
    }
}
