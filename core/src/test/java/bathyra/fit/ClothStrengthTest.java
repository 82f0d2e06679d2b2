package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LayerKind;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.List;
import org.junit.jupiter.api.Test;

class ClothStrengthTest {
    private static Worn.LevelReading pulling(Level level, double tension) {
        return new Worn.LevelReading(
                level,
                700,
                660,
                read(664, Quantity.LENGTH),
                read(tension, Quantity.RATIO),
                read(2, Quantity.RATIO),
                read(0, Quantity.LENGTH),
                read(0, Quantity.LENGTH));
    }

    private static Reckoned read(double value, Quantity quantity) {
        return Given.option("Read", value, quantity, "made up", Rule.of("C22", "as it sits"));
    }

    private static Garment with(Garment garment, LayerKind layer, boolean made) {
        return garment.withFinish(
                garment.finish().withLayer(layer, garment.finish().layer(layer).withMade(made)));
    }

    @Test
    void threeTimesThePullAtTheWaist_isHeldAgainstWhatTheLayersBear() {
        Garment light = with(Garment.of(GarmentKind.UNDERBUST), LayerKind.STRENGTH, false);
        List<Worn.LevelReading> readings = List.of(pulling(Level.UNDERBUST, 9000), pulling(Level.WAIST, 500));
        // By hand: 3 × 500 = 1,500, and light cloth bears 1,200, a mounted one 2,500.
        ClothStrength alone = ClothStrength.of(light, readings);
        assertThat(alone.asked().value()).isEqualTo(1500);
        assertThat(alone.holds()).isFalse();
        assertThat(alone.sentence().in(LengthUnit.CM)).contains("1500").contains("Make a strength layer");
        assertThat(ClothStrength.of(with(light, LayerKind.INTERLINING, true), readings)
                        .holds())
                .isTrue();
        assertThat(ClothStrength.of(Garment.of(GarmentKind.UNDERBUST), List.of(pulling(Level.WAIST, 2700)))
                        .sentence()
                        .in(LengthUnit.CM))
                .contains("cut the strength layer double");
    }
}
