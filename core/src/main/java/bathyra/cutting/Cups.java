package bathyra.cutting;

import bathyra.edge.JoinedEdge;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.paper.Merge;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.paper.Slash;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Cuts the cups out of the panels on either side of the seam over the apex (C8). */
final class Cups {
    static final String INNER = EdgeRole.CUP_INNER.id();
    static final String OUTER = EdgeRole.CUP_OUTER.id();
    private static final String LOW = "-low";
    private static final String BAND_INNER = EdgeRole.BAND_INNER.id();
    private static final String BAND_OUTER = EdgeRole.BAND_OUTER.id();
    /** A shorter seam than this between two corners cannot be sewn, mm. */
    private static final double SEWN_LEAST = 5;

    private static final String YOKE_INNER = EdgeRole.YOKE_INNER.id();
    private static final String YOKE_OUTER = EdgeRole.YOKE_OUTER.id();
    private static final double REACH = 12;
    /** The upper cup stays so far above the apex, as a share of what stands above it, and takes at most so much of its ends. */
    private static final double ABOVE_APEX = 0.72;

    private static final double OF_END = 0.55;

    private final Garment garment;
    private final Apex apex;
    private PaperPattern pattern;

    private Cups(PaperPattern pattern, Apex apex, Garment garment) {
        this.pattern = pattern;
        this.apex = apex;
        this.garment = garment;
    }

    /** @param radius the bust radius, mm @throws NotDraftable when a cup does not fit on its panels */
    static PaperPattern cut(PaperPattern whole, Apex apex, double radius, Garment garment) throws NotDraftable {
        Cups cups = new Cups(whole, apex, garment);
        if (garment.bust().cups() == CupKind.YOKE) {
            cups.yoke();
        }
        cups.apart(CupLine.of(cups.pattern, apex, radius, garment));
        if (garment.bust().cups() == CupKind.THREE_PART) {
            cups.band();
        }
        return cups.pattern;
    }

    /** Body and cup are cut apart: C1 and C2 are the two parts of the cup. */
    private void apart(CupLine line) throws NotDraftable {
        Slash.Parts inner = Slash.along(pattern.sheet(apex.inner()), line.inner(), INNER);
        Slash.Parts outer = Slash.along(pattern.sheet(apex.outer()), line.outer(), OUTER);
        Optional<Yoke> yoke = Yoke.of(pattern);
        Sheet c1 = inner.along().named("C1", "Inner cup");
        Sheet c2 = outer.along().named("C2", "Outer cup");
        PaperPattern.Work work = pattern.work()
                .with(apex.inner(), s -> inner.rest())
                .with(apex.outer(), s -> outer.rest())
                .withAfter(apex.outer(), c1, c2)
                .joining(
                        join("CS", "Cup seam", "C1", apex.seam(), "C2", apex.seam()),
                        join("CI", "Cup to body, inner", apex.inner(), INNER, "C1", INNER),
                        join("CO", "Cup to body, outer", "C2", OUTER, apex.outer(), OUTER));
        if (yoke.isPresent()) {
            yokeOnto(work, yoke.get(), inner, outer);
        }
        pattern = work.done();
    }

    private static SeamJoin join(String id, String name, String a, String edgeA, String b, String edgeB) {
        return new SeamJoin(id, name, new SeamJoin.Ref(a, edgeA), new SeamJoin.Ref(b, edgeB));
    }

