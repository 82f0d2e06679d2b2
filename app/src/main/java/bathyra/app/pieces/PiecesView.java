package bathyra.app.pieces;

import bathyra.app.output.Output;
import bathyra.app.reckoning.OptionField;
import bathyra.app.shell.HalfSwitch;
import bathyra.app.shell.Marks;
import bathyra.app.shell.Settings;
import bathyra.app.shell.TableStage;
import bathyra.app.shell.Workshop;
import bathyra.app.table.Joining;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.ZoomSlip;
import bathyra.draft.Draft;
import bathyra.garment.Choice;
import bathyra.garment.Commission;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.geometry.Tolerance;
import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.piece.SeamJoin;
import bathyra.truing.Finding;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Pieces stage: the pieces apart or joined, the walk of a seam below, and what was checked beside it. */
public final class PiecesView extends TableStage {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private final HalfSwitch halves;
    private final WalkingStrip strip = new WalkingStrip();
    private final Label walked = new Label();
    private final Button next = new Button();
    private final List<OptionField> allowances;
    private final List<OptionField> below;
    private final MenuButton upper = new MenuButton();
    private final MenuButton lower = new MenuButton();
    private final VBox controls;
    private int seam;
    private Joining joining = Joining.APART;
    private Optional<Finding> finding = Optional.empty();
    private Optional<Draft> looked = Optional.empty();

    public PiecesView(Workshop workshop, Output output) {
        super(workshop, "pieces-table", "The pieces with their allowances");
        Settings settings = new Settings(workshop);
        below = Stream.of(LengthOption.FRONT_LENGTH_BELOW, LengthOption.SIDE_LENGTH_BELOW, LengthOption.BACK_LENGTH_BELOW).map(o -> new OptionField(settings.length(o), workshop::unit)).toList();
        below.forEach(field -> field.managedProperty().bind(field.visibleProperty()));
        allowances = Arrays.stream(EdgeUse.values()).filter(u -> u != EdgeUse.FOLD).map(u -> new OptionField(settings.allowance(u), workshop::unit)).toList();
        controls = controls();
        strip.needleProperty().addListener((o, was, now) -> workshop.half().ifPresent(d -> {
            lay(drawing(d));
            walked(d);
        }));
        halves = new HalfSwitch(workshop);
        ZoomSlip zoom = new ZoomSlip(table);
        HBox slips = new HBox(10, halves, joiningSwitch(), zoom);
        slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(slips, new Insets(0, 10, 10, 0));
        arrange(foot(), List.of(slips));
    }

    private VBox foot() {
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
        walked.setId("walked");
        HBox title = new HBox(10, head, walked, space, next);
        title.setAlignment(Pos.BASELINE_LEFT);
        Label under = new Label();
        under.getStyleClass().add("status-line");
        under.textProperty().bind(table.underProperty().map(u -> u.isEmpty() ? "Drag the needle to walk the seam; choose a check to see its place." : u));
        under.setMinHeight(20);
        VBox foot = new VBox(2, title, strip, under);
        foot.getStyleClass().add("strip");
        return foot;
    }

    private LookSwitch<Joining> joiningSwitch() {
        return new LookSwitch<>("joining-", List.of(Joining.values()), joining, Joining::label, next -> {
            joining = next;
            show();
            table.fit();
        });
    }

    private VBox controls() {
        VBox box = new VBox();
        box.getStyleClass().add("controls");
        upper.setId("upper-edge");
        lower.setId("lower-edge");
        choices(upper, UpperShape.values(), shape -> workshop.commission().garment().withUpperEdge(shape), "upper edge ");
        choices(lower, LowerShape.values(), shape -> workshop.commission().garment().withLowerEdge(shape), "lower edge ");
        box.getChildren().addAll(title("Edges"), upper, lower);
        box.getChildren().addAll(below);
        box.getChildren().add(title("Allowances"));
        box.getChildren().addAll(allowances);
        return box;
    }

