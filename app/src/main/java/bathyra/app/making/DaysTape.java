package bathyra.app.making;

import static bathyra.app.table.TextSize.px;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.stage.Days;
import bathyra.app.stage.WeekStart;
import bathyra.app.table.TextSize;
import bathyra.plan.DateKind;
import bathyra.workplan.Dates;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The days of a commission as pins on a dated tape. A pin is dragged, or moved by the arrow keys; Delete gives its day back to the rule. */
final class DaysTape extends VBox {
    private static final PseudoClass FIXED = PseudoClass.getPseudoClass("fixed");
    private static final PseudoClass PAST = PseudoClass.getPseudoClass("past");
    private static final List<DateKind> SHOWN = List.of(
            DateKind.MEASURED,
            DateKind.TOILE,
            DateKind.FIRST_FITTING,
            DateKind.CUT,
            DateKind.SECOND_FITTING,
            DateKind.FINISHED);

    private static final double HEIGHT = 92;
    private static final double TAPE_AT = 50;
    private static final double TAPE = 26;
    private static final double ENDS = 34;
    private static final double PIN = 9;
    /** Between two names in one row. */
    private static final double NAMES_APART = 6;

    private final MakingModel model;
    private final Label what = new Label();
    /** What lies on the tape, and under the pins; a pin stays where it is while it is dragged. */
    private final Pane marks = new Pane();

    private final Pane tape = new Pane(marks);
    private final Map<String, Button> pins = new LinkedHashMap<>();
    private final Map<String, Label> names = new LinkedHashMap<>();
    private Optional<Dates> dates = Optional.empty();
    private LocalDate first = LocalDate.EPOCH;
    private long span = 1;
    private boolean held;

    DaysTape(MakingModel model) {
        this.model = model;
        Label head = new Label("The days");
        head.getStyleClass().add("section-head");
        what.getStyleClass().add("quiet");
        HBox title = new HBox(10, head, what);
        title.setAlignment(Pos.BASELINE_LEFT);
        for (DateKind kind : SHOWN) {
            pin(kind.id(), kind.label());
        }
        pin("due", "Due");
        TextSize.minHeight(tape, HEIGHT);
        marks.setManaged(false);
        tape.widthProperty().addListener(o -> place());
        getStyleClass().addAll("strip", "making-days");
        getChildren().addAll(title, tape);
    }

    private void pin(String id, String label) {
        Button pin = new Button();
        pin.setId("pin-" + id);
        pin.getStyleClass().setAll("day-pin");
        pin.setManaged(false);
        pin.setOnMousePressed(e -> held = true);
        pin.setOnMouseDragged(e -> move(
                id,
                Optional.of(
                        dayAt(tape.sceneToLocal(e.getSceneX(), e.getSceneY()).getX()))));
        pin.setOnMouseReleased(e -> {
            held = false;
            refresh();
        });
        pin.addEventHandler(KeyEvent.KEY_PRESSED, e -> key(id, e));
        Label name = new Label(label);
        name.getStyleClass().add("day-name");
        name.setManaged(false);
        pins.put(id, pin);
        names.put(id, name);
        tape.getChildren().addAll(pin, name);
    }

    private void key(String id, KeyEvent e) {
        if (PlaceKey.DAY.isPressed(e)) {
            move(id, Optional.of(day(id).plusDays(PlaceKey.isBack(e) ? -1 : 1)));
            e.consume();
        } else if (PlaceKey.BY_RULE.isPressed(e) && !id.equals("due")) {
            move(id, Optional.empty());
            e.consume();
        }
    }

    private void move(String id, Optional<LocalDate> day) {
        if (dates.isEmpty()) {
            return;
        }
        if (id.equals("due")) {
            model.due(day);
        } else {
            model.day(DateKind.ofId(id).orElseThrow(), day);
        }
    }

    private LocalDate day(String id) {
        Dates all = dates.orElseThrow();
        return id.equals("due") ? all.due() : all.day(DateKind.ofId(id).orElseThrow());
    }

