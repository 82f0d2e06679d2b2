package bathyra.foreign;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import bathyra.piece.OutlineEdge;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Shares a closed line out into edges, from corner to corner: where it turns so sharply that nobody would sew round it. */
final class Corners {
    /** The turn that makes a corner, radians. The tightest bulge a sewer follows, 8 mm over the window, turns by 28.6 degrees. */
    private static final double TURN = Math.toRadians(29.5);
    /** Over so much of the line on either side the turn is looked at, mm; fine polylines have a small turn at every point. */
    private static final double WINDOW = 4;
    /** Corners that lie closer are one, mm. */
    private static final double APART = 6;

    private static final double CHORD = 0.05;

    private Corners() {}

    /** The edges clockwise, beginning at the corner that lies highest on the left. Without a corner the whole line is one edge. */
    static List<OutlineEdge> edges(Path closed) {
        List<Segment> segments = closed.segments();
        List<Integer> corners = corners(segments);
        if (corners.isEmpty()) {
            return List.of(edge(1, closed));
        }
        int first = 0;
        for (int i = 1; i < corners.size(); i++) {
            if (before(
                    segments.get(corners.get(i)).start(),
                    segments.get(corners.get(first)).start())) {
                first = i;
            }
        }
        List<OutlineEdge> edges = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            int from = corners.get((first + i) % corners.size());
            int to = corners.get((first + i + 1) % corners.size());
            List<Segment> part = new ArrayList<>();
            for (int k = from; part.isEmpty() || k % segments.size() != to; k++) {
                part.add(segments.get(k % segments.size()));
            }
            edges.add(edge(edges.size() + 1, new Path(part)));
        }
        return edges;
    }

    private static OutlineEdge edge(int number, Path path) {
        return new OutlineEdge("edge" + number, OutlineEdge.Kind.EDGE, Optional.empty(), Smoothing.of(path));
    }

    private static boolean before(Point a, Point b) {
        return a.x() + a.y() < b.x() + b.y();
    }

    /** The stretches that begin at a corner. */
    private static List<Integer> corners(List<Segment> segments) {
        Walk walk = new Walk(segments);
        List<Integer> corners = new ArrayList<>();
        List<Double> turns = new ArrayList<>();
        for (int i = 0; i < segments.size(); i++) {
            double turn = walk.turnAt(i);
            if (turn < TURN) {
                continue;
            }
            int last = corners.size() - 1;
            if (last >= 0 && walk.way(corners.get(last), i) < APART) {
                if (turn > turns.get(last)) {
                    corners.set(last, i);
                    turns.set(last, turn);
                }
            } else {
                corners.add(i);
                turns.add(turn);
            }
        }
        int last = corners.size() - 1;
        if (last > 0 && walk.whole() - walk.way(corners.get(0), corners.get(last)) < APART) {
            corners.remove(turns.get(0) < turns.get(last) ? 0 : last);
        }
        return corners;
    }

    /** The line flattened, with how far along it every point lies. */
    private static final class Walk {
        private final List<Point> points = new ArrayList<>();
        private final double[] run;
        private final int[] joints;

        Walk(List<Segment> segments) {
            joints = new int[segments.size()];
            for (int s = 0; s < segments.size(); s++) {
                joints[s] = points.size();
                double[] steps = segments.get(s).steps(CHORD);
                for (int i = 0; i + 1 < steps.length; i++) {
                    points.add(segments.get(s).at(steps[i]));
                }
            }
            points.add(points.get(0));
            run = new double[points.size()];
            for (int i = 1; i < run.length; i++) {
                run[i] = run[i - 1] + points.get(i - 1).distance(points.get(i));
            }
        }

        double whole() {
            return run[run.length - 1];
        }

        double way(int fromJoint, int toJoint) {
            return run[joints[toJoint]] - run[joints[fromJoint]];
        }

        /** By how much the line turns at a joint, seen over the window on either side. */
        double turnAt(int joint) {
            double at = run[joints[joint]];
            Point here = points.get(joints[joint]);
            Vec arriving = point(at - WINDOW).to(here);
            Vec leaving = here.to(point(at + WINDOW));
            return arriving.length() == 0 || leaving.length() == 0 ? 0 : Math.abs(arriving.angleTo(leaving));
        }

        private Point point(double way) {
            double wanted = ((way % whole()) + whole()) % whole();
            int high = Arrays.binarySearch(run, wanted);
            int i = high >= 0 ? high : -high - 1;
            if (i == 0) {
                return points.get(0);
            }
            double share = (wanted - run[i - 1]) / Math.max(1e-12, run[i] - run[i - 1]);
            return points.get(i - 1).plus(points.get(i - 1).to(points.get(i)).times(share));
        }
    }
}
