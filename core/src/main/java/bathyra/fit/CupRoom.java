package bathyra.fit;

import bathyra.form.Form;

/**
 * What room a cup has for the breast in it, on one side (C22). These converge slowly with the mesh: they are shown in bands only.
 *
 * @param breast what the breast of the form holds, ml
 * @param pressed how much of it is pressed in, ml
 * @param empty how much room is left between breast and cloth, ml
 * @param hollow how much lies between the breasts, where cloth always bridges, ml
 */
public record CupRoom(double breast, double pressed, double empty, double hollow) {
    private static final double MILLILITRE = 1000;
    private static final double NONE = 10;
    private static final double LITTLE = 30;
    private static final double CLEARLY = 80;

    static CupRoom of(Worn worn, double[] areas) {
        Form form = worn.form();
        double[] away = worn.away();
        double[] x = worn.rest().shape();
        double pressed = 0;
        double empty = 0;
        double hollow = 0;
        for (int v = 0; v < away.length; v++) {
            double z = x[3 * v + 2];
            double azimuth = Math.atan2(x[3 * v], x[3 * v + 1] - form.axis(z));
            double volume = areas[v] * away[v] / MILLILITRE;
            if (form.breastShare(azimuth, z) > 0) {
                boolean bridged = azimuth < form.apexAzimuth() / 2;
                pressed += Math.max(0, -volume);
                empty += bridged ? 0 : Math.max(0, volume);
                hollow += bridged ? Math.max(0, volume) : 0;
            } else if (azimuth < form.apexAzimuth() && z > form.heights().underbust()) {
                hollow += Math.max(0, volume);
            }
        }
        return new CupRoom(form.breastVolume(), pressed, empty, hollow);
    }

    /** An amount in a word. */
    public static String band(double millilitres) {
        return millilitres < NONE
                ? "none"
                : millilitres < LITTLE ? "a little" : millilitres < CLEARLY ? "clearly" : "much";
    }
}
