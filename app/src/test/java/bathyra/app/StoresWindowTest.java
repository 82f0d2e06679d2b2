package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.BookPage;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.house.Kept;
import bathyra.plan.Supply;
import java.nio.file.Files;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** Stores, money and price in the real window. */
class StoresWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        workshop = beginAt(stage, "The Salt Queen", "paper.pdf");
    }

    @Stop
    void stop() {
        end();
    }

    private void page(WindowRobot robot, BookPage page) {
        robot.interact(() -> workshop.whereabouts().open(Over.BOOK));
        click(robot, "#book-" + page.name().toLowerCase(java.util.Locale.ROOT));
    }

    private static void type(WindowRobot robot, String field, String words) {
        robot.interact(() -> {
            robot.lookup(field).<TextField>query().requestFocus();
            robot.lookup(field).<TextField>query().selectAll();
        });
        robot.push(KeyCode.DELETE).write(words).push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Kept kept(int at) {
        return workshop.kept().house().shelf().get(at);
    }

    @Test
    void whatIsCounted_isThere_andSomethingMoreIsKept_andOrdered(WindowRobot robot) throws Exception {
        page(robot, BookPage.STORES);
        double counted = kept(0).counted();
        type(robot, "#there-0", "40");
        assertThat(text(robot, "#there-0")).isEqualTo("40");
        assertThat(kept(0).counted()).as("with what garments have taken").isGreaterThanOrEqualTo(40);
        assertThat(kept(0).counted()).isNotEqualTo(counted);
        type(robot, "#there-0", "plenty");
        assertThat(text(robot, "#stores-said")).contains("Type an amount");
        int all = workshop.kept().house().shelf().size();
        type(robot, "#keep-what", "Brass hooks");
        click(robot, "#keep-add");
        assertThat(workshop.kept().house().shelf()).hasSize(all + 1);
        type(robot, "#least-" + all, "50");
        type(robot, "#supplier-of-" + all, "Steel and brass");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> robot.lookup("#orders-pdf")
                .tryQuery()
                .isPresent());
        click(robot, "#orders-pdf");
        assertThat(text(robot, "#stores-said")).contains("written");
        assertThat(Files.size(output)).isGreaterThan(1000);
    }

    /** What is on its way when the book is opened comes, and is taken back together. */
    @Test
    void aDelivery_isTickedOff_andTakenBack(WindowRobot robot) throws Exception {
        page(robot, BookPage.STORES);
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> robot.lookup("#ordered-1")
                .tryQuery()
                .isPresent());
        robot.interact(() -> robot.lookup("#ordered-1").<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#stores-back")).startsWith("Take back: ").endsWith(" ordered");
        assertThat(robot.lookup("#came-0").tryQuery()).isPresent();
        robot.interact(() -> robot.lookup("#came-0").<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#stores-back")).endsWith(" came");
        robot.interact(() -> robot.lookup("#stores-back").<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#stores-back").query().isVisible()).isFalse();
        assertThat(robot.lookup("#came-0").tryQuery())
                .as("it is on its way again")
                .isPresent();
    }

    @Test
    void terms_areTyped_andWhatNobodyMeansIsSaid(WindowRobot robot) {
        page(robot, BookPage.MONEY);
        type(robot, "#terms-margin", "32,5");
        assertThat(workshop.kept().house().terms().margin()).isEqualTo(0.325);
        type(robot, "#terms-valid", "0");
        assertThat(text(robot, "#money-said")).contains("Type a figure");
        assertThat(workshop.kept().house().terms().valid()).isEqualTo(30);
        click(robot, "#decimal-comma");
        assertThat(workshop.kept().house().letter().decimalComma()).isTrue();
        click(robot, "#book-list");
    }

    @Test
    void aQuote_becomesAnInvoice_andStaysOneWhateverIsUndone(WindowRobot robot) throws Exception {
        go(robot, "making");
        WaitForAsyncUtils.waitFor(
                30,
                TimeUnit.SECONDS,
                () -> !robot.lookup("#price-agreed").<Label>query().getText().contains("being made"));
        click(robot, "#open-price");
        type(robot, "#deal-agreed", "900");
        assertThat(workshop.commission().plan().deal().agreed()).contains(900.0);
        assertThat(text(robot, "#price-agreed")).contains("agreed 900.00");
        click(robot, "#quote-pdf");
        assertThat(text(robot, "#price-written")).contains("Quote written");
        click(robot, "#issue");
        assertThat(book.invoices().all()).as("it is asked first").isEmpty();
        click(robot, "#issue-yes");
        assertThat(book.invoices().all()).hasSize(1);
        click(robot, "#undo");
        assertThat(book.invoices().all()).hasSize(1);
        click(robot, "#invoice-pdf-1");
        assertThat(text(robot, "#price-written")).contains("Invoice 1 written");
    }

    @Test
    void aMaterial_isHere_orOrdered_orMissing(WindowRobot robot) throws Exception {
        go(robot, "making");
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> robot.lookup("#material-0")
                .tryQuery()
                .isPresent());
        click(robot, "#material-0");
        String what =
                robot.lookup("#material-0").<Node>query().getAccessibleText().split(",")[0];
        click(robot, "#material-missing");
        assertThat(workshop.commission().plan().supply(what)).isEqualTo(Supply.MISSING);
        type(robot, "#material-comes", "soon");
        assertThat(workshop.commission().plan().supply(what)).isEqualTo(Supply.MISSING);
        type(robot, "#material-comes", "2026-12-18");
        assertThat(workshop.commission().plan().supply(what).state()).isEqualTo(Supply.State.ORDERED);
        click(robot, "#undo");
        assertThat(workshop.commission().plan().supply(what)).isEqualTo(Supply.MISSING);
    }
}
