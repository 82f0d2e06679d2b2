package bathyra.block;

import static bathyra.measure.MeasurementKey.APEX_SPAN;
import static bathyra.measure.MeasurementKey.BACK_LENGTH;
import static bathyra.measure.MeasurementKey.FRONT_LENGTH;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.UPPER_BUST_HEIGHT;
import static bathyra.measure.MeasurementKey.WAIST_TO_HIGH_HIP;
import static bathyra.measure.MeasurementKey.WAIST_TO_HIP;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.EnumMap;
import java.util.Map;

/** The strapless block that stands on a {@link Frame}: level lines, upper edge and seam axes, alike for every school. */
final class Strapless {
    private static final Rule BLOCK = Rule.of("C4.1", "quarter block");
    private static final Rule UPPER = Rule.of("C10", "upper edge");
    private static final Rule WALK = Rule.of("C7.3", "side dart closed");
    private static final double SIDE_DART_MOST = 70;
    private static final double RADIUS_LEAST = 35;
    private static final double STRETCH_LEAST = 30;
    private static final double SIDE_ABOVE_UNDERBUST_LEAST = 45;
    private static final double BELOW_WAIST_LEAST = 30;
    private static final double BACK_ABOVE_BUST_LEAST = 12;
    /** A crest this close to the underarm line is drawn level with it: a shorter rise would be a bump. */
    private static final double CREST_LEAST = 8;
    /** Up to so little it is drawn level. */
    private static final double CREST_LEVEL = 2;

    private static final double SWEETHEART_CREST = 25;
    /** So much of centre front stays above the underbust line. */
    private static final double CENTRE_LEFT = 20;

    private Strapless() {}

    /** @throws NotDraftable when no such block exists; the reason names the measurement */
    static Block on(Frame body, MeasurementSet set, Garment garment) throws NotDraftable {
        Frame frame = body.inStretch(garment);
        Reckoned apex = frame.apex();
        Reckoned underbust = frame.underbust();
        Reckoned waist = frame.waist();
        Reckoned dart = frame.sideDart();
        Reckoned radius = underbust.minus(apex).named("Bust radius", Rule.of("C8", "bust radius"));
        Reckoned chest = frame.chest();
        Reckoned upper = (set.isTaken(UPPER_BUST_HEIGHT)
                        ? take(set, UPPER_BUST_HEIGHT)
                        : chest.plus(garment.length(LengthOption.UNDERARM_LOWERING)))
                .named("Underarm", UPPER)
                .atMost(apex.minus(radius.over(2)))
                .named("Upper line", UPPER);
        require(underbust, waist, dart, radius, upper);

        Map<Level, Reckoned> front = new EnumMap<>(Level.class);
        front.put(Level.UPPER, upper);
        front.put(Level.BUST, apex);
        front.put(Level.UNDERBUST, underbust);
        front.put(Level.WAIST, styledWaist(garment, waist));
        Reckoned hipDepth = belowWaist(set, garment, waist, front);

        Map<Level, Reckoned> side = new EnumMap<>(front);
        side.put(Level.UPPER, upper.plus(dart).named("Upper line at the side", WALK));
        Reckoned bustAbove = radius.minus(dart)
                .atLeast(underbust.minus(dart).minus(upper).times(0.4))
                .named("Bust above underbust, side", WALK);
        side.put(Level.BUST, underbust.minus(bustAbove).named("Bust line at the side", WALK));

        requireBackFall(side.get(Level.UPPER), side.get(Level.BUST), garment.length(LengthOption.BACK_FALL));

        Reckoned crest = crest(garment, apex, radius, upper);
        Reckoned centreFront = centreFront(garment, crest, upper, underbust);
        Reckoned axis = take(set, APEX_SPAN).over(2).named("Princess axis", BLOCK);
        return new Block(
                new Block.Heights(front, side, chest.plus(dart).named("Chest line, back", BLOCK), hipDepth),
                new Block.Upper(
                        side.get(Level.UPPER)
                                .plus(garment.length(LengthOption.BACK_FALL))
                                .named("Centre back top", UPPER),
                        crest,
                        centreFront),
                new Block.Axes(axis, axis),
                new Block.Shaping(
                        radius, dart, frame.underbustWidth(), frame.backDart(), frame.centreBackIn(), frame.darts()));
    }

