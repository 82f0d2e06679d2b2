package bathyra.fitting;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * One fitting on record (C15.1).
 *
 * @param number which of the commission it is, 1 for the first
 * @param day the day, if it was noted
 * @param setting in what state the garment was tried
 * @param said what the wearer said
 * @param toDo what is to be done before the next
 * @param marks what was seen, in the order in which it was put down
 * @param pictures that were taken
 */
public record Fitting(
        int number,
        FittingKind kind,
        Optional<LocalDate> day,
        Setting setting,
        String said,
        String toDo,
        List<Mark> marks,
        List<Picture> pictures) {
    /** So many a commission has at the most. */
    public static final int COUNT_MOST = 40;
    /** So many marks one has at the most. */
    public static final int MARKS_MOST = 60;

    public Fitting {
        marks = List.copyOf(marks);
        pictures = List.copyOf(pictures);
    }

    /** A fitting about which nothing is written yet. */
    public static Fitting begun(int number, FittingKind kind, LocalDate day) {
        return new Fitting(number, kind, Optional.of(day), Setting.UNNOTED, "", "", List.of(), List.of());
    }

    public Fitting of(FittingKind next) {
        return new Fitting(number, next, day, setting, said, toDo, marks, pictures);
    }

    public Fitting on(Optional<LocalDate> next) {
        return new Fitting(number, kind, next, setting, said, toDo, marks, pictures);
    }

    public Fitting in(Setting next) {
        return new Fitting(number, kind, day, next, said, toDo, marks, pictures);
    }

    public Fitting saying(String next) {
        return new Fitting(number, kind, day, setting, next, toDo, marks, pictures);
    }

    public Fitting toDo(String next) {
        return new Fitting(number, kind, day, setting, said, next, marks, pictures);
    }

    /** The same fitting with other marks. */
    public Fitting with(List<Mark> next) {
        return new Fitting(number, kind, day, setting, said, toDo, next, pictures);
    }

    /** The same fitting with other pictures. */
    public Fitting showing(List<Picture> next) {
        return new Fitting(number, kind, day, setting, said, toDo, marks, next);
    }

    /** The number that the next mark gets. Numbers of marks that were taken away are not given again. */
    public int nextMark() {
        return 1 + marks.stream().mapToInt(Mark::number).max().orElse(0);
    }

    public Fitting with(Mark mark) {
        List<Mark> next = new ArrayList<>(marks);
        next.add(mark);
        return with(next);
    }

    public Fitting without(int mark) {
        return with(marks.stream().filter(m -> m.number() != mark).toList());
    }

    public Fitting changing(int mark, UnaryOperator<Mark> change) {
        return with(marks.stream()
                .map(m -> m.number() == mark ? change.apply(m) : m)
                .toList());
    }

    public Optional<Mark> mark(int wanted) {
        return marks.stream().filter(m -> m.number() == wanted).findFirst();
    }

    /** How many marks nothing has been decided about. */
    public long open() {
        return marks.stream().filter(m -> m.decision() == Decision.OPEN).count();
    }
}
