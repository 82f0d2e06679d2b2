package bathyra.house;

/** Who delivers, under the workshop's own name for them. @param days working days from order to delivery */
public record Supplier(String name, int days) {
    /** Longer deliveries are slips of the hand. */
    public static final int MOST = 200;

    public Supplier {
        if (days < 0 || days > MOST) {
            throw new IllegalArgumentException("a delivery takes 0 to " + MOST + " days, was " + days);
        }
    }
}