    void refresh() {
        dates = model.dates();
        what.setText(
                dates.isEmpty()
                        ? "give it a due day, and the others are planned back from it"
                        : "planned back from the due day; drag a pin, or move it with the arrow keys");
        dates.ifPresent(d -> {
            if (!held) {
                first = SHOWN.stream()
                        .map(d::day)
                        .min(LocalDate::compareTo)
                        .filter(day -> day.isBefore(d.due()))
                        .orElse(d.due())
                        .minusDays(2);
                LocalDate last = SHOWN.stream()
                        .map(d::day)
                        .max(LocalDate::compareTo)
                        .filter(day -> day.isAfter(d.due()))
                        .orElse(d.due());
                span = Math.max(1, ChronoUnit.DAYS.between(first, last) + 2);
            }
        });
        place();
    }

    private double x(LocalDate day) {
        return ENDS + ChronoUnit.DAYS.between(first, day) * (tape.getWidth() - 2 * ENDS) / span;
    }

    private LocalDate dayAt(double x) {
        return first.plusDays(Math.round((x - ENDS) * span / Math.max(1, tape.getWidth() - 2 * ENDS)));
    }

    private void place() {
        Region cloth = new Region();
        cloth.getStyleClass().add("dated-tape");
        cloth.setManaged(false);
        cloth.resizeRelocate(0, px(TAPE_AT), tape.getWidth(), px(TAPE));
        marks.getChildren().setAll(cloth);
        boolean known = dates.isPresent() && tape.getWidth() > 0;
        pins.values().forEach(p -> p.setVisible(known));
        names.values().forEach(n -> n.setVisible(known));
        if (!known) {
            return;
        }
        weeks();
        if (!model.today().isBefore(first) && !model.today().isAfter(first.plusDays(span))) {
            put(new Label("today"), "day-today", x(model.today()), px(TAPE_AT) + px(TAPE) + 1);
        }
        double[] taken = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        pins.forEach((id, pin) -> pinAt(id, pin, x(day(id)), taken));
    }

    /** @param taken how far to the right the lower and the upper row of names are taken; the name goes where it has room */
    private void pinAt(String id, Button pin, double x, double[] taken) {
        LocalDate day = day(id);
        Label name = names.get(id);
        name.setText((id.equals("due") ? "Due" : DateKind.ofId(id).orElseThrow().label()) + " " + Days.say(day));
        pin.pseudoClassStateChanged(PAST, !day.isAfter(model.today()));
        pin.pseudoClassStateChanged(
                FIXED,
                DateKind.ofId(id)
                        .filter(k -> model.plan().fixed().containsKey(k))
                        .isPresent());
        pin.setAccessibleText(name.getText() + "; arrow keys move it");
        pin.resizeRelocate(x - PIN, px(TAPE_AT) - PIN, 2 * PIN, 2 * PIN);
        name.applyCss();
        name.autosize();
        double left = Math.max(0, Math.min(tape.getWidth() - name.getWidth(), x - name.getWidth() / 2));
        int row = left >= taken[0] || taken[1] > taken[0] ? 0 : 1;
        taken[row] = left + name.getWidth() + NAMES_APART;
        name.relocate(left, row == 1 ? 0 : px(20));
    }

    private void weeks() {
        LocalDate week = first.with(TemporalAdjusters.nextOrSame(WeekStart.now().day()));
        for (LocalDate day = week; day.isBefore(first.plusDays(span)); day = day.plusDays(7)) {
            Region tick = new Region();
            tick.getStyleClass().add("week-tick");
            tick.setManaged(false);
            tick.resizeRelocate(x(day), px(TAPE_AT) + px(TAPE) - 11, 1, 11);
            marks.getChildren().add(tick);
            put(new Label(Days.say(day)), "week-name", x(day) + px(26), px(TAPE_AT) + px(TAPE) - px(17));
        }
    }

    private void put(Label label, String style, double middle, double y) {
        label.getStyleClass().add(style);
        label.setMouseTransparent(true);
        label.setManaged(false);
        marks.getChildren().add(label);
        label.applyCss();
        label.autosize();
        label.relocate(middle - label.getWidth() / 2, y);
    }
}
