package bathyra.draft;

import static bathyra.measure.MeasurementKey.APEX_SPAN;
import static bathyra.measure.MeasurementKey.BACK_LENGTH;
import static bathyra.measure.MeasurementKey.BUST;
import static bathyra.measure.MeasurementKey.FRONT_LENGTH;
import static bathyra.measure.MeasurementKey.HEIGHT;
import static bathyra.measure.MeasurementKey.HIP;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_APEX;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.SHOULDER_WIDTH;
import static bathyra.measure.MeasurementKey.UNDERBUST;
import static bathyra.measure.MeasurementKey.WAIST;
import static bathyra.measure.MeasurementKey.WAIST_TO_HIP;

import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.EnumMap;
import java.util.Map;
import java.util.Random;

/** Bodies for tests: one in round figures, and plausible random ones (C19). */
public final class Bodies {
    private Bodies() {}

    /** A dancer of the Lanternfish Opera. */
    public static MeasurementSet nerea() {
        Map<MeasurementKey, Length> taken = new EnumMap<>(MeasurementKey.class);
        taken.put(BUST, Length.mm(910));
        taken.put(UNDERBUST, Length.mm(785));
        taken.put(WAIST, Length.mm(720));
        taken.put(HIP, Length.mm(1010));
        taken.put(APEX_SPAN, Length.mm(186));
        taken.put(SHOULDER_TO_APEX, Length.mm(281));
        taken.put(SHOULDER_TO_UNDERBUST, Length.mm(366));
        taken.put(FRONT_LENGTH, Length.mm(468));
        taken.put(BACK_LENGTH, Length.mm(439));
        taken.put(WAIST_TO_HIP, Length.mm(231));
        return new MeasurementSet(taken);
    }

    public static Commission commission(MeasurementSet set, Garment garment) {
        return new Commission("The Heron", LengthUnit.CM, new Wearer("Nerea Holloway", Experience.FIRST), set, garment);
    }

    /** One draw of C19. */
    public static MeasurementSet random(Random random) {
        double height = u(random, 1480, 1900);
        double underbust = u(random, 620, 1250);
        double bust = underbust + u(random, 50, 270) * Math.sqrt(underbust / 900);
        double waist = underbust - u(random, -60, 150);
        double hip = waist + u(random, 60, 380);
        double front = height * u(random, 0.238, 0.268) + 0.12 * (bust - underbust);
        double radius = 52 + (bust - underbust) * u(random, 0.18, 0.28);
        double toUnderbust = front - u(random, 60, 115) * height / 1650;
        Map<MeasurementKey, Length> taken = new EnumMap<>(MeasurementKey.class);
        taken.put(HEIGHT, Length.mm(height));
        taken.put(UNDERBUST, Length.mm(underbust));
        taken.put(BUST, Length.mm(bust));
        taken.put(WAIST, Length.mm(waist));
        taken.put(HIP, Length.mm(hip));
        taken.put(FRONT_LENGTH, Length.mm(front));
        taken.put(BACK_LENGTH, Length.mm(front - u(random, 6, 62)));
        taken.put(SHOULDER_TO_UNDERBUST, Length.mm(toUnderbust));
        taken.put(SHOULDER_TO_APEX, Length.mm(toUnderbust - radius));
        taken.put(APEX_SPAN, Length.mm(bust * u(random, 0.18, 0.22)));
        taken.put(WAIST_TO_HIP, Length.mm(height / 8 * u(random, 0.9, 1.1)));
        taken.put(SHOULDER_WIDTH, Length.mm(u(random, 350, 450)));
        return new MeasurementSet(taken);
    }

