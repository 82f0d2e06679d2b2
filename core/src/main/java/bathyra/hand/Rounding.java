package bathyra.hand;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a tape's division costs when all pieces are drawn by it, found on the pieces as they would be drawn, mm (C24).
 *
 * @param seams by how much each edge would be longer, by piece and edge
 * @param levels by how much the half would be wider at each level, by the level's name
 */
public record Rounding(Map<String, Double> seams, Map<String, Double> levels) {
    public Rounding {
        seams = Map.copyOf(seams);
        levels = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(levels));
    }

    public static Rounding of(List<HandPiece> pieces, Division division) {
        Map<String, Double> seams = new LinkedHashMap<>();
        Map<String, Double> levels = new LinkedHashMap<>();
        for (HandPiece hand : pieces) {
            Redrawn drawn = Redrawn.of(hand.offsets().rounded(division));
            hand.piece()
                    .outline()
                    .forEach(e -> seams.put(
                            hand.piece().id() + " " + e.name(),
                            drawn.edges().get(e.name()).length() - e.path().length()));
            for (HandPiece.Row row : hand.rows()) {
                if (row.level().isPresent() && row.across().isPresent()) {
                    double rounded = division.rounded(row.left().orElseThrow())
                            + division.rounded(row.right().orElseThrow());
                    levels.merge(row.level().get(), rounded - row.across().get(), Double::sum);
                }
            }
        }
        return new Rounding(seams, levels);
    }

    /** The edge that would be out by most, mm. */
    public double worstSeam() {
        return seams.values().stream().mapToDouble(Math::abs).max().orElse(0);
    }

    /** The level that would be out by most, with its name. */
    public java.util.Optional<Map.Entry<String, Double>> worstLevel() {
        return levels.entrySet().stream().max(java.util.Comparator.comparingDouble(e -> Math.abs(e.getValue())));
    }
}
