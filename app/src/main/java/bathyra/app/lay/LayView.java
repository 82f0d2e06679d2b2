package bathyra.app.lay;

import bathyra.app.output.Output;
import bathyra.app.output.OutputKind;
import bathyra.app.stage.Scroll;
import bathyra.app.stage.TableStage;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.PullHandles;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.Workshop;
import bathyra.finding.Finding;
import bathyra.garment.ClothUse;
import bathyra.geometry.Point;
import bathyra.lay.Lay;
import bathyra.lay.Laying;
import bathyra.lay.Placed;
import bathyra.lay.Rows;
import bathyra.layer.Layer;
import bathyra.length.Length;
import bathyra.length.LengthText;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Lay stage: the pieces of a layer on its cloth, laid automatically and then by hand; the cloth, the bill and the prices beside it. */
public final class LayView extends TableStage {
    private static final String MIDDLE = "lay-piece";
    private static final double TILT = 0.5;

    /** What the card is turned to. */
    private enum Side {
        LAY("Lay"),
        CLOTH("Cloth"),
        BILL("Bill"),
        PRICES("Prices");

        private final String label;

        Side(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    private final LayModel model;
    private final ClothCard cloth;
    private final BillCard bill;
    private final PricesCard prices;
    private final PullHandles handle;
    private final LookSwitch<Side> sides;
    private final MenuButton layer = new MenuButton();
    private final ProgressBar progress = new ProgressBar(0);
    private final Button stop = new Button("Stop");
    private final Button anew = new Button("Lay anew");
    private final Label figures = new Label();
    private final Label said = new Label();
    private final VBox hand = new VBox();
    private final List<Button> ofPiece;
    private Side side = Side.LAY;
    private Optional<LayDrawing> drawing = Optional.empty();
    private Optional<Laying> fitted = Optional.empty();

    public LayView(Workshop workshop, Output output) {
        super(workshop, "lay-table", "The pieces on their cloth");
        model = new LayModel(workshop);
        cloth = new ClothCard(workshop, model);
        bill = new BillCard(workshop, model, output);
        prices = new PricesCard(workshop);
        ofPiece = List.of(
                deed("Turn", "lay-turn", model::turn),
                deed("Lean left", "lay-lean-left", () -> model.tilt(-TILT)),
                deed("Lean right", "lay-lean-right", () -> model.tilt(TILT)));
        handle = new PullHandles(table, workshop::letGo);
        handle.add(
                MIDDLE,
                new PullHandles.Pull(
                        "Piece in hand; arrow keys move it",
                        to -> model.moveTo(to.x(), to.y()),
                        way -> {
                            Point at = middle(model.chosen().orElseThrow());
                            model.moveTo(at.x() + way.dx(), at.y() + way.dy());
                        },
                        () -> model.chosen()
                                .map(p -> LengthText.say(Length.mm(p.x()), workshop.unit()) + " across, "
                                        + LengthText.say(Length.mm(p.y()), workshop.unit()) + " along")
                                .orElse("")));
        table.setOnMouseClicked(e -> {
            if (e.isStillSincePress()) {
                drawing.flatMap(d -> d.pieceAt(table.viewProperty().get().toPaper(e.getX(), e.getY())))
                        .ifPresent(key -> {
                            turnTo(Side.LAY);
                            model.choose(key);
                        });
            }
        });
        stop.setId("lay-stop");
        stop.setOnAction(e -> model.stop());
        anew.setId("lay-anew");
        anew.setOnAction(e -> model.layAnew());
        progress.setId("lay-progress");
        progress.progressProperty().bind(model.progressProperty());
        progress.visibleProperty().bind(model.progressProperty().greaterThanOrEqualTo(0));
        stop.visibleProperty().bind(progress.visibleProperty());
        anew.visibleProperty().bind(progress.visibleProperty().not());
        for (Region each : List.of(progress, stop, anew)) {
            each.managedProperty().bind(each.visibleProperty());
            each.setMinWidth(Region.USE_PREF_SIZE);
        }
        layer.setId("lay-layer");
        layer.setMinWidth(Region.USE_PREF_SIZE);
        layer.setAccessibleText("Which layer is laid");
        hand.getStyleClass().add("controls");
        Button next = deed("Next piece", "lay-next", () -> {
            model.next();
            return Optional.empty();
        });
        hand.getChildren().addAll(row(next, ofPiece.get(0)), row(ofPiece.get(1), ofPiece.get(2)));
        HBox slips = new HBox(10, new ZoomSlip(table));
        slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(slips, new Insets(0, 10, 10, 0));
        sides = new LookSwitch<>("lay-card-", List.of(Side.values()), side, Side::label, this::turnTo);
        sides.getStyleClass().add("card-tabs");
        Scroll below = Scroll.filling(card);
        VBox.setVgrow(below, Priority.ALWAYS);
        setRight(new VBox(sides, below));
        Button drawn = new Button("Lay as SVG");
        drawn.setId("lay-svg");
        drawn.setMinWidth(Region.USE_PREF_SIZE);
        drawn.setOnAction(e -> output.write(OutputKind.LAY_SVG, getScene().getWindow()));
        arrange(foot(drawn), List.of(slips));
    }

    private static Point middle(Placed p) {
        return new Point(p.x() + p.piece().width() / 2, p.y() + p.piece().height() / 2);
    }

    private Button deed(String words, String id, Supplier<Optional<String>> run) {
        Button deed = new Button(words);
        deed.setId(id);
        deed.setMinWidth(Region.USE_PREF_SIZE);
        deed.setOnAction(e -> said.setText(run.get().orElse("")));
        return deed;
    }

    private static HBox row(Button... buttons) {
        HBox row = new HBox(buttons);
        row.getStyleClass().add("fields");
        return row;
    }

    private VBox foot(Button drawn) {
        Label head = new Label("Lay");
        head.getStyleClass().add("section-head");
        figures.setMinWidth(0);
        figures.setId("lay-figures");
        figures.setWrapText(true);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox title = new HBox(10, head, layer, progress, stop, anew, drawn, space);
        title.setAlignment(Pos.CENTER_LEFT);
        Label under = new Label();
        under.getStyleClass().add("status-line");
        under.textProperty()
                .bind(table.underProperty()
                        .map(u -> u.isEmpty()
                                ? "Click a piece and pull it by its handle; it stops where it would touch another."
                                : u));
        said.getStyleClass().add("row-fault");
        said.setId("lay-said");
        said.setWrapText(true);
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        said.visibleProperty().bind(said.textProperty().isNotEmpty());
        VBox foot = new VBox(4, title, figures, said, under);
        foot.getStyleClass().add("strip");
        return foot;
    }

    private void turnTo(Side next) {
        if (side != next) {
            side = next;
            sides.choose(next);
            show();
        }
    }

    @Override
    protected boolean hasDrawing() {
        return super.hasDrawing() && !model.layers().isEmpty();
    }

    @Override
    protected void showNothing() {
        handle.place(Map.of());
        if (workshop.draft().isPresent()) {
            card.begin("No layer is cut");
            card.words(
                    "Every layer of this garment is left out, so there is nothing to lay on cloth. Choose on Pieces, under Layers, what it is made of.");
            return;
        }
        teach(
                "Nothing to lay yet",
                "Here the pieces of each layer are laid on their cloth, so that one knows how much to buy and what it costs. Take the measurements first.");
    }

    @Override
    protected void showDraft() {
        Laying laying = model.laying();
        ClothUse use = model.use();
        model.layWhenUnknown();
        Optional<Lay> lay = model.lay();
        List<Placed> wrong = model.wrong();
        drawing = lay.map(l -> new LayDrawing(
                l,
                workshop.unit(),
                model.chosen().map(p -> p.piece().key()),
                wrong.stream().map(p -> p.piece().key()).toList(),
                use.cloth().selvedge()));
        drawing.ifPresentOrElse(this::lay, table::clear);
        if (lay.isPresent() && fitted.filter(f -> f == laying).isEmpty()) {
            fitted = Optional.of(laying);
            table.fit();
        }
        ofPiece.forEach(b -> b.setDisable(model.chosen().isEmpty()));
        handle.place(model.chosen().map(p -> Map.of(MIDDLE, middle(p))).orElse(Map.<String, Point>of()));
        layer.setText(model.layer().label() + ", " + use.cloth().name().toLowerCase(Locale.ROOT));
        layer.getItems().setAll(model.layers().stream().map(this::item).toList());
        figures.setText(figures(laying, lay, wrong));
        switch (side) {
            case LAY -> layCard(laying, lay, wrong);
            case CLOTH -> cloth.show(card);
            case BILL -> bill.show(card);
            case PRICES -> prices.show(card);
        }
    }

    private MenuItem item(Layer each) {
        MenuItem item = new MenuItem(each.kind().label());
        item.setId("lay-layer-" + each.kind().id());
        item.setOnAction(e -> model.look(each.kind()));
        return item;
    }

    private String say(double mm) {
        return LengthText.say(Length.mm(mm), workshop.unit());
    }

    private String figures(Laying laying, Optional<Lay> lay, List<Placed> wrong) {
        if (!laying.hindrances().isEmpty()) {
            return laying.hindrances().get(0).sentence().in(workshop.unit());
        }
        if (lay.isEmpty()) {
            return "Being laid …";
        }
        double rows = Rows.of(laying).length();
        return "To buy " + say(lay.get().bought()) + ", used " + say(lay.get().length()) + ", "
                + Math.round(lay.get().utilisation() * 100) + " % of it pieces. In rows it would be " + say(rows)
                + "; no lay is shorter than " + say(lay.get().least()) + "."
                + (wrong.isEmpty()
                        ? ""
                        : " " + wrong.size()
                                + " pieces touch another or leave the cloth since the draft changed: move them, or lay anew.");
    }

    private void layCard(Laying laying, Optional<Lay> lay, List<Placed> wrong) {
        card.begin(model.chosen().map(p -> p.piece().name()).orElse("The lay"), hand);
        card.belowControls();
        laying.hindrances().forEach(f -> card.add(fault(f)));
        lay.ifPresent(l -> {
            card.section(say(l.bought()) + " to buy");
            card.words("The pieces reach " + say(l.length()) + " along the cloth; cloth is bought to the next "
                    + say(100) + ".");
            card.words("Utilisation: area of the pieces " + area(l) + " over " + say(l.length()) + " × "
                    + say(l.width()) + " = " + Math.round(l.utilisation() * 100) + " %.");
            card.words("Cost: " + BillCard.money(l.bought() / 1000) + " m at "
                    + BillCard.money(model.use().cloth().price()) + " = "
                    + BillCard.money(l.bought() / 1000 * model.use().cloth().price()) + " "
                    + workshop.kept().prices().currency() + ".");
            card.words(model.isByHand() ? "Put by you. Lay anew forgets it." : "Laid automatically.", "quiet");
        });
        wrong.forEach(p -> card.words(p.piece().name() + " touches another piece or leaves the cloth.", "row-fault"));
    }

    private static String area(Lay lay) {
        return String.format(
                Locale.ROOT,
                "%.0f cm²",
                lay.placed().stream().mapToDouble(p -> p.piece().area()).sum() / 100);
    }

    private VBox fault(Finding finding) {
        Label words = new Label(finding.sentence().in(workshop.unit()));
        words.getStyleClass().add("words");
        VBox slip = new VBox(words);
        slip.getStyleClass().add("fault-slip");
        slip.setId("lay-fault");
        return slip;
    }
}
