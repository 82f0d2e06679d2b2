package bathyra.app.reckoning;

import bathyra.app.table.TextSize;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.reckon.Formula;
import bathyra.reckon.Overridden;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The parts of the reckoning card, in their fixed order. Every figure on it is read off the reckoned number. */
public final class Card extends VBox {
    private static final int LETTERS_A_ROW = 34;
    private final VBox above = part();
    private final VBox controls = part();
    private final VBox below = part();
    private VBox writing = above;
    private Consumer<Rule> read = rule -> {};
    private int next;
    private boolean belowBegun;

    public Card() {
        getStyleClass().add("reckoning");
        setId("reckoning");
        // Its scroll pane may stretch it but never squeeze the sentences on it.
        setMinHeight(Region.USE_PREF_SIZE);
        getChildren().addAll(above, controls, below);
    }

    private static VBox part() {
        VBox box = new VBox();
        box.getStyleClass().add("card-part");
        box.managedProperty().bind(Bindings.isNotEmpty(box.getChildren()));
        // An empty one keeps the place where it lay: seen, it would catch what is pressed on the others.
        box.visibleProperty().bind(box.managedProperty());
        return box;
    }

    /**
     * Clears the card and writes its title.
     *
     * @param nodes the controls that change the number; they stand below what is written until {@link #belowControls}. The same
     *     nodes stay where they are, so that one can go on typing in them while the card is written anew
     */
    public void begin(String title, Node... nodes) {
        writing = above;
        next = 0;
        belowBegun = false;
        if (!controls.getChildren().equals(List.of(nodes))) {
            controls.getChildren().setAll(nodes);
        }
        written("Reckoning", "card-label");
        written(title, "card-title");
    }

    /** What is written from here on stands below the controls. */
    public void belowControls() {
        trim();
        writing = below;
        next = 0;
        belowBegun = true;
    }

    /** Ends the writing: what stood on the card before and was not written again goes. */
    public void end() {
        trim();
        if (!belowBegun) {
            below.getChildren().clear();
        }
    }

    private void trim() {
        if (writing.getChildren().size() > next) {
            writing.getChildren().remove(next, writing.getChildren().size());
        }
    }

    /** Writes a node of the stage's own below what is on the card. */
    public void add(Node node) {
        int old = writing.getChildren().indexOf(node);
        if (old >= 0 && old != next) {
            writing.getChildren().remove(old);
        }
        if (next >= writing.getChildren().size()) {
            writing.getChildren().add(node);
        } else if (writing.getChildren().get(next) != node) {
            writing.getChildren().set(next, node);
        }
        next++;
    }

    /** A label of the card's own, which can be written again with other words: styling a new one costs more than all its words. */
    private static final class Written extends Label {
        private final List<String> types;

        private Written(List<String> types) {
            this.types = types;
            getStyleClass().addAll(types);
        }
    }

    private Label written(String text, String... types) {
        List<String> wanted = List.of(types);
        Written label = again(Written.class, old -> old.types.equals(wanted), () -> new Written(wanted));
        label.setText(text);
        label.setGraphic(null);
        return label;
    }

    /** The one big figure with its unit and the other unit. */
    public void figure(Reckoned number, LengthUnit unit, Node... beside) {
        List<Node> wanted = List.of(beside);
        again(FigureRow.class, row -> row.beside.equals(wanted), () -> new FigureRow(wanted))
                .show(number, unit);
    }

    /** The row that stands here already where it is of the same kind, else another. */
    private <T extends Node> T again(Class<T> kind, Predicate<T> same, Supplier<T> another) {
        if (next < writing.getChildren().size()
                && kind.isInstance(writing.getChildren().get(next))) {
            T old = kind.cast(writing.getChildren().get(next));
            if (same.test(old)) {
                next++;
                return old;
            }
        }
        T made = another.get();
        add(made);
        return made;
    }

    private static Label label(String type) {
        Label label = new Label();
        label.getStyleClass().add(type);
        return label;
    }

    private static void estimate(Label label, boolean estimated) {
        boolean was = label.getStyleClass().contains("estimate");
        if (estimated && !was) {
            label.getStyleClass().add("estimate");
        } else if (!estimated && was) {
            label.getStyleClass().remove("estimate");
        }
    }

    private static final class FigureRow extends HBox {
        private static final double APART = 8;
        private final Label big = label("big-figure");
        private final Label symbol = new Label();
        private final Label other = label("quiet");
        private final List<Node> beside;

