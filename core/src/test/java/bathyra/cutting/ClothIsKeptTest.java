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
import bathyra.garment.Bust;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.PrincessStart;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.geometry.Shape;
import bathyra.piece.Piece;
import bathyra.piece.PieceRole;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Cutting panels into cups, yokes and bodies neither wins nor loses cloth but where a seam is shaped: measured by the areas of the finished pieces. */
class ClothIsKeptTest {
    private static final Set<PieceRole> CUT_FROM_PANELS =
            Set.of(PieceRole.FRONT, PieceRole.BACK, PieceRole.CUP, PieceRole.YOKE);
    /** A blended corner and a fair line give or take so much of a half, a part in so many. */
    private static final double SHAPED = 0.012;

    private static double area(List<Piece> pieces, Predicate<Piece> which) {
        return pieces.stream()
                .filter(which)
                .mapToDouble(p -> Math.abs(Shape.area(p.flattened(0.02))))
                .sum();
    }

    private static double cut(Draft draft, boolean front) {
        return area(draft.pattern().pieces(), p -> p.front() == front && CUT_FROM_PANELS.contains(p.role()));
    }

    private static double panels(Draft draft, boolean front) {
        return area(draft.panelPieces(), p -> p.front() == front);
    }

    private static Garment shoulders(UpperShape shape, boolean yoke, boolean inFrontOnly) {
        Garment garment = Styled.with(Cover.SHOULDERS, shape, PrincessStart.ARMHOLE);
        return garment.withTop(new Top(Cover.SHOULDERS, yoke, inFrontOnly, false, Sleeve.BAND));
    }

    @Test
    void yoke_isCutOutOfThePanels_inFrontAndBehind() {
        Draft draft = Styled.draft(shoulders(UpperShape.ROUND, true, false));
        for (boolean front : new boolean[] {true, false}) {
            double whole = panels(draft, front);
            double yoke = area(draft.pattern().pieces(), p -> p.role() == PieceRole.YOKE && p.front() == front);
            assertThat(yoke).as("a yoke is a part of it").isBetween(0.05 * whole, 0.6 * whole);
            assertThat(cut(draft, front)).isCloseTo(whole, within(SHAPED * whole));
        }
    }

    @Test
    void yokeInFrontOnly_leavesTheBackToTheLastThread() {
        Draft draft = Styled.draft(shoulders(UpperShape.ROUND, true, true));
        assertThat(cut(draft, false)).isCloseTo(panels(draft, false), within(1e-6));
        assertThat(cut(draft, true)).isCloseTo(panels(draft, true), within(SHAPED * panels(draft, true)));
    }

    @ParameterizedTest
    @EnumSource(
            value = CupKind.class,
            names = {"TWO_PART", "THREE_PART"})
    void cups_areCutOutOfTheFront_andTheBackIsWhole(CupKind cups) {
        Draft draft = Styled.draft(Styled.cups(cups));
        double whole = panels(draft, true);
        double cup = area(draft.pattern().pieces(), p -> p.role() == PieceRole.CUP);
        assertThat(cup).isBetween(0.1 * whole, 0.6 * whole);
        assertThat(cut(draft, true)).isCloseTo(whole, within(SHAPED * whole));
        assertThat(cut(draft, false)).isCloseTo(panels(draft, false), within(1e-6));
    }

    /** A keyhole is cut away: what is missing is a hole of its size, half an ellipse a half. */
    @Test
    void keyhole_isWhatIsMissing() {
        Garment round = shoulders(UpperShape.ROUND, true, true);
        Draft holed = Styled.draft(round.withTop(round.top().withKeyhole(true)));
        double hole = panels(holed, true) - cut(holed, true);
        double length =
                holed.commission().garment().length(LengthOption.KEYHOLE_LENGTH).value();
        double width =
                holed.commission().garment().length(LengthOption.KEYHOLE_WIDTH).value();
        double ellipse = Math.PI / 4 * length * width / 2;
        assertThat(hole).isBetween(0.6 * ellipse, 1.3 * ellipse);
    }

    /** All bodies, all tops: what was cut into parts is whole again when its parts are counted together. */
    @Test
    void ordinaryBodies_keepTheirCloth() {
        Random random = new Random(77);
        int count = Sample.of(400);
        int drafted = 0;
        UpperShape[] shapes = {UpperShape.ROUND, UpperShape.SCOOP, UpperShape.V, UpperShape.SQUARE};
        for (int i = 0; i < count; i++) {
            boolean strapless = i % 2 == 0;
            Garment garment = strapless
                    ? Styled.SWEETHEART.withBust(
                            Bust.PRINCESS.withCups(i % 4 == 0 ? CupKind.TWO_PART : CupKind.THREE_PART))
                    : shoulders(shapes[i / 2 % shapes.length], true, i % 4 == 1);
            Outcome outcome = Drafter.draft(Bodies.commission(Bodies.withArms(Bodies.ordinary(random)), garment));
            if (outcome instanceof Draft draft) {
                Finished.holds(draft);
                for (boolean front : new boolean[] {true, false}) {
                    double whole = panels(draft, front);
                    assertThat(cut(draft, front))
                            .as(garment.upperEdge() + " " + garment.bust().cups())
                            .isCloseTo(whole, within(2 * SHAPED * whole));
                }
                drafted++;
            } else {
                Finished.isReasonable((Refusal) outcome);
            }
        }
        assertThat(drafted).isGreaterThanOrEqualTo((int) (0.9 * count));
    }
}
