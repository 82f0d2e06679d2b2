package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.shell.BathyraWindow;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.draft.TodaysRules;
import bathyra.garment.Commission;
import bathyra.garment.RuleValues;
import bathyra.garment.Ruled;
import bathyra.place.Level;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** A commission that an earlier edition of the rules made, in the real window. */
class EditionWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    /** The commission in hand as if another edition had given its waist 4 mm more of ease, and the side what that asks for. */
    @Override
    void open(java.nio.file.Path file) throws Exception {
        book = WorkshopBook.open(file);
        workshop = new Workshop(book);
        Commission today = workshop.commission();
        Ruled ruled = TodaysRules.of(today).orElseThrow();
        workshop.once(
                "another edition",
                today.keeping(
                        1,
                        Optional.of(TodaysRules.keeping(
                                1,
                                new Ruled(
                                        ruled.measurements(),
                                        ruled.choices(),
                                        false,
                                        wider(ruled.given()),
                                        Optional.empty())))));
        BathyraWindow.show(window, workshop, bathyra.app.stage.Files.always(output));
    }

    private static RuleValues wider(RuleValues given) {
        Map<Level, Double> ease = new HashMap<>(given.ease());
        ease.merge(Level.WAIST, 4.0, Double::sum);
        return new RuleValues(
                given.lengths(),
                ease,
                given.gap(),
                given.shares(),
                given.splits(),
                given.axes(),
                given.soundings(),
                given.sideFront(),
                given.sideBack());
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void itSaysWhichEdition_showsWhatTodaysMoves_andTakesIt(WindowRobot robot) {
        go(robot, "measure");
        assertThat(said(robot)).anyMatch(t -> t.startsWith("Made by edition 1 of the rules: its outlines stay"));
        double kept = waist();
        click(robot, "#edition-ghost");
        assertThat(said(robot))
                .contains("Beside “edition " + Commission.RULES + " of the rules”")
                .anyMatch(t -> t.contains("Waist"));
        assertThat(waist()).as("shown, not taken").isEqualTo(kept);
        assertThat(said(robot))
                .as("from what is to what would be")
                .anyMatch(t ->
                        t.startsWith("Waist: " + String.format(Locale.ROOT, "%.1f", kept / 10)) && t.contains("→"));
        robot.interact(() -> robot.lookup("#stop-comparing").queryButton().fire());
        go(robot, "measure");
        click(robot, "#edition-take");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(waist()).isNotEqualTo(kept);
        assertThat(said(robot)).noneMatch(t -> t.contains("of the rules: its outlines"));
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(waist()).as("and it is given back").isEqualTo(kept);
    }

    private double waist() {
        return workshop.draft().orElseThrow().girths().at(Level.WAIST).worn().value();
    }

    private static java.util.List<String> said(WindowRobot robot) {
        return robot.lookup(".label").<Label>queryAll().stream()
                .map(Label::getText)
                .map(t -> t.replace('\u00a0', ' '))
                .toList();
    }
}
