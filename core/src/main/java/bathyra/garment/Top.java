package bathyra.garment;

/**
 * What stands above the upper line.
 *
 * @param yoke whether a yoke over the bust line is cut apart
 * @param inFrontOnly whether the back goes up to the shoulder in one, with no yoke of its own
 * @param keyhole whether the front yoke has a keyhole
 * @param sleeve what an off-shoulder edge has round the arm; under a shoulder a set-in sleeve or, with any other, none
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
        Sleeve kept = sleeve == Sleeve.SET_IN && next != Cover.SHOULDERS ? Sleeve.BAND : sleeve;
        return new Top(next, yoke && shoulder, inFrontOnly && shoulder, keyhole && shoulder, kept);
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

    /** Whether a sleeve is set into the armhole under a shoulder. */
    public boolean hasSetInSleeve() {
        return cover == Cover.SHOULDERS && sleeve == Sleeve.SET_IN;
    }

    public Top withSleeve(Sleeve next) {
        return new Top(cover, yoke, inFrontOnly, keyhole, next);
    }
}
