package bathyra.app.workshop;

import java.util.Arrays;
import java.util.Locale;

/** How the window looks. */
public enum Theme {
    LIGHT("Light paper"),
    DARK("Dark workroom"),
    /** As the desktop is, where it says so. */
    SYSTEM("As the system");

    private final String label;

    Theme(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Light for any word that is none. */
    static Theme named(String word) {
        return Arrays.stream(values())
                .filter(t -> t.word().equals(word))
                .findFirst()
                .orElse(LIGHT);
    }
}
