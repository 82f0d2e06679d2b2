package bathyra.app.reckoning;

import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.reckon.Formula;
import bathyra.reckon.Overridden;
import bathyra.reckon.Reckoned;
import java.util.List;
import java.util.function.Consumer;
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
        return box;
    }

    /**
     * Clears the card and writes its title.
     *
     * @param nodes the controls that change the number; they stand below what is written until {@link #belowControls}. The same
     *     nodes stay where they are, so that one can go on typing in them while the card is written anew
     */
    public void begin(String title, Node... nodes) {
        above.getChildren().clear();
        below.getChildren().clear();
        writing = above;
        if (!controls.getChildren().equals(List.of(nodes))) {
            controls.getChildren().setAll(nodes);
        }
        Label label = new Label("Reckoning");
        label.getStyleClass().add("card-label");
        Label name = new Label(title);
        name.getStyleClass().add("card-title");
        above.getChildren().addAll(label, name);
    }

    /** What is written from here on stands below the controls. */
    public void belowControls() {
        writing = below;
    }

    /** Writes a node of the stage's own below what is on the card. */
    public void add(Node node) {
        writing.getChildren().add(node);
    }

    /** The one big figure with its unit and the other unit. */
    public void figure(Reckoned number, LengthUnit unit, Node... beside) {
        Label big = new Label((number.estimated() ? "≈ " : "") + LengthText.figure(number.length(), unit));
        big.getStyleClass().add("big-figure");
        big.setId("big-figure");
        if (number.estimated()) {
            big.getStyleClass().add("estimate");
        }
        Label symbol = new Label(unit.symbol());
        Label other = new Label(LengthText.say(number.length(), unit.other()));
        other.getStyleClass().add("quiet");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox row = new HBox(8, big, symbol, other, space);
        row.setAlignment(Pos.BASELINE_LEFT);
        row.getChildren().addAll(beside);
        writing.getChildren().add(row);
    }

    public void section(String title) {
        Label label = new Label(title);
        label.getStyleClass().addAll("section-title");
        label.setMaxWidth(Double.MAX_VALUE);
        writing.getChildren().add(label);
    }

    public Label words(String text, String... types) {
        Label label = new Label(text);
        label.getStyleClass().add("words");
        label.getStyleClass().addAll(types);
        writing.getChildren().add(label);
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
            Label figures = new Label(Formula.inFigures(rule, unit));
            figures.getStyleClass().add("formula");
            writing.getChildren().add(figures);
        }
        for (Reckoned input : Formula.figures(rule)) {
            account(input, unit, follow);
        }
        if (!rule.rule().title().isEmpty() && !words.isEmpty()) {
            words("Rule: " + rule.rule().title(), "quiet");
        }
    }

    private void account(Reckoned input, LengthUnit unit, Consumer<Reckoned> follow) {
        Label figure = new Label((input.estimated() ? "≈ " : "") + Formula.figure(input, unit));
        figure.getStyleClass().add("account-figure");
        if (input.estimated()) {
            figure.getStyleClass().add("estimate");
        }
        Button name = new Button(input.name());
        name.getStyleClass().add("deed");
        name.setAccessibleText("Where " + input.name() + " comes from");
        name.setOnAction(e -> follow.accept(input));
        name.setWrapText(true);
        name.setMaxHeight(Region.USE_PREF_SIZE);
        HBox row = new HBox(figure, name);
        row.getStyleClass().add("account-row");
        writing.getChildren().add(row);
        Label source = new Label(input.source());
        source.getStyleClass().add("account-source");
        source.setMinWidth(Region.USE_PREF_SIZE);
        // A long name takes the row; where it comes from is one click away.
        if (input.source().length() + input.name().length() < LETTERS_A_ROW) {
            Region space = new Region();
            HBox.setHgrow(space, Priority.SOMETIMES);
            row.getChildren().addAll(space, source);
        }
    }

    private static String sentence(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1) + (text.endsWith(".") ? "" : ".");
    }
}
