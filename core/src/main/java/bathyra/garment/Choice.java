package bathyra.garment;

import java.util.Arrays;
import java.util.Optional;

/** A word that a document may hold for one of the fixed choices of a garment. */
public interface Choice {
    /** The word in files. */
    String id();

    /** The word on the screen. */
    String label();

    /** The constant of an enumeration of choices that a word names. */
    static <E extends Enum<E> & Choice> Optional<E> find(Class<E> type, String id) {
        return Arrays.stream(type.getEnumConstants())
                .filter(e -> e.id().equals(id))
                .findFirst();
    }
}
