package bathyra.app.packets;

import bathyra.app.output.Manner;
import bathyra.app.output.Output;
import bathyra.app.output.OutputKind;
import bathyra.app.output.Packet;
import bathyra.app.output.Packets;
import bathyra.app.output.Receiver;
import bathyra.app.workshop.Workshop;
import bathyra.book.Sent;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.PrintScale;
import bathyra.garment.LayerKind;
import bathyra.layer.Layer;
import bathyra.piece.PanelOutline;
import bathyra.piece.Piece;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.concurrent.Task;
import org.slf4j.LoggerFactory;

/** What can be done on the Output page: which packet is in hand, what is in it, how its sheets lie; they are laid in the background. */
final class PacketsModel {
    private static final String FOLDER = "packet-folder";
    private static final String CHOSEN = "packet";
    /** An outline that moved by less was not changed, mm. */
    private static final double SAME = 0.05;

    private final Workshop workshop;
    private final Output output;
    private final Clock clock;
    private final Runnable changed;
    private final Map<String, Laid> laid = new HashMap<>();
    private Optional<Task<Laid>> laying = Optional.empty();
    private Optional<Failed> failed = Optional.empty();
    private String chosen;
    private boolean showingFormer;
    private List<Path> made = List.of();
    private Optional<Packet> madeOf = Optional.empty();
    private Optional<Draft> madeFrom = Optional.empty();

    /** What could not be laid on sheets. */
    private record Failed(Draft draft, Packet packet) {}

    PacketsModel(Workshop workshop, Output output, Clock clock, Runnable changed) {
        this.workshop = workshop;
        this.output = output;
        this.clock = clock;
        this.changed = changed;
        this.chosen = workshop.book().place(CHOSEN).orElse(Receiver.TABLE.name());
    }

    Workshop workshop() {
        return workshop;
    }

    List<Packet> packets() {
        return output.packetsProperty().get().list();
    }

    Packet chosen() {
        Packets packets = output.packetsProperty().get();
        return packets.find(chosen).orElseGet(() -> packets.of(Receiver.TABLE));
    }

    void choose(String id) {
        chosen = id;
        showingFormer = false;
        workshop.book().keepPlace(CHOSEN, id);
        changed.run();
    }

    void change(UnaryOperator<Packet> with) {
        output.packetsProperty().set(output.packetsProperty().get().with(with.apply(chosen())));
        changed.run();
    }

    void manner(UnaryOperator<Manner> with) {
        change(packet -> packet.withManner(with.apply(packet.manner())));
    }

    /** Whether one more packet of one's own finds room. */
    boolean canAdd() {
        return output.packetsProperty().get().own().size() < Packets.OWN_MOST;
    }

    /** A packet of one's own, which begins as the one in hand is. */
    void add() {
        output.packetsProperty().set(output.packetsProperty().get().withOwn(chosen(), "Packet of my own"));
        List<Packet> own = output.packetsProperty().get().own();
        choose(own.get(own.size() - 1).id());
    }

    void remove() {
        output.packetsProperty().set(output.packetsProperty().get().without(chosen().id()));
        choose(Receiver.TABLE.name());
    }

    /** Why a part cannot be put out now; empty when it can. */
    Optional<String> hindrance(OutputKind kind) {
        return output.hindrance(kind, chosen().manner());
    }

    /** What of the packet in hand can be put out now. */
    List<OutputKind> parts() {
        return chosen().inOrder().stream()
                .filter(kind -> hindrance(kind).isEmpty())
                .toList();
    }

    /** What is drawn for a packet; empty where there is no draft. */
    Optional<CuttingPlan> plan(Packet packet) {
        return output.plan(packet.manner());
    }

    /** The layers that the draft has. */
    List<LayerKind> layers() {
        return output.plan(Manner.on(Paper.A4)).stream()
                .flatMap(plan -> plan.layers().stream())
                .map(Layer::kind)
                .toList();
    }

    private PrintScale scale() {
        return output.printingProperty().get().scale();
    }

    private static boolean isOnSheets(Packet packet) {
        return packet.has(OutputKind.PATTERN);
    }

    /** The sheets of a packet, once they are laid as it is now; asks for them otherwise. */
    Optional<Laid> laid(Packet packet) {
        Optional<Draft> draft = workshop.draft();
        if (draft.isEmpty() || workshop.refusal().isPresent() || !isOnSheets(packet)) {
            return Optional.empty();
        }
        Laid now = laid.get(packet.id());
        if (now != null && now.isFor(draft.get(), packet.manner(), scale())) {
            return Optional.of(now.printing(packet.manner()));
        }
        return Optional.empty();
    }

