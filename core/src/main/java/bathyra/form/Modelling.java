package bathyra.form;

import bathyra.form.Form.Residual;
import bathyra.measure.MeasurementSet;
import java.util.List;

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

    private final Tape tape;
    private final Posture posture;
    private double underbust;
    private double bust;
    private double proud;
    private double swelling;
    private double upperGirth;
    private double azimuth;

    private Modelling(Tape tape, Posture posture) {
        this.tape = tape;
        this.posture = posture;
        this.underbust = BEGIN_UNDERBUST * tape.waistToUnderbust();
        this.bust = tape.waistToUnderbust() + BEGIN_BUST * tape.radius();
        this.proud = Math.max(0, BEGIN_PROUD * (tape.bust() - tape.rib()));
        this.upperGirth = tape.upper();
        this.azimuth = 0.6;
    }

    /** The form of a body in its usual posture, with lungs at rest. */
    public static Form of(MeasurementSet set) {
        return of(Tape.of(set, false), Posture.USUAL);
    }

    public static Form of(Tape tape, Posture posture) {
        Modelling modelling = new Modelling(tape, posture);
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
        Heights heights = Heights.of(tape.hipBelow(), tape.highHipBelow(), underbust, bust);
        Torso torso = new Torso(
                tape,
                heights,
                posture,
                upperGirth,
                new Torso.Swelling(swelling, bust, bust - underbust, REACH_UP * tape.radius()));
        Form form = new Form(tape, heights, torso, breast(torso), List.of());
        return new Form(tape, heights, torso, breast(torso), residuals(form, heights));
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
        return List.of(
                new Residual("Bust", tape.bust(), form.girth(heights.bust())),
                new Residual("Upper bust", tape.upper(), form.girth(heights.upper())),
                new Residual("Underbust", tape.rib(), form.girth(heights.underbust())),
                new Residual("Waist", tape.waist(), form.girth(0)),
                new Residual("High hip", tape.highHip(), form.girth(heights.highHip())),
                new Residual("Hip", tape.hip(), form.girth(heights.hip())),
                new Residual(
                        "Waist to underbust",
                        tape.waistToUnderbust(),
                        form.arc(form.apexAzimuth(), 0, heights.underbust())),
                new Residual(
                        "Apex to underbust",
                        tape.radius(),
                        form.arc(form.apexAzimuth(), heights.underbust(), heights.bust())),
                new Residual("Apex to apex", tape.span(), 2 * form.apex()[0]));
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
        Heights heights = Heights.of(tape.hipBelow(), tape.highHipBelow(), underbust, bust);
        Torso torso = new Torso(
                tape,
                heights,
                posture,
                upperGirth,
                new Torso.Swelling(swelling, bust, bust - underbust, REACH_UP * tape.radius()));
        return tape.bust() - new Form(tape, heights, torso, breast(torso), List.of()).girth(bust);
    }
}
