package bathyra.app.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import bathyra.book.WorkshopBook;
import bathyra.draft.Draft;
import bathyra.garment.Garment;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A workshop on the demo's book, without a window: what is done on a stage is done to its model. */
public abstract class InWorkshop {
    @TempDir
    protected Path folder;

    protected WorkshopBook book;
    protected Workshop workshop;

    @BeforeEach
    void openTheDemo() throws Exception {
        book = WorkshopBook.open(DemoBook.fresh(folder.resolve("demo.sqlite"), LocalDate.of(2026, 11, 29)));
        workshop = new Workshop(book);
    }

    @AfterEach
    void closeTheDemo() {
        book.close();
    }

    /** Takes the first commission of a title in hand. */
    protected final void take(String title) {
        workshop.deeds()
                .switchTo(book.commissions().entries().stream()
                        .filter(e -> e.title().startsWith(title))
                        .findFirst()
                        .orElseThrow()
                        .id());
    }

    protected final Garment garment() {
        return workshop.commission().garment();
    }

    protected final void make(Garment garment) {
        workshop.once("another garment", workshop.commission().withGarment(garment));
        assertThat(workshop.refusal()).as("it drafts").isEmpty();
    }

    protected final Draft draft() {
        return workshop.draft().orElseThrow();
    }

    /** What undo would take back, with ordinary spaces. */
    protected final String undo() {
        return workshop.undoLabelProperty().get().replace('\u00a0', ' ');
    }
}
