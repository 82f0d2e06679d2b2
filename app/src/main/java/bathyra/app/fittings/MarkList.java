package bathyra.app.fittings;

import bathyra.app.stage.RowStrip;
import bathyra.app.workshop.Workshop;
import bathyra.correction.Becoming;
import bathyra.correction.Corrections;
import bathyra.correction.Proposal;
import bathyra.draft.Draft;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.Mark;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** What becomes of the marks, in the order in which they apply. */
final class MarkList extends RowStrip {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final double HEIGHT = 214;

    private final Workshop workshop;
    private final FittingsModel model;

    MarkList(Workshop workshop, FittingsModel model) {
        super("What becomes of them", "in the order in which they apply");
        this.workshop = workshop;
        this.model = model;
        setPrefHeight(HEIGHT);
        setMinHeight(HEIGHT);
    }

    void refresh() {
        Optional<Fitting> fitting = model.fitting();
        Optional<Draft> tried = model.tried();
        List<Becoming> all = fitting.isEmpty() || tried.isEmpty()
                ? List.of()
                : fitting.get().marks().stream()
                        .map(m -> Corrections.of(tried.get(), fitting.get(), m))
                        .sorted(Comparator.comparing(Becoming::order)
                                .thenComparing(b -> b.mark().number()))
                        .toList();
        rows.getChildren().setAll(all.stream().map(this::row).toList());
        foot.setText(
                fitting.isEmpty()
                        ? "Begin with the toile: each mark becomes a correction of the draft."
                        : all.isEmpty()
                                ? "Press on the toile where something was seen, and draw out how much. The gap is typed on the card."
                                : "Lengths first, then apex, girths, seams, contour, edges: each is kept as so much more or less than the plan.");
    }

    private Button row(Becoming becoming) {
        Mark mark = becoming.mark();
        MarkWords words = new MarkWords(workshop.unit());
        Label number = new Label(Integer.toString(mark.number()));
        number.getStyleClass().add("mark-number");
        Label seen = new Label(words.seen(mark));
        seen.getStyleClass().add("mark-seen");
        seen.setMaxWidth(Double.MAX_VALUE);
        seen.setTooltip(new Tooltip(seen.getText()));
        HBox.setHgrow(seen, Priority.ALWAYS);
        Label figures = new Label(words.fromTo(becoming));
        figures.getStyleClass().add("mark-figures");
        Label kind = new Label(MarkWords.kind(becoming));
        kind.getStyleClass().addAll("quiet", "mark-kind");
        Optional<String> open = model.proposal()
                .map(Proposal::open)
                .map(o -> o.get(mark.number()))
                .map(s -> "left open");
        Label state = new Label(open.orElse(mark.decision().label()));
        state.getStyleClass().addAll("mark-state", style(open.isPresent() ? Decision.OPEN : mark.decision()));
        HBox line = new HBox(10, number, seen, figures, kind, state);
        line.setAlignment(Pos.CENTER_LEFT);
        Button row = new Button();
        row.setGraphic(line);
        row.setMaxWidth(Double.MAX_VALUE);
        line.prefWidthProperty().bind(row.widthProperty().subtract(16));
        row.getStyleClass().setAll("mark-row");
        row.setId("mark-row-" + mark.number());
        row.pseudoClassStateChanged(
                SELECTED, model.mark().filter(m -> m.number() == mark.number()).isPresent());
        row.pseudoClassStateChanged(PseudoClass.getPseudoClass("refused"), mark.decision() == Decision.REFUSED);
        row.setAccessibleText(
                "Mark " + mark.number() + ": " + seen.getText() + ", " + figures.getText() + ", " + state.getText());
        row.setOnAction(e -> model.choose(mark.number()));
        return row;
    }

    private static String style(Decision decision) {
        return switch (decision) {
            case AGREED, HALVED -> "state-holds";
            case REFUSED -> "state-fault";
            case OPEN -> "state-note";
        };
    }
}
