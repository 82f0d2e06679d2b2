package bathyra.draft;

import bathyra.garment.Garment;
import bathyra.length.Sentence;

/**
 * A change that was tried and takes a finding away.
 *
 * @param deed what is done, as the words on a button
 * @param effect what follows from it
 * @param garment the garment with the change
 * @param cost how much it departs from what was asked, mm; a seam more or less and another weighting count as so many
 */
public record Cure(Sentence deed, Sentence effect, Garment garment, double cost) {}
