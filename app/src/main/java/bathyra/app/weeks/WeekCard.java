package bathyra.app.weeks;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.Days;
import bathyra.app.table.TextSize;
import bathyra.house.Maker;
import bathyra.plan.DateKind;
import bathyra.workload.DayList;
import bathyra.workload.Hours;
import bathyra.workload.Job;
import bathyra.workload.Late;
import bathyra.workload.Remedy;
import bathyra.workload.WorkLoad;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is chosen on the weeks: a week with its account, a commission, or today with who comes and what is cut. */
final class WeekCard {
    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);
    private static final PseudoClass BEST = PseudoClass.getPseudoClass("best");
    private static final int REMEDIES = 3;
    private static final int DAYS = 7;
    /** Pixels. */
    private static final double HOURS = 56;

    private final WeeksModel model;
    private final Card card;
    private final LongConsumer making;
    private final Consumer<Paper> paper;
    /** The same nodes each time: one that is pressed must be there when it is let go. */
    private final Button open = new Button("Open its making");

    private static final int SHOWN = 12;
    private static final String OF_WEEK = "of the week";
    private final Button takeBack;
    private List<Remedy> slipped = List.of();
    private List<VBox> slips = List.of();
    private Optional<HandsOf> handsOf = Optional.empty();
    private VBox hands = new VBox();
    private String said = "";
    /** The long lists that were asked for whole. */
    private final Set<String> whole = new HashSet<>();

    /** Whose hours of which week stand in the fields. */
    private record HandsOf(LocalDate week, List<Maker> makers) {}

    /** What of all open commissions can be put out. */
    enum Paper {
        CALENDAR,
        LABELS
    }

    /** @param making takes a commission in hand and shows its making @param paper puts something of all out */
    WeekCard(WeeksModel model, Card card, LongConsumer making, Consumer<Paper> paper) {
        this.paper = paper;
        this.model = model;
        this.card = card;
        takeBack = Deed.button("weeks-take-back", "Take it back", model::takeBack);
        open.setId("open-making");
        open.getStyleClass().add("primary");
        open.setOnAction(e -> open());
        this.making = making;
    }

    /** Says what became of what was put out. */
    void say(String words) {
        said = words;
        show();
    }

    /** Opens the making of the commission that is chosen. */
    void open() {
        model.chosenJob().ifPresent(j -> making.accept(j.id()));
    }

    void show() {
        Optional<Job> job = model.chosenJob();
        Optional<Integer> week = model.chosenWeek();
        if (week.isPresent()) {
            week(week.get());
        } else if (job.isPresent()) {
            job(job.get());
        } else {
            today();
        }
        model.done().ifPresent(title -> {
            card.section("Done");
            card.words(title);
            card.add(takeBack);
        });
        card.end();
    }

    private void week(int week) {
        WorkLoad load = model.load();
        card.begin("The week of " + Days.write(load.first(week)));
        card.words(Hours.said(load.needed(week)) + " needed, " + Hours.said(load.atHand(week)) + " at hand");
        card.section("How it came about");
        card.words("Minutes left in each making plan, laid evenly on the working days before its next day.", "quiet");
        List<Job> jobs = load.jobs().stream()
                .filter(j -> load.needed(j.id(), week) > 0)
                .sorted(Comparator.comparingDouble(j -> -load.needed(j.id(), week)))
                .toList();
        jobs.stream()
                .limit(whole.contains(OF_WEEK) ? jobs.size() : SHOWN)
                .forEach(job -> card.add(row(Hours.said(load.needed(job.id(), week)), job, next(job))));
        more(OF_WEEK, whole.contains(OF_WEEK) ? 0 : jobs.size() - SHOWN);
        boolean over = load.over(week) > 0;
        card.words(
                Hours.said(load.needed(week)) + " of " + Hours.said(load.atHand(week))
                        + (over ? ": " + Hours.said(load.over(week)) + " more than there are" : ""),
                over ? "caution" : "quiet");
        if (over) {
            card.words(
                    "This is the even spread, a warning: whether the days can be held is another question, and stands on each commission.",
                    "quiet");
            remedies();
        }
        card.section("Days off");
        card.add(days(load.first(week)));
        card.section("Hours of this week");
        card.add(hands(load.first(week)));
        card.words("Left empty it is a usual week.", "quiet");
    }

    /** How much each works in this one week; the fields stay while nothing of it changes, so that one can type in them. */
    private VBox hands(LocalDate week) {
        List<Maker> makers = model.house().makers();
        if (!handsOf.equals(Optional.of(new HandsOf(week, makers)))) {
            handsOf = Optional.of(new HandsOf(week, makers));
            Label fault = new Label();
            fault.getStyleClass().add("row-fault");
            fault.managedProperty().bind(fault.textProperty().isNotEmpty());
            fault.visibleProperty().bind(fault.managedProperty());
            hands = new VBox(4);
            makers.forEach(m -> hands.getChildren().add(hand(m, makers.indexOf(m), week, fault)));
            hands.getChildren().add(fault);
        }
        return hands;
    }

    private HBox hand(Maker maker, int index, LocalDate week, Label fault) {
        TypedField hours = new TypedField(
                "week-of-" + index,
                "Hours of " + maker.name() + " in the week of " + Days.write(week),
                text -> model.hours(maker, week, text),
                fault::setText);
        TextSize.width(hours, HOURS);
        hours.setPromptText(Hours.typed(maker.hours()));
        hours.write(maker.worksOtherwiseIn(week) ? Hours.typed(maker.in(week)) : "");
        Label name = new Label(maker.name());
        name.setMinWidth(0);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox row = new HBox(8, name, space, hours, new Label("h"));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private HBox row(String hours, Job job, String next) {
        Label figure = new Label(hours);
        figure.getStyleClass().add("week-hours");
        Button open = Deed.button("week-job-" + job.id(), WeekWords.brief(job.title()), () -> model.choose(job.id()));
        open.setMinWidth(0);
        HBox.setHgrow(open, Priority.ALWAYS);
        open.setMaxWidth(Double.MAX_VALUE);
        open.setAlignment(Pos.CENTER_LEFT);
        Label by = new Label(next);
        by.getStyleClass().add("quiet");
        by.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(8, figure, open, by);
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    private String next(Job job) {
        return job.dates()
                .map(d -> d.next(model.today())
                        .filter(DateKind::isFitting)
                        .map(k -> "fitting " + Days.say(d.day(k)))
                        .orElse("due " + Days.say(d.due())))
                .orElse("");
    }

    private HBox days(LocalDate week) {
        HBox days = new HBox(2);
        for (int i = 0; i < DAYS; i++) {
            LocalDate day = week.plusDays(i);
            ToggleButton worked = new ToggleButton(WEEKDAY.format(day).substring(0, 2) + "\n" + day.getDayOfMonth());
            worked.setId("day-" + day);
            worked.getStyleClass().add("day-toggle");
            worked.setSelected(model.house().calendar().works(day));
            worked.setDisable(model.house().calendar().weekend().contains(day.getDayOfWeek()));
            worked.setAccessibleText(day + (worked.isSelected() ? ", worked" : ", off"));
            worked.setOnAction(e -> model.off(day, !worked.isSelected()));
            days.getChildren().add(worked);
        }
        return days;
    }

    private void job(Job job) {
        card.begin(job.title());
        card.words(job.wearer());
        card.add(open);
        card.section("What is left");
        card.words(Hours.said(job.left()) + " of "
                + Hours.said(job.work().planned()) + "; made by "
                + model.house().maker(job.plan().hands().maker()).name());
        if (job.dates().isEmpty()) {
            card.words("It has no due day, so it lies in no week. Give it one in its making.", "quiet");
            return;
        }
        job.dates().get().said().forEach(s -> card.words(s.in(bathyra.length.LengthUnit.CM), "caution"));
        List<Late> late = model.load().late(job.id());
        if (late.isEmpty()) {
            card.words("Every one of its days can be held, taking always first what is due first.");
        } else {
            Late first = late.get(0);
            card.words(
                    Hours.said(late.stream().mapToDouble(Late::minutes).sum())
                            + " of it cannot be done in time, in whatever order one works: "
                            + first.portion().task().label().toLowerCase(Locale.ROOT) + " would be done on "
                            + Days.say(first.done()) + " instead of "
                            + Days.say(first.portion().until()) + ".",
                    "caution");
            remedies();
        }
    }

    private void remedies() {
        Optional<List<Remedy>> found = model.remediesFound();
        if (found.isPresent() && found.get().isEmpty()) {
            return;
        }
        card.section("What would help");
        if (found.isEmpty()) {
            card.words("Looking for it …", "quiet");
            return;
        }
        if (slipped != found.get()) {
            slipped = found.get();
            slips = slipped.stream()
                    .limit(REMEDIES)
                    .map(r -> slip(r, slipped.indexOf(r)))
                    .toList();
        }
        slips.forEach(card::add);
    }

    private VBox slip(Remedy remedy, int index) {
        Label title = new Label(remedy.title());
        title.getStyleClass().add("slip-title");
        title.setWrapText(true);
        Label cost = new Label(remedy.cost());
        cost.getStyleClass().add("quiet");
        cost.setWrapText(true);
        Label figures = new Label(Hours.said(remedy.before()) + " → " + Hours.said(remedy.after()));
        figures.getStyleClass().add("slip-figures");
        Button act = new Button("Do it");
        act.setId("remedy-" + index);
        act.setAccessibleText("Do it: " + remedy.title());
        act.setOnAction(e -> model.apply(remedy));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox foot = new HBox(8, figures, space, act);
        foot.setAlignment(Pos.CENTER_LEFT);
        VBox slip = new VBox(2, title, cost, foot);
        slip.getStyleClass().add("deed-slip");
        slip.pseudoClassStateChanged(BEST, index == 0);
        return slip;
    }

    private void today() {
        WorkLoad load = model.load();
        card.begin("Today, " + Days.write(model.today()));
        if (load.jobs().isEmpty() && model.uncounted().isEmpty()) {
            card.words("Give a commission its due day and it lies here.");
            return;
        }
        DayList list = DayList.of(load, model.today(), model::isWanting);
        said("Who comes", list.comes());
        said("What is to be done today", list.due());
        said("What is cut", list.cut());
        said("To be ordered today", list.ordered());
        if (list.isEmpty()) {
            card.words("Nobody comes and nothing is due today.", "quiet");
        }
        card.section("Put out");
        card.add(new HBox(
                12,
                Deed.button("weeks-calendar", "All days, calendar", () -> paper.accept(Paper.CALENDAR)),
                Deed.button("weeks-labels", "Hanger labels", () -> paper.accept(Paper.LABELS))));
        if (!said.isEmpty()) {
            card.words(said, "quiet");
        }
        if (load.undated() > 0) {
            card.words(
                    Hours.said(load.undated()) + " are left on commissions without a due day; they lie in no week.",
                    "quiet");
        }
    }

    private void said(String title, List<DayList.Line> lines) {
        if (!lines.isEmpty()) {
            card.section(title);
            List<Node> rows = lines.stream()
                    .limit(whole.contains(title) ? lines.size() : SHOWN)
                    .map(line -> (Node) Deed.button(
                            "day-list-" + line.job() + "-" + title.length(),
                            line.words(),
                            () -> model.choose(line.job())))
                    .toList();
            rows.forEach(card::add);
            more(title, lines.size() - rows.size());
        }
    }

    /** What is not shown of a long list, until it is asked for: with hundreds of commissions nobody reads it through, and it takes its time to be laid. */
    private void more(String list, int count) {
        if (count > 0) {
            card.add(Deed.button(
                    "more-" + list.toLowerCase(Locale.ROOT).replace(' ', '-'), "and " + count + " more", () -> {
                        whole.add(list);
                        show();
                    }));
        }
    }
}
