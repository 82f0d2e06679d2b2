package bathyra.app.weeks;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.stage.Files;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.workload.Hours;
import bathyra.workload.WorkLoad;
import java.io.IOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.slf4j.LoggerFactory;

/** Workshop weeks: every open commission on a tape of weeks, the hours needed against those at hand, and what would help. */
public final class WeeksView extends BorderPane {
    static final double NAMES = 212;
    /** Room that a scroll bar may take. */
    static final double SCROLL = 16;

    private static final double HOURS = 236;
    private static final double FOOT = 26;
    /** In less there is no room for a word beside the hours. */
    private static final double WORDS = 62;

    private final Files files;
    private final WeeksModel model;
    private final Span span;
    private final ListView<WeekRow> list = new ListView<>();
    private final Label found = new Label();
    private final HBox hours = new HBox();
    private final WeeksTape tape;
    private final Basins basins;
    private final Pane feet = new Pane();
    private final MakersPane makers;
    private final WeekCard card;
    private final Set<JobCell> cells = new HashSet<>();
    private final List<Button> weeks = new ArrayList<>();
    private List<String> listed = List.of();

    /** @param card on which the reckoning is written @param open shows the commission in hand at its making */
    public WeeksView(Workshop workshop, Files files, Card card, Runnable open) {
        this(workshop, files, card, open, Clock.systemDefaultZone());
    }

