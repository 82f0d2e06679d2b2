package bathyra.form;

import java.util.Arrays;

/** The convex hull of a section. */
public final class Hull {
    private Hull() {}

    /**
     * The girth of the hull of an even section.
     *
     * @param half its outline from centre front over one side to centre back, x to the side, seen from its inside in turn
     */
    public static double girth(double[][] half) {
        double[][] chain = chain(half);
        double length = 0;
        for (int i = 1; i < chain.length; i++) {
            length += Math.hypot(chain[i][0] - chain[i - 1][0], chain[i][1] - chain[i - 1][1]);
        }
        return 2 * length;
    }

    /** The corners of the hull on one side, from the middle in front to the middle behind. @param half as for the girth */
    static double[][] chain(double[][] half) {
        double front = half[0][1];
        double back = half[half.length - 1][1];
        int widest = 0;
        for (int i = 0; i < half.length; i++) {
            front = Math.max(front, half[i][1]);
            back = Math.min(back, half[i][1]);
            widest = half[i][0] > half[widest][0] ? i : widest;
        }
        // The hull of both halves meets the middle line at the depth of what stands farthest forward, and backward.
        double[][] points = new double[half.length + 2][];
        points[0] = new double[] {0, front};
        System.arraycopy(half, 0, points, 1, half.length);
        points[half.length + 1] = new double[] {0, back};
        double[][] chain = new double[points.length][];
        int n = 0;
        for (double[] point : points) {
            while (n > 1 && !turnsInwards(chain[n - 2], chain[n - 1], point)) {
                n--;
            }
            chain[n++] = point;
        }
        return Arrays.copyOf(chain, n);
    }

    /**
     * What a tape reads over the front of an even section, from one side to the other.
     *
     * @param quarter its outline from centre front to the side
     */
    static double front(double[][] quarter) {
        // Closed straight across between the sides: that way is not the tape's.
        double side = quarter[quarter.length - 1][0];
        return girth(quarter) - 2 * side;
    }

    /** Going from the front over the wearer's left to the back a convex outline turns always the same way. */
    private static boolean turnsInwards(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]) < 0;
    }
}
