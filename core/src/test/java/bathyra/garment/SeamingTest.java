package bathyra.garment;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.length.Length;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What becomes of what was set at the seams when the seams become others. */
class SeamingTest {
    private static final Seaming SIX = Seaming.of(Panels.of(6, SeamPlacing.LANDMARKS));
    private static final Length TEN = Length.mm(10);

    private static Cell waist(SeamPlace seam) {
        return new Cell(Level.WAIST, seam);
    }

    @Test
    void sounding_isLocked_andFreed_andNothingElseChanges() {
        Seaming locked = SIX.withIntake(waist(SeamPlace.SIDE), Optional.of(TEN));
        assertThat(locked.intakes()).isEqualTo(Map.of(waist(SeamPlace.SIDE), TEN));
        assertThat(locked.withIntake(waist(SeamPlace.SIDE), Optional.empty())).isEqualTo(SIX);
        assertThat(locked.rightIntakes()).isEmpty();
        assertThat(SIX.intakes()).as("the one before stays as it was").isEmpty();
    }

    @Test
    void rightHalf_isDraftedByItsOwnLocks_whereItHasThem() {
        Seaming both = SIX.withIntake(waist(SeamPlace.SIDE), Optional.of(TEN))
                .withIntake(waist(SeamPlace.front(1)), Optional.of(Length.mm(7)))
                .withRightIntake(waist(SeamPlace.SIDE), Optional.of(Length.mm(14)));
        assertThat(both.ofRightHalf().intakes())
                .containsEntry(waist(SeamPlace.SIDE), Length.mm(14))
                .containsEntry(waist(SeamPlace.front(1)), Length.mm(7));
        assertThat(both.intakes()).containsEntry(waist(SeamPlace.SIDE), TEN);
    }

    @Test
    void seamAdded_givesTheOthersTheNextNumber_withAllThatWasSet() {
        SplitOption split = SplitOption.of(SeamPlace.front(2)).orElseThrow();
        Seaming set = SIX.withIntake(waist(SeamPlace.front(2)), Optional.of(TEN))
                .withIntake(waist(SeamPlace.back(1)), Optional.of(Length.mm(8)))
                .withRightIntake(waist(SeamPlace.front(2)), Optional.of(Length.mm(12)))
                .withSplit(split, Optional.of(0.4))
                .with(SIX.sharing().withWeight(SeamPlace.front(2), Optional.of(2.0)));
        Seaming more = set.withSeam(SeamPlace.Part.FRONT, 2, 0.5);
        assertThat(more.panels().front()).isEqualTo(set.panels().front() + 1);
        assertThat(more.intakes())
                .containsEntry(waist(SeamPlace.front(3)), TEN)
                .containsEntry(waist(SeamPlace.back(1)), Length.mm(8))
                .hasSize(2);
        assertThat(more.rightIntakes()).containsOnlyKeys(waist(SeamPlace.front(3)));
        assertThat(more.splits())
                .containsOnlyKeys(SplitOption.of(SeamPlace.front(3)).orElseThrow());
        assertThat(more.sharing().weights()).containsOnlyKeys(SeamPlace.front(3).id());
        Seaming back = more.withoutSeam(SeamPlace.front(2));
        assertThat(back.intakes()).isEqualTo(set.intakes());
        assertThat(back.splits()).isEqualTo(set.splits());
        assertThat(back.sharing().weights()).isEqualTo(set.sharing().weights());
    }

    @Test
    void seamTakenOut_takesWhatWasSetForIt_along() {
        SplitOption split = SplitOption.of(SeamPlace.front(1)).orElseThrow();
        Seaming set = SIX.withIntake(waist(SeamPlace.front(1)), Optional.of(TEN))
                .withSplit(split, Optional.of(0.4))
                .with(SIX.sharing().withWeight(SeamPlace.front(1), Optional.of(2.0)));
        Seaming less = set.withoutSeam(SeamPlace.front(1));
        assertThat(less.intakes()).isEmpty();
        assertThat(less.splits()).isEmpty();
        assertThat(less.sharing().weights()).isEmpty();
        assertThat(less.panels().front()).isEqualTo(set.panels().front() - 1);
    }

    @Test
    void otherPanels_keepOnlySideAndBackEdge_theSamePanelsKeepAll() {
        Seaming set = SIX.withIntake(waist(SeamPlace.SIDE), Optional.of(TEN))
                .withIntake(waist(SeamPlace.CENTRE_BACK), Optional.of(Length.mm(5)))
                .withIntake(waist(SeamPlace.front(1)), Optional.of(Length.mm(7)))
                .withRightIntake(waist(SeamPlace.front(1)), Optional.of(Length.mm(9)));
        Seaming five = set.with(Panels.of(5, SeamPlacing.LANDMARKS));
        assertThat(five.intakes()).containsOnlyKeys(waist(SeamPlace.SIDE), waist(SeamPlace.CENTRE_BACK));
        assertThat(five.rightIntakes()).isEmpty();
        assertThat(set.with(set.panels()).intakes()).isEqualTo(set.intakes());
    }

    @Test
    void otherKindOfGarment_beginsItsSeamsAnew_andKeepsTheSchool() {
        Seaming set = SIX.with(UnderbustSchool.TABLE).withIntake(waist(SeamPlace.SIDE), Optional.of(TEN));
        Seaming other = set.ofOtherKind(Panels.of(4, SeamPlacing.EVEN));
        assertThat(other.intakes()).isEmpty();
        assertThat(other.school()).isEqualTo(UnderbustSchool.TABLE);
        assertThat(other.sharing()).isEqualTo(Sharing.BY_RULE);
    }

    @Test
    void edges_giveWayToWhatHoldsThemUp() {
        Edges strapless = new Edges(UpperShape.SWEETHEART, LowerShape.HIP, Top.STRAPLESS);
        Edges covered = strapless.withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS));
        assertThat(covered.upper()).isEqualTo(UpperShape.SWEETHEART.under(Cover.SHOULDERS));
        assertThat(covered.lower()).isEqualTo(LowerShape.HIP);
        for (UpperShape shape : UpperShape.values()) {
            assertThat(UpperShape.fitting(Cover.SHOULDERS))
                    .contains(covered.withUpper(shape).upper());
        }
        assertThat(strapless.withLower(LowerShape.PEPLUM).upper()).isEqualTo(UpperShape.SWEETHEART);
    }
}
