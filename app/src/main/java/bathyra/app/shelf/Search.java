package bathyra.app.shelf;

import bathyra.book.Commissions.Entry;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Finds commissions as one types: every word must stand somewhere in wearer, title or state, in any order, accents or none. */
public final class Search {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");

    private record Line(Entry entry, String plain) {}

    private final List<Line> lines = new ArrayList<>();

    /** @param entries what is searched; due ones come first, by day, then by wearer */
    public Search(List<Entry> entries) {
        entries.stream()
                .sorted(Comparator.comparing((Entry e) -> e.due().isEmpty())
                        .thenComparing(e -> e.due().map(Object::toString).orElse(""))
                        .thenComparing(e -> plain(e.wearer()))
                        .thenComparing(Entry::id))
                .forEach(e -> lines.add(new Line(
                        e,
                        plain(e.wearer() + " " + e.title() + " " + e.state() + " "
                                + e.due().map(Object::toString).orElse("")))));
    }

    /** What holds every word. @param archived whether archived commissions are found too */
    public List<Entry> find(String words, boolean archived) {
        List<String> wanted = Arrays.stream(plain(words).strip().split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
        return lines.stream()
                .filter(l -> archived || !l.entry().archived())
                .filter(l -> wanted.stream().allMatch(l.plain()::contains))
                .map(Line::entry)
                .toList();
    }

    static String plain(String text) {
        return MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
    }
}
