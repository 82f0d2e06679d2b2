package bathyra.app.workshop;

/** What lies over the stages: a page of its own, from which one returns to the stage in hand. */
public enum Over {
    /** The workshop book. */
    BOOK,
    /** A pattern from elsewhere. */
    FOREIGN,
    /** What is put out, and to whom. */
    OUTPUT,
    /** The settings of the workshop. */
    SETTINGS,
    /** What is asked before a new commission. */
    NEW,
    /** One design in many sizes. */
    SIZES,
    /** Sums to practise. */
    PRACTICE,
    /** The whole draft, step by step. */
    ALONG,
    /** Every key. */
    KEYS
}
