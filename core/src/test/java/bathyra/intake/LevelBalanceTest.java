package bathyra.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Overridden;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Locks, caps and the house's own bounds at one level, each worked out by hand. */
class LevelBalanceTest {
    private static final Garment CORSET =
            Garment.of(GarmentKind.UNDERBUST).withPanels(Panels.of(5, SeamPlacing.LANDMARKS));
    private static final SeamPlace F1 = SeamPlace.front(1);
    private static final SeamPlace F2 = SeamPlace.front(2);
    private static final SeamPlace B1 = SeamPlace.back(1);

    private static Reckoned mm(double value) {
        return Given.option("figure", value, Quantity.LENGTH, "test", Rule.of("C6", "test"));
    }

    private static List<Reckoned> all(double... values) {
        return Arrays.stream(values).mapToObj(LevelBalanceTest::mm).toList();
    }

    /** In front two seams and the side, each yielding as it takes. */
    private static Wanted front(double surplus, double one, double two, double side) {
        return new Wanted(
                mm(surplus),
                List.of(F1, F2, SeamPlace.SIDE),
                all(one, two, side),
                new double[] {one, two, side},
                new double[] {one, two, side});
    }

    private static Wanted back(double surplus, double side, double one) {
        return new Wanted(
                mm(surplus), List.of(SeamPlace.SIDE, B1), all(side, one), new double[] {side, one}, new double[] {
                    side, one
                });
    }

    private static double[] values(List<Reckoned> of) {
        return of.stream().mapToDouble(Reckoned::value).toArray();
    }

    private static LevelBalance.Both share(Garment garment, Level level, Wanted front, Wanted back)
            throws NotDraftable {
        return shareAt(garment, level, front, back, 1000, 2000, 3000, 4000);
    }

    /** @param at where the seams stand, mm from centre front: two in front, the side, one behind */
    private static LevelBalance.Both shareAt(Garment garment, Level level, Wanted front, Wanted back, double... at)
            throws NotDraftable {
        List<SeamPlace> seams = List.of(F1, F2, SeamPlace.SIDE, B1);
        List<SeamAxes.Axis> axes = new ArrayList<>();
        for (int i = 0; i < at.length; i++) {
            axes.add(new SeamAxes.Axis(seams.get(i), at[i], 0, 0, 0, 0, 1));
        }
        SeamAxes standing = new SeamAxes(axes, at[2], at[3], 0, Map.of());
        return new LevelBalance(level, garment, new PanelRoom(garment, standing, l -> 0)).share(front, back);
    }

    @Test
    void aPanelTooNarrowForABone_isGivenRoom_byTheSeamsBesideIt() throws NotDraftable {
        // 110 - 60 less half of 30 and half of 30 are 20: five are missing, so each seam beside it takes five less.
        LevelBalance.Both shared =
                shareAt(CORSET, Level.UNDERBUST, front(80, 30, 30, 20), back(40, 20, 20), 60, 110, 180, 300);
        assertThat(values(shared.front())).containsExactly(new double[] {25, 25, 30}, within(1e-5));
        assertThat(((Overridden) shared.front().get(0)).source())
                .contains("leaves the panel beside it room for a bone");
        assertThat(values(shared.back())).containsExactly(20, 20);
    }

    @Test
    void whereOneOfTheSeamsIsLocked_theOtherMakesAllTheRoom() throws NotDraftable {
        Garment locked = CORSET.withIntake(new Cell(Level.UNDERBUST, F1), Length.mm(30));
        LevelBalance.Both shared =
                shareAt(locked, Level.UNDERBUST, front(80, 30, 30, 20), back(40, 20, 20), 60, 110, 180, 300);
        assertThat(values(shared.front())).containsExactly(new double[] {30, 20, 30}, within(1e-5));
    }

    @Test
    void whereNoOtherSeamCanTakeMore_nothingMoves() throws NotDraftable {
        // The panel before the side would be 165 - 30 - 122.5: as narrow as the one that was given room.
        LevelBalance.Both shared =
                shareAt(CORSET, Level.UNDERBUST, front(80, 30, 30, 20), back(40, 20, 20), 60, 110, 165, 300);
        assertThat(values(shared.front())).containsExactly(30, 30, 20);
    }

