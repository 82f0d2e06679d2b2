package bathyra.draft;

import bathyra.block.Block;
import bathyra.cutting.Apex;
import bathyra.cutting.Cutting;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Commission;
import bathyra.garment.Cover;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.Stretch;
import bathyra.girth.GirthPlan;
import bathyra.girth.LevelPlan;
import bathyra.intake.IntakeTable;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Overridden;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** What the plan gives to think about before cloth is cut: caps on the intakes (C6) and cautions on the waist (C17). */
public final class Advice {
    /** Past these shares of the natural waist the program asks: for a first corset, for a seasoned wearer, for anyone (C5, C17). */
    public static final double FIRST = 0.08;

    public static final double SEASONED = 0.15;
    public static final double ANYONE = 0.20;
    /** The cautions, where a reduction is set (C17). */
    public static final String CAUTION =
            "Reduce little by little. Never with pregnancy, after surgery or with an illness of heart, lungs, stomach, back or pelvic floor unless a doctor agrees. "
                    + "Not for sleep or exercise. Loosen at once with pain, numbness, tingling, faintness, reflux or short breath. Never lace a child. No figure makes a reduction safe.";

    /** By less than this the edge and the circle are level, mm. */
    private static final double COVERED = 2;

    private static final double SAME = 1e-6;
    /** By so much an edge may be shorter than the level it hangs from, which lies square to the body and a little higher, mm. */
    private static final double EDGE_SHORT = 45;
    /** A change smaller than this between two levels is none, mm. */
    private static final double SWING = 3;

    private Advice() {}

    static List<Finding> on(
            Commission commission,
            Block block,
            GirthPlan girths,
            IntakeTable intakes,
            Cutting cutting,
            Pattern pattern) {
        List<Finding> findings = new ArrayList<>();
        double cap = commission.garment().length(LengthOption.SEAM_CAP).value();
        for (SeamPlace seam : intakes.seams()) {
            if (seam.part() == SeamPlace.Part.SIDE) {
                cap(
                        findings,
                        "Side, front half",
                        seam,
                        intakes.sideFront().get(Level.WAIST).value(),
                        cap);
                cap(
                        findings,
                        "Side, back half",
                        seam,
                        intakes.sideBack().get(Level.WAIST).value(),
                        cap);
            } else if (seam.part() != SeamPlace.Part.CENTRE_BACK) {
                cap(
                        findings,
                        seam.label(),
                        seam,
                        intakes.at(Level.WAIST, seam).value(),
                        capOf(commission.garment(), seam, block, intakes, cap));
            }
            // A bustier's side takes what its schools leave it; only where the cutter shares out is there something to
            // share otherwise.
            smooth(findings, seam, block, intakes);
            if (commission.garment().kind().isPanelled()) {
                spring(findings, seam, intakes);
            }
        }
        boolean overBust = commission.garment().kind().isOverBust();
        findings.addAll(Leanings.of(
                pattern,
                intakes.axes(),
                overBust ? OptionalDouble.of(block.front(Level.BUST)) : OptionalDouble.empty(),
                commission.garment().lowerEdge().swingsFrom()));
        findings.addAll(OwnLengths.on(commission.garment(), block, intakes, cutting));
        coverage(findings, commission.garment(), cutting);
        upperEdge(findings, commission.garment(), girths, cutting);
        stretch(findings, commission.garment());
        caution(findings, commission, girths);
        if (commission.restricted()) {
            findings.add(LacingRule.finding(commission, girths));
        }
        return findings;
    }

    /** What the rule gives the seam over the apex at the waist, for the bust and to leave the side calm, is no fault of its sharing (C6.1), nor what others leave it. */
    private static double capOf(Garment garment, SeamPlace seam, Block block, IntakeTable intakes, double cap) {
        boolean apex = block.heights().front().containsKey(Level.BUST)
                && intakes.axes().isThroughApex(seam, block.front(Level.BUST));
        if (!apex || garment.isSet(LengthOption.SEAM_CAP)) {
            return cap;
        }
        Reckoned takes = intakes.at(Level.WAIST, seam);
        boolean locked = garment.intakes().containsKey(new Cell(Level.WAIST, seam));
        return Math.max(
                cap, locked && takes instanceof Overridden own ? own.computed().value() : takes.value());
    }

