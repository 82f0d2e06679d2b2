package bathyra.garment;

/**
 * What stands above the upper line.
 *
 * @param yoke whether a yoke over the bust line is cut apart
 * @param keyhole whether the front yoke has a keyhole
 * @param sleeve what an off-shoulder edge has round the arm
 */
public record Top(Cover cover, boolean yoke, boolean keyhole, Sleeve sleeve) {
    /** What stands until something else is chosen. */
    public static final Top STRAPLESS = new Top(Cover.STRAPLESS, false, false, Sleeve.BAND);

    public Top withCover(Cover next) {
        boolean shoulder = next.hasShoulder();
        return new Top(next, yoke && shoulder, keyhole && shoulder, sleeve);
    }

    public Top withYoke(boolean next) {
        return new Top(cover, next, keyhole && next, sleeve);
    }

    public Top withKeyhole(boolean next) {
        return new Top(cover, yoke, next, sleeve);
    }

    public Top withSleeve(Sleeve next) {
        return new Top(cover, yoke, keyhole, next);
    }
}
