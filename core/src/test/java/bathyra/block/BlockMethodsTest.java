package bathyra.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Choice;
import bathyra.garment.Garment;
import bathyra.garment.UnderbustSchool;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Formula;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every school worked by hand for two bodies in round figures, and on many plausible ones. */
class BlockMethodsTest {
    private static final Map<MeasurementKey, Integer> A = Map.ofEntries(
            Map.entry(MeasurementKey.BUST, 920),
            Map.entry(MeasurementKey.UNDERBUST, 780),
            Map.entry(MeasurementKey.WAIST, 700),
            Map.entry(MeasurementKey.HIP, 980),
            Map.entry(MeasurementKey.APEX_SPAN, 190),
            Map.entry(MeasurementKey.SHOULDER_WIDTH, 400),
            Map.entry(MeasurementKey.SHOULDER_TO_APEX, 270),
            Map.entry(MeasurementKey.SHOULDER_TO_UNDERBUST, 350),
            Map.entry(MeasurementKey.FRONT_LENGTH, 450),
            Map.entry(MeasurementKey.BACK_LENGTH, 425),
            Map.entry(MeasurementKey.WAIST_TO_HIP, 210),
            Map.entry(MeasurementKey.HEIGHT, 1680),
            Map.entry(MeasurementKey.CHEST_WIDTH, 340),
            Map.entry(MeasurementKey.BACK_WIDTH, 360));
    private static final Map<MeasurementKey, Integer> B = Map.ofEntries(
            Map.entry(MeasurementKey.BUST, 1120),
            Map.entry(MeasurementKey.UNDERBUST, 940),
            Map.entry(MeasurementKey.WAIST, 880),
            Map.entry(MeasurementKey.HIP, 1180),
            Map.entry(MeasurementKey.APEX_SPAN, 230),
            Map.entry(MeasurementKey.SHOULDER_WIDTH, 420),
            Map.entry(MeasurementKey.SHOULDER_TO_APEX, 300),
            Map.entry(MeasurementKey.SHOULDER_TO_UNDERBUST, 400),
            Map.entry(MeasurementKey.FRONT_LENGTH, 480),
            Map.entry(MeasurementKey.BACK_LENGTH, 440),
            Map.entry(MeasurementKey.WAIST_TO_HIP, 200),
            Map.entry(MeasurementKey.HEIGHT, 1640),
            Map.entry(MeasurementKey.CHEST_WIDTH, 400),
            Map.entry(MeasurementKey.BACK_WIDTH, 420));
    private static final int BODIES = Sample.of(5_000);

    private static MeasurementSet body(String name) {
        MeasurementSet set = MeasurementSet.empty();
        for (Map.Entry<MeasurementKey, Integer> each : (name.equals("A") ? A : B).entrySet()) {
            set = set.with(each.getKey(), Length.mm(each.getValue()));
        }
        return set;
    }

    private static Garment by(BlockMethod method) {
        return Garment.bustier().withBlock(BlockChoice.QUARTER.withMethod(method));
    }

    /** Back length and widths are left out for the proportion block, so that its rules and not the tape are held to the table. */
    private static BlockDrawing drawing(BlockMethod method, String body) {
        MeasurementSet set = body(body);
        if (method == BlockMethod.PROPORTION) {
            for (MeasurementKey key :
                    List.of(MeasurementKey.BACK_LENGTH, MeasurementKey.BACK_WIDTH, MeasurementKey.CHEST_WIDTH)) {
                set = set.without(key);
            }
        }
        return BlockDrafter.draft(set, by(method)).drawing().orElseThrow();
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/block-points.csv", useHeadersInDisplayName = true)
    void everyPoint_liesWhereTheRulesWorkedByHandPutIt(
            String method, String body, String half, String point, double across, double down) {
        BlockDrawing drawing = drawing(Choice.find(BlockMethod.class, method).orElseThrow(), body);
        List<BlockPoint> found = drawing.points().stream()
                .filter(p -> p.half().label().equalsIgnoreCase(half) && p.name().equals(point))
                .toList();
        // A reduction moves points of its base: the last one stands.
        BlockPoint at = found.get(found.size() - 1);
        assertThat(at.across().value()).isCloseTo(across, within(0.1));
        assertThat(at.down().value()).isCloseTo(down, within(0.1));
    }

    static Stream<Garment> schools() {
        return Stream.concat(
                Stream.of(BlockMethod.values()).map(BlockMethodsTest::by),
                Stream.of(BlockMethod.PROPORTION, BlockMethod.SHOULDER_DART).map(base -> Garment.bustier()
                        .withBlock(BlockChoice.QUARTER
                                .withMethod(BlockMethod.DOUBLED_DART)
                                .withBase(base))));
    }

    @ParameterizedTest
    @MethodSource("schools")
    void plausibleBodies_haveAValidBlock_orARefusalThatNamesTheCause(Garment garment) {
        Random random = new Random(41);
        int drafted = 0;
        int implausible = 0;
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet set = Bodies.random(random);
            BlockDrafter.Drafted draft = BlockDrafter.draft(set, garment);
            if (draft.drawing().isPresent()) {
                drafted++;
                assertThat(draft.with(Finding.Status.FAULT)).isEmpty();
                // Measured here once more, apart from the check: both side seams, the darts closed.
                BlockDrawing drawing = draft.drawing().get();
                assertThat(drawing.length(Half.FRONT, BlockEdge.Name.SIDE))
                        .isCloseTo(drawing.length(Half.BACK, BlockEdge.Name.SIDE), within(0.5));
                assertThat(drawing.length(Half.FRONT, BlockEdge.Name.SHOULDER))
                        .isCloseTo(drawing.length(Half.BACK, BlockEdge.Name.SHOULDER), within(0.5));
            } else {
                Finding fault = draft.with(Finding.Status.FAULT).get(0);
                String said = fault.sentence().in(LengthUnit.CM);
                implausible += fault.id().equals("measurement") ? 1 : 0;
                assertThat(MeasurementKey.values())
                        .as(said)
                        .anyMatch(key -> said.contains("“" + key.label() + "”")
                                || fault.subject().equals(key.key()));
            }
        }
        // Some draws of C19 lie outside the plausible ranges of C2 and are refused before anything is drafted.
        assertThat(drafted).isGreaterThan((BODIES - implausible) * 4 / 5);
    }

