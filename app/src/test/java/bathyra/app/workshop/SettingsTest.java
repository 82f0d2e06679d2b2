package bathyra.app.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import bathyra.app.measure.MeasureModel;
import bathyra.app.reckoning.OptionField.Setting;
import bathyra.app.seams.SeamsModel;
import bathyra.book.WorkshopBook;
import bathyra.garment.EdgeUse;
import bathyra.garment.Experience;
import bathyra.garment.LengthOption;
import bathyra.garment.SplitOption;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What can be set beside a figure: taken at once, named for undo, and taken back to the rule. */
class SettingsTest {
    @TempDir
    private Path folder;

    private WorkshopBook book;
    private Workshop workshop;
    private Settings settings;

    @BeforeEach
    void open() throws Exception {
        book = WorkshopBook.open(DemoBook.fresh(folder.resolve("demo.sqlite"), LocalDate.of(2026, 11, 29)));
        workshop = new Workshop(book);
        settings = new Settings(workshop);
    }

    @AfterEach
    void close() {
        book.close();
    }

    private String undo() {
        return workshop.undoLabelProperty().get().replace('\u00a0', ' ');
    }

    @Test
    void ease_typedInSteps_isOneChangeNamedWithBothFigures() {
        Setting ease = settings.ease(Level.WAIST);
        assertThat(ease.state().value().get()).isEqualTo(Length.mm(-10));
        assertThat(ease.state().own().get()).isFalse();
        ease.deeds().take().accept(Length.mm(-20));
        ease.deeds().take().accept(Length.mm(-25));
        assertThat(undo()).isEqualTo("ease at the waist −1.0 → −2.5 cm");
        assertThat(workshop.draft()
                        .orElseThrow()
                        .girths()
                        .at(Level.WAIST)
                        .worn()
                        .value())
                .isEqualTo(695);
        assertThat(ease.state().own().get()).isTrue();
        workshop.undo();
        assertThat(ease.state().value().get()).isEqualTo(Length.mm(-10));
    }

    @Test
    void reset_goesBackToTheRule_andCanBeUndone() {
        Setting dartEnd = settings.length(LengthOption.DART_END);
        dartEnd.deeds().take().accept(Length.mm(19));
        dartEnd.deeds().reset().run();
        assertThat(dartEnd.state().own().get()).isFalse();
        assertThat(undo()).isEqualTo("dart end before the apex back to the rule");
        workshop.undo();
        assertThat(dartEnd.state().value().get()).isEqualTo(Length.mm(19));
    }

    @Test
    void allowance_isTakenAndSetsOnlyItsEdge() {
        Setting side = settings.allowance(EdgeUse.SIDE);
        side.deeds().take().accept(Length.mm(40));
        assertThat(undo()).isEqualTo("side allowance 2.5 → 4.0 cm");
        assertThat(workshop.commission().garment().allowance(EdgeUse.SEAM)).isEqualTo(Length.mm(13));
    }

    @Test
    void aValueThatGivesNoDraft_isSaidBesideItsFieldOnly_andTheLastDraftStays() {
        Setting fall = settings.length(LengthOption.BACK_FALL);
        var good = workshop.draft();
        fall.deeds().take().accept(Length.mm(60));
        assertThat(fall.state().refused().get().orElseThrow()).startsWith("The back edge falls by");
        assertThat(settings.length(LengthOption.DART_END).state().refused().get())
                .isEmpty();
        assertThat(workshop.draft()).isEqualTo(good);
        fall.deeds().reset().run();
        assertThat(workshop.refusal()).isEmpty();
    }

    @Test
    void why_isSaidInTheUnitInHand() {
        assertThat(settings.length(LengthOption.WAIST_DART).name().why().replace('\u00a0', ' '))
                .isEqualTo("Begins at 2.5 cm: both legs together; 3.8 cm for a full bust.");
        workshop.naming().unit(LengthUnit.IN);
        assertThat(settings.length(LengthOption.WAIST_DART).name().why().replace('\u00a0', ' '))
                .isEqualTo("Begins at 1 in: both legs together; 1½ in for a full bust.");
    }

    @Test
    void split_isHeldToItsRange_andGoesBack() {
        SeamsModel model = new SeamsModel(workshop);
        model.split(SplitOption.PRINCESS_FRONT, 0.5);
        assertThat(undo()).isEqualTo("split of the princess front to 1 : 1");
        model.split(SplitOption.PRINCESS_FRONT, 0.01);
        assertThat(workshop.commission()
                        .garment()
                        .split(SplitOption.PRINCESS_FRONT)
                        .value())
                .isEqualTo(SplitOption.LEAST);
        model.splitByRule(SplitOption.PRINCESS_FRONT);
        assertThat(workshop.commission().garment().splits()).isEmpty();
    }

    @Test
    void experience_movesTheFirstCaution() {
        // 10 % off the waist: past 8 % for a first corset, under 15 % for a seasoned wearer.
        settings.ease(Level.WAIST).deeds().take().accept(Length.mm(-72));
        MeasureModel model = new MeasureModel(workshop);
        model.experience(Experience.FIRST);
        assertThat(workshop.draft().orElseThrow().findings()).anyMatch(f -> f.id().equals("waist-reduction"));
        model.experience(Experience.SEASONED);
        assertThat(workshop.draft().orElseThrow().findings()).noneMatch(f -> f.id().equals("waist-reduction"));
        assertThat(undo()).isEqualTo("wearer is seasoned");
    }

    @Test
    void wrongText_waitsOnItsOwnPage() {
        MeasureModel model = new MeasureModel(workshop);
        model.type(MeasurementKey.WAIST, "7o");
        assertThat(model.fault(MeasurementKey.WAIST)).isPresent();
        long first = workshop.id();
        workshop.deeds().switchTo(workshop.entries().get(1).id());
        assertThat(model.fault(MeasurementKey.WAIST)).isEmpty();
        workshop.deeds().switchTo(first);
        assertThat(model.fault(MeasurementKey.WAIST)).isPresent();
    }

    @Test
    void figuresAtOdds_areSaidBesideTheOneThatWasChanged() {
        MeasureModel model = new MeasureModel(workshop);
        model.type(MeasurementKey.BACK_LENGTH, "37");
        assertThat(model.fault(MeasurementKey.BACK_LENGTH).orElseThrow().replace('\u00a0', ' '))
                .isEqualTo(
                        "The front is 9.8 cm longer than the back. A side bust dart over 7.0 cm cannot be closed: take both lengths again.");
        assertThat(model.fault(MeasurementKey.FRONT_LENGTH))
                .as("the one to take again first")
                .isPresent();
        assertThat(model.fault(MeasurementKey.BUST)).isEmpty();
        model.type(MeasurementKey.BACK_LENGTH, "43.9");
        assertThat(model.fault(MeasurementKey.BACK_LENGTH)).isEmpty();
        assertThat(model.fault(MeasurementKey.FRONT_LENGTH)).isEmpty();
    }

    @Test
    void bookThatFails_isSaid_andTheChangeStaysOnTheScreen() {
        book.close();
        workshop.change(
                "hip",
                workshop.commission()
                        .withMeasurements(
                                workshop.commission().measurements().with(MeasurementKey.HIP, Length.mm(1040))),
                InHand.of("hip"));
        assertThat(workshop.failureProperty().get()).startsWith("The book ").contains("could not");
        assertThat(workshop.commission().measurements().taken()).containsEntry(MeasurementKey.HIP, Length.mm(1040));
    }
}
