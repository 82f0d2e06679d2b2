package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.files.json.BadDocument;
import bathyra.files.json.HouseRulesJson;
import bathyra.files.json.HouseStylesJson;
import bathyra.garment.BlockMethod;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.HouseRules;
import bathyra.garment.HouseRules.Group;
import bathyra.garment.HouseStyle;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import java.util.List;
import org.junit.jupiter.api.Test;

class HouseRulesTest {
    private static final Length WIDE = Length.mm(22);
    private static final Garment GARMENT = Garment.bustier()
            .withAllowance(EdgeUse.SEAM, WIDE)
            .withBlock(Garment.bustier().block().withMethod(BlockMethod.PROPORTION));

    @Test
    void whatIsARuleOfTheHouse_isReadBack_andTheRestIsNot() throws BadDocument {
        HouseRules rules = HouseRules.NONE.in(LengthUnit.IN).as(Group.FINISH, GARMENT);
        HouseRules read = HouseRulesJson.read(HouseRulesJson.write(rules));
        assertThat(read.units()).isEqualTo(LengthUnit.IN);
        assertThat(read.has(Group.FINISH)).isTrue();
        assertThat(read.has(Group.SCHOOL)).isFalse();
        Garment begun = read.on(Garment.of(GarmentKind.CORSET));
        assertThat(begun.allowance(EdgeUse.SEAM).millimetres()).isCloseTo(22, within(0.01));
        assertThat(begun.block()).isEqualTo(Garment.of(GarmentKind.CORSET).block());
        assertThat(HouseRules.NONE
                        .as(Group.SCHOOL, GARMENT)
                        .on(Garment.bustier())
                        .block()
                        .method())
                .isEqualTo(BlockMethod.PROPORTION);
        assertThat(rules.without(Group.FINISH).on(Garment.bustier())).isEqualTo(Garment.bustier());
    }

    @Test
    void aLaterVersion_orAnotherDocument_isRefused() {
        String text = HouseRulesJson.write(HouseRules.NONE.as(Group.FINISH, GARMENT));
        assertThatThrownBy(() -> HouseRulesJson.read(text.replace("\"version\" : 1", "\"version\" : 2")))
                .isInstanceOf(BadDocument.class);
        assertThatThrownBy(() -> HouseRulesJson.read("{\"format\":\"bathyra-commission\"}"))
                .isInstanceOf(BadDocument.class);
        assertThatThrownBy(() -> HouseRulesJson.read(text.replace("\"kind\" : \"bustier\"", "\"kind\" : \"cape\"")))
                .isInstanceOf(BadDocument.class);
    }

    @Test
    void styles_areReadBackAsTheyWere() throws BadDocument {
        List<HouseStyle> styles = List.of(
                HouseStyle.of("Salt & pepper", GARMENT), HouseStyle.of("\"Quay\"", Garment.of(GarmentKind.UNDERBUST)));
        assertThat(HouseStylesJson.read(HouseStylesJson.write(styles))).isEqualTo(styles);
    }
}
