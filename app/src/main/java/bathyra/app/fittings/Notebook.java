package bathyra.app.fittings;

import bathyra.app.stage.Days;
import bathyra.app.stage.Scroll;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.book.Versions;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.Setting;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The notebook of fittings: a leaf each, what the wearer said, what is to be done, and the drafts that came of it. */
final class Notebook extends Scroll {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final double WIDE = 222;
    private static final double WORDS = 140;
    private static final int ROWS = 3;

    private final Workshop workshop;
    private final FittingsModel model;
    private final VBox leaves = new VBox();
    private final VBox beads = new VBox();
    private final PictureStrip pictures;
    private final Words said;
    private final Words toDo;
    private final VBox writing = new VBox(4);
    private final Label by = new Label();

    Notebook(Workshop workshop, FittingsModel model, PictureStrip pictures) {
        this.pictures = pictures;
        this.workshop = workshop;
        this.model = model;
        Label title = new Label("Fittings");
        title.getStyleClass().add("shelf-title");
        by.getStyleClass().add("quiet");
        by.setWrapText(true);
        MenuButton begin = new MenuButton("Begin a fitting");
        begin.setId("begin-fitting");
        for (FittingKind kind : FittingKind.values()) {
            MenuItem item = new MenuItem(kind.label());
            item.setId("begin-" + kind.id());
            item.setOnAction(e -> model.begin(kind));
            begin.getItems().add(item);
        }
        said = new Words("said", "What the wearer said", f -> f.said(), model::said);
        toDo = new Words("to-do", "To do before the next", f -> f.toDo(), model::toDo);
        writing.getChildren().addAll(pictures, head("She said"), said, head("To do before the next"), toDo);
        beads.getStyleClass().add("beads");
        VBox page = new VBox(6, title, by, leaves, begin, writing, beads);
        page.getStyleClass().addAll("notebook", "fitting-notebook");
        setContent(page);
        setFitToWidth(true);
        setFitToHeight(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        TextSize.width(this, WIDE, WORDS);
    }

    private static Label head(String words) {
        Label head = new Label(words);
        head.getStyleClass().add("group-title");
        return head;
    }

    /** Words that are typed, each run of typing one change. */
    private final class Words extends TextArea {
        private final java.util.function.Function<Fitting, String> text;
        private boolean writing;

        Words(String id, String spoken, java.util.function.Function<Fitting, String> text, Consumer<String> take) {
            this.text = text;
            setId("fitting-" + id);
            setAccessibleText(spoken);
            setWrapText(true);
            setPrefRowCount(ROWS);
            textProperty().addListener((o, was, now) -> {
                if (!writing) {
                    take.accept(now);
                }
            });
            focusedProperty().addListener((o, was, now) -> {
                if (!now) {
                    workshop.letGo();
                    refresh();
                }
            });
        }

        void refresh() {
            String now = model.fitting().map(text).orElse("");
            if (!isFocused() && !now.equals(getText())) {
                writing = true;
                setText(now);
                writing = false;
            }
        }
    }

    void refresh() {
        List<Fitting> all = model.fittings();
        Optional<Fitting> inHand = model.fitting();
        by.setText(inHand.map(Notebook::under)
                .filter(s -> !s.isEmpty())
                .orElse(all.isEmpty() ? "What is seen on the toile, and what becomes of it." : ""));
        by.setVisible(!by.getText().isEmpty());
        by.setManaged(by.isVisible());
        leaves.getChildren().setAll(all.stream().map(f -> leaf(f, inHand)).toList());
        writing.setVisible(inHand.isPresent());
        writing.setManaged(inHand.isPresent());
        pictures.refresh();
        said.refresh();
        toDo.refresh();
        beads();
    }

    private static String under(Fitting fitting) {
        Setting setting = fitting.setting();
        String by = setting.by().isEmpty() ? "" : "by " + setting.by();
        String over = setting.over().isEmpty() ? "" : "over " + setting.over();
        return by.isEmpty() || over.isEmpty() ? by + over : by + ", " + over;
    }

    private Node leaf(Fitting fitting, Optional<Fitting> inHand) {
        Label name = new Label(fitting.kind().label() + " " + fitting.number());
        name.getStyleClass().add("leaf-name");
        Label day = new Label(fitting.day().map(Days::say).orElse(""));
        day.getStyleClass().add("leaf-day");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox first = new HBox(name, space, day);
        first.setAlignment(Pos.BASELINE_LEFT);
        Setting setting = fitting.setting();
        String cut = setting.version()
                + (setting.cloth().isEmpty() ? "" : (setting.version().isEmpty() ? "" : ", ") + setting.cloth());
        long open = fitting.open();
        Label marks = new Label(
                fitting.marks().isEmpty()
                        ? "nothing put down yet"
                        : fitting.marks().size()
                                + (fitting.marks().size() == 1 ? " mark" : " marks")
                                + (open > 0 ? ", " + open + " left open" : ""));
        marks.getStyleClass().add(open > 0 ? "state-note" : "quiet");
        VBox lines = new VBox(first, new Label(cut), marks);
        Button leaf = new Button();
        leaf.setGraphic(lines);
        leaf.setId("leaf-" + fitting.number());
        leaf.getStyleClass().setAll("leaf");
        leaf.setMaxWidth(Double.MAX_VALUE);
        leaf.setAccessibleText(name.getText() + ", " + day.getText() + ", " + marks.getText());
        leaf.pseudoClassStateChanged(
                SELECTED, inHand.filter(f -> f.number() == fitting.number()).isPresent());
        leaf.setOnAction(e -> model.choose(fitting));
        return leaf;
    }

    private void beads() {
        List<Versions.Version> drafts = model.kept().all();
        beads.getChildren().clear();
        if (drafts.isEmpty()) {
            return;
        }
        beads.getChildren().add(head("Drafts"));
        for (Versions.Version version : drafts) {
            Button bead =
                    new Button(version.name() + ", " + Days.say(version.made().toLocalDate()));
            bead.getStyleClass().setAll("bead");
            bead.setId("bead-" + version.id());
            bead.setWrapText(true);
            bead.setMinHeight(Region.USE_PREF_SIZE);
            boolean shown = model.kept().isCompared(version);
            bead.pseudoClassStateChanged(SELECTED, shown);
            bead.setAccessibleText(version.name() + (shown ? ", laid over the table" : ", lay it over the table"));
            bead.setOnAction(e -> model.kept().compare(version));
            beads.getChildren().add(bead);
        }
    }

    /** The day in the notebook's way. */
    static String day(LocalDate day) {
        return Days.say(day);
    }
}
