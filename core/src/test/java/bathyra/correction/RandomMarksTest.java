package bathyra.correction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.FoldRun;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Random marks on random garments: drafted, or left open with the reason (C15.2). */
class RandomMarksTest {
    private static final int SETS = Sample.of(3000, 20);

    private static <T> T any(Random random, T[] all) {
        return all[random.nextInt(all.length)];
    }

    private static Garment garment(Random random) {
        GarmentKind kind = any(random, GarmentKind.values());
        Garment garment = Garment.of(kind).withLowerEdge(any(random, LowerShape.values()));
        garment = garment.withFastening(garment.fastening().with(any(random, Closure.values())));
        if (kind.isPanelled()) {
            garment = garment.withPanels(Panels.of(3 + random.nextInt(4), any(random, SeamPlacing.values())));
        }
        if (kind == GarmentKind.BUSTIER && random.nextInt(3) == 0) {
            garment = garment.withTop(Top.STRAPLESS.withCover(any(random, Cover.values())));
        }
        return kind.isOverBust() ? garment.withUpperEdge(any(random, UpperShape.values())) : garment;
    }

    private static Spot spot(Random random, Garment garment) {
        return new Spot(
                Length.mm(random.nextInt(320) - 140),
                random.nextDouble(),
                random.nextInt(4) == 0
                        ? Optional.empty()
                        : Optional.of(garment.seams()
                                .get(random.nextInt(garment.seams().size()))),
                random.nextInt(3) == 0 ? Optional.empty() : Optional.of(any(random, Level.values())));
    }

    private static Mark mark(Random random, int number, Garment garment) {
        MarkKind kind = any(random, MarkKind.values());
        double mm = kind == MarkKind.GAP
                ? random.nextInt(110)
                : random.nextInt(24) * (kind.isSigned() && random.nextBoolean() ? -1 : 1);
        Mark mark = Mark.put(number, kind, spot(random, garment), Length.mm(mm))
                .on(random.nextInt(6) == 0 ? any(random, Side.values()) : Side.BOTH)
                .decided(any(random, Decision.values()), "");
        if (kind == MarkKind.APEX) {
            mark = mark.across(Length.mm(random.nextInt(13) - 6));
        }
        return kind == MarkKind.FOLD ? mark.running(any(random, FoldRun.values())) : mark;
    }

    @Test
    void everySetOfMarks_isDrafted_orLeftOpenWithAReason() {
        Random random = new Random(20);
        int looked = 0;
        int followed = 0;
        int measured = 0;
        for (int i = 0; i < SETS; i++) {
            Commission commission = Bodies.commission(Bodies.ordinary(random), garment(random));
            Fitting fitting = Fitting.begun(1, FittingKind.TOILE, Tried.DAY);
            int count = 1 + random.nextInt(6);
            for (int k = 1; k <= count; k++) {
                fitting = fitting.with(mark(random, k, commission.garment()));
            }
            Optional<Proposal> made = Proposal.of(commission, fitting);
            if (made.isEmpty()) {
                assertThat(Drafter.draft(commission)).isNotInstanceOf(Draft.class);
                continue;
            }
            looked++;
            Proposal proposal = made.get();
            Finished.holds(proposal.draft());
            for (Mark mark : fitting.marks()) {
                boolean changed = proposal.commission().adjustments().stream().anyMatch(a -> a.mark() == mark.number());
                boolean open = proposal.open().containsKey(mark.number());
                assertThat(changed && open).isFalse();
                if (!mark.decision().isFollowed()) {
                    assertThat(changed || open).isFalse();
                }
                followed += changed ? 1 : 0;
            }
            proposal.open().values().forEach(s -> {
                assertThat(s.in(LengthUnit.CM)).isNotBlank();
                assertThat(s.in(LengthUnit.CM)).doesNotContain("could not draft this");
            });
            measured += proposal.commission().adjustments().isEmpty() ? 0 : 1;
        }
        assertThat(looked).isGreaterThan(SETS / 2);
        assertThat(followed).isGreaterThan(looked / 2);
        assertThat(measured).isPositive();
    }

    @Test
    void whenTheGarmentIsAnotherAfterwards_itDrafts_orIsRefusedForNoErrorOfItsOwn() {
        Random random = new Random(22);
        int drafted = 0;
        for (int i = 0; i < SETS / 5; i++) {
            Commission commission = Bodies.commission(Bodies.ordinary(random), Garment.of(GarmentKind.CORSET));
            Fitting fitting = Fitting.begun(1, FittingKind.TOILE, Tried.DAY);
            for (int k = 1; k <= 4; k++) {
                SeamPlace seam = commission.garment().seams().get(random.nextInt(5));
                Mark pinch = Tried.agreed(k, MarkKind.PINCH, Spot.on(seam, any(random, Level.values())), 4);
                fitting = fitting.with(
                        k < 3 ? pinch : mark(random, k, commission.garment()).decided(Decision.AGREED, ""));
            }
            Optional<Proposal> made = Proposal.of(commission, fitting);
            if (made.isEmpty()) {
                continue;
            }
            Commission now = made.get().commission();
            Garment other = random.nextBoolean()
                    ? now.garment().withPanels(Panels.of(3 + random.nextInt(6), any(random, SeamPlacing.values())))
                    : now.garment().withKind(any(random, GarmentKind.values()));
            Outcome outcome = Drafter.draft(now.withGarment(other));
            if (outcome instanceof Refusal refused) {
                assertThat(refused.reasons())
                        .as("%s, %s panels", other.kind(), other.panelsPerSide())
                        .extracting(Finding::kind)
                        .doesNotContain(FindingKind.GIRTH, FindingKind.SEAM_LENGTH);
            } else {
                drafted++;
            }
        }
        assertThat(drafted).isGreaterThan(SETS / 10);
    }

    @Test
    void inWhicheverOrderTheyWereFound_theDraftIsTheSame() {
        Random random = new Random(21);
        int looked = 0;
        for (int i = 0; i < SETS / 10; i++) {
            Commission commission = Bodies.commission(Bodies.ordinary(random), Garment.of(GarmentKind.CORSET));
            Fitting fitting = Fitting.begun(1, FittingKind.TOILE, Tried.DAY);
            for (int k = 1; k <= 4; k++) {
                SeamPlace seam = commission.garment().seams().get(random.nextInt(5));
                fitting = fitting.with(Tried.agreed(
                        k, MarkKind.PINCH, Spot.on(seam, any(random, new Level[] {Level.UNDERBUST, Level.WAIST})), 4));
            }
            Optional<Proposal> made = Proposal.of(commission, fitting);
            if (made.isEmpty() || !made.get().open().isEmpty()) {
                continue;
            }
            looked++;
            List<Adjustment> turned = new ArrayList<>(made.get().commission().adjustments());
            Collections.reverse(turned);
            Draft other = (Draft) Drafter.draft(commission.withAdjustments(turned));
            for (Level level : Tried.levels(other)) {
                assertThat(Tried.half(other, level))
                        .isCloseTo(Tried.half(made.get().draft(), level), within(0.1));
            }
        }
        assertThat(looked).isPositive();
    }
}
