package bathyra.draft;

import bathyra.block.Block;
import bathyra.block.DraftingMethod;
import bathyra.cutting.Cutting;
import bathyra.cutting.Finishing;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.fitting.Found;
import bathyra.garment.Commission;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.girth.GirthPlan;
import bathyra.girth.LevelPlan;
import bathyra.intake.IntakeTable;
import bathyra.intake.Spreading;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Plausibility;
import bathyra.measure.Remark;
import bathyra.panel.Between;
import bathyra.panel.PanelSet;
import bathyra.paper.PaperPattern;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import bathyra.truing.Truing;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** The path of a draft, from the tape to the checked pattern (C1). Everything is computed anew on every change. */
public final class Drafter {
    private static final double SIDE_PANEL_LEAST = 40;
    private static final double STEEPEST_TURN = 0.62;
    private static final double WAIST_LEAST = 400;
    private static final double REDUCTION_MOST = 0.30;
    private static final double BACK_LEAST = 60;

    private Drafter() {}

    /**
     * Drafts a commission: measure → block → girths → intakes → panels → edges and pieces → checks. Where the halves of the body were
     * measured apart, each is drafted as half of a body that has two like it. It always answers: what is thrown inside is a refusal whose
     * cause is the program.
     */
    public static Outcome draft(Commission commission) {
        try {
            return whole(commission);
        } catch (RuntimeException | StackOverflowError e) {
            return Refusal.program(e);
        }
    }

    private static Outcome whole(Commission commission) {
        boolean uneven =
                isUneven(commission.measurements(), commission.garment()) || Found.isApart(commission.adjustments());
        if (!uneven || commission.measurements().part() != MeasurementSet.Part.WHOLE) {
            return half(commission);
        }
        Outcome left = half(ofHalf(commission, MeasurementSet.Part.LEFT, commission.garment(), "left half"));
        Outcome right = half(ofHalf(
                commission, MeasurementSet.Part.RIGHT, commission.garment().ofRightHalf(), "right half"));
        if (left instanceof Refusal refusal) {
            return inHalf(refusal, "Left half. ");
        }
        if (right instanceof Refusal refusal) {
            return inHalf(refusal, "Right half. ");
        }
        Draft l = (Draft) left;
        Draft r = (Draft) right;
        List<Finding> findings = new ArrayList<>(l.findings());
        findings.add(
                Finding.of(
                        FindingKind.UNEVEN_HALVES,
                        "halves",
                        Finding.Status.NOTE,
                        0,
                        0,
                        Sentence.of(
                                "The two halves are drafted apart: every piece is cut once from either pattern, for the right half with the paper turned over. Where centre front or centre back is not open, lay the two pieces together there.")));
        r.with(Finding.Status.NOTE).forEach(f -> findings.add(inHalf(f, "Right half. ")));
        return new Draft(
                commission.restricted() ? commission.withGarment(l.commission().garment()) : commission,
                l.block(),
                l.girths(),
                l.intakes(),
                l.panels(),
                l.cutting(),
                l.pattern(),
                findings,
                Optional.of(r));
    }

    /** Whether the halves of a garment are drafted apart on a body. */
    static boolean isUneven(MeasurementSet tape, Garment garment) {
        return tape.isUneven() || tape.hasUnevenCups() && garment.bust().cups().isCut();
    }

    private static Commission ofHalf(Commission whole, MeasurementSet.Part part, Garment garment, String name) {
        return whole.withMeasurements(whole.measurements().of(part))
                .withGarment(garment)
                .withTitle(whole.title() + ", " + name);
    }

    private static Refusal inHalf(Refusal refusal, String half) {
        return new Refusal(
                refusal.cause(),
                refusal.reasons().stream().map(f -> inHalf(f, half)).toList(),
                refusal.thrown());
    }

    private static Finding inHalf(Finding finding, String half) {
        return new Finding(
                finding.kind(),
                finding.subject(),
                finding.status(),
                finding.value(),
                finding.limit(),
                new Sentence(
                        half + finding.sentence().pattern(), finding.sentence().parts()),
                Optional.empty());
    }

