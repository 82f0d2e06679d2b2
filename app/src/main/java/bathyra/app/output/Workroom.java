package bathyra.app.output;

import bathyra.house.House;
import bathyra.stock.PriceList;
import bathyra.workplan.Pace;
import java.util.Optional;

/**
 * What of the workshop goes into what is put out.
 *
 * @param prices for the bill
 * @param house for the days and who works
 * @param pace for the minutes
 */
public record Workroom(PriceList prices, House house, Pace pace, Optional<String> key) {
    /** Where there is no book: the commands. */
    public static final Workroom NONE = new Workroom(PriceList.invented(), House.USUAL, Pace.UNKNOWN, Optional.empty());
}
