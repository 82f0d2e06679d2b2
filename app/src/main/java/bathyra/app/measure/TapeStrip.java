package bathyra.app.measure;

import bathyra.app.tape.TapeLine;
import bathyra.app.tape.TapeListener;
import bathyra.length.Length;
import java.io.IOException;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.slf4j.LoggerFactory;

/** Listening to a digital tape: its readings go into the field in hand. */
final class TapeStrip extends VBox {
    private final Consumer<Length> readings;
    private final TextField port = new TextField(Integer.toString(TapeLine.PORT));
    private final Button listen = new Button("Listen to a tape");
    private final Label said = new Label();
    private Optional<TapeListener> listener = Optional.empty();

    /** @param readings gets each reading, in the window's thread */
    TapeStrip(Consumer<Length> readings) {
        this.readings = readings;
        listen.getStyleClass().add("deed");
        listen.setId("listen");
        listen.setOnAction(e -> {
            if (listener.isPresent()) {
                stop("");
            } else {
                begin();
            }
        });
        port.setId("tape-port");
        port.setAccessibleText("The port at which the tape's bridge listens");
        port.getStyleClass().add("port");
        said.setId("tape-said");
        said.getStyleClass().addAll("words", "quiet");
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        said.visibleProperty().bind(said.managedProperty());
        HBox row = new HBox(8, listen, new Label("port"), port);
        row.getStyleClass().add("fields");
        getChildren().addAll(row, said);
    }

    private void begin() {
        int number;
        try {
            number = Integer.parseInt(port.getText().strip());
        } catch (NumberFormatException e) {
            said.setText("Not understood: " + port.getText() + ". A port is a whole number from 1 to 65535.");
            return;
        }
        if (number < 1 || number > 65535) {
            said.setText("A port is a whole number from 1 to 65535.");
            return;
        }
        said.setText("Calling the tape …");
        listen.setDisable(true);
        Thread thread = new Thread(() -> connect(number), "call the tape");
        thread.setDaemon(true);
        thread.start();
    }

    private void connect(int number) {
        try {
            TapeListener found = TapeListener.at(
                    number,
                    length -> Platform.runLater(() -> readings.accept(length)),
                    why -> Platform.runLater(() -> stop(why)));
            Platform.runLater(() -> {
                listener = Optional.of(found);
                listen.setText("Stop listening");
                listen.setDisable(false);
                said.setText("Listening. Each reading goes into the field in hand.");
            });
        } catch (IOException e) {
            LoggerFactory.getLogger(TapeStrip.class).info("no tape: {}", e.getMessage());
            Platform.runLater(() -> stop("No tape answers at port " + number
                    + ". Start its bridge, or ./bathyra tape-simulator, and listen again."));
        }
    }

    private void stop(String why) {
        listener.ifPresent(TapeListener::close);
        listener = Optional.empty();
        listen.setText("Listen to a tape");
        listen.setDisable(false);
        said.setText(why);
    }
}