    private static Outcome half(Commission asked) {
        MeasurementSet tape = asked.measurements();
        Optional<Refusal> refused = look(tape, asked.garment());
        if (refused.isPresent()) {
            return refused.get();
        }
        Commission commission =
                asked.restricted() ? asked.withGarment(LacingRule.obeyed(asked.garment(), tape)) : asked;
        Garment garment = commission.garment();
        try {
            GirthPlan planned = GirthPlan.of(tape, garment);
            GirthPlan girths = planned.pinched(garment.found());
            requireBearable(girths);
            Drawn drawn = TapedArmhole.drawn(
                    tape,
                    garment,
                    DraftingMethod.of(garment).draw(tape, garment),
                    block -> drawn(tape, garment, planned, block));
            Block block = drawn.block();
            IntakeTable intakes = drawn.intakes();
            PanelSet panels = drawn.panels();
            Cutting cutting = drawn.cutting();
            Pattern pattern = pattern(
                    commission,
                    girths,
                    panels,
                    cutting,
                    cutting.pattern(),
                    cut(cutting, garment, tape.part() != MeasurementSet.Part.WHOLE));
            List<Finding> findings = new ArrayList<>(Truing.look(pattern));
            // Cut apart, the panels no longer show how the girth runs between the levels and how their edges lean: that
            // is looked at before.
            boolean apart = cutting.pattern() != cutting.whole();
            Pattern whole = apart
                    ? pattern(commission, girths, panels, cutting, cutting.whole(), Finishing.uncut(cutting.whole()))
                    : pattern;
            if (apart) {
                findings.addAll(Truing.between(whole));
            }
            findings.addAll(Advice.on(commission, block, girths, intakes, cutting, whole));
            TapedArmhole.on(tape, garment, drawn.lowered(), whole.pieces()).ifPresent(findings::add);
            findings.replaceAll(f -> OnPieces.put(f, pattern));
            Draft draft =
                    new Draft(commission, block, girths, intakes, panels, cutting, pattern, findings, Optional.empty());
            return draft.isSound() ? draft : new Refusal(Refusal.Cause.PATTERN, draft.with(Finding.Status.FAULT));
        } catch (NotDraftable e) {
            return new Refusal(Refusal.Cause.PATTERN, e.reasons());
        }
    }

    private static Drawn drawn(MeasurementSet tape, Garment garment, GirthPlan girths, Block block)
            throws NotDraftable {
        if (garment.kind().isOverBust()) {
            requireRoomForBust(block, girths);
        }
        IntakeTable intakes = Spreading.of(tape, block, girths, garment);
        PanelSet panels = PanelSet.cut(block, girths, intakes, garment);
        Cutting cutting = Cutting.of(
                panels, intakes, block, tape.find(MeasurementKey.APEX_TO_UNDERBUST), reaching(tape, garment), garment);
        return new Drawn(block, intakes, panels, cutting, 0);
    }

    private static Optional<Cutting.Reaching> reaching(MeasurementSet tape, Garment garment) throws NotDraftable {
        if (garment.top().cover() == Cover.STRAPLESS) {
            return Optional.empty();
        }
        return Optional.of(new Cutting.Reaching(
                DraftingMethod.of(garment).drawing(tape, garment),
                millimetres(tape, MeasurementKey.TOP_EDGE_WIDTH),
                millimetres(tape, MeasurementKey.AROUND_SHOULDERS),
                millimetres(tape, MeasurementKey.UPPER_ARM)));
    }

    private static double millimetres(MeasurementSet tape, MeasurementKey key) {
        return tape.find(key).map(Reckoned::value).orElse(0.0);
    }

    /** On an even body one pattern serves both halves. */
    private static List<Piece> cut(Cutting cutting, Garment garment, boolean uneven) {
        List<Piece> pieces = Finishing.pieces(cutting.pattern(), cutting.apex(), garment);
        return uneven ? pieces.stream().map(Piece::cutOnce).toList() : pieces;
    }

