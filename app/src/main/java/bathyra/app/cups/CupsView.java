package bathyra.app.cups;

import bathyra.app.form.Wearing;
import bathyra.app.form.WornPicture;
import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.OptionField;
import bathyra.app.stage.HalfSwitch;
import bathyra.app.stage.Marks;
import bathyra.app.stage.TableStage;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.PullHandles;
import bathyra.app.table.TextSize;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.bone.Wires;
import bathyra.cutting.Contour;
import bathyra.cutting.CupShape;
import bathyra.cutting.Cutting;
import bathyra.cutting.FoldedCup;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.finding.Step;
import bathyra.fit.CupRoom;
import bathyra.fit.Worn;
import bathyra.garment.CupKind;
import bathyra.garment.LengthOption;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.measure.MeasurementKey;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Cups stage: how the bust is shaped, how deep that makes the cup, and the wedges that make the garment hug. */
public final class CupsView extends TableStage {
    private static final Set<CupKind> BANDED = Set.of(CupKind.THREE_PART);

    /** What is looked at. */
    private enum Mode {
        CUP("Cup"),
        CONTOUR("Contour"),
        WORN("On the body");

        private final String label;

        Mode(String label) {
            this.label = label;
        }
    }

    /** From between the front and the side, radians. */
    private static final double HALF_SIDEWAYS = 0.7;

    private static final double CUT = 150;

    private final CupsModel model;
    private final Wearing wearing = new Wearing(Platform::runLater);
    private final WornPicture worn = new WornPicture("cups-worn", "The cup on the wearer's form");
    private final HalfSwitch halves;
    private final PullHandles handles;
    private final ClosedCup section = new ClosedCup();
    private final KindCards kinds;
    private final ContourStrip contour;
    private final ClosingWedge closing;
    private final BorderPane strip = new BorderPane();
    private final HBox cupStrip;
    private final VBox controls = new VBox();
    private final List<OptionField> limits;
    private final List<OptionField> bands;
    private final OptionField yoke;
    private final CheckBox wires = new CheckBox("A wire under each cup");
    private Optional<Worn> onTheBody = Optional.empty();
    private Mode mode = Mode.CUP;
    private CupsDrawing drawing;

    public CupsView(Workshop workshop) {
        super(workshop, "cups-table", "The two panels over the bust, flat, with the circle of the bust");
        this.model = new CupsModel(workshop);
        wires.setId("cup-wires");
        wires.setOnAction(e -> model.wires(wires.isSelected()));
        this.halves = new HalfSwitch(workshop);
        this.kinds = new KindCards(model::kind);
        this.closing = new ClosingWedge(
                workshop, at -> table.lay(new CupsDrawing(at, workshop.unit(), false)), workshop.showing()::again);
        this.contour = new ContourStrip(workshop, model, this::toggle);
        this.handles = new PullHandles(table, () -> {
            workshop.letGo();
            workshop.showing().again();
        });
        Settings settings = new Settings(workshop);
        limits = fields(settings, LengthOption.BRIDGE, LengthOption.CUP_SIDE);
        bands = fields(settings, LengthOption.BAND_INNER, LengthOption.BAND_SEAM, LengthOption.BAND_OUTER);
        yoke = fields(settings, LengthOption.CUP_YOKE).get(0);
        controls.getStyleClass().add("controls");
        pulls();
        cupStrip = cupStrip();
        strip.getStyleClass().addAll("strip", "cup-strip");
        strip.setCenter(cupStrip);
        ZoomSlip zoom = new ZoomSlip(table);
        HBox slips = new HBox(10, halves, modes(), zoom);
        slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(slips, new Insets(0, 10, 10, 0));
        worn.getStyleClass().add("worn-over");
        worn.setVisible(false);
        arrange(strip, List.of(worn, slips));
    }

    private List<OptionField> fields(Settings settings, LengthOption... options) {
        List<OptionField> fields = new ArrayList<>();
        for (LengthOption option : options) {
            fields.add(new OptionField(settings.length(option), workshop::unit));
        }
        return fields;
    }

