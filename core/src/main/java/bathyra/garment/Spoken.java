package bathyra.garment;

import java.time.LocalDate;

/**
 * The record that the wearer was told what a reduction of the waist can do, and agreed (C17).
 *
 * @param reduction the share of the natural waist that was spoken of
 */
public record Spoken(LocalDate day, double reduction) {}
