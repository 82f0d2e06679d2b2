package bathyra.app.pieces;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.stage.Marks;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.length.Length;
import bathyra.length.LengthText;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What was checked on the finished pieces: notes with their cure first, then what holds, a line a check. */
final class ChecksCard {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private final Workshop workshop;
    private final PiecesModel model;
    private final Consumer<Finding> look;

    /** @param look shows the place of a finding on the drawing */
    ChecksCard(Workshop workshop, PiecesModel model, Consumer<Finding> look) {
        this.workshop = workshop;
        this.model = model;
        this.look = look;
    }

    void show(Card card, Draft draft, Optional<Finding> looked) {
        card.begin("What was checked");
        List<Finding> all = new ArrayList<>(draft.findings());
        all.addAll(model.beforeCutting());
        all.stream().filter(f -> f.status() != Finding.Status.OK).forEach(f -> card.add(slip(f)));
        Map<FindingKind, List<Finding>> groups = new LinkedHashMap<>();
        all.stream().filter(f -> f.status() == Finding.Status.OK).forEach(f -> groups.computeIfAbsent(
                        f.kind(), k -> new ArrayList<>())
                .add(f));
        groups.forEach((kind, findings) -> card.add(row(kind, findings, looked)));
    }

    private VBox slip(Finding note) {
        boolean fault = note.status() == Finding.Status.FAULT;
        Label title = new Label(note.kind().title(), fault ? Marks.cross() : Marks.triangle());
        title.getStyleClass().add("note-title");
        Label words = new Label(note.sentence().in(workshop.unit()));
        words.getStyleClass().add("words");
        VBox slip = new VBox(title, words);
        slip.getStyleClass().add(fault ? "fault-slip" : "note-slip");
        switch (note.kind()) {
            case SEATED_LENGTH -> slip.getChildren().add(shorten(note));
            case NO_EFFECT ->
                LengthOption.ofId(note.subject())
                        .ifPresent(option -> slip.getChildren().add(cure("Forget it", "forget-" + option.id(), () -> {
                            workshop.letGo();
                            workshop.change(
                                    option.label() + " forgotten",
                                    workshop.commission()
                                            .withGarment(workshop.commission()
                                                    .garment()
                                                    .withoutLength(option)),
                                    InHand.once());
                        })));
            default -> {
                // The sentence itself says what to do.
            }
        }
        choosable(slip, title.getText() + ". " + words.getText(), note);
        return slip;
    }

    private static Button cure(String words, String id, Runnable deed) {
        Button cure = new Button(words);
        cure.getStyleClass().add("primary");
        cure.setId(id);
        cure.setOnAction(e -> deed.run());
        return cure;
    }

    /** A pointed or rounded front is cut back to the lap; another edge goes up to the next line. */
    private Button shorten(Finding note) {
        Garment garment = workshop.commission().garment();
        LowerShape shape = garment.lowerEdge();
        Length lap = Length.mm(Math.floor(note.limit()));
        LengthOption inFront = shape.isBasque() ? LengthOption.BASQUE_FRONT : LengthOption.FRONT_LENGTH_BELOW;
        boolean byLength = inFront.shapes(garment) && inFront.allows(lap);
        LowerShape shorter = shape == LowerShape.HIP ? LowerShape.HIGH_HIP : LowerShape.WAIST;
        String words = byLength
                ? "lower edge in front to " + LengthText.say(lap, workshop.unit())
                : "lower edge " + shorter.label().toLowerCase(Locale.ROOT);
        return cure(words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1), "shorten", () -> {
            workshop.letGo();
            workshop.change(
                    words,
                    workshop.commission()
                            .withGarment(byLength ? garment.withLength(inFront, lap) : garment.withLowerEdge(shorter)),
                    InHand.once());
        });
    }

    private HBox row(FindingKind kind, List<Finding> findings, Optional<Finding> looked) {
        Finding worst = kind.worst(findings);
        Label name = new Label(kind.title());
        name.getStyleClass().add("check-name");
        Label words = new Label(kind.summary(findings, workshop.unit()));
        words.getStyleClass().add("words");
        HBox row = new HBox(Marks.tick(), new VBox(name, words));
        row.getStyleClass().add("check-row");
        row.pseudoClassStateChanged(SELECTED, looked.isPresent() && looked.get() == worst);
        choosable(row, name.getText() + ". " + words.getText(), worst);
        return row;
    }

    /** Choosing it shows its place on the drawing. */
    private void choosable(Region part, String name, Finding which) {
        part.setFocusTraversable(true);
        part.setAccessibleText(name);
        part.setOnMouseClicked(e -> look.accept(which));
        part.setOnKeyPressed(e -> {
            if (PlaceKey.CORRECT.isPressed(e)) {
                look.accept(which);
            }
        });
    }
}
