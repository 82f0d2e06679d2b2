package bathyra.app.seams;

import bathyra.app.table.Grip;
import bathyra.app.table.Readout;
import bathyra.app.table.Table;
import bathyra.app.table.View;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.garment.SplitOption;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

/**
 * The two handles of the selected sounding. Dragged sideways they change the intake, with Ctrl (or Alt, where the desktop leaves it) the split; what gives way is said
 * beside the pointer.
 */
final class SeamHandles {
    private static final double HANDLE = 5;
    private static final double HELD = 7.5;

    private final Workshop workshop;
    private final SeamsModel model;
    private final Table table;
    private final Circle[] handles = {new Circle(HANDLE), new Circle(HANDLE)};
    private final Readout readout;
    private double from;
    private double intakeFrom;
    private double splitFrom;
    private Optional<Draft> former = Optional.empty();

    SeamHandles(Workshop workshop, SeamsModel model, Table table) {
        this.workshop = workshop;
        this.model = model;
        this.table = table;
        for (int i = 0; i < handles.length; i++) {
            make(handles[i], i == 0);
        }
        table.handles().getChildren().addAll(handles);
        this.readout = new Readout(table);
    }

    private void make(Circle handle, boolean left) {
        handle.setId(left ? "handle-left" : "handle-right");
        handle.getStyleClass().add("handle");
        handle.setAccessibleText("Drag sideways to change the intake, with Ctrl the split");
        double side = left ? -1 : 1;
        Grip.on(handle, new Grip.Deeds() {
            @Override
            public void taken(MouseEvent at) {
                workshop.letGo();
                from = at.getSceneX();
                intakeFrom = intake();
                splitFrom = split();
                former = workshop.half();
                handle.setRadius(HELD);
            }

            @Override
            public void pulled(MouseEvent at) {
                drag(at, side);
            }

            @Override
            public void letGo(MouseEvent at) {
                workshop.letGo();
                handle.setRadius(HANDLE);
                former = Optional.empty();
                readout.end();
                model.laidDown();
            }
        });
    }

    /** How the draft stood before the drag that is going on. */
    Optional<Draft> former() {
        return former;
    }

    private Cell cell() {
        return workshop.selection().cellProperty().get();
    }

    private double intake() {
        return workshop.half()
                .map(d -> d.intakes().at(cell().level(), cell().seam()).value())
                .orElse(0.0);
    }

    /** The share of the intake that the left edge carries. */
    private double split() {
        return switch (cell().seam().part()) {
            case FRONT -> towardsCentre();
            // On the back the centre lies to the right.
            case BACK -> 1 - towardsCentre();
            case SIDE -> 0.5;
            case CENTRE_BACK -> 1;
        };
    }

    private double towardsCentre() {
        return workshop.commission()
                .garment()
                .split(SplitOption.of(cell().seam(), cell().level()).orElseThrow())
                .value();
    }

    /** The edge in hand moves by the pointer; the intake grows by what both edges together move. */
    private void drag(MouseEvent e, double side) {
        double moved =
                side * (e.getSceneX() - from) / table.viewProperty().get().scale();
        Optional<SplitOption> option = SplitOption.of(cell().seam(), cell().level());
        if ((e.isAltDown() || e.isShortcutDown()) && option.isPresent() && Math.abs(intakeFrom) > 1) {
            double left = splitFrom - side * moved / intakeFrom;
            model.split(option.get(), cell().seam().part() == SeamPlace.Part.FRONT ? left : 1 - left);
            say(
                    "split "
                            + SeamsModel.ratio(workshop.commission()
                                    .garment()
                                    .split(option.get())
                                    .value()),
                    "the intake stays " + text(intake()));
            return;
        }
        double part = side < 0 ? splitFrom : cell().seam().equals(SeamPlace.CENTRE_BACK) ? 1 : 1 - splitFrom;
        model.set(cell(), Length.mm(Math.round((intakeFrom + moved / part) * 2) / 2.0));
        say(
                text(intake()),
                Stream.concat(Stream.of("was " + text(intakeFrom)), givesWay()).toArray(String[]::new));
    }

    /** What the other seams of the level give for it, or take back. */
    private Stream<String> givesWay() {
        if (former.isEmpty() || workshop.half().isEmpty()) {
            return Stream.empty();
        }
        Level level = cell().level();
        return workshop.half().orElseThrow().intakes().seams().stream()
                .filter(s -> !s.equals(cell().seam()) && former.get().intakes().has(level, s))
                .filter(s -> Math.abs(given(level, s)) > 0.25)
                .map(s -> s.label().toLowerCase(Locale.ROOT) + " " + (given(level, s) > 0 ? "+" : "")
                        + LengthText.figure(Length.mm(given(level, s)), workshop.unit()));
    }

    private double given(Level level, SeamPlace seam) {
        return workshop.half().orElseThrow().intakes().at(level, seam).value()
                - former.orElseThrow().intakes().at(level, seam).value();
    }

    private String text(double mm) {
        LengthUnit unit = workshop.unit();
        return LengthText.say(Length.mm(mm), unit);
    }

    private void say(String value, String... more) {
        readout.say(handles[1].getCenterX(), handles[1].getCenterY(), value, more);
    }

    void hide() {
        for (Circle handle : handles) {
            handle.setVisible(false);
        }
    }

    /** Puts the handles on the selected sounding. */
    void place(SeamsDrawing drawing, Cell cell) {
        View view = table.viewProperty().get();
        if (view == null) {
            hide();
            return;
        }
        Point[] ends = drawing.ends(cell);
        for (int i = 0; i < 2; i++) {
            handles[i].setCenterX(view.x(ends[i].x()));
            handles[i].setCenterY(view.y(ends[i].y()));
            handles[i].setVisible(
                    model.isEditable(cell) && (i == 0 || !cell.seam().equals(SeamPlace.CENTRE_BACK)));
        }
    }
}
