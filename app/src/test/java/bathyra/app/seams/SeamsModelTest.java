package bathyra.app.seams;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.glossary.Tried;
import bathyra.app.table.Joining;
import bathyra.app.workshop.InWorkshop;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.BackShaping;
import bathyra.garment.SplitOption;
import bathyra.garment.UnderbustSchool;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.piece.PanelOutline;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Seams stage on the demo's first commission. */
class SeamsModelTest extends InWorkshop {
    private static final Cell CELL = new Cell(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT);
    private SeamsModel model;

    @BeforeEach
    void open() {
        model = new SeamsModel(workshop);
    }

    private double drafted(Cell cell) {
        return draft().intakes().at(cell.level(), cell.seam()).value();
    }

    private double sum() {
        return draft().intakes().sum(Level.UNDERBUST);
    }

    @Test
    void typedSounding_isLocked_theOthersGiveWay_andTheSumStays() {
        double sum = sum();
        assertThat(model.type(CELL, "3,4")).isEmpty();
        assertThat(drafted(CELL)).isCloseTo(34, within(1e-9));
        assertThat(model.isLocked(CELL)).isTrue();
        assertThat(sum()).isCloseTo(sum, within(1e-9));
        assertThat(undo()).isEqualTo("princess front intake at underbust 4.5 → 3.4 cm");
    }

    /** At a column's name stands what its seam does, drawn at the level that is looked at; where it takes nothing of its own there, at the waist. */
    @Test
    void meaningOfASeam_isDrawn_andNothingIsChanged() {
        Tried atRib = model.tried(SeamPlace.PRINCESS_FRONT).get(0);
        assertThat(atRib.words()).isEqualTo("1.0\u00a0cm more at the underbust");
        assertMoves(atRib);
        workshop.selection().cellProperty().set(new Cell(Level.BUST, SeamPlace.SIDE));
        assertThat(model.tried(SeamPlace.PRINCESS_FRONT).get(0).words()).endsWith("at the waist");
        assertThat(model.tried(SeamPlace.SIDE).get(0).words()).endsWith("at the bust");
        for (SeamPlace seam : draft().intakes().seams()) {
            assertThat(model.tried(seam)).singleElement().satisfies(SeamsModelTest::assertMoves);
            assertThat(SeamsModel.meaning(seam)).startsWith(seam.label() + ": ");
        }
        assertThat(undo()).isEmpty();
        workshop.once("inches", workshop.commission().withUnits(LengthUnit.IN));
        assertThat(model.tried(SeamPlace.SIDE).get(0).words()).startsWith("½");
    }

    private static void assertMoves(Tried tried) {
        List<PanelOutline> now = ((Draft) Drafter.draft(tried.now())).panelOutlines();
        List<PanelOutline> then = ((Draft) Drafter.draft(tried.then())).panelOutlines();
        assertThat(now).hasSameSizeAs(then);
        assertThat(IntStream.range(0, now.size()).anyMatch(i -> !now.get(i).isAs(then.get(i), 1)))
                .as(tried.words())
                .isTrue();
    }

    @Test
    void whatIsNoLength_isSaid_andLeavesNothingOfWhatWasTypedBeforeIt() {
        double before = drafted(CELL);
        model.type(CELL, "3");
        assertThat(model.type(CELL, "3x")).isNotEmpty();
        assertThat(model.reasonProperty().get()).isNotEmpty();
        assertThat(drafted(CELL)).isCloseTo(before, within(1e-9));
        assertThat(undo()).isEmpty();
        model.clearReason();
        assertThat(model.reasonProperty().get()).isEmpty();
    }

    @Test
    void soundingAtTheApex_cannotBeSet() {
        Cell apex = new Cell(Level.BUST, SeamPlace.PRINCESS_FRONT);
        assertThat(model.isEditable(apex)).isFalse();
        model.set(apex, Length.mm(20));
        model.toggleLock(apex);
        assertThat(garment().intakes()).isEmpty();
        assertThat(model.isEditable(new Cell(Level.BUST, SeamPlace.SIDE))).isTrue();
    }

    @Test
    void nudge_isAMillimetre_orAnEighth() {
        double before = drafted(CELL);
        model.nudge(CELL, 2);
        assertThat(drafted(CELL)).isCloseTo(before + 2, within(1e-9));
        assertThat(model.bigStep()).isEqualTo(10);
        workshop.letGo();
        workshop.naming().unit(LengthUnit.IN);
        model.nudge(CELL, -1);
        assertThat(drafted(CELL)).isCloseTo(before + 2 - 3.175, within(1e-9));
        assertThat(model.bigStep()).isEqualTo(8);
    }

