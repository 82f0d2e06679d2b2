package bathyra.app.shell;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.css.Stylesheet;

/**
 * The stylesheets as the build lays them beside the classes: the toolkit's own without the controls that no screen has, and each in the
 * binary form that need not be read at every start. Whatever is styled is held against every rule there is: those for charts and tables
 * cost a twentieth to a tenth of the start, and are never met.
 */
public final class BuiltStyles {
    /** The toolkit's own style for the controls that the program has. */
    static final String CONTROLS = "controls.css";
    /** The same where windows cannot be seen through: menus and hints without their shadows. */
    static final String OPAQUE = "controls-opaque.css";

    private static final String TOOLKIT = "/com/sun/javafx/scene/control/skin/modena/";
    private static final List<String> OWN = List.of("tokens.css", "bathyra.css");

    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);
    private static final Pattern RULE = Pattern.compile("([^{}]+)\\{([^{}]*)}");
    /** Parts of the style classes of controls that no screen has. The rules of structure forbid those controls: whoever needs one takes it out of both. */
    private static final Pattern UNUSED = Pattern.compile("chart|\\.plot|\\.bubble|\\.pie|table|tree|color-|hsb"
            + "|html-editor|web-|pagination|accordion|titled-pane|tab-|\\.tab\\b|split-|spinner|hyperlink|choice-box"
            + "|tool-bar|menu-bar|alert|dialog|radio-|password|fxvk|\\.key\\b");
    /** The calendar of a day's field has parts that are named after other controls. */
    private static final Pattern USED = Pattern.compile("date-picker");

    private BuiltStyles() {}

    /** @param arguments the folder of the program's own stylesheets, in which the others are laid as well */
    public static void main(String[] arguments) throws IOException {
        Path theme = Path.of(arguments[0]);
        String controls = withoutUnused(toolkit("modena.css"));
        Files.writeString(theme.resolve(CONTROLS), controls);
        Files.writeString(theme.resolve(OPAQUE), controls + withoutUnused(toolkit("modena-no-transparency.css")));
        for (String sheet :
                Stream.concat(OWN.stream(), Stream.of(CONTROLS, OPAQUE)).toList()) {
            Stylesheet.convertToBinary(
                    theme.resolve(sheet).toFile(),
                    theme.resolve(sheet.replace(".css", ".bss")).toFile());
        }
    }

    static String toolkit(String sheet) throws IOException {
        try (InputStream in = BuiltStyles.class.getResourceAsStream(TOOLKIT + sheet)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** A stylesheet without the selectors of controls that no screen has, and without the rules that then stand for none. */
    static String withoutUnused(String css) {
        return RULE.matcher(COMMENT.matcher(css).replaceAll(""))
                .results()
                .map(BuiltStyles::used)
                .collect(Collectors.joining());
    }

    private static String used(MatchResult rule) {
        String selectors = Arrays.stream(rule.group(1).split(","))
                .map(String::strip)
                .filter(selector -> !isUnused(selector))
                .collect(Collectors.joining(",\n"));
        return selectors.isEmpty() ? "" : selectors + " {" + rule.group(2) + "}\n";
    }

    /** Whether a selector, or a style class, belongs to a control that no screen has. */
    static boolean isUnused(String selector) {
        return UNUSED.matcher(selector).find() && !USED.matcher(selector).find();
    }
}
