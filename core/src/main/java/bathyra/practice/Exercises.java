package bathyra.practice;

import bathyra.draft.Draft;
import bathyra.garment.EdgeUse;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Exercises made from a draft: of the commission in hand or of a body that was made up. Every answer is the draft's own figure, or one that follows from its finished pieces. */
public final class Exercises {
    private static final Rule SUM = Rule.of("C2", "sums on the figures");
    /** By so much one edge of a walked seam is made wrong, mm. */
    private static final double WRONG_LEAST = 4;

    private static final double WRONG_MOST = 14;
    private static final double CHEST_EXTRA = 38;

    private Exercises() {}

    /** All exercises of a draft, by what they practise. @param random chooses what is made wrong where a fault is to be found */
    public static Map<Skill, List<Exercise>> of(Draft draft, Random random) {
        Map<Skill, List<Exercise>> all = new EnumMap<>(Skill.class);
        body(draft).forEach(e -> add(all, e));
        girths(draft).forEach(e -> add(all, e));
        surplus(draft).forEach(e -> add(all, e));
        EdgeSums.of(draft).forEach(e -> add(all, e));
        walking(draft, random).forEach(e -> add(all, e));
        cut(draft).forEach(e -> add(all, e));
        return all;
    }

    private static void add(Map<Skill, List<Exercise>> all, Exercise exercise) {
        all.computeIfAbsent(exercise.skill(), s -> new ArrayList<>()).add(exercise);
    }

    private static Reckoned length(String name, double mm) {
        return Given.option(name, mm, Quantity.LENGTH, "given", SUM);
    }

    private static Reckoned number(double value) {
        return Given.constant(value, Quantity.RATIO);
    }

    private static Length mm(double value) {
        return Length.mm(value);
    }

    /** Sums on the figures of the body. */
    private static List<Exercise> body(Draft draft) {
        List<Exercise> all = new ArrayList<>();
        var set = draft.commission().measurements();
        Optional<Reckoned> bust = set.find(MeasurementKey.BUST);
        set.find(MeasurementKey.APEX_SPAN)
                .ifPresent(span -> all.add(new Exercise(
                        Skill.APEX,
                        Sentence.of(
                                "Apex to apex measures {}. How far from centre front does one apex lie?",
                                span.length()),
                        span.over(number(2)).named("Apex from centre front", SUM),
                        Sentence.of("Centre front runs midway between the two."),
                        Exercise.At.level(Level.BUST))));
        bust.ifPresent(b -> all.add(new Exercise(
                Skill.QUARTER,
                Sentence.of(
                        "The bust measures {} all round. How wide is the quarter of it that a block begins with?",
                        b.length()),
                b.over(number(4)).named("Quarter of the bust", SUM),
                Sentence.of("A block is drafted for one half, and that half has a front and a back."),
                Exercise.At.level(Level.BUST))));
        bust.ifPresent(b -> all.add(new Exercise(
                Skill.CHEST,
                Sentence.of(
                        "The bust measures {}. How far below the shoulder tip does the chest line lie, a sixth of the bust and {} more?",
                        b.length(),
                        mm(CHEST_EXTRA)),
                b.over(number(6)).plus(length("What is added", CHEST_EXTRA)).named("Chest line", SUM),
                Sentence.of("Divide first, then add."),
                Exercise.At.level(Level.UPPER))));
        set.find(MeasurementKey.SHOULDER_TO_UNDERBUST)
                .flatMap(u -> set.find(MeasurementKey.SHOULDER_TO_APEX)
                        .map(a -> new Exercise(
                                Skill.RADIUS,
                                Sentence.of(
                                        "From the neck end of the shoulder it is {} to the apex and {} to the underbust. How large is the bust radius below the apex?",
                                        a.length(),
                                        u.length()),
                                u.minus(a).named("Bust radius", SUM),
                                Sentence.of("Both run down the same line, over the apex."),
                                Exercise.At.level(Level.UNDERBUST))))
                .ifPresent(all::add);
        return all;
    }

    /** From the body to the half in cloth (C5). */
    private static List<Exercise> girths(Draft draft) {
        List<Exercise> all = new ArrayList<>();
        for (LevelPlan plan : draft.girths().levels()) {
            String level = plan.level().label().toLowerCase(Locale.ROOT);
            Reckoned body = length("Body", plan.body().value());
            Reckoned ease = length("Ease", plan.ease().value());
            Reckoned gap = length("Lacing gap", plan.gap().value());
            if (Math.abs(plan.ease().value()) > 0.5) {
                all.add(new Exercise(
                        Skill.WORN,
                        Sentence.of(
                                "The body measures {} at the {}, and the ease there is {}. How much does the garment measure when it is worn?",
                                body.length(),
                                level,
                                ease.length()),
                        body.plus(ease).named("Worn", SUM),
                        Sentence.of("An ease with a minus draws in."),
                        Exercise.At.level(plan.level())));
            }
            Reckoned worn = length("Worn", plan.worn().value());
            Reckoned half = plan.gap().value() > 0.5
                    ? worn.minus(gap).over(number(2)).named("Half in cloth", SUM)
                    : worn.over(number(2)).named("Half in cloth", SUM);
            all.add(new Exercise(
                    Skill.PATTERN,
                    plan.gap().value() > 0.5
                            ? Sentence.of(
                                    "Worn, the garment measures {} at the {}, and {} of it is the gap at the lacing. How much cloth has one half there?",
                                    worn.length(),
                                    level,
                                    gap.length())
                            : Sentence.of(
                                    "Worn, the garment measures {} at the {}. How much cloth has one half there?",
                                    worn.length(),
                                    level),
                    half,
                    Sentence.of("The gap is not cloth; and a pattern is one half."),
                    Exercise.At.level(plan.level())));
            double share = plan.frontShare().value();
            double hundredth = Math.round(share * 1000) / 1000.0;
            all.add(new Exercise(
                    Skill.SHARE,
                    Sentence.of(
                            "Worn, the garment measures {} at the {}, and "
                                    + String.format(Locale.ROOT, "%.1f", hundredth * 100)
                                    + " % of that lie in front. How wide is one half of the front?",
                            worn.length(),
                            level),
                    worn.times(number(hundredth)).over(number(2)).named("Front half", SUM),
                    Sentence.of("Take the share first; the front has two halves."),
                    Exercise.At.level(plan.level())));
        }
        return all;
    }

