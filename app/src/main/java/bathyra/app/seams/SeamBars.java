package bathyra.app.seams;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/**
 * The seams side by side as bars: what each takes at a level, or the weight by which it shares. A bar is drawn longer or shorter
 * with the pointer, or with the arrow keys; the free seams give way.
 */
final class SeamBars extends Pane {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final PseudoClass LOCKED = PseudoClass.getPseudoClass("locked");
    private static final double HEIGHT = 118;
    private static final double HEAD = 16;
    private static final double FOOT = 18;
    private static final double WEIGHT_FULL = 2.5;
    private static final double WEIGHT_NUDGE = 0.05;

    private final Workshop workshop;
    private final SeamsModel model;
    private final PanelsModel panels;
    private final List<Bar> bars = new ArrayList<>();
    private final Region ground = new Region();
    private List<SeamPlace> seams = List.of();
    private Level level = Level.WAIST;
    private boolean weights;
    private double full = 60;

    /** The parts of one bar. */
    private record Bar(SeamPlace seam, Region hit, Region fill, Label value, Label name) {}

    SeamBars(Workshop workshop, SeamsModel model, PanelsModel panels) {
        this.workshop = workshop;
        this.model = model;
        this.panels = panels;
        setId("seam-bars");
        getStyleClass().add("seam-bars");
        ground.getStyleClass().add("bars-ground");
        setMinHeight(HEIGHT);
        setMaxHeight(HEIGHT);
    }

    /** @param at the sounding in hand @param asWeights whether the bars are weights instead of what is taken at the level */
    void show(Draft draft, Cell at, boolean asWeights) {
        level = at.level();
        weights = asWeights;
        List<SeamPlace> all = draft.intakes().seams().stream()
                .filter(s -> !asWeights || s.part() != SeamPlace.Part.CENTRE_BACK)
                .toList();
        if (!all.equals(seams)) {
            seams = all;
            build();
        }
        double most = seams.stream().mapToDouble(s -> value(draft, s)).max().orElse(0);
        full = asWeights ? WEIGHT_FULL : Math.max(full, Math.ceil(most / 20) * 20);
        for (Bar bar : bars) {
            double value = value(draft, bar.seam());
            boolean locked = asWeights
                    ? panels.garment()
                            .sharing()
                            .weights()
                            .containsKey(bar.seam().id())
                    : model.isLocked(new Cell(level, bar.seam()));
            bar.fill().setUserData(value);
            bar.value()
                    .setText(
                            asWeights
                                    ? String.format(Locale.ROOT, "%.2f", value)
                                    : LengthText.figure(Length.mm(value), workshop.unit()));
            bar.hit()
                    .setAccessibleText((asWeights ? "Weight of " : "Taken by ")
                            + bar.seam().inWords() + ": " + bar.value().getText());
            bar.fill().pseudoClassStateChanged(LOCKED, locked);
            bar.fill().pseudoClassStateChanged(SELECTED, bar.seam().equals(at.seam()));
        }
        requestLayout();
    }

    private double value(Draft draft, SeamPlace seam) {
        return weights ? panels.weight(seam) : draft.intakes().at(level, seam).value();
    }

    private void build() {
        bars.clear();
        getChildren().setAll(ground);
        for (SeamPlace seam : seams) {
            Region hit = new Region();
            hit.setId("bar-" + seam.id());
            hit.getStyleClass().add("bar-hit");
            hit.setFocusTraversable(true);
            Region fill = new Region();
            fill.getStyleClass().add("bar-fill");
            Label value = new Label();
            Label name = new Label(letter(seam));
            for (Node quiet : List.of(fill, value, name)) {
                quiet.setMouseTransparent(true);
            }
            hit.setOnMousePressed(e -> {
                workshop.letGo();
                hit.requestFocus();
                select(seam);
                e.consume();
            });
            hit.setOnMouseDragged(e -> {
                draw(
                        seam,
                        (getHeight()
                                        - FOOT
                                        - sceneToLocal(e.getSceneX(), e.getSceneY())
                                                .getY())
                                / (getHeight() - FOOT - HEAD)
                                * full);
                e.consume();
            });
            hit.setOnMouseReleased(e -> {
                workshop.letGo();
                model.laidDown();
                e.consume();
            });
            hit.addEventHandler(KeyEvent.KEY_PRESSED, e -> keys(e, seam));
            bars.add(new Bar(seam, hit, fill, value, name));
            getChildren().addAll(fill, value, name, hit);
        }
    }

    private static String letter(SeamPlace seam) {
        return switch (seam.part()) {
            case FRONT -> "F" + seam.number();
            case SIDE -> "Side";
            case BACK -> "B" + seam.number();
            case CENTRE_BACK -> "Edge";
        };
    }

    private void select(SeamPlace seam) {
        workshop.selection().cellProperty().set(new Cell(level, seam));
    }

    private void draw(SeamPlace seam, double value) {
        if (weights) {
            panels.weigh(seam, value);
        } else {
            model.set(new Cell(level, seam), Length.mm(Math.round(Math.max(0, value) * 2) / 2.0));
        }
    }

    private void keys(KeyEvent e, SeamPlace seam) {
        int steps = PlaceKey.STEP.isPressed(e) ? PlaceKey.isBack(e) ? 1 : -1 : 0;
        if (steps != 0 && weights) {
            panels.weigh(seam, panels.weight(seam) + steps * WEIGHT_NUDGE);
        } else if (steps != 0) {
            model.nudge(new Cell(level, seam), steps);
        } else if (PlaceKey.PIN.isPressed(e) && !weights) {
            model.toggleLock(new Cell(level, seam));
        } else {
            return;
        }
        e.consume();
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth() / Math.max(1, bars.size());
        double room = getHeight() - FOOT - HEAD;
        ground.resizeRelocate(0, HEAD, getWidth(), room);
        for (int i = 0; i < bars.size(); i++) {
            Bar bar = bars.get(i);
            double tall = Math.min(1, Math.max(0, (double) bar.fill().getUserData()) / full) * room;
            double x = i * width;
            bar.fill().resizeRelocate(x + width * 0.2, HEAD + room - tall, width * 0.6, tall);
            bar.hit().resizeRelocate(x, 0, width, getHeight());
            middle(bar.value(), x + width / 2, HEAD + room - tall - 16);
            middle(bar.name(), x + width / 2, getHeight() - FOOT + 1);
        }
    }

    private static void middle(Label label, double x, double y) {
        label.autosize();
        label.relocate(x - label.getWidth() / 2, y);
    }
}
