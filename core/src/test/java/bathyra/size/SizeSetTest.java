package bathyra.size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.bill.Shopping;
import bathyra.draft.Bodies;
import bathyra.draft.Choices;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.garment.Cloth;
import bathyra.garment.ClothUse;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LayerKind;
import bathyra.garment.LengthOption;
import bathyra.garment.Making;
import bathyra.garment.Wearer;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.Piece;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.stock.PriceList;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SizeSetTest {
    private static final SizeChart HOUSE = SizeCharts.invented().get(0);

    private static SizeSet set(Garment garment, SizeChart chart) {
        return SizeSet.of(Bodies.commission(Bodies.nerea(), garment), chart, Growing.USUAL);
    }

    @Test
    void theInventedCharts_draftInEverySize_andSayNothingAgainstThemselves() {
        for (SizeChart chart : SizeCharts.invented()) {
            assertThat(chart.remarks()).as(chart.name()).isEmpty();
            for (GarmentKind kind : List.of(GarmentKind.CORSET, GarmentKind.BUSTIER)) {
                for (SizedDraft sized : set(Garment.of(kind), chart).sizes()) {
                    assertThat(sized.draft())
                            .as(() -> chart.name() + " " + sized.size().label() + " " + kind + ": "
                                    + sized.says(LengthUnit.CM))
                            .isPresent();
                }
            }
        }
    }

    @Test
    void everySize_isTheCommissionDraftedAlone() {
        Random random = new Random(23);
        List<Choices.Combination> designs = Choices.pairwise(23, true);
        int drafted = 0;
        for (int i = 0; i < Sample.of(1000); i++) {
            Commission design = Choices.commission(designs.get(random.nextInt(designs.size())), Bodies.random(random));
            SizeChart chart = chart(random);
            for (SizedDraft sized : SizeSet.of(design, chart, Growing.USUAL).sizes()) {
                Outcome alone = Drafter.draft(sized.commission());
                if (sized.draft().isPresent()) {
                    assertThat(sized.draft().get().pattern()).isEqualTo(((Draft) alone).pattern());
                    drafted++;
                } else {
                    assertThat(((Refusal) sized.outcome()).reasons()).isEqualTo(((Refusal) alone).reasons());
                }
            }
        }
        assertThat(drafted).isGreaterThan(Sample.of(1000) / 2);
    }

    /** Two or three bodies on the same steps. */
    private static SizeChart chart(Random random) {
        MeasurementSet first = Bodies.random(random);
        List<Size> sizes = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(2); i++) {
            Size size = new Size(Integer.toString(i), "", first.taken());
            for (MeasurementKey key :
                    List.of(MeasurementKey.BUST, MeasurementKey.UNDERBUST, MeasurementKey.WAIST, MeasurementKey.HIP)) {
                double more = 30.0 * i;
                size = size.with(key, size.at(key).map(l -> Length.mm(l.millimetres() + more)));
            }
            sizes.add(size);
        }
        return new SizeChart("made up", List.copyOf(first.taken().keySet()), sizes);
    }

    @Test
    void whatAStepGivesThePieces_isHalfOfWhatThePlanGivesIt() {
        SizeSet set = set(Garment.of(GarmentKind.CORSET), HOUSE);
        StepGains gains = StepGains.of(set);
        for (int row = 1; row < HOUSE.sizes().size(); row++) {
            for (Level level : List.of(Level.BUST, Level.WAIST)) {
                double plan = pattern(set, row, level) - pattern(set, row - 1, level);
                assertThat(gains.sum(level, row)).as(level + " " + row).isCloseTo(plan / 2, within(0.5));
            }
            assertThat(gains.jumps(row)).as("row " + row).isEmpty();
        }
        SizeChart odd = HOUSE.with(3, MeasurementKey.WAIST, Optional.of(Length.mm(790)));
        assertThat(StepGains.of(set(Garment.of(GarmentKind.CORSET), odd)).jumps(3))
                .anyMatch(g -> g.level() == Level.WAIST);
    }

    private static double pattern(SizeSet set, int row, Level level) {
        return set.sizes()
                .get(row)
                .draft()
                .orElseThrow()
                .girths()
                .at(level)
                .pattern()
                .value();
    }

    @ParameterizedTest
    @EnumSource(Nest.Laying.class)
    void inANest_allSizesOfAPiece_lieOnOnePoint_andKeepTheirOutlines(Nest.Laying laying) {
        SizeSet set = set(Garment.of(GarmentKind.CORSET), HOUSE);
        Nest nest = Nest.of(set, laying);
        double before = -1;
        for (Nest.Nested nested : nest.pieces()) {
            assertThat(nested.sizes()).hasSize(HOUSE.sizes().size());
            for (Nest.Lying lying : nested.sizes()) {
                Piece own = set.sizes()
                        .get(lying.row())
                        .draft()
                        .orElseThrow()
                        .pattern()
                        .piece(nested.id());
                assertThat(lying.piece().path().length()).isCloseTo(own.path().length(), within(1e-6));
                if (laying == Nest.Laying.WAIST) {
                    assertThat(lying.piece()
                                    .mark(Level.WAIST)
                                    .orElseThrow()
                                    .from()
                                    .y())
                            .isCloseTo(nested.common().y(), within(2.0));
                }
                if (laying == Nest.Laying.APEX && lying.piece().front()) {
                    assertThat(List.of(
                                    lying.piece().mark(Level.BUST).orElseThrow().from(),
                                    lying.piece().mark(Level.BUST).orElseThrow().to()))
                            .anyMatch(p -> p.distance(nested.common()) < 1e-6);
                }
            }
            double left = nested.sizes().stream()
                    .flatMap(l -> l.piece().cutLine().stream())
                    .mapToDouble(Point::x)
                    .min()
                    .orElseThrow();
            assertThat(left).isGreaterThan(before);
            before = nested.sizes().stream()
                    .flatMap(l -> l.piece().cutLine().stream())
                    .mapToDouble(Point::x)
                    .max()
                    .orElseThrow();
        }
        assertThat(nest.width()).isCloseTo(before, within(1e-6));
    }

    @Test
    void theCuttersOwnFigures_growWithTheBodyOrNot_asChosen() {
        Cell side = new Cell(Level.WAIST, SeamPlace.SIDE);
        Garment garment = Garment.of(GarmentKind.CORSET)
                .withLength(LengthOption.FRONT_LENGTH_BELOW, Length.mm(120))
                .withIntake(side, Length.mm(30));
        Commission design = Bodies.commission(Bodies.nerea(), garment);
        SizeChart fuller = SizeCharts.invented().get(2);
        SizeSet fixed = SizeSet.of(
                design,
                fuller,
                Growing.USUAL.with(Growing.Kind.SOUNDINGS, false).with(Growing.Kind.EDGES, false));
        SizeSet growing = SizeSet.of(design, fuller, Growing.USUAL);
        double[] atFixed = side(fixed, side);
        double[] grown = side(growing, side);
        assertThat(atFixed).containsOnly(30);
        assertThat(grown[grown.length - 1] - grown[0]).isNotCloseTo(0, within(0.2));
        for (SizedDraft sized : fixed.sizes()) {
            assertThat(sized.commission().garment().lengths().get(LengthOption.FRONT_LENGTH_BELOW))
                    .isEqualTo(Length.mm(120));
        }
    }

    private static double[] side(SizeSet set, Cell cell) {
        return set.sizes().stream()
                .mapToDouble(s -> s.commission().garment().intakes().get(cell).millimetres())
                .toArray();
    }

    @Test
    void aChart_goesOnByItsLastStep_andSaysWhereItRunsBackwards() {
        SizeChart more = HOUSE.adding();
        assertThat(more.sizes().get(6).label()).isEqualTo("7");
        assertThat(more.sizes().get(6).at(MeasurementKey.BUST)).contains(Length.mm(1100));
        SizeChart filled = HOUSE.filledDown(1, MeasurementKey.WAIST);
        assertThat(filled.sizes().stream()
                        .map(s -> s.at(MeasurementKey.WAIST).orElseThrow().millimetres()))
                .containsExactly(620.0, 660.0, 700.0, 740.0, 780.0, 820.0);
        SizeChart back = HOUSE.with(2, MeasurementKey.WAIST, Optional.of(Length.mm(650)));
        assertThat(back.remarks()).singleElement().satisfies(r -> {
            assertThat(r.row()).isEqualTo(2);
            assertThat(r.sentence().in(LengthUnit.CM))
                    .contains("1.0 cm smaller at the waist than size 2".replace("0 c", "0\u00a0c"));
        });
        assertThat(HOUSE.with(1, HOUSE.sizes().get(1).named("1", "")).remarks())
                .anyMatch(r -> r.sentence().in(LengthUnit.CM).contains("there twice"));
    }

    @Test
    void aSizeThatCannotBe_saysWhy_andTheOthersStand() {
        SizeChart broken = HOUSE.with(2, MeasurementKey.APEX_TO_UNDERBUST, Optional.of(Length.mm(400)))
                .with(2, MeasurementKey.WAIST, Optional.of(Length.mm(60)));
        SizeSet set = set(Garment.of(GarmentKind.CORSET), broken);
        assertThat(set.drafted()).hasSize(5);
        assertThat(set.sizes().get(2).says(LengthUnit.CM)).isNotEqualTo("drafts clean");
        assertThat(Nest.of(set, Nest.Laying.WAIST).pieces().get(0).sizes()).hasSize(5);
    }

    @Test
    void aChangedCell_draftsOneSizeAnew() {
        SizeSet set = set(Garment.of(GarmentKind.CORSET), HOUSE);
        SizeChart next = HOUSE.with(4, MeasurementKey.BUST, Optional.of(Length.mm(970)));
        SizeSet changed = set.with(next, 4);
        for (int row = 0; row < 6; row++) {
            if (row == 4) {
                assertThat(changed.sizes().get(row).outcome())
                        .isNotEqualTo(set.sizes().get(row).outcome());
            } else {
                assertThat(changed.sizes().get(row)).isSameAs(set.sizes().get(row));
            }
        }
    }

    @Test
    void aWearer_hasTheNearestSizeByRibThenWaist_andWhatIsToBeAltered() {
        SizeSet set = set(Garment.of(GarmentKind.CORSET), HOUSE);
        Size four = HOUSE.sizes().get(3);
        MeasurementSet hers = four.measurements()
                .with(MeasurementKey.WAIST, Length.mm(760))
                .with(MeasurementKey.SHOULDER_TO_APEX, Length.mm(268));
        WearersSize size = WearersSize.nearest(set, hers).orElseThrow();
        assertThat(size.sized().size()).isEqualTo(four);
        assertThat(size.alterations())
                .containsOnly(
                        java.util.Map.entry(MeasurementKey.WAIST, 20.0),
                        java.util.Map.entry(MeasurementKey.SHOULDER_TO_APEX, 5.0));
        double planned = set.sizes()
                .get(3)
                .draft()
                .orElseThrow()
                .girths()
                .at(Level.WAIST)
                .gap()
                .value();
        assertThat(size.gaps().get(Level.WAIST)).isCloseTo(planned + 20, within(1e-6));
        assertThat(size.isGood()).isFalse();
        assertThat(WearersSize.nearest(set, four.measurements()).orElseThrow().isGood())
                .isTrue();
        Commission begun = size.commission(
                set.design(), new Wearer("Nerea Holloway", set.design().wearer().experience()));
        assertThat(begun.measurements().taken().get(MeasurementKey.WAIST)).isEqualTo(Length.mm(760));
        assertThat(begun.measurements().taken().get(MeasurementKey.BUST)).isEqualTo(Length.mm(920));
        assertThat(begun.sizes()).contains(HOUSE.name());
    }

    @Test
    void aCostume_takesTheWaistsBetweenItsGaps() {
        Draft draft = set(Garment.of(GarmentKind.CORSET), HOUSE)
                .sizes()
                .get(3)
                .draft()
                .orElseThrow();
        Costume costume = Costume.of(draft);
        double closed = draft.girths().at(Level.WAIST).pattern().value()
                - draft.girths().at(Level.WAIST).ease().value();
        assertThat(costume.from().get(Level.WAIST)).isCloseTo(closed + 20, within(1e-9));
        assertThat(costume.to().get(Level.WAIST)).isCloseTo(closed + 110, within(1e-9));
        assertThat(costume.takes(HOUSE.sizes().get(3).measurements())).isTrue();
        assertThat(costume.takes(HOUSE.sizes().get(0).measurements())).isFalse();
        assertThat(costume.letOut()).isGreaterThan(20);
    }

    @Test
    void severalSizesCutTogether_addUpToWhatEachTakesAlone_andLieOnTheCloth() {
        Cloth coutil = new Cloth("Coutil", 1400, 10, false, 0, 0, 20);
        Commission design = Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET))
                .withMaking(Making.BEGUN.withCloth(LayerKind.STRENGTH, ClothUse.of(coutil)));
        SizeSet set = SizeSet.of(design, HOUSE, Growing.USUAL);
        PriceList prices = PriceList.invented();
        List<Integer> counts = Batch.read("0-1-2-2-1-0", 6);
        Batch batch = Batch.of(set, counts, prices, () -> false);
        int bones = 0;
        int eyelets = 0;
        double cord = 0;
        for (int row = 0; row < 6; row++) {
            Shopping alone = Shopping.of(set.sizes().get(row).draft().orElseThrow(), prices);
            bones += counts.get(row)
                    * alone.bones().stream().mapToInt(Shopping.BoneLot::count).sum();
            eyelets += counts.get(row) * alone.eyelets();
            cord += counts.get(row) * alone.cord().orElseThrow().value();
        }
        assertThat(batch.bones().values().stream().mapToInt(i -> i).sum()).isEqualTo(bones);
        assertThat(batch.eyelets()).isEqualTo(eyelets);
        assertThat(batch.cord()).isCloseTo(cord, within(1e-6));
        Batch.Cut strength = batch.layers().get(LayerKind.STRENGTH);
        var lay = strength.lay().orElseThrow();
        assertThat(lay.placed()).hasSize(strength.pieces());
        double least = lay.placed().stream()
                        .mapToDouble(p -> Math.abs(Shape.area(p.ring())))
                        .sum()
                / coutil.usable();
        assertThat(lay.length()).isGreaterThan(least);
        assertThat(batch.layers().get(LayerKind.LINING).cloth())
                .as("where none was chosen, the usual of the list")
                .isEqualTo(prices.usual(LayerKind.LINING));
        assertThatThrownBy(() -> Batch.read("1-2-2", 6)).hasMessageContaining("There are 6 sizes");
        assertThatThrownBy(() -> Batch.read("1-x-2-2-1-0", 6)).hasMessageContaining("“x”");
    }
}
