package bathyra.measure;

import bathyra.length.Sentence;
import java.util.List;

/**
 * What a look at the figures says before anything is drawn.
 *
 * @param weight whether it holds, wants a second look, or stands in the way of a draft
 * @param keys the measurements it is about, the one to take again first
 * @param sentence what is said
 */
public record Remark(Weight weight, List<MeasurementKey> keys, Sentence sentence) {
    /** How much a remark weighs. Only {@code STOPS} keeps the draft from being made. */
    public enum Weight {
        HOLDS,
        NOTE,
        STOPS
    }

    public Remark {
        keys = List.copyOf(keys);
    }

    static Remark holds(Sentence sentence, MeasurementKey... keys) {
        return new Remark(Weight.HOLDS, List.of(keys), sentence);
    }

    static Remark note(Sentence sentence, MeasurementKey... keys) {
        return new Remark(Weight.NOTE, List.of(keys), sentence);
    }

    static Remark stops(Sentence sentence, MeasurementKey... keys) {
        return new Remark(Weight.STOPS, List.of(keys), sentence);
    }
}
