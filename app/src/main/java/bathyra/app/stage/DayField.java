package bathyra.app.stage;

import java.time.LocalDate;
import javafx.event.ActionEvent;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.DatePicker;
import javafx.scene.control.TextField;
import javafx.scene.control.skin.DatePickerSkin;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.stage.Popup;

/** A field for a day, which is typed or chosen in the calendar beside it. */
public final class DayField extends HBox {
    /** @param field takes what is typed when Enter is pressed; it has its id already */
    public DayField(TextField field) {
        super(4);
        HBox.setHgrow(field, Priority.ALWAYS);
        if (field.getPromptText() == null || field.getPromptText().isEmpty()) {
            field.setPromptText("year-month-day");
        }
        Button calendar = new Button("", Marks.calendar());
        calendar.setId(field.getId() + "-calendar");
        calendar.setAccessibleText("Choose the day in a calendar: " + field.getAccessibleText());
        calendar.getStyleClass().add("plain");
        calendar.setMinWidth(Region.USE_PREF_SIZE);
        calendar.setOnAction(e -> open(field, calendar));
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(field, calendar);
    }

    private static void open(TextField field, Button beside) {
        DatePicker picker = new DatePicker(Days.read(field.getText()).orElse(LocalDate.now()));
        picker.setShowWeekNumbers(false);
        Node page = new DatePickerSkin(picker).getPopupContent();
        Popup popup = new Popup();
        popup.setAutoHide(true);
        popup.getContent().add(page);
        picker.valueProperty().addListener((o, was, day) -> {
            popup.hide();
            field.setText(day.toString());
            field.fireEvent(new ActionEvent());
            beside.requestFocus();
        });
        Bounds at = beside.localToScreen(beside.getBoundsInLocal());
        popup.show(beside, at.getMinX(), at.getMaxY() + 2);
        page.requestFocus();
    }
}
