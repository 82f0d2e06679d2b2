/** What the garments of a workshop need, what is on its shelf, and what is to be ordered from whom. */
package bathyra.supply;
