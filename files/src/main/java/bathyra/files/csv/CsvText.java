package bathyra.files.csv;

import bathyra.length.Length;
import bathyra.length.LengthUnit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVFormat;

/** Finds out how a CSV file was written: its encoding and what stands between its cells. */
final class CsvText {
    private static final char[] DELIMITERS = {';', '\t', ','};
    private static final int DECIMALS = 4;
    private static final String BOM = "\uFEFF";

    private CsvText() {}

    /** UTF-8 with or without a byte order mark, UTF-16 with one; what is none of these is read as Western European. */
    static String decode(byte[] bytes) {
        if (bytes.length >= 2 && (bytes[0] & 0xff) == 0xff && (bytes[1] & 0xff) == 0xfe
                || bytes.length >= 2 && (bytes[0] & 0xff) == 0xfe && (bytes[1] & 0xff) == 0xff) {
            return withoutMark(new String(bytes, StandardCharsets.UTF_16));
        }
        try {
            return withoutMark(StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString());
        } catch (CharacterCodingException e) {
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }

    private static String withoutMark(String text) {
        return text.startsWith(BOM) ? text.substring(1) : text;
    }

    /** What stands between the cells of the first line. A semicolon wins over commas, which may belong to the figures. */
    static char delimiter(String text) {
        String first = text.lines().filter(l -> !l.isBlank()).findFirst().orElse("");
        for (char each : DELIMITERS) {
            if (first.indexOf(each) >= 0) {
                return each;
            }
        }
        return ',';
    }

    /** How a table was written that a spreadsheet may have made. */
    static CSVFormat format(String text) {
        return CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .setLenientEof(true)
                .get();
    }

    /** A text that a spreadsheet would take for a formula is written so that it stays a text. */
    static String defused(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    /** A length as a spreadsheet reads it: a plain number in the unit, a point before its decimals. */
    static String figure(Length length, LengthUnit unit) {
        return BigDecimal.valueOf(length.millimetres() / unit.millimetres())
                .setScale(DECIMALS, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }
}
