package bathyra.app.sizes;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.table.Lettering;
import bathyra.app.table.RecordingSurface;
import bathyra.app.table.TextSize;
import bathyra.app.work.HandedOver;
import bathyra.app.workshop.InWorkshop;
import bathyra.book.Commissions;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.size.Growing;
import bathyra.size.Nest;
import bathyra.size.Size;
import bathyra.size.SizeChart;
import bathyra.size.SizeSet;
import bathyra.size.SizedDraft;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The page of sizes without its window: the test is the window's thread, and does what is handed over to that. */
class SizesModelTest extends InWorkshop {
    private final HandedOver handed = new HandedOver();
    private SizesModel model;
    private ChartsInHand charts;

    @BeforeEach
    void open() throws InterruptedException {
        take("The Salt Queen");
        model = new SizesModel(workshop, handed, () -> {});
        charts = model.charts();
        model.bringUpToDate();
        untilDrafted();
    }

    @AfterEach
    void usualWords() {
        TextSize.choose(TextSize.USUAL);
    }

    private void untilDrafted() throws InterruptedException {
        while (model.isWorking()) {
            handed.next();
        }
    }

    private void untilSaid(String words) throws InterruptedException {
        while (!model.said().contains(words)) {
            handed.next();
        }
    }

    private SizeSet set() {
        return model.set().orElseThrow();
    }

    private SizeChart chart() {
        return charts.chart().orElseThrow();
    }

    @Test
    void everySize_isTheDesignDraftedAlone_onThatSizesFigures() {
        assertThat(set().sizes()).hasSameSizeAs(chart().sizes());
        SizedDraft third = set().sizes().get(2);
        Draft alone = (Draft) Drafter.draft(third.commission());
        assertThat(third.draft().orElseThrow().panelOutlines()).isEqualTo(alone.panelOutlines());
        assertThat(third.commission().measurements().side(MeasurementKey.WAIST))
                .isEqualTo(chart().sizes().get(2).at(MeasurementKey.WAIST));
    }

    @Test
    void figureOfASize_redraftsThatSizeAlone() throws InterruptedException {
        List<SizedDraft> before = set().sizes();
        assertThat(charts.figure(1, MeasurementKey.WAIST, "68.2")).isEmpty();
        assertThat(model.isWorking()).isTrue();
        untilDrafted();
        assertThat(chart().sizes().get(1).at(MeasurementKey.WAIST)).contains(Length.mm(682));
        for (int i = 0; i < before.size(); i++) {
            if (i == 1) {
                assertThat(set().sizes().get(i)).isNotSameAs(before.get(i));
            } else {
                assertThat(set().sizes().get(i)).isSameAs(before.get(i));
            }
        }
        assertThat(workshop.kept().sizeCharts().get().get(0)).as("it is kept").isEqualTo(chart());
    }

    @Test
    void figureThatIsNone_orThatNoBodyHas_isSaid_andNothingIsChanged() {
        SizeChart before = chart();
        assertThat(charts.figure(0, MeasurementKey.WAIST, "wide").orElseThrow()).contains("Not understood: wide");
        assertThat(charts.figure(0, MeasurementKey.WAIST, "7").orElseThrow())
                .startsWith("Waist is 7.0")
                .contains("a body can have");
        assertThat(charts.name(0, "a name that is much longer than any label of a size could ever have been"))
                .isPresent();
        assertThat(charts.name(0, " ")).isPresent();
        assertThat(chart()).isEqualTo(before);
        assertThat(model.isWorking()).isFalse();
        assertThat(charts.canUndo()).isFalse();
    }

    @Test
    void figureThatIsTakenAway_isLeftToTheRules() throws InterruptedException {
        assertThat(charts.figure(0, MeasurementKey.HIGH_HIP, "")).isEmpty();
        untilDrafted();
        assertThat(chart().sizes().get(0).at(MeasurementKey.HIGH_HIP)).isEmpty();
        assertThat(chart().sizes().get(0).measurements().find(MeasurementKey.HIGH_HIP))
                .as("it is estimated")
                .isPresent();
        assertThat(set().sizes().get(0).draft()).isPresent();
    }

    @Test
    void changes_areTakenBackOneByOne() throws InterruptedException {
        SizeChart first = chart();
        charts.look(0, Optional.of(MeasurementKey.WAIST));
        charts.figure(0, MeasurementKey.WAIST, "64");
        untilDrafted();
        SizeChart second = chart();
        charts.add();
        untilDrafted();
        assertThat(set().sizes()).hasSize(first.sizes().size() + 1);
        charts.undo();
        untilDrafted();
        assertThat(chart()).isEqualTo(second);
        charts.undo();
        untilDrafted();
        assertThat(chart()).isEqualTo(first);
        assertThat(charts.canUndo()).isFalse();
        charts.undo();
        assertThat(chart()).isEqualTo(first);
    }

