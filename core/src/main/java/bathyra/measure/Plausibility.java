package bathyra.measure;

import static bathyra.measure.MeasurementKey.APEX_SPAN;
import static bathyra.measure.MeasurementKey.APEX_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.ARMHOLE;
import static bathyra.measure.MeasurementKey.BACK_LENGTH;
import static bathyra.measure.MeasurementKey.BUST;
import static bathyra.measure.MeasurementKey.FRONT_LENGTH;
import static bathyra.measure.MeasurementKey.HIP;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_APEX;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.UNDERBUST;
import static bathyra.measure.MeasurementKey.WAIST;

import bathyra.length.Length;
import bathyra.length.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The checks that a good cutter makes on the figures before drawing anything (C2). */
public final class Plausibility {
    private static final double SIDE_DART_LEAST = 10;
    private static final double SIDE_DART_MOST = 55;
    /** Beyond these the draft cannot close the dart into the princess seam. */
    private static final double SIDE_DART_STOPS = 70;

    private static final double RADIUS_AGREES = 10;
    private static final double SIDE_PANEL_LEAST = 40;
    private static final double CHEST_LINE_AGREES = 25;
    private static final double CM_PER_INCH = 2.54;
    /** Sides that differ by no more are drafted as one. */
    private static final double SIDES_AGREE = 5;

    /** A waist that is drawn in comfortably keeps so much of itself. */
    private static final double DRAWN_IN_LEAST = 0.75;

    private Plausibility() {}

    /** Everything that the figures of a set say about each other, the gravest first. */
    public static List<Remark> of(MeasurementSet set) {
        List<Remark> remarks = new ArrayList<>();
        set.taken().forEach((key, length) -> inRange(key, length).ifPresent(remarks::add));
        set.right().forEach((key, length) -> (key.isHalved() ? half(set, key, length) : inRange(key, length))
                .ifPresent(remarks::add));
        order(set, remarks);
        sideDart(set).ifPresent(remarks::add);
        bustRadius(set).ifPresent(remarks::add);
        sidePanel(set).ifPresent(remarks::add);
        chestLine(set).ifPresent(remarks::add);
        share(set, BUST, MeasurementKey.BUST_FRONT_ARC, 0.46, 0.64).ifPresent(remarks::add);
        share(set, WAIST, MeasurementKey.WAIST_FRONT_ARC, 0.42, 0.62).ifPresent(remarks::add);
        share(set, HIP, MeasurementKey.HIP_FRONT_ARC, 0.40, 0.56).ifPresent(remarks::add);
        drawnIn(set).ifPresent(remarks::add);
        sides(set, remarks);
        remarks.replaceAll(remark -> confirmed(set, remark));
        remarks.sort((a, b) -> b.weight().compareTo(a.weight()));
        return remarks;
    }

    /**
     * What was taken twice and is correct stays quiet; it is still on record. Only what no pattern can follow still stands in the
     * way: figures that contradict each other, and what no body can have.
     */
    private static Remark confirmed(MeasurementSet set, Remark remark) {
        MeasurementKey first = remark.keys().get(0);
        if (remark.keys().size() == 1 && !isPossible(set, first)) {
            return set.confirmed().contains(first) ? bounded(remark, first) : remark;
        }
        boolean odd = remark.weight() == Remark.Weight.NOTE
                || remark.weight() == Remark.Weight.STOPS && remark.keys().size() == 1;
        if (!odd || !set.confirmed().contains(remark.keys().get(0))) {
            return remark;
        }
        return new Remark(
                Remark.Weight.HOLDS,
                remark.keys(),
                new Sentence(
                        "Taken twice, correct. " + remark.sentence().pattern(),
                        remark.sentence().parts()));
    }

    private static Remark bounded(Remark remark, MeasurementKey key) {
        List<Object> parts = new ArrayList<>(remark.sentence().parts());
        parts.addAll(List.of(key.possibleLeast(), key.possibleMost()));
        return new Remark(
                remark.weight(),
                remark.keys(),
                new Sentence(
                        remark.sentence().pattern() + " Taken twice or not, nothing under {} or over {} is drafted.",
                        parts));
    }

