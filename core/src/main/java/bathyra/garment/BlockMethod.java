package bathyra.garment;

/** The schools of block drafting (C4). */
public enum BlockMethod implements Choice {
    QUARTER("quarter", "Quarter block"),
    PROPORTION("proportion", "Proportion block"),
    SHOULDER_DART("shoulder-dart", "Shoulder-dart block"),
    DOUBLED_DART("doubled-dart", "Doubled-dart reduction");

    private final String id;
    private final String label;

    BlockMethod(String id, String label) {
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
