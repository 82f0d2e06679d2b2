package bathyra.app.hand;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.stage.Files;
import bathyra.app.stage.Scroll;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.hand.Division;
import bathyra.hand.HandDrawn;
import bathyra.hand.HandStep;
import bathyra.hand.HelpLines;
import bathyra.hand.Rounding;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Pieces drawn by hand: the paper, the figures in their order, and the step in hand large enough to be read across the table (C24). */
public final class HandView extends BorderPane {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final double LIST = 318;
    private static final double NAMES = 56;

    private final Workshop workshop;
    private final HandModel model;
    private final HandPaper paper = new HandPaper();
    private final StepsList list;
    private final Card card = new Card();
    private final Label title = new Label();
    private final Label about = new Label();
    private final Button next = new Button("Done, next");
    private final Button one = new Button("One back");
    private final HBox deeds = new HBox(8, next, one);
    private final FlowPane pieces = new FlowPane(6, 6);
    private final LookSwitch<HelpLines> lines;
    private final LookSwitch<Division> metric;
    private final LookSwitch<Division> inches;
    private final VBox choices;
    private final HBox round = new HBox(8);
    private final List<Node> outward;
    private final Button keep;
    private int shown = -1;

    /** @param back returns to the pieces */
    public HandView(Workshop workshop, Files files, Runnable back) {
        this.workshop = workshop;
        this.model = new HandModel(workshop, Platform::runLater, this::show);
        this.list = new StepsList(model);
        setId("by-hand-page");
        title.getStyleClass().add("chart-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        about.getStyleClass().add("quiet");
        Button leave = CardRows.deed("Back to the pieces", "by-hand-back", back);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox head = new HBox(10, title, about, space, leave);
        head.setAlignment(Pos.BASELINE_LEFT);
        head.getStyleClass().add("hand-head");
        TextSize.width(list, LIST, LIST / 2);
        HBox.setHgrow(paper, Priority.ALWAYS);
        HBox middle = new HBox(8, paper, list);
        VBox.setVgrow(middle, Priority.ALWAYS);
        VBox page = new VBox(2, head, middle);
        page.getStyleClass().add("hand-page");
        setCenter(page);
        setRight(Scroll.filling(card));
        next.setId("hand-next");
        next.getStyleClass().add("primary");
        next.setOnAction(e -> model.next());
        one.setId("hand-back");
        one.setOnAction(e -> model.back());
        lines = new LookSwitch<>(
                "hand-lines-",
                List.of(HelpLines.values()),
                model.lines(),
                l -> l.label(model.division()),
                model::lines);
        metric = divisions(false);
        inches = divisions(true);
        choices = new VBox(
                6,
                choice("Lines", lines),
                choice("Round", round),
                choice(
                        "Line",
                        new LookSwitch<>(
                                "hand-line-",
                                List.of(HandModel.Line.values()),
                                model.line(),
                                HandModel.Line::label,
                                model::line)),
                choice(
                        "Size",
                        new LookSwitch<>(
                                "hand-size-",
                                List.of(HandModel.Size.values()),
                                model.size(),
                                HandModel.Size::label,
                                model::size)));
        keep = CardRows.deed("Keep the pattern with it", "hand-keep", () -> files.where(
                        getScene().getWindow(), "Pattern document", "by-hand.json")
                .ifPresent(model::keepDrawn));
        outward = List.of(
                CardRows.deed("Put out as sheets to copy from", "hand-sheets", () -> files.where(
                                getScene().getWindow(), "Sheets to copy from", "by-hand.pdf")
                        .ifPresent(model::putOut)),
                CardRows.deed("Write the figures as a table", "hand-figures", () -> files.where(
                                getScene().getWindow(), "The figures", "figures.csv")
                        .ifPresent(model::writeFigures)),
                CardRows.deed("Bring a drawn piece back", "hand-bring", () -> files.which(
                                getScene().getWindow(), "Figures measured on paper", "csv")
                        .ifPresent(model::bringBack)));
        addEventFilter(KeyEvent.KEY_PRESSED, e -> keys(e, back));
        workshop.showing().whileShown(this, this::show);
    }

    private LookSwitch<Division> divisions(boolean inch) {
        List<Division> own =
                Stream.of(Division.values()).filter(d -> d.isInches() == inch).toList();
        return new LookSwitch<>("hand-round-", own, own.get(0), Division::label, model::divide);
    }

    private static HBox choice(String name, Node control) {
        Label label = new Label(name);
        TextSize.minWidth(label, NAMES);
        HBox row = new HBox(6, label, control);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("tight-switch");
        return row;
    }

    private void keys(KeyEvent e, Runnable back) {
        if (e.getTarget() instanceof TextInputControl || e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        if (PlaceKey.ON.isPressed(e)) {
            model.next();
        } else if (PlaceKey.BACK.isPressed(e)) {
            model.back();
        } else if (PlaceKey.TO_ZERO.isPressed(e)) {
            model.go(1);
        } else if (PlaceKey.CLOSE.isPressed(e)) {
            back.run();
        } else if (PlaceKey.PIECE.typed(e) > 0) {
            model.piece(PlaceKey.PIECE.typed(e) - 1);
        } else {
            return;
        }
        e.consume();
    }

    private void show() {
        if (!model.isThere()) {
            return;
        }
        HandModel.Given given = model.inHand();
        Piece piece = given.hand().piece();
        title.setText(piece.name() + ", by hand");
        about.setText("piece " + piece.order()
                + (model.line() == HandModel.Line.CUT ? ", with its allowances" : ", net, no allowance")
                + "; heights are counted from the waist");
        paper.show(model);
        list.show();
        pieces();
        boolean inch = model.division().isInches();
        round.getChildren().setAll(inch ? inches : metric);
        (inch ? inches : metric).choose(model.division());
        write(given);
    }

    private void pieces() {
        if (pieces.getChildren().size() != model.pieces().size() || shown != workshop.id()) {
            shown = (int) workshop.id();
            List<Node> buttons = new ArrayList<>();
            for (int i = 0; i < model.pieces().size(); i++) {
                int at = i;
                Button button = new Button();
                button.getStyleClass().add("hand-piece");
                button.setId("hand-piece-" + (i + 1));
                button.setOnAction(e -> model.piece(at));
                buttons.add(button);
            }
            pieces.getChildren().setAll(buttons);
        }
        for (int i = 0; i < pieces.getChildren().size(); i++) {
            Button button = (Button) pieces.getChildren().get(i);
            int done = model.done(i);
            int all = i == model.index() || done > 0 ? model.steps(i) : 0;
            button.setText(
                    model.pieces().get(i).order() + (done == 0 ? "" : done == all ? " ✓" : "  " + done + "/" + all));
            button.setAccessibleText("Piece " + model.pieces().get(i).order() + ", "
                    + model.pieces().get(i).name());
            button.pseudoClassStateChanged(SELECTED, i == model.index());
        }
    }

    private void write(HandModel.Given given) {
        Optional<HandStep> step = model.step();
        int done = model.done(model.index());
        card.begin(
                step.isEmpty()
                        ? "Drawn"
                        : "Step " + (done + 1) + " of " + given.steps().size(),
                deeds);
        next.setDisable(step.isEmpty());
        one.setDisable(done == 0);
        if (step.isPresent()) {
            for (HandStep.Figure figure : step.get().figures()) {
                card.words(model.tell(figure.mm()) + "  " + figure.words(), "hand-figure");
            }
            card.words(step.get().words().in(model.unit()), "slip-title");
            step.get()
                    .row()
                    .flatMap(r -> r.across())
                    .ifPresent(a -> card.words(
                            LengthText.figure(
                                            Length.mm(model.drawn(step.get()
                                                            .row()
                                                            .get()
                                                            .left()
                                                            .get())
                                                    + model.drawn(step.get()
                                                            .row()
                                                            .get()
                                                            .right()
                                                            .get())),
                                            model.unit())
                                    + " " + model.unit().symbol() + " across",
                            "formula"));
        } else {
            card.words("Every mark is there and joined. Check the lengths, then cut it out and mark the notches.");
        }
        card.belowControls();
        card.words("Enter goes on, Backspace goes back, Home to zero, 1 to 9 the piece.", "quiet");
        card.section("The pieces");
        card.add(pieces);
        card.section("How the figures are given");
        card.add(choices);
        cost();
        card.section("Put out");
        outward.forEach(card::add);
        if (!model.said().isEmpty()) {
            card.words(model.said(), "caution").setId("hand-said");
        }
        model.brought().ifPresent(this::brought);
        if (model.isDrawnOnCloth()) {
            card.section("On folded cloth: " + model.cloth().name());
            model.foldedFound()
                    .ifPresentOrElse(
                            folded -> folded.said().forEach(s -> card.words(s.in(model.unit()))),
                            () -> card.words("Where they lie is being found out."));
        }
        notches(given);
        card.end();
    }

    private void cost() {
        card.words(model.rounding().map(this::cost).orElse("What rounding costs is being found out."))
                .setId("hand-cost");
    }

    private String cost(Rounding rounding) {
        return "Rounded to " + model.division().label() + " no seam is out by more than "
                + LengthText.say(Length.mm(rounding.worstSeam()), LengthUnit.MM)
                + rounding.worstLevel()
                        .map(l -> ", the half at the " + l.getKey().toLowerCase(Locale.ROOT) + " by "
                                + LengthText.say(Length.mm(Math.abs(l.getValue())), LengthUnit.MM))
                        .orElse("")
                + ".";
    }

    private void brought(HandDrawn drawn) {
        card.section("The piece that was drawn");
        if (drawn.piece().isEmpty()) {
            return;
        }
        drawn.off()
                .forEach((edge, off) -> card.words(bathyra.hand.Controls.words(edge) + ": "
                        + LengthText.say(Length.mm(off), LengthUnit.MM) + " off at its worst place"));
        List<String> found =
                model.found().stream().map(s -> s.in(workshop.unit())).toList();
        card.words(found.isEmpty() ? "Every check holds with it in its place." : String.join(" ", found));
        card.add(keep);
    }

    private void notches(HandModel.Given given) {
        card.section("Marks and partners");
        given.controls()
                .notches()
                .forEach(n -> card.words((n.twofold() ? "Two notches" : "Notch") + " on "
                        + n.words().toLowerCase(Locale.ROOT) + ", "
                        + model.say(Math.abs(n.up())) + (n.up() >= 0 ? " up" : " down")
                        + (n.fromWaist() ? " from the waist" : " from its lower end")));
        given.controls().edges().forEach(e -> e.partner()
                .ifPresent(p -> card.words(
                        e.words() + " is sewn to " + p
                                + e.plate()
                                        .map(r -> "; a plate of " + model.say(2 * r) + " across goes into its bend")
                                        .orElse(""),
                        "quiet")));
    }
}
