package bathyra.app.edges;

import bathyra.app.glossary.DrawnWords;
import bathyra.app.reckoning.OptionField;
import bathyra.app.stage.HalfSwitch;
import bathyra.app.stage.Marks;
import bathyra.app.stage.TableStage;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.PullHandles;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.GarmentChoice;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.TriedChoices;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.Step;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.Gore;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.PrincessStart;
import bathyra.garment.SkirtShaping;
import bathyra.garment.Sleeve;
import bathyra.garment.UpperShape;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.measure.MeasurementKey;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Edges stage: what holds the garment up, and how its upper and lower edge run over the joined pattern. */
public final class EdgesView extends TableStage {
    private final EdgesModel model;
    private final HalfSwitch halves;
    private final PullHandles handles;
    private final Map<LengthOption, OptionField> fields = new EnumMap<>(LengthOption.class);
    private final VBox controls = new VBox();
    private final GoresControl gores;
    private final GoresModel goresModel;
    private final TriedChoices tried;
    private final ShapeCards shapes;
    private final MenuButton cover = new MenuButton();
    private final MenuButton lower = new MenuButton();
    private final MenuButton skirt = new MenuButton();
    private final MenuButton princess = new MenuButton();
    private final MenuButton sleeve = new MenuButton();
    private final CheckBox yoke = new CheckBox("Yoke over the bust line");
    private final CheckBox inFrontOnly = new CheckBox("In front only");
    private final CheckBox keyhole = new CheckBox("Keyhole");
    private final Label fault = new Label();
    private static final String NO_SLEEVE = "No sleeve";
    private static final List<PrincessStart> PRINCESS =
            List.of(PrincessStart.SHOULDER, PrincessStart.ARMHOLE, PrincessStart.NECK);

    private EdgesLook look = EdgesLook.ABOVE;
    private EdgesDrawing drawing;

    public EdgesView(Workshop workshop) {
        super(workshop, "edges-table", "The joined pattern with its upper and lower edge");
        this.model = new EdgesModel(workshop);
        this.halves = new HalfSwitch(workshop);
        this.shapes = new ShapeCards(model::shape);
        this.handles = new PullHandles(table, () -> {
            workshop.letGo();
            workshop.showing().again();
        });
        this.goresModel = new GoresModel(workshop);
        this.tried = new TriedChoices(workshop);
        this.gores = new GoresControl(workshop, goresModel);
        controls.getStyleClass().add("controls");
        Settings settings = new Settings(workshop);
        for (LengthOption option : LengthOption.values()) {
            fields.put(option, new OptionField(settings.length(option), workshop::unit));
            handles.add("handle-" + option.id(), pull(option));
        }
        for (int i = 0; i < Gore.COUNT_MOST; i++) {
            handles.add("gore-point-" + i, height(i));
            handles.add("gore-mouth-" + i, place(i));
        }
        menus();
        ZoomSlip zoom = new ZoomSlip(table);
        HBox slips = new HBox(10, halves, lookSwitch(), zoom);
        slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(slips, new Insets(0, 10, 10, 0));
        arrange(strip(), List.of(slips));
    }

    /** Necklines are pulled down, widths along, everything else the way it lies. */
    private PullHandles.Pull pull(LengthOption option) {
        return new PullHandles.Pull(
                option.label() + "; arrow keys change it",
                to -> model.length(
                        option,
                        model.value(option)
                                + change(
                                        option,
                                        drawing.handles(look != EdgesLook.BELOW).get(option),
                                        to)),
                way -> model.length(
                        option, model.value(option) + change(option, new Point(0, 0), new Point(way.dx(), way.dy()))),
                () -> option.label() + " " + LengthText.say(Length.mm(model.value(option)), workshop.unit()));
    }

    /** The point of a gore is pulled along its slit. */
    private PullHandles.Pull height(int gore) {
        return new PullHandles.Pull(
                "How high a gore is; arrow keys change it",
                to -> slit(gore)
                        .ifPresent(slit ->
                                goresModel.height(gore, slit.mouth().to(to).dot(slit.inwards()))),
                way -> slit(gore)
                        .ifPresent(slit -> goresModel.height(
                                gore,
                                goresModel.height(gore)
                                        + way.dy() * Math.signum(slit.inwards().dy()))),
                () -> "High " + LengthText.say(Length.mm(goresModel.height(gore)), workshop.unit()));
    }

    /** Its mouth is pulled along the edge. */
    private PullHandles.Pull place(int gore) {
        return new PullHandles.Pull(
                "Where a gore stands on its edge; arrow keys change it",
                to -> slit(gore)
                        .ifPresent(slit -> goresModel.place(
                                gore,
                                goresModel.place(gore) + (to.x() - slit.mouth().x()) / slit.edge())),
                way -> goresModel.place(gore, goresModel.place(gore) + way.dx() * GoresModel.PLACE_STEP),
                () -> String.format(Locale.ROOT, "%.0f %% from centre front", goresModel.place(gore) * 100));
    }

