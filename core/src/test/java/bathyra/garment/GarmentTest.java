package bathyra.garment;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Refusal;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.piece.LevelMark;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Arrays;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class GarmentTest {
    /** Each shape of the upper edge starts with lengths of its own. */
    private static final List<LengthOption> BY_SHAPE =
            List.of(LengthOption.EDGE_DIP, LengthOption.NECKLINE_DEPTH, LengthOption.NECKLINE_WIDTH);

    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    @ParameterizedTest
    @EnumSource(LengthOption.class)
    void length_setAndBack_isTheRuleAgain(LengthOption option) {
        Garment own = Garment.bustier().withLength(option, option.most());
        assertThat(own.length(option).length()).isEqualTo(option.most());
        assertThat(own.length(option).source()).isEqualTo("yours");
        assertThat(own.withoutLength(option)).isEqualTo(Garment.bustier());
        assertThat(Garment.bustier().length(option).source())
                .isEqualTo(BY_SHAPE.contains(option) ? "straight" : "rule");
    }

    @ParameterizedTest
    @EnumSource(LengthOption.class)
    void length_standardLiesInItsRange_andTheRangeHasItsEnds(LengthOption option) {
        assertThat(option.allows(option.standard(BlockMethod.QUARTER))).isTrue();
        assertThat(option.allows(option.least())).isTrue();
        assertThat(option.allows(option.most())).isTrue();
        assertThat(option.allows(Length.mm(option.most().millimetres() + 0.01))).isFalse();
        assertThat(option.allows(Length.mm(option.least().millimetres() - 0.01)))
                .isFalse();
    }

    /** A reason that names another school's value says it in the cutter's unit, never in bare millimetres. */
    @ParameterizedTest
    @EnumSource(LengthOption.class)
    void reason_saysEveryFigureWithItsUnit(LengthOption option) {
        assertThat(option.reason(LengthUnit.CM)).doesNotContain("{");
        Arrays.stream(option.reason(LengthUnit.IN).split("[ ;]"))
                .filter(w -> w.matches(".*[0-9½¼¾⅛⅜⅝⅞].*"))
                .forEach(w -> assertThat(w).as(option.id()).endsWith("\u00a0in"));
    }

    /** At either end of its range, every option gives a sound draft of an ordinary body. How far the back may fall and the front may dip depends on the body. */
    @ParameterizedTest
    @EnumSource(
            value = LengthOption.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"BACK_FALL", "EDGE_DIP", "EDGE_WIDTH"})
    void length_atEitherEnd_draftsSound(LengthOption option) {
        for (Length end : List.of(option.least(), option.most())) {
            for (UpperShape shape : UpperShape.values()) {
                var outcome = Drafter.draft(Bodies.commission(
                        Bodies.nerea(), Garment.bustier().withUpperEdge(shape).withLength(option, end)));
                assertThat(outcome instanceof Draft)
                        .as(option.id() + " " + end
                                + (outcome instanceof Refusal r ? r.reasons().toString() : ""))
                        .isTrue();
                Finished.holds((Draft) outcome);
            }
        }
    }

    @Test
    void backFall_pastTheBustLine_isRefusedWithHowFarItMayFall() {
        // At the side the upper line lies at 256.7 and the bust line at 310; 12 must stay between them: 41.3.
        assertThat(
                        Drafter.draft(Bodies.commission(
                                        Bodies.nerea(),
                                        Garment.bustier().withLength(LengthOption.BACK_FALL, Length.mm(41))))
                                instanceof Draft)
                .isTrue();
        var outcome = Drafter.draft(
                Bodies.commission(Bodies.nerea(), Garment.bustier().withLength(LengthOption.BACK_FALL, Length.mm(42))));
        assertThat(((Refusal) outcome)
                        .reasons()
                        .get(0)
                        .sentence()
                        .in(LengthUnit.CM)
                        .replace('\u00a0', ' '))
                .isEqualTo(
                        "The back edge falls by 4.2 cm, but only 4.1 cm lie between underarm and bust line there. Let it fall less, or look at “To the waist, back” and “To the underbust”.");
    }

    @Test
    void split_movesTheEdgesAndKeepsTheWidths() {
        Draft third = draft(Garment.bustier());
        Draft half = draft(Garment.bustier().withSplit(SplitOption.PRINCESS_FRONT, 0.5));
        double own = third.intakes().at(Level.WAIST, SeamPlace.PRINCESS_FRONT).value();
        // Centre front gives half of the intake instead of a third: it is a sixth narrower, and side front as much
        // wider.
        assertThat(width(third, 0) - width(half, 0)).isCloseTo(own / 6, Assertions.within(1e-3));
        assertThat(width(half, 1) - width(third, 1)).isCloseTo(own / 6, Assertions.within(1e-3));
        Finished.holds(half);
    }

    private static double width(Draft draft, int piece) {
        LevelMark waist = draft.pattern().pieces().get(piece).mark("waist").orElseThrow();
        return waist.length();
    }

    @Test
    void split_standsAtOneToTwoInFrontAndHalfAndHalfBehind() {
        assertThat(Garment.bustier().split(SplitOption.PRINCESS_FRONT).value()).isEqualTo(1.0 / 3);
        assertThat(Garment.bustier().split(SplitOption.PRINCESS_BACK).value()).isEqualTo(0.5);
        assertThat(SplitOption.of(SeamPlace.SIDE)).isEmpty();
        assertThat(SplitOption.allows(0.1)).isTrue();
        assertThat(SplitOption.allows(0.0999)).isFalse();
        assertThat(SplitOption.allows(0.9)).isTrue();
        assertThat(SplitOption.allows(0.9001)).isFalse();
    }

    @Test
    void changes_goBackWithoutATrace() {
        Cell cell = new Cell(Level.WAIST, SeamPlace.SIDE);
        assertThat(Garment.bustier().withIntake(cell, Length.mm(30)).withoutIntake(cell))
                .isEqualTo(Garment.bustier());
        assertThat(Garment.bustier().withEase(Level.WAIST, Length.mm(-30)).withoutEase(Level.WAIST))
                .isEqualTo(Garment.bustier());
        assertThat(Garment.bustier().withSplit(SplitOption.PRINCESS_BACK, 0.3).withoutSplit(SplitOption.PRINCESS_BACK))
                .isEqualTo(Garment.bustier());
        assertThat(Garment.bustier().withAllowance(EdgeUse.SIDE, Length.mm(40)).withoutAllowance(EdgeUse.SIDE))
                .isEqualTo(Garment.bustier());
    }

    @Test
    void allowances_beginAsTheyAreUsuallyCut() {
        Garment garment = Garment.bustier();
        assertThat(garment.allowance(EdgeUse.SEAM)).isEqualTo(Length.mm(13));
        assertThat(garment.allowance(EdgeUse.SIDE)).isEqualTo(Length.mm(25));
        assertThat(garment.allowance(EdgeUse.FOLD)).isEqualTo(Length.mm(0));
    }
}
