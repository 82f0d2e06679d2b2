/** From the panels to the pieces: sheets with their edges drawn on the joined pattern, contour wedges, tops, cups, hems, and the finished pieces. */
package bathyra.cutting;
