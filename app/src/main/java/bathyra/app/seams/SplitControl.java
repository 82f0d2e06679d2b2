package bathyra.app.seams;

import bathyra.app.workshop.Workshop;
import bathyra.garment.SplitOption;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Cell;
import bathyra.reckon.Reckoned;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** How a seam's intake is divided between its two edges, with a slider that is the ratio. */
final class SplitControl extends VBox {
    private final Workshop workshop;
    private final Cell cell;
    private final SplitOption option;
    private final Slider slider = new Slider(SplitOption.LEAST, SplitOption.MOST, 0.5);
    private final Label ratio = new Label();
    private final Label towardsCentre = new Label();
    private final Label towardsSide = new Label();
    private final Button back = new Button("Back to the rule");
    private boolean writing;

    SplitControl(Workshop workshop, SeamsModel model, SplitOption option, Cell cell) {
        this.workshop = workshop;
        this.option = option;
        this.cell = cell;
        getStyleClass().add("option");
        Label title = new Label("Split over its two edges");
        title.getStyleClass().add("check-name");
        ratio.setId("split-ratio");
        slider.setId("split-" + option.id());
        slider.setAccessibleText("Share of the intake towards the centre");
        slider.setBlockIncrement(0.01);
        slider.valueProperty().addListener((o, was, now) -> {
            if (!writing) {
                model.split(option, now.doubleValue());
            }
        });
        slider.setOnMousePressed(e -> workshop.letGo());
        back.getStyleClass().add("deed");
        back.setId("reset-" + option.id());
        back.setOnAction(e -> model.splitByRule(option));
        getChildren().addAll(apart(title, ratio), slider, apart(towardsCentre, towardsSide), back);
        refresh();
    }

    private static HBox apart(Label left, Label right) {
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        return new HBox(left, space, right);
    }

    void refresh() {
        Reckoned split = workshop.commission().garment().split(option);
        boolean own = workshop.commission().garment().splits().containsKey(option);
        writing = true;
        if (!slider.isValueChanging()) {
            slider.setValue(split.value());
        }
        writing = false;
        ratio.setText(SeamsModel.ratio(split.value()));
        back.setVisible(own);
        back.setManaged(own);
        workshop.half().filter(d -> d.girths().has(cell.level())).ifPresent(d -> {
            double intake = d.intakes().at(cell.level(), cell.seam()).value();
            towardsCentre.setText("centre " + LengthText.say(Length.mm(intake * split.value()), workshop.unit()));
            towardsSide.setText("side " + LengthText.say(Length.mm(intake * (1 - split.value())), workshop.unit()));
        });
    }
}
