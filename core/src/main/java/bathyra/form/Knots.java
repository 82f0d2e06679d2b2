package bathyra.form;

import java.util.Arrays;

/** A curve of cubics through given values over increasing places; beyond the ends it goes on as the nearest cubic does. */
final class Knots {
    private final double[] places;
    private final double[] values;
    private final double[] slopes;

    private Knots(double[] places, double[] values, double[] slopes) {
        this.places = places;
        this.values = values;
        this.slopes = slopes;
    }

    /** How a curve is held at its end. */
    enum End {
        /** No bend there. */
        NATURAL,
        /** No slope there. */
        LEVEL
    }

    /** A curve that never swings past its values (Fritsch and Carlson 1980, SIAM Journal on Numerical Analysis 17). */
    static Knots monotone(double[] places, double[] values) {
        int n = places.length;
        double[] chords = chords(places, values);
        double[] slopes = new double[n];
        slopes[0] = chords[0];
        slopes[n - 1] = chords[n - 2];
        for (int i = 1; i < n - 1; i++) {
            slopes[i] = chords[i - 1] * chords[i] <= 0 ? 0 : (chords[i - 1] + chords[i]) / 2;
        }
        for (int i = 0; i < n - 1; i++) {
            if (chords[i] == 0) {
                slopes[i] = 0;
                slopes[i + 1] = 0;
                continue;
            }
            double a = slopes[i] / chords[i];
            double b = slopes[i + 1] / chords[i];
            double square = a * a + b * b;
            if (square > 9) {
                double scale = 3 / Math.sqrt(square);
                slopes[i] = scale * a * chords[i];
                slopes[i + 1] = scale * b * chords[i];
            }
        }
        return new Knots(places.clone(), values.clone(), slopes);
    }

    /** The curve of continuous curvature. */
    static Knots smooth(double[] places, double[] values, End first, End last) {
        int n = places.length;
        double[] chords = chords(places, values);
        double[] below = new double[n];
        double[] middle = new double[n];
        double[] above = new double[n];
        double[] right = new double[n];
        for (int i = 1; i < n - 1; i++) {
            double before = places[i] - places[i - 1];
            double behind = places[i + 1] - places[i];
            below[i] = behind;
            middle[i] = 2 * (before + behind);
            above[i] = before;
            right[i] = 3 * (behind * chords[i - 1] + before * chords[i]);
        }
        middle[0] = first == End.LEVEL ? 1 : 2;
        above[0] = first == End.LEVEL ? 0 : 1;
        right[0] = first == End.LEVEL ? 0 : 3 * chords[0];
        middle[n - 1] = last == End.LEVEL ? 1 : 2;
        below[n - 1] = last == End.LEVEL ? 0 : 1;
        right[n - 1] = last == End.LEVEL ? 0 : 3 * chords[n - 2];
        return new Knots(places.clone(), values.clone(), solved(below, middle, above, right));
    }

    private static double[] chords(double[] places, double[] values) {
        double[] chords = new double[places.length - 1];
        for (int i = 0; i < chords.length; i++) {
            chords[i] = (values[i + 1] - values[i]) / (places[i + 1] - places[i]);
        }
        return chords;
    }

    /** The tridiagonal system, by elimination from the top. */
    private static double[] solved(double[] below, double[] middle, double[] above, double[] right) {
        int n = right.length;
        double[] diagonal = middle.clone();
        double[] solution = right.clone();
        for (int i = 1; i < n; i++) {
            double factor = below[i] / diagonal[i - 1];
            diagonal[i] -= factor * above[i - 1];
            solution[i] -= factor * solution[i - 1];
        }
        solution[n - 1] /= diagonal[n - 1];
        for (int i = n - 2; i >= 0; i--) {
            solution[i] = (solution[i] - above[i] * solution[i + 1]) / diagonal[i];
        }
        return solution;
    }

    double at(double place) {
        int found = Arrays.binarySearch(places, place);
        int i = Math.max(0, Math.min(places.length - 2, found >= 0 ? found : -found - 2));
        double span = places[i + 1] - places[i];
        double t = (place - places[i]) / span;
        double s = 1 - t;
        return values[i] * s * s * (1 + 2 * t)
                + values[i + 1] * t * t * (3 - 2 * t)
                + span * t * s * (slopes[i] * s - slopes[i + 1] * t);
    }
}
