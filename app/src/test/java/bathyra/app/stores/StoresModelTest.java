package bathyra.app.stores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.workshop.InWorkshop;
import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.draft.Draft;
import bathyra.files.json.WorkJson;
import bathyra.house.Kept;
import bathyra.supply.OrderList;
import bathyra.workplan.Counts;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
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
        Draft draft = draft();
        var layers = Lays.layers(draft);
        Bill bill = Bill.of(
                draft,
                layers,
                Lays.of(draft, layers, workshop.kept().prices(), 0, () -> false),
                workshop.kept().prices());
        workshop.work().keep(workshop.id(), draft.commission(), new WorkJson.Work(Counts.of(draft), Optional.of(bill)));
        model.read();
        assertThat(model.unknown()).noneMatch(t -> t.startsWith("The Tide Bride"));
        OrderList.Line bone = model.orders().lines().stream()
                .filter(l -> l.what().contains("whalebone") || l.what().contains("steel"))
                .findFirst()
                .orElseThrow();
        assertThat(bone.garments()).containsExactly(workshop.commission().title());
        assertThat(bone.by().orElseThrow()).isAfter(TODAY.minusYears(1));
    }
}
