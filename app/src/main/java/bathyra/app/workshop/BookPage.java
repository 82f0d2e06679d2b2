package bathyra.app.workshop;

/** How the workshop book is looked at. */
public enum BookPage {
    LIST("List"),
    WEEKS("Weeks"),
    STORES("Stores"),
    MONEY("Money");

    private final String label;

    BookPage(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
