package bathyra.app.shell;

import bathyra.app.output.AllOrNone;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Workshop;
import bathyra.files.PatternFiles;
import bathyra.files.json.CommissionJson;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.slf4j.LoggerFactory;

/** What stands in the place of a stage that could not be shown: the others go on, and the last change can be taken back. */
final class StageFailedPage extends VBox {
    private static final double MARGIN = 60;

    /** @param again tries the stage once more */
    StageFailedPage(Workshop workshop, Files files, Runnable again) {
        super(12);
        setId("stage-failed");
        setPadding(new Insets(MARGIN));
        Label head = new Label(workshop.whereabouts().stageProperty().get().label() + " cannot be shown");
        head.getStyleClass().add("card-title");
        Label words = new Label(
                "The program failed here. Everything is saved, the other stages and the book go on, and the log in the data folder says what happened.");
        words.getStyleClass().add("words");
        words.setWrapText(true);
        Button back = new Button("Go back one change");
        back.setId("stage-back");
        back.getStyleClass().add("primary");
        back.disableProperty().bind(workshop.undoLabelProperty().isEmpty());
        back.setOnAction(e -> workshop.undo());
        Button retry = new Button("Try again");
        retry.setId("stage-again");
        retry.getStyleClass().add("deed");
        retry.setOnAction(e -> again.run());
        Label said = new Label();
        said.getStyleClass().add("words");
        getChildren().addAll(head, words, new HBox(10, back, retry, keep(workshop, files, said)), said);
    }

    /** A button that writes the commission as a document, to be sent to whoever mends the program. @param said where it says what came of it */
    static Button keep(Workshop workshop, Files files, Label said) {
        Button keep = new Button("Keep the commission as a document");
        keep.setId("keep-document");
        keep.getStyleClass().add("deed");
        keep.setOnAction(e -> {
            Optional<Path> path = files.where(
                    keep.getScene().getWindow(),
                    "Keep the commission as a document",
                    PatternFiles.fileName(workshop.commission().title()) + ".bathyra.json");
            path.ifPresent(p -> said.setText(written(workshop, p)));
        });
        return keep;
    }

    private static String written(Workshop workshop, Path path) {
        try {
            AllOrNone.write(
                    Map.of(path, CommissionJson.write(workshop.commission()).getBytes(StandardCharsets.UTF_8)));
            return "Written to " + path + ". It holds the wearer's name and figures.";
        } catch (IOException e) {
            LoggerFactory.getLogger(StageFailedPage.class).warn("keeping a document", e);
            return "It could not be written to " + path
                    + ". Choose a folder that you may write to, on a disk with room.";
        }
    }
}