    /** The measurements that the garment needs and that are neither taken nor estimated. */
    public static List<MeasurementKey> missing(MeasurementSet set, Garment garment) {
        return needs(garment).stream().filter(key -> set.find(key).isEmpty()).toList();
    }

    /** The measurements on which the garment's draft rests. */
    public static List<MeasurementKey> needs(Garment garment) {
        DraftingMethod method = DraftingMethod.of(garment);
        Set<MeasurementKey> keys = new LinkedHashSet<>(method.needs(garment));
        if (garment.top().cover() != Cover.STRAPLESS) {
            keys.addAll(method.drawingNeeds(garment));
        }
        if (garment.top().cover() == Cover.OFF_SHOULDER) {
            keys.addAll(
                    List.of(MeasurementKey.AROUND_SHOULDERS, MeasurementKey.TOP_EDGE_WIDTH, MeasurementKey.UPPER_ARM));
        }
        if (garment.top().hasSetInSleeve()) {
            keys.add(MeasurementKey.UPPER_ARM);
        }
        return List.copyOf(keys);
    }

    private static Optional<Refusal> look(MeasurementSet tape, Garment garment) {
        List<Finding> input = new ArrayList<>();
        for (MeasurementKey key : missing(tape, garment)) {
            input.add(Finding.of(
                    FindingKind.MEASUREMENT,
                    key.key(),
                    Finding.Status.FAULT,
                    0,
                    0,
                    Sentence.of("{} is absent and this garment needs it. Take it: {}", key.label(), key.hint())));
        }
        if (!input.isEmpty()) {
            return Optional.of(new Refusal(Refusal.Cause.INPUT, input));
        }
        List<Finding> contradictions = new ArrayList<>();
        for (Remark remark : Plausibility.of(tape)) {
            if (remark.weight() == Remark.Weight.STOPS) {
                boolean single = remark.keys().size() == 1;
                (single ? input : contradictions)
                        .add(Finding.of(
                                FindingKind.MEASUREMENT,
                                remark.keys().get(0).key(),
                                Finding.Status.FAULT,
                                0,
                                0,
                                remark.sentence()));
            }
        }
        if (!input.isEmpty()) {
            return Optional.of(new Refusal(Refusal.Cause.INPUT, input));
        }
        return contradictions.isEmpty()
                ? Optional.empty()
                : Optional.of(new Refusal(Refusal.Cause.PATTERN, contradictions));
    }

