package bathyra.app.sizes;

import bathyra.app.output.AllOrNone;
import bathyra.app.work.Latest;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions.Entry;
import bathyra.draft.Draft;
import bathyra.files.csv.SizeChartCsv;
import bathyra.files.sheet.Paper;
import bathyra.garment.Commission;
import bathyra.garment.LayerKind;
import bathyra.lay.Lay;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.size.Batch;
import bathyra.size.Costume;
import bathyra.size.Growing;
import bathyra.size.Nest;
import bathyra.size.SizeChart;
import bathyra.size.SizeSet;
import bathyra.size.SizedDraft;
import bathyra.size.StepGains;
import bathyra.size.WearersSize;
import bathyra.stock.PriceList;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.slf4j.LoggerFactory;

/** The design in hand in the sizes of a chart: which chart, what is edited in it, and what came of drafting it. */
final class SizesModel {
    /** So many commissions are read before the window has its turn. */
    private static final int SLICE = 6;

    private final Workshop workshop;
    private final Runnable changed;
    private final Consumer<Runnable> later;
    private final Latest drafting;
    /** What is laid or put out: it neither ends the drafting nor ends with it. */
    private final Latest aside;

    private final ChartsInHand charts;
    private Nest.Laying laying = Nest.Laying.WAIST;
    private Growing growing = Growing.USUAL;
    private Optional<SizeSet> set = Optional.empty();
    private Optional<Nest> nest = Optional.empty();
    private Optional<StepGains> gains = Optional.empty();
    private boolean working;
    private Optional<Commission> drafted = Optional.empty();
    private Optional<Entry> wearer = Optional.empty();
    private Optional<WearersSize> hers = Optional.empty();
    private Optional<Batch> batch = Optional.empty();
    private Optional<LayerKind> laid = Optional.empty();
    private Optional<Others> others = Optional.empty();
    private String said = "";

    /** @param later runs a deed on the window's thread @param changed told when something is to be shown anew */
    SizesModel(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.changed = changed;
        this.later = later;
        this.drafting = new Latest(later);
        this.aside = new Latest(later);
        this.charts = new ChartsInHand(workshop, new ChartsInHand.Redraft() {
            @Override
            public void all() {
                draft();
            }

            @Override
            public void one(int row) {
                draft(row);
            }
        });
    }

    ChartsInHand charts() {
        return charts;
    }

    Nest.Laying laying() {
        return laying;
    }

    Growing growing() {
        return growing;
    }

    Optional<SizeSet> set() {
        return set;
    }

    Optional<Nest> nest() {
        return nest;
    }

    Optional<StepGains> gains() {
        return gains;
    }

    boolean isWorking() {
        return working;
    }

    String said() {
        return said;
    }

    void say(String words) {
        said = words;
        changed.run();
    }

    Optional<Entry> wearer() {
        return wearer;
    }

    Optional<WearersSize> hers() {
        return hers;
    }

    /** Drafts the design in hand in all sizes, unless that is there already. */
    void bringUpToDate() {
        if (drafted.filter(workshop.commission()::equals).isEmpty()) {
            charts.follow(workshop.commission());
            draft();
        }
    }

    /** Drafts all sizes beside the window, the one in hand first. */
    private void draft() {
        Commission design = workshop.commission();
        drafted = Optional.of(design);
        Optional<SizeChart> chart = charts.chart().filter(c -> !c.sizes().isEmpty());
        if (chart.isEmpty()) {
            drafting.stop();
            working = false;
            come(Optional.empty());
            return;
        }
        working = true;
        Growing grow = growing;
        Nest.Laying lay = laying;
        drafting.begin(
                "draft the sizes",
                run -> {
                    SizeSet all = SizeSet.of(design, chart.get(), grow);
                    Nest laid = Nest.of(all, lay);
                    StepGains steps = StepGains.of(all);
                    run.show(() -> come(all, laid, steps));
                },
                () -> {
                    working = false;
                    said = "The sizes could not be drafted. The log in the data folder says why.";
                    changed.run();
                });
        changed.run();
    }