    private static void cap(List<Finding> findings, String name, SeamPlace seam, double value, double cap) {
        if (value > cap + SAME) {
            findings.add(Finding.of(
                    FindingKind.INTAKE_CAP,
                    seam.id(),
                    Finding.Status.NOTE,
                    value,
                    cap,
                    Sentence.of(
                            name
                                    + " takes {} at the waist, {} over its cap of {}. Share it wider, add a seam or reduce less.",
                            Length.mm(value),
                            Length.mm(value - cap),
                            Length.mm(cap))));
        }
    }

    /** Away from the waist what a seam takes should not rise, fall and rise again (C6). Over the apex it does by nature. */
    private static void smooth(List<Finding> findings, SeamPlace seam, Block block, IntakeTable intakes) {
        boolean overBust = block.heights().front().containsKey(Level.BUST);
        if (overBust && intakes.axes().isThroughApex(seam, block.front(Level.BUST))) {
            return;
        }
        List<Level> up = new ArrayList<>();
        List<Level> down = new ArrayList<>();
        for (Level level : Level.values()) {
            // In front the closed dart and the crest make the upper edge's own shape.
            boolean shaped =
                    level == Level.UPPER && (seam.part() == SeamPlace.Part.FRONT || seam.part() == SeamPlace.Part.SIDE);
            if (intakes.has(level, seam) && !shaped) {
                (level.ordinal() <= Level.WAIST.ordinal() ? up : down).add(level);
            }
        }
        Collections.reverse(up);
        down.add(0, Level.WAIST);
        for (List<Level> away : List.of(up, down)) {
            swing(seam, away, intakes)
                    .ifPresent(level -> findings.add(Finding.of(
                            FindingKind.INTAKE_SWING,
                            seam.id(),
                            Finding.Status.NOTE,
                            intakes.at(level, seam).value(),
                            0,
                            Sentence.of(
                                    seam.label() + ": away from the waist it takes more, then less at the "
                                            + level.label().toLowerCase(Locale.ROOT)
                                            + " ({}), then more again. Bring that value closer to its neighbours.",
                                    intakes.at(level, seam).length()))));
        }
    }

    private static Optional<Level> swing(SeamPlace seam, List<Level> away, IntakeTable intakes) {
        boolean rose = false;
        Level low = null;
        for (int i = 1; i < away.size(); i++) {
            double by = intakes.at(away.get(i), seam).value()
                    - intakes.at(away.get(i - 1), seam).value();
            if (by > SWING && low != null) {
                return Optional.of(low);
            }
            if (by < -SWING && rose) {
                low = away.get(i);
            }
            rose |= by > SWING;
        }
        return Optional.empty();
    }

    private static void spring(List<Finding> findings, SeamPlace seam, IntakeTable intakes) {
        for (Level level : Level.values()) {
            if (intakes.has(level, seam)
                    && intakes.at(level, seam).value() < -SAME
                    && !intakes.locked().contains(new Cell(level, seam))) {
                findings.add(Finding.of(
                        FindingKind.SPRING,
                        seam.id(),
                        Finding.Status.NOTE,
                        intakes.at(level, seam).value(),
                        0,
                        Sentence.of(
                                seam.label() + " gives back {} at the "
                                        + level.label().toLowerCase(Locale.ROOT)
                                        + ", because the others take more than there is to take. Take less at a seam that is locked there.",
                                Length.mm(-intakes.at(level, seam).value()))));
            }
        }
    }

