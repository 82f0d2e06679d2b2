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

    /** One of the figures, in the order in which they are set. */
    public enum Figure {
        OVERHEAD("overhead", "Overhead on cost", true),
        MARGIN("margin", "Margin on cost and overhead", true),
        RUSH("rush", "More for hurry", true),
        DEPOSIT("deposit", "Paid down when agreed", true),
        TAX("tax", "Tax, none unless you set it", true),
        VALID("valid", "Days that a quote stands", false),
        FITTINGS("fittings", "Fittings included", false),
        FITTING("fitting", "A further fitting costs", false);

        private final String id;
        private final String label;
        private final boolean share;

        Figure(String id, String label, boolean share) {
            this.id = id;
            this.label = label;
            this.share = share;
        }

        public String id() {
            return id;
        }

        public String label() {
            return label;
        }

        /** Whether it is a share, said in hundredths. */
        public boolean isShare() {
            return share;
        }
    }

    public double of(Figure figure) {
        return figures()[figure.ordinal()];
    }

    private double[] figures() {
        return new double[] {overhead, margin, rush, deposit, taxRate, valid, fittings, fitting};
    }

    /** @throws IllegalArgumentException when nobody can mean it */
    public Terms with(Figure figure, double value) {
        double[] f = figures();
        f[figure.ordinal()] = value;
        return new Terms(
                f[Figure.OVERHEAD.ordinal()],
                f[Figure.MARGIN.ordinal()],
                f[Figure.TAX.ordinal()],
                taxWords,
                f[Figure.DEPOSIT.ordinal()],
                (int) Math.round(f[Figure.VALID.ordinal()]),
                (int) Math.round(f[Figure.FITTINGS.ordinal()]),
                f[Figure.FITTING.ordinal()],
                f[Figure.RUSH.ordinal()],
                letterhead);
    }

    /** Written otherwise. */
    public Terms saying(String tax, String head) {
        return new Terms(overhead, margin, taxRate, tax, deposit, valid, fittings, fitting, rush, head);
    }
}
