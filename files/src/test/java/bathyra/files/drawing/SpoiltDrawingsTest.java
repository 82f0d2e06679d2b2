package bathyra.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.CuttingPlan;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.json.BadDocument;
import bathyra.files.svg.SvgPattern;
import bathyra.foreign.DrawnUnit;
import bathyra.foreign.ForeignDrawing;
import bathyra.foreign.Taken;
import bathyra.foreign.Taking;
import bathyra.garment.Garment;
import bathyra.length.LengthUnit;
import bathyra.truing.Truing;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.SocketTimeoutException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** Drawings spoilt on purpose: each is taken or refused with a sentence soon; nothing outside it is touched. */
class SpoiltDrawingsTest {
    private static final String[] GRAFTS = {
        "",
        "\u0000",
        "<",
        ">",
        "&",
        "\"",
        "&#x0;",
        "1e999",
        "-1e30",
        "NaN",
        "999999999999999999999",
        "<svg>",
        "</g>",
        "M",
        "z",
        "c",
        "A1 1 0 0 0 ",
        "matrix(",
        "scale(1e9)",
        "\n0\n",
        "\n10\n",
        "POLYLINE",
        "INSERT",
        "]]>",
        "<!--",
        "½",
        "translate(NaN)",
        "\n70\n1\n",
        "url(#x)"
    };
    private static final int ROUNDS = Sample.of(1000);
    private static final Duration LIMIT = Duration.ofSeconds(20);
    private final Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier()));
    private final CuttingPlan plan = CuttingPlan.of(draft);

    private interface Reading {
        ForeignDrawing read(String text) throws BadDocument;
    }

    /** @return whether it was refused */
    private static boolean tried(String text, Reading reading) {
        long began = System.nanoTime();
        boolean refused = false;
        try {
            ForeignDrawing drawing = reading.read(text);
            Taken taken = Taking.take(drawing, drawing.unit().orElse(DrawnUnit.MM));
            refused = !taken.faults().isEmpty();
            taken.faults().forEach(f -> assertSaid(f.sentence().in(LengthUnit.MM)));
            Truing.lookAtForeign(taken.pattern());
        } catch (BadDocument e) {
            refused = true;
            assertThat(e.faults()).isNotEmpty().allSatisfy(SpoiltDrawingsTest::assertSaid);
        }
        assertThat(Duration.ofNanos(System.nanoTime() - began)).isLessThan(LIMIT);
        return refused;
    }

    private static void assertSaid(String words) {
        assertThat(words.length()).isBetween(20, 700);
        assertThat(words)
                .contains(" ")
                .doesNotContain("Exception")
                .doesNotContain("org.apache")
                .doesNotContain("java.")
                .doesNotContain("null");
    }

    private static String spoilt(String good, Random random) {
        StringBuilder text = new StringBuilder(good);
        for (int i = 0; i <= random.nextInt(4); i++) {
            int from = random.nextInt(text.length());
            int to = Math.min(text.length(), from + random.nextInt(14));
            switch (random.nextInt(5)) {
                case 0 -> text.setLength(Math.max(20, from));
                case 1 -> text.replace(from, to, GRAFTS[random.nextInt(GRAFTS.length)]);
                case 2 -> text.insert(from, text.substring(from, to));
                case 3 -> text.setCharAt(from, (char) (32 + random.nextInt(90)));
                default -> text.setCharAt(from, (char) ('0' + random.nextInt(10)));
            }
        }
        return text.toString();
    }

    private static int spoil(String good, int rounds, long seed, Reading reading) {
        Random random = new Random(seed);
        int refused = 0;
        for (int i = 0; i < rounds; i++) {
            refused += tried(spoilt(good, random), reading) ? 1 : 0;
        }
        return refused;
    }

    @Test
    @Timeout(600)
    void svgs_spoiltAThousandTimes_areTakenOrRefusedInSentences() {
        assertThat(spoil(SvgPattern.write(plan), ROUNDS, 21, DrawingFile::svg)).isBetween(ROUNDS * 4 / 10, ROUNDS - 1);
    }

    @Test
    @Timeout(600)
    void dxfs_spoiltAThousandTimes_areTakenOrRefusedInSentences() {
        assertThat(spoil(DxfPattern.write(plan), ROUNDS, 22, DrawingFile::dxf)).isBetween(ROUNDS * 3 / 10, ROUNDS - 1);
    }

    @Test
    @Timeout(60)
    void entitiesAndReferences_touchNoFileAndNoNetwork(@TempDir Path folder) throws IOException {
        Path canary = Files.writeString(
                folder.resolve("canary.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg'><rect width='900' height='900'/></svg>");
        FileTime untouched = FileTime.from(Instant.parse("2020-01-01T00:00:00Z"));
        Files.setAttribute(canary, "lastAccessTime", untouched);
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            server.setSoTimeout(300);
            String net = "http://127.0.0.1:" + server.getLocalPort() + "/";
            String file = canary.toUri().toString();
            for (String reference : new String[] {net, file}) {
                tried(
                        "<!DOCTYPE svg SYSTEM '" + reference + "x.dtd'><svg><rect width='90' height='90'/></svg>",
                        DrawingFile::svg);
                tried("<!DOCTYPE svg [<!ENTITY e SYSTEM '" + reference + "'>]><svg><g>&e;</g></svg>", DrawingFile::svg);
                tried("<!DOCTYPE svg [<!ENTITY % p SYSTEM '" + reference + "'> %p;]><svg/>", DrawingFile::svg);
                tried(
                        "<svg xmlns:xi='http://www.w3.org/2001/XInclude'><xi:include href='" + reference
                                + "'/><image href='" + reference + "'/><use href='" + reference + "#a'/>"
                                + "<style>@import url(" + reference + ");</style><rect width='90' height='90'/></svg>",
                        DrawingFile::svg);
                tried(
                        "<?xml-stylesheet href='" + reference + "'?><svg><rect width='90' height='90'/></svg>",
                        DrawingFile::svg);
            }
            assertThatThrownBy(server::accept).as("nobody called").isInstanceOf(SocketTimeoutException.class);
        }
        assertThat(Files.readAttributes(canary, BasicFileAttributes.class).lastAccessTime())
                .isEqualTo(untouched);
    }

    @Test
    @Timeout(120)
    void bombs_areRefusedSoon() {
        StringBuilder laughs = new StringBuilder("<!DOCTYPE svg [<!ENTITY a 'ha'>");
        for (char c = 'b'; c < 'k'; c++) {
            laughs.append("<!ENTITY ")
                    .append(c)
                    .append(" '")
                    .append(("&" + (char) (c - 1) + ";").repeat(10))
                    .append("'>");
        }
        assertThat(tried(laughs + "]><svg><g id='&j;'/></svg>", DrawingFile::svg))
                .isTrue();
        assertThat(tried("<svg>" + "<g>".repeat(100_000), DrawingFile::svg)).isTrue();
        assertThat(tried("<svg><path d='M0 0" + " L1 1 L2 2".repeat(1_000_000) + "'/></svg>", DrawingFile::svg))
                .isTrue();
        assertThat(tried("<svg>" + "<path d='M0 0 L5 5'/>".repeat(200_000) + "</svg>", DrawingFile::svg))
                .isTrue();
        assertThat(tried("<svg><rect width='1e300' height='9'/></svg>", DrawingFile::svg))
                .isTrue();
        assertThat(tried(
                        "<svg width='1mm' height='1mm' viewBox='0 0 1e-30 1e-30'><rect width='50' height='50'/></svg>",
                        DrawingFile::svg))
                .isTrue();
        String head = "0\nSECTION\n2\nENTITIES\n";
        assertThat(tried(head + "0\nPOLYLINE\n70\n1\n" + "0\nVERTEX\n10\n1\n20\n2\n".repeat(900_000), DrawingFile::dxf))
                .isTrue();
        assertThat(tried(head + "0\nLINE\n10\n1e308\n20\n0\n11\n5\n21\n5\n0\nENDSEC\n0\nEOF\n", DrawingFile::dxf))
                .isTrue();
        assertThat(tried(head + "0\nSPLINE\n71\n9999999\n40\n0\n10\n1\n20\n1\n0\nENDSEC\n0\nEOF\n", DrawingFile::dxf))
                .isTrue();
        StringBuilder tower = new StringBuilder("0\nSECTION\n2\nBLOCKS\n");
        for (int i = 0; i < 9; i++) {
            tower.append("0\nBLOCK\n2\nB")
                    .append(i)
                    .append('\n')
                    .append(("0\nINSERT\n2\nB" + (i + 1) + "\n").repeat(10))
                    .append("0\nENDBLK\n");
        }
        assertThat(tried(tower + "0\nENDSEC\n" + head + "0\nINSERT\n2\nB0\n0\nENDSEC\n0\nEOF\n", DrawingFile::dxf))
                .isTrue();
    }

    @Test
    @Timeout(120)
    void combsOfManyLines_areLookedAtInTime() {
        // Ten thousand loose strokes that nearly meet, and an outline of fifty thousand corners.
        StringBuilder strokes = new StringBuilder("<svg>");
        for (int i = 0; i < 10_000; i++) {
            strokes.append("<path d='M")
                    .append(i % 100 * 0.3)
                    .append(' ')
                    .append(i / 100 * 0.3)
                    .append("l0.2 0.1'/>");
        }
        tried(strokes + "</svg>", DrawingFile::svg);
        StringBuilder saw = new StringBuilder("<svg><path d='M0 0");
        for (int i = 0; i < 50_000; i++) {
            saw.append("L").append(i * 0.01).append(' ').append(i % 2 == 0 ? 0 : 0.4);
        }
        tried(saw + "L500 300L0 300Z'/></svg>", DrawingFile::svg);
    }
}
