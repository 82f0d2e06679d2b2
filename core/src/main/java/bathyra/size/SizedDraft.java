package bathyra.size;

import bathyra.draft.Draft;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.finding.Finding;
import bathyra.garment.Commission;
import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A size as it drafts: a draft of its own, nothing is scaled.
 *
 * @param commission the design on the size's figures
 * @param borrowed figures that the chart does not have and no rule estimates, taken from the body of the design
 */
public record SizedDraft(Size size, Commission commission, Set<MeasurementKey> borrowed, Outcome outcome) {
    public SizedDraft {
        borrowed = Set.copyOf(borrowed);
    }

    public Optional<Draft> draft() {
        return outcome instanceof Draft draft ? Optional.of(draft) : Optional.empty();
    }

    /** What there is to look at, the gravest first; empty when it drafts clean. */
    public List<Sentence> notes() {
        if (outcome instanceof Refusal refusal) {
            return refusal.reasons().stream().map(Finding::sentence).toList();
        }
        return draft().orElseThrow().with(Finding.Status.NOTE).stream()
                .map(Finding::sentence)
                .toList();
    }

    /** How it drafts, in a line. */
    public String says(LengthUnit unit) {
        List<Sentence> notes = notes();
        return notes.isEmpty()
                ? "drafts clean"
                : notes.get(0).in(unit) + (notes.size() > 1 ? " And " + (notes.size() - 1) + " more." : "");
    }
}
