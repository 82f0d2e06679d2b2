package bathyra.app.workshop;

import bathyra.measure.MeasurementKey;
import bathyra.place.Cell;

/** What is in hand while it is being changed: changes of the same thing that follow each other are one, and are taken back as one. */
public sealed interface InHand {
    /** A measurement on the measuring page. */
    record Figure(MeasurementKey key) implements InHand {}

    /** A sounding. */
    record Sounding(Cell cell) implements InHand {}

    /** A setting by its id: an option, a slider, a text. */
    record Setting(String id) implements InHand {}

    /** A deed that is done at once: no change after it belongs to it. */
    final class Once implements InHand {}

    /** A measurement. */
    static InHand of(MeasurementKey key) {
        return new Figure(key);
    }

    /** A sounding. */
    static InHand of(Cell cell) {
        return new Sounding(cell);
    }

    /** A setting. */
    static InHand of(String id) {
        return new Setting(id);
    }

    /** A deed of its own. */
    static InHand once() {
        return new Once();
    }
}
