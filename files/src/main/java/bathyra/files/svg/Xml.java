package bathyra.files.svg;

/** Words inside an XML document. */
final class Xml {
    private static final char INSTEAD = '\ufffd';

    private Xml() {}

    /** The words with what XML reads as its own written out, and what XML cannot hold at all, such as control characters, replaced. */
    static String escaped(String text) {
        StringBuilder out = new StringBuilder();
        text.codePoints().forEach(c -> {
            switch (c) {
                case '&' -> out.append("&amp;");
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '"' -> out.append("&quot;");
                default -> out.appendCodePoint(isAllowed(c) ? c : INSTEAD);
            }
        });
        return out.toString();
    }

    /** XML 1.0, production 2. */
    private static boolean isAllowed(int c) {
        return c == '\t'
                || c == '\n'
                || c == '\r'
                || c >= 0x20 && c <= 0xd7ff
                || c >= 0xe000 && c <= 0xfffd
                || c >= 0x10000;
    }
}
