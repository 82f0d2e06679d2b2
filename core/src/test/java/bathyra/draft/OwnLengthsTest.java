package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.block.Half;
import bathyra.bone.BonePlan;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.BoneKind;
import bathyra.garment.Bust;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.EdgeAt;
import bathyra.garment.Fastening;
import bathyra.garment.Finish;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.GrainLine;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class OwnLengthsTest {
    private static final double CHORD = 0.5;
    private static final double SAME = 1e-3;
    /** Limits that are seldom reached, what only follows an ease of the cutter's own, and a mark on the outline. */
    private static final Set<LengthOption> NOT_REACHED = EnumSet.of(
            LengthOption.APEX_RADIUS, LengthOption.REACH_UP, LengthOption.REACH_DOWN, LengthOption.SKIRT_LINE);

    private static final List<MeasurementSet> BODIES = List.of(
            Bodies.withArms(Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680))),
            Bodies.small(),
            Bodies.large());

    /** Of every length it is known whether it shapes a garment: what is said to shape nothing moves no outline, and every other one moves some. */
    @Test
    void everyLength_shapesTheGarment_orIsSaidToHaveNoEffect() {
        Set<LengthOption> moved = EnumSet.copyOf(NOT_REACHED);
        List<String> wrong = new ArrayList<>();
        List<Choices.Combination> rows = Choices.pairwise(8, true);
        for (int i = 0; i < Sample.of(rows.size(), 3); i += 4) {
            Commission commission =
                    Choices.commission(rows.get(i), BODIES.get(rows.get(i).body()));
            if (Drafter.draft(commission) instanceof Draft draft) {
                look(commission, draft, moved, wrong);
            }
        }
        // What few rows have is looked at for itself.
        Garment keyhole = Garment.bustier()
                .withUpperEdge(UpperShape.ROUND)
                .withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS).withYoke(true).withKeyhole(true));
        for (Garment garment : List.of(
                Garment.of(GarmentKind.CORSET).withUpperEdge(UpperShape.SWEETHEART),
                Garment.bustier().withUpperEdge(UpperShape.SQUARE),
                keyhole,
                Garment.bustier()
                        .withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS).withSleeve(Sleeve.SET_IN)),
                Garment.bustier().withTop(Top.STRAPLESS.withCover(Cover.OFF_SHOULDER)),
                Garment.bustier().withTop(Top.STRAPLESS.withCover(Cover.HALTER)),
                Garment.bustier()
                        .withBlock(BlockChoice.QUARTER.withMethod(BlockMethod.PROPORTION))
                        .withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS)),
                Garment.bustier().withLowerEdge(LowerShape.SKIRT).withLength(LengthOption.SKIRT_SPREAD, Length.mm(30)),
                Garment.bustier().withLowerEdge(LowerShape.SKIRT),
                Garment.bustier().withLowerEdge(LowerShape.FLARED),
                Garment.bustier().withLowerEdge(LowerShape.POINTED_BASQUE),
                Garment.bustier().withBust(Bust.PRINCESS.withCups(CupKind.THREE_PART)),
                Garment.bustier().withBust(Bust.PRINCESS.withCups(CupKind.YOKE)),
                Garment.of(GarmentKind.UNDERBUST).withEase(Level.WAIST, Length.mm(-110)))) {
            Commission commission = Bodies.commission(BODIES.get(0), garment);
            look(commission, (Draft) Drafter.draft(commission), moved, wrong);
        }
        // Only where it is far from the side seam does it hold the cup back.
        for (double held = 50; held <= 90; held += 10) {
            Commission cups = Bodies.commission(
                    BODIES.get(0),
                    Garment.bustier()
                            .withBust(Bust.PRINCESS.withCups(CupKind.TWO_PART))
                            .withLength(LengthOption.CUP_SIDE, Length.mm(held)));
            if (Drafter.draft(cups) instanceof Draft draft) {
                look(cups, draft, moved, wrong);
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(moved).containsExactlyInAnyOrder(LengthOption.values());
    }

    private static void look(Commission commission, Draft draft, Set<LengthOption> moved, List<String> wrong) {
        Garment garment = commission.garment();
        for (LengthOption option : LengthOption.values()) {
            boolean shapes = option.shapes(garment);
            if (shapes && moved.contains(option)) {
                continue;
            }
            double by =
                    Math.max(2, (option.most().millimetres() - option.least().millimetres()) / 6);
            for (double length : new double[] {
                garment.length(option).value() - by, garment.length(option).value() + by
            }) {
                if (option.allows(Length.mm(length))) {
                    Commission other = commission.withGarment(garment.withLength(option, Length.mm(length)));
                    Outcome outcome = Drafter.draft(other);
                    boolean same = outcome instanceof Draft d
                            && alike(outlines(d), outlines(draft))
                            && (garment.kind().isPanelled() || alike(block(other), block(commission)));
                    if (shapes && !same) {
                        moved.add(option);
                    }
                    if (!shapes
                            && !(same
                                    && said((Draft) outcome, "no-effect", option)
                                            .isPresent())) {
                        wrong.add(option.id() + " on " + garment.kind().id() + " " + garment.method() + " "
                                + garment.top().cover().id() + " "
                                + garment.upperEdge().id());
                    }
                }
            }
        }
    }

    private static Optional<Finding> said(Draft draft, String id, LengthOption option) {
        return draft.findings().stream()
                .filter(f -> f.id().equals(id) && f.subject().equals(option.id()))
                .findFirst();
    }

    private static boolean alike(List<Point> a, List<Point> b) {
        return a.size() == b.size()
                && IntStream.range(0, a.size()).allMatch(i -> a.get(i).distance(b.get(i)) < SAME);
    }

    private static List<Point> outlines(Draft draft) {
        List<Point> points = new ArrayList<>();
        draft.pattern().pieces().forEach(p -> p.outline()
                .forEach(e -> points.addAll(e.path().flattened(CHORD))));
        return points;
    }

    private static List<Point> block(Commission commission) {
        List<Point> points = new ArrayList<>();
        BlockDrafter.draft(commission.measurements(), commission.garment())
                .drawing()
                .ifPresent(drawing -> {
                    for (Half half : Half.values()) {
                        drawing.outline(half)
                                .forEach(e -> points.addAll(e.path().flattened(CHORD)));
                    }
                });
        return points;
    }

    @Test
    void aLengthThatIsHeldBack_isNotedWhereTheCutterSetIt_andToldWhereTheProgramDid() {
        Garment sweetheart = Garment.bustier().withUpperEdge(UpperShape.SWEETHEART);
        Draft own = (Draft) Drafter.draft(
                Bodies.commission(Bodies.nerea(), sweetheart.withLength(LengthOption.SWEETHEART_DIP, Length.mm(120))));
        Finding noted = said(own, "held-length", LengthOption.SWEETHEART_DIP).orElseThrow();
        assertThat(noted.status()).isEqualTo(Finding.Status.NOTE);
        assertThat(noted.sentence().in(LengthUnit.CM))
                .contains("asked, ")
                .contains("centre front stays as high as the underarm");
        double crest = own.block().crest().value();
        assertThat(noted.value())
                .as("what is drawn")
                .isEqualTo(own.block().centreFrontTop().value() - crest);

        Draft low = (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea(), Garment.bustier().withLength(LengthOption.UNDERARM_LOWERING, Length.mm(25))));
        assertThat(said(low, "held-length", LengthOption.UNDERARM_LOWERING)
                        .orElseThrow()
                        .status())
                .isEqualTo(Finding.Status.NOTE);
        Draft usual = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier()));
        said(usual, "held-length", LengthOption.UNDERARM_LOWERING)
                .ifPresent(f -> assertThat(f.status()).isEqualTo(Finding.Status.OK));
    }

    @Test
    void anUpperEdgeThatIsMuchShorterThanItsLevel_isNoted_withWhatItMeasures() {
        Random random = new Random(4);
        Set<Finding.Status> seen = EnumSet.noneOf(Finding.Status.class);
        Garment corset = Garment.of(GarmentKind.CORSET).withFastening(Fastening.ZIP.with(Closure.BACK_LACING));
        for (int body = 0; body < 12; body++) {
            // Wedges at the top take off the edge what the level keeps.
            Garment garment = body % 2 == 0
                    ? corset
                    : corset.withBust(Bust.PRINCESS.withWedge(ContourWedge.STRAPLESS_TOP, Length.mm(16)));
            if (Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment)) instanceof Draft draft) {
                Finding edge = draft.findings().stream()
                        .filter(f -> f.id().equals("edge-length"))
                        .findFirst()
                        .orElseThrow();
                double measured = 2
                        * draft.pattern().pieces().stream()
                                .flatMap(p -> p.outline().stream())
                                .filter(e -> e.name().equals("upper-edge"))
                                .mapToDouble(e -> e.path().length())
                                .sum();
                assertThat(edge.value()).isCloseTo(measured, within(0.01));
                assertThat(edge.limit())
                        .isEqualTo(draft.girths().at(Level.UPPER).pattern().value());
                assertThat(edge.status())
                        .isEqualTo(edge.limit() - measured > 45 ? Finding.Status.NOTE : Finding.Status.OK);
                seen.add(edge.status());
            }
        }
        assertThat(seen).containsExactlyInAnyOrder(Finding.Status.OK, Finding.Status.NOTE);
    }

    @Test
    void whatIsSetForAPartThatIsNotThere_isSaidByName_andWhatIsThereIsNot() {
        Garment four = Garment.of(GarmentKind.CORSET).withPanels(Panels.of(4, SeamPlacing.LANDMARKS));
        Finish finish = four.finish()
                .withTopMark("F1", true)
                .withGrain("F7", GrainLine.PANEL)
                .withEdge(new EdgeAt("B1", "side-yoke"), Optional.of(Length.mm(12)));
        Draft draft = (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea(),
                four.withFinish(finish)
                        .withBoning(four.boning()
                                .withKind("on-front-6", Optional.of(BoneKind.SYNTHETIC))
                                .withKind("on-side", Optional.of(BoneKind.SYNTHETIC)))));
        assertThat(draft.findings())
                .filteredOn(f -> f.kind() == FindingKind.NO_EFFECT)
                .singleElement()
                .satisfies(f -> assertThat(f.sentence().in(LengthUnit.CM)).contains(": B1, side yoke; F7. They"));
        assertThat(BonePlan.of(draft).findings())
                .filteredOn(f -> f.kind() == FindingKind.NO_EFFECT)
                .singleElement()
                .satisfies(f -> assertThat(f.sentence().in(LengthUnit.CM)).contains(": on front 6. They"));
    }

    @Test
    void aLowerEdgeAboveTheDroppedWaist_isRefused_withWhatDrafts() {
        Garment dropped =
                Garment.bustier().withLowerEdge(LowerShape.STRAIGHT).withLength(LengthOption.WAIST_DROP, Length.mm(50));
        Commission high =
                Bodies.commission(Bodies.nerea(), dropped.withLength(LengthOption.SIDE_LENGTH_BELOW, Length.mm(12)));
        Finding reason = ((Refusal) Drafter.draft(high)).reasons().get(0);
        assertThat(reason.subject()).isEqualTo("side-below-waist");
        assertThat(reason.limit()).isEqualTo(60);
        assertThat(Drafter.draft(high.withGarment(
                        dropped.withLength(LengthOption.SIDE_LENGTH_BELOW, Length.mm(reason.limit())))))
                .isInstanceOf(Draft.class);
    }
}
