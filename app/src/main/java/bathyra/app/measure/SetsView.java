package bathyra.app.measure;

import bathyra.app.stage.Days;
import bathyra.app.stage.Scroll;
import bathyra.app.workshop.Workshop;
import bathyra.book.Measurings;
import bathyra.draft.Difference;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The dated sets of a wearer: each with what changed against the figures in hand, and what the draft would do with it, before it is taken over. */
final class SetsView extends VBox {
    private static final int GIRTHS_SHOWN = 6;
    private final Workshop workshop;
    private final VBox sets = new VBox();
    private final Label title = new Label();
    private final Runnable closed;

    /** @param closed run when the sets are laid aside */
    SetsView(Workshop workshop, Runnable closed) {
        this.workshop = workshop;
        this.closed = closed;
        getStyleClass().add("taking-in");
        setId("sets");
        title.getStyleClass().add("card-title");
        sets.getStyleClass().add("chorus-rows");
        Scroll scroll = Scroll.both(sets);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Button keep = button("keep-set", "Keep these figures as a set");
        keep.setOnAction(e -> {
            workshop.book().measurings().keep(workshop.commission());
            show();
        });
        Button leave = button("close-sets", "Back to the figure");
        leave.setOnAction(e -> closed.run());
        HBox deeds = new HBox(8, keep, leave);
        deeds.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().addAll(title, scroll, deeds);
    }

    private static Button button(String id, String text) {
        Button button = new Button(text);
        button.setId(id);
        return button;
    }

    void show() {
        title.setText("Sets of " + workshop.commission().wearer().name());
        sets.getChildren().clear();
        List<Measurings.Measuring> all =
                workshop.book().measurings().of(workshop.commission().wearer().name());
        if (all.isEmpty()) {
            sets.getChildren()
                    .add(words(
                            "No set is kept yet. Keep these figures as one; when the wearer is measured again, the change against it is shown here.",
                            "quiet"));
        }
        for (int i = 0; i < all.size(); i++) {
            sets.getChildren().add(set(all.get(i), i));
        }
    }

    private VBox set(Measurings.Measuring measuring, int index) {
        Label day = new Label(Days.writeWithYear(measuring.day()));
        day.getStyleClass().add("note-title");
        VBox box = new VBox(day);
        box.getStyleClass().add("set");
        Commission now = workshop.commission();
        LengthUnit unit = workshop.unit();
        boolean same = true;
        for (MeasurementKey key : MeasurementKey.values()) {
            Optional<Length> here =
                    Optional.ofNullable(now.measurements().taken().get(key));
            Optional<Length> there = Optional.ofNullable(measuring.set().taken().get(key));
            if (!here.equals(there)) {
                same = false;
                box.getChildren()
                        .add(words(
                                key.label() + ": " + say(here, unit) + " → " + say(there, unit)
                                        + change(here, there, unit),
                                "set-change"));
            }
        }
        if (same) {
            box.getChildren().add(words("The figures in hand are these.", "quiet"));
            return box;
        }
        box.getChildren().add(words(effect(now.withMeasurements(measuring.set()), unit), "quiet"));
        Button take = button("take-set-" + index, "Take this set over");
        take.setOnAction(e -> {
            workshop.letGo();
            workshop.once("set of " + Days.writeWithYear(measuring.day()), now.withMeasurements(measuring.set()));
            closed.run();
        });
        box.getChildren().add(take);
        return box;
    }

    private static String say(Optional<Length> length, LengthUnit unit) {
        return length.map(l -> LengthText.say(l, unit)).orElse("not taken");
    }

    private static String change(Optional<Length> here, Optional<Length> there, LengthUnit unit) {
        if (here.isEmpty() || there.isEmpty()) {
            return "";
        }
        double by = there.get().millimetres() - here.get().millimetres();
        return " (" + (by > 0 ? "+" : "") + LengthText.say(Length.mm(by), unit) + ")";
    }

    /** What the draft would do: which girths move, or why there would be none. */
    private String effect(Commission with, LengthUnit unit) {
        Outcome outcome = Drafter.draft(with);
        if (outcome instanceof Refusal refusal) {
            return "With it there is no draft: "
                    + refusal.reasons().get(0).sentence().in(unit);
        }
        if (workshop.draft().isEmpty()) {
            return "With it there is a draft.";
        }
        List<String> girths = Difference.between(workshop.draft().get(), (Draft) outcome).stream()
                .filter(d -> d.kind() == Difference.Kind.GIRTH)
                .limit(GIRTHS_SHOWN)
                .map(d -> d.name().toLowerCase(Locale.ROOT) + " " + (d.by() > 0 ? "+" : "")
                        + LengthText.say(Length.mm(d.by()), unit))
                .toList();
        return girths.isEmpty()
                ? "With it no girth of the draft moves."
                : "With it the draft's girths move: " + String.join(", ", girths) + ".";
    }

    private static Label words(String text, String type) {
        Label label = new Label(text);
        label.getStyleClass().addAll("words", type);
        return label;
    }
}