    private Optional<EdgesDrawing.Slit> slit(int gore) {
        return drawing.slits(look != EdgesLook.BELOW).stream()
                .filter(s -> s.number() == gore)
                .findFirst();
    }

    private static double change(LengthOption option, Point from, Point to) {
        return switch (option) {
            case NECKLINE_WIDTH, STRAP_WIDTH, EDGE_WIDTH -> to.x() - from.x();
            case COVERAGE -> from.y() - to.y();
            default -> to.y() - from.y();
        };
    }

    private void menus() {
        cover.setId("cover");
        DrawnWords.at(cover, "What holds the garment up", () -> tried.others(GarmentChoice.COVER));
        for (Cover each : Cover.values()) {
            cover.getItems().add(item("cover-" + each.id(), each.label(), () -> model.cover(each)));
        }
        lower.setId("lower-edge");
        DrawnWords.at(lower, "How the lower edge runs", () -> tried.others(GarmentChoice.LOWER_EDGE));
        for (LowerShape each : LowerShape.values()) {
            lower.getItems().add(item("lower-" + each.id(), each.label(), () -> model.lower(each)));
        }
        princess.setId("princess-from");
        DrawnWords.at(princess, "Where the princess seam begins", () -> tried.others(GarmentChoice.PRINCESS));
        skirt.setId("skirt");
        DrawnWords.at(skirt, "How the skirt is shaped", () -> tried.others(GarmentChoice.SKIRT));
        for (SkirtShaping each : SkirtShaping.values()) {
            skirt.getItems().add(item("skirt-" + each.id(), each.label(), () -> model.skirt(each)));
        }
        for (PrincessStart each : PRINCESS) {
            princess.getItems().add(item("princess-" + each.id(), each.label(), () -> model.princess(each)));
        }
        sleeve.setId("sleeve");
        DrawnWords.at(sleeve, "What goes round the arm", () -> tried.others(GarmentChoice.SLEEVE));
        yoke.setId("yoke");
        yoke.setOnAction(e -> model.yoke(yoke.isSelected()));
        DrawnWords.at(
                yoke,
                "Yoke over the bust line: the panels are cut across there, and what stands above is one piece",
                () -> tried.switched(
                        g -> g.top().yoke(), (g, on) -> g.withTop(g.top().withYoke(on))));
        inFrontOnly.setId("yoke-in-front-only");
        inFrontOnly.setOnAction(e -> model.yokeInFrontOnly(inFrontOnly.isSelected()));
        keyhole.setId("keyhole");
        keyhole.setOnAction(e -> model.keyhole(keyhole.isSelected()));
        DrawnWords.at(
                keyhole,
                "Keyhole: an opening like a drop at centre front, closed above it",
                () -> tried.switched(
                        g -> g.top().keyhole(), (g, on) -> g.withTop(g.top().withKeyhole(on))));
        for (Region each : List.of(cover, lower, skirt, princess, sleeve, yoke, inFrontOnly, keyhole)) {
            each.setMinWidth(Region.USE_PREF_SIZE);
            each.managedProperty().bind(each.visibleProperty());
        }
    }

    private static MenuItem item(String id, String label, Runnable deed) {
        MenuItem item = new MenuItem(label);
        item.setId(id);
        item.setOnAction(e -> deed.run());
        return item;
    }

    private VBox strip() {
        Label head = new Label("Upper edge");
        head.getStyleClass().add("section-head");
        head.setMinWidth(Region.USE_PREF_SIZE);
        HBox top = new HBox(10, head, cover, princess, sleeve, yoke, inFrontOnly, keyhole);
        top.setAlignment(Pos.CENTER_LEFT);
        Label below = new Label("Lower edge");
        below.getStyleClass().add("section-head");
        below.setMinWidth(Region.USE_PREF_SIZE);
        Label under = new Label();
        under.getStyleClass().add("status-line");
        under.setWrapText(true);
        under.setMinHeight(Region.USE_PREF_SIZE);
        under.textProperty()
                .bind(table.underProperty()
                        .map(u -> u.isEmpty()
                                ? "Pull a handle: the edge is drawn on the joined pattern and traced off onto the pieces."
                                : u));
        HBox foot = new HBox(10, below, lower, skirt, under);
        foot.setAlignment(Pos.CENTER_LEFT);
        fault.getStyleClass().add("row-fault");
        fault.setId("edges-fault");
        fault.setWrapText(true);
        fault.managedProperty().bind(fault.textProperty().isNotEmpty());
        fault.visibleProperty().bind(fault.managedProperty());
        VBox strip = new VBox(6, top, shapes, foot, fault);
        strip.getStyleClass().addAll("strip", "edge-strip");
        return strip;
    }

    private LookSwitch<EdgesLook> lookSwitch() {
        return new LookSwitch<>("edges-", List.of(EdgesLook.values()), look, EdgesLook::label, next -> {
            look = next;
            show();
            table.fit();
        });
    }

    @Override
    protected void showNothing() {
        handles.place(Map.of());
        teach(
                "No edges yet",
                "Here one decides where the garment ends above and below: necklines, backs and hems, drawn on the joined pattern. Take the measurements first.");
        choices();
    }

