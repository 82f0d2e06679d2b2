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
import bathyra.garment.Bust;
import bathyra.garment.Closure;
import bathyra.garment.ContourWedge;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Fastening;
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
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.Mark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.truing.Truing;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Cups, contour, necklines, yokes and hems, held against what the finished sheets measure. */
class StylesTest {
    private static final int BODIES = Sample.of(3000);
    private static final Garment SWEETHEART = Garment.bustier().withUpperEdge(UpperShape.SWEETHEART);

    private static Draft draft(Garment garment) {
        Outcome outcome = Drafter.draft(Bodies.commission(nerea(), garment));
        assertThat(outcome).as(said(outcome)).isInstanceOf(Draft.class);
        return (Draft) outcome;
    }

    private static String said(Outcome outcome) {
        return outcome instanceof Refusal r
                ? r.reasons().get(0).sentence().in(LengthUnit.CM).replace('\u00a0', ' ')
                : "";
    }

    private static String refused(Garment garment) {
        Outcome outcome = Drafter.draft(Bodies.commission(nerea(), garment));
        assertThat(outcome).isInstanceOf(Refusal.class);
        return said(outcome);
    }

    private static MeasurementSet nerea() {
        return Bodies.nerea()
                .with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410))
                .with(MeasurementKey.AROUND_SHOULDERS, Length.mm(1010))
                .with(MeasurementKey.TOP_EDGE_WIDTH, Length.mm(290))
                .with(MeasurementKey.UPPER_ARM, Length.mm(280));
    }

    private static Garment with(Cover cover, UpperShape shape, PrincessStart start) {
        Garment garment =
                Garment.bustier().withTop(Top.STRAPLESS.withCover(cover)).withUpperEdge(shape);
        return garment.withBlock(garment.block().withPrincess(start));
    }

    private static Garment cups(CupKind kind) {
        return SWEETHEART.withBust(Bust.PRINCESS.withCups(kind));
    }

    private static double area(PaperPattern pattern, String... ids) {
        double sum = 0;
        for (String id : ids) {
            sum += Shape.area(pattern.sheet(id).flattened(0.01));
        }
        return sum;
    }

    @Test
    void twoPartCups_takeNothingFromThePanelsAndAddNothing() {
        Cutting cutting = draft(cups(CupKind.TWO_PART)).cutting();
        assertThat(area(cutting.pattern(), "F1", "C1")).isCloseTo(area(cutting.whole(), "F1"), within(0.5));
        assertThat(area(cutting.pattern(), "F2", "C2")).isCloseTo(area(cutting.whole(), "F2"), within(0.5));
    }

    @Test
    void twoPartCups_followTheCircle_andStopAtBridgeAndSide() {
        Cutting cutting = draft(cups(CupKind.TWO_PART)).cutting();
        Apex apex = cutting.apex().orElseThrow();
        double radius = cutting.cup().orElseThrow().radius().value();
        Path inner = cutting.pattern().sheet("F1").edge("cup-inner").path();
        assertThat(inner.start().x()).isCloseTo(13, within(0.01));
        // From under the bust line to beside the seam the line lies on the circle.
        int onCircle = 0;
        for (Point p : inner.flattened(0.05)) {
            onCircle += Math.abs(p.distance(apex.atInner()) - radius) < 0.05 ? 1 : 0;
        }
        assertThat(onCircle).isGreaterThan(10);
        Path outer = cutting.pattern().sheet("F2").edge("cup-outer").path();
        double side = cutting.pattern().sheet("F2").edge("side").path().flattened(1).stream()
                .filter(p -> p.y() < apex.atOuter().y())
                .mapToDouble(Point::x)
                .min()
                .orElseThrow();
        assertThat(side - outer.end().x()).isGreaterThan(37.9);
    }

    @ParameterizedTest
    @EnumSource(
            value = CupKind.class,
            names = {"TWO_PART", "THREE_PART", "YOKE"})
    void cups_areTrueToTheOpening_andTheirRimRunsStraightOverTheSeam(CupKind kind) {
        Draft draft = draft(cups(kind));
        Finished.holds(draft);
        Finding arc = draft.findings().stream()
                .filter(f -> f.id().equals("cup-arc"))
                .findFirst()
                .orElseThrow();
        assertThat(arc.value()).isLessThan(1.0);
        for (SeamJoin seam : draft.pattern().seams()) {
            assertThat(draft.pattern().edge(seam.a()).path().length())
                    .as(seam.name())
                    .isCloseTo(draft.pattern().edge(seam.b()).path().length(), within(0.5));
        }
        // The opening in the body: the two corners at the princess seam add up to a straight run.
        Sheet f1 = draft.cutting().pattern().sheet("F1");
        Sheet f2 = draft.cutting().pattern().sheet("F2");
        double inner = Math.PI
                - f1.edge("cup-inner" + low(f1, "cup-inner"))
                        .path()
                        .endTangent()
                        .angleTo(f1.edge("princess-front").path().startTangent());
        double outer = Math.PI
                - f2.edge("princess-front")
                        .path()
                        .endTangent()
                        .angleTo(f2.edge("cup-outer" + low(f2, "cup-outer"))
                                .path()
                                .startTangent());
        assertThat(Math.toDegrees(inner + outer)).isCloseTo(180, within(0.5));
    }

    private static String low(Sheet sheet, String edge) {
        return sheet.has(edge + "-low") ? "-low" : "";
    }

    @Test
    void threePartCups_haveOneBandWithoutASeam_asDeepAsAsked() {
        Cutting cutting = draft(cups(CupKind.THREE_PART)).cutting();
        Sheet band = cutting.pattern().sheet("C3");
        assertThat(band.has("princess-front")).isFalse();
        assertThat(band.edge("cup-inner").path().length()).isCloseTo(51, within(0.2));
        assertThat(band.edge("cup-outer").path().length()).isCloseTo(51, within(0.2));
        assertThat(cutting.pattern().sheet("F1").edge("cup-inner").path().length())
                .isCloseTo(51, within(0.2));
    }

    @Test
    void cupShape_isTheConeOfItsWedges() {
        CupShape cup = draft(SWEETHEART).cutting().cup().orElseThrow();
        double share = 1 - cup.total().value() / (2 * Math.PI);
        assertThat(cup.base().value()).isCloseTo(cup.radius().value() * share, within(1e-9));
        assertThat(cup.depth().value()).isCloseTo(cup.radius().value() * Math.sqrt(1 - share * share), within(1e-9));
        FoldedCup folded = FoldedCup.of(
                draft(SWEETHEART).cutting().whole(),
                draft(SWEETHEART).cutting().apex().orElseThrow(),
                cup.radius().value());
        assertThat(folded.depth())
                .isCloseTo(cup.depth().value(), within(cup.depth().value() * 0.15));
        for (int k = 1; k < folded.rings().size(); k++) {
            FoldedCup.Ring a = folded.rings().get(k - 1);
            FoldedCup.Ring b = folded.rings().get(k);
            assertThat(Math.hypot(b.radius() - a.radius(), b.below() - a.below()))
                    .isCloseTo(b.away() - a.away(), within(1e-6));
        }
    }

    @Test
    void unevenBreasts_areDraftedApart() {
        MeasurementSet uneven = new MeasurementSet(
                nerea().with(MeasurementKey.APEX_TO_UNDERBUST, Length.mm(85)).taken(),
                Map.of(MeasurementKey.APEX_TO_UNDERBUST, Length.mm(95)),
                Set.of(),
                nerea().occasion());
        Draft left = (Draft) Drafter.draft(Bodies.commission(uneven, cups(CupKind.TWO_PART)));
        Draft right = left.rightHalf().orElseThrow();
        assertThat(left.cutting().cup().orElseThrow().radius().value()).isEqualTo(85);
        assertThat(right.cutting().cup().orElseThrow().radius().value()).isEqualTo(95);
        assertThat(((Draft) Drafter.draft(Bodies.commission(uneven, SWEETHEART))).rightHalf())
                .as("without cups there is nothing to draft apart")
                .isEmpty();
    }

    /** What a wedge takes goes into the seam: the corner that the cloth makes at the apex is smaller by its angle. */
    @ParameterizedTest
    @EnumSource(
            value = ContourWedge.class,
            names = {"NECKLINE", "ARMHOLE", "STRAPLESS_TOP", "BETWEEN"})
    void wedgeAtTheApex_opensTheUpperSeamByItsAngle(ContourWedge wedge) {
        Draft before = draft(SWEETHEART);
        Draft after = draft(SWEETHEART.withBust(Bust.PRINCESS.withWedge(wedge, wedge.standard())));
        double closed = after.cutting().contour().closed().stream()
                .mapToDouble(Contour.Closed::degrees)
                .sum();
        double more = Math.toDegrees(after.cutting().cup().orElseThrow().upper().value()
                - before.cutting().cup().orElseThrow().upper().value());
        assertThat(more).isCloseTo(closed, within(0.05));
        Finished.holds(after);
    }

    @Test
    void sideWedge_comesOffTheGirth_andTheSheetsMeasureWhatThePlanSays() {
        Draft plain = draft(SWEETHEART);
        Draft taken = draft(SWEETHEART.withBust(Bust.PRINCESS.withWedge(ContourWedge.SIDE, Length.mm(10))));
        double upper = taken.pattern().levels().get(0).patternGirth();
        assertThat(plain.pattern().levels().get(0).patternGirth() - upper).isBetween(30.0, 45.0);
        double measured = taken.pattern().pieces().stream()
                        .flatMap(p -> p.mark("upper").stream())
                        .mapToDouble(m -> m.length())
                        .sum()
                * 2;
        assertThat(measured).isCloseTo(upper, within(1.0));
    }

    @Test
    void betweenTheBreasts_makesCentreFrontASeam() {
        Draft draft = draft(SWEETHEART.withBust(Bust.PRINCESS.withWedge(ContourWedge.BETWEEN, Length.mm(10))));
        Piece front = draft.pattern().pieces().get(0);
        assertThat(front.onFold()).isFalse();
        assertThat(front.edge("centre-front").kind()).isEqualTo(OutlineEdge.Kind.SEAM);
        assertThat(refused(SWEETHEART
                        .withFastening(Fastening.ZIP.with(Closure.FRONT_BUSK))
                        .withBust(Bust.PRINCESS.withWedge(ContourWedge.BETWEEN, Length.mm(10)))))
                .contains("busk needs it straight");
    }

    /** The shoulder loses nothing when the side dart is closed into the seam (C7.5). */
    @ParameterizedTest
    @EnumSource(
            value = PrincessStart.class,
            names = {"SHOULDER", "ARMHOLE"})
    void shoulders_areAsLongInFrontAsBehind_andNothingIsLost(PrincessStart start) {
        Draft draft = draft(with(Cover.SHOULDERS, UpperShape.SCOOP, start));
        Finished.holds(draft);
        double front = shoulder(draft, true);
        assertThat(front).isCloseTo(shoulder(draft, false), within(0.2));
        // The block's shoulder from 76 to 205 across and 25 down, less the 30 of the neckline.
        assertThat(front).isCloseTo(Math.hypot(205 - 76, 25) - 30, within(0.2));
    }

    private static double shoulder(Draft draft, boolean front) {
        return draft.pattern().pieces().stream()
                .filter(p -> p.front() == front)
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().startsWith("shoulder"))
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    @Test
    void neckline_pulledOverTheSeam_isTracedOffOntoTheNextPanel() {
        Garment narrow = with(Cover.SHOULDERS, UpperShape.ROUND, PrincessStart.SHOULDER);
        Garment wide = narrow.withLength(LengthOption.NECKLINE_WIDTH, Length.mm(85));
        assertThat(draft(narrow).pattern().piece("F1").outline())
                .extracting(OutlineEdge::name)
                .contains("shoulder");
        Draft crossed = draft(wide);
        Finished.holds(crossed);
        assertThat(crossed.pattern().piece("F1").outline())
                .extracting(OutlineEdge::name)
                .contains("neckline")
                .doesNotContain("shoulder");
        assertThat(crossed.pattern().piece("F2").outline())
                .extracting(OutlineEdge::name)
                .contains("neckline", "shoulder", "armhole");
        // Sewn together the neckline runs straight on over the seam.
        Finding join = crossed.findings().stream()
                .filter(f -> f.id().equals("joined-edge") && f.subject().equals("S1-upper"))
                .findFirst()
                .orElseThrow();
        assertThat(join.value()).isLessThan(0.1);
    }

    @Test
    void yoke_isOnePieceInFront_withItsKeyholeInside() {
        Draft draft = draft(with(Cover.SHOULDERS, UpperShape.ROUND, PrincessStart.ARMHOLE)
                .withTop(new Top(Cover.SHOULDERS, true, true, Sleeve.BAND)));
        Finished.holds(draft);
        Piece yoke = draft.pattern().piece("Y1");
        assertThat(yoke.outline())
                .extracting(OutlineEdge::name)
                .contains("keyhole", "neckline", "armhole")
                .doesNotContain("princess-front");
        assertThat(yoke.onFold()).isTrue();
        assertThat(draft.pattern().piece("Y2").name()).isEqualTo("Back yoke");
    }

    @Test
    void yokeInFrontOnly_leavesTheBackWhole() {
        Draft draft = draft(with(Cover.SHOULDERS, UpperShape.ROUND, PrincessStart.ARMHOLE)
                .withTop(new Top(Cover.SHOULDERS, true, true, false, Sleeve.BAND)));
        Finished.holds(draft);
        assertThat(draft.pattern().pieces())
                .extracting(Piece::id)
                .contains("Y1")
                .doesNotContain("Y2");
        assertThat(draft.pattern().piece("B1").outline())
                .extracting(OutlineEdge::name)
                .contains("neckline", "centre-back");
    }

    /** Far below the underarm line the neckline begins on centre back where that leans, and is square to it. */
    @ParameterizedTest
    @ValueSource(doubles = {200, 300, 350})
    void deepBackNeckline_isCutSquareIntoCentreBack(double depth) {
        Draft draft = draft(with(Cover.SHOULDERS, UpperShape.ROUND, PrincessStart.SHOULDER)
                .withLength(LengthOption.BACK_NECKLINE, Length.mm(depth)));
        Finished.holds(draft);
        Piece back = draft.pattern().piece("B1");
        double top = back.edge("centre-back").path().start().y();
        assertThat(top).isCloseTo(depth + draft.block().sideDart().value(), within(0.5));
        assertThat(draft.pattern().levels())
                .as("what the neckline cuts away is no level of the pattern")
                .allSatisfy(level -> assertThat(back.mark(level.id())).isPresent());
    }

    @Test
    void sleeve_isSewnToTheWholeArmhole_andItsTopFollowsTheTwoTapes() {
        Draft draft = draft(with(Cover.OFF_SHOULDER, UpperShape.STRAIGHT, PrincessStart.SHOULDER));
        Piece sleeve = draft.pattern().piece("SL");
        assertThat(sleeve.edge("sleeve-top").path().length()).isCloseTo((1010 - 2 * 290) / 2.0, within(1e-6));
        assertThat(sleeve.edge("cap-front").path().length())
                .isCloseTo(draft.pattern().piece("F2").edge("armhole").path().length(), within(0.01));
        assertThat(sleeve.edge("underarm-back").path().length())
                .isCloseTo(sleeve.edge("underarm-front").path().length(), within(1e-6));
    }

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

    private static double hem(Draft draft) {
        return draft.pattern().pieces().stream()
                .mapToDouble(p -> p.edge("lower-edge").path().length())
                .sum();
    }

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

    @Test
    void hollowALittleTighterThanCanBeSewn_isMarkedForClipping_andNoted() {
        Garment corset = Garment.of(GarmentKind.CORSET)
                .withPanels(Panels.of(8, SeamPlacing.LANDMARKS))
                .withFastening(Fastening.ZIP.with(Closure.BACK_LACING));
        Draft draft = draft(corset.withBust(Bust.PRINCESS.withWedge(ContourWedge.ARMHOLE, Length.mm(36))));
        Finding noted = draft.findings().stream()
                .filter(f -> f.id().equals("curvature") && f.status() == Finding.Status.NOTE)
                .findFirst()
                .orElseThrow();
        assertThat(noted.value()).isBetween(6.0, 12.0);
        Piece piece = draft.pattern().piece(noted.subject());
        assertThat(piece.marks())
                .anyMatch(m -> m.kind() == Mark.Kind.CLIP
                        && m.at().distance(noted.place().orElseThrow().at()) < 6);
        Pattern unmarked = new Pattern(
                "",
                "panel",
                draft.pattern().levels(),
                draft.pattern().pieces().stream().map(p -> p.marking(List.of())).toList(),
                draft.pattern().seams(),
                draft.pattern().waistToLap());
        assertThat(Truing.look(unmarked))
                .as("without its mark it is a fault")
                .anyMatch(f -> f.id().equals("curvature") && f.status() == Finding.Status.FAULT);
    }

    @ParameterizedTest
    @CsvSource({"NECKLINE, 30", "STRAPLESS_TOP, 30"})
    void wedgeWiderThanItsEdge_isSaidWithTheWidestThatWorks(ContourWedge wedge, double width) {
        Garment corset = Garment.of(GarmentKind.CORSET)
                .withPanels(Panels.of(8, SeamPlacing.LANDMARKS))
                .withFastening(Fastening.ZIP.with(Closure.BACK_LACING));
        String said = refused(corset.withBust(Bust.PRINCESS.withWedge(wedge, Length.mm(width))));
        assertThat(said).satisfiesAnyOf(s -> assertThat(s).contains("can be closed"), s -> assertThat(s)
                .contains("bends to a radius"));
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
