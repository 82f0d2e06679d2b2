package bathyra.money;

import bathyra.house.House;
import java.util.Locale;

/**
 * How money is written.
 *
 * @param currency what stands with an amount
 * @param first whether it stands before the amount
 * @param comma whether hundredths stand behind a comma
 */
public record MoneyWriting(String currency, boolean first, boolean comma) {
    public static MoneyWriting of(House house, String currency) {
        return new MoneyWriting(
                currency, house.letter().currencyFirst(), house.letter().decimalComma());
    }

    /** An amount alone. */
    public String figure(double amount) {
        String figure = String.format(Locale.ROOT, "%.2f", amount).replace('-', '−');
        return comma ? figure.replace('.', ',') : figure;
    }

    /** An amount with its currency. */
    public String say(double amount) {
        return first ? currency + "\u00a0" + figure(amount) : figure(amount) + "\u00a0" + currency;
    }
}