    /** How far the cloth stands above the apex, measured on the sheets, against what the circle of the breast asks (C8). */
    private static void coverage(List<Finding> findings, Garment garment, Cutting cutting) {
        if (cutting.cup().isEmpty() || garment.top().cover() != Cover.STRAPLESS) {
            return;
        }
        Apex apex = cutting.apex().orElseThrow();
        double stands = cutting.whole()
                .sheet(apex.inner())
                .edge(apex.seam())
                .path()
                .nearest(apex.atInner())
                .arc();
        double asked = cutting.cup().get().radius().value();
        boolean covers = stands >= asked - COVERED;
        findings.add(Finding.of(
                FindingKind.COVERAGE,
                "coverage",
                covers ? Finding.Status.OK : Finding.Status.NOTE,
                stands,
                asked,
                covers
                        ? Sentence.of(
                                "Above the apex {} are covered; the circle asks for {}.",
                                Length.mm(stands),
                                Length.mm(asked))
                        : Sentence.of(
                                "Above the apex {} are covered; the circle asks for {}. Some of the breast shows: raise the upper edge by {}, or leave it.",
                                Length.mm(stands),
                                Length.mm(asked),
                                Length.mm(asked - stands))));
    }

    /** A free upper edge that is much shorter than its plan cuts in: measured along the finished edge, against the girth planned there (C10). */
    private static void upperEdge(List<Finding> findings, Garment garment, GirthPlan girths, Cutting cutting) {
        if (!garment.kind().isOverBust() || garment.top().cover() != Cover.STRAPLESS) {
            return;
        }
        LevelPlan plan = girths.at(Level.UPPER);
        double edge = 2 * cutting.upperEdge();
        double planned = plan.pattern().value();
        boolean holds = edge >= planned - EDGE_SHORT;
        findings.add(Finding.of(
                FindingKind.EDGE_LENGTH,
                Level.UPPER.id(),
                holds ? Finding.Status.OK : Finding.Status.NOTE,
                edge,
                planned,
                holds
                        ? Sentence.of(
                                "The upper edge measures {} once round; planned there are {}.",
                                Length.mm(edge),
                                Length.mm(planned))
                        : Sentence.of(
                                "The upper edge measures {} once round, {} less than the {} planned there: it will cut in. Raise the edge, or give the upper level more ease.",
                                Length.mm(edge),
                                Length.mm(planned - edge),
                                Length.mm(planned))));
    }

    private static void stretch(List<Finding> findings, Garment garment) {
        if (!garment.row().isStretch()) {
            return;
        }
        Optional<Stretch> test = garment.fit().stretch();
        if (test.isEmpty() || test.get().offGirths().value() == 0) {
            findings.add(
                    Finding.of(
                            FindingKind.STRETCH,
                            "stretch",
                            Finding.Status.NOTE,
                            0,
                            0,
                            Sentence.of(
                                    "The cloth has no stretch test yet, so nothing is taken off the girths. Pull a sample across and along and note what it measures.")));
        } else if (test.get().growth() > Stretch.GROWTH_NOTED) {
            findings.add(Finding.of(
                    FindingKind.STRETCH,
                    "stretch",
                    Finding.Status.NOTE,
                    test.get().returned().millimetres(),
                    test.get().relaxed().millimetres() * (1 + Stretch.GROWTH_NOTED),
                    Sentence.of(
                            "A minute after the pull the sample still measures {} of {}: this cloth will bag. Only what comes back is counted.",
                            test.get().returned(),
                            test.get().relaxed())));
        }
    }

    private static void caution(List<Finding> findings, Commission commission, GirthPlan girths) {
        double share = girths.waistReductionShare();
        boolean first = commission.wearer().experience() == Experience.FIRST;
        double limit = share > ANYONE ? ANYONE : share > SEASONED ? SEASONED : FIRST;
        if (share <= FIRST || (!first && share <= SEASONED)) {
            return;
        }
        LevelPlan waist = girths.at(Level.WAIST);
        findings.add(Finding.of(
                FindingKind.WAIST_REDUCTION,
                "waist",
                Finding.Status.NOTE,
                waist.body().value() - waist.worn().value(),
                waist.body().value() * limit,
                Sentence.of(
                        String.format(
                                        Locale.ROOT,
                                        "The waist is drawn in by {}, %.0f %% of the natural waist; past %.0f %% ask before going on. ",
                                        share * 100,
                                        limit * 100)
                                + "Reduce little by little. Never with pregnancy, after surgery or with an illness of heart, lungs, stomach, back or pelvic floor unless a doctor agrees. No figure makes a reduction safe. Read out: “"
                                + LacingRule.QUESTION + "”",
                        Length.mm(waist.body().value() - waist.worn().value()))));
    }
}