    /** Drafts one size anew; the others stay. */
    private void draft(int changedRow) {
        if (set.isEmpty()
                || set.get().sizes().size()
                        != charts.chart().orElseThrow().sizes().size()
                || working) {
            draft();
            return;
        }
        SizeSet was = set.get();
        SizeChart chart = charts.chart().orElseThrow();
        Nest.Laying lay = laying;
        working = true;
        drafting.begin(
                "draft a size",
                run -> {
                    SizeSet all = was.with(chart, changedRow);
                    Nest laid = Nest.of(all, lay);
                    StepGains steps = StepGains.of(all);
                    run.show(() -> come(all, laid, steps));
                },
                this::draft);
        changed.run();
    }

    private void come(SizeSet all, Nest laid, StepGains steps) {
        working = false;
        nest = Optional.of(laid);
        gains = Optional.of(steps);
        come(Optional.of(all));
    }

    private void come(Optional<SizeSet> all) {
        set = all;
        batch = Optional.empty();
        others = Optional.empty();
        if (all.isEmpty()) {
            nest = Optional.empty();
            gains = Optional.empty();
        }
        fit();
        changed.run();
    }

    void look(int at, Optional<MeasurementKey> column) {
        if (charts.look(at, column)) {
            changed.run();
        }
    }

    void layOn(Nest.Laying next) {
        laying = next;
        set.ifPresent(all -> nest = Optional.of(Nest.of(all, next)));
        changed.run();
    }

    void grow(Growing.Kind kind, boolean grows) {
        growing = growing.with(kind, grows);
        draft();
    }

    void takeIn(Path file) {
        try {
            say(charts.takeIn(
                    Files.readAllBytes(file), file.getFileName().toString().replaceAll("(?i)\\.csv$", "")));
        } catch (IOException e) {
            LoggerFactory.getLogger(SizesModel.class).warn("reading a chart", e);
            say(file.getFileName() + " could not be read. Look whether it is there and whether you may read it.");
        }
    }

    void write(Path file) {
        write(Map.of(
                file,
                SizeChartCsv.write(charts.chart().orElseThrow(), workshop.unit())
                        .getBytes(StandardCharsets.UTF_8)));
    }

    /** Puts the nest out: on sheets, and as drawings. */
    void putOutNest(Path folder) {
        SizeSet all = set.orElseThrow();
        Nest laid = nest.orElseThrow();
        putOut(folder, () -> SizedFiles.nest(all, laid, Paper.A4, folder));
    }

    /** Puts a set of each size out. */
    void putOutEach(Path folder) {
        SizeSet all = set.orElseThrow();
        putOut(folder, () -> {
            Map<Path, byte[]> files = new LinkedHashMap<>();
            for (SizedDraft sized : all.drafted()) {
                files.putAll(SizedFiles.one(sized, folder));
            }
            return files;
        });
    }

    /** Makes files; it may fail as writing does. */
    @FunctionalInterface
    private interface Making {
        Map<Path, byte[]> files() throws IOException;
    }

    private void putOut(Path folder, Making making) {
        said = "The files are being made …";
        changed.run();
        aside.begin(
                "put out the sizes",
                run -> {
                    String words;
                    try {
                        Map<Path, byte[]> files = making.files();
                        AllOrNone.write(files);
                        words = files.size() + " files are in " + folder.getFileName() + ".";
                    } catch (IOException e) {
                        LoggerFactory.getLogger(SizesModel.class).warn("putting the sizes out", e);
                        words = "Nothing was written. Choose a folder on a disk with room that you may write to.";
                    }
                    String now = words;
                    run.show(() -> say(now));
                },
                () -> say("Nothing was written. The log in the data folder says why."));
    }

    private void write(Map<Path, byte[]> files) {
        try {
            AllOrNone.write(files);
            say("The chart is written.");
        } catch (IOException e) {
            LoggerFactory.getLogger(SizesModel.class).warn("writing a chart", e);
            say("The chart could not be written. Choose a place that you may write to, with room.");
        }
    }

    Optional<Batch> batch() {
        return batch;
    }

    /** Looks at how a layer of what is cut together lies. */
    void lookAt(LayerKind layer) {
        laid = Optional.of(layer);
        changed.run();
    }

    /** The layer that is looked at: the one that was asked for, else the first. */
    Optional<LayerKind> laid() {
        return batch.flatMap(b -> laid.filter(b.layers()::containsKey)
                .or(() -> b.layers().keySet().stream().findFirst()));
    }

