package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What two drafts have differently, and what a draft leans on. */
class DifferenceTest {
    private static Draft draft(MeasurementSet set, Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(set, garment));
    }

    private final Draft plain = draft(Bodies.nerea(), Garment.bustier());

    @Test
    void between_aDraftAndItself_isNothing() {
        assertThat(Difference.between(plain, draft(Bodies.nerea(), Garment.bustier())))
                .isEmpty();
    }

    @Test
    void between_aWiderWaist_namesTheTapeTheGirthAndWhatIsTakenOut_theLargestFirst() {
        List<Difference> all = Difference.between(
                plain, draft(Bodies.nerea().with(MeasurementKey.WAIST, Length.mm(740)), Garment.bustier()));
        assertThat(all)
                .filteredOn(d -> d.kind() == Difference.Kind.MEASUREMENT)
                .first()
                .isEqualTo(new Difference(
                        Difference.Kind.MEASUREMENT,
                        "Waist",
                        Optional.of(Length.mm(720)),
                        Optional.of(Length.mm(740))));
        assertThat(all)
                .filteredOn(d -> d.kind() == Difference.Kind.MEASUREMENT)
                .extracting(Difference::name)
                .as("the estimate moves with it")
                .contains("High hip");
        assertThat(all)
                .filteredOn(d -> d.kind() == Difference.Kind.GIRTH && d.name().equals("Waist"))
                .singleElement()
                .satisfies(d -> assertThat(d.by()).isCloseTo(20, within(1e-9)));
        assertThat(all).extracting(Difference::kind).isSorted();
        for (Difference.Kind kind : Difference.Kind.values()) {
            assertThat(all.stream()
                            .filter(d -> d.kind() == kind)
                            .map(d -> -Math.abs(d.by()))
                            .toList())
                    .isSorted();
        }
    }

    @Test
    void between_aLockedIntake_movesSeamsAndPanelsButNoGirth() {
        double before = plain.intakes().at(Level.WAIST, SeamPlace.PRINCESS_BACK).value();
        List<Difference> all = Difference.between(
                plain,
                draft(
                        Bodies.nerea(),
                        Garment.bustier()
                                .withIntake(new Cell(Level.WAIST, SeamPlace.PRINCESS_BACK), Length.mm(before + 10))));
        assertThat(all).extracting(Difference::kind).doesNotContain(Difference.Kind.GIRTH, Difference.Kind.MEASUREMENT);
        assertThat(all)
                .filteredOn(d -> d.name().equals("Princess back, waist"))
                .singleElement()
                .satisfies(d -> assertThat(d.by()).isCloseTo(10, within(1e-9)));
        assertThat(all)
                .filteredOn(d -> d.name().equals("Centre back, waist") && d.kind() == Difference.Kind.WIDTH)
                .singleElement()
                .satisfies(d -> assertThat(d.by()).isCloseTo(-5, within(0.01)));
    }

    @Test
    void between_anotherLowerEdge_saysWhichFiguresThereAreNoneOf() {
        List<Difference> all = Difference.between(
                plain, draft(Bodies.nerea(), Garment.bustier().withLowerEdge(LowerShape.WAIST)));
        assertThat(all)
                .filteredOn(d -> d.kind() == Difference.Kind.GIRTH)
                .extracting(Difference::name)
                .containsExactlyInAnyOrder("High hip");
        assertThat(all).filteredOn(d -> d.kind() == Difference.Kind.GIRTH).allSatisfy(d -> assertThat(d.now())
                .isEmpty());
    }

    @Test
    void leaning_namesEveryEstimate_withWhatItMoves() {
        List<Leaning> leanings = Leaning.of(plain);
        assertThat(leanings)
                .extracting(Leaning::key)
                .containsExactlyInAnyOrder(
                        MeasurementKey.UPPER_BUST, MeasurementKey.HIGH_HIP, MeasurementKey.WAIST_TO_HIGH_HIP);
        assertThat(leanings)
                .filteredOn(l -> l.key() == MeasurementKey.UPPER_BUST)
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.girths()).containsOnlyKeys(Level.UPPER);
                    assertThat(l.girths().get(Level.UPPER)).isCloseTo(10, within(1e-9));
                });
        assertThat(leanings)
                .filteredOn(l -> l.key() == MeasurementKey.WAIST_TO_HIGH_HIP)
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.girths()).isEmpty();
                    assertThat(l.edges()).isGreaterThan(5);
                });
    }

    @Test
    void leaning_onTheTapeAlone_isNothing() {
        MeasurementSet set = Bodies.nerea()
                .with(MeasurementKey.UPPER_BUST, Length.mm(860))
                .with(MeasurementKey.HIGH_HIP, Length.mm(894))
                .with(MeasurementKey.WAIST_TO_HIGH_HIP, Length.mm(115));
        assertThat(Leaning.of(draft(set, Garment.bustier()))).isEmpty();
    }

    @Test
    void uses_nameWhatRestsOnAMeasurement() {
        assertThat(Uses.of(plain, MeasurementKey.HIP))
                .contains("girth at the high hip")
                .doesNotContain("girth at the waist", "crest over the apex");
        assertThat(Uses.of(plain, MeasurementKey.BACK_LENGTH))
                .contains("side bust dart", "depth of the bust at the side")
                .doesNotContain("girth at the bust");
        assertThat(Uses.of(plain, MeasurementKey.NECK)).isEmpty();
    }
}
