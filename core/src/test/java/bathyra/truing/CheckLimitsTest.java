package bathyra.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.finding.Finding;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.length.LengthUnit;
import bathyra.piece.CutCount;
import bathyra.piece.CuttingLine;
import bathyra.piece.Grain;
import bathyra.piece.LevelMark;
import bathyra.piece.Mark;
import bathyra.piece.Markings;
import bathyra.piece.OutlineEdge;
import bathyra.piece.OutlineEdge.Kind;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.PieceTitle;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every check just within its limit and just beyond it, on plain shapes whose measure is known beforehand. */
class CheckLimitsTest {
    /** An edge of a piece: from where it begins to where the next one does. */
    private record Side(String name, Kind kind, Path path) {}

    private static Side straight(String name, Kind kind, double x1, double y1, double x2, double y2) {
        return new Side(name, kind, Path.of(new Line(new Point(x1, y1), new Point(x2, y2))));
    }

    private static Piece piece(String id, boolean front, List<LevelMark> levels, Side... sides) {
        List<OutlineEdge> outline = new ArrayList<>();
        for (Side side : sides) {
            outline.add(new OutlineEdge(side.name(), side.kind(), Optional.empty(), side.path()));
        }
        return new Piece(
                new PieceTitle(id, "Piece " + id, 1, front),
                new CutCount(2, false),
                outline,
                new Markings(levels, List.of(), new Grain(new Point(40, 180), new Point(40, 20))),
                CuttingLine.of(List.of()));
    }

