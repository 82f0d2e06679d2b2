package bathyra.app.shelf;

import bathyra.app.reckoning.CardRows;
import bathyra.app.stage.Scroll;
import bathyra.app.stage.SketchPicture;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions.Entry;
import bathyra.book.Measurings.Measuring;
import bathyra.book.Wearers;
import bathyra.measure.MeasurementKey;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Everything of one wearer on a page: what was made for her, and her sets over time as small charts. */
final class WearerPage extends VBox {
    private static final int CHARTS_MOST = 12;

    private final Workshop workshop;
    private final String wearer;
    private final Consumer<Entry> open;

    /** @param back returns to the list @param open takes a commission in hand */
    WearerPage(Workshop workshop, String wearer, Runnable back, Consumer<Entry> open) {
        super(8);
        this.workshop = workshop;
        this.wearer = wearer;
        this.open = open;
        setId("wearer-page");
        Label title = new Label(wearer);
        title.getStyleClass().add("shelf-title");
        title.setWrapText(true);
        HBox head = new HBox(16, title, CardRows.deed("Back to the list", "wearer-back", back));
        head.setAlignment(Pos.BASELINE_LEFT);
        VBox all = new VBox(10, section("What was made"));
        all.getChildren().addAll(made());
        List<Measuring> sets = workshop.book().measurings().of(wearer);
        all.getChildren()
                .add(section(sets.isEmpty() ? "No sets of figures are kept yet" : "Sets of figures, over time"));
        if (sets.isEmpty()) {
            Label how = new Label("Measure, Sets of this wearer, keeps the figures of the day as a set.");
            how.getStyleClass().add("quiet");
            all.getChildren().add(how);
        }
        FlowPane charts = new FlowPane(10, 10);
        charts.getChildren().addAll(charts(sets));
        all.getChildren().add(charts);
        Scroll scroll = Scroll.down(all);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getStyleClass().add("shelf");
        getChildren().addAll(head, scroll);
    }

    private static Label section(String words) {
        Label head = new Label(words);
        head.getStyleClass().add("section-head");
        return head;
    }

    private List<Node> made() {
        return workshop.entries().stream()
                .filter(e -> Wearers.isSame(e.wearer(), wearer))
                .sorted(Comparator.comparing(Entry::id).reversed())
                .map(this::row)
                .toList();
    }

    private Node row(Entry entry) {
        SketchPicture picture = new SketchPicture();
        picture.show(workshop.book().sketches().find(entry.id()).orElse(List.of()));
        Label title = new Label(entry.title());
        title.setWrapText(true);
        title.setMinHeight(Region.USE_PREF_SIZE);
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        Label state = new Label(entry.archived() ? "archived" : entry.state());
        state.getStyleClass().add("quiet");
        state.setMinWidth(Region.USE_PREF_SIZE);
        Button take = CardRows.deed("Take it in hand", "wearer-take-" + entry.id(), () -> open.accept(entry));
        HBox row = new HBox(14, picture, title, state, take);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** The figures that were taken most often, in the order of the tape. @param sets the newest first */
    private List<Node> charts(List<Measuring> sets) {
        List<Node> charts = new ArrayList<>();
        for (MeasurementKey key : MeasurementKey.values()) {
            List<SetChart.Dated> figures = sets.stream()
                    .sorted(Comparator.comparing(Measuring::day).thenComparing(Measuring::id))
                    .flatMap(m ->
                            Optional.ofNullable(m.set().taken().get(key))
                                    .map(l -> new SetChart.Dated(m.day(), l))
                                    .stream())
                    .toList();
            if (!figures.isEmpty() && charts.size() < CHARTS_MOST) {
                charts.add(new SetChart(key, figures, workshop.unit()));
            }
        }
        return charts;
    }
}
