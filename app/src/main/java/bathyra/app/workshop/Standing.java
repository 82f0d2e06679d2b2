package bathyra.app.workshop;

import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.finding.Finding;
import bathyra.fitting.Fitting;
import bathyra.garment.Commission;
import bathyra.measure.Plausibility;
import bathyra.measure.Remark;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * How each stage of a commission stands: what is missing or to be looked at there, in a few words.
 *
 * @param draft what the figures as they are give; empty when they give none
 * @param block the whole block with shoulders, or why there is none; empty while it is being drafted. Asked for only when it is looked at
 * @param bones how many of its bones and hardware need a look. Asked for only when it is looked at
 */
public record Standing(
        Commission commission,
        Optional<Draft> draft,
        Supplier<Optional<BlockDrafter.Drafted>> block,
        LongSupplier bones) {
    public static Standing of(Commission commission, Outcome outcome) {
        Optional<Draft> draft = outcome instanceof Draft good ? Optional.of(good) : Optional.empty();
        return new Standing(
                commission,
                draft,
                () -> Optional.of(BlockDrafter.draft(commission.measurements(), commission.garment())),
                () -> draft.map(d -> toLookAt(BonePlan.of(d))).orElse(0L));
    }

    /** How many findings on bones and hardware do not hold. */
    static long toLookAt(Bones bones) {
        return bones.findings().stream()
                .filter(f -> f.status() != Finding.Status.OK)
                .count();
    }

    /** What is to be looked at on a stage; empty when it is done. */
    public String at(Stage stage) {
        return switch (stage) {
            case MEASURE -> {
                int missing = Drafter.missing(commission.measurements(), commission.garment())
                        .size();
                long notes = Plausibility.of(commission.measurements()).stream()
                        .filter(r -> r.weight() != Remark.Weight.HOLDS)
                        .count();
                yield missing > 0 ? missing + " missing" : count(notes);
            }
            // A corset is drafted on its levels: the block beside it is there to be looked at, and misses nothing.
            case BLOCK ->
                commission.garment().kind().isPanelled()
                        ? ""
                        : block.get().map(Standing::words).orElse("");
            case BONES -> draft.map(d -> count(bones.getAsLong())).orElse("no draft");
            case FIT, LAY -> draft.isPresent() ? "" : "no draft";
            case FITTINGS -> {
                long open =
                        commission.fittings().stream().mapToLong(Fitting::open).sum();
                yield draft.isEmpty() ? "no draft" : open == 0 ? "" : open + " open";
            }
            case MAKING ->
                draft.isEmpty() ? "no draft" : commission.plan().due().isEmpty() ? "no dates" : "";
            case GIRTHS, SEAMS, CUPS, EDGES, PIECES ->
                draft.map(d -> count(notes(d, stage))).orElse("no draft");
        };
    }

    private static String words(BlockDrafter.Drafted block) {
        return block.drawing().isPresent()
                ? count(block.with(Finding.Status.NOTE).size())
                : block.missing().isEmpty() ? "no shoulders" : block.missing().size() + " missing";
    }

    /** The stages that need a look, in one line for the list of commissions; the others are done. What has no day yet stands empty there. */
    public String line() {
        String open = Arrays.stream(Stage.values())
                .filter(stage -> stage != Stage.MAKING && !at(stage).isEmpty())
                .map(stage -> stage.label() + " " + at(stage))
                .collect(Collectors.joining(" · "));
        boolean all = Arrays.stream(Stage.values()).noneMatch(stage -> at(stage).isEmpty());
        return open.isEmpty() ? "every stage done" : all ? open : open + " · the rest done";
    }

    private static long notes(Draft draft, Stage stage) {
        return draft.with(Finding.Status.NOTE).stream()
                .filter(f -> Stage.of(f.kind().step()) == stage)
                .count();
    }

    private static String count(long number) {
        return number == 0 ? "" : number + (number == 1 ? " note" : " notes");
    }
}