    private static void requireRoomForBust(Block block, GirthPlan girths) throws NotDraftable {
        double apexToSide =
                girths.at(Level.BUST).frontHalf().value() - block.frontAxis().value();
        if (apexToSide < SIDE_PANEL_LEAST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.PANEL_WIDTH,
                    MeasurementKey.APEX_SPAN.key(),
                    Finding.Status.FAULT,
                    apexToSide,
                    SIDE_PANEL_LEAST,
                    Sentence.of(
                            "From the apex to the side {} are left; the side panel needs {}. Take {} and {} again.",
                            Length.mm(apexToSide),
                            Length.mm(SIDE_PANEL_LEAST),
                            MeasurementKey.APEX_SPAN,
                            MeasurementKey.BUST)));
        }
        double turn = block.sideDart().value() / apexToSide;
        if (turn > STEEPEST_TURN) {
            throw new NotDraftable(Finding.of(
                    FindingKind.SIDE_DART,
                    MeasurementKey.FRONT_LENGTH.key(),
                    Finding.Status.FAULT,
                    block.sideDart().value(),
                    STEEPEST_TURN * apexToSide,
                    Sentence.of(
                            "The side bust dart of {} is too wide for the {} between apex and side. Take {}, {} and {} again.",
                            block.sideDart().length(),
                            Length.mm(apexToSide),
                            MeasurementKey.FRONT_LENGTH,
                            MeasurementKey.BACK_LENGTH,
                            MeasurementKey.APEX_SPAN)));
        }
    }

    /** What no body can bear, and what leaves no cloth at the back, is not drafted (C5, C17). */
    private static void requireBearable(GirthPlan girths) throws NotDraftable {
        LevelPlan waist = girths.at(Level.WAIST);
        double share = girths.waistReductionShare();
        if (waist.worn().value() < WAIST_LEAST || share > REDUCTION_MOST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.WAIST_REDUCTION,
                    MeasurementKey.WAIST.key(),
                    Finding.Status.FAULT,
                    waist.body().value() - waist.worn().value(),
                    Math.min(waist.body().value() * REDUCTION_MOST, waist.body().value() - WAIST_LEAST),
                    Sentence.of(
                            "The waist would be worn at {}, " + Math.round(share * 100)
                                    + " % less than it is. No waist is drafted under {} or drawn in by more than "
                                    + Math.round(REDUCTION_MOST * 100)
                                    + " %. Give the waist more ease, or take {} again.",
                            waist.worn().length(),
                            Length.mm(WAIST_LEAST),
                            MeasurementKey.WAIST)));
        }
        for (LevelPlan plan : girths.levels()) {
            if (plan.backHalf().value() < BACK_LEAST) {
                throw new NotDraftable(Finding.of(
                        FindingKind.LACING_GAP,
                        plan.level().id(),
                        Finding.Status.FAULT,
                        plan.backHalf().value(),
                        BACK_LEAST,
                        Sentence.of(
                                "At the " + plan.level().label().toLowerCase(Locale.ROOT)
                                        + " the gap of {} and the front leave {} for half the back; it needs {}. Make the lacing gap smaller, or give the back more of the girth.",
                                plan.gap().length(),
                                plan.backHalf().length(),
                                Length.mm(BACK_LEAST))));
            }
        }
    }

    private static Pattern pattern(
            Commission commission,
            GirthPlan girths,
            PanelSet panels,
            Cutting cutting,
            PaperPattern sheets,
            List<Piece> pieces) {
        List<PatternLevel> levels = new ArrayList<>();
        for (Level level : panels.levels()) {
            levels.add(level(girths.at(level), cutting));
            panels.between().stream()
                    .filter(laid -> laid.line().after() == level)
                    .forEach(laid -> levels.add(between(laid.line(), girths, cutting)));
        }
        // What hangs from the hips is unboned and gives way to the lap; the body over a basque does not.
        LowerShape lower = commission.garment().lowerEdge();
        Length lap = lower.hangs() && !lower.isBasque()
                ? null
                : commission.measurements().taken().get(MeasurementKey.WAIST_TO_LAP);
        // Every sheet and file bears the title: whoever has one of them in hand is told.
        String title = commission.restricted() ? commission.title() + ", not to be laced" : commission.title();
        return new Pattern(
                title,
                commission.garment().method(),
                levels,
                pieces,
                sheets.seams(),
                lap == null ? OptionalDouble.empty() : OptionalDouble.of(lap.millimetres()));
    }

    /** A line of the cutter's own: the straight run of the plan there, and what is given. */
    private static PatternLevel between(Between line, GirthPlan girths, Cutting cutting) {
        double more = line.asked().ease().millimetres();
        double front = cutting.lost(line.id(), true);
        double back = cutting.lost(line.id(), false);
        return new PatternLevel(
                line.id(),
                line.run(girths, LevelPlan::body),
                line.run(girths, LevelPlan::ease) + more,
                line.run(girths, LevelPlan::gap),
                line.run(girths, LevelPlan::pattern) + more - 2 * (front + back),
                line.run(girths, LevelPlan::frontHalf) + line.more(girths, true) - front,
                line.run(girths, LevelPlan::backHalf) + line.more(girths, false) - back);
    }

    /** Contour wedges take a little off the planned girth. */
    private static PatternLevel level(LevelPlan plan, Cutting cutting) {
        double front = cutting.lost(plan.level().id(), true);
        double back = cutting.lost(plan.level().id(), false);
        return new PatternLevel(
                plan.level().id(),
                plan.body().value(),
                plan.ease().value(),
                plan.gap().value(),
                plan.pattern().value() - 2 * (front + back),
                plan.frontHalf().value() - front,
                plan.backHalf().value() - back);
    }
}
