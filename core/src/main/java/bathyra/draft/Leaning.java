package bathyra.draft;

import bathyra.garment.Commission;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * An estimate on which a draft leans, and what it would do to the draft if it were wrong (C2).
 *
 * @param girths by level, how much the whole pattern girth moves when the estimate is {@link #WRONG} too small; only levels that move
 * @param edges how far the edge of a panel moves at the most, mm
 */
public record Leaning(MeasurementKey key, Reckoned estimate, Map<Level, Double> girths, double edges) {
    /** So wrong is a tape easily, and an estimate more easily still. */
    public static final Length WRONG = Length.mm(10);

    private static final double STILL = 0.05;

    public Leaning {
        girths = Map.copyOf(girths);
    }

    /** How much the girth moves that moves most. */
    public double worstGirth() {
        return girths.values().stream().mapToDouble(Math::abs).max().orElse(0);
    }

    /**
     * Every estimate on which a draft leans, the one that moves most first. Each is tried: the commission is drafted again with
     * the figure taken {@link #WRONG} larger, or smaller where that gives no draft.
     */
    public static List<Leaning> of(Draft draft) {
        List<Leaning> leanings = new ArrayList<>();
        Commission commission = draft.commission();
        for (MeasurementKey key : Drafter.needs(commission.garment())) {
            if (!commission.measurements().isTaken(key)) {
                commission.measurements().find(key).ifPresent(estimate -> tried(commission, key, estimate)
                        .ifPresent(other -> leanings.add(compare(draft, other, key, estimate))));
            }
        }
        leanings.sort(Comparator.comparingDouble((Leaning l) -> Math.max(l.worstGirth(), l.edges()))
                .reversed());
        return leanings;
    }

    private static Optional<Draft> tried(Commission commission, MeasurementKey key, Reckoned estimate) {
        return with(commission, key, estimate.value() + WRONG.millimetres())
                .or(() -> with(commission, key, estimate.value() - WRONG.millimetres()));
    }

    private static Optional<Draft> with(Commission commission, MeasurementKey key, double value) {
        return Drafter.draft(commission.withMeasurements(
                                commission.measurements().with(key, Length.mm(value))))
                        instanceof Draft draft
                ? Optional.of(draft)
                : Optional.empty();
    }

    private static Leaning compare(Draft draft, Draft other, MeasurementKey key, Reckoned estimate) {
        Map<Level, Double> girths = new EnumMap<>(Level.class);
        for (LevelPlan plan : draft.girths().levels()) {
            double moved = other.girths().at(plan.level()).pattern().value()
                    - plan.pattern().value();
            if (Math.abs(moved) > STILL) {
                girths.put(plan.level(), moved);
            }
        }
        double edges = 0;
        for (Piece piece : draft.pattern().pieces()) {
            Piece moved = other.pattern().piece(piece.id());
            for (LevelMark mark : piece.levelMarks()) {
                LevelMark there = moved.mark(mark.level()).orElseThrow();
                edges = Math.max(
                        edges,
                        Math.max(mark.from().distance(there.from()), mark.to().distance(there.to())));
            }
        }
        return new Leaning(key, estimate, girths, edges);
    }
}
