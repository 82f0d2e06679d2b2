package bathyra.fit;

/**
 * One cord that pulls a lacing edge towards the middle alike over its whole length, until the edges meet (C21).
 *
 * @param vertices of the edge
 * @param lengths how much of the edge each stands for, mm
 * @param pull N for each mm of the edge
 */
record Cord(int[] vertices, double[] lengths, double pull) {
    /** No cord. */
    static final Cord NONE = new Cord(new int[0], new double[0], 0);
    /** Two edges that meet do not pass through each other, N/mm for each mm of them. */
    private static final double MEETING = 5;

    double energy(double[] x) {
        double sum = 0;
        for (int i = 0; i < vertices.length; i++) {
            double aside = x[3 * vertices[i]];
            double past = Math.min(0, aside);
            sum += lengths[i] * (pull * aside + MEETING * past * past / 2);
        }
        return sum;
    }

    void add(double[] x, double[] gradient, BlockMatrix matrix) {
        for (int i = 0; i < vertices.length; i++) {
            int v = vertices[i];
            double past = Math.min(0, x[3 * v]);
            gradient[3 * v] += lengths[i] * (pull + MEETING * past);
            if (past < 0) {
                matrix.add(v, v, new double[] {1, 0, 0, 0, 0, 0, 0, 0, 0}, lengths[i] * MEETING);
            }
        }
    }
}