    @Test
    void lock_holdsTheSounding_whereItIs_andIsTakenBack() {
        double before = drafted(CELL);
        model.toggleLock(CELL);
        assertThat(garment().intakes()).containsKey(CELL);
        assertThat(drafted(CELL)).isCloseTo(before, within(1e-9));
        model.choose(UnderbustSchool.DIFFERENCE);
        assertThat(drafted(CELL)).as("a lock stands against another school").isCloseTo(before, within(1e-9));
        model.toggleLock(CELL);
        assertThat(garment().intakes()).isEmpty();
        assertThat(drafted(CELL)).isNotCloseTo(before, within(1.0));
        assertThat(undo()).isEqualTo("princess front intake at underbust back to the rule");
    }

    @Test
    void split_isHeldAndRounded_andBackAtTheRule() {
        SplitOption option = SplitOption.of(SeamPlace.PRINCESS_FRONT).orElseThrow();
        double rule = garment().split(option).value();
        model.split(option, 0.4567);
        assertThat(garment().split(option).value()).isEqualTo(0.46);
        model.split(option, 7);
        assertThat(garment().split(option).value()).isEqualTo(SplitOption.MOST);
        model.split(option, -7);
        assertThat(garment().split(option).value()).isEqualTo(SplitOption.LEAST);
        model.splitByRule(option);
        assertThat(garment().split(option).value()).isEqualTo(rule);
        // The slider's three places were one change.
        workshop.undo();
        workshop.undo();
        assertThat(undo()).isEmpty();
    }

    @Test
    void splitOfTheUpperEnd_isASplitOfItsOwn_andIsCalledSo() {
        double seams = garment().split(SplitOption.PRINCESS_FRONT).value();
        model.split(SplitOption.PRINCESS_UPPER, 0.6);
        assertThat(undo()).isEqualTo("split of the princess front, upper end to 1.5 : 1");
        assertThat(garment().split(SplitOption.PRINCESS_FRONT).value()).isEqualTo(seams);
        assertThat(workshop.refusal()).isEmpty();
        model.splitByRule(SplitOption.PRINCESS_UPPER);
        assertThat(garment().split(SplitOption.PRINCESS_UPPER).value()).isEqualTo(0.5);
    }

    @Test
    void ratio_isSaidAsACutterSaysIt() {
        assertThat(SeamsModel.ratio(1.0 / 3)).isEqualTo("1 : 2");
        assertThat(SeamsModel.ratio(0.5)).isEqualTo("1 : 1");
        assertThat(SeamsModel.ratio(0.75)).isEqualTo("3 : 1");
        assertThat(SeamsModel.ratio(0.4)).isEqualTo("1 : 1.5");
    }

    @Test
    void rightHalf_hasLocksOfItsOwn() {
        workshop.once(
                "uneven",
                workshop.commission()
                        .withMeasurements(workshop.commission()
                                .measurements()
                                .withRight(MeasurementKey.WAIST, Optional.of(Length.mm(372)))));
        assertThat(draft().rightHalf()).isPresent();
        workshop.selection().rightHalfProperty().set(true);
        model.set(CELL, Length.mm(41));
        assertThat(garment().rightIntakes()).containsEntry(CELL, Length.mm(41));
        assertThat(garment().intakes()).isEmpty();
        assertThat(model.isLocked(CELL)).isTrue();
        workshop.selection().rightHalfProperty().set(false);
        assertThat(model.isLocked(CELL)).isFalse();
        model.set(CELL, Length.mm(25));
        workshop.selection().rightHalfProperty().set(true);
        model.backToRule(CELL);
        assertThat(garment().rightIntakes())
                .as("free of its own lock it is as the left")
                .isEmpty();
        assertThat(garment().intakes()).containsEntry(CELL, Length.mm(25));
        assertThat(draft().rightHalf()
                        .orElseThrow()
                        .intakes()
                        .at(CELL.level(), CELL.seam())
                        .value())
                .isCloseTo(25, within(1e-9));
    }

    @Test
    void backWithADart_isOnePiece_inOneStepThatIsTakenBack() {
        assertThat(model.backShaping()).isEqualTo(BackShaping.SEAM);
        int pieces = draft().pattern().pieces().size();
        model.shapeBack(BackShaping.DART);
        assertThat(model.backShaping()).isEqualTo(BackShaping.DART);
        assertThat(draft().pattern().pieces()).hasSize(pieces - 1);
        assertThat(draft().pattern().piece("B1").darts()).hasSize(1);
        // The table keeps its four panels: soundings are taken on them.
        assertThat(draft().panelPieces()).hasSize(pieces);
        assertThat(undo()).isEqualTo("back with a waist dart");
        workshop.undo();
        assertThat(draft().pattern().pieces()).hasSize(pieces);
    }

    /** Joined above, the panels lie as they do with a seam: the dart is no piece there. */
    @Test
    void panelsOfADartedBack_areJoinedOnTheTable() {
        model.shapeBack(BackShaping.DART);
        for (Joining way : List.of(Joining.ABOVE, Joining.BELOW)) {
            assertThat(new Lie(Optional.empty(), false, way).places(draft()))
                    .hasSize(draft().panelPieces().size())
                    .doesNotContainNull();
        }
    }
}