    private static boolean isPossible(MeasurementSet set, MeasurementKey key) {
        Length taken = set.taken().get(key);
        Length right = set.right().get(key);
        return (taken == null || key.isPossible(taken))
                && (right == null || key.isPossible(key.isHalved() ? Length.mm(2 * right.millimetres()) : right));
    }

    /** The two halves of a girth: each doubled must be a girth that a body can have; what differs is drafted apart. */
    private static Optional<Remark> half(MeasurementSet set, MeasurementKey key, Length right) {
        Length whole = set.taken().get(key);
        if (whole == null) {
            return Optional.of(Remark.note(
                    Sentence.of("{}: the right half is {}, the whole is missing. Take it too.", key.label(), right),
                    key));
        }
        Length left = Length.mm(whole.millimetres() - right.millimetres());
        if (!key.isPlausible(Length.mm(2 * right.millimetres()))
                || !key.isPlausible(Length.mm(2 * left.millimetres()))) {
            return Optional.of(Remark.stops(
                    Sentence.of(
                            "{}: of {} the right half is {}, which leaves {} for the left. Take the right half again, from centre front to centre back.",
                            key.label(),
                            whole,
                            right,
                            left),
                    key));
        }
        return Optional.of(Remark.holds(
                Sentence.of(
                        "{}: right half {}, left half {}. The two halves are drafted apart.", key.label(), right, left),
                key));
    }

    /** What lies in front of a girth, from side seam to side seam, is about half of it. */
    private static Optional<Remark> share(
            MeasurementSet set, MeasurementKey girth, MeasurementKey arc, double least, double most) {
        if (!set.isTaken(girth) || !set.isTaken(arc)) {
            return Optional.empty();
        }
        Length whole = set.taken().get(girth);
        Length front = set.taken().get(arc);
        double share = front.millimetres() / whole.millimetres();
        if (share >= least && share <= most) {
            return Optional.of(
                    Remark.holds(Sentence.of("Of the {} of {} {} lie in front.", whole, girth, front), arc, girth));
        }
        return Optional.of(Remark.note(
                Sentence.of(
                        "{} is {} of {} of {}: from {} to {} are plausible. Take both again.",
                        arc,
                        front,
                        whole,
                        girth,
                        Length.mm(least * whole.millimetres()),
                        Length.mm(most * whole.millimetres())),
                arc,
                girth));
    }

    /** How much the waist yields says how far it can be laced. */
    private static Optional<Remark> drawnIn(MeasurementSet set) {
        if (!set.isTaken(WAIST) || !set.isTaken(MeasurementKey.WAIST_DRAWN_IN)) {
            return Optional.empty();
        }
        Length waist = set.taken().get(WAIST);
        Length drawn = set.taken().get(MeasurementKey.WAIST_DRAWN_IN);
        double share = drawn.millimetres() / waist.millimetres();
        return Optional.of(
                share > 1 || share < DRAWN_IN_LEAST
                        ? Remark.note(
                                Sentence.of(
                                        "The waist is {} and drawn in {}: it yields, but by no more than a quarter. Take both again.",
                                        waist,
                                        drawn),
                                MeasurementKey.WAIST_DRAWN_IN,
                                WAIST)
                        : Remark.holds(
                                Sentence.of(
                                        "Drawn in the waist yields {}: a reduction of that much is comfortable.",
                                        Length.mm(waist.millimetres() - drawn.millimetres())),
                                MeasurementKey.WAIST_DRAWN_IN,
                                WAIST));
    }

