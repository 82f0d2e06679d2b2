package bathyra.bone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.bill.Shopping;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Bust;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.geometry.Point;
import bathyra.stock.PriceList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The wires under cut cups (C8.1). */
class WiresTest {
    private static Draft draft(Bust bust) {
        return (Draft) Drafter.draft(
                Bodies.commission(Bodies.nerea(), Garment.bustier().withBust(bust)));
    }

    @ParameterizedTest
    @EnumSource(value = CupKind.class, names = "PRINCESS", mode = EnumSource.Mode.EXCLUDE)
    void theWireIsTheLowerArcLess10_andItsChannel10More(CupKind kind) {
        Draft draft = draft(Bust.PRINCESS.withCups(kind).withWires(true));
        // With a tape of short chords round the two lower cups.
        double arc = 0;
        for (String cup : List.of("C1", "C2")) {
            for (var edge : draft.pattern().piece(cup).outline()) {
                List<Point> points = edge.path().flattened(0.005);
                for (int i = 1; edge.role().isCup() && i < points.size(); i++) {
                    arc += points.get(i - 1).distance(points.get(i));
                }
            }
        }
        Wires wires = BonePlan.of(draft).wires().orElseThrow();
        assertThat(wires.wire().value()).isCloseTo(arc - 10, within(0.05));
        assertThat(wires.cradle().value()).isCloseTo(arc + 10, within(0.05));
        assertThat(Shopping.of(draft, PriceList.invented()).wires()).isPresent();
    }

    @Test
    void princessCupsHaveNone_andWhereNoneIsWantedNoneIsBought() {
        assertThat(Bust.PRINCESS.withWires(true).wired()).isFalse();
        assertThat(Bust.PRINCESS
                        .withCups(CupKind.TWO_PART)
                        .withWires(true)
                        .withCups(CupKind.PRINCESS)
                        .wired())
                .isFalse();
        assertThat(BonePlan.of(draft(Bust.PRINCESS.withCups(CupKind.TWO_PART))).wires())
                .isEmpty();
    }
}
