package bathyra.app.shell;

import bathyra.app.along.AlongView;
import bathyra.app.begin.BeginView;
import bathyra.app.block.BlockView;
import bathyra.app.bones.BonesView;
import bathyra.app.craft.CraftPage;
import bathyra.app.craft.CraftText;
import bathyra.app.cups.CupsView;
import bathyra.app.edges.EdgesView;
import bathyra.app.fit.FitView;
import bathyra.app.fittings.FittingsView;
import bathyra.app.foreign.ForeignView;
import bathyra.app.girths.GirthsView;
import bathyra.app.keys.KeyDeed;
import bathyra.app.keys.KeysPage;
import bathyra.app.lay.LayView;
import bathyra.app.making.MakingView;
import bathyra.app.measure.MeasureView;
import bathyra.app.output.Output;
import bathyra.app.packets.PacketsView;
import bathyra.app.pieces.PiecesView;
import bathyra.app.practice.PracticeView;
import bathyra.app.seams.SeamsView;
import bathyra.app.settings.SettingsView;
import bathyra.app.shelf.ShelfView;
import bathyra.app.sizes.SizesView;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Showing.Subject;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Whereabouts;
import bathyra.app.workshop.Workshop;
import bathyra.book.Backups;
import bathyra.reckon.Rule;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;

/** What stands in the middle of the window: the stage in hand, or the page that lies over it. */
final class Pages extends BorderPane {
    private final Workshop workshop;
    private final Files files;
    private final Output output;
    private final List<KeyDeed> keys;
    private final Consumer<Backups.Backup> restore;
    private Optional<PacketsView> packets = Optional.empty();
    private Optional<SizesView> sizes = Optional.empty();
    private Optional<AlongView> along = Optional.empty();
    private Optional<PracticeView> practice = Optional.empty();
    private final Map<Stage, Node> stages = new EnumMap<>(Stage.class);

    /** @param restore puts a backup in the place of the book and opens it */
    Pages(Workshop workshop, Files files, Output output, List<KeyDeed> keys, Consumer<Backups.Backup> restore) {
        this.workshop = workshop;
        this.files = files;
        this.output = output;
        this.keys = keys;
        this.restore = restore;
        Whereabouts at = workshop.whereabouts();
        at.stageProperty().addListener((o, was, now) -> {
            at.goTo(now);
            show();
        });
        at.overProperty().addListener((o, was, now) -> show());
        at.pageProperty().addListener((o, was, now) -> {
            if (at.isOpen(Over.BOOK)) {
                show();
            }
        });
        at.ruleProperty().addListener((o, was, now) -> show());
        workshop.showing().failureProperty().addListener((o, was, now) -> {
            if (now.isPresent()) {
                stages.remove(at.stageProperty().get());
                setCenter(new StageFailedPage(workshop, files, this::show));
            }
        });
        // Whatever changes, a stage that could not be shown is tried once more.
        workshop.showing().on(this::tryAgain, Subject.COMMISSION, Subject.PRICES, Subject.LOOK);
        show();
    }

    private void tryAgain() {
        if (workshop.showing().failureProperty().get().isPresent() && getCenter() instanceof StageFailedPage) {
            show();
        }
    }

    private void show() {
        workshop.showing().tried();
        try {
            Optional<Rule> rule = workshop.whereabouts().ruleProperty().get();
            if (rule.isPresent()) {
                setCenter(CraftPage.rules(CraftText.shipped(), rule.get(), () -> workshop.whereabouts()
                        .ruleProperty()
                        .set(Optional.empty())));
            } else if (workshop.whereabouts().isOpen(Over.FOREIGN)) {
                foreign();
            } else {
                setCenter(workshop.whereabouts()
                        .overProperty()
                        .get()
                        .map(this::over)
                        .orElseGet(this::stage));
            }
        } catch (RuntimeException e) {
            workshop.showing().failed(e);
        }
    }

    private Node over(Over page) {
        return switch (page) {
            case BOOK, FOREIGN -> new ShelfView(workshop, files, restore);
            case OUTPUT -> packets();
            case SETTINGS -> new SettingsView(workshop, files);
            case NEW -> new BeginView(workshop);
            case SIZES -> sizes();
            case PRACTICE -> practice();
            case ALONG -> along();
            case KEYS -> new KeysPage(keys, workshop.whereabouts()::close);
        };
    }

    /** One for the window's life: it follows the draft, and keeps what was laid on sheets and made. */
    private Node packets() {
        if (packets.isEmpty()) {
            packets = Optional.of(new PacketsView(workshop, output, files));
        }
        return packets.get();
    }

    /** Takes the last change of a page back that has changes of its own. @return whether the page in view is one */
    boolean undo() {
        boolean own = workshop.whereabouts().isOpen(Over.SIZES) && sizes.isPresent();
        if (own) {
            sizes.get().undo();
        }
        return own;
    }

    /** One for the window's life, so that what was drafted stays while one looks elsewhere. */
    private Node sizes() {
        if (sizes.isEmpty()) {
            sizes = Optional.of(new SizesView(workshop, files));
        }
        return sizes.get();
    }

    /** One for the window's life, so that the question stays while one looks something up. */
    private Node practice() {
        if (practice.isEmpty()) {
            practice = Optional.of(new PracticeView(workshop, files));
        }
        return practice.get();
    }

    /** One for the window's life, so that one stays at the step. */
    private Node along() {
        if (along.isEmpty()) {
            along = Optional.of(new AlongView(workshop, files));
        }
        return along.get();
    }

    /** Lays a pattern from elsewhere on the table, if one is named. */
    private void foreign() {
        ForeignView view = new ForeignView(workshop, files, workshop.whereabouts()::close);
        if (view.ask()) {
            setCenter(view);
        } else {
            workshop.whereabouts().close();
        }
    }

    private Node stage() {
        return stages.computeIfAbsent(workshop.whereabouts().stageProperty().get(), stage -> switch (stage) {
            case MEASURE -> new MeasureView(workshop, files);
            case BLOCK -> new BlockView(workshop, files);
            case GIRTHS -> new GirthsView(workshop);
            case SEAMS -> new SeamsView(workshop);
            case CUPS -> new CupsView(workshop);
            case EDGES -> new EdgesView(workshop);
            case PIECES -> new PiecesView(workshop, output, files);
            case BONES -> new BonesView(workshop);
            case FIT -> new FitView(workshop);
            case LAY -> new LayView(workshop, output);
            case FITTINGS -> new FittingsView(workshop, files);
            case MAKING -> new MakingView(workshop, files);
        });
    }
}