    /** The cups are cut again below their top edge; the two upper parts are closed along the seam and become one. */
    private void band() {
        Sheet c1 = pattern.sheet("C1");
        Sheet c2 = pattern.sheet("C2");
        Path seam1 = c1.edge(apex.seam()).path();
        Path seam2 = c2.edge(apex.seam()).path();
        double above = seam1.nearest(apex.atInner()).arc();
        Path in = c1.edge(INNER).path();
        Path out = c2.edge(OUTER).path();
        double atInner = Math.min(garment.length(LengthOption.BAND_INNER).value(), in.length() * OF_END);
        double atOuter = Math.min(garment.length(LengthOption.BAND_OUTER).value(), out.length() * OF_END);
        Path.Place left = in.at(in.length() - atInner);
        Path.Place right = out.at(atOuter);
        double atSeam = bandAtSeam(above, left.point(), right.point());
        Path.Place middle1 = seam1.at(atSeam);
        Path.Place middle2 = seam2.at(seam2.length() - atSeam);
        List<Path> lines = JoinedEdge.between(List.of(
                new JoinedEdge.Span(left.point(), left.tangent().reversed(), middle1.point(), middle1.tangent()),
                new JoinedEdge.Span(middle2.point(), middle2.tangent().reversed(), right.point(), right.tangent())));
        Slash.Parts inner = Slash.along(c1, lines.get(0), BAND_INNER);
        Slash.Parts outer = Slash.along(c2, lines.get(1), BAND_OUTER);
        Sheet band =
                Merge.along(inner.along(), outer.along(), apex.seam(), REACH).named("C3", "Upper cup");
        pattern = pattern.work()
                .with("C1", s -> renamed(inner.rest(), INNER, INNER + LOW).named("C1", "Inner cup, lower"))
                .with("C2", s -> renamed(outer.rest(), OUTER, OUTER + LOW).named("C2", "Outer cup, lower"))
                .with(
                        apex.inner(),
                        s -> s.divided(INNER, inner.along().edge(INNER).path().length(), INNER + LOW))
                .with(
                        apex.outer(),
                        s -> lowFirst(s, outer.along().edge(OUTER).path().length()))
                .withAfter("C2", band)
                .following("C1", "C3", gone(inner))
                .following("C2", "C3", gone(outer))
                .without(s -> s.id().equals("CI") || s.id().equals("CO"))
                .joining(
                        join("CI", "Cup to body, inner", apex.inner(), INNER + LOW, "C1", INNER + LOW),
                        join("CO", "Cup to body, outer", "C2", OUTER + LOW, apex.outer(), OUTER + LOW),
                        join("CIU", "Upper cup to body, inner", apex.inner(), INNER, "C3", INNER),
                        join("COU", "Upper cup to body, outer", "C3", OUTER, apex.outer(), OUTER),
                        join("CBI", "Upper cup to inner cup", "C3", BAND_INNER, "C1", BAND_INNER),
                        join("CBO", "Upper cup to outer cup", "C3", BAND_OUTER, "C2", BAND_OUTER))
                .done();
    }

    /** The edges that lie wholly on what was cut off. */
    private static Set<String> gone(Slash.Parts parts) {
        return parts.along().outline().stream()
                .map(OutlineEdge::name)
                .filter(name -> !parts.rest().has(name))
                .collect(Collectors.toSet());
    }

    /**
     * How far below the upper end of the cup seam the band ends. Under a shoulder the seam runs on far above the band: there it crosses as
     * high as its higher end.
     */
    private double bandAtSeam(double above, Point left, Point right) {
        double usual = Math.min(garment.length(LengthOption.BAND_SEAM).value(), above * ABOVE_APEX);
        if (garment.top().cover() == Cover.STRAPLESS) {
            return usual;
        }
        double height = Math.max(apex.atInner().y() - left.y(), apex.atOuter().y() - right.y());
        return Math.max(usual, Math.min(above - height, above * ABOVE_APEX));
    }

    /** The body's outer cup edge runs upwards: its lower part comes first. */
    private static Sheet lowFirst(Sheet body, double top) {
        Sheet divided = body.divided(OUTER, body.edge(OUTER).path().length() - top, OUTER + "-top");
        return divided.has(OUTER + "-top")
                ? renamed(renamed(divided, OUTER, OUTER + LOW), OUTER + "-top", OUTER)
                : divided;
    }

    static Sheet renamed(Sheet sheet, String from, String to) {
        return sheet.with(from, e -> new OutlineEdge(to, e.kind(), e.seam(), e.path()));
    }

    /** A level line above the apex parts yoke and lower cup; the two upper parts are closed along the seam and become the yoke. */
    private void yoke() throws NotDraftable {
        Sheet inner = pattern.sheet(apex.inner());
        Sheet outer = pattern.sheet(apex.outer());
        double above = garment.length(LengthOption.CUP_YOKE).value();
        YokeLine line = YokeLine.across(pattern, apex, above);
        Slash.Parts first = Slash.along(inner, line.inner(), YOKE_INNER);
        Slash.Parts second = Slash.along(outer, line.outer(), YOKE_OUTER);
        OutlineEdge near = apex.across(inner);
        OutlineEdge far = apex.across(outer);
        Sheet yoke =
                Merge.along(first.along(), second.along(), apex.seam(), REACH).named("Y1", "Yoke");
        PaperPattern before = pattern;
        PaperPattern.Work work = pattern.work()
                .with(apex.inner(), s -> first.rest())
                .with(apex.outer(), s -> second.rest())
                .withAfter(apex.outer(), yoke);
        for (OutlineEdge edge : List.of(near, far)) {
            // A line that begins on the neckline leaves nothing of the seam beside it to the yoke.
            if (edge.kind() == OutlineEdge.Kind.SEAM && yoke.has(edge.name())) {
                YokeLine.besideYoke(
                        work,
                        before.seam(edge == near ? apex.inner() : apex.outer(), edge.name()),
                        edge == near ? apex.inner() : apex.outer(),
                        yoke,
                        edge.name());
            }
        }
        pattern = work.joining(
                        join("YI", "Yoke, inner", "Y1", YOKE_INNER, apex.inner(), YOKE_INNER),
                        join("YO", "Yoke, outer", "Y1", YOKE_OUTER, apex.outer(), YOKE_OUTER))
                .done();
    }

