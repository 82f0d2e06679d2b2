package bathyra.bill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LayerKind;
import bathyra.geometry.Shape;
import bathyra.lay.LayPiece;
import bathyra.layer.Layer;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.stock.PriceList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LaysTest {
    @Test
    void anUnevenBody_isLaidWithBothItsHalves() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea().withRight(MeasurementKey.WAIST, Optional.of(Length.mm(372))),
                Garment.of(GarmentKind.CORSET)));
        Layer fashion = Lays.layers(draft).stream()
                .filter(l -> l.kind() == LayerKind.FASHION)
                .findFirst()
                .orElseThrow();
        List<LayPiece> laid = Lays.laying(
                        fashion, Lays.use(draft.commission(), LayerKind.FASHION, PriceList.invented()))
                .pieces();
        Draft right = draft.rightHalf().orElseThrow();
        double cut = draft.pattern().pieces().stream()
                        .mapToDouble(p -> Shape.area(p.cutLine()))
                        .sum()
                + right.pattern().pieces().stream()
                        .mapToDouble(p -> Shape.area(p.cutLine()))
                        .sum();
        assertThat(laid)
                .extracting(LayPiece::key)
                .doesNotHaveDuplicates()
                .contains("F1/0", "F1-right/0")
                .hasSize(2 * draft.pattern().pieces().size());
        assertThat(laid.stream().mapToDouble(LayPiece::area).sum()).isCloseTo(cut, within(1.0));
        // The right side front lies mirrored: where the left one begins at its straight side, it ends.
        LayPiece left =
                laid.stream().filter(p -> p.key().equals("F2/0")).findFirst().orElseThrow();
        LayPiece over = laid.stream()
                .filter(p -> p.key().equals("F2-right/0"))
                .findFirst()
                .orElseThrow();
        double middle = Shape.middle(left.ring()).x() / left.width();
        assertThat(Shape.middle(over.ring()).x() / over.width()).isCloseTo(1 - middle, within(0.02));
    }
}
