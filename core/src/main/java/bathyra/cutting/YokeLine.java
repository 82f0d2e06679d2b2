package bathyra.cutting;

import bathyra.edge.JoinedEdge;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.LengthOption;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.util.List;
import java.util.Optional;

/**
 * A level line across the two sheets beside the seam over the apex, straight over that seam.
 *
 * @param inner from the edge nearer centre front to the seam
 * @param outer from the seam to the edge nearer the side
 */
record YokeLine(Path inner, Path outer) {
    private static final double CLEAR = 8;
    private static final double FAR = 2000;

    /** @param above height of the line above the apex at the seam, mm along the seam @throws NotDraftable when the line runs off the sheets */
    static YokeLine across(PaperPattern pattern, Apex apex, double above) throws NotDraftable {
        Sheet inner = pattern.sheet(apex.inner());
        Sheet outer = pattern.sheet(apex.outer());
        Path seam1 = inner.edge(apex.seam()).path();
        Path seam2 = outer.edge(apex.seam()).path();
        double stands = seam1.nearest(apex.atInner()).arc();
        if (above > stands - CLEAR) {
            throw refuse(
                    above,
                    stands - CLEAR,
                    Sentence.of(
                            "{}: the yoke line lies {} above the apex, and the edge there stands {} above it. Up to {} can be cut.",
                            inner.name(),
                            Length.mm(above),
                            Length.mm(stands),
                            Length.mm(Math.max(0, Math.floor(stands - CLEAR)))));
        }
        Path.Place at1 = seam1.at(stands - above);
        Path.Place at2 = seam2.at(seam2.nearest(apex.atOuter()).arc() + above);
        Path.Place left = inwards(inner, apex, at1.point(), above);
        Path.Place right = end(outer, apex.across(outer), apex.atOuter(), apex.besideOuter(), above);
        List<Path> lines = JoinedEdge.over(
                List.of(
                        new JoinedEdge.Span(left.point(), downwards(left.tangent()), at1.point(), at1.tangent()),
                        new JoinedEdge.Span(
                                at2.point(), at2.tangent().reversed(), right.point(), downwards(right.tangent()))),
                Math.PI / 2);
        return new YokeLine(lines.get(0), lines.get(1));
    }

    /** Where the line begins in front: at centre front, or, where a low neckline has cut that away, at the neckline. */
    private static Path.Place inwards(Sheet inner, Apex apex, Point seam, double above) throws NotDraftable {
        try {
            return end(inner, apex.across(inner), apex.atInner(), apex.besideInner(), above);
        } catch (NotDraftable e) {
            Path level = Path.of(new Line(seam.plus(new Vec(-CLEAR, 0)), seam.plus(new Vec(-FAR, 0))));
            for (OutlineEdge edge : inner.outline()) {
                Optional<Path.Crossing> crossing = edge.kind() == OutlineEdge.Kind.EDGE && edge.role() != EdgeRole.LOWER
                        ? level.crossing(edge.path())
                        : Optional.empty();
                if (crossing.isPresent()
                        && Math.min(
                                        crossing.get().there(),
                                        edge.path().length() - crossing.get().there())
                                > CLEAR) {
                    return new Path.Place(
                            crossing.get().there(),
                            edge.path().at(crossing.get().there()).point(),
                            Vec.DOWN);
                }
            }
            throw e;
        }
    }

    private static Vec downwards(Vec v) {
        return v.dy() > 0 ? v : v.reversed();
    }

    /**
     * The place on the long edge across the sheet: as high above the bust line there, or as far up as the edge bears.
     *
     * @param beside where the bust line ends there, on a sheet that is not marked with it because an edge falls below it elsewhere
     */
    private static Path.Place end(Sheet sheet, OutlineEdge edge, Point at, Point beside, double above)
            throws NotDraftable {
        Path path = edge.path().end().y() < edge.path().start().y()
                ? edge.path()
                : edge.path().reversed();
        double bust = sheet.mark(Level.BUST.id())
                .map(m -> path.nearest(m.from().distance(at) > m.to().distance(at) ? m.from() : m.to())
                        .arc())
                .orElseGet(() -> path.nearest(beside).arc());
        double room = path.length() - bust;
        if (room < 2 * CLEAR) {
            throw refuse(
                    above,
                    0,
                    Sentence.of(
                            sheet.name() + ": beside the " + edge.name().replace('-', ' ')
                                    + " only {} stand above the bust line; a yoke line needs {} there. Draw the upper edge higher.",
                            Length.mm(Math.max(0, room)),
                            Length.mm(2 * CLEAR)));
        }
        return path.at(bust + Math.min(above, room - CLEAR));
    }

    /**
     * Where a yoke ends in a seam, the neighbour's edge is divided: its lower part stays sewn to the sheet under the yoke, its upper part to
     * the yoke.
     *
     * @param seam in which the sheet's edge lay before the yoke was cut off it
     */
    static void besideYoke(PaperPattern.Work work, SeamJoin seam, String sheet, Sheet yoke, String edge) {
        String name = edge + "-yoke";
        SeamJoin.Ref own = new SeamJoin.Ref(yoke.id(), name);
        work.with(yoke.id(), s -> Cups.renamed(s, edge, name));
        if (seam.a().equals(seam.b())) {
            work.joining(new SeamJoin(seam.id() + "Y", seam.name() + ", yoke", own, own));
            return;
        }
        boolean first = seam.a().piece().equals(sheet);
        SeamJoin.Ref neighbour = first ? seam.b() : seam.a();
        double top = yoke.edge(edge).path().length();
        SeamJoin.Ref other = new SeamJoin.Ref(neighbour.piece(), name);
        work.with(neighbour.piece(), s -> upperNamed(s, neighbour.edge(), top, name))
                .joining(new SeamJoin(
                        seam.id() + "Y", seam.name() + ", yoke", first ? own : other, first ? other : own));
    }

    /** An edge of which the uppermost stretch takes another name. */
    static Sheet upperNamed(Sheet sheet, String edge, double top, String name) {
        Path path = sheet.edge(edge).path();
        if (path.end().y() < path.start().y()) {
            return sheet.divided(edge, path.length() - top, name);
        }
        Sheet cut = sheet.divided(edge, top, edge + "-below");
        return Cups.renamed(Cups.renamed(cut, edge, name), edge + "-below", edge);
    }

    private static NotDraftable refuse(double value, double limit, Sentence sentence) {
        return new NotDraftable(
                Finding.of(FindingKind.YOKE, LengthOption.CUP_YOKE.id(), Finding.Status.FAULT, value, limit, sentence));
    }
}
