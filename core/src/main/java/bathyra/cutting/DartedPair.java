package bathyra.cutting;

import bathyra.geometry.Cubic;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.paper.Ends;
import bathyra.paper.Merge;
import bathyra.paper.Sheet;
import bathyra.piece.Dart;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Two sheets that become one: they lie against each other along the seam between them wherever it takes nothing, from its upper end down,
 * and what it takes becomes a dart; one that still takes something at the lower edge opens there.
 */
final class DartedPair {
    /** Two edges nearer each other lie on each other, mm. */
    private static final double MEETS = 0.25;
    /** Edges that lap over each other by more cannot be one piece of cloth, mm; fair curves cross by less before a dart begins. */
    static final double LAPS = 1;
    /** A dart that is open by no more at the lower edge is closed there, mm: its sides are laid so much nearer. */
    private static final double NO_MOUTH = 1.5;
    /** The gap between the edges is looked at in steps of so much, mm: a leg bends too little to hide more between them. */
    private static final double STRIDE = 6;
    /** Where a dart begins and ends is found to so much, mm. */
    private static final double STEP = 1;
    /** Over so much of its end a leg is drawn fair into the point, mm. */
    private static final double RUN_OUT = 20;

    private final Sheet centre;
    private final Sheet side;
    private final String seam;
    private final Lying lying;

    /**
     * @param centre the sheet at the right, which stays as it lies
     * @param side the sheet at the left, which is laid against it
     * @param seam the name of the edge between them, in both
     */
    DartedPair(Sheet centre, Sheet side, String seam) {
        this.centre = centre;
        this.side = side;
        this.seam = seam;
        Lying hung = new Lying(closedAtTop(), centreLeg(), sideLeg());
        this.lying = hung.opens() ? hung : new Lying(closedAtBothEnds(), centreLeg(), sideLeg());
    }

    /**
     * What became of two sheets.
     *
     * @param whole with the id of the one that stayed
     * @param renamed what edges of that sheet are called now, by the names they had; those of the other keep theirs
     * @param open whether the dart opens at the lower edge: its legs are edges then, named as the seam
     */
    record Joined(Sheet whole, Map<String, String> renamed, boolean open) {}

    /** By how much the two sheets would lap over each other, mm. */
    double laps() {
        return lying.laps();
    }

    /** Whether they lap by less than cannot be seen, so that they can be one piece of cloth. */
    boolean isOnePiece() {
        return laps() <= LAPS;
    }

    /** @param name of the sheet @param dartName of the dart that lies within it */
    Joined joined(String name, String dartName) {
        Sheet laid = side.moved(lying.motion());
        Optional<Dart> dart = lying.dart(dartName);
        boolean open = lying.opens() && dart.isPresent();
        List<OutlineEdge> ring = new ArrayList<>(around(laid));
        Map<String, String> renamed = new LinkedHashMap<>();
        joinOn(ring, around(centre), renamed);
        if (open) {
            ring.add(leg(seam, dart.get().other().reversed()));
            ring.add(leg(seam + "-2", dart.get().one()));
        }
        closeRing(ring, open);
        List<Dart> darts = new ArrayList<>(laid.darts());
        darts.addAll(centre.darts());
        dart.filter(d -> !open).ifPresent(darts::add);
        Sheet whole = new Sheet(centre.id(), name, centre.front(), Ends.met(ring), marks(laid), corners(laid), darts);
        return new Joined(whole, renamed, open);
    }

    private static OutlineEdge leg(String name, Path path) {
        return new OutlineEdge(name, OutlineEdge.Kind.DART, Optional.empty(), path);
    }

    /** The edges of a sheet but the one that is closed, from behind it on as the outline runs. */
    private List<OutlineEdge> around(Sheet sheet) {
        List<OutlineEdge> edges = new ArrayList<>();
        for (int k = 1; k < sheet.outline().size(); k++) {
            edges.add(sheet.beside(seam, k));
        }
        return edges;
    }

    /** The edges of the centre behind those of the side: an edge that goes on over the closed seam is one, unless something is sewn to it there. */
    private static void joinOn(List<OutlineEdge> ring, List<OutlineEdge> behind, Map<String, String> renamed) {
        for (OutlineEdge edge : behind) {
            OutlineEdge last = ring.get(ring.size() - 1);
            boolean goesOn = edge == behind.get(0)
                    && last.name().equals(edge.name())
                    && last.kind() == OutlineEdge.Kind.EDGE
                    && edge.kind() == OutlineEdge.Kind.EDGE;
            if (goesOn) {
                ring.set(ring.size() - 1, one(last, edge));
                continue;
            }
            String name = hasName(ring, edge.name())
                    ? EdgeRole.again(edge.name(), taken -> hasName(ring, taken))
                    : edge.name();
            renamed.put(edge.name(), name);
            ring.add(new OutlineEdge(name, edge.kind(), edge.seam(), edge.path()));
        }
    }

    private static boolean hasName(List<OutlineEdge> ring, String name) {
        return ring.stream().anyMatch(e -> e.name().equals(name));
    }

