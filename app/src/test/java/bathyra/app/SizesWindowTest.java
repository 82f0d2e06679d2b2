package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The page of sizes in the real window. */
class SizesWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        workshop = beginAt(stage, "The Salt Queen", "sizes");
    }

    @Stop
    void stop() {
        end();
    }

    private static void openSizes(WindowRobot robot) throws Exception {
        robot.push(KeyCode.F3);
        untilDrafted(robot);
    }

    private static void untilDrafted(WindowRobot robot) throws Exception {
        WaitForAsyncUtils.waitForFxEvents();
        WaitForAsyncUtils.waitFor(
                30,
                TimeUnit.SECONDS,
                () -> !robot.lookup("#sizes-working").query().isVisible()
                        && !robot.lookup("#size-says-0")
                                .<Button>query()
                                .getText()
                                .isEmpty());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void fire(WindowRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Optional<Length> figure(int row, MeasurementKey key) {
        return workshop.kept().sizeCharts().get().get(0).sizes().get(row).at(key);
    }

    @Test
    void aFigureTyped_isTakenWithEnter_goesOn_andIsCarriedDown_andUndone(WindowRobot robot) throws Exception {
        openSizes(robot);
        retype(robot, "#size-1-waistGirth", "67");
        robot.push(KeyCode.ENTER);
        untilDrafted(robot);
        assertThat(figure(1, MeasurementKey.WAIST)).contains(Length.mm(670));
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> robot.lookup("#size-2-waistGirth")
                .<TextField>query()
                .isFocused());
        robot.interact(
                () -> robot.lookup("#size-1-waistGirth").<TextField>query().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.D);
        untilDrafted(robot);
        assertThat(figure(5, MeasurementKey.WAIST)).contains(Length.mm(870));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        untilDrafted(robot);
        assertThat(figure(5, MeasurementKey.WAIST)).contains(Length.mm(860));
        retype(robot, "#size-1-waistGirth", "a lot");
        robot.push(KeyCode.ENTER);
        assertThat(text(robot, "#sizes-said")).startsWith("Not understood: a lot");
        assertThat(figure(1, MeasurementKey.WAIST)).contains(Length.mm(670));
    }

    @Test
    void theNest_isPutOut_withALayerASize(WindowRobot robot) throws Exception {
        openSizes(robot);
        fire(robot, "#sizes-nest-out");
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#sizes-said").startsWith("3 files are in"));
        try (PDDocument pdf = Loader.loadPDF(folder.resolve("nest.pdf").toFile())) {
            assertThat(pdf.getDocumentCatalog().getOCProperties().getGroupNames())
                    .containsExactly("Size 1", "Size 2", "Size 3", "Size 4", "Size 5", "Size 6");
        }
        assertThat(folder.resolve("nest.dxf")).exists();
    }

    @Test
    void aTable_isPastedAsAChart_andOneThatIsNone_leavesTheChartsAsTheyAre(WindowRobot robot) throws Exception {
        openSizes(robot);
        paste(robot, "size;bustGirth (cm);waistGirth (cm)\nS;84,5;x\n");
        assertThat(text(robot, "#sizes-said")).contains("Row 2, column 3: “x” is no length.");
        assertThat(workshop.kept().sizeCharts().get()).hasSize(3);
        paste(robot, "size\tBust\tUnderbust\tWaist\tHip\nS\t84,5\t73\t66\t94\nM\t90\t79\t72\t100\n");
        untilDrafted(robot);
        assertThat(workshop.kept().sizeCharts().get()).hasSize(4);
        assertThat(workshop.kept().sizeCharts().get().get(3).sizes().get(0).at(MeasurementKey.BUST))
                .contains(Length.mm(845));
        paste(robot, "size\tBust\tUnderbust\tWaist\tHip\nS\t84,5\t73\t66\t94\nM\t90\t79\t72\t100\n");
        assertThat(text(robot, "#sizes-said")).startsWith("This table is in hand already");
        assertThat(workshop.kept().sizeCharts().get()).hasSize(4);
        // What the table lacks and no rule gives comes from the body of the design, and is said.
        assertThat(robot.lookup(n -> n instanceof javafx.scene.control.Label l
                                && l.getText().startsWith("Not in the chart, taken from the body of the design"))
                        .tryQuery())
                .isPresent();
    }

    /** Rows are laid a few at a time: every one of them comes, and says what its size says. */
    @Test
    void aLongChart_hasAllItsRows_andAShorterOneTakesThemAway(WindowRobot robot) throws Exception {
        openSizes(robot);
        StringBuilder table = new StringBuilder("size\tBust\tUnderbust\tWaist\tHip\n");
        for (int i = 0; i < 60; i++) {
            table.append("No ").append(i + 1);
            for (double first : new double[] {84, 73, 66, 94}) {
                table.append('\t').append(first + i * 0.5);
            }
            table.append('\n');
        }
        paste(robot, table.toString());
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> robot.lookup("#size-59-hipGirth")
                .tryQuery()
                .isPresent());
        for (int row : new int[] {0, 11, 12, 35, 59}) {
            assertThat(robot.lookup("#size-name-" + row).<TextField>query().getText())
                    .isEqualTo("No " + (row + 1));
            assertThat(robot.lookup("#size-" + row + "-waistGirth")
                            .<TextField>query()
                            .getText())
                    .isEqualTo(String.format(Locale.ROOT, "%.1f", 66 + row * 0.5));
        }
        assertThat(robot.lookup("#size-60-hipGirth").tryQuery()).isEmpty();
        paste(robot, "size\tBust\tUnderbust\tWaist\tHip\nS\t84.5\t73\t66\t94\nM\t90\t79\t72\t100\n");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> robot.lookup("#size-2-hipGirth")
                .tryQuery()
                .isEmpty());
        assertThat(robot.lookup("#size-1-waistGirth").<TextField>query().getText())
                .isEqualTo("72.0");
    }

    private static void paste(WindowRobot robot, String table) {
        robot.interact(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(table);
            Clipboard.getSystemClipboard().setContent(content);
        });
        robot.interact(() -> robot.lookup("#size-add").<Button>query().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.V);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void aWearersSize_isFound_andBecomesACommission(WindowRobot robot) throws Exception {
        openSizes(robot);
        int before = workshop.entries().size();
        robot.interact(() -> {
            MenuButton wearers = robot.lookup("#sizes-wearer").query();
            wearers.show();
            wearers.getItems().stream()
                    .filter(i -> i.getText().startsWith("Maren"))
                    .findFirst()
                    .map(MenuItem::getOnAction)
                    .orElseThrow()
                    .handle(null);
            wearers.hide();
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(n -> n instanceof javafx.scene.control.Label l
                                && l.getText().matches("Size 5, bust \\+ 6\\.0.*"))
                        .tryQuery())
                .isPresent();
        fire(robot, "#sizes-begin-hers");
        assertThat(workshop.entries()).hasSize(before + 1);
        assertThat(text(robot, "#sizes-said")).startsWith("Her commission is begun");
        robot.push(KeyCode.F3);
        String chart = field(robot);
        robot.interact(() ->
                robot.lookup("#charts").<MenuButton>query().getItems().get(2).fire());
        untilDrafted(robot);
        assertThat(field(robot)).isNotEqualTo(chart);
        robot.push(KeyCode.ESCAPE);
        long begun = workshop.entries().stream()
                .mapToLong(Commissions.Entry::id)
                .max()
                .orElseThrow();
        robot.interact(() -> workshop.deeds().switchTo(begun));
        openSizes(robot);
        assertThat(field(robot)).isEqualTo(chart);
    }

    private static String field(WindowRobot robot) {
        return robot.lookup("#chart-name").<TextField>query().getText();
    }

    @Test
    void chartsComeAndGo_andTheLastOneLeavesAPageThatTeaches(WindowRobot robot) throws Exception {
        openSizes(robot);
        fire(robot, "#size-add");
        untilDrafted(robot);
        assertThat(figure(6, MeasurementKey.BUST)).contains(Length.mm(1100));
        fire(robot, "#size-remove");
        for (int i = workshop.kept().sizeCharts().get().size(); i > 0; i--) {
            fire(robot, "#chart-throw");
        }
        assertThat(workshop.kept().sizeCharts().get()).isEmpty();
        fire(robot, "#chart-from-wearer");
        untilDrafted(robot);
        assertThat(workshop.kept().sizeCharts().get().get(0).name())
                .isEqualTo(workshop.commission().wearer().name());
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.whereabouts().isOpen(Over.SIZES)).isFalse();
    }

    @Test
    void severalSizes_areCutTogether_asAList_andAWrongRatioIsSaid(WindowRobot robot) throws Exception {
        openSizes(robot);
        robot.interact(() -> {
            TextField ratio = robot.lookup("#sizes-ratio").query();
            ratio.requestFocus();
            ratio.setText("1-2");
            ratio.fireEvent(new javafx.event.ActionEvent());
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sizes-said")).startsWith("There are 6 sizes");
        robot.interact(() -> {
            TextField ratio = robot.lookup("#sizes-ratio").query();
            ratio.setText("0-1-2-2-1-0");
            ratio.fireEvent(new javafx.event.ActionEvent());
        });
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> robot.lookup("#sizes-batch-out")
                .tryQuery()
                .isPresent());
        String under = text(robot, "#batch-strength");
        assertThat(under).contains("pieces").contains("to buy");
        fire(robot, "#batch-strength");
        assertThat(robot.lookup("#sizes-look-lay").<ToggleButton>query().isSelected())
                .isTrue();
        assertThat(robot.lookup("#sizes-table").query().getAccessibleText()).isNotEmpty();
        fire(robot, "#sizes-batch-out");
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#sizes-said").contains("files are in"));
        assertThat(java.nio.file.Files.readString(folder.resolve("batch.csv")))
                .startsWith("what,name,count")
                .contains("size,3,2", "bone,", "eyelets,");
        assertThat(folder.resolve("lay-fashion.svg")).exists();
    }
}