    @Test
    void sizeThatCannotBeDrafted_saysWhy_andTheOthersStand() throws InterruptedException {
        charts.figure(1, MeasurementKey.UNDERBUST, "120");
        untilDrafted();
        SizedDraft impossible = set().sizes().get(1);
        assertThat(impossible.draft()).isEmpty();
        assertThat(impossible.says(LengthUnit.CM)).isNotBlank();
        assertThat(set().drafted()).hasSize(set().sizes().size() - 1);
        assertThat(model.nest().orElseThrow().pieces().get(0).sizes())
                .as("it is not in the nest")
                .noneMatch(l -> l.row() == 1);
    }

    /** A name lies between the edges of the smallest piece: level where it has room, else down along it, else not at all; never through an edge. */
    @ParameterizedTest
    @CsvSource({"4,USUAL,true", "6,USUAL,true", "8,USUAL,true", "8,LARGEST,false"})
    void names_lieWithinTheirPieces_levelOrDownAlongThem(int panels, TextSize words, boolean turns)
            throws InterruptedException {
        TextSize.choose(words);
        workshop.once(
                panels + " panels",
                workshop.commission()
                        .withGarment(
                                Garment.of(GarmentKind.UNDERBUST).withPanels(Panels.of(panels, SeamPlacing.EVEN))));
        model.bringUpToDate();
        untilDrafted();
        Nest nest = model.nest().orElseThrow();
        NestDrawing drawing = new NestDrawing(nest, 0, false, LengthUnit.CM);
        RecordingSurface g = RecordingSurface.painted(drawing);
        double scale = Math.min(
                (760 - drawing.tagRoom() - drawing.rightRoom()) / nest.width(),
                (420 - drawing.footRoom()) / nest.height());
        int turned = 0;
        for (Nest.Nested nested : nest.pieces()) {
            List<Point> inmost = nested.sizes().get(0).piece().flattened(1);
            boolean down = g.words().contains(nested.name());
            turned += down ? 1 : 0;
            List<String> name =
                    down ? List.of(nested.name()) : Arrays.asList(nested.name().split(" "));
            int first = Collections.indexOfSubList(g.words(), name);
            for (int w = first; first >= 0 && w < first + name.size(); w++) {
                Point2D at = g.beginnings().get(w);
                double half = Lettering.atMost(g.words().get(w)) / 2;
                Point2D begin = down ? at : at.add(-half, 0);
                Point2D end = down ? at.add(0, Lettering.run(nested.name())) : at.add(half, 0);
                assertThat(List.of(begin, end))
                        .as("%s, %s", nested.name(), g.words().get(w))
                        .allMatch(p -> Shape.contains(
                                inmost, new Point((p.getX() - drawing.tagRoom()) / scale, p.getY() / scale)));
            }
        }
        assertThat(turned > 0).isEqualTo(turns);
    }

    @Test
    void nest_isLaidAnew_withoutDraftingAnew() {
        SizeSet before = set();
        Nest onWaist = model.nest().orElseThrow();
        Nest.Laying other = model.laying() == Nest.Laying.UPPER_EDGE ? Nest.Laying.WAIST : Nest.Laying.UPPER_EDGE;
        model.layOn(other);
        assertThat(model.nest().orElseThrow().laying()).isEqualTo(other).isNotEqualTo(onWaist.laying());
        assertThat(set()).isSameAs(before);
        assertThat(model.isWorking()).isFalse();
    }

    @Test
    void whatGrows_draftsAllAnew() throws InterruptedException {
        boolean grows = model.growing().grows(Growing.Kind.EDGES);
        SizeSet before = set();
        model.grow(Growing.Kind.EDGES, !grows);
        untilDrafted();
        assertThat(model.growing().grows(Growing.Kind.EDGES)).isNotEqualTo(grows);
        assertThat(set()).isNotSameAs(before);
    }

    @Test
    void twoChartsOfOneName_areNotAllowed_andAnEmptyNameIsNone() {
        String other = charts.charts().get(1).name();
        assertThat(charts.rename(other)).contains("Another chart is called " + other + " already.");
        assertThat(charts.rename("   ")).isPresent();
        assertThat(charts.rename("Winter tour")).isEmpty();
        assertThat(chart().name()).isEqualTo("Winter tour");
    }

