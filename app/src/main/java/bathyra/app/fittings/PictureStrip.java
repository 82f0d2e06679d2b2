package bathyra.app.fittings;

import bathyra.app.reckoning.Deed;
import bathyra.app.stage.Files;
import bathyra.app.work.Latest;
import bathyra.app.workshop.Workshop;
import bathyra.book.BookFailure;
import bathyra.fitting.Picture;
import java.io.ByteArrayInputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The pictures of the fitting in hand, taped into the notebook; one is taken in beside the window. */
final class PictureStrip extends VBox {
    private static final double WIDE = 54;
    private static final double HIGH = 84;

    private final Workshop workshop;
    private final FittingsModel model;
    private final Files files;
    private final Consumer<Picture> look;
    private final FlowPane pictures = new FlowPane(6, 6);
    private final Label saying = new Label();
    private final Latest work = new Latest(Platform::runLater);
    private final Map<String, Image> small = new HashMap<>();

    /** @param look shows a picture large */
    PictureStrip(Workshop workshop, FittingsModel model, Files files, Consumer<Picture> look) {
        super(4);
        this.workshop = workshop;
        this.model = model;
        this.files = files;
        this.look = look;
        Label head = new Label("Pictures");
        head.getStyleClass().add("group-title");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        Button add = Deed.button("add-picture", "Add", this::add);
        add.setAccessibleText("Add a picture to this fitting");
        HBox title = new HBox(head, space, add);
        title.setAlignment(Pos.BASELINE_LEFT);
        saying.setId("picture-said");
        saying.setWrapText(true);
        saying.getStyleClass().add("row-fault");
        saying.managedProperty().bind(saying.textProperty().isNotEmpty());
        saying.visibleProperty().bind(saying.textProperty().isNotEmpty());
        getChildren().addAll(title, pictures, saying);
    }

    private void add() {
        files.which(getScene().getWindow(), "A picture of the fitting", "jpg", "jpeg", "png", "webp")
                .ifPresent(file -> {
                    saying.setText("");
                    long commission = workshop.id();
                    work.begin(
                            "picture",
                            run -> {
                                try {
                                    byte[] picture = PictureTaking.taken(file);
                                    run.show(() -> kept(commission, picture));
                                } catch (PictureTaking.Refused e) {
                                    run.show(() -> saying.setText(e.getMessage()));
                                }
                            },
                            () -> saying.setText("The picture could not be taken. The log says why."));
                });
    }

    /** Another commission may be in hand by now: then it was not for this one. */
    private void kept(long commission, byte[] picture) {
        if (commission != workshop.id()) {
            return;
        }
        try {
            String id = workshop.book().pictures().keep(commission, picture);
            saying.setText(model.add(new Picture(id, "", List.of())).orElse(""));
        } catch (BookFailure e) {
            saying.setText(e.getMessage());
        }
    }

    /** The picture itself; empty where the store has lost it. */
    Optional<Image> image(Picture picture, double side) {
        return workshop.book()
                .pictures()
                .find(workshop.id(), picture.id())
                .map(bytes -> side > 0
                        ? new Image(new ByteArrayInputStream(bytes), side, side, true, true)
                        : new Image(new ByteArrayInputStream(bytes)));
    }

    void refresh() {
        List<Picture> all = model.fitting().map(f -> f.pictures()).orElse(List.of());
        pictures.getChildren().setAll(all.stream().map(this::small).toList());
    }

    private Node small(Picture picture) {
        Image image = small.computeIfAbsent(
                workshop.id() + picture.id(), key -> image(picture, 2 * HIGH).orElse(null));
        Button button = new Button();
        button.getStyleClass().setAll("taped-picture");
        button.setId("picture-" + picture.id());
        String words = picture.label().isEmpty() ? "picture" : picture.label();
        Label name = new Label(image == null ? "lost" : words);
        name.getStyleClass().add("quiet");
        ImageView view = new ImageView();
        view.setFitWidth(WIDE);
        view.setFitHeight(HIGH);
        view.setPreserveRatio(true);
        if (image != null) {
            view.setImage(image);
        }
        VBox box = new VBox(2, view, name);
        box.setAlignment(Pos.CENTER);
        button.setGraphic(box);
        button.setAccessibleText("Look at the " + words);
        button.setOnAction(e -> look.accept(picture));
        return button;
    }
}
