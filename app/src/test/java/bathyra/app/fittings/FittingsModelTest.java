package bathyra.app.fittings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.work.HandedOver;
import bathyra.app.workshop.InWorkshop;
import bathyra.book.Versions;
import bathyra.fitting.Decision;
import bathyra.fitting.FittingKind;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.length.Length;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Fittings stage without its window, on the demo's bustier, which was never tried on. */
class FittingsModelTest extends InWorkshop {
    private static final Spot WAIST = Spot.on(SeamPlace.PRINCESS_FRONT, Level.WAIST);

    private final HandedOver handed = new HandedOver();
    private FittingsModel model;

    @BeforeEach
    void open() {
        take("The Heron");
        model = new FittingsModel(workshop, handed, () -> {});
    }

    private void workOut() throws InterruptedException {
        model.bringUpToDate();
        while (model.isWorking()) {
            handed.next();
        }
    }

    private void pinch(double mm, Decision decision) {
        model.tool(MarkKind.PINCH);
        model.put(WAIST, Length.mm(mm));
        model.decide(decision);
    }

    private double front(Level level) {
        return draft().pattern().piece("F1").mark(level).orElseThrow().length();
    }

    @Test
    void withoutAFitting_thereIsNothingToSay() {
        assertThat(model.fittings()).isEmpty();
        assertThat(model.fitting()).isEmpty();
        assertThat(model.mark()).isEmpty();
        assertThat(model.proposal()).isEmpty();
        assertThat(model.isFollowed()).isFalse();
        assertThat(model.kept().all()).isEmpty();
        assertThat(model.kept().next()).isEqualTo(2);
        assertThat(model.kept().inHand()).isEqualTo("draft 1");
    }

    @Test
    void whatIsPinched_isTakenIn_byADraftUnderItsNumber_inOneStep() throws InterruptedException {
        model.begin(FittingKind.TOILE);
        pinch(12, Decision.AGREED);
        workOut();
        assertThat(model.elsewhere()).as("what moves with it").isNotEmpty();
        double before = front(Level.WAIST);
        var untouched = workshop.commission();
        model.make();
        assertThat(undo()).isEqualTo("draft 2 from fitting 1");
        assertThat(front(Level.WAIST)).isLessThan(before - 1);
        assertThat(model.kept().all())
                .extracting(Versions.Version::draft)
                .containsExactly(Optional.of(1), Optional.of(2));
        assertThat(model.kept().all())
                .extracting(Versions.Version::name)
                .containsExactly("Draft 1, from the tape", "Draft 2, fitting 1");
        workOut();
        assertThat(model.isFollowed()).isTrue();
        workshop.undo();
        assertThat(workshop.commission().garment()).isEqualTo(untouched.garment());
        assertThat(front(Level.WAIST)).isCloseTo(before, within(1e-9));
        workOut();
        assertThat(model.isFollowed()).isFalse();
    }

    @Test
    void halved_takesHalf_refusedAndOpenNothing() throws InterruptedException {
        model.begin(FittingKind.TOILE);
        pinch(16, Decision.AGREED);
        workOut();
        double whole = model.proposal().orElseThrow().commission().adjustments().stream()
                .mapToDouble(a -> Math.abs(a.change().by().millimetres()))
                .sum();
        model.decide(Decision.HALVED);
        workOut();
        double half = model.proposal().orElseThrow().commission().adjustments().stream()
                .mapToDouble(a -> Math.abs(a.change().by().millimetres()))
                .sum();
        assertThat(half).isCloseTo(whole / 2, within(0.6));
        for (Decision decision : List.of(Decision.REFUSED, Decision.OPEN)) {
            model.decide(decision);
            model.reason("she likes it so");
            workOut();
            assertThat(model.proposal().orElseThrow().commission().adjustments())
                    .isEmpty();
            assertThat(model.mark().orElseThrow().reason()).isEqualTo("she likes it so");
        }
    }

    @Test
    void markThatIsTakenAway_isGone_withWhatItWouldChange() throws InterruptedException {
        model.begin(FittingKind.TOILE);
        pinch(10, Decision.AGREED);
        model.seen("a hollow over the hip");
        assertThat(model.mark().orElseThrow().seen()).isEqualTo("a hollow over the hip");
        model.takeAway();
        assertThat(model.mark()).isEmpty();
        workOut();
        assertThat(model.proposal().orElseThrow().commission().adjustments()).isEmpty();
        workshop.undo();
        assertThat(model.fitting().orElseThrow().marks()).hasSize(1);
    }