    /** What the seams take (C6). */
    private static List<Exercise> surplus(Draft draft) {
        List<Exercise> all = new ArrayList<>();
        for (LevelPlan plan : draft.girths().levels()) {
            Level level = plan.level();
            Reckoned take = draft.intakes().toTake().get(level);
            if (take == null || take.value() < 1) {
                continue;
            }
            double half = plan.pattern().value() / 2;
            Reckoned wide = length("Widest half", half + take.value());
            all.add(new Exercise(
                    Skill.SURPLUS,
                    Sentence.of(
                            "The widest half measures {}, and the half at the {} is planned at {}. What do its seams take together?",
                            wide.length(),
                            level.label().toLowerCase(Locale.ROOT),
                            mm(half)),
                    wide.minus(length("Planned half", half)).named("To take", SUM),
                    Sentence.of("What is too wide there has to go into the seams."),
                    Exercise.At.level(level)));
            double side = draft.intakes().seams().contains(SeamPlace.SIDE)
                    ? draft.intakes().at(level, SeamPlace.SIDE).value()
                    : 0;
            double others = take.value() - side;
            if (side > 1 && others > 1) {
                all.add(new Exercise(
                        Skill.LEFT_OVER,
                        Sentence.of(
                                "At the {} the seams are to take {} together; all but the side seam take {}. What is left for the side?",
                                level.label().toLowerCase(Locale.ROOT),
                                take.length(),
                                mm(others)),
                        length("To take", take.value())
                                .minus(length("Taken by the others", others))
                                .named("Left for the side", SUM),
                        Sentence.of("What was taken elsewhere is given back at the side."),
                        Exercise.At.level(level)));
            }
        }
        return all;
    }

    /** Two edges of a seam of which one was made wrong. */
    private static List<Exercise> walking(Draft draft, Random random) {
        List<Exercise> all = new ArrayList<>();
        for (SeamJoin seam : draft.pattern().seams()) {
            SeamPair pair = SeamPair.of(draft.pattern(), seam);
            double wrong = Math.rint(WRONG_LEAST + random.nextDouble() * (WRONG_MOST - WRONG_LEAST));
            boolean first = random.nextBoolean();
            double a = pair.a().length() - (first ? wrong : 0);
            double b = pair.b().length() - (first ? 0 : wrong);
            Reckoned one = length("The one edge", Math.max(a, b));
            Reckoned other = length("The other edge", Math.min(a, b));
            all.add(new Exercise(
                    Skill.WALKING,
                    Sentence.of(
                            "{}: walked from end to end the edge of {} measures {}, that of {} measures {}. By how much is one of them short?",
                            seam.name(),
                            draft.pattern().piece(seam.a().piece()).name().toLowerCase(Locale.ROOT),
                            mm(a),
                            draft.pattern().piece(seam.b().piece()).name().toLowerCase(Locale.ROOT),
                            mm(b)),
                    one.minus(other).named("Short", SUM),
                    Sentence.of("Two edges that are sewn together are as long as each other, to half a millimetre."),
                    Exercise.At.seam(seam)));
        }
        return all;
    }

    /** How wide a panel stays, and how wide it is cut. */
    private static List<Exercise> cut(Draft draft) {
        List<Exercise> all = new ArrayList<>();
        for (Piece piece : draft.panelPieces()) {
            Optional<LevelMark> waist = piece.mark(Level.WAIST);
            Optional<LevelMark> bust = piece.mark(Level.BUST).or(() -> piece.mark(Level.UNDERBUST));
            if (waist.isEmpty() || bust.isEmpty()) {
                continue;
            }
            double wide = waist.get().length();
            double taken = bust.get().length() - wide;
            if (taken > 2) {
                all.add(new Exercise(
                        Skill.WIDTH,
                        Sentence.of(
                                "{} is {} wide above, and its two edges take {} out of it down to the waist. How wide does it stay there?",
                                piece.name(),
                                mm(bust.get().length()),
                                mm(taken)),
                        length("Above", bust.get().length())
                                .minus(length("Taken out", taken))
                                .named("At the waist", SUM),
                        Sentence.of("What the edges take is gone from the panel."),
                        Exercise.At.piece(piece.id(), Level.WAIST)));
            }
            double allowance =
                    draft.commission().garment().allowance(EdgeUse.SEAM).millimetres();
            all.add(new Exercise(
                    Skill.CUT,
                    Sentence.of(
                            "{} is {} wide at the waist, and both its seams have an allowance of {}. How wide is it cut there?",
                            piece.name(),
                            mm(wide),
                            mm(allowance)),
                    length("Net", wide)
                            .plus(length("Allowance", allowance))
                            .plus(length("Allowance on the other side", allowance))
                            .named("Cut", SUM),
                    Sentence.of("A panel has two edges."),
                    Exercise.At.piece(piece.id(), Level.WAIST)));
        }
        return all;
    }
}
