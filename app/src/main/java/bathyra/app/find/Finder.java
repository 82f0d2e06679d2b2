package bathyra.app.find;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Finds things by the beginnings of their words, in any order, accents or none. */
public final class Finder {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");

    /**
     * A thing with its words made plain.
     *
     * @param plain what it is called
     * @param also the same, with what else it may be looked for by
     */
    private record Line(Findable thing, String plain, String also) {
        private static Line of(Findable thing) {
            String called = " " + Finder.plain(thing.words());
            return new Line(thing, called, thing.also().isEmpty() ? called : called + " " + Finder.plain(thing.also()));
        }

        private boolean isCalled(List<String> wanted) {
            return wanted.stream().allMatch(plain::contains);
        }
    }

    private final List<Line> lines;

    public Finder(List<Findable> things) {
        lines = things.stream().map(Line::of).toList();
    }

    /** What holds a word that begins with each of these; the whole beginning first, then what is called so, then by sort and length. @param most no more are given */
    public List<Findable> find(String words, int most) {
        String typed = plain(words).strip();
        List<String> wanted = Arrays.stream(typed.split("\\s+"))
                .filter(w -> !w.isEmpty())
                .map(w -> " " + w)
                .toList();
        if (wanted.isEmpty()) {
            return List.of();
        }
        return lines.stream()
                .filter(l -> wanted.stream().allMatch(l.also()::contains))
                .sorted(Comparator.comparing((Line l) -> !l.plain().startsWith(" " + typed))
                        .thenComparing(l -> !l.isCalled(wanted))
                        .thenComparing(l -> l.thing().kind())
                        .thenComparing(l -> l.plain().length()))
                .limit(most)
                .map(Line::thing)
                .toList();
    }

    /** Words apart by single spaces, so that each begins behind one. */
    private static String plain(String text) {
        return MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", " ");
    }
}
