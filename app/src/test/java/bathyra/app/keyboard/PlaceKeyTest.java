package bathyra.app.keyboard;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The keys of each place: the page of all keys is made from what is asked when one is pressed. */
class PlaceKeyTest {
    private static final Path SOURCES = Path.of("src", "main", "java");
    private static final Pattern BY_ITSELF =
            Pattern.compile("getCode\\(\\) [!=]= KeyCode|switch \\(e\\.getCode\\(\\)\\)");

    private static Map<Path, String> sources() throws IOException {
        Map<Path, String> all = new LinkedHashMap<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java"))
                    .filter(f -> !f.getParent().getFileName().toString().equals("keyboard"))
                    .toList()) {
                all.put(file, Files.readString(file));
            }
        }
        return all;
    }

    private static KeyEvent pressed(KeyCode code, boolean control, boolean alt) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, control, alt, false);
    }

    @Test
    void everyKeyOfThePage_isAskedForSomewhere() throws IOException {
        String all = String.join("\n", sources().values());
        Set<PlaceKey> unheard = new HashSet<>();
        for (PlaceKey key : PlaceKey.values()) {
            if (!Pattern.compile("PlaceKey\\." + key.name() + "\\b")
                    .matcher(all)
                    .find()) {
                unheard.add(key);
            }
        }
        assertThat(unheard).isEmpty();
    }

    @Test
    void nobodyHearsAKey_thatThePageDoesNotKnow() throws IOException {
        assertThat(sources().entrySet().stream()
                        .filter(s -> BY_ITSELF.matcher(s.getValue()).find())
                        .map(s -> SOURCES.relativize(s.getKey()).toString()))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Place.class)
    void everyPlaceHasKeys_thatSayWhatTheyDo(Place place) {
        assertThat(PlaceKey.of(place)).isNotEmpty().allSatisfy(k -> {
            assertThat(k.keys()).isNotBlank();
            assertThat(k.words()).isNotBlank().doesNotEndWith(".");
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "NEARER | +",
                "FARTHER | −",
                "HANDLE | Arrow keys",
                "STEP | Up and Down",
                "MAKE_DRAFT | Ctrl+Enter",
                "WEEKS | Alt+Left and Alt+Right",
                "PIECE | 1 to 9",
                "LINE_ON | Page Down",
                "SEAM_AWAY | Delete and Backspace"
            })
    void theyAreReadAsTheyStandOnTheKeyboard(PlaceKey key, String read) {
        assertThat(key.keys()).isEqualTo(read);
    }

    @Test
    void aSignThatIsTyped_isKnownOnWhateverKeyItLies() {
        KeyEvent shifted = new KeyEvent(KeyEvent.KEY_PRESSED, "", "4", KeyCode.QUOTE, true, false, false, false);
        assertThat(PlaceKey.PIECE.typed(shifted)).isEqualTo(4);
        KeyEvent other = new KeyEvent(KeyEvent.KEY_PRESSED, "", "!", KeyCode.DIGIT1, true, false, false, false);
        assertThat(PlaceKey.PIECE.typed(other)).isZero();
        assertThat(PlaceKey.PIECE.typed(pressed(KeyCode.DIGIT1, false, false))).isZero();
    }

    @Test
    void whatIsHeldDown_belongsToTheKey() {
        assertThat(PlaceKey.MAKE_DRAFT.isPressed(pressed(KeyCode.ENTER, true, false)))
                .isTrue();
        assertThat(PlaceKey.MAKE_DRAFT.isPressed(pressed(KeyCode.ENTER, false, false)))
                .isFalse();
        assertThat(PlaceKey.PIN.isPressed(pressed(KeyCode.P, true, false)))
                .as("Ctrl+P puts out")
                .isFalse();
        assertThat(PlaceKey.DESIGN.isPressed(pressed(KeyCode.LEFT, false, true)))
                .isFalse();
        assertThat(PlaceKey.WEEKS.isPressed(pressed(KeyCode.LEFT, false, true))).isTrue();
        assertThat(PlaceKey.NEARER.is(KeyCode.EQUALS)).isTrue();
        assertThat(PlaceKey.isBack(pressed(KeyCode.UP, false, false))).isTrue();
        assertThat(PlaceKey.isBack(pressed(KeyCode.RIGHT, false, false))).isFalse();
    }
}
