/** Sums to practise on a draft, how a wrong answer is told from its slip, and when each comes again. */
package bathyra.practice;
