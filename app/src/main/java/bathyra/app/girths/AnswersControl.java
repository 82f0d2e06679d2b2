package bathyra.app.girths;

import bathyra.app.reckoning.Deed;
import bathyra.app.workshop.Workshop;
import bathyra.draft.LacingRule;
import bathyra.garment.HealthRecord;
import java.time.LocalDate;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** What is asked before anyone is laced: the question to read out, the answers, and what follows from them (C17.1). */
final class AnswersControl extends VBox {
    private final Workshop workshop;
    private final ObjectProperty<HealthRecord.Age> age = new SimpleObjectProperty<>();
    private final CheckBox pregnant = new CheckBox("Pregnant, or a birth within six months");
    private final CheckBox surgery = new CheckBox("Surgery within six months");
    private final CheckBox condition = new CheckBox("Heart, lungs, stomach, back or pelvic floor");
    private final CheckBox doctor = new CheckBox("A doctor knows of the lacing and agrees");
    private final Label record = new Label();
    private String wearer = "";

    AnswersControl(Workshop workshop) {
        super(6);
        this.workshop = workshop;
        Label question = new Label("Read out: “" + LacingRule.QUESTION + "”");
        question.setWrapText(true);
        question.getStyleClass().add("words");
        record.setWrapText(true);
        record.getStyleClass().add("words");
        record.setId("answers-record");
        MenuButton ages = new MenuButton();
        ages.setId("answers-age");
        ages.setAccessibleText("Age of the wearer");
        ages.textProperty().bind(age.map(HealthRecord.Age::label).orElse("Age"));
        for (HealthRecord.Age each : HealthRecord.Age.values()) {
            MenuItem item = new MenuItem(each.label());
            item.setId("answers-age-" + each.id());
            item.setOnAction(e -> age.set(each));
            ages.getItems().add(item);
        }
        pregnant.setId("answers-pregnant");
        surgery.setId("answers-surgery");
        condition.setId("answers-condition");
        doctor.setId("answers-doctor");
        doctor.visibleProperty().bind(surgery.selectedProperty().or(condition.selectedProperty()));
        doctor.managedProperty().bind(doctor.visibleProperty());
        var keep = Deed.button("answers-keep", "Keep the answers", this::keep);
        keep.disableProperty().bind(age.isNull());
        for (CheckBox box : new CheckBox[] {pregnant, surgery, condition, doctor}) {
            box.setWrapText(true);
        }
        getChildren().addAll(question, ages, pregnant, surgery, condition, doctor, keep, record);
    }

    private void keep() {
        boolean asksDoctor = surgery.isSelected() || condition.isSelected();
        workshop.answered(new HealthRecord(
                age.get(),
                pregnant.isSelected(),
                surgery.isSelected(),
                condition.isSelected(),
                asksDoctor ? Optional.of(doctor.isSelected()) : Optional.empty(),
                LocalDate.now()));
    }

    /** Shows what is on record; answers that are being given stay as long as the wearer is the same. */
    void refresh() {
        Optional<HealthRecord> answers = workshop.answers();
        String now = workshop.commission().wearer().name();
        if (!now.equals(wearer)) {
            wearer = now;
            age.set(answers.map(HealthRecord::age).orElse(null));
            pregnant.setSelected(answers.filter(HealthRecord::pregnant).isPresent());
            surgery.setSelected(answers.filter(HealthRecord::surgery).isPresent());
            condition.setSelected(answers.filter(HealthRecord::condition).isPresent());
            doctor.setSelected(answers.flatMap(HealthRecord::doctorAgrees).orElse(false));
        }
        record.setText(answers.map(AnswersControl::said)
                .orElse(
                        workshop.commission().restricted()
                                ? "The document says that the wearer is not to be laced; it does not say why."
                                : workshop.isToBeAsked()
                                        ? "Not asked yet. It stops nothing, and stands on the cover until it is asked."
                                        : "Not asked yet."));
    }

    private static String said(HealthRecord answers) {
        String day = "Answered on " + answers.day() + ". ";
        return answers.forbidsLacing()
                ? day + "Not to be laced: rib and waist are drafted as large as the body."
                : answers.lacksDoctor()
                        ? day + "Ask for a doctor's word before lacing."
                        : day + "The answers belong to the wearer and go into no output.";
    }
}
