package bathyra.correction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Marks put down on a toile and found again. */
class ToileTest {
    private static final MeasurementSet BODY = Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680));

    @Test
    void aPlaceOnAPanel_isFoundAgainWhereItWas() {
        Random random = new Random(3);
        Draft draft = Tried.draft(Tried.corset(BODY));
        Toile toile = new Toile(draft);
        for (Piece piece : draft.panelPieces()) {
            for (int i = 0; i < 40; i++) {
                LevelMark rib = piece.mark(Level.UNDERBUST).orElseThrow();
                LevelMark waist = piece.mark(Level.WAIST).orElseThrow();
                double down = 0.3 + 0.4 * random.nextDouble();
                Point left = rib.from().between(waist.from(), down);
                Point right = rib.to().between(waist.to(), down);
                Point at = left.between(right, 0.3 + 0.4 * random.nextDouble());
                Spot spot = toile.spot(MarkKind.FOLD, piece.id(), at, 1);
                Toile.At again =
                        toile.at(Mark.put(1, MarkKind.FOLD, spot, Length.mm(4))).orElseThrow();
                assertThat(again.piece()).isEqualTo(piece.id());
                // Heights are kept to the millimetre.
                assertThat(again.point().distance(at)).isLessThan(1.5);
            }
        }
    }

    @Test
    void aPinch_liesOnTheNearerSeam_andAtTheLevelThatIsNear() {
        Draft draft = Tried.draft(Tried.bustier(BODY));
        Toile toile = new Toile(draft);
        LevelMark waist = draft.panelPieces().get(1).mark(Level.WAIST).orElseThrow();
        Spot side = toile.spot(MarkKind.PINCH, "F2", waist.from().between(waist.to(), 0.9), 1);
        assertThat(side.seam()).contains(SeamPlace.SIDE);
        assertThat(side.level()).contains(Level.WAIST);
        Spot princess = toile.spot(MarkKind.PINCH, "F2", waist.from().between(waist.to(), 0.1), 1);
        assertThat(princess.seam()).contains(SeamPlace.PRINCESS_FRONT);
        // Beside centre front there is no seam: the panel's other one is meant.
        LevelMark front = draft.panelPieces().get(0).mark(Level.WAIST).orElseThrow();
        assertThat(toile.spot(MarkKind.PINCH, "F1", front.from().between(front.to(), 0.1), 1)
                        .seam())
                .contains(SeamPlace.PRINCESS_FRONT);
    }

    @Test
    void aPlaceOnAnEdge_isCountedAlongIt() {
        Draft draft = Tried.draft(Tried.corset(BODY));
        Toile toile = new Toile(draft);
        for (double place : new double[] {0, 0.2, 0.5, 0.77, 1}) {
            for (boolean upper : new boolean[] {true, false}) {
                Mark mark = Mark.put(1, MarkKind.EDGE, Spot.onEdge(upper, place), Length.mm(5));
                Toile.At at = toile.at(mark).orElseThrow();
                Spot again = toile.spot(MarkKind.EDGE, at.piece(), at.point(), 1);
                assertThat(again.isAbove()).isEqualTo(upper);
                assertThat(again.place()).isCloseTo(place, within(0.02));
            }
        }
    }

    @Test
    void whatAToileHasNot_hasNoPlace() {
        Toile bustier = new Toile(Tried.draft(Tried.bustier(BODY)));
        assertThat(bustier.at(Mark.put(1, MarkKind.PINCH, Spot.on(SeamPlace.front(5), Level.WAIST), Length.mm(4))))
                .isEmpty();
        assertThat(bustier.at(Mark.put(
                        1,
                        MarkKind.NOTE,
                        new Spot(Length.mm(900), 0.5, Optional.empty(), Optional.empty()),
                        Length.mm(0))))
                .isPresent();
    }
}
