package bathyra.app.table;

import bathyra.draft.Draft;
import bathyra.files.SheetLayout;
import bathyra.geometry.Vec;
import bathyra.paper.Joined;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.LinkedHashMap;
import java.util.Map;

/** How the pieces lie: apart, or with their seams closed at one end, so that the edge there is seen to run through. */
public enum Joining {
    APART("Apart"),
    ABOVE("Joined above"),
    BELOW("Joined below");

    private final String label;

    Joining(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Where each piece lies, by its id. */
    public Map<String, Placement> place(Draft draft) {
        Map<String, Placement> places = apart(draft.pattern());
        if (this != APART) {
            Joined.at(draft.cutting().pattern(), this == ABOVE)
                    .forEach((id, motion) -> places.put(id, Placement.of(motion)));
        }
        return places;
    }

    /** Where each panel lies joined, before cups, yokes and darts are made of them. */
    public Map<String, Placement> placePanels(Draft draft) {
        Map<String, Placement> places = new LinkedHashMap<>();
        Joined.at(draft.cutting().whole(), this == ABOVE).forEach((id, motion) -> places.put(id, Placement.of(motion)));
        return places;
    }

    /** Where each piece lies when they lie apart: at its depth below the shoulder, moved sideways only. */
    public static Map<String, Placement> apart(Pattern pattern) {
        Map<String, Placement> places = new LinkedHashMap<>();
        SheetLayout layout = SheetLayout.of(pattern);
        for (Piece piece : pattern.pieces()) {
            places.put(
                    piece.id(), Placement.moved(new Vec(layout.shift(piece.id()).dx(), 0)));
        }
        return places;
    }
}
