package bathyra.files.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasurementCsvTest {
    private static MeasurementCsv.Preview read(String text) {
        return MeasurementCsv.read(text.getBytes(StandardCharsets.UTF_8), LengthUnit.CM);
    }

    private static String said(MeasurementCsv.Preview preview, int row) {
        return preview.rows().get(row).sentence().replace('\u00a0', ' ');
    }

    @ParameterizedTest
    @EnumSource(LengthUnit.class)
    void write_andReadInto_givesTheSameFigures(LengthUnit unit) {
        MeasurementSet set = Bodies.nerea().withRight(MeasurementKey.SHOULDER_TO_APEX, Optional.of(Length.mm(294)));
        MeasurementSet back = MeasurementCsv.read(
                        MeasurementCsv.write(set, unit).getBytes(StandardCharsets.UTF_8), unit)
                .into(MeasurementSet.empty());
        assertThat(back.taken().keySet()).isEqualTo(set.taken().keySet());
        set.taken().forEach((key, length) -> assertThat(back.taken().get(key).millimetres())
                .isCloseTo(length.millimetres(), within(2e-3)));
        assertThat(back.right().get(MeasurementKey.SHOULDER_TO_APEX).millimetres())
                .isCloseTo(294, within(2e-3));
    }

    @Test
    void write_marksEstimates_thatAreNotTakenIn() {
        String table = MeasurementCsv.write(Bodies.nerea(), LengthUnit.CM);
        assertThat(table)
                .startsWith("key,value,unit,how\r\n")
                .contains("bustGirth,91,cm,measured\r\n")
                .contains("upperBustGirth,86,cm,estimated\r\n");
        assertThat(read(table).into(MeasurementSet.empty()).isTaken(MeasurementKey.UPPER_BUST))
                .isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "key,value,unit,how\nbustGirth,91.0,cm,measured\nwaistGirth,72,cm,measured\n",
                "key;value;unit;how\nbustGirth;91,0;cm;measured\nwaistGirth;72;cm;\n",
                "\uFEFFKey\tValue\tUnits\nbust girth\t91\tcm\nWaist\t720\tmm\n",
                "Measurement;Figure\r\nBust;91,0\r\n\r\nWaist;72,0\r\n",
                "unit,key,value\n,Bust,\"91,0\"\n,WAIST,72\n",
                "bustGirth,91\nwaistGirth,72\n",
                "key,value\nbustGirth,91 cm\nwaistGirth,28.34646 in\n"
            })
    void read_isTolerantOfSpelling(String table) {
        MeasurementSet set = read(table).into(MeasurementSet.empty());
        assertThat(set.taken().get(MeasurementKey.BUST)).as(table).isEqualTo(Length.mm(910));
        assertThat(set.taken().get(MeasurementKey.WAIST).millimetres()).isCloseTo(720, within(1e-3));
    }

    @Test
    void read_inOtherEncodings_isTheSame() {
        String table = "key;value;unit\nbustGirth;36½;in\n";
        for (Charset charset :
                new Charset[] {StandardCharsets.UTF_8, StandardCharsets.UTF_16, Charset.forName("windows-1252")}) {
            assertThat(MeasurementCsv.read(table.getBytes(charset), LengthUnit.CM)
                            .into(MeasurementSet.empty())
                            .taken()
                            .get(MeasurementKey.BUST))
                    .as(charset.name())
                    .isEqualTo(Length.mm(36.5 * 25.4));
        }
    }

    @Test
    void read_saysRowByRowWhatIsTakenAndWhyNot() {
        MeasurementCsv.Preview preview = read(
                "key,value,unit,how\nbustGirth,91,cm,measured\nbustGrith,91,cm,\nwaistGirth,7o,cm,\nhipGirth,36,cm,\nbustGirth,92,cm,\napexSpan,18,cm,right\nhipGirth,,cm,\n");
        assertThat(preview.takes()).isEqualTo(1);
        assertThat(said(preview, 0)).isEqualTo("Bust will be 91.0 cm.");
        assertThat(said(preview, 1)).isEqualTo("Row 3, column 1: “bustGrith” is no measurement known here.");
        assertThat(said(preview, 2)).isEqualTo("Row 4, column 2: “7o cm” is no length.");
        assertThat(said(preview, 3))
                .isEqualTo(
                        "Row 5, column 2: Hip is 36.0 cm; plausible is from 70.0 cm to 180.0 cm. It looks like a figure in inches: type in behind it.");
        assertThat(said(preview, 4)).isEqualTo("Row 6, column 1: Bust stands in a row above already.");
        assertThat(said(preview, 5)).isEqualTo("Row 7, column 1: Apex to apex has no right side.");
        assertThat(said(preview, 6)).isEqualTo("Row 8, column 2: no figure stands there.");
    }

    @Test
    void read_whatIsNoTable_saysWhatToDo() {
        assertThat(read("  \n ").fault()).startsWith("The file is empty.");
        assertThat(read("key,value,unit,how\n").fault()).startsWith("The file has a heading and no rows.");
        assertThat(MeasurementCsv.read(new byte[MeasurementCsv.BYTES_MOST + 1], LengthUnit.CM)
                        .fault())
                .startsWith("The file is larger than a megabyte");
        assertThat(read("a,b\n".repeat(2500)).fault()).startsWith("The file has more than 2000 rows");
    }

    @Test
    void defused_keepsAFormulaAText() {
        assertThat(CsvText.defused("=1+1")).isEqualTo("'=1+1");
        assertThat(CsvText.defused("@sum")).isEqualTo("'@sum");
        assertThat(CsvText.defused("bust")).isEqualTo("bust");
        assertThat(CsvText.defused("")).isEmpty();
    }

    /** 1,500 files spoilt at random, quotes, control characters and foreign bytes among them: each gives a preview and takes only what it says. */
    @Test
    void spoiltFiles_neverThrow_andTakeOnlyPlausibleFigures() {
        byte[] good = MeasurementCsv.write(Bodies.nerea(), LengthUnit.CM).getBytes(StandardCharsets.UTF_8);
        byte[] grafts = {'"', ',', ';', '\n', '\r', 0, (byte) 0xff, '=', '-', '9', 'e', (byte) 0xc3, '\t', ' '};
        Random random = new Random(21);
        for (int i = 0; i < 1500; i++) {
            byte[] spoilt = good.clone();
            for (int k = 0; k < 1 + random.nextInt(8); k++) {
                spoilt[random.nextInt(spoilt.length)] =
                        random.nextInt(3) == 0 ? (byte) random.nextInt(256) : grafts[random.nextInt(grafts.length)];
            }
            byte[] cut = random.nextInt(4) == 0 ? Arrays.copyOf(spoilt, random.nextInt(spoilt.length)) : spoilt;
            assertThatCode(() -> {
                        MeasurementCsv.Preview preview = MeasurementCsv.read(cut, LengthUnit.CM);
                        preview.into(MeasurementSet.empty()).taken().forEach((key, length) -> assertThat(
                                        key.isPlausible(length))
                                .isTrue());
                        assertThat(preview.fault().isEmpty() ? preview.rows().isEmpty() : false)
                                .isFalse();
                    })
                    .as("file " + i)
                    .doesNotThrowAnyException();
        }
    }
}
