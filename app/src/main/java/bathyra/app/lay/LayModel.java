package bathyra.app.lay;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.draft.Draft;
import bathyra.garment.Cloth;
import bathyra.garment.ClothUse;
import bathyra.garment.ClothUse.HandLaid;
import bathyra.garment.LayerKind;
import bathyra.garment.Making;
import bathyra.lay.AutoLay;
import bathyra.lay.Clearance;
import bathyra.lay.Lay;
import bathyra.lay.Laying;
import bathyra.lay.Placed;
import bathyra.layer.Layer;
import bathyra.length.Length;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.concurrent.Task;
import org.slf4j.LoggerFactory;

/** What can be done on the Lay stage: which layer lies on which cloth, laid automatically in the background or by hand. */
public final class LayModel {
    private static final double HALF = 2;
    private final Workshop workshop;
    private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(-1);
    private LayerKind layer = LayerKind.FASHION;
    private Optional<String> chosen = Optional.empty();
    private Optional<Draft> planned = Optional.empty();
    private List<Layer> layers = List.of();
    private final Map<LayerKind, Ready> ready = new EnumMap<>(LayerKind.class);
    private final Map<LayerKind, Found> found = new EnumMap<>(LayerKind.class);
    private Optional<Task<Lay>> running = Optional.empty();
    private Laying beingLaid;

    /** A lay that was found for a request. @param whole whether the search for it was ended, by itself or by the cutter; else it is only a first one */
    private record Found(Laying laying, Lay lay, boolean whole) {}

    public LayModel(Workshop workshop) {
        this.workshop = workshop;
    }

    Draft draft() {
        return workshop.draft().orElseThrow();
    }

    /** The layers with pieces to lay: of both halves, where they differ, for they are cut from one cloth. */
    List<Layer> layers() {
        return all().stream().filter(l -> !l.pieces().isEmpty()).toList();
    }

    private List<Layer> all() {
        if (!workshop.draft().equals(planned)) {
            planned = workshop.draft();
            layers = planned.map(Lays::layers).orElse(List.of());
        }
        return layers;
    }

    LayerKind layer() {
        List<Layer> there = layers();
        return there.isEmpty() || there.stream().anyMatch(l -> l.kind() == layer)
                ? layer
                : there.get(0).kind();
    }

    void look(LayerKind next) {
        giveUp();
        layer = next;
        chosen = Optional.empty();
        workshop.letGo();
        workshop.showing().again();
    }

    ClothUse use() {
        return use(layer());
    }

    private ClothUse use(LayerKind kind) {
        // What was chosen stands in the commission, whether it drafts or not.
        return Lays.use(workshop.commission(), kind, workshop.kept().prices());
    }

    /** A request that was made ready for a layer as it was cut then. */
    private record Ready(Layer layer, ClothUse use, Laying laying) {}

    Laying laying() {
        return laying(layer());
    }

    private Laying laying(LayerKind kind) {
        Layer of = layers().stream().filter(l -> l.kind() == kind).findFirst().orElseThrow();
        ClothUse use = use(kind).withHand(List.of());
        Ready known = ready.get(kind);
        if (known == null || known.layer() != of || !known.use().equals(use)) {
            known = new Ready(of, use, Lays.laying(of, use));
            ready.put(kind, known);
        }
        return known.laying();
    }

    /** The lay on the table: by hand, or as it was found. Empty while none is known. */
    Optional<Lay> lay() {
        Laying laying = laying();
        Optional<Lay> hand = byHand(laying);
        return hand.isPresent()
                ? hand
                : Optional.ofNullable(found.get(layer()))
                        .filter(f -> f.laying() == laying)
                        .map(Found::lay);
    }

    /** Whether the cutter has put the pieces. */
    boolean isByHand() {
        return byHand(laying()).isPresent();
    }

    private Optional<Lay> byHand(Laying laying) {
        return Lays.byHand(laying, use(laying.layer()));
    }

    /** Pieces that lie on each other or off the cloth: after the draft has changed under a lay that was put by hand. */
    List<Placed> wrong() {
        return lay().map(l -> Clearance.wrong(l, laying())).orElse(List.of());
    }

    /** How far the automatic lay is, 0 to 1; less than nothing when none is being made. */
    ReadOnlyDoubleProperty progressProperty() {
        return progress.getReadOnlyProperty();
    }

