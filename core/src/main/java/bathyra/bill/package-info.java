/** What a commission needs and what it costs: one page of lines that add up. */
package bathyra.bill;
