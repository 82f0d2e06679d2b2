package bathyra.app.weeks;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.stage.Days;
import bathyra.app.table.TextSize;
import bathyra.plan.DateKind;
import bathyra.plan.Progress;
import bathyra.workload.Hours;
import bathyra.workload.Job;
import bathyra.workload.Late;
import bathyra.workplan.Dates;
import bathyra.workplan.StepKind;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** One commission on the tape of weeks: a length of tape from measuring to its due day, stitched as far as today, with its toile and fittings as pins. */
final class JobCell extends ListCell<WeekRow> {
    private static final PseudoClass PAST = PseudoClass.getPseudoClass("past");
    private static final PseudoClass LATE = PseudoClass.getPseudoClass("late");
    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");
    private static final PseudoClass UNDATED = PseudoClass.getPseudoClass("undated");
    private static final double HEIGHT = 50;
    private static final double TAPE_AT = 19;
    private static final double TAPE = 15;
    private static final double PIN = 8;
    private static final double END = 7;

    private final WeeksModel model;
    private final Span span;
    private final Label wearer = new Label();
    private final Label title = new Label();
    private final VBox names = new VBox(wearer, title);
    private final Pane line = new Pane();
    private final HBox row = new HBox(names, line);
    private final Region tape = part("job-tape");
    private final Region sewn = part("job-sewn");
    private final Region late = part("job-late");
    private final Label words = new Label();
    private final Tooltip whole = new Tooltip();
    private final Button end = pin("", Optional.empty());
    private final List<Button> pins = List.of(
            pin("T", Optional.of(DateKind.TOILE)),
            pin("1", Optional.of(DateKind.FIRST_FITTING)),
            pin("2", Optional.of(DateKind.SECOND_FITTING)));
    private static final List<StepKind> PINNED =
            List.of(StepKind.TOILE, StepKind.FIRST_FITTING, StepKind.SECOND_FITTING);

    JobCell(WeeksModel model, Span span) {
        this.model = model;
        this.span = span;
        wearer.getStyleClass().add("shelf-wearer");
        title.getStyleClass().add("quiet");
        names.getStyleClass().add("job-names");
        TextSize.width(names, WeeksView.NAMES);
        line.setMinWidth(0);
        line.setMinHeight(HEIGHT);
        line.setPrefHeight(HEIGHT);
        line.widthProperty().addListener(o -> place());
        Rectangle seen = new Rectangle();
        seen.widthProperty().bind(line.widthProperty());
        seen.setHeight(HEIGHT);
        line.setClip(seen);
        words.getStyleClass().add("job-words");
        words.setManaged(false);
        end.getStyleClass().setAll("job-end");
        line.getChildren().addAll(tape, late, sewn, words, end);
        line.getChildren().addAll(pins);
        setText(null);
        setTooltip(whole);
        setPrefWidth(0);
        // As wide as the weeks above and below it, whether the list has a scroll bar or not.
        listViewProperty().addListener((o, was, now) -> {
            if (now != null) {
                line.prefWidthProperty()
                        .bind(now.widthProperty()
                                .subtract(names.minWidthProperty())
                                .subtract(WeeksView.SCROLL));
                line.maxWidthProperty().bind(line.prefWidthProperty());
            }
        });
        getStyleClass().add("job-cell");
    }

    private static Region part(String style) {
        Region part = new Region();
        part.getStyleClass().add(style);
        part.setManaged(false);
        part.setMouseTransparent(true);
        return part;
    }

    private Button pin(String text, Optional<DateKind> kind) {
        Button pin = new Button(text);
        pin.getStyleClass().setAll("job-pin");
        pin.setManaged(false);
        pin.setOnMouseDragged(e -> {
            double x = line.sceneToLocal(e.getSceneX(), e.getSceneY()).getX();
            model.drag(getItem().first().id(), kind, span.day(x, line.getWidth()));
            e.consume();
        });
        pin.setOnMouseReleased(e -> model.drop());
        pin.setOnKeyPressed(e -> {
            if (PlaceKey.DAY.isPressed(e)) {
                LocalDate now = day(kind);
                model.drag(getItem().first().id(), kind, now.plusDays(PlaceKey.isBack(e) ? -1 : 1));
                model.drop();
                e.consume();
            }
        });
        return pin;
    }

    private LocalDate day(Optional<DateKind> kind) {
        Dates dates = model.job(getItem().first().id()).flatMap(Job::dates).orElseThrow();
        return kind.map(dates::day).orElse(dates.due());
    }

    @Override
    protected void updateItem(WeekRow item, boolean empty) {
        super.updateItem(item, empty);
        setGraphic(empty || item == null ? null : row);
        if (item != null && !empty) {
            place();
        }
    }

    /** Shows the commission as it stands in the model. */
    void place() {
        if (getItem() == null || line.getWidth() <= 0) {
            return;
        }
        if (getItem().isMany()) {
            many(getItem());
        } else {
            model.job(getItem().first().id()).ifPresent(this::one);
        }
    }