        private FigureRow(List<Node> beside) {
            super(APART);
            this.beside = beside;
            big.setId("big-figure");
            Region space = new Region();
            HBox.setHgrow(space, Priority.ALWAYS);
            setAlignment(Pos.BASELINE_LEFT);
            getChildren().addAll(big, symbol, other, space);
            getChildren().addAll(beside);
        }

        private void show(Reckoned number, LengthUnit unit) {
            big.setText((number.estimated() ? "≈ " : "") + LengthText.figure(number.length(), unit));
            estimate(big, number.estimated());
            symbol.setText(unit.symbol());
            other.setText(LengthText.say(number.length(), unit.other()));
        }
    }

    public void section(String title) {
        Label section = written(title, "section-title");
        section.setMaxWidth(Double.MAX_VALUE);
        section.setWrapText(true);
        section.setMinHeight(Region.USE_PREF_SIZE);
    }

    public Label words(String text, String... types) {
        List<String> all = new ArrayList<>(List.of("words"));
        all.addAll(List.of(types));
        Label label = written(text, all.toArray(String[]::new));
        label.setAlignment(Pos.CENTER_LEFT);
        return label;
    }

    /** How a number came about: in words, in figures, and a row for each figure in it. */
    public void reckoning(Reckoned number, LengthUnit unit, Consumer<Reckoned> follow) {
        Reckoned rule = Formula.origin(number);
        section("How it came about");
        if (number instanceof Overridden own) {
            words("The rule gives " + Formula.figureWithUnit(own.computed(), unit) + "; " + own.source() + ".");
        }
        String words = Formula.inWords(rule, unit);
        if (words.isEmpty()) {
            words(rule.source().isEmpty() ? "Given." : sentence(rule.source()));
        } else {
            words(sentence(words));
            written(Formula.inFigures(rule, unit), "formula");
        }
        for (Reckoned input : Formula.figures(rule)) {
            account(input, unit, follow);
        }
        if (!rule.rule().title().isEmpty() && !words.isEmpty()) {
            again(RuleRow.class, row -> true, RuleRow::new).show(rule.rule(), read);
        }
    }

    /** What is to happen when one wants to read a rule. */
    public void onRule(Consumer<Rule> deed) {
        read = deed;
    }

    /** The rule by which a number was reckoned, with the way to where it stands. */
    private static final class RuleRow extends HBox {
        private final Button rule = new Button();

        private RuleRow() {
            rule.getStyleClass().addAll("deed", "sentence", "rule-link");
            rule.setId("rule");
            rule.setWrapText(true);
            getChildren().add(rule);
        }

        private void show(Rule shown, Consumer<Rule> read) {
            rule.setText("Rule: " + shown.title());
            rule.setAccessibleText("Read the rule: " + shown.title());
            rule.setDisable(shown.section().isEmpty());
            rule.setOnAction(e -> read.accept(shown));
        }
    }

    private void account(Reckoned input, LengthUnit unit, Consumer<Reckoned> follow) {
        again(AccountRow.class, row -> true, AccountRow::new).show(input, unit, follow);
    }

    /** A figure that a number was made from, with the way to where it comes from itself. */
    private static final class AccountRow extends HBox {
        private final Label figure = label("account-figure");
        private final Button name = new Button();
        private final Label source = label("account-source");
        private final Region space = new Region();

        private AccountRow() {
            getStyleClass().add("account-row");
            name.getStyleClass().addAll("deed", "sentence");
            name.setWrapText(true);
            source.setMinWidth(Region.USE_PREF_SIZE);
            HBox.setHgrow(space, Priority.SOMETIMES);
            getChildren().addAll(figure, name, space, source);
        }

        private void show(Reckoned input, LengthUnit unit, Consumer<Reckoned> follow) {
            figure.setText((input.estimated() ? "≈ " : "") + Formula.figure(input, unit));
            estimate(figure, input.estimated());
            name.setText(input.name());
            name.setAccessibleText("Where " + input.name() + " comes from");
            name.setOnAction(e -> follow.accept(input));
            source.setText(input.source());
            // A long name takes the row; where it comes from is one click away.
            boolean roomy = input.source().length() + input.name().length()
                    < LETTERS_A_ROW / TextSize.now().factor();
            for (Node node : List.of(space, source)) {
                node.setVisible(roomy);
                node.setManaged(roomy);
            }
        }
    }

    private static String sentence(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1) + (text.endsWith(".") ? "" : ".");
    }
}
