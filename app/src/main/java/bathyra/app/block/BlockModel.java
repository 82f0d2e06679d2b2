package bathyra.app.block;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.block.BlockDrawing;
import bathyra.block.BlockPoint;
import bathyra.block.Half;
import bathyra.block.PrincessCut;
import bathyra.block.Step;
import bathyra.book.Practice;
import bathyra.book.Versions;
import bathyra.draft.BlockDifference;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Tracing;
import bathyra.files.json.BadDocument;
import bathyra.files.json.DocumentText;
import bathyra.files.json.PatternJson;
import bathyra.finding.NotDraftable;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.PrincessStart;
import bathyra.garment.TracedBlock;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Slips;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.slf4j.LoggerFactory;

/** What can be done on the Block stage: choosing a school, comparing two, drafting along step by step, and practising. */
public final class BlockModel {
    /** What is done on the table. */
    public enum Mode {
        WHOLE("Whole block"),
        COMPARE("Compare"),
        ALONG("Draft along"),
        PRACTICE("Practice");

        private final String label;

        Mode(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** What was said of a learner's answer. */
    public record Verdict(boolean correct, String words) {}

    private static final String LEARNER = "learner";
    /** A tape is read to its smallest division; an answer counts within one of them. */
    private static final double DIVISION_CM = 1;

    private static final double DIVISION_IN = 25.4 / 16;
    private static final double CLICK_NEAR = 6;
    /** So many of the farthest points are explained. */
    public static final int EXPLAINED = 7;

    private final Workshop workshop;
    private BlockDrafter.Drafted drafted;
    private Mode mode = Mode.WHOLE;
    private int step;
    private Optional<BlockMethod> compared = Optional.empty();
    private Optional<Against> version = Optional.empty();
    private Comparison comparison;
    private BlockDrafter.Drafted comparedFrom;
    private Garment comparedFor;
    private Optional<Looked> looked = Optional.empty();
    private Optional<Verdict> verdict = Optional.empty();

    public BlockModel(Workshop workshop) {
        this.workshop = workshop;
    }

    /** The block of the commission in hand, drafted anew when a figure or the garment has changed. */
    public BlockDrafter.Drafted drafted() {
        if (drafted != workshop.block()) {
            drafted = workshop.block();
            step = Math.min(step, Math.max(0, steps().size() - 1));
            verdict = Optional.empty();
        }
        return drafted;
    }

    public BlockChoice choice() {
        return workshop.commission().garment().block();
    }

    /** Takes up another school; the reduction keeps the block that it starts from. */
    public void choose(BlockMethod method) {
        set(choice().withMethod(method), choice().method().label() + " → " + method.label());
    }

    /** The block that the reduction starts from. */
    public void base(BlockMethod base) {
        set(
                choice().withBase(base),
                "reduction of the " + choice().base().label().toLowerCase(Locale.ROOT) + " → "
                        + base.label().toLowerCase(Locale.ROOT));
    }

    /** Where a princess seam begins on this block. */
    public void princess(PrincessStart start) {
        set(choice().withPrincess(start), start.label().toLowerCase(Locale.ROOT));
    }

    /** The halves cut apart along their princess seams; none when no seam is wanted. */
    public List<PrincessCut> cuts() {
        return drafted()
                .drawing()
                .map(d -> Arrays.stream(Half.values())
                        .flatMap(h -> PrincessCut.of(d, h, choice().princess()).stream())
                        .toList())
                .orElse(List.of());
    }

    /**
     * Starts the reduction from a block in a pattern document.
     *
     * @return why it cannot be, empty when it was taken
     */
    public Optional<String> trace(Path document) {
        try {
            TracedBlock traced = Tracing.of(PatternJson.read(DocumentText.read(document, DocumentText.PATTERN_MOST)));
            set(choice().withTraced(traced), "reduction of " + traced.title());
            return Optional.empty();
        } catch (BadDocument e) {
            return Optional.of(
                    document.getFileName() + " was not taken. " + e.faults().get(0));
        } catch (NotDraftable e) {
            return Optional.of(document.getFileName() + " was not taken. "
                    + e.reasons().get(0).sentence().in(workshop.unit()));
        } catch (IOException e) {
            LoggerFactory.getLogger(BlockModel.class).warn("reading a block", e);
            return Optional.of(document.getFileName()
                    + " could not be read. Look whether it is there and whether you may read it.");
        }
    }

    private void set(BlockChoice next, String label) {
        workshop.letGo();
        workshop.change(
                "block: " + label,
                workshop.commission()
                        .withGarment(workshop.commission().garment().withBlock(next)),
                InHand.of("block " + next));
        workshop.letGo();
    }

    public Mode mode() {
        return mode;
    }

    public void mode(Mode next) {
        mode = next;
        verdict = Optional.empty();
        if (next == Mode.COMPARE && compared.isEmpty()) {
            compared = List.of(BlockMethod.values()).stream()
                    .filter(m -> m != choice().method())
                    .findFirst();
        }
        workshop.showing().again();
    }

    /**
     * What the block is compared with: another school, or the choices of a version that was kept.
     *
     * @param name what it is called
     */
    public record Against(String name, Garment garment) {}

    /** What the block is compared with, on the same body. */
    public Optional<Against> against() {
        return mode == Mode.COMPARE
                ? version.or(() -> compared.filter(m -> m != choice().method())
                        .map(m -> new Against(
                                m.label(), workshop.commission().garment().withBlock(choice().withMethod(m)))))
                : Optional.empty();
    }

    /** The school that the block is compared with, when it is one. */
    public Optional<BlockMethod> compared() {
        return compared.filter(m -> mode == Mode.COMPARE && version.isEmpty() && m != choice().method());
    }

    public void compare(BlockMethod other) {
        version = Optional.empty();
        compared = Optional.of(other);
        workshop.showing().again();
    }

    /** Compares with the choices of a version that was kept, on the figures of today. */
    public void compare(Versions.Version kept) {
        version = Optional.of(new Against(kept.name(), kept.commission().garment()));
        workshop.showing().again();
    }

    /** The versions that were kept of the commission in hand. */
    public List<Versions.Version> versions() {
        return workshop.book().versions().of(workshop.id());
    }

    /** What the other school's block is, and where it differs; the farthest points first. */
    public record Comparison(
            BlockDrafter.Drafted other,
            List<BlockDifference.Row> rows,
            Map<BlockDifference.Row, MeasurementKey> explained) {}

    /** The comparison with the other school, made anew when a figure, the garment or the school has changed. */
    public Optional<Comparison> comparison() {
        Optional<Garment> with = against().map(Against::garment);
        BlockDrafter.Drafted here = drafted();
        if (with.isEmpty()) {
            return Optional.empty();
        }
        if (comparison == null || comparedFrom != here || !with.get().equals(comparedFor)) {
            BlockDrafter.Drafted there =
                    BlockDrafter.draft(workshop.commission().measurements(), with.get());
            List<BlockDifference.Row> rows = here.drawing()
                    .flatMap(a -> there.drawing().map(b -> BlockDifference.between(a, b)))
                    .orElse(List.of());
            comparison = new Comparison(
                    there,
                    rows,
                    BlockDifference.explain(
                            workshop.commission().measurements(),
                            workshop.commission().garment(),
                            with.get(),
                            rows.stream().limit(EXPLAINED).toList()));
            comparedFrom = here;
            comparedFor = with.get();
        }
        return Optional.of(comparison);
    }

    public List<Step> steps() {
        return drafted == null
                ? List.of()
                : drafted.drawing().map(BlockDrawing::steps).orElse(List.of());
    }

    /** The step in hand, when one drafts along or practises. */
    public Optional<Step> step() {
        drafted();
        return isStepping() && !steps().isEmpty() ? Optional.of(steps().get(step)) : Optional.empty();
    }

    public boolean isStepping() {
        return mode == Mode.ALONG || mode == Mode.PRACTICE;
    }

    public int stepNumber() {
        return step + 1;
    }

    /** Goes to a step, the first being 0; beyond either end it stays at the end. */
    public void go(int next) {
        drafted();
        step = Math.max(0, Math.min(steps().size() - 1, next));
        verdict = Optional.empty();
        workshop.showing().again();
    }

    public void forward() {
        go(step + 1);
    }

    public void back() {
        go(step - 1);
    }

    /** What is looked at: its figures stand on the card. */
    Optional<Looked> looked() {
        return looked;
    }

    void look(Looked next) {
        looked = Optional.of(next);
        workshop.selection().lightProperty().set("");
        workshop.showing().again();
    }

    /** Lights up every point that rests on a figure. */
    public void light(String name) {
        workshop.selection().lightProperty().set(name);
        workshop.showing().again();
    }

    /** What is lit up, by the name of the figure. */
    public Optional<String> lit() {
        return Optional.of(workshop.selection().lightProperty().get()).filter(name -> !name.isEmpty());
    }

    /** Whether a point rests on the figure that is lit up. */
    public boolean isLit(BlockPoint point) {
        return lit().map(name ->
                        restsOn(point.across(), name, new HashSet<>()) || restsOn(point.down(), name, new HashSet<>()))
                .orElse(false);
    }

    private static boolean restsOn(Reckoned number, String name, Set<Reckoned> seen) {
        return seen.add(number)
                && (number.name().equals(name) || number.inputs().stream().anyMatch(i -> restsOn(i, name, seen)));
    }

    /** The words of a step with the figure that is asked for left out. */
    public String asked(Step asked) {
        double figure = asked.figure().map(Reckoned::value).orElse(Double.NaN);
        List<Object> parts = asked.words().parts().stream()
                .map(p -> p instanceof Length l && Math.abs(l.millimetres() - figure) < 0.05 ? "…" : p)
                .toList();
        return new Sentence(asked.words().pattern(), parts).in(workshop.unit());
    }

    public Optional<Verdict> verdict() {
        return verdict;
    }

    /** Whose attempts are logged. */
    public String learner() {
        return workshop.book().place(LEARNER).orElse("");
    }

    public void learner(String name) {
        workshop.book().keepPlace(LEARNER, name.strip());
    }

    public List<Practice.Attempt> attempts() {
        return workshop.book().practice().of(learner());
    }

    /** Looks at a typed answer to the step in hand: right, the result of a known slip, or neither. */
    public void answer(String text) {
        Reckoned figure = step().flatMap(Step::figure).orElseThrow();
        LengthText.Reading reading = LengthText.read(text, workshop.unit());
        if (reading instanceof LengthText.Unread unread) {
            say(new Verdict(false, unread.reason()));
            return;
        }
        Length answer = ((LengthText.Read) reading).length();
        double division = workshop.unit().isInches() ? DIVISION_IN : DIVISION_CM;
        boolean correct = Math.abs(answer.millimetres() - figure.value()) <= division;
        String slip = correct
                ? ""
                : Slips.behind(figure, answer.millimetres(), division)
                        .map(s -> s.sentence().in(workshop.unit()))
                        .orElse("");
        keep(LengthText.say(answer, workshop.unit()), correct, slip);
        say(new Verdict(
                correct,
                correct
                        ? "Right: " + LengthText.say(figure.length(), workshop.unit()) + "."
                        : slip.isEmpty() ? "Not this. Look once more at what the step asks for." : slip));
    }

    /** Looks at a place that was pointed at on the paper, in the frame of the step's half. */
    public void answerAt(Point at) {
        Step asked = step().orElseThrow();
        BlockPoint wanted = asked.points().stream()
                .min((a, b) -> Double.compare(a.at().distance(at), b.at().distance(at)))
                .orElse(null);
        if (wanted == null) {
            return;
        }
        double off = wanted.at().distance(at);
        boolean correct = off <= CLICK_NEAR;
        keep("pointed " + LengthText.say(Length.mm(off), workshop.unit()) + " from " + wanted.name(), correct, "");
        say(new Verdict(
                correct,
                correct
                        ? "Right: " + wanted.label() + " lies there."
                        : wanted.label() + " lies " + LengthText.say(Length.mm(off), workshop.unit())
                                + " from there."));
    }

    private void keep(String answer, boolean correct, String slip) {
        workshop.book()
                .practice()
                .keep(learner(), choice().method().label(), step().orElseThrow().title(), answer, correct, slip);
    }

    private void say(Verdict next) {
        verdict = Optional.of(next);
        workshop.showing().again();
    }
}