    private HBox cupStrip() {
        Label cut = new Label("The closed cup");
        cut.getStyleClass().add("section-head");
        Label through = new Label("cut through the apex");
        through.getStyleClass().add("quiet");
        FlowPane head = new FlowPane(10, 0, cut, through);
        VBox.setVgrow(section, Priority.ALWAYS);
        VBox left = new VBox(4, head, section);
        HBox.setHgrow(left, Priority.ALWAYS);
        TextSize.minWidth(left, CUT);
        Label kindHead = new Label("Kinds of cup");
        kindHead.getStyleClass().add("section-head");
        Label under = new Label();
        under.getStyleClass().add("status-line");
        under.setWrapText(true);
        under.textProperty()
                .bind(table.underProperty()
                        .map(u -> u.isEmpty() ? "Drag the rim, a wedge or a limit; choose a kind to cut it." : u));
        return new HBox(20, left, new VBox(6, kindHead, kinds, under));
    }

    private LookSwitch<Mode> modes() {
        return new LookSwitch<>("cups-mode-", List.of(Mode.values()), mode, m -> m.label, next -> {
            mode = next;
            show();
            table.fit();
        });
    }

    private void pulls() {
        pull(
                "handle-rim",
                "Rim of the bust circle; arrow keys change the bust radius",
                to -> model.radius(drawing.apex().atOuter().distance(to)),
                way -> model.radius(radius() + way.dx() + way.dy()),
                () -> "bust radius " + say(radius()));
        pull(
                "handle-lower",
                "Lower wedge; left and right change what is taken out under the bust",
                to -> model.intake(
                        Level.UNDERBUST,
                        model.intake(Level.UNDERBUST) + drawing.wedgeAt(false, to) - drawing.wedgeNow(false)),
                way -> model.intake(Level.UNDERBUST, model.intake(Level.UNDERBUST) + way.dx()),
                () -> wedge(false));
        pull(
                "handle-upper",
                "Upper wedge; left and right change what is taken out above the bust",
                to -> model.intake(
                        Level.UPPER, model.intake(Level.UPPER) + drawing.wedgeAt(true, to) - drawing.wedgeNow(true)),
                way -> model.intake(Level.UPPER, model.intake(Level.UPPER) + way.dx()),
                () -> wedge(true));
        pull(
                "handle-bridge",
                "Bridge; left and right move the inner end of the cup",
                to -> model.length(LengthOption.BRIDGE, to.x()),
                way -> model.length(LengthOption.BRIDGE, option(LengthOption.BRIDGE) + way.dx()),
                () -> "bridge, half " + say(option(LengthOption.BRIDGE)));
        pull(
                "handle-cup-side",
                "Outer end of the cup; left and right move it",
                to -> model.length(LengthOption.CUP_SIDE, drawing.sideLimit(to.x())),
                way -> model.length(LengthOption.CUP_SIDE, option(LengthOption.CUP_SIDE) - way.dx()),
                () -> say(option(LengthOption.CUP_SIDE)) + " before the side");
        pull(
                "handle-band",
                "Seam between upper and lower cup; up and down move it",
                to -> model.length(
                        LengthOption.BAND_SEAM,
                        option(LengthOption.BAND_SEAM)
                                + to.y()
                                - drawing.handles().get("handle-band").y()),
                way -> model.length(LengthOption.BAND_SEAM, option(LengthOption.BAND_SEAM) + way.dy()),
                () -> "upper cup " + say(option(LengthOption.BAND_SEAM)) + " deep at the seam");
    }

    private void pull(String id, String name, Consumer<Point> drag, Consumer<Vec> nudge, Supplier<String> says) {
        handles.add(id, new PullHandles.Pull(name, drag, nudge, says));
    }

    private double radius() {
        return cup().radius().value();
    }

    private CupShape cup() {
        return model.cutting().flatMap(Cutting::cup).orElseThrow();
    }

