/** The plan of a making: its steps with the minutes they take, and its days, worked out from the finished draft (C16). */
package bathyra.workplan;
