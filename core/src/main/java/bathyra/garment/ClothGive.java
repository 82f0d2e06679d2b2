package bathyra.garment;

/** How the cloth that holds the body answers to being pulled round it (C21). */
public enum ClothGive implements Choice {
    FIRM("firm", "Firm"),
    GIVES("gives", "Gives a little"),
    STRETCH("stretch", "Stretches");

    private final String id;
    private final String label;

    ClothGive(String id, String label) {
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
