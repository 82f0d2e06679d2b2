package bathyra.cutting;

import bathyra.block.Block;
import bathyra.edge.JoinedEdge;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.panel.Panel;
import bathyra.panel.PanelNames;
import bathyra.panel.PanelSet;
import bathyra.panel.SeamEdge;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.paper.True;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** The panels of a half on paper, one sheet each, with upper and lower edge drawn over the joined seams (C10). */
final class PanelSheets {
    static final String CENTRE_FRONT = EdgeRole.CENTRE_FRONT.id();
    static final String UPPER = EdgeRole.UPPER.id();
    static final String LOWER = EdgeRole.LOWER.id();
    private static final double RIGHT_ANGLE = Math.PI / 2;

    private final PanelSet set;
    private final Block block;
    private final Garment garment;
    private final List<Path> lefts = new ArrayList<>();
    private final List<Path> rights = new ArrayList<>();

    private PanelSheets(PanelSet set, Block block, Garment garment) {
        this.set = set;
        this.block = block;
        this.garment = garment;
    }

    /** Fronts are numbered from centre front, backs from centre back. */
    static PaperPattern of(PanelSet set, Block block, Garment garment) {
        return new PanelSheets(set, block, garment).pattern();
    }

    private PaperPattern pattern() {
        for (Panel panel : set.panels()) {
            Path left = panel.left().path();
            lefts.add(lefts.isEmpty() ? Path.of(new Line(new Point(0, centreFrontTop()), left.end())) : left);
            rights.add(panel.right().path());
        }
        if (garment.lowerEdge() == LowerShape.FLARED) {
            flare();
        }
        if (garment.lowerEdge().hangs()) {
            hang();
        }
        boolean point = isPointedAbove();
        double above = point ? RIGHT_ANGLE + Math.atan(set.upper().get(0).slope()) : RIGHT_ANGLE;
        List<Path> upper = upperEdges(spans(true), above);
        List<Path> lower = lowerEdges(spans(false));
        List<Sheet> sheets = new ArrayList<>();
        for (int i = 0; i < set.panels().size(); i++) {
            Sheet sheet = sheet(i, upper.get(i), lower.get(i));
            if (i == 0 && point) {
                sheet = sheet.declaring(lefts.get(0).start(), Math.toDegrees(above));
            }
            if (i == 0 && Math.abs(set.frontAngle() - RIGHT_ANGLE) > 1e-9) {
                sheet = sheet.declaring(lefts.get(0).end(), Math.toDegrees(set.frontAngle()));
            }
            sheets.add(i == squareAt() ? sheet.declaring(low(), 270).declaring(high(), 90) : sheet);
        }
        return new PaperPattern(sheets, seams());
    }

    /** How deep centre front begins: by the block, and as far as the edge or the panel was moved by a fitting. */
    private double centreFrontTop() {
        double moved = garment.found().folded(false, Level.UPPER);
        return block.centreFrontTop().value()
                + moved
                - (set.upper().isEmpty() ? 0 : set.upper().get(0).moved());
    }

    private List<Path> lowerEdges(List<JoinedEdge.Span> spans) {
        if (garment.lowerEdge().isHem()) {
            return JoinedEdge.over(spans, set.frontAngle());
        }
        return set.lower().isEmpty()
                ? JoinedEdge.level(spans)
                : JoinedEdge.over(spans, runs(set.lower(), false), set.frontAngle());
    }

    /** A square edge goes level from centre front to its corner, upright from there to the height of the crest, and on from there. */
    private List<Path> upperEdges(List<JoinedEdge.Span> spans, double inFront) {
        int k = squareAt();
        if (k < 0) {
            return set.upper().isEmpty()
                    ? JoinedEdge.level(spans)
                    : JoinedEdge.over(spans, runs(set.upper(), true), inFront);
        }
        List<JoinedEdge.Run> runs = runs(set.upper(), true);
        JoinedEdge.Span own = spans.get(k);
        List<JoinedEdge.Span> level = new ArrayList<>(spans.subList(0, k));
        level.add(new JoinedEdge.Span(own.left(), own.leftSeam(), low(), Vec.DOWN));
        List<JoinedEdge.Span> crest = new ArrayList<>(spans.subList(k, spans.size()));
        crest.set(0, new JoinedEdge.Span(high(), Vec.DOWN, own.right(), own.rightSeam()));
        List<JoinedEdge.Run> overCrest = new ArrayList<>(runs.subList(k, runs.size()));
        JoinedEdge.Run first = overCrest.get(0);
        overCrest.set(0, new JoinedEdge.Run(Vec.RIGHT, first.levelRight(), 0, first.slopeRight(), List.of()));
        List<Path> before = JoinedEdge.over(level, inFront);
        List<Path> after = JoinedEdge.over(crest, overCrest, RIGHT_ANGLE);
        List<Path> edges = new ArrayList<>(before.subList(0, k));
        edges.add(before.get(k).then(Path.of(new Line(low(), high()))).then(after.get(0)));
        edges.addAll(after.subList(1, after.size()));
        return edges;
    }

