package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Words stand out from every ground on which they are put, and lines do, in both themes: by the ratio of relative luminances of WCAG 2. */
class ContrastTest {
    private static final double WORDS = 4.5;
    private static final double LINES = 3;
    private static final Pattern TOKEN = Pattern.compile("-([a-z0-9-]+):\\s*#([0-9A-Fa-f]{6})");

    private static final List<String> GROUNDS =
            List.of("paper", "chart", "piece-alt", "sea-1", "sea-2", "sea-3", "sea-4", "sea-5");
    private static final List<String> LETTERED =
            List.of("ink", "ink-2", "teal", "coral-text", "brass-text", "amber-text");
    private static final List<String> DRAWN = List.of("ink", "teal", "coral", "line", "edge", "amber", "kelp", "red");

    private static Map<String, double[]> tokens(boolean dark) throws IOException {
        try (InputStream in = ContrastTest.class.getResourceAsStream("/theme/tokens.css")) {
            String sheet = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            int from = dark ? sheet.indexOf(".root.dark") : sheet.indexOf(".root {");
            Map<String, double[]> tokens = new TreeMap<>();
            Matcher each = TOKEN.matcher(sheet.substring(from, sheet.indexOf('}', from)));
            while (each.find()) {
                int rgb = Integer.parseInt(each.group(2), 16);
                tokens.put(each.group(1), new double[] {rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255});
            }
            return tokens;
        }
    }

    private static double luminance(double[] rgb) {
        double[] share = {0.2126, 0.7152, 0.0722};
        double sum = 0;
        for (int i = 0; i < share.length; i++) {
            double c = rgb[i] / 255;
            sum += share[i] * (c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
        return sum;
    }

    private static double contrast(double[] a, double[] b) {
        double x = luminance(a);
        double y = luminance(b);
        return (Math.max(x, y) + 0.05) / (Math.min(x, y) + 0.05);
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void wordsAndLines_standOutFromTheirGrounds(boolean dark) throws IOException {
        Map<String, double[]> tokens = tokens(dark);
        List<String> faint = new ArrayList<>();
        for (String ground : GROUNDS) {
            for (String ink : LETTERED) {
                require(tokens, ink, ground, WORDS, faint);
            }
            for (String ink : DRAWN) {
                require(tokens, ink, ground, LINES, faint);
            }
        }
        require(tokens, "amber-text", "amber-wash", WORDS, faint);
        require(tokens, "red", "red-wash", WORDS, faint);
        require(tokens, "coral-text", "coral-wash", WORDS, faint);
        require(tokens, "on-teal", "teal", WORDS, faint);
        require(tokens, "deep", "tape", WORDS, faint);
        require(tokens, "rail-note", "cloth", WORDS, faint);
        require(tokens, "cord", "cloth", LINES, faint);
        assertThat(faint).isEmpty();
    }

    private static void require(
            Map<String, double[]> tokens, String ink, String ground, double least, List<String> faint) {
        double contrast = contrast(tokens.get(ink), tokens.get(ground));
        if (contrast < least) {
            faint.add(String.format(Locale.ROOT, "%s on %s %.2f of %.1f", ink, ground, contrast, least));
        }
    }
}
