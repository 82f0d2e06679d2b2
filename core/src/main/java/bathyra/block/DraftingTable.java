package bathyra.block;

import bathyra.finding.Finding;
import bathyra.garment.BlockMethod;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The paper on which a method drafts: points and lines are put down, and each step keeps what was put down since the one before. */
final class DraftingTable {
    private final MeasurementSet set;
    private Rule rule;
    private final List<Step> steps = new ArrayList<>();
    private final List<BlockPoint> points = new ArrayList<>();
    private final List<BlockLine> lines = new ArrayList<>();
    private final List<BlockDart> darts = new ArrayList<>();
    private final List<Finding> notes = new ArrayList<>();
    private final Map<Half, Map<String, BlockPoint>> named =
            new EnumMap<>(Map.of(Half.FRONT, new HashMap<>(), Half.BACK, new HashMap<>()));
    private Half half = Half.FRONT;

    /** @param rule by which everything on it is drafted unless it says otherwise */
    DraftingTable(MeasurementSet set, Rule rule) {
        this.set = set;
        this.rule = rule;
    }

    void turnTo(Half next) {
        half = next;
    }

    /** What is drafted from here on follows another rule. */
    void by(Rule next) {
        rule = next;
    }

    Reckoned tape(MeasurementKey key) {
        return set.find(key).orElseThrow(() -> new IllegalArgumentException(key.key() + " is absent"));
    }

    static Reckoned nought() {
        return Given.constant(0, Quantity.LENGTH);
    }

    /** Puts a point down by its two figures. */
    BlockPoint point(String name, String label, Reckoned across, Reckoned down) {
        BlockPoint point =
                new BlockPoint(name, half, label, figure(across, label + ", across"), figure(down, label + ", down"));
        points.add(point);
        named.get(half).put(name, point);
        return point;
    }

    private Reckoned figure(Reckoned number, String name) {
        return number.isNamed() ? number : number.named(name, rule);
    }

    /** Puts a point down that is found with ruler and compasses, not by a sum. */
    BlockPoint found(String name, String label, Point at) {
        return point(
                name,
                label,
                Given.option(label + ", across", at.x(), Quantity.LENGTH, "found on the drawing", rule),
                Given.option(label + ", down", at.y(), Quantity.LENGTH, "found on the drawing", rule));
    }

    BlockPoint point(String name) {
        BlockPoint found = named.get(half).get(name);
        if (found == null) {
            throw new IllegalArgumentException("no point " + name + " in the " + half.label());
        }
        return found;
    }

    Point at(String name) {
        return point(name).at();
    }

    boolean has(String name) {
        return named.get(half).containsKey(name);
    }

    /** Straight lines from point to point. */
    void line(BlockLine.Kind kind, String... names) {
        List<Point> through = new ArrayList<>();
        for (String name : names) {
            through.add(at(name));
        }
        draw(kind, polyline(through));
    }

    void draw(BlockLine.Kind kind, Path path) {
        lines.add(new BlockLine(half, kind, path));
    }

    void dart(BlockDart dart) {
        darts.add(dart);
    }

    /** Replaces what was said of a dart before, because it has become wider. */
    void dartInstead(String label, BlockDart dart) {
        darts.removeIf(d -> d.label().equals(label) && d.half() == dart.half());
        darts.add(dart);
    }

    void note(Finding finding) {
        notes.add(finding);
    }

    /** Ends a step: what was put down since the last one belongs to it. */
    void step(String title, Reckoned figure, Sentence words) {
        steps.add(new Step(half, title, words, Optional.ofNullable(figure), points, lines));
        points.clear();
        lines.clear();
    }

    BlockDrawing drawing(BlockMethod method, List<BlockEdge> front, List<BlockEdge> back) {
        return new BlockDrawing(method, steps, front, back, darts, notes);
    }

    static Path polyline(List<Point> through) {
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i + 1 < through.size(); i++) {
            if (through.get(i).distance(through.get(i + 1)) > 1e-9) {
                segments.add(new Line(through.get(i), through.get(i + 1)));
            }
        }
        return new Path(segments);
    }
}