    @Test
    void panelsThatAreWideEnough_leaveEverySeamWhatItTakes() throws NotDraftable {
        LevelBalance.Both shared =
                shareAt(CORSET, Level.UNDERBUST, front(80, 30, 30, 20), back(40, 20, 20), 60, 116, 180, 300);
        assertThat(values(shared.front())).containsExactly(30, 30, 20);
    }

    private static Garment locked(Garment garment, SeamPlace seam, double mm) {
        return garment.withIntake(new Cell(Level.WAIST, seam), Length.mm(mm));
    }

    private static Garment capped(Garment garment, SeamPlace seam, double mm) {
        return garment.withSharing(garment.sharing().withCap(new Cell(Level.WAIST, seam), Optional.of(Length.mm(mm))));
    }

    private static String refused(Garment garment, Wanted front, Wanted back) {
        return catchThrowableOfType(NotDraftable.class, () -> share(garment, Level.WAIST, front, back))
                .reasons()
                .get(0)
                .sentence()
                .in(LengthUnit.MM)
                .replace('\u00a0', ' ');
    }

    @Test
    void whereNothingIsLocked_everySeamTakesWhatItsRuleGives() throws NotDraftable {
        LevelBalance.Both both = share(CORSET, Level.WAIST, front(60, 10, 20, 30), back(40, 24, 16));
        assertThat(values(both.front())).containsExactly(new double[] {10, 20, 30}, within(1e-9));
        assertThat(values(both.back())).containsExactly(new double[] {24, 16}, within(1e-9));
        assertThat(both.front()).noneMatch(r -> r instanceof Overridden);
    }

    /** 60 are to be taken, the first is held at 15: the 45 left are shared as 20 to 30. */
    @Test
    void lock_isHeld_andTheOthersGiveWayInProportion() throws NotDraftable {
        LevelBalance.Both both = share(locked(CORSET, F1, 15), Level.WAIST, front(60, 10, 20, 30), back(40, 24, 16));
        assertThat(values(both.front())).containsExactly(new double[] {15, 18, 27}, within(1e-9));
        assertThat(both.front().get(0)).isInstanceOf(Overridden.class);
        assertThat(((Overridden) both.front().get(0)).computed().value()).isEqualTo(10);
        assertThat(values(both.back()))
                .as("the other block is not asked")
                .containsExactly(new double[] {24, 16}, within(1e-9));
    }

    /** The side locked at 44 of 54 gives back 10, half in each block: what it took less there the others take. */
    @Test
    void lockedSide_isHalvedFromWhatItTookInEachBlock() throws NotDraftable {
        LevelBalance.Both both =
                share(locked(CORSET, SeamPlace.SIDE, 44), Level.WAIST, front(60, 10, 20, 30), back(40, 24, 16));
        assertThat(both.front().get(2).value()).isCloseTo(25, within(1e-9));
        assertThat(both.back().get(0).value()).isCloseTo(19, within(1e-9));
        // In front 5 more over 10 and 20.
        assertThat(both.front().get(0).value()).isCloseTo(10 + 5 / 3.0, within(1e-9));
        assertThat(both.front().get(1).value()).isCloseTo(20 + 10 / 3.0, within(1e-9));
        assertThat(both.back().get(1).value()).isCloseTo(21, within(1e-9));
    }

    @Test
    void ownCap_holds_whateverTheOthersHaveToTake() throws NotDraftable {
        LevelBalance.Both both = share(capped(CORSET, F2, 12), Level.WAIST, front(60, 10, 20, 30), back(40, 24, 16));
        assertThat(values(both.front())).containsExactly(new double[] {12, 12, 36}, within(1e-9));
        assertThat(both.front().get(1)).isInstanceOfSatisfying(Overridden.class, o -> assertThat(o.source())
                .isEqualTo("held at its cap"));
    }

