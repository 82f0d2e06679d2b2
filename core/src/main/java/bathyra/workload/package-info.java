/** What the workshop has to do against the hours it has: the weeks, what cannot be held, and what would help (C16.3). */
package bathyra.workload;
