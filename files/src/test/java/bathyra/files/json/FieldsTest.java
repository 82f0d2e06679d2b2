package bathyra.files.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.length.Length;
import bathyra.length.LengthUnit;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The fields of a document as they are read: what is there, what is wrong with it, where it stands and what to write instead. */
class FieldsTest {
    private static Fields of(String json) throws Exception {
        return Fields.root(new ObjectMapper().readTree(json));
    }

    @Test
    void whatIsThere_isRead_andWhatIsNot_isEmpty() throws Exception {
        Fields fields =
                of("{\"name\": \"Heron\", \"count\": 4, \"share\": 0.25, \"yes\": true, \"words\": [\"a\", \"b\"]}");
        assertThat(fields.text("name")).contains("Heron");
        assertThat(fields.whole("count")).contains(4);
        assertThat(fields.share("share")).contains(0.25);
        assertThat(fields.truth("yes")).contains(true);
        assertThat(fields.texts("words")).containsExactly("a", "b");
        assertThat(fields.text("none")).isEmpty();
        assertThat(fields.whole("none")).isEmpty();
        assertThat(fields.share("none")).isEmpty();
        assertThat(fields.truth("none")).isEmpty();
        assertThat(fields.texts("none")).isEmpty();
        assertThat(fields.objects("none")).isEmpty();
        assertThat(fields.length("none", LengthUnit.CM)).isEmpty();
        assertThat(fields.object("none").has("anything")).isFalse();
        assertThat(fields.faults()).isEmpty();
    }

    /** Null is as if it were not written. */
    @Test
    void nothing_isNotAFault() throws Exception {
        Fields fields = of("{\"a\": null}");
        assertThat(fields.text("a")).isEmpty();
        assertThat(fields.share("a")).isEmpty();
        assertThat(fields.truth("a")).isEmpty();
        assertThat(fields.length("a", LengthUnit.MM)).isEmpty();
        assertThat(fields.objects("a")).isEmpty();
        assertThat(fields.faults()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"a\": 7} | text",
                "{\"a\": \"seven\"} | whole",
                "{\"a\": 7.5} | whole",
                "{\"a\": 9000000000} | whole",
                "{\"a\": \"half\"} | share",
                "{\"a\": \"yes\"} | truth",
                "{\"a\": 1} | truth",
                "{\"a\": [1, 2]} | texts",
                "{\"a\": \"one\"} | texts",
                "{\"a\": [1, 2]} | objects",
                "{\"a\": {}} | objects",
                "{\"a\": [1]} | object",
                "{\"a\": true} | length",
                "{\"a\": \"soon\"} | length"
            })
    void whatIsOfAnotherKind_isAFault_withItsPlace(String json, String as) throws Exception {
        Fields fields = of(json);
        Object read =
                switch (as) {
                    case "text" -> fields.text("a");
                    case "whole" -> fields.whole("a");
                    case "share" -> fields.share("a");
                    case "truth" -> fields.truth("a");
                    case "texts" -> fields.texts("a");
                    case "objects" -> fields.objects("a");
                    case "object" -> fields.object("a");
                    default -> fields.length("a", LengthUnit.CM);
                };
        assertThat(read).isNotNull();
        assertThat(fields.faults()).singleElement().satisfies(f -> assertThat(f).startsWith("a: is "));
    }

    /** A bare number is in the document's unit; a text may bring its own, or a fraction. */
    @ParameterizedTest
    @CsvSource({
        "12.5, CM, 125",
        "12.5, MM, 12.5",
        "12.5, IN, 317.5",
        "'\"78,5 cm\"', IN, 785",
        "'\"30 7/8 in\"', CM, 784.225",
        "'\"30⅞\"', IN, 784.225"
    })
    void lengths_areRead_inTheDocumentsUnitOrTheirOwn(String written, LengthUnit unit, double mm) throws Exception {
        Fields fields = of("{\"waist\": " + written + "}");
        assertThat(fields.length("waist", unit).orElseThrow().millimetres()).isCloseTo(mm, within(1e-6));
        assertThat(fields.faults()).isEmpty();
    }

    /** The place of a fault is named through every object it stands in. */
    @Test
    void faultsInside_areNamedByTheirWholePath_andGatheredAtTheRoot() throws Exception {
        Fields fields =
                of("{\"garment\": {\"seams\": {\"at\": \"left\"}}, \"marks\": [{\"by\": 1}, {\"by\": \"far\"}]}");
        fields.object("garment").object("seams").share("at");
        List<Fields> marks = fields.objects("marks");
        marks.forEach(m -> m.share("by"));
        assertThat(fields.faults()).hasSize(2);
        assertThat(fields.faults().get(0)).startsWith("garment.seams.at: ");
        assertThat(fields.faults().get(1)).contains("marks").contains("by: ");
        assertThat(fields.object("garment").path("seams")).isEqualTo("garment.seams");
    }

    @Test
    void unknownKey_isRefused_withTheNearestThatIsKnown() throws Exception {
        Fields fields = of("{\"waits\": 1, \"bust\": 2, \"quux\": 3}");
        fields.only(List.of("waist", "bust", "hip"));
        assertThat(fields.faults()).hasSize(2);
        assertThat(fields.faults().get(0)).contains("waits").contains("waist");
        assertThat(fields.faults().get(1)).contains("quux");
        assertThat(fields.keys()).containsExactly("waits", "bust", "quux");
    }

    @ParameterizedTest
    @CsvSource({"waits, waist", "Bust, bust", "highhip, high-hip", "underbut, underbust"})
    void nearest_isTheNameThatIsSpelledMostLikeIt(String typed, String meant) {
        assertThat(Fields.nearest(typed, List.of("waist", "bust", "high-hip", "underbust", "hip")))
                .isEqualTo(meant);
    }

    /** What the cutter left in her own book is read back whatever it is; what comes from elsewhere is held to its range. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void figuresOutOfRange_areFaultsOfDocumentsFromElsewhereAlone(boolean ranges) throws Exception {
        Fields fields = Fields.root(new ObjectMapper().readTree("{\"waist\": 9000}"), ranges);
        Optional<Length> length = fields.length("waist", LengthUnit.MM);
        assertThat(length).isPresent();
        fields.beyond("waist", "is 9000", "from 400 to 1800");
        assertThat(fields.faults()).hasSize(ranges ? 1 : 0);
        fields.fault("waist", "is wrong", "right");
        assertThat(fields.faults()).as("a fault is one either way").hasSize(ranges ? 2 : 1);
    }
}
