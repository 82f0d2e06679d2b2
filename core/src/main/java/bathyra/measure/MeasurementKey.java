package bathyra.measure;

import bathyra.length.Length;
import bathyra.length.Named;
import java.util.Arrays;
import java.util.Optional;

/** What can be taken with the tape (C2): its key in files, its label, how to take it, and what is plausible. */
public enum MeasurementKey implements Named {
    BUST(
            "bustGirth",
            "Bust",
            Way.ROUND,
            650,
            1600,
            "Round the fullest part of the bust. Tape level all round, not pulled."),
    UPPER_BUST(
            "upperBustGirth",
            "Upper bust",
            Way.ROUND,
            620,
            1500,
            "Under the arms, above the breast. Tape level all round."),
    UNDERBUST(
            "underbustGirth",
            "Underbust",
            Way.ROUND,
            560,
            1450,
            "Round the rib cage, close under the breast. Tape level all round, breath let out."),
    UNDERBUST_FULL(
            "underbustFullGirth",
            "Underbust, lungs full",
            Way.ROUND,
            560,
            1540,
            "As the underbust, with the lungs filled."),
    WAIST(
            "waistGirth",
            "Waist",
            Way.ROUND,
            480,
            1500,
            "Where the body bends to the side. Tie a tape round and leave it on."),
    HIGH_HIP("highHipGirth", "High hip", Way.ROUND, 600, 1650, "Round the top of the hip bones."),
    HIP("hipGirth", "Hip", Way.ROUND, 700, 1800, "Round the fullest part of the seat, feet together."),
    BELLY(
            "bellyGirth",
            "Belly",
            Way.ROUND,
            500,
            1700,
            "Round the fullest part of the belly, standing at ease. Note how far below the waist it lies."),
    WAIST_DRAWN_IN(
            "waistDrawnIn",
            "Waist, drawn in",
            Way.ROUND,
            360,
            1500,
            "As the waist, with the tape pulled as far as is comfortable: how much it yields."),
    NECK("neckGirth", "Neck base", Way.ROUND, 300, 520, "Round the base of the neck, where a chain would lie."),
    ARMHOLE(
            "armholeGirth",
            "Armhole",
            Way.ROUND,
            330,
            650,
            "Over the shoulder tip and round under the arm, arm hanging."),
    UPPER_ARM("upperArmGirth", "Upper arm", Way.ROUND, 200, 600, "Round the fullest part of the upper arm, arm bent."),
    AROUND_SHOULDERS(
            "aroundShouldersGirth",
            "Round both shoulders",
            Way.ROUND,
            850,
            1600,
            "Round both upper arms where the off-shoulder line is to lie."),
    APEX_SPAN(
            "apexSpan",
            "Apex to apex",
            Way.ACROSS,
            130,
            290,
            "Straight from one bust point to the other, not into the hollow."),
    SHOULDER_WIDTH(
            "shoulderWidth",
            "Shoulder tip to tip, back",
            Way.ACROSS,
            320,
            500,
            "Across the back from shoulder tip to shoulder tip."),
    CHEST_WIDTH("chestWidth", "Across front", Way.ACROSS, 260, 460, "Across the chest, from arm crease to arm crease."),
    BACK_WIDTH(
            "backWidth",
            "Across back",
            Way.ACROSS,
            280,
            480,
            "Across the shoulder blades, from arm crease to arm crease."),
    TOP_EDGE_WIDTH(
            "topEdgeWidth", "Strap to strap", Way.ACROSS, 200, 420, "Along the front top edge, from strap to strap."),
    BUST_FRONT_ARC(
            "bustFrontArc",
            "Bust, over the front",
            Way.ACROSS,
            299,
            1024,
            "From side seam to side seam over the fullest part of the bust."),
    WAIST_FRONT_ARC(
            "waistFrontArc",
            "Waist, over the front",
            Way.ACROSS,
            201,
            930,
            "From side seam to side seam over the front, on the waist tape."),
    HIP_FRONT_ARC(
            "hipFrontArc",
            "Hip, over the front",
            Way.ACROSS,
            280,
            1008,
            "From side seam to side seam over the front, at the height of the hip."),
    UPPER_BUST_HEIGHT(
            "upperBustHeight",
            "To the upper bust",
            Way.DOWN,
            150,
            330,
            "From the neck end of the shoulder seam down to the upper-bust tape: the top edge hangs on it."),
    SHOULDER_TO_APEX(
            "shoulderToApex",
            "To the apex",
            Way.DOWN,
            210,
            380,
            "From the neck end of the shoulder seam down to the bust point."),
    SHOULDER_TO_UNDERBUST(
            "shoulderToUnderbust",
            "To the underbust",
            Way.DOWN,
            280,
            480,
            "From the neck end of the shoulder over the apex and in under the breast."),
    FRONT_LENGTH(
            "frontLength",
            "To the waist, front",
            Way.DOWN,
            350,
            560,
            "From the neck end of the shoulder over the apex to the waist tape."),
    BACK_LENGTH(
            "backLength",
            "To the waist, back",
            Way.DOWN,
            330,
            520,
            "From the neck end of the shoulder down the back to the waist tape."),
    APEX_TO_UNDERBUST(
            "apexToUnderbust",
            "Apex to underbust",
            Way.ELSEWHERE,
            55,
            150,
            "From the bust point down the breast to the crease: the bust radius."),
    APEX_TO_CENTRE(
            "apexToCentre",
            "Apex to centre front",
            Way.ELSEWHERE,
            65,
            150,
            "Over the body from the bust point to centre front."),
    UNDERARM_TO_WAIST(
            "underarmToWaist",
            "Underarm to waist",
            Way.ELSEWHERE,
            130,
            290,
            "Down the side from under the arm to the waist tape."),
    UNDERBUST_TO_WAIST_FRONT(
            "underbustToWaistFront",
            "Underbust to waist, front",
            Way.ELSEWHERE,
            30,
            160,
            "At centre front from the underbust tape down to the waist tape."),
    UNDERBUST_TO_WAIST_SIDE(
            "underbustToWaistSide",
            "Underbust to waist, side",
            Way.ELSEWHERE,
            30,
            160,
            "Down the side from the underbust tape to the waist tape."),
    UNDERBUST_TO_WAIST_BACK(
            "underbustToWaistBack",
            "Underbust to waist, back",
            Way.ELSEWHERE,
            30,
            160,
            "Down the middle of the back from the underbust tape to the waist tape."),
    WAIST_TO_TOP_SIDE(
            "waistToTopSide",
            "Waist to top edge, side",
            Way.ELSEWHERE,
            100,
            320,
            "Up the side from the waist tape to where the garment is to end."),
    WAIST_TO_TOP_BACK(
            "waistToTopBack",
            "Waist to top edge, back",
            Way.ELSEWHERE,
            100,
            320,
            "Up the middle of the back from the waist tape to where the garment is to end."),
    WAIST_TO_BELLY(
            "waistToBelly",
            "Waist to belly",
            Way.ELSEWHERE,
            40,
            160,
            "At centre front from the waist tape down to the fullest part of the belly."),
    WAIST_TO_HIP_BONE(
            "waistToHipBone",
            "Waist to hip bone",
            Way.ELSEWHERE,
            50,
            160,
            "Down the side from the waist tape to the crest of the hip bone."),
    WAIST_TO_HIGH_HIP(
            "waistToHighHip",
            "Waist to high hip",
            Way.ELSEWHERE,
            60,
            130,
            "Down the side from the waist tape to the hip bone."),
    WAIST_TO_HIP(
            "waistToHip",
            "Waist to hip",
            Way.ELSEWHERE,
            150,
            280,
            "Down the side from the waist tape to the fullest part of the hip."),
    WAIST_TO_LAP(
            "waistToLap",
            "Waist to lap, seated",
            Way.ELSEWHERE,
            80,
            220,
            "Seated upright, at centre front from the waist tape to the lap."),
    HEIGHT("height", "Height", Way.ELSEWHERE, 1300, 2100, "Standing without shoes."),
    SLEEVE_LENGTH(
            "sleeveLength",
            "Sleeve length",
            Way.ELSEWHERE,
            50,
            700,
            "From the shoulder tip over the bent elbow to where the sleeve ends.");