    /** Left and right that differ: both are kept, the larger is drafted. */
    private static void sides(MeasurementSet set, List<Remark> remarks) {
        set.right().forEach((key, right) -> Optional.ofNullable(set.taken().get(key))
                .filter(left -> !key.isHalved())
                .ifPresent(left -> {
                    double apart = Math.abs(left.millimetres() - right.millimetres());
                    if (apart > SIDES_AGREE) {
                        remarks.add(Remark.note(
                                Sentence.of(
                                        "{}: left {}, right {}. The larger is drafted; pad the other side by {}, or cut the two sides apart.",
                                        key.label(),
                                        left,
                                        right,
                                        Length.mm(apart)),
                                key));
                    } else {
                        remarks.add(Remark.holds(
                                Sentence.of("{}: left {} and right {} are alike.", key.label(), left, right), key));
                    }
                }));
    }

    /** Whether one figure lies in its plausible range; a slip of the unit is named as such. */
    public static Optional<Remark> inRange(MeasurementKey key, Length length) {
        if (key.isPlausible(length)) {
            return Optional.empty();
        }
        Length asInches = Length.mm(length.millimetres() * CM_PER_INCH);
        Length asMillimetres = Length.mm(length.millimetres() / 10);
        Length asCentimetres = Length.mm(length.millimetres() / CM_PER_INCH);
        String slip = key.isPlausible(asInches)
                ? " It looks like a figure in inches: type in behind it."
                : key.isPlausible(asMillimetres)
                        ? " It looks like a figure in millimetres: type mm behind it."
                        : key.isPlausible(asCentimetres)
                                ? " It looks like a figure in centimetres: type cm behind it."
                                : " Take it again.";
        return Optional.of(Remark.stops(
                Sentence.of(
                        "{} is {}; plausible is from {} to {}." + slip, key.label(), length, key.least(), key.most()),
                key));
    }

    private static void order(MeasurementSet set, List<Remark> remarks) {
        above(set, SHOULDER_TO_APEX, SHOULDER_TO_UNDERBUST, "The apex", "the underbust")
                .ifPresent(remarks::add);
        above(set, SHOULDER_TO_UNDERBUST, FRONT_LENGTH, "The underbust", "the waist")
                .ifPresent(remarks::add);
        Optional<Length> bust = value(set, BUST);
        Optional<Length> underbust = value(set, UNDERBUST);
        if (bust.isPresent() && underbust.isPresent()) {
            if (bust.get().compareTo(underbust.get()) <= 0) {
                remarks.add(Remark.stops(
                        Sentence.of(
                                "The bust is {} and the underbust {}: the bust must be the larger. Take both again.",
                                bust.get(),
                                underbust.get()),
                        BUST,
                        UNDERBUST));
            }
        }
        Optional<Length> waist = value(set, WAIST);
        Optional<Length> hip = value(set, HIP);
        if (waist.isPresent() && hip.isPresent() && waist.get().compareTo(hip.get()) > 0) {
            remarks.add(Remark.note(
                    Sentence.of(
                            "The waist is {}, more than the hip at {}. If both were taken twice, leave them.",
                            waist.get(),
                            hip.get()),
                    WAIST,
                    HIP));
        }
    }

    private static Optional<Remark> above(
            MeasurementSet set, MeasurementKey upper, MeasurementKey lower, String upperName, String lowerName) {
        return value(set, upper).flatMap(u -> value(set, lower)
                .filter(l -> l.compareTo(u) <= 0)
                .map(l -> Remark.stops(
                        Sentence.of(
                                "{} lies {} below the shoulder and {} {}: it must lie above it. Take both again.",
                                upperName,
                                u,
                                lowerName,
                                l),
                        upper,
                        lower)));
    }

