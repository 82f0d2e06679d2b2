/** What a garment costs and what is asked for it: price by cost, what is spent, what is put to the wearer and what is invoiced (C16.4). */
package bathyra.money;
