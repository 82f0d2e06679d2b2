package bathyra.app.pieces;

import bathyra.app.hand.HandView;
import bathyra.app.output.Output;
import bathyra.app.pieces.PiecesDrawing.Look;
import bathyra.app.stage.Files;
import bathyra.app.stage.HalfSwitch;
import bathyra.app.stage.Scroll;
import bathyra.app.stage.TableStage;
import bathyra.app.table.Joining;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.PullHandles;
import bathyra.app.table.TextSize;
import bathyra.app.table.ZoomSlip;
import bathyra.app.truing.TruingStrip;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.garment.EdgeAt;
import bathyra.garment.LayerKind;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.layer.Layer;
import bathyra.layer.SewingOrder;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import bathyra.truing.SeamPair;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Pieces stage: the pieces of the draft or of a layer, apart or joined, the truing strip below, and a card for what one is at. */
public final class PiecesView extends TableStage {
    private static final String HANDLE = "allowance-handle";
    private static final double REACH = 9;
    private static final String BLOCK = "The block, darted";
    private final PiecesModel model;
    private final HalfSwitch halves;
    private final TruingStrip strip = new TruingStrip();
    private final Label walked = new Label();
    private final Button next = new Button();
    private final MenuButton layerMenu = new MenuButton();
    private final LookSwitch<Joining> joiningSwitch;
    private final LookSwitch<PiecesCard> cards;
    private final ChecksCard checks;
    private final EdgeCard edges;
    private final LayersCard layers;
    private final OrderCard order = new OrderCard();
    private final PrintCard print;
    private final PullHandles handle;
    private int seam;
    private Joining joining = Joining.APART;
    private PiecesCard shown = PiecesCard.CHECKS;
    private Optional<Finding> finding = Optional.empty();
    private Optional<Pattern> looked = Optional.empty();
    private PiecesDrawing drawing;
    private Optional<HandView> byHand = Optional.empty();
    private Optional<Apart> apart = Optional.empty();

    /** What stands here while nothing is drawn by hand. */
    private record Apart(Node table, Node card) {}

    public PiecesView(Workshop workshop, Output output, Files files) {
        super(workshop, "pieces-table", "The pieces with their allowances");
        model = new PiecesModel(workshop);
        checks = new ChecksCard(workshop, model, this::look);
        edges = new EdgeCard(workshop, model);
        layers = new LayersCard(workshop, model);
        print = new PrintCard(output);
        output.printingProperty().addListener((o, was, now) -> show());
        strip.needleProperty().addListener((o, was, now) -> {
            if (workshop.half().isPresent()) {
                draw();
                walked();
            }
        });
        handle = new PullHandles(table, () -> {
            workshop.letGo();
            workshop.showing().again();
        });
        handle.add(
                HANDLE,
                new PullHandles.Pull(
                        "Allowance of the edge in hand; arrow keys change it",
                        to -> model.pull(drawing.outside(to)),
                        way -> model.pull(model.allowance(model.garment()).millimetres() + drawing.widens(way)),
                        () -> LengthText.say(model.allowance(model.garment()), workshop.unit())));
        table.setOnMouseClicked(e -> {
            if (e.isStillSincePress() && drawing != null) {
                drawing.edgeAt(
                                table.viewProperty().get().toPaper(e.getX(), e.getY()),
                                REACH / table.viewProperty().get().scale())
                        .ifPresent(at -> {
                            turnTo(PiecesCard.EDGE);
                            walk(at);
                            model.choose(at);
                        });
            }
        });
        halves = new HalfSwitch(workshop);
        joiningSwitch = new LookSwitch<>("joining-", List.of(Joining.values()), joining, Joining::label, this::join);
        layerMenu.setId("layer");
        layerMenu.setMinWidth(Region.USE_PREF_SIZE);
        layerMenu.setAccessibleText("Which layer lies on the table");
        Button hand = new Button("By hand");
        hand.setId("by-hand");
        hand.setMinWidth(Region.USE_PREF_SIZE);
        hand.setTooltip(new Tooltip("Every piece as figures to draw it from, at the table"));
        hand.setOnAction(e -> byHand(files));
        HBox slips = new HBox(10, halves, layerMenu, joiningSwitch, hand, new ZoomSlip(table));
        slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(slips, new Insets(0, 10, 10, 0));
        cards = new LookSwitch<>("card-", List.of(PiecesCard.values()), shown, PiecesCard::label, this::turnTo);
        cards.getStyleClass().add("card-tabs");
        Scroll below = Scroll.filling(card);
        VBox.setVgrow(below, Priority.ALWAYS);
        setRight(new VBox(cards, below));
        arrange(foot(), List.of(slips));
    }

