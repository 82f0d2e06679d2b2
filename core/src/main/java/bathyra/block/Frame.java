package bathyra.block;

import bathyra.reckon.Reckoned;

/**
 * What a school says of a body, and nothing else: every block that a strapless garment stands on follows from it. Depths
 * count down from the neck end of the shoulder in front.
 *
 * @param apex depth of the apex
 * @param underbust depth of the underbust line
 * @param waist depth of the waist line
 * @param sideDart what closes the side seam: by how much the front is longer than the back there
 * @param chest depth of the chest line in front
 * @param underbustWidth width of the drafted front quarter at the underbust line
 * @param backDart what the back princess seam takes at the waist
 * @param centreBackIn what centre back is taken in at the waist
 */
record Frame(Reckoned apex, Reckoned underbust, Reckoned waist, Reckoned sideDart, Reckoned chest, Reckoned underbustWidth, Reckoned backDart,
        Reckoned centreBackIn) {}
