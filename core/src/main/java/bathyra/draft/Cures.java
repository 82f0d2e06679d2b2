package bathyra.draft;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Weighting;
import bathyra.girth.GirthPlan;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What would cure a finding about the shaping: every small change that a cutter could make is drafted, and those that take the
 * finding away without bringing a fault are kept, the cheapest first.
 */
public final class Cures {
    public static final int SHOWN = 3;
    /** What one more or one fewer seam counts as beside millimetres of girth or intake. */
    private static final double SEAM = 20;

    private static final double WEIGHTS = 12;
    private static final double PLACING = 8;

    private final Commission commission;
    private final Garment garment;
    private final Finding finding;
    private final Optional<Draft> now;
    private final List<Cure> found = new ArrayList<>();

    private Cures(Commission commission, Finding finding, Optional<Draft> now) {
        this.commission = commission;
        this.garment = commission.garment();
        this.finding = finding;
        this.now = now;
    }

    /** Whether cures are known for a finding at all. */
    public static boolean mayHelp(Finding finding) {
        return finding.kind().isCurable()
                && finding.status() != Finding.Status.OK
                && !(finding.kind() == FindingKind.WAIST_REDUCTION && finding.status() == Finding.Status.NOTE);
    }

    /**
     * The three cheapest cures of a finding of a commission's draft, or of the reason why it has none. Every one has been drafted;
     * that takes a few drafts' time.
     */
    public static List<Cure> of(Commission commission, Finding finding) {
        if (!mayHelp(finding)) {
            return List.of();
        }
        Optional<Draft> now = Drafter.draft(commission) instanceof Draft d ? Optional.of(d) : Optional.empty();
        Cures cures = new Cures(commission, finding, now);
        cures.tryAll();
        return cures.found.stream()
                .sorted(Comparator.comparingDouble(Cure::cost))
                .limit(SHOWN)
                .toList();
    }

    private void tryAll() {
        if (finding.kind() == FindingKind.WAIST_REDUCTION) {
            lessReduction(finding.value() - finding.limit());
            return;
        }
        if (finding.kind() == FindingKind.LACING_GAP) {
            smallerGap();
            return;
        }
        unlock();
        liftCaps();
        if (garment.kind().isPanelled()) {
            otherWeights();
            addSeam();
            removeSeam();
        }
        if (finding.kind() == FindingKind.INTAKE_CAP) {
            higherCap();
            lessReduction(2 * (finding.value() - finding.limit()));
        }
        if (finding.kind() == FindingKind.INTAKE) {
            lessAt(finding.value());
        }
        if (EnumSet.of(FindingKind.INTAKE_SWING, FindingKind.FAIR_EDGE, FindingKind.EDGE_LEAN)
                .contains(finding.kind())) {
            between();
        }
    }

    /** Keeps a change that drafts, takes the finding away and leaves no more to look at than before. */
    private void attempt(String deed, Garment changed, double cost) {
        attempt(Sentence.of(deed), changed, cost);
    }

    private void attempt(Sentence deed, Garment changed, double cost) {
        if (changed.equals(garment) || !(Drafter.draft(commission.withGarment(changed)) instanceof Draft draft)) {
            return;
        }
        // Why there was no draft is gone when there is one.
        boolean gone = now.isEmpty()
                || draft.with(Finding.Status.NOTE).stream()
                        .noneMatch(
                                f -> f.kind() == finding.kind() && f.subject().equals(finding.subject()));
        boolean quieter = now.map(d -> draft.with(Finding.Status.NOTE).size()
                        <= d.with(Finding.Status.NOTE).size())
                .orElse(true);
        if (gone && quieter) {
            found.add(new Cure(deed, effect(draft), changed, cost));
        }
    }

