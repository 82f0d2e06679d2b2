package bathyra.girth;

import bathyra.place.Level;
import bathyra.reckon.Reckoned;

/**
 * The girth plan of one level (C5).
 *
 * @param body the body's girth
 * @param ease what is added to it, negative where the garment is tighter
 * @param worn body + ease
 * @param gap the lacing gap, taken out of the back
 * @param frontShare how much of the worn girth lies in front
 * @param pattern worn − gap, the whole girth in cloth
 * @param frontHalf what one front half measures, closed
 * @param backHalf what one back half measures, closed
 */
public record LevelPlan(
        Level level,
        Reckoned body,
        Reckoned ease,
        Reckoned worn,
        Reckoned gap,
        Reckoned frontShare,
        Reckoned pattern,
        Reckoned frontHalf,
        Reckoned backHalf) {}