    /**
     * An ordinary body (C6.1): C19 with underbust 650 to 1050, bust − underbust 80 to 220, waist at most 120 under the underbust, hip − waist
     * 120 to 320, side bust dart 12 to 50, at least 60 between underbust and waist, height 1550 to 1800. What lies above the upper line is
     * derived, so that every edge can be drawn for it.
     */
    public static MeasurementSet ordinary(Random random) {
        while (true) {
            MeasurementSet body = random(random);
            double underbust = mm(body, UNDERBUST);
            double deeper = mm(body, BUST) - underbust;
            double drop = underbust - mm(body, WAIST);
            double spring = mm(body, HIP) - mm(body, WAIST);
            double dart = mm(body, FRONT_LENGTH) - mm(body, BACK_LENGTH);
            double torso = mm(body, FRONT_LENGTH) - mm(body, SHOULDER_TO_UNDERBUST);
            if (within(underbust, 650, 1050)
                    && within(deeper, 80, 220)
                    && drop <= 120
                    && within(spring, 120, 320)
                    && within(dart, 12, 50)
                    && torso >= 60
                    && within(mm(body, HEIGHT), 1550, 1800)
                    && body.taken().entrySet().stream().allMatch(e -> e.getKey().isPlausible(e.getValue()))) {
                return withArms(body);
            }
        }
    }

    /** The same body with what the edges above the upper line ask for. */
    public static MeasurementSet withArms(MeasurementSet body) {
        double shoulders =
                body.find(SHOULDER_WIDTH).map(bathyra.reckon.Reckoned::value).orElse(400.0);
        return body.with(SHOULDER_WIDTH, Length.mm(shoulders))
                .with(MeasurementKey.AROUND_SHOULDERS, Length.mm(2.46 * shoulders))
                .with(MeasurementKey.TOP_EDGE_WIDTH, Length.mm(0.71 * shoulders))
                .with(MeasurementKey.UPPER_ARM, Length.mm(0.31 * mm(body, BUST)));
    }

    /** Small and full-busted with a short torso. */
    public static MeasurementSet small() {
        Map<MeasurementKey, Length> taken = new EnumMap<>(MeasurementKey.class);
        taken.put(BUST, Length.mm(880));
        taken.put(UNDERBUST, Length.mm(700));
        taken.put(WAIST, Length.mm(620));
        taken.put(HIP, Length.mm(900));
        taken.put(APEX_SPAN, Length.mm(178));
        taken.put(SHOULDER_TO_APEX, Length.mm(252));
        taken.put(SHOULDER_TO_UNDERBUST, Length.mm(336));
        taken.put(FRONT_LENGTH, Length.mm(416));
        taken.put(BACK_LENGTH, Length.mm(378));
        taken.put(WAIST_TO_HIP, Length.mm(192));
        taken.put(HEIGHT, Length.mm(1560));
        taken.put(SHOULDER_WIDTH, Length.mm(366));
        return withArms(new MeasurementSet(taken));
    }

    /** Large, tall and long in the waist. */
    public static MeasurementSet large() {
        Map<MeasurementKey, Length> taken = new EnumMap<>(MeasurementKey.class);
        taken.put(BUST, Length.mm(1160));
        taken.put(UNDERBUST, Length.mm(1010));
        taken.put(WAIST, Length.mm(960));
        taken.put(HIP, Length.mm(1180));
        taken.put(APEX_SPAN, Length.mm(228));
        taken.put(SHOULDER_TO_APEX, Length.mm(292));
        taken.put(SHOULDER_TO_UNDERBUST, Length.mm(380));
        taken.put(FRONT_LENGTH, Length.mm(476));
        taken.put(BACK_LENGTH, Length.mm(448));
        taken.put(WAIST_TO_HIP, Length.mm(222));
        taken.put(HEIGHT, Length.mm(1760));
        taken.put(SHOULDER_WIDTH, Length.mm(432));
        return withArms(new MeasurementSet(taken));
    }

    private static boolean within(double value, double least, double most) {
        return value >= least && value <= most;
    }

    private static double mm(MeasurementSet body, MeasurementKey key) {
        return body.find(key).orElseThrow().value();
    }

    private static double u(Random random, double low, double high) {
        return low + random.nextDouble() * (high - low);
    }
}
