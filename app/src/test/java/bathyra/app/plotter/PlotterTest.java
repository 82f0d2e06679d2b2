package bathyra.app.plotter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.home.DemoBook;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.json.CommissionJson;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** The plotter file, the way to a plotter, and the stand-in that draws what it gets. */
@Timeout(60)
class PlotterTest {
    private static final double STEP = 1 / HpglPattern.STEPS;

    @TempDir
    private Path folder;

    private static CuttingPlan heron() throws Exception {
        return CuttingPlan.of((Draft) Drafter.draft(CommissionJson.read(DemoBook.document("the-heron"))));
    }

    @Test
    void everyOutline_arrivesWithinAStepOfThePlotter() throws Exception {
        CuttingPlan plan = heron();
        SheetLayout layout = SheetLayout.of(plan, HpglPattern.ROLL);
        Plot plot = Plot.read(HpglPattern.write(plan, HpglPattern.ROLL));
        for (CuttingPlan.Cut cut : plan.cuts()) {
            List<Point> wanted = cut.piece().cutLine().stream()
                    .map(p -> p.plus(layout.shift(cut.id())))
                    .map(p -> new Point(p.x(), layout.height() - p.y()))
                    .toList();
            assertThat(plot.strokes()).as(cut.id()).anySatisfy(stroke -> {
                assertThat(stroke.pen()).isEqualTo(1);
                assertThat(stroke.points().get(0))
                        .isEqualTo(stroke.points().get(stroke.points().size() - 1));
                assertThat(Shape.apart(wanted, stroke.points())).isLessThan(0.05);
            });
        }
        assertThat(plot.words()).extracting(Plot.Words::text).contains("1 Centre front");
    }

    @Test
    void theRaisedPen_travelsLess_thanPieceByPiece() throws Exception {
        String plot = HpglPattern.write(heron(), HpglPattern.ROLL);
        Plot ordered = Plot.read(plot);
        double asCollected = 0;
        Point pen = new Point(0, 0);
        List<Plot.Stroke> shuffled = new ArrayList<>(ordered.strokes());
        Collections.shuffle(shuffled, new Random(3));
        for (Plot.Stroke stroke : shuffled) {
            asCollected += pen.distance(stroke.points().get(0));
            pen = stroke.points().get(stroke.points().size() - 1);
        }
        assertThat(ordered.raised()).isLessThan(0.4 * asCollected);
    }

    @Test
    void aPlot_isReadWithItsWaysAndTimes() {
        // Raised 30 to (30, 0), drawn 40 up to (30, 40), raised 50 back home: drawn 40 mm at 300 mm/s, raised 80 mm at
        // 500 mm/s, one lift of 0.08 s.
        Plot plot = Plot.read("IN;SP1;PU1200,0;PD1200,1600;PU0,0;LBhello, PU9,9" + (char) 3 + ";SP0;");
        assertThat(plot.drawn()).isCloseTo(40, within(1e-9));
        assertThat(plot.raised()).isCloseTo(80, within(1e-9));
        assertThat(plot.lifts()).isEqualTo(1);
        assertThat(plot.seconds()).isCloseTo(40 / 300.0 + 80 / 500.0 + 0.08, within(1e-9));
        assertThat(plot.words()).extracting(Plot.Words::text).containsExactly("hello, PU9,9");
        assertThat(Plot.read("PU0,0;PD;PR40,0,0,40;PU;").strokes().get(0).points())
                .containsExactly(new Point(0, 0), new Point(1, 0), new Point(1, 1));
    }

    @Test
    void noise_isNoPlot() {
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            byte[] noise = new byte[random.nextInt(4000)];
            random.nextBytes(noise);
            assertThat(Plot.read(new String(noise, StandardCharsets.ISO_8859_1)).drawn())
                    .isNotNaN();
        }
        assertThat(Plot.read("PD99999999999999999,5;PU;").strokes()).isEmpty();
    }

    @Test
    void theStandIn_drawsWhatItIsSent_andSaysHowFarThePenWent() throws Exception {
        BlockingQueue<PlotterSimulator.Report> reports = new LinkedBlockingQueue<>();
        try (PlotterSimulator plotter = new PlotterSimulator(0, folder, reports::add)) {
            // A frame of 100 by 50 mm.
            PlotterLine.send(
                    plotter.port(),
                    "IN;SP1;PU0,0;PD4000,0,4000,2000,0,2000,0,0;PU;SP0;".getBytes(StandardCharsets.US_ASCII));
            PlotterSimulator.Report report = reports.poll(20, TimeUnit.SECONDS);
            assertThat(report.words())
                    .isEqualTo(
                            "plot-1.png: 120 × 70 mm, pen down 0.30 m, pen raised 0.00 m, 1 lifts, about 0 min 01 s");
            var picture = ImageIO.read(report.picture().toFile());
            assertThat(picture.getWidth()).isEqualTo(480);
            assertThat(picture.getRGB(240, 140) & 0xffffff).as("white inside").isEqualTo(0xffffff);
            assertThat(picture.getRGB(240, 40) & 0xff)
                    .as("the upper line, 10 mm from the edge")
                    .isLessThan(128);
            PlotterLine.send(plotter.port(), "hello".getBytes(StandardCharsets.US_ASCII));
            assertThat(reports.poll(20, TimeUnit.SECONDS).words())
                    .isEqualTo("Something came that draws nothing. Send a plotter file.");
        }
        assertThat(Files.exists(folder.resolve("plot-2.png"))).isFalse();
    }

    /** A caller who keeps silent does not keep the next one waiting, and a drawing far larger than a screen comes out coarser. */
    @Test
    void theStandIn_drawsSheetsOf200000Units_whileAnotherCallerIsSilent() throws Exception {
        BlockingQueue<PlotterSimulator.Report> reports = new LinkedBlockingQueue<>();
        try (PlotterSimulator plotter = new PlotterSimulator(0, folder, reports::add);
                Socket silent = new Socket(InetAddress.getLoopbackAddress(), plotter.port())) {
            PlotterLine.send(
                    plotter.port(),
                    "IN;SP1;PU0,0;PD200000,0,200000,200000,0,0;PU;".getBytes(StandardCharsets.US_ASCII));
            PlotterSimulator.Report report = reports.poll(30, TimeUnit.SECONDS);
            assertThat(report).isNotNull();
            assertThat(report.cause()).isEmpty();
            assertThat(report.width()).isCloseTo(5020, within(0.1));
            var picture = ImageIO.read(report.picture().toFile());
            assertThat((double) picture.getWidth() * picture.getHeight()).isBetween(20e6, 24.1e6);
            assertThat(silent.isConnected()).isTrue();
        }
    }

    @Test
    void aPlotterThatTakesNothing_isGivenUp() throws Exception {
        try (ServerSocket deaf = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            byte[] plot = new byte[50_000_000];
            assertThatThrownBy(() -> PlotterLine.send(deaf.getLocalPort(), plot, 200))
                    .isInstanceOf(IOException.class)
                    .hasMessageContaining("takes nothing");
        }
    }

    @Test
    void aPortThatNobodyListensOn_isAFailure() throws IOException {
        int free;
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            free = socket.getLocalPort();
        }
        assertThatThrownBy(() -> PlotterLine.send(free, new byte[] {1})).isInstanceOf(IOException.class);
        assertThat(STEP).isEqualTo(0.025);
    }
}
