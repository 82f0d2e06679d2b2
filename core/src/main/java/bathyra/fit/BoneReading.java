package bathyra.fit;

import bathyra.bone.Channel;
import bathyra.garment.BoneKind;
import bathyra.measure.MeasurementKey;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A bone as it lies on the body (C22, C13).
 *
 * @param channel the channel that it lies in
 * @param edgewise how far it bows within the cloth, mm on each {@link #CHORD} of its length: flat steel does not
 * @param top how its upper end lies
 * @param bottom how its lower end lies
 * @param hipBone whether it runs over the crest of the hip bone and presses there; never where that was not taped
 * @param line where it lies from the top down: side, front and height, mm
 */
public record BoneReading(Channel channel, double edgewise, End top, End bottom, boolean hipBone, double[][] line) {
    /**
     * An end of a bone.
     *
     * @param away how far it stands away from the body, mm; less than nothing where it bites in
     * @param more how much farther away it is than the bone is a little farther in, mm
     * @param at side, front and height, mm
     */
    public record End(double away, double more, double[] at) {
        /** It digs in where the bone beside it does not. */
        boolean bites() {
            return away < -SEEN && more < -SEEN;
        }

        boolean standsOff() {
            return away > SEEN && more > SEEN;
        }
    }

    /** Less is not seen of an end, mm (C22). */
    private static final double SEEN = 4;
    /** So far from an end the bone is taken to lie as the garment does, mm. */
    private static final double FARTHER_IN = 45;

    /** The stretch over which a bow is measured, mm. */
    public static final double CHORD = 100;
    /** Flat steel that is bent edgewise by more breaks its stitching, mm on each {@link #CHORD}. */
    public static final double BENT = 3;

    /** The crest of the hip bone is felt between these azimuths, radians. */
    private static final double CREST_FROM = Math.toRadians(60);

    private static final double CREST_TO = Math.toRadians(100);
    /** What presses less is not felt on a bone, mm. */
    private static final double FELT = 1;

    /** Every bone of a half. */
    public static List<BoneReading> of(Worn worn) {
        double[] x = worn.rest().shape();
        double[] away = worn.away();
        double[] normals = worn.normals();
        Optional<Double> crest = worn.draft()
                .commission()
                .measurements()
                .find(MeasurementKey.WAIST_TO_HIP_BONE)
                .map(down -> -down.value());
        List<BoneReading> readings = new ArrayList<>();
        for (Rods.Rod rod : worn.rods().rods()) {
            if (rod.channel().isEmpty()) {
                continue;
            }
            int count = rod.vertices().length;
            double[][] line = new double[count][];
            double[][] out = new double[count][];
            double[] off = new double[count];
            for (int i = 0; i < count; i++) {
                line[i] = Rods.at(rod, i, x);
                out[i] = Rods.at(rod, i, normals);
                for (int k = 0; k < 3; k++) {
                    off[i] += rod.weights()[i][k] * away[rod.vertices()[i][k]];
                }
            }
            readings.add(new BoneReading(
                    rod.channel().get(),
                    edgewise(line, out),
                    end(line, off, 0, 1),
                    end(line, off, count - 1, -1),
                    crest.isPresent() && presses(worn, line, off, crest.get()),
                    line));
        }
        return readings;
    }

    public boolean isBentEdgewise() {
        return channel.kind() == BoneKind.FLAT_STEEL && edgewise > BENT;
    }

    static End end(double[][] line, double[] off, int end, int step) {
        int inner = end;
        double length = 0;
        while (inner + step >= 0 && inner + step < line.length && length < FARTHER_IN) {
            length += Rods.distance(line[inner], line[inner + step]);
            inner += step;
        }
        return new End(off[end], off[end] - off[inner], line[end]);
    }

    /** The largest bow within the cloth over a chord; of a shorter bone that of its whole length, carried to a chord's. */
    static double edgewise(double[][] line, double[][] out) {
        double most = 0;
        for (int from = 0; from < line.length; from++) {
            int to = from;
            double length = 0;
            while (to + 1 < line.length && length < CHORD) {
                length += Rods.distance(line[to], line[to + 1]);
                to++;
            }
            if (length < CHORD && from > 0 || to - from < 2) {
                break;
            }
            for (int i = from + 1; i < to; i++) {
                double bow = aside(line[from], line[to], line[i], out[i]);
                double scale = CHORD / Rods.distance(line[from], line[to]);
                most = Math.max(most, bow * scale * scale);
            }
        }
        return most;
    }

    /** How far a place lies beside the straight line between two others, along the cloth. */
    private static double aside(double[] a, double[] b, double[] p, double[] out) {
        double chord = Rods.distance(a, b);
        double[] along = {(b[0] - a[0]) / chord, (b[1] - a[1]) / chord, (b[2] - a[2]) / chord};
        double[] across = {
            along[1] * out[2] - along[2] * out[1],
            along[2] * out[0] - along[0] * out[2],
            along[0] * out[1] - along[1] * out[0]
        };
        double size = Math.sqrt(across[0] * across[0] + across[1] * across[1] + across[2] * across[2]);
        return Math.abs((p[0] - a[0]) * across[0] + (p[1] - a[1]) * across[1] + (p[2] - a[2]) * across[2]) / size;
    }

    private static boolean presses(Worn worn, double[][] line, double[] off, double crest) {
        for (int i = 0; i + 1 < line.length; i++) {
            double azimuth =
                    Math.abs(Math.atan2(line[i][0], line[i][1] - worn.form().axis(line[i][2])));
            boolean over = line[i][2] > crest && line[i + 1][2] <= crest;
            if (over && azimuth > CREST_FROM && azimuth < CREST_TO && Math.min(off[i], off[i + 1]) < -FELT) {
                return true;
            }
        }
        return false;
    }
}
