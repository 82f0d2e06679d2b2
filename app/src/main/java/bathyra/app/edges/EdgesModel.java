package bathyra.app.edges;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.PrincessStart;
import bathyra.garment.SkirtShaping;
import bathyra.garment.Sleeve;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthText;
import java.util.List;
import java.util.Locale;

/** What can be done on the Edges stage: what holds the garment up, how its upper and its lower edge run, and every length of them. */
public final class EdgesModel {
    /** The lengths of an upper edge in the order of its controls. */
    private static final List<LengthOption> UPPER = List.of(
            LengthOption.COVERAGE,
            LengthOption.SWEETHEART_DIP,
            LengthOption.EDGE_DIP,
            LengthOption.SHOULDER_LINE,
            LengthOption.SLEEVE_DEPTH,
            LengthOption.SLEEVE_EASE,
            LengthOption.SLEEVE_TAPER,
            LengthOption.NECKLINE_DEPTH,
            LengthOption.NECKLINE_WIDTH,
            LengthOption.STRAP_WIDTH,
            LengthOption.BACK_NECKLINE,
            LengthOption.UNDERARM_LOWERING,
            LengthOption.BACK_FALL,
            LengthOption.EDGE_WIDTH,
            LengthOption.YOKE_LINE,
            LengthOption.YOKE_FALL,
            LengthOption.KEYHOLE_LENGTH,
            LengthOption.KEYHOLE_WIDTH);
    /** The lengths of a lower edge. */
    private static final List<LengthOption> LOWER = List.of(
            LengthOption.FRONT_LENGTH_BELOW,
            LengthOption.SIDE_LENGTH_BELOW,
            LengthOption.BACK_LENGTH_BELOW,
            LengthOption.PEPLUM_LENGTH,
            LengthOption.PEPLUM_SPREAD,
            LengthOption.BASQUE_FRONT,
            LengthOption.BASQUE_SIDE,
            LengthOption.BASQUE_BACK,
            LengthOption.FLARED_LENGTH,
            LengthOption.FLARE,
            LengthOption.FLARE_RAISE,
            LengthOption.SKIRT_LENGTH,
            LengthOption.SKIRT_TAPER,
            LengthOption.SKIRT_SPREAD,
            LengthOption.WAIST_DROP,
            LengthOption.SKIRT_LINE);

    private final Workshop workshop;

    public EdgesModel(Workshop workshop) {
        this.workshop = workshop;
    }

    public Garment garment() {
        return workshop.commission().garment();
    }

    private void once(String label, Garment next) {
        workshop.letGo();
        workshop.once(label, workshop.commission().withGarment(next));
    }

    public void cover(Cover next) {
        once(
                "edge " + next.label().toLowerCase(Locale.ROOT),
                garment().withTop(garment().top().withCover(next)));
    }

    public void shape(UpperShape next) {
        once("upper edge " + next.label().toLowerCase(Locale.ROOT), garment().withUpperEdge(next));
    }

    public void lower(LowerShape next) {
        once("lower edge " + next.label().toLowerCase(Locale.ROOT), garment().withLowerEdge(next));
    }

    public void skirt(SkirtShaping next) {
        once(next.label().toLowerCase(Locale.ROOT), garment().withSkirt(next));
    }

    public void yoke(boolean wanted) {
        once(
                wanted ? "yoke over the bust line" : "no yoke",
                garment().withTop(garment().top().withYoke(wanted)));
    }

    public void yokeInFrontOnly(boolean wanted) {
        once(
                wanted ? "yoke in front only" : "yoke in front and behind",
                garment().withTop(garment().top().withYokeInFrontOnly(wanted)));
    }

    public void keyhole(boolean wanted) {
        once(
                wanted ? "keyhole in the yoke" : "no keyhole",
                garment().withTop(garment().top().withKeyhole(wanted)));
    }

    public void sleeve(Sleeve next) {
        once(
                "sleeve: " + next.label().toLowerCase(Locale.ROOT),
                garment().withTop(garment().top().withSleeve(next)));
    }

    public void princess(PrincessStart next) {
        once(
                "princess seam " + next.label().toLowerCase(Locale.ROOT),
                garment().withBlock(garment().block().withPrincess(next)));
    }

    /** A length, dragged to where it is drawn and held within its range, to the millimetre or the eighth of an inch. */
    public void length(LengthOption option, double mm) {
        double step = workshop.unit().step();
        // What fittings found comes on top of what is chosen.
        double chosen =
                mm + garment().chosen(option).value() - garment().length(option).value();
        double held = Math.max(
                option.least().millimetres(), Math.min(option.most().millimetres(), Math.rint(chosen / step) * step));
        workshop.change(
                option.label().toLowerCase(Locale.ROOT) + " " + LengthText.say(Length.mm(held), workshop.unit()),
                workshop.commission().withGarment(garment().withLength(option, Length.mm(held))),
                InHand.of(option.id()));
    }

    public double value(LengthOption option) {
        return garment().length(option).value();
    }

    /** The lengths that say how the upper edge runs, as the garment is. */
    public List<LengthOption> upperLengths() {
        return UPPER.stream().filter(option -> option.shapes(garment())).toList();
    }

    /** The lengths that say how the lower edge runs. */
    public List<LengthOption> lowerLengths() {
        return LOWER.stream().filter(option -> option.shapes(garment())).toList();
    }
}
