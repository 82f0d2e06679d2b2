package bathyra.app.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.block.BlockPoint;
import bathyra.block.Half;
import bathyra.block.Step;
import bathyra.book.Practice;
import bathyra.book.WorkshopBook;
import bathyra.draft.BlockDifference;
import bathyra.garment.BlockMethod;
import bathyra.garment.LengthOption;
import bathyra.garment.PrincessStart;
import bathyra.garment.UnderbustSchool;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The Block stage on the demo's first commission: bust 91, waist 72, shoulders 41. */
class BlockModelTest {
    @TempDir
    private Path folder;

    private WorkshopBook book;
    private Workshop workshop;
    private BlockModel model;

    @BeforeEach
    void open() throws Exception {
        book = WorkshopBook.open(DemoBook.fresh(folder.resolve("demo.sqlite")));
        workshop = new Workshop(book);
        model = new BlockModel(workshop);
    }

    @AfterEach
    void close() {
        book.close();
    }

    private void goTo(String title) {
        model.go(0);
        while (!model.step().orElseThrow().title().equals(title)) {
            model.forward();
        }
    }

    @Test
    void anotherSchool_isAChangeThatCanBeTakenBack() {
        workshop.once(
                "by the excess",
                workshop.commission()
                        .withGarment(workshop.commission().garment().withSchool(UnderbustSchool.EXCESS)));
        double quarter = workshop.draft().orElseThrow().intakes().underbust().value();
        model.choose(BlockMethod.SHOULDER_DART);
        assertThat(workshop.undoLabelProperty().get()).isEqualTo("block: Quarter block → Shoulder-dart block");
        assertThat(model.drafted().drawing().orElseThrow().method()).isEqualTo(BlockMethod.SHOULDER_DART);
        assertThat(workshop.draft().orElseThrow().intakes().underbust().value())
                .as("the shaping sits elsewhere")
                .isNotEqualTo(quarter);
        workshop.undo();
        assertThat(model.drafted().drawing().orElseThrow().method()).isEqualTo(BlockMethod.QUARTER);
    }

    @Test
    void theReduction_startsFromTheBlockThatIsChosen() {
        model.choose(BlockMethod.DOUBLED_DART);
        double onQuarter = model.drafted()
                .drawing()
                .orElseThrow()
                .point(Half.FRONT, "Cs")
                .at()
                .x();
        model.base(BlockMethod.SHOULDER_DART);
        assertThat(model.drafted()
                        .drawing()
                        .orElseThrow()
                        .point(Half.FRONT, "Cs")
                        .at()
                        .x())
                .isNotEqualTo(onQuarter);
    }

    @Test
    void aSchoolThatMissesAMeasurement_saysWhich() {
        model.choose(BlockMethod.PROPORTION);
        assertThat(model.drafted().missing()).containsExactly(MeasurementKey.HEIGHT);
        workshop.change(
                "height",
                workshop.commission()
                        .withMeasurements(
                                workshop.commission().measurements().with(MeasurementKey.HEIGHT, Length.mm(1680))),
                InHand.of(""));
        assertThat(model.drafted().drawing()).isPresent();
    }

    @Test
    void comparing_listsTheFarthestPointsFirst_andWhatExplainsThem() {
        model.mode(BlockModel.Mode.COMPARE);
        model.compare(BlockMethod.SHOULDER_DART);
        BlockModel.Comparison comparison = model.comparison().orElseThrow();
        assertThat(comparison.rows())
                .hasSizeGreaterThan(8)
                .isSortedAccordingTo((a, b) -> Double.compare(b.apart(), a.apart()));
        assertThat(comparison.rows().get(0).name()).isEqualTo("St");
        assertThat(comparison.explained().get(comparison.rows().get(0)))
                .as("the shoulder dart grows with bust less underbust")
                .isEqualTo(MeasurementKey.BUST);
    }

