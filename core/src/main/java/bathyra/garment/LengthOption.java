package bathyra.garment;

import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** The lengths of the rules that a cutter may set, each with its default, its range and why the default is so (C18). */
public enum LengthOption {
    SHOULDER_DROP("shoulder-drop", "Shoulder drop", 25, 0, 60, "C4.1", "the commonest; some use {38}"),
    CHEST_LINE_EXTRA("chest-line-extra", "Chest line, added to bust ÷ 6", 38, 0, 80, "C18", "from the shoulder tip; some add {51}; the armhole tape wins when it is there"),
    NECK_WIDTH("neck-width", "Neck width", 76, 50, 140, "C4.1", "the same in front and back, always; {102} for a wide neck"),
    NECK_DEPTH("neck-depth", "Neck depth, front", 76, 30, 140, "C4.1", "as deep as it is wide"),
    BACK_NECK_DEPTH("back-neck-depth", "Neck depth, back", 38, 10, 60, "C4.1", "some take {25}"),
    ARMHOLE_INSET("armhole-inset", "Armhole, front, hollowed by", 13, 0, 30, "C4.1", "at the middle of its height; some hollow it by {19}"),
    BACK_WIDTH_EXTRA("back-width-extra", "Back width, added to bust ÷ 6", 38, 25, 50, "C4.2", "{44} for a broad back"),
    UNDERARM_LOWERING("underarm-lowering", "Underarm lowered", 13, 0, 25, "C10", "so that the edge does not cut in"),
    BACK_FALL("back-fall", "Fall of the back edge", 10, 0, 60, "C10", "so far below the underarm at the least"),
    WAIST_DART("waist-dart", "Waist dart of the block", 25, 0, 60, "C4.1", "both legs together; {38} for a full bust"),
    BACK_DART("back-dart", "Back intake at the waist", 25, 0, 60, "C4.1", "both legs together"),
    CENTRE_BACK_IN("centre-back-in", "Centre back taken in", 19, 0, 30, "C4.1", "removes the bulge behind a zip; {13} to {25} are usual"),
    UPPER_LESS("upper-less", "Upper intake, less than under the bust", 13, 0, 40, "C6", "the rule; some take {25} to {51} in all"),
    DART_END("dart-end", "Dart end before the apex", 13, 0, 25, "C18", "the seam is rounded over the apex; some end at {19} or {25}"),
    APEX_RADIUS("apex-radius", "Rounding over the apex", 25, 8, 120, "C7.2", "the smallest radius of the seam at the apex"),
    COVERAGE("coverage", "Crest beyond the bust radius", 0, -40, 40, "C8", "the bust radius covers the breast; {25} more covers it safely"),
    SWEETHEART_DIP("sweetheart-dip", "Dip at centre front", 40, 15, 120, "C10", "the dip below the crest"),
    SEAM_CAP("seam-cap", "Cap of a seam at the waist", 45, 15, 90, "C6", "more is noted; seams of a corset that reach it let the others take the rest; at the side it counts for each block"),
    WAIST_DROP("waist-drop", "Styled waist dropped", 0, 0, 50, "C3", "up to {50} lengthens the body to the eye"),
    REACH_UP("reach-up", "Reduction felt above the waist", 120, 0, 300, "C5", "so far up the eases follow a waist that is drawn in more or less than its row; at {0} none do"),
    REACH_DOWN("reach-down", "Reduction felt below the waist", 150, 0, 300, "C5", "so far down the eases follow; at {0} none do"),
    FRONT_LENGTH_BELOW("front-below-waist", "Lower edge at centre front, below the waist", 90, 10, 200, "C10", "the point or the round; no longer than waist to lap"),
    SIDE_LENGTH_BELOW("side-below-waist", "Lower edge at the side, below the waist", 50, 10, 150, "C10", "clear of the hip bone"),
    BACK_LENGTH_BELOW("back-below-waist", "Lower edge at centre back, below the waist", 60, 10, 150, "C10", "a little longer than the side");

    /** Where the shoulder-dart block sets another figure (C4.3), by the rule-id. */
    private static final Map<String, Double> SHOULDER_DART = Map.of("waist-dart", 38.0, "back-dart", 38.0, "centre-back-in", 13.0, "back-neck-depth", 25.0);
    /** A length in a reason, mm in braces. */
    private static final Pattern FIGURE = Pattern.compile("\\{(\\d+)}");

    private final String id;
    private final String label;
    private final double standard;
    private final double least;
    private final double most;
    private final String section;
    private final String reason;

    LengthOption(String id, String label, double standard, double least, double most, String section, String reason) {
        this.id = id;
        this.label = label;
        this.standard = standard;
        this.least = least;
        this.most = most;
        this.section = section;
        this.reason = reason;
    }

    /** The rule-id in files. */
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    /** The default, which some schools set to a figure of their own. */
    public Length standard(BlockMethod school) {
        return Length.mm(school == BlockMethod.SHOULDER_DART ? SHOULDER_DART.getOrDefault(id, standard) : standard);
    }

    public Length least() {
        return Length.mm(least);
    }

    public Length most() {
        return Length.mm(most);
    }

    /** Why the default is what it is, with the values of other schools in a unit. */
    public String reason(LengthUnit unit) {
        return FIGURE.matcher(reason).replaceAll(m -> LengthText.say(Length.mm(Double.parseDouble(m.group(1))), unit));
    }

    public boolean allows(Length length) {
        return length.millimetres() >= least && length.millimetres() <= most;
    }

    /** The default of a school as a reckoned number. */
    public Reckoned byRule(BlockMethod school) {
        return Given.option(label, standard(school).millimetres(), Quantity.LENGTH, "rule", Rule.of(section, label));
    }

    /** The cutter's own value as a reckoned number. */
    public Reckoned byHand(Length own) {
        return Given.option(label, own.millimetres(), Quantity.LENGTH, "yours", Rule.of(section, label));
    }

    public static Optional<LengthOption> ofId(String id) {
        return Arrays.stream(values()).filter(o -> o.id.equals(id)).findFirst();
    }
}
