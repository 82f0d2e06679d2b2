package bathyra.reckon;

/**
 * Where a number's arithmetic comes from.
 *
 * @param section the section of the craft reference, for example {@code C6}
 * @param title what the rule is called, in the cutter's words
 */
public record Rule(String section, String title) {
    /** The rule of a number that is only arithmetic on others. */
    public static final Rule ARITHMETIC = new Rule("", "arithmetic");

    public static Rule of(String section, String title) {
        return new Rule(section, title);
    }
}
