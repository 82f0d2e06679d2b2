package bathyra.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.work.HandedOver;
import bathyra.app.workshop.InWorkshop;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.practice.Exercise;
import bathyra.practice.Repetition;
import bathyra.practice.Skill;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Random;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A session of practice without the window. */
class PracticeModelTest extends InWorkshop {
    private final HandedOver handed = new HandedOver();
    private PracticeModel model;

    @BeforeEach
    void open() {
        model = begin();
        model.bringUpToDate();
    }

    private PracticeModel begin() {
        return new PracticeModel(workshop, handed, () -> {}, new Random(5));
    }

    private Exercise asked() {
        return model.asked().orElseThrow();
    }

    private String right() {
        return LengthText.figure(Length.mm(asked().answer().value()), workshop.unit());
    }

    @Test
    void answerAsTheTapeReads_isRight_inEitherUnit() {
        for (LengthUnit unit : new LengthUnit[] {LengthUnit.CM, LengthUnit.IN}) {
            workshop.naming().unit(unit);
            for (int i = 0; i < 20; i++) {
                model.answer(right());
                assertThat(model.verdict().orElseThrow().correct())
                        .as(asked().toString())
                        .isTrue();
                model.goOn();
                assertThat(model.verdict()).isEmpty();
                assertThat(model.hints()).isZero();
            }
        }
    }

    @Test
    void aWholeDraft_isReckonedToItsEnd_andBeginsAnew() {
        model.course(PracticeModel.Course.WHOLE);
        int size = model.whole().orElseThrow().all().size();
        assertThat(size).isGreaterThan(30);
        Exercise first = asked();
        model.answer("999");
        model.answer(right());
        model.goOn();
        for (int i = 1; i < size; i++) {
            assertThat(model.whole().orElseThrow().at()).isEqualTo(i);
            model.answer(right());
            model.goOn();
        }
        assertThat(model.asked()).isEmpty();
        assertThat(model.drawing()).isEmpty();
        assertThat(model.whole().orElseThrow().right())
                .as("all but the first, which was right only at the second try")
                .isEqualTo(size - 1);
        assertThat(book.practice().of("")).as("each is kept under its skill").hasSize(size);
        model.goOn();
        assertThat(asked()).isEqualTo(first);
        model.course(PracticeModel.Course.DUE);
        assertThat(model.whole()).isEmpty();
        assertThat(model.asked()).isPresent();
    }

    @Test
    void wrongAnswer_isWrong_andKept_andNoNumberIsNeither() {
        model.answer("quite long");
        assertThat(model.said()).contains("Not understood: quite long");
        assertThat(model.verdict()).isEmpty();
        assertThat(book.practice().of("")).isEmpty();
        model.answer("999");
        assertThat(model.verdict().orElseThrow().correct()).isFalse();
        assertThat(book.practice().of("")).singleElement().satisfies(a -> assertThat(a.correct())
                .isFalse());
        model.answer(right());
        assertThat(model.verdict().orElseThrow().correct()).isTrue();
        assertThat(book.practice().of(""))
                .as("what was wrong at first is not made right by a second try")
                .hasSize(1);
    }

    @Test
    void withAllHints_aRightAnswerIsNotOnesOwn() {
        for (int i = 0; i < 10; i++) {
            model.hint();
        }
        assertThat(model.hints()).isEqualTo(Exercise.Depth.values().length);
        model.answer(right());
        assertThat(model.verdict().orElseThrow().correct()).isTrue();
        assertThat(book.practice().of("")).singleElement().satisfies(a -> assertThat(a.correct())
                .isFalse());
    }

    @Test
    void slip_isNamed() {
        for (int i = 0; i < 400 && asked().skill() != Skill.PATTERN; i++) {
            model.answer(right());
            model.goOn();
        }
        // Who forgets to halve hears of it.
        model.answer(LengthText.figure(Length.mm(asked().answer().value() * 2), workshop.unit()));
        assertThat(model.verdict().orElseThrow().correct()).isFalse();
        assertThat(model.verdict().orElseThrow().slip()).isPresent();
        assertThat(book.practice().of("").get(0).slip()).isNotBlank();
    }

    @Test
    void everySkill_isAsked_inTime() {
        Set<Skill> met = EnumSet.noneOf(Skill.class);
        for (int i = 0; i < 120; i++) {
            met.add(asked().skill());
            model.answer(right());
            model.goOn();
        }
        assertThat(met).hasSizeGreaterThan(4);
        Repetition repetition = model.repetition();
        assertThat(repetition.boxes().keySet()).containsAll(met);
    }

    @Test
    void eachLearner_hasAnOwnRecord_andTheClassIsPutOut() throws Exception {
        model.learner("  Ottilie  ");
        assertThat(model.learner()).isEqualTo("Ottilie");
        model.answer(right());
        model.learner("Bram");
        assertThat(model.repetition().boxes()).isEmpty();
        model.answer("999");
        model.learner("a name that is far longer than sixty letters, and that nobody would ever write on a sheet");
        assertThat(model.learner()).isEqualTo("Bram");
        Path table = folder.resolve("class.csv");
        model.writeClass(table);
        assertThat(model.said()).isEqualTo("The class is in class.csv.");
        assertThat(Files.readString(table, StandardCharsets.UTF_8))
                .contains("Ottilie")
                .contains("Bram");
        assertThat(begin().learner()).as("after a restart").isEqualTo("Bram");
    }

    @Test
    void teachersSheet_hasTheSumsAndTheirAnswers() throws Exception {
        Path sheet = folder.resolve("sheet.pdf");
        model.writeSheet(sheet);
        assertThat(model.said()).isEqualTo("The sheet is in sheet.pdf.");
        try (var pdf = Loader.loadPDF(sheet.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains(workshop.commission().title())
                    .contains("12");
        }
        model.writeSheet(sheet.resolve("below-a-file.pdf"));
        assertThat(model.said()).contains("could not be written");
    }

    @Test
    void madeUpBody_isDraftedBeside_andGoingBackEndsIt() throws InterruptedException {
        Exercise before = asked();
        model.from(PracticeModel.Source.MADE_UP);
        handed.next();
        assertThat(model.source()).isEqualTo(PracticeModel.Source.MADE_UP);
        assertThat(model.asked()).isPresent();
        model.another();
        model.from(PracticeModel.Source.COMMISSION);
        assertThat(model.asked()).isPresent();
        Thread.sleep(300);
        handed.all();
        assertThat(model.source()).isEqualTo(PracticeModel.Source.COMMISSION);
        model.bringUpToDate();
        assertThat(model.asked().orElseThrow().getClass()).isEqualTo(before.getClass());
    }

    @Test
    void madeUpBodies_areBodies() {
        Random random = new Random(9);
        for (int i = 0; i < 200; i++) {
            MeasurementSet body = PracticeModel.madeUp(random);
            double bust = body.taken().get(MeasurementKey.BUST).millimetres();
            double waist = body.taken().get(MeasurementKey.WAIST).millimetres();
            assertThat(bust).isGreaterThan(waist);
            assertThat(MeasurementKey.WAIST.isPossible(Length.mm(waist))).isTrue();
        }
    }
}
