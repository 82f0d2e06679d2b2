package bathyra.app.workshop;

import bathyra.book.BookFailure;
import bathyra.book.WorkshopBook;
import bathyra.garment.Commission;
import bathyra.garment.HealthRecord;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** What wearers answered before being laced (C17.1): kept in the book apart from every design, read once. */
final class WearersAnswers {
    private final WorkshopBook book;
    private final Consumer<String> said;
    private final Map<String, Optional<HealthRecord>> known = new HashMap<>();

    /** @param said hears what went wrong, in words for the cutter; nothing when it went well */
    WearersAnswers(WorkshopBook book, Consumer<String> said) {
        this.book = book;
        this.said = said;
    }

    /** The answers of a wearer; empty when nobody has asked. */
    Optional<HealthRecord> of(String wearer) {
        return known.computeIfAbsent(wearer, name -> {
            try {
                return book.health().of(name);
            } catch (BookFailure e) {
                said.accept(e.getMessage());
                return Optional.empty();
            }
        });
    }

    void keep(String wearer, HealthRecord record) {
        try {
            book.health().keep(wearer, record);
            said.accept("");
        } catch (BookFailure e) {
            said.accept(e.getMessage());
        }
        forget();
    }

    /** Names have changed, or answers were erased: what was read counts no more. */
    void forget() {
        known.clear();
    }

    /** A commission as its wearer's answers have it: not to be laced where they forbid it. Without answers what its document says stands. */
    Commission obeying(Commission of) {
        return of(of.wearer().name())
                .map(record -> of.withAnswers(Optional.of(record.day()), record.forbidsLacing()))
                .orElse(of);
    }
}