    /** A panel standing upright: upper edge, right side, lower edge, left side. */
    private static Piece panel(String id, boolean front, double width, double height) {
        return piece(
                id,
                front,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, width, 0),
                straight("right", Kind.SEAM, width, 0, width, height),
                straight("lower-edge", Kind.EDGE, width, height, 0, height),
                straight("left", Kind.SEAM, 0, height, 0, 0));
    }

    private static SeamJoin seam(String a, String edgeA, String b, String edgeB) {
        return new SeamJoin("S1", "First seam", new SeamJoin.Ref(a, edgeA), new SeamJoin.Ref(b, edgeB));
    }

    private static Pattern pattern(List<SeamJoin> seams, Piece... pieces) {
        return new Pattern("", "panel", List.of(), List.of(pieces), seams, OptionalDouble.empty());
    }

    private static Finding only(Check check, Pattern pattern) {
        List<Finding> found = check.look(pattern);
        assertThat(found).hasSize(1);
        return found.get(0);
    }

    private static Finding.Status fault(boolean fault) {
        return fault ? Finding.Status.FAULT : Finding.Status.OK;
    }

    @ParameterizedTest
    @CsvSource({"0.0, false", "0.49, false", "-0.49, false", "0.52, true", "-0.52, true", "30, true"})
    void seamLengths(double longer, boolean fault) {
        Pattern pattern = pattern(
                List.of(seam("A", "right", "B", "left")),
                panel("A", true, 80, 200),
                panel("B", true, 80, 200 + longer));
        Finding finding = only(new SeamLengths(), pattern);
        assertThat(finding.status()).isEqualTo(fault(fault));
        assertThat(finding.value()).isCloseTo(Math.abs(longer), within(1e-6));
        assertThat(finding.limit()).isEqualTo(Tolerance.SEAM);
        assertThat(finding.place().orElseThrow().at()).isEqualTo(new Point(80, 100));
        assertThat(finding.sentence().in(LengthUnit.MM))
                .contains(fault ? "Walk the seam again" : "alike between all marks");
    }

    @ParameterizedTest
    @CsvSource({"0.49, true, false", "0.52, true, true", "0.52, false, false"})
    void sideSeam_isTheOneBetweenFrontAndBack(double longer, boolean side, boolean fault) {
        List<Finding> found = new SideSeam()
                .look(pattern(
                        List.of(seam("A", "right", "B", "left")),
                        panel("A", true, 80, 200),
                        panel("B", !side, 80, 200 + longer)));
        if (!side) {
            assertThat(found).isEmpty();
            return;
        }
        assertThat(found).hasSize(1);
        assertThat(found.get(0).status()).isEqualTo(fault(fault));
        assertThat(found.get(0).value()).isCloseTo(longer, within(1e-6));
        assertThat(found.get(0).sentence().in(LengthUnit.MM)).contains(fault ? "Close the side bust dart" : "are both");
    }

    @ParameterizedTest
    @CsvSource({"0.98, false", "-0.98, false", "1.02, true", "-1.02, true"})
    void cupArcs(double longer, boolean fault) {
        Piece cup = piece(
                "C1",
                true,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, 90, 0),
                straight("cup-inner", Kind.SEAM, 90, 0, 0, 0));
        Piece body = piece(
                "F1",
                true,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, 90 + longer, 0),
                straight("cup-inner", Kind.SEAM, 90 + longer, 0, 0, 0));
        Finding finding = only(new CupArcs(), pattern(List.of(seam("C1", "cup-inner", "F1", "cup-inner")), cup, body));
        assertThat(finding.status()).isEqualTo(fault(fault));
        assertThat(finding.value()).isCloseTo(Math.abs(longer), within(1e-6));
        assertThat(finding.sentence().in(LengthUnit.MM))
                .contains("90")
                .contains(fault ? "Cut the cups again" : "allowed");
        assertThat(new CupArcs().look(pattern(List.of(seam("C1", "upper-edge", "F1", "upper-edge")), cup, body)))
                .as("without a seam of a cup there is nothing to look at")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"25.0, false", "25.01, false", "24.98, true", "60, false"})
    void panelWidths(double width, boolean fault) {
        Finding finding = only(new PanelWidths(), pattern(List.of(), panel("A", true, width, 200)));
        assertThat(finding.status()).isEqualTo(fault(fault));
        assertThat(finding.value()).isCloseTo(width, within(1e-6));
        assertThat(finding.limit()).isEqualTo(Tolerance.PANEL_WIDTH);
    }

    @Test
    void panelOnTheFold_isTwiceAsWideAsItsHalf() {
        Piece half = piece(
                "A",
                true,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, 13, 0),
                straight("right", Kind.SEAM, 13, 0, 13, 200),
                straight("lower-edge", Kind.EDGE, 13, 200, 0, 200),
                straight("fold", Kind.FOLD, 0, 200, 0, 0));
        Finding finding = only(new PanelWidths(), pattern(List.of(), half));
        assertThat(finding.status()).isEqualTo(Finding.Status.OK);
        assertThat(finding.value()).isCloseTo(26, within(1e-6));
    }

    @Test
    void narrowestPlaceOfAPanel_isFoundInTheMiddleOfItsSides() {
        Piece waisted = piece(
                "A",
                true,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, 80, 0),
                new Side(
                        "right",
                        Kind.SEAM,
                        Path.of(
                                new Line(new Point(80, 0), new Point(50, 100)),
                                new Line(new Point(50, 100), new Point(80, 200)))),
                straight("lower-edge", Kind.EDGE, 80, 200, 0, 200),
                new Side(
                        "left",
                        Kind.SEAM,
                        Path.of(
                                new Line(new Point(0, 200), new Point(30, 100)),
                                new Line(new Point(30, 100), new Point(0, 0)))));
        Finding finding = only(new PanelWidths(), pattern(List.of(), waisted));
        assertThat(finding.status()).isEqualTo(Finding.Status.FAULT);
        assertThat(finding.value()).isCloseTo(20, within(1e-6));
        assertThat(finding.place().orElseThrow().at().y()).isCloseTo(100, within(1e-6));
    }

    /** A half circle of a radius in the lower edge, hollow or bulging. */
    private static Piece withArc(double radius, boolean hollow) {
        double k = 0.5522847498 * radius;
        double dir = hollow ? -1 : 1;
        Point right = new Point(100 + radius, 200);
        Point deep = new Point(100, 200 + dir * radius);
        Point left = new Point(100 - radius, 200);
        Path arc = Path.of(
                new Line(new Point(200, 200), right),
                new Cubic(right, right.plus(new Vec(0, dir * k)), deep.plus(new Vec(k, 0)), deep),
                new Cubic(deep, deep.plus(new Vec(-k, 0)), left.plus(new Vec(0, dir * k)), left),
                new Line(left, new Point(0, 200)));
        return piece(
                "A",
                true,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, 200, 0),
                straight("right", Kind.SEAM, 200, 0, 200, 200),
                new Side("lower-edge", Kind.EDGE, arc),
                straight("left", Kind.SEAM, 0, 200, 0, 0));
    }

    @ParameterizedTest
    @CsvSource({
        "12.2, true, false",
        "11.8, true, true",
        "8.2, false, false",
        "7.8, false, true",
        "40, true, false",
        "9, true, true"
    })
    void curvature(double radius, boolean hollow, boolean fault) {
        Finding finding = only(new Curvature(), pattern(List.of(), withArc(radius, hollow)));
        assertThat(finding.status()).isEqualTo(fault(fault));
        assertThat(finding.value()).isCloseTo(radius, within(radius * 0.02));
        if (fault) {
            assertThat(finding.limit()).isEqualTo(hollow ? Tolerance.RADIUS_CONCAVE : Tolerance.RADIUS_CONVEX);
            assertThat(finding.sentence().in(LengthUnit.MM))
                    .contains("Soften the curve")
                    .contains("lower edge");
            assertThat(finding.place().orElseThrow().at().distance(new Point(100, 200)))
                    .isLessThan(radius * 1.05);
        }
    }

    @ParameterizedTest
    @CsvSource({"9, 0, NOTE", "9, 7, FAULT", "5.8, 0, FAULT"})
    void tightHollow_isNotedWhereItIsMarkedForClipping(double radius, double away, Finding.Status status) {
        Piece hollow = withArc(radius, true);
        Point tightest = only(new Curvature(), pattern(List.of(), hollow))
                .place()
                .orElseThrow()
                .at();
        Piece marked = hollow.marking(List.of(new Mark(Mark.Kind.CLIP, tightest.plus(new Vec(away, 0)))));
        assertThat(only(new Curvature(), pattern(List.of(), marked)).status()).isEqualTo(status);
    }

    @ParameterizedTest
    @CsvSource({"4.9, false", "-4.9, false", "5.1, true", "-5.1, true", "100, true"})
    void joinedEdges(double turn, boolean fault) {
        double slope = Math.tan(Math.toRadians(Math.min(80, Math.max(-80, turn))));
        Piece a = panel("A", true, 80, 200);
        Piece b = piece(
                "B",
                true,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, 80, 80 * slope),
                straight("right", Kind.SEAM, 80, 80 * slope, 80, 900),
                straight("lower-edge", Kind.EDGE, 80, 900, 0, 900),
                straight("left", Kind.SEAM, 0, 900, 0, 0));
        List<Finding> found = new JoinedEdges().look(pattern(List.of(seam("A", "right", "B", "left")), a, b));
        assertThat(found).extracting(Finding::subject).containsExactly("S1-upper", "S1-lower");
        assertThat(found.get(0).status()).isEqualTo(fault(fault));
        assertThat(found.get(0).value()).isCloseTo(Math.min(80, Math.abs(turn)), within(1e-6));
        assertThat(found.get(0).place().orElseThrow().at()).isEqualTo(new Point(80, 0));
        assertThat(found.get(1).status()).isEqualTo(Finding.Status.OK);
        assertThat(found.get(0).sentence().in(LengthUnit.MM))
                .contains(fault ? "Blend the edge again" : "runs straight on");
    }

    @ParameterizedTest
    @CsvSource({"1.9, false", "-1.9, false", "2.1, true", "-2.1, true"})
    void squareCentres_overTenMillimetres(double off, boolean fault) {
        double drop = Math.tan(Math.toRadians(off)) * 80;
        Piece piece = piece(
                "A",
                true,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, 80, drop),
                straight("right", Kind.SEAM, 80, drop, 80, 200),
                straight("lower-edge", Kind.EDGE, 80, 200, 0, 200),
                straight("centre-front", Kind.FOLD, 0, 200, 0, 0));
        List<Finding> found = new SquareCentres().look(pattern(List.of(), piece));
        assertThat(found).extracting(Finding::subject).containsExactly("A-upper", "A-lower");
        assertThat(found.get(0).status()).isEqualTo(fault(fault));
        assertThat(found.get(0).value()).isCloseTo(Math.abs(off), within(1e-6));
        assertThat(found.get(1).status()).isEqualTo(Finding.Status.OK);
        assertThat(found.get(0).sentence().in(LengthUnit.MM)).contains(fault ? "Blend the edge again" : "square over");
        Piece drawn = piece.declaring(new Piece.Corner(new Point(0, 0), 90 - off));
        assertThat(new SquareCentres().look(pattern(List.of(), drawn)).get(0).status())
                .as("a point that is drawn on purpose")
                .isEqualTo(Finding.Status.OK);
    }

    @ParameterizedTest
    @CsvSource({"0.49, false", "0.52, true"})
    void straightFolds(double bow, boolean fault) {
        Path bowed = Path.of(
                new Line(new Point(0, 200), new Point(-bow, 100)), new Line(new Point(-bow, 100), new Point(0, 0)));
        Piece piece = piece(
                "A",
                true,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, 80, 0),
                straight("right", Kind.SEAM, 80, 0, 80, 200),
                straight("lower-edge", Kind.EDGE, 80, 200, 0, 200),
                new Side("centre-front", Kind.FOLD, bowed));
        Finding finding = only(new StraightFolds(), pattern(List.of(), piece));
        assertThat(finding.status()).isEqualTo(fault(fault));
        assertThat(finding.value()).isCloseTo(bow, within(1e-6));
        assertThat(finding.place().orElseThrow().at()).isEqualTo(new Point(-bow, 100));
        assertThat(new StraightFolds().look(pattern(List.of(), panel("B", true, 80, 200))))
                .as("a piece without a fold")
                .isEmpty();
    }

    /** A side that swings out and in so often between top and bottom, around a waist at 200. */
    private static Piece swinging(int above, int below) {
        List<bathyra.geometry.Segment> segments = new ArrayList<>();
        Point at = new Point(80, 0);
        int count = above + below + 2;
        for (int i = 0; i < count; i++) {
            boolean upper = i <= above;
            double step = upper ? 200.0 / (above + 1) : 200.0 / (below + 1);
            Point next = new Point(80, at.y() + step);
            double out = i % 2 == 0 ? 12 : -12;
            segments.add(new Cubic(at, at.plus(new Vec(out, step / 3)), next.plus(new Vec(out, -step / 3)), next));
            at = next;
        }
        return piece(
                "A",
                true,
                List.of(new LevelMark(Level.WAIST.id(), new Point(0, 200), new Point(80, 200))),
                straight("upper-edge", Kind.EDGE, 0, 0, 80, 0),
                new Side("right", Kind.SEAM, new Path(segments)),
                straight("lower-edge", Kind.EDGE, 80, 400, 0, 400),
                straight("left", Kind.SEAM, 0, 400, 0, 0));
    }

    /** What hangs from the hips swings out by itself: below the lowest level it is not counted. */
    @Test
    void fairEdgeBelowTheHips_isNotCounted_whereThePieceHangsFarBelowThem() {
        Piece waistOnly = swinging(0, 3);
        List<LevelMark> marks = new ArrayList<>(waistOnly.levelMarks());
        marks.add(new LevelMark(Level.HIGH_HIP.id(), new Point(0, 240), new Point(80, 240)));
        Piece hanging = piece(
                "A",
                true,
                marks,
                waistOnly.outline().stream()
                        .map(e -> new Side(e.name(), e.kind(), e.path()))
                        .toArray(Side[]::new));
        assertThat(only(new FairEdges(), pattern(List.of(), waistOnly)).status())
                .isEqualTo(Finding.Status.NOTE);
        assertThat(only(new FairEdges(), pattern(List.of(), hanging)).status()).isEqualTo(Finding.Status.OK);
    }

    @ParameterizedTest
    @CsvSource({"1, 0, OK", "2, 0, OK", "4, 0, NOTE", "0, 3, NOTE"})
    void fairEdges(int above, int below, Finding.Status status) {
        Finding finding = only(new FairEdges(), pattern(List.of(), swinging(above, below)));
        assertThat(finding.status()).isEqualTo(status);
        assertThat(finding.place().isPresent()).isEqualTo(status == Finding.Status.NOTE);
        assertThat(new FairEdges().look(pattern(List.of(), panel("B", true, 80, 200))))
                .as("a piece without a waist")
                .isEmpty();
    }

    @Test
    void crossings_areFoundAtTheirPlace() {
        Piece bow = piece(
                "A",
                true,
                List.of(),
                straight("upper-edge", Kind.EDGE, 0, 0, 100, 100),
                straight("right", Kind.SEAM, 100, 100, 100, 0),
                straight("lower-edge", Kind.EDGE, 100, 0, 0, 100),
                straight("left", Kind.SEAM, 0, 100, 0, 0));
        Finding finding = only(new Crossings(), pattern(List.of(), bow));
        assertThat(finding.status()).isEqualTo(Finding.Status.FAULT);
        assertThat(finding.place().orElseThrow().at().distance(new Point(50, 50)))
                .isLessThan(1e-6);
        assertThat(finding.sentence().in(LengthUnit.MM)).contains("sewing line");
        Piece cutAcross = panel("B", true, 80, 200)
                .cutWith(
                        List.of(
                                new Point(-10, -10),
                                new Point(90, 210),
                                new Point(90, -10),
                                new Point(-10, 210),
                                new Point(-10, -10)),
                        java.util.Map.of());
        Finding cut = only(new Crossings(), pattern(List.of(), cutAcross));
        assertThat(cut.status()).isEqualTo(Finding.Status.FAULT);
        assertThat(cut.sentence().in(LengthUnit.MM)).contains("cutting line");
        assertThat(cut.value()).isEqualTo(1);
        assertThat(only(new Crossings(), pattern(List.of(), panel("C", true, 80, 200)))
                        .status())
                .isEqualTo(Finding.Status.OK);
    }
}
