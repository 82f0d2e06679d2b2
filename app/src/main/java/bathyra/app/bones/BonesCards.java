package bathyra.app.bones;

import static bathyra.app.reckoning.CardRows.deed;
import static bathyra.app.reckoning.CardRows.fields;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.OptionField;
import bathyra.app.stage.Marks;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Workshop;
import bathyra.bill.Shopping;
import bathyra.bone.Bones;
import bathyra.bone.Busk;
import bathyra.bone.Channel;
import bathyra.bone.Eyelets;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.BoneKind;
import bathyra.garment.Boning;
import bathyra.layer.Strip;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.stock.CuttingStock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The cards of the Bones stage: the channel in hand, the hardware, what is bought and cut. */
final class BonesCards {
    private final Workshop workshop;
    private final BonesModel model;
    private final Consumer<Finding> look;
    private final MenuButton kind = new MenuButton();
    private final MenuButton add = new MenuButton("Add a channel");
    private final MenuButton back = new MenuButton("Take one back");
    private final HBox deeds;
    private final VBox ofChannel = new VBox();
    private final VBox always = new VBox();
    private final VBox hardware = new VBox();
    private final MenuButton width = new MenuButton();
    private final OptionField busk;
    private final OptionField eyelets;

    /** @param look shows the place of a finding */
    BonesCards(Workshop workshop, BonesModel model, Consumer<Finding> look) {
        this.workshop = workshop;
        this.model = model;
        this.look = look;
        kind.setId("bone-kind");
        kind.setMaxWidth(Double.MAX_VALUE);
        for (BoneKind each : BoneKind.values()) {
            kind.getItems()
                    .add(item("bone-kind-" + each.id(), each.label() + ", " + each.reason(), () -> model.kind(each)));
        }
        add.setId("bone-add");
        add.setAccessibleText("Add a channel in a panel");
        add.setMaxWidth(Double.MAX_VALUE);
        back.setId("bone-back");
        back.setMaxWidth(Double.MAX_VALUE);
        deeds = fields(
                deed("Next", "bone-next", model::next),
                deed("Back to the rule", "bone-rule", model::byRule),
                deed("Leave out", "bone-out", model::leaveOut));
        ofChannel.getStyleClass().add("controls");
        always.getStyleClass().add("controls");
        hardware.getStyleClass().add("controls");
        width.setId("bone-width");
        width.setMaxWidth(Double.MAX_VALUE);
        for (Length each : Boning.WIDTHS) {
            width.getItems()
                    .add(item(
                            "bone-width-" + (int) each.millimetres(),
                            (int) each.millimetres() + " mm",
                            () -> model.width(each)));
        }
        Settings settings = new Settings(workshop);
        busk = new OptionField(
                settings.own(
                        "busk",
                        "Busk",
                        () -> "busk",
                        "By rule the longest stock length that leaves a little at either end.",
                        Boning.BUSK_LEAST,
                        Boning.BUSK_MOST,
                        g -> workshop.progress()
                                .bones()
                                .flatMap(Bones::busk)
                                .map(b -> b.length().length())
                                .orElse(Boning.BUSK_LEAST),
                        g -> g.boning().busk().isPresent(),
                        (g, l) -> g.withBoning(g.boning().withBusk(l))),
                workshop::unit);
        eyelets = new OptionField(
                settings.own(
                        "eyelets",
                        "Eyelets apart",
                        () -> "eyelets apart",
                        "Shared out evenly above and below the waist pull, where two stand close.",
                        Boning.EYELETS_LEAST,
                        Boning.EYELETS_MOST,
                        g -> g.boning().eyelets().orElse(Length.mm(22.5)),
                        g -> g.boning().eyelets().isPresent(),
                        (g, l) -> g.withBoning(g.boning().withEyelets(l))),
                workshop::unit);
    }