    @Override
    protected void showDraft() {
        Draft draft = workshop.half().orElseThrow();
        halves.refresh();
        drawing = new EdgesDrawing(draft, workshop.unit(), look.joining());
        lay(look == EdgesLook.WORN ? new WornEdgesDrawing(draft, workshop.unit()) : drawing);
        Map<String, Point> places = new LinkedHashMap<>();
        if (look.hasHandles()) {
            drawing.handles(look == EdgesLook.ABOVE).forEach((option, at) -> places.put("handle-" + option.id(), at));
            drawing.slits(look == EdgesLook.ABOVE).forEach(slit -> {
                places.put("gore-point-" + slit.number(), slit.point());
                places.put("gore-mouth-" + slit.number(), slit.mouth());
            });
        }
        handles.place(places);
        choices();
        card(draft);
    }

    private void choices() {
        Garment garment = model.garment();
        cover.setText(garment.top().cover().label());
        cover.setVisible(!garment.kind().isPanelled());
        lower.setText(garment.lowerEdge().label());
        skirt.setText(garment.skirt().label());
        skirt.setVisible(garment.lowerEdge().isBasque());
        princess.setText(
                garment.block().princess() == PrincessStart.NONE
                        ? "Seam " + PrincessStart.SHOULDER.label().toLowerCase(Locale.ROOT)
                        : "Seam " + garment.block().princess().label().toLowerCase(Locale.ROOT));
        princess.setVisible(garment.top().cover() == Cover.SHOULDERS);
        sleeves(garment);
        yoke.setVisible(garment.top().cover().hasShoulder());
        yoke.setSelected(garment.top().yoke());
        inFrontOnly.setVisible(garment.top().yoke() && garment.top().cover() == Cover.SHOULDERS);
        inFrontOnly.setSelected(garment.top().inFrontOnly());
        keyhole.setVisible(garment.top().yoke());
        keyhole.setSelected(garment.top().keyhole());
        shapes.show(
                garment.kind().isOverBust() ? UpperShape.fitting(garment.top().cover()) : List.of(UpperShape.STRAIGHT),
                garment.upperEdge());
        List<MeasurementKey> missing = Drafter.missing(workshop.commission().measurements(), garment);
        fault.setText(
                !missing.isEmpty()
                        ? "Missing for this edge: "
                                + missing.stream()
                                        .map(k -> k.label().toLowerCase(Locale.ROOT))
                                        .collect(Collectors.joining(", "))
                                + ". Enter it on the Measure stage."
                        : workshop.refusal()
                                .map(r -> r.reasons().get(0).sentence().in(workshop.unit()))
                                .orElse(""));
    }

    /** Off the shoulder there is a band or a short sleeve, under a shoulder a set-in one or none. */
    private void sleeves(Garment garment) {
        Cover held = garment.top().cover();
        List<Sleeve> fitting = Sleeve.fitting(held);
        boolean bare = held == Cover.SHOULDERS && !garment.top().hasSetInSleeve();
        sleeve.setText(bare ? NO_SLEEVE : garment.top().sleeve().label());
        sleeve.setVisible(!fitting.isEmpty());
        if (sleeve.getUserData() == held) {
            return;
        }
        sleeve.setUserData(held);
        sleeve.getItems().clear();
        if (held == Cover.SHOULDERS) {
            sleeve.getItems().add(item("sleeve-none", NO_SLEEVE, () -> model.sleeve(Sleeve.BAND)));
        }
        fitting.forEach(
                each -> sleeve.getItems().add(item("sleeve-" + each.id(), each.label(), () -> model.sleeve(each))));
    }

    private void card(Draft draft) {
        List<Node> shown = new ArrayList<>();
        shown.add(title("Upper edge"));
        model.upperLengths().forEach(o -> shown.add(fields.get(o)));
        shown.add(title("Lower edge"));
        model.lowerLengths().forEach(o -> shown.add(fields.get(o)));
        shown.add(gores);
        if (!controls.getChildren().equals(shown)) {
            controls.getChildren().setAll(shown);
        }
        model.upperLengths().forEach(o -> fields.get(o).refresh());
        model.lowerLengths().forEach(o -> fields.get(o).refresh());
        gores.refresh();
        card.begin("Edges", controls);
        card.belowControls();
        card.section("What was checked");
        Map<FindingKind, List<Finding>> groups = draft.findings().stream()
                .filter(f -> f.kind().isShownAt(Step.EDGES))
                .collect(Collectors.groupingBy(Finding::kind, LinkedHashMap::new, Collectors.toList()));
        groups.forEach((kind, findings) -> {
            Finding worst = findings.stream()
                    .max((a, b) -> Double.compare(
                            a.status().ordinal() * 1000 + a.value(), b.status().ordinal() * 1000 + b.value()))
                    .orElseThrow();
            Label row = card.words(worst.sentence().in(workshop.unit()));
            row.setGraphic(worst.status() == Finding.Status.OK ? Marks.tick() : Marks.triangle());
            row.setGraphicTextGap(8);
        });
    }

    private static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("section-title");
        return label;
    }
}
