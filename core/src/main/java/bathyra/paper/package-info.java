/** Paper patterns and what a cutter does with them by hand: slash, pivot, close, spread, trace off, merge, blend, walk, true. */
package bathyra.paper;
