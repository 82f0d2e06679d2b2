package bathyra.app.settings;

import java.util.Locale;

/** The settings that have one row each on their page: what each is called, what it changes, and what else it may be looked for by. */
public enum SettingsRow {
    LINE("Line on the covers", "Stands on the cover of every pattern that goes out.", "name of the workshop"),
    UNIT(
            "Unit of a new commission",
            "Centimetres, or inches in eighths or sixteenths, on the screen and on paper. The switch above changes the commission in hand.",
            "cm inch eighths sixteenths"),
    THEME(
            "Theme",
            "The colours of the window. A desktop that does not say whether it is dark is taken for light.",
            "dark light colours"),
    WORDS(
            "Size of words",
            "Words and the rows that hold them grow, in the drawings too; the drawings themselves stay.",
            "text letters font larger"),
    DATES(
            "Dates",
            "How days are written on the screen. They are typed as 2026-11-30 whatever this says.",
            "days format"),
    WEEK(
            "First day of a week",
            "The weeks of the workshop, the days of a making and the calendars beside the fields for days.",
            "monday sunday calendar"),
    MOTION("Motion", "A wedge that closes is seen closing; reduced, it is closed at once.", "reduced animation"),
    DOCUMENT(
            "As a document",
            "The rules of the house go to another machine, or to a colleague.",
            "rules of the house write take in"),
    PLACE("Where it lies", "Another book is opened with ./bathyra --book.", "folder of the book"),
    BACKUPS("Backups kept", "One is made in every hour of use; beyond so many the oldest go.", "copies"),
    SECOND(
            "Second place",
            "Every backup is copied there as well: choose another disk. Erasing a wearer takes those copies away too.",
            "backups disk copies");

    private final String label;
    private final String changes;
    private final String also;

    SettingsRow(String label, String changes, String also) {
        this.label = label;
        this.changes = changes;
        this.also = also;
    }

    public String label() {
        return label;
    }

    String changes() {
        return changes;
    }

    /** Other words by which one looks for it. */
    public String also() {
        return also;
    }

    /** The id of its row on the page. */
    public String row() {
        return "setting-" + name().toLowerCase(Locale.ROOT);
    }
}
