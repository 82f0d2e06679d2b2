package bathyra.cutting;

import bathyra.geometry.Point;
import bathyra.intake.SeamAxes;
import bathyra.panel.PanelSet;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Optional;

/**
 * The seam over the apex, on paper.
 *
 * @param seam the name of its edges
 * @param inner the sheet before it, nearer centre front
 * @param outer the sheet behind it
 * @param atInner the apex on the sheet before it
 * @param atOuter the apex on the sheet behind it
 * @param besideInner the other end of the bust line of the sheet before it; an edge may have cut it off
 * @param besideOuter the same of the sheet behind it
 */
public record Apex(
        String seam, String inner, String outer, Point atInner, Point atOuter, Point besideInner, Point besideOuter) {

    /** Finds it; empty when no seam passes through the apex. */
    static Optional<Apex> of(PaperPattern pattern, PanelSet set, SeamAxes axes, double bust) {
        for (int i = 0; i + 1 < set.panels().size(); i++) {
            SeamPlace seam = axes.axes().get(i).seam();
            if (axes.isThroughApex(seam, bust)) {
                return Optional.of(new Apex(
                        seam.id(),
                        pattern.sheets().get(i).id(),
                        pattern.sheets().get(i + 1).id(),
                        set.panels().get(i).right().nodes().get(Level.BUST),
                        set.panels().get(i + 1).left().nodes().get(Level.BUST),
                        set.panels().get(i).left().nodes().get(Level.BUST),
                        set.panels().get(i + 1).right().nodes().get(Level.BUST)));
            }
        }
        return Optional.empty();
    }

    /** The same seam on sheets that have been worked on: the apex is where it was, on the edge as it now runs. */
    Apex on(PaperPattern pattern) {
        return new Apex(
                seam,
                inner,
                outer,
                nearest(pattern.sheet(inner), atInner),
                nearest(pattern.sheet(outer), atOuter),
                besideInner,
                besideOuter);
    }

    /** The long edge of a sheet on the other side of it: centre front, the side or the next seam. */
    OutlineEdge across(Sheet sheet) {
        return sheet.outline().stream()
                .filter(e -> e.kind() != OutlineEdge.Kind.EDGE
                        && !e.name().equals(seam)
                        && !e.role().isYoke()
                        && !e.role().isCup()
                        && e.role() != EdgeRole.SHOULDER)
                .findFirst()
                .orElseThrow();
    }

    private Point nearest(Sheet sheet, Point point) {
        return sheet.edge(seam).path().nearest(point).point();
    }
}
