package bathyra.form;

import bathyra.form.Form.Residual;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Works out a form whose tapes read what the wearer's did (C20): a fixed point over the lines' heights, the breast and the torso's own girths. */
public final class Modelling {
    private static final int ROUNDS = 60;
    private static final double BEGIN_UNDERBUST = 0.995;
    private static final double BEGIN_BUST = 0.87;
    private static final double BEGIN_PROUD = 0.3;
    private static final double HEIGHT_RELAXED = 0.7;
    private static final double UPPER_RELAXED = 0.8;
    private static final double SWELLING_RELAXED = 0.9;
    /** A breast stands out by no more of its radius. */
    private static final double PROUD_MOST = 0.72;

    private static final double REACH_UP = 1.2;
    private static final double REACH_OUT = 1.3;
    private static final double INWARDS_LEAST = 40;
    private static final double INWARDS_LESS = 6;
    /** Where every tape agrees so well the rounds end, mm. */
    private static final double GIRTH_ENOUGH = 0.05;

    private static final double ARC_ENOUGH = 0.01;
    private static final int SECANTS = 6;
    private static final int KNOTS = 8;
    /** At which knot of the heights the tape over a front lies. */
    private static final Map<MeasurementKey, Integer> FRONTS =
            new EnumMap<>(Map.of(MeasurementKey.HIP, 1, MeasurementKey.WAIST, 3, MeasurementKey.BUST, 5));
    /** So much rounder in front makes the front one girth larger, about, were it possible. */
    private static final double ROUNDER_A_SHARE = 4;
    /** Beyond this an oval is none any more. */
    private static final double ROUNDER_MOST = 0.14;

    private static final double SHARE_ENOUGH = 2e-5;
    private static final double UPPER_OVER_LEAST = 15;

    private final Tape tape;
    private double underbust;
    private double bust;
    private double proud;
    private double swelling;
    private double upperGirth;
    private double azimuth;
    private double upperOver;
    /** At each knot of {@link Heights} by how much the front is rounder than is usual, and the back flatter. */
    private final double[] forward = new double[KNOTS];

    private Modelling(Tape tape) {
        this.tape = tape;
        this.underbust = BEGIN_UNDERBUST * tape.waistToUnderbust();
        this.bust = tape.waistToUnderbust() + BEGIN_BUST * tape.radius();
        this.proud = Math.max(0, BEGIN_PROUD * (tape.bust() - tape.rib()));
        this.upperGirth = tape.upper();
        this.azimuth = 0.6;
        this.upperOver = Heights.UPPER_OVER_BUST;
    }

    /** The form of a body as it stands, with lungs at rest. */
    public static Form of(MeasurementSet set) {
        return of(Tape.of(set, false));
    }

    public static Form of(Tape tape) {
        Modelling modelling = new Modelling(tape);
        Form form = modelling.form();
        for (int round = 0; round < ROUNDS; round++) {
            boolean settled = modelling.step(form);
            form = modelling.form();
            if (settled) {
                break;
            }
        }
        return form;
    }

    private Form form() {
        Heights heights = heights();
        Torso torso = torso(heights);
        Form form = new Form(tape, heights, torso, breast(torso), List.of());
        return new Form(tape, heights, torso, breast(torso), residuals(form, heights));
    }

    private Heights heights() {
        return Heights.of(tape.hipBelow(), tape.highHipBelow(), underbust, bust, upperOver);
    }

    private Torso torso(Heights heights) {
        return new Torso(
                tape,
                heights,
                upperGirth,
                forward,
                new Torso.Swelling(swelling, bust, bust - underbust, REACH_UP * tape.radius()));
    }

    private Breast breast(Torso torso) {
        double inner = torso.radius(azimuth, bust);
        for (int i = 0; i < 4; i++) {
            azimuth = Math.asin(Math.min(1, tape.span() / 2 / (inner + proud)));
            inner = torso.radius(azimuth, bust);
        }
        return new Breast(
                azimuth,
                bust,
                proud,
                inner + proud / 2,
                Math.max(tape.span() / 2 - INWARDS_LESS, INWARDS_LEAST),
                REACH_OUT * tape.radius(),
                bust - underbust,
                REACH_UP * tape.radius(),
                tape.radius());
    }

