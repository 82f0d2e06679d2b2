package bathyra.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Closure;
import bathyra.garment.Cloth;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.layer.Layer;
import bathyra.layer.Layers;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

class AutoLayTest {
    private static final Garment CORSET = Garment.of(GarmentKind.CORSET);
    private static final Cloth PLAIN = new Cloth("Plain", 1400, 10, false, 0, 0, 10);

    private static Layer fashion(Garment garment) {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
        return Layers.of(draft.pattern(), garment, Part.WHOLE).get(0);
    }

    private static Cloth wide(double width, boolean oneWay) {
        return new Cloth("Plain", width, 10, oneWay, 0, 0, 10);
    }

    private static Lay laid(Laying laying, int rounds) {
        return AutoLay.lay(laying, 1, rounds, p -> {}, () -> false);
    }

    @Test
    void theSameSeed_givesTheSameLay_andProgressOnlyGetsBetter() {
        Laying laying = Laying.of(fashion(CORSET), wide(750, false), false, 5);
        List<Double> seen = new ArrayList<>();
        Lay first = AutoLay.lay(laying, 7, 300, p -> seen.add(p.best().length()), () -> false);
        assertThat(laid(laying, 0).length()).isGreaterThanOrEqualTo(first.length());
        assertThat(AutoLay.lay(laying, 7, 300, p -> {}, () -> false)).isEqualTo(first);
        assertThat(seen).isSortedAccordingTo((a, b) -> Double.compare(b, a)).isNotEmpty();
        assertThat(Clearance.wrong(first, laying).size()).isZero();
    }

    @Test
    void anOpenCloth_isNeverLaidLongerThanTheSameClothFolded() {
        // Whatever lies on the half of a cloth can lie mirrored on the other half; half the gap is lost on either side
        // of the middle.
        for (double width : new double[] {620, 900, 1400}) {
            Layer layer = fashion(CORSET.withFastening(CORSET.fastening().with(Closure.FRONT_BUSK)));
            Lay open = laid(Laying.of(layer, wide(width, true), false, 0), 400);
            Lay folded = laid(Laying.of(layer, wide(width, true), true, 0), 200);
            assertThat(open.length()).as("%.0f wide", width).isLessThanOrEqualTo(folded.length() + 1e-6);
        }
    }

    @Test
    void aCancelledLay_keepsTheBestSoFar() {
        Laying laying = Laying.of(fashion(CORSET), wide(750, false), false, 5);
        AtomicInteger asked = new AtomicInteger();
        Lay best = AutoLay.lay(laying, 7, 1_000_000, p -> {}, () -> asked.incrementAndGet() > 20);
        assertThat(best.placed()).hasSize(laying.pieces().size());
        assertThat(Clearance.wrong(best, laying).size()).isZero();
    }

    @Test
    void withANap_noPieceIsTurned_withoutOneSomeAre() {
        assertThat(laid(Laying.of(fashion(CORSET), wide(500, true), false, 5), 200).placed().stream()
                        .filter(Placed::turned)
                        .count())
                .isZero();
        long turned = DoubleStream.of(400, 500, 620, 750)
                .mapToObj(width -> laid(Laying.of(fashion(CORSET), wide(width, false), false, 5), 200))
                .flatMap(l -> l.placed().stream())
                .filter(Placed::turned)
                .count();
        assertThat(turned).isPositive();
    }

    @Test
    void openCloth_hasEveryPieceTwiceAndMirrored_foldedClothOnce_whatIsOnTheFoldLiesOnIt() {
        Layer layer = fashion(Garment.bustier());
        Laying open = Laying.of(layer, PLAIN, false, 5);
        Laying folded = Laying.of(layer, PLAIN, true, 5);
        int cut = layer.pieces().stream()
                .mapToInt(p -> p.onFold() ? 1 : p.count())
                .sum();
        assertThat(open.pieces()).hasSize(cut);
        assertThat(folded.pieces()).hasSize(layer.pieces().size());
        assertThat(folded.width()).isEqualTo((1400 - 20) / 2.0);
        double openArea = open.pieces().stream().mapToDouble(LayPiece::area).sum();
        assertThat(2 * folded.pieces().stream().mapToDouble(LayPiece::area).sum())
                .isCloseTo(openArea, within(openArea * 1e-3));
        Lay lay = laid(folded, 50);
        assertThat(lay.placed())
                .filteredOn(p -> p.piece().atFold())
                .isNotEmpty()
                .allSatisfy(p -> assertThat(p.x()).isZero());
        assertThat(Clearance.wrong(lay, folded).size()).isZero();
    }

