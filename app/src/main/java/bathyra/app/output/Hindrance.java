package bathyra.app.output;

import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.sheet.PrintScale;
import bathyra.finding.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Why something cannot be put out of the commission in hand, and what to do about it. @param drawings of the draft, which there is */
record Hindrance(Workshop workshop, Manner manner, PrintScale scale, Function<Manner, Drawings> drawings) {
    /** Empty when it can be put out. */
    Optional<String> to(OutputKind kind) {
        if (kind.source() == OutputKind.Source.DRAFT
                && (workshop.draft().isEmpty() || workshop.refusal().isPresent())) {
            return Optional.of("There is no finished draft to put out. Measure says what is missing.");
        }
        if (kind.source() == OutputKind.Source.DRAFT
                && kind != OutputKind.JSON
                && workshop.draft().filter(Draft::mustBeSpokenOf).isPresent()) {
            return Optional.of(
                    "The waist is drawn in past the top level. Note on the Girths stage that the wearer was told and agreed; then the pattern can be printed.");
        }
        if (kind.source() == OutputKind.Source.BLOCK
                && workshop.block().drawing().isEmpty()) {
            return Optional.of("There is no block to put out. The Block stage says what is missing.");
        }
        if (kind == OutputKind.PAPER_MODEL
                && workshop.draft().filter(d -> d.cutting().apex().isPresent()).isEmpty()) {
            return Optional.of("There is no cup to fold: no seam passes over the apex.");
        }
        boolean compares = kind == OutputKind.FITTING_SLIPS || kind == OutputKind.OLD_OVER_NEW;
        if (compares && workshop.commission().adjustments().isEmpty()) {
            return Optional.of(
                    "The draft follows no fitting yet, so there is no former one. On Fittings a draft is made from what was agreed.");
        }
        if ((kind == OutputKind.FITTING_RECORD || kind == OutputKind.FITTING_CSV)
                && workshop.commission().fittings().isEmpty()) {
            return Optional.of("There is no fitting on record. Begin one on the Fittings stage.");
        }
        if (kind == OutputKind.CALENDAR && workshop.commission().plan().due().isEmpty()) {
            return Optional.of("There is no due day to plan back from. Type it on the Making stage.");
        }
        return kind.isPattern() ? onPieces(kind) : Optional.empty();
    }

    private Optional<String> onPieces(OutputKind kind) {
        Drawings drawn = drawings.apply(manner);
        CuttingPlan plan = drawn.plan();
        if (plan.layers().isEmpty()) {
            return Optional.of("Every layer is left out. Choose on the Output page which layers go out.");
        }
        List<Finding> faults = new ArrayList<>(drawn.faults());
        if (kind == OutputKind.PATTERN && manner.paper().roll()) {
            faults.addAll(PatternFiles.tooWide(
                    plan,
                    manner.paper().acrossRoll(scale).orElseThrow()
                            / manner.size().factor()));
        } else if (kind == OutputKind.PLOT || kind == OutputKind.SEND) {
            faults.addAll(PatternFiles.tooWide(plan, HpglPattern.ROLL));
        }
        return faults.isEmpty()
                ? Optional.empty()
                : Optional.of(faults.get(0).sentence().in(workshop.unit()));
    }
}
