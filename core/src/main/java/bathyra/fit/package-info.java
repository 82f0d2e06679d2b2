/** The garment put on the form: meshed, sewn and let settle (C21). */
package bathyra.fit;
