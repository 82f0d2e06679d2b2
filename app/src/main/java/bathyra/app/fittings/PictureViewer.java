package bathyra.app.fittings;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.CardRows;
import bathyra.app.reckoning.Deed;
import bathyra.fitting.Mark;
import bathyra.fitting.Picture;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/** A picture large over the table, with the numbers of marks where they were seen on it. */
final class PictureViewer extends BorderPane {
    private static final double RADIUS = 10;

    private final FittingsModel model;
    private final ImageView view = new ImageView();
    private final Pane over = new Pane(view);
    private final Label hint = new Label();
    private final CardRows.NameField label;
    private Optional<String> shown = Optional.empty();

    PictureViewer(FittingsModel model) {
        this.model = model;
        getStyleClass().add("picture-viewer");
        setId("picture-viewer");
        view.setPreserveRatio(true);
        over.setMinSize(0, 0);
        over.setId("picture-large");
        over.setOnMouseClicked(e -> put(e.getX(), e.getY()));
        over.layoutBoundsProperty().addListener((o, was, now) -> fit());
        label = new CardRows.NameField(
                "picture-label",
                "What the picture shows",
                60,
                () -> picture().map(Picture::label).orElse(""),
                text -> change(picture().map(p -> p.labelled(text))));
        label.setPromptText("front, side, back …");
        Button close = new Button("Close");
        close.setId("close-picture");
        close.setMinWidth(Region.USE_PREF_SIZE);
        close.setOnAction(e -> close());
        HBox top = new HBox(10, label, Deed.button("remove-picture", "Take it out", this::takeOut), close);
        top.setAlignment(Pos.CENTER_LEFT);
        top.getStyleClass().add("fields");
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        setTop(top);
        setCenter(over);
        setBottom(hint);
        setVisible(false);
        setManaged(false);
        setOnKeyPressed(e -> {
            if (PlaceKey.LET_GO.isPressed(e)) {
                close();
                e.consume();
            }
        });
    }

    private Optional<Picture> picture() {
        return shown.flatMap(id -> model.fitting()
                .flatMap(f ->
                        f.pictures().stream().filter(p -> p.id().equals(id)).findFirst()));
    }

    void look(Picture picture, Image image) {
        shown = Optional.of(picture.id());
        view.setImage(image);
        setVisible(true);
        setManaged(true);
        label.refresh();
        fit();
        requestFocus();
    }

    void close() {
        shown = Optional.empty();
        view.setImage(null);
        setVisible(false);
        setManaged(false);
    }

    private void takeOut() {
        picture().ifPresent(model::takeOut);
        close();
    }

    private void change(Optional<Picture> next) {
        next.ifPresent(model::change);
    }

    /** The mark in hand is put where it is pressed. */
    private void put(double x, double y) {
        Optional<Mark> mark = model.mark();
        double wide = view.getBoundsInParent().getWidth();
        double high = view.getBoundsInParent().getHeight();
        double left = view.getBoundsInParent().getMinX();
        double top = view.getBoundsInParent().getMinY();
        boolean inside = x >= left && x <= left + wide && y >= top && y <= top + high;
        if (mark.isPresent() && inside && wide > 0 && high > 0) {
            change(picture()
                    .map(p -> p.with(
                            new Picture.Dot(mark.get().number(), round((x - left) / wide), round((y - top) / high)))));
        }
    }

    private static double round(double share) {
        return Math.round(share * 1000) / 1000.0;
    }

    private void fit() {
        view.setFitWidth(over.getWidth());
        view.setFitHeight(over.getHeight());
        view.relocate(
                (over.getWidth() - view.getBoundsInLocal().getWidth()) / 2,
                (over.getHeight() - view.getBoundsInLocal().getHeight()) / 2);
        refresh();
    }

    void refresh() {
        if (shown.isEmpty()) {
            return;
        }
        Optional<Picture> picture = picture();
        if (picture.isEmpty()) {
            close();
            return;
        }
        label.refresh();
        hint.setText(model.mark()
                .map(m -> "Press where mark " + m.number() + " was seen.")
                .orElse("Take a mark in hand in the list, then press where it was seen."));
        over.getChildren().setAll(view);
        for (Picture.Dot dot : picture.get().dots()) {
            Label number = new Label(Integer.toString(dot.mark()));
            number.getStyleClass().add("mark-number");
            number.setMouseTransparent(true);
            number.relocate(
                    view.getBoundsInParent().getMinX()
                            + dot.x() * view.getBoundsInParent().getWidth()
                            - RADIUS,
                    view.getBoundsInParent().getMinY()
                            + dot.y() * view.getBoundsInParent().getHeight()
                            - RADIUS);
            over.getChildren().add(number);
        }
    }
}
