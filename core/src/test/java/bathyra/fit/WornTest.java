package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.fit.Worn.LevelReading;
import bathyra.garment.Bust;
import bathyra.garment.Closure;
import bathyra.garment.ClothGive;
import bathyra.garment.CupKind;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.Stretch;
import bathyra.garment.UnderbustSchool;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.Softness;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.reckon.Formula;
import bathyra.reckon.Reckoned;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Garments on the form. The figures of another implementation of the same method are held within what its own refinement leaves open. */
class WornTest {
    /** As the other implementation had it: the under-bust intake by the excess, 0.54 of the bust in front. */
    private static final Garment SWEETHEART = Garment.bustier()
            .withUpperEdge(UpperShape.SWEETHEART)
            .withLowerEdge(LowerShape.HIP)
            .withSchool(UnderbustSchool.EXCESS)
            .withFastening(Fastening.ZIP.withShare(Level.BUST, Optional.of(0.54)));

    private static Draft drafted(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    private static Worn worn(Draft draft, Softness softness) {
        return Worn.of(draft, new FormSurface(Worn.form(draft), softness), () -> false);
    }

    private static LevelReading at(Worn worn, Level level) {
        return worn.levels().stream()
                .filter(r -> r.level() == level)
                .findFirst()
                .orElseThrow();
    }

    private static final Worn BUSTIER = worn(drafted(SWEETHEART), Softness.BETWEEN);

    @Test
    void bustier_settles_andLiesAsAnotherReckoningHasIt() {
        assertThat(BUSTIER.rest().settled()).isTrue();
        assertThat(at(BUSTIER, Level.WAIST).worn()).isCloseTo(709, within(5.0));
        assertThat(at(BUSTIER, Level.BUST).worn()).isCloseTo(902, within(4.0));
        assertThat(at(BUSTIER, Level.WAIST).tension()).isBetween(80.0, 170.0);
        assertThat(at(BUSTIER, Level.WAIST).pressure()).isBetween(0.5, 1.6);
    }

    /** What is shown as a reading's reckoning is what gives it: the lines of all pieces, each by its stretch, twice. */
    @Test
    void readings_areReckonedFromThePieces() {
        LevelReading waist = at(BUSTIER, Level.WAIST);
        double half = 0;
        for (Piece piece : BUSTIER.draft().pattern().pieces()) {
            LevelMark mark = piece.mark(Level.WAIST).orElseThrow();
            double cut = mark.from().distance(mark.to());
            double stretch = Formula.figures(waist.lies()).stream()
                    .filter(f -> f.name().equals("Stretch of " + piece.name()))
                    .findFirst()
                    .orElseThrow()
                    .value();
            assertThat(stretch).as(piece.name()).isBetween(0.95, 1.05);
            half += cut * stretch;
        }
        assertThat(waist.worn()).isCloseTo(2 * half, within(1e-6));
        assertThat(Formula.inWords(waist.lies(), LengthUnit.CM)).endsWith("× 2").contains("× stretch of");
        assertThat(Formula.inFigures(waist.pulls(), LengthUnit.CM)).contains("× 1000 = ");
        assertThat(Formula.inWords(waist.presses(), LengthUnit.CM)).contains("load ÷ area");
        assertThat(Formula.inWords(waist.side(), LengthUnit.CM)).isEqualTo("height of the line − height in the draft");
        assertThat(waist.lies().rule().section()).isEqualTo("C22");
    }

    @Test
    void lacedReading_countsItsGap_once() {
        Garment laced = Garment.of(GarmentKind.CORSET).withFastening(Fastening.ZIP.with(Closure.BACK_LACING));
        Draft draft = drafted(laced);
        Worn worn = Worn.cold(draft, new FormSurface(Worn.form(draft), Softness.BETWEEN), Worn.COARSE, () -> false);
        Reckoned lies = at(worn, Level.WAIST).lies();
        double gap = draft.girths().at(Level.WAIST).gap().value();
        assertThat(Formula.figures(lies))
                .filteredOn(f -> f.name().equals("Gap"))
                .singleElement()
                .satisfies(f -> assertThat(f.value()).isEqualTo(gap));
        assertThat(Formula.inWords(lies, LengthUnit.CM)).endsWith("+ gap");
    }

    @Test
    void halves_areEven_andNothingTouchesTheMiddleFromTheOtherSide() {
        double[] shape = BUSTIER.rest().shape();
        for (int v = 0; v < BUSTIER.mesh().count(); v++) {
            assertThat(shape[3 * v]).isGreaterThan(-1.0);
            if (BUSTIER.mesh().held()[v][0]) {
                assertThat(shape[3 * v]).isEqualTo(0);
            }
        }
    }

    @Test
    void bodyTwiceAsFirm_orHalf_movesTheWornWaistLittle() {
        double firm = at(worn(drafted(SWEETHEART), Softness.FIRM), Level.WAIST).worn();
        double soft = at(worn(drafted(SWEETHEART), Softness.SOFT), Level.WAIST).worn();
        double between = at(BUSTIER, Level.WAIST).worn();
        assertThat(firm).isCloseTo(between, within(4.0));
        assertThat(soft).isCloseTo(between, within(4.0));
    }

    /** Wrong on purpose: thirty tighter at the waist sits about as much tighter there, and presses harder. */
    @Test
    void tighterWaist_sitsTighterThere_andPressesHarder() {
        Garment alone = SWEETHEART
                .withLength(LengthOption.REACH_UP, Length.mm(0))
                .withLength(LengthOption.REACH_DOWN, Length.mm(0))
                .withEase(Level.WAIST, Length.mm(-40));
        Worn tighter = worn(drafted(alone), Softness.BETWEEN);
        assertThat(at(tighter, Level.WAIST).worn() - at(BUSTIER, Level.WAIST).worn())
                .isCloseTo(-30, within(6.0));
        assertThat(at(tighter, Level.BUST).worn())
                .isCloseTo(at(BUSTIER, Level.BUST).worn(), within(5.0));
        assertThat(at(tighter, Level.WAIST).pressure())
                .isGreaterThan(at(BUSTIER, Level.WAIST).pressure() * 1.5);
    }

    @Test
    void lacedCorset_keepsItsGap_andCountsIt() {
        Garment corset = Garment.of(GarmentKind.CORSET).withFastening(Fastening.ZIP.with(Closure.BACK_LACING));
        Draft draft = drafted(corset);
        double gap = draft.girths().at(Level.WAIST).gap().value();
        assertThat(gap).isGreaterThan(20);
        Worn worn = worn(draft, Softness.BETWEEN);
        double[] shape = worn.rest().shape();
        long laced = 0;
        for (int v = 0; v < worn.mesh().count(); v++) {
            if (worn.mesh().held()[v][0] && Math.abs(shape[3 * v] - gap / 2) < 1e-9) {
                laced++;
            }
        }
        assertThat(laced).isGreaterThan(10);
        assertThat(at(worn, Level.WAIST).worn()).isCloseTo(at(worn, Level.WAIST).planned(), within(15.0));
    }

    @Test
    void cutCups_areSewnIn_andLieOnTheBreast() {
        Worn cups = worn(drafted(SWEETHEART.withBust(Bust.PRINCESS.withCups(CupKind.TWO_PART))), Softness.BETWEEN);
        assertThat(cups.rest().residual()).isLessThan(3);
        double[] apex = cups.form().apex();
        double nearest = Double.POSITIVE_INFINITY;
        double[] shape = cups.rest().shape();
        for (int v = 0; v < cups.mesh().count(); v++) {
            nearest = Math.min(
                    nearest,
                    Math.hypot(
                            Math.hypot(shape[3 * v] - apex[0], shape[3 * v + 1] - apex[1]),
                            shape[3 * v + 2] - apex[2]));
        }
        assertThat(nearest).isLessThan(30);
    }

    @Test
    void sewnEdges_areTheSameVertices_fromEndToEnd() {
        Draft draft = drafted(SWEETHEART);
        Sewing sewing = Sewing.of(draft.pattern(), 14, 0);
        for (SeamJoin seam : draft.pattern().seams()) {
            if (seam.a().equals(seam.b())) {
                continue;
            }
            List<Integer> a = vertices(sewing, seam.a());
            List<Integer> b = vertices(sewing, seam.b());
            assertThat(a).containsExactlyInAnyOrderElementsOf(b);
        }
    }

    private static List<Integer> vertices(Sewing sewing, SeamJoin.Ref ref) {
        PieceMesh cut = sewing.pieces().get(ref.piece());
        return java.util.Arrays.stream(cut.edges().get(ref.edge()))
                .mapToObj(local -> sewing.vertex(cut.piece(), local))
                .toList();
    }

    @Test
    void meshOfAPiece_coversIt_once() {
        Draft draft = drafted(SWEETHEART);
        Sewing sewing = Sewing.of(draft.pattern(), 14, 0);
        for (PieceMesh cut : sewing.pieces().values()) {
            double area = 0;
            for (int[] t : cut.triangles()) {
                double twice = cut.points()
                        .get(t[0])
                        .to(cut.points().get(t[1]))
                        .cross(cut.points().get(t[0]).to(cut.points().get(t[2])));
                assertThat(twice).isPositive();
                area += twice / 2;
            }
            assertThat(area).isCloseTo(bathyra.geometry.Shape.area(cut.piece().flattened(0.05)), within(0.01 * area));
        }
    }

    @Test
    void randomBodies_inBustiersAndCorsets_comeToRest() {
        Random random = new Random(60);
        int tried = 0;
        int settled = 0;
        int wanted = Sample.of(60);
        while (tried < wanted) {
            Garment garment = tried % 2 == 0 ? SWEETHEART : Garment.of(GarmentKind.CORSET);
            Outcome outcome = Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment));
            if (!(outcome instanceof Draft draft)) {
                continue;
            }
            tried++;
            Worn each = Worn.cold(draft, new FormSurface(Worn.form(draft), Softness.BETWEEN), Worn.COARSE, () -> false);
            settled += each.rest().settled() ? 1 : 0;
            assertThat(each.rest().residual()).isLessThan(20);
            for (LevelReading reading : each.levels()) {
                assertThat(reading.worn()).isCloseTo(reading.planned(), withinPercentage(6));
            }
        }
        assertThat(settled).isGreaterThanOrEqualTo(wanted / 2);
    }

    @Test
    void stoppedAtOnce_isSaidNotToHaveSettled() {
        Draft draft = drafted(SWEETHEART);
        Worn stopped = Worn.of(draft, new FormSurface(Worn.form(draft), Softness.BETWEEN), () -> true);
        assertThat(stopped.rest().settled()).isFalse();
        assertThat(stopped.levels()).isNotEmpty();
    }

    /** After a change it goes on from the shape before; there may be another rest close by, which is why the window replaces it by the cold one. */
    @Test
    void changeWorkedOutFromTheShapeBefore_readsNearlyAsFromCold() {
        for (Garment next : List.of(
                SWEETHEART.withEase(Level.WAIST, Length.mm(-4)), SWEETHEART.withEase(Level.HIP, Length.mm(16)))) {
            Draft draft = drafted(next);
            FormSurface surface = Worn.surface(draft);
            Worn warm = BUSTIER.changed(draft, surface, () -> false).orElseThrow();
            Worn cold = Worn.of(draft, surface, () -> false);
            assertThat(warm.rest().settled()).isTrue();
            assertThat(warm.rest().rounds()).isLessThan(cold.rest().rounds() + 2);
            for (LevelReading reading : cold.levels()) {
                assertThat(at(warm, reading.level()).worn())
                        .as(reading.level().label())
                        .isCloseTo(reading.worn(), within(2.5));
            }
        }
        assertThat(BUSTIER.changed(drafted(Garment.of(GarmentKind.CORSET)), BUSTIER.surface(), () -> false))
                .as("other pieces")
                .isEmpty();
    }

    @Test
    void backLacedWithOneCord_closesTheMoreTheHarderItIsPulled_andHoldsWhatTheGapHeld() {
        Draft draft = drafted(Garment.of(GarmentKind.UNDERBUST));
        Worn worn = Worn.cold(draft, Worn.surface(draft), Worn.COARSE, () -> false);
        double pull = worn.lacingPull().orElseThrow();
        assertThat(pull).isPositive();
        double before = Double.POSITIVE_INFINITY;
        for (double each : new double[] {pull / 2, pull, 2 * pull}) {
            Lacing lacing = worn.laced(each, () -> false).orElseThrow();
            assertThat(lacing.pull()).isEqualTo(each);
            assertThat(lacing.gaps()).allSatisfy(g -> assertThat(g.open()).isGreaterThanOrEqualTo(0));
            double mean = lacing.gaps().stream()
                    .mapToDouble(Lacing.Gap::open)
                    .average()
                    .orElseThrow();
            assertThat(mean).isLessThan(before);
            if (each == pull) {
                assertThat(mean)
                        .as("what held the gap holds it")
                        .isCloseTo(draft.girths().at(Level.WAIST).gap().value(), within(25.0));
            }
            before = mean;
        }
        assertThat(BUSTIER.laced(100, () -> false)).as("a zip").isEmpty();
        assertThat(BUSTIER.lacingPull()).isEmpty();
    }

    @Test
    void lacing_isNamedByItsShape() {
        assertThat(shape(50, 48, 52)).startsWith("parallel");
        assertThat(shape(80, 55, 50)).contains("opens upwards");
        assertThat(shape(50, 55, 80)).contains("opens downwards");
        assertThat(shape(80, 40, 78)).contains("narrow in the middle");
        assertThat(shape(40, 80, 42)).contains("wide in the middle");
    }

    /** Halves that open alike at the top, and by the hem one 30 more and the other 30 less, lean by a quarter of their difference. */
    @Test
    void lacing_ofTwoHalves_isSkewed_whereItsMiddleRunsAside() {
        Lacing left = halves(60, 60, 90);
        Lacing right = halves(60, 60, 30);
        Lacing both = left.with(right);
        assertThat(both.gaps()).extracting(Lacing.Gap::open).containsExactly(60.0, 60.0, 60.0);
        assertThat(both.gaps()).extracting(Lacing.Gap::aside).containsExactly(0.0, 0.0, -15.0);
        assertThat(both.lean()).isEqualTo(15);
        assertThat(both.shape()).startsWith("skewed");
        assertThat(left.with(left).shape()).isEqualTo(left.shape());
    }

    private static Lacing halves(double top, double waist, double hem) {
        return new Lacing(
                100,
                List.of(new Lacing.Gap(150, top, 0, 0), new Lacing.Gap(0, waist, 0, 0), new Lacing.Gap(-90, hem, 0, 0)),
                true);
    }

    private static String shape(double top, double waist, double hem) {
        return halves(top, waist, hem).shape();
    }

    @Test
    void softerCloth_pullsLess_andStretchesFurther() {
        Draft gives = drafted(SWEETHEART.withFit(SWEETHEART.fit().withGive(ClothGive.GIVES)));
        Worn soft = worn(gives, Softness.BETWEEN);
        assertThat(at(soft, Level.WAIST).tension())
                .isLessThan(at(BUSTIER, Level.WAIST).tension());
        assertThat(at(soft, Level.WAIST).worn())
                .isGreaterThan(at(BUSTIER, Level.WAIST).worn());
        Cloth knit = Cloth.of(SWEETHEART.withFit(SWEETHEART
                .fit()
                .withStretch(java.util.Optional.of(
                        new Stretch(Length.mm(100), Length.mm(130), Length.mm(110), Length.mm(101), Stretch.USUAL)))
                .withGive(ClothGive.STRETCH)));
        double strain = (1.3 * 1.3 - 1) / 2;
        assertThat(knit.across() * strain * 1.3).as("the pull of the test").isCloseTo(0.2, within(1e-9));
        assertThat(knit.along()).isGreaterThan(knit.across());
    }

    /** Under the garment the body is pressed in where it presses, and a tape round the garment reads no less than its line. */
    @Test
    void girthsAtAHeight_areOfTheFinishedShape() {
        double z = 0;
        assertThat(BUSTIER.section(z).bodyUnder()).isLessThan(BUSTIER.form().girth(z));
        assertThat(BUSTIER.section(z).hull()).isCloseTo(at(BUSTIER, Level.WAIST).worn(), within(8.0));
        assertThat(BUSTIER.section(-5000).hull()).isZero();
        CupRoom room = BUSTIER.cup().orElseThrow();
        assertThat(room.pressed()).isPositive();
        assertThat(CupRoom.band(5)).isEqualTo("none");
        assertThat(CupRoom.band(200)).isEqualTo("much");
        assertThat(Worn.cold(drafted(Garment.of(GarmentKind.UNDERBUST)), BUSTIER.surface(), Worn.COARSE, () -> false)
                        .cup())
                .isEmpty();
    }

    /** The bust is fitted under the arm, not at the apex: that is seen at the side, about twenty millimetres. */
    @Test
    void bustShapedUnderTheArm_standsAwayThere_andIsSaidFirst() {
        List<Sight> sights = Sight.of(BUSTIER);
        Sight worst = sights.get(0);
        assertThat(worst.kind()).isEqualTo(Sight.Kind.AWAY);
        assertThat(worst.amount()).isCloseTo(20, within(5.0));
        assertThat(Math.toDegrees(worst.azimuth())).isBetween(60.0, 115.0);
        assertThat(worst.sentence().in(LengthUnit.CM)).contains("at the side").contains("at the bust");
        for (int i = 1; i < sights.size(); i++) {
            if (sights.get(i).kind() == sights.get(i - 1).kind()) {
                assertThat(sights.get(i).amount())
                        .isLessThanOrEqualTo(sights.get(i - 1).amount());
            }
        }
        assertThat(sights).extracting(s -> s.sentence().in(LengthUnit.CM)).doesNotHaveDuplicates();
        assertThat(sights)
                .as("the hollow between the breasts, which cloth always bridges")
                .noneMatch(s -> s.kind() == Sight.Kind.EDGE_AWAY && s.azimuth() < 0.2);
    }

    @Test
    void whatIsTooTightAtTheHem_bitesInThere() {
        Garment tight = Garment.of(GarmentKind.UNDERBUST).withEase(Level.HIGH_HIP, Length.mm(-90));
        Outcome outcome = Drafter.draft(Bodies.commission(Bodies.nerea(), tight));
        assertThat(outcome).isInstanceOf(Draft.class);
        Worn worn = Worn.cold(
                (Draft) outcome,
                new FormSurface(Worn.form((Draft) outcome), Softness.BETWEEN),
                Worn.COARSE,
                () -> false);
        assertThat(Sight.of(worn))
                .anyMatch(s -> s.kind() == Sight.Kind.EDGE_BITES
                        && s.sentence().in(LengthUnit.CM).startsWith("The lower edge bites in"));
    }

    @Test
    void surfaceReadOverItsGrid_isTheForm() {
        Draft draft = drafted(SWEETHEART);
        FormSurface surface = new FormSurface(Worn.form(draft), Softness.BETWEEN);
        double[] read = new double[5];
        Random random = new Random(8);
        for (int i = 0; i < 2000; i++) {
            double azimuth = (random.nextDouble() * 2 - 1) * Math.PI;
            double z = surface.form().heights().below()
                    + random.nextDouble()
                            * (surface.form().heights().above()
                                    - surface.form().heights().below());
            surface.read(azimuth, z, read);
            assertThat(read[0]).isCloseTo(surface.form().radius(azimuth, z), within(1.0));
            double[] beside = new double[5];
            surface.read(azimuth + 1e-5, z, beside);
            assertThat((beside[0] - read[0]) / 1e-5).isCloseTo(read[1], within(0.5));
            surface.read(azimuth, z + 1e-4, beside);
            assertThat((beside[0] - read[0]) / 1e-4).isCloseTo(read[2], within(0.02));
        }
        assertThat(surface.firmness(0, 0)).isCloseTo(0.20e-3, within(1e-9));
        assertThat(surface.firmness(Math.PI, 0)).isCloseTo(0.50e-3, within(1e-9));
        assertThat(surface.firmness(
                        surface.form().apexAzimuth(), surface.form().heights().bust()))
                .as("the breast itself")
                .isCloseTo(0.12e-3, within(1e-6));
    }

    /** With the rules' second edition the bust is shaped at the apex: under the arm much less stands away. */
    @Test
    void bustShapedAtTheApex_standsAwayFarLessUnderTheArm() {
        Worn apex = worn(drafted(SWEETHEART.withSchool(UnderbustSchool.BODY)), Softness.BETWEEN);
        assertThat(apex.besideTheBust()).isLessThan(BUSTIER.besideTheBust() - 6);
    }
}
