package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.finding.Finding;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Plausibility;
import bathyra.measure.Remark;
import bathyra.piece.Piece;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Reckoned;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A body whose halves were measured apart. */
class UnevenHalvesTest {
    private static final Garment CORSET = Garment.of(GarmentKind.CORSET);
    private static final MeasurementSet UNEVEN = Bodies.nerea()
            .withRight(MeasurementKey.WAIST, Optional.of(Length.mm(372)))
            .withRight(MeasurementKey.HIP, Optional.of(Length.mm(498)));

    private static Draft draft(MeasurementSet body, Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(body, garment));
    }

    private static double half(Draft draft, Level level) {
        return draft.pattern().pieces().stream()
                .mapToDouble(p -> p.mark(level.id()).orElseThrow().length())
                .sum();
    }

    @Test
    void eachHalf_measuresItsOwnHalfOfTheGirth() {
        Draft left = draft(UNEVEN, CORSET);
        Draft right = left.rightHalf().orElseThrow();
        // 720 in all, 372 of it on the right; 6 % of each is drawn in, 50 of gap are shared alike.
        assertThat(half(left, Level.WAIST)).isCloseTo(348 * 0.94 - 25, within(0.01));
        assertThat(half(right, Level.WAIST)).isCloseTo(372 * 0.94 - 25, within(0.01));
        assertThat(half(left, Level.BUST)).isEqualTo(half(right, Level.BUST), within(0.01));
        Finished.holds(left);
        Finished.holds(right);
    }

    @Test
    void theSeams_takeOutOfEachHalfWhatItHasTooMuch() {
        Draft left = draft(UNEVEN, CORSET);
        Draft right = left.rightHalf().orElseThrow();
        assertThat(left.intakes().sum(Level.WAIST))
                .isGreaterThan(right.intakes().sum(Level.WAIST));
        Cell cell = new Cell(Level.WAIST, SeamPlace.front(1));
        Draft locked = draft(UNEVEN, CORSET.withIntake(cell, Length.mm(18)).withRightIntake(cell, Length.mm(11)));
        assertThat(locked.intakes().at(Level.WAIST, SeamPlace.front(1)).value()).isEqualTo(18);
        assertThat(locked.rightHalf()
                        .orElseThrow()
                        .intakes()
                        .at(Level.WAIST, SeamPlace.front(1))
                        .value())
                .isEqualTo(11);
    }

    @Test
    void everyPiece_isCutOnce_andTheDraftSaysHow() {
        Draft left = draft(UNEVEN, Garment.bustier());
        assertThat(left.pattern().pieces()).extracting(Piece::count).containsOnly(1);
        assertThat(left.pattern().pieces()).noneMatch(Piece::onFold);
        assertThat(left.pattern().title()).endsWith(", left half");
        assertThat(left.rightHalf().orElseThrow().pattern().title()).endsWith(", right half");
        assertThat(left.with(Finding.Status.NOTE)).anyMatch(f -> f.id().equals("uneven-halves"));
        assertThat(draft(Bodies.nerea(), Garment.bustier()).rightHalf()).isEmpty();
    }

    @Test
    void bothHalves_haveTheSameCentreFront_soThatTheyCanBeJoinedThere() {
        Draft left = draft(UNEVEN, Garment.bustier());
        double one = left.pattern().piece("F1").edge("centre-front").path().length();
        assertThat(left.rightHalf()
                        .orElseThrow()
                        .pattern()
                        .piece("F1")
                        .edge("centre-front")
                        .path()
                        .length())
                .isCloseTo(one, within(1e-9));
    }

    @Test
    void aGirthOfAHalf_tellsWhereItComesFrom() {
        Reckoned left =
                UNEVEN.of(MeasurementSet.Part.LEFT).find(MeasurementKey.WAIST).orElseThrow();
        assertThat(left.value()).isEqualTo(696);
        assertThat(UNEVEN.of(MeasurementSet.Part.RIGHT)
                        .find(MeasurementKey.WAIST)
                        .orElseThrow()
                        .value())
                .isEqualTo(744);
        assertThat(UNEVEN.find(MeasurementKey.WAIST).orElseThrow().value()).isEqualTo(720);
        assertThat(left.inputs()).isNotEmpty();
    }

    @Test
    void aRightHalf_thatLeavesNoLeftOne_isRefusedByName() {
        MeasurementSet wrong = Bodies.nerea().withRight(MeasurementKey.WAIST, Optional.of(Length.mm(640)));
        assertThat(Plausibility.of(wrong))
                .anyMatch(
                        r -> r.weight() == Remark.Weight.STOPS
                                && r.sentence()
                                        .in(LengthUnit.CM)
                                        .replace('\u00a0', ' ')
                                        .equals(
                                                "Waist: of 72.0 cm the right half is 64.0 cm, which leaves 8.0 cm for the left. Take the right half again, from centre front to centre back."));
        assertThat(Drafter.draft(Bodies.commission(wrong, CORSET))).isInstanceOf(Refusal.class);
    }

    @Test
    void theLargerReductionOfTheTwoHalves_isTheOneToBeSpokenOf() {
        // The left half loses more of itself: 150 of 696 against 150 of 744.
        Draft draft = draft(UNEVEN, CORSET.withEase(Level.WAIST, Length.mm(-150)));
        assertThat(draft.waistReduction()).isCloseTo(150.0 / 696, within(1e-9));
        MeasurementSet turned = Bodies.nerea().withRight(MeasurementKey.WAIST, Optional.of(Length.mm(348)));
        Draft other = draft(turned, CORSET.withEase(Level.WAIST, Length.mm(-150)));
        assertThat(other.girths().waistReductionShare()).isCloseTo(150.0 / 744, within(1e-9));
        assertThat(other.waistReduction()).as("on the right").isCloseTo(150.0 / 696, within(1e-9));
        assertThat(other.mustBeSpokenOf()).isTrue();
    }

    @Test
    void aHalfThatCannotBeDrafted_isNamed() {
        Refusal refusal = (Refusal) Drafter.draft(Bodies.commission(
                UNEVEN, CORSET.withRightIntake(new Cell(Level.WAIST, SeamPlace.front(1)), Length.mm(155))));
        assertThat(refusal.reasons().get(0).sentence().in(LengthUnit.CM)).startsWith("Right half. ");
    }
}
