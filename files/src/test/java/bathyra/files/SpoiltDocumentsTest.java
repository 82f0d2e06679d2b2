package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.csv.MeasurementCsv;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.PatternJson;
import bathyra.garment.Garment;
import bathyra.garment.SplitOption;
import bathyra.garment.UpperShape;
import bathyra.length.LengthUnit;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Documents spoilt at random: each is read, or refused with sentences; nothing else ever happens. */
class SpoiltDocumentsTest {
    private static final String[] GRAFTS = {
        "",
        "\u0000",
        "{",
        "}",
        "[",
        "]",
        "\"",
        ",",
        ":",
        "-",
        "1e999",
        "NaN",
        "null",
        "true",
        "\\u00",
        "\u2028",
        "½",
        "99999999999999999999",
        "[[[[[[[[",
        "﻿"
    };

    private interface Reading {
        void read(String text) throws BadDocument;
    }

    private static int spoil(String good, int rounds, long seed, Reading reading) {
        Random random = new Random(seed);
        int refused = 0;
        for (int i = 0; i < rounds; i++) {
            String text = spoilt(good, random);
            try {
                reading.read(text);
            } catch (BadDocument e) {
                refused++;
                assertThat(e.faults()).as(text).isNotEmpty().allSatisfy(f -> assertThat(f)
                        .contains(": ")
                        .doesNotContain("Exception")
                        .doesNotContain("com.fasterxml"));
            }
        }
        return refused;
    }

    private static String spoilt(String good, Random random) {
        int from = random.nextInt(good.length());
        int to = Math.min(good.length(), from + random.nextInt(12));
        return switch (random.nextInt(4)) {
            case 0 -> good.substring(0, from);
            case 1 -> good.substring(0, from) + GRAFTS[random.nextInt(GRAFTS.length)] + good.substring(to);
            case 2 -> good.substring(0, from) + good.substring(from, to) + good.substring(from);
            default ->
                good.substring(0, from)
                        + (char) (32 + random.nextInt(90))
                        + good.substring(Math.min(good.length(), from + 1));
        };
    }

    @Test
    void commissions_spoilt_areReadOrRefusedInSentences() {
        String good = CommissionJson.write(Bodies.commission(
                Bodies.nerea(),
                Garment.bustier().withUpperEdge(UpperShape.SWEETHEART).withSplit(SplitOption.PRINCESS_FRONT, 0.4)));
        assertThat(spoil(good, Sample.of(1500), 11, CommissionJson::read)).isGreaterThan(Sample.of(700));
    }

    @Test
    void patterns_spoilt_areReadOrRefusedInSentences() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier()));
        String good = PatternJson.write(draft.pattern(), draft.findings(), "test");
        assertThat(spoil(good, Sample.of(600), 12, PatternJson::read)).isGreaterThan(Sample.of(200));
    }

    @Test
    @Timeout(20)
    void monsters_areRefusedInASentence() {
        String[] monsters = {
            "[".repeat(200_000),
            "{\"a\":".repeat(50_000),
            "{\"format\":\"bathyra-commission\",\"version\":1" + "0".repeat(5_000) + "}",
            ",".repeat(1_000_000),
            "{\"title\":\"" + "x".repeat(2_000_000) + "\"}",
            "\u0000".repeat(10_000),
            "{\"measurements\":{\"bustGirth\":1e400}}"
        };
        for (String monster : monsters) {
            BadDocument refused = catchThrowableOfType(BadDocument.class, () -> CommissionJson.read(monster));
            assertThat(refused.faults()).isNotEmpty().allSatisfy(f -> assertThat(f.length())
                    .isLessThan(600));
        }
    }

    @Test
    @Timeout(20)
    void fiftyMegabytesOfCommas_areNotReadToTheirEnd() throws Exception {
        byte[] commas = new byte[50_000_000];
        Arrays.fill(commas, (byte) ',');
        assertThat(MeasurementCsv.read(commas, LengthUnit.CM).fault()).startsWith("The file is larger than a megabyte");
        assertThat(MeasurementCsv.read(Arrays.copyOf(commas, MeasurementCsv.BYTES_MOST), LengthUnit.CM)
                        .takes())
                .isZero();
    }
}
