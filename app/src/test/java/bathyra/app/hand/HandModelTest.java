package bathyra.app.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.work.HandedOver;
import bathyra.app.workshop.InWorkshop;
import bathyra.files.json.PatternJson;
import bathyra.hand.Division;
import bathyra.hand.HelpLines;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.piece.Piece;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Pieces as figures to draw from, without the window. */
class HandModelTest extends InWorkshop {
    private final HandedOver handed = new HandedOver();
    private HandModel model;
    private int changes;

    @BeforeEach
    void open() {
        model = begin();
    }

    private HandModel begin() {
        return new HandModel(workshop, handed, () -> changes++);
    }

    @Test
    void everyPiece_isGiven_withItsSteps() {
        assertThat(model.isThere()).isTrue();
        assertThat(model.pieces()).extracting(Piece::id).contains("F1", "B1");
        for (int i = 0; i < model.pieces().size(); i++) {
            model.piece(i);
            assertThat(model.index()).isEqualTo(i);
            assertThat(model.inHand().hand().piece().id())
                    .isEqualTo(model.pieces().get(i).id());
            assertThat(model.steps(i)).isGreaterThan(5);
        }
        model.piece(-1);
        model.piece(99);
        assertThat(model.index()).isEqualTo(model.pieces().size() - 1);
    }

    @Test
    void finerLines_giveMoreFigures_andASmallerSheetSmallerOnes() {
        int coarse = model.steps(0);
        model.lines(HelpLines.FINE);
        assertThat(model.steps(0)).isGreaterThanOrEqualTo(coarse);
        double full = Double.parseDouble(model.say(200));
        model.size(HandModel.Size.QUARTER);
        assertThat(Double.parseDouble(model.say(200))).isCloseTo(full / 4, within(0.051));
        assertThat(model.drawn(400)).isEqualTo(100);
    }

    @Test
    void allowances_makeThePieceLarger() {
        double net = model.inHand().hand().piece().flattened(0.1).stream()
                .mapToDouble(p -> p.x())
                .max()
                .orElseThrow();
        model.line(HandModel.Line.CUT);
        double cut = model.inHand().hand().piece().flattened(0.1).stream()
                .mapToDouble(p -> p.x())
                .max()
                .orElseThrow();
        assertThat(cut).isGreaterThan(net + 5);
    }

    @Test
    void divisions_belongToTheUnit() {
        assertThat(model.division().isInches()).isFalse();
        model.divide(Division.HALF_MILLIMETRE);
        assertThat(model.unit()).isEqualTo(LengthUnit.MM);
        workshop.naming().unit(LengthUnit.IN);
        assertThat(model.division().isInches())
                .as("half a millimetre is on no inch tape")
                .isTrue();
        model.divide(Division.SIXTEENTH);
        assertThat(model.unit()).isEqualTo(LengthUnit.IN_16);
        assertThat(model.tell(25.4)).isEqualTo("1");
    }

    @Test
    void steps_areTicked_andStayTicked_overARestart() {
        assertThat(model.step()).isPresent();
        model.next();
        model.next();
        model.next();
        model.back();
        assertThat(model.done(0)).isEqualTo(2);
        model.piece(1);
        model.go(1_000);
        assertThat(model.done(1)).isEqualTo(model.steps(1));
        assertThat(model.step()).as("all are done").isEmpty();
        HandModel again = begin();
        assertThat(again.done(0)).isEqualTo(2);
        assertThat(again.done(1)).isEqualTo(again.steps(1));
        assertThat(again.done(2)).isZero();
        again.lines(HelpLines.FINE);
        assertThat(again.done(0)).as("other lines are another drawing").isZero();
        again.lines(HelpLines.COARSE);
        again.go(-4);
        assertThat(begin().done(0)).isZero();
    }

    @Test
    void tickedSteps_thatCannotBeRead_areNotDone() {
        book.keepPlace("by-hand-steps", "nonsense\n" + workshop.id() + "-F1-COARSE-NET three\n\n");
        assertThat(begin().done(0)).isZero();
    }

    @Test
    void whatRoundingCosts_isFoundOutBeside() throws InterruptedException {
        assertThat(model.rounding()).isEmpty();
        handed.next();
        assertThat(model.rounding()).isPresent();
        assertThat(changes).isEqualTo(1);
        model.divide(Division.HALF_MILLIMETRE);
        assertThat(model.rounding())
                .as("of another division it is not known yet")
                .isEmpty();
    }

