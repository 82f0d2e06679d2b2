package bathyra.app.girths;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.table.Grip;
import bathyra.app.table.Readout;
import bathyra.app.table.Table;
import bathyra.app.table.View;
import bathyra.app.workshop.Workshop;
import bathyra.garment.EaseHere;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Point;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Circle;

/** At each level a handle for the worn girth and a bead for the side seam: dragged sideways, or moved with the arrow keys. */
final class GirthHandles {
    private static final double HANDLE = 6;
    private static final double NUDGE = 1;
    private static final double REACH_NUDGE = 5;
    private static final double NUDGE_SHARE = 0.005;

    private final Workshop workshop;
    private final GirthsModel model;
    private final BetweenModel lines;
    private final Table table;
    private final List<Circle> between = new ArrayList<>();
    private final Map<Level, Circle> girths = new EnumMap<>(Level.class);
    private final Map<Level, Circle> sides = new EnumMap<>(Level.class);
    private final Circle reachUp;
    private final Circle reachDown;
    private final Readout readout;

    GirthHandles(Workshop workshop, GirthsModel model, BetweenModel lines, Table table) {
        this.workshop = workshop;
        this.model = model;
        this.lines = lines;
        this.table = table;
        this.readout = new Readout(table);
        reachUp = reach(LengthOption.REACH_UP, -1);
        reachDown = reach(LengthOption.REACH_DOWN, 1);
        for (Level level : Level.values()) {
            String low = level.label().toLowerCase(Locale.ROOT);
            girths.put(
                    level,
                    make(
                            "girth-" + level.id(),
                            "Worn girth at the " + low + "; arrow keys make it smaller and larger",
                            level,
                            x -> model.wear(level, -4 * x),
                            () -> worn(level),
                            right -> model.wear(
                                    level,
                                    model.plan(level).worn().value()
                                            + (right ? -NUDGE : NUDGE)
                                                    * workshop.unit().step())));
            sides.put(
                    level,
                    make(
                            "side-" + level.id(),
                            "Side seam at the " + low + "; arrow keys move it",
                            level,
                            x -> model.share(
                                    level,
                                    (x + model.plan(level).worn().value() / 4)
                                            / (model.plan(level).worn().value() / 2)),
                            () -> share(level),
                            right -> model.share(
                                    level,
                                    model.plan(level).frontShare().value() + (right ? NUDGE_SHARE : -NUDGE_SHARE))));
        }
        table.handles().getChildren().addAll(reachUp, reachDown);
        table.handles().getChildren().addAll(girths.values());
        table.handles().getChildren().addAll(sides.values());
        for (int i = 0; i < EaseHere.COUNT_MOST; i++) {
            between.add(between(i));
        }
        table.handles().getChildren().addAll(between);
    }

    /** A line between the levels: pulled sideways it gives room, up and down it moves. */
    private Circle between(int which) {
        Circle handle = held(
                "handle-ease-here-" + which,
                "Line between the levels; the arrow keys sideways make it smaller and larger, up and down move it",
                () -> {},
                at -> pull(which, at),
                () -> lines.words(which));
        handle.setRadius(HANDLE - 1);
        handle.getStyleClass().add("brass-handle");
        handle.setOnKeyPressed(e -> {
            if (which < garment().between().size() && PlaceKey.HANDLE.is(e.getCode()) && nudge(which, e.getCode())) {
                e.consume();
            }
        });
        return handle;
    }

    /** A pull is a pull one way: sideways until it has gone farther up or down than to the side. */
    private void pull(int which, Point at) {
        EaseHere line = garment().between().get(which);
        double waist = workshop.half().orElseThrow().block().front(Level.WAIST);
        double wide = Math.abs(-4 * at.x() - lines.run(which) - line.ease().millimetres()) / 4;
        double high = Math.abs(waist - at.y() - line.above().millimetres());
        if (high > wide) {
            lines.move(which, waist - at.y());
        } else {
            lines.wear(which, -4 * at.x());
        }
    }