    private double option(LengthOption option) {
        return workshop.commission().garment().length(option).value();
    }

    private String say(double mm) {
        return LengthText.say(Length.mm(mm), workshop.unit());
    }

    private String wedge(boolean above) {
        return String.format(
                Locale.ROOT,
                "%.1f° %s the apex, cup %s deep",
                Math.toDegrees((above ? cup().upper() : cup().lower()).value()),
                above ? "above" : "under",
                say(cup().depth().value()));
    }

    /** A wedge closes before one's eyes; opened again it is open at once. */
    private void toggle(ContourWedge wedge) {
        boolean closes = !model.bust().wedges().containsKey(wedge);
        model.toggle(wedge);
        if (closes && workshop.refusal().isEmpty()) {
            closing.play(wedge);
        }
    }

    @Override
    protected boolean hasDrawing() {
        return model.cutting().isPresent();
    }

    @Override
    protected void showNothing() {
        handles.place(Map.of());
        if (workshop.draft().isPresent()) {
            card.begin("No cup");
            card.words(
                    workshop.commission().garment().kind().isOverBust()
                            ? "No seam passes over the apex, so there is no cup to shape. Let a seam run over the apex on the Seams stage."
                            : "This corset ends under the bust. There is no cup to shape.");
            strip.setVisible(false);
            return;
        }
        teach(
                "No cup yet",
                "Here one decides how the bust is shaped: the kind of cup, its circle, and the wedges round the apex. Take the measurements first.");
    }

    @Override
    protected void showDraft() {
        strip.setVisible(true);
        Draft draft = workshop.half().orElseThrow();
        halves.refresh();
        drawing = new CupsDrawing(draft, workshop.unit(), mode == Mode.CONTOUR);
        lay(drawing);
        worn.setVisible(mode == Mode.WORN);
        if (mode == Mode.WORN) {
            wearing.ask(draft, (half, seen) -> {
                onTheBody = Optional.of(half);
                worn.show(Optional.of(seen), HALF_SIDEWAYS);
                show();
            });
        }
        handles.place(mode == Mode.CUP ? drawing.handles() : Map.of());
        section.show(
                FoldedCup.of(draft.cutting().whole(), draft.cutting().apex().orElseThrow(), radius()), workshop.unit());
        kinds.show(model.bust().cups());
        strip.setCenter(mode == Mode.CONTOUR ? contour : cupStrip);
        contour.show();
        if (mode == Mode.CONTOUR) {
            contourCard(draft.cutting());
        } else {
            cupCard(draft);
        }
    }

    /** How breast and cup agree on the form, in bands; of the draft in hand only. */
    private void room(Draft draft) {
        Optional<CupRoom> room = onTheBody.filter(w -> w.draft().equals(draft)).flatMap(Worn::cup);
        card.words(room.map(r -> "On the body the breast is pressed in: " + CupRoom.band(r.pressed())
                        + ". The cup is empty: " + CupRoom.band(r.empty()) + ".")
                .orElse("It is being put on the body …"));
        onTheBody.filter(w -> w.draft().equals(draft)).ifPresent(w -> card.words(w.assumed(), "quiet"));
    }

    private void cupCard(Draft draft) {
        controls.getChildren().setAll(new ArrayList<>(limitsOfKind()));
        controls.getChildren().forEach(f -> ((OptionField) f).refresh());
        card.begin("Depth of the cup", controls.getChildren().isEmpty() ? new Node[0] : new Node[] {controls});
        refused();
        if (mode == Mode.WORN) {
            room(draft);
        }
        card.figure(cup().depth(), workshop.unit());
        card.words("Closing the wedges makes a cone of the flat circle: its rim draws in, its middle rises.");
        card.reckoning(cup().depth(), workshop.unit(), this::follow);
        if (!workshop.commission().measurements().isTaken(MeasurementKey.APEX_TO_UNDERBUST)) {
            card.words("The radius was not taken with the tape.", "quiet");
            card.add(Deed.button("enter-radius", "Enter it", () -> {
                workshop.selection().measurementProperty().set(MeasurementKey.APEX_TO_UNDERBUST);
                workshop.whereabouts().stageProperty().set(Stage.MEASURE);
            }));
        }
        card.belowControls();
        List<CupsModel.School> schools = model.schools();
        if (!schools.isEmpty()) {
            card.section("The schools beside it");
            schools.stream()
                    .sorted(Comparator.comparingDouble(CupsModel.School::depth))
                    .forEach(s -> card.words(
                            say(s.depth()) + "  " + s.name() + ", " + say(s.underBust()) + " under the bust", "quiet"));
        }
        says(draft);
    }

