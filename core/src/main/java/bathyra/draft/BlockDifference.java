package bathyra.draft;

import bathyra.block.BlockDrawing;
import bathyra.block.BlockPoint;
import bathyra.block.DraftingMethod;
import bathyra.block.Half;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How two blocks of one body differ, by the points that both name. */
public final class BlockDifference {
    private static final double PROBE = 10;
    private static final double LEAST = 0.05;

    private BlockDifference() {}

    /**
     * A point that lies elsewhere in the other block.
     *
     * @param across mm by which it lies farther from the centre in the other
     * @param down mm by which it lies lower in the other
     */
    public record Row(Half half, String name, String label, double across, double down) {
        public double apart() {
            return Math.hypot(across, down);
        }
    }

    /** Every point that both have and that moves, the farthest first. */
    public static List<Row> between(BlockDrawing one, BlockDrawing other) {
        List<Row> rows = new ArrayList<>();
        for (Half half : Half.values()) {
            Set<String> names = new LinkedHashSet<>(one.points().stream()
                    .filter(p -> p.half() == half)
                    .map(BlockPoint::name)
                    .toList());
            for (String name : names) {
                BlockPoint here = one.last(half, name).orElseThrow();
                other.last(half, name)
                        .map(there -> new Row(
                                half,
                                name,
                                here.label(),
                                there.at().x() - here.at().x(),
                                there.at().y() - here.at().y()))
                        .filter(row -> row.apart() > LEAST)
                        .ifPresent(rows::add);
            }
        }
        return rows.stream()
                .sorted(Comparator.comparingDouble(Row::apart).reversed())
                .toList();
    }

    /**
     * The measurement that explains each difference: the one that changes it most when it is a centimetre larger. A difference
     * that none changes, because the schools set different fixed figures, is not in the answer.
     */
    public static Map<Row, MeasurementKey> explain(MeasurementSet set, Garment one, Garment other, List<Row> rows) {
        Set<MeasurementKey> keys = new LinkedHashSet<>(DraftingMethod.of(one).drawingNeeds(one));
        keys.addAll(DraftingMethod.of(other).drawingNeeds(other));
        Map<Row, MeasurementKey> most = new HashMap<>();
        Map<Row, Double> change = new HashMap<>();
        for (MeasurementKey key : keys) {
            Optional<Length> value = set.find(key).map(v -> Length.mm(v.value() + PROBE));
            if (value.isEmpty()) {
                continue;
            }
            MeasurementSet probed = set.with(key, value.get());
            Optional<BlockDrawing> here = probe(probed, one);
            Optional<BlockDrawing> there = probe(probed, other);
            if (here.isPresent() && there.isPresent()) {
                for (Row row : rows) {
                    double by = moved(row, here.get(), there.get());
                    if (by > change.getOrDefault(row, LEAST)) {
                        change.put(row, by);
                        most.put(row, key);
                    }
                }
            }
        }
        return most;
    }

    /** A block that is only measured: its checks are left out. */
    private static Optional<BlockDrawing> probe(MeasurementSet set, Garment garment) {
        DraftingMethod method = DraftingMethod.of(garment);
        if (!BlockDrafter.missing(method, set, garment).isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(method.drawing(set, garment));
        } catch (NotDraftable e) {
            return Optional.empty();
        }
    }

    /** By how much a difference is another one on other figures, mm. */
    private static double moved(Row row, BlockDrawing one, BlockDrawing other) {
        return one.last(row.half(), row.name())
                .flatMap(here -> other.last(row.half(), row.name())
                        .map(there -> Math.hypot(
                                there.at().x() - here.at().x() - row.across(),
                                there.at().y() - here.at().y() - row.down())))
                .orElse(0.0);
    }
}
