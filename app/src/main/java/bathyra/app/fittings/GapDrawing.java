package bathyra.app.fittings;

import bathyra.app.table.Brush;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Placement;
import bathyra.correction.GapShape;
import bathyra.draft.Draft;
import bathyra.fitting.Fitting;
import bathyra.fitting.Mark;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** The lacing gap in true scale beside centre back: as it was planned, and as it was measured. */
final class GapDrawing {
    private static final double EYELETS_APART = 24;
    private static final double ROOM = 12;
    private static final double EYELET = 4;

    private final double planned;
    private final LengthUnit unit;
    private final List<Mark> readings;
    private final boolean laced;
    private Optional<Path> edge = Optional.empty();
    private final Draft draft;

    GapDrawing(Draft draft, Fitting fitting, Map<String, Placement> places, LengthUnit unit) {
        this.draft = draft;
        this.unit = unit;
        this.planned = draft.commission().garment().gap().value();
        this.laced = draft.commission().garment().fastening().closure().isLaced();
        this.readings = GapShape.readings(fitting);
        List<Piece> panels = draft.panelPieces();
        Piece last = panels.get(panels.size() - 1);
        if (laced) {
            edge = last.outline().stream()
                    .filter(e -> e.name().equals(SeamPlace.CENTRE_BACK.id()))
                    .map(OutlineEdge::path)
                    .findFirst()
                    .map(p -> places.get(last.id()).of(p.start().y() < p.end().y() ? p : p.reversed()));
        }
    }

    /** What it takes of the table. */
    List<Point> extent() {
        double most = Math.max(
                planned,
                readings.stream()
                        .mapToDouble(m -> m.amount().millimetres())
                        .max()
                        .orElse(0));
        return edge.map(e -> List.of(
                        e.start(),
                        new Point(e.start().x() + most + ROOM, e.start().y()),
                        e.end()))
                .orElse(List.of());
    }

    /** Where on the lacing edge a reading was taken. */
    private Point on(Mark reading) {
        Path path = edge.orElseThrow();
        if (reading.spot().level().isEmpty()) {
            return path.end();
        }
        Level level = reading.spot().level().get();
        double y = draft.girths().has(level)
                ? draft.block().side(level)
                : path.end().y();
        double held = Math.max(path.start().y(), Math.min(path.end().y(), y));
        return path.crossing(Path.of(new Line(
                        new Point(path.start().x() - 400, held),
                        new Point(path.start().x() + 400, held))))
                .map(c -> path.at(c.here()).point())
                .orElse(path.end());
    }

    /** Where the figure of a reading stands. */
    Optional<Point> at(Mark reading) {
        return edge.map(e -> {
            Point on = on(reading);
            return new Point(on.x() + reading.amount().millimetres() + 9, on.y());
        });
    }

    void paint(Brush brush) {
        if (edge.isEmpty()) {
            return;
        }
        Path path = edge.get();
        List<Point> left = new ArrayList<>();
        List<Point> far = new ArrayList<>();
        if (!readings.isEmpty()) {
            surplus(brush, left, far);
        }
        brush.stroke(Ink.BRASS, 1.6, 7, 5);
        brush.line(
                new Point(path.start().x() + planned, path.start().y()),
                new Point(path.end().x() + planned, path.end().y()));
        cords(brush, path);
        if (!far.isEmpty()) {
            brush.stroke(Ink.INK, 1.6);
            brush.polyline(far);
        }
        spine(brush);
        brush.text(
                "gap, planned " + LengthText.figure(Length.mm(planned), unit),
                brush.view().x(path.start().x()),
                brush.view().y(path.start().y()) - 10,
                Ink.BRASS_TEXT,
                Lettering.ruler(),
                TextAlignment.LEFT);
        for (Mark reading : readings) {
            Point on = on(reading);
            boolean good = Math.abs(reading.amount().millimetres() - planned) <= GapShape.GOOD;
            brush.text(
                    LengthText.figure(reading.amount(), unit),
                    brush.view().x(on.x() + reading.amount().millimetres()) + 24,
                    brush.view().y(on.y()) + 5,
                    good ? Ink.KELP : Ink.BRASS_TEXT,
                    Lettering.sounding(),
                    TextAlignment.LEFT);
        }
    }

    /** Where the spine runs in the gap, once its middle was measured against it. */
    private void spine(Brush brush) {
        if (readings.stream().allMatch(r -> r.across().millimetres() == 0) || readings.size() < 2) {
            return;
        }
        brush.stroke(Ink.TEAL, 1.6, 2, 4);
        brush.polyline(readings.stream()
                .map(r -> new Point(
                        on(r).x() + r.amount().millimetres() / 2 - r.across().millimetres(), on(r).y()))
                .toList());
    }

    /** Between what was planned and what was measured: coral where it gapes, teal where it closes. */
    private void surplus(Brush brush, List<Point> left, List<Point> far) {
        for (Mark reading : readings) {
            Point on = on(reading);
            left.add(new Point(on.x() + planned, on.y()));
            far.add(new Point(on.x() + reading.amount().millimetres(), on.y()));
        }
        if (far.size() < 2) {
            return;
        }
        List<Point> area = new ArrayList<>(left);
        for (int i = far.size() - 1; i >= 0; i--) {
            area.add(far.get(i));
        }
        brush.fill(Ink.CORAL_WASH);
        brush.polygon(area, true);
        brush.stroke(Ink.CORAL, 1);
        brush.hatch(area, 1);
    }

    private void cords(Brush brush, Path path) {
        List<Point> near = new ArrayList<>();
        List<Point> there = new ArrayList<>();
        for (double arc = EYELETS_APART / 2; arc < path.length(); arc += EYELETS_APART) {
            Point on = path.at(arc).point();
            near.add(new Point(on.x() - 7, on.y()));
            there.add(new Point(on.x() + across(on.y()) + 7, on.y()));
        }
        brush.stroke(Ink.BRASS, 1);
        for (int i = 0; i + 1 < near.size(); i++) {
            brush.line(near.get(i), there.get(i + 1));
            brush.line(there.get(i), near.get(i + 1));
        }
        for (int i = 0; i < near.size(); i++) {
            eyelet(brush, near.get(i));
            eyelet(brush, there.get(i));
        }
    }

    /** How wide it gapes at a depth: between two readings evenly; where nothing was measured, as planned. */
    private double across(double y) {
        Mark above = null;
        for (Mark reading : readings) {
            if (on(reading).y() >= y) {
                if (above == null) {
                    return reading.amount().millimetres();
                }
                double top = on(above).y();
                double foot = on(reading).y();
                double share = foot <= top ? 0 : (y - top) / (foot - top);
                return above.amount().millimetres()
                        + (reading.amount().millimetres() - above.amount().millimetres()) * share;
            }
            above = reading;
        }
        return above == null ? planned : above.amount().millimetres();
    }

    private static void eyelet(Brush brush, Point at) {
        double x = brush.view().x(at.x());
        double y = brush.view().y(at.y());
        brush.fill(Ink.CHART);
        brush.context().fillOval(x - EYELET, y - EYELET, 2 * EYELET, 2 * EYELET);
        brush.stroke(Ink.BRASS_TEXT, 1.4);
        brush.context().strokeOval(x - EYELET, y - EYELET, 2 * EYELET, 2 * EYELET);
    }
}
