package bathyra.app.sizes;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions.Entry;
import bathyra.garment.LayerKind;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import bathyra.size.Batch;
import bathyra.size.Costume;
import bathyra.size.Growing;
import bathyra.size.SizeChart;
import bathyra.size.SizedDraft;
import bathyra.size.StepGains;
import bathyra.size.WearersSize;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What is written beside the sizes: the step in hand and what it gives the pieces, what there is to look at, whose size it is, what goes out. */
final class SizesCard {
    private static final int OTHERS_NAMED = 8;

    private final Workshop workshop;
    private final SizesModel model;
    private final Files files;
    private final Card card;
    private final Map<Growing.Kind, CheckBox> grows = new EnumMap<>(Growing.Kind.class);
    private final VBox growing = new VBox(4);
    private final MenuButton wearer = new MenuButton();
    private final Button nest = new Button("Put out the nest");
    private final FlowPane deeds = new FlowPane(10, 2);
    // A button that is made anew while it is pressed loses the focus.
    private final Button each;
    private final TypedField ratio;
    private final Button writeBatch;
    private final Button beginHers;
    private final Button who;
    private final Button fromWearer;

    private final Consumer<LayerKind> lookAt;
    private Optional<Batch> rowsOf = Optional.empty();
    private List<Button> rows = List.of();

    /** @param lookAt shows how a layer of what is cut together lies */
    SizesCard(Workshop workshop, SizesModel model, Files files, Card card, Consumer<LayerKind> lookAt) {
        this.lookAt = lookAt;
        this.workshop = workshop;
        this.model = model;
        this.files = files;
        this.card = card;
        for (Growing.Kind kind : Growing.Kind.values()) {
            CheckBox box = new CheckBox(kind.label());
            box.setId("grows-" + kind.name().toLowerCase(Locale.ROOT));
            box.setOnAction(e -> model.grow(kind, box.isSelected()));
            grows.put(kind, box);
            growing.getChildren().add(box);
        }
        nest.setId("sizes-nest-out");
        nest.getStyleClass().add("primary");
        nest.setMaxWidth(Double.MAX_VALUE);
        nest.setOnAction(e -> folder("The nest: PDF, SVG and DXF").ifPresent(model::putOutNest));
        each = CardRows.deed("One set each", "sizes-each-out", () -> folder("A set for each size")
                .ifPresent(model::putOutEach));
        ratio = new TypedField("sizes-ratio", "How many of each size", model::cutTogether, model::say);
        ratio.setPromptText("1-2-2-1");
        writeBatch =
                CardRows.deed("Write the list and the lays", "sizes-batch-out", () -> folder("What is cut together")
                        .ifPresent(model::writeBatch));
        beginHers = CardRows.deed("Begin her commission", "sizes-begin-hers", model::beginHers);
        who = CardRows.deed("Who else in the book wears it", "sizes-others", model::lookWhoElse);
        fromWearer = CardRows.deed("From this wearer", "chart-from-wearer", model.charts()::beginFromWearer);
        deeds.getChildren()
                .addAll(
                        CardRows.deed("Take the size away", "size-remove", model.charts()::remove),
                        CardRows.deed("Carry the step on", "size-fill", model.charts()::fillDown),
                        CardRows.deed("Take the column away", "size-column-remove", model.charts()::removeColumn),
                        CardRows.deed("Undo", "sizes-undo", model.charts()::undo),
                        CardRows.deed("Take a table in", "chart-read", () -> files.which(
                                        card.getScene().getWindow(), "A chart of sizes", "csv")
                                .ifPresent(model::takeIn)),
                        CardRows.deed("Write it", "chart-write", () -> files.where(
                                        card.getScene().getWindow(), "The chart of sizes", "sizes.csv")
                                .ifPresent(model::write)),
                        CardRows.deed("Throw it away", "chart-throw", model.charts()::throwAway));
        wearer.setId("sizes-wearer");
        wearer.setAccessibleText("Whose size is looked for");
    }

    private Optional<Path> folder(String title) {
        return files.folder(card.getScene().getWindow(), title);
    }

    void show() {
        Optional<SizeChart> chart = model.charts().chart();
        if (chart.isEmpty()) {
            card.begin("Sizes");
            card.words("A chart of your own sizes; one design drafts itself in all of them.");
            card.add(fromWearer);
            card.end();
            return;
        }
        step(chart.get());
        looked(chart.get());
        outward();
        together();
        hers();
        costume();
        card.section("What grows with the body");
        card.words(
                "Of what you set yourself. Seams stand by their share of the half; allowances, busk and bones stay in their steps.");
        grows.forEach((kind, box) -> box.setSelected(model.growing().grows(kind)));
        card.add(growing);
        card.section("The chart");
        card.add(fromWearer);
        card.add(deeds);
        card.end();
    }

