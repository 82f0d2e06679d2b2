package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.measure.Softness;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Bones as they lie: bows whose height is known, ends, and those of a real corset. */
class BoneReadingTest {
    /** An arc of 200 mm every 10, within the plane of the cloth or out of it. */
    private static double[][] arc(double radius, boolean within) {
        double[][] line = new double[21][];
        for (int i = 0; i < line.length; i++) {
            double angle = (i - 10) * 10 / radius;
            double aside = radius * (1 - Math.cos(angle));
            double up = -radius * Math.sin(angle);
            line[i] = within ? new double[] {aside, 0, up} : new double[] {0, aside, up};
        }
        return line;
    }

    /** Cloth that looks to the front everywhere. */
    private static double[][] front(int count) {
        double[][] out = new double[count][];
        java.util.Arrays.setAll(out, i -> new double[] {0, 1, 0});
        return out;
    }

    @Test
    void bowWithinTheCloth_isItsHeightOverAHundred_andOneOutOfItIsNone() {
        double[][] bent = arc(400, true);
        // By hand: 400 − √(400² − 50²) = 3.14.
        assertThat(BoneReading.edgewise(bent, front(21))).isCloseTo(3.14, within(0.1));
        assertThat(BoneReading.edgewise(arc(400, false), front(21))).isCloseTo(0, within(1e-9));
        assertThat(BoneReading.edgewise(arc(2000, true), front(21))).isCloseTo(0.625, within(0.03));
    }

    @Test
    void boneShorterThanTheChord_isReadOverItsWholeLength() {
        double[][] bent = arc(400, true);
        double[][] half = java.util.Arrays.copyOf(bent, 7);
        // 60 long: 400 − √(400² − 30²) = 1.13, and of 100 in the same bow 3.1.
        assertThat(BoneReading.edgewise(half, front(7))).isCloseTo(3.14, within(0.15));
    }

    @Test
    void endThatDigsInDeeperThanItsBone_bites_andOneThatOnlyPressesWithItDoesNot() {
        double[][] line = arc(5000, true);
        double[] off = new double[21];
        java.util.Arrays.fill(off, -8);
        assertThat(BoneReading.end(line, off, 20, -1).bites()).isFalse();
        java.util.Arrays.fill(off, -1);
        off[20] = -6;
        BoneReading.End end = BoneReading.end(line, off, 20, -1);
        assertThat(end.bites()).isTrue();
        assertThat(end.more()).isEqualTo(-5);
        assertThat(end.at()).isEqualTo(line[20]);
        off[20] = 6;
        assertThat(BoneReading.end(line, off, 20, -1).standsOff()).isTrue();
        assertThat(BoneReading.end(line, off, 0, 1).standsOff()).isFalse();
    }

    @Test
    void bonesOfACorset_areAllRead_andAStraightCentreDoesNotBendEdgewise() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET)));
        Worn worn = Worn.cold(draft, new FormSurface(Worn.form(draft), Softness.BETWEEN), Worn.COARSE, () -> false);
        List<BoneReading> bones = BoneReading.of(worn);
        assertThat(bones).hasSizeGreaterThan(5);
        for (BoneReading bone : bones) {
            assertThat(bone.line()[0][2]).as("from the top down").isGreaterThan(bone.line()[bone.line().length - 1][2]);
            assertThat(bone.edgewise()).isBetween(0.0, 15.0);
            assertThat(bone.hipBone()).as("its height was not taped").isFalse();
        }
    }
}
