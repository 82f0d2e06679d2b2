package bathyra.block;

import bathyra.edge.RoundNeck;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.BlockMethod;
import bathyra.geometry.FairSpline;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Makes finished outlines from the corners of a front and a back: the side seams trued against each other, then neck and armhole
 * drawn square to the seams that they cross, so that they run on smoothly once those are sewn (C11).
 */
final class Outlines {
    private static final Rule TRUE = Rule.of("C11", "front side seam = back side seam");
    /** How long the armhole keeps to its direction at the underarm: rounder than by the pace of the chord alone. */
    private static final double ROUND = 1.2;

    private static final double CENTRE_STRAIGHT = 12;
    private static final double TAKEN_IN = 0.5;
    private static final double NECK_STRAIGHT = 10;
    /** A side seam that has to be trued by more is wrong somewhere else. */
    private static final double TRUED_MOST = 40;

    private Outlines() {}

    /** Trues the side seams, draws the curves and ends the drawing. @throws NotDraftable when the halves cannot belong together */
    static BlockDrawing finish(DraftingTable table, BlockMethod method, HalfShape front, HalfShape back)
            throws NotDraftable {
        HalfShape trued = trued(table, front, back);
        List<BlockEdge> first = edges(trued);
        List<BlockEdge> second = edges(back);
        for (HalfShape shape : List.of(trued, back)) {
            List<BlockEdge> edges = shape == back ? second : first;
            table.turnTo(shape.half());
            edges.stream()
                    .filter(e -> e.name() == BlockEdge.Name.NECK || e.name() == BlockEdge.Name.ARMHOLE)
                    .forEach(e -> table.draw(BlockLine.Kind.EDGE, e.path()));
            double armhole = edges.stream()
                    .filter(e -> e.name() == BlockEdge.Name.ARMHOLE)
                    .mapToDouble(e -> e.path().length())
                    .sum();
            table.step(
                    "Neck and armhole, " + shape.half().label().toLowerCase(Locale.ROOT),
                    null,
                    Sentence.of(
                            "Draw the neck square to centre and shoulder, the armhole square to shoulder and side seam: sewn together they run through. The armhole of this half is {} long.",
                            Length.mm(armhole)));
        }
        return table.drawing(method, first, second);
    }