    private LengthUnit unit() {
        return workshop.unit();
    }

    private String say(double mm) {
        return LengthText.say(Length.mm(mm), unit());
    }

    /** The step up to the size in hand, and how the draft shares it out. */
    private void step(SizeChart chart) {
        String size = chart.sizes()
                .get(Math.min(model.charts().row(), chart.sizes().size() - 1))
                .label();
        Optional<MeasurementKey> key = model.charts().key();
        Optional<Double> step = key.flatMap(k -> chart.step(model.charts().row(), k));
        if (key.isEmpty() || step.isEmpty()) {
            card.begin("Size " + size);
            card.words(
                    model.charts().row() == 0
                            ? "The first size of its row; a step goes up to the next."
                            : "No step leads to it.");
        } else {
            String from = chart.sizes()
                    .get(chart.before(model.charts().row()).orElseThrow())
                    .label();
            card.begin(key.get().label() + ", size " + from + " to " + size);
            card.words(say(step.get()) + (step.get() >= 0 ? " more" : " less"), "card-title");
            Arrays.stream(Level.values())
                    .filter(l -> l.girth() == key.get())
                    .findFirst()
                    .ifPresent(level -> gains(level));
        }
    }

    private void gains(Level level) {
        Optional<StepGains> gains = model.gains();
        if (gains.isEmpty() || model.charts().row() < 1 || gains.get().at(level).isEmpty()) {
            return;
        }
        card.section("Half of it lies in the pieces, by the draft");
        for (StepGains.Gain gain : gains.get().at(level)) {
            double by = gain.at(model.charts().row());
            card.words(
                    Double.isNaN(by)
                            ? gain.name() + ": one of the two sizes does not draft"
                            : LengthText.figure(Length.mm(by), unit()) + "  " + gain.name() + ", "
                                    + LengthText.figure(
                                            Length.mm(
                                                    gain.widths()[model.charts().row() - 1]),
                                            unit()) + " → "
                                    + LengthText.figure(
                                            Length.mm(
                                                    gain.widths()[model.charts().row()]),
                                            unit())
                                    + (gain.isJump(model.charts().row()) ? ": a jump, over twice its neighbours" : ""));
        }
        double sum = gains.get().sum(level, model.charts().row());
        if (!Double.isNaN(sum)) {
            card.words(say(sum) + " in the half; nothing is scaled.", "formula");
        }
    }

    private void looked(SizeChart chart) {
        for (SizeChart.Remark remark : chart.remarks()) {
            card.words(remark.sentence().in(unit()), "caution");
        }
        model.set()
                .map(s -> s.sizes().get(Math.min(model.charts().row(), s.sizes().size() - 1)))
                .ifPresent(this::notes);
        List<StepGains.Gain> jumps =
                model.gains().map(g -> g.jumps(model.charts().row())).orElse(List.of());
        if (!jumps.isEmpty()) {
            card.words(
                    "The step to this size jumps at "
                            + jumps.stream()
                                    .map(g -> g.name().toLowerCase(Locale.ROOT) + ", "
                                            + g.level().label().toLowerCase(Locale.ROOT))
                                    .distinct()
                                    .collect(Collectors.joining("; "))
                            + ".",
                    "caution");
        }
        if (!model.said().isEmpty()) {
            card.words(model.said(), "caution").setId("sizes-said");
        }
    }

    private void notes(SizedDraft sized) {
        card.section("Size " + sized.size().label());
        if (sized.notes().isEmpty()) {
            card.words("Drafts clean.");
        }
        sized.notes().forEach(note -> card.words(note.in(unit())));
        if (!sized.borrowed().isEmpty()) {
            card.words(
                    "Not in the chart, taken from the body of the design: "
                            + sized.borrowed().stream()
                                    .map(k -> k.label().toLowerCase(Locale.ROOT))
                                    .collect(Collectors.joining(", "))
                            + ".",
                    "quiet");
        }
    }

    private void outward() {
        card.section("Put out");
        nest.setDisable(model.nest().isEmpty() || model.nest().get().pieces().isEmpty());
        card.add(nest);
        card.add(each);
        if (model.set().filter(s -> s.mustBeSpokenOf()).isPresent()) {
            card.words(
                    "A size draws the waist in past the top level: tell each wearer, and have it agreed, before she is laced. It stands on every sheet.",
                    "caution");
        }
    }