    @Test
    void aKeptVersion_isComparedOnTheFiguresOfToday() throws Exception {
        book.versions().keep(workshop.id(), "as sketched", workshop.commission());
        workshop.change(
                "neck",
                workshop.commission()
                        .withGarment(
                                workshop.commission().garment().withLength(LengthOption.NECK_WIDTH, Length.mm(102))),
                InHand.of(""));
        model.mode(BlockModel.Mode.COMPARE);
        model.compare(model.versions().get(0));
        BlockModel.Comparison comparison = model.comparison().orElseThrow();
        assertThat(comparison.rows()).extracting(BlockDifference.Row::name).containsOnly("Ne");
        assertThat(comparison.rows().get(0).across()).isCloseTo(-26, within(1e-9));
        assertThat(comparison.explained()).as("a fixed figure, no measurement").isEmpty();
    }

    @Test
    void aPrincessSeam_isAChange_andCutsBothHalves() {
        model.princess(PrincessStart.ARMHOLE);
        assertThat(workshop.undoLabelProperty().get()).isEqualTo("block: from the middle of the armhole");
        assertThat(model.cuts()).hasSize(2).allSatisfy(cut -> assertThat(Math.abs(cut.lost()))
                .isLessThan(1e-4));
        workshop.undo();
        assertThat(model.cuts()).isEmpty();
    }

    @Test
    void stepping_staysWithinTheSteps() {
        model.mode(BlockModel.Mode.ALONG);
        model.back();
        assertThat(model.stepNumber()).isEqualTo(1);
        model.go(1000);
        assertThat(model.stepNumber()).isEqualTo(model.steps().size());
    }

    @Test
    void lighting_marksEveryPointThatRestsOnAMeasurement_andNoOther() {
        model.drafted();
        model.light(MeasurementKey.WAIST.label());
        BlockPoint atWaist = model.drafted().drawing().orElseThrow().point(Half.FRONT, "Ws");
        BlockPoint shoulder = model.drafted().drawing().orElseThrow().point(Half.FRONT, "St");
        assertThat(model.isLit(atWaist)).isTrue();
        assertThat(model.isLit(shoulder)).isFalse();
    }

    @Test
    void practice_hidesTheFigure_tellsTheSlip_andKeepsALog() {
        model.learner("Wilmot");
        model.mode(BlockModel.Mode.PRACTICE);
        goTo("Waist");
        Step waist = model.step().orElseThrow();
        assertThat(model.asked(waist)).contains("…").doesNotContain("20.5");
        // 72 ÷ 4 + 2.5 = 20.5.
        model.answer("18");
        assertThat(model.verdict().orElseThrow().words()).isEqualTo("Waist dart of the block was not added.");
        model.answer("38.5");
        assertThat(model.verdict().orElseThrow().words()).isEqualTo("Waist was halved, not quartered.");
        model.answer("twenty");
        assertThat(model.verdict().orElseThrow().correct()).isFalse();
        model.answer("20.5");
        assertThat(model.verdict().orElseThrow().correct()).isTrue();
        assertThat(model.attempts())
                .as("what is no figure is no attempt")
                .hasSize(3)
                .extracting(Practice.Attempt::correct)
                .containsExactly(true, false, false);
        model.learner("Odile");
        assertThat(model.attempts()).isEmpty();
    }

    @Test
    void practice_inInches_acceptsTheTapesDivision() {
        workshop.naming().unit(LengthUnit.IN);
        model.mode(BlockModel.Mode.PRACTICE);
        goTo("Waist");
        // 205 mm are 8.07 in; the tape shows 8 1/16.
        model.answer("8 1/16");
        assertThat(model.verdict().orElseThrow().correct()).isTrue();
        model.go(model.stepNumber() - 1);
        model.answer("20.5");
        assertThat(model.verdict().orElseThrow().words()).startsWith("The figure is in centimetres");
    }

    @Test
    void practice_aPlaceThatIsPointedAt_isRightWithinAHandsWidth() {
        model.mode(BlockModel.Mode.PRACTICE);
        goTo("Waist");
        BlockPoint wanted = model.step().orElseThrow().points().get(0);
        model.answerAt(wanted.at().plus(new Vec(40, 0)));
        assertThat(model.verdict().orElseThrow().words().replace('\u00a0', ' '))
                .isEqualTo("Waist line at the side lies 4.0 cm from there.");
        model.answerAt(wanted.at().plus(new Vec(3, 0)));
        assertThat(model.verdict().orElseThrow().correct()).isTrue();
    }
}