    private static Reckoned centreFront(Garment garment, Reckoned crest, Reckoned upper, Reckoned underbust)
            throws NotDraftable {
        if (garment.upperEdge() == UpperShape.STRAIGHT || garment.top().cover() != Cover.STRAPLESS) {
            return crest;
        }
        if (garment.upperEdge() == UpperShape.SWEETHEART) {
            return upper.atMost(crest.plus(garment.length(LengthOption.SWEETHEART_DIP)))
                    .named("Dip at centre front", UPPER);
        }
        Reckoned most = underbust.minus(CENTRE_LEFT).named("Lowest centre front", UPPER);
        Reckoned dip = crest.plus(garment.length(LengthOption.EDGE_DIP)).named("Dip at centre front", UPPER);
        if (!garment.lengths().containsKey(LengthOption.EDGE_DIP)) {
            return dip.atMost(most).named("Dip at centre front", UPPER);
        }
        if (dip.value() > most.value()) {
            throw new NotDraftable(Finding.of(
                    FindingKind.UPPER_EDGE,
                    LengthOption.EDGE_DIP.id(),
                    Finding.Status.FAULT,
                    garment.length(LengthOption.EDGE_DIP).value(),
                    most.value() - crest.value(),
                    Sentence.of(
                            "Upper edge, centre front: it dips {} below the crest, and {} of cloth must stay above the underbust line. Up to {} can be drawn.",
                            garment.length(LengthOption.EDGE_DIP).length(),
                            Length.mm(CENTRE_LEFT),
                            Length.mm(most.value() - crest.value()))));
        }
        return dip;
    }

    private static Reckoned crest(Garment garment, Reckoned apex, Reckoned radius, Reckoned upper) {
        Reckoned asked = apex.minus(radius)
                .minus(garment.length(LengthOption.COVERAGE))
                .named("Crest by coverage", Rule.of("C8", "coverage"));
        if (garment.upperEdge() != UpperShape.STRAIGHT && garment.top().cover() == Cover.STRAPLESS) {
            return asked.atMost(upper.minus(SWEETHEART_CREST)).named("Crest", UPPER);
        }
        double rise = upper.value() - asked.value();
        if (rise >= CREST_LEAST) {
            return asked.named("Crest", UPPER);
        }
        // From level to what can be seen it rises twice as fast as asked: a millimetre on the tape never makes a jump
        // of eight.
        return rise <= CREST_LEVEL
                ? upper.named("Crest", UPPER)
                : upper.minus(upper.minus(asked).minus(CREST_LEVEL).times(CREST_LEAST / (CREST_LEAST - CREST_LEVEL)))
                        .named("Crest", UPPER);
    }

    /** The waist line of the garment, which a cutter may drop to lengthen the body (C3). */
    static Reckoned styledWaist(Garment garment, Reckoned waist) {
        Reckoned drop = garment.length(LengthOption.WAIST_DROP);
        return drop.value() == 0
                ? waist
                : waist.plus(drop).named("Styled waist", Rule.of("C3", "dropped styled waist"));
    }

    /** Puts the lines below the waist down. @return the depth of the hip line @throws NotDraftable when they lie too close */
    static Reckoned belowWaist(MeasurementSet set, Garment garment, Reckoned waist, Map<Level, Reckoned> front)
            throws NotDraftable {
        if (garment.lowerEdge().endsAtWaist()) {
            return waist;
        }
        Reckoned toHip = Frame.stretched(garment, take(set, WAIST_TO_HIP));
        Reckoned toHighHip = Frame.stretched(garment, take(set, WAIST_TO_HIGH_HIP));
        double drop = garment.length(LengthOption.WAIST_DROP).value();
        if (toHighHip.value() - drop < BELOW_WAIST_LEAST || toHip.value() - toHighHip.value() < BELOW_WAIST_LEAST) {
            throw refuse(
                    FindingKind.LEVELS,
                    WAIST_TO_HIP,
                    toHip.value() - toHighHip.value(),
                    BELOW_WAIST_LEAST,
                    Sentence.of(
                            "Waist to high hip is {} and waist to hip {}: the lines lie too close to draw between. Take both again.",
                            toHighHip.length(),
                            toHip.length()));
        }
        Reckoned hipDepth = waist.plus(toHip).named("Hip line", BLOCK);
        front.put(Level.HIGH_HIP, waist.plus(toHighHip).named("High hip line", BLOCK));
        if (garment.lowerEdge().reachesHip()) {
            front.put(Level.HIP, hipDepth);
        }
        return hipDepth;
    }

