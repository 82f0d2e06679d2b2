package bathyra.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.FindingKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the front seams take where one lies over the apex (C6.1), held against the sentences of the rule. */
class ApexFirstTest {
    /** Of the height from rib to waist an edge of the side bears so much. */
    private static final double BEARS = 0.28;

    private static final double BEARS_TURNING = 0.15;

    private static Garment panels(int panels) {
        Garment garment = Garment.of(GarmentKind.CORSET);
        return garment.withPanels(Panels.of(panels, garment.panels().placing()));
    }

    private static List<Draft> drafts(Garment garment, long seed) {
        Random random = new Random(seed);
        List<Draft> drafts = new ArrayList<>();
        for (int i = 0; i < Sample.of(200); i++) {
            if (Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment)) instanceof Draft draft) {
                drafts.add(draft);
            }
        }
        assertThat(drafts).hasSizeGreaterThan(10);
        return drafts;
    }

    private static double surplus(Draft draft, Level level) {
        return draft.girths().widestFront().value()
                - draft.girths().at(level).frontHalf().value();
    }

    private static double side(Draft draft, Level level) {
        return draft.intakes().sideFront().get(level).value();
    }

    private static double ribAboveWaist(Draft draft) {
        return draft.block().front(Level.WAIST) - draft.block().front(Level.UNDERBUST);
    }

    /** By hand: 84 above the waist the side may take 23.5 more than at the rib, where it takes 20.3. */
    @Test
    void fourPanels_bySums() {
        MeasurementSet full = nth(16);
        Draft draft = (Draft) Drafter.draft(Bodies.commission(full, panels(4)));
        double more = BEARS * ribAboveWaist(draft);
        assertThat(ribAboveWaist(draft)).isCloseTo(84, within(0.5));
        assertThat(side(draft, Level.UNDERBUST)).isCloseTo(20.3, within(0.1));
        assertThat(side(draft, Level.WAIST)).isCloseTo(20.3 + 23.5, within(0.3));
        assertThat(draft.intakes().at(Level.WAIST, SeamPlace.front(1)).value())
                .isCloseTo(surplus(draft, Level.WAIST) - side(draft, Level.UNDERBUST) - more, within(1e-6));
    }

    private static MeasurementSet nth(int body) {
        Random random = new Random(7);
        MeasurementSet found = Bodies.ordinary(random);
        for (int i = 0; i < body; i++) {
            found = Bodies.ordinary(random);
        }
        return found;
    }

    /** By hand: 64 above the waist the side may take 9.6 less than at the rib, where it takes 14.1: what is left over does not all go to the apex. */
    @Test
    void aBustierWhoseWaistIsAsWideAsItsRib_bySums() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(nth(108), Garment.bustier()));
        assertThat(ribAboveWaist(draft)).isCloseTo(64, within(0.5));
        assertThat(side(draft, Level.UNDERBUST)).isCloseTo(14.1, within(0.1));
        assertThat(side(draft, Level.WAIST)).isCloseTo(14.1 - 9.6, within(0.2));
        assertThat(draft.intakes().at(Level.WAIST, SeamPlace.PRINCESS_FRONT).value())
                .isCloseTo(surplus(draft, Level.WAIST) - side(draft, Level.WAIST), within(1e-6));
    }

    @Test
    void whereOneSeamStandsBeforeIt_theSideGivesBackNoMoreThanAnEdgeBears() {
        int held = 0;
        for (Garment garment : List.of(panels(4), Garment.bustier())) {
            for (Draft draft : drafts(garment, 31)) {
                double given = side(draft, Level.UNDERBUST) - side(draft, Level.WAIST);
                double bears = BEARS_TURNING * ribAboveWaist(draft);
                // Where the waist asks for less than that altogether there is nothing to share.
                assertThat(given)
                        .isLessThanOrEqualTo(
                                Math.max(bears, side(draft, Level.UNDERBUST) - surplus(draft, Level.WAIST)) + 1e-6);
                held += given > bears - 1e-6 ? 1 : 0;
            }
        }
        assertThat(held).as("bodies on which the apex seam alone would take it").isPositive();
    }

    @Test
    void whereOneSeamStandsBeforeIt_theSideGainsNoMoreThanAnEdgeBears() {
        for (Garment garment : List.of(panels(4), Garment.bustier())) {
            for (Draft draft : drafts(garment, 31)) {
                assertThat(side(draft, Level.WAIST) - side(draft, Level.UNDERBUST))
                        .isLessThanOrEqualTo(BEARS * ribAboveWaist(draft) + 1e-6);
            }
        }
    }

    /** The waist is the narrowest place of a panel: what the rows would take more over the hip goes to the seam over the apex. */
    @ParameterizedTest
    @ValueSource(ints = {4, 5, 6})
    void overTheHip_noOtherSeamTakesMoreThanAtTheWaist(int panels) {
        int gaveWay = 0;
        for (Draft draft : drafts(panels(panels).withLowerEdge(LowerShape.HIP), 32)) {
            for (Level hip : List.of(Level.HIGH_HIP, Level.HIP)) {
                double others = 0;
                double atWaist = 0;
                for (SeamPlace seam : draft.commission().garment().seams()) {
                    boolean over = draft.intakes()
                            .axes()
                            .isThroughApex(seam, draft.block().front(Level.BUST));
                    if (seam.part() == SeamPlace.Part.FRONT && !over) {
                        others += draft.intakes().at(hip, seam).value();
                        atWaist += draft.intakes().at(Level.WAIST, seam).value();
                    }
                }
                others += side(draft, hip);
                atWaist += side(draft, Level.WAIST);
                assertThat(others).isLessThanOrEqualTo(atWaist + 1e-6);
                gaveWay += others > atWaist - 1e-3 && others > 1 ? 1 : 0;
            }
        }
        assertThat(gaveWay).as("bodies on which the rows alone would take more").isPositive();
    }

    /** The finished edges: the front of the side leans nowhere too far. */
    @ParameterizedTest
    @ValueSource(ints = {4, 5, 6})
    void finishedEdgesOfTheFront_leanNoFurtherThanClothBears(int panels) {
        List<Draft> drafts = drafts(panels(panels), 33);
        long leaning = drafts.stream()
                .filter(draft -> draft.findings().stream()
                        .anyMatch(f -> f.kind() == FindingKind.EDGE_LEAN
                                && f.place().map(p -> p.piece().startsWith("F")).equals(Optional.of(true))))
                .count();
        assertThat(leaning).isZero();
        assertThat(drafts).allSatisfy(draft -> assertThat(draft.findings())
                .as("what the rule itself gives is not over a cap")
                .noneMatch(
                        f -> f.kind() == FindingKind.INTAKE_CAP && f.subject().equals("front-1")));
    }
}
