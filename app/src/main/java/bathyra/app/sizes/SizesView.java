package bathyra.app.sizes;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.stage.Files;
import bathyra.app.stage.Scroll;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.Table;
import bathyra.app.table.TextSize;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.Workshop;
import bathyra.lay.Lay;
import bathyra.measure.MeasurementKey;
import bathyra.size.Nest;
import bathyra.size.SizeChart;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One design in many sizes: the nest on the table, the chart under it, the step in hand beside them (C23). */
public final class SizesView extends BorderPane {
    private static final double STRIP = 268;

    /** What of the nest is seen. */
    private enum Look {
        NEST("Nest"),
        ONE("One"),
        LAY("Lay");

        private final String label;

        Look(String label) {
            this.label = label;
        }
    }

    private final Workshop workshop;
    private final SizesModel model;
    private final Table table;
    private final Card card = new Card();
    private final SizesCard written;
    private final ChartTable chart;
    private final TextField name = new TextField();
    private final MenuButton charts = new MenuButton();
    private final MenuButton column = new MenuButton("Add a column");
    private final Label working = new Label("being drafted");
    private final LookSwitch<Look> looks =
            new LookSwitch<>("sizes-look-", List.of(Look.values()), Look.NEST, l -> l.label, this::look);
    private Look look = Look.NEST;
    private Optional<SizeChart> fitted = Optional.empty();

    public SizesView(Workshop workshop, Files files) {
        this.workshop = workshop;
        this.model = new SizesModel(workshop, Platform::runLater, this::show);
        this.table = new Table(workshop::unit);
        this.written = new SizesCard(workshop, model, files, card, layer -> {
            model.lookAt(layer);
            look(Look.LAY);
        });
        this.chart = new ChartTable(workshop, model);
        setId("sizes");
        table.setId("sizes-table");
        table.setAccessibleText("All sizes one inside the other");
        setCenter(new BorderPane(frame(), null, null, strip(), null));
        setRight(Scroll.filling(card));
        addEventFilter(KeyEvent.KEY_PRESSED, this::keys);
        workshop.showing().whileShown(this, () -> {
            model.bringUpToDate();
            show();
        });
    }

    private void keys(KeyEvent e) {
        if (PlaceKey.CLOSE.isPressed(e)) {
            workshop.whereabouts().close();
            e.consume();
        } else if (PlaceKey.TABLE_IN.isPressed(e) && isATable(Clipboard.getSystemClipboard())) {
            model.say(model.charts()
                    .takeIn(Clipboard.getSystemClipboard().getString().getBytes(StandardCharsets.UTF_8), "Pasted"));
            e.consume();
        }
    }

    /** Takes the last change of a chart back. */
    public void undo() {
        model.charts().undo();
    }

    private static boolean isATable(Clipboard clipboard) {
        return clipboard.hasString() && clipboard.getString().strip().contains("\n");
    }

    private StackPane frame() {
        LookSwitch<Nest.Laying> laid = new LookSwitch<>(
                "laid-", List.of(Nest.Laying.values()), model.laying(), Nest.Laying::label, model::layOn);
        Label on = new Label("Laid on");
        on.setMinWidth(Region.USE_PREF_SIZE);
        HBox slips = new HBox(10, on, laid, looks, new ZoomSlip(table));
        slips.setAlignment(Pos.CENTER_RIGHT);
        slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        working.getStyleClass().add("kept-draft");
        working.setId("sizes-working");
        StackPane frame = new StackPane(table, slips, working);
        frame.setMinWidth(0);
        StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(slips, new Insets(0, 10, 10, 0));
        StackPane.setAlignment(working, Pos.TOP_CENTER);
        StackPane.setMargin(working, new Insets(34, 0, 0, 0));
        return frame;
    }

    private VBox strip() {
        name.setId("chart-name");
        name.setAccessibleText("Name of the chart");
        name.getStyleClass().add("chart-name");
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                rename();
            }
        });
        charts.setText("Another chart");
        charts.setId("charts");
        charts.setMinWidth(Region.USE_PREF_SIZE);
        column.setId("chart-column");
        column.setMinWidth(Region.USE_PREF_SIZE);
        Button add = CardRows.deed("Add a size", "size-add", model.charts()::add);
        Label under = new Label();
        under.getStyleClass().add("status-line");
        under.textProperty()
                .bind(table.underProperty()
                        .map(u -> u.isEmpty()
                                ? "Enter takes a figure and goes to the next size; Ctrl+D carries its step on; paste a table with Ctrl+V."
                                : u));
        under.setMinWidth(0);
        under.setWrapText(true);
        under.setMinHeight(Region.USE_PREF_SIZE);
        HBox head = new HBox(10, name, charts, column, add);
        HBox.setHgrow(name, Priority.ALWAYS);
        head.setAlignment(Pos.CENTER_LEFT);
        Scroll scroll = Scroll.both(chart);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox strip = new VBox(4, head, scroll, under);
        strip.getStyleClass().addAll("strip", "size-strip");
        TextSize.height(strip, STRIP);
        return strip;
    }

    private void rename() {
        if (model.charts().chart().isPresent()
                && !name.getText().strip().equals(model.charts().chart().get().name())) {
            model.charts().rename(name.getText()).ifPresent(model::say);
        }
    }

    private void look(Look next) {
        boolean turned = (look == Look.LAY) != (next == Look.LAY);
        look = next;
        looks.choose(next);
        if (look == Look.LAY && model.lay().isEmpty()) {
            model.say(
                    "How several sizes lie together stands here, once you have written how many of each under Cut together.");
        }
        show();
        if (turned) {
            table.fit();
        }
    }

    private void show() {
        Optional<SizeChart> now = model.charts().chart();
        now.ifPresent(c -> {
            if (!name.isFocused()) {
                name.setText(c.name());
            }
            chart.show(c);
        });
        chart.setVisible(now.isPresent());
        fillMenus(now);
        working.setVisible(model.isWorking());
        Optional<Lay> lay = look == Look.LAY ? model.lay() : Optional.empty();
        if (lay.isPresent()) {
            table.lay(new LaidSizes(lay.get(), workshop.unit()));
        } else if (model.set().isPresent() && model.nest().isPresent()) {
            table.lay(new NestDrawing(model.nest().get(), model.charts().row(), look == Look.ONE, workshop.unit()));
            if (!fitted.map(SizeChart::name).equals(now.map(SizeChart::name))) {
                fitted = now;
                table.fit();
            }
        } else {
            table.clear();
        }
        written.show();
    }

    private void fillMenus(Optional<SizeChart> now) {
        charts.getItems().clear();
        for (int i = 0; i < model.charts().charts().size(); i++) {
            int index = i;
            MenuItem item = new MenuItem(model.charts().charts().get(i).name());
            item.setId("chart-" + i);
            item.setOnAction(e -> model.charts().choose(index));
            charts.getItems().add(item);
        }
        column.getItems().clear();
        for (MeasurementKey key : MeasurementKey.values()) {
            if (now.isPresent() && !now.get().columns().contains(key)) {
                MenuItem item = new MenuItem(key.label());
                item.setOnAction(e -> model.charts().addColumn(key));
                column.getItems().add(item);
            }
        }
    }
}
