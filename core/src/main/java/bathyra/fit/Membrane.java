package bathyra.fit;

/** The cloth's own resistance: an orthotropic membrane of triangles, stiff where it is pulled and nearly nothing where it is pushed together (C21). */
final class Membrane {
    private final Mesh mesh;
    private final Cloth cloth;
    /** Of each triangle: how each corner weighs in the derivative across and along, and its area on the paper. */
    private final double[][] across;

    private final double[][] along;
    private final double[] area;
    private final double[] m11 = new double[9];
    private final double[] m22 = new double[9];
    private final double[] m12 = new double[9];
    private final double[] block = new double[9];

    Membrane(Mesh mesh, Cloth cloth) {
        this.mesh = mesh;
        this.cloth = cloth;
        int n = mesh.triangles().length;
        across = new double[n][3];
        along = new double[n][3];
        area = new double[n];
        for (int t = 0; t < n; t++) {
            double[] p = mesh.paper()[t];
            double x1 = p[2] - p[0];
            double y1 = p[3] - p[1];
            double x2 = p[4] - p[0];
            double y2 = p[5] - p[1];
            double twice = x1 * y2 - x2 * y1;
            area[t] = Math.abs(twice) / 2;
            across[t][1] = y2 / twice;
            across[t][2] = -y1 / twice;
            across[t][0] = -across[t][1] - across[t][2];
            along[t][1] = -x2 / twice;
            along[t][2] = x1 / twice;
            along[t][0] = -along[t][1] - along[t][2];
        }
    }

    double area(int triangle) {
        return area[triangle];
    }

    /** How far a triangle is stretched. @return across: three, along: three */
    double[] stretch(int t, double[] x) {
        double[] f = new double[6];
        int[] v = mesh.triangles()[t];
        for (int k = 0; k < 3; k++) {
            for (int i = 0; i < 3; i++) {
                double at = x[3 * v[k] + i];
                f[i] += across[t][k] * at;
                f[3 + i] += along[t][k] * at;
            }
        }
        return f;
    }

    /** Tension across, along and in shear, N/mm, of a stretch. */
    double[] tension(double[] f) {
        double e1 = (f[0] * f[0] + f[1] * f[1] + f[2] * f[2] - 1) / 2;
        double e2 = (f[3] * f[3] + f[4] * f[4] + f[5] * f[5] - 1) / 2;
        double shear = f[0] * f[3] + f[1] * f[4] + f[2] * f[5];
        return new double[] {
            stiffness(cloth.across(), e1) * e1, stiffness(cloth.along(), e2) * e2, cloth.shear() * shear
        };
    }

    private double stiffness(double whole, double strain) {
        return strain < 0 ? whole * cloth.slack() : whole;
    }

    double energy(double[] x) {
        double sum = 0;
        for (int t = 0; t < area.length; t++) {
            double[] f = stretch(t, x);
            double e1 = (f[0] * f[0] + f[1] * f[1] + f[2] * f[2] - 1) / 2;
            double e2 = (f[3] * f[3] + f[4] * f[4] + f[5] * f[5] - 1) / 2;
            double shear = f[0] * f[3] + f[1] * f[4] + f[2] * f[5];
            sum += area[t]
                    / 2
                    * (stiffness(cloth.across(), e1) * e1 * e1
                            + stiffness(cloth.along(), e2) * e2 * e2
                            + cloth.shear() * shear * shear);
        }
        return sum;
    }

    /** Adds forces against the gradient, and the second derivatives; where cloth is pushed together only what keeps the matrix definite. */
    void add(double[] x, double[] gradient, BlockMatrix matrix, boolean exact) {
        for (int t = 0; t < area.length; t++) {
            double[] f = stretch(t, x);
            double[] s = tension(f);
            int[] v = mesh.triangles()[t];
            for (int a = 0; a < 3; a++) {
                for (int i = 0; i < 3; i++) {
                    double p1 = s[0] * f[i] + s[2] * f[3 + i];
                    double p2 = s[1] * f[3 + i] + s[2] * f[i];
                    gradient[3 * v[a] + i] += area[t] * (across[t][a] * p1 + along[t][a] * p2);
                }
            }
            double[] geometric = exact ? s : positive(s);
            moments(f, geometric);
            for (int a = 0; a < 3; a++) {
                for (int b = a; b < 3; b++) {
                    double w11 = across[t][a] * across[t][b];
                    double w22 = along[t][a] * along[t][b];
                    double w12 = across[t][a] * along[t][b];
                    double w21 = along[t][a] * across[t][b];
                    for (int i = 0; i < 3; i++) {
                        for (int k = 0; k < 3; k++) {
                            block[i * 3 + k] = w11 * m11[i * 3 + k]
                                    + w22 * m22[i * 3 + k]
                                    + w12 * m12[i * 3 + k]
                                    + w21 * m12[k * 3 + i];
                        }
                    }
                    matrix.add(v[a], v[b], block, area[t]);
                }
            }
        }
    }

    private void moments(double[] f, double[] s) {
        double e1 = (f[0] * f[0] + f[1] * f[1] + f[2] * f[2] - 1) / 2;
        double e2 = (f[3] * f[3] + f[4] * f[4] + f[5] * f[5] - 1) / 2;
        double k1 = stiffness(cloth.across(), e1);
        double k2 = stiffness(cloth.along(), e2);
        for (int i = 0; i < 3; i++) {
            for (int k = 0; k < 3; k++) {
                double unit = i == k ? 1 : 0;
                m11[i * 3 + k] = k1 * f[i] * f[k] + s[0] * unit + cloth.shear() * f[3 + i] * f[3 + k];
                m22[i * 3 + k] = k2 * f[3 + i] * f[3 + k] + s[1] * unit + cloth.shear() * f[i] * f[k];
                m12[i * 3 + k] = cloth.shear() * f[3 + i] * f[k] + s[2] * unit;
            }
        }
    }

    /** The part of a tension that pulls: its negative principal value is left out. */
    private static double[] positive(double[] s) {
        double middle = (s[0] + s[1]) / 2;
        double half = (s[0] - s[1]) / 2;
        double radius = Math.sqrt(half * half + s[2] * s[2]);
        double high = middle + radius;
        double low = middle - radius;
        if (low >= 0) {
            return s;
        }
        if (high <= 0 || radius == 0) {
            return new double[3];
        }
        // The principal way of the pulling value, as the projector on it.
        double c = (1 + half / radius) / 2;
        double d = s[2] / radius / 2;
        return new double[] {high * c, high * (1 - c), high * d};
    }
}
