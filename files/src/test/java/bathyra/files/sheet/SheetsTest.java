package bathyra.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.UpperShape;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the sheets show is looked at on the finished lines, not on the cells by which they were laid. */
class SheetsTest {
    private static final List<CuttingPlan> PLANS = Stream.of(
                    Garment.bustier().withUpperEdge(UpperShape.SWEETHEART),
                    Garment.of(GarmentKind.CORSET),
                    Garment.of(GarmentKind.UNDERBUST))
            .map(garment -> (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment)))
            .map(CuttingPlan::of)
            .toList();

    static Stream<Arguments> prints() {
        List<Arguments> all = new ArrayList<>();
        for (CuttingPlan plan : PLANS) {
            for (Paper paper : List.of(Paper.A4, Paper.LETTER, Paper.A3, Paper.A0, Paper.ROLL)) {
                for (PrintSize size : PrintSize.values()) {
                    all.add(Arguments.of(
                            plan,
                            new Print(
                                    paper,
                                    PrintScale.ofMeasured(49.2, 50.4),
                                    size,
                                    EnumSet.allOf(Drawn.class),
                                    Set.of())));
                }
            }
        }
        return all.stream();
    }

    private static List<Point> cutLine(Sheets sheets, CuttingPlan.Cut cut) {
        return cut.piece().cutLine().stream()
                .map(p -> p.plus(sheets.shift(cut)))
                .toList();
    }

    private static boolean holds(Sheet sheet, Point p) {
        return p.x() >= sheet.x() - 1e-6
                && p.x() <= sheet.x() + sheet.width() + 1e-6
                && p.y() >= sheet.y() - 1e-6
                && p.y() <= sheet.y() + sheet.height() + 1e-6;
    }

    @ParameterizedTest
    @MethodSource("prints")
    void everyPlaceOfEveryPiece_isOnASheet_andNoPieceLiesOnAnother(CuttingPlan plan, Print print) {
        Sheets sheets = Sheets.of(plan, print);
        double apart = 2 * Nesting.FREE / print.size().factor() - 1e-6;
        for (int i = 0; i < plan.cuts().size(); i++) {
            List<Point> line = cutLine(sheets, plan.cuts().get(i));
            assertThat(line).allMatch(p -> sheets.list().stream().anyMatch(s -> holds(s, p)));
            for (CuttingPlan.Cut other : plan.cuts().subList(i + 1, plan.cuts().size())) {
                assertThat(Shape.apart(line, cutLine(sheets, other)))
                        .as(plan.cuts().get(i).id() + " and " + other.id())
                        .isGreaterThan(Math.min(apart, 8));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("prints")
    void bothSquares_areWholeOnOneSheet_andClearOfThePieces(CuttingPlan plan, Print print) {
        Sheets sheets = Sheets.of(plan, print);
        assertThat(sheets.squares()).hasSize(2);
        for (TestSquare square : sheets.squares()) {
            assertThat(square.side() * print.size().factor())
                    .isEqualTo(square.kind().side());
            List<Point> corners = List.of(
                    square.at(),
                    square.at().plus(new Vec(square.side(), 0)),
                    square.at().plus(new Vec(square.side(), square.side())),
                    square.at().plus(new Vec(0, square.side())));
            assertThat(sheets.list()).anyMatch(s -> corners.stream().allMatch(c -> holds(s, c)));
            for (CuttingPlan.Cut cut : plan.cuts()) {
                assertThat(Shape.common(corners, cutLine(sheets, cut)))
                        .as(cut.id())
                        .isEmpty();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("prints")
    void roomForWords_liesInsideItsPieceAndItsSheet(CuttingPlan plan, Print print) {
        Sheets sheets = Sheets.of(plan, print);
        for (CuttingPlan.Cut cut : plan.cuts()) {
            List<Spot> spots = sheets.spots().stream()
                    .filter(s -> s.cut().equals(cut.id()))
                    .toList();
            assertThat(spots).as(cut.id()).filteredOn(Spot::first).hasSize(1);
            List<Point> outline = cut.piece().flattened(0.1).stream()
                    .map(p -> p.plus(sheets.shift(cut)))
                    .toList();
            for (Spot spot : spots) {
                Point upper = new Point(spot.left(), spot.top());
                Point lower = upper.plus(new Vec(spot.width(), spot.height()));
                for (Point corner :
                        List.of(upper, lower, new Point(lower.x(), upper.y()), new Point(upper.x(), lower.y()))) {
                    assertThat(holds(spot.sheet(), corner)).as(cut.id()).isTrue();
                    assertThat(Shape.contains(outline, corner))
                            .as(cut.id() + " " + corner)
                            .isTrue();
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("prints")
    void jointsLieOnBothSheets_whereTheSecondBegins(CuttingPlan plan, Print print) {
        Sheets sheets = Sheets.of(plan, print);
        for (Joint joint : sheets.joints()) {
            assertThat(holds(joint.first(), joint.at())).isTrue();
            assertThat(
                            joint.upright()
                                    ? joint.at().x() - joint.second().x()
                                    : joint.at().y() - joint.second().y())
                    .isZero();
        }
        long neighbours = sheets.list().stream()
                .filter(s -> sheets.list().stream().anyMatch(n -> n.row() == s.row() && n.column() == s.column() + 1))
                .count();
        assertThat(sheets.joints().stream().filter(Joint::upright)).hasSize((int) neighbours * 2);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void laidToWasteLess_takesFewerSheetsThanInRows(CuttingPlan plan) {
        Sheets sheets = Sheets.of(plan, Print.of(Paper.A4));
        double[] row = {Sheets.TEST_COLUMN, 0};
        SheetLayout layout = SheetLayout.of(plan, Double.MAX_VALUE);
        row[0] += layout.width();
        row[1] = layout.height();
        double across = Math.ceil((row[0] - Paper.OVERLAP) / (Paper.A4.width() - 2 * Paper.MARGIN - Paper.OVERLAP));
        double down = Math.ceil((row[1] - Paper.OVERLAP) / (Paper.A4.height() - 2 * Paper.MARGIN - Paper.OVERLAP));
        assertThat(sheets.list().size()).isLessThanOrEqualTo((int) Math.floor(0.85 * across * down));
    }

    static Stream<CuttingPlan> plans() {
        return PLANS.stream();
    }
}
