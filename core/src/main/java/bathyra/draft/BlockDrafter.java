package bathyra.draft;

import bathyra.block.BlockDrawing;
import bathyra.block.BlockTruing;
import bathyra.block.DraftingMethod;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Plausibility;
import bathyra.measure.Remark;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Drafts the whole block with shoulders by the school of a garment, and checks it (C4, C11). */
public final class BlockDrafter {
    private BlockDrafter() {}

    /**
     * A block and what is to be said of it.
     *
     * @param drawing empty when there is none; then the findings say why
     * @param missing what has to be measured first
     */
    public record Drafted(Optional<BlockDrawing> drawing, List<MeasurementKey> missing, List<Finding> findings) {
        public List<Finding> with(Finding.Status status) {
            return findings.stream().filter(f -> f.status() == status).toList();
        }
    }

    /** It always answers: what is thrown inside is a finding that says so. */
    public static Drafted draft(MeasurementSet set, Garment garment) {
        try {
            return drafted(set, garment);
        } catch (RuntimeException | StackOverflowError e) {
            return new Drafted(Optional.empty(), List.of(), Refusal.program(e).reasons());
        }
    }

    private static Drafted drafted(MeasurementSet set, Garment garment) {
        DraftingMethod method = DraftingMethod.of(garment);
        List<MeasurementKey> missing = missing(method, set, garment);
        if (!missing.isEmpty()) {
            return new Drafted(
                    Optional.empty(),
                    missing,
                    missing.stream()
                            .map(key -> Finding.of(
                                    FindingKind.MEASUREMENT,
                                    key.key(),
                                    Finding.Status.FAULT,
                                    0,
                                    0,
                                    Sentence.of(
                                            "{} is absent and the {} needs it. Take it: {}",
                                            key.label(),
                                            method.method().label().toLowerCase(Locale.ROOT),
                                            key.hint())))
                            .toList());
        }
        List<Finding> contradictions = Plausibility.of(set).stream()
                .filter(r -> r.weight() == Remark.Weight.STOPS)
                .map(r -> Finding.of(
                        FindingKind.MEASUREMENT, r.keys().get(0).key(), Finding.Status.FAULT, 0, 0, r.sentence()))
                .toList();
        if (!contradictions.isEmpty()) {
            return new Drafted(Optional.empty(), List.of(), contradictions);
        }
        try {
            BlockDrawing drawing = method.drawing(set, garment);
            List<Finding> findings = new ArrayList<>(BlockTruing.look(drawing));
            findings.addAll(drawing.notes().stream().distinct().toList());
            boolean sound = findings.stream().noneMatch(f -> f.status() == Finding.Status.FAULT);
            return new Drafted(sound ? Optional.of(drawing) : Optional.empty(), List.of(), findings);
        } catch (NotDraftable e) {
            return new Drafted(Optional.empty(), List.of(), e.reasons());
        }
    }

    /** What a school needs for its block with shoulders and does not find. */
    public static List<MeasurementKey> missing(DraftingMethod method, MeasurementSet set, Garment garment) {
        return method.drawingNeeds(garment).stream()
                .filter(key -> set.find(key).isEmpty())
                .toList();
    }
}
