package bathyra.finding;

import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What can be found, each with everything that is known of it: its id in files, its name on the screen, where it is put right, in what it is
 * measured and which way is worse, whether a finished pattern alone answers it, and what a group of them says in one line. A check adds its
 * kind here and has it everywhere.
 */
public enum FindingKind {
    // What the checks of C11 look at on every finished pattern, in the order in which the cover lists them.
    SEAM_LENGTH(
            "seam-length",
            "Seams",
            on(Step.PIECES)
                    .ofDocument()
                    .cover("Seams alike between all marks")
                    .summed("Alike to {value} between all marks; {limit} allowed.")),
    SIDE_SEAM("side-seam", "Side seam", on(Step.PIECES).ofDocument().cover("Side seam, front and back")),
    GIRTH(
            "girth",
            "Girths",
            on(Step.PIECES)
                    .ofDocument()
                    .cover("Girths as planned")
                    .summed("{count} levels as planned, to {value}; {limit} allowed.")),
    JOINED_EDGE(
            "joined-edge",
            "Joined edges",
            on(Step.PIECES)
                    .also(Step.EDGES)
                    .ofDocument()
                    .in(Unit.DEGREES)
                    .cover("Joined edges straight on")
                    .summed("Straight on over each seam, within {value}; {limit} allowed.")),
    SQUARE_CENTRE(
            "square-centre",
            "Corners",
            on(Step.PIECES)
                    .also(Step.EDGES)
                    .ofDocument()
                    .in(Unit.DEGREES)
                    .cover("Centres square")
                    .summed("Centre front and back square, within {value}; {limit} allowed.")),
    STRAIGHT_FOLD(
            "straight-fold",
            "Folds",
            on(Step.PIECES).ofDocument().cover("Folds straight").summed("Straight to {value}; {limit} allowed.")),
    CURVATURE("curvature", "Curves", on(Step.PIECES).ofDocument().lessIsWorse().cover("Curves can be sewn")),
    KINK(
            "kink",
            "Corners within edges",
            on(Step.PIECES)
                    .ofDocument()
                    .in(Unit.DEGREES)
                    .cover("No corner that nobody drew")
                    .summed("{count} pieces have no corner within an edge, to {value}; {limit} allowed.")),
    WIDTH_BETWEEN(
            "width-between",
            "Between levels",
            on(Step.SEAMS)
                    .ofDocument()
                    .cover("Girths between the levels")
                    .summed("{count} stretches run from level to level without bulging.")),
    FAIR_EDGE(
            "fair-edge",
            "Fair edges",
            on(Step.SEAMS)
                    .ofDocument()
                    .in(Unit.COUNT)
                    .curable()
                    .cover("Long edges run fair")
                    .summed("{count} pieces run fair.")),
    PANEL_WIDTH(
            "panel-width",
            "Widths",
            on(Step.PIECES).ofDocument().lessIsWorse().curable().cover("Panels wide enough")),
    CROSSING(
            "crossing",
            "Crossings",
            on(Step.PIECES)
                    .ofDocument()
                    .in(Unit.COUNT)
                    .cover("No edge crosses")
                    .summed("No edge meets itself or a neighbour.")),
    CLOSED_OUTLINE(
            "closed-outline",
            "Outlines",
            on(Step.PIECES).ofDocument().cover("Outlines closed").summed("{count} outlines closed.")),
    CUP_ARC("cup-arc", "Cups", on(Step.PIECES).also(Step.CUPS).ofDocument()),
    SEATED_LENGTH("seated-length", "Centre front, lower edge", on(Step.EDGES).ofDocument()),
    STRIDE("stride", "Room to walk", on(Step.EDGES).ofDocument().lessIsWorse()),
    // What is looked at before cloth is cut, and on a pattern from elsewhere.
    ALLOWANCE(
            "allowance",
            "Allowances",
            on(Step.PIECES).ofDocument().summed("Every allowance of {count} pieces has room.")),
    UPSIDE_DOWN(
            "upside-down",
            "Top and bottom",
            on(Step.PIECES).ofDocument().summed("{count} pieces can be told from their ends, or are marked.")),
    GRAIN("grain", "Grain", on(Step.PIECES).ofDocument().summed("The grain line of {count} pieces lies on its piece.")),
    PARTNER(
            "partner",
            "Partners",
            on(Step.PIECES).ofDocument().in(Unit.COUNT).summed("{count} sewn edges have their partner.")),
    NOTCH_PARTNER(
            "notch-partner",
            "Notches",
            on(Step.PIECES).ofDocument().in(Unit.COUNT).summed("On {count} seams every notch meets one.")),
    OUTLINE("outline", "Drawing", on(Step.PIECES).ofDocument()),
    // What only the plan knows.
    COVERAGE("coverage", "Coverage", on(Step.CUPS)),
    EDGE_LENGTH("edge-length", "Upper edge", on(Step.EDGES)),
    NO_EFFECT("no-effect", "Without effect", on(Step.PIECES)),
    HELD_LENGTH("held-length", "Held back", on(Step.EDGES).summed("{each}")),
    UNEVEN_HALVES("uneven-halves", "Two halves", on(Step.PIECES)),
    EASE_HERE("ease-here", "Ease between levels", on(Step.GIRTHS)),
    WAIST_REDUCTION("waist-reduction", "Waist reduction", on(Step.GIRTHS).curable()),
    NO_LACING("no-lacing", "Not to be laced", on(Step.GIRTHS)),
    STRETCH("stretch", "Stretch test", on(Step.GIRTHS)),
    LACING_GAP("lacing-gap", "Lacing gap", on(Step.GIRTHS).curable()),
    INTAKE("intake", "Intake", on(Step.SEAMS).curable()),
    INTAKE_CAP("intake-cap", "Intake over its cap", on(Step.SEAMS).curable()),
    INTAKE_SWING("intake-swing", "Intake swings", on(Step.SEAMS).curable()),
    EDGE_LEAN("edge-lean", "Edge leans", on(Step.SEAMS).in(Unit.DEGREES).curable()),
    SPRING("spring", "Gives back", on(Step.SEAMS).curable()),
    CHANNEL_FIT("channel-fit", "Channels in their panels", on(Step.BONES)),
    CHANNEL_CLASH("channel-clash", "Channels apart", on(Step.BONES)),
    CHANNEL_PLACE("channel-place", "Placed by hand", on(Step.BONES)),
    BONE_SUPPORT("bone-support", "Support", on(Step.BONES)),
    BONE_STOCK("bone-stock", "Stock", on(Step.BONES)),
    BUSK_STOCK("busk-stock", "Stock", on(Step.BONES)),
    BUSK_LENGTH("busk-length", "Busk", on(Step.BONES)),
    EYELET_SPACING("eyelet-spacing", "Eyelets", on(Step.BONES)),
    LAY("lay", "Lay", on(Step.LAY)),
    // Why there is no draft.
    MEASUREMENT("measurement", "Measurement", on(Step.MEASURE)),
    PROGRAM("program", "The program", on(Step.PIECES)),
    BASE_BLOCK("base-block", "Base block", on(Step.BLOCK)),
    TAPE_WINS("tape-wins", "The tape wins", on(Step.BLOCK)),
    ARMHOLE("armhole", "Armhole", on(Step.BLOCK).also(Step.EDGES)),
    DART_LEGS("dart-legs", "Dart legs", on(Step.BLOCK)),
    DART_ROOM("dart-room", "Room for the darts", on(Step.BLOCK)),
    SHOULDER_SEAM("shoulder-seam", "Shoulder seam", on(Step.BLOCK)),
    SHOULDER_DART("shoulder-dart", "Shoulder dart", on(Step.BLOCK)),
    SIDE_DART("side-dart", "Side bust dart", on(Step.BLOCK)),
    LEVELS("levels", "Levels", on(Step.MEASURE)),
    BACK_FALL("back-fall", "Fall of the back", on(Step.EDGES)),
    UPPER_EDGE("upper-edge", "Upper edge", on(Step.EDGES)),
    LOWER_EDGE("lower-edge", "Lower edge", on(Step.EDGES)),
    SLEEVE("sleeve", "Sleeve", on(Step.EDGES)),
    YOKE("yoke", "Yoke", on(Step.EDGES)),
    KEYHOLE("keyhole", "Keyhole", on(Step.EDGES)),
    GORE("gore", "Gore", on(Step.EDGES)),
    BACK_DART("back-dart", "Back dart", on(Step.SEAMS)),
    CONTOUR("contour", "Contour", on(Step.CUPS)),
    CUP("cup", "Cup", on(Step.CUPS)),
    PAPER("paper", "Paper", on(Step.PIECES));

