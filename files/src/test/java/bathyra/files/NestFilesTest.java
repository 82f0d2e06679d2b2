package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.files.csv.SizeChartCsv;
import bathyra.files.dxf.DxfNest;
import bathyra.files.json.SizeChartsJson;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.Print;
import bathyra.files.svg.SvgNest;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.piece.Piece;
import bathyra.size.Growing;
import bathyra.size.Nest;
import bathyra.size.SizeChart;
import bathyra.size.SizeCharts;
import bathyra.size.SizeSet;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Nests and charts as files, read back by others than who wrote them. */
class NestFilesTest {
    private static SizeSet set;
    private static Nest nest;

    @BeforeAll
    static void draft() {
        set = SizeSet.of(
                Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET)),
                SizeCharts.invented().get(0),
                Growing.USUAL);
        nest = Nest.of(set, Nest.Laying.WAIST);
    }

    @Test
    void thePdf_hasALayerASize_namesEverySize_andABookmarkAPiece() throws Exception {
        try (PDDocument pdf = Loader.loadPDF(PdfPattern.nest(set, nest, Print.of(Paper.A4)))) {
            assertThat(pdf.getDocumentCatalog().getOCProperties().getGroupNames())
                    .containsExactly("Size 1", "Size 2", "Size 3", "Size 4", "Size 5", "Size 6");
            assertThat(pdf.getDocumentCatalog().getDocumentOutline().children())
                    .hasSize(nest.pieces().size());
            assertThat(new PDFTextStripper().getText(pdf)).contains("House sizes 1 to 6", "sizes 1, 2, 3, 4, 5, 6");
        }
    }

    @Test
    void theDxf_readByAnother_hasALayerASize_withEveryPieceClosedAndAsLongAsItIs(@TempDir Path folder)
            throws Exception {
        Files.writeString(folder.resolve("nest.dxf"), DxfNest.write(set, nest), StandardCharsets.US_ASCII);
        Files.writeString(folder.resolve("read.py"), """
                import ezdxf, math
                d = ezdxf.readfile("nest.dxf")
                print("errors", len(d.audit().errors))
                for e in d.modelspace().query("POLYLINE"):
                    p = [v.dxf.location for v in e.vertices]
                    q = p[1:] + p[:1] if e.is_closed else p[1:]
                    print("line", e.dxf.layer, e.is_closed, sum(math.dist(a, b) for a, b in zip(p, q)))
                """);
        Path out = folder.resolve("out.txt");
        Process reader = new ProcessBuilder("/usr/bin/python3", "read.py")
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(out.toFile())
                .start();
        assertThat(reader.waitFor(60, TimeUnit.SECONDS)).isTrue();
        List<String> said = Files.readAllLines(out);
        assertThat(said).contains("errors 0");
        for (int row = 0; row < 6; row++) {
            String layer = "line SIZE_" + (row + 1) + " True ";
            List<Double> drawn = said.stream()
                    .filter(l -> l.startsWith(layer))
                    .map(l -> Double.parseDouble(l.substring(layer.length())))
                    .toList();
            List<Piece> pieces =
                    set.sizes().get(row).draft().orElseThrow().pattern().pieces();
            assertThat(drawn).as(layer).hasSize(pieces.size());
            for (int i = 0; i < pieces.size(); i++) {
                assertThat(drawn.get(i)).isCloseTo(pieces.get(i).path().length(), within(0.05));
            }
        }
    }

    /** The lines of a drawing-exchange file, two by two, read without a word of who wrote them. */
    @Test
    void theDxf_hasALayerASize_withEveryPieceAsLongAsItIs() {
        String[] lines = DxfNest.write(set, nest).split("\n");
        Map<String, List<Double>> lengths = new LinkedHashMap<>();
        String layer = "";
        boolean vertex = false;
        List<double[]> points = new ArrayList<>();
        double x = 0;
        for (int i = 0; i + 1 < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i].strip());
            String value = lines[i + 1];
            if (code == 0) {
                if (value.equals("POLYLINE")) {
                    points.clear();
                }
                if (value.equals("SEQEND")) {
                    lengths.computeIfAbsent(layer, k -> new ArrayList<>()).add(round(points));
                }
                vertex = value.equals("VERTEX");
            } else if (code == 8) {
                layer = value;
            } else if (code == 10) {
                x = Double.parseDouble(value);
            } else if (code == 20 && vertex) {
                points.add(new double[] {x, Double.parseDouble(value)});
            }
        }
        assertThat(lengths.keySet()).contains("SIZE_1", "SIZE_4", "SIZE_6", "SIZE_6_CUT");
        for (int row = 0; row < 6; row++) {
            List<Double> drawn = lengths.get("SIZE_" + (row + 1));
            List<Piece> pieces =
                    set.sizes().get(row).draft().orElseThrow().pattern().pieces();
            assertThat(drawn).hasSize(pieces.size());
            for (int i = 0; i < pieces.size(); i++) {
                assertThat(drawn.get(i)).isCloseTo(pieces.get(i).path().length(), within(0.05));
            }
        }
    }

    private static double round(List<double[]> points) {
        double sum = 0;
        for (int i = 0; i < points.size(); i++) {
            double[] a = points.get(i);
            double[] b = points.get((i + 1) % points.size());
            sum += Math.hypot(b[0] - a[0], b[1] - a[1]);
        }
        return sum;
    }

    @Test
    void theSvg_hasAGroupASize_whosePathsAReaderOfOthersTakes() throws Exception {
        var document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(SvgNest.write(set, nest).getBytes(StandardCharsets.UTF_8)));
        NodeList groups = document.getElementsByTagName("g");
        int sizes = 0;
        for (int i = 0; i < groups.getLength(); i++) {
            Element group = (Element) groups.item(i);
            if (group.hasAttribute("data-size")) {
                int row = sizes++;
                NodeList paths = group.getElementsByTagName("path");
                assertThat(paths.getLength()).isEqualTo(2 * nest.pieces().size());
                var shape = AWTPathProducer.createShape(
                        new java.io.StringReader(((Element) paths.item(0)).getAttribute("d")),
                        java.awt.geom.Path2D.WIND_EVEN_ODD);
                Piece own = nest.pieces().get(0).sizes().get(row).piece();
                assertThat(shape.getBounds2D().getWidth())
                        .isCloseTo(
                                own.flattened(0.01).stream()
                                                .mapToDouble(p -> p.x())
                                                .max()
                                                .orElseThrow()
                                        - own.flattened(0.01).stream()
                                                .mapToDouble(p -> p.x())
                                                .min()
                                                .orElseThrow(),
                                within(0.1));
            }
        }
        assertThat(sizes).isEqualTo(6);
    }

    @Test
    void charts_areWrittenAndReadBack_asTableAndAsDocument() throws Exception {
        for (SizeChart chart : SizeCharts.invented()) {
            for (LengthUnit unit : List.of(LengthUnit.MM, LengthUnit.CM)) {
                SizeChartCsv.Read read = SizeChartCsv.read(
                        SizeChartCsv.write(chart, unit).getBytes(StandardCharsets.UTF_8), chart.name(), unit);
                assertThat(read.faults()).isEmpty();
                assertThat(read.chart().orElseThrow().sizes().get(0).figures().keySet())
                        .isEqualTo(chart.sizes().get(0).figures().keySet());
                for (MeasurementKey key : chart.columns()) {
                    assertThat(read.chart()
                                    .get()
                                    .sizes()
                                    .get(0)
                                    .at(key)
                                    .orElseThrow()
                                    .millimetres())
                            .isCloseTo(
                                    chart.sizes().get(0).at(key).orElseThrow().millimetres(), within(0.001));
                }
            }
        }
        assertThat(SizeChartsJson.read(SizeChartsJson.write(SizeCharts.invented())))
                .isEqualTo(SizeCharts.invented());
    }

    @Test
    void aTableOfAnyMake_isTaken() {
        SizeChartCsv.Read read = SizeChartCsv.read(
                "\uFEFFSize;cup;Bust;waste (in)\r\n70;B;86,5;\r\n75;B;;28 1/2\r\n".getBytes(StandardCharsets.UTF_16),
                "made up",
                LengthUnit.CM);
        assertThat(read.faults().get(0)).contains("column 4", "waste");
        SizeChartCsv.Read named = SizeChartCsv.read(
                "\uFEFFSize;cup;Bust;waistGirth (in)\r\n70;B;86,5;\r\n75;B;;28 1/2\r\n"
                        .getBytes(StandardCharsets.UTF_8),
                "made up",
                LengthUnit.CM);
        assertThat(named.faults()).isEmpty();
        assertThat(named.chart().orElseThrow().sizes().get(1).at(MeasurementKey.WAIST))
                .contains(Length.mm(28.5 * 25.4));
        assertThat(named.chart().get().sizes().get(0).label()).isEqualTo("70 B");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "name it,1\n2,3",
                "size,bustGirth (cm)\n",
                "size,bustGirth (cm)\n1,80\n1,84\n",
                "size,bustGirth (ell)\n1,80\n",
                "size,bustGirth,bustGirth\n1,80,81\n",
                "size,bustGirth (cm)\n1,8000\n",
                "size,bustGirth (cm)\n,80\n",
                "size,bustGirth (cm)\n\"1,80\n"
            })
    void whatIsNoChart_isRefused_withItsPlace(String text) {
        SizeChartCsv.Read read = SizeChartCsv.read(text.getBytes(StandardCharsets.UTF_8), "x", LengthUnit.CM);
        assertThat(read.chart()).isEmpty();
        assertThat(read.faults()).isNotEmpty().allMatch(f -> f.endsWith("."));
    }
}
