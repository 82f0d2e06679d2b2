package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.finding.Finding;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DrafterTest {
    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    @ParameterizedTest
    @EnumSource(LowerShape.class)
    void draft_toEveryLowerEdge_hasItsLevelsAndFourPieces(LowerShape shape) {
        Draft draft = draft(Garment.bustier().withLowerEdge(shape));
        assertThat(draft.pattern().levels())
                .hasSize(shape.reachesHip() ? 6 : shape == LowerShape.HIGH_HIP || shape == LowerShape.FLARED ? 5 : 4);
        assertThat(draft.pattern().pieces().subList(0, 4))
                .extracting(Piece::name)
                .containsExactly("Centre front", "Side front", "Side back", "Centre back");
        assertThat(draft.pattern().pieces().subList(0, 4))
                .extracting(Piece::cutWords)
                .containsExactly("cut 1 on the fold", "cut 2", "cut 2", "cut 2");
        assertThat(draft.pattern().pieces()).hasSize(shape == LowerShape.PEPLUM ? 6 : shape.isBasque() ? 8 : 4);
    }

    @Test
    void levelMarks_ofOneHalf_addUpToHalfThePatternGirth() {
        Draft draft = draft(Garment.bustier());
        draft.pattern().levels().forEach(level -> assertThat(draft.pattern().pieces().stream()
                        .flatMap(p -> p.mark(level.id()).stream())
                        .mapToDouble(m -> m.length())
                        .sum())
                .isCloseTo(level.patternGirth() / 2, within(0.01)));
    }

    @Test
    void outline_runsClockwiseAndTheCutLineLiesRoundIt() {
        for (Piece piece : draft(Garment.bustier().withUpperEdge(UpperShape.SWEETHEART))
                .pattern()
                .pieces()) {
            double twice = 0;
            var points = piece.flattened(0.1);
            for (int i = 1; i < points.size(); i++) {
                Point a = points.get(i - 1);
                Point b = points.get(i);
                twice += a.x() * b.y() - b.x() * a.y();
            }
            assertThat(twice).as("area with y down, " + piece.id()).isPositive();
            assertThat(Shape.contains(piece.cutLine(), points, 0.02))
                    .as(piece.id())
                    .isTrue();
        }
    }

    @Test
    void allowance_liesAtItsWidthFromTheSewingLine() {
        Piece side = draft(Garment.bustier()).pattern().piece("F2");
        Path edge = side.edge("side").path();
        side.cutLine().stream()
                .filter(p -> p.x() > edge.nearest(p).point().x()
                        && edge.nearest(p).arc() > 1
                        && edge.nearest(p).arc() < edge.length() - 1)
                .forEach(p -> assertThat(edge.nearest(p).point().distance(p)).isCloseTo(25, within(0.05)));
        assertThat(side.cutLine())
                .anyMatch(p ->
                        p.x() > edge.nearest(p).point().x() && edge.nearest(p).arc() > 100);
    }

    @Test
    void seamOverTheApex_isSmoothThere() {
        Piece front = draft(Garment.bustier()).pattern().piece("F1");
        Path edge = front.edge("princess-front").path();
        double apex = edge.nearest(front.mark("bust").orElseThrow().to()).arc();
        double turn =
                edge.at(apex - 0.01).tangent().angleTo(edge.at(apex + 0.01).tangent());
        assertThat(Math.toDegrees(Math.abs(turn))).isLessThan(0.1);
    }

    @Test
    void waist_isMetUpright() {
        Piece front = draft(Garment.bustier()).pattern().piece("F2");
        for (String name : new String[] {"princess-front", "side"}) {
            Path edge = front.edge(name).path();
            var mark = front.mark("waist").orElseThrow();
            Path.Place at = edge.nearest(name.equals("side") ? mark.to() : mark.from());
            assertThat(Math.abs(at.tangent().dx())).isLessThan(1e-3);
        }
    }

    @Test
    void aLongerDartEnd_keepsTheSeamNearerItsAxis() {
        double near = offAxis(Garment.bustier().withLength(LengthOption.DART_END, Length.mm(0)));
        double far = offAxis(Garment.bustier().withLength(LengthOption.DART_END, Length.mm(25)));
        assertThat(far).isLessThan(near);
    }

    private static double offAxis(Garment garment) {
        Draft draft = draft(garment);
        Piece front = draft.pattern().piece("F1");
        Path edge = front.edge("princess-front").path();
        double apex = edge.nearest(front.mark("bust").orElseThrow().to()).arc();
        return Math.abs(
                edge.at(apex + 25).point().x() - draft.block().frontAxis().value());
    }

    @Test
    void notches_areSingleInFrontAndDoubleBehindTheSide() {
        Draft draft = draft(Garment.bustier());
        assertThat(draft.pattern().piece("F2").notches()).isNotEmpty().allMatch(n -> !n.twofold());
        assertThat(draft.pattern().piece("B1").notches()).isNotEmpty().allMatch(n -> n.twofold());
    }

    @Test
    void grain_runsUprightWithItsArrowAtTheTop() {
        draft(Garment.bustier()).pattern().pieces().forEach(p -> {
            assertThat(p.grain().to().x()).isEqualTo(p.grain().from().x());
            assertThat(p.grain().to().y()).isLessThan(p.grain().from().y());
        });
    }

    @Test
    void sweetheart_dipsAtCentreFrontAndCrestsOverTheApex() {
        Draft draft = draft(Garment.bustier().withUpperEdge(UpperShape.SWEETHEART));
        assertThat(draft.block().centreFrontTop().value()
                        - draft.block().crest().value())
                .isGreaterThan(20);
        assertThat(draft.block().crest().value()).isLessThanOrEqualTo(281 - 85);
    }

    @Test
    void missingMeasurements_areRefusedByName() {
        MeasurementSet set = Bodies.nerea().without(MeasurementKey.BACK_LENGTH).without(MeasurementKey.WAIST);
        assertThat(Drafter.draft(Bodies.commission(set, Garment.bustier())))
                .isInstanceOfSatisfying(Refusal.class, r -> {
                    assertThat(r.cause()).isEqualTo(Refusal.Cause.INPUT);
                    assertThat(r.reasons()).extracting(Finding::subject).contains("waistGirth", "backLength");
                });
    }

    @Test
    void aDropToTheWaist_needsNoHip() {
        MeasurementSet set = Bodies.nerea().without(MeasurementKey.HIP).without(MeasurementKey.WAIST_TO_HIP);
        assertThat(Drafter.draft(Bodies.commission(set, Garment.bustier().withLowerEdge(LowerShape.WAIST))))
                .isInstanceOf(Draft.class);
    }

    @Test
    void waistReduction_pastTheFirstLevel_asksForCaution() {
        Draft draft = draft(Garment.bustier().withEase(Level.WAIST, Length.mm(-72)));
        assertThat(draft.findings()).anySatisfy(f -> {
            assertThat(f.id()).isEqualTo("waist-reduction");
            assertThat(f.sentence().in(LengthUnit.CM)).contains("10 %").contains("No figure makes a reduction safe.");
        });
        assertThat(draft(Garment.bustier().withEase(Level.WAIST, Length.mm(-57)))
                        .findings())
                .noneMatch(f -> f.id().equals("waist-reduction"));
    }

    /** Random bodies (C19), each as a different garment: a sound draft, or a reason that names a measurement. */
    @Test
    void randomBodies_draftWithAllChecksHolding_orAreRefusedByMeasurement() {
        Random random = new Random(19);
        int drafted = 0;
        int refused = 0;
        int impossible = 0;
        int bodies = Sample.of(2000);
        for (int i = 0; i < bodies; i++) {
            MeasurementSet set = Bodies.random(random);
            Garment garment = Garment.bustier()
                    .withUpperEdge(i % 2 == 0 ? UpperShape.STRAIGHT : UpperShape.SWEETHEART)
                    .withLowerEdge(LowerShape.values()[i % 3]);
            Outcome outcome = Drafter.draft(Bodies.commission(set, garment));
            if (outcome instanceof Draft draft) {
                drafted++;
                Finished.holds(draft);
                draft.pattern().levels().forEach(level -> assertThat(draft.pattern().pieces().stream()
                                .flatMap(p -> p.mark(level.id()).stream())
                                .mapToDouble(m -> m.length())
                                .sum())
                        .isCloseTo(level.patternGirth() / 2, within(0.01)));
                assertThat(draft.panels().residual()).isLessThan(0.01);
            } else if (outcome instanceof Refusal refusal) {
                refused++;
                boolean inRange = refusal.cause() == Refusal.Cause.PATTERN;
                impossible += inRange ? 1 : 0;
                Finished.isReasonable(refusal);
            }
        }
        assertThat(drafted + refused).isEqualTo(bodies);
        // Of the bodies whose figures are all in range, hardly any may be turned away.
        assertThat(impossible).isLessThanOrEqualTo(bodies * 3 / 100);
        assertThat(drafted).isGreaterThan(bodies * 4 / 5);
    }
}
