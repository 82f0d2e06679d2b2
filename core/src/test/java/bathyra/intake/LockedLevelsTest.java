package bathyra.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.finding.Finding;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.Panels;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Reckoned;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Locks, the cutter's caps and the house's, on whole drafts of corsets: the sum of a level never moves, and what cannot be is refused with the figure (C6, C6.2). */
class LockedLevelsTest {
    private static final List<Level> LEVELS = List.of(Level.UNDERBUST, Level.WAIST, Level.HIGH_HIP);

    private static Garment panels(int count) {
        Garment garment = Garment.of(GarmentKind.UNDERBUST);
        return garment.withPanels(Panels.of(count, garment.panels().placing()));
    }

    private static Outcome outcome(Garment garment) {
        return Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    private static String why(Reckoned value) {
        return value.source();
    }

    private static IntakeTable table(Garment garment) {
        Outcome outcome = outcome(garment);
        assertThat(outcome)
                .as(() -> outcome instanceof Refusal refusal ? words(refusal) : "")
                .isInstanceOf(Draft.class);
        return ((Draft) outcome).intakes();
    }

    private static String words(Refusal refusal) {
        return refusal.reasons().stream()
                .map(f -> f.sentence().in(LengthUnit.MM).replace('\u00a0', ' '))
                .reduce("", (a, b) -> a + b + "\n");
    }

    /** A free seam of the front beside the side, of a corset. */
    private static SeamPlace frontSeam(IntakeTable table) {
        return table.seams().stream()
                .filter(s -> s.part() == SeamPlace.Part.FRONT)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 5, 6, 8})
    void aLock_keepsItsValue_andTheSumOfItsLevel_whicheverLevelItIs(int panels) {
        IntakeTable free = table(panels(panels));
        for (Level level : LEVELS) {
            SeamPlace seam = frontSeam(free);
            double next = free.at(level, seam).value() + 3;
            IntakeTable locked = table(panels(panels).withIntake(new Cell(level, seam), Length.mm(next)));
            assertThat(locked.at(level, seam).value()).isCloseTo(next, within(1e-9));
            assertThat(locked.sum(level)).as(level.id()).isCloseTo(free.sum(level), within(1e-6));
            assertThat(locked.locked()).containsExactly(new Cell(level, seam));
            for (Level other : LEVELS) {
                if (other != level) {
                    for (SeamPlace each : free.seams()) {
                        assertThat(locked.at(other, each).value())
                                .as("no other level moves")
                                .isCloseTo(free.at(other, each).value(), within(1e-6));
                    }
                }
            }
        }
    }

    @Test
    void aLock_saysThatItIsOne_andTheOthersWhyTheyMoved() {
        IntakeTable free = table(panels(6));
        SeamPlace seam = frontSeam(free);
        IntakeTable locked = table(panels(6)
                .withIntake(
                        new Cell(Level.WAIST, seam),
                        Length.mm(free.at(Level.WAIST, seam).value() + 6)));
        assertThat(why(locked.at(Level.WAIST, seam))).contains("set by hand");
        assertThat(locked.seams())
                .filteredOn(s -> s.part() == SeamPlace.Part.FRONT && !s.equals(seam))
                .allSatisfy(
                        s -> assertThat(why(locked.at(Level.WAIST, s))).contains("takes what locks and caps leave it"));
    }

    @Test
    void takingALockBack_restoresEveryFigure() {
        IntakeTable free = table(panels(5));
        Cell cell = new Cell(Level.WAIST, frontSeam(free));
        IntakeTable back = table(panels(5).withIntake(cell, Length.mm(20)).withoutIntake(cell));
        assertThat(back.cells().keySet()).isEqualTo(free.cells().keySet());
        free.cells()
                .forEach((at, value) -> assertThat(back.cells().get(at).value()).isEqualTo(value.value()));
    }

    @ParameterizedTest
    @EnumSource(
            value = Level.class,
            names = {"UNDERBUST", "WAIST", "HIGH_HIP"})
    void theCuttersCap_holds_andTheNeighboursTakeTheRest(Level level) {
        IntakeTable free = table(panels(6));
        SeamPlace seam = frontSeam(free);
        double takes = free.at(level, seam).value();
        if (takes < 4) {
            return;
        }
        Cell cell = new Cell(level, seam);
        Garment capped = panels(6);
        capped = capped.withSharing(capped.sharing().withCap(cell, Optional.of(Length.mm(takes / 2))));
        IntakeTable held = table(capped);
        assertThat(held.at(level, seam).value()).isCloseTo(takes / 2, within(1e-6));
        assertThat(why(held.at(level, seam))).contains("held at its cap");
        assertThat(held.sum(level)).isCloseTo(free.sum(level), within(1e-6));
    }

