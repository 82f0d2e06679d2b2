package bathyra.garment;

import java.util.List;

/** What goes round the arm of an off-shoulder edge (C10). */
public enum Sleeve implements Choice {
    BAND("band", "Band"),
    SHORT("short", "Short sleeve"),
    /** Under a shoulder: sewn into the whole armhole. */
    SET_IN("set-in", "Set-in sleeve");

    private final String id;
    private final String label;

    Sleeve(String id, String label) {
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

    /** What may go round the arm under a cover. */
    public static List<Sleeve> fitting(Cover cover) {
        return cover == Cover.OFF_SHOULDER
                ? List.of(BAND, SHORT)
                : cover == Cover.SHOULDERS ? List.of(SET_IN) : List.of();
    }
}