    /** How the tape lies: the groups of the measuring page, in the order in which a cutter goes round the body. */
    public enum Way {
        ROUND("Round the body"),
        ACROSS("Across"),
        DOWN("Down, from the neck end of the shoulder"),
        ELSEWHERE("Down, from elsewhere");

        private final String title;

        Way(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    private static final double POSSIBLE_LEAST = 0.5;
    private static final double POSSIBLE_MOST = 1.5;

    private final String key;
    private final String label;
    private final Way way;
    private final Length least;
    private final Length most;
    private final String hint;

    MeasurementKey(String key, String label, Way way, double least, double most, String hint) {
        this.key = key;
        this.label = label;
        this.way = way;
        this.least = Length.mm(least);
        this.most = Length.mm(most);
        this.hint = hint;
    }

    /** The stable key used in files. */
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }

    public Way way() {
        return way;
    }

    /** The least plausible value. */
    public Length least() {
        return least;
    }

    /** The greatest plausible value. */
    public Length most() {
        return most;
    }

    /** How to take it, in a sentence or two. */
    public String hint() {
        return hint;
    }

    /** Whether it can be taken on the left and on the right. */
    public boolean isPaired() {
        return switch (this) {
            case SHOULDER_TO_APEX,
                    SHOULDER_TO_UNDERBUST,
                    UPPER_BUST_HEIGHT,
                    FRONT_LENGTH,
                    BACK_LENGTH,
                    UNDERBUST_TO_WAIST_FRONT,
                    UNDERBUST_TO_WAIST_SIDE,
                    UNDERBUST_TO_WAIST_BACK,
                    WAIST_TO_TOP_SIDE,
                    WAIST_TO_TOP_BACK,
                    WAIST_TO_HIP_BONE,
                    APEX_TO_UNDERBUST,
                    APEX_TO_CENTRE,
                    UNDERARM_TO_WAIST,
                    WAIST_TO_HIGH_HIP,
                    WAIST_TO_HIP,
                    ARMHOLE,
                    UPPER_ARM,
                    SLEEVE_LENGTH -> true;
            default -> isHalved();
        };
    }