    private static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("section-title");
        return label;
    }

    private <C extends Choice> void choices(MenuButton menu, C[] all, Function<C, Garment> with, String what) {
        menu.setMaxWidth(Double.MAX_VALUE);
        for (C each : all) {
            MenuItem item = new MenuItem(each.label());
            item.setOnAction(e -> change(what + each.label().toLowerCase(Locale.ROOT), workshop.commission().withGarment(with.apply(each))));
            menu.getItems().add(item);
        }
    }

    private List<SeamJoin> seams() {
        return workshop.half().map(d -> d.pattern().seams()).orElse(List.of());
    }

    @Override
    protected void showNothing() {
        teach("No pieces yet", "Pieces are cut from a finished draft. Take the measurements first; then the panels come apart here, with notches, grain and allowances.");
    }

    private PiecesDrawing drawing(Draft draft) {
        return new PiecesDrawing(draft, workshop.unit(), seams().get(seam), strip.needleProperty().get(), finding, joining);
    }

    @Override
    protected void showDraft() {
        halves.refresh();
        Draft draft = workshop.half().orElseThrow();
        LengthUnit unit = workshop.unit();
        if (!looked.equals(workshop.half())) {
            // A place on the former draft says nothing about this one.
            finding = Optional.empty();
            looked = workshop.half();
        }
        SeamJoin walking = seams().get(seam);
        lay(drawing(draft));
        strip.show(draft, walking, unit);
        walked(draft);
        next.setText("next seam: " + seams().get((seam + 1) % seams().size()).name().toLowerCase(Locale.ROOT));
        upper.setText("Upper edge: " + workshop.commission().garment().upperEdge().label().toLowerCase(Locale.ROOT));
        lower.setText("Lower edge: " + workshop.commission().garment().lowerEdge().label().toLowerCase(Locale.ROOT));
        allowances.forEach(OptionField::refresh);
        LowerShape shape = workshop.commission().garment().lowerEdge();
        below.forEach(field -> field.setVisible(!shape.isOnLevel()));
        below.get(0).setVisible(shape == LowerShape.POINTED || shape == LowerShape.ROUNDED);
        below.get(2).setVisible(shape == LowerShape.POINTED || shape == LowerShape.ROUNDED);
        below.forEach(OptionField::refresh);
        checks(draft, unit);
    }

    private void walked(Draft draft) {
        SeamJoin walking = seams().get(seam);
        SeamPair pair = SeamPair.of(draft.pattern(), walking);
        double at = strip.needleProperty().get();
        walked.setText(walking.name().toLowerCase(Locale.ROOT) + ": both edges " + LengthText.say(Length.mm(pair.totalA()), workshop.unit()) + "; up to "
                + LengthText.say(Length.mm(Tolerance.SEAM), LengthUnit.MM) + " apart is allowed" + (at > 0 ? "; needle at " + LengthText.say(Length.mm(at), workshop.unit()) : ""));
    }

    private void checks(Draft draft, LengthUnit unit) {
        card.begin("What was checked", controls);
        for (Finding note : draft.with(Finding.Status.NOTE)) {
            card.add(slip(note, unit));
        }
        Map<String, List<Finding>> groups = new LinkedHashMap<>();
        draft.with(Finding.Status.OK).forEach(f -> groups.computeIfAbsent(f.id(), k -> new ArrayList<>()).add(f));
        groups.forEach((id, findings) -> card.add(row(id, findings, unit)));
    }

    private VBox slip(Finding note, LengthUnit unit) {
        Label title = new Label(CheckNames.title(note.id()), Marks.triangle());
        title.getStyleClass().add("note-title");
        Label words = new Label(note.sentence().in(unit));
        words.getStyleClass().add("words");
        VBox slip = new VBox(title, words);
        slip.getStyleClass().add("note-slip");
        if (note.id().equals("seated-length")) {
            Button shorten = shorten(note);
            slip.getChildren().add(shorten);
        }
        choosable(slip, title.getText() + ". " + words.getText(), note);
        return slip;
    }

    /** A pointed or rounded front is cut back to the lap; another edge goes up to the next line. */
    private Button shorten(Finding note) {
        Garment garment = workshop.commission().garment();
        LowerShape shape = garment.lowerEdge();
        Length lap = Length.mm(Math.floor(note.limit()));
        boolean byLength = (shape == LowerShape.POINTED || shape == LowerShape.ROUNDED) && LengthOption.FRONT_LENGTH_BELOW.allows(lap);
        LowerShape shorter = shape == LowerShape.HIP ? LowerShape.HIGH_HIP : LowerShape.WAIST;
        String words = byLength ? "lower edge in front to " + LengthText.say(lap, workshop.unit()) : "lower edge " + shorter.label().toLowerCase(Locale.ROOT);
        Button shorten = new Button(words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1));
        shorten.getStyleClass().add("primary");
        shorten.setId("shorten");
        shorten.setOnAction(e -> change(words, workshop.commission().withGarment(byLength ? garment.withLength(LengthOption.FRONT_LENGTH_BELOW, lap) : garment.withLowerEdge(shorter))));
        return shorten;
    }

    private HBox row(String id, List<Finding> findings, LengthUnit unit) {
        Finding worst = CheckNames.worst(id, findings);
        Label name = new Label(CheckNames.title(id));
        name.getStyleClass().add("check-name");
        Label words = new Label(CheckNames.summary(id, findings.size(), worst, unit));
        words.getStyleClass().add("words");
        HBox row = new HBox(Marks.tick(), new VBox(name, words));
        row.getStyleClass().add("check-row");
        row.pseudoClassStateChanged(SELECTED, finding.isPresent() && finding.get() == worst);
        choosable(row, name.getText() + ". " + words.getText(), worst);
        return row;
    }

    /** Choosing it shows its place on the drawing. */
    private void choosable(Region part, String name, Finding which) {
        part.setFocusTraversable(true);
        part.setAccessibleText(name);
        part.setOnMouseClicked(e -> look(which));
        part.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                look(which);
            }
        });
    }

    private void look(Finding which) {
        finding = Optional.of(which);
        show();
    }

    private void change(String label, Commission after) {
        workshop.letGo();
        workshop.change(label, after, new Object());
    }
}
