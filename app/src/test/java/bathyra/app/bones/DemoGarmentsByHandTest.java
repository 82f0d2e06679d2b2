package bathyra.app.bones;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.bill.Shopping;
import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.CuttingPlan;
import bathyra.files.json.CommissionJson;
import bathyra.garment.BoneKind;
import bathyra.garment.LayerKind;
import bathyra.lay.AutoLay;
import bathyra.lay.Lay;
import bathyra.lay.Laying;
import bathyra.lay.Rows;
import bathyra.layer.Layer;
import bathyra.stock.PriceList;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The rules of bones, hardware, lay and bill, worked by hand for two garments of the demo: the figures on the right are arithmetic on paper, from lengths measured on the pieces. */
class DemoGarmentsByHandTest {
    private static Draft demo(String name) throws Exception {
        try (var in = DemoGarmentsByHandTest.class.getResourceAsStream("/demo/" + name + ".bathyra.json")) {
            // As it was drafted from the tape, before anything was found at a fitting.
            return (Draft) Drafter.draft(CommissionJson.read(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .withAdjustments(List.of()));
        }
    }

    private static void bone(Bones bones, String id, double finished, double cut, BoneKind kind) {
        Channel channel = bones.channel(id).orElseThrow();
        assertThat(channel.finished().value()).as(id).isCloseTo(finished, within(0.06));
        assertThat(channel.cut().value()).as(id).isEqualTo(cut);
        assertThat(channel.kind()).as(id).isEqualTo(kind);
    }

    @Test
    void theHeron_isALightBustier_turnedAtBothEdges() throws Exception {
        Bones bones = BonePlan.of(demo("the-heron"));
        // Turned at both ends: 10 and 10 off, down to five. Over the apex the bone ends below the bust, stitched across
        // there: 6 and 10 off.
        bone(bones, "centre-front", 466.0, 445, BoneKind.SYNTHETIC);
        bone(bones, "on-princess-front", 334.8, 315, BoneKind.SYNTHETIC);
        bone(bones, "on-side", 440.58, 420, BoneKind.SYNTHETIC);
        bone(bones, "on-princess-back", 428.78, 405, BoneKind.SYNTHETIC);
        bone(bones, "beside-zip", 429.5, 405, BoneKind.SYNTHETIC);
        assertThat(bones.channels()).hasSize(5);
        assertThat(bones.busk()).isEmpty();
        assertThat(bones.eyelets()).isEmpty();
        // The closed waist is 710 on the pattern, turned in 20 at either end.
        assertThat(bones.tape().value()).isEqualTo(750);
    }

    @Test
    void theHeron_isCutFromFiveMetresOfBoning() throws Exception {
        // 445 once, 315, 420, 405 and 405 twice each: 3535 in nine pieces. From one length of 5 m, which costs 7.20;
        // four single metres would be 6.40 and hold 2 + 2 + 2 + 2 of the nine pieces.
        Shopping shopping = Shopping.of(demo("the-heron"), PriceList.invented());
        assertThat(shopping.bones()).hasSize(1);
        assertThat(shopping.bones().get(0).length()).isEqualTo(445 + 2 * (315 + 420 + 405 + 405));
        assertThat(shopping.bones().get(0).count()).isEqualTo(9);
        assertThat(shopping.bones().get(0).plan().cuts()).hasSize(1).first().satisfies(c -> {
            assertThat(c.from().length()).isEqualTo(5000);
            assertThat(c.from().price()).isEqualTo(7.2);
            assertThat(c.rest()).isEqualTo(5000 - 3535 - 8 * 2);
        });
    }

    @Test
    void theSaltQueen_isALacedCorsetWithABusk() throws Exception {
        Bones bones = BonePlan.of(demo("the-salt-queen"));
        bone(bones, "beside-busk", 372.16, 350, BoneKind.FLAT_STEEL);
        bone(bones, "on-front-2", 351.20, 330, BoneKind.SPIRAL_STEEL);
        bone(bones, "on-side", 292.64, 270, BoneKind.SPIRAL_STEEL);
        bone(bones, "on-back-2", 283.46, 260, BoneKind.SPIRAL_STEEL);
        bone(bones, "lacing-inner", 284.28, 260, BoneKind.FLAT_STEEL);
        bone(bones, "lacing-outer", 283.97, 260, BoneKind.FLAT_STEEL);
        // Down to 40 below the high hip, as far as the lap lets it. Centre front 369, 10 left at either end: 349, and
        // stock comes every 25.
        assertThat(bones.busk().orElseThrow().room().value()).isCloseTo(349, within(0.06));
        assertThat(bones.busk().orElseThrow().length().value()).isEqualTo(325);
        // The edge is 180 above the waist and 104 below. 180 − 11 − 6 = 163, in 7 spaces of 23.3; 104 − 11 − 6 = 87, in
        // 4 of 21.75. 8 and 5 eyelets.
        var eyelets = bones.eyelets().orElseThrow();
        assertThat(eyelets.points()).hasSize(13);
        assertThat(eyelets.above().value()).isCloseTo(163.0 / 7, within(0.01));
        assertThat(eyelets.below().value()).isCloseTo(21.75, within(0.01));
        // A first corset is opened to 200 for dressing: 14 × √(200² + 23.29²) + 2 × √(200² + 12²) + 8 × √(200² +
        // 21.75²) =
        // 14 × 201.35 + 2 × 200.36 + 8 × 201.18 = 4829.1; 1200 for the loops and 400 of tails.
        assertThat(bones.cord().orElseThrow().value()).isCloseTo(4829.1 + 1600, within(0.1));
        // 714.75 on the pattern, parted by the busk: 357.4 each, and 20 at either end.
        assertThat(bones.tape().value()).isCloseTo(397.375, within(1e-6));
        assertThat(bones.tapes()).isEqualTo(2);
    }

    @Test
    void theHeronsFashionLayer_onOpenSilk_needsItsLongestPiece() throws Exception {
        Draft draft = demo("the-heron");
        Layer layer = CuttingPlan.of(draft).layers().stream()
                .filter(l -> l.kind() == LayerKind.FASHION)
                .findFirst()
                .orElseThrow();
        Laying laying = Lays.laying(layer, Lays.use(draft.commission(), LayerKind.FASHION, PriceList.invented()));
        // Silk of 140 with 1 of selvedge: 138. Everything lies beside each other, so its longest piece alone is the
        // length: 524.6, bought as 600.
        Lay lay = AutoLay.lay(laying, Lays.SEED, 50, p -> {}, () -> false);
        assertThat(laying.width()).isEqualTo(1380);
        assertThat(lay.length())
                .isCloseTo(
                        lay.placed().stream()
                                .mapToDouble(p -> p.piece().height())
                                .max()
                                .orElseThrow(),
                        within(0.5));
        assertThat(lay.bought()).isEqualTo(600);
        Bill bill = Bill.of(draft, List.of(layer), Map.of(LayerKind.FASHION, lay), PriceList.invented());
        // 0.6 m at 42.
        assertThat(bill.lines().get(0).amount()).isEqualTo(25.2);
    }

    @Test
    void theSaltQueensLay_isAtLeastEightPercentShorterThanRows() throws Exception {
        Draft draft = demo("the-salt-queen");
        for (Layer layer : CuttingPlan.of(draft).layers().stream()
                .filter(l -> l.pieces().size() >= 9)
                .toList()) {
            Laying laying = Lays.laying(layer, Lays.use(draft.commission(), LayerKind.STRENGTH, PriceList.invented()));
            Lay lay = AutoLay.lay(laying, Lays.SEED, 1500, p -> {}, () -> false);
            assertThat(lay.length())
                    .as(layer.kind().label())
                    .isLessThan(0.92 * Rows.of(laying).length());
        }
    }
}
