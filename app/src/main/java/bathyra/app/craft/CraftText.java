package bathyra.app.craft;

import bathyra.reckon.Rule;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/** The rules that the program follows, {@code docs/craft.md}, as blocks in their order. */
public final class CraftText {
    private static final String RESOURCE = "/craft/craft.md";
    private static final String GUIDE = "/craft/guide.md";

    private final List<Block> blocks;

    private CraftText(List<Block> blocks) {
        this.blocks = List.copyOf(blocks);
    }

    /** What a block is. */
    public enum Kind {
        TITLE,
        SECTION,
        SUBSECTION,
        WORDS,
        ITEM,
        HEAD_ROW,
        ROW
    }

    /** A stretch of words. @param strong whether it is the name of a rule */
    public record Span(String words, boolean strong) {}

    /**
     * A heading, a paragraph, an item of a list, or a row of a table.
     *
     * @param section in which it stands, for example {@code C6}; empty before the first
     * @param cells of a row, or the one cell that any other block is
     */
    public record Block(Kind kind, String section, List<List<Span>> cells) {
        /** All its words. */
        public String words() {
            StringBuilder words = new StringBuilder();
            cells.forEach(cell -> cell.forEach(span -> words.append(span.words())));
            return words.toString();
        }

        private boolean names(String rule) {
            return cells.stream().flatMap(List::stream).anyMatch(span -> span.strong() && isSame(span.words(), rule))
                    || isTable() && cells.get(0).stream().anyMatch(span -> isSame(span.words(), rule));
        }

        private boolean isTable() {
            return kind == Kind.ROW;
        }

        private static boolean isSame(String words, String rule) {
            return words.replaceAll("[.:]$", "").toLowerCase(Locale.ROOT).equals(rule.toLowerCase(Locale.ROOT));
        }
    }

    /** The rules that the program ships with. */
    public static CraftText shipped() {
        return read(RESOURCE);
    }

    /** The guide that the program ships with. */
    public static CraftText guide() {
        return read(GUIDE);
    }

    private static CraftText read(String resource) {
        try (InputStream in = CraftText.class.getResourceAsStream(resource)) {
            return of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads the rules from their page. */
    public static CraftText of(String page) {
        Node document = Parser.builder()
                .extensions(List.of(TablesExtension.create()))
                .build()
                .parse(page);
        List<Block> blocks = new ArrayList<>();
        String section = "";
        for (Node node = document.getFirstChild(); node != null; node = node.getNext()) {
            if (node instanceof Heading heading) {
                String words = new Block(Kind.TITLE, "", List.of(spans(heading))).words();
                section = heading.getLevel() == 1 ? "" : words.split(" ", 2)[0];
                Kind kind =
                        heading.getLevel() == 1 ? Kind.TITLE : heading.getLevel() == 2 ? Kind.SECTION : Kind.SUBSECTION;
                blocks.add(new Block(kind, section, List.of(spans(heading))));
            } else {
                add(blocks, node, section);
            }
        }
        return new CraftText(blocks);
    }

    private static void add(List<Block> blocks, Node node, String section) {
        if (node instanceof Paragraph && spans(node).isEmpty()) {
            // A picture alone: the window shows the thing itself.
            return;
        }
        if (node instanceof Paragraph) {
            blocks.add(new Block(Kind.WORDS, section, List.of(spans(node))));
        } else if (node instanceof BulletList || node instanceof OrderedList) {
            for (Node item = node.getFirstChild(); item != null; item = item.getNext()) {
                blocks.add(new Block(Kind.ITEM, section, List.of(spans(item))));
            }
        } else if (node instanceof TableBlock) {
            for (Node part = node.getFirstChild(); part != null; part = part.getNext()) {
                for (Node row = part.getFirstChild(); row != null; row = row.getNext()) {
                    blocks.add(row((TableRow) row, section));
                }
            }
        }
    }

    private static Block row(TableRow row, String section) {
        List<List<Span>> cells = new ArrayList<>();
        boolean head = false;
        for (Node cell = row.getFirstChild(); cell != null; cell = cell.getNext()) {
            head |= ((TableCell) cell).isHeader();
            cells.add(spans(cell));
        }
        return new Block(head ? Kind.HEAD_ROW : Kind.ROW, section, cells);
    }

    private static List<Span> spans(Node of) {
        List<Span> spans = new ArrayList<>();
        collect(of, false, spans);
        return List.copyOf(spans);
    }

    private static void collect(Node of, boolean strong, List<Span> spans) {
        for (Node node = of.getFirstChild(); node != null; node = node.getNext()) {
            if (node instanceof Text text) {
                spans.add(new Span(text.getLiteral(), strong));
            } else if (node instanceof Code code) {
                spans.add(new Span(code.getLiteral(), strong));
            } else if (node instanceof SoftLineBreak) {
                spans.add(new Span(" ", strong));
            } else if (!(node instanceof Image)) {
                collect(node, strong || node instanceof StrongEmphasis, spans);
            }
        }
    }

    /** Where a heading stands. */
    public Optional<Integer> heading(String words) {
        return IntStream.range(0, blocks.size())
                .filter(i ->
                        blocks.get(i).kind() == Kind.SECTION || blocks.get(i).kind() == Kind.SUBSECTION)
                .filter(i -> blocks.get(i).words().equals(words))
                .boxed()
                .findFirst();
    }

    /** Everything, in its order. */
    public List<Block> blocks() {
        return blocks;
    }

    /**
     * Where a rule stands: the block of its section that names it, else the head of the section, or of the section of which that is a part.
     *
     * @return an index into {@link #blocks}; empty for a rule of no section
     */
    public Optional<Integer> find(Rule rule) {
        if (rule.section().isEmpty()) {
            return Optional.empty();
        }
        return indices(rule.section(), block -> block.names(rule.title()))
                .or(() -> indices(rule.section(), block -> block.kind() != Kind.WORDS))
                .or(() -> indices(rule.section().replaceAll("\\..*", ""), block -> block.kind() == Kind.SECTION));
    }

    /** Whether a rule is named in its section, and not only the section there. */
    public boolean names(Rule rule) {
        return indices(rule.section(), block -> block.names(rule.title())).isPresent();
    }

    private Optional<Integer> indices(String section, Predicate<Block> which) {
        return IntStream.range(0, blocks.size())
                .boxed()
                .filter(i -> blocks.get(i).section().equals(section) && which.test(blocks.get(i)))
                .min(Comparator.naturalOrder());
    }
}