    /** Whether it is one of the figures that few take: absent by default, and nothing estimates it. */
    public boolean isFiner() {
        return switch (this) {
            case UPPER_BUST_HEIGHT,
                    UNDERBUST_TO_WAIST_FRONT,
                    UNDERBUST_TO_WAIST_SIDE,
                    UNDERBUST_TO_WAIST_BACK,
                    WAIST_TO_TOP_SIDE,
                    WAIST_TO_TOP_BACK,
                    WAIST_TO_BELLY,
                    WAIST_TO_HIP_BONE,
                    BELLY,
                    WAIST_DRAWN_IN,
                    BUST_FRONT_ARC,
                    WAIST_FRONT_ARC,
                    HIP_FRONT_ARC -> true;
            default -> false;
        };
    }

    /**
     * Whether it is a girth of which the right half may be taken too, from centre front to centre back; the left half is then the
     * rest of the whole.
     */
    public boolean isHalved() {
        return switch (this) {
            case UPPER_BUST, BUST, UNDERBUST, UNDERBUST_FULL, WAIST, HIGH_HIP, HIP -> true;
            default -> false;
        };
    }

    public boolean isPlausible(Length length) {
        return length.compareTo(least) >= 0 && length.compareTo(most) <= 0;
    }

    /** The least that is taken even when it was taken twice: half of what is plausible. */
    public Length possibleLeast() {
        return Length.mm(least.millimetres() * POSSIBLE_LEAST);
    }

    /** The most that is taken even when it was taken twice: half as much again as is plausible. */
    public Length possibleMost() {
        return Length.mm(most.millimetres() * POSSIBLE_MOST);
    }

    /** Whether a body can have it at all; what is not plausible may be confirmed within these bounds only. */
    public boolean isPossible(Length length) {
        return length.compareTo(possibleLeast()) >= 0 && length.compareTo(possibleMost()) <= 0;
    }

    public static Optional<MeasurementKey> ofKey(String key) {
        return Arrays.stream(values()).filter(k -> k.key.equals(key)).findFirst();
    }
}
