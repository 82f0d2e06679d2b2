package bathyra.app.table;

import bathyra.draft.Draft;
import bathyra.files.SheetLayout;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

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
            join(draft, places);
        }
        return places;
    }

    /** Each piece is laid against one that lies already, along the first seam that joins the two. */
    private void join(Draft draft, Map<String, Placement> places) {
        Set<String> laid = new HashSet<>(Set.of(draft.pattern().pieces().get(0).id()));
        boolean more = true;
        while (more) {
            more = false;
            for (SeamJoin seam : draft.pattern().seams()) {
                String a = seam.a().piece();
                String b = seam.b().piece();
                if (laid.contains(a) != laid.contains(b)) {
                    boolean forth = laid.contains(a);
                    places.put(forth ? b : a, closed(draft, forth ? seam.a() : seam.b(), places.get(forth ? a : b), forth ? seam.b() : seam.a()));
                    laid.add(forth ? b : a);
                    more = true;
                }
            }
        }
    }

    private Placement closed(Draft draft, SeamJoin.Ref lies, Placement partner, SeamJoin.Ref comes) {
        Path a = draft.pattern().edge(lies).path();
        boolean down = a.start().y() <= a.end().y();
        Path near = partner.of(down ? a : a.reversed());
        // Outlines run clockwise: sewn edges run against each other.
        Path far = down ? draft.pattern().edge(comes).path().reversed() : draft.pattern().edge(comes).path();
        return this == ABOVE ? Placement.onto(far.start(), along(far, 0), near.start(), along(near, 0))
                : Placement.onto(far.end(), along(far, far.length() - ALONG), near.end(), along(near, near.length() - ALONG));
    }

    private static Vec along(Path path, double from) {
        Point start = path.at(from).point();
        return start.to(path.at(from + ALONG).point()).unit();
    }
}
