package bathyra.app.bones;

import bathyra.app.stage.HalfSwitch;
import bathyra.app.stage.Scroll;
import bathyra.app.stage.TableStage;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.PullHandles;
import bathyra.app.table.TextSize;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.Workshop;
import bathyra.bone.Channel;
import bathyra.bone.Support;
import bathyra.finding.Finding;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Bones stage: the boning map, what each bone carries, the hardware and what is bought. */
public final class BonesView extends TableStage {
    private static final double REACH = 8;
    private static final String MIDDLE = "bone-middle";
    private static final String TOP = "bone-top";
    private static final String FOOT = "bone-foot";
    private static final double STEP = 0.01;

    /** What the card is turned to. */
    private enum Side {
        BONES("Bones"),
        HARDWARE("Hardware"),
        BUY("To buy");

        private final String label;

        Side(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    private final BonesModel model;
    private final BonesCards cards;
    private final HalfSwitch halves;
    private final SupportChart chart = new SupportChart();
    private final MenuButton level = new MenuButton();
    private final Label carried = new Label();
    private final PullHandles handles;
    private final LookSwitch<Side> sides;
    private Side side = Side.BONES;
    private Optional<Finding> finding = Optional.empty();
    private BonesDrawing drawing;

    public BonesView(Workshop workshop) {
        super(workshop, "bones-table", "The panels with their bone channels");
        model = new BonesModel(workshop);
        cards = new BonesCards(workshop, model, this::look);
        handles = new PullHandles(table, () -> {
            workshop.letGo();
            workshop.showing().again();
        });
        handles.add(
                MIDDLE,
                new PullHandles.Pull(
                        "Channel across its panel; arrow keys move it",
                        this::drag,
                        way -> model.moveTo(model.share() + STEP * way.dx()),
                        () -> Math.round(model.share() * 100) + " % across the panel"));
        handles.add(TOP, end(true));
        handles.add(FOOT, end(false));
        table.setOnMouseClicked(e -> {
            if (e.isStillSincePress() && drawing != null) {
                drawing.channelAt(
                                table.viewProperty().get().toPaper(e.getX(), e.getY()),
                                REACH / table.viewProperty().get().scale())
                        .ifPresent(id -> {
                            turnTo(Side.BONES);
                            model.choose(id);
                        });
            }
        });
        level.setId("bone-level");
        level.setMinWidth(Region.USE_PREF_SIZE);
        level.setAccessibleText("At which level the support is looked at");
        halves = new HalfSwitch(workshop);
        HBox slips = new HBox(10, halves, new ZoomSlip(table));
        slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(slips, new Insets(0, 10, 10, 0));
        sides = new LookSwitch<>("bones-card-", List.of(Side.values()), side, Side::label, this::turnTo);
        sides.getStyleClass().add("card-tabs");
        Scroll below = Scroll.filling(card);
        VBox.setVgrow(below, Priority.ALWAYS);
        setRight(new VBox(sides, below));
        arrange(foot(), List.of(slips));
    }

    /** A handle at an end of the channel: pulled along it, it ends sooner or later. */
    private PullHandles.Pull end(boolean above) {
        return new PullHandles.Pull(
                (above ? "Upper" : "Lower") + " end of the channel; arrow keys move it",
                to -> model.stop(
                        above,
                        current(above)
                                + (above
                                        ? to.y() - end(above, 0).y()
                                        : end(above, 1).y() - to.y())),
                way -> model.stop(above, current(above) + (above ? way.dy() : -way.dy())),
                () -> "ends " + LengthText.say(Length.mm(current(above)), workshop.unit())
                        + (above ? " below the upper edge" : " above the lower edge"));
    }

    private double current(boolean above) {
        return (above ? model.stop().above() : model.stop().below()).millimetres();
    }

    private Point end(boolean above, double share) {
        return drawing.on(model.chosen().orElseThrow(), above ? 0 : share);
    }

    /** Across the panel, by where the pointer lies between its two edges at that depth. */
    private void drag(Point to) {
        Channel channel = model.chosen().orElseThrow();
        model.moveTo(model.bones().across(model.draft().pattern(), channel, drawing.onPiece(channel, to)));
    }

    private VBox foot() {
        Label head = new Label("Support");
        head.getStyleClass().add("section-head");
        head.setMinWidth(Region.USE_PREF_SIZE);
        level.setMinWidth(Region.USE_PREF_SIZE);
        carried.setWrapText(true);
        carried.setMinHeight(Region.USE_PREF_SIZE);
        carried.setId("carried");
        HBox title = new HBox(10, head, level, carried);
        title.setAlignment(Pos.CENTER_LEFT);
        Label under = new Label();
        under.getStyleClass().add("status-line");
        under.textProperty()
                .bind(table.underProperty()
                        .map(u -> u.isEmpty()
                                ? "Click a channel; one inside a panel can be pulled across it, every one can be ended sooner."
                                : u));
        TextSize.minHeight(under, 20);
        VBox foot = new VBox(2, title, chart, under);
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

    private void look(Finding which) {
        finding = Optional.of(which);
        model.bones().channel(which.subject().split(" ")[0]).ifPresent(c -> model.choose(c.id()));
        show();
    }

    @Override
    protected void showNothing() {
        handles.place(Map.of());
        teach(
                "No bones yet",
                "Bones carry the reduction and keep the cloth upright. They are placed on the finished pieces: take the measurements first.");
    }

    @Override
    protected void showDraft() {
        halves.refresh();
        drawing = new BonesDrawing(
                model.draft(), model.bones(), workshop.unit(), model.chosen().map(Channel::id), model.level(), finding);
        lay(drawing);
        Map<String, Point> places = new LinkedHashMap<>();
        model.chosen().ifPresent(c -> {
            places.put(TOP, drawing.on(c, 0));
            places.put(FOOT, drawing.on(c, 1));
            if (model.isMovable()) {
                places.put(MIDDLE, drawing.on(c, 0.5));
            }
        });
        handles.place(places);
        Support support = model.support();
        level.setText(support.level().label());
        level.getItems()
                .setAll(model.bones().support().stream()
                        .map(s -> {
                            MenuItem item = new MenuItem(s.level().label());
                            item.setId("bone-level-" + s.level().id());
                            item.setOnAction(e -> model.look(s.level()));
                            return item;
                        })
                        .toList());
        carried.setText(
                support.reduction() == 0
                        ? "worn with ease here: nothing to carry"
                        : LengthText.say(Length.mm(support.reduction()), workshop.unit())
                                + " of the half are drawn in at the "
                                + support.level().label().toLowerCase(Locale.ROOT)
                                + "; the bars say in mm what each bone carries");
        chart.show(
                model.bones(),
                support,
                workshop.unit(),
                model.chosen().map(Channel::id).orElse(""));
        switch (side) {
            case BONES -> cards.channel(card, finding);
            case HARDWARE -> cards.hardware(card);
            case BUY -> cards.buy(card);
        }
    }
}
