package bathyra.bench;

import bathyra.bench.Ledger.Figure;
import bathyra.draft.Draft;
import bathyra.fit.FormSurface;
import bathyra.fit.Worn;
import bathyra.form.Form;
import bathyra.measure.Softness;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;

/** Measures what is made anew while one works, one after the other in one process with the compiler of the window, each beside a yardstick. */
public final class All {
    private static final double WARM_SECONDS = 2;
    private static final double SECONDS = 4;

    private All() {}

    /** What is measured. @param target for median and 99th percentile, in words */
    private record Measured(String target, Callable<?> deed) {}

    private static Map<String, Measured> measured() {
        Map<String, Measured> all = new LinkedHashMap<>();
        CupsBenchmark cups = new CupsBenchmark();
        CorsetBenchmark corset = new CorsetBenchmark();
        BonesBenchmark bones = new BonesBenchmark();
        OutputBenchmark output = new OutputBenchmark();
        all.put("redraft of a bustier", new Measured("3 / 6", cups::princess));
        all.put("redraft of a corset in sixteen panels", new Measured("5 / 9", corset::drag));
        all.put(
                "redraft with three-part cups and contour wedges",
                new Measured("7 / 12", cups::threePartCupsWithContour));
        all.put("redraft of a corset in twelve panels with its bones", new Measured("8 / 12", bones::redraftWithBones));
        all.put("what is bought for its bones", new Measured("", bones::shopping));
        Draft sweetheart = (Draft) cups.princess();
        Form form = Worn.form(sweetheart);
        all.put("a form from the tape", new Measured("30 / 60", () -> Worn.form(sweetheart)));
        all.put(
                "a bustier put on its form, from nothing, first roughly",
                new Measured(
                        "400",
                        () -> Worn.cold(
                                sweetheart, new FormSurface(form, Softness.BETWEEN), Worn.COARSE, () -> false)));
        all.put(
                "the same to its end",
                new Measured("1200", () -> Worn.of(sweetheart, new FormSurface(form, Softness.BETWEEN), () -> false)));
        all.put("the corset as PDF on A4 sheets", new Measured("1000", output::tiledPdf));
        all.put("the corset as SVG", new Measured("100", output::svg));
        all.put("the corset as DXF", new Measured("100", output::dxf));
        all.put("a pattern of forty pieces read and checked", new Measured("200", output::checkFortyPieces));
        return all;
    }

    /** {@code COMMIT FILE.csv} */
    public static void main(String[] arguments) throws Exception {
        String commit = arguments[0];
        List<Figure> figures = new ArrayList<>();
        for (Map.Entry<String, Measured> one : measured().entrySet()) {
            Yardstick yardstick = Yardstick.now();
            times(one.getValue().deed(), WARM_SECONDS);
            double[] times = times(one.getValue().deed(), SECONDS);
            Figure figure = new Figure(
                    LocalDate.now().toString(),
                    commit,
                    one.getKey(),
                    times[times.length / 2],
                    times[times.length * 99 / 100],
                    yardstick,
                    one.getValue().target(),
                    "bench/run all");
            System.out.printf(
                    Locale.ROOT,
                    "%s: %.2f / %.2f ms; yardsticks: loop %.2f ms, objects %.2f ms%n",
                    figure.name(),
                    figure.median(),
                    figure.high(),
                    yardstick.loop(),
                    yardstick.objects());
            figures.add(figure);
        }
        record(figures, Path.of(arguments[1]));
    }

    private static void record(List<Figure> figures, Path file) throws IOException {
        Ledger.append(file, figures);
    }

    private static double[] times(Callable<?> deed, double seconds) throws Exception {
        List<Double> times = new ArrayList<>();
        long end = System.nanoTime() + (long) (seconds * 1e9);
        while (System.nanoTime() < end || times.isEmpty()) {
            long begun = System.nanoTime();
            deed.call();
            times.add((System.nanoTime() - begun) / 1e6);
        }
        return times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    }
}
