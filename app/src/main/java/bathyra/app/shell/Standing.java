package bathyra.app.shell;

import bathyra.draft.BlockDrafter;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.garment.Commission;
import bathyra.measure.Plausibility;
import bathyra.measure.Remark;
import bathyra.truing.Finding;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * How each stage of a commission stands: what is missing or to be looked at there, in a few words.
 *
 * @param draft what the figures as they are give; empty when they give none
 * @param block the whole block with shoulders, or why there is none
 */
public record Standing(Commission commission, Optional<Draft> draft, BlockDrafter.Drafted block) {
    /** What is noted where the girths are spread over the seams; every other note belongs to the pieces. */
    private static final List<String> OF_SEAMS = List.of("intake-cap", "waist-reduction");

    public static Standing of(Commission commission, Outcome outcome) {
        return new Standing(commission, outcome instanceof Draft draft ? Optional.of(draft) : Optional.empty(), BlockDrafter.draft(commission.measurements(), commission.garment()));
    }

    /** What is to be looked at on a stage; empty when it is done. */
    public String at(Stage stage) {
        return switch (stage) {
            case MEASURE -> {
                int missing = Drafter.missing(commission.measurements(), commission.garment()).size();
                long notes = Plausibility.of(commission.measurements()).stream().filter(r -> r.weight() != Remark.Weight.HOLDS).count();
                yield missing > 0 ? missing + " missing" : count(notes);
            }
            case BLOCK -> block.drawing().isPresent() ? count(block.with(Finding.Status.NOTE).size()) : block.missing().isEmpty() ? "no shoulders" : block.missing().size() + " missing";
            case SEAMS -> draft.map(d -> count(notes(d, true))).orElse("no draft");
            case PIECES -> draft.map(d -> count(notes(d, false))).orElse("no draft");
        };
    }

    /** All stages in one line, for the list of commissions. */
    public String line() {
        return Arrays.stream(Stage.values()).map(stage -> stage.label() + " " + (at(stage).isEmpty() ? "done" : at(stage))).collect(Collectors.joining(" · "));
    }

    private static long notes(Draft draft, boolean ofSeams) {
        return draft.with(Finding.Status.NOTE).stream().filter(f -> OF_SEAMS.contains(f.id()) == ofSeams).count();
    }

    private static String count(long number) {
        return number == 0 ? "" : number + (number == 1 ? " note" : " notes");
    }
}
