package bathyra.app.sizes;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.table.RecordingSurface;
import bathyra.app.workshop.InWorkshop;
import bathyra.bill.Lays;
import bathyra.garment.LayerKind;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.lay.AutoLay;
import bathyra.lay.Lay;
import bathyra.lay.Laying;
import bathyra.lay.Placed;
import bathyra.layer.Layer;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** How several sizes lie together, painted where there is no window. */
class LaidSizesTest extends InWorkshop {
    private Lay lay;

    @BeforeEach
    void layTwoSizes() {
        Pattern drafted = draft().pattern();
        List<bathyra.piece.Piece> pieces = List.of("38", "40").stream()
                .flatMap(size -> drafted.pieces().stream()
                        .map(p -> p.withId(p.id() + "@" + size).called(p.name() + ", " + size, p.front())))
                .toList();
        var use = Lays.use(
                workshop.commission(), LayerKind.FASHION, workshop.kept().prices());
        Layer layer = new Layer(
                LayerKind.FASHION,
                0,
                new Pattern("", "", List.of(), pieces, List.of(), drafted.waistToLap()),
                List.of());
        lay = AutoLay.lay(
                Laying.of(layer, use.cloth(), use.folded(), use.gap().millimetres()), 3, 2, p -> {}, () -> false);
    }

    @Test
    void itIsPainted_theClothFromLeftToRight() {
        LaidSizes drawing = new LaidSizes(lay, LengthUnit.CM);
        Point[] extent = drawing.extent();
        assertThat(extent[1].x()).isEqualTo(lay.bought());
        assertThat(extent[1].y()).isEqualTo(lay.width());
        RecordingSurface.painted(drawing);
    }

    @Test
    void underThePointer_aPieceSaysItsSize() {
        LaidSizes drawing = new LaidSizes(lay, LengthUnit.CM);
        for (Placed placed : lay.placed()) {
            Point middle = Shape.middle(placed.ring());
            Point turned = new Point(middle.y(), lay.width() - middle.x());
            assertThat(drawing.under(turned, 5))
                    .startsWith(placed.piece().name())
                    .containsAnyOf(", 38", ", 40");
        }
        assertThat(drawing.under(new Point(-50, -50), 5)).isEmpty();
    }
}
