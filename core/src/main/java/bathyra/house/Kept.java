package bathyra.house;

/**
 * Something the workshop keeps on the shelf, named as it stands on bills.
 *
 * @param unit in which it is counted: m, pieces, spools
 * @param counted how much there would be if no garment had taken any: what was counted last, and what they had taken by then
 * @param least below this it runs out
 * @param supplier who delivers it
 */
public record Kept(String what, String unit, double counted, double least, String supplier) {
    public Kept {
        if (!(Math.abs(counted) < 1e7 && least >= 0 && least < 1e7)) {
            throw new IllegalArgumentException("an amount that nobody keeps: " + counted + ", " + least);
        }
    }
}
