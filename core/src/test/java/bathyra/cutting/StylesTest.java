package bathyra.cutting;

import static bathyra.cutting.Styled.SWEETHEART;
import static bathyra.cutting.Styled.cups;
import static bathyra.cutting.Styled.draft;
import static bathyra.cutting.Styled.refused;
import static bathyra.cutting.Styled.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.garment.Bust;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.PrincessStart;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UnderbustSchool;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.SeamJoin;
import bathyra.place.ContourWedge;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Any style on any body: every check holds, or a sentence says why not. */
class StylesTest {
    private static final int BODIES = Sample.of(3000);

    @Test
    void whatCannotBe_isSaidWithWhatWorks() {
        assertThat(refused(cups(CupKind.TWO_PART)
                        .withSchool(UnderbustSchool.EXCESS)
                        .withLength(LengthOption.CUP_SIDE, Length.mm(90))))
                .contains("larger than its panel", "Side front");
        assertThat(refused(Garment.bustier()
                        .withUpperEdge(UpperShape.PLUNGE)
                        .withLength(LengthOption.EDGE_DIP, Length.mm(200))))
                .contains("centre front", "can be drawn");
        assertThat(refused(SWEETHEART.withBust(Bust.PRINCESS.withWedge(ContourWedge.CUT_AWAY_ARMHOLE, Length.mm(10)))))
                .contains("strap of a halter");
        assertThat(refused(SWEETHEART.withTop(new Top(Cover.STRAPLESS, true, false, Sleeve.BAND))))
                .contains("yoke", "shoulder");
        assertThat(refused(with(Cover.SHOULDERS, UpperShape.ROUND, PrincessStart.SHOULDER)
                        .withLength(LengthOption.NECKLINE_WIDTH, Length.mm(110))))
                .contains("Neckline", "can be drawn");
        assertThat(refused(with(Cover.SHOULDERS, UpperShape.ROUND, PrincessStart.ARMHOLE)
                        .withTop(new Top(Cover.SHOULDERS, true, true, Sleeve.BAND))
                        .withLength(LengthOption.KEYHOLE_LENGTH, Length.mm(160))))
                .contains("keyhole", "stay inside it");
        Garment corset = Garment.of(GarmentKind.CORSET)
                .withPanels(Panels.of(8, SeamPlacing.LANDMARKS))
                .withBust(Bust.PRINCESS.withCups(CupKind.TWO_PART));
        assertThat(refused(corset)).contains("larger than its panel");
    }

    /** Random bodies, each in a random style: every check holds, or a sentence says why not. */
    @Test
    void randomBodiesAndStyles_holdAllChecks_orSayWhyNot() {
        Random random = new Random(66);
        int drafted = 0;
        int inRange = 0;
        for (int n = 0; n < BODIES; n++) {
            MeasurementSet body = Bodies.random(random);
            double bust = body.taken().get(MeasurementKey.BUST).millimetres();
            MeasurementSet set = body.with(MeasurementKey.AROUND_SHOULDERS, Length.mm(bust * 0.55 + 510))
                    .with(MeasurementKey.TOP_EDGE_WIDTH, Length.mm(Math.min(410, bust * 0.12 + 180)))
                    .with(MeasurementKey.UPPER_ARM, Length.mm(bust * 0.33));
            Garment garment = random(random);
            Outcome outcome = Drafter.draft(Bodies.commission(set, garment));
            if (outcome instanceof Refusal refusal) {
                Finished.isReasonable(refusal);
                inRange += refusal.cause() == Refusal.Cause.PATTERN ? 1 : 0;
                continue;
            }
            Draft draft = (Draft) outcome;
            drafted++;
            Finished.holds(draft);
            for (SeamJoin seam : draft.pattern().seams()) {
                assertThat(draft.pattern().edge(seam.a()).path().length())
                        .as(seam.id())
                        .isCloseTo(draft.pattern().edge(seam.b()).path().length(), within(0.5));
            }
        }
        assertThat(drafted).as("drafted").isGreaterThan(BODIES * 22 / 30);
        assertThat(inRange).as("refused though every figure is in its range").isLessThan(BODIES * 4 / 30);
    }

    private static Garment random(Random random) {
        Cover cover = Cover.values()[random.nextInt(4)];
        List<UpperShape> shapes = UpperShape.fitting(cover);
        Garment garment = with(
                cover,
                shapes.get(random.nextInt(shapes.size())),
                random.nextBoolean() ? PrincessStart.SHOULDER : PrincessStart.ARMHOLE);
        garment = garment.withLowerEdge(LowerShape.values()[random.nextInt(LowerShape.values().length)]);
        if (cover.hasShoulder() && random.nextInt(3) == 0) {
            garment = garment.withTop(new Top(cover, true, random.nextBoolean(), Sleeve.BAND));
        }
        if (random.nextBoolean()) {
            garment = garment.withBust(Bust.PRINCESS.withCups(CupKind.values()[random.nextInt(4)]));
        }
        for (ContourWedge wedge : List.of(ContourWedge.NECKLINE, ContourWedge.ARMHOLE, ContourWedge.UNDER_BUST)) {
            if (random.nextInt(4) == 0) {
                garment = garment.withBust(garment.bust().withWedge(wedge, wedge.standard()));
            }
        }
        return garment;
    }
}
