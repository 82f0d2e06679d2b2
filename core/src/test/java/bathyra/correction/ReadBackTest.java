package bathyra.correction;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What fittings have said again and again. */
class ReadBackTest {
    private static final Commission PLAIN = Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET));

    /** A corset whose waist was let out by a gap so much wider than planned. */
    private static Commission fitted(double wider) {
        double planned = PLAIN.garment().gap().value();
        var fitting = Tried.fitting(
                Tried.agreed(1, MarkKind.GAP, Spot.at(Level.WAIST), planned + wider),
                Tried.agreed(2, MarkKind.CLOTH, Spot.at(Level.WAIST), 10));
        return Proposal.of(PLAIN, fitting).orElseThrow().commission().withFittings(List.of(fitting));
    }

    @Test
    void theMiddleOfWhatWasWantedAgainAndAgain_isSaid_withHowOften() {
        List<Commission> all = new ArrayList<>(List.of(fitted(8), fitted(6), fitted(12), fitted(0)));
        all.add(PLAIN);
        List<ReadBack> said = ReadBack.of(all, GarmentKind.CORSET);
        assertThat(said).singleElement().satisfies(r -> {
            assertThat(r.level()).isEqualTo(Level.WAIST);
            assertThat(r.times()).isEqualTo(3);
            // The one that was never tried on says nothing.
            assertThat(r.of()).isEqualTo(4);
            assertThat(r.by().millimetres()).isEqualTo(8);
        });
        assertThat(said.get(0)
                        .sentence(Optional.of("this wearer's"))
                        .in(LengthUnit.MM)
                        .replace('\u00a0', ' '))
                .isEqualTo(
                        "Waist: 8.0 mm wider was wanted in 3 of 4 of this wearer's garments of this kind that were fitted.");
    }

    @Test
    void whatIsWantedOnce_orBothWays_isNoHabit() {
        assertThat(ReadBack.of(List.of(fitted(8)), GarmentKind.CORSET)).isEmpty();
        assertThat(ReadBack.of(List.of(fitted(8), fitted(-8), fitted(0), fitted(0)), GarmentKind.CORSET))
                .isEmpty();
        assertThat(ReadBack.of(List.of(fitted(8), fitted(9)), GarmentKind.BUSTIER))
                .isEmpty();
    }

    @Test
    void pins_countOnBothHalves() {
        var fitting = Tried.fitting(Tried.agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.UNDERBUST), 4));
        Commission pinned =
                Proposal.of(PLAIN, fitting).orElseThrow().commission().withFittings(List.of(fitting));
        assertThat(ReadBack.of(List.of(pinned, pinned), GarmentKind.CORSET))
                .singleElement()
                .satisfies(r -> assertThat(r.by().millimetres()).isEqualTo(-8));
    }
}