    private static Optional<Remark> sideDart(MeasurementSet set) {
        return value(set, FRONT_LENGTH).flatMap(front -> value(set, BACK_LENGTH).map(back -> {
            Length dart = Length.mm(front.millimetres() - back.millimetres());
            double width = dart.millimetres();
            if (width < 0) {
                return Remark.stops(
                        Sentence.of(
                                "The front is {} to the waist and the back {}: the front must be the longer, by the side bust dart. Take both again.",
                                front,
                                back),
                        FRONT_LENGTH,
                        BACK_LENGTH);
            }
            if (width > SIDE_DART_STOPS) {
                return Remark.stops(
                        Sentence.of(
                                "The front is {} longer than the back. A side bust dart over {} cannot be closed: take both lengths again.",
                                dart,
                                Length.mm(SIDE_DART_STOPS)),
                        FRONT_LENGTH,
                        BACK_LENGTH);
            }
            String pattern = "The front is {} longer than the back: that is the side bust dart. Usual is {} to {}.";
            Sentence sentence = Sentence.of(pattern, dart, Length.mm(SIDE_DART_LEAST), Length.mm(SIDE_DART_MOST));
            return width < SIDE_DART_LEAST || width > SIDE_DART_MOST
                    ? Remark.note(sentence, FRONT_LENGTH, BACK_LENGTH)
                    : Remark.holds(sentence, FRONT_LENGTH, BACK_LENGTH);
        }));
    }

    private static Optional<Remark> bustRadius(MeasurementSet set) {
        return value(set, SHOULDER_TO_UNDERBUST)
                .flatMap(under -> value(set, SHOULDER_TO_APEX).map(apex -> {
                    Length radius = Length.mm(under.millimetres() - apex.millimetres());
                    Optional<Length> taken = Optional.ofNullable(set.taken().get(APEX_TO_UNDERBUST));
                    if (taken.isPresent()
                            && Math.abs(taken.get().millimetres() - radius.millimetres()) > RADIUS_AGREES) {
                        return Remark.note(
                                Sentence.of(
                                        "Shoulder to underbust less shoulder to apex leaves {}, the tape says {} from apex to underbust. One of the three is wrong: take them again.",
                                        radius,
                                        taken.get()),
                                APEX_TO_UNDERBUST,
                                SHOULDER_TO_UNDERBUST,
                                SHOULDER_TO_APEX);
                    }
                    return Remark.holds(
                            Sentence.of(
                                    "Shoulder to underbust less shoulder to apex leaves {} for the bust radius.",
                                    radius),
                            SHOULDER_TO_UNDERBUST,
                            SHOULDER_TO_APEX);
                }));
    }

    private static Optional<Remark> sidePanel(MeasurementSet set) {
        return value(set, BUST).flatMap(bust -> value(set, APEX_SPAN).map(span -> {
            Length left = Length.mm(bust.millimetres() / 4 - span.millimetres() / 2);
            Length least = Length.mm(SIDE_PANEL_LEAST);
            return left.millimetres() < SIDE_PANEL_LEAST
                    ? Remark.note(
                            Sentence.of(
                                    "From apex to side seam only {} stay; a side panel needs {}. Take apex to apex again.",
                                    left,
                                    least),
                            APEX_SPAN,
                            BUST)
                    : Remark.holds(
                            Sentence.of("From apex to side seam stay {}; a side panel needs {}.", left, least),
                            APEX_SPAN,
                            BUST);
        }));
    }

    private static Optional<Remark> chestLine(MeasurementSet set) {
        return value(set, BUST)
                .flatMap(bust -> Optional.ofNullable(set.taken().get(ARMHOLE)).map(armhole -> {
                    Length byTape = Length.mm(armhole.millimetres() / 2);
                    Length byRule = Length.mm(bust.millimetres() / 6 + 38);
                    return Math.abs(byTape.millimetres() - byRule.millimetres()) > CHEST_LINE_AGREES
                            ? Remark.note(
                                    Sentence.of(
                                            "The armhole tape puts the chest line at {}, the rule at {}. The tape is used.",
                                            byTape,
                                            byRule),
                                    ARMHOLE)
                            : Remark.holds(
                                    Sentence.of(
                                            "The armhole tape puts the chest line at {}, the rule at {}.",
                                            byTape,
                                            byRule),
                                    ARMHOLE);
                }));
    }

    private static Optional<Length> value(MeasurementSet set, MeasurementKey key) {
        return set.find(key).map(bathyra.reckon.Reckoned::length);
    }
}
