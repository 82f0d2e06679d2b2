package bathyra.cutting;

import static bathyra.cutting.Styled.draft;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Closure;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.geometry.Path;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Peplums and flared hems, held against what the finished sheets measure. */
class HemsTest {
    @Test
    void peplum_isAsLongAsTheWaist() {
        Draft draft = draft(Garment.bustier().withLowerEdge(LowerShape.PEPLUM));
        double waist = draft.girths().at(Level.WAIST).pattern().value() / 2;
        double sewn = draft.pattern().pieces().stream()
                .filter(p -> p.id().startsWith("P"))
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().startsWith("waist"))
                .mapToDouble(e -> e.path().length())
                .sum();
        assertThat(sewn).isCloseTo(waist, within(3.0));
    }

    @Test
    void flare_addsToTheHemWhatIsAsked_andItsSeamsStayAlike() {
        Draft plain =
                draft(Garment.bustier().withLowerEdge(LowerShape.FLARED).withLength(LengthOption.FLARE, Length.mm(20)));
        Draft flared = draft(
                Garment.bustier().withLowerEdge(LowerShape.FLARED).withLength(LengthOption.FLARE, Length.mm(120)));
        assertThat(hem(flared) - hem(plain)).isBetween(290.0, 400.0);
        Finished.holds(flared);
    }

    private static Garment skirt(double taper, double spread) {
        return Garment.bustier()
                .withLowerEdge(LowerShape.SKIRT)
                .withLength(LengthOption.SKIRT_TAPER, Length.mm(taper))
                .withLength(LengthOption.SKIRT_SPREAD, Length.mm(spread));
    }

    private static double hips(Draft draft) {
        return draft.girths().at(Level.HIP).pattern().value() / 2;
    }

    @Test
    void straightSkirt_isAsWideAtItsHemAsAtTheHips_andFallsSquare() {
        Draft draft = draft(skirt(0, 0));
        assertThat(hem(draft)).isCloseTo(hips(draft), within(0.5));
        for (Piece piece : draft.pattern().pieces()) {
            LevelMark hip = piece.mark(Level.HIP).orElseThrow();
            Path hem = piece.edge("lower-edge").path();
            Vec along = hip.from().to(hip.to());
            assertThat(Math.abs(along.angleTo(hem.end().to(hem.start())))).isLessThan(Math.toRadians(2));
            double below = hem.start().y()
                    - piece.mark(Level.WAIST).orElseThrow().from().y();
            assertThat(below).isCloseTo(450, within(25.0));
        }
        Finished.holds(draft);
    }

    /** Three seams a half: at each both edges give up half of the taper. */
    @Test
    void pencilSkirt_isNarrowerAtEverySeam_andAnALineWider() {
        assertThat(hem(draft(skirt(20, 0)))).isCloseTo(hips(draft(skirt(20, 0))) - 3 * 20, within(2.0));
        Draft wide = draft(skirt(20, 80));
        assertThat(hem(wide) - hips(wide)).isBetween(3 * 80.0, 3 * 80.0 + 12);
        Finished.holds(draft(skirt(20, 0)));
        Finished.holds(wide);
        assertThat(wide.findings())
                .filteredOn(f -> f.kind() == FindingKind.FAIR_EDGE && f.status() != Finding.Status.OK)
                .as("an A-line swings out by itself")
                .isEmpty();
    }

    @Test
    void bonesOfASkirt_endAtTheHighHip() {
        Draft draft = draft(skirt(10, 0));
        List<Channel> channels = BonePlan.of(draft).channels();
        assertThat(channels).isNotEmpty();
        for (Channel channel : channels) {
            Channel.Run run = channel.runs().get(0);
            LevelMark highHip =
                    draft.pattern().piece(run.piece()).mark(Level.HIGH_HIP).orElseThrow();
            assertThat(run.path().end().y())
                    .as(channel.label())
                    .isCloseTo((highHip.from().y() + highHip.to().y()) / 2, within(8.0));
        }
    }

    /** A busk to the thigh would push up in sitting, and nothing is laced below the last bone. */
    @Test
    void buskAndEyeletsOfASkirt_endAtTheHighHip() {
        Garment laced = Garment.of(GarmentKind.CORSET)
                .withFastening(Fastening.ZIP.with(Closure.FRONT_BUSK))
                .withLowerEdge(LowerShape.SKIRT);
        Draft draft = draft(laced);
        LevelMark front = draft.pattern().piece("F1").mark(Level.HIGH_HIP).orElseThrow();
        LevelMark back = draft.pattern().piece("B1").mark(Level.HIGH_HIP).orElseThrow();
        Bones bones = BonePlan.of(draft);
        double top =
                draft.pattern().piece("F1").edge("centre-front").path().end().y();
        assertThat(bones.busk().orElseThrow().front().value())
                .isCloseTo(front.from().y() - top, within(5.0));
        assertThat(bones.eyelets().orElseThrow().points()).isNotEmpty().allSatisfy(p -> assertThat(p.y())
                .isLessThan(back.to().y()));
        Draft toHip = draft(laced.withLowerEdge(LowerShape.HIP));
        assertThat(bones.busk().orElseThrow().front().value())
                .isLessThan(BonePlan.of(toHip).busk().orElseThrow().front().value());
    }

    @Test
    void skirtThatEndsAboveTheHips_isRefused_withTheLength() {
        MeasurementSet low = Bodies.nerea()
                .with(MeasurementKey.WAIST_TO_HIP, Length.mm(315))
                .confirming(MeasurementKey.WAIST_TO_HIP, true);
        Outcome outcome = Drafter.draft(
                Bodies.commission(low, skirt(10, 0).withLength(LengthOption.SKIRT_LENGTH, Length.mm(345))));
        assertThat(outcome).isInstanceOf(Refusal.class);
        assertThat(((Refusal) outcome)
                        .reasons()
                        .get(0)
                        .sentence()
                        .in(LengthUnit.MM)
                        .replace('\u00a0', ' '))
                .contains("The skirt ends 345.0 mm below the waist")
                .contains("Make it longer by 10.0 mm, or end at the hip");
    }

    @Test
    void narrowHemBelowTheThigh_isSaid_andAWideOneOrAShortOneIsNot() {
        Garment knee = skirt(10, 0).withLength(LengthOption.SKIRT_LENGTH, Length.mm(600));
        assertThat(draft(knee).findings())
                .filteredOn(f -> f.kind() == FindingKind.STRIDE)
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.status()).isEqualTo(Finding.Status.NOTE);
                    assertThat(f.sentence().in(LengthUnit.CM)).contains("Leave centre back or a side open");
                });
        assertThat(draft(knee.withLength(LengthOption.SKIRT_SPREAD, Length.mm(40)))
                        .findings())
                .filteredOn(f -> f.kind() == FindingKind.STRIDE)
                .singleElement()
                .satisfies(f -> assertThat(f.status()).isEqualTo(Finding.Status.OK));
        assertThat(draft(skirt(10, 0)).findings()).noneMatch(f -> f.kind() == FindingKind.STRIDE);
    }

    @Test
    void corsetOfManyPanels_goesOnIntoASkirtToo() {
        Draft draft = draft(Garment.of(GarmentKind.CORSET)
                .withLowerEdge(LowerShape.SKIRT)
                .withLength(LengthOption.SKIRT_TAPER, Length.mm(0)));
        assertThat(hem(draft)).isCloseTo(hips(draft), within(0.5));
        Finished.holds(draft);
    }

    @Test
    void skirtsOfAnyLengthAndHem_onOrdinaryBodies_areDrafted_orItIsSaidWhyNot() {
        Random random = new Random(17);
        int wanted = Sample.of(200);
        int drafted = 0;
        for (int i = 0; i < wanted; i++) {
            Garment garment = (i % 3 == 0 ? Garment.of(GarmentKind.UNDERBUST) : Garment.bustier())
                    .withLowerEdge(LowerShape.SKIRT)
                    .withLength(LengthOption.SKIRT_LENGTH, Length.mm(340 + random.nextInt(560)))
                    .withLength(LengthOption.SKIRT_TAPER, Length.mm(random.nextInt(31)))
                    .withLength(LengthOption.SKIRT_SPREAD, Length.mm(i % 2 == 0 ? 0 : random.nextInt(121)));
            Outcome outcome = Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment));
            if (outcome instanceof Draft draft) {
                drafted++;
                Finished.holds(draft);
            } else {
                assertThat(((Refusal) outcome).cause()).isNotEqualTo(Refusal.Cause.PROGRAM);
            }
        }
        assertThat(drafted).isGreaterThan(wanted * 3 / 4);
    }

    private static double hem(Draft draft) {
        return draft.pattern().pieces().stream()
                .mapToDouble(p -> p.edge("lower-edge").path().length())
                .sum();
    }
}
