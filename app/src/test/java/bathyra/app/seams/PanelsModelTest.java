package bathyra.app.seams;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.garment.Garment;
import bathyra.garment.Panels;
import bathyra.garment.SeamAxis;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Weighting;
import bathyra.intake.SeamAxes;
import bathyra.length.Length;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The panels of the demo's overbust corset, six a side. */
class PanelsModelTest {
    @TempDir
    private Path folder;

    private WorkshopBook book;
    private Workshop workshop;
    private PanelsModel model;

    @BeforeEach
    void open() throws Exception {
        book = WorkshopBook.open(DemoBook.fresh(folder.resolve("demo.sqlite")));
        workshop = new Workshop(book);
        take("Maren Achterberg");
        model = new PanelsModel(workshop);
    }

    @AfterEach
    void close() {
        book.close();
    }

    private void take(String wearer) {
        workshop.deeds()
                .switchTo(workshop.entries().stream()
                        .filter(e -> e.wearer().equals(wearer))
                        .findFirst()
                        .orElseThrow()
                        .id());
    }

    private SeamAxes axes() {
        return workshop.draft().orElseThrow().intakes().axes();
    }

    @Test
    void aMovedSeam_staysBetweenItsNeighbours() {
        SeamPlace second = SeamPlace.front(2);
        model.move(second, 5000);
        double held = axes().of(second).at();
        assertThat(held)
                .isLessThan(axes().front())
                .isGreaterThan(axes().of(SeamPlace.front(1)).at());
        model.move(SeamPlace.SIDE, 100);
        assertThat(axes().of(SeamPlace.SIDE).at())
                .as("the side lies between the blocks")
                .isEqualTo(axes().front());
        model.placed(second);
        assertThat(model.garment().panels().own()).isEmpty();
    }

    @Test
    void aDragIsOneChange_andUndoTakesItBackWhole() {
        Garment before = model.garment();
        workshop.letGo();
        for (int i = 1; i <= 8; i++) {
            model.move(SeamPlace.back(1), axes().of(SeamPlace.back(1)).at() + 1);
        }
        workshop.letGo();
        assertThat(model.garment()).isNotEqualTo(before);
        workshop.undo();
        assertThat(model.garment()).isEqualTo(before);
    }

    @Test
    void aNewSeam_takesItsPlaceInTheOrder_andMoreThanEightPanelsThereAreNot() {
        double between = (axes().of(SeamPlace.back(1)).at()
                        + axes().of(SeamPlace.back(2)).at())
                / 2;
        assertThat(model.add(between)).contains(SeamPlace.back(2));
        assertThat(axes().of(SeamPlace.back(2)).at()).isCloseTo(between, within(0.5));
        model.panels(8);
        assertThat(model.canAdd()).isFalse();
        assertThat(model.add(between)).isEmpty();
        model.panels(9);
        assertThat(model.garment().panels().perSide()).isEqualTo(Panels.MOST);
    }

    @Test
    void ofThreePanels_noneIsLeftOut_andTheSideNeverIs() {
        assertThat(model.canRemove(SeamPlace.SIDE)).isFalse();
        model.panels(3);
        assertThat(model.canRemove(SeamPlace.front(1))).isFalse();
        model.remove(SeamPlace.front(1));
        assertThat(model.garment().panels().perSide()).isEqualTo(3);
    }

    @Test
    void weightsAndLeansAreHeldToTheirRange_andAPresetDropsWhatWasDrawn() {
        model.weigh(SeamPlace.back(1), 99);
        assertThat(model.weight(SeamPlace.back(1))).isEqualTo(5);
        model.weigh(SeamPlace.back(1), -3);
        assertThat(model.weight(SeamPlace.back(1))).isZero();
        model.share(Weighting.EVEN);
        assertThat(model.weight(SeamPlace.back(1))).isEqualTo(1);
        model.lean(SeamPlace.back(1), 80);
        assertThat(model.garment().panels().axis(SeamPlace.back(1)).lean()).isEqualTo(SeamAxis.LEAN_MOST);
    }

    @Test
    void thePresetBeside_hasNeitherLocksNorDrawnWeights() {
        SeamsModel seams = new SeamsModel(workshop);
        seams.set(new Cell(Level.WAIST, SeamPlace.back(1)), Length.mm(5));
        model.weigh(SeamPlace.front(1), 2);
        model.comparePreset();
        Garment bare = workshop.comparison()
                .compared()
                .orElseThrow()
                .draft()
                .commission()
                .garment();
        assertThat(bare.intakes()).isEmpty();
        assertThat(bare.sharing().weights()).isEmpty();
        assertThat(model.garment().intakes()).as("mine stays").hasSize(1);
    }

    @Test
    void theRightHalf_hasLocksOfItsOwn() {
        take("Jorunn Castellane-Abara");
        SeamsModel seams = new SeamsModel(workshop);
        Cell cell = new Cell(Level.WAIST, SeamPlace.back(1));
        workshop.selection().rightHalfProperty().set(true);
        seams.set(cell, Length.mm(12));
        assertThat(workshop.half()
                        .orElseThrow()
                        .intakes()
                        .at(cell.level(), cell.seam())
                        .value())
                .isEqualTo(12);
        assertThat(workshop.draft()
                        .orElseThrow()
                        .intakes()
                        .at(cell.level(), cell.seam())
                        .value())
                .isNotEqualTo(12.0);
        assertThat(seams.isLocked(cell)).isTrue();
        workshop.selection().rightHalfProperty().set(false);
        assertThat(seams.isLocked(cell)).isFalse();
    }

    @Test
    void aBustier_hasNoSeamsToPlace() {
        take("Nerea Holloway");
        assertThat(model.isPanelled()).isFalse();
        assertThat(model.isMovable(SeamPlace.PRINCESS_FRONT)).isFalse();
        assertThat(model.canAdd()).isFalse();
        assertThat(model.garment().panels().placing()).isEqualTo(SeamPlacing.LANDMARKS);
    }
}