    @ParameterizedTest
    @MethodSource("schools")
    void figuresThatFitNoBody_areRefused_andNeverBreakTheDraft(Garment garment) {
        Random random = new Random(43);
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet set = MeasurementSet.empty();
            for (MeasurementKey key : MeasurementKey.values()) {
                double least = key.least().millimetres();
                set = random.nextInt(12) == 0
                        ? set
                        : set.with(
                                key,
                                Length.mm(
                                        random.nextInt(4) == 0
                                                ? random.nextDouble() * 3000
                                                : least
                                                        + random.nextDouble()
                                                                * (key.most().millimetres() - least)));
            }
            BlockDrafter.Drafted draft = BlockDrafter.draft(set, garment);
            assertThat(draft.drawing().isPresent()
                            || !draft.with(Finding.Status.FAULT).isEmpty())
                    .isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("schools")
    void underTheGirthPlan_allSchoolsGiveTheSameGirths(Garment garment) {
        Draft quarter = (Draft) Drafter.draft(Bodies.commission(body("A"), Garment.bustier()));
        Draft other = (Draft) Drafter.draft(Bodies.commission(body("A"), garment));
        for (LevelPlan plan : quarter.girths().levels()) {
            double finished = other.pattern().pieces().stream()
                            .flatMap(p -> p.levelMarks().stream())
                            .filter(m -> m.level().equals(plan.level().id()))
                            .mapToDouble(m -> m.from().distance(m.to()))
                            .sum()
                    * 2;
            assertThat(finished).as(plan.level().id()).isCloseTo(plan.pattern().value(), within(1.0));
        }
    }

    @Test
    void schools_putTheShapingInDifferentPlaces() {
        List<Double> intakes = Stream.of(BlockMethod.values())
                .map(m -> ((Draft)
                                Drafter.draft(Bodies.commission(body("A"), by(m).withSchool(UnderbustSchool.EXCESS))))
                        .intakes()
                        .underbust()
                        .value())
                .toList();
        assertThat(intakes).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("schools")
    void everyStep_saysWhatToDo_andEveryFigureWhereItComesFrom(Garment garment) {
        BlockDrawing drawing = BlockDrafter.draft(body("A"), garment).drawing().orElseThrow();
        assertThat(drawing.steps()).hasSizeGreaterThan(12).allSatisfy(step -> {
            assertThat(step.title()).isNotBlank();
            assertThat(step.words().in(LengthUnit.IN)).doesNotContain("{}").endsWith(".");
        });
        assertThat(drawing.points()).allSatisfy(point -> assertThat(Formula.inWords(point.across(), LengthUnit.CM)
                        + point.across().source())
                .isNotBlank());
    }

    @Test
    void whatIsMissing_isNamed() {
        BlockDrafter.Drafted draft = BlockDrafter.draft(
                body("A").without(MeasurementKey.SHOULDER_WIDTH).without(MeasurementKey.HIP), Garment.bustier());
        assertThat(draft.drawing()).isEmpty();
        assertThat(draft.missing()).containsExactly(MeasurementKey.HIP, MeasurementKey.SHOULDER_WIDTH);
    }

    @Test
    void aTapeThatContradictsAProportionByMoreThan25_wins_withANote() {
        // The rule puts the waist at 1680 ÷ 4 + 9.5 = 429.5; 390 on the tape, less the rise of 27.6, is 67.1 away.
        BlockDrafter.Drafted draft = BlockDrafter.draft(
                body("A").with(MeasurementKey.BACK_LENGTH, Length.mm(390)), by(BlockMethod.PROPORTION));
        assertThat(draft.drawing().orElseThrow().point(Half.BACK, "Wc").down().value())
                .isCloseTo(390 - (920.0 / 12 + 6) / 3, within(0.01));
        assertThat(draft.findings()).anySatisfy(f -> {
            assertThat(f.id()).isEqualTo("tape-wins");
            assertThat(f.subject()).isEqualTo("backLength");
        });
        // 10 apart is within the rule.
        BlockDrafter.Drafted near = BlockDrafter.draft(
                body("A").with(MeasurementKey.BACK_LENGTH, Length.mm(447)), by(BlockMethod.PROPORTION));
        assertThat(near.drawing().orElseThrow().point(Half.BACK, "Wc").down().value())
                .isCloseTo(429.5, within(1e-9));
    }
}
