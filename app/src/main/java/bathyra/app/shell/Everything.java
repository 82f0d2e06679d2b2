package bathyra.app.shell;

import bathyra.app.craft.CraftText;
import bathyra.app.craft.CraftText.Block;
import bathyra.app.craft.CraftText.Kind;
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
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.stage.Window;

/** All that can be found: where one can go, what can be done, what stands in the guide. */
final class Everything {
    private final Workshop workshop;
    private final Output output;
    private final Supplier<Window> window;
    private final Consumer<String> guide;
    private final Runnable steps;
    private final Reach reach;
    private CraftText text;

    /** @param guide opens the guide at a heading @param steps takes up the first steps */
    Everything(Workshop workshop, Output output, Supplier<Window> window, Consumer<String> guide, Runnable steps) {
        this.workshop = workshop;
        this.output = output;
        this.window = window;
        this.guide = guide;
        this.steps = steps;
        this.reach = new Reach(window);
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
                reach.firstIn("#" + setting.row());
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
        all.addAll(new GarmentFinds(workshop, reach).all());
        for (MeasurementKey key : MeasurementKey.values()) {
            all.add(new Findable(key.label(), Findable.Kind.FIGURE, () -> {
                workshop.whereabouts().goTo(Stage.MEASURE);
                reach.field("#measure-" + key.key());
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
        all.add(deed("Work in centimetres", () -> workshop.naming().unit(LengthUnit.CM)));
        all.add(deed("Work in inches", () -> workshop.naming().unit(workshop.inches())));
        all.add(deed("New commission", () -> workshop.whereabouts().open(Over.NEW)));
        all.add(deed("First steps: from a made-up wearer to a printed toile", steps));
        all.add(deed("Help: the guide", () -> guide.accept("")));
    }

    private static Findable deed(String words, Runnable run) {
        return new Findable(words, Findable.Kind.DEED, run);
    }
}
