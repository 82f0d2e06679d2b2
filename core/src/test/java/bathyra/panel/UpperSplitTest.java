package bathyra.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.SplitOption;
import bathyra.geometry.Point;
import bathyra.piece.LevelMark;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The upper end of the front princess seam is divided by itself (C6.3). */
class UpperSplitTest {
    private static final Garment BUSTIER = Garment.bustier();

    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    private static LevelMark mark(Draft draft, String piece, Level level) {
        return draft.pattern().piece(piece).mark(level).orElseThrow();
    }

    @Test
    void untilItIsSet_itIsHalf_orTheSeamsWhereThatIsCarriedUp() {
        assertThat(BUSTIER.split(SplitOption.PRINCESS_FRONT).value()).isEqualTo(1.0 / 3);
        assertThat(BUSTIER.split(SplitOption.PRINCESS_UPPER).value()).isEqualTo(0.5);
        assertThat(BUSTIER.withSplit(SplitOption.PRINCESS_FRONT, 0.4)
                        .split(SplitOption.PRINCESS_UPPER)
                        .value())
                .as("strapless it does not follow")
                .isEqualTo(0.5);
        Garment carried = BUSTIER.withTop(BUSTIER.top().withCover(Cover.SHOULDERS));
        assertThat(carried.split(SplitOption.PRINCESS_UPPER).value())
                .isEqualTo(carried.split(SplitOption.PRINCESS_FRONT).value());
        Garment half = carried.withSplit(SplitOption.PRINCESS_FRONT, 0.5);
        assertThat(half.split(SplitOption.PRINCESS_UPPER).value()).isEqualTo(0.5);
        assertThat(half.split(SplitOption.PRINCESS_UPPER).rule().section()).isEqualTo("C6.3");
        Garment apart = half.withSplit(SplitOption.PRINCESS_UPPER, 0.2);
        assertThat(apart.split(SplitOption.PRINCESS_UPPER).value()).isEqualTo(0.2);
        assertThat(apart.split(SplitOption.PRINCESS_FRONT).value()).isEqualTo(0.5);
        assertThat(apart.withoutSplit(SplitOption.PRINCESS_UPPER)
                        .split(SplitOption.PRINCESS_UPPER)
                        .value())
                .isEqualTo(0.5);
    }

    @Test
    void onlyTheSeamsUpperEnd_hasASplitOfItsOwn() {
        assertThat(SplitOption.of(SeamPlace.PRINCESS_FRONT, Level.UPPER)).contains(SplitOption.PRINCESS_UPPER);
        assertThat(SplitOption.of(SeamPlace.PRINCESS_FRONT, Level.WAIST)).contains(SplitOption.PRINCESS_FRONT);
        assertThat(SplitOption.of(SeamPlace.PRINCESS_BACK, Level.UPPER)).contains(SplitOption.PRINCESS_BACK);
        assertThat(SplitOption.of(SeamPlace.SIDE, Level.UPPER)).isEqualTo(Optional.empty());
        assertThat(SplitOption.ofId("princess-upper-split")).contains(SplitOption.PRINCESS_UPPER);
    }

    /** By hand: of an intake i, at a half towards the centre the front edge comes in i/2, at nine tenths 9i/10. */
    @ParameterizedTest
    @ValueSource(doubles = {0.1, 1.0 / 3, 0.9})
    void upperLine_movesByWhatIsDividedOtherwise_andNothingBelowTheBustDoes(double share) {
        Draft before = draft(BUSTIER);
        Draft after = draft(BUSTIER.withSplit(SplitOption.PRINCESS_UPPER, share));
        double intake = before.intakes().own(Level.UPPER, SeamPlace.PRINCESS_FRONT);
        double moved = mark(before, "F1", Level.UPPER).length()
                - mark(after, "F1", Level.UPPER).length();
        assertThat(moved).isCloseTo(intake * (share - 0.5), within(0.05));
        assertThat(mark(after, "F2", Level.UPPER).length())
                .isCloseTo(mark(before, "F2", Level.UPPER).length() + moved, within(0.05));
        for (Level level : new Level[] {Level.BUST, Level.UNDERBUST, Level.WAIST, Level.HIGH_HIP}) {
            assertThat(mark(after, "F1", level).length())
                    .as(level.label())
                    .isCloseTo(mark(before, "F1", level).length(), within(0.01));
        }
        Finished.holds(after);
    }

    @Test
    void ordinaryBodies_areDraftedWithAnySplitOfTheUpperEnd() {
        Random random = new Random(63);
        int drafted = 0;
        int wanted = Sample.of(200);
        for (int i = 0; i < wanted; i++) {
            double share = 0.1 + 0.8 * random.nextDouble();
            Outcome outcome = Drafter.draft(
                    Bodies.commission(Bodies.ordinary(random), BUSTIER.withSplit(SplitOption.PRINCESS_UPPER, share)));
            if (outcome instanceof Draft draft) {
                drafted++;
                Finished.holds(draft);
                Point apex = mark(draft, "F1", Level.BUST).to();
                assertThat(apex.x()).isPositive();
            } else {
                assertThat(((Refusal) outcome).cause()).isNotEqualTo(Refusal.Cause.PROGRAM);
            }
        }
        assertThat(drafted).isGreaterThan(wanted * 3 / 4);
    }
}
