package bathyra.app.reckoning;

import bathyra.app.glossary.DrawnWords;
import bathyra.app.glossary.Tried;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * A length of a rule that the cutter may set: taken while it is typed, with what is wrong said beneath it, and a way back to
 * the rule.
 */
public final class OptionField extends VBox {
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");
    private static final PseudoClass OWN = PseudoClass.getPseudoClass("own");

    private final Setting setting;
    private final Supplier<LengthUnit> unit;
    private final TextField field = new TextField();
    private final Label symbol = new Label();
    private final Label why = new Label();
    private final Label fault = new Label();
    private final Button back = new Button("Back to the rule");
    private boolean writing;
    private Optional<String> wrong = Optional.empty();

    /** A length that can be set. @param tries the pattern with a little more of it, and with less, where a pattern shows what it does */
    public record Setting(Name name, Range range, State state, Deeds deeds, Supplier<List<Tried>> tries) {
        /** One that no pattern shows. */
        public Setting(Name name, Range range, State state, Deeds deeds) {
            this(name, range, state, deeds, List::of);
        }
    }

    /** @param label what it is called @param why why the default is so */
    public record Name(String id, String label, String why) {}

    /** What is accepted. */
    public record Range(Length least, Length most) {}

    /**
     * How it stands.
     *
     * @param value the value in use
     * @param own whether the value is the cutter's own
     * @param refused why the last value gave no draft, empty when it did or another thing is in hand
     */
    public record State(Supplier<Length> value, Supplier<Boolean> own, Supplier<Optional<String>> refused) {}

    /**
     * What can be done.
     *
     * @param take takes a new value
     * @param withdraw takes back what typing has set so far, when it turns out to be no usable length
     * @param layDown ends the change: the next one is another
     * @param reset goes back to the rule
     */
    public record Deeds(Consumer<Length> take, Runnable withdraw, Runnable layDown, Runnable reset) {}

    public OptionField(Setting setting, Supplier<LengthUnit> unit) {
        this.setting = setting;
        this.unit = unit;
        getStyleClass().add("option");
        Label name = new Label(setting.name().label());
        name.setTooltip(new DrawnWords(
                setting.name().why().isEmpty()
                        ? setting.name().label()
                        : setting.name().why(),
                setting.tries()));
        name.setWrapText(true);
        name.setLabelFor(field);
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        field.setId("option-" + setting.name().id());
        field.setAccessibleText(setting.name().label() + ". " + setting.name().why());
        symbol.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(name, field, symbol);
        row.getStyleClass().add("fields");
        why.getStyleClass().addAll("words", "quiet");
        why.setText(setting.name().why());
        fault.getStyleClass().add("row-fault");
        fault.setId("fault-" + setting.name().id());
        back.getStyleClass().add("deed");
        back.setId("reset-" + setting.name().id());
        back.setAccessibleText(setting.name().label() + ": back to the rule");
        back.setOnAction(e -> setting.deeds().reset().run());
        getChildren().add(row);
        field.textProperty().addListener((o, was, now) -> {
            if (!writing) {
                read(now);
            }
        });
        field.focusedProperty().addListener((o, was, now) -> {
            mark();
            if (!now && wrong.isEmpty()) {
                setting.deeds().layDown().run();
                refresh();
            }
        });
        field.setOnAction(e -> {
            setting.deeds().layDown().run();
            refresh();
        });
        refresh();
    }

    private void read(String text) {
        LengthText.Reading reading = LengthText.read(text, unit.get());
        wrong = Optional.empty();
        if (reading instanceof LengthText.Unread unread) {
            wrong = Optional.of(unread.reason());
        } else if (reading instanceof LengthText.Read read) {
            if (!read.length().isWithin(setting.range().least(), setting.range().most())) {
                wrong = Optional.of(
                        setting.name().label() + " is " + LengthText.say(read.length(), unit.get()) + "; from "
                                + LengthText.figure(setting.range().least(), unit.get()) + " to "
                                + LengthText.say(setting.range().most(), unit.get()) + " can be used.");
            } else {
                setting.deeds().take().accept(read.length());
            }
        }
        if (wrong.isPresent()) {
            setting.deeds().withdraw().run();
        }
        mark();
    }

    /** Writes the value in use, unless another one is being typed or waits to be put right. */
    public void refresh() {
        symbol.setText(unit.get().symbol());
        if (!field.isFocused() && wrong.isEmpty()) {
            writing = true;
            field.setText(LengthText.figure(setting.state().value().get(), unit.get()));
            writing = false;
        }
        mark();
    }

    private void mark() {
        Optional<String> said = wrong.or(setting.state().refused());
        boolean own = setting.state().own().get();
        field.pseudoClassStateChanged(FAULT, said.isPresent());
        pseudoClassStateChanged(OWN, own);
        fault.setText(said.orElse(""));
        // Why it is so matters to the one who is about to change it; at rest it would only fill the card.
        show(why, (field.isFocused() || own) && !setting.name().why().isEmpty());
        show(fault, said.isPresent());
        show(back, own);
    }

    private void show(Region part, boolean shown) {
        if (shown && !getChildren().contains(part)) {
            getChildren().add(part);
        } else if (!shown) {
            getChildren().remove(part);
        }
    }
}
