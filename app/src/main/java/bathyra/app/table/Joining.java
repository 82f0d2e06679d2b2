package bathyra.app.table;

import bathyra.draft.Draft;
import bathyra.files.SheetLayout;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.truing.SeamPair;
import java.util.LinkedHashMap;
import java.util.Map;

/** How the pieces lie: apart, or with their seams closed at one end, so that the edge there is seen to run through. */
public enum Joining {
    APART("Apart"),
    ABOVE("Joined above"),
    BELOW("Joined below");

    /** Two seam ends are laid on each other along so much of their length, mm. */
    private static final double ALONG = 12;

    private final String label;

    Joining(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Where each piece lies, by its id. */
    public Map<String, Placement> place(Draft draft) {
        Map<String, Placement> places = new LinkedHashMap<>();
        SheetLayout layout = SheetLayout.of(draft.pattern());
        for (Piece piece : draft.pattern().pieces()) {
            // Apart, pieces stay at their depth below the shoulder; only sideways they are moved.
            places.put(piece.id(), Placement.moved(new Vec(layout.shift(piece.id()).dx(), 0)));
        }
        if (this != APART) {
            places.put(draft.pattern().pieces().get(0).id(), Placement.moved(new Vec(0, 0)));
            for (SeamJoin seam : draft.pattern().seams()) {
                places.put(seam.b().piece(), closed(draft, seam, places.get(seam.a().piece())));
            }
        }
        return places;
    }

    private Placement closed(Draft draft, SeamJoin seam, Placement partner) {
        Path a = partner.of(SeamPair.downwards(draft.pattern().edge(seam.a()).path()));
        Path b = SeamPair.downwards(draft.pattern().edge(seam.b()).path());
        return this == ABOVE ? Placement.onto(b.start(), along(b, 0), a.start(), along(a, 0))
                : Placement.onto(b.end(), along(b, b.length() - ALONG), a.end(), along(a, a.length() - ALONG));
    }

    private static Vec along(Path path, double from) {
        Point start = path.at(from).point();
        return start.to(path.at(from + ALONG).point()).unit();
    }
}
