package bathyra.app.glossary;

import bathyra.garment.Commission;

/**
 * One figure tried a little larger or smaller, to show what it does.
 *
 * @param then the commission in hand with that figure moved, and nothing else
 * @param words by how much, for example {@code 1.0 cm more}
 */
public record Tried(Commission now, Commission then, String words) {}