    /** At the waist no seam takes more than the house's cap while the others can take it; a seam that shapes the bust takes what its rule gives. */
    @Test
    void houseCap_holdsAtTheWaist_butNotTheSeamThatShapesTheBust() throws NotDraftable {
        double cap = CORSET.length(LengthOption.SEAM_CAP).value();
        Wanted plain = front(100, 20, 60, 20);
        LevelBalance.Both both = share(CORSET, Level.WAIST, plain, back(40, 24, 16));
        assertThat(both.front().get(1).value()).isCloseTo(cap, within(1e-9));
        assertThat(both.front().get(0).value()).isCloseTo(20 + (60 - cap) / 2, within(1e-9));
        Wanted shaping =
                new Wanted(plain.surplus(), plain.seams(), plain.rules(), plain.first(), plain.pressed(), Set.of(F2));
        assertThat(share(CORSET, Level.WAIST, shaping, back(40, 24, 16))
                        .front()
                        .get(1)
                        .value())
                .isCloseTo(60, within(1e-9));
        assertThat(share(CORSET, Level.UNDERBUST, plain, back(40, 24, 16))
                        .front()
                        .get(1)
                        .value())
                .as("only at the waist")
                .isCloseTo(60, within(1e-9));
    }

    /** Where everything is over the cap the house's bound gives way, not the draft. */
    @Test
    void houseCap_givesWay_whereNothingElseCanTakeIt() throws NotDraftable {
        LevelBalance.Both both = share(CORSET, Level.WAIST, front(180, 60, 60, 60), back(40, 24, 16));
        assertThat(values(both.front())).containsExactly(new double[] {60, 60, 60}, within(1e-9));
    }

    /** No seam gives cloth back while another can take less; then each at most 40. */
    @Test
    void springIsGiven_onlyWhenLocksLeaveNothingElse() throws NotDraftable {
        LevelBalance.Both both =
                share(locked(locked(CORSET, F1, 40), F2, 40), Level.WAIST, front(60, 10, 20, 30), back(40, 24, 16));
        assertThat(values(both.front())).containsExactly(new double[] {40, 40, -20}, within(1e-9));
        assertThat(refused(locked(locked(CORSET, F1, 60), F2, 60), front(60, 10, 20, 30), back(40, 24, 16)))
                .contains("locked seams of the front at the waist take 120.0 mm")
                .contains("give back 40.0 mm at the most")
                .contains("Lock less");
    }

    @Test
    void allLocked_sayByHowMuchTheyAreOff() {
        Garment all = locked(locked(locked(CORSET, F1, 10), F2, 20), SeamPlace.SIDE, 54);
        assertThat(refused(locked(all, B1, 20), front(60, 10, 20, 30), back(40, 24, 16)))
                .contains("leaves it 50.0 mm")
                .contains("4.0 mm off")
                .contains("unlock another");
    }

    @Test
    void cap_thatCannotHoldTheLevel_saysHowMuchIsTooMuch() {
        Garment capped = capped(capped(capped(CORSET, F1, 10), F2, 10), SeamPlace.SIDE, 15);
        assertThat(refused(capped, front(60, 10, 20, 30), back(40, 24, 16)))
                .contains("can take 35.0 mm of the 60.0 mm")
                .contains("take 25.0 mm less");
    }

    /** No seam takes more than 160: with 50 left of the front and 40 less 160 of the back, 70 given back is the least. */
    @Test
    void lockedSide_outOfReach_namesTheNearest() {
        String said = refused(
                locked(locked(locked(CORSET, SeamPlace.SIDE, -80), F1, 5), F2, 5),
                front(60, 10, 20, 30),
                back(40, 24, 16));
        assertThat(said)
                .contains("leaves it")
                .contains("70.0 mm, 10.0 mm off")
                .contains("Lock it at that, or unlock another");
    }

