package bathyra.app.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.workshop.InWorkshop;
import bathyra.garment.Cloth;
import bathyra.garment.LayerKind;
import bathyra.lay.Placed;
import bathyra.length.Length;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Lay stage on the demo's first commission, laid quickly as for the bill. */
class LayModelTest extends InWorkshop {
    private LayModel model;

    @BeforeEach
    void open() {
        model = new LayModel(workshop);
        model.bill();
    }

    private List<Placed> placed() {
        return model.lay().orElseThrow().placed();
    }

    private Placed choose(String key) {
        model.choose(key);
        return model.chosen().orElseThrow();
    }

    private Placed loose() {
        return choose(placed().stream()
                .filter(p -> !p.piece().atFold())
                .findFirst()
                .orElseThrow()
                .piece()
                .key());
    }

    @Test
    void everyLayer_isLaidForTheBill_andNothingLiesOnAnother() {
        assertThat(model.layers()).isNotEmpty();
        for (var layer : model.layers()) {
            model.look(layer.kind());
            assertThat(model.layer()).isEqualTo(layer.kind());
            assertThat(model.lay()).isPresent();
            assertThat(model.wrong()).isEmpty();
            assertThat(model.isByHand()).isFalse();
        }
    }

    @Test
    void next_goesRoundAllPieces() {
        for (Placed each : placed()) {
            model.next();
            assertThat(model.chosen())
                    .map(p -> p.piece().key())
                    .contains(each.piece().key());
        }
        model.next();
        assertThat(model.chosen())
                .map(p -> p.piece().key())
                .contains(placed().get(0).piece().key());
    }

    @Test
    void pieceMovedToFreeCloth_liesThere_andTheLayIsByHand() {
        Placed piece = loose();
        double y = model.lay().orElseThrow().length() + 300;
        model.moveTo(piece.x() + piece.piece().width() / 2, y);
        Placed moved = model.chosen().orElseThrow();
        assertThat(moved.y()).isCloseTo(y - piece.piece().height() / 2, within(1e-6));
        assertThat(model.isByHand()).isTrue();
        assertThat(model.wrong()).isEmpty();
        workshop.undo();
        assertThat(model.isByHand()).isFalse();
        model.bill();
        assertThat(model.chosen().orElseThrow().y()).isCloseTo(piece.y(), within(1e-6));
    }

    @Test
    void pieceMovedOntoAnother_staysClearOfIt() {
        Placed piece = loose();
        Placed other = placed().stream()
                .filter(p -> !p.piece().key().equals(piece.piece().key()))
                .findFirst()
                .orElseThrow();
        model.moveTo(
                other.x() + other.piece().width() / 2, other.y() + other.piece().height() / 2);
        assertThat(model.wrong()).isEmpty();
    }

    @Test
    void leaning_isAllowedALittle_andSaidWhyNotMore() {
        loose();
        model.moveTo(model.use().cloth().width() / 2, model.lay().orElseThrow().length() + 400);
        assertThat(model.tilt(1)).isEmpty();
        assertThat(model.chosen().orElseThrow().tilt()).isCloseTo(1, within(1e-9));
        assertThat(model.tilt(1)).isEmpty();
        assertThat(model.tilt(1)).hasValueSatisfying(why -> assertThat(why).contains("at the most"));
        assertThat(model.chosen().orElseThrow().tilt()).isCloseTo(2, within(1e-9));
    }

    @Test
    void turning_isRefusedOnClothWithAWayUp() {
        Placed piece = loose();
        model.moveTo(
                piece.x() + piece.piece().width() / 2, model.lay().orElseThrow().length() + 400);
        model.cloth(oneWay(true));
        model.bill();
        loose();
        assertThat(model.turn()).hasValueSatisfying(why -> assertThat(why).contains("nap"));
        model.cloth(oneWay(false));
        model.bill();
        Placed again = loose();
        model.moveTo(
                again.x() + again.piece().width() / 2, model.lay().orElseThrow().length() + 400);
        boolean turned = model.chosen().orElseThrow().turned();
        assertThat(model.turn()).isEmpty();
        assertThat(model.chosen().orElseThrow().turned()).isNotEqualTo(turned);
    }

    private Cloth oneWay(boolean oneWay) {
        Cloth cloth = model.use().cloth();
        return new Cloth(
                cloth.name(), cloth.width(), cloth.selvedge(), oneWay, cloth.along(), cloth.across(), cloth.price());
    }

    @Test
    void foldedCloth_asksForAnotherLay() {
        var open = model.laying();
        model.folded(!model.use().folded());
        assertThat(model.laying()).isNotSameAs(open);
        assertThat(model.lay()).isEmpty();
        model.bill();
        assertThat(model.lay()).isPresent();
        assertThat(model.wrong()).isEmpty();
    }

    @Test
    void gap_isOneChange_andKeptApart() {
        model.gap(Length.mm(12));
        model.gap(Length.mm(15));
        assertThat(model.use().gap()).isEqualTo(Length.mm(15));
        assertThat(undo()).isEqualTo("gap between pieces");
        workshop.undo();
        assertThat(undo()).isEmpty();
    }

    @Test
    void laying_isMadeReadyOnceALayer() {
        assertThat(model.laying()).isSameAs(model.laying());
        LayerKind kind = model.layer();
        model.look(kind);
        assertThat(model.chosen()).isEmpty();
    }

    @Test
    void bill_namesWhatEachClothCosts() {
        var bill = model.bill();
        assertThat(bill.total()).isGreaterThan(0);
        workshop.kept().setPrices(workshop.kept().prices());
        assertThat(model.bill().total()).isEqualTo(bill.total());
    }
}
