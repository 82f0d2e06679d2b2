package bathyra.app.find;

/**
 * Something that can be found and done.
 *
 * @param words what it is called, as one would type it
 * @param also what else it may be looked for by; not shown
 * @param kind what sort of thing it is, in a word
 * @param deed does it, or goes there
 */
public record Findable(String words, String also, Kind kind, Runnable deed) {
    public Findable(String words, Kind kind, Runnable deed) {
        this(words, "", kind, deed);
    }

    /** The sorts, the likeliest first. */
    public enum Kind {
        STAGE("stage"),
        DEED("deed"),
        FIGURE("figure"),
        COMMISSION("commission"),
        HELP("help");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
