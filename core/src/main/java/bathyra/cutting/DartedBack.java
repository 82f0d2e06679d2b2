package bathyra.cutting;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.LengthOption;
import bathyra.geometry.Cubic;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.paper.Ends;
import bathyra.paper.Merge;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.Dart;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The back of a bustier in one piece (C6.3): the two back panels lie against each other along the seam between them wherever it takes nothing,
 * and what it takes becomes a dart; one that still takes something at the lower edge opens there.
 */
final class DartedBack {
    private static final String SEAM = SeamPlace.PRINCESS_BACK.id();
    private static final String NAME = "Back waist dart";
    /** Two edges nearer each other lie on each other, mm. */
    private static final double MEETS = 0.25;
    /** Edges that lap over each other by more cannot be one piece of cloth, mm; fair curves cross by less before a dart begins. */
    private static final double LAPS = 1;
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

    private DartedBack(Sheet centre, Sheet side) {
        this.centre = centre;
        this.side = side;
    }

    /** @throws NotDraftable when the back is cut by a yoke, or the panels would lap over each other */
    static PaperPattern of(PaperPattern pattern) throws NotDraftable {
        Sheet centre = pattern.sheet(PieceRole.BACK.id(1));
        Sheet side = pattern.sheet(PieceRole.BACK.id(2));
        if (pattern.has(PieceRole.YOKE.id(2))) {
            throw refuse(
                    0,
                    Sentence.of(
                            "A yoke lies over the back, where its dart would end. Let the yoke lie in front alone, or choose a princess seam behind."));
        }
        return new DartedBack(centre, side).joined(pattern);
    }

    private PaperPattern joined(PaperPattern pattern) throws NotDraftable {
        Lying hung = new Lying(closedAtTop(), centreLeg(), sideLeg());
        Lying lying = hung.opens() ? hung : new Lying(closedAtBothEnds(), centreLeg(), sideLeg());
        double laps = lying.laps();
        if (laps > LAPS) {
            throw refuse(
                    laps,
                    Sentence.of(
                            "The two halves of the back would lap over each other by {}: what is taken between them does not run out towards the upper edge. Take nothing at the princess seam of the back above the rib, or choose a seam there.",
                            Length.mm(laps)));
        }
        Sheet laid = side.moved(lying.motion());
        Optional<Dart> dart = lying.dart();
        boolean open = lying.opens() && dart.isPresent();
        List<OutlineEdge> ring = new ArrayList<>(around(laid));
        Map<String, String> renamed = new LinkedHashMap<>();
        List<OutlineEdge> behind = around(centre);
        joinOn(ring, behind, renamed);
        if (open) {
            ring.add(leg(SEAM, dart.get().other().reversed()));
            ring.add(leg(SEAM + "-2", dart.get().one()));
        }
        closeRing(ring, open);
        Sheet whole = new Sheet(
                centre.id(),
                "Back",
                false,
                Ends.met(ring),
                marks(laid),
                corners(laid),
                open ? List.of() : dart.stream().toList());
        return resewn(pattern, whole, renamed, open);
    }

    private static OutlineEdge leg(String name, Path path) {
        return new OutlineEdge(name, OutlineEdge.Kind.DART, Optional.empty(), path);
    }

    /** The edges of a sheet but the one that is closed, from behind it on as the outline runs. */
    private static List<OutlineEdge> around(Sheet sheet) {
        List<OutlineEdge> edges = new ArrayList<>();
        for (int k = 1; k < sheet.outline().size(); k++) {
            edges.add(sheet.beside(SEAM, k));
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
            String name = ring.stream().anyMatch(e -> e.name().equals(edge.name())) ? edge.name() + "-2" : edge.name();
            renamed.put(edge.name(), name);
            ring.add(new OutlineEdge(name, edge.kind(), edge.seam(), edge.path()));
        }
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

    private static PaperPattern resewn(PaperPattern pattern, Sheet whole, Map<String, String> renamed, boolean open) {
        String gone = PieceRole.BACK.id(2);
        List<Sheet> sheets = new ArrayList<>();
        for (Sheet sheet : pattern.sheets()) {
            if (sheet.id().equals(whole.id())) {
                sheets.add(whole);
            } else if (!sheet.id().equals(gone)) {
                sheets.add(sheet);
            }
        }
        List<SeamJoin> seams = new ArrayList<>();
        for (SeamJoin seam : pattern.seams()) {
            if (!seam.a().edge().equals(SEAM)) {
                seams.add(new SeamJoin(
                        seam.id(), seam.name(), onWhole(seam.a(), whole, renamed), onWhole(seam.b(), whole, renamed)));
            } else if (open) {
                seams.add(new SeamJoin(
                        seam.id(),
                        NAME,
                        new SeamJoin.Ref(whole.id(), SEAM),
                        new SeamJoin.Ref(whole.id(), SEAM + "-2")));
            }
        }
        return new PaperPattern(sheets, seams);
    }

    private static SeamJoin.Ref onWhole(SeamJoin.Ref ref, Sheet whole, Map<String, String> renamed) {
        if (ref.piece().equals(PieceRole.BACK.id(2))) {
            return new SeamJoin.Ref(whole.id(), ref.edge());
        }
        return ref.piece().equals(whole.id())
                ? new SeamJoin.Ref(whole.id(), renamed.getOrDefault(ref.edge(), ref.edge()))
                : ref;
    }

    /** The edge of the centre, downwards. */
    private Path centreLeg() {
        return centre.edge(SEAM).path().reversed();
    }

    /** The edge of the side, downwards. */
    private Path sideLeg() {
        return side.edge(SEAM).path();
    }

    private Motion closedAtBothEnds() {
        return Merge.laying(sideLeg(), centre.edge(SEAM).path());
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
        Optional<Dart> dart() {
            double from = first();
            if (from >= length()) {
                return Optional.empty();
            }
            double to = opens() ? length() : last();
            Point top = met(from);
            Path one = begun(far.between(from, to), top);
            Path other = begun(near.between(from, to), top);
            return Optional.of(
                    opens() ? new Dart(NAME, one, other) : new Dart(NAME, ended(one, met(to)), ended(other, met(to))));
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

    private static NotDraftable refuse(double value, Sentence sentence) {
        return new NotDraftable(Finding.of(
                FindingKind.BACK_DART, LengthOption.BACK_DART.id(), Finding.Status.FAULT, value, LAPS, sentence));
    }
}