    @Test
    void secondFitting_showsWhatIsLeftOfTheFirst() throws InterruptedException {
        model.begin(FittingKind.TOILE);
        pinch(12, Decision.AGREED);
        workOut();
        model.make();
        model.begin(FittingKind.CLOTH);
        assertThat(model.before().orElseThrow().number()).isEqualTo(1);
        assertThat(model.fitting().orElseThrow().setting().version()).contains("draft 2");
        workOut();
        assertThat(model.rest()).hasSize(1);
        model.choose(model.fittings().get(0));
        assertThat(model.before()).isEmpty();
        assertThat(model.rest()).isEmpty();
    }

    @Test
    void twoDrafts_areHeldAgainstEachOther_oneAgainstNow_andAThirdTakesTheFirstsPlace() throws InterruptedException {
        model.begin(FittingKind.TOILE);
        pinch(12, Decision.AGREED);
        workOut();
        model.make();
        List<Versions.Version> drafts = model.kept().all();
        assertThat(model.kept().pair()).isEmpty();
        model.kept().compare(drafts.get(0));
        assertThat(model.kept().isCompared(drafts.get(0))).isTrue();
        assertThat(model.kept().pair().orElseThrow().later()).isEqualTo("now");
        assertThat(model.kept().onTheTable()).isEmpty();
        model.kept().compare(drafts.get(1));
        KeptDrafts.Pair pair = model.kept().onTheTable().orElseThrow();
        assertThat(pair.former()).isEqualTo("Draft 1, from the tape");
        assertThat(pair.later()).isEqualTo("Draft 2, fitting 1");
        assertThat(pair.before().pattern()).isNotEqualTo(pair.after().pattern());
        model.kept().compare(drafts.get(1));
        assertThat(model.kept().isCompared(drafts.get(1))).isFalse();
        take("The Salt Queen");
        workOut();
        assertThat(model.kept().isCompared(drafts.get(0)))
                .as("another commission has other drafts")
                .isFalse();
    }

    @Test
    void mark_isPutOnTheHalfThatIsChosen() {
        model.begin(FittingKind.TOILE);
        assertThat(model.side()).isEqualTo(Side.BOTH);
        model.nextSide();
        Side chosen = model.side();
        assertThat(chosen).isNotEqualTo(Side.BOTH);
        pinch(8, Decision.OPEN);
        assertThat(model.mark().orElseThrow().side()).isEqualTo(chosen);
        model.nextSide();
        model.nextSide();
        assertThat(model.side()).isEqualTo(Side.BOTH);
    }

    @Test
    void whatTheWorkshopAllowsForCloth_isWhatItAllowedLast_andNoNonsense() {
        model.begin(FittingKind.TOILE);
        assertThat(model.isClothToCome()).isTrue();
        assertThat(model.houseCloth()).isEqualTo(Length.mm(10));
        model.allowForCloth();
        assertThat(model.isClothToCome()).isFalse();
        model.mark(m -> m.of(Length.mm(14)));
        model.decide(Decision.AGREED);
        assertThat(model.houseCloth()).isEqualTo(Length.mm(14));
        book.keepPlace("house-cloth", "a finger");
        assertThat(model.houseCloth()).as("what cannot be read").isEqualTo(Length.mm(10));
    }

    @Test
    void fitting_hasItsDayAndWords_andGoesWithItsMarks() {
        model.begin(FittingKind.TOILE);
        model.said("It pinches when I sit.");
        model.toDo("Shorten the back.");
        model.day(LocalDate.of(2026, 12, 4));
        assertThat(model.fitting().orElseThrow().day()).contains(LocalDate.of(2026, 12, 4));
        pinch(6, Decision.AGREED);
        model.remove();
        assertThat(model.fittings()).isEmpty();
        workshop.undo();
        assertThat(model.fittings()).hasSize(1);
        assertThat(model.fitting().orElseThrow().marks()).hasSize(1);
    }
}