    private static HalfShape trued(DraftingTable table, HalfShape front, HalfShape back) throws NotDraftable {
        double over = front.sideLength() - back.sideLength();
        if (Math.abs(over) > TRUED_MOST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.SIDE_SEAM,
                    MeasurementKey.BACK_LENGTH.key(),
                    Finding.Status.FAULT,
                    Math.abs(over),
                    TRUED_MOST,
                    Sentence.of(
                            "The front side seam is {} longer than the back one, more than {} that can be trued at the underarm. Take {} and {} again.",
                            Length.mm(over),
                            Length.mm(TRUED_MOST),
                            MeasurementKey.FRONT_LENGTH,
                            MeasurementKey.BACK_LENGTH)));
        }
        HalfShape moved = lowered(front, over);
        table.turnTo(Half.FRONT);
        table.found("Ct", "Underarm, trued", moved.underarm());
        table.step(
                "True the side seams",
                Given.option("Front side seam longer by", over, Quantity.LENGTH, "measured on the drawing", TRUE),
                Sentence.of(
                        over >= 0
                                ? "Measure both side seams, the dart closed. The front is {} longer: lower its underarm by as much."
                                : "Measure both side seams, the dart closed. The front is {} shorter: raise its underarm by as much.",
                        Length.mm(Math.abs(over))));
        return moved;
    }

    /** The underarm moved down along the side; corners that it passes fall away. */
    private static HalfShape lowered(HalfShape shape, double by) {
        Point underarm = shape.underarm();
        if (by <= 0) {
            return shape.withUnderarm(
                    underarm.plus(underarm.to(shape.sideAbove().get(1)).unit().times(by)));
        }
        int dartAt = shape.sideDart()
                .map(HalfShape.SideDart::after)
                .orElse(shape.side().size() - 1);
        double left = by;
        int passed = 0;
        while (passed + 1 < dartAt
                && left >= shape.side().get(passed).distance(shape.side().get(passed + 1))) {
            left -= shape.side().get(passed).distance(shape.side().get(passed + 1));
            passed++;
        }
        Point next = passed + 1 < dartAt
                ? shape.side().get(passed + 1)
                : shape.sideDart()
                        .map(HalfShape.SideDart::upper)
                        .orElse(shape.side().get(passed + 1));
        Point from = shape.side().get(passed);
        List<Point> side =
                new ArrayList<>(shape.side().subList(passed, shape.side().size()));
        side.set(0, from.plus(from.to(next).unit().times(left)));
        return shape.withSide(side, passed);
    }

    static List<BlockEdge> edges(HalfShape shape) {
        List<BlockEdge> edges = new ArrayList<>();
        List<Point> shoulder = shape.shoulder();
        edges.add(new BlockEdge(BlockEdge.Name.NECK, neck(shape.neckCentre(), shoulder.get(0), shoulder.get(1))));
        if (shape.hasShoulderDart()) {
            edges.add(new BlockEdge(BlockEdge.Name.SHOULDER, DraftingTable.polyline(shoulder.subList(0, 2))));
            edges.add(new BlockEdge(BlockEdge.Name.DART, DraftingTable.polyline(shoulder.subList(1, 3))));
            edges.add(new BlockEdge(BlockEdge.Name.DART, DraftingTable.polyline(shoulder.subList(2, 4))));
            edges.add(new BlockEdge(BlockEdge.Name.SHOULDER, DraftingTable.polyline(shoulder.subList(3, 5))));
        } else {
            edges.add(new BlockEdge(BlockEdge.Name.SHOULDER, DraftingTable.polyline(shoulder)));
        }
        edges.add(new BlockEdge(BlockEdge.Name.ARMHOLE, armhole(shape)));
        edges.add(new BlockEdge(BlockEdge.Name.SIDE, DraftingTable.polyline(shape.sideAbove())));
        shape.sideDart().ifPresent(dart -> {
            edges.add(new BlockEdge(BlockEdge.Name.DART, DraftingTable.polyline(List.of(dart.upper(), dart.tip()))));
            edges.add(new BlockEdge(BlockEdge.Name.DART, DraftingTable.polyline(List.of(dart.tip(), dart.lower()))));
            edges.add(new BlockEdge(BlockEdge.Name.SIDE, DraftingTable.polyline(shape.sideBelow())));
        });
        Point hem = shape.side().get(shape.side().size() - 1);
        edges.add(new BlockEdge(
                BlockEdge.Name.HEM,
                DraftingTable.polyline(List.of(hem, shape.centre().get(0)))));
        List<Point> centre = new ArrayList<>(shape.centre());
        // A centre that was taken in meets the hem square over the last stretch.
        if (Math.abs(centre.get(1).x() - centre.get(0).x()) > TAKEN_IN) {
            centre.add(1, new Point(centre.get(0).x(), centre.get(0).y() - CENTRE_STRAIGHT));
        }
        centre.add(shape.neckCentre());
        edges.add(new BlockEdge(BlockEdge.Name.CENTRE, DraftingTable.polyline(centre)));
        return edges;
    }

    /** Square to the centre and to the shoulder. */
    private static Path neck(Point centre, Point end, Point along) {
        Vec shoulder = end.to(along).unit();
        return RoundNeck.between(centre, end, new Vec(shoulder.dy(), -shoulder.dx()), NECK_STRAIGHT);
    }

    /** One curve through the given points, square to shoulder and side. */
    private static Path armhole(HalfShape shape) {
        List<Point> shoulder = shape.shoulder();
        Vec along = shoulder.get(shoulder.size() - 2).to(shape.tip()).unit();
        Vec down = shape.underarm().to(shape.sideAbove().get(1)).unit();
        List<Point> through = new ArrayList<>();
        through.add(shape.tip());
        through.addAll(shape.armhole());
        through.add(shape.underarm());
        return FairSpline.through(
                through,
                Optional.of(new Vec(-along.dy(), along.dx())),
                Optional.of(new Vec(down.dy(), -down.dx()).times(ROUND)));
    }
}