    /** Lays the layer in the background, unless it is known or being laid. */
    void layWhenUnknown() {
        Laying laying = laying();
        running.filter(t -> beingLaid != laying).ifPresent(t -> giveUp());
        Found known = found.get(layer());
        boolean isKnown = isByHand() || known != null && known.laying() == laying && known.whole();
        if (!isKnown && running.isEmpty() && laying.hindrances().isEmpty()) {
            layNow();
        }
    }

    /** Ends an automatic lay that nobody waits for any more, as if it had not begun. */
    private void giveUp() {
        running.ifPresent(Task::cancel);
        running = Optional.empty();
        progress.set(-1);
    }

    /** Lays the layer anew; what was put by hand is forgotten. */
    void layAnew() {
        if (layers().isEmpty()) {
            return;
        }
        found.remove(layer());
        if (!use().hand().isEmpty()) {
            set("lay of the " + name() + " anew", use().withHand(List.of()));
        }
        layNow();
    }

    private void layNow() {
        giveUp();
        Laying laying = laying();
        beingLaid = laying;
        LayerKind kind = layer();
        Task<Lay> task = new Task<>() {
            @Override
            protected Lay call() {
                return AutoLay.lay(
                        laying,
                        Lays.SEED,
                        AutoLay.ROUNDS,
                        p -> Platform.runLater(() -> better(this, kind, laying, p)),
                        this::isCancelled);
            }
        };
        task.setOnSucceeded(e -> done(task, kind, laying, task.getValue()));
        task.setOnFailed(e -> {
            LoggerFactory.getLogger(LayModel.class).error("laying the {}", kind.id(), task.getException());
            done(
                    task,
                    kind,
                    laying,
                    Optional.ofNullable(found.get(kind)).map(Found::lay).orElse(null));
        });
        task.setOnCancelled(e -> done(
                task,
                kind,
                laying,
                Optional.ofNullable(found.get(kind)).map(Found::lay).orElse(null)));
        running = Optional.of(task);
        progress.set(0);
        Thread thread = new Thread(task, "lay");
        thread.setDaemon(true);
        thread.start();
    }

    private void better(Task<Lay> task, LayerKind kind, Laying laying, AutoLay.Progress p) {
        if (running.equals(Optional.of(task))) {
            found.put(kind, new Found(laying, p.best(), false));
            progress.set(p.share());
            workshop.showing().again();
        }
    }

    private void done(Task<Lay> task, LayerKind kind, Laying laying, Lay best) {
        if (running.equals(Optional.of(task))) {
            running = Optional.empty();
            progress.set(-1);
            if (best != null) {
                found.put(kind, new Found(laying, best, true));
            }
            workshop.showing().again();
        }
    }

    /** Stops the automatic lay; the best so far stays. */
    void stop() {
        running.ifPresent(Task::cancel);
    }

    Optional<Placed> chosen() {
        return chosen.flatMap(key -> lay().flatMap(l ->
                l.placed().stream().filter(p -> p.piece().key().equals(key)).findFirst()));
    }

    void choose(String key) {
        chosen = Optional.of(key);
        workshop.letGo();
        workshop.showing().again();
    }

    void next() {
        List<String> keys = lay().map(
                        l -> l.placed().stream().map(p -> p.piece().key()).toList())
                .orElse(List.of());
        if (!keys.isEmpty()) {
            choose(keys.get((chosen.map(keys::indexOf).orElse(-1) + 1) % keys.size()));
        }
    }

    /** Moves the piece in hand so that its middle lies at a place, as far as it goes without touching another. */
    void moveTo(double x, double y) {
        Placed piece = chosen().orElseThrow();
        Placed wanted = piece.at(
                piece.piece().atFold() ? 0 : x - piece.piece().width() / HALF,
                Math.max(0, y - piece.piece().height() / HALF));
        Laying laying = laying();
        List<Placed> others = lay().orElseThrow().placed();
        // Past an obstacle a piece slides along it: first the whole way, then across alone, then along alone.
        for (Placed way : List.of(wanted, wanted.at(wanted.x(), piece.y()), wanted.at(piece.x(), wanted.y()))) {
            if (Clearance.isClear(way, others, laying)) {
                put(way, "moved");
                return;
            }
        }
    }