    /** How that layer lies; empty where its cloth cannot take it. */
    Optional<Lay> lay() {
        return laid().flatMap(l -> batch.orElseThrow().layers().get(l).lay());
    }

    /** Reckons what is cut together. @param ratio how many of each size @return what is wrong with it */
    Optional<String> cutTogether(String ratio) {
        if (ratio.isBlank()) {
            batch = Optional.empty();
            changed.run();
            return Optional.empty();
        }
        if (set.isEmpty() || working) {
            return Optional.of("The sizes are being drafted. Try it again in a moment.");
        }
        SizeSet all = set.get();
        List<Integer> counts;
        try {
            counts = Batch.read(ratio, all.sizes().size());
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
        PriceList prices = workshop.kept().prices();
        said = "The pieces are being laid …";
        aside.begin(
                "lay the sizes",
                run -> {
                    Batch cut = Batch.of(all, counts, prices, run::isOver);
                    run.show(() -> {
                        batch = Optional.of(cut)
                                .filter(b -> set.filter(now -> now == all).isPresent());
                        say("");
                    });
                },
                () -> say("They could not be laid. The log in the data folder says why."));
        changed.run();
        return Optional.empty();
    }

    /** Writes what is cut together as a table, and how each layer lies. */
    void writeBatch(Path folder) {
        SizeSet all = set.orElseThrow();
        Batch cut = batch.orElseThrow();
        LengthUnit unit = workshop.unit();
        putOut(folder, () -> SizedFiles.batch(all, cut, unit, folder));
    }

    /** Whose size is looked for. */
    void wearer(Optional<Entry> entry) {
        wearer = entry;
        fit();
        changed.run();
    }

    private void fit() {
        hers = wearer.flatMap(w -> workshop.book().commissions().find(w.id()))
                .flatMap(c -> set.flatMap(s -> WearersSize.nearest(s, c.measurements())));
    }

    /** Begins her commission: the size with her own figures where it does not do. */
    void beginHers() {
        Commission own =
                workshop.book().commissions().find(wearer.orElseThrow().id()).orElseThrow();
        workshop.book()
                .commissions()
                .addAll(List.of(workshop.obeying(hers.orElseThrow().commission(workshop.commission(), own.wearer()))));
        say("Her commission is begun. It stands on the shelf.");
    }

    /** Who in the book wears the size in hand as it is: looked through in slices, so that the window goes on. */
    void lookWhoElse() {
        Optional<Costume> costume = inHand().map(Costume::of);
        if (costume.isEmpty()) {
            return;
        }
        Map<String, Entry> newest = new LinkedHashMap<>();
        workshop.entries().stream().filter(e -> !e.archived()).forEach(e -> newest.putIfAbsent(e.wearer(), e));
        Others looking = new Others(charts.row(), new ArrayList<>(), false);
        others = Optional.of(looking);
        changed.run();
        lookThrough(looking, costume.get(), List.copyOf(newest.values()), 0);
    }

    private void lookThrough(Others looking, Costume costume, List<Entry> wearers, int from) {
        if (others.filter(o -> o == looking).isEmpty() || workshop.isClosed()) {
            return;
        }
        int to = Math.min(wearers.size(), from + SLICE);
        for (Entry each : wearers.subList(from, to)) {
            workshop.book()
                    .commissions()
                    .find(each.id())
                    .filter(c -> costume.takes(c.measurements()))
                    .ifPresent(c -> looking.wearers().add(each.wearer()));
        }
        if (to < wearers.size()) {
            later.accept(() -> lookThrough(looking, costume, wearers, to));
        } else {
            others = Optional.of(new Others(looking.row(), looking.wearers(), true));
            changed.run();
        }
    }

    /** Who wears the size in hand, where it was asked for. */
    Optional<Others> others() {
        return others.filter(o -> o.row() == charts.row());
    }

    /** Who wears a size. @param done whether the whole book was looked through */
    record Others(int row, List<String> wearers, boolean done) {}

    Optional<Draft> inHand() {
        return set.filter(s -> charts.row() < s.sizes().size())
                .flatMap(s -> s.sizes().get(charts.row()).draft());
    }
}
