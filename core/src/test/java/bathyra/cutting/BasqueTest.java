package bathyra.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.BackShaping;
import bathyra.garment.Closure;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Gore;
import bathyra.garment.LayerKind;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.SkirtShaping;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.layer.Layer;
import bathyra.layer.Layers;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A body that ends in a basque and the skirt that is cut off along it, held against what the finished pieces measure. */
class BasqueTest {
    private static final Garment POINTED = Garment.bustier().withLowerEdge(LowerShape.POINTED_BASQUE);
    private static final Garment ROUNDED = Garment.bustier().withLowerEdge(LowerShape.ROUNDED_BASQUE);
    private static final Garment CORSET =
            Garment.of(GarmentKind.CORSET).withFastening(Fastening.ZIP.with(Closure.FRONT_BUSK));

    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    private static Garment deep(Garment garment, double front, double side, double back) {
        return garment.withLength(LengthOption.BASQUE_FRONT, Length.mm(front))
                .withLength(LengthOption.BASQUE_SIDE, Length.mm(side))
                .withLength(LengthOption.BASQUE_BACK, Length.mm(back));
    }

    /** How far a panel ends below its waist, along one of its long edges, mm. */
    private static double below(Draft draft, String panel, String edge, boolean behind) {
        Piece piece = draft.pattern().piece(panel);
        Path path = piece.edge(edge).path();
        Path down = path.start().y() < path.end().y() ? path : path.reversed();
        Point waist = behind
                ? piece.mark(Level.WAIST).orElseThrow().to()
                : piece.mark(Level.WAIST).orElseThrow().from();
        return down.length() - down.nearest(waist).arc();
    }

    private static double area(Piece piece) {
        return Math.abs(Shape.area(piece.flattened(0.01)));
    }

    @Test
    void body_endsAsFarBelowTheWaist_asAskedAtFrontSideAndBack() {
        Draft draft = draft(deep(POINTED, 120, 15, 55));
        assertThat(below(draft, "F1", "centre-front", false)).isCloseTo(120, within(0.05));
        assertThat(below(draft, "F2", "side", true)).isCloseTo(15, within(0.05));
        assertThat(below(draft, "B2", "side", false)).isCloseTo(15, within(0.05));
        assertThat(below(draft, "B1", "centre-back", true)).isCloseTo(55, within(0.05));
        Finished.holds(draft);
    }

    @Test
    void atTheSide_itMayRunToNothing_andTheWaistStaysTheBodys() {
        Draft draft = draft(deep(ROUNDED, 90, 0, 0));
        assertThat(below(draft, "F2", "side", true)).isCloseTo(0, within(0.05));
        for (Piece piece : draft.pattern().pieces()) {
            assertThat(piece.mark(Level.WAIST).isPresent())
                    .as(piece.name())
                    .isEqualTo(!piece.role().isSkirt());
        }
        Finished.holds(draft);
    }

    @Test
    void depth_countsFromTheStyledWaist() {
        Draft natural = draft(deep(ROUNDED, 90, 10, 40));
        Draft dropped = draft(deep(ROUNDED, 90, 10, 40).withLength(LengthOption.WAIST_DROP, Length.mm(20)));
        assertThat(below(dropped, "F1", "centre-front", false)).isCloseTo(90, within(0.05));
        assertThat(dropped.pattern()
                        .piece("F1")
                        .edge("centre-front")
                        .path()
                        .start()
                        .y())
                .isCloseTo(
                        natural.pattern()
                                        .piece("F1")
                                        .edge("centre-front")
                                        .path()
                                        .start()
                                        .y()
                                + 20,
                        within(0.05));
    }

    @Test
    void skirt_hasWhatTheBodyTook_cutOffAtItsTop() {
        Draft joined = draft(Garment.bustier().withLowerEdge(LowerShape.SKIRT));
        Draft cut = draft(POINTED);
        for (String panel : List.of("F1", "F2", "B2", "B1")) {
            Piece body = cut.pattern().piece(panel);
            Piece skirt = cut.pattern().piece("K" + panel);
            assertThat(area(body) + area(skirt))
                    .as(panel)
                    .isCloseTo(area(joined.pattern().piece(panel)), within(1.0));
            List<Point> top = skirt.edge("basque").path().flattened(0.05);
            Path bottom = body.edge("basque").path();
            assertThat(top).allSatisfy(p -> assertThat(bottom.nearest(p).point().distance(p))
                    .isLessThan(0.01));
        }
    }

    @Test
    void point_isDrawnOnPurpose_onTheBodyAndInTheSkirt() {
        Pattern pattern = draft(POINTED).pattern();
        double body = pattern.piece("F1").declared().get(0).degrees();
        double skirt = pattern.piece("KF1").declared().get(0).degrees();
        assertThat(body).isBetween(40.0, 80.0);
        assertThat(body + skirt).isCloseTo(180, within(1e-9));
        assertThat(draft(ROUNDED).pattern().piece("F1").declared()).isEmpty();
    }

