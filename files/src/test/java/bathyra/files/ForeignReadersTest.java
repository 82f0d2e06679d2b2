package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.csv.CuttingLists;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.Print;
import bathyra.files.sheet.PrintScale;
import bathyra.files.sheet.Sheet;
import bathyra.files.sheet.Sheets;
import bathyra.files.sheet.TestSquare;
import bathyra.files.svg.SvgPattern;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.LayerKind;
import bathyra.garment.UpperShape;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.piece.Piece;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is written is read by software that is not ours. */
class ForeignReadersTest {
    private static final int DPI = 300;
    private static final double DOT = 25.4 / DPI;
    private static final double CLOSE = 0.05;
    private final Draft draft = (Draft)
            Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier().withUpperEdge(UpperShape.SWEETHEART)));
    private final CuttingPlan plan = CuttingPlan.of(draft);

    @TempDir
    Path folder;

    private String run(String... command) throws IOException, InterruptedException {
        Path out = folder.resolve("out.txt");
        Process process = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(out.toFile())
                .start();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        String said = Files.readString(out);
        assertThat(process.exitValue()).as(said).isZero();
        return said;
    }

    /** A place in the upper part of the metric square, clear of its words. @param page from 0 @param x mm from the page's left @param y mm from its top */
    private record InSquare(int page, double x, double y) {}

    private InSquare inSquare(Print print) {
        Sheets sheets = Sheets.of(plan, print);
        TestSquare metric = sheets.squares().get(0);
        Point at = metric.at().plus(new Vec(metric.side() - 10, 8));
        List<Sheet> printed = sheets.printed();
        for (int i = 0; i < printed.size(); i++) {
            Sheet sheet = printed.get(i);
            double x = at.x() - sheet.x();
            double y = at.y() - sheet.y();
            if (x > 0 && y > 0 && x < sheet.width() && y < sheet.height()) {
                return new InSquare(
                        3 + i,
                        Paper.MARGIN + x * print.scale().across(),
                        Paper.MARGIN + y * print.scale().down());
            }
        }
        throw new AssertionError("no sheet shows the square");
    }

    /** How far apart the outer sides of the first square are, across and down, mm: from its white inside outwards to the far side of either line. */
    private static double[] square(BufferedImage page, double insideX, double insideY) {
        int x = (int) (insideX / DOT);
        int y = (int) (insideY / DOT);
        return new double[] {span(page, x, y, 1, 0), span(page, x, y, 0, 1)};
    }

    private static double span(BufferedImage page, int x, int y, int dx, int dy) {
        return (middleOfLine(page, x, y, dx, dy) - middleOfLine(page, x, y, -dx, -dy)) * DOT * (dx + dy);
    }

    private static double middleOfLine(BufferedImage page, int x, int y, int dx, int dy) {
        int way = 0;
        while (isWhite(page, x + dx * way, y + dy * way)) {
            way++;
        }
        int from = way;
        while (!isWhite(page, x + dx * way, y + dy * way)) {
            way++;
        }
        double middle = (from + way - 1) / 2.0;
        return dx + dy > 0 ? middle : -middle;
    }

    private static boolean isWhite(BufferedImage page, int x, int y) {
        return (page.getRGB(x, y) & 0xff) > 140;
    }

    @Test
    void pdf_rasterisedByTwoOthers_hasItsSquareOfFiftyMillimetres() throws IOException, InterruptedException {
        byte[] pdf = PdfPattern.write(draft, Paper.A4, "2026-01-01");
        Files.write(folder.resolve("p.pdf"), pdf);
        InSquare inside = inSquare(Print.of(Paper.A4));
        String page = Integer.toString(inside.page() + 1);
        run("pdftoppm", "-r", Integer.toString(DPI), "-f", page, "-l", page, "-png", "p.pdf", "page");
        Path png;
        try (var files = Files.list(folder)) {
            png = files.filter(f -> f.toString().endsWith(".png")).findFirst().orElseThrow();
        }
        BufferedImage other;
        try (PDDocument document = Loader.loadPDF(pdf)) {
            other = new PDFRenderer(document).renderImageWithDPI(inside.page(), DPI);
        }
        for (BufferedImage drawn : List.of(ImageIO.read(png.toFile()), other)) {
            double[] size = square(drawn, inside.x(), inside.y());
            assertThat(size[0]).isCloseTo(50, within(0.1));
            assertThat(size[1]).isCloseTo(50, within(0.1));
        }
    }

    @Test
    void pdf_correctedForAPrinterThatIsOff_isDrawnLargerByAsMuch() throws IOException {
        // A printer that prints 50 as 49 across and as 50.5 down: drawn 51.02 wide and 49.505 high it comes out right.
        Print print = Print.of(Paper.A4, PrintScale.ofMeasured(49, 50.5));
        byte[] pdf = PdfPattern.write(
                draft, plan, print, new PdfPattern.Imprint("2026-01-01", ""), PdfPattern.Progress.UNSEEN);
        InSquare inside = inSquare(print);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            double[] size =
                    square(new PDFRenderer(document).renderImageWithDPI(inside.page(), DPI), inside.x(), inside.y());
            assertThat(size[0]).isCloseTo(50 * 50 / 49.0, within(0.1));
            assertThat(size[1]).isCloseTo(50 * 50 / 50.5, within(0.1));
        }
    }

    @Test
    void svg_rasterisedByAnother_coversThePiecesItShould() throws IOException, InterruptedException {
        // Every piece's sewing line is filled instead of stroked; what is black then is its area.
        String svg = SvgPattern.write(plan)
                .replace(
                        "path{fill:none;stroke:#17242E}",
                        "path{fill:none;stroke:none}path.sew{fill:#000;stroke:none}path.bone{display:none}")
                .replaceAll("<text[^>]*>[^<]*</text>", "");
        Files.writeString(folder.resolve("p.svg"), svg);
        run("rsvg-convert", "-d", "100", "-p", "100", "-b", "white", "p.svg", "-o", "p.png");
        BufferedImage picture = ImageIO.read(folder.resolve("p.png").toFile());
        double dot = 25.4 / 100;
        long black = 0;
        for (int x = 0; x < picture.getWidth(); x++) {
            for (int y = 0; y < picture.getHeight(); y++) {
                black += (picture.getRGB(x, y) & 0xff) < 128 ? 1 : 0;
            }
        }
        double wanted = plan.cuts().stream()
                .mapToDouble(c -> Shape.area(c.piece().flattened(0.05)))
                .sum();
        assertThat(black * dot * dot).isCloseTo(wanted, within(0.003 * wanted));
    }

    @Test
    void dxf_readByAnother_hasABlockForEachPieceWithItsOutlines() throws IOException, InterruptedException {
        Files.writeString(folder.resolve("p.dxf"), DxfPattern.write(plan), StandardCharsets.US_ASCII);
        Files.writeString(folder.resolve("read.py"), """
                import ezdxf
                d = ezdxf.readfile("p.dxf")
                print("version", d.dxfversion, d.header["$INSUNITS"])
                print("errors", len(d.audit().errors))
                for i in d.modelspace().query("INSERT"):
                    for e in d.blocks[i.dxf.name]:
                        if e.dxftype() == "POLYLINE":
                            print("line", i.dxf.name, e.dxf.layer, e.is_closed, " ".join("%.5f,%.5f" % (v.dxf.location.x, v.dxf.location.y) for v in e.vertices))
                """);
        List<String> lines = run("/usr/bin/python3", "read.py").lines().toList();
        assertThat(lines).contains("version AC1009 4", "errors 0");
        Map<String, List<Point>> read = new LinkedHashMap<>();
        // The channels of the bones are open lines on a layer of their own.
        List<String[]> drawn = lines.stream()
                .filter(l -> l.startsWith("line "))
                .map(l -> l.split(" "))
                .toList();
        List<String[]> bones = drawn.stream().filter(l -> l[2].equals("8")).toList();
        assertThat(bones)
                .hasSize(plan.cuts().stream().mapToInt(c -> c.bones().size()).sum())
                .isNotEmpty()
                .allSatisfy(l -> assertThat(l[3]).isEqualTo("False"));
        drawn.stream().filter(l -> !l[2].equals("8")).forEach(l -> {
            assertThat(l[3]).as(l[2]).isEqualTo("True");
            List<Point> points = new ArrayList<>();
            for (int i = 4; i < l.length; i++) {
                String[] xy = l[i].split(",");
                points.add(new Point(Double.parseDouble(xy[0]), -Double.parseDouble(xy[1])));
            }
            read.put(l[1] + " " + l[2], points);
        });
        assertThat(read).hasSize(2 * plan.cuts().size());
        for (CuttingPlan.Cut cut : plan.cuts()) {
            String block = cut.id().toUpperCase(Locale.ROOT);
            assertThat(Shape.apart(read.get(block + " 1"), cut.piece().cutLine()))
                    .as(block + " cut")
                    .isLessThan(CLOSE);
            assertThat(Shape.apart(read.get(block + " 14"), cut.piece().flattened(0.01)))
                    .as(block + " sewn")
                    .isLessThan(CLOSE);
        }
    }

    @Test
    void hpgl_convertedByAnother_isAsLargeAsTheSheet() throws IOException, InterruptedException {
        Files.writeString(
                folder.resolve("p.hpgl"),
                HpglPattern.write(plan, HpglPattern.ROLL).replaceAll("LB[^\u0003]*\u0003", ""),
                StandardCharsets.US_ASCII);
        run("hp2xx", "-q", "-m", "eps", "-t", "-f", "p.eps", "p.hpgl");
        String box = Files.readString(folder.resolve("p.eps"), StandardCharsets.ISO_8859_1)
                .lines()
                .filter(l -> l.startsWith("%%BoundingBox:"))
                .findFirst()
                .orElseThrow();
        String[] figures = box.substring(box.indexOf(':') + 1).trim().split("\\s+");
        SheetLayout layout = SheetLayout.of(plan, HpglPattern.ROLL);
        // The box is in whole points of a third of a millimetre, with the pen's width.
        assertThat((Double.parseDouble(figures[2]) - Double.parseDouble(figures[0])) * 25.4 / 72)
                .isCloseTo(layout.width(), within(2.0));
        assertThat((Double.parseDouble(figures[3]) - Double.parseDouble(figures[1])) * 25.4 / 72)
                .isCloseTo(layout.height(), within(2.0));
    }

    @Test
    void everyFormat_leavesOutALayerThatIsSwitchedOff() throws IOException {
        Garment garment = Garment.bustier();
        Garment other = garment.withFinish(garment.finish()
                .withLayer(
                        LayerKind.LINING,
                        garment.finish()
                                .layer(LayerKind.LINING)
                                .withAllowance(EdgeUse.SIDE, Optional.of(Length.mm(6)))));
        Draft lined = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), other));
        CuttingPlan all = CuttingPlan.of(lined);
        CuttingPlan fashion = CuttingPlan.of(lined, kind -> kind == LayerKind.FASHION);
        assertThat(SvgPattern.write(all)).contains("id=\"F2-lining\"");
        assertThat(SvgPattern.write(fashion)).doesNotContain("lining");
        assertThat(DxfPattern.write(all)).contains("F2-LINING");
        assertThat(DxfPattern.write(fashion)).doesNotContain("LINING").doesNotContain("lining");
        assertThat(HpglPattern.write(all, HpglPattern.ROLL)).contains("lining");
        assertThat(HpglPattern.write(fashion, HpglPattern.ROLL)).doesNotContain("lining");
        assertThat(PatternFiles.json(lined, all, "test")).contains("\"id\" : \"lining\"");
        assertThat(PatternFiles.json(lined, fashion, "test")).doesNotContain("\"lining\"");
        assertThat(CuttingLists.pieces(fashion, LengthUnit.CM))
                .doesNotContain("lining")
                .contains("fashion,1,F1,Centre front,1,yes,");
        assertThat(all.cuts().stream().map(CuttingPlan.Cut::piece).map(Piece::id))
                .hasSize(6);
    }

    @Test
    void aPieceWiderThanTheRoll_isSaid() {
        assertThat(PatternFiles.tooWide(plan, 880)).isEmpty();
        assertThat(PatternFiles.tooWide(plan, 150)
                        .get(0)
                        .sentence()
                        .in(LengthUnit.CM)
                        .replace('\u00a0', ' '))
                .matches(
                        "Side front is \\d+\\.\\d cm wide with its allowances, and 15\\.0 cm can be drawn across this roll\\. Take a wider roll, or sheets\\.");
    }

    @Test
    void names_ofFiles_areSafeEverywhere() {
        assertThat(PatternFiles.fileName("The Heron, sweetheart bustier")).isEqualTo("The-Heron-sweetheart-bustier");
        assertThat(PatternFiles.fileName("../../Königin: Akt 2/3?")).isEqualTo("Konigin-Akt-2-3");
        assertThat(PatternFiles.fileName("CON")).isEqualTo("CON-pattern");
        assertThat(PatternFiles.fileName("水")).isEqualTo("pattern");
        assertThat(PatternFiles.fileName("x".repeat(300))).hasSize(80);
    }
}
