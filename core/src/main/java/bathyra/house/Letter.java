package bathyra.house;

/**
 * How the workshop writes on paper.
 *
 * @param currencyFirst whether the currency stands before the amount
 * @param decimalComma whether hundredths stand behind a comma
 * @param line its line on the covers; empty for none
 */
public record Letter(boolean currencyFirst, boolean decimalComma, String line) {
    public static final Letter USUAL = new Letter(false, false, "");

    public Letter withCurrencyFirst(boolean first) {
        return new Letter(first, decimalComma, line);
    }

    public Letter withDecimalComma(boolean comma) {
        return new Letter(currencyFirst, comma, line);
    }

    public Letter withLine(String next) {
        return new Letter(currencyFirst, decimalComma, next);
    }
}
