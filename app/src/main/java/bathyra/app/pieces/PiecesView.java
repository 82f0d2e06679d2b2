package bathyra.app.pieces;

import bathyra.app.shell.Card;
import bathyra.app.shell.Marks;
import bathyra.app.shell.Stage;
import bathyra.app.shell.Workshop;
import bathyra.app.table.Table;
import bathyra.draft.Draft;
import bathyra.garment.EdgeUse;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.piece.SeamJoin;
import bathyra.truing.Finding;
import bathyra.truing.SeamPair;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Pieces stage: the pieces apart, the walk of a seam below, and what was checked beside it. */
public final class PiecesView extends BorderPane {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");
    private final Workshop workshop;
    private final Table table;
    private final Card card = new Card();
    private final WalkingStrip strip = new WalkingStrip();
    private final Label walked = new Label();
    private final Label under = new Label();
    private final Button next = new Button();
    private final Label kept = new Label("The last good draft is shown: the present figures give none");
    private int seam;
    private Optional<Finding> finding = Optional.empty();
    private long shownId = -1;

    public PiecesView(Workshop workshop) {
        this.workshop = workshop;
        this.table = new Table(workshop::unit);
        table.setId("pieces-table");
        table.setAccessibleText("The pieces with their allowances");
        kept.getStyleClass().add("kept-draft");
        StackPane frame = new StackPane(table, kept);
        StackPane.setAlignment(kept, Pos.TOP_CENTER);
        StackPane.setMargin(kept, new javafx.geometry.Insets(34, 0, 0, 0));
        Label head = new Label("Walking");
        head.getStyleClass().add("section-head");
        next.getStyleClass().add("deed");
        next.setId("next-seam");
        next.setOnAction(e -> {
            seam = (seam + 1) % seams().size();
            show();
        });
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        walked.setMinWidth(0);
        HBox title = new HBox(10, head, walked, space, next);
        title.setAlignment(Pos.BASELINE_LEFT);
        under.getStyleClass().add("status-line");
        under.textProperty().bind(table.underProperty());
        under.setMinHeight(20);
        VBox foot = new VBox(2, title, strip, under);
        foot.getStyleClass().add("strip");
        setCenter(new BorderPane(frame, null, null, foot, null));
        ScrollPane scroll = new ScrollPane(card);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        setRight(scroll);
        Workshop.whileShown(this, workshop, () -> {
            finding = Optional.empty();
            show();
        });
        show();
    }

    private List<SeamJoin> seams() {
        return workshop.draft().map(d -> d.pattern().seams()).orElse(List.of());
    }

    private void show() {
        kept.setVisible(workshop.refusal().isPresent() && workshop.draft().isPresent());
        if (workshop.draft().isEmpty()) {
            card.begin("No pieces yet");
            card.words("Pieces are cut from a finished draft. Take the measurements first; then the panels come apart here, with notches, grain and allowances.");
            Button go = new Button("Go to Measure");
            go.getStyleClass().add("primary");
            go.setOnAction(e -> workshop.stageProperty().set(Stage.MEASURE));
            card.getChildren().add(go);
            return;
        }
        Draft draft = workshop.draft().get();
        LengthUnit unit = workshop.unit();
        SeamJoin walking = seams().get(seam);
        table.lay(new PiecesDrawing(draft, unit, walking, finding));
        if (shownId != workshop.id()) {
            shownId = workshop.id();
            table.fit();
        }
        strip.show(draft, walking, unit);
        SeamPair pair = SeamPair.of(draft.pattern(), walking);
        walked.setText(walking.name().toLowerCase(java.util.Locale.ROOT) + ": both edges " + LengthText.say(Length.mm(pair.totalA()), unit) + "; up to "
                + LengthText.say(Length.mm(0.5), LengthUnit.MM) + " apart is allowed");
        next.setText("next seam: " + seams().get((seam + 1) % seams().size()).name().toLowerCase(java.util.Locale.ROOT));
        checks(draft, unit);
    }

    private void checks(Draft draft, LengthUnit unit) {
        card.begin("What was checked");
        for (Finding note : draft.with(Finding.Status.NOTE)) {
            card.getChildren().add(slip(note, unit));
        }
        Map<String, List<Finding>> groups = new LinkedHashMap<>();
        draft.with(Finding.Status.OK).forEach(f -> groups.computeIfAbsent(f.id(), k -> new java.util.ArrayList<>()).add(f));
        groups.forEach((id, findings) -> card.getChildren().add(row(id, findings, unit)));
        edges();
        allowances(unit);
    }

