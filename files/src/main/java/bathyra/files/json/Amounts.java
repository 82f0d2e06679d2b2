package bathyra.files.json;

import java.util.Optional;

/** Numbers in documents that are no lengths: money, minutes, counts. */
final class Amounts {
    private Amounts() {}

    /** A number in its bounds; one out of them is a fault and reads as none. */
    static Optional<Double> read(Fields fields, String key, double least, double most) {
        return fields.share(key).filter(value -> {
            boolean fits = value >= least && value <= most;
            if (!fits) {
                fields.fault(key, "is " + value, said(least) + " to " + said(most));
            }
            return fits;
        });
    }

    /** A whole number in its bounds. */
    static Optional<Integer> whole(Fields fields, String key, int least, int most) {
        return fields.whole(key).filter(value -> {
            boolean fits = value >= least && value <= most;
            if (!fits) {
                fields.fault(key, "is " + value, least + " to " + most);
            }
            return fits;
        });
    }

    private static String said(double bound) {
        return bound == Math.rint(bound) ? Long.toString((long) bound) : Double.toString(bound);
    }
}
