package bathyra.form;

import bathyra.garment.Choice;

/** How the wearer stands: what a tape does not tell (C20). Each shifts the line of the back, mm, from below upwards, and rounds the front or the back. */
public enum Posture implements Choice {
    USUAL("usual", "As usual", new double[8], 0, 0),
    SWAY("sway-back", "Sway back", new double[] {0, -6, 2, 12, 2, -2, -4, -4}, 0, 0),
    ROUNDED("rounded", "Rounded back", new double[] {0, 0, 2, 2, -4, -10, -14, -12}, 0, 0.03),
    UPRIGHT("upright", "Upright", new double[] {0, 2, 0, -8, -2, 4, 8, 8}, 0, -0.01),
    BELLY("belly", "Full belly", new double[8], 0.03, 0);

    private final String id;
    private final String label;
    private final double[] back;
    private final double front;
    private final double behind;

    Posture(String id, String label, double[] back, double front, double behind) {
        this.id = id;
        this.label = label;
        this.back = back;
        this.front = front;
        this.behind = behind;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    double back(int knot) {
        return back[knot];
    }

    /** How much rounder the front is from hip to waist. */
    double front() {
        return front;
    }

    /** How much rounder the back is above the waist. */
    double behind() {
        return behind;
    }
}
