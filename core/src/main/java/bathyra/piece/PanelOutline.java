package bathyra.piece;

import java.util.List;

/**
 * The outline of one panel as it was drawn once, without what is written on it.
 *
 * @param panel the id of the piece that it is
 * @param edges its edges, which run clockwise on the screen
 */
public record PanelOutline(String panel, List<OutlineEdge> edges) {
    public PanelOutline {
        edges = List.copyOf(edges);
    }

    public static PanelOutline of(Piece piece) {
        return new PanelOutline(piece.id(), piece.outline());
    }
}
