package bathyra.piece;

import bathyra.geometry.Point;

/** A mark inside a piece that is carried over to the cloth. */
public record Mark(Kind kind, Point at) {
    /** What is marked. */
    public enum Kind {
        /** The apex of the bust. */
        APEX("apex", "apex"),
        /** The end that is worn up, on a piece whose ends are alike. */
        TOP("top", "top"),
        /** A hollow whose allowance has to be clipped up to the sewing line. */
        CLIP("clip", "clip"),
        /** The end of a slit, which is reinforced before it is cut. */
        POINT("point", "reinforce"),
        /** Where a dart ends. */
        DART_END("dart-end", "dart end");

        private final String id;
        private final String label;

        Kind(String id, String label) {
            this.id = id;
            this.label = label;
        }

        public String id() {
            return id;
        }

        /** What is written beside it. */
        public String label() {
            return label;
        }
    }
}
