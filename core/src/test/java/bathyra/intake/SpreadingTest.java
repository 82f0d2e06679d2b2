package bathyra.intake;

import static bathyra.place.SeamPlace.CENTRE_BACK;
import static bathyra.place.SeamPlace.PRINCESS_BACK;
import static bathyra.place.SeamPlace.PRINCESS_FRONT;
import static bathyra.place.SeamPlace.SIDE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Refusal;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.UnderbustSchool;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SpreadingTest {
    /** Down to the hip, whose back is the widest. */
    private static final Garment HIP = Garment.bustier().withLowerEdge(LowerShape.HIP);

    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    private static double at(Draft draft, Level level, SeamPlace seam) {
        return draft.intakes().at(level, seam).value();
    }

    @ParameterizedTest
    @CsvSource({"913.9, 51", "914, 51", "939.5, 57.5", "965, 64", "1019.9, 64", "1020, 76"})
    void table_byBust_growsWithoutAJumpBetweenItsFirstTwoRows(double bust, double intake) {
        assertThat(UnderbustIntake.table(bust)).isCloseTo(intake, within(1e-9));
    }

    @Test
    void schools_onOneBody_giveWhatIsWorkedOutByHand() {
        // Difference: (910 − 785) / 2 = 62.5.
        assertThat(at(draft(Garment.bustier().withSchool(UnderbustSchool.DIFFERENCE)), Level.UNDERBUST, PRINCESS_FRONT))
                .isCloseTo(62.5, within(1e-9));
        // Table: bust under 914.
        assertThat(at(draft(Garment.bustier().withSchool(UnderbustSchool.TABLE)), Level.UNDERBUST, PRINCESS_FRONT))
                .isEqualTo(51);
        // Excess: quarter at the bust 227.5, at the waist 720/4 + 25 = 205; underbust is 85 of 187 down: 227.5 − 22.5 ×
        // 85/187 = 217.273; less 785/4.
        assertThat(at(draft(Garment.bustier().withSchool(UnderbustSchool.EXCESS)), Level.UNDERBUST, PRINCESS_FRONT))
                .isCloseTo(227.5 - 22.5 * 85 / 187 - 196.25, within(1e-9));
        // By the bust: 0.55 of 62.5 are 34.4; from bust to rib the front loses 251.425 − 0.51 × 770/2 = 55.075, of
        // which
        // 6 are left to the side: 49.075, over the most of 0.72 × 62.5 = 45.
        assertThat(at(draft(Garment.bustier()), Level.UNDERBUST, PRINCESS_FRONT))
                .isCloseTo(45, within(1e-9));
    }

    /** Waist: front 251.425 − 177.5 = 73.9 of which 0.58 are 42.9, less than at the rib and 4; back 270.3 − 177.5 = 92.8 less two thirds of 19, times 0.55. */
    @Test
    void byTheBust_theSideStaysCalm_andTakesAThirdOfTheWaist() {
        Draft draft = draft(HIP);
        assertThat(at(draft, Level.WAIST, PRINCESS_FRONT))
                .as("4 more than at the rib")
                .isCloseTo(49, within(1e-9));
        assertThat(at(draft, Level.WAIST, CENTRE_BACK)).isCloseTo(19 * 2.0 / 3, within(1e-9));
        assertThat(at(draft, Level.WAIST, PRINCESS_BACK)).isCloseTo((92.8 - 38.0 / 3) * 0.55, within(1e-9));
        double side = at(draft, Level.WAIST, SIDE);
        assertThat(side / draft.intakes().sum(Level.WAIST)).isBetween(0.3, 0.4);
        assertThat(draft.intakes().sideFront().get(Level.UNDERBUST).value()
                        - draft.intakes().sideFront().get(Level.BUST).value())
                .as("from the bust to the rib the front half of the side takes what is left: 55.075 − 45")
                .isCloseTo(10.075, within(1e-9));
        Draft own = draft(HIP.withLength(LengthOption.CENTRE_BACK_IN, Length.mm(19)));
        assertThat(at(own, Level.WAIST, CENTRE_BACK)).as("the cutter's own").isCloseTo(19, within(1e-9));
    }

    /** A very full bust: 0.70 of the half difference, but no more than 0.72. */
    @ParameterizedTest
    @CsvSource({"100, 0.55", "130, 0.55", "165, 0.625", "200, 0.70", "260, 0.70"})
    void shareOfTheApexSeam_growsWithTheBust(double difference, double share) {
        assertThat(ApexIntake.share(difference)).isCloseTo(share, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(UnderbustSchool.class)
    void cells_ofEveryLevel_addUpToWhatIsToBeTaken(UnderbustSchool school) {
        Draft draft = draft(Garment.bustier().withSchool(school));
        draft.girths().levels().forEach(plan -> {
            double widest = draft.girths().widestFront().value()
                    + draft.girths().widestBack().value();
            assertThat(draft.intakes().sum(plan.level()))
                    .isCloseTo(widest - plan.pattern().value() / 2, within(1e-9));
        });
    }

    @Test
    void princessFront_atTheBust_takesNothing() {
        assertThat(at(draft(Garment.bustier()), Level.BUST, PRINCESS_FRONT)).isZero();
    }

    @Test
    void upperIntake_isTheRulesPartPlusWhatTheClosedDartOpens() {
        Draft draft = draft(Garment.bustier().withSchool(UnderbustSchool.EXCESS));
        // Crest and upper line: 25 + 910/6 + 38 + 13 = 227.67 below the shoulder, 53.33 above the apex; the crest 85
        // above it.
        double rule = (217.2727272 - 196.25 - 13) * 53.3333333 / 85;
        // Apex to side: 251.425 − 93 = 158.425; dart 29.
        double opened = 29 * 53.3333333 / 158.425;
        assertThat(draft.intakes().opened().value()).isCloseTo(opened, within(1e-4));
        assertThat(at(draft, Level.UPPER, PRINCESS_FRONT)).isCloseTo(rule + opened, within(1e-4));
    }

    @Test
    void lockedPrincess_keepsItsValueAndTheSideGivesWay() {
        Draft free = draft(Garment.bustier());
        Draft locked = draft(Garment.bustier().withIntake(new Cell(Level.UNDERBUST, PRINCESS_FRONT), Length.mm(44)));
        assertThat(at(locked, Level.UNDERBUST, PRINCESS_FRONT)).isEqualTo(44);
        double more = 44 - at(free, Level.UNDERBUST, PRINCESS_FRONT);
        assertThat(at(locked, Level.UNDERBUST, SIDE)).isCloseTo(at(free, Level.UNDERBUST, SIDE) - more, within(1e-9));
        assertThat(locked.intakes().sum(Level.UNDERBUST))
                .isCloseTo(free.intakes().sum(Level.UNDERBUST), within(1e-9));
    }

    @Test
    void lockedSide_takesHalfFromTheFrontAndHalfFromTheBack() {
        Garment excess = Garment.bustier().withSchool(UnderbustSchool.EXCESS);
        Draft free = draft(excess);
        Draft locked =
                draft(excess.withIntake(new Cell(Level.WAIST, SIDE), Length.mm(at(free, Level.WAIST, SIDE) + 10)));
        assertThat(at(locked, Level.WAIST, PRINCESS_FRONT))
                .isCloseTo(at(free, Level.WAIST, PRINCESS_FRONT) - 5, within(1e-9));
        // Back: 5 off 25 + 19, in proportion.
        assertThat(at(locked, Level.WAIST, PRINCESS_BACK)).isCloseTo(25 - 5 * 25.0 / 44, within(1e-9));
        assertThat(at(locked, Level.WAIST, CENTRE_BACK)).isCloseTo(19 - 5 * 19.0 / 44, within(1e-9));
        assertThat(locked.intakes().sum(Level.WAIST)).isCloseTo(free.intakes().sum(Level.WAIST), within(1e-9));
        assertThat(locked.girths().at(Level.WAIST).frontHalf().value())
                .isEqualTo(free.girths().at(Level.WAIST).frontHalf().value());
    }

    @Test
    void everySeamLocked_thatDoesNotAddUp_isRefusedWithTheAmount() {
        Garment garment = HIP;
        for (SeamPlace seam : garment.seams()) {
            garment = garment.withIntake(new Cell(Level.WAIST, seam), Length.mm(20));
        }
        assertThat(Drafter.draft(Bodies.commission(Bodies.nerea(), garment)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        refusal -> assertThat(refusal.reasons()
                                        .get(0)
                                        .sentence()
                                        .in(LengthUnit.CM)
                                        .replace('\u00a0', ' '))
                                .isEqualTo(
                                        "Every seam at the waist is locked and together they are 8.7 cm off what is to be taken. Unlock one of them."));
    }
}
