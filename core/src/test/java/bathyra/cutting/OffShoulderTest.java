package bathyra.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.measure.MeasurementSet;
import bathyra.piece.EdgeRole;
import bathyra.place.Level;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A sweetheart off the shoulder (C10): it dips at centre front, has its crest over the apex and goes on level to the arm. */
class OffShoulderTest {
    private static final int BODIES = Sample.of(200);

    @Test
    void aSweetheart_dipsAtCentreFront_andIsLevelFromTheApexOn() {
        Random random = new Random(21);
        int looked = 0;
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            Garment garment = Garment.bustier()
                    .withTop(Top.STRAPLESS.withCover(Cover.OFF_SHOULDER))
                    .withUpperEdge(UpperShape.SWEETHEART)
                    .withLength(LengthOption.EDGE_DIP, Length.mm(35));
            assertThat(garment.upperEdge()).isEqualTo(UpperShape.SWEETHEART);
            if (!(Drafter.draft(Bodies.commission(body, garment)) instanceof Draft draft)) {
                continue;
            }
            looked++;
            Finished.holds(draft);
            List<Point> line = draft.pattern().piece("F1").outline().stream()
                    .filter(e -> e.role() == EdgeRole.NECKLINE)
                    .flatMap(e -> e.path().flattened(0.05).stream())
                    .toList();
            double highest = line.stream().mapToDouble(Point::y).min().orElseThrow();
            // A seam that ends before the crest leaves a little of the rise to the next panel.
            assertThat(line.get(0).y() - highest).isBetween(28.0, 35.5);
            // From the crest to the seam it neither rises nor falls.
            double apex = draft.panels()
                    .panels()
                    .get(0)
                    .right()
                    .nodes()
                    .get(Level.BUST)
                    .x();
            line.stream().filter(p -> p.x() > apex).forEach(p -> assertThat(p.y())
                    .isCloseTo(highest, within(0.1)));
        }
        assertThat(looked).isGreaterThan(BODIES * 9 / 10);
    }
}