    /** @param time by which today is today */
    public WeeksView(Workshop workshop, Files files, Card card, Runnable open, Clock time) {
        this.files = files;
        model = new WeeksModel(workshop, time, this::show);
        span = new Span(model.load().first(0));
        tape = new WeeksTape(model, span, hours.heightProperty());
        basins = new Basins(model, span);
        makers = new MakersPane(model);
        this.card = new WeekCard(
                model,
                card,
                id -> {
                    model.open(id);
                    open.run();
                },
                this::put);
        list.setId("weeks");
        list.setAccessibleText("Commissions by their due days");
        list.setCellFactory(l -> {
            JobCell cell = new JobCell(model, span);
            cells.add(cell);
            return cell;
        });
        list.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (now != null) {
                model.choose(now.first().id());
            }
        });
        list.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                this.card.open();
            }
        });
        list.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getTarget() instanceof Button) {
                return;
            }
            WeekRow row = list.getSelectionModel().getSelectedItem();
            boolean opens = PlaceKey.DESIGN.isPressed(e);
            if (PlaceKey.IN_HAND.isPressed(e)) {
                this.card.open();
                e.consume();
            } else if (opens && row != null && row.isMany()) {
                model.open(row, !PlaceKey.isBack(e));
                e.consume();
            }
        });
        addEventFilter(ScrollEvent.SCROLL, this::scroll);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        found.getStyleClass().add("quiet");
        found.setId("weeks-found");
        TextSize.minWidth(found, NAMES);
        Label title = new Label("Hours");
        title.getStyleClass().add("section-head");
        title.setMinWidth(Region.USE_PREF_SIZE);
        Label about = new Label("needed against at hand");
        about.getStyleClass().add("quiet");
        about.setWrapText(true);
        HBox head = new HBox(8, title, about);
        head.setAlignment(Pos.BASELINE_LEFT);
        Label legend = new Label(
                "T toile, 1 and 2 fittings; stitched is what has passed. Ctrl and wheel: more weeks or fewer.");
        legend.getStyleClass().add("quiet");
        legend.setWrapText(true);
        VBox people = new VBox(6, head, makers, legend);
        TextSize.width(people, NAMES);
        people.getStyleClass().add("weeks-people");
        TextSize.minHeight(feet, FOOT);
        VBox.setVgrow(basins, Priority.ALWAYS);
        VBox water = new VBox(basins, feet);
        water.setMinWidth(0);
        HBox.setHgrow(water, Priority.ALWAYS);
        hours.getChildren().setAll(people, water);
        TextSize.height(hours, HOURS);
        hours.getStyleClass().add("weeks-hours");
        VBox.setVgrow(list, Priority.ALWAYS);
        Region above = new Region();
        above.setMinHeight(WeeksTape.HEAD);
        above.setMouseTransparent(true);
        VBox front = new VBox(above, list, hours);
        front.setPickOnBounds(false);
        // The bands of the weeks run behind all rows and the hours.
        Region left = new Region();
        TextSize.minWidth(left, NAMES);
        HBox.setHgrow(tape, Priority.ALWAYS);
        HBox behind = new HBox(left, tape);
        StackPane.setAlignment(found, Pos.TOP_LEFT);
        StackPane all = new StackPane(behind, front, found);
        found.setTranslateY(22);
        setCenter(all);
        getStyleClass().add("weeks");
        feet.widthProperty().addListener(o -> feet());
        show();
    }

    /** More may be known of what there is to do: the book is read anew where that was missing, and nothing is held. */
    public void counted() {
        if (!model.uncounted().isEmpty() && model.held().isEmpty()) {
            model.read();
            show();
        }
    }

    /** Puts something of all open commissions out. */
    private void put(WeekCard.Paper paper) {
        boolean calendar = paper == WeekCard.Paper.CALENDAR;
        files.where(
                        getScene().getWindow(),
                        calendar ? "The days of all" : "Hanger labels",
                        calendar ? "workshop.ics" : "hanger-labels.pdf")
                .ifPresent(path -> {
                    try {
                        java.nio.file.Files.write(path, calendar ? model.calendar() : model.labels());
                        card.say("Written to " + path.getFileName() + ".");
                    } catch (IOException e) {
                        LoggerFactory.getLogger(WeeksView.class).warn("putting out the weeks", e);
                        card.say("It could not be written. Choose a place that you may write to.");
                    }
                });
    }

    private void scroll(ScrollEvent e) {
        if (e.isShortcutDown()) {
            span.zoom(e.getDeltaY() > 0 ? -1 : 1);
            show();
            e.consume();
        } else if (e.isShiftDown()) {
            span.move(e.getDeltaX() + e.getDeltaY() > 0 ? -1 : 1);
            show();
            e.consume();
        }
    }

    private void key(KeyEvent e) {
        if (PlaceKey.WEEKS.isPressed(e)) {
            span.move(PlaceKey.isBack(e) ? -1 : 1);
            show();
            e.consume();
        }
    }

    private void show() {
        if (model.held().isPresent()) {
            dragging(model.held().getAsLong());
            return;
        }
        List<WeekRow> rows = model.rows();
        List<String> keys = rows.stream().map(WeekRow::key).toList();
        if (!keys.equals(listed)) {
            listed = keys;
            int at = list.getSelectionModel().getSelectedIndex();
            list.getItems().setAll(rows);
            // The same row stays chosen when a design is opened under it.
            if (at >= 0 && at < rows.size()) {
                list.getSelectionModel().select(at);
            }
        }
        int open = model.jobs().size() + model.uncounted().size();
        found.setText(open + " open"
                + (model.uncounted().isEmpty() ? "" : ", " + model.uncounted().size() + " still to be counted"));
        cells.forEach(JobCell::place);
        tape.show();
        basins.show();
        feet();
        makers.show();
        card.show();
    }

    /** While a day is held only its own line and the hours move; whether all days can be held is counted when it is let go. */
    private void dragging(long id) {
        cells.stream()
                .filter(c -> c.getItem() != null
                        && !c.getItem().isMany()
                        && c.getItem().first().id() == id)
                .forEach(JobCell::place);
        basins.show();
        feet();
    }

    /** What is free or over, in fewer words where there is little room. */
    private static String foot(WorkLoad load, int week, double width) {
        boolean over = load.over(week) > 0;
        String hours = Hours.said(over ? load.over(week) : load.atHand(week) - load.needed(week));
        return width < TextSize.px(WORDS) ? (over ? "+" : "") + hours : hours + (over ? " over" : " free");
    }

    /** Under each basin what is free or over; it chooses the week. */
    private void feet() {
        WorkLoad load = model.load();
        double width = (feet.getWidth() - SCROLL) / span.weeks();
        while (weeks.size() < span.weeks()) {
            Button week = new Button();
            week.getStyleClass().setAll("week-foot");
            week.setManaged(false);
            weeks.add(week);
            feet.getChildren().add(week);
        }
        for (int i = 0; i < weeks.size(); i++) {
            Button foot = weeks.get(i);
            boolean shown = i < span.weeks() && load.week(span.week(Math.min(i, span.weeks()))) >= 0;
            foot.setVisible(shown);
            if (shown) {
                int week = load.week(span.week(i));
                boolean over = load.over(week) > 0;
                foot.setId("week-" + load.first(week));
                foot.setText(foot(load, week, width));
                foot.setAccessibleText("Week of " + load.first(week) + ": " + Hours.said(load.needed(week))
                        + " needed, " + Hours.said(load.atHand(week)) + " at hand");
                foot.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("over"), over);
                foot.setOnAction(e -> model.chooseWeek(week));
                foot.resizeRelocate(i * width, 1, width, FOOT - 2);
            }
        }
    }
}
