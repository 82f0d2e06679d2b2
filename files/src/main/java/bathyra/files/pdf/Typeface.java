package bathyra.files.pdf;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The shipped fonts, embedded in a document. */
record Typeface(PDFont plain, PDFont bold, PDFont title) {
    private static final double MM_PER_POINT = 25.4 / 72;

    static Typeface in(PDDocument document) throws IOException {
        return new Typeface(
                load(document, "Lato-Regular.ttf"),
                load(document, "Lato-Bold.ttf"),
                load(document, "OldStandard-Regular.ttf"));
    }

    private static PDFont load(PDDocument document, String file) throws IOException {
        try (InputStream in = Typeface.class.getResourceAsStream("/fonts/" + file)) {
            TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
            // Ligatures look no better at these sizes and cannot be copied or searched out of the print.
            font.setEnableGsub(false);
            return PDType0Font.load(document, font, true);
        }
    }

    /** The text with what the font cannot show replaced, so that a name in another script never stops a print. */
    static String writable(PDFont font, String words) throws IOException {
        StringBuilder text = new StringBuilder();
        for (int code :
                words.replace('\u00a0', ' ').replaceAll("\\s", " ").codePoints().toArray()) {
            String letter = Character.toString(code);
            try {
                font.encode(letter);
                text.append(letter);
            } catch (IllegalArgumentException e) {
                text.append('?');
            }
        }
        return text.toString();
    }

    /** The words broken into lines no longer than a width in mm. */
    static List<String> broken(PDFont font, double size, String words, double width) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : writable(font, words).split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && width(font, size, longer) > width) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** As much of the words as fits a width in mm, with dots where something is left away. */
    static String within(PDFont font, double size, String words, double width) throws IOException {
        if (width(font, size, words) <= width) {
            return words;
        }
        int end = words.length();
        while (end > 0 && width(font, size, words.substring(0, end) + " …") > width) {
            end--;
        }
        return words.substring(0, end).strip() + " …";
    }

    static double width(PDFont font, double size, String words) throws IOException {
        return font.getStringWidth(writable(font, words)) / 1000 * size * MM_PER_POINT;
    }
}
