package bathyra.cutting;

import static bathyra.cutting.Styled.draft;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Draft;
import bathyra.draft.Finished;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.length.Length;
import bathyra.place.Level;
import org.junit.jupiter.api.Test;

/** Peplums and flared hems, held against what the finished sheets measure. */
class HemsTest {
    @Test
    void peplum_isAsLongAsTheWaist() {
        Draft draft = draft(Garment.bustier().withLowerEdge(LowerShape.PEPLUM));
        double waist = draft.girths().at(Level.WAIST).pattern().value() / 2;
        double sewn = draft.pattern().pieces().stream()
                .filter(p -> p.id().startsWith("P"))
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().startsWith("waist"))
                .mapToDouble(e -> e.path().length())
                .sum();
        assertThat(sewn).isCloseTo(waist, within(3.0));
    }

    @Test
    void flare_addsToTheHemWhatIsAsked_andItsSeamsStayAlike() {
        Draft plain =
                draft(Garment.bustier().withLowerEdge(LowerShape.FLARED).withLength(LengthOption.FLARE, Length.mm(20)));
        Draft flared = draft(
                Garment.bustier().withLowerEdge(LowerShape.FLARED).withLength(LengthOption.FLARE, Length.mm(120)));
        assertThat(hem(flared) - hem(plain)).isBetween(290.0, 400.0);
        Finished.holds(flared);
    }

    private static double hem(Draft draft) {
        return draft.pattern().pieces().stream()
                .mapToDouble(p -> p.edge("lower-edge").path().length())
                .sum();
    }
}