    /** In what a finding is measured. */
    public enum Unit {
        MILLIMETRES("mm"),
        DEGREES("deg"),
        COUNT("count");

        private final String id;

        Unit(String id) {
            this.id = id;
        }

        /** The name in files. */
        public String id() {
            return id;
        }
    }

    /** What a kind is beside its names; everything has a usual value, so that a kind says only what is its own. */
    private record Traits(
            Step step,
            Set<Step> shown,
            Unit unit,
            boolean isLessWorse,
            boolean isOfDocument,
            boolean isCurable,
            Optional<String> cover,
            Optional<String> summary) {
        /** Also to be seen at another step. */
        Traits also(Step other) {
            return new Traits(
                    step, EnumSet.of(step, other), unit, isLessWorse, isOfDocument, isCurable, cover, summary);
        }

        Traits in(Unit other) {
            return new Traits(step, shown, other, isLessWorse, isOfDocument, isCurable, cover, summary);
        }

        Traits lessIsWorse() {
            return new Traits(step, shown, unit, true, isOfDocument, isCurable, cover, summary);
        }

        /** A finished pattern answers it, without the plan it was drafted by. */
        Traits ofDocument() {
            return new Traits(step, shown, unit, isLessWorse, true, isCurable, cover, summary);
        }

        /** The program can search changes that take it away. */
        Traits curable() {
            return new Traits(step, shown, unit, isLessWorse, isOfDocument, true, cover, summary);
        }

        /** The line of the cover that counts them. */
        Traits cover(String line) {
            return new Traits(step, shown, unit, isLessWorse, isOfDocument, isCurable, Optional.of(line), summary);
        }

        /** What a group says that holds: {@code {count}}, the worst {@code {value}}, its {@code {limit}}, or {@code {each}} sentence. */
        Traits summed(String words) {
            return new Traits(step, shown, unit, isLessWorse, isOfDocument, isCurable, cover, Optional.of(words));
        }
    }

