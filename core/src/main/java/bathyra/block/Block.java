package bathyra.block;

import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.Map;

/**
 * What a drafting method delivers to everything after it: where the level lines lie and where the seams run. Depths count
 * down from the neck end of the shoulder on the front; the back is laid beside the front with the waists level.
 *
 * @param frontDepths depth of each level at centre front
 * @param sideDepths depth of each level at the side seam once the side bust dart is closed, and on the back
 * @param chestDepth depth of the chest line on the back
 * @param centreBackTop depth of the upper edge at centre back
 * @param crest depth of the upper edge over the apex
 * @param centreFrontTop depth of the upper edge at centre front
 * @param frontAxis distance of the front princess seam from centre front
 * @param backAxis distance of the back princess seam from centre back
 * @param bustRadius apex to underbust
 * @param sideDart width of the side bust dart
 * @param underbustWidth width of the drafted quarter at the underbust line
 * @param hipDepth depth of the hip line, where the intakes have run out
 * @param backDart what the back princess seam takes at the waist
 * @param centreBackIn what centre back is taken in at the waist
 */
public record Block(
        Map<Level, Reckoned> frontDepths,
        Map<Level, Reckoned> sideDepths,
        Reckoned chestDepth,
        Reckoned centreBackTop,
        Reckoned crest,
        Reckoned centreFrontTop,
        Reckoned frontAxis,
        Reckoned backAxis,
        Reckoned bustRadius,
        Reckoned sideDart,
        Reckoned underbustWidth,
        Reckoned hipDepth,
        Reckoned backDart,
        Reckoned centreBackIn) {
    public Block {
        frontDepths = Map.copyOf(frontDepths);
        sideDepths = Map.copyOf(sideDepths);
    }

    public double front(Level level) {
        return frontDepths.get(level).value();
    }

    public double side(Level level) {
        return sideDepths.get(level).value();
    }
}
