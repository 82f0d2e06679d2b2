package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.finding.Finding;
import bathyra.garment.CupKind;
import bathyra.garment.LengthOption;
import bathyra.geometry.Point;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.truing.SeamPair;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Looks at a finished pattern as one does with tape and paper: on short straight pieces of its outlines, and by none of the program's own
 * checks. A {@link Draft} holds no fault by the way it is made; to ask it for one proves nothing.
 */
public final class Finished {
    /** How far a straight piece of the tape may leave the curve, mm. */
    private static final double TAPE = 0.005;
    /** What a cutter lets pass where two edges are sewn together (C11), and the tape's own error. */
    private static final double SEAM = 0.5 + 0.02;

    private static final double ENDS = 0.01;
    /** No piece is smaller than a large thumbnail, mm². */
    private static final double AREA = 400;

    private static final GeometryFactory PAPER = new GeometryFactory();

    private Finished() {}

    /** Every outline is closed and does not cross itself, every seam's two edges are equally long, both cut once or both in pairs. */
    public static void holds(Draft draft) {
        holds(draft.pattern());
    }

    public static void holds(Pattern pattern) {
        pattern.pieces().forEach(Finished::isCuttable);
        for (SeamJoin seam : pattern.seams()) {
            double a = length(pattern.edge(seam.a()));
            double b = length(pattern.edge(seam.b()));
            assertThat(a)
                    .as("seam %s: %s against %s", seam.name(), seam.a(), seam.b())
                    .isGreaterThan(1)
                    .isCloseTo(b, within(SEAM));
            assertThat(SeamPair.of(pattern, seam).stretchesA())
                    .as("seam %s, from mark to mark downwards", seam.name())
                    .allMatch(stretch -> stretch > -SEAM);
        }
    }

    private static void isCuttable(Piece piece) {
        List<OutlineEdge> outline = piece.outline();
        for (int i = 0; i < outline.size(); i++) {
            OutlineEdge next = outline.get((i + 1) % outline.size());
            assertThat(outline.get(i).path().end().distance(next.path().start()))
                    .as("%s: from %s to %s", piece.id(), outline.get(i).name(), next.name())
                    .isLessThan(ENDS);
        }
        Polygon polygon = polygon(piece);
        assertThat(polygon.isValid()).as("%s crosses itself", piece.id()).isTrue();
        assertThat(polygon.getArea()).as("area of %s", piece.id()).isGreaterThan(AREA);
    }

    private static Polygon polygon(Piece piece) {
        // Where edges meet the point stands twice, a hair apart; the paper knows it once.
        List<Point> points = piece.outline().stream()
                .flatMap(e -> e.path().flattened(TAPE).stream()
                        .limit(Math.max(1, e.path().flattened(TAPE).size() - 1)))
                .toList();
        return PAPER.createPolygon(Stream.concat(points.stream(), Stream.of(points.get(0)))
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new));
    }

    private static double length(OutlineEdge edge) {
        List<Point> points = edge.path().flattened(TAPE);
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += points.get(i - 1).distance(points.get(i));
        }
        return length;
    }

    /** A reason that a cutter can do something with: it names a figure or a choice of hers, or a place on a piece, and then what to do. */
    public static void isReasonable(Refusal refusal) {
        assertThat(refusal.cause()).as("%s", refusal.thrown()).isNotEqualTo(Refusal.Cause.PROGRAM);
        assertThat(refusal.reasons()).isNotEmpty().allSatisfy(reason -> {
            String said = reason.sentence().in(LengthUnit.MM);
            assertThat(reason.status()).isEqualTo(Finding.Status.FAULT);
            assertThat(namesAFigure(reason, said)
                            || namesAChoice(reason.subject())
                            || reason.place().isPresent())
                    .as(reason + " " + said)
                    .isTrue();
            assertThat(said.split("[.;:?] "))
                    .as("what is wrong, and what to do: %s", said)
                    .hasSizeGreaterThan(1);
            assertThat(said).doesNotContain("NaN").doesNotContain("{}");
        });
    }

    private static boolean namesAFigure(Finding reason, String said) {
        return Arrays.stream(MeasurementKey.values())
                .anyMatch(k -> k.key().equals(reason.subject()) || said.contains(k.key()));
    }

    private static boolean namesAChoice(String subject) {
        Stream<String> levels = Arrays.stream(Level.values()).map(Level::id);
        return Stream.of(
                        levels,
                        Arrays.stream(LengthOption.values()).map(LengthOption::id),
                        Arrays.stream(CupKind.values()).map(CupKind::id))
                .flatMap(ids -> ids)
                .anyMatch(subject::equals);
    }
}