    @Test
    void nothingStiff_goesOnIntoTheSkirt() {
        Draft draft = draft(deep(CORSET.withLowerEdge(LowerShape.POINTED_BASQUE), 70, 0, 30));
        Bones bones = BonePlan.of(draft);
        double busk = bones.busk().orElseThrow().front().value();
        Path front = draft.pattern().piece("F1").edge("centre-front").path();
        assertThat(busk).isLessThanOrEqualTo(front.length());
        Path back = draft.pattern().piece("B1").edge("centre-back").path();
        assertThat(bones.eyelets().orElseThrow().points()).isNotEmpty().allSatisfy(p -> assertThat(p.y())
                .isLessThan(Math.max(back.start().y(), back.end().y())));
        assertThat(bones.channels()).isNotEmpty().allSatisfy(c -> assertThat(c.runs())
                .allSatisfy(run -> assertThat(
                                draft.pattern().piece(run.piece()).role().isPanel())
                        .isTrue()));
        Garment garment = draft.commission().garment();
        for (Layer layer : Layers.of(draft.pattern(), garment, Part.WHOLE)) {
            boolean skirt = layer.pieces().stream().anyMatch(p -> p.role().isSkirt());
            assertThat(skirt)
                    .as(layer.kind().label())
                    .isEqualTo(layer.kind() == LayerKind.FASHION || layer.kind() == LayerKind.LINING);
        }
    }

    @Test
    void openingOfTheSkirt_liesOnAPlacket_toTheHemWhereTheLacingKeepsItApart() {
        Draft zipped = draft(ROUNDED);
        Piece stepped = placket(zipped, "PLB");
        assertThat(height(stepped)).isCloseTo(180, within(0.01));
        Draft laced = draft(Garment.of(GarmentKind.CORSET)
                .withFastening(Fastening.ZIP.with(Closure.BACK_LACING))
                .withLowerEdge(LowerShape.ROUNDED_BASQUE));
        Piece under = placket(laced, "PLB");
        assertThat(height(under))
                .isCloseTo(
                        laced.pattern().piece("KB1").edge("centre-back").path().length(), within(0.01));
        double wide =
                2 * under.flattened(1).stream().mapToDouble(Point::x).max().orElseThrow();
        assertThat(wide).isCloseTo(laced.commission().garment().gap().value() + 90, within(0.01));
        assertThat(Layers.of(draft(Garment.bustier()).pattern(), Garment.bustier(), Part.WHOLE))
                .extracting(Layer::kind)
                .doesNotContain(LayerKind.PLACKET);
    }

