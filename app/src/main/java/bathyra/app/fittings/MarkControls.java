package bathyra.app.fittings;

import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.OptionField;
import bathyra.app.table.LookSwitch;
import bathyra.app.workshop.Workshop;
import bathyra.fitting.Decision;
import bathyra.fitting.FoldRun;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Side;
import bathyra.length.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** What can be set for the mark in hand: how much, on which half, how a fold runs; and what is decided about it. */
final class MarkControls extends VBox {
    private final Workshop workshop;
    private final FittingsModel model;
    private final LookSwitch<Side> sides;
    private final LookSwitch<Decision> decisions;
    private final MenuButton fold = new MenuButton();
    private final TextField seen;
    private final TextField reason;
    private Optional<OptionField> amount = Optional.empty();
    private Optional<OptionField> across = Optional.empty();
    private String built = "";
    private boolean writing;

    MarkControls(Workshop workshop, FittingsModel model) {
        this.workshop = workshop;
        this.model = model;
        getStyleClass().add("controls");
        sides = new LookSwitch<>(
                "on-", List.of(Side.values()), Side.BOTH, MarkControls::label, side -> model.mark(m -> m.on(side)));
        decisions = new LookSwitch<>(
                "decide-",
                List.of(Decision.AGREED, Decision.HALVED, Decision.OPEN, Decision.REFUSED),
                Decision.OPEN,
                MarkControls::label,
                model::decide);
        fold.setId("fold-run");
        fold.setAccessibleText("How the fold runs");
        for (FoldRun run : FoldRun.values()) {
            MenuItem item = new MenuItem(run.label());
            item.setId("fold-" + run.id());
            item.setOnAction(e -> model.mark(m -> m.running(run)));
            fold.getItems().add(item);
        }
        seen = field("mark-seen", "What was seen, in your words", model::seen);
        reason = field("mark-reason", "Why", model::reason);
    }

    private static String label(Side side) {
        return side == Side.BOTH ? "Both" : side == Side.LEFT ? "Left" : "Right";
    }

    private static String label(Decision decision) {
        return switch (decision) {
            case AGREED -> "Agree";
            case HALVED -> "Halve";
            case OPEN -> "Leave";
            case REFUSED -> "Refuse";
        };
    }

    private TextField field(String id, String spoken, java.util.function.Consumer<String> take) {
        TextField field = new TextField();
        field.setId(id);
        field.setAccessibleText(spoken);
        field.setPromptText(spoken);
        Tooltip whole = new Tooltip();
        whole.textProperty().bind(field.textProperty().map(t -> t.isEmpty() ? spoken : t));
        field.setTooltip(whole);
        field.textProperty().addListener((o, was, now) -> {
            if (!writing) {
                take.accept(now);
            }
        });
        field.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                workshop.letGo();
            }
        });
        return field;
    }

    void show(Mark mark) {
        String wanted = model.fitting().orElseThrow().number() + "-" + mark.number() + mark.kind();
        if (!built.equals(wanted)) {
            built = wanted;
            build(mark);
        }
        amount.ifPresent(OptionField::refresh);
        across.ifPresent(OptionField::refresh);
        sides.choose(mark.side());
        decisions.choose(mark.decision());
        fold.setText(mark.fold().orElse(FoldRun.ROUND).label());
        write(seen, mark.seen());
        write(reason, mark.reason());
    }

    private void write(TextField field, String text) {
        if (!field.isFocused() && !field.getText().equals(text)) {
            writing = true;
            field.setText(text);
            writing = false;
        }
    }

    private void build(Mark mark) {
        List<Node> nodes = new ArrayList<>();
        amount = Optional.empty();
        across = Optional.empty();
        if (mark.kind() != MarkKind.NOTE) {
            amount = Optional.of(length(
                    "mark-amount",
                    mark.kind() == MarkKind.GAP ? "Gap" : first(mark.kind()),
                    mark.kind(),
                    Mark::amount,
                    Mark::of));
            nodes.add(amount.get());
        }
        if (mark.kind() == MarkKind.APEX) {
            across = Optional.of(length("mark-across", "Farther out", mark.kind(), Mark::across, Mark::across));
            nodes.add(across.get());
        }
        if (mark.kind() == MarkKind.GAP) {
            across = Optional.of(
                    length("mark-across", "Its middle, left of the spine", MarkKind.APEX, Mark::across, Mark::across));
            nodes.add(across.get());
        }
        if (mark.kind() == MarkKind.FOLD) {
            nodes.add(fold);
        }
        if (mark.kind() != MarkKind.GAP && mark.kind() != MarkKind.CLOTH) {
            nodes.add(sides);
        }
        nodes.add(seen);
        Label decide = new Label("This mark");
        decide.getStyleClass().add("section-title");
        nodes.add(decide);
        nodes.add(decisions);
        nodes.add(reason);
        nodes.add(Deed.button("mark-away", "Take the mark away", model::takeAway));
        getChildren().setAll(nodes);
    }

    private static String first(MarkKind kind) {
        String meaning = kind.meaning();
        return Character.toUpperCase(meaning.charAt(0)) + meaning.substring(1);
    }

    private OptionField length(
            String id, String label, MarkKind kind, Function<Mark, Length> value, BiFunction<Mark, Length, Mark> with) {
        Length least = kind.isSigned() ? Length.mm(-Mark.MOST.millimetres()) : Length.mm(0);
        return new OptionField(
                new OptionField.Setting(
                        new OptionField.Name(id, label, ""),
                        new OptionField.Range(least, Mark.MOST),
                        new OptionField.State(
                                () -> model.mark().map(value).orElse(Length.mm(0)), () -> false, Optional::empty),
                        new OptionField.Deeds(
                                l -> model.mark(m -> with.apply(m, l)), () -> {}, workshop::letGo, () -> {})),
                workshop::unit);
    }
}
