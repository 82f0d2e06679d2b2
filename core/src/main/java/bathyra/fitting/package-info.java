/** The record of fittings: what was seen on the toile, and what of it the draft follows (C15). Values only; what becomes of a mark is found in {@code correction}. */
package bathyra.fitting;