    private Sentence effect(Draft draft) {
        Optional<SeamPlace> seam = SeamPlace.ofId(finding.subject())
                .filter(s -> draft.intakes().seams().contains(s));
        if (seam.isPresent()) {
            double takes = seam.get().part() == SeamPlace.Part.SIDE
                    ? Math.max(
                            draft.intakes().sideFront().get(Level.WAIST).value(),
                            draft.intakes().sideBack().get(Level.WAIST).value())
                    : draft.intakes().at(Level.WAIST, seam.get()).value();
            return Sentence.of(
                    seam.get().label()
                            + (seam.get().part() == SeamPlace.Part.SIDE
                                    ? " then takes {} of either block at the waist."
                                    : " then takes {} at the waist."),
                    Length.mm(takes));
        }
        double narrowest = draft.findings().stream()
                .filter(f -> f.kind() == FindingKind.PANEL_WIDTH)
                .mapToDouble(Finding::value)
                .min()
                .orElse(0);
        return Sentence.of("It drafts then; the narrowest panel measures {}.", Length.mm(narrowest));
    }

    private void unlock() {
        Optional<Level> level = Level.ofId(finding.subject());
        for (Map.Entry<Cell, Length> lock : garment.intakes().entrySet()) {
            Cell cell = lock.getKey();
            if (level.isEmpty() || level.get() == cell.level()) {
                Garment free = garment.withoutIntake(cell);
                double moves = Drafter.draft(commission.withGarment(free)) instanceof Draft d
                                && d.intakes().has(cell.level(), cell.seam())
                        ? Math.abs(d.intakes().at(cell.level(), cell.seam()).value()
                                - lock.getValue().millimetres())
                        : SEAM;
                attempt("Unlock " + where(cell), free, moves);
            }
        }
    }

    private void liftCaps() {
        garment.sharing()
                .caps()
                .forEach((cell, cap) -> attempt(
                        "Lift the cap of " + where(cell),
                        garment.withSharing(garment.sharing().withCap(cell, Optional.empty())),
                        finding.value()));
    }

    private void higherCap() {
        double cap = Math.ceil(finding.value());
        if (LengthOption.SEAM_CAP.allows(Length.mm(cap))) {
            attempt(
                    Sentence.of("Raise the cap to {}", Length.mm(cap)),
                    garment.withLength(LengthOption.SEAM_CAP, Length.mm(cap)),
                    cap - finding.limit());
        }
    }

    private void otherWeights() {
        for (Weighting weighting : Weighting.values()) {
            if (weighting != garment.sharing().preset()
                    || !garment.sharing().weights().isEmpty()) {
                attempt(
                        "Share out: " + weighting.label().toLowerCase(Locale.ROOT),
                        garment.withSharing(garment.sharing().with(weighting)),
                        WEIGHTS);
            }
        }
        if (garment.panels().placing() == SeamPlacing.EVEN
                || !garment.panels().own().isEmpty()) {
            attempt(
                    "Place the seams by the body",
                    garment.withPanels(garment.panels().placed(SeamPlacing.LANDMARKS)),
                    PLACING);
        }
    }

    /** One more seam in the middle of the widest panel of either block. */
    private void addSeam() {
        if (!garment.panels().canAdd()) {
            return;
        }
        attempt("Add a seam in front", widest(SeamPlace.Part.FRONT), SEAM);
        attempt("Add a seam behind", widest(SeamPlace.Part.BACK), SEAM);
    }

    private Garment widest(SeamPlace.Part part) {
        List<SeamPlace> seams =
                garment.seams().stream().filter(s -> s.part() == part).toList();
        double[] at = new double[seams.size() + 2];
        at[at.length - 1] = 1;
        for (int i = 0; i < seams.size(); i++) {
            at[i + 1] = place(seams.get(i), (i + 1.0) / (seams.size() + 1));
        }
        int best = 1;
        for (int i = 2; i < at.length; i++) {
            best = at[i] - at[i - 1] > at[best] - at[best - 1] ? i : best;
        }
        return garment.withSeam(part, best, (at[best] + at[best - 1]) / 2);
    }

