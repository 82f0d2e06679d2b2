package bathyra.size;

import static bathyra.measure.MeasurementKey.APEX_SPAN;
import static bathyra.measure.MeasurementKey.APEX_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.BACK_LENGTH;
import static bathyra.measure.MeasurementKey.BUST;
import static bathyra.measure.MeasurementKey.FRONT_LENGTH;
import static bathyra.measure.MeasurementKey.HIGH_HIP;
import static bathyra.measure.MeasurementKey.HIP;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_APEX;
import static bathyra.measure.MeasurementKey.SHOULDER_WIDTH;
import static bathyra.measure.MeasurementKey.UNDERBUST;
import static bathyra.measure.MeasurementKey.WAIST;
import static bathyra.measure.MeasurementKey.WAIST_TO_HIP;

import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Charts to begin with. They are made up, and meant to be changed. */
public final class SizeCharts {
    private static final List<MeasurementKey> COLUMNS = List.of(
            BUST,
            UNDERBUST,
            WAIST,
            HIGH_HIP,
            HIP,
            FRONT_LENGTH,
            BACK_LENGTH,
            SHOULDER_TO_APEX,
            APEX_TO_UNDERBUST,
            APEX_SPAN,
            SHOULDER_WIDTH,
            WAIST_TO_HIP);

    private SizeCharts() {}

    /** Three of them: six sizes with a break, cups upon ribs, and fuller figures. */
    public static List<SizeChart> invented() {
        return List.of(house(), cups(), fuller());
    }

    private static SizeChart house() {
        double[][] figures = {
            {800, 690, 620, 785, 900, 406, 382, 242, 70, 166, 372, 200},
            {840, 730, 660, 825, 940, 414, 389, 249, 74, 172, 379, 202},
            {880, 770, 700, 865, 980, 422, 396, 256, 78, 178, 386, 204},
            {920, 810, 740, 905, 1020, 430, 403, 263, 82, 184, 393, 206},
            {980, 870, 800, 965, 1080, 440, 411, 273, 86, 192, 402, 208},
            {1040, 930, 860, 1025, 1140, 450, 419, 283, 90, 200, 411, 210}
        };
        List<Size> sizes = new ArrayList<>();
        for (int i = 0; i < figures.length; i++) {
            sizes.add(size(Integer.toString(i + 1), "", figures[i]));
        }
        return new SizeChart("House sizes 1 to 6", COLUMNS, sizes);
    }

    /** Every rib with four cups: from one to the next the bust is 50 more, the apex a little lower and wider. */
    private static SizeChart cups() {
        List<Size> sizes = new ArrayList<>();
        for (int rib = 700; rib <= 900; rib += 50) {
            for (int cup = 0; cup < 4; cup++) {
                double bust = rib + 110 + 50 * cup;
                sizes.add(size(
                        Integer.toString(rib / 10),
                        String.valueOf((char) ('A' + cup)),
                        bust,
                        rib,
                        rib - 60,
                        rib + 105,
                        rib + 215,
                        405 + (rib - 700) * 0.18 + 6 * cup,
                        385 + (rib - 700) * 0.15,
                        244 + (rib - 700) * 0.12 + 7 * cup,
                        68 + 8 * cup + (rib - 700) * 0.03,
                        0.2 * bust,
                        375 + (rib - 700) * 0.15,
                        202 + (rib - 700) * 0.03));
            }
        }
        return new SizeChart("Ribs and cups", COLUMNS, sizes);
    }

    private static SizeChart fuller() {
        List<Size> sizes = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            double more = 60 * i;
            sizes.add(size(
                    Integer.toString(20 + 2 * i),
                    "",
                    1120 + more,
                    960 + more,
                    940 + more * 1.05,
                    1080 + more,
                    1180 + more,
                    452 + 7 * i,
                    420 + 5 * i,
                    290 + 9 * i,
                    96 + 3 * i,
                    216 + 6 * i,
                    404 + 7 * i,
                    208 + 2 * i));
        }
        return new SizeChart("Fuller figures", COLUMNS, sizes);
    }

    private static Size size(String name, String cup, double... figures) {
        Map<MeasurementKey, Length> by = new EnumMap<>(MeasurementKey.class);
        for (int i = 0; i < figures.length; i++) {
            by.put(COLUMNS.get(i), Length.mm(figures[i]));
        }
        return new Size(name, cup, by);
    }
}
