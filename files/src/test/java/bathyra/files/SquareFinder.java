package bathyra.files;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDPage;

/** Reads a page's content back and finds the rectangles drawn on it, in millimetres. */
public final class SquareFinder {
    private SquareFinder() {}

    /** A rectangle, mm. */
    public record Square(double width, double height) {}

    /** Every rectangle of a page. */
    public static List<Square> in(PDPage page) throws IOException {
        List<Square> squares = new ArrayList<>();
        List<Object> tokens = new PDFStreamParser(page).parse();
        for (int i = 4; i < tokens.size(); i++) {
            if (tokens.get(i) instanceof Operator operator && operator.getName().equals("re")) {
                squares.add(new Square(
                        ((COSNumber) tokens.get(i - 2)).floatValue() * 25.4 / 72,
                        Math.abs(((COSNumber) tokens.get(i - 1)).floatValue()) * 25.4 / 72));
            }
        }
        return squares;
    }
}
