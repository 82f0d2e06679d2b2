package bathyra.layer;

import bathyra.reckon.Reckoned;

/**
 * A strip that is measured off and cut, without a pattern.
 *
 * @param count how many are cut
 * @param length of one, joins not counted
 * @param width as it is cut
 * @param bias whether it lies at 45° to the thread
 */
public record Strip(String name, int count, Reckoned length, Reckoned width, boolean bias) {
    /** How it is cut, in words without its lengths. */
    public String cutWords() {
        return "cut " + count + (bias ? " on the bias" : "");
    }
}
