package bathyra.app.shelf;

import bathyra.book.Commissions.Entry;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * How the list of commissions is looked at: in which order, and which of them. It stays until it is changed.
 *
 * @param production one design that is made for several wearers, by its title; empty for all
 */
record ShelfLook(Order order, Kind kind, Which which, String production) {
    static final ShelfLook USUAL = new ShelfLook(Order.DUE, Kind.ANY, Which.ALL, "");
    /** After it stands the title of a production, which may be any words. */
    private static final String PRODUCTION = "\n";

    /** What is made for more than one wearer, by its title. */
    static List<String> productions(List<Entry> entries) {
        return entries.stream()
                .collect(Collectors.groupingBy(
                        Entry::title, TreeMap::new, Collectors.mapping(Entry::wearer, Collectors.toSet())))
                .entrySet()
                .stream()
                .filter(e -> e.getValue().size() > 1)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** What has a word of its own in a list of choices. */
    interface Choice {
        String label();
    }

    enum Order implements Choice {
        DUE("By due day"),
        WEARER("By wearer"),
        TITLE("By title"),
        NEWEST("Newest first");

        private final String label;

        Order(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    enum Kind implements Choice {
        ANY("Every kind", ""),
        BUSTIER("Bustiers", "bustier"),
        CORSET("Corsets", "corset"),
        UNDERBUST("Underbusts", "underbust");

        private final String label;
        private final String word;

        Kind(String label, String word) {
            this.label = label;
            this.word = word;
        }

        @Override
        public String label() {
            return label;
        }
    }

    enum Which implements Choice {
        ALL("All"),
        LATE("Late"),
        SOON("Due in 30 days"),
        UNDATED("Without a day"),
        TO_LOOK_AT("To look at"),
        TRASH("Trash");

        private static final int SOON_DAYS = 30;
        private final String label;

        Which(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }

        private boolean has(Entry entry, LocalDate today) {
            Optional<LocalDate> due = entry.due();
            return switch (this) {
                case ALL, TRASH -> true;
                case LATE -> due.filter(d -> d.isBefore(today)).isPresent();
                case SOON ->
                    due.filter(d -> !d.isBefore(today) && !d.isAfter(today.plusDays(SOON_DAYS)))
                            .isPresent();
                case UNDATED -> due.isEmpty();
                case TO_LOOK_AT ->
                    entry.state().contains("note") || entry.state().contains("cannot");
            };
        }
    }

    /** @param kinds the word for the kind of each, by its id */
    List<Entry> of(List<Entry> found, Map<Long, String> kinds, LocalDate today) {
        return found.stream()
                .filter(e -> kind == Kind.ANY || kind.word.equals(kinds.get(e.id())))
                .filter(e -> which.has(e, today))
                .filter(e -> production.isEmpty() || production.equals(e.title()))
                .sorted(comparator())
                .toList();
    }

    /** What is found comes by due day. */
    private Comparator<Entry> comparator() {
        return switch (order) {
            case DUE -> Comparator.comparing(e -> e.due().isEmpty());
            case WEARER -> Comparator.comparing((Entry e) -> Search.plain(e.wearer()));
            case TITLE -> Comparator.comparing((Entry e) -> Search.plain(e.title()));
            case NEWEST -> Comparator.comparing(Entry::id).reversed();
        };
    }

    ShelfLook by(Order next) {
        return new ShelfLook(next, kind, which, production);
    }

    ShelfLook of(Kind next) {
        return new ShelfLook(order, next, which, production);
    }

    ShelfLook showing(Which next) {
        return new ShelfLook(order, kind, next, production);
    }

    /** @param title empty for all */
    ShelfLook madeFor(String title) {
        return new ShelfLook(order, kind, which, title);
    }

    String write() {
        return order.name() + "," + kind.name() + "," + which.name() + PRODUCTION + production;
    }

    /** What cannot be read is as usual. The trash is not opened again by itself. */
    static ShelfLook read(String text) {
        int at = text.indexOf(PRODUCTION);
        List<String> words = List.of((at < 0 ? text : text.substring(0, at)).split(","));
        Which which = named(Which.values(), words, USUAL.which);
        return new ShelfLook(
                named(Order.values(), words, USUAL.order),
                named(Kind.values(), words, USUAL.kind),
                which == Which.TRASH ? USUAL.which : which,
                at < 0 ? "" : text.substring(at + PRODUCTION.length()));
    }

    private static <E extends Enum<E>> E named(E[] all, List<String> words, E usual) {
        return Arrays.stream(all)
                .filter(e -> words.contains(e.name()))
                .findFirst()
                .orElse(usual);
    }
}
