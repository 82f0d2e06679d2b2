package bathyra.fitting;

import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Locale;

/** What a fitting changes in a draft that the plan cannot say (C15.4). Each is so much more or less than the plan gives, so that it stays when a figure is taken anew. */
public sealed interface Change {
    /** By how much. */
    Length by();

    /** The same by another length. */
    Change by(Length next);

    /** What it does to the draft, for cards, covers and slips. */
    Sentence words();

    /** A figure of the wearer is other than the tape said. @param by longer, or farther apart */
    record Figure(MeasurementKey key, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Figure(key, next);
        }

        @Override
        public Sentence words() {
            return Wording.of(key.label() + ": {} " + Wording.which(by, "less", "more") + " than the tape", by);
        }
    }

    /** A girth other than planned. @param by wider, on the whole girth */
    record Girth(Level level, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Girth(level, next);
        }

        @Override
        public Sentence words() {
            return Wording.of(level.label() + ": {} " + Wording.which(by, "closer", "wider") + " all round", by);
        }
    }

    /** Room for what cloth and bones take of the girth inside (C15.5). @param by wider, on the whole girth */
    record Cloth(Level level, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Cloth(level, next);
        }

        @Override
        public Sentence words() {
            return Wording.of(
                    level.label() + ": {} " + Wording.which(by, "closer", "wider") + " all round, for cloth and bones",
                    by);
        }
    }

    /** The side seam moved at a level. @param by backwards, on each half */
    record Share(Level level, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Share(level, next);
        }

        @Override
        public Sentence words() {
            return Wording.of(
                    "Side seam at the " + Wording.low(level) + ": {} farther " + Wording.which(by, "forward", "back"),
                    by);
        }
    }

    /** Cloth taken in one seam at a level, to nothing at its neighbours. @param by taken in on each half, both edges together; negative: let out */
    record Pinch(Cell cell, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Pinch(cell, next);
        }

        @Override
        public Sentence words() {
            return Wording.of(
                    cell.seam().label() + " at the " + Wording.low(cell.level()) + ": {} "
                            + Wording.which(by, "let out", "taken in") + " on each half",
                    by);
        }
    }

    /** The same between two levels. @param above the waist, at centre front */
    record PinchBetween(SeamPlace seam, Length above, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new PinchBetween(seam, above, next);
        }

        @Override
        public Sentence words() {
            return Sentence.of(
                    seam.label() + ", {} " + Wording.which(above, "below", "above") + " the waist: {} "
                            + Wording.which(by, "let out", "taken in") + " on each half",
                    Wording.size(above),
                    Wording.size(by));
        }
    }

    /**
     * An edge moved at a place, running out to either side.
     *
     * @param place along the half, 0 at centre front, 1 at centre back
     * @param reach to either side, where it has run out
     * @param by higher
     */
    record Edge(boolean upper, double place, Length reach, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Edge(upper, place, reach, next);
        }

        @Override
        public Sentence words() {
            return Wording.of(
                    (upper ? "Upper edge, " : "Lower edge, ") + Math.round(place * 100) + " % from centre front: {} "
                            + Wording.which(by, "lower", "higher"),
                    by);
        }
    }

    /**
     * Length folded away at a centre between a level and the next lower one, to nothing at the side.
     *
     * @param behind at centre back, else at centre front
     * @param by shorter
     */
    record Fold(boolean behind, Level after, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Fold(behind, after, next);
        }

        @Override
        public Sentence words() {
            return Wording.of(
                    (behind ? "Centre back" : "Centre front") + " below the " + Wording.low(after) + ": {} "
                            + Wording.which(by, "longer", "shorter") + ", to nothing at the side",
                    by);
        }
    }

    /** A contour wedge pinched at an edge, to nothing at the apex or where else it runs out (C9). @param by wider at its mouth, on each half */
    record Wedge(ContourWedge wedge, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Wedge(wedge, next);
        }

        @Override
        public Sentence words() {
            return Wording.of(
                    "Wedge, " + wedge.label().toLowerCase(Locale.ROOT) + ": {} " + Wording.which(by, "less", "more")
                            + " closed on each half",
                    by);
        }
    }

    /** An edge that is drawn as a whole by one length, moved by that length. @param by higher */
    record Drawn(DrawnEdge edge, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Drawn(edge, next);
        }

        @Override
        public Sentence words() {
            return Wording.of(edge.label() + ": {} " + Wording.which(by, "lower", "higher"), by);
        }
    }
}