    @Test
    void theLastChart_canGo_andOneComesFromAWearer() throws InterruptedException {
        while (charts.chart().isPresent()) {
            charts.throwAway();
        }
        assertThat(model.set()).isEmpty();
        assertThat(model.nest()).isEmpty();
        assertThat(model.isWorking()).isFalse();
        charts.beginFromWearer();
        untilDrafted();
        assertThat(chart().sizes()).singleElement().satisfies(size -> assertThat(size.at(MeasurementKey.WAIST))
                .isEqualTo(workshop.commission().measurements().side(MeasurementKey.WAIST)));
        charts.remove();
        assertThat(chart().sizes()).as("the only size stays").hasSize(1);
    }

    /** What is laid or put out neither ends the drafting nor ends with it. */
    @Test
    void layingAndDrafting_leaveEachOtherAlone() throws InterruptedException {
        assertThat(model.cutTogether("1-1")).isPresent();
        String ratio =
                String.join("-", java.util.Collections.nCopies(set().sizes().size(), "1"));
        assertThat(model.cutTogether(ratio)).isEmpty();
        charts.figure(0, MeasurementKey.WAIST, "63.5");
        assertThat(model.isWorking()).isTrue();
        assertThat(model.cutTogether(ratio).orElseThrow()).contains("being drafted");
        untilDrafted();
        untilSaid("");
        while (!model.said().isEmpty()) {
            handed.next();
        }
        assertThat(model.batch()).as("what was laid was of the figures before").isEmpty();
        assertThat(model.cutTogether(ratio)).isEmpty();
        while (model.batch().isEmpty()) {
            handed.next();
        }
        assertThat(model.batch().orElseThrow().counts()).containsOnly(1);
        assertThat(model.laid()).as("the first layer").isPresent();
        assertThat(model.lay().orElseThrow().placed())
                .hasSize(model.batch()
                        .orElseThrow()
                        .layers()
                        .get(model.laid().orElseThrow())
                        .pieces())
                .allMatch(p -> p.piece().name().contains(", "), "each says its size");
        assertThat(model.cutTogether(" ")).isEmpty();
        assertThat(model.batch()).isEmpty();
    }

    @Test
    void nestAndChart_arePutOut_andWhereItCannotBeWritten_itIsSaid() throws Exception {
        Path out = Files.createDirectory(folder.resolve("out"));
        model.putOutNest(out);
        untilSaid("files are in out.");
        try (var files = Files.list(out)) {
            assertThat(files.map(p -> p.getFileName().toString().replaceAll(".*\\.", "")))
                    .contains("pdf", "svg", "dxf");
        }
        Path table = folder.resolve("chart.csv");
        model.write(table);
        assertThat(model.said()).isEqualTo("The chart is written.");
        SizeChart before = chart();
        charts.throwAway();
        untilDrafted();
        model.takeIn(table);
        assertThat(model.said()).contains("is taken in");
        assertThat(chart().sizes())
                .extracting(Size::label)
                .isEqualTo(before.sizes().stream().map(Size::label).toList());
        model.takeIn(folder.resolve("none.csv"));
        assertThat(model.said()).contains("none.csv could not be read");
        Path blocked = Files.writeString(folder.resolve("blocked"), "a file");
        untilDrafted();
        model.putOutNest(blocked);
        untilSaid("Nothing was written.");
    }

    @Test
    void tableThatIsInHand_isNotTakenInAgain() {
        byte[] table = "size\tBust\tUnderbust\tWaist\tHip\nS\t84.5\t73\t66\t94\nM\t90\t79\t72\t100\n"
                .getBytes(StandardCharsets.UTF_8);
        int before = charts.charts().size();
        assertThat(charts.takeIn(table, "Copied")).contains("is taken in");
        assertThat(charts.takeIn(table, "Copied")).startsWith("This table is in hand already");
        assertThat(charts.charts()).hasSize(before + 1);
    }

    @Test
    void wearersSize_becomesHerCommission() {
        Commissions.Entry heron = workshop.entries().stream()
                .filter(e -> e.title().startsWith("The Heron"))
                .findFirst()
                .orElseThrow();
        model.wearer(Optional.of(heron));
        assertThat(model.hers()).isPresent();
        int before = workshop.entries().size();
        model.beginHers();
        assertThat(workshop.entries()).hasSize(before + 1);
        var begun = book.commissions().find(workshop.entries().get(before).id()).orElseThrow();
        assertThat(begun.wearer().name()).isEqualTo(heron.wearer());
        model.wearer(Optional.empty());
        assertThat(model.hers()).isEmpty();
    }

    @Test
    void wholeBook_isLookedThrough_inSlices() throws InterruptedException {
        charts.look(2, Optional.empty());
        model.lookWhoElse();
        int turns = 0;
        while (!model.others().orElseThrow().done()) {
            handed.next();
            turns++;
        }
        assertThat(turns).as("the window has its turn between").isPositive();
        charts.look(0, Optional.empty());
        assertThat(model.others()).as("they were asked for another size").isEmpty();
    }
}
