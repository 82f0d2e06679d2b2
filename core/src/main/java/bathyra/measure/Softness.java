package bathyra.measure;

import bathyra.length.Named;

/** How much the body gives way where it is pressed (C20). */
public enum Softness implements Named {
    SOFT("soft"),
    BETWEEN("between"),
    FIRM("firm");

    private final String id;

    Softness(String id) {
        this.id = id;
    }

    /** The word in files. */
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return id;
    }
}
