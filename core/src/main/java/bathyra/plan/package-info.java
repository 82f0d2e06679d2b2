/** What is on record of the making of a commission: when it is due, what took how long, which days were fixed. Values only; the plan itself is found in {@code workplan}. */
package bathyra.plan;
