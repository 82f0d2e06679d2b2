package bathyra.app.sizes;

import bathyra.app.output.AllOrNone;
import bathyra.app.work.Latest;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook.Entry;
import bathyra.draft.Draft;
import bathyra.files.csv.SizeChartCsv;
import bathyra.files.sheet.Paper;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.measure.MeasurementKey;
import bathyra.size.Growing;
import bathyra.size.Nest;
import bathyra.size.Size;
import bathyra.size.SizeChart;
import bathyra.size.SizeSet;
import bathyra.size.SizedDraft;
import bathyra.size.StepGains;
import bathyra.size.WearersSize;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.slf4j.LoggerFactory;

/** The design in hand in the sizes of a chart: which chart, what is edited in it, and what came of drafting it. */
final class SizesModel {
    private static final String CHOSEN = "size-chart";
    private static final int UNDONE_MOST = 100;
    private static final int NAME_MOST = 40;

    private final Workshop workshop;
    private final Runnable changed;
    private final Latest drafting;
    private final Deque<List<SizeChart>> before = new ArrayDeque<>();
    private int which;
    private int row;
    private Optional<MeasurementKey> key = Optional.of(MeasurementKey.BUST);
    private Nest.Laying laying = Nest.Laying.WAIST;
    private Growing growing = Growing.USUAL;
    private Optional<SizeSet> set = Optional.empty();
    private Optional<Nest> nest = Optional.empty();
    private Optional<StepGains> gains = Optional.empty();
    private boolean working;
    private Optional<Commission> drafted = Optional.empty();
    private Optional<Entry> wearer = Optional.empty();
    private Optional<WearersSize> hers = Optional.empty();
    private String said = "";

    /** @param later runs a deed on the window's thread @param changed told when something is to be shown anew */
    SizesModel(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.changed = changed;
        this.drafting = new Latest(later);
        String last = workshop.book().place(CHOSEN).orElse("");
        for (int i = 0; i < charts().size(); i++) {
            if (charts().get(i).name().equals(last)) {
                which = i;
            }
        }
    }

    List<SizeChart> charts() {
        return workshop.sizeCharts().get();
    }

    /** Empty where every chart was taken away. */
    Optional<SizeChart> chart() {
        return charts().isEmpty() ? Optional.empty() : Optional.of(charts().get(Math.min(which, charts().size() - 1)));
    }

    int row() {
        return row;
    }

