/** The whole draft told step by step, as one would do it on paper: what is done, which figure comes of it, why, and what goes wrong there. */
package bathyra.along;
