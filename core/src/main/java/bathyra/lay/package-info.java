/** Pieces laid on cloth (C14). x runs across the cloth from one selvedge or the fold, y along it; mm. */
package bathyra.lay;
