package bathyra.app.seams;

import bathyra.app.table.Joining;
import bathyra.app.table.Placement;
import bathyra.draft.Draft;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.panel.Panel;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How the panels lie on the table of the Seams stage.
 *
 * @param together the level at which the panels are pushed together; empty where they lie on their axes with the intakes between them
 * @param whole whether the other half is drawn too, mirrored
 * @param joined whether the seams are closed at their upper or lower ends, so that the edge there is seen to run through
 */
record Lie(Optional<Level> together, boolean whole, Joining joined) {
    static final Lie ON_AXES = new Lie(Optional.empty(), false, Joining.APART);

    /** Where each panel lies, from centre front on. */
    List<Placement> places(Draft draft) {
        List<Placement> places = new ArrayList<>();
        if (joined != Joining.APART) {
            Map<String, Placement> joinedPlaces = joined.placePanels(draft);
            draft.panelPieces().forEach(piece -> places.add(joinedPlaces.get(piece.id())));
            return places;
        }
        Point end = null;
        for (Panel panel : draft.panels().panels()) {
            Placement place = Placement.moved(new Vec(0, 0));
            if (level(draft).isPresent() && end != null) {
                place = Placement.moved(
                        panel.left().nodes().get(level(draft).get()).to(end));
            }
            places.add(place);
            if (level(draft).isPresent()) {
                end = place.of(panel.right().nodes().get(level(draft).get()));
            }
        }
        return places;
    }

    /** The level of the pushing together, as far as the garment has it. */
    private Optional<Level> level(Draft draft) {
        return together.filter(draft.girths()::has);
    }

    boolean isApart(Draft draft) {
        return level(draft).isEmpty() && joined == Joining.APART;
    }
}
