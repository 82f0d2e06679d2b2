package bathyra.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.BackShaping;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.PrincessStart;
import bathyra.garment.Top;
import bathyra.garment.UnderbustSchool;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Formula;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What each seam of a bustier takes at each level (C6.1), held against the sentences of the rules, on bodies of all builds. */
class PrincessRulesTest {
    private static final MeasurementSet NEREA = Bodies.nerea();

    private static Draft draft(MeasurementSet body, Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(body, garment));
    }

    private static double takes(Draft draft, Level level, SeamPlace seam) {
        return draft.intakes().at(level, seam).value();
    }

    private static double sideBehind(Draft draft, Level level) {
        return draft.intakes().sideBack().get(level).value();
    }

    private static double sideInFront(Draft draft, Level level) {
        return draft.intakes().sideFront().get(level).value();
    }

    private static double toTakeBehind(Draft draft, Level level) {
        return draft.girths().widestBack().value()
                - draft.girths().at(level).backHalf().value();
    }

    private static double toTakeInFront(Draft draft, Level level) {
        return draft.girths().widestFront().value()
                - draft.girths().at(level).frontHalf().value();
    }

    private static Garment hip() {
        return Garment.bustier().withLowerEdge(LowerShape.HIP);
    }

    /** At every level front and back each take exactly what their widest half has more than planned. */
    @Test
    void everyLevel_takesItsSurplus_inFrontAndBehind() {
        Random random = new Random(12);
        for (int i = 0; i < 60; i++) {
            Draft draft = draft(i == 0 ? NEREA : Bodies.ordinary(random), hip());
            for (Level level : draft.commission().garment().levels()) {
                double front = takes(draft, level, SeamPlace.PRINCESS_FRONT) + sideInFront(draft, level);
                double back = takes(draft, level, SeamPlace.PRINCESS_BACK)
                        + takes(draft, level, SeamPlace.CENTRE_BACK)
                        + sideBehind(draft, level);
                assertThat(front).as(level.id()).isCloseTo(toTakeInFront(draft, level), within(1e-6));
                assertThat(back).as(level.id()).isCloseTo(toTakeBehind(draft, level), within(1e-6));
                assertThat(takes(draft, level, SeamPlace.SIDE))
                        .isCloseTo(sideInFront(draft, level) + sideBehind(draft, level), within(1e-6));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(UnderbustSchool.class)
    void overTheApex_theSeamTakesNothing(UnderbustSchool school) {
        Draft draft = draft(NEREA, hip().withSchool(school));
        assertThat(takes(draft, Level.BUST, SeamPlace.PRINCESS_FRONT)).isZero();
    }

    /** Behind, 0.55 of what centre back leaves: (9.3 − 1.3) × 0.55 of the demo's figures at the waist, up to the cap. */
    @Test
    void behind_thePrincessSeamTakesItsShareOfWhatCentreBackLeaves() {
        Draft draft = draft(NEREA, hip());
        double left = toTakeBehind(draft, Level.WAIST) - takes(draft, Level.WAIST, SeamPlace.CENTRE_BACK);
        assertThat(takes(draft, Level.WAIST, SeamPlace.PRINCESS_BACK)).isCloseTo(0.55 * left, within(1e-6));
        // The same share at the other levels.
        for (Level level : new Level[] {Level.BUST, Level.UNDERBUST, Level.HIGH_HIP}) {
            double rest = toTakeBehind(draft, level) - takes(draft, level, SeamPlace.CENTRE_BACK);
            assertThat(takes(draft, level, SeamPlace.PRINCESS_BACK))
                    .as(level.id())
                    .isCloseTo(0.55 * rest, within(1e-6));
        }
    }

    @Test
    void behind_itTakesNoMoreThanItsCap_andTheOtherLevelsInTheSameProportion() {
        Draft free = draft(NEREA, hip());
        double asked = takes(free, Level.WAIST, SeamPlace.PRINCESS_BACK);
        double cap = Math.floor(asked) - 4;
        Draft capped = draft(NEREA, hip().withLength(LengthOption.SEAM_CAP, Length.mm(cap)));
        assertThat(takes(capped, Level.WAIST, SeamPlace.PRINCESS_BACK)).isCloseTo(cap, within(1e-6));
        double ratio = cap / (asked / 0.55);
        double rest = toTakeBehind(capped, Level.UNDERBUST) - takes(capped, Level.UNDERBUST, SeamPlace.CENTRE_BACK);
        assertThat(takes(capped, Level.UNDERBUST, SeamPlace.PRINCESS_BACK)).isCloseTo(ratio * rest, within(1e-6));
    }

    /** Under a shoulder nothing is left for the seam at the chest line: it runs out there. */
    @Test
    void underAShoulder_theBackSeamRunsOutTowardsTheChest() {
        Garment shoulders =
                hip().withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS)).withUpperEdge(UpperShape.SCOOP);
        Garment garment = shoulders.withBlock(shoulders.block().withPrincess(PrincessStart.SHOULDER));
        Draft draft = draft(Bodies.withArms(NEREA), garment);
        double chest = takes(draft, Level.UPPER, SeamPlace.PRINCESS_BACK);
        double bust = takes(draft, Level.BUST, SeamPlace.PRINCESS_BACK);
        double rib = takes(draft, Level.UNDERBUST, SeamPlace.PRINCESS_BACK);
        assertThat(chest).isZero();
        assertThat(bust).isBetween(0.0, rib);
        assertThat(rib).isLessThan(takes(draft, Level.WAIST, SeamPlace.PRINCESS_BACK));
    }

    /** A dart takes at the waist what the seam would, and elsewhere by its straight legs; the side takes what the seam took there. */
    @Test
    void dart_takesWhatTheSeamWould_atTheWaistAlone() {
        Draft seam = draft(NEREA, hip());
        Draft dart = draft(NEREA, hip().withBlock(hip().block().withBack(BackShaping.DART)));
        assertThat(takes(dart, Level.WAIST, SeamPlace.PRINCESS_BACK))
                .isCloseTo(takes(seam, Level.WAIST, SeamPlace.PRINCESS_BACK), within(1e-6));
        assertThat(takes(dart, Level.UPPER, SeamPlace.PRINCESS_BACK)).isZero();
        assertThat(takes(dart, Level.HIP, SeamPlace.PRINCESS_BACK)).isZero();
        // Straight legs: by the way from 25 under the chest line to the waist.
        double top = dart.block().chestDepth().value() + 25;
        double waist = dart.block().side(Level.WAIST);
        double rib = dart.block().side(Level.UNDERBUST);
        assertThat(takes(dart, Level.UNDERBUST, SeamPlace.PRINCESS_BACK))
                .isCloseTo(
                        takes(dart, Level.WAIST, SeamPlace.PRINCESS_BACK) * (rib - top) / (waist - top), within(1e-6));
        assertThat(sideBehind(dart, Level.UNDERBUST)).isGreaterThan(sideBehind(seam, Level.UNDERBUST));
    }

    /** A back intake that is set is that of the dart of the block, whatever the shares say. */
    @Test
    void backIntakeThatIsSet_isTakenAtTheWaist() {
        Draft draft = draft(NEREA, hip().withLength(LengthOption.BACK_DART, Length.mm(22)));
        assertThat(takes(draft, Level.WAIST, SeamPlace.PRINCESS_BACK)).isCloseTo(22, within(1e-6));
        Garment darted = hip().withBlock(hip().block().withBack(BackShaping.DART));
        assertThat(takes(
                        draft(NEREA, darted.withLength(LengthOption.BACK_DART, Length.mm(22))),
                        Level.WAIST,
                        SeamPlace.PRINCESS_BACK))
                .isCloseTo(22, within(1e-6));
    }

    /**
     * Centre front does not widen from rib to waist: at the waist the seam takes no less than at the rib, as far as the side gives nothing back
     * and does not turn back farther than its edge bears.
     */
    @Test
    void atTheWaist_theFrontSeamTakesNoLessThanAtTheRib() {
        Random random = new Random(31);
        int held = 0;
        for (int i = 0; i < 60; i++) {
            Draft draft = draft(Bodies.ordinary(random), hip());
            double rib = takes(draft, Level.UNDERBUST, SeamPlace.PRINCESS_FRONT);
            double waist = takes(draft, Level.WAIST, SeamPlace.PRINCESS_FRONT);
            if (waist >= rib - 1e-6) {
                held++;
            } else {
                double height = draft.block().front(Level.WAIST) - draft.block().front(Level.UNDERBUST);
                assertThat(sideInFront(draft, Level.WAIST))
                        .as("the side gives nothing back")
                        .isCloseTo(Math.max(0, sideInFront(draft, Level.UNDERBUST) - 0.15 * height), within(1e-6));
            }
        }
        assertThat(held).isGreaterThan(30);
    }

    /** Every sounding says how it came about, in figures that lead to it. */
    @Test
    void everySounding_hasItsFormula() {
        Draft draft = draft(NEREA, hip());
        for (Level level : draft.commission().garment().levels()) {
            for (SeamPlace seam : Arrays.asList(
                    SeamPlace.PRINCESS_FRONT, SeamPlace.SIDE, SeamPlace.PRINCESS_BACK, SeamPlace.CENTRE_BACK)) {
                var taken = draft.intakes().at(level, seam);
                assertThat(taken.name()).as(level + " " + seam.id()).isNotBlank();
                assertThat(taken.rule().section()).startsWith("C");
                assertThat(Formula.inFigures(taken, LengthUnit.MM)).doesNotContain("NaN");
            }
        }
    }
}
