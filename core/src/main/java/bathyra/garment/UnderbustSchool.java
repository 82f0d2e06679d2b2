package bathyra.garment;

/** The schools for the intake under the bust (C6). */
public enum UnderbustSchool implements Choice {
    BODY("body", "By the bust"),
    EXCESS("excess", "Excess"),
    TABLE("table", "Table"),
    DIFFERENCE("difference", "Difference"),
    FORM("form", "By the form");

    private final String id;
    private final String label;

    UnderbustSchool(String id, String label) {
        this.id = id;
        this.label = label;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }
}