    private boolean nudge(int which, KeyCode key) {
        EaseHere line = garment().between().get(which);
        double step = workshop.unit().step();
        switch (key) {
            case LEFT -> lines.give(which, line.ease().millimetres() + step);
            case RIGHT -> lines.give(which, line.ease().millimetres() - step);
            case UP -> lines.move(which, line.above().millimetres() + 1);
            case DOWN -> lines.move(which, line.above().millimetres() - 1);
            default -> {
                return false;
            }
        }
        return true;
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    /** A handle that is pulled up and down: how far the waist's own reduction is felt. @param side −1 above the waist, 1 below */
    private Circle reach(LengthOption option, int side) {
        Circle handle = held(
                "handle-" + option.id(),
                option.label() + "; arrow keys pull the curve",
                () -> {},
                at -> model.reach(
                        option,
                        side * (at.y() - workshop.half().orElseThrow().block().front(Level.WAIST))),
                () -> option.label().toLowerCase(Locale.ROOT) + ": "
                        + LengthText.say(Length.mm(model.reach(option)), workshop.unit()));
        handle.setRadius(HANDLE - 1);
        handle.getStyleClass().add("brass-handle");
        handle.setOnKeyPressed(e -> {
            int steps = PlaceKey.STEP.isPressed(e) ? PlaceKey.isBack(e) ? -side : side : 0;
            if (steps != 0) {
                model.reach(option, model.reach(option) + steps * REACH_NUDGE);
                e.consume();
            }
        });
        return handle;
    }

    /** A handle that is dragged on the paper and says what it does; taken in hand it says first what is looked at. */
    private Circle held(String id, String name, Runnable taken, Consumer<Point> drag, Supplier<String> says) {
        Circle handle = new Circle(HANDLE);
        handle.setId(id);
        handle.getStyleClass().add("handle");
        handle.setAccessibleText(name);
        handle.setFocusTraversable(true);
        Grip.on(
                handle,
                () -> {
                    workshop.letGo();
                    taken.run();
                    handle.requestFocus();
                },
                at -> {
                    drag.accept(table.paperAt(at));
                    readout.say(handle.getCenterX(), handle.getCenterY(), says.get());
                },
                () -> {
                    workshop.letGo();
                    readout.end();
                    workshop.showing().again();
                });
        handle.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                workshop.letGo();
            }
        });
        return handle;
    }

    private interface Nudge {
        void by(boolean right);
    }

    private Circle make(String id, String name, Level level, DoubleConsumer drag, Supplier<String> says, Nudge nudge) {
        Circle handle = held("handle-" + id, name, () -> model.look(level), at -> drag.accept(at.x()), says);
        handle.setOnKeyPressed(e -> {
            if (PlaceKey.ASIDE.isPressed(e)) {
                model.look(level);
                nudge.by(!PlaceKey.isBack(e));
                e.consume();
            }
        });
        return handle;
    }

    private String worn(Level level) {
        LevelPlan plan = model.plan(level);
        return LengthText.say(plan.worn().length(), workshop.unit()) + " worn, "
                + LengthText.say(plan.ease().length(), workshop.unit());
    }

    private String share(Level level) {
        return String.format(
                Locale.ROOT, "%.1f %% in front", model.plan(level).frontShare().value() * 100);
    }

    void hide() {
        reachUp.setVisible(false);
        reachDown.setVisible(false);
        girths.values().forEach(h -> h.setVisible(false));
        between.forEach(h -> h.setVisible(false));
        sides.values().forEach(h -> h.setVisible(false));
    }

    void place(GirthsDrawing drawing) {
        View view = table.viewProperty().get();
        hide();
        if (view == null) {
            return;
        }
        for (LevelPlan plan : workshop.half().orElseThrow().girths().levels()) {
            put(girths.get(plan.level()), view, drawing.front(plan));
            put(sides.get(plan.level()), view, drawing.side(plan));
        }
        for (int i = 0; i < drawing.lines().size(); i++) {
            put(between.get(i), view, drawing.between(drawing.lines().get(i)));
        }
        if (model.level() == Level.WAIST) {
            put(reachUp, view, drawing.reachEnd(true));
            put(reachDown, view, drawing.reachEnd(false));
        }
    }

    private static void put(Circle handle, View view, Point at) {
        handle.setCenterX(view.x(at.x()));
        handle.setCenterY(view.y(at.y()));
        handle.setVisible(true);
    }
}
