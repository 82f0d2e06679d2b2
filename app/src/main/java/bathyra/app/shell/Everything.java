package bathyra.app.shell;

import bathyra.app.craft.CraftText;
import bathyra.app.craft.CraftText.Block;
import bathyra.app.craft.CraftText.Kind;
import bathyra.app.edges.EdgesModel;
import bathyra.app.find.Findable;
import bathyra.app.output.Output;
import bathyra.app.output.OutputKind;
import bathyra.app.settings.SettingsRow;
import bathyra.app.workshop.BookPage;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Theme;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions.Entry;
import bathyra.garment.Choice;
import bathyra.garment.Closure;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Control;
import javafx.stage.Window;

/** All that can be found: where one can go, what can be done, what stands in the guide. */
final class Everything {
    /** The lengths that have their field on Cups. */
    private static final List<LengthOption> CUPS = List.of(
            LengthOption.BRIDGE,
            LengthOption.CUP_SIDE,
            LengthOption.BAND_INNER,
            LengthOption.BAND_SEAM,
            LengthOption.BAND_OUTER,
            LengthOption.CUP_YOKE);

    private final Workshop workshop;
    private final Output output;
    private final Supplier<Window> window;
    private final Consumer<String> guide;
    private final Runnable steps;
    private CraftText text;

    /** @param guide opens the guide at a heading @param steps takes up the first steps */
    Everything(Workshop workshop, Output output, Supplier<Window> window, Consumer<String> guide, Runnable steps) {
        this.workshop = workshop;
        this.output = output;
        this.window = window;
        this.guide = guide;
        this.steps = steps;
    }