    @Test
    void whereThePiecesLieOnFoldedCloth_isFoundOutBesideToo() throws InterruptedException {
        model.line(HandModel.Line.CUT);
        assertThat(model.rounding()).isEmpty();
        assertThat(model.foldedFound()).as("not on the window's thread").isEmpty();
        handed.next();
        assertThat(model.foldedFound().orElseThrow().said())
                .hasSameSizeAs(model.folded().orElseThrow().said());
        model.line(HandModel.Line.NET);
        assertThat(model.rounding()).isEmpty();
        assertThat(model.foldedFound()).isEmpty();
    }

    @Test
    void sheetsAndFigures_arePutOut_andReadBack() throws Exception {
        Path sheets = folder.resolve("sheets.pdf");
        model.putOut(sheets);
        assertThat(model.said()).isEqualTo("The sheets are in sheets.pdf.");
        try (var pdf = Loader.loadPDF(sheets.toFile())) {
            assertThat(pdf.getNumberOfPages())
                    .isGreaterThanOrEqualTo(model.pieces().size());
            assertThat(new PDFTextStripper().getText(pdf)).contains("Side front");
        }
        Path figures = folder.resolve("figures.csv");
        model.writeFigures(figures);
        model.piece(2);
        model.bringBack(figures);
        assertThat(model.said()).isEmpty();
        assertThat(model.brought().orElseThrow().piece()).isPresent();
        assertThat(model.drawnEdges().orElseThrow()).isNotEmpty();
        assertThat(model.found()).as("our own figures make our own piece").isEmpty();
        Path kept = folder.resolve("kept.json");
        model.keepDrawn(kept);
        assertThat(model.said()).isEqualTo("The pattern with it is in kept.json.");
        var with = PatternJson.read(java.nio.file.Files.readString(kept));
        Piece drawn = model.brought().orElseThrow().piece().orElseThrow();
        assertThat(with.pieces()).hasSameSizeAs(model.pieces());
        assertThat(with.piece(drawn.id()).flattened(0.5)).hasSameSizeAs(drawn.flattened(0.5));
        model.keepDrawn(figures.resolve("kept.json"));
        assertThat(model.said()).contains("could not be written");
        assertThat(model.index()).as("the piece in hand is looked for first").isEqualTo(2);
    }

    @Test
    void figuresOfAnotherPattern_orNone_areSaid() throws Exception {
        Path figures = folder.resolve("figures.csv");
        model.writeFigures(figures);
        String text = Files.readString(figures, StandardCharsets.UTF_8);
        Files.writeString(figures, text.replaceAll("\\b[FB][0-9]\\b", "Z9"));
        model.bringBack(figures);
        assertThat(model.brought()).isEmpty();
        assertThat(model.said()).isNotBlank();
        Files.writeString(figures, "what is this?");
        model.bringBack(figures);
        assertThat(model.said()).startsWith("Nothing was taken in.");
        model.bringBack(folder.resolve("none.csv"));
        assertThat(model.said()).startsWith("none.csv could not be read.");
        model.putOut(figures.resolve("folder.pdf"));
        assertThat(model.said()).contains("could not be written");
    }

    @Test
    void withAllowances_theOrderOnFoldedCloth_isSaid_andPutOut() throws Exception {
        assertThat(model.folded()).as("net nothing is drawn on the cloth").isEmpty();
        model.line(HandModel.Line.CUT);
        assertThat(model.folded().orElseThrow().said()).isNotEmpty();
        Path sheets = folder.resolve("cloth.pdf");
        model.putOut(sheets);
        try (var pdf = Loader.loadPDF(sheets.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("On folded cloth")
                    .contains("Row 1: its waist");
        }
        model.size(HandModel.Size.HALF);
        assertThat(model.folded()).as("for practice nothing is cut").isEmpty();
    }

    @Test
    void anotherBody_isGivenAnew_andKeepsTheTicks() {
        model.next();
        List<Double> before = widths();
        workshop.once(
                "wider",
                workshop.commission()
                        .withMeasurements(
                                workshop.commission().measurements().with(MeasurementKey.WAIST, Length.mm(750))));
        assertThat(widths()).isNotEqualTo(before);
        assertThat(model.done(0)).isEqualTo(1);
    }

    private List<Double> widths() {
        return model.inHand().hand().piece().levelMarks().stream()
                .map(m -> m.length())
                .toList();
    }
}