    /** The pieces as figures, in the place of the table until one comes back. */
    private void byHand(Files files) {
        if (workshop.half().isEmpty()) {
            return;
        }
        if (apart.isEmpty()) {
            apart = Optional.of(new Apart(getCenter(), getRight()));
        }
        HandView page = byHand.orElseGet(() -> new HandView(workshop, files, this::backFromHand));
        byHand = Optional.of(page);
        setRight(null);
        setCenter(page);
        page.requestFocus();
    }

    private void backFromHand() {
        apart.ifPresent(was -> {
            setCenter(was.table());
            setRight(was.card());
        });
        show();
    }

    /** The seam in which an edge is sewn is laid on the strip. */
    private void walk(EdgeAt at) {
        SeamJoin.Ref ref = new SeamJoin.Ref(at.piece(), at.edge());
        for (int i = 0; i < seams().size(); i++) {
            if (seams().get(i).a().equals(ref) || seams().get(i).b().equals(ref)) {
                seam = i;
            }
        }
    }

    private VBox foot() {
        Label head = new Label("Truing");
        head.getStyleClass().add("section-head");
        head.setMinWidth(Region.USE_PREF_SIZE);
        next.getStyleClass().add("deed");
        next.setId("next-seam");
        next.setMinWidth(Region.USE_PREF_SIZE);
        next.setOnAction(e -> {
            seam = (seam + 1) % seams().size();
            show();
        });
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        walked.setMinWidth(0);
        walked.setWrapText(true);
        walked.setId("walked");
        HBox title = new HBox(10, head, walked, space, next);
        title.setAlignment(Pos.BASELINE_LEFT);
        Label under = new Label();
        under.getStyleClass().add("status-line");
        under.setWrapText(true);
        under.textProperty()
                .bind(table.underProperty()
                        .map(u -> u.isEmpty()
                                ? "Click an edge to change its allowance; drag the needle to walk the seam."
                                : u));
        TextSize.minHeight(under, 20);
        Button foreign = new Button("A pattern from elsewhere");
        foreign.getStyleClass().add("deed");
        foreign.setId("foreign");
        foreign.setMinWidth(Region.USE_PREF_SIZE);
        foreign.setOnAction(e -> workshop.whereabouts().open(Over.FOREIGN));
        Region apart = new Region();
        HBox.setHgrow(apart, Priority.ALWAYS);
        VBox foot = new VBox(2, title, strip, new HBox(10, under, apart, foreign));
        foot.getStyleClass().add("strip");
        return foot;
    }

    private void join(Joining way) {
        joining = way;
        show();
        table.fit();
    }

    private void turnTo(PiecesCard card) {
        if (shown != card) {
            shown = card;
            cards.choose(card);
            show();
        }
    }

    private List<SeamJoin> seams() {
        return model.pattern().seams().isEmpty()
                ? workshop.half().orElseThrow().pattern().seams()
                : model.pattern().seams();
    }

    /** What is walked: the layer's own edges, or the draft's where a layer is not sewn by itself. */
    private Pattern walkedPattern() {
        return model.pattern().seams().isEmpty() ? workshop.half().orElseThrow().pattern() : model.pattern();
    }