    Optional<MeasurementKey> key() {
        return key;
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
            draft();
        }
    }

    /** Drafts all sizes beside the window, the one in hand first. */
    private void draft() {
        Commission design = workshop.commission();
        drafted = Optional.of(design);
        Optional<SizeChart> chart = chart().filter(c -> !c.sizes().isEmpty());
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
                || set.get().sizes().size() != chart().orElseThrow().sizes().size()
                || working) {
            draft();
            return;
        }
        SizeSet was = set.get();
        SizeChart chart = chart().orElseThrow();
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
        if (all.isEmpty()) {
            nest = Optional.empty();
            gains = Optional.empty();
        }
        fit();
        changed.run();
    }

    void choose(int index) {
        which = index;
        row = 0;
        chart().ifPresent(c -> workshop.book().keepPlace(CHOSEN, c.name()));
        set = Optional.empty();
        draft();
    }

    void look(int at, Optional<MeasurementKey> column) {
        if (row != at || !key.equals(column)) {
            row = at;
            key = column;
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

    /** Changes the chart in hand. @param only the one size that is another by it; none when all are */
    private void change(UnaryOperator<SizeChart> change, Optional<Integer> only) {
        SizeChart now = chart().orElseThrow();
        SizeChart next = change.apply(now);
        if (next.equals(now)) {
            return;
        }
        List<SizeChart> all = new ArrayList<>(charts());
        all.set(Math.min(which, all.size() - 1), next);
        keep(all);
        only.ifPresentOrElse(this::draft, this::draft);
    }

    private void keep(List<SizeChart> all) {
        before.push(charts());
        while (before.size() > UNDONE_MOST) {
            before.removeLast();
        }
        workshop.sizeCharts().keep(all);
    }

    boolean canUndo() {
        return !before.isEmpty();
    }

    /** Takes the last change of a chart back. */
    void undo() {
        if (!before.isEmpty()) {
            workshop.sizeCharts().keep(before.pop());
            which = Math.max(0, Math.min(which, charts().size() - 1));
            set = Optional.empty();
            draft();
        }
    }

    /** Takes a figure that was typed; nothing leaves it to the rules. @return what is wrong with it */
    Optional<String> figure(int at, MeasurementKey column, String text) {
        if (text.isBlank()) {
            change(c -> c.with(at, column, Optional.empty()), Optional.of(at));
            return Optional.empty();
        }
        LengthText.Reading reading = LengthText.read(text, workshop.unit());
        if (reading instanceof LengthText.Unread unread) {
            return Optional.of(unread.reason());
        }
        Length length = ((LengthText.Read) reading).length();
        if (!column.isPossible(length)) {
            return Optional.of(column.label() + " is " + LengthText.say(length, workshop.unit()) + "; from "
                    + LengthText.figure(column.possibleLeast(), workshop.unit()) + " to "
                    + LengthText.say(column.possibleMost(), workshop.unit()) + " a body can have.");
        }
        change(c -> c.with(at, column, Optional.of(length)), Optional.of(at));
        return Optional.empty();
    }

    /** @return what is wrong with the name */
    Optional<String> name(int at, String text) {
        String[] words = text.strip().split("\\s+", 2);
        if (text.isBlank() || text.strip().length() > NAME_MOST) {
            return Optional.of("Give the size a name of up to " + NAME_MOST + " letters; a cup after it, as in 75 C.");
        }
        Size size = chart().orElseThrow().sizes().get(at);
        boolean cup = words.length > 1;
        change(c -> c.with(at, size.named(words[0], cup ? words[1] : "")), Optional.of(at));
        return Optional.empty();
    }

    void add() {
        change(SizeChart::adding, Optional.empty());
    }

    void remove() {
        int at = row;
        if (chart().orElseThrow().sizes().size() > 1) {
            row = Math.max(0, row - 1);
            change(c -> c.without(at), Optional.empty());
        }
    }

    void fillDown() {
        key.ifPresent(column -> change(c -> c.filledDown(row, column), Optional.empty()));
    }

    void addColumn(MeasurementKey column) {
        change(c -> c.withColumn(column), Optional.empty());
    }

    void removeColumn() {
        key.ifPresent(column -> {
            key = Optional.empty();
            change(c -> c.withoutColumn(column), Optional.empty());
        });
    }

    /** @return what is wrong with the name */
    Optional<String> rename(String text) {
        String name = text.strip();
        if (name.isEmpty() || name.length() > NAME_MOST) {
            return Optional.of("Give the chart a name of up to " + NAME_MOST + " letters.");
        }
        if (charts().stream().anyMatch(c -> c.name().equals(name) && !c.equals(chart().orElseThrow()))) {
            return Optional.of("Another chart is called " + name + " already.");
        }
        change(c -> c.named(name), Optional.empty());
        return Optional.empty();
    }

    /** Begins a chart with the figures of the wearer in hand as its one size. */
    void beginFromWearer() {
        Commission now = workshop.commission();
        List<MeasurementKey> columns = List.copyOf(now.measurements().taken().keySet());
        add(new SizeChart(
                free(now.wearer().name()),
                columns,
                List.of(new Size("1", "", now.measurements().taken()))));
    }

    private void add(SizeChart chart) {
        List<SizeChart> all = new ArrayList<>(charts());
        all.add(chart);
        keep(all);
        choose(all.size() - 1);
    }

    /** A name that no chart has yet. */
    private String free(String wanted) {
        String name = wanted;
        for (int i = 2; hasName(name); i++) {
            name = wanted + " " + i;
        }
        return name;
    }

    private boolean hasName(String name) {
        return charts().stream().anyMatch(c -> c.name().equals(name));
    }

    void throwAway() {
        List<SizeChart> all = new ArrayList<>(charts());
        all.remove(chart().orElseThrow());
        keep(all);
        choose(Math.max(0, Math.min(which, all.size() - 1)));
    }

    /** Takes a table in, from a file or as it was copied, as a chart of its own. */
    void takeIn(byte[] table, String name) {
        SizeChartCsv.Read read = SizeChartCsv.read(table, free(name), workshop.unit());
        if (read.chart().isPresent()) {
            add(read.chart().get());
            say("The chart " + chart().orElseThrow().name() + " is taken in.");
        } else {
            say("Nothing was taken in, and the charts stay as they are. " + String.join(" ", read.faults()));
        }
    }

    void takeIn(Path file) {
        try {
            takeIn(Files.readAllBytes(file), file.getFileName().toString().replaceAll("(?i)\\.csv$", ""));
        } catch (IOException e) {
            LoggerFactory.getLogger(SizesModel.class).warn("reading a chart", e);
            say(file.getFileName() + " could not be read. Look whether it is there and whether you may read it.");
        }
    }

    void write(Path file) {
        write(Map.of(
                file, SizeChartCsv.write(chart().orElseThrow(), workshop.unit()).getBytes(StandardCharsets.UTF_8)));
    }

    /** Puts the nest out: on sheets, and as drawings. */
    void putOutNest(Path folder) {
        putOut(folder, files -> SizedFiles.nest(set.orElseThrow(), nest.orElseThrow(), Paper.A4, folder));
    }

    /** Puts a set of each size out. */
    void putOutEach(Path folder) {
        putOut(folder, files -> {
            for (SizedDraft sized : set.orElseThrow().drafted()) {
                files.putAll(SizedFiles.one(sized, folder));
            }
            return files;
        });
    }

    /** Makes files; it may fail as writing does. */
    @FunctionalInterface
    private interface Making {
        Map<Path, byte[]> of(Map<Path, byte[]> none) throws IOException;
    }

    private void putOut(Path folder, Making making) {
        said = "The files are being made …";
        changed.run();
        drafting.goOn("put out the sizes", run -> {
            String words;
            try {
                Map<Path, byte[]> files = making.of(new java.util.LinkedHashMap<>());
                AllOrNone.write(files);
                words = files.size() + " files are in " + folder.getFileName() + ".";
            } catch (IOException e) {
                LoggerFactory.getLogger(SizesModel.class).warn("putting the sizes out", e);
                words = "Nothing was written. Choose a folder on a disk with room that you may write to.";
            }
            String now = words;
            run.show(() -> say(now));
        });
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

    /** Whose size is looked for. */
    void wearer(Optional<Entry> entry) {
        wearer = entry;
        fit();
        changed.run();
    }

    private void fit() {
        hers = wearer.flatMap(w -> workshop.book().find(w.id()))
                .flatMap(c -> set.flatMap(s -> WearersSize.nearest(s, c.measurements())));
    }

    /** Begins her commission: the size with her own figures where it does not do. */
    void beginHers() {
        Commission own = workshop.book().find(wearer.orElseThrow().id()).orElseThrow();
        workshop.book()
                .addAll(List.of(workshop.obeying(hers.orElseThrow().commission(workshop.commission(), own.wearer()))));
        say("Her commission is begun. It stands on the shelf.");
    }

    /** Who in the book wears the size in hand as it is. */
    List<String> whoElse(bathyra.size.Costume costume) {
        return workshop.entries().stream()
                .filter(e -> workshop.book()
                        .find(e.id())
                        .filter(c -> costume.takes(c.measurements()))
                        .isPresent())
                .map(Entry::wearer)
                .distinct()
                .toList();
    }

    Optional<Draft> inHand() {
        return set.filter(s -> row < s.sizes().size())
                .flatMap(s -> s.sizes().get(row).draft());
    }
}
