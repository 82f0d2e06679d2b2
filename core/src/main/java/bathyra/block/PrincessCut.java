package bathyra.block;

import bathyra.garment.PrincessStart;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A half of a block cut apart along a princess seam (C7.4). The seam swallows the waist dart; a dart in the outline is closed by
 * turning the part between it and the seam about the apex, which opens the seam's upper end (C7.5). Nothing is patched: what the
 * edge loses or gains is measured.
 *
 * @param centre the panel at the centre, its outline closed
 * @param side the panel at the side, its outline closed
 * @param centreSeam the centre panel's edge of the seam, from the top
 * @param sideSeam the side panel's edge of the seam, from the top
 * @param opened by how much the two upper ends lie apart, mm
 * @param edgeBefore length of the edge in which the seam begins, darts closed, before it is cut
 * @param edgeAfter length of the same edge on the two panels together
 */
public record PrincessCut(
        Half half,
        Path centre,
        Path side,
        Path centreSeam,
        Path sideSeam,
        double opened,
        double edgeBefore,
        double edgeAfter) {

    /** Cuts a half; empty when it has no waist dart to swallow, or no seam is wanted. */
    public static Optional<PrincessCut> of(BlockDrawing drawing, Half half, PrincessStart start) {
        Optional<BlockDart> dart = drawing.darts().stream()
                .filter(d -> d.half() == half && d.tips().size() > 1)
                .findFirst();
        if (start == PrincessStart.NONE || dart.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Cutter(drawing, half, edge(start), dart.get()).cut());
    }

    private static BlockEdge.Name edge(PrincessStart start) {
        return switch (start) {
            case ARMHOLE -> BlockEdge.Name.ARMHOLE;
            case SHOULDER -> BlockEdge.Name.SHOULDER;
            default -> BlockEdge.Name.NECK;
        };
    }

    /** What the edge in which the seam begins has lost, mm; a gain is less than nothing. */
    public double lost() {
        return edgeBefore - edgeAfter;
    }

    /** The outline from the neck to the hem as stretches, with where the edge dart and the seam cut it. */
    private static final class Cutter {
        private final BlockDrawing drawing;
        private final Half half;
        private final BlockEdge.Name startEdge;
        private final BlockDart waistDart;
        private final Point pivot;
        private final List<BlockEdge> before = new ArrayList<>();
        private final List<BlockEdge> after = new ArrayList<>();

        Cutter(BlockDrawing drawing, Half half, BlockEdge.Name startEdge, BlockDart waistDart) {
            this.drawing = drawing;
            this.half = half;
            this.startEdge = startEdge;
            this.waistDart = waistDart;
            this.pivot = half == Half.FRONT
                    ? drawing.last(half, "Ba")
                            .map(BlockPoint::at)
                            .orElse(waistDart.tips().get(0))
                    : waistDart.tips().get(0);
        }

        PrincessCut cut() {
            split();
            double original = drawing.length(half, startEdge);
            List<Segment> centreTop = closed(before, false);
            List<Segment> sideTop = closed(after, true);
            Point first = centreTop.get(centreTop.size() - 1).end();
            Point second = sideTop.get(0).start();
            Point low = waistDart.tips().get(1);
            BlockEdge hem = drawing.outline(half).stream()
                    .filter(e -> e.name() == BlockEdge.Name.HEM)
                    .findFirst()
                    .orElseThrow();
            Point foot = hem.path()
                    .nearest(new Point(low.x(), hem.path().start().y()))
                    .point();
            Path centreSeam = DraftingTable.polyline(List.of(first, pivot, waistDart.a(), low, foot));
            Path sideSeam = DraftingTable.polyline(List.of(second, pivot, waistDart.b(), low, foot));
            List<Segment> centre = new ArrayList<>(centreTop);
            centre.addAll(centreSeam.segments());
            centre.addAll(
                    DraftingTable.polyline(List.of(foot, hem.path().end())).segments());
            drawing.outline(half).stream()
                    .filter(e -> e.name() == BlockEdge.Name.CENTRE)
                    .forEach(e -> centre.addAll(e.path().segments()));
            List<Segment> side = new ArrayList<>(sideTop);
            side.addAll(
                    DraftingTable.polyline(List.of(hem.path().start(), foot)).segments());
            side.addAll(sideSeam.reversed().segments());
            return new PrincessCut(
                    half,
                    new Path(centre),
                    new Path(side),
                    centreSeam,
                    sideSeam,
                    first.distance(second),
                    original,
                    startLength);
        }

        private double startLength;

        /** Cuts the chain from neck to hem in the middle of the start edge; a dart that lies there is where it is cut. */
        private void split() {
            List<BlockEdge> chain = drawing.outline(half).stream()
                    .filter(e -> e.name() != BlockEdge.Name.HEM && e.name() != BlockEdge.Name.CENTRE)
                    .toList();
            double middle = drawing.length(half, startEdge) / 2;
            double run = 0;
            boolean cut = false;
            for (int i = 0; i < chain.size(); i++) {
                BlockEdge edge = chain.get(i);
                boolean onStart = edge.name() == startEdge;
                boolean dartFollows =
                        onStart && i + 1 < chain.size() && chain.get(i + 1).name() == BlockEdge.Name.DART;
                if (!cut && dartFollows) {
                    before.add(edge);
                    i += 2;
                    cut = true;
                } else if (!cut && onStart && run + edge.path().length() >= middle) {
                    before.add(new BlockEdge(edge.name(), edge.path().between(0, middle - run)));
                    after.add(new BlockEdge(
                            edge.name(),
                            edge.path().between(middle - run, edge.path().length())));
                    cut = true;
                } else {
                    run += onStart ? edge.path().length() : 0;
                    (cut ? after : before).add(edge);
                }
            }
        }

        /**
         * A chain with its edge dart closed about the pivot: the part towards the seam turns, so that the rest of the panel stays.
         *
         * @param turnFirst whether the part before the dart is the one at the seam
         */
        private List<Segment> closed(List<BlockEdge> chain, boolean turnFirst) {
            int at = -1;
            for (int i = 0; i < chain.size(); i++) {
                if (chain.get(i).name() == BlockEdge.Name.DART && at < 0) {
                    at = i;
                }
            }
            chain.stream()
                    .filter(e -> e.name() == startEdge)
                    .forEach(e -> startLength += e.path().length());
            if (at < 0) {
                return segments(chain, p -> p);
            }
            Point a = chain.get(at).path().start();
            Point b = chain.get(at + 1).path().end();
            double turn = pivot.to(a).angleTo(pivot.to(b));
            List<BlockEdge> first = chain.subList(0, at);
            List<BlockEdge> rest = chain.subList(at + 2, chain.size());
            List<Segment> one = segments(first, turnFirst ? p -> turned(p, turn) : p -> p);
            List<Segment> two = segments(rest, turnFirst ? p -> p : p -> turned(p, -turn));
            // The dart ends short of the pivot: its closed mouths miss each other by a little, which a straight line
            // takes up.
            List<Segment> all = new ArrayList<>(one);
            Point end = one.get(one.size() - 1).end();
            Point begin = two.get(0).start();
            if (end.distance(begin) > 1e-9) {
                all.addAll(DraftingTable.polyline(List.of(end, begin)).segments());
            }
            all.addAll(two);
            return all;
        }

        private Point turned(Point p, double radians) {
            return pivot.plus(pivot.to(p).turned(radians));
        }

        private static List<Segment> segments(List<BlockEdge> edges, UnaryOperator<Point> motion) {
            List<Segment> segments = new ArrayList<>();
            edges.forEach(e -> segments.addAll(e.path().mapped(motion).segments()));
            return segments;
        }
    }
}
