/** Finished pieces as figures to draw them by hand from, and pieces drawn by hand brought back (C24). */
package bathyra.hand;
