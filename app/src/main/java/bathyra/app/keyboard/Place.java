package bathyra.app.keyboard;

/** Where a key does something of its own. */
public enum Place {
    TABLE("On every table and card"),
    OVER("On a page over the stage"),
    MEASURE("Measure"),
    SEAMS("Girths and Seams"),
    WALKING("Pieces, two edges walked"),
    FIT("Fit"),
    FITTINGS("Fittings"),
    MAKING("Making"),
    BOOK("Workshop book"),
    HAND("By hand"),
    SIZES("Sizes"),
    ALONG("Draft along"),
    PRACTICE("Practice"),
    OUTPUT("Output"),
    FIND("Find");

    private final String title;

    Place(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
