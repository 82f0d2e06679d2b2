package bathyra.app.stores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.workshop.InWorkshop;
import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.draft.Draft;
import bathyra.files.json.WorkJson;
import bathyra.house.Kept;
import bathyra.plan.Supply;
import bathyra.supply.Deliveries;
import bathyra.supply.OrderList;
import bathyra.workplan.Counts;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The stores of the demo's workshop. */
class StoresModelTest extends InWorkshop {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);

    private StoresModel model;

    @BeforeEach
    void open() {
        model = new StoresModel(
                workshop, Clock.fixed(TODAY.atTime(9, 0).toInstant(ZoneOffset.UTC), ZoneOffset.UTC), () -> {});
    }

    private Kept kept(String what) {
        return model.shelf().find(what).orElseThrow();
    }

    @Test
    void whatIsCounted_isThere_whateverGarmentsHaveTaken() {
        double taken = kept("Silk duchess").counted() - model.shelf().there(kept("Silk duchess"));
        assertThat(taken).as("the demo's garments have taken some").isGreaterThan(0.5);
        assertThat(model.counted(kept("Silk duchess"), "12,5")).isEmpty();
        assertThat(model.shelf().there(kept("Silk duchess"))).isCloseTo(12.5, within(1e-9));
        assertThat(model.counted(kept("Silk duchess"), "-3")).isPresent();
        assertThat(model.counted(kept("Silk duchess"), "some")).isPresent();
        assertThat(model.shelf().there(kept("Silk duchess"))).isCloseTo(12.5, within(1e-9));
    }

    @Test
    void somethingMoreIsKept_once_andKeptNoMore() {
        assertThat(model.keep(" ", "m", "")).isPresent();
        assertThat(model.keep("Cord", "m", "")).contains("It is kept already.");
        assertThat(model.keep("Brass hooks", "pieces", "Steel and brass")).isEmpty();
        assertThat(model.least(kept("Brass hooks"), "40")).isEmpty();
        assertThat(model.shelf().runsOut(kept("Brass hooks"))).isTrue();
        assertThat(model.orders().lines())
                .filteredOn(l -> l.what().equals("Brass hooks"))
                .singleElement()
                .satisfies(l -> assertThat(l.amount()).isEqualTo(40));
        model.remove(kept("Brass hooks"));
        assertThat(model.shelf().find("Brass hooks")).isEmpty();
    }

    @Test
    void suppliers_areNamed_renamed_andTakenAway() {
        int all = model.house().suppliers().size();
        assertThat(model.supplier(all, "Far away", "35")).isEmpty();
        assertThat(model.supplier(all, "Farther away", "40")).isEmpty();
        assertThat(model.house().suppliers()).hasSize(all + 1);
        assertThat(model.supplier(all, "Farther away", "soon")).isPresent();
        assertThat(model.supplier(all, "", "40")).isEmpty();
        assertThat(model.house().suppliers()).hasSize(all);
    }

    @Test
    void whatAGarmentWithADueDayMisses_isOrdered_onceItsBillIsKnown() {
        take("The Tide Bride");
        assertThat(model.unknown()).anyMatch(t -> t.startsWith("The Tide Bride"));
        counted();
        assertThat(model.unknown()).noneMatch(t -> t.startsWith("The Tide Bride"));
        OrderList.Line bone = model.orders().lines().stream()
                .filter(l -> l.what().contains("whalebone") || l.what().contains("steel"))
                .findFirst()
                .orElseThrow();
        assertThat(bone.garments()).containsExactly(workshop.commission().title());
        assertThat(bone.by().orElseThrow()).isAfter(TODAY.minusYears(1));
    }

    /** The demo's commission has its bill counted, so that it is known what it misses. */
    private OrderList.Line counted() {
        take("The Tide Bride");
        Draft draft = draft();
        var layers = Lays.layers(draft);
        Bill bill = Bill.of(
                draft,
                layers,
                Lays.of(draft, layers, workshop.kept().prices(), 0, () -> false),
                workshop.kept().prices());
        workshop.work().keep(workshop.id(), draft.commission(), new WorkJson.Work(Counts.of(draft), Optional.of(bill)));
        model.read();
        return model.orders().lines().stream()
                .filter(l -> !l.garments().isEmpty()
                        && l.garments().contains(draft.commission().title()))
                .findFirst()
                .orElseThrow();
    }

    private Supply supply(String what) {
        return workshop.commission().plan().supply(what);
    }

    @Test
    void whatWasOrdered_isOnItsWay_comes_andLiesReady() {
        OrderList.Line line = counted();
        model.ordered(line);
        assertThat(model.orders().lines())
                .noneMatch(l -> l.what().equals(line.what()) && !l.garments().isEmpty());
        assertThat(supply(line.what()).state()).isEqualTo(Supply.State.ORDERED);
        Deliveries.Line coming = model.deliveries().lines().stream()
                .filter(d -> d.what().equals(line.what()))
                .findFirst()
                .orElseThrow();
        assertThat(coming.garments()).contains(workshop.commission().title());
        assertThat(model.lastDone()).contains(line.what() + " ordered");
        model.came(coming);
        assertThat(supply(line.what()).state()).isEqualTo(Supply.State.READY);
        assertThat(model.deliveries().lines()).noneMatch(d -> d.what().equals(line.what()));
        assertThat(model.lastDone()).contains(line.what() + " came");
    }

    @Test
    void whatDoesNotCome_isMissingAgain_andEveryStepIsTakenBackForAllGarments() {
        OrderList.Line line = counted();
        List<OrderList.Line> before = model.orders().lines();
        model.ordered(line);
        model.takeBack();
        assertThat(model.lastDone()).isEmpty();
        assertThat(model.orders().lines()).isEqualTo(before);
        model.ordered(line);
        model.doesNotCome(model.deliveries().lines().stream()
                .filter(d -> d.what().equals(line.what()))
                .findFirst()
                .orElseThrow());
        assertThat(supply(line.what()).state()).isEqualTo(Supply.State.MISSING);
        assertThat(model.orders().lines()).isEqualTo(before);
    }

    /** With a supplier whose days are known it comes on a working day, so many from today. */
    @Test
    void itComes_afterTheDaysOfItsSupplier() {
        OrderList.Line line = counted();
        model.keep(line.what(), line.unit(), "A harbour far away");
        model.supplier(model.house().suppliers().size(), "A harbour far away", "3");
        OrderList.Line known = model.orders().lines().stream()
                .filter(l -> l.what().equals(line.what()))
                .findFirst()
                .orElseThrow();
        assertThat(known.supplier()).isEqualTo("A harbour far away");
        model.ordered(known);
        // From Monday three working days on.
        assertThat(supply(line.what()).comes()).contains(TODAY.plusDays(3));
    }

    /** What lies free is claimed before anything is ordered: what is ordered is the rest. */
    @Test
    void freeCloth_isClaimedFirst() {
        OrderList.Line line = counted();
        double needed = line.amount();
        model.keep(line.what(), line.unit(), "");
        model.counted(kept(line.what()), String.valueOf(Math.round(needed * 250) / 1000.0));
        OrderList.Line rest = model.orders().lines().stream()
                .filter(l -> l.what().equals(line.what()))
                .findFirst()
                .orElseThrow();
        assertThat(rest.amount()).isLessThan(needed);
        model.ordered(rest);
        assertThat(model.shelf().free(kept(line.what()))).isCloseTo(0, within(1e-6));
        assertThat(model.deliveries().lines().stream()
                        .filter(d -> d.what().equals(line.what()))
                        .mapToDouble(Deliveries.Line::amount)
                        .sum())
                .isCloseTo(rest.amount(), within(0.002));
    }

    /** Whatever else was done in the meantime is not taken back with it, and what was used since stays used. */
    @Test
    void takenBack_onlyThatStepGoes_andOnlyWhereNothingHasBecomeOfItSince() {
        OrderList.Line line = counted();
        model.ordered(line);
        String title = workshop.commission().title();
        workshop.naming().title(title + ", again");
        model.takeBack();
        assertThat(workshop.commission().title()).isEqualTo(title + ", again");
        assertThat(supply(line.what()).state()).isEqualTo(Supply.State.MISSING);
        model.ordered(line);
        model.came(model.deliveries().lines().stream()
                .filter(d -> d.what().equals(line.what()))
                .findFirst()
                .orElseThrow());
        workshop.deeds()
                .plan(
                        workshop.id(),
                        "cut",
                        plan -> plan.supplied(
                                line.what(), plan.supply(line.what()).used(true)));
        model.takeBack();
        assertThat(supply(line.what()).state()).isEqualTo(Supply.State.USED);
    }
}
