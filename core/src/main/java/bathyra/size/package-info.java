/** One design in many sizes: charts, every size drafted by itself, what a step gives each piece, and which size a wearer has (C23). */
package bathyra.size;