    /** Turns the piece in hand end for end. @return why it may not be turned or has no room; empty when it was */
    Optional<String> turn() {
        Placed piece = chosen().orElseThrow();
        if (!piece.piece().mayTurn()) {
            return Optional.of(
                    use().cloth().name() + " has a nap or a print with a way up: no piece may be turned end for end.");
        }
        return piece.piece().atFold()
                ? Optional.of("This piece lies on the fold; turned round it would not.")
                : change(piece.turnedRound(), "turned");
    }

    /** Leans the piece in hand from the thread. @return why it does not; empty when it does */
    Optional<String> tilt(double degrees) {
        Placed piece = chosen().orElseThrow();
        double next = piece.tilt() + degrees;
        return Math.abs(next) > ClothUse.TILT_MOST + 1e-9
                ? Optional.of("A piece may lean from the thread by " + (int) ClothUse.TILT_MOST + "° at the most.")
                : piece.piece().atFold()
                        ? Optional.of("This piece lies on the fold and cannot lean.")
                        : change(piece.tilted(next), "leant");
    }

    private Optional<String> change(Placed next, String what) {
        if (!Clearance.isClear(next, lay().orElseThrow().placed(), laying())) {
            return Optional.of("There is no room for that here. Move the piece away from the others first.");
        }
        put(next, what);
        return Optional.empty();
    }

    private void put(Placed piece, String what) {
        stop();
        List<HandLaid> hand = lay().orElseThrow().placed().stream()
                .map(p -> p.piece().key().equals(piece.piece().key()) ? piece : p)
                .map(p -> new HandLaid(p.piece().id(), p.piece().copy(), p.x(), p.y(), p.turned(), p.tilt()))
                .toList();
        workshop.change(
                piece.piece().name().toLowerCase(Locale.ROOT) + " " + what + " on the " + name(),
                workshop.commission().withMaking(making().withCloth(layer(), use().withHand(hand))),
                InHand.of("laid-" + piece.piece().key() + what));
    }

    private String name() {
        return layer().label().toLowerCase(Locale.ROOT);
    }

    private Making making() {
        return workshop.commission().making();
    }

    private void set(String label, ClothUse next) {
        workshop.letGo();
        workshop.once(label, workshop.commission().withMaking(making().withCloth(layer(), next)));
    }

    void cloth(Cloth cloth) {
        stop();
        set("cloth of the " + name() + ": " + cloth.name().toLowerCase(Locale.ROOT), use().withCloth(cloth));
    }

    /** Changes a figure of the cloth in hand while it is typed. */
    void cloth(Cloth cloth, String thing) {
        stop();
        workshop.change(
                "cloth of the " + name() + ", " + thing,
                workshop.commission().withMaking(making().withCloth(layer(), use().withCloth(cloth))),
                InHand.of("cloth-" + layer() + thing));
    }

    void folded(boolean folded) {
        stop();
        set(name() + (folded ? " on folded cloth" : " on open cloth"), use().withFolded(folded));
    }

    void gap(Length gap) {
        stop();
        workshop.change(
                "gap between pieces",
                workshop.commission().withMaking(making().withCloth(layer(), use().withGap(gap))),
                InHand.of("gap-" + layer()));
    }

    void making(String label, Making next, InHand thing) {
        workshop.change(label, workshop.commission().withMaking(next), thing);
    }

    /** The bill. Layers that nobody has looked at yet are laid quickly for it; it says by how they are laid. */
    Bill bill() {
        Map<LayerKind, Lay> lays = new EnumMap<>(LayerKind.class);
        for (Layer each : layers()) {
            Laying laying = laying(each.kind());
            if (laying.hindrances().isEmpty()) {
                Optional<Lay> hand = byHand(laying);
                lays.put(each.kind(), hand.orElseGet(() -> Optional.ofNullable(found.get(each.kind()))
                        .filter(f -> f.laying() == laying)
                        .map(Found::lay)
                        .orElseGet(() -> {
                            Lay quick = AutoLay.lay(laying, Lays.SEED, 0, p -> {}, () -> false);
                            found.put(each.kind(), new Found(laying, quick, false));
                            return quick;
                        })));
            }
        }
        return Bill.of(draft(), all(), lays, workshop.kept().prices());
    }
}
