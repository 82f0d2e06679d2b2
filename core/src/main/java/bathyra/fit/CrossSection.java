package bathyra.fit;

import bathyra.form.Form;
import bathyra.form.Hull;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Where a height cuts a worn garment.
 *
 * @param form the body under it
 * @param z the height, mm over the waist
 * @param cloth of the half in short lines: side and front of the one end, side and front of the other, mm; empty where there is none
 */
public record CrossSection(Form form, double z, List<double[]> cloth) {
    public CrossSection {
        cloth = List.copyOf(cloth);
    }

    static CrossSection of(OnForm worn, double z) {
        List<double[]> lines = new ArrayList<>();
        double[] x = worn.rest().shape();
        for (int[] t : worn.mesh().triangles()) {
            double[] line = new double[4];
            int n = 0;
            for (int k = 0; k < 3; k++) {
                int a = 3 * t[k];
                int b = 3 * t[(k + 1) % 3];
                double below = x[a + 2] - z;
                double above = x[b + 2] - z;
                if (below < 0 != above < 0) {
                    double share = below / (below - above);
                    line[n++] = x[a] + share * (x[b] - x[a]);
                    line[n++] = x[a + 1] + share * (x[b + 1] - x[a + 1]);
                }
            }
            if (n == 4) {
                lines.add(line);
            }
        }
        return new CrossSection(worn.form(), z, lines);
    }

    /** The girth of the garment as a tape round it reads, bridging its gap, mm; 0 where there is no cloth. */
    public double hull() {
        List<double[]> points = new ArrayList<>();
        for (double[] line : cloth) {
            points.add(new double[] {line[0], line[1]});
            points.add(new double[] {line[2], line[3]});
        }
        if (points.size() < 3) {
            return 0;
        }
        double axis = form.axis(z);
        points.sort(Comparator.comparingDouble(p -> Math.atan2(p[0], p[1] - axis)));
        return Hull.girth(points.toArray(double[][]::new));
    }

    /** The girth of the body under the garment, pressed in where it is pressed in, mm. */
    public double bodyUnder() {
        double axis = form.axis(z);
        double[][] section = form.section(z);
        for (double[] at : section) {
            double own = Math.hypot(at[0], at[1] - axis);
            double cloth = radius(Math.atan2(at[0], at[1] - axis));
            if (cloth < own) {
                at[0] *= cloth / own;
                at[1] = axis + (at[1] - axis) * cloth / own;
            }
        }
        return Hull.girth(section);
    }

    /** How far from the axis the cloth lies at an azimuth, mm; without end where there is none. */
    private double radius(double azimuth) {
        double axis = form.axis(z);
        double sin = Math.sin(azimuth);
        double cos = Math.cos(azimuth);
        double nearest = Double.POSITIVE_INFINITY;
        for (double[] line : cloth) {
            double ax = line[0];
            double ay = line[1] - axis;
            double bx = line[2];
            double by = line[3] - axis;
            // Which side of the ray each end lies on; at centre front a line of the half begins on it.
            double a = ax * cos - ay * sin;
            double b = bx * cos - by * sin;
            if (a * b <= 0 && a != b) {
                double share = a / (a - b);
                double out = (ax + share * (bx - ax)) * sin + (ay + share * (by - ay)) * cos;
                if (out > 0) {
                    nearest = Math.min(nearest, out);
                }
            }
        }
        return nearest;
    }
}
