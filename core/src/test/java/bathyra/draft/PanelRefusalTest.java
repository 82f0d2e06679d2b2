package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.finding.Finding;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamAxis;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Sharing;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What of a corset is refused or noted, how it is said, and the cures that are offered. */
class PanelRefusalTest {
    private static final Garment CORSET = Garment.of(GarmentKind.CORSET);

    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    private static String refused(Garment garment) {
        return ((Refusal) Drafter.draft(Bodies.commission(Bodies.nerea(), garment)))
                .reasons()
                .get(0)
                .sentence()
                .in(LengthUnit.CM)
                .replace('\u00a0', ' ');
    }

    @Test
    void capsThatCannotBeMet_areRefusedWithTheShortfall_andCured() {
        Garment garment = CORSET.withPanels(Panels.of(4, SeamPlacing.LANDMARKS));
        Garment tight = garment;
        for (SeamPlace seam : List.of(SeamPlace.front(1), SeamPlace.SIDE)) {
            tight = tight.withSharing(tight.sharing().withCap(new Cell(Level.WAIST, seam), Optional.of(Length.mm(20))));
        }
        Commission commission = Bodies.commission(Bodies.nerea(), tight);
        Refusal refusal = (Refusal) Drafter.draft(commission);
        Finding reason = refusal.reasons().get(0);
        double toTake = draft(garment).girths().widestFront().value()
                - draft(garment).girths().at(Level.WAIST).frontHalf().value();
        assertThat(reason.value()).isCloseTo(toTake - 40, within(1e-6));
        assertThat(reason.sentence().in(LengthUnit.CM))
                .startsWith("The free seams of the front at the waist can take 4.0");
        List<Cure> cures = Cures.of(commission, reason);
        assertThat(cures).isNotEmpty().hasSizeLessThanOrEqualTo(3).allSatisfy(cure -> assertThat(
                        Drafter.draft(commission.withGarment(cure.garment())) instanceof Draft)
                .isTrue());
        assertThat(cures).extracting(Cure::cost).isSorted();
    }

    @Test
    void aSeamThatSwings_isNotedWhereItDoes_andItsCuresTakeTheNoteAway() {
        double waist =
                draft(CORSET).intakes().at(Level.WAIST, SeamPlace.back(1)).value();
        Garment garment = CORSET.withIntake(new Cell(Level.UNDERBUST, SeamPlace.back(1)), Length.mm(waist + 4))
                .withIntake(new Cell(Level.BUST, SeamPlace.back(1)), Length.mm(1))
                .withIntake(new Cell(Level.UPPER, SeamPlace.back(1)), Length.mm(9));
        Commission commission = Bodies.commission(Bodies.nerea(), garment);
        Finding swing = draft(garment).with(Finding.Status.NOTE).stream()
                .filter(f -> f.id().equals("intake-swing"))
                .findFirst()
                .orElseThrow();
        assertThat(swing.subject()).isEqualTo("back-1");
        assertThat(swing.sentence().in(LengthUnit.CM))
                .startsWith("Back 1: away from the waist it takes more, then less at the bust");
        List<Cure> cures = Cures.of(commission, swing);
        assertThat(cures).isNotEmpty().allSatisfy(cure -> assertThat(
                        draft(cure.garment()).with(Finding.Status.NOTE))
                .noneMatch(f -> f.id().equals("intake-swing") && f.subject().equals("back-1")));
    }

    @Test
    void aPanelTooNarrow_isCuredByASeamLessOrAnotherPlace() {
        Garment garment = CORSET.withPanels(new Panels(
                3,
                3,
                SeamPlacing.LANDMARKS,
                Map.of("front-1", SeamAxis.PLACED.at(0.40), "front-2", SeamAxis.PLACED.at(0.49))));
        Commission commission = Bodies.commission(Bodies.nerea(), garment);
        Finding narrow = ((Refusal) Drafter.draft(commission)).reasons().get(0);
        assertThat(Cures.of(commission, narrow))
                .isNotEmpty()
                .anyMatch(c -> c.deed().in(LengthUnit.CM).equals("Place the seams by the body"))
                .allSatisfy(cure -> assertThat(Drafter.draft(commission.withGarment(cure.garment())) instanceof Draft)
                        .isTrue());
    }

    @Test
    void aWaistDrawnInTooFar_isCuredByDrawingInLess() {
        Commission commission = Bodies.commission(Bodies.nerea(), CORSET.withEase(Level.WAIST, Length.mm(-260)));
        Finding reason = ((Refusal) Drafter.draft(commission)).reasons().get(0);
        List<Cure> cures = Cures.of(commission, reason);
        assertThat(cures).hasSize(1);
        assertThat(((Draft) Drafter.draft(commission.withGarment(cures.get(0).garment())))
                        .girths()
                        .waistReductionShare())
                .isLessThanOrEqualTo(0.30);
    }

    @Test
    void locksThatContradict_areRefusedWhereTheyAre() {
        Garment garment = CORSET.withPanels(Panels.of(4, SeamPlacing.LANDMARKS));
        Cell apex = new Cell(Level.WAIST, SeamPlace.front(1));
        assertThat(refused(garment.withIntake(apex, Length.mm(50))
                        .withSharing(Sharing.BY_RULE.withCap(apex, Optional.of(Length.mm(30))))))
                .isEqualTo(
                        "Front 1 at the waist is locked at 5.0 cm and capped at 3.0 cm. Raise its cap, or lock it lower.");
        Garment all = garment;
        for (SeamPlace seam : garment.seams()) {
            all = all.withIntake(new Cell(Level.WAIST, seam), Length.mm(10));
        }
        assertThat(refused(all)).startsWith("Every seam at the waist is locked and together they are");
        assertThat(refused(garment.withIntake(apex, Length.mm(150))))
                .startsWith("The locked seams of the front at the waist take 15.0 cm");
    }

    @Test
    void seamsThatCross_andPanelsThatVanish_areSaidWithTheirNames() {
        Panels crossed = new Panels(
                3,
                3,
                SeamPlacing.LANDMARKS,
                Map.of("front-1", SeamAxis.PLACED.at(0.8), "front-2", SeamAxis.PLACED.at(0.3)));
        assertThat(refused(CORSET.withPanels(crossed)))
                .startsWith("Second front vanishes at the upper edge: the seams beside it cross there by");
        Panels close = new Panels(
                3,
                3,
                SeamPlacing.LANDMARKS,
                Map.of("front-1", SeamAxis.PLACED.at(0.40), "front-2", SeamAxis.PLACED.at(0.49)));
        assertThat(refused(CORSET.withPanels(close)))
                .startsWith("Second front would be")
                .contains("Move Front 1 and Front 2 apart");
    }

    @Test
    void aReductionBeyondTheBody_andAGapWiderThanTheBack_areRefused() {
        assertThat(refused(CORSET.withEase(Level.WAIST, Length.mm(-230))))
                .contains("No waist is drafted under 40.0 cm or drawn in by more than 30 %");
        assertThat(refused(CORSET.withFastening(CORSET.fastening()
                        .withGap(Optional.of(Length.mm(150)))
                        .withShare(Level.WAIST, Optional.of(0.65)))))
                .contains("the gap of 15.0 cm");
    }
}
