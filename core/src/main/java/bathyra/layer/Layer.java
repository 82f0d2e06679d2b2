package bathyra.layer;

import bathyra.garment.LayerKind;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.List;

/**
 * One layer of cloth: what is cut for it.
 *
 * @param turn by how much it grows at each side seam, mm
 * @param pattern its pieces, with the seams and girths as they stand in this layer; without pieces for strips
 * @param strips what is measured off for it
 */
public record Layer(LayerKind kind, double turn, Pattern pattern, List<Strip> strips) {
    public Layer {
        strips = List.copyOf(strips);
    }

    public List<Piece> pieces() {
        return pattern.pieces();
    }
}
