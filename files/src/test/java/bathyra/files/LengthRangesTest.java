package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.length.Length;
import bathyra.place.Level;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every length that can be set keeps its value in a document up to both its ends, and beyond them the document is refused with its name and its range. */
class LengthRangesTest {
    private static final double BEYOND = 1;

    private static String with(LengthOption option, double mm) {
        return document("\"options\":{\"" + option.id() + "\":" + cm(mm) + "}");
    }

    private static String document(String garment) {
        return "{\"format\":\"bathyra-commission\",\"version\":1,\"title\":\"Ranges\",\"units\":\"cm\",\"wearer\":{\"name\":\"Nerea Holloway\"},"
                + "\"measurements\":{\"bustGirth\":91.0,\"underbustGirth\":78.5,\"waistGirth\":72.0},\"garment\":{\"kind\":\"bustier\","
                + garment + "}}";
    }

    private static String cm(double mm) {
        return String.format(Locale.ROOT, "%.3f", mm / 10);
    }

    private static String faults(String document) {
        return String.join(
                        "\n",
                        catchThrowableOfType(BadDocument.class, () -> CommissionJson.read(document))
                                .faults())
                .replace('\u2212', '-');
    }

    @ParameterizedTest
    @EnumSource(LengthOption.class)
    void aLength_isTakenAtBothItsEnds(LengthOption option) throws BadDocument {
        for (Length end : new Length[] {option.least(), option.most()}) {
            assertThat(option.allows(end)).isTrue();
            Commission read = CommissionJson.read(with(option, end.millimetres()));
            assertThat(read.garment().lengths().get(option).millimetres())
                    .as(option.id())
                    .isCloseTo(end.millimetres(), within(1e-6));
        }
    }

    @ParameterizedTest
    @EnumSource(LengthOption.class)
    void beyondThem_itIsRefused_withItsNameAndItsRange(LengthOption option) {
        for (double mm : new double[] {
            option.least().millimetres() - BEYOND, option.most().millimetres() + BEYOND
        }) {
            assertThat(option.allows(Length.mm(mm))).isFalse();
            assertThat(faults(with(option, mm)))
                    .contains(option.id())
                    .contains(cm(mm).replaceAll("0+$", "").replaceAll("\\.$", ".0"));
        }
    }

    @ParameterizedTest
    @EnumSource(LengthOption.class)
    void itSurvivesADocument_whateverTheGarmentIs(LengthOption option) throws BadDocument {
        Length middle = Length.mm(
                Math.rint((option.least().millimetres() + option.most().millimetres()) / 2));
        for (GarmentKind kind : GarmentKind.values()) {
            Commission before =
                    Bodies.commission(Bodies.nerea(), Garment.of(kind).withLength(option, middle));
            Commission after = CommissionJson.read(CommissionJson.write(before));
            assertThat(after.garment().lengths()).as(kind.id()).containsEntry(option, middle);
        }
    }

    @ParameterizedTest
    @EnumSource(Level.class)
    void anEaseOfLetters_orBeyondEveryCloth_isRefused_withItsLevel(Level level) {
        assertThat(faults(document("\"ease\":{\"" + level.id() + "\":\"much\"}")))
                .contains(level.id())
                .contains("much");
        assertThat(faults(document("\"ease\":{\"" + level.id() + "\":41}"))).contains(level.id());
    }

    @Test
    void aGap_belongsToALacing_andHasItsRange() {
        assertThat(faults(document("\"closure\":\"zip\",\"lacingGap\":2"))).contains("a zip leaves no gap");
        assertThat(faults(document(
                        "\"closure\":\"back-lacing\",\"lacingGap\":" + cm(Fastening.GAP_MOST.millimetres() + BEYOND))))
                .contains("lacingGap");
    }

    @Test
    void anOptionThatIsNone_isNamed_withThoseThatThereAre() {
        assertThat(faults(document("\"options\":{\"cup-colour\":1}"))).contains("cup-colour");
    }
}
