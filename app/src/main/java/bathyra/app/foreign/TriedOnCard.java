package bathyra.app.foreign;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.OptionField;
import bathyra.app.reckoning.OptionField.Setting;
import bathyra.app.workshop.Workshop;
import bathyra.length.Length;
import bathyra.place.Level;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** The part of the card that puts a pattern from elsewhere on the wearer's body: what is asked for, and what was read. */
final class TriedOnCard {
    private static final Length DEPTH_MOST = Length.mm(1000);
    private static final Length GAP_MOST = Length.mm(200);
    private final Workshop workshop;
    private final ForeignModel model;
    private final TriedOn tried;
    private final MenuButton second = new MenuButton();
    private final OptionField waist;
    private final OptionField depth;
    private final OptionField gap;
    private final Button put = new Button("Put it on the body");
    private final Label asked = new Label();
    private final VBox box = new VBox();

    /** @param changed shows everything anew */
    TriedOnCard(Workshop workshop, ForeignModel model, Runnable changed) {
        this.workshop = workshop;
        this.model = model;
        this.tried = model.tried();
        box.getStyleClass().add("controls");
        asked.getStyleClass().addAll("words", "quiet");
        second.setId("foreign-second");
        second.setAccessibleText("The second level whose depth is known");
        second.setMaxWidth(Double.MAX_VALUE);
        for (Level level : TriedOn.SECOND) {
            MenuItem item = new MenuItem(level.label());
            item.setId("foreign-second-" + level.id());
            item.setOnAction(e -> {
                tried.second(level);
                changed.run();
            });
            second.getItems().add(item);
        }
        waist = field("try-waist", "Waist, below its top", DEPTH_MOST, tried::waist, tried::waist);
        depth = field("try-second", "The second, below its top", DEPTH_MOST, tried::depth, tried::depth);
        gap = field("try-gap", "Open behind", GAP_MOST, tried::gap, tried::gap);
        put.setId("foreign-try");
        put.setOnAction(e -> {
            model.tryOn();
            changed.run();
        });
    }

    private OptionField field(String id, String label, Length most, DoubleSupplier value, DoubleConsumer take) {
        Runnable nothing = () -> {};
        return new OptionField(
                new Setting(
                        new OptionField.Name("foreign-" + id, label, "Measured along the grain."),
                        new OptionField.Range(Length.mm(0), most),
                        new OptionField.State(
                                () -> Length.mm(
                                        model.pattern().isPresent()
                                                ? Math.min(most.millimetres(), value.getAsDouble())
                                                : 0),
                                () -> false,
                                Optional::empty),
                        new OptionField.Deeds(l -> take.accept(l.millimetres()), nothing, nothing, nothing)),
                workshop::unit);
    }

    void show(Card card) {
        card.section("On the body of " + workshop.commission().wearer().name());
        boolean isAsked = !model.isMarked();
        if (isAsked) {
            asked.setText("The pattern does not say where its levels lie. Give two heights on one piece, "
                    + model.chosen()
                            .map(c -> "the one in hand: " + model.piece().name())
                            .orElseGet(() -> "the first: "
                                    + model.pattern()
                                            .orElseThrow()
                                            .pieces()
                                            .get(0)
                                            .name())
                    + ". Along the seams they are carried to the others.");
            waist.refresh();
            second.setText("Second level: " + tried.second().label().toLowerCase(Locale.ROOT));
            depth.refresh();
        }
        gap.refresh();
        List<Node> parts = isAsked ? List.of(asked, waist, second, depth, gap, put) : List.of(gap, put);
        // The fields stay where they are, so that one can go on typing in them.
        if (!box.getChildren().equals(parts)) {
            box.getChildren().setAll(parts);
        }
        put.setDisable(tried.isWorking());
        put.setText(tried.isWorking() ? "Being put on" : "Put it on the body");
        card.add(box);
        for (String fault : tried.faults()) {
            Label words = new Label(fault);
            words.getStyleClass().add("words");
            VBox slip = new VBox(words);
            slip.getStyleClass().add("fault-slip");
            slip.setId("foreign-try-fault");
            card.add(slip);
        }
        tried.said().forEach(s -> card.words(s));
    }
}
