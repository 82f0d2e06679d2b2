package bathyra.length;

/** What stands in a sentence under the name that it bears on the screen. */
public interface Named {
    /** The name, in the cutter's words. */
    String label();
}