    private static MenuItem item(String id, String words, Runnable run) {
        MenuItem item = new MenuItem(words);
        item.setId(id);
        item.setOnAction(e -> run.run());
        return item;
    }

    private String say(double mm) {
        return LengthText.say(Length.mm(mm), workshop.unit());
    }

    /** The channel in hand and where its length comes from; without one the checks. */
    void channel(Card card, Optional<Finding> looked) {
        Optional<Channel> channel = model.chosen();
        add.getItems()
                .setAll(model.draft().pattern().pieces().stream()
                        .filter(p -> p.mark(Level.WAIST).isPresent() && p.role().isPanel())
                        .map(this::adding)
                        .toList());
        back.getItems()
                .setAll(model.leftOut().stream()
                        .map(id -> item("bone-back-" + id, id.replace('-', ' '), () -> model.takeBack(id)))
                        .toList());
        always.getChildren().setAll(model.leftOut().isEmpty() ? List.of(add) : List.of(add, back));
        if (channel.isPresent()) {
            Channel c = channel.get();
            kind.setText("Bone: " + c.kind().label().toLowerCase(Locale.ROOT));
            ofChannel.getChildren().setAll(kind, deeds);
            card.begin(number(c) + " " + c.label(), ofChannel, always);
            card.figure(c.cut(), workshop.unit());
            card.words((c.count() == 1 ? "Once" : c.count() + " times") + " in the garment"
                    + (c.byHand() ? ", placed by you." : ", placed by rule."));
            card.reckoning(c.cut(), workshop.unit(), n -> {});
            card.reckoning(c.cut().inputs().get(0), workshop.unit(), n -> {});
            card.belowControls();
        } else {
            ofChannel.getChildren().setAll(deed("Take the first channel", "bone-next", model::next));
            card.begin("Bones", ofChannel, always);
            card.words(model.bones().channels().size()
                    + " channels on this half. Click one on the table, or take them in turn.");
            card.belowControls();
        }
        findings(card);
    }

    private MenuItem adding(Piece piece) {
        return item("bone-add-" + piece.id(), piece.order() + " " + piece.name(), () -> model.add(piece));
    }

    private int number(Channel channel) {
        return model.bones().channels().indexOf(channel) + 1;
    }

    private void findings(Card card) {
        for (Finding each : model.bones().findings()) {
            if (each.status() != Finding.Status.OK) {
                card.add(slip(each));
            }
        }
        Map<FindingKind, Integer> holds = new LinkedHashMap<>();
        model.bones().with(Finding.Status.OK).forEach(f -> holds.merge(f.kind(), 1, Integer::sum));
        holds.forEach((kind, count) -> {
            Label row = card.words(kind.title() + ": " + count + (count == 1 ? " holds." : " hold."));
            row.setGraphic(Marks.tick());
            row.setGraphicTextGap(8);
        });
    }

    private VBox slip(Finding finding) {
        boolean fault = finding.status() == Finding.Status.FAULT;
        Label title = new Label(finding.kind().title(), fault ? Marks.cross() : Marks.triangle());
        title.getStyleClass().add("note-title");
        Label words = new Label(finding.sentence().in(workshop.unit()));
        words.getStyleClass().add("words");
        VBox slip = new VBox(title, words);
        slip.getStyleClass().add(fault ? "fault-slip" : "note-slip");
        slip.setFocusTraversable(true);
        slip.setAccessibleText(title.getText() + ". " + words.getText());
        slip.setOnMouseClicked(e -> look.accept(finding));
        return slip;
    }

