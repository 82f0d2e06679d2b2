package bathyra.hand;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.LevelMark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.truing.Truing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A piece that was drawn on paper and measured back: its figures made a piece again, in the place of the drafted one.
 *
 * @param piece as it was drawn, where it was drafted; empty when its figures give no outline
 * @param edges as they were drawn, on the sheet of {@link HandPiece}
 * @param off how far each edge lies from the drafted one at its worst place, mm
 * @param faults why there is no piece
 */
public record HandDrawn(Optional<Piece> piece, List<Path> edges, Map<String, Double> off, List<Sentence> faults) {
    public HandDrawn {
        off = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(off));
        faults = List.copyOf(faults);
    }

    private static HandDrawn refused(List<Sentence> faults) {
        return new HandDrawn(Optional.empty(), List.of(), Map.of(), faults);
    }

    /** @param drafted the piece after which it was drawn */
    public static HandDrawn of(Piece drafted, Offsets figures) {
        HandPiece after = HandPiece.of(drafted, HelpLines.LEVELS, Division.MILLIMETRE);
        List<Sentence> missing = new ArrayList<>();
        for (OutlineEdge edge : after.piece().outline()) {
            if (figures.corners().stream().noneMatch(c -> c.edge().equals(edge.name()))) {
                missing.add(Sentence.of(
                        "The corner in which {} begins is not given.",
                        Controls.words(edge.name()).toLowerCase(java.util.Locale.ROOT)));
            }
        }
        if (!missing.isEmpty()) {
            return refused(missing);
        }
        Redrawn drawn;
        try {
            drawn = Redrawn.of(ordered(after.piece(), figures));
        } catch (IllegalArgumentException e) {
            return refused(List.of(Sentence.of("Two figures of one edge lie in the same place. Measure them again.")));
        }
        List<Point> outline = outline(drawn);
        Optional<Point> crossing = Shape.crossing(outline);
        if (crossing.isPresent()) {
            return refused(List.of(Sentence.of(
                    "The outline crosses itself {} " + (crossing.get().y() <= 0 ? "above" : "below") + " the waist, {} "
                            + (crossing.get().x() < 0 ? "left" : "right") + " of the grain. Look at the figures there.",
                    Length.mm(Math.abs(crossing.get().y())),
                    Length.mm(Math.abs(crossing.get().x())))));
        }
        Map<String, Double> off = new LinkedHashMap<>();
        after.piece()
                .outline()
                .forEach(e -> off.put(
                        e.name(),
                        Redrawn.off(drawn.edges().get(e.name()), e.path()).by()));
        return new HandDrawn(
                Optional.of(inPlace(drafted, after.piece(), drawn)),
                List.copyOf(drawn.edges().values()),
                off,
                List.of());
    }

    /** The figures with their corners in the order of the piece's edges. */
    private static Offsets ordered(Piece piece, Offsets figures) {
        return new Offsets(
                figures.piece(),
                piece.outline().stream()
                        .map(e -> figures.corners().stream()
                                .filter(c -> c.edge().equals(e.name()))
                                .findFirst()
                                .orElseThrow())
                        .toList(),
                figures.heights(),
                figures.ordinates());
    }

    private static List<Point> outline(Redrawn drawn) {
        List<Point> points = new ArrayList<>();
        for (Path edge : drawn.edges().values()) {
            List<Point> part = edge.flattened(0.2);
            points.addAll(part.subList(0, part.size() - 1));
        }
        points.add(points.get(0));
        return points;
    }

    /** The drawn outline where the drafted piece lies, with its levels and notches carried to it. */
    private static Piece inPlace(Piece drafted, Piece framed, Redrawn drawn) {
        Motion upright = drafted.uprightTurn();
        Point home = upright.apply(drafted.outline().get(0).path().start());
        Vec back = framed.outline().get(0).path().start().to(home);
        Motion undone = upright.inverse();
        List<OutlineEdge> edges = drafted.outline().stream()
                .map(e -> new OutlineEdge(
                        e.name(),
                        e.kind(),
                        e.seam(),
                        drawn.edges().get(e.name()).mapped(p -> undone.apply(p.plus(back)))))
                .toList();
        return drafted.withOutline(edges)
                .withLevels(drafted.levelMarks().stream()
                        .map(m ->
                                new LevelMark(m.level(), onto(drafted, edges, m.from()), onto(drafted, edges, m.to())))
                        .toList())
                .withNotches(drafted.notches().stream()
                        .map(n -> new Notch(n.edge(), onto(drafted, edges, n.at()), n.twofold(), n.level()))
                        .toList());
    }

    /** The place on the drawn edge that answers to one on the drafted edge: as far along it. */
    private static Point onto(Piece drafted, List<OutlineEdge> edges, Point at) {
        OutlineEdge on = drafted.outline().stream()
                .min(Comparator.comparingDouble(
                        e -> e.path().nearest(at).point().distance(at)))
                .orElseThrow();
        double share = on.path().nearest(at).arc() / on.path().length();
        Path own = edges.stream()
                .filter(e -> e.name().equals(on.name()))
                .findFirst()
                .orElseThrow()
                .path();
        return own.at(share * own.length()).point();
    }

    /** The pattern with a drawn piece in the place of the one that was drafted. */
    public static Pattern in(Pattern pattern, Piece drawn) {
        return new Pattern(
                pattern.title(),
                pattern.method(),
                pattern.levels(),
                pattern.pieces().stream()
                        .map(p -> p.id().equals(drawn.id()) ? drawn : p)
                        .toList(),
                pattern.seams(),
                pattern.waistToLap());
    }

    /**
     * What is found on a pattern whose piece was drawn by hand: the same checks as on every pattern but for the swings of an edge, since
     * between the marks the hand drew it and not this program.
     */
    public static List<Finding> look(Pattern pattern, Piece drawn) {
        return Truing.look(in(pattern, drawn)).stream()
                .filter(f -> f.kind() != FindingKind.FAIR_EDGE)
                .toList();
    }
}
