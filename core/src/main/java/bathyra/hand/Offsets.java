package bathyra.hand;

import java.util.List;

/**
 * A piece as figures, mm: from its grain to the right (left is negative) and up from its waist. Who has these and nothing else can draw it.
 *
 * @param corners clockwise, the upper left first; each is where an edge begins
 * @param heights what lies left and right of the grain at a height
 * @param ordinates of edges too flat for heights, from the chord between their corners, in their order along the edge
 */
public record Offsets(String piece, List<Corner> corners, List<Height> heights, List<Ordinate> ordinates) {
    /** A corner. @param edge that begins in it */
    public record Corner(String edge, double right, double up) {}

    /** A point on the left or right side at a height. @param out from the grain, positive on its own side */
    public record Height(double up, boolean left, double out) {
        /** Right of the grain, mm. */
        double right() {
            return left ? -out : out;
        }
    }

    /** A point beside the chord of an edge. @param along the chord from the corner in which the edge begins @param out to its left, as one goes round: out of the piece */
    public record Ordinate(String edge, double along, double out) {}

    public Offsets {
        corners = List.copyOf(corners);
        heights = List.copyOf(heights);
        ordinates = List.copyOf(ordinates);
    }

    /** The same figures as a tape gives them. */
    public Offsets rounded(Division division) {
        return new Offsets(
                piece,
                corners.stream()
                        .map(c -> new Corner(c.edge, division.rounded(c.right), division.rounded(c.up)))
                        .toList(),
                heights.stream()
                        .map(h -> new Height(division.rounded(h.up), h.left, division.rounded(h.out)))
                        .toList(),
                ordinates.stream()
                        .map(o -> new Ordinate(o.edge, division.rounded(o.along), division.rounded(o.out)))
                        .toList());
    }

    /** The same figures at another size, for practice. */
    public Offsets times(double factor) {
        return new Offsets(
                piece,
                corners.stream()
                        .map(c -> new Corner(c.edge, c.right * factor, c.up * factor))
                        .toList(),
                heights.stream()
                        .map(h -> new Height(h.up * factor, h.left, h.out * factor))
                        .toList(),
                ordinates.stream()
                        .map(o -> new Ordinate(o.edge, o.along * factor, o.out * factor))
                        .toList());
    }
}
