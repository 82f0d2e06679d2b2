package bathyra.app.pieces;

import bathyra.app.output.Output;
import bathyra.app.output.OutputKind;
import bathyra.app.output.Printing;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.OptionField;
import bathyra.app.reckoning.OptionField.Setting;
import bathyra.files.sheet.PrintScale;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** How this workshop prints and plots: what makes good for a printer that is off, and where the plotter listens. */
final class PrintCard {
    private static final int PORT_MOST = 65_535;
    private final Output output;
    private final OptionField across;
    private final OptionField down;
    private final TextField port = new TextField();
    private final Label portFault = new Label();
    private final VBox rest = new VBox();

    PrintCard(Output output) {
        this.output = output;
        this.across = square("across", Printing::across, (p, mm) -> p.withMeasured(mm, p.down()));
        this.down = square("down", Printing::down, (p, mm) -> p.withMeasured(p.across(), mm));
        rest.getStyleClass().add("controls");
        port.setId("plotter-port");
        port.setAccessibleText("Port of this machine at which the plotter listens");
        port.textProperty().addListener((o, was, now) -> port(now));
        portFault.getStyleClass().add("row-fault");
        portFault.setId("plotter-port-fault");
        portFault.managedProperty().bind(portFault.textProperty().isNotEmpty());
        portFault.visibleProperty().bind(portFault.textProperty().isNotEmpty());
        Label name = new Label("Plotter at port");
        name.setLabelFor(port);
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        HBox row = new HBox(name, port);
        row.getStyleClass().add("fields");
        VBox plotter = new VBox(row, portFault);
        plotter.getStyleClass().add("option");
        rest.getChildren().addAll(title("The 50 mm square measured on paper"), across, down, title("Plotter"), plotter);
    }

    private static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("section-title", "words");
        return label;
    }

    private Printing printing() {
        return output.printingProperty().get();
    }

    private OptionField square(
            String way, ToDoubleFunction<Printing> value, BiFunction<Printing, Double, Printing> with) {
        Runnable nothing = () -> {};
        return new OptionField(
                new Setting(
                        new OptionField.Name(
                                "square-" + way,
                                "Square " + way,
                                "The next print is drawn larger or smaller by as much. More than 5 % off is a setting of the printer's: set it to 100 % first."),
                        new OptionField.Range(Length.mm(PrintScale.LEAST), Length.mm(PrintScale.MOST)),
                        new OptionField.State(
                                () -> Length.mm(value.applyAsDouble(printing())),
                                () -> value.applyAsDouble(printing()) != PrintScale.SQUARE,
                                Optional::empty),
                        new OptionField.Deeds(
                                l -> output.printingProperty().set(with.apply(printing(), l.millimetres())),
                                nothing,
                                nothing,
                                () -> output.printingProperty().set(with.apply(printing(), PrintScale.SQUARE)))),
                () -> LengthUnit.MM);
    }

    private void port(String text) {
        String typed = text.strip();
        if (typed.matches("\\d{1,5}") && Integer.parseInt(typed) > 0 && Integer.parseInt(typed) <= PORT_MOST) {
            portFault.setText("");
            output.printingProperty().set(printing().withPort(Integer.parseInt(typed)));
        } else {
            portFault.setText("A port is a whole number from 1 to " + PORT_MOST + "; most plotters listen at "
                    + Printing.PORT + ".");
        }
    }

    void show(Card card) {
        across.refresh();
        down.refresh();
        if (!port.isFocused() && portFault.getText().isEmpty()) {
            port.setText(Integer.toString(printing().port()));
        }
        card.begin("Print and plot", rest);
        card.belowControls();
        PrintScale scale = printing().scale();
        card.words(
                scale.equals(PrintScale.TRUE)
                        ? "Nothing is made good: 100.00 % across and down."
                        : String.format(
                                Locale.ROOT,
                                "Drawn %.2f %% across (50 ÷ %.1f mm) and %.2f %% down (50 ÷ %.1f mm). For this printer only; plotter files and drawings stay true.",
                                scale.across() * 100,
                                printing().across(),
                                scale.down() * 100,
                                printing().down()));
        Button send = new Button("Send to the plotter");
        send.setId("send-plot");
        send.setOnAction(e -> output.write(OutputKind.SEND, send.getScene().getWindow()));
        card.add(send);
        card.words(
                "This machine only. ./bathyra plotter-simulator stands in for a plotter and draws what it gets to a picture.",
                "quiet");
    }
}
