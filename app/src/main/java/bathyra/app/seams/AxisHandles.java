package bathyra.app.seams;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.table.Grip;
import bathyra.app.table.Readout;
import bathyra.app.table.Table;
import bathyra.app.table.View;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.geometry.Point;
import bathyra.intake.SeamAxes;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Cell;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * Above each seam of a corset a pin that moves it sideways; pulled up off the pattern it takes the seam out. Beside the drawing a
 * spool from which a new seam is drawn onto a panel.
 */
final class AxisHandles {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final PseudoClass LEAVING = PseudoClass.getPseudoClass("leaving");
    private static final double SIZE = 14;
    private static final double ABOVE = 24;
    /** Pulled up so far, in pixels, a seam is taken out. */
    private static final double OFF = 46;

    private static final double SPOOL_EDGE = 8;
    private static final double SPOOL_TOP = 296;

    private final Workshop workshop;
    private final PanelsModel model;
    private final Table table;
    private final Map<SeamPlace, Region> pins = new HashMap<>();
    private final Region spool = new Region();
    private final Label spoolName = new Label("new seam");
    private final Readout readout;
    private List<SeamPlace> shown = List.of();
    private boolean leaving;

    AxisHandles(Workshop workshop, PanelsModel model, Table table) {
        this.workshop = workshop;
        this.model = model;
        this.table = table;
        this.readout = new Readout(table);
        spool.getStyleClass().add("spool");
        spool.setManaged(false);
        spool.setId("spool");
        spool.setFocusTraversable(true);
        spool.setAccessibleText(
                "New seam: drag it onto a panel, or press Enter to divide the panel before the selected seam");
        spoolName.getStyleClass().add("spool-name");
        spoolName.setMouseTransparent(true);
        Grip.on(spool, new Grip.Deeds() {
            @Override
            public void taken(MouseEvent at) {
                spool.requestFocus();
            }

            @Override
            public void pulled(MouseEvent at) {
                readout.sayAt(table.pixelAt(at), "let go on a panel");
            }

            @Override
            public void letGo(MouseEvent at) {
                readout.end();
                drop(table.paperAt(at));
            }
        });
        spool.setOnKeyPressed(e -> {
            if (PlaceKey.SEAM_MORE.isPressed(e)) {
                model.addBeside(workshop.selection().cellProperty().get().seam());
                e.consume();
            }
        });
        // They stay at the table's right edge, however wide the window is made.
        spoolName
                .layoutXProperty()
                .bind(table.widthProperty().subtract(spoolName.widthProperty()).subtract(SPOOL_EDGE));
        spoolName.setLayoutY(SPOOL_TOP + 1);
        spool.layoutXProperty().bind(spoolName.layoutXProperty().subtract(SIZE + 12));
        spool.setLayoutY(SPOOL_TOP);
        table.handles().getChildren().addAll(spool, spoolName);
    }

    private void drop(Point at) {
        double width = workshop.half()
                .map(d -> d.intakes().axes().front() + d.intakes().axes().back())
                .orElse(0.0);
        if (at.x() > 0 && at.x() < width) {
            model.add(at.x()).ifPresent(seam -> workshop.selection()
                    .cellProperty()
                    .set(new Cell(workshop.selection().cellProperty().get().level(), seam)));
        }
    }

    private Region pin(SeamPlace seam) {
        Region pin = new Region();
        pin.setId("axis-" + seam.id());
        pin.getStyleClass().add("axis-pin");
        pin.setManaged(false);
        pin.setFocusTraversable(true);
        pin.setAccessibleText("Place of " + seam.inWords() + "; arrow keys move it, Delete leaves it out");
        Grip.on(
                pin,
                () -> {
                    workshop.letGo();
                    pin.requestFocus();
                    workshop.selection()
                            .cellProperty()
                            .set(new Cell(
                                    workshop.selection().cellProperty().get().level(), seam));
                },
                at -> pull(pin, seam, at),
                () -> letGo(seam));
        pin.addEventHandler(KeyEvent.KEY_PRESSED, e -> keys(e, seam));
        return pin;
    }

    private void pull(Region pin, SeamPlace seam, MouseEvent at) {
        leaving = pin.getLayoutY() + SIZE / 2 - table.pixelAt(at).getY() > OFF && model.canRemove(seam);
        pin.pseudoClassStateChanged(LEAVING, leaving);
        if (!leaving) {
            model.move(seam, table.paperAt(at).x());
        }
        readout.sayAt(table.pixelAt(at), leaving ? "let go to leave this seam out" : place(seam));
    }

    private void letGo(SeamPlace seam) {
        readout.end();
        workshop.letGo();
        if (leaving) {
            leaving = false;
            model.remove(seam);
        } else {
            workshop.showing().again();
        }
    }

    private void keys(KeyEvent e, SeamPlace seam) {
        double step = workshop.unit().step();
        if (PlaceKey.ASIDE.isPressed(e)) {
            double x = workshop.half().orElseThrow().intakes().axes().of(seam).at();
            model.move(seam, x + (PlaceKey.isBack(e) ? -step : step) * (e.isShiftDown() ? 10 : 1));
        } else if (PlaceKey.SEAM_AWAY.isPressed(e)) {
            model.remove(seam);
        } else {
            return;
        }
        e.consume();
    }

    private String place(SeamPlace seam) {
        return workshop.half()
                .filter(d -> d.intakes().seams().contains(seam))
                .map(d -> LengthText.say(Length.mm(d.intakes().axes().of(seam).at()), workshop.unit())
                        + " from centre front")
                .orElse("");
    }

    void hide() {
        pins.values().forEach(p -> p.setVisible(false));
        spool.setVisible(false);
        spoolName.setVisible(false);
    }

    /** Puts the pins above their seams. */
    void place(SeamsDrawing drawing, Draft draft, Optional<SeamPlace> chosen, boolean onAxes) {
        View view = table.viewProperty().get();
        hide();
        if (view == null || !model.isPanelled() || !onAxes) {
            return;
        }
        build(draft);
        List<SeamAxes.Axis> axes = draft.intakes().axes().axes();
        Point[] ends = drawing.upperEnds();
        for (int i = 0; i < axes.size(); i++) {
            Region pin = pins.get(axes.get(i).seam());
            if (pin != null) {
                pin.resizeRelocate(view.x(ends[i].x()) - SIZE / 2, view.y(ends[i].y()) - ABOVE, SIZE, SIZE);
                pin.pseudoClassStateChanged(
                        SELECTED, Optional.of(axes.get(i).seam()).equals(chosen));
                pin.setVisible(true);
            }
        }
        spool.setVisible(model.canAdd());
        spoolName.setVisible(model.canAdd());
        spool.resize(SIZE + 6, SIZE + 6);
    }

    private void build(Draft draft) {
        List<SeamPlace> movable = new ArrayList<>(
                draft.intakes().seams().stream().filter(model::isMovable).toList());
        if (movable.equals(shown)) {
            return;
        }
        shown = movable;
        table.handles().getChildren().removeAll(pins.values());
        pins.clear();
        movable.forEach(seam -> pins.put(seam, pin(seam)));
        table.handles().getChildren().addAll(pins.values());
    }
}
