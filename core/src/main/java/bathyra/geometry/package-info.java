/**
 * Points, curves and outlines on paper. Plain doubles are millimetres; x runs from centre front towards centre back, y
 * runs down. Turning from +x to +y is clockwise on the screen and counts as positive. Angles are radians.
 */
package bathyra.geometry;
