package bathyra.house;

/**
 * How the workshop writes money on paper.
 *
 * @param currencyFirst whether the currency stands before the amount
 * @param decimalComma whether hundredths stand behind a comma
 */
public record Letter(boolean currencyFirst, boolean decimalComma) {
    public static final Letter USUAL = new Letter(false, false);
}
