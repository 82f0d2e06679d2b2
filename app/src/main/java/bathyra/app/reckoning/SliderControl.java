package bathyra.app.reckoning;

import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import java.util.function.DoubleSupplier;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A plain number that is set with a slider, with its value beside its name. */
public final class SliderControl extends VBox {
    private final Slider slider;
    private final Label value = new Label();
    private final DoubleSupplier now;
    private final DoubleFunction<String> say;
    private boolean writing;

    public SliderControl(
            String id,
            String title,
            double least,
            double most,
            DoubleSupplier now,
            DoubleConsumer take,
            DoubleFunction<String> say,
            Runnable letGo) {
        this.now = now;
        this.say = say;
        getStyleClass().add("option");
        slider = new Slider(least, most, now.getAsDouble());
        slider.setId(id);
        slider.setAccessibleText(title);
        slider.setBlockIncrement((most - least) / 30);
        slider.valueProperty().addListener((o, was, next) -> {
            if (!writing) {
                take.accept(next.doubleValue());
            }
        });
        slider.setOnMousePressed(e -> letGo.run());
        Label name = new Label(title);
        name.getStyleClass().add("check-name");
        value.setMinWidth(Region.USE_PREF_SIZE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren().addAll(new HBox(name, space, value), slider);
        refresh();
    }

    public void refresh() {
        writing = true;
        if (!slider.isValueChanging()) {
            slider.setValue(now.getAsDouble());
        }
        writing = false;
        value.setText(say.apply(now.getAsDouble()));
    }
}
