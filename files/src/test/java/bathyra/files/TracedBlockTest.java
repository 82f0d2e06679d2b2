package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import bathyra.block.BlockDart;
import bathyra.block.BlockDrawing;
import bathyra.block.BlockEdge;
import bathyra.block.Half;
import bathyra.draft.BlockDrafter;
import bathyra.draft.BlockPattern;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Tracing;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.PatternJson;
import bathyra.finding.Finding;
import bathyra.finding.NotDraftable;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.TracedBlock;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.Pattern;
import bathyra.truing.Truing;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A block goes out as a pattern document, comes back, and the reduction starts from it. */
class TracedBlockTest {
    private final MeasurementSet set = Bodies.nerea()
            .with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410))
            .with(MeasurementKey.HEIGHT, Length.mm(1700));

    private BlockDrawing drawing(Garment garment) {
        return BlockDrafter.draft(set, garment).drawing().orElseThrow();
    }

    private String document(BlockMethod method) {
        Garment garment = Garment.bustier().withBlock(BlockChoice.QUARTER.withMethod(method));
        return PatternJson.write(BlockPattern.of(drawing(garment), "My old block"), List.of(), "test");
    }

    private static List<String> refused(String document) throws Exception {
        Pattern pattern = PatternJson.read(document);
        return catchThrowableOfType(NotDraftable.class, () -> Tracing.of(pattern)).reasons().stream()
                .map(f -> f.sentence().in(LengthUnit.CM).replace('\u00a0', ' '))
                .toList();
    }

    /** The waist dart of the quarter block: 25 wide on the waist line, its ends 13 below the apex and 51 above the hip line. */
    @Test
    void darts_standInTheDocument_withLegsEndsAndCentre() throws Exception {
        BlockDrawing drawing = drawing(Garment.bustier());
        String text = PatternJson.write(drawing, "A block", List.of(), "test");
        JsonNode darts = new ObjectMapper().readTree(text).get("darts");
        assertThat(darts).hasSize(drawing.darts().size());
        for (int i = 0; i < darts.size(); i++) {
            JsonNode dart = darts.get(i);
            BlockDart drawn = drawing.darts().get(i);
            assertThat(dart.get("piece").asText()).isEqualTo(drawn.half() == Half.FRONT ? "FB" : "BB");
            double mouth = Math.hypot(
                    dart.at("/legs/0/0").asDouble() - dart.at("/legs/1/0").asDouble(),
                    dart.at("/legs/0/1").asDouble() - dart.at("/legs/1/1").asDouble());
            assertThat(mouth).as(drawn.label()).isCloseTo(drawn.a().distance(drawn.b()), within(1e-5));
            assertThat(dart.get("ends")).hasSize(drawn.tips().size());
            assertThat(dart.at("/centre/1/1").asDouble())
                    .isCloseTo(drawn.tips().get(0).y(), within(1e-5));
        }
        assertThat(PatternJson.read(text).pieces()).as("and it reads").hasSize(2);
    }

    @ParameterizedTest
    @EnumSource(value = BlockMethod.class, names = "DOUBLED_DART", mode = EnumSource.Mode.EXCLUDE)
    void theReductionOfATracedBlock_isThatOfTheBlockItself(BlockMethod method) throws Exception {
        TracedBlock traced = Tracing.of(PatternJson.read(document(method)));
        BlockDrawing fromPaper = drawing(
                Garment.bustier().withBlock(BlockChoice.QUARTER.withBase(method).withTraced(traced)));
        BlockDrawing fromFigures = drawing(Garment.bustier()
                .withBlock(
                        BlockChoice.QUARTER.withMethod(BlockMethod.DOUBLED_DART).withBase(method)));
        for (String name : List.of("W1", "W2", "R1", "R2")) {
            assertThat(fromPaper
                            .last(Half.FRONT, name)
                            .orElseThrow()
                            .at()
                            .distance(fromFigures
                                    .last(Half.FRONT, name)
                                    .orElseThrow()
                                    .at()))
                    .as(name)
                    .isLessThan(0.01);
        }
        // The base was trued before it was put on paper, so the underarm is in its final place already.
        assertThat(fromPaper.length(Half.BACK, BlockEdge.Name.SIDE))
                .isCloseTo(fromFigures.length(Half.BACK, BlockEdge.Name.SIDE), within(1.0));
        assertThat(fromPaper.length(Half.FRONT, BlockEdge.Name.SHOULDER))
                .isCloseTo(fromFigures.length(Half.FRONT, BlockEdge.Name.SHOULDER), within(0.5));
        assertThat(fromPaper.length(Half.FRONT, BlockEdge.Name.SIDE))
                .isCloseTo(fromPaper.length(Half.BACK, BlockEdge.Name.SIDE), within(0.5));
    }

    @ParameterizedTest
    @EnumSource(BlockMethod.class)
    void everySchoolsBlockDocument_holdsWhenItIsChecked(BlockMethod method) throws Exception {
        Pattern pattern = PatternJson.read(document(method));
        assertThat(Truing.look(pattern))
                .allSatisfy(f ->
                        assertThat(f.status()).as(f.id() + " " + f.subject()).isNotEqualTo(Finding.Status.FAULT));
    }

    @Test
    void aTracedBlock_isKeptInTheCommission_andTheGarmentIsDraftedFromIt() throws Exception {
        TracedBlock traced = Tracing.of(PatternJson.read(document(BlockMethod.QUARTER)));
        Commission commission =
                Bodies.commission(set, Garment.bustier().withBlock(BlockChoice.QUARTER.withTraced(traced)));
        Commission again = CommissionJson.read(CommissionJson.write(commission));
        assertThat(again).isEqualTo(commission);
        assertThat(Drafter.draft(again) instanceof Draft).isTrue();
    }

    @Test
    void aDocumentThatIsNoBlock_isRefused_namingPieceAndEdge() throws Exception {
        String document = document(BlockMethod.QUARTER);
        assertThat(refused(document.replace("\"armhole\"", "\"sleeve\"")))
                .contains(
                        "Piece FB has no edge armhole. Name its edges neck, shoulder, armhole, side, hem and centre.");
        assertThat(refused(document.replace("\"level\" : \"chest\"", "\"level\" : \"bosom\"")))
                .contains("Piece BB has no level mark for the chest. Mark chest, waist and hip.");
        assertThat(refused(document.replace("\"block\" : \"back\"", "\"block\" : \"front\"")))
                .singleElement()
                .asString()
                .startsWith("The document holds 2 front and 0 back pieces.");
        String bustier = PatternJson.write(
                ((Draft) Drafter.draft(Bodies.commission(set, Garment.bustier()))).pattern(), List.of(), "test");
        assertThat(refused(bustier))
                .singleElement()
                .asString()
                .startsWith("The document holds 2 front and 2 back pieces.");
    }

    @Test
    void anOutlineThatIsOpen_isRefused_withTheGap() throws Exception {
        Pattern sound = BlockPattern.of(drawing(Garment.bustier()), "open");
        String document = PatternJson.write(sound, List.of(), "test");
        // The hem of the front is moved down by 12.
        double y = sound.pieces().get(0).edge("hem").path().start().y();
        String open = document.replaceFirst(
                "\\[ \"M\", ([0-9.]+), " + number(y) + " \\]", "[ \"M\", $1, " + number(y + 12) + " ]");
        assertThat(open).isNotEqualTo(document);
        assertThat(refused(open)).anyMatch(s -> s.startsWith("Piece FB: the edge hem begins 1.2 cm from where side"));
    }

    private static String number(double value) {
        return Double.toString(Math.round(value * 1e6) / 1e6);
    }
}
