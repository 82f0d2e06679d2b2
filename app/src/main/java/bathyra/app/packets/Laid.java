package bathyra.app.packets;

import bathyra.app.output.Manner;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.PrintScale;
import bathyra.files.sheet.Sheets;
import java.io.IOException;

/**
 * A pattern laid on its sheets, with the pages that go before them.
 *
 * @param of the draft that was laid
 * @param lists how many pages of cover and lists there are
 */
record Laid(Draft of, Manner manner, CuttingPlan plan, Sheets sheets, int lists) {
    static Laid of(Draft draft, Manner manner, PrintScale scale) throws IOException {
        CuttingPlan plan = manner.plan(draft);
        Sheets sheets = Sheets.of(plan, manner.print(scale));
        return new Laid(draft, manner, plan, sheets, PdfPattern.listPages(draft, plan, sheets));
    }

    /** The same sheets, of which others are printed. */
    Laid printing(Manner next) {
        return new Laid(
                of, next, plan, sheets.printing(next.print(sheets.print().scale())), lists);
    }

    /** Whether it lies as it would for another manner: which sheets are printed does not move them. */
    boolean isFor(Draft draft, Manner next, PrintScale scale) {
        return of == draft
                && sheets.print().scale().equals(scale)
                && next.paper().equals(manner.paper())
                && next.size() == manner.size()
                && next.left().equals(manner.left())
                && next.drawn().equals(manner.drawn());
    }

    /** How many pages come out. */
    int pages() {
        return lists + sheets.printed().size();
    }
}
