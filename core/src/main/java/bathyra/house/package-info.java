/** The workshop itself: who works in it and when, its terms, its order of working, what it keeps. Values only. */
package bathyra.house;