    /** Whatever is locked: the level takes exactly what is to be taken, what is locked stays, no cap of the cutter's is passed. */
    @Test
    void anyLocksAndCaps_keepTheSum_orAreRefused() {
        Random random = new Random(63);
        int shared = 0;
        for (int round = 0; round < 3_000; round++) {
            double[] f = {random.nextDouble() * 30, random.nextDouble() * 30, random.nextDouble() * 30};
            double[] b = {random.nextDouble() * 30, random.nextDouble() * 30};
            Wanted front = front(f[0] + f[1] + f[2], f[0], f[1], f[2]);
            Wanted back = back(b[0] + b[1], b[0], b[1]);
            Garment garment = CORSET;
            for (SeamPlace seam : List.of(F1, F2, SeamPlace.SIDE, B1)) {
                if (random.nextInt(4) == 0) {
                    garment = locked(garment, seam, Math.rint(random.nextDouble() * 40));
                } else if (random.nextInt(4) == 0) {
                    garment = capped(garment, seam, 5 + Math.rint(random.nextDouble() * 40));
                }
            }
            LevelBalance.Both both;
            try {
                both = share(garment, Level.WAIST, front, back);
            } catch (NotDraftable e) {
                assertThat(e.reasons().get(0).sentence().in(LengthUnit.MM))
                        .doesNotContain("NaN")
                        .contains(". ");
                continue;
            }
            shared++;
            assertThat(Arrays.stream(values(both.front())).sum()).isCloseTo(f[0] + f[1] + f[2], within(1e-6));
            assertThat(Arrays.stream(values(both.back())).sum()).isCloseTo(b[0] + b[1], within(1e-6));
            for (int i = 0; i < 2; i++) {
                SeamPlace seam = List.of(F1, F2).get(i);
                held(garment, seam, both.front().get(i).value());
            }
            held(garment, B1, both.back().get(1).value());
            held(
                    garment,
                    SeamPlace.SIDE,
                    both.front().get(2).value() + both.back().get(0).value());
        }
        assertThat(shared).isGreaterThan(1_500);
    }

    private static void held(Garment garment, SeamPlace seam, double value) {
        Cell cell = new Cell(Level.WAIST, seam);
        Length lock = garment.intakes().get(cell);
        Length cap = garment.sharing().caps().get(cell);
        if (lock != null) {
            assertThat(value).as(seam.id()).isCloseTo(lock.millimetres(), within(1e-6));
        } else if (cap != null) {
            // The side's cap counts in each block.
            assertThat(value)
                    .as(seam.id())
                    .isLessThanOrEqualTo(cap.millimetres() * (seam.equals(SeamPlace.SIDE) ? 2 : 1) + 1e-6);
        }
    }

    /** The cap of 45 and a side that bears 20 hold 65: of what is more, two parts of three go to the seam and one to the side. */
    @Test
    void whatTheHouseCannotHold_isSharedOnBeyondIt_withoutAJump() throws NotDraftable {
        double[] before = null;
        for (int surplus = 50; surplus <= 110; surplus++) {
            Wanted back = back(surplus, surplus / 3.0, surplus * 2 / 3.0).withSideBearing(20);
            double[] takes = values(
                    share(CORSET, Level.WAIST, front(60, 15, 15, 30), back).back());
            if (surplus >= 65) {
                assertThat(takes)
                        .containsExactly(
                                new double[] {20 + (surplus - 65) / 3.0, 45 + (surplus - 65) * 2 / 3.0}, within(1e-9));
            }
            if (before != null) {
                assertThat(takes[0] - before[0]).isBetween(0.0, 1.0 + 1e-9);
                assertThat(takes[1] - before[1]).isBetween(0.0, 1.0 + 1e-9);
            }
            before = takes;
        }
    }

    @Test
    void aSideThatIsHeld_saysWhetherByItsEdgeOrByTheCuttersCap() throws NotDraftable {
        Wanted back = back(60, 30, 30).withSideBearing(20);
        assertThat(source(share(CORSET, Level.WAIST, front(60, 15, 15, 30), back)))
                .contains("no more than its edge bears");
        assertThat(source(share(capped(CORSET, SeamPlace.SIDE, 18), Level.WAIST, front(60, 21, 21, 18), back)))
                .contains("held at its cap");
    }

    private static String source(LevelBalance.Both both) {
        return ((Overridden) both.back().get(0)).source();
    }
}
