package bathyra.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Bust;
import bathyra.garment.CupKind;
import bathyra.garment.Finish;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.GrainLine;
import bathyra.garment.Panels;
import bathyra.garment.UpperShape;
import bathyra.geometry.Motion;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Tolerance;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A grain line is long enough to lay a piece by and keeps clear of its edges (C12.1), measured on the finished pieces. */
class GrainsTest {
    private static final int BODIES = Sample.of(200);
    /** The room for a line is looked for in steps of 2 mm. */
    private static final double STEPPED = 0.75;

    private static final int PLACES = 40;

    static Stream<Garment> garments() {
        return Stream.of(
                Garment.bustier(),
                Garment.bustier().withUpperEdge(UpperShape.SWEETHEART),
                Garment.of(GarmentKind.CORSET),
                corset(GarmentKind.CORSET, 4),
                corset(GarmentKind.CORSET, 6),
                corset(GarmentKind.UNDERBUST, 4),
                corset(GarmentKind.UNDERBUST, 8));
    }

    private static Garment corset(GarmentKind kind, int panels) {
        return Garment.of(kind)
                .withPanels(Panels.of(panels, Garment.of(kind).panels().placing()));
    }

    static Stream<Garment> cups() {
        return Stream.of(CupKind.values())
                .map(kind ->
                        Garment.bustier().withUpperEdge(UpperShape.SWEETHEART).withBust(Bust.PRINCESS.withCups(kind)));
    }

    @ParameterizedTest
    @MethodSource("garments")
    void theGrain_coversMostOfItsPiece_clearOfTheEdges(Garment garment) {
        drafts(garment).flatMap(d -> d.pattern().pieces().stream()).forEach(piece -> {
            Measured grain = new Measured(piece);
            assertThat(grain.covered()).as(piece.name()).isGreaterThanOrEqualTo(GrainRoom.COVERED);
            assertThat(grain.missing()).as(piece.name()).isLessThan(STEPPED);
        });
    }

    @ParameterizedTest
    @MethodSource("cups")
    void onCups_theGrainIsClearOfTheEdges(Garment garment) {
        drafts(garment).flatMap(d -> d.pattern().pieces().stream()).forEach(piece -> assertThat(
                        new Measured(piece).missing())
                .as(piece.name())
                .isLessThan(STEPPED));
    }

    @ParameterizedTest
    @EnumSource(GrainLine.class)
    void whicheverWayItRuns_itIsClearOfTheEdges(GrainLine line) {
        Draft draft = drafts(corset(GarmentKind.CORSET, 5)).findFirst().orElseThrow();
        Garment garment = draft.commission().garment();
        Finish finish = garment.finish();
        for (Piece piece : draft.pattern().pieces()) {
            finish = finish.withGrain(piece.id(), line);
        }
        Draft turned = (Draft) Drafter.draft(draft.commission().withGarment(garment.withFinish(finish)));
        assertThat(turned.pattern().pieces())
                .allSatisfy(piece -> assertThat(new Measured(piece).missing()).isLessThan(STEPPED));
    }

    /** In a sliver no line is clear of its edges by steps of 2; one without length would have no direction. */
    @Test
    void evenASliver_hasAGrain() {
        List<Point> sliver =
                List.of(new Point(0, 0), new Point(60, 0), new Point(60, 3), new Point(0, 3), new Point(0, 0));
        GrainRoom.Run run = new GrainRoom(sliver).best(new double[] {30, 20, 40});
        assertThat(run.x()).isEqualTo(30);
        assertThat(run.tall()).isCloseTo(1.5, within(1e-9));
    }

    private static Stream<Draft> drafts(Garment garment) {
        Random random = new Random(19);
        return IntStream.range(0, BODIES)
                .mapToObj(i -> Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment)))
                .filter(Draft.class::isInstance)
                .map(Draft.class::cast);
    }

    /** A piece stood upright by its grain. */
    private static final class Measured {
        private final List<Point> ring;
        private final Point low;
        private final Point high;

        Measured(Piece piece) {
            Motion upright = piece.uprightTurn();
            ring = new ArrayList<>(
                    piece.flattened(Tolerance.CHORD).stream().map(upright).toList());
            ring.add(ring.get(0));
            low = upright.apply(piece.grain().from());
            high = upright.apply(piece.grain().to());
        }

        /** Share of the piece's height. */
        double covered() {
            DoubleSummaryStatistics tall = ring.stream().mapToDouble(Point::y).summaryStatistics();
            return (low.y() - high.y()) / (tall.getMax() - tall.getMin());
        }

        /** By how much the line comes nearer to an edge than 12, or a quarter of the width, mm. */
        double missing() {
            List<Point> onItsSide =
                    ring.stream().map(p -> new Point(p.y(), p.x())).toList();
            double most = 0;
            for (int i = 0; i <= PLACES; i++) {
                Point at = low.plus(low.to(high).times((double) i / PLACES));
                double[] across = Shape.upright(onItsSide, at.y());
                double asked = Math.min(12, (across[1] - across[0]) / 4);
                double away = Shape.distance(ring, at) * (Shape.contains(ring, at) ? 1 : -1);
                most = Math.max(most, asked - away);
            }
            return most;
        }
    }
}
