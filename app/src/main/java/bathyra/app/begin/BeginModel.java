package bathyra.app.begin;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions.Entry;
import bathyra.book.Measurings;
import bathyra.book.Wearers;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.HouseStyle;
import bathyra.garment.Wearer;
import bathyra.geometry.Point;
import bathyra.measure.MeasurementSet;
import bathyra.piece.Sketch;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import org.slf4j.LoggerFactory;

/** The four questions before a new commission: who, what kind, which closure, from what. */
final class BeginModel {
    private static final int WEARERS_MOST = 6;
    private static final int FORMER_MOST = 5;
    /** So many of the latest are looked through for designs that differ. */
    private static final int LOOKED_THROUGH = 40;

    /** The wearer of the demo on whom kinds and styles are drawn. */
    private static final String SOMEBODY = "the-heron";

    private final Workshop workshop;
    private final Runnable changed;
    private final Map<Garment, List<List<Point>>> sketches = new HashMap<>();
    /** Read once: it does not change while this page stands. */
    private final List<Entry> entries;

    private Offer offered;
    private List<Source> sources = List.of();
    private String wearer = "";
    private GarmentKind kind = GarmentKind.BUSTIER;
    private Optional<Closure> closure = Optional.empty();
    private Optional<Source> source = Optional.empty();

    /** From what it is begun. @param id by which it is told apart @param garment its design */
    record Source(String id, String label, Garment garment) {}

    /** What the sources hang on. @param wearer in small letters; empty for one who is not known */
    private record Offer(GarmentKind kind, String wearer, List<HouseStyle> styles) {}

    BeginModel(Workshop workshop, Runnable changed) {
        this.workshop = workshop;
        this.changed = changed;
        this.entries = workshop.entries();
    }

    String wearer() {
        return wearer;
    }

    void wearer(String name) {
        wearer = name;
        changed.run();
    }

    /** The wearer's name in small letters if it stands in the book, else nothing. */
    private String known() {
        String name = Wearer.tidy(wearer).toLowerCase(Locale.ROOT);
        return entries.stream().anyMatch(e -> Wearers.isSame(e.wearer(), wearer)) ? name : "";
    }

    /** The wearers of the latest commissions, the latest first. */
    List<String> wearers() {
        Map<String, String> names = new LinkedHashMap<>();
        entries.stream()
                .sorted(Comparator.comparing(Entry::id).reversed())
                .forEach(e -> names.putIfAbsent(e.wearer().toLowerCase(Locale.ROOT), e.wearer()));
        return names.values().stream().limit(WEARERS_MOST).toList();
    }

    /** Her latest figures: a set that was kept, else those of her latest commission. */
    Optional<MeasurementSet> figures() {
        if (known().isEmpty()) {
            return Optional.empty();
        }
        Optional<MeasurementSet> kept = workshop.book().measurings().of(Wearer.tidy(wearer)).stream()
                .findFirst()
                .map(Measurings.Measuring::set);
        return kept.or(() -> entries.stream()
                        .filter(e -> Wearers.isSame(e.wearer(), wearer))
                        .max(Comparator.comparing(Entry::id))
                        .flatMap(e -> workshop.book().commissions().find(e.id()))
                        .map(Commission::measurements))
                .filter(set -> !set.taken().isEmpty());
    }

    GarmentKind kind() {
        return kind;
    }

    void kind(GarmentKind next) {
        kind = next;
        closure = Optional.empty();
        source = Optional.empty();
        changed.run();
    }

    /** What closes it: what was chosen, else what the design has. */
    Closure closure() {
        return closure.orElse(source().garment().fastening().closure());
    }

    void closure(Closure next) {
        closure = Optional.of(next);
        changed.run();
    }

    /** Nothing, the styles of the house, and what was made last, each of the kind that was chosen. */
    List<Source> sources() {
        Offer offer = new Offer(kind, known(), workshop.kept().houseStyles().get());
        if (!offer.equals(offered)) {
            offered = offer;
            sources = read();
        }
        return sources;
    }

    private List<Source> read() {
        List<Source> all = new ArrayList<>();
        all.add(new Source("blank", "Blank", workshop.kept().houseRules().get().on(Garment.of(kind))));
        List<HouseStyle> styles = workshop.kept().houseStyles().get();
        for (int i = 0; i < styles.size(); i++) {
            if (styles.get(i).garment().kind() == kind) {
                all.add(new Source(
                        "style-" + i, styles.get(i).name(), styles.get(i).garment()));
            }
        }
        Map<Long, String> kinds = workshop.book().commissions().kinds();
        Set<Garment> seen = new HashSet<>();
        entries.stream()
                .filter(e -> kind.id().equals(kinds.get(e.id())))
                .sorted(Comparator.comparing((Entry e) -> !Wearers.isSame(e.wearer(), wearer))
                        .thenComparing(Comparator.comparing(Entry::id).reversed()))
                .limit(LOOKED_THROUGH)
                .flatMap(e -> former(e).stream())
                .filter(former -> seen.add(former.garment()))
                .limit(FORMER_MOST)
                .forEach(all::add);
        return all;
    }

    private Optional<Source> former(Entry entry) {
        return workshop.book()
                .commissions()
                .find(entry.id())
                .map(c -> new Source(
                        "former-" + entry.id(),
                        entry.title(),
                        HouseStyle.of(entry.title(), c.garment()).garment()));
    }

    Source source() {
        return source.orElseGet(() ->
                new Source("blank", "Blank", workshop.kept().houseRules().get().on(Garment.of(kind))));
    }

    void source(Source next) {
        source = Optional.of(next);
        changed.run();
    }

    Garment garment() {
        Garment garment = source().garment();
        return garment.withFastening(garment.fastening().with(closure()));
    }

    /** How a garment looks on somebody; empty until it was drafted, in the background. */
    List<List<Point>> sketch(Garment garment) {
        List<List<Point>> known = sketches.get(garment);
        if (known == null) {
            sketches.put(garment, List.of());
            CompletableFuture.supplyAsync(() -> drawn(garment))
                    .thenAccept(lines -> Platform.runLater(() -> {
                        sketches.put(garment, lines);
                        changed.run();
                    }));
            return List.of();
        }
        return known;
    }

    private static List<List<Point>> drawn(Garment garment) {
        try {
            Commission commission =
                    CommissionJson.read(DemoBook.document(SOMEBODY)).withGarment(garment);
            return Drafter.draft(commission) instanceof Draft draft ? Sketch.of(draft.pattern()) : List.of();
        } catch (RuntimeException | IOException | BadDocument e) {
            LoggerFactory.getLogger(BeginModel.class).warn("a design could not be drawn", e);
            return List.of();
        }
    }

    /** Whether enough is said. */
    boolean canBegin() {
        return !wearer.isBlank();
    }

    void begin() {
        workshop.deeds().begin(wearer, garment(), figures());
    }
}