    private final String id;
    private final String title;
    private final Traits traits;

    FindingKind(String id, String title, Traits traits) {
        this.id = id;
        this.title = title;
        this.traits = traits;
    }

    private static Traits on(Step step) {
        return new Traits(
                step, EnumSet.of(step), Unit.MILLIMETRES, false, false, false, Optional.empty(), Optional.empty());
    }

    /** The name in files. */
    public String id() {
        return id;
    }

    /** The name on the screen. */
    public String title() {
        return title;
    }

    /** Where it is counted and put right. */
    public Step step() {
        return traits.step();
    }

    /** Whether it is to be seen at a step. */
    public boolean isShownAt(Step step) {
        return traits.shown().contains(step);
    }

    public Unit unit() {
        return traits.unit();
    }

    /** Whether a finished pattern alone answers it, or only the plan by which it was drafted. */
    public boolean isOfDocument() {
        return traits.isOfDocument();
    }

    /** Whether changes that take it away can be searched. */
    public boolean isCurable() {
        return traits.isCurable();
    }

    /** What the cover calls it, where it lists it. */
    public Optional<String> cover() {
        return traits.cover();
    }

    public static Optional<FindingKind> ofId(String id) {
        return Arrays.stream(values()).filter(kind -> kind.id.equals(id)).findFirst();
    }

    /** The finding nearest to its limit: the smallest where less is worse, else the largest. @param findings of this kind, at least one */
    public Finding worst(List<Finding> findings) {
        Comparator<Finding> byValue = Comparator.comparingDouble(Finding::value);
        return traits.isLessWorse()
                ? findings.stream().min(byValue).orElseThrow()
                : findings.stream().max(byValue).orElseThrow();
    }

    /** What a group of findings that hold says in one line. @param findings of this kind, at least one */
    public String summary(List<Finding> findings, LengthUnit unit) {
        Finding worst = worst(findings);
        return traits.summary()
                .map(words -> words.replace("{count}", String.valueOf(findings.size()))
                        .replace("{value}", figure(worst.value(), "%.1f°"))
                        .replace("{limit}", figure(worst.limit(), "%.0f°"))
                        .replace(
                                "{each}",
                                findings.stream()
                                        .map(f -> f.sentence().in(unit))
                                        .collect(Collectors.joining(" "))))
                .orElseGet(() -> worst.sentence().in(unit));
    }

    /** So fine a figure is said in mm in either unit. */
    private String figure(double value, String degrees) {
        return traits.unit() == Unit.DEGREES
                ? String.format(Locale.ROOT, degrees, value)
                : LengthText.fineFigure(Length.mm(value), LengthUnit.MM) + " mm";
    }
}