    private VBox slip(Finding note, LengthUnit unit) {
        Label title = new Label(CheckNames.title(note.id()), Marks.triangle());
        title.getStyleClass().add("note-title");
        Label words = new Label(note.sentence().in(unit));
        words.getStyleClass().add("words");
        VBox slip = new VBox(title, words);
        slip.getStyleClass().add("note-slip");
        if (note.id().equals("seated-length")) {
            boolean hip = workshop.commission().garment().lowerEdge() == LowerShape.HIP;
            LowerShape shorter = hip ? LowerShape.HIGH_HIP : LowerShape.WAIST;
            Button shorten = new Button("End " + shorter.label().toLowerCase(java.util.Locale.ROOT));
            shorten.getStyleClass().add("primary");
            shorten.setId("shorten");
            shorten.setOnAction(e -> lower(shorter));
            slip.getChildren().add(shorten);
        }
        slip.setOnMouseClicked(e -> look(note));
        return slip;
    }

    private HBox row(String id, List<Finding> findings, LengthUnit unit) {
        Finding worst = CheckNames.worst(id, findings);
        Label name = new Label(CheckNames.title(id));
        name.getStyleClass().add("check-name");
        Label words = new Label(CheckNames.summary(id, findings.size(), worst, unit));
        words.getStyleClass().add("words");
        HBox row = new HBox(Marks.tick(), new VBox(name, words));
        row.getStyleClass().add("check-row");
        row.setFocusTraversable(true);
        row.setAccessibleText(name.getText() + ". " + words.getText());
        row.pseudoClassStateChanged(SELECTED, finding.isPresent() && finding.get() == worst);
        row.setOnMouseClicked(e -> look(worst));
        row.setOnKeyPressed(e -> {
            if (e.getCode() == javafx.scene.input.KeyCode.ENTER) {
                look(worst);
            }
        });
        return row;
    }

    private void look(Finding which) {
        finding = Optional.of(which);
        show();
    }

    private void edges() {
        card.section("Edges");
        MenuButton upper = new MenuButton("Upper edge: " + workshop.commission().garment().upperEdge().label().toLowerCase(java.util.Locale.ROOT));
        upper.setId("upper-edge");
        for (UpperShape shape : UpperShape.values()) {
            MenuItem item = new MenuItem(shape.label());
            item.setOnAction(e -> change("upper edge " + shape.label().toLowerCase(java.util.Locale.ROOT),
                    workshop.commission().withGarment(workshop.commission().garment().withUpperEdge(shape))));
            upper.getItems().add(item);
        }
        MenuButton lower = new MenuButton("Lower edge: " + workshop.commission().garment().lowerEdge().label().toLowerCase(java.util.Locale.ROOT));
        lower.setId("lower-edge");
        for (LowerShape shape : LowerShape.values()) {
            MenuItem item = new MenuItem(shape.label());
            item.setOnAction(e -> lower(shape));
            lower.getItems().add(item);
        }
        upper.setMaxWidth(Double.MAX_VALUE);
        lower.setMaxWidth(Double.MAX_VALUE);
        card.getChildren().addAll(upper, lower);
    }

    private void lower(LowerShape shape) {
        change("lower edge " + shape.label().toLowerCase(java.util.Locale.ROOT), workshop.commission().withGarment(workshop.commission().garment().withLowerEdge(shape)));
    }

    private void change(String label, bathyra.garment.Commission after) {
        workshop.letGo();
        workshop.change(label, after, new Object());
    }

    private void allowances(LengthUnit unit) {
        card.section("Allowances");
        for (EdgeUse use : EdgeUse.values()) {
            if (use == EdgeUse.FOLD) {
                continue;
            }
            Label name = new Label(use.label());
            name.setMinWidth(110);
            TextField field = new TextField(LengthText.figure(workshop.commission().garment().allowance(use), unit));
            field.setId("allowance-" + use.id());
            field.setAccessibleText("Allowance at the " + use.label());
            field.setMaxWidth(80);
            field.setOnAction(e -> allowance(use, field));
            HBox row = new HBox(8, name, field, new Label(unit.symbol()));
            row.getStyleClass().add("fields");
            card.getChildren().add(row);
        }
    }

    private void allowance(EdgeUse use, TextField field) {
        boolean taken = bathyra.measure.LengthText.read(field.getText(), workshop.unit()) instanceof LengthText.Read read
                && read.length().millimetres() >= 0 && read.length().compareTo(EdgeUse.MOST) <= 0;
        field.pseudoClassStateChanged(FAULT, !taken);
        if (taken && LengthText.read(field.getText(), workshop.unit()) instanceof LengthText.Read read) {
            change(use.label() + " allowance " + LengthText.figure(workshop.commission().garment().allowance(use), workshop.unit()) + " → "
                    + LengthText.say(read.length(), workshop.unit()), workshop.commission().withGarment(workshop.commission().garment().withAllowance(use, read.length())));
        }
    }
}