    List<Findable> all() {
        List<Findable> all = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            all.add(new Findable(stage.label(), Findable.Kind.STAGE, () -> workshop.whereabouts()
                    .goTo(stage)));
        }
        for (BookPage page : BookPage.values()) {
            all.add(new Findable("Workshop book: " + page.label(), Findable.Kind.STAGE, () -> {
                workshop.whereabouts().pageProperty().set(page);
                workshop.whereabouts().open(Over.BOOK);
            }));
        }
        all.add(new Findable("Output: who receives it", Findable.Kind.STAGE, () -> workshop.whereabouts()
                .open(Over.OUTPUT)));
        all.add(new Findable(
                "Settings", Findable.Kind.STAGE, () -> workshop.whereabouts().open(Over.SETTINGS)));
        for (SettingsRow setting : SettingsRow.values()) {
            all.add(new Findable("Settings: " + setting.label(), setting.also(), Findable.Kind.STAGE, () -> {
                workshop.whereabouts().open(Over.SETTINGS);
                focusIn("#" + setting.row());
            }));
        }
        all.add(new Findable("Sizes: one design in many", Findable.Kind.STAGE, () -> workshop.whereabouts()
                .open(Over.SIZES)));
        all.add(new Findable(
                "Draft along: the whole draft, step by step", Findable.Kind.STAGE, () -> workshop.whereabouts()
                        .open(Over.ALONG)));
        all.add(new Findable("Practice: sums on a draft", Findable.Kind.STAGE, () -> workshop.whereabouts()
                .open(Over.PRACTICE)));
        deeds(all);
        choices(all);
        tops(all);
        figures(all);
        for (MeasurementKey key : MeasurementKey.values()) {
            all.add(new Findable(key.label(), Findable.Kind.FIGURE, () -> {
                workshop.whereabouts().goTo(Stage.MEASURE);
                focus("#measure-" + key.key());
            }));
        }
        for (Entry entry : workshop.entries()) {
            all.add(new Findable(entry.wearer() + " · " + entry.title(), Findable.Kind.COMMISSION, () -> {
                workshop.deeds().switchTo(entry.id());
                workshop.whereabouts().close();
            }));
        }
        for (Block block : guideText().blocks()) {
            if (block.kind() == Kind.SECTION || block.kind() == Kind.SUBSECTION) {
                all.add(new Findable("Guide: " + block.words(), Findable.Kind.HELP, () -> guide.accept(block.words())));
            }
        }
        return all;
    }

    /** Read once: it does not change while the program runs. */
    private CraftText guideText() {
        if (text == null) {
            text = CraftText.guide();
        }
        return text;
    }

    private void deeds(List<Findable> all) {
        for (OutputKind kind : OutputKind.values()) {
            all.add(deed("Put out: " + kind.label(), () -> output.write(kind, window.get())));
        }
        if (!workshop.undoLabelProperty().get().isEmpty()) {
            all.add(deed("Undo " + workshop.undoLabelProperty().get(), workshop::undo));
        }
        if (!workshop.redoLabelProperty().get().isEmpty()) {
            all.add(deed("Redo " + workshop.redoLabelProperty().get(), workshop::redo));
        }
        boolean dark = workshop.whereabouts().darkProperty().get();
        all.add(deed(
                dark ? "Light paper" : "Dark workroom",
                () -> workshop.whereabouts().themeProperty().set(dark ? Theme.LIGHT : Theme.DARK)));
        all.add(deed("Work in centimetres", () -> workshop.setUnit(LengthUnit.CM)));
        all.add(deed("Work in inches", () -> workshop.setUnit(workshop.inches())));
        all.add(deed("New commission", () -> workshop.whereabouts().open(Over.NEW)));
        all.add(deed("First steps: from a made-up wearer to a printed toile", steps));
        all.add(deed("Help: the guide", () -> guide.accept("")));
    }

    /** Every other choice of the garment in hand. */
    private void choices(List<Findable> all) {
        choices(all, "Kind", List.of(GarmentKind.values()), Garment::kind, Garment::withKind);
        choices(
                all,
                "Closure",
                List.of(Closure.values()),
                g -> g.fastening().closure(),
                (g, c) -> g.withFastening(g.fastening().with(c)));
        choices(all, "Lower edge", List.of(LowerShape.values()), Garment::lowerEdge, Garment::withLowerEdge);
        Garment garment = workshop.commission().garment();
        if (garment.kind().isOverBust()) {
            choices(
                    all,
                    "Upper edge",
                    UpperShape.fitting(garment.top().cover()),
                    Garment::upperEdge,
                    Garment::withUpperEdge);
            choices(
                    all,
                    "Cups",
                    List.of(CupKind.values()),
                    g -> g.bust().cups(),
                    (g, c) -> g.withBust(g.bust().withCups(c)));
        }
        if (!garment.kind().isPanelled()) {
            choices(
                    all,
                    "Held up by",
                    List.of(Cover.values()),
                    g -> g.top().cover(),
                    (g, c) -> g.withTop(g.top().withCover(c)));
        }
    }

    private <C extends Choice> void choices(
            List<Findable> all,
            String name,
            List<C> choices,
            Function<Garment, C> value,
            BiFunction<Garment, C, Garment> with) {
        Garment garment = workshop.commission().garment();
        for (C choice : choices) {
            if (choice != value.apply(garment)) {
                String words = name + ": " + choice.label().toLowerCase(Locale.ROOT);
                all.add(deed(words, () -> {
                    workshop.letGo();
                    workshop.once(
                            words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1),
                            workshop.commission()
                                    .withGarment(
                                            with.apply(workshop.commission().garment(), choice)));
                }));
            }
        }
    }

    private void tops(List<Findable> all) {
        Set<String> marked = workshop.commission().garment().finish().topMarks();
        workshop.half().ifPresent(draft -> draft.pattern().pieces().stream()
                .filter(p -> !marked.contains(p.id()))
                .forEach(p -> {
                    String name = p.name().toLowerCase(Locale.ROOT);
                    all.add(deed("Mark the top of " + name, () -> markTop(p.id(), name)));
                }));
    }

    private void markTop(String piece, String name) {
        Garment garment = workshop.commission().garment();
        workshop.letGo();
        workshop.once(
                "top marked on " + name,
                workshop.commission()
                        .withGarment(garment.withFinish(garment.finish().withTopMark(piece, true))));
    }

    /** The figures of the garment in hand that stand in a field of a stage. */
    private void figures(List<Findable> all) {
        workshop.half().ifPresent(draft -> draft.girths().levels().forEach(plan -> all.add(ease(plan.level()))));
        EdgesModel edges = new EdgesModel(workshop);
        Stream.concat(edges.upperLengths().stream(), edges.lowerLengths().stream())
                .forEach(option -> all.add(length(option, Stage.EDGES)));
        CUPS.stream()
                .filter(option -> option.shapes(workshop.commission().garment()))
                .forEach(option -> all.add(length(option, Stage.CUPS)));
    }

    private Findable length(LengthOption option, Stage stage) {
        return new Findable(option.label(), Findable.Kind.FIGURE, () -> {
            workshop.whereabouts().goTo(stage);
            focus("#option-" + option.id());
        });
    }

    /** Its field is on the card of its level, which is taken first. */
    private Findable ease(Level level) {
        return new Findable("Ease at the " + level.label().toLowerCase(Locale.ROOT), Findable.Kind.FIGURE, () -> {
            workshop.whereabouts().goTo(Stage.GIRTHS);
            Platform.runLater(() -> Platform.runLater(() -> {
                if (window.get().getScene().lookup("#level-" + level.id()) instanceof ButtonBase name) {
                    name.fire();
                    focus("#option-ease-" + level.id());
                }
            }));
        });
    }

    /** Goes to the first control of a part of a page. */
    private void focusIn(String part) {
        Platform.runLater(() -> Platform.runLater(() -> {
            Node found = window.get().getScene().lookup(part);
            if (found instanceof Parent parent) {
                parent.lookupAll("*").stream()
                        .filter(n -> n instanceof Control && n.isFocusTraversable())
                        .findFirst()
                        .ifPresent(Node::requestFocus);
            }
        }));
    }

    /** Goes to a field, once its page stands and whatever was pressed has given its focus back. */
    private void focus(String field) {
        Platform.runLater(() -> Platform.runLater(() -> {
            Node found = window.get().getScene().lookup(field);
            if (found != null) {
                found.requestFocus();
            }
        }));
    }

    private static Findable deed(String words, Runnable run) {
        return new Findable(words, Findable.Kind.DEED, run);
    }
}
