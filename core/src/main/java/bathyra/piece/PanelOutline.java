package bathyra.piece;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import java.util.List;

/**
 * The outline of one panel as it was drawn once, without what is written on it.
 *
 * @param panel the id of the piece that it is
 * @param edges its edges, which run clockwise on the screen
 */
public record PanelOutline(String panel, List<OutlineEdge> edges) {
    /** Every edge is looked at in so many places and its start. */
    private static final int LOOKED_AT = 16;

    public PanelOutline {
        edges = List.copyOf(edges);
    }

    public static PanelOutline of(Piece piece) {
        return new PanelOutline(piece.id(), piece.outline());
    }

    /** Whether it is the same outline, wherever it lies in its draft. @param tolerance mm */
    public boolean isAs(PanelOutline other, double tolerance) {
        if (edges.size() != other.edges.size()) {
            return false;
        }
        Vec apart = other.start().to(start());
        for (int i = 0; i < edges.size(); i++) {
            Path here = edges.get(i).path();
            Path there = other.edges.get(i).path().moved(apart);
            for (int step = 0; step <= LOOKED_AT; step++) {
                double share = (double) step / LOOKED_AT;
                if (here.at(here.length() * share)
                                .point()
                                .distance(there.at(there.length() * share).point())
                        > tolerance) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Where its first edge begins. */
    public Point start() {
        return edges.get(0).path().start();
    }
}