    @Test
    void shrinkage_makesPiecesLargerBeforeTheyAreLaid() {
        Layer layer = fashion(CORSET);
        LayPiece plain = Laying.of(layer, PLAIN, false, 5).pieces().get(0);
        LayPiece shrinks = Laying.of(layer, new Cloth("Shrinks", 1400, 10, false, 0.04, 0.02, 10), false, 5)
                .pieces()
                .get(0);
        // What shrinks by 4 % must be 1 ÷ 0.96 as long to end at its length.
        assertThat(shrinks.height() * 0.96).isCloseTo(plain.height(), within(0.01));
        assertThat(shrinks.width() * 0.98).isCloseTo(plain.width(), within(0.01));
    }

    @Test
    void clothNarrowerThanAPiece_isAHindranceThatNamesIt() {
        Laying laying = Laying.of(fashion(Garment.bustier()), wide(300, false), false, 5);
        LayPiece widest = laying.pieces().stream()
                .reduce((a, b) -> a.width() > b.width() ? a : b)
                .orElseThrow();
        assertThat(widest.width()).isLessThan(280);
        Laying folded = Laying.of(fashion(Garment.bustier()), wide(300, false), true, 5);
        assertThat(folded.hindrances()).isNotEmpty();
        assertThat(folded.hindrances().get(0).sentence().in(LengthUnit.CM))
                .contains("wide, and the folded cloth leaves 14.0")
                .contains("Lay it open");
    }

    @Test
    void turningAndLeaning_moveNoAreaAndKeepTheMiddle() {
        LayPiece piece = Laying.of(fashion(CORSET), PLAIN, false, 5).pieces().get(1);
        Placed placed = new Placed(piece, 100, 50, false, 0);
        for (Placed other : List.of(
                placed.turnedRound(), placed.tilted(2), placed.turnedRound().tilted(-1))) {
            assertThat(Shape.area(other.ring())).isCloseTo(piece.area(), within(1e-3));
        }
        Point middle = Shape.middle(placed.ring());
        Point turned = Shape.middle(placed.turnedRound().ring());
        assertThat(middle.x() + turned.x()).isCloseTo(2 * 100 + piece.width(), within(0.01));
    }

    @Test
    void whatTouchesAnother_orLeavesTheCloth_isWrong() {
        Laying laying = Laying.of(fashion(CORSET), PLAIN, false, 5);
        LayPiece a = laying.pieces().get(0);
        LayPiece b = laying.pieces().get(1);
        Placed first = new Placed(a, 0, 0, false, 0);
        assertThat(Clearance.isClear(new Placed(b, a.width() + 5, 0, false, 0), List.of(first), laying))
                .isTrue();
        assertThat(Clearance.isClear(new Placed(b, a.width() / 2, 0, false, 0), List.of(first), laying))
                .isFalse();
        assertThat(Clearance.isClear(new Placed(b, laying.width() - b.width() + 1, 0, false, 0), List.of(), laying))
                .isFalse();
        assertThat(Clearance.isClear(new Placed(b, 0, -1, false, 0), List.of(), laying))
                .isFalse();
    }

    @Test
    void inARoomyWidth_theLayIsAtLeastAsShortAsRows_andNeverShorterThanItsBound() {
        Garment busked = CORSET.withFastening(CORSET.fastening().with(Closure.FRONT_BUSK));
        for (double width : new double[] {500, 750, 900, 1380}) {
            for (Garment garment : List.of(Garment.bustier(), CORSET, busked)) {
                Laying laying = Laying.of(fashion(garment), wide(width, false), false, 5);
                Lay lay = laid(laying, 150);
                assertThat(lay.length())
                        .isBetween(lay.least() - 1e-6, Rows.of(laying).length() + 1e-6);
                assertThat(lay.utilisation()).isBetween(0.3, 1.0);
                assertThat(lay.bought() % 100).isZero();
            }
        }
    }
}
