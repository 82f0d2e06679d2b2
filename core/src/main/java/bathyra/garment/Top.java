package bathyra.garment;

/**
 * What stands above the upper line.
 *
 * @param yoke whether a yoke over the bust line is cut apart
 * @param inFrontOnly whether the back goes up to the shoulder in one, with no yoke of its own
 * @param keyhole whether the front yoke has a keyhole
 * @param sleeve what an off-shoulder edge has round the arm
 */
public record Top(Cover cover, boolean yoke, boolean inFrontOnly, boolean keyhole, Sleeve sleeve) {
    /** What stands until something else is chosen. */
    public static final Top STRAPLESS = new Top(Cover.STRAPLESS, false, false, Sleeve.BAND);

    /** A yoke goes round. */
    public Top(Cover cover, boolean yoke, boolean keyhole, Sleeve sleeve) {
        this(cover, yoke, false, keyhole, sleeve);
    }

    public Top withCover(Cover next) {
        boolean shoulder = next.hasShoulder();
        return new Top(next, yoke && shoulder, inFrontOnly && shoulder, keyhole && shoulder, sleeve);
    }

    public Top withYoke(boolean next) {
        return new Top(cover, next, inFrontOnly && next, keyhole && next, sleeve);
    }

    public Top withYokeInFrontOnly(boolean next) {
        return new Top(cover, yoke, next, keyhole, sleeve);
    }

    public Top withKeyhole(boolean next) {
        return new Top(cover, yoke, inFrontOnly, next, sleeve);
    }

    public Top withSleeve(Sleeve next) {
        return new Top(cover, yoke, inFrontOnly, keyhole, next);
    }
}
