package bathyra.cutting;

import static bathyra.cutting.Styled.draft;
import static bathyra.cutting.Styled.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Draft;
import bathyra.draft.Finished;
import bathyra.finding.Finding;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.PrincessStart;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Shoulders, necklines, yokes and sleeves, held against what the finished sheets measure. */
class NecklinesTest {
    /** The shoulder loses nothing when the side dart is closed into the seam (C7.5). */
    @ParameterizedTest
    @EnumSource(
            value = PrincessStart.class,
            names = {"SHOULDER", "ARMHOLE"})
    void shoulders_areAsLongInFrontAsBehind_andNothingIsLost(PrincessStart start) {
        Draft draft = draft(with(Cover.SHOULDERS, UpperShape.SCOOP, start));
        Finished.holds(draft);
        double front = Styled.shoulder(draft, true);
        assertThat(front).isCloseTo(Styled.shoulder(draft, false), within(0.2));
        // The block's shoulder from 76 to 205 across and 25 down, less the 30 of the neckline.
        assertThat(front).isCloseTo(Math.hypot(205 - 76, 25) - 30, within(0.2));
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
    void aYokeSeamFalls_halfByThePrincessSeam_allAtCentreFront() {
        Garment level = with(Cover.SHOULDERS, UpperShape.ROUND, PrincessStart.SHOULDER);
        level = level.withTop(level.top().withYoke(true));
        Draft straight = draft(level);
        Draft fallen = draft(level.withLength(LengthOption.YOKE_FALL, Length.mm(40)));
        Finished.holds(fallen);
        // Along centre front below the yoke 40 are gone, along the princess seam 20.
        assertThat(left(straight, "centre-front") - left(fallen, "centre-front"))
                .isCloseTo(40, within(0.5));
        assertThat(left(straight, "princess-front") - left(fallen, "princess-front"))
                .isCloseTo(20, within(3.0));
    }

    private static double left(Draft draft, String edge) {
        return draft.pattern().piece("F1").edge(edge).path().length();
    }
}