    @Test
    void theHousesCap_yieldsWhereTheLevelHasMoreThanAllOfThemHold_aCuttersDoesNot() {
        Garment strong = panels(5).withEase(Level.WAIST, Length.mm(-140));
        double house = strong.length(LengthOption.SEAM_CAP).value();
        Garment narrow = strong.withLength(LengthOption.SEAM_CAP, LengthOption.SEAM_CAP.least());
        IntakeTable table = table(narrow);
        assertThat(table.seams())
                .as("some take more than the house would have them")
                .anyMatch(s -> table.at(Level.WAIST, s).value()
                        > LengthOption.SEAM_CAP.least().millimetres() + 1e-6);
        assertThat(table.sum(Level.WAIST)).isCloseTo(table(strong).sum(Level.WAIST), within(1e-6));
        assertThat(house).isGreaterThan(LengthOption.SEAM_CAP.least().millimetres());
        Garment own = narrow;
        for (SeamPlace seam : table.seams()) {
            own = own.withSharing(own.sharing().withCap(new Cell(Level.WAIST, seam), Optional.of(Length.mm(3))));
        }
        Outcome refused = outcome(own);
        assertThat(refused).isInstanceOf(Refusal.class);
        assertThat(words((Refusal) refused))
                .contains("Raise a cap, add a seam or take")
                .contains("waist");
    }

    @Test
    void everySeamLocked_isRefused_withHowFarTheyAreOff() {
        IntakeTable free = table(panels(4));
        Garment all = panels(4);
        double sum = 0;
        for (SeamPlace seam : free.seams()) {
            double value = Math.rint(free.at(Level.WAIST, seam).value());
            sum += value;
            all = all.withIntake(new Cell(Level.WAIST, seam), Length.mm(value));
        }
        all = all.withIntake(
                new Cell(Level.WAIST, frontSeam(free)),
                Length.mm(Math.rint(free.at(Level.WAIST, frontSeam(free)).value()) + 12));
        Outcome outcome = outcome(all);
        assertThat(outcome).isInstanceOf(Refusal.class);
        Finding reason = ((Refusal) outcome).reasons().get(0);
        assertThat(words((Refusal) outcome)).contains("Unlock one of them");
        assertThat(reason.value()).isCloseTo(Math.abs(sum + 12 - free.sum(Level.WAIST)), within(0.6));
    }

    @Test
    void aSideLockedBeyondWhatTheOthersLeave_saysWhatWouldDo() {
        Garment far = panels(4).withIntake(new Cell(Level.WAIST, SeamPlace.SIDE), Length.mm(160));
        Outcome outcome = outcome(far);
        if (outcome instanceof Draft draft) {
            assertThat(draft.intakes().at(Level.WAIST, SeamPlace.SIDE).value()).isCloseTo(160, within(1e-9));
        } else {
            assertThat(words((Refusal) outcome))
                    .contains("Side at the waist is locked at 160")
                    .contains("Lock it at that");
        }
        double nearest = table(panels(4)).at(Level.WAIST, SeamPlace.SIDE).value();
        IntakeTable side = table(panels(4).withIntake(new Cell(Level.WAIST, SeamPlace.SIDE), Length.mm(nearest - 4)));
        assertThat(side.at(Level.WAIST, SeamPlace.SIDE).value()).isCloseTo(nearest - 4, within(1e-9));
        assertThat(side.sideFront().get(Level.WAIST).value()
                        + side.sideBack().get(Level.WAIST).value())
                .as("both halves of it are what it takes")
                .isCloseTo(nearest - 4, within(1e-6));
    }

    /** Whatever is locked, on whatever body: drafted with every lock held and every sum kept, or refused with the level. */
    @Test
    void randomLocks_areHeld_orRefusedWithTheirLevel() {
        Random random = new Random(66);
        int drafted = 0;
        int refused = 0;
        for (int i = 0; i < 80; i++) {
            Garment garment = panels(4 + random.nextInt(4));
            var body = Bodies.ordinary(random);
            if (!(Drafter.draft(Bodies.commission(body, garment)) instanceof Draft free)) {
                continue;
            }
            Garment locked = garment;
            for (int k = 0; k < 1 + random.nextInt(3); k++) {
                Level level = LEVELS.get(random.nextInt(LEVELS.size()));
                SeamPlace seam = free.intakes()
                        .seams()
                        .get(random.nextInt(free.intakes().seams().size() - 1));
                locked = locked.withIntake(new Cell(level, seam), Length.mm(Math.rint(random.nextDouble() * 50)));
            }
            Outcome outcome = Drafter.draft(Bodies.commission(body, locked));
            if (outcome instanceof Draft draft) {
                drafted++;
                locked.intakes().forEach((cell, value) -> assertThat(
                                draft.intakes().at(cell.level(), cell.seam()).value())
                        .isCloseTo(value.millimetres(), within(1e-6)));
                for (Level level : LEVELS) {
                    assertThat(draft.intakes().sum(level))
                            .isCloseTo(free.intakes().sum(level), within(1e-6));
                }
            } else {
                refused++;
                assertThat(words((Refusal) outcome)).isNotBlank();
                assertThat(((Refusal) outcome).cause()).isNotEqualTo(Refusal.Cause.PROGRAM);
            }
        }
        assertThat(drafted).isGreaterThan(25);
        assertThat(drafted + refused).isGreaterThan(60);
    }
}
