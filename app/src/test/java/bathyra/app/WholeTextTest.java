package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.shell.WholeWords;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Theme;
import bathyra.app.workshop.Workshop;
import bathyra.length.LengthUnit;
import java.util.LinkedHashSet;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** No text is cut off without a way to read it whole: every page, in both units, at three widths, with long names. */
class WholeTextTest extends RealWindow {
    private static final double NARROWEST = 1100;
    /** The widest is walked with the full numbers: what is whole on a narrow window mostly is on a wide one. */
    private static final double[][] SIZES = Boolean.getBoolean("bathyra.full")
            ? new double[][] {{1100, 700}, {1280, 800}, {1920, 1080}}
            : new double[][] {{1100, 700}, {1280, 800}};

    private static final String LONG_TITLE =
            "The Innkeeper's Widow of the Lower Quay, boned evening bodice with a pointed basque and detachable straps";
    private static final String LONG_NAME = "Wilhelmina Constantia Featherstonehaugh-Brackenbury";

    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        workshop = beginAt(stage, "The Salt Queen", "heron.pdf");
    }

    @Stop
    void stop() {
        TextSize.choose(TextSize.USUAL);
        end();
    }

    @Test
    void everyWordOfTheProgram_isShownWhole(WindowRobot robot) {
        robot.interact(() -> {
            workshop.naming().title(LONG_TITLE);
            workshop.naming().wearer(LONG_NAME);
        });
        Set<String> cut = new LinkedHashSet<>();
        for (LengthUnit unit : new LengthUnit[] {LengthUnit.CM, LengthUnit.IN}) {
            robot.interact(() -> workshop.naming().unit(unit));
            for (double[] size : SIZES) {
                if (unit == LengthUnit.IN && size[0] > NARROWEST) {
                    // In inches words are as long or longer: what is whole on a narrow window is on a wide one.
                    continue;
                }
                robot.interact(() -> {
                    window.setMaximized(false);
                    window.setWidth(size[0]);
                    window.setHeight(size[1]);
                });
                everyPage(
                        robot,
                        workshop,
                        where -> settled(robot, () -> cut.addAll(cut(where + " " + unit + " " + (int) size[0]))));
            }
        }
        assertThat(String.join("\n", cut)).isEmpty();
    }

    @Test
    void everyWordOfTheProgram_isShownWhole_atHalfAsLargeAgain(WindowRobot robot) {
        robot.interact(() -> {
            window.setMaximized(false);
            window.setWidth(1280);
            window.setHeight(800);
            TextSize.choose(TextSize.LARGEST);
            // Both themes are walked: this one where words have least room.
            workshop.whereabouts().themeProperty().set(Theme.DARK);
        });
        Set<String> cut = new LinkedHashSet<>();
        everyPage(robot, workshop, where -> settled(robot, () -> cut.addAll(cut(where))));
        assertThat(String.join("\n", cut)).isEmpty();
    }

    private void settled(WindowRobot robot, Runnable deed) {
        robot.interact(() -> {
            window.getScene().getRoot().applyCss();
            window.getScene().getRoot().layout();
            deed.run();
        });
    }

    /** Names and titles are as long as people make them; they are read whole by resting on them. */
    private boolean isOnesOwn(String text) {
        return text != null
                && (workshop.entries().stream().anyMatch(e -> text.contains(e.title()) || text.contains(e.wearer()))
                        || workshop.kept().house().shelf().stream().anyMatch(k -> text.contains(k.what())));
    }

    private Set<String> cut(String where) {
        Set<String> cut = new LinkedHashSet<>();
        look(window.getScene().getRoot(), where, cut);
        return cut;
    }

    /** What scrolls to the side may lie beyond. */
    private boolean isBeyondTheWindow(Node node) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (each instanceof ScrollPane scroll && scroll.getHbarPolicy() != ScrollPane.ScrollBarPolicy.NEVER) {
                return false;
            }
        }
        return node.localToScene(node.getBoundsInLocal()).getMaxX()
                > window.getScene().getWidth() + 1;
    }

    private void look(Node node, String where, Set<String> cut) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof Labeled labeled
                && labeled.getWidth() > 1
                && labeled.getTooltip() == null
                && !isOnesOwn(labeled.getText())
                && WholeWords.isCut(labeled)) {
            cut.add(where + ": " + labeled.getText() + " #" + labeled.getId() + " " + labeled.getStyleClass());
        }
        if (node instanceof Labeled && isBeyondTheWindow(node)) {
            cut.add(where + ": " + ((Labeled) node).getText() + " #" + node.getId() + " lies beyond the window");
        }
        if (node instanceof Control control && control.getTooltip() != null) {
            return;
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> look(child, where, cut));
        }
    }

    @Test
    void aLongTitle_isReadWhole_byRestingOnIt(WindowRobot robot) {
        robot.interact(() -> workshop.naming().title(LONG_TITLE));
        robot.interact(() -> workshop.whereabouts().open(Over.BOOK));
        WaitForAsyncUtils.waitForFxEvents();
        Labeled title = robot.lookup(
                        n -> n instanceof Labeled l && LONG_TITLE.equals(l.getText()) && WholeWords.isCut(l))
                .query();
        robot.moveTo(title);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(title.getTooltip().getText()).isEqualTo(LONG_TITLE);
    }
}
