package bathyra.app.craft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import bathyra.garment.BlockMethod;
import bathyra.garment.LengthOption;
import bathyra.length.Length;
import bathyra.reckon.Rule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CraftTextTest {
    private static final Path PROJECT = Path.of("..");
    private static final Pattern RULE = Pattern.compile("Rule\\.of\\(\\s*\"([^\"]+)\",\\s*\"([^\"]+)\"");
    private static final Pattern CITED = Pattern.compile("\\bC\\d+(?:\\.\\d+)?\\b");

    private final CraftText shipped = CraftText.shipped();

    private static List<String> sources() throws IOException {
        List<String> sources = new ArrayList<>();
        for (String module : List.of("core", "files", "book", "app")) {
            try (Stream<Path> files = Files.walk(PROJECT.resolve(module).resolve("src/main/java"))) {
                for (Path file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    sources.add(Files.readString(file));
                }
            }
        }
        return sources;
    }

    @Test
    void everyRuleNamedInTheProgram_standsInItsSection() throws IOException {
        List<String> absent = new ArrayList<>();
        int found = 0;
        for (String source : sources()) {
            Matcher rules = RULE.matcher(source);
            while (rules.find()) {
                found++;
                if (!shipped.names(Rule.of(rules.group(1), rules.group(2)))) {
                    absent.add(rules.group(1) + " " + rules.group(2));
                }
            }
        }
        assertThat(absent).isEmpty();
        assertThat(found).isGreaterThan(60);
    }

    @Test
    void everySectionCited_isThere() throws IOException {
        Set<String> sections =
                shipped.blocks().stream().map(CraftText.Block::section).collect(Collectors.toSet());
        Set<String> absent = new TreeSet<>();
        for (String source : sources()) {
            // Path data of drawn marks has the same look; it stands in texts of several commands.
            Matcher cited = CITED.matcher(source.replaceAll("\"M\\d[^\"]*\"", ""));
            while (cited.find()) {
                if (!sections.contains(cited.group())) {
                    absent.add(cited.group());
                }
            }
        }
        assertThat(absent).isEmpty();
    }

    @Test
    void everyLengthOfARule_standsThere_asTheProgramHasIt() {
        for (LengthOption option : LengthOption.values()) {
            Rule rule = option.byRule(BlockMethod.QUARTER).rule();
            assertThat(shipped.blocks().get(shipped.find(rule).orElseThrow()).kind())
                    .as(option.label())
                    .isEqualTo(CraftText.Kind.ROW);
            assertThat(shipped.blocks())
                    .filteredOn(block -> block.section().equals(rule.section()))
                    .extracting(CraftTextTest::cells)
                    .contains(List.of(
                            option.label(),
                            text(option.standard(BlockMethod.QUARTER)),
                            text(option.least()),
                            text(option.most())));
        }
    }

    private static List<String> cells(CraftText.Block row) {
        return row.cells().stream()
                .map(cell -> cell.stream().map(CraftText.Span::words).collect(Collectors.joining()))
                .toList();
    }

    private static String text(Length length) {
        return Long.toString(Math.round(length.millimetres())).replace('-', '−');
    }

    @Test
    void ruleThatIsNotNamed_leadsToTheHeadOfItsSection() {
        CraftText page =
                CraftText.of("# Page\n\n## C1 One\n\nwords\n\n## C2 Two\n\n### C2.1 Part\n\nmore **a rule** here\n");
        assertThat(page.blocks()
                        .get(page.find(Rule.of("C2.1", "a rule")).orElseThrow())
                        .words())
                .isEqualTo("more a rule here");
        assertThat(page.blocks()
                        .get(page.find(Rule.of("C2.1", "another")).orElseThrow())
                        .words())
                .isEqualTo("C2.1 Part");
        assertThat(page.blocks()
                        .get(page.find(Rule.of("C2.9", "another")).orElseThrow())
                        .words())
                .isEqualTo("C2 Two");
        assertThat(page.find(Rule.ARITHMETIC)).isEmpty();
    }

    @Test
    void tablesListsAndParagraphs_areReadAsTheyStand() {
        CraftText page =
                CraftText.of("words **strong** and\non\n\n- one\n- two\n\n| a | b |\n|---|---|\n| 1 | **2** |\n");
        assertThat(page.blocks())
                .extracting(CraftText.Block::kind, CraftText.Block::words)
                .containsExactly(
                        tuple(CraftText.Kind.WORDS, "words strong and on"),
                        tuple(CraftText.Kind.ITEM, "one"),
                        tuple(CraftText.Kind.ITEM, "two"),
                        tuple(CraftText.Kind.HEAD_ROW, "ab"),
                        tuple(CraftText.Kind.ROW, "12"));
    }
}
