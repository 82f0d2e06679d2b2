package bathyra.app.sizes;

import bathyra.app.workshop.Workshop;
import bathyra.files.csv.SizeChartCsv;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.measure.MeasurementKey;
import bathyra.size.Size;
import bathyra.size.SizeChart;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The charts of the workshop: which is in hand, which of its cells, and what is edited in it, with its own way back. */
final class ChartsInHand {
    private static final String CHOSEN = "size-chart";
    private static final int UNDONE_MOST = 100;
    private static final int NAME_MOST = 40;

    private final Workshop workshop;
    private final Redraft redraft;
    private final Deque<List<SizeChart>> before = new ArrayDeque<>();
    private int which;
    /** The chart of the design that came on the table last. */
    private Optional<String> followed = Optional.empty();

    private int row;
    private Optional<MeasurementKey> key = Optional.of(MeasurementKey.BUST);

    /** Hears what is another now. */
    interface Redraft {
        /** Another chart, or all of its sizes. */
        void all();

        /** One size of the same chart. */
        void one(int row);
    }

    ChartsInHand(Workshop workshop, Redraft redraft) {
        this.workshop = workshop;
        this.redraft = redraft;
        String last = workshop.book().place(CHOSEN).orElse("");
        for (int i = 0; i < charts().size(); i++) {
            if (charts().get(i).name().equals(last)) {
                which = i;
            }
        }
    }

    List<SizeChart> charts() {
        return workshop.kept().sizeCharts().get();
    }

    /** Empty where every chart was taken away. */
    Optional<SizeChart> chart() {
        return charts().isEmpty() ? Optional.empty() : Optional.of(charts().get(Math.min(which, charts().size() - 1)));
    }

    /** The size in hand. */
    int row() {
        return row;
    }

    /** The column in hand. */
    Optional<MeasurementKey> key() {
        return key;
    }

    void choose(int index) {
        which = index;
        row = 0;
        chart().ifPresent(c -> workshop.book().keepPlace(CHOSEN, c.name()));
        redraft.all();
    }

    /** Takes the chart in hand from which a design was drafted, once it comes on the table. */
    void follow(Commission design) {
        if (design.sizes().equals(followed)) {
            return;
        }
        followed = design.sizes();
        for (int i = 0; i < charts().size(); i++) {
            if (followed.filter(charts().get(i).name()::equals).isPresent()) {
                which = i;
                row = 0;
            }
        }
    }

    /** @return whether another cell is in hand now */
    boolean look(int at, Optional<MeasurementKey> column) {
        boolean other = row != at || !key.equals(column);
        row = at;
        key = column;
        return other;
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
        only.ifPresentOrElse(redraft::one, redraft::all);
    }

    private void keep(List<SizeChart> all) {
        before.push(charts());
        while (before.size() > UNDONE_MOST) {
            before.removeLast();
        }
        workshop.kept().sizeCharts().keep(all);
    }

    boolean canUndo() {
        return !before.isEmpty();
    }

    /** Takes the last change of a chart back. */
    void undo() {
        if (!before.isEmpty()) {
            workshop.kept().sizeCharts().keep(before.pop());
            which = Math.max(0, Math.min(which, charts().size() - 1));
            redraft.all();
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

    /** Takes a table in, from a file or as it was copied, as a chart of its own. @return what happened, in words */
    String takeIn(byte[] table, String name) {
        SizeChartCsv.Read read = SizeChartCsv.read(table, free(name), workshop.unit());
        if (read.chart().isEmpty()) {
            return "Nothing was taken in, and the charts stay as they are. " + String.join(" ", read.faults());
        }
        SizeChart taken = read.chart().get();
        // A key held down comes again and again.
        if (chart().filter(now -> now.named(taken.name()).equals(taken)).isPresent()) {
            return "This table is in hand already, as " + chart().orElseThrow().name() + ".";
        }
        add(taken);
        return "The chart " + chart().orElseThrow().name() + " is taken in.";
    }
}
