/** From the finished pattern to what is cut: layers of cloth, strips, the order of sewing, and the checks on what is cut. */
package bathyra.layer;