    private List<Residual> residuals(Form form, Heights heights) {
        List<Residual> residuals = new ArrayList<>(List.of(
                new Residual(MeasurementKey.BUST, tape.bust(), form.girth(heights.bust())),
                new Residual(MeasurementKey.UPPER_BUST, tape.upper(), form.girth(heights.upper())),
                new Residual(MeasurementKey.UNDERBUST, tape.rib(), form.girth(heights.underbust())),
                new Residual(MeasurementKey.WAIST, tape.waist(), form.girth(0)),
                new Residual(MeasurementKey.HIGH_HIP, tape.highHip(), form.girth(heights.highHip())),
                new Residual(MeasurementKey.HIP, tape.hip(), form.girth(heights.hip())),
                new Residual(
                        MeasurementKey.FRONT_LENGTH,
                        "Waist to underbust",
                        tape.waistToUnderbust(),
                        form.arc(form.apexAzimuth(), 0, heights.underbust())),
                new Residual(
                        MeasurementKey.APEX_TO_UNDERBUST,
                        tape.radius(),
                        form.arc(form.apexAzimuth(), heights.underbust(), heights.bust())),
                new Residual(MeasurementKey.APEX_SPAN, tape.span(), 2 * form.apex()[0])));
        Tape.Finer finer = tape.finer();
        finer.upperOverBust()
                .ifPresent(over -> residuals.add(new Residual(
                        MeasurementKey.UPPER_BUST_HEIGHT,
                        "Apex to the upper bust",
                        over,
                        form.arc(form.apexAzimuth(), heights.bust(), heights.upper()))));
        if (finer.hasBelly()) {
            residuals.add(new Residual(
                    MeasurementKey.BELLY,
                    finer.belly().getAsDouble(),
                    form.girth(-finer.bellyBelow().getAsDouble())));
        }
        for (Map.Entry<MeasurementKey, Integer> at : FRONTS.entrySet()) {
            if (finer.fronts().containsKey(at.getKey())) {
                double z = heights.knots()[at.getValue()];
                double girth = form.girth(z);
                residuals.add(new Residual(arc(at.getKey()), finer.fronts().get(at.getKey()) * girth, form.front(z)));
            }
        }
        return residuals;
    }

    private static MeasurementKey arc(MeasurementKey girth) {
        return girth == MeasurementKey.BUST
                ? MeasurementKey.BUST_FRONT_ARC
                : girth == MeasurementKey.WAIST ? MeasurementKey.WAIST_FRONT_ARC : MeasurementKey.HIP_FRONT_ARC;
    }

    /** One round. @return whether every tape agreed before it */
    private boolean step(Form form) {
        double toUnderbust = form.arc(azimuth, 0, underbust);
        double toBust = form.arc(azimuth, underbust, bust);
        double upperOff = tape.upper() - form.girth(form.heights().upper());
        double bustOff = tape.bust() - form.girth(bust);
        boolean settled = Math.abs(toUnderbust - tape.waistToUnderbust()) < ARC_ENOUGH
                && Math.abs(toBust - tape.radius()) < ARC_ENOUGH
                && Math.abs(upperOff) < GIRTH_ENOUGH
                && Math.abs(bustOff) < GIRTH_ENOUGH;
        settled &= shapeFronts(form) & raiseUpper(form);
        if (settled) {
            return true;
        }
        double between = (bust - underbust) * (1 + HEIGHT_RELAXED * (tape.radius() / toBust - 1));
        underbust *= 1 + HEIGHT_RELAXED * (tape.waistToUnderbust() / toUnderbust - 1);
        bust = underbust + between;
        upperGirth += UPPER_RELAXED * upperOff;
        shapeBreast();
        return false;
    }

    /** The front is made rounder, and the back flatter, until the tape over the front reads its share. @return whether it did already */
    private boolean shapeFronts(Form form) {
        boolean settled = true;
        for (Map.Entry<MeasurementKey, Double> taped : tape.finer().fronts().entrySet()) {
            int knot = FRONTS.get(taped.getKey());
            double z = form.heights().knots()[knot];
            double off = taped.getValue() - form.front(z) / form.girth(z);
            double before = forward[knot];
            forward[knot] = Math.max(-ROUNDER_MOST, Math.min(ROUNDER_MOST, before + ROUNDER_A_SHARE * off));
            settled &= Math.abs(off) < SHARE_ENOUGH || forward[knot] == before;
        }
        return settled;
    }

    /** The upper line goes where its own tape down from the shoulder puts it. @return whether it lay there already */
    private boolean raiseUpper(Form form) {
        if (tape.finer().upperOverBust().isEmpty()) {
            return true;
        }
        double over = Math.max(UPPER_OVER_LEAST, tape.finer().upperOverBust().getAsDouble());
        double arc = form.arc(azimuth, form.heights().bust(), form.heights().upper());
        upperOver = Math.max(UPPER_OVER_LEAST, upperOver * (1 + HEIGHT_RELAXED * (over / arc - 1)));
        return Math.abs(arc - over) < ARC_ENOUGH || upperOver == UPPER_OVER_LEAST;
    }

    /** The breast stands out until the tape over it reads the bust; what it cannot hold goes into the torso. */
    private void shapeBreast() {
        double most = PROUD_MOST * tape.radius();
        double low = proud;
        double lowOff = bustOff(low);
        double next = low + (lowOff > 0 ? 1 : -1);
        for (int i = 0; i < SECANTS && Math.abs(lowOff) > GIRTH_ENOUGH / 10; i++) {
            next = Math.max(0, Math.min(most, next));
            double nextOff = bustOff(next);
            double slope = (nextOff - lowOff) / (next - low);
            low = next;
            lowOff = nextOff;
            if (Double.isNaN(slope) || slope == 0) {
                break;
            }
            next = low - lowOff / slope;
        }
        proud = low;
        if (Math.abs(lowOff) > GIRTH_ENOUGH / 10 && (proud >= most || proud <= 0)) {
            swelling += SWELLING_RELAXED * lowOff;
        }
    }

    private double bustOff(double standing) {
        proud = standing;
        Heights heights = heights();
        Torso torso = torso(heights);
        return tape.bust() - new Form(tape, heights, torso, breast(torso), List.of()).girth(bust);
    }
}
