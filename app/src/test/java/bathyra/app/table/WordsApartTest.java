package bathyra.app.table;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.VPos;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.scene.text.TextAlignment;
import javafx.scene.transform.Affine;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@Tag("window")
@ExtendWith(ApplicationExtension.class)
class WordsApartTest {
    private final WordsApart words = new WordsApart();

    @Start
    void start(Stage stage) {
        stage.setScene(new Scene(new Pane()));
    }

    private boolean take(String text, double x, double y, Affine placing) {
        return words.take(text, x, y, Lettering.figure(), TextAlignment.LEFT, VPos.BASELINE, placing);
    }

    @Test
    void wordsOverOthers_areLeftOut_andThoseBesideThemStand() {
        assertThat(take("Underbust", 100, 100, new Affine())).isTrue();
        assertThat(take("88.0 cm", 120, 104, new Affine())).isFalse();
        assertThat(take("88.0 cm", 100, 116, new Affine())).isTrue();
        assertThat(take("Waist", 100 + 70, 100, new Affine())).isTrue();
    }

    @Test
    void wordsThatRunDown_areMeasuredAsTheyLie() {
        Affine down = new Affine();
        down.appendTranslation(100, 100);
        down.appendRotation(90);
        assertThat(take("Second front, cut 2", 0, 0, down)).isTrue();
        assertThat(take("7", 101, 150, new Affine())).isFalse();
        assertThat(take("7", 120, 150, new Affine())).isTrue();
    }

    @Test
    void whatIsPaintedOver_isNoLongerInTheWay() {
        assertThat(take("Underbust", 100, 100, new Affine())).isTrue();
        words.cover(90, 80, 120, 30, new Affine());
        assertThat(take("3.6", 110, 100, new Affine())).isTrue();
    }
}