    private static void require(Reckoned underbust, Reckoned waist, Reckoned dart, Reckoned radius, Reckoned upper)
            throws NotDraftable {
        if (dart.value() < 0 || dart.value() > SIDE_DART_MOST) {
            throw refuse(
                    FindingKind.SIDE_DART,
                    FRONT_LENGTH,
                    dart.value(),
                    SIDE_DART_MOST,
                    Sentence.of(
                            "The front is {} longer than the back; a side bust dart from {} to {} can be closed. Take {} and {} again.",
                            dart.length(),
                            Length.mm(0),
                            Length.mm(SIDE_DART_MOST),
                            MeasurementKey.FRONT_LENGTH,
                            MeasurementKey.BACK_LENGTH));
        }
        if (radius.value() < RADIUS_LEAST) {
            throw refuse(
                    FindingKind.LEVELS,
                    SHOULDER_TO_UNDERBUST,
                    radius.value(),
                    RADIUS_LEAST,
                    Sentence.of(
                            "The underbust lies {} below the apex; at least {} are needed. Take {} and {} again.",
                            radius.length(),
                            Length.mm(RADIUS_LEAST),
                            MeasurementKey.SHOULDER_TO_APEX,
                            MeasurementKey.SHOULDER_TO_UNDERBUST));
        }
        if (waist.value() - underbust.value() < STRETCH_LEAST) {
            throw refuse(
                    FindingKind.LEVELS,
                    FRONT_LENGTH,
                    waist.value() - underbust.value(),
                    STRETCH_LEAST,
                    Sentence.of(
                            "The waist lies {} below the underbust; at least {} are needed. Take {} and {} again.",
                            Length.mm(waist.value() - underbust.value()),
                            Length.mm(STRETCH_LEAST),
                            MeasurementKey.FRONT_LENGTH,
                            MeasurementKey.SHOULDER_TO_UNDERBUST));
        }
        double sideLeft = underbust.value() - dart.value() - upper.value();
        if (sideLeft < SIDE_ABOVE_UNDERBUST_LEAST) {
            throw refuse(
                    FindingKind.LEVELS,
                    BACK_LENGTH,
                    sideLeft,
                    SIDE_ABOVE_UNDERBUST_LEAST,
                    Sentence.of(
                            "Once the side bust dart of {} is closed, {} are left at the side between underarm and underbust; at least {} are needed. Take {}, {} and {} again.",
                            dart.length(),
                            Length.mm(sideLeft),
                            Length.mm(SIDE_ABOVE_UNDERBUST_LEAST),
                            MeasurementKey.FRONT_LENGTH,
                            MeasurementKey.BACK_LENGTH,
                            MeasurementKey.SHOULDER_TO_UNDERBUST));
        }
    }

    private static void requireBackFall(Reckoned upper, Reckoned bust, Reckoned fall) throws NotDraftable {
        double most = bust.value() - BACK_ABOVE_BUST_LEAST - upper.value();
        if (fall.value() > most) {
            throw refuse(
                    FindingKind.BACK_FALL,
                    BACK_LENGTH,
                    fall.value(),
                    most,
                    Sentence.of(
                            "The back edge falls by {}, but only {} lie between underarm and bust line there. Let it fall less, or look at {} and {}.",
                            fall.length(),
                            Length.mm(Math.max(0, most)),
                            MeasurementKey.BACK_LENGTH,
                            MeasurementKey.SHOULDER_TO_UNDERBUST));
        }
    }

    private static NotDraftable refuse(
            FindingKind check, MeasurementKey key, double value, double limit, Sentence sentence) {
        return new NotDraftable(Finding.of(check, key.key(), Finding.Status.FAULT, value, limit, sentence));
    }

    private static Reckoned take(MeasurementSet set, MeasurementKey key) {
        return set.find(key).orElseThrow(() -> new IllegalArgumentException(key.key() + " is absent"));
    }
}
