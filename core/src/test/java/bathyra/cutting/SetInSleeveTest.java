package bathyra.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.finding.Finding;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.PrincessStart;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.layer.Layers;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A sleeve set into the armhole (C10), measured on the finished pieces. */
class SetInSleeveTest {
    private static final int BODIES = Sample.of(200);

    private static Garment sleeved(PrincessStart start) {
        Garment garment = Garment.bustier()
                .withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS).withSleeve(Sleeve.SET_IN))
                .withUpperEdge(UpperShape.ROUND);
        return garment.withBlock(garment.block().withPrincess(start));
    }

    private static double along(Pattern pattern, boolean front, EdgeRole role) {
        return pattern.pieces().stream()
                .filter(p -> p.front() == front && !p.id().equals("SL"))
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.role() == role)
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    private static double cap(Piece sleeve, EdgeRole role) {
        return sleeve.outline().stream()
                .filter(e -> e.role() == role)
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    @ParameterizedTest
    @EnumSource(value = PrincessStart.class, names = "NONE", mode = EnumSource.Mode.EXCLUDE)
    void theCapIsAsLongAsTheArmhole_asWideAsTheArmAsks_andTheHemIsLevel(PrincessStart start) {
        Random random = new Random(17);
        int looked = 0;
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            Outcome outcome = Drafter.draft(Bodies.commission(body, sleeved(start)));
            if (!(outcome instanceof Draft draft)) {
                Finished.isReasonable((Refusal) outcome);
                continue;
            }
            looked++;
            Finished.holds(draft);
            Piece sleeve = draft.pattern().piece("SL");
            assertThat(cap(sleeve, EdgeRole.CAP_FRONT))
                    .isCloseTo(along(draft.pattern(), true, EdgeRole.ARMHOLE), within(0.2));
            assertThat(cap(sleeve, EdgeRole.CAP_BACK))
                    .isCloseTo(along(draft.pattern(), false, EdgeRole.ARMHOLE), within(0.2));
            double arm = body.find(MeasurementKey.UPPER_ARM).orElseThrow().value();
            OutlineEdge under = sleeve.edge("underarm-back");
            OutlineEdge other = sleeve.edge("underarm-front");
            assertThat(under.path().start().distance(other.path().end()))
                    .as("at the underarm the arm and 40 of ease")
                    .isCloseTo(arm + 40, within(0.1));
            // Square to both seams the hem hangs level once the underarm is closed.
            OutlineEdge hem = sleeve.edge("hem");
            assertThat(Math.toDegrees(hem.path()
                            .startTangent()
                            .angleTo(under.path().endTangent().reversed())))
                    .isCloseTo(90, within(0.5));
            assertThat(draft.findings()).noneMatch(f -> f.status() == Finding.Status.FAULT);
        }
        assertThat(looked).isGreaterThan(BODIES * 8 / 10);
    }

    @Test
    void itTapers_isAsLongAsAsked_andIsCutInItsLayers() {
        MeasurementSet body = Bodies.ordinary(new Random(17));
        Garment garment = sleeved(PrincessStart.SHOULDER)
                .withLength(LengthOption.SLEEVE_DEPTH, Length.mm(400))
                .withLength(LengthOption.SLEEVE_TAPER, Length.mm(120));
        Draft draft = (Draft) Drafter.draft(Bodies.commission(body, garment));
        Piece sleeve = draft.pattern().piece("SL");
        OutlineEdge hem = sleeve.edge("hem");
        double wide = body.find(MeasurementKey.UPPER_ARM).orElseThrow().value() + 40;
        assertThat(hem.path().start().distance(hem.path().end())).isCloseTo(wide - 120, within(0.1));
        assertThat(sleeve.edge("underarm-back").path().length()).isCloseTo(Math.hypot(400, 60), within(0.1));
        assertThat(Layers.of(draft.pattern(), garment, MeasurementSet.Part.WHOLE))
                .anyMatch(l -> l.pieces().stream().anyMatch(p -> p.id().equals("SL")));
    }

    @Test
    void anArmTooThickForItsArmhole_isSaidWithTheWayOut() {
        MeasurementSet body = Bodies.ordinary(new Random(17)).with(MeasurementKey.UPPER_ARM, Length.mm(600));
        Outcome outcome = Drafter.draft(Bodies.commission(body, sleeved(PrincessStart.SHOULDER)));
        assertThat(((Refusal) outcome).reasons().get(0).sentence().in(LengthUnit.CM))
                .contains("too short for a sleeve", "Lower the underarm");
        assertThat(Top.STRAPLESS
                        .withCover(Cover.SHOULDERS)
                        .withSleeve(Sleeve.SET_IN)
                        .withCover(Cover.HALTER)
                        .sleeve())
                .isEqualTo(Sleeve.BAND);
    }
}
