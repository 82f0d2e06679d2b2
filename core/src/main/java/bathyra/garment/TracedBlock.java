package bathyra.garment;

import bathyra.geometry.Point;
import java.util.List;
import java.util.Map;

/**
 * A block that was drawn elsewhere and read from a pattern document: the corners of its two halves, each counted from its own
 * centre line and the neck end of its shoulder, x towards the side, y down.
 */
public record TracedBlock(String title, TracedHalf front, TracedHalf back) {

    /**
     * One half.
     *
     * @param neck where the neck meets the centre line
     * @param shoulder from the neck end to the tip, with the legs and the tip of a dart between if there is one
     * @param armhole some points between tip and underarm
     * @param side from the underarm to the hem, without the mouth of a dart in it
     * @param sideDart upper mouth, tip and lower mouth of a dart that opens in the side; nothing without one
     * @param aboveDart how many corners of the side lie above that dart
     * @param centre from the hem up to below the neck
     * @param levels depth of the level lines at the centre, by their ids: chest, waist, hip
     */
    public record TracedHalf(
            Point neck,
            List<Point> shoulder,
            List<Point> armhole,
            List<Point> side,
            List<Point> sideDart,
            int aboveDart,
            List<Point> centre,
            Map<String, Double> levels) {
        public TracedHalf {
            shoulder = List.copyOf(shoulder);
            armhole = List.copyOf(armhole);
            side = List.copyOf(side);
            sideDart = List.copyOf(sideDart);
            centre = List.copyOf(centre);
            levels = Map.copyOf(levels);
        }
    }
}
