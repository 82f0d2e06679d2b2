package bathyra.app.fittings;

import bathyra.correction.Becoming;
import bathyra.correction.Corrections;
import bathyra.correction.Order;
import bathyra.draft.Draft;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Fitting;
import bathyra.fitting.FoldRun;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import java.util.Locale;

/** Marks in words. */
final class MarkWords {
    private final LengthUnit unit;

    MarkWords(LengthUnit unit) {
        this.unit = unit;
    }

    /** Where it is, as a title. */
    static String place(Mark mark) {
        Spot spot = mark.spot();
        if (mark.kind() == MarkKind.APEX) {
            return "Apex";
        }
        if (mark.kind() == MarkKind.CLOTH) {
            return "Cloth and bones";
        }
        if (mark.kind() == MarkKind.EDGE || mark.kind() == MarkKind.DIGS) {
            return (spot.isAbove() ? "Upper edge " : "Lower edge ") + along(spot.place());
        }
        if (mark.kind() == MarkKind.GAP) {
            return spot.level().map(l -> "Gap at the " + low(l)).orElse("Gap at the hem");
        }
        String seam =
                spot.seam().map(s -> s.label() + " seam").orElse(mark.kind() == MarkKind.PLUMB ? "Side seam" : "Cloth");
        return seam + spot.level().map(l -> ", " + low(l)).orElse("");
    }

    private static String along(double place) {
        return place < 0.08
                ? "at centre front"
                : place > 0.92 ? "at centre back" : place < 0.4 ? "in front" : place < 0.6 ? "at the side" : "behind";
    }

    private static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }

    /** What was seen, in a line. */
    String seen(Mark mark) {
        String amount = LengthText.say(Length.mm(Math.abs(mark.amount().millimetres())), unit);
        double mm = mark.amount().millimetres();
        String side = mark.side() == Side.BOTH ? "" : ", " + mark.side().label();
        return switch (mark.kind()) {
                    case PINCH -> place(mark) + " pinched " + amount;
                    case LET_OUT -> place(mark) + " let out " + amount;
                    case EDGE -> place(mark) + (mm < 0 ? " " + amount + " lower" : " " + amount + " higher");
                    case APEX -> apex(mark, amount);
                    case FOLD -> "Folds " + mark.fold().orElse(FoldRun.ROUND).label() + ", " + amount;
                    case DIGS -> place(mark) + " digs in " + amount;
                    case GAP -> place(mark) + " " + amount;
                    case PLUMB ->
                        "Side seam " + amount + (mm < 0 ? " behind" : " forward")
                                + mark.spot()
                                        .level()
                                        .map(l -> " at the " + low(l))
                                        .orElse("");
                    case WEDGE ->
                        "Wedge"
                                + mark.spot()
                                        .level()
                                        .map(l -> " at the " + low(l))
                                        .orElse("")
                                + ", " + amount;
                    case CLOTH -> "Cloth and bones take " + amount + " at the waist";
                    case NOTE -> mark.seen().isEmpty() ? "Note" : mark.seen();
                }
                + side;
    }

    private String apex(Mark mark, String amount) {
        double mm = mark.amount().millimetres();
        double out = mark.across().millimetres();
        String across =
                out == 0 ? "" : " " + LengthText.say(Length.mm(Math.abs(out)), unit) + (out > 0 ? " out" : " in");
        return "Apex" + (mm == 0 && out != 0 ? "" : " " + amount + (mm < 0 ? " higher" : " lower"))
                + (mm == 0 || out == 0 ? "" : ",") + across;
    }

    /** What it is beside it on the toile. */
    String tag(Mark mark) {
        String amount = LengthText.say(Length.mm(Math.abs(mark.amount().millimetres())), unit);
        double mm = mark.amount().millimetres();
        return switch (mark.kind()) {
            case PINCH -> "pinched " + amount;
            case LET_OUT -> "let out " + amount;
            case EDGE -> (mm < 0 ? "lower " : "raise ") + amount;
            case APEX -> apex(mark, amount).substring("Apex ".length());
            case FOLD -> "folds " + amount;
            case DIGS -> "digs in " + amount;
            case GAP -> amount;
            case PLUMB -> amount + (mm < 0 ? " behind" : " forward");
            case WEDGE -> "wedge " + amount;
            case CLOTH -> "cloth " + amount;
            case NOTE -> mark.seen().isEmpty() ? "note" : mark.seen();
        };
    }

    /** The figure that it changes, from and to; empty where nothing is moved. */
    String fromTo(Becoming becoming) {
        return becoming.first().map(this::fromTo).orElse("");
    }

    String fromTo(Adjustment adjustment) {
        double by = adjustment.change().by().millimetres();
        return adjustment
                .was()
                .map(was -> LengthText.figure(Length.mm(Math.abs(was.millimetres())), unit) + " → "
                        + LengthText.say(Length.mm(Math.abs(was.millimetres() + moved(adjustment.change(), by))), unit))
                .orElse((by > 0 ? "+ " : "− ") + LengthText.say(Length.mm(Math.abs(by)), unit));
    }

    /** A fold takes length away, and a depth is less where its edge is higher; everything else adds what it says. */
    private static double moved(Change change, double by) {
        return change instanceof Change.Fold || change instanceof Change.Drawn ? -by : by;
    }

    static String kind(Becoming becoming) {
        return becoming.order() == Order.NONE ? "" : becoming.order().label();
    }

    /** How the change came about, in words. */
    String howItCame(Mark mark, Fitting fitting, Draft draft) {
        return switch (mark.kind()) {
            case PINCH, LET_OUT ->
                (fitting.setting().pinsToSeam() && mark.taken() == bathyra.fitting.Taken.PINNED
                                ? "The pin stood so far from the seam: twice that is"
                                : "Both edges together, on each half: that is")
                        + (mark.kind() == MarkKind.PINCH
                                ? " taken in that seam, there alone."
                                : " given in that seam, there alone.");
            case GAP ->
                "Gap measured less gap planned, given back to the girth at that level: "
                        + LengthText.figure(mark.amount(), unit) + " − "
                        + LengthText.figure(draft.commission().garment().gap().length(), unit)
                        + " = "
                        + LengthText.say(
                                Length.mm(mark.amount().millimetres()
                                        - draft.commission().garment().gap().value()),
                                unit)
                        + ".";
            case EDGE, DIGS ->
                Corrections.of(draft, fitting, mark)
                                .first()
                                .filter(a -> a.change() instanceof Change.Drawn)
                                .isPresent()
                        ? "This edge is drawn by one length: it moves as a whole."
                        : "The edge is moved there, and runs out to either side with no corner.";
            case APEX -> "Shoulder to apex, and twice as much between the two; the rib stays where it is.";
            case FOLD -> "Length too much between two levels is taken out there.";
            case PLUMB -> "The front half of that level has so much more, the back so much less.";
            case WEDGE ->
                Corrections.of(draft, fitting, mark)
                                .first()
                                .map(a -> a.change() instanceof Change.Wedge wedge
                                        ? wedge.wedge().label() + ": "
                                                + wedge.wedge().where() + ". "
                                        : "")
                                .orElse("")
                        + "So much more is closed there on each half, on top of the contour that was chosen.";
            case CLOTH ->
                "The finished garment is smaller inside than the toile: cloth and bones take so much of the girth, on top of pins and gap.";
            case NOTE -> "A note moves nothing.";
        };
    }
}
