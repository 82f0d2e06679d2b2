package bathyra.app.lay;

import static bathyra.app.reckoning.CardRows.deed;
import static bathyra.app.reckoning.CardRows.fields;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows.NameField;
import bathyra.app.reckoning.NumberField;
import bathyra.app.workshop.Workshop;
import bathyra.garment.Cloth;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** The cloth of a layer: taken from the list, its width, nap and shrinkage, and how it lies. */
final class ClothCard {
    private static final double PERCENT = 100;
    private static final double MONEY = 100_000;
    private static final double SELVEDGE_MOST = 70;
    private static final double SELVEDGE_SHARE = 5;
    private static final int NAME_MOST = 60;
    private final Workshop workshop;
    private final LayModel model;
    private final MenuButton cloth = new MenuButton();
    private final NameField name;
    private final CheckBox folded = new CheckBox("Lay it folded");
    private final CheckBox oneWay = new CheckBox("Nap or print with a way up");
    private final List<NumberField> figures = new ArrayList<>();
    private final VBox typed = new VBox();
    private final VBox box = new VBox();
    private Optional<LengthUnit> built = Optional.empty();

    ClothCard(Workshop workshop, LayModel model) {
        this.workshop = workshop;
        this.model = model;
        cloth.setId("cloth");
        cloth.setMaxWidth(Double.MAX_VALUE);
        folded.setId("cloth-folded");
        folded.setOnAction(e -> model.folded(folded.isSelected()));
        oneWay.setId("cloth-one-way");
        oneWay.setOnAction(e -> {
            Cloth c = model.use().cloth();
            model.cloth(new Cloth(
                    c.name(), c.width(), c.selvedge(), oneWay.isSelected(), c.along(), c.across(), c.price()));
        });
        box.getStyleClass().add("controls");
        name = new NameField(
                "cloth-name",
                "Name of the cloth",
                NAME_MOST,
                () -> model.use().cloth().name(),
                text -> {
                    Cloth c = model.use().cloth();
                    model.cloth(
                            new Cloth(text, c.width(), c.selvedge(), c.oneWay(), c.along(), c.across(), c.price()),
                            "name");
                });
        Label named = new Label("Name");
        named.setLabelFor(name);
        box.getChildren().addAll(cloth, fields(named, name), folded, oneWay);
        typed.getStyleClass().add("controls");
        box.getChildren().add(typed);
        box.getChildren()
                .add(fields(
                        deed("Keep in the list", "keep-cloth", this::keepCloth),
                        deed("Take off the list", "drop-cloth", this::dropCloth)));
    }

    /** The fields, in the cutter's unit. */
    private void build(LengthUnit unit) {
        double one = unit.millimetres();
        figures.clear();
        length(
                "width",
                "Width",
                unit,
                Cloth.WIDTH_LEAST,
                Cloth.WIDTH_MOST,
                Cloth::width,
                (c, v) -> new Cloth(
                        c.name(),
                        v * one,
                        Math.min(c.selvedge(), v * one / SELVEDGE_SHARE),
                        c.oneWay(),
                        c.along(),
                        c.across(),
                        c.price()));
        length(
                "selvedge",
                "Selvedge",
                unit,
                0,
                SELVEDGE_MOST,
                Cloth::selvedge,
                (c, v) -> new Cloth(c.name(), c.width(), v * one, c.oneWay(), c.along(), c.across(), c.price()));
        figure(
                "along",
                "Shrinks along",
                "%",
                0,
                20,
                1,
                c -> c.along() * PERCENT,
                (c, v) -> new Cloth(c.name(), c.width(), c.selvedge(), c.oneWay(), v / PERCENT, c.across(), c.price()));
        figure(
                "across",
                "Shrinks across",
                "%",
                0,
                20,
                1,
                c -> c.across() * PERCENT,
                (c, v) -> new Cloth(c.name(), c.width(), c.selvedge(), c.oneWay(), c.along(), v / PERCENT, c.price()));
        figure(
                "price",
                "Price of a metre",
                "",
                0,
                MONEY,
                2,
                Cloth::price,
                (c, v) -> new Cloth(c.name(), c.width(), c.selvedge(), c.oneWay(), c.along(), c.across(), v));
        figures.add(new NumberField(
                new NumberField.Kind("cloth-gap", "Between pieces", "mm", 0, 40, 0),
                () -> model.use().gap().millimetres(),
                v -> model.gap(Length.mm(v)),
                workshop::letGo));
        typed.getChildren().setAll(figures);
        built = Optional.of(unit);
    }

    private void length(
            String id,
            String label,
            LengthUnit unit,
            double least,
            double most,
            ToDoubleFunction<Cloth> value,
            BiFunction<Cloth, Double, Cloth> with) {
        double one = unit.millimetres();
        // The ends are said to a tenth: what is said can be typed.
        figure(
                id,
                label,
                unit.symbol(),
                Math.ceil(least / one * 10) / 10,
                Math.floor(most / one * 10) / 10,
                1,
                c -> value.applyAsDouble(c) / one,
                with);
    }

    private void figure(
            String id,
            String label,
            String unit,
            double least,
            double most,
            int decimals,
            ToDoubleFunction<Cloth> value,
            BiFunction<Cloth, Double, Cloth> with) {
        figures.add(new NumberField(
                new NumberField.Kind("cloth-" + id, label, unit, least, most, decimals),
                () -> value.applyAsDouble(model.use().cloth()),
                v -> model.cloth(with.apply(model.use().cloth(), v), label.toLowerCase(Locale.ROOT)),
                workshop::letGo));
    }

    private void dropCloth() {
        String dropped = model.use().cloth().name();
        workshop.kept()
                .setPrices(workshop.kept()
                        .prices()
                        .withCloths(workshop.kept().prices().cloths().stream()
                                .filter(c -> !c.name().equals(dropped))
                                .toList()));
    }

    private void keepCloth() {
        List<Cloth> next = new ArrayList<>(workshop.kept().prices().cloths());
        Cloth kept = model.use().cloth();
        next.removeIf(c -> c.name().equals(kept.name()));
        next.add(kept);
        workshop.kept().setPrices(workshop.kept().prices().withCloths(next));
    }

    /** Shows the cloth of the layer in hand. */
    void show(Card card) {
        cloth.setText("Cloths in the list");
        name.refresh();
        cloth.getItems()
                .setAll(workshop.kept().prices().cloths().stream()
                        .map(c -> {
                            MenuItem item = new MenuItem(c.name());
                            item.setId(
                                    "cloth-" + c.name().toLowerCase(Locale.ROOT).replace(' ', '-'));
                            item.setOnAction(e -> model.cloth(c));
                            return item;
                        })
                        .toList());
        folded.setSelected(model.use().folded());
        oneWay.setSelected(model.use().cloth().oneWay());
        if (!built.equals(Optional.of(workshop.unit()))) {
            build(workshop.unit());
        }
        figures.forEach(NumberField::refresh);
        card.begin("Cloth of the " + model.layer().label().toLowerCase(Locale.ROOT), box);
        card.belowControls();
        card.words(
                "Pieces are drawn larger by what the cloth shrinks. With a nap no piece is turned end for end. On folded cloth pairs are cut at once, and what is cut on the fold lies on it.");
    }
}
