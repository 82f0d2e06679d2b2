package bathyra.correction;

import bathyra.fitting.Change;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;

/** In which order corrections apply (C15.2): each rests on the ones before. */
public enum Order {
    LENGTHS("lengths"),
    APEX("apex"),
    GIRTH("girth"),
    FRONT_SHARE("front share"),
    SEAMS("seam"),
    CONTOUR("contour"),
    EDGES("edge"),
    NONE("nothing");

    private final String label;

    Order(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    static Order of(Mark mark) {
        return switch (mark.kind()) {
            case FOLD -> LENGTHS;
            case APEX -> APEX;
            case GAP, CLOTH -> GIRTH;
            case PLUMB -> FRONT_SHARE;
            case PINCH, LET_OUT -> SEAMS;
            case WEDGE -> CONTOUR;
            case EDGE, DIGS -> EDGES;
            case NOTE -> NONE;
        };
    }

    /** In which order one change of a mark stands to those of others. */
    static Order of(Change change, MarkKind kind) {
        if (change instanceof Change.Figure) {
            return kind == MarkKind.APEX ? APEX : LENGTHS;
        }
        return change instanceof Change.Fold
                ? LENGTHS
                : change instanceof Change.Girth || change instanceof Change.Cloth
                        ? GIRTH
                        : change instanceof Change.Share
                                ? FRONT_SHARE
                                : change instanceof Change.Wedge
                                        ? CONTOUR
                                        : change instanceof Change.Edge || change instanceof Change.Drawn
                                                ? EDGES
                                                : SEAMS;
    }
}