    /** The panel on which a square edge has its corner; -1 for none. */
    private int squareAt() {
        if (garment.upperEdge() != UpperShape.SQUARE || garment.top().cover() != Cover.STRAPLESS) {
            return -1;
        }
        double corner = corner();
        for (int i = 0; i < lefts.size(); i++) {
            if (lefts.get(i).start().x() < corner && rights.get(i).start().x() > corner) {
                return i;
            }
        }
        return -1;
    }

    private double corner() {
        return set.corner();
    }

    private Point low() {
        return new Point(corner(), lefts.get(squareAt()).start().y());
    }

    private Point high() {
        return new Point(corner(), rights.get(squareAt()).start().y());
    }

    private boolean isPointedAbove() {
        return garment.kind().isOverBust()
                && garment.top().cover() == Cover.STRAPLESS
                && garment.upperEdge().isPointed();
    }

    /** How a designed edge runs over each panel: where it would go if it were level, and its own slope. */
    private List<JoinedEdge.Run> runs(List<PanelSet.Crossed> crossed, boolean top) {
        List<JoinedEdge.Run> runs = new ArrayList<>();
        for (int i = 0; i < lefts.size(); i++) {
            Path left = top ? lefts.get(i) : lefts.get(i).reversed();
            Path right = top ? rights.get(i) : rights.get(i).reversed();
            PanelSet.Crossed atLeft = crossed.get(i);
            PanelSet.Crossed atRight = crossed.get(i + 1);
            double deeper = (atRight.height() - atLeft.height()) * (top ? 1 : -1);
            runs.add(new JoinedEdge.Run(
                    left.start().to(inward(right, deeper)),
                    inward(left, -deeper).to(right.start()),
                    atLeft.slope(),
                    atRight.slope(),
                    atLeft.beside()));
        }
        return runs;
    }

    /** The place so far along a long edge; before its end where it is less than nothing, straight on. */
    static Point inward(Path edge, double by) {
        return by >= 0
                ? edge.at(Math.min(by, edge.length())).point()
                : edge.start().plus(edge.startTangent().times(by));
    }

    private List<JoinedEdge.Span> spans(boolean top) {
        List<JoinedEdge.Span> spans = new ArrayList<>();
        for (int i = 0; i < lefts.size(); i++) {
            Path l = lefts.get(i);
            Path r = rights.get(i);
            boolean centreBack = i == lefts.size() - 1;
            spans.add(
                    top
                            ? new JoinedEdge.Span(
                                    l.start(), l.startTangent(), r.start(), centreBack ? overTen(r) : r.startTangent())
                            : new JoinedEdge.Span(
                                    l.end(),
                                    l.endTangent().reversed(),
                                    r.end(),
                                    centreBack
                                            ? overTen(r.reversed())
                                            : r.endTangent().reversed()));
        }
        return spans;
    }

    /** A curved centre back is squared against its first 10 mm, as the square is laid on the paper. */
    private static Vec overTen(Path path) {
        return path.start().to(path.at(Tolerance.SQUARE_OVER).point()).unit();
    }

    private Sheet sheet(int i, Path upper, Path lower) {
        int fronts = (int) garment.seams().stream()
                        .filter(s -> s.part() == SeamPlace.Part.FRONT)
                        .count()
                + 1;
        boolean front = i < fronts;
        int n = set.panels().size();
        OutlineEdge.Kind left = i > 0
                ? OutlineEdge.Kind.SEAM
                : garment.fastening().closure().opensInFront() ? OutlineEdge.Kind.CLOSURE : OutlineEdge.Kind.FOLD;
        OutlineEdge.Kind right = i < n - 1
                ? OutlineEdge.Kind.SEAM
                : garment.fastening().closure().opensBehind()
                        ? OutlineEdge.Kind.CLOSURE
                        : isCentreBackShaped() ? OutlineEdge.Kind.SEAM : OutlineEdge.Kind.FOLD;
        List<OutlineEdge> outline = List.of(
                new OutlineEdge(UPPER, OutlineEdge.Kind.EDGE, Optional.empty(), upper),
                new OutlineEdge(garment.seams().get(i).id(), right, Optional.empty(), rights.get(i)),
                new OutlineEdge(LOWER, OutlineEdge.Kind.EDGE, Optional.empty(), lower.reversed()),
                new OutlineEdge(
                        i == 0 ? CENTRE_FRONT : garment.seams().get(i - 1).id(),
                        left,
                        Optional.empty(),
                        lefts.get(i).reversed()));
        return new Sheet(id(i), PanelNames.of(garment).get(i), front, outline, marks(i), List.of());
    }

    private String id(int i) {
        int fronts = (int) garment.seams().stream()
                        .filter(s -> s.part() == SeamPlace.Part.FRONT)
                        .count()
                + 1;
        return i < fronts
                ? PieceRole.FRONT.id(i + 1)
                : PieceRole.BACK.id(set.panels().size() - i);
    }

