package bathyra.fitting;

import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;

/** What a fitting changes in a draft that the plan cannot say (C15.4). Each is so much more or less than the plan gives, so that it stays when a figure is taken anew. */
public sealed interface Change {
    /** By how much. */
    Length by();

    /** The same by another length. */
    Change by(Length next);

    /** A figure of the wearer is other than the tape said. @param by longer, or farther apart */
    record Figure(MeasurementKey key, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Figure(key, next);
        }
    }

    /** A girth other than planned. @param by wider, on the whole girth */
    record Girth(Level level, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Girth(level, next);
        }
    }

    /** Room for what cloth and bones take of the girth inside (C15.5). @param by wider, on the whole girth */
    record Cloth(Level level, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Cloth(level, next);
        }
    }

    /** The side seam moved at a level. @param by backwards, on each half */
    record Share(Level level, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Share(level, next);
        }
    }

    /** Cloth taken in one seam at a level, to nothing at its neighbours. @param by taken in on each half, both edges together; negative: let out */
    record Pinch(Cell cell, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Pinch(cell, next);
        }
    }

    /** The same between two levels. @param above the waist, at centre front */
    record PinchBetween(SeamPlace seam, Length above, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new PinchBetween(seam, above, next);
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
    }

    /** A contour wedge pinched at an edge, to nothing at the apex or where else it runs out (C9). @param by wider at its mouth, on each half */
    record Wedge(ContourWedge wedge, Length by) implements Change {
        @Override
        public Change by(Length next) {
            return new Wedge(wedge, next);
        }
    }
}
