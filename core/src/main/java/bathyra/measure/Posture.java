package bathyra.measure;

import bathyra.length.Named;

/** How the wearer stands: what no tape tells (C20). */
public enum Posture implements Named {
    USUAL("usual", "as usual"),
    SWAY("sway-back", "sway back"),
    ROUNDED("rounded", "rounded back"),
    UPRIGHT("upright", "upright"),
    BELLY("belly", "full belly");

    private final String id;
    private final String label;

    Posture(String id, String label) {
        this.id = id;
        this.label = label;
    }

    /** The word in files. */
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }
}
