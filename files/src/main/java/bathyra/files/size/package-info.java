/** What every drawing of a nest asks for, whatever its format. */
package bathyra.files.size;