    /** The lower cup takes the middle of the yoke's edge, the body what is left at both ends. */
    private void yokeOnto(PaperPattern.Work work, Yoke yoke, Slash.Parts inner, Slash.Parts outer) throws NotDraftable {
        List<SeamJoin> joins = new ArrayList<>();
        // The yoke's lower edge runs from the side to centre front: outer body, outer cup, inner cup, inner body.
        work.without(s -> s.a().equals(new SeamJoin.Ref(Yoke.ID, yoke.inner()))
                || s.a().equals(new SeamJoin.Ref(Yoke.ID, yoke.outer())));
        boolean innerCup = inner.along().has(yoke.inner());
        boolean innerBody = inner.rest().has(yoke.inner());
        boolean outerCup = outer.along().has(yoke.outer());
        boolean outerBody = outer.rest().has(yoke.outer());
        if (innerBody) {
            requireSewable(inner.rest(), yoke.inner());
        }
        if (outerBody) {
            requireSewable(outer.rest(), yoke.outer());
        }
        String bodyEnd = yoke.inner() + (innerCup ? "-body" : "");
        String cupStart = yoke.outer() + (outerBody ? "-cup" : "");
        if (innerCup && innerBody) {
            double cup = inner.along().edge(yoke.inner()).path().length();
            work.with(Yoke.ID, y -> y.divided(yoke.inner(), cup, bodyEnd));
        }
        if (outerCup && outerBody) {
            double cup = outer.along().edge(yoke.outer()).path().length();
            work.with(
                    Yoke.ID,
                    y -> y.divided(yoke.outer(), y.edge(yoke.outer()).path().length() - cup, cupStart));
        }
        if (innerBody) {
            joins.add(join("YI", "Yoke to body, inner", Yoke.ID, bodyEnd, apex.inner(), yoke.inner()));
        }
        if (innerCup) {
            joins.add(join("YCI", "Yoke to inner cup", Yoke.ID, yoke.inner(), "C1", yoke.inner()));
        }
        if (outerCup) {
            joins.add(join("YCO", "Yoke to outer cup", Yoke.ID, cupStart, "C2", yoke.outer()));
        }
        if (outerBody) {
            joins.add(join("YO", "Yoke to body, outer", Yoke.ID, yoke.outer(), apex.outer(), yoke.outer()));
        }
        work.joining(joins.toArray(SeamJoin[]::new));
    }

    /** What the cup's opening leaves of the yoke line beside it has to be long enough to be sewn. */
    private static void requireSewable(Sheet body, String edge) throws NotDraftable {
        double left = body.edge(edge).path().length();
        if (left < SEWN_LEAST) {
            throw refuse(
                    "yoke",
                    left,
                    SEWN_LEAST,
                    Sentence.of(
                            "{}: beside the cup only {} of the yoke line are left; {} can be sewn. Lay the yoke line higher or lower, or leave the yoke out.",
                            body.name(),
                            Length.mm(left),
                            Length.mm(SEWN_LEAST)));
        }
    }

    /** A yoke above the cups, by the names of the edges with which it is sewn to what lies under it. */
    private record Yoke(String inner, String outer) {
        static final String ID = "Y1";
        static final List<Yoke> ALL = List.of(new Yoke(YOKE_INNER, YOKE_OUTER), new Yoke(TopYoke.INNER, TopYoke.OUTER));

        static Optional<Yoke> of(PaperPattern pattern) {
            return pattern.has(ID)
                    ? ALL.stream().filter(y -> pattern.sheet(ID).has(y.inner())).findFirst()
                    : Optional.empty();
        }
    }

    static NotDraftable refuse(String subject, double value, double limit, Sentence sentence) {
        return new NotDraftable(Finding.of(FindingKind.CUP, subject, Finding.Status.FAULT, value, limit, sentence));
    }
}