    /** Busk, eyelets, cord and tape, each with its reckoning. */
    void hardware(Card card) {
        Bones bones = model.bones();
        width.setText("Bones " + say(model.boning().boneWidth().millimetres()) + " wide");
        List<Node> controls = new ArrayList<>(List.of(width));
        if (bones.busk().isPresent()) {
            busk.refresh();
            controls.add(busk);
        }
        if (bones.eyelets().isPresent()) {
            eyelets.refresh();
            controls.add(eyelets);
        }
        if (!hardware.getChildren().equals(controls)) {
            hardware.getChildren().setAll(controls);
        }
        card.begin("Hardware", hardware);
        card.belowControls();
        if (bones.busk().isPresent()) {
            Busk b = bones.busk().get();
            card.section("Busk");
            card.words(b.finding().sentence().in(workshop.unit()));
            card.reckoning(b.length(), workshop.unit(), n -> {});
        }
        if (bones.eyelets().isPresent()) {
            Eyelets e = bones.eyelets().get();
            card.section("Eyelets: " + e.points().size() + " on each edge");
            card.words(e.spacesAbove() + " spaces of "
                    + LengthText.say(e.above().length(), workshop.unit()) + " above the waist, "
                    + LengthText.say(e.pull().length(), workshop.unit()) + " at the waist pull, " + e.spacesBelow()
                    + " of " + LengthText.say(e.below().length(), workshop.unit()) + " below. "
                    + e.finding().sentence().in(workshop.unit()));
        }
        bones.cord().ifPresent(cord -> {
            card.section("Cord: " + LengthText.say(cord.length(), workshop.unit()));
            card.reckoning(cord, workshop.unit(), n -> {});
        });
        bones.wires().ifPresent(wires -> {
            card.section("Cup wires: 2 × " + LengthText.say(wires.wire().length(), workshop.unit()));
            card.reckoning(wires.wire(), workshop.unit(), n -> {});
            card.words(
                    "The channel lies in the cradle, "
                            + LengthText.say(wires.cradle().length(), workshop.unit()) + " long.",
                    "quiet");
        });
        card.section("Waist tape: " + (bones.tapes() == 1 ? "" : bones.tapes() + " × ")
                + LengthText.say(bones.tape().length(), workshop.unit()));
        card.reckoning(bones.tape(), workshop.unit(), n -> {});
        for (Strip strip : model.shopping().binding()) {
            card.section(strip.name() + ": " + LengthText.say(strip.length().length(), workshop.unit()));
            card.reckoning(strip.length(), workshop.unit(), n -> {});
        }
    }

    /** What is bought for the whole garment, and what is cut from what. */
    void buy(Card card) {
        Shopping shopping = model.shopping();
        card.begin("What to buy and cut");
        card.words("For the whole garment, from the lengths of your own stock (Lay, Prices). " + say(Shopping.KERF)
                + " are lost at each cut.");
        for (Finding finding : shopping.findings()) {
            card.add(slip(finding));
        }
        for (Shopping.BoneLot lot : shopping.bones()) {
            card.section(lot.kind().label() + ", " + (int) lot.width() + " mm: " + lot.count()
                    + (lot.count() == 1 ? " bone, " : " bones, ") + say(lot.length()));
            for (CuttingStock.Cut cut : lot.plan().cuts()) {
                card.words(say(cut.from().length()) + " → "
                        + String.join(
                                " + ",
                                cut.lengths().stream()
                                        .map(l -> LengthText.figure(Length.mm(l), workshop.unit()))
                                        .toList())
                        + ", " + say(cut.rest()) + " left");
            }
        }
        shopping.busk().ifPresent(b -> card.section("Busk " + say(b.length())));
        if (shopping.eyelets() > 0) {
            card.section(shopping.eyelets() + " eyelets");
        }
        shopping.cord().ifPresent(c -> card.section("Cord " + say(c.value())));
        shopping.wires()
                .ifPresent(w -> card.section("Cup wires 2 × " + say(w.wire().value())));
        shopping.binding()
                .forEach(b -> card.section(b.name() + " " + (b.count() == 1 ? "" : b.count() + " × ")
                        + say(b.length().value())));
        card.section("Waist tape " + (shopping.tapes() == 1 ? "" : shopping.tapes() + " × ")
                + say(shopping.tape().value()));
    }
}
