package bathyra.app.measure;

import bathyra.app.stage.Files;
import bathyra.app.stage.Marks;
import bathyra.app.stage.Scroll;
import bathyra.app.workshop.Workshop;
import bathyra.files.csv.MeasurementCsv;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import org.slf4j.LoggerFactory;

/** A table that is to be taken in, row by row with what will be done with each, before anything is taken. */
final class TakingIn extends VBox {
    private final Workshop workshop;
    private final Files files;
    private final Runnable closed;
    private final Label title = new Label();
    private final VBox rows = new VBox();
    private final Button take = new Button();

    /** @param closed run when the table has been taken or left */
    TakingIn(Workshop workshop, Files files, Runnable closed) {
        this.workshop = workshop;
        this.files = files;
        this.closed = closed;
        getStyleClass().add("taking-in");
        setId("taking-in");
        title.getStyleClass().add("card-title");
        rows.getStyleClass().add("taking-in-rows");
        Scroll scroll = Scroll.both(rows);
        scroll.setFitToWidth(true);
        take.getStyleClass().add("primary");
        take.setId("take-in");
        Button leave = new Button("Leave it");
        leave.setId("leave-it");
        leave.setOnAction(e -> closed.run());
        HBox deeds = new HBox(8, take, leave);
        deeds.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().addAll(title, scroll, deeds);
    }

    /** Asks for a file and shows what it holds. @return whether there is something to show */
    boolean ask(Window owner) {
        return files.which(owner, "Measurements, CSV", "csv")
                .map(path -> {
                    show(path.getFileName().toString(), read(path));
                    return true;
                })
                .orElse(false);
    }

    private MeasurementCsv.Preview read(Path path) {
        try (InputStream in = java.nio.file.Files.newInputStream(path)) {
            return MeasurementCsv.read(in.readNBytes(MeasurementCsv.BYTES_MOST + 1), workshop.unit());
        } catch (IOException e) {
            LoggerFactory.getLogger(TakingIn.class).warn("a table could not be read", e);
            return new MeasurementCsv.Preview(
                    List.of(), "The file could not be read. Look whether it is there and whether you may read it.");
        }
    }

    private void show(String name, MeasurementCsv.Preview preview) {
        rows.getChildren().clear();
        title.setText(name);
        if (!preview.fault().isEmpty()) {
            rows.getChildren().add(row(preview.fault(), "", false));
        }
        for (MeasurementCsv.Row row : preview.rows()) {
            rows.getChildren().add(row(row.sentence(), row.text(), row.taken()));
        }
        take.setText("Take " + (preview.takes() == 1 ? "one figure" : preview.takes() + " figures"));
        take.setDisable(preview.takes() == 0);
        take.setOnAction(e -> {
            workshop.letGo();
            workshop.once(
                    "figures from " + name,
                    workshop.commission()
                            .withMeasurements(preview.into(workshop.commission().measurements())));
            closed.run();
        });
    }

    private static HBox row(String sentence, String text, boolean taken) {
        Label words = new Label(sentence);
        words.getStyleClass().add("words");
        Label found = new Label(text);
        found.getStyleClass().add("quiet");
        HBox row = new HBox(
                taken ? Marks.tick() : Marks.cross(), text.isEmpty() ? new VBox(words) : new VBox(words, found));
        row.getStyleClass().add("check-row");
        return row;
    }
}
