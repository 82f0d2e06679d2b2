/** Drawings that come from elsewhere, made into pieces that can be checked and trued. Lengths in the drawing's own unit until they are taken. */
package bathyra.foreign;
