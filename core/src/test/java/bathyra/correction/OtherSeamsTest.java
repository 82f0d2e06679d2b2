package bathyra.correction;

import static bathyra.correction.Tried.agreed;
import static bathyra.correction.Tried.corset;
import static bathyra.correction.Tried.fitting;
import static bathyra.correction.Tried.half;
import static bathyra.correction.Tried.made;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What was pinched in a seam on a garment that has that seam no longer. */
class OtherSeamsTest {
    private static final double PINCHED = 6;

    /** A corset of six panels, pinched in its second front seam at the upper edge. */
    private static Commission pinched() {
        return made(
                        corset(Bodies.nerea()),
                        fitting(agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.front(2), Level.UPPER), PINCHED)))
                .draft()
                .commission();
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 7, 8})
    void withOtherPanels_theUpperEdgeIsAsMuchNarrower(int panels) {
        Commission with = pinched();
        Commission other = with.withGarment(with.garment().withPanels(Panels.of(panels, SeamPlacing.LANDMARKS)));
        Draft without = (Draft) Drafter.draft(other.withAdjustments(List.of()));
        assertThat(Drafter.draft(other)).isInstanceOf(Draft.class);
        Draft drafted = (Draft) Drafter.draft(other);
        assertThat(half(without, Level.UPPER) - half(drafted, Level.UPPER)).isCloseTo(PINCHED, within(0.1));
    }

    @Test
    void asABustier_itIsTakenInAtThePrincessSeam() {
        Commission with = pinched();
        Garment bustier = Garment.of(GarmentKind.BUSTIER)
                .withFastening(with.garment().fastening().with(Closure.BACK_LACING));
        Commission other = with.withGarment(bustier);
        Draft without = (Draft) Drafter.draft(other.withAdjustments(List.of()));
        Draft drafted = (Draft) Drafter.draft(other);
        assertThat(half(without, Level.UPPER) - half(drafted, Level.UPPER)).isCloseTo(PINCHED, within(0.1));
    }
}