    private List<OptionField> limitsOfKind() {
        List<OptionField> fields = new ArrayList<>();
        if (model.bust().cups().isCut()) {
            fields.addAll(limits);
        }
        if (BANDED.contains(model.bust().cups())) {
            fields.addAll(bands);
        }
        if (model.bust().cups() == CupKind.YOKE) {
            fields.add(yoke);
        }
        return fields;
    }

    private void says(Draft draft) {
        card.section("What the cup says");
        for (Finding finding : draft.findings()) {
            if (finding.kind().isShownAt(Step.CUPS)) {
                Label row = card.words(finding.sentence().in(workshop.unit()));
                row.setGraphic(finding.status() == Finding.Status.OK ? Marks.tick() : Marks.triangle());
                row.setGraphicTextGap(8);
            }
        }
        if (model.bust().cups().isCut()) {
            Wires under = Wires.of(draft.pattern());
            wires.setSelected(model.bust().wired());
            card.add(wires);
            card.words(
                    "Cut " + say(under.wire().value()) + ", in a channel of "
                            + say(under.cradle().value()) + " along the lower arc.",
                    "quiet");
        }
    }

    private void contourCard(Cutting cutting) {
        card.begin("Contour");
        refused();
        if (cutting.contour().closed().isEmpty() && model.bust().wedges().isEmpty()) {
            card.words(
                    "Wedges are laid on the panels and closed by turning what lies between them and the seam over the apex. Tick one, or take a usual set; it is closed at once, and Undo opens it.");
            return;
        }
        card.section("Where it goes");
        for (Contour.Closed wedge : cutting.contour().closed()) {
            card.words(String.format(
                    Locale.ROOT,
                    "%s, %s: %.1f° into %s.",
                    wedge.wedge().label(),
                    name(cutting, wedge.sheet()),
                    wedge.degrees(),
                    wedge.goes()));
        }
        if (model.bust().wedges().containsKey(ContourWedge.UNDER_BUST)) {
            card.words("Under the bust: " + say(2 * model.bust().width(ContourWedge.UNDER_BUST))
                    + " more at the front princess seam; the side gives it back, the girth stays as planned.");
        }
        List<String> lost = new ArrayList<>();
        for (Level level : Level.values()) {
            double off = 2 * (cutting.lost(level.id(), true) + cutting.lost(level.id(), false));
            if (off > 0.05) {
                lost.add(say(off) + " at the " + level.label().toLowerCase(Locale.ROOT));
            }
        }
        if (!lost.isEmpty()) {
            card.section("Off the girth");
            card.words(String.join(", ", lost) + ", all round.");
        }
    }

    private static String name(Cutting cutting, String sheet) {
        return cutting.whole().has(sheet) ? cutting.whole().sheet(sheet).name().toLowerCase(Locale.ROOT) : sheet;
    }

    private void refused() {
        workshop.refusal()
                .ifPresent(r -> card.words(r.reasons().get(0).sentence().in(workshop.unit()), "caution"));
    }

    private void follow(Reckoned number) {
        card.begin(number.name());
        if (number.quantity() == Quantity.LENGTH) {
            card.figure(number, workshop.unit());
        }
        card.reckoning(number, workshop.unit(), this::follow);
        Button back = Deed.button("back-to-cup", "Back to the cup", workshop.showing()::again);
        card.add(back);
        card.end();
    }
}
