package bathyra.draft;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.TracedBlock;
import bathyra.garment.TracedBlock.TracedHalf;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** Traces a block off a pattern document, so that the doubled-dart reduction can start from it (C4.4). */
public final class Tracing {
    private static final List<String> EDGES = List.of("neck", "shoulder", "armhole", "side", "hem", "centre");
    private static final List<String> NEEDED_LEVELS = List.of("chest", "waist", "hip");
    private static final double OPEN = 0.5;
    private static final double SIDE_LEAST = 80;
    private static final double CHORD = 0.5;
    private static final double[] ON_THE_ARMHOLE = {0.3, 0.55, 0.8};

    private Tracing() {}

    /** @throws NotDraftable when the document holds no such block; the reasons name the piece and the edge */
    public static TracedBlock of(Pattern pattern) throws NotDraftable {
        List<Piece> fronts = pattern.pieces().stream().filter(Piece::front).toList();
        List<Piece> backs = pattern.pieces().stream().filter(p -> !p.front()).toList();
        if (fronts.size() != 1 || backs.size() != 1) {
            throw new NotDraftable(
                    fault(
                            "pieces",
                            fronts.size() + backs.size(),
                            Sentence.of(
                                    "The document holds " + fronts.size() + " front and " + backs.size()
                                            + " back pieces. A block to start from has one of each, with neck, shoulder, armhole, side, hem and centre.")));
        }
        List<Finding> faults = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            look(piece, faults);
        }
        if (!faults.isEmpty()) {
            throw new NotDraftable(faults);
        }
        return new TracedBlock(pattern.title(), half(fronts.get(0)), half(backs.get(0)));
    }

    private static void look(Piece piece, List<Finding> faults) {
        for (String name : EDGES) {
            if (piece.outline().stream().noneMatch(e -> e.name().equals(name))) {
                faults.add(fault(
                        piece.id() + "." + name,
                        0,
                        Sentence.of(
                                "Piece {} has no edge {}. Name its edges neck, shoulder, armhole, side, hem and centre.",
                                piece.id(),
                                name)));
            }
        }
        for (String level : NEEDED_LEVELS) {
            if (piece.mark(level).isEmpty()) {
                faults.add(fault(
                        piece.id() + "." + level,
                        0,
                        Sentence.of(
                                "Piece {} has no level mark for the {}. Mark chest, waist and hip.",
                                piece.id(),
                                level)));
            }
        }
        if (faults.isEmpty()) {
            order(piece, faults);
        }
        for (int i = 0; i < piece.outline().size(); i++) {
            OutlineEdge edge = piece.outline().get(i);
            OutlineEdge next = piece.outline().get((i + 1) % piece.outline().size());
            double gap = edge.path().end().distance(next.path().start());
            if (gap > OPEN) {
                faults.add(fault(
                        piece.id() + "." + next.name(),
                        gap,
                        Sentence.of(
                                "Piece {}: the edge {} begins {} from where {} ends. Close the outline.",
                                piece.id(),
                                next.name(),
                                Length.mm(gap),
                                edge.name())));
            }
        }
    }

    /** Round a block its edges follow each other one way or the other; what is named otherwise is named wrongly. */
    private static void order(Piece piece, List<Finding> faults) {
        List<String> round = piece.outline().stream()
                .map(OutlineEdge::name)
                .filter(EDGES::contains)
                .distinct()
                .toList();
        int neck = round.indexOf(EDGES.get(0));
        boolean forward = true;
        boolean backward = true;
        for (int i = 0; i < EDGES.size(); i++) {
            forward &= round.get((neck + i) % round.size()).equals(EDGES.get(i));
            backward &= round.get((neck - i + round.size()) % round.size()).equals(EDGES.get(i));
        }
        Path side = piece.edge("side").path();
        double tall = Math.abs(side.end().y() - side.start().y());
        if (!forward && !backward) {
            faults.add(fault(
                    piece.id(),
                    0,
                    Sentence.of(
                            "Round piece {} the edges follow each other as {}. On a block they are neck, shoulder, armhole, side, hem, centre: name them anew.",
                            piece.id(),
                            String.join(", ", round))));
        } else if (tall < SIDE_LEAST) {
            faults.add(fault(
                    piece.id() + ".side",
                    tall,
                    Sentence.of(
                            "Piece {}: the edge named side is {} high. It runs from the underarm down to the hem, {} at least.",
                            piece.id(),
                            Length.mm(tall),
                            Length.mm(SIDE_LEAST))));
        }
    }

    private static Finding fault(String subject, double value, Sentence sentence) {
        return Finding.of(FindingKind.BASE_BLOCK, subject, Finding.Status.FAULT, value, OPEN, sentence);
    }

    /** The half in its own frame: its centre to the left at nothing, the neck end of the shoulder at nothing. */
    private static TracedHalf half(Piece piece) {
        boolean mirrored =
                middle(piece.edge("centre").path()) > middle(piece.edge("side").path());
        Point waist = piece.mark("waist").orElseThrow().from();
        Point neckEnd = mirrored
                ? piece.edge("neck").path().start()
                : piece.edge("neck").path().end();
        double centre = mirrored
                ? Math.max(waist.x(), piece.edge("centre").path().start().x())
                : Math.min(waist.x(), piece.edge("centre").path().end().x());
        UnaryOperator<Point> frame = p -> new Point(mirrored ? centre - p.x() : p.x() - centre, p.y() - neckEnd.y());
        // Turned over, an outline runs the other way round: read backwards it is clockwise again.
        List<OutlineEdge> edges = new ArrayList<>();
        for (OutlineEdge edge : piece.outline()) {
            Path path = edge.path().mapped(frame);
            edges.add(
                    mirrored ? 0 : edges.size(),
                    new OutlineEdge(edge.name(), edge.kind(), edge.seam(), mirrored ? path.reversed() : path));
        }
        Path armhole = edges.stream()
                .filter(e -> e.name().equals("armhole"))
                .findFirst()
                .orElseThrow()
                .path();
        List<Point> via = new ArrayList<>();
        for (double share : ON_THE_ARMHOLE) {
            via.add(armhole.at(armhole.length() * share).point());
        }
        List<Point> centreLine = corners(path(edges, "centre"));
        Map<String, Double> levels = new HashMap<>();
        for (LevelMark mark : piece.levelMarks()) {
            levels.put(mark.level(), frame.apply(mark.from()).y());
        }
        List<Point> side = new ArrayList<>(corners(path(edges, "side")));
        List<Point> dart = new ArrayList<>();
        int above = side.size();
        List<OutlineEdge> lower =
                edges.stream().filter(e -> e.name().equals("side-2")).toList();
        if (!lower.isEmpty()) {
            int at = edges.indexOf(lower.get(0));
            above = side.size() - 1;
            dart.add(side.remove(above));
            dart.add(edges.get(at - 1).path().start());
            List<Point> below = corners(lower.get(0).path());
            dart.add(below.get(0));
            side.addAll(below.subList(1, below.size()));
        }
        return new TracedHalf(
                path(edges, "neck").start(),
                shoulder(edges),
                via,
                side,
                dart,
                above,
                centreLine.subList(0, centreLine.size() - 1),
                levels);
    }

    private static double middle(Path path) {
        return path.at(path.length() / 2).point().x();
    }

    private static Path path(List<OutlineEdge> edges, String name) {
        return edges.stream()
                .filter(e -> e.name().equals(name))
                .findFirst()
                .orElseThrow()
                .path();
    }

    /** The shoulder from end to end, with the legs of a dart that opens in it. */
    private static List<Point> shoulder(List<OutlineEdge> edges) {
        List<Point> first = corners(path(edges, "shoulder"));
        List<OutlineEdge> second =
                edges.stream().filter(e -> e.name().equals("shoulder-2")).toList();
        if (second.isEmpty()) {
            return List.of(first.get(0), first.get(first.size() - 1));
        }
        Point tip = edges.get(edges.indexOf(second.get(0)) - 1).path().start();
        Path outer = second.get(0).path();
        return List.of(first.get(0), first.get(first.size() - 1), tip, outer.start(), outer.end());
    }

    private static List<Point> corners(Path path) {
        return path.flattened(CHORD);
    }
}