    private double place(SeamPlace seam, double evenly) {
        return now.map(d -> {
                    var axes = d.intakes().axes();
                    return seam.part() == SeamPlace.Part.FRONT
                            ? axes.of(seam).at() / axes.front()
                            : (axes.of(seam).at() - axes.front()) / axes.back();
                })
                .orElse(garment.panels().axis(seam).at().orElse(evenly));
    }

    private void removeSeam() {
        if (finding.kind() != FindingKind.PANEL_WIDTH) {
            return;
        }
        for (SeamPlace seam : garment.seams()) {
            if (garment.panels().canRemove(seam)) {
                attempt("Leave out " + seam.inWords(), garment.withoutSeam(seam), SEAM);
            }
        }
    }

    private void lessReduction(double more) {
        Length ease = now.map(d -> d.girths().at(Level.WAIST).ease().length())
                .orElseGet(() -> GirthPlan.standardEase(commission.measurements(), garment, Level.WAIST)
                        .length());
        Length own = garment.ease().getOrDefault(Level.WAIST, ease);
        int before = found.size();
        for (int step = 1; step <= 4 && found.size() == before; step++) {
            double by = Math.ceil(more * step);
            attempt(
                    Sentence.of("Draw in {} less", Length.mm(by)),
                    garment.withEase(Level.WAIST, Length.mm(own.millimetres() + by)),
                    by);
        }
    }

    private void lessAt(double shortfall) {
        Level.ofId(finding.subject()).ifPresent(level -> {
            double by = Math.ceil(shortfall * 4);
            Length own = garment.ease()
                    .getOrDefault(
                            level,
                            GirthPlan.standardEase(commission.measurements(), garment, level)
                                    .length());
            attempt(
                    Sentence.of("Take {} less at the " + low(level), Length.mm(by)),
                    garment.withEase(level, Length.mm(own.millimetres() + by)),
                    by);
        });
    }

    private void smallerGap() {
        Length gap = garment.gap().length();
        for (double share : new double[] {0.75, 0.5, 0.25, 0}) {
            if (found.isEmpty()) {
                attempt(
                        "Make the gap smaller",
                        garment.withFastening(garment.fastening()
                                .withGap(Optional.of(Length.mm(Math.rint(gap.millimetres() * share))))),
                        gap.millimetres() * (1 - share));
            }
        }
    }

    /** Brings a value to the middle of its neighbours: the fair one. */
    private void between() {
        now.ifPresent(draft -> {
            List<Level> levels =
                    draft.girths().levels().stream().map(l -> l.level()).toList();
            for (SeamPlace seam : draft.intakes().seams()) {
                boolean meant = seam.id().equals(finding.subject())
                        || finding.kind() == FindingKind.FAIR_EDGE && bounds(draft, seam);
                for (int i = 1; meant && i + 1 < levels.size(); i++) {
                    if (levels.get(i) == Level.WAIST) {
                        continue;
                    }
                    double was = draft.intakes().at(levels.get(i), seam).value();
                    double fair = Math.rint(
                                    draft.intakes().at(levels.get(i - 1), seam).value()
                                            + draft.intakes()
                                                    .at(levels.get(i + 1), seam)
                                                    .value())
                            / 2;
                    Cell cell = new Cell(levels.get(i), seam);
                    attempt(
                            "Set " + where(cell) + " to its neighbours' mean",
                            garment.withIntake(cell, garment.beforePins(cell, Length.mm(fair))),
                            Math.abs(fair - was));
                }
            }
        });
    }

    private boolean bounds(Draft draft, SeamPlace seam) {
        return draft.pattern().pieces().stream()
                .anyMatch(p -> p.id().equals(finding.subject())
                        && p.outline().stream().anyMatch(e -> e.name().equals(seam.id())));
    }

    private static String where(Cell cell) {
        return cell.seam().inWords() + " at the " + low(cell.level());
    }

    private static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