    /** Lays the sheets of the packet in hand, then of the others, if they are not laid. */
    void lay() {
        Optional<Packet> next = isToLay(chosen())
                ? Optional.of(chosen())
                : packets().stream().filter(this::isToLay).findFirst();
        if (next.isEmpty() || laying.isPresent()) {
            return;
        }
        Packet packet = next.get();
        Draft draft = workshop.draft().orElseThrow();
        PrintScale scale = scale();
        Task<Laid> task = new Task<>() {
            @Override
            protected Laid call() throws Exception {
                return Laid.of(draft, packet.manner(), scale);
            }
        };
        laying = Optional.of(task);
        task.setOnSucceeded(e -> {
            laid.put(packet.id(), task.getValue());
            laying = Optional.empty();
            tell();
        });
        task.setOnFailed(e -> {
            LoggerFactory.getLogger(PacketsModel.class).warn("laying the sheets", task.getException());
            laying = Optional.empty();
            failed = Optional.of(new Failed(draft, packet));
            tell();
        });
        Thread thread = new Thread(task, "lay the sheets");
        thread.setDaemon(true);
        thread.start();
    }

    /** Sheets may come when the window has gone already. */
    private void tell() {
        if (!workshop.isClosed()) {
            changed.run();
        }
    }

    private boolean isToLay(Packet packet) {
        return workshop.draft().isPresent()
                && workshop.refusal().isEmpty()
                && isOnSheets(packet)
                && laid(packet).isEmpty()
                && !isFailed(packet)
                && output.hindrance(OutputKind.PATTERN, packet.manner()).isEmpty();
    }

    /** Whether the sheets of a packet could not be laid as it is now. */
    boolean isFailed(Packet packet) {
        return failed.filter(f -> f.packet().equals(packet)
                        && workshop.draft().filter(d -> d == f.draft()).isPresent())
                .isPresent();
    }

    boolean isLaying() {
        return laying.isPresent();
    }

    /** The folder of all packets. */
    Path base() {
        return workshop.book()
                .place(FOLDER)
                .map(Path::of)
                .orElseGet(() -> workshop.book().file().toAbsolutePath().resolveSibling("packets"));
    }

    void base(Path folder) {
        workshop.book().keepPlace(FOLDER, folder.toString());
        changed.run();
    }

    /** The folder into which the packet in hand goes today. */
    Path folder() {
        return base().resolve(PatternFiles.fileName(workshop.commission().title()))
                .resolve(today() + "-" + PatternFiles.fileName(chosen().name()));
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }

    /** Writes the packet in hand; what went out is kept in the book. */
    void make() {
        Packet packet = chosen();
        long id = workshop.id();
        Optional<Draft> draft = workshop.draft();
        output.write(packet, folder(), paths -> {
            made = paths;
            madeOf = Optional.of(packet);
            madeFrom = draft;
            draft.ifPresent(d -> workshop.book()
                    .sent()
                    .keep(
                            id,
                            packet.id(),
                            new Sent.Out(
                                    today(),
                                    d.pattern().pieces().stream()
                                            .map(PanelOutline::of)
                                            .toList())));
            changed.run();
        });
    }

    /** The files of the packet in hand, if it was made as it is now. */
    List<Path> made() {
        return madeOf.equals(Optional.of(chosen())) && madeFrom.equals(workshop.draft()) ? made : List.of();
    }

    /** The packet that is about, if one went out. */
    Optional<Sent.Out> former() {
        return workshop.book().sent().last(workshop.id(), chosen().id());
    }

    /** The pieces that are not as they were in a packet; those that are new are among them. */
    List<Piece> changedSince(Sent.Out out) {
        return workshop.draft().stream()
                .flatMap(d -> d.pattern().pieces().stream())
                .filter(piece -> out.outlines().stream()
                        .noneMatch(was -> was.panel().equals(piece.id()) && was.isAs(PanelOutline.of(piece), SAME)))
                .toList();
    }

    /** Whether the outlines of the packet that is about are shown under the sheets. */
    boolean isShowingFormer() {
        return showingFormer;
    }

    void showFormer(boolean show) {
        showingFormer = show;
        changed.run();
    }
}
