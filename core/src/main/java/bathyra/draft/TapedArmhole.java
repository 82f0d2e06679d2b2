package bathyra.draft;

import bathyra.block.Block;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.EdgeRole;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Rule;
import java.util.List;
import java.util.Optional;

/**
 * Brings the armhole to the tape that was laid round the arm, where one was (C6.3): the underarm is set higher or lower until the finished
 * armhole measures what the tape does, as far as bust line and shoulder leave room; what is left over is said.
 */
final class TapedArmhole {
    static final Rule RULE = Rule.of("C18", "the armhole tape wins");
    /** Nearer is near enough, mm. */
    private static final double NEAR = 0.5;

    private static final int TRIALS = 7;
    /** The underarm stays so far above the bust line, mm, and so far under the tip of the shoulder. */
    private static final double ABOVE_BUST = 12;

    private static final double UNDER_SHOULDER = 110;

    private TapedArmhole() {}

    /** Drafts the panels on a block. */
    interface Drafting {
        Drawn on(Block block) throws NotDraftable;
    }

    private static boolean isAsked(MeasurementSet tape, Garment garment) {
        return garment.top().cover() == Cover.SHOULDERS && tape.isTaken(MeasurementKey.ARMHOLE);
    }

    private static double tape(MeasurementSet tape) {
        return tape.find(MeasurementKey.ARMHOLE).orElseThrow().value();
    }

    /**
     * The panels on a block whose underarm has been set so that the armhole is the tape's.
     *
     * @throws NotDraftable when nothing can be drafted on the block as its school draws it
     */
    static Drawn drawn(MeasurementSet tape, Garment garment, Block block, Drafting drafting) throws NotDraftable {
        Drawn best = drafting.on(block);
        if (!isAsked(tape, garment)) {
            return best;
        }
        double upper = block.front(Level.UPPER);
        double highest = Math.min(0, UNDER_SHOULDER - upper);
        double lowest = Math.max(0, block.front(Level.BUST) - ABOVE_BUST - upper);
        double before = 0;
        double offBefore = armhole(best) - tape(tape);
        double off = offBefore;
        double by = -offBefore / 2;
        for (int trial = 0; trial < TRIALS && Math.abs(off) > NEAR; trial++) {
            by = Math.max(highest, Math.min(lowest, by));
            Drawn next;
            try {
                next = drafting.on(block.withUnderarmLowered(
                        Given.option("Underarm by the armhole tape", by, Quantity.LENGTH, "the armhole tape", RULE)));
            } catch (NotDraftable e) {
                by = (by + before) / 2;
                continue;
            }
            double now = armhole(next) - tape(tape);
            if (Math.abs(now) < Math.abs(off)) {
                best = next.withUnderarmLowered(by);
                off = now;
            }
            double slope = (now - offBefore) / (by - before);
            if (by == before || slope == 0 || !Double.isFinite(slope)) {
                break;
            }
            before = by;
            offBefore = now;
            by -= now / slope;
        }
        return best;
    }

    private static double armhole(Drawn drawn) {
        return drawn.cutting().pattern().sheets().stream()
                .flatMap(s -> s.outline().stream())
                .filter(e -> e.role() == EdgeRole.ARMHOLE)
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    /** What is said of it; the underarm is never moved silently. @param lowered by how much it lies lower than the school has it, mm @param pieces of one half */
    static Optional<Finding> on(MeasurementSet tape, Garment garment, double lowered, List<Piece> pieces) {
        if (!isAsked(tape, garment)) {
            return Optional.empty();
        }
        double asked = tape(tape);
        double drawn = pieces.stream()
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.role() == EdgeRole.ARMHOLE)
                .mapToDouble(e -> e.path().length())
                .sum();
        double off = drawn - asked;
        boolean holds = Math.abs(off) <= Tolerance.ARMHOLE;
        return Optional.of(Finding.of(
                FindingKind.ARMHOLE,
                MeasurementKey.ARMHOLE.key(),
                holds ? Finding.Status.OK : Finding.Status.NOTE,
                Math.abs(off),
                Tolerance.ARMHOLE,
                holds
                        ? Sentence.of(
                                "The armhole measures {} round, as the tape does; for that the underarm lies {} "
                                        + (lowered > 0 ? "lower" : "higher")
                                        + " than the school has it.",
                                Length.mm(drawn),
                                Length.mm(Math.abs(lowered)))
                        : Sentence.of(
                                "The armhole measures {} round, {} "
                                        + (off > 0 ? "more" : "less")
                                        + " than the tape, and under this shoulder and over this bust the underarm does not bring it nearer. Take {}, {} and {} again.",
                                Length.mm(drawn),
                                Length.mm(Math.abs(off)),
                                MeasurementKey.ARMHOLE,
                                MeasurementKey.SHOULDER_WIDTH,
                                MeasurementKey.SHOULDER_TO_APEX)));
    }
}
