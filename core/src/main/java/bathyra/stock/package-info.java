/** What is bought, what is cut from what, and what it costs. Lengths in mm, prices in the workshop's own currency. */
package bathyra.stock;