    @Override
    protected void showNothing() {
        handle.place(Map.of());
        strip.clear();
        next.setVisible(false);
        teach(
                "No pieces yet",
                "Pieces are cut from a finished draft. Take the measurements first; then the panels come apart here, with notches, grain and allowances.");
    }

    private void draw() {
        Pattern pattern = model.pattern();
        Joining way = isApart() ? Joining.APART : joining;
        List<SewingOrder.Step> steps =
                shown == PiecesCard.ORDER && way == Joining.APART ? SewingOrder.of(pattern) : List.of();
        Optional<SeamJoin> walking = pattern.seams().isEmpty() ? Optional.empty() : Optional.of(seams().get(seam));
        drawing = new PiecesDrawing(
                workshop.half().orElseThrow(),
                new Look(
                        pattern,
                        workshop.unit(),
                        walking,
                        strip.needleProperty().get(),
                        finding,
                        way,
                        shown == PiecesCard.EDGE ? model.chosen() : Optional.empty(),
                        steps,
                        workshop.isInHand(InHand.of("allowance")) && drawing != null
                                ? Optional.of(drawing.places())
                                : Optional.empty()));
        lay(drawing);
        handle.place(drawing.handle().map(at -> Map.of(HANDLE, at)).orElse(Map.<String, Point>of()));
    }

    @Override
    protected void showDraft() {
        halves.refresh();
        if (looked.isEmpty() || looked.get() != model.pattern()) {
            // A place on former pieces says nothing about these.
            finding = Optional.empty();
            looked = Optional.of(model.pattern());
        }
        seam = Math.min(seam, seams().size() - 1);
        joiningSwitch.setDisable(isApart());
        layerMenu();
        draw();
        strip.show(walkedPattern(), seams().get(seam), workshop.unit());
        walked();
        next.setVisible(true);
        next.setText(
                "next seam: " + seams().get((seam + 1) % seams().size()).name().toLowerCase(Locale.ROOT));
        card(workshop.half().orElseThrow());
    }

    private void layerMenu() {
        layerMenu.setText(model.layer().map(LayerKind::label).orElse(model.isBlock() ? BLOCK : "As drafted"));
        layerMenu.getItems().clear();
        layerMenu.getItems().add(item("layer-draft", "As drafted", () -> model.look(Optional.empty())));
        if (model.hasBlock()) {
            layerMenu.getItems().add(item("layer-block", BLOCK, model::lookAtBlock));
        }
        for (Layer layer : model.layers()) {
            if (!layer.pieces().isEmpty()) {
                layerMenu
                        .getItems()
                        .add(item(
                                "layer-" + layer.kind().id(),
                                layer.kind().label(),
                                () -> model.look(Optional.of(layer.kind()))));
            }
        }
    }

    /** What is not the draft's own pieces lies apart. */
    private boolean isApart() {
        return model.layer().isPresent() || model.isBlock();
    }

    private MenuItem item(String id, String label, Runnable look) {
        MenuItem item = new MenuItem(label);
        item.setId(id);
        item.setOnAction(e -> {
            look.run();
            table.fit();
        });
        return item;
    }

    private void card(Draft draft) {
        switch (shown) {
            case CHECKS -> checks.show(card, draft, finding);
            case EDGE -> edges.show(card);
            case LAYERS -> layers.show(card);
            case ORDER -> order.show(card, model.pattern());
            case PRINT -> print.show(card);
        }
    }

    private void walked() {
        SeamJoin walking = seams().get(seam);
        SeamPair pair = SeamPair.of(walkedPattern(), walking);
        double at = strip.needleProperty().get();
        walked.setText(walking.name().toLowerCase(Locale.ROOT) + ": both edges "
                + LengthText.say(Length.mm(pair.totalA()), workshop.unit()) + "; up to "
                + LengthText.say(Length.mm(Tolerance.SEAM), LengthUnit.MM) + " apart is allowed"
                + (at > 0 ? "; needle at " + LengthText.say(Length.mm(at), workshop.unit()) : ""));
    }

    private void look(Finding which) {
        finding = Optional.of(which);
        show();
    }
}
