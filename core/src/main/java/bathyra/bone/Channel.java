package bathyra.bone;

import bathyra.garment.BoneKind;
import bathyra.geometry.Path;
import bathyra.reckon.Reckoned;
import java.util.List;

/**
 * A channel that takes a bone.
 *
 * @param id what it is called in choices and files
 * @param label what it is called on the screen
 * @param place by which rule it lies there
 * @param runs where it lies on the pieces: on a seam half of it on either piece
 * @param width of the channel itself, mm: the bone and what its stitching needs
 * @param kind of the bone in it
 * @param count how many the whole garment has
 * @param finished the channel's own length
 * @param cut how long its bone is cut
 * @param byHand whether the cutter placed it
 */
public record Channel(
        String id,
        String label,
        Place place,
        List<Run> runs,
        double width,
        BoneKind kind,
        int count,
        Reckoned finished,
        Reckoned cut,
        boolean byHand) {
    /** Where a channel lies. */
    public enum Place {
        SEAM,
        LACING,
        CENTRE_FRONT,
        BESIDE_ZIP,
        PANEL
    }

    /**
     * The part of a channel on one piece.
     *
     * @param path its middle line from the top down; on a seam the sewing line itself
     * @param half which half of it lies on the piece: 0 the whole, 1 the half to the right of the path as it runs, −1 to the left
     */
    public record Run(String piece, Path path, int half) {}

    public Channel {
        runs = List.copyOf(runs);
    }
}