    /** Several garments cut at once. */
    private void together() {
        card.section("Cut together");
        card.words("How many of each size, with strokes between: 1-2-2-1.", "quiet");
        card.add(ratio);
        model.batch().ifPresent(batch -> {
            rows(batch).forEach(card::add);
            card.words("Press a layer and the table shows how it lies.", "quiet");
            if (!batch.bones().isEmpty()) {
                card.words(batch.bones().values().stream().mapToInt(i -> i).sum() + " bones of "
                        + batch.bones().size() + " lengths");
            }
            card.words(batch.eyelets() + " eyelets, " + say(batch.cord()) + " of cord"
                    + batch.busks().entrySet().stream()
                            .map(e -> ", " + e.getValue() + " × " + e.getKey())
                            .collect(Collectors.joining()));
            card.add(writeBatch);
        });
    }

    /** What of a layer is cut; pressed, the table shows how it lies. */
    private Button layer(LayerKind kind, Batch.Cut cut) {
        return CardRows.sentence(
                kind.label() + ", " + cut.cloth().name() + ": " + cut.pieces() + " pieces"
                        + cut.lay()
                                .map(l -> ", " + say(l.bought()) + " to buy")
                                .orElse(", which this cloth cannot take"),
                "batch-" + kind.id(),
                () -> lookAt.accept(kind));
    }

    /** The rows stay while the batch does: one that is pressed keeps the focus. */
    private List<Button> rows(Batch batch) {
        if (!rowsOf.equals(Optional.of(batch))) {
            rowsOf = Optional.of(batch);
            rows = batch.layers().entrySet().stream()
                    .map(e -> layer(e.getKey(), e.getValue()))
                    .toList();
        }
        return rows;
    }

    private void hers() {
        card.section("Which size has a wearer");
        fillWearers();
        card.add(wearer);
        if (model.wearer().isPresent() && model.hers().isEmpty()) {
            card.words("Her underbust or her waist is not on record, or no size drafts.");
        }
        model.hers().ifPresent(this::hers);
    }

    private void hers(WearersSize size) {
        card.words(
                "Size " + size.sized().size().label()
                        + size.alterations().entrySet().stream()
                                .map(e -> ", " + e.getKey().label().toLowerCase(Locale.ROOT)
                                        + (e.getValue() > 0 ? " + " : " − ")
                                        + LengthText.figure(Length.mm(Math.abs(e.getValue())), unit()))
                                .collect(Collectors.joining()),
                "card-title");
        card.words("The gap if she wears it: "
                + size.fromTheTop().stream()
                        .map(e -> e.getKey().label().toLowerCase(Locale.ROOT) + " " + say(e.getValue()))
                        .collect(Collectors.joining(", "))
                + ". " + (size.isGood() ? "It is good, and parallel." : good()));
        card.add(beginHers);
    }

    private String good() {
        return "Good is " + LengthText.figure(Length.mm(WearersSize.GAP_LEAST), unit()) + " to "
                + say(WearersSize.GAP_MOST) + ", and parallel within " + say(WearersSize.PARALLEL) + ".";
    }

    private void fillWearers() {
        wearer.setText(model.wearer().map(Entry::wearer).orElse("Choose a wearer"));
        if (wearer.getItems().isEmpty()) {
            wearer.setOnShowing(e -> wearer.getItems()
                    .setAll(wearers().values().stream()
                            .map(entry -> {
                                MenuItem item = new MenuItem(entry.wearer());
                                item.setOnAction(c -> model.wearer(Optional.of(entry)));
                                return item;
                            })
                            .toList()));
            wearer.getItems().setAll(new MenuItem("…"));
        }
    }

    /** The newest commission of each wearer. */
    private Map<String, Entry> wearers() {
        Map<String, Entry> newest = new LinkedHashMap<>();
        workshop.entries().stream().filter(e -> !e.archived()).forEach(e -> newest.putIfAbsent(e.wearer(), e));
        return newest;
    }

    /** Whom the size in hand takes once it is made. */
    private void costume() {
        model.inHand().map(Costume::of).ifPresent(costume -> {
            card.section("Once it is made");
            if (costume.from().containsKey(Level.WAIST)) {
                double least = costume.from().get(Level.WAIST);
                double most = costume.to().get(Level.WAIST);
                card.words((most > least
                                ? "Laced, it takes waists from " + say(least) + " to " + say(most)
                                : "It takes the waist it was made for, " + say(least))
                        + "; its allowances let out " + say(costume.letOut()) + " more.");
            }
            Optional<SizesModel.Others> others = model.others();
            if (others.isPresent()) {
                card.words(others(others.get()));
            } else {
                card.add(who);
            }
        });
    }

    private static String others(SizesModel.Others others) {
        if (!others.done()) {
            return "The book is being looked through …";
        }
        List<String> wearers = others.wearers();
        return wearers.isEmpty()
                ? "Nobody else in the book wears it as it is."
                : "In the book it fits " + wearers.stream().limit(OTHERS_NAMED).collect(Collectors.joining(", "))
                        + (wearers.size() > OTHERS_NAMED ? " and " + (wearers.size() - OTHERS_NAMED) + " more" : "")
                        + ".";
    }
}
