package bathyra.size;

import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.Plausibility;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A chart of sizes (C23).
 *
 * @param columns the measurements, in the order in which they stand
 * @param sizes the rows, from the smallest
 */
public record SizeChart(String name, List<MeasurementKey> columns, List<Size> sizes) {
    /** More rows than any chart has; a file of more is something else. */
    public static final int SIZES_MOST = 60;

    private static final Pattern WHOLE = Pattern.compile("\\d{1,6}");

    public SizeChart {
        columns = List.copyOf(columns);
        sizes = List.copyOf(sizes);
    }

    /** Something to look at in a chart. @param key the column; empty for the row itself */
    public record Remark(int row, Optional<MeasurementKey> key, Sentence sentence) {}

    public boolean hasCups() {
        return sizes.stream().anyMatch(s -> !s.cup().isEmpty());
    }

    public SizeChart named(String next) {
        return new SizeChart(next, columns, sizes);
    }

    private SizeChart of(List<Size> next) {
        return new SizeChart(name, columns, next);
    }

    public SizeChart with(int row, Size size) {
        List<Size> next = new ArrayList<>(sizes);
        next.set(row, size);
        return of(next);
    }

    /** The same chart with a figure, or without it. */
    public SizeChart with(int row, MeasurementKey key, Optional<Length> length) {
        return with(row, sizes.get(row).with(key, length));
    }

    public SizeChart without(int row) {
        List<Size> next = new ArrayList<>(sizes);
        next.remove(row);
        return of(next);
    }

    public SizeChart withColumn(MeasurementKey key) {
        if (columns.contains(key)) {
            return this;
        }
        List<MeasurementKey> next = new ArrayList<>(columns);
        next.add(key);
        return new SizeChart(name, next, sizes);
    }

    /** The same chart without a column, its figures gone with it. */
    public SizeChart withoutColumn(MeasurementKey key) {
        return new SizeChart(
                name,
                columns.stream().filter(k -> k != key).toList(),
                sizes.stream().map(s -> s.with(key, Optional.empty())).toList());
    }

    /** The row before one that has the same cup. */
    public OptionalInt before(int row) {
        for (int i = row - 1; i >= 0; i--) {
            if (sizes.get(i).cup().equals(sizes.get(row).cup())) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }

    /** By how much a figure is more than that of the size before, mm. */
    public Optional<Double> step(int row, MeasurementKey key) {
        OptionalInt before = before(row);
        return before.isEmpty()
                ? Optional.empty()
                : sizes.get(row).at(key).flatMap(here -> sizes.get(before.getAsInt())
                        .at(key)
                        .map(there -> here.millimetres() - there.millimetres()));
    }

    /** The same chart with one more size, which goes on by the last step. */
    public SizeChart adding() {
        List<Size> next = new ArrayList<>(sizes);
        if (sizes.isEmpty()) {
            next.add(new Size("1", "", java.util.Map.of()));
            return of(next);
        }
        int last = sizes.size() - 1;
        Size size = sizes.get(last)
                .named(nameAfter(sizes.get(last).name()), sizes.get(last).cup());
        for (MeasurementKey key : columns) {
            Optional<Double> step = step(last, key);
            if (step.isPresent()) {
                size = size.with(key, sizes.get(last).at(key).map(l -> Length.mm(l.millimetres() + step.get())));
            }
        }
        next.add(size);
        return of(next);
    }

    private String nameAfter(String last) {
        Set<String> taken = new HashSet<>();
        sizes.forEach(s -> taken.add(s.name()));
        if (WHOLE.matcher(last).matches()) {
            int number = Integer.parseInt(last);
            int step = sizes.size() > 1
                            && WHOLE.matcher(sizes.get(sizes.size() - 2).name()).matches()
                    ? Math.max(
                            1,
                            number
                                    - Integer.parseInt(
                                            sizes.get(sizes.size() - 2).name()))
                    : 1;
            while (taken.contains(Integer.toString(number + step))) {
                number += step;
            }
            return Integer.toString(number + step);
        }
        String next = last + "+";
        while (taken.contains(next)) {
            next += "+";
        }
        return next;
    }

    /** The same chart with the step up to a cell carried on down its column, among the sizes of its cup. */
    public SizeChart filledDown(int row, MeasurementKey key) {
        Optional<Double> step = step(row, key);
        if (step.isEmpty()) {
            return this;
        }
        SizeChart next = this;
        double figure = sizes.get(row).at(key).orElseThrow().millimetres();
        for (int i = row + 1; i < sizes.size(); i++) {
            if (sizes.get(i).cup().equals(sizes.get(row).cup())) {
                figure += step.get();
                next = next.with(i, key, Optional.of(Length.mm(figure)));
            }
        }
        return next;
    }

    /** What is to be looked at: names twice, figures that no body has, sizes that run backwards. */
    public List<Remark> remarks() {
        List<Remark> remarks = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (int row = 0; row < sizes.size(); row++) {
            Size size = sizes.get(row);
            if (!names.add(size.label())) {
                remarks.add(new Remark(
                        row,
                        Optional.empty(),
                        Sentence.of("Size {} is there twice: give one of them another name.", size.label())));
            }
            for (MeasurementKey key : columns) {
                int at = row;
                size.at(key)
                        .flatMap(l -> Plausibility.inRange(key, l))
                        .ifPresent(r -> remarks.add(new Remark(at, Optional.of(key), r.sentence())));
                step(row, key)
                        .filter(s -> s < 0 && key.way() == MeasurementKey.Way.ROUND)
                        .ifPresent(s -> remarks.add(new Remark(
                                at,
                                Optional.of(key),
                                Sentence.of(
                                        "Size {} is {} smaller at the {} than size {}: the sizes run backwards there.",
                                        size.label(),
                                        Length.mm(-s),
                                        key.label().toLowerCase(java.util.Locale.ROOT),
                                        sizes.get(before(at).getAsInt()).label()))));
            }
        }
        return remarks;
    }
}
