package bathyra.garment;

import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
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
    CHEST_LINE_EXTRA(
            "chest-line-extra",
            "Chest line, added to bust ÷ 6",
            38,
            0,
            80,
            "C18",
            "from the shoulder tip; some add {51}; the armhole tape wins when it is there"),
    NECK_WIDTH(
            "neck-width",
            "Neck width",
            76,
            50,
            140,
            "C4.1",
            "the same in front and back, always; {102} for a wide neck"),
    NECK_DEPTH("neck-depth", "Neck depth, front", 76, 30, 140, "C4.1", "as deep as it is wide"),
    BACK_NECK_DEPTH("back-neck-depth", "Neck depth, back", 38, 10, 60, "C4.1", "some take {25}"),
    ARMHOLE_INSET(
            "armhole-inset",
            "Armhole, front, hollowed by",
            13,
            0,
            30,
            "C4.1",
            "at the middle of its height; some hollow it by {19}"),
    BACK_WIDTH_EXTRA("back-width-extra", "Back width, added to bust ÷ 6", 38, 25, 50, "C4.2", "{44} for a broad back"),
    UNDERARM_LOWERING("underarm-lowering", "Underarm lowered", 13, 0, 25, "C10", "so that the edge does not cut in"),
    BACK_FALL("back-fall", "Fall of the back edge", 10, 0, 60, "C10", "so far below the underarm at the least"),
    WAIST_DART("waist-dart", "Waist dart of the block", 25, 0, 60, "C4.1", "both legs together; {38} for a full bust"),
    BACK_DART("back-dart", "Back intake at the waist", 25, 0, 60, "C4.1", "both legs together"),
    CENTRE_BACK_IN(
            "centre-back-in",
            "Centre back taken in",
            19,
            0,
            30,
            "C4.1",
            "removes the bulge behind a zip; {13} to {25} are usual"),
    UPPER_LESS(
            "upper-less",
            "Upper intake, less than under the bust",
            13,
            0,
            40,
            "C6",
            "the rule; some take {25} to {51} in all"),
    UPPER_SPLAY(
            "upper-splay",
            "Seam splayed at its upper end",
            0,
            0,
            40,
            "C6.3",
            "outwards, for a wider, straighter look; {25} is taught"),
    DART_END(
            "dart-end",
            "Dart end before the apex",
            13,
            0,
            25,
            "C18",
            "the seam is rounded over the apex; some end at {19} or {25}"),
    APEX_RADIUS(
            "apex-radius", "Rounding over the apex", 25, 8, 120, "C7.2", "the smallest radius of the seam at the apex"),
    COVERAGE(
            "coverage",
            "Crest beyond the bust radius",
            0,
            -40,
            40,
            "C8",
            "the bust radius covers the breast; {25} more covers it safely"),
    SWEETHEART_DIP("sweetheart-dip", "Dip at centre front", 40, 15, 120, "C10", "the dip below the crest"),
    SEAM_CAP(
            "seam-cap",
            "Cap of a seam at the waist",
            45,
            15,
            90,
            "C6",
            "more is noted; seams of a corset that reach it let the others take the rest; at the side it counts for each block"),
    WAIST_DROP("waist-drop", "Styled waist dropped", 0, 0, 50, "C3", "up to {50} lengthens the body to the eye"),
    REACH_UP(
            "reach-up",
            "Reduction felt above the waist",
            120,
            0,
            300,
            "C5",
            "so far up the eases follow a waist that is drawn in more or less than its row; at {0} none do"),
    REACH_DOWN(
            "reach-down",
            "Reduction felt below the waist",
            150,
            0,
            300,
            "C5",
            "so far down the eases follow; at {0} none do"),
    FRONT_LENGTH_BELOW(
            "front-below-waist",
            "Lower edge at centre front, below the waist",
            90,
            10,
            200,
            "C10",
            "the point or the round; no longer than waist to lap"),
    SIDE_LENGTH_BELOW(
            "side-below-waist", "Lower edge at the side, below the waist", 50, 10, 150, "C10", "clear of the hip bone"),
    BACK_LENGTH_BELOW(
            "back-below-waist",
            "Lower edge at centre back, below the waist",
            60,
            10,
            150,
            "C10",
            "a little longer than the side"),
    BRIDGE(
            "cup-bridge",
            "Half of the bridge between the cups",
            13,
            6,
            45,
            "C8",
            "the cup stops so far from centre front; a busk needs {25}"),
    CUP_SIDE("cup-side", "Cup ends before the side seam", 38, 10, 90, "C8", "or where the breast ends"),
    BAND_INNER("cup-band-inner", "Upper cup, deep at the inner edge", 51, 20, 110, "C8", "three-part cups"),
    BAND_SEAM(
            "cup-band-seam",
            "Upper cup, deep at the seam",
            64,
            20,
            130,
            "C8",
            "three-part cups; it stays clear of the apex"),
    BAND_OUTER("cup-band-outer", "Upper cup, deep at the outer edge", 51, 20, 110, "C8", "three-part cups"),
    CUP_YOKE("cup-yoke-line", "Yoke line above the apex", 25, 12, 70, "C8", "a lower cup with a yoke above it"),
    EDGE_DIP("edge-dip", "Dip at centre front", 40, 0, 200, "C10", "below the crest of a strapless edge"),
    EDGE_WIDTH(
            "edge-width",
            "Corner of a square edge, from centre front",
            60,
            30,
            140,
            "C10",
            "the upright side stands there"),
    NECKLINE_DEPTH(
            "neckline-depth",
            "Neckline at centre front, below the neck end",
            90,
            40,
            320,
            "C10",
            "each shape starts with its own"),
    NECKLINE_WIDTH(
            "neckline-width",
            "Neckline on the shoulder, from the neck end",
            12,
            0,
            110,
            "C10",
            "each shape starts with its own"),
    BACK_NECKLINE(
            "back-neckline-depth",
            "Neckline at centre back, below the neck end",
            45,
            15,
            350,
            "C10",
            "very deep behind, and the shoulders slide unless something holds them"),
    YOKE_LINE("yoke-line", "Yoke line above the apex", 70, 15, 160, "C10", "over the bust line, netting or lace"),
    YOKE_FALL(
            "yoke-fall",
            "Yoke seam lower at centre front",
            0,
            0,
            80,
            "C8.1",
            "level, or falling from the armhole towards the cleavage"),
    KEYHOLE_LENGTH("keyhole-length", "Keyhole, long", 80, 60, 160, "C10", "it stays inside the yoke"),
    KEYHOLE_WIDTH("keyhole-width", "Keyhole, wide", 54, 48, 100, "C10", "across both halves"),
    STRAP_WIDTH("strap-width", "Halter strap, wide", 45, 20, 90, "C10", "at the shoulder"),
    SHOULDER_LINE(
            "shoulder-line", "Off-shoulder edge below the neck end", 122, 100, 150, "C10", "{115} to {130} are usual"),
    SLEEVE_DEPTH("sleeve-depth", "Sleeve, long at the underarm", 50, 10, 500, "C10", "a band is shorter"),
    SLEEVE_EASE("sleeve-ease", "Sleeve, wider than the upper arm", 40, 10, 160, "C10", "so that the arm can be raised"),
    SLEEVE_TAPER(
            "sleeve-taper",
            "Sleeve, narrower at its hem",
            20,
            0,
            160,
            "C10",
            "than at the underarm, both sides together; the hem stays level"),
    PEPLUM_LENGTH("peplum-length", "Peplum, long", 140, 50, 350, "C10", "from the waist down"),
    PEPLUM_SPREAD(
            "peplum-spread",
            "Peplum, hem wider than the waist, each half",
            160,
            20,
            700,
            "C10",
            "opened evenly from the waist"),
    FLARED_LENGTH("flared-length", "Flared hem below the waist", 220, 120, 420, "C10", "measured along the seams"),
    FLARE("flare", "Flare at each seam of the hem", 100, 20, 240, "C10", "half of it on either edge"),
    FLARE_RAISE("flare-raise", "Hem raised at the flare", 25, 0, 60, "C10", "so that it hangs level"),
    SKIRT_LENGTH(
            "skirt-length",
            "Skirt below the waist",
            450,
            340,
            900,
            "C10",
            "to the middle of the thigh; measured along the seams"),
    SKIRT_TAPER(
            "skirt-taper",
            "Hem narrower at each seam",
            10,
            0,
            30,
            "C10",
            "a pencil skirt: half of it on either edge; at {0} it falls straight"),
    SKIRT_SPREAD(
            "skirt-spread",
            "Hem wider at each seam",
            0,
            0,
            120,
            "C10",
            "an A-line: half of it on either edge, instead of narrower"),
    SKIRT_LINE(
            "skirt-line",
            "Skirt joint below the waist",
            0,
            0,
            150,
            "C10",
            "where a skirt is sewn on; at {0} none is marked"),
    BASQUE_FRONT(
            "basque-front",
            "Basque below the waist, centre front",
            90,
            0,
            200,
            "C10",
            "along the seams, from the waist line of the garment"),
    BASQUE_SIDE("basque-side", "Basque below the waist, side", 0, 0, 120, "C10", "may run to nothing"),
    BASQUE_BACK(
            "basque-back",
            "Basque below the waist, centre back",
            40,
            0,
            160,
            "C10",
            "along the seams, from the waist line of the garment");

    /** Where the shoulder-dart block sets another figure (C4.3), by the rule-id. */
    private static final Map<String, Double> SHOULDER_DART =
            Map.of("waist-dart", 38.0, "back-dart", 38.0, "centre-back-in", 13.0, "back-neck-depth", 25.0);
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
        return length.isWithin(Length.mm(least), Length.mm(most));
    }

    /**
     * Whether the length can shape a garment with these choices at all. What cannot is kept for when the choices change, and said
     * ({@code OwnLengths}); whether a length that can is held back by the body is another question.
     */
    public boolean shapes(Garment garment) {
        boolean bustier = garment.kind() == GarmentKind.BUSTIER;
        boolean overBust = garment.kind().isOverBust();
        boolean cut = garment.bust().cups().isCut();
        Cover cover = garment.top().cover();
        boolean strapless = overBust && cover == Cover.STRAPLESS;
        boolean quarter = garment.block().method() != BlockMethod.PROPORTION
                && garment.block().figures() != BlockMethod.SHOULDER_DART;
        // A block that was read in brings its own neck, shoulder and armhole.
        boolean drawn = garment.block().method() != BlockMethod.DOUBLED_DART
                || garment.block().traced().isEmpty();
        return switch (this) {
            case SHOULDER_DROP -> bustier ? drawn && quarter : overBust;
            case CHEST_LINE_EXTRA -> bustier ? drawn && garment.block().method() != BlockMethod.PROPORTION : overBust;
            case NECK_WIDTH, NECK_DEPTH, BACK_NECK_DEPTH ->
                bustier && drawn && garment.block().method() != BlockMethod.PROPORTION;
            case WAIST_DART -> bustier && garment.block().method() != BlockMethod.PROPORTION;
            case ARMHOLE_INSET -> bustier && drawn && quarter;
            case BACK_WIDTH_EXTRA -> bustier && garment.block().method() == BlockMethod.PROPORTION;
            case BACK_DART -> bustier;
            case UNDERARM_LOWERING, BACK_FALL, DART_END, APEX_RADIUS -> overBust;
            // What is cut in one above the bust has no seam there to take it.
            case UPPER_LESS -> bustier && !garment.isCutInOneAbove();
            // In the armhole a seam that is splayed would only come in lower.
            case UPPER_SPLAY ->
                bustier
                        && cover != Cover.HALTER
                        && (cover != Cover.SHOULDERS || garment.block().princess() != PrincessStart.ARMHOLE);
            case COVERAGE -> strapless;
            case SWEETHEART_DIP -> strapless && garment.upperEdge() == UpperShape.SWEETHEART;
            case EDGE_DIP ->
                cover == Cover.OFF_SHOULDER
                        || strapless
                                && garment.upperEdge() != UpperShape.SWEETHEART
                                && garment.upperEdge() != UpperShape.STRAIGHT;
            case EDGE_WIDTH -> overBust && garment.upperEdge() == UpperShape.SQUARE;
            case NECKLINE_DEPTH, NECKLINE_WIDTH -> cover.hasShoulder();
            case BACK_NECKLINE -> cover == Cover.SHOULDERS;
            case STRAP_WIDTH -> cover == Cover.HALTER;
            case SHOULDER_LINE -> cover == Cover.OFF_SHOULDER;
            case SLEEVE_DEPTH, SLEEVE_EASE ->
                cover == Cover.OFF_SHOULDER || garment.top().hasSetInSleeve();
            case SLEEVE_TAPER -> garment.top().hasSetInSleeve();
            case YOKE_LINE, YOKE_FALL -> garment.top().yoke();
            case KEYHOLE_LENGTH, KEYHOLE_WIDTH -> garment.top().keyhole();
            case BRIDGE, CUP_SIDE -> cut;
            case BAND_INNER, BAND_SEAM, BAND_OUTER -> garment.bust().cups() == CupKind.THREE_PART;
            case CUP_YOKE -> garment.bust().cups() == CupKind.YOKE;
            case FRONT_LENGTH_BELOW, BACK_LENGTH_BELOW ->
                garment.lowerEdge() == LowerShape.POINTED || garment.lowerEdge() == LowerShape.ROUNDED;
            case SIDE_LENGTH_BELOW ->
                garment.lowerEdge() == LowerShape.POINTED
                        || garment.lowerEdge() == LowerShape.ROUNDED
                        || garment.lowerEdge() == LowerShape.STRAIGHT;
            case PEPLUM_LENGTH, PEPLUM_SPREAD -> garment.lowerEdge() == LowerShape.PEPLUM;
            case FLARED_LENGTH, FLARE, FLARE_RAISE -> garment.lowerEdge() == LowerShape.FLARED;
            case SKIRT_LENGTH, SKIRT_TAPER, SKIRT_SPREAD -> garment.lowerEdge().hangs();
            case SKIRT_LINE ->
                !garment.lowerEdge().endsAtWaist() && !garment.lowerEdge().isBasque();
            case BASQUE_FRONT, BASQUE_SIDE, BASQUE_BACK -> garment.lowerEdge().isBasque();
            case CENTRE_BACK_IN, SEAM_CAP, WAIST_DROP, REACH_UP, REACH_DOWN -> true;
        };
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
