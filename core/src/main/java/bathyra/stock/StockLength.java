package bathyra.stock;

/**
 * A length that is kept in stock.
 *
 * @param length mm
 * @param price of one
 */
public record StockLength(String name, double length, double price) {
    public StockLength {
        if (!(length > 0 && length < 1e6) || !(price >= 0 && price < 1e7)) {
            throw new IllegalArgumentException(
                    "a stock length is over 0 mm and costs nothing or more, was " + length + " mm at " + price);
        }
    }
}
