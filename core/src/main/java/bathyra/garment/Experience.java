package bathyra.garment;

/** How used a wearer is to being laced; it sets the first caution level (C5, C17). */
public enum Experience implements Choice {
    FIRST("first", "first corset"),
    SEASONED("seasoned", "seasoned");

    private final String id;
    private final String label;

    Experience(String id, String label) {
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