    private static Piece placket(Draft draft, String id) {
        return Layers.of(draft.pattern(), draft.commission().garment(), Part.WHOLE).stream()
                .filter(l -> l.kind() == LayerKind.PLACKET)
                .flatMap(l -> l.pieces().stream())
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double height(Piece piece) {
        return piece.edge("fold").path().length();
    }

    @Test
    void reachToTheLap_isLookedAtOnTheBody() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea().with(MeasurementKey.WAIST_TO_LAP, Length.mm(150)), deep(POINTED, 200, 0, 0)));
        assertThat(draft.findings())
                .filteredOn(f -> f.kind() == FindingKind.SEATED_LENGTH)
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.status()).isEqualTo(Finding.Status.NOTE);
                    assertThat(f.value()).isCloseTo(200, within(0.1));
                });
    }

    @Test
    void deepestBasque_leavesTheShortestSkirtHanging() {
        Garment low = deep(ROUNDED, 200, 120, 160)
                .withLength(LengthOption.SKIRT_LENGTH, LengthOption.SKIRT_LENGTH.least())
                .withLength(LengthOption.SKIRT_SPREAD, LengthOption.SKIRT_SPREAD.most())
                .withLength(LengthOption.WAIST_DROP, LengthOption.WAIST_DROP.most());
        Pattern pattern = draft(low).pattern();
        Finished.holds(pattern);
        assertThat(pattern.piece("KF1").edge("centre-front").path().length()).isGreaterThan(50);
    }

    @ParameterizedTest
    @EnumSource(
            value = LowerShape.class,
            names = {"POINTED_BASQUE", "ROUNDED_BASQUE"})
    void dartedBack_isCutOffToo_andItsDartOpensThere(LowerShape shape) {
        Garment bustier = Garment.bustier();
        Draft draft = draft(
                bustier.withBlock(bustier.block().withBack(BackShaping.DART)).withLowerEdge(shape));
        Finished.holds(draft);
        Piece back = draft.pattern().piece("B1");
        assertThat(back.outline())
                .filteredOn(e -> e.kind() == OutlineEdge.Kind.DART)
                .hasSize(2);
        assertThat(draft.pattern().pieces()).extracting(Piece::id).contains("KB1", "KB2");
        assertThat(draft.pattern().seams())
                .filteredOn(s -> s.a().edge().startsWith("princess-back"))
                .as("the dart of the body and the seam of the skirt")
                .extracting(s -> s.a().piece())
                .containsExactlyInAnyOrder("B1", "KB2");
        Draft all = draft(bustier.withBlock(bustier.block().withBack(BackShaping.DART))
                .withLowerEdge(shape)
                .withSkirt(SkirtShaping.DARTS));
        Finished.holds(all);
        assertThat(all.pattern().pieces()).extracting(Piece::id).containsExactly("F1", "F2", "B1", "KF1", "KB2");
    }

    @ParameterizedTest
    @EnumSource(
            value = LowerShape.class,
            names = {"POINTED_BASQUE", "ROUNDED_BASQUE"})
    void skirtInOne_takesInDarts_whatItsSeamsTook(LowerShape shape) {
        Garment seams = Garment.bustier().withLowerEdge(shape).withLength(LengthOption.SKIRT_TAPER, Length.mm(0));
        Pattern seamed = draft(seams).pattern();
        Draft draft = draft(seams.withSkirt(SkirtShaping.DARTS));
        Finished.holds(draft);
        Pattern darted = draft.pattern();
        assertThat(darted.pieces())
                .filteredOn(p -> p.role().isSkirt())
                .extracting(Piece::id)
                .containsExactly("KF1", "KB2");
        for (String edge : List.of("basque", "lower-edge")) {
            assertThat(length(darted, edge)).as(edge).isCloseTo(length(seamed, edge), within(1.5));
        }
        Piece front = darted.piece("KF1");
        List<OutlineEdge> legs = front.outline().stream()
                .filter(e -> e.kind() == OutlineEdge.Kind.DART)
                .toList();
        assertThat(legs).hasSize(2);
        assertThat(legs.get(0).path().length())
                .isCloseTo(legs.get(1).path().length(), within(0.5))
                .isGreaterThan(40);
        // It opens in the basque and ends above the hips.
        double mouth = legs.get(0).path().start().distance(legs.get(1).path().end());
        assertThat(mouth).isBetween(3.0, 80.0);
        double hip = darted.piece("KF1").mark(Level.HIP).orElseThrow().from().y();
        assertThat(legs.get(0).path().end().y()).isLessThan(hip + 20);
    }

    private static double length(Pattern pattern, String edge) {
        return pattern.pieces().stream()
                .filter(p -> p.role().isSkirt())
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().equals(edge) || e.name().equals(edge + "-2"))
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    @Test
    void aHipGore_doesNotGoWithIt_andItIsSaid() {
        Outcome outcome = Drafter.draft(Bodies.commission(
                Bodies.nerea(), POINTED.withGores(List.of(new Gore("B2", false, 0.5, Length.mm(60), Length.mm(20))))));
        assertThat(outcome).isInstanceOfSatisfying(Refusal.class, refusal -> assertThat(
                        refusal.reasons().get(0).sentence().in(LengthUnit.CM))
                .contains("the body ends in a basque"));
    }

    @Test
    void onTheBody_aDartedSkirtIsSewn() {
        Draft draft = draft(ROUNDED.withSkirt(SkirtShaping.DARTS));
        assertThat(draft.asSewn().pattern().pieces()).extracting(Piece::id).contains("KF1", "KF2", "KB2", "KB1");
        assertThat(draft.asSewn().pattern().pieces().stream().flatMap(p -> p.outline().stream()))
                .noneMatch(e -> e.kind() == OutlineEdge.Kind.DART);
    }

    @Test
    void ordinaryBodies_withAnyBasque_areDrafted_orItIsSaidWhyNot() {
        Random random = new Random(29);
        int wanted = Sample.of(200);
        int drafted = 0;
        for (int i = 0; i < wanted; i++) {
            Garment start = i % 3 == 0 ? CORSET : i % 3 == 1 ? Garment.of(GarmentKind.UNDERBUST) : Garment.bustier();
            Garment garment = deep(
                            start.withLowerEdge(i % 2 == 0 ? LowerShape.POINTED_BASQUE : LowerShape.ROUNDED_BASQUE),
                            random.nextInt(201),
                            random.nextInt(121),
                            random.nextInt(161))
                    .withSkirt(SkirtShaping.values()[i / 2 % 2])
                    .withLength(LengthOption.SKIRT_LENGTH, Length.mm(340 + random.nextInt(560)));
            Outcome outcome = Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment));
            if (outcome instanceof Draft draft) {
                drafted++;
                Finished.holds(draft);
            } else {
                assertThat(((Refusal) outcome).cause()).isNotEqualTo(Refusal.Cause.PROGRAM);
            }
        }
        assertThat(drafted).isGreaterThan(wanted * 9 / 10);
    }
}