    private List<SeamJoin> seams() {
        List<SeamJoin> seams = new ArrayList<>();
        for (int i = 0; i + 1 < set.panels().size(); i++) {
            SeamPlace seam = garment.seams().get(i);
            seams.add(new SeamJoin(
                    "S" + (i + 1),
                    seam.label(),
                    new SeamJoin.Ref(id(i), seam.id()),
                    new SeamJoin.Ref(id(i + 1), seam.id())));
        }
        if (!garment.fastening().closure().opensBehind() && isCentreBackShaped()) {
            SeamJoin.Ref centre = new SeamJoin.Ref(id(set.panels().size() - 1), SeamPlace.CENTRE_BACK.id());
            seams.add(new SeamJoin("SCB", SeamPlace.CENTRE_BACK.label(), centre, centre));
        }
        return seams;
    }

    /** Whether centre back is taken in: then it cannot lie on the fold and is sewn. */
    private boolean isCentreBackShaped() {
        Path back = rights.get(rights.size() - 1);
        Path chord = Path.of(new Line(back.start(), back.end()));
        return back.flattened(Tolerance.CHORD).stream()
                .anyMatch(p -> chord.nearest(p).point().distance(p) > Tolerance.FOLD);
    }

    private List<LevelMark> marks(int i) {
        Panel panel = set.panels().get(i);
        List<LevelMark> marks = new ArrayList<>();
        for (Level level : set.levels()) {
            marks.add(new LevelMark(
                    level.id(),
                    panel.left().nodes().get(level),
                    panel.right().nodes().get(level)));
            set.between().stream()
                    .filter(line -> line.line().after() == level)
                    .forEach(line -> marks.add(line.across(panel, i)));
        }
        double skirt = garment.length(LengthOption.SKIRT_LINE).value();
        if (skirt > 0 && LengthOption.SKIRT_LINE.shapes(garment)) {
            marks.add(new LevelMark("skirt", belowWaist(panel.left(), skirt), belowWaist(panel.right(), skirt)));
        }
        return marks;
    }

    private static Point belowWaist(SeamEdge edge, double length) {
        return edge.path()
                .at(edge.above() + edge.arcs().get(Level.WAIST) + length)
                .point();
    }

    /** The seams that may swing out below: under a dart the cloth is one. */
    private List<Integer> swinging() {
        return IntStream.range(0, rights.size() - 1)
                .filter(i ->
                        !garment.isDartedBehind() || !garment.seams().get(i).equals(SeamPlace.PRINCESS_BACK))
                .filter(i -> !garment.isSkirtDarted() || garment.seams().get(i).part() == SeamPlace.Part.SIDE)
                .boxed()
                .toList();
    }

    /** Below the high hip the seams swing out to both sides; the hem is raised there, so that it hangs level (C10). */
    private void flare() {
        double out = garment.length(LengthOption.FLARE).value() / 2;
        double raise = garment.length(LengthOption.FLARE_RAISE).value();
        for (int i : swinging()) {
            rights.set(i, swung(set.panels().get(i).right(), rights.get(i), out, raise));
            Path partner = swung(set.panels().get(i + 1).left(), lefts.get(i + 1), -out, raise);
            lefts.set(i + 1, True.toLength(partner, rights.get(i).length()));
        }
    }

    /** Below the hip the seams fall straight, or to a hem that is narrower or wider; what swings out is raised by what its slant is longer. */
    private void hang() {
        double out = (garment.length(LengthOption.SKIRT_SPREAD).value() > 0
                        ? garment.length(LengthOption.SKIRT_SPREAD).value()
                        : -garment.length(LengthOption.SKIRT_TAPER).value())
                / 2;
        for (int i : swinging()) {
            rights.set(i, swung(set.panels().get(i).right(), rights.get(i), out, slant(i, out)));
            Path partner = swung(set.panels().get(i + 1).left(), lefts.get(i + 1), -out, slant(i, out));
            lefts.set(i + 1, True.toLength(partner, rights.get(i).length()));
        }
    }

    /** How much longer a seam would be for going aside from the hip to the hem, mm. */
    private double slant(int seam, double out) {
        SeamEdge edge = set.panels().get(seam).right();
        double falls = edge.path().length() - edge.above() - edge.arcs().get(Level.HIP);
        return Math.hypot(falls, out) - falls;
    }

    /** The same edge from where it swings out to a place beside its end. @param out to the right @param raise above it */
    private Path swung(SeamEdge edge, Path path, double out, double raise) {
        Level level = garment.lowerEdge().swingsFrom().orElseThrow();
        double from = edge.above() + edge.arcs().get(level);
        Path kept = path.upTo(from);
        Vec down = path.endTangent();
        Point end = path.end().plus(down.turned(-Math.PI / 2).times(out)).plus(down.times(-raise));
        Vec start = kept.endTangent();
        double away = kept.end().distance(end);
        return kept.then(Path.of(
                Cubic.hermite(kept.end(), start.times(away), end, kept.end().to(end))));
    }
}
