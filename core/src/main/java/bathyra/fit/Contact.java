package bathyra.fit;

/** The body's resistance to being pressed in: it pushes and never pulls (C21). */
final class Contact {
    /** A polygon of edge h sewn to an arc lies so much of h² times its curvature too far in. */
    private static final double SAGGING = 1.0 / 24;

    private final Surface surface;
    private final double[] areas;
    private final double spacing;
    private final double[] read = new double[5];
    private final double[] normal = new double[3];

    /** @param areas that each vertex stands for, mm² @param spacing of the mesh, mm */
    Contact(Surface surface, double[] areas, double spacing) {
        this.surface = surface;
        this.areas = areas;
        this.spacing = spacing;
    }

    /** How far a place lies outside the surface, mm, along it; less than nothing inside. The way out is left in the normal. */
    double outside(double[] x, int vertex) {
        double z = x[3 * vertex + 2];
        surface.read(azimuth(x, vertex, z), z, read);
        double dx = x[3 * vertex];
        double dy = x[3 * vertex + 1] - read[3];
        double r = Math.sqrt(dx * dx + dy * dy);
        double radius = read[0] + SAGGING * spacing * spacing / Math.max(read[0], spacing);
        // The slopes of r − R by side, front and height.
        double cos = dy / r;
        double sin = dx / r;
        normal[0] = sin - read[1] * cos / r;
        normal[1] = cos + read[1] * sin / r;
        normal[2] = -read[2] - read[4] * normal[1];
        double steep = Math.sqrt(normal[0] * normal[0] + normal[1] * normal[1] + normal[2] * normal[2]);
        normal[0] /= steep;
        normal[1] /= steep;
        normal[2] /= steep;
        return (r - radius) / steep;
    }

    private double azimuth(double[] x, int vertex, double z) {
        surface.read(0, z, read);
        return Math.atan2(x[3 * vertex], x[3 * vertex + 1] - read[3]);
    }

    private double firmness(double[] x, int vertex) {
        double z = x[3 * vertex + 2];
        return surface.firmness(azimuth(x, vertex, z), z);
    }

    /** The pressure on a vertex, N/mm². */
    double pressure(double[] x, int vertex) {
        double depth = -outside(x, vertex);
        return depth > 0 ? firmness(x, vertex) * depth : 0;
    }

    double area(int vertex) {
        return areas[vertex];
    }

    double energy(double[] x) {
        double sum = 0;
        for (int v = 0; v < areas.length; v++) {
            double depth = -outside(x, v);
            if (depth > 0) {
                sum += areas[v] * firmness(x, v) * depth * depth / 2;
            }
        }
        return sum;
    }

    void add(double[] x, double[] gradient, BlockMatrix matrix) {
        double[] block = new double[9];
        for (int v = 0; v < areas.length; v++) {
            double depth = -outside(x, v);
            if (depth <= 0) {
                continue;
            }
            double[] n = normal.clone();
            double k = areas[v] * firmness(x, v);
            for (int i = 0; i < 3; i++) {
                gradient[3 * v + i] -= k * depth * n[i];
                for (int j = 0; j < 3; j++) {
                    block[i * 3 + j] = n[i] * n[j];
                }
            }
            matrix.add(v, v, block, k);
        }
    }
}