    /** The lower edge goes on over the closed end of the seam, from the last edge of the ring to its first. */
    private static void closeRing(List<OutlineEdge> ring, boolean open) {
        OutlineEdge first = ring.get(0);
        OutlineEdge last = ring.get(ring.size() - 1);
        if (!open
                && first.role() == last.role()
                && first.kind() == OutlineEdge.Kind.EDGE
                && last.kind() == first.kind()) {
            ring.set(
                    0,
                    new OutlineEdge(
                            first.name(),
                            first.kind(),
                            first.seam(),
                            one(last, first).path()));
            ring.remove(ring.size() - 1);
        }
    }

    private static OutlineEdge one(OutlineEdge before, OutlineEdge after) {
        Path ended =
                Ends.moved(before.path(), before.path().start(), after.path().start());
        return new OutlineEdge(before.name(), before.kind(), before.seam(), ended.then(after.path()));
    }

    private List<LevelMark> marks(Sheet laid) {
        List<LevelMark> marks = new ArrayList<>(laid.marks());
        marks.addAll(centre.marks());
        return marks;
    }

    private List<Piece.Corner> corners(Sheet laid) {
        List<Piece.Corner> corners = new ArrayList<>(laid.declared());
        corners.addAll(centre.declared());
        return corners;
    }

    /** The edge of the centre, downwards. */
    private Path centreLeg() {
        return centre.edge(seam).path().reversed();
    }

    /** The edge of the side, downwards. */
    private Path sideLeg() {
        return side.edge(seam).path();
    }

    private Motion closedAtBothEnds() {
        return Merge.laying(sideLeg(), centre.edge(seam).path());
    }

    /** Their upper ends on each other, in one direction. */
    private Motion closedAtTop() {
        Path near = centreLeg();
        Path far = sideLeg();
        return Motion.laying(far.start(), far.startTangent(), near.start(), near.startTangent());
    }

    /**
     * How the side panel lies beside the centre, and what then lies open between them.
     *
     * @param motion how the side is laid
     * @param near the edge of the centre, downwards
     * @param far the edge of the side, downwards, once it is laid
     */
    private record Lying(Motion motion, Path near, Path far) {
        Lying {
            far = motion.apply(far);
        }

        private double length() {
            return Math.min(near.length(), far.length());
        }

        /** How far the edges lie apart at an arc length from the top, mm; less than nothing where they lap over each other. */
        private double gap(double arc) {
            Path.Place at = near.at(arc);
            Vec beside = far.at(arc).point().to(at.point());
            return beside.dot(at.tangent().turned(-Math.PI / 2));
        }

        double laps() {
            double most = -gap(length());
            for (double arc = 0; arc < length(); arc += STRIDE) {
                most = Math.max(most, -gap(arc));
            }
            return Math.max(0, most);
        }

        /** How wide the dart is at the lower edge, mm. */
        double mouth() {
            return gap(length());
        }

        boolean opens() {
            return mouth() > NO_MOUTH;
        }

        /** The last place before the edges come off each other, from the top; the whole length where they never do. */
        private double first() {
            double arc = 0;
            while (arc < length() && gap(arc) <= MEETS) {
                arc += STRIDE;
            }
            if (arc >= length()) {
                return length();
            }
            while (arc > 0 && gap(arc) > MEETS) {
                arc -= STEP;
            }
            return Math.max(0, arc);
        }

        /** The first place behind which they lie on each other again. */
        private double last() {
            double arc = length();
            while (arc > 0 && gap(arc) <= MEETS) {
                arc -= STRIDE;
            }
            while (arc < length() && gap(arc) > MEETS) {
                arc += STEP;
            }
            return Math.min(length(), arc);
        }

        /** From where the edges come off each other to where they meet again, or to the lower edge; its ends are one point. Empty where they never do. */
        Optional<Dart> dart(String name) {
            double from = first();
            if (from >= length()) {
                return Optional.empty();
            }
            double to = opens() ? length() : last();
            Point top = met(from);
            Path one = begun(far.between(from, to), top);
            Path other = begun(near.between(from, to), top);
            return Optional.of(
                    opens() ? new Dart(name, one, other) : new Dart(name, ended(one, met(to)), ended(other, met(to))));
        }

        private Point met(double arc) {
            return near.at(arc).point().between(far.at(arc).point(), 0.5);
        }

        /** The same leg from where both meet: over its first stretch it comes fair out of that point. */
        private static Path begun(Path path, Point at) {
            double over = Math.min(RUN_OUT, path.length() / 3);
            Path.Place on = path.at(over);
            double pace = at.distance(on.point());
            return Path.of(Cubic.hermite(
                            at,
                            at.to(on.point()).unit().times(pace),
                            on.point(),
                            on.tangent().times(pace)))
                    .then(path.between(over, path.length()));
        }

        private static Path ended(Path path, Point at) {
            return begun(path.reversed(), at).reversed();
        }
    }
}
