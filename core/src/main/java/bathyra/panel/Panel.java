package bathyra.panel;

import bathyra.place.Level;

/**
 * One panel of the half, between the edge nearer centre front and the edge nearer centre back, lying in the common sheet:
 * x from centre front, waist level all along.
 */
public record Panel(SeamEdge left, SeamEdge right) {
    /** The panel's width along its (perhaps tilted) level line, mm. */
    public double width(Level level) {
        return left.nodes().get(level).distance(right.nodes().get(level));
    }
}
