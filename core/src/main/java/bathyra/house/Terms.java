package bathyra.house;

/**
 * On what terms the workshop works. Shares are of 1. No tax law is known here: rate and words are the workshop's own.
 *
 * @param overhead what rent, light and machines add to cost
 * @param margin what is added to cost and overhead
 * @param taxRate none by default
 * @param taxWords what it is called
 * @param deposit what is paid down when a price is agreed
 * @param valid for how many days a quote stands
 * @param fittings how many are in the price
 * @param fitting the price of a further one
 * @param rush what hurry adds
 * @param letterhead who writes, as it stands on quotes and invoices
 */
public record Terms(
        double overhead,
        double margin,
        double taxRate,
        String taxWords,
        double deposit,
        int valid,
        int fittings,
        double fitting,
        double rush,
        String letterhead) {
    /** Until the workshop has set its own (C16.4). */
    public static final Terms USUAL = new Terms(0.15, 0.2, 0, "", 0.5, 30, 2, 40, 0.25, "");

    /** No share is larger. */
    public static final double SHARE_MOST = 5;

    /** No quote stands longer, days. */
    public static final int VALID_MOST = 730;

    public Terms {
        for (double share : new double[] {overhead, margin, taxRate, deposit, rush}) {
            if (!(share >= 0 && share <= SHARE_MOST)) {
                throw new IllegalArgumentException("a share lies from 0 to " + SHARE_MOST + ", was " + share);
            }
        }
        if (!(fitting >= 0 && fitting < 1e7) || valid < 1 || valid > VALID_MOST || fittings < 0 || fittings > 20) {
            throw new IllegalArgumentException("terms that nobody means: " + fitting + ", " + valid + ", " + fittings);
        }
    }
}
