package bathyra.fitting;

import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Level;
import java.util.Locale;

/** Changes in words, for cards, covers and slips. */
public final class Wording {
    private Wording() {}

    /** What a change does to the draft. */
    public static Sentence of(Change change) {
        double by = change.by().millimetres();
        Length size = Length.mm(Math.abs(by));
        if (change instanceof Change.Figure figure) {
            return Sentence.of(figure.key().label() + ": {} " + (by < 0 ? "less" : "more") + " than the tape", size);
        }
        if (change instanceof Change.Girth girth) {
            return Sentence.of(girth.level().label() + ": {} " + (by < 0 ? "closer" : "wider") + " all round", size);
        }
        if (change instanceof Change.Cloth cloth) {
            return Sentence.of(
                    cloth.level().label() + ": {} " + (by < 0 ? "closer" : "wider") + " all round, for cloth and bones",
                    size);
        }
        if (change instanceof Change.Share share) {
            return Sentence.of(
                    "Side seam at the " + low(share.level()) + ": {} farther " + (by < 0 ? "forward" : "back"), size);
        }
        if (change instanceof Change.Pinch pinch) {
            return Sentence.of(
                    pinch.cell().seam().label() + " at the "
                            + low(pinch.cell().level()) + ": {} " + (by < 0 ? "let out" : "taken in")
                            + " on each half",
                    size);
        }
        if (change instanceof Change.PinchBetween pinch) {
            return Sentence.of(
                    pinch.seam().label() + ", {} " + (pinch.above().millimetres() < 0 ? "below" : "above")
                            + " the waist: {} " + (by < 0 ? "let out" : "taken in") + " on each half",
                    Length.mm(Math.abs(pinch.above().millimetres())),
                    size);
        }
        if (change instanceof Change.Edge edge) {
            return Sentence.of(
                    (edge.upper() ? "Upper edge, " : "Lower edge, ") + Math.round(edge.place() * 100)
                            + " % from centre front: {} " + (by < 0 ? "lower" : "higher"),
                    size);
        }
        Change.Fold fold = (Change.Fold) change;
        return Sentence.of(
                (fold.behind() ? "Centre back" : "Centre front") + " below the " + low(fold.after()) + ": {} "
                        + (by < 0 ? "longer" : "shorter") + ", to nothing at the side",
                size);
    }

    /** The same with where it was found, and on which half. */
    public static Sentence of(Adjustment adjustment) {
        Sentence change = of(adjustment.change());
        String side =
                adjustment.side() == Side.BOTH ? "" : ", " + adjustment.side().label() + " half";
        return new Sentence(
                change.pattern() + side + " (fitting " + adjustment.fitting() + ", mark " + adjustment.mark() + ")",
                change.parts());
    }

    private static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