    /** One design for many, closed: from the first measuring to the last due day. */
    private void many(WeekRow many) {
        wearer.setText(WeekWords.brief(many.first().title()));
        title.setText(many.wearers());
        whole.setText(many.first().title() + "\nRight opens it");
        pseudoClassStateChanged(IN_HAND, many.jobs().stream().anyMatch(j -> model.isInHand(j.id())));
        pins.forEach(p -> p.setVisible(false));
        end.setVisible(false);
        late.setVisible(false);
        words.pseudoClassStateChanged(LATE, false);
        words.setText(Hours.said(many.left()) + " left");
        setAccessibleText(wearer.getText() + ", " + title.getText() + ", " + words.getText() + "; Right opens it");
        double width = line.getWidth();
        boolean dated = many.until().isPresent();
        double now = span.x(model.today(), width);
        double from = many.from().map(d -> span.x(d, width)).orElse(Math.max(0, now));
        double until = many.until().map(d -> span.x(d, width)).orElse(width - 4);
        lay(tape, from, until - from);
        sewn.setVisible(dated);
        sewn.resizeRelocate(from, TAPE_AT + TAPE / 2 - 1.5, Math.max(0, Math.min(now, until) - from), 3);
        words(dated ? Math.max(until, 0) + 12 : from + 8, dated ? TAPE_AT - 2 : TAPE_AT + TAPE + 1);
        tape.pseudoClassStateChanged(UNDATED, !dated);
    }

    private void one(Job job) {
        wearer.setText(job.wearer());
        title.setText(job.title());
        whole.setText(job.wearer() + "\n" + job.title());
        pseudoClassStateChanged(IN_HAND, model.isInHand(job.id()));
        boolean dated = job.dates().isPresent();
        pins.forEach(p -> p.setVisible(dated));
        end.setVisible(dated);
        sewn.setVisible(dated);
        String said = said(job);
        words.setText(said);
        setAccessibleText(job.wearer() + ", " + job.title() + ", " + said);
        if (dated) {
            dated(job, job.dates().get());
        } else {
            double x = Math.max(0, span.x(model.today(), line.getWidth()));
            lay(tape, x, line.getWidth() - x - 4);
            late.setVisible(false);
            words(x + 8, TAPE_AT + TAPE + 1);
        }
        tape.pseudoClassStateChanged(UNDATED, !dated);
    }

    private void dated(Job job, Dates dates) {
        double width = line.getWidth();
        LocalDate today = model.today();
        double from = span.x(dates.day(DateKind.MEASURED), width);
        double due = span.x(dates.due(), width);
        double now = span.x(today, width);
        lay(tape, Math.min(from, due), Math.abs(due - from));
        sewn.resizeRelocate(from, TAPE_AT + TAPE / 2 - 1.5, Math.max(0, Math.min(now, due) - from), 3);
        boolean over = dates.due().isBefore(today);
        late.setVisible(over);
        lay(late, due, Math.max(0, now - due));
        end.resizeRelocate(due - END / 2, TAPE_AT - 3, END, TAPE + 6);
        end.setAccessibleText("Due " + Days.say(dates.due()) + "; arrow keys move it");
        words(Math.max(over ? now : due, 0) + 12, TAPE_AT - 2);
        for (int i = 0; i < pins.size(); i++) {
            DateKind kind = List.of(DateKind.TOILE, DateKind.FIRST_FITTING, DateKind.SECOND_FITTING)
                    .get(i);
            LocalDate day = dates.day(kind);
            Button pin = pins.get(i);
            pin.setVisible(job.work().step(PINNED.get(i)).isPresent());
            pin.setId("pin-" + job.id() + "-" + kind.id());
            pin.pseudoClassStateChanged(PAST, isDone(job, PINNED.get(i)) || day.isBefore(today));
            pin.setAccessibleText(kind.label() + " " + Days.say(day) + "; arrow keys move it");
            pin.resizeRelocate(span.x(day, width) - PIN, TAPE_AT - 2 * PIN + 1, 2 * PIN, 2 * PIN);
        }
    }

    private static boolean isDone(Job job, StepKind step) {
        return job.work().step(step).map(s -> s.progress()).map(Progress::done).orElse(false);
    }

    private void lay(Region part, double x, double width) {
        part.resizeRelocate(x, TAPE_AT, Math.max(0, width), TAPE);
    }

    /** Beside the tape; under its end where there is no room beside it. */
    private void words(double x, double y) {
        words.applyCss();
        words.autosize();
        double last = line.getWidth() - words.getWidth() - 4;
        words.relocate(Math.min(x, last), x > last ? TAPE_AT + TAPE + 1 : y);
    }

    private String said(Job job) {
        String left = Hours.said(job.left()) + " left";
        boolean late = false;
        String said = left;
        if (job.dates().isEmpty()) {
            said = Hours.said(job.left()) + ", no due day yet";
        } else if (job.dates().get().due().isBefore(model.today())) {
            long days = ChronoUnit.DAYS.between(job.dates().get().due(), model.today());
            said = days + (days == 1 ? " day late, " : " days late, ") + left;
            late = true;
        } else {
            List<Late> notHeld =
                    model.held().isPresent() ? List.of() : model.load().late(job.id());
            if (!notHeld.isEmpty()) {
                said = left + ", "
                        + Hours.said(notHeld.stream().mapToDouble(Late::minutes).sum()) + " of it too late";
                late = true;
            }
        }
        words.pseudoClassStateChanged(LATE, late);
        return said;
    }
}
