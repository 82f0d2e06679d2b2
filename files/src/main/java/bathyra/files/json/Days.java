package bathyra.files.json;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/** Days in documents. */
final class Days {
    /** Days of other centuries are slips of the hand. */
    private static final int YEAR_LEAST = 1900;

    private static final int YEAR_MOST = 2200;

    private Days() {}

    /** A day that a person can have meant. */
    static Optional<LocalDate> read(Fields fields, String key) {
        return fields.text(key).flatMap(text -> {
            try {
                LocalDate day = LocalDate.parse(text);
                if (day.getYear() >= YEAR_LEAST && day.getYear() <= YEAR_MOST) {
                    return Optional.of(day);
                }
            } catch (DateTimeParseException e) {
                // Said below, like a day of another century.
            }
            fields.fault(key, "is " + text, "a day such as 2026-11-03, from " + YEAR_LEAST + " to " + YEAR_MOST);
            return Optional.empty();
        });
    }
}
