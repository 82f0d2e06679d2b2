package bathyra.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.bill.Bill;
import bathyra.files.json.WorkJson;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.Wearer;
import bathyra.geometry.Line;
import bathyra.geometry.Point;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PanelOutline;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.workplan.Counts;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Commissions as work, and the invoices that were issued for them. */
class WorkInTheBookTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 29);
    private static final Counts COUNTS = new Counts(
            new Counts.Cutting(8, 36, 12),
            new Counts.Sewing(10, 0, 12, 1.9),
            new Counts.Boned(10, 4, 24),
            new Counts.Build(false, true, true, true, Closure.BACK_LACING, true));
    private static final Bill BILL = new Bill(
            "¤", List.of(new Bill.Line(Bill.Part.CLOTH, "Strength, coutil", "folded", 0.9, "m", 29)), List.of("none"));

    @TempDir
    private Path folder;

    private Path file;

    @BeforeEach
    void name() {
        file = folder.resolve("book.sqlite");
    }

    private static Commission commission(String wearer) {
        return new Commission(
                "The Heron",
                LengthUnit.CM,
                new Wearer(wearer, Experience.FIRST),
                MeasurementSet.empty(),
                Garment.bustier());
    }

    private static Works.Row only(WorkshopBook book) {
        return book.works().all().get(0);
    }

    @Test
    void whatThereIsToDo_staysCurrentWhileOnlyThePlanChanges() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            Commission heron = commission("Nerea Holloway");
            long id = book.commissions().add(heron);
            assertThat(only(book).work()).isEmpty();
            assertThat(book.works().current()).isEmpty();
            book.works().keep(id, heron, new WorkJson.Work(COUNTS, Optional.of(BILL)));
            assertThat(only(book).work()).contains(new WorkJson.Work(COUNTS, Optional.of(BILL)));
            assertThat(book.works().current()).containsExactly(id);
            Plan plan = Plan.NONE
                    .due(Optional.of(DAY))
                    .with("consult", Progress.NONE.lasting(40).finished(true));
            Commission planned = heron.withPlan(plan);
            book.history().record(id, "due", heron, planned);
            assertThat(only(book).plan()).isEqualTo(plan);
            assertThat(book.works().current()).as("no seam is another").containsExactly(id);
            // Counted again for the same design, the bill that was laid stays.
            book.works().keep(id, planned, new WorkJson.Work(COUNTS, Optional.empty()));
            assertThat(only(book).work().orElseThrow().bill()).contains(BILL);
            Commission other = planned.withMeasurements(
                    MeasurementSet.empty().with(bathyra.measure.MeasurementKey.WAIST, bathyra.length.Length.mm(700)));
            book.history().record(id, "waist", planned, other);
            assertThat(book.works().current()).isEmpty();
            assertThat(only(book).work())
                    .as("the last count until it is counted anew")
                    .isPresent();
            book.works().keep(id, other, new WorkJson.Work(COUNTS, Optional.empty()));
            assertThat(only(book).work().orElseThrow().bill())
                    .as("of another design")
                    .isEmpty();
        }
    }

    @Test
    void aDueDayOfTheList_isThePlansWhereThatHasNone() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(commission("Nerea Holloway"));
            book.commissions().due(id, Optional.of(DAY));
            assertThat(only(book).plan().due()).contains(DAY);
        }
    }

    private static Invoices.Issued issue(WorkshopBook book, String wearer, long cents) {
        return book.invoices().issue(DAY, 1, wearer, cents, number -> "{\"number\":" + number + "}");
    }

    @Test
    void invoices_areNumberedWithoutAGap_andNeverAltered() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.commissions().add(commission("Nerea Holloway"));
            assertThat(issue(book, "Nerea Holloway", 96_000).number()).isEqualTo(1);
            assertThat(issue(book, "Maren Achterberg", -1_000).number()).isEqualTo(2);
            // One that cannot be written takes no number.
            assertThatThrownBy(() -> book.invoices().issue(DAY, 1, "Nerea Holloway", 1, n -> {
                        throw new IllegalStateException("no paper");
                    }))
                    .isInstanceOf(IllegalStateException.class);
            assertThat(issue(book, "Nerea Holloway", 5).number()).isEqualTo(3);
            assertThat(book.invoices().all())
                    .extracting(Invoices.Issued::number)
                    .containsExactly(3L, 2L, 1L);
            assertThat(book.invoices().of("nerea  holloway")).hasSize(2);
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            assertThatThrownBy(() -> statement.execute("DELETE FROM invoice WHERE number = 2"))
                    .hasMessageContaining("stays");
            assertThatThrownBy(() -> statement.execute("UPDATE invoice SET cents = 1 WHERE number = 2"))
                    .hasMessageContaining("not altered");
        }
    }

    @Test
    void erasingAWearer_leavesNumberDayAndAmount_andTheNameOnlyWhereTheLawAsks() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.commissions().add(commission("Nerea Holloway"));
            book.commissions().add(commission("Maren Achterberg"));
            issue(book, "Nerea Holloway", 96_000);
            issue(book, "Maren Achterberg", 70_000);
            book.wearers().erase("Nerea Holloway", false, false);
            book.wearers().erase("Maren Achterberg", false, true);
            List<Invoices.Issued> all = book.invoices().all();
            assertThat(all.get(1)).isEqualTo(new Invoices.Issued(1, DAY, 0, "", 96_000, ""));
            assertThat(all.get(0).wearer()).isEqualTo("Maren Achterberg");
            assertThat(all.get(0).document()).isEqualTo("{\"number\":2}");
            assertThat(all).as("the book may give those numbers again").allMatch(i -> i.commission() == 0);
            assertThat(issue(book, "Jorunn", 1).number()).isEqualTo(3);
        }
        assertThat(new String(java.nio.file.Files.readAllBytes(file), java.nio.charset.StandardCharsets.ISO_8859_1))
                .doesNotContain("Nerea");
    }

    @Test
    void whatWentOutLast_isKept_byPacket_andGoesWithItsCommission() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(commission("Nerea Holloway"));
            OutlineEdge edge = new OutlineEdge(
                    "side",
                    OutlineEdge.Kind.SEAM,
                    Optional.of("S1"),
                    bathyra.geometry.Path.of(new Line(new Point(0, 0), new Point(0, 300.25))));
            Sent.Out out = new Sent.Out(DAY, List.of(new PanelOutline("F1", List.of(edge))));
            book.sent().keep(id, "TABLE", new Sent.Out(DAY.minusDays(9), List.of()));
            book.sent().keep(id, "TABLE", out);
            book.sent().keep(id, "MAKER", new Sent.Out(DAY, List.of()));
            Sent.Out read = book.sent().last(id, "TABLE").orElseThrow();
            assertThat(read.day()).isEqualTo(DAY);
            assertThat(read.outlines().get(0).isAs(out.outlines().get(0), 1e-3)).isTrue();
            assertThat(book.sent().last(id, "WEARER")).isEmpty();
            book.wearers().erase("Nerea Holloway", false, false);
            assertThat(book.sent().last(id, "TABLE")).isEmpty();
        }
    }
}
