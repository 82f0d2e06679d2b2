package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.finding.Finding;
import bathyra.garment.BlockMethod;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.PrincessStart;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.EdgeRole;
import bathyra.place.Level;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** An armhole that was taped is the armhole that is drafted, or it is said (C6.3). */
class TapedArmholeTest {
    private static final int BODIES = Sample.of(200);

    private static Garment withShoulders(BlockMethod method) {
        Garment garment = Garment.bustier()
                .withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS))
                .withUpperEdge(UpperShape.ROUND);
        return garment.withBlock(garment.block().withMethod(method).withPrincess(PrincessStart.SHOULDER));
    }

    /** With short chords round the arm, on the finished pieces. */
    private static double armhole(Draft draft) {
        double round = 0;
        for (var piece : draft.pattern().pieces()) {
            for (var edge : piece.outline()) {
                List<Point> points = edge.path().flattened(0.01);
                for (int i = 1; edge.role() == EdgeRole.ARMHOLE && i < points.size(); i++) {
                    round += points.get(i - 1).distance(points.get(i));
                }
            }
        }
        return round;
    }

    private static Optional<Finding> said(Draft draft) {
        return draft.findings().stream().filter(f -> f.id().equals("armhole")).findFirst();
    }

    @ParameterizedTest
    @EnumSource(BlockMethod.class)
    void theArmholeIsTheTapes_orItIsSaidHowFarItIsNot(BlockMethod method) {
        Random random = new Random(12);
        int held = 0;
        int drafted = 0;
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            double bust = body.find(MeasurementKey.BUST).orElseThrow().value();
            double tape = 2 * (bust / 6 + 38) + random.nextDouble(-15, 25);
            MeasurementSet taped = body.with(MeasurementKey.ARMHOLE, Length.mm(tape));
            if (!(Drafter.draft(Bodies.commission(taped, withShoulders(method))) instanceof Draft draft)) {
                continue;
            }
            drafted++;
            Finding finding = said(draft).orElseThrow();
            double off = Math.abs(armhole(draft) - tape);
            assertThat(finding.value()).isCloseTo(off, within(0.1));
            assertThat(finding.status()).isEqualTo(off <= 3 ? Finding.Status.OK : Finding.Status.NOTE);
            held += off <= 3 ? 1 : 0;
            Finished.holds(draft);
        }
        assertThat(drafted).isGreaterThan(BODIES * 8 / 10);
        assertThat(held).isGreaterThanOrEqualTo(drafted * 8 / 10);
    }

    @Test
    void whereTheUnderarmWentIsSaid_andWithoutTheTapeItStays() {
        MeasurementSet body = Bodies.ordinary(new Random(12));
        Draft plain = (Draft) Drafter.draft(Bodies.commission(body, withShoulders(BlockMethod.QUARTER)));
        assertThat(said(plain)).isEmpty();
        double wanted = armhole(plain) - 30;
        Draft taped = (Draft) Drafter.draft(Bodies.commission(
                body.with(MeasurementKey.ARMHOLE, Length.mm(wanted)), withShoulders(BlockMethod.QUARTER)));
        assertThat(armhole(taped)).isCloseTo(wanted, within(3.0));
        assertThat(said(taped).orElseThrow().sentence().in(LengthUnit.MM))
                .contains("as the tape does; for that the underarm lies")
                .contains("than the school has it");
        assertThat(taped.block().heights().front().get(Level.UPPER).rule().section())
                .isEqualTo("C18");
    }
}
