package bathyra.cutting;

import static bathyra.cutting.Styled.SWEETHEART;
import static bathyra.cutting.Styled.cups;
import static bathyra.cutting.Styled.draft;
import static bathyra.cutting.Styled.nerea;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.finding.Finding;
import bathyra.garment.Bust;
import bathyra.garment.Closure;
import bathyra.garment.CupKind;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.UpperShape;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.SeamJoin;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Cups that are cut, held against what the finished sheets measure. */
class CupsTest {
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

    /** Centre front is sewn where a wedge bends it, and below a deep neckline none of it is left for the yoke. */
    @ParameterizedTest
    @EnumSource(
            value = ContourWedge.class,
            names = {"CF_NECKLINE", "BETWEEN"})
    void yokeThatBeginsOnTheNeckline_isDrafted_thoughCentreFrontIsSewn(ContourWedge wedge) {
        int drafted = 0;
        for (UpperShape shape : List.of(UpperShape.V, UpperShape.SCOOP, UpperShape.PLUNGE, UpperShape.SWEETHEART)) {
            Garment garment = Garment.bustier()
                    .withUpperEdge(shape)
                    .withFastening(Fastening.ZIP.with(Closure.SIDE_ZIP))
                    .withBust(Bust.PRINCESS.withCups(CupKind.YOKE).withWedge(wedge, wedge.standard()));
            for (MeasurementSet body : List.of(Bodies.nerea(), Bodies.small(), Bodies.large())) {
                Outcome outcome = Drafter.draft(Bodies.commission(body, garment));
                if (outcome instanceof Draft draft) {
                    drafted++;
                    Finished.holds(draft);
                } else {
                    assertThat(((Refusal) outcome).cause()).as(shape.id()).isNotEqualTo(Refusal.Cause.PROGRAM);
                }
            }
        }
        assertThat(drafted).isPositive();
    }

    /** A plunge cuts the bust line away at centre front, and so no piece is marked with it; beside the side the yoke line still knows where it runs. */
    @Test
    void underAPlunge_aYokeIsCut_whereSoMuchOfItIsLeftBesideTheNeckline() {
        for (MeasurementSet body : List.of(Bodies.nerea(), Bodies.small())) {
            Draft plunge = drafted(body, UpperShape.PLUNGE);
            assertThat(plunge.pattern().pieces())
                    .noneMatch(p -> p.mark(Level.BUST).isPresent());
            Finished.holds(plunge);
            assertThat(besideTheSide(plunge))
                    .as("as under an edge that leaves the bust line whole")
                    .isCloseTo(besideTheSide(drafted(body, UpperShape.SWEETHEART)), within(1.0));
        }
    }

    private static Draft drafted(MeasurementSet body, UpperShape above) {
        return (Draft) Drafter.draft(Bodies.commission(
                body, Garment.bustier().withUpperEdge(above).withBust(Bust.PRINCESS.withCups(CupKind.YOKE))));
    }

    /** How much of the side is the yoke's, mm. */
    private static double besideTheSide(Draft draft) {
        return draft.pattern().pieces().stream()
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().equals("side-yoke"))
                .mapToDouble(e -> e.path().length())
                .findFirst()
                .orElseThrow();
    }
}
