package bathyra.panel;

import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Walks an edge against the edge it is sewn to (C7.3): the marks are moved up or down, outwards from the anchor, until
 * every stretch between two marks is as long as its partner.
 */
final class Walking {
    private static final int ROUNDS = 40;

    private Walking() {}

    /** The walked edge and how far its worst stretch still is from its partner, mm. */
    record Walked(SeamEdge edge, double residual) {}

    static Walked against(SeamEdge partner, Map<Level, Point> start, Level anchor, Course asked) {
        Course course = asked.fittedTo(start);
        List<Level> levels = new ArrayList<>(new EnumMap<>(start).keySet());
        Map<Level, Point> nodes = new EnumMap<>(start);
        SeamEdge edge = SeamEdge.through(nodes, course);
        double residual = residual(partner, edge, levels);
        for (int round = 0; round < ROUNDS && residual > Tolerance.WALK; round++) {
            step(partner, edge, levels, nodes, levels.indexOf(anchor));
            edge = SeamEdge.through(nodes, course);
            residual = residual(partner, edge, levels);
        }
        return new Walked(edge, residual);
    }

    /** One Newton step a stretch: moving a mark by dy changes the stretch by about dy × drop ÷ length. */
    private static void step(SeamEdge partner, SeamEdge edge, List<Level> levels, Map<Level, Point> nodes, int anchor) {
        double[] drop = new double[levels.size() - 1];
        for (int i = 0; i < drop.length; i++) {
            Level above = levels.get(i);
            Level below = levels.get(i + 1);
            double length = edge.stretch(above, below);
            double dy = nodes.get(below).y() - nodes.get(above).y();
            double wanted = partner.stretch(above, below);
            double change = (wanted - length) * length / Math.max(dy, length / 3);
            drop[i] = Math.max(dy + change, dy / 2);
        }
        for (int i = anchor; i < drop.length; i++) {
            shift(nodes, levels.get(i + 1), nodes.get(levels.get(i)).y() + drop[i]);
        }
        for (int i = anchor - 1; i >= 0; i--) {
            shift(nodes, levels.get(i), nodes.get(levels.get(i + 1)).y() - drop[i]);
        }
    }

    private static void shift(Map<Level, Point> nodes, Level level, double y) {
        nodes.put(level, new Point(nodes.get(level).x(), y));
    }

    private static double residual(SeamEdge partner, SeamEdge edge, List<Level> levels) {
        double worst = 0;
        for (int i = 0; i + 1 < levels.size(); i++) {
            worst = Math.max(
                    worst,
                    Math.abs(partner.stretch(levels.get(i), levels.get(i + 1))
                            - edge.stretch(levels.get(i), levels.get(i + 1))));
        }
        return worst;
    }
}
