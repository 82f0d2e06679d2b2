package bathyra.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javafx.css.CssParser;
import javafx.css.Selector;
import javafx.css.Stylesheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BuiltStylesTest {
    @TempDir
    Path theme;

    @Test
    void withoutUnused_keepsWhatScreensHave_andTheCalendarOfADay() {
        String kept = BuiltStyles.withoutUnused("""
                /* a comment { with a brace } */
                .root { -fx-base: grey; }
                .button, .spinner .increment-arrow-button, .check-box:focused { -fx-padding: 1; }
                .chart { -fx-padding: 5px; }
                .date-picker-popup > .month-year-pane > .spinner { -fx-spacing: 2; }
                """);
        assertThat(selectors(new CssParser().parse(kept)))
                .containsExactlyInAnyOrder(
                        "*.root", "*.button", "*.check-box:focused", "*.date-picker-popup>*.month-year-pane>*.spinner");
    }

    @Test
    void built_holdsEverySelectorOfTheToolkit_butThoseLeftOut() throws IOException {
        for (String own : List.of("tokens.css", "bathyra.css")) {
            Files.copy(BuiltStyles.class.getResourceAsStream("/theme/" + own), theme.resolve(own));
        }
        BuiltStyles.main(new String[] {theme.toString()});
        Set<String> toolkit = selectors(new CssParser().parse(BuiltStyles.toolkit("modena.css")));
        Set<String> built = selectors(
                Stylesheet.loadBinary(theme.resolve("controls.bss").toUri().toURL()));
        assertThat(toolkit).containsAll(built);
        toolkit.removeAll(built);
        assertThat(toolkit).hasSizeGreaterThan(300).allMatch(BuiltStyles::isUnused);
        assertThat(built).contains("*.root", "*.button", "*.text-input", "*.combo-box-popup>*.list-view");
        assertThat(selectors(Stylesheet.loadBinary(
                        theme.resolve("controls-opaque.bss").toUri().toURL())))
                .containsAll(built)
                .hasSizeGreaterThanOrEqualTo(built.size());
    }

    @Test
    void everySheet_liesBesideTheClasses_inItsBinaryForm() {
        assertThat(Stream.of("tokens", "bathyra", "controls", "controls-opaque"))
                .allSatisfy(sheet -> assertThat(BuiltStyles.class.getResource("/theme/" + sheet + ".bss"))
                        .as(sheet)
                        .isNotNull());
    }

    private static Set<String> selectors(Stylesheet sheet) {
        Set<String> selectors = new TreeSet<>();
        sheet.getRules().stream()
                .flatMap(rule -> rule.getSelectors().stream())
                .map(Selector::toString)
                .forEach(selectors::add);
        return selectors;
    }
}
