package bathyra.app.form;

import bathyra.app.table.Ink;
import bathyra.app.table.OncePulse;
import bathyra.app.table.Palette;
import bathyra.fit.OnForm;
import bathyra.fit.WornMap;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Pane;

/** One view of the garment on the form, painted into a picture at most once a pulse: in tones what of it is shown: how near it lies, how hard it presses or is pulled. */
public final class WornPicture extends Pane {
    private static final int HATCH = 6;
    private static final double EDGE = 6;
    /** So much of a body fills a picture from near by, mm. */
    private static final double NEAR_BY = 300;

    private final ImageView view = new ImageView();
    private final Palette palette = new Palette(this::paint);
    private final OncePulse painting = OncePulse.after(this, this::paintNow);
    private Optional<Seen> shown = Optional.empty();
    private double turn;

    /**
     * What is to be seen.
     *
     * @param stand the form as it is drawn
     * @param map what is shown on the garment
     * @param readings of it at each vertex
     * @param near whether it is looked at from near by, with the wearer's left breast in the middle
     */
    public record Seen(Stand stand, OnForm worn, WornMap map, double[] readings, boolean near) {
        /** A garment with how near it lies. */
        public static Seen of(Stand stand, OnForm worn, double[] away, boolean near) {
            return new Seen(stand, worn, WornMap.NEAR, away, near);
        }

        /** The same with another map on it. */
        public Seen showing(WornMap next) {
            return next == map ? this : new Seen(stand, worn, next, next.readings(worn), near);
        }

        private Look look(double turn, int width, int height) {
            Look whole = stand.fitting(turn, width, height);
            if (!near) {
                return whole;
            }
            double[] apex = worn.form().apex();
            double scale = Math.min(width, height) / NEAR_BY;
            Look close = new Look(turn, scale, 0, 0, 0);
            double[] at = close.seen(apex[0], apex[1], apex[2], 0);
            return new Look(turn, scale, width / 2.0 - at[0], height / 2.0 - at[1], 0);
        }
    }

    public WornPicture(String id, String name) {
        setId(id);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(name);
        setFocusTraversable(true);
        getStyleClass().add("fit-picture");
        getChildren().addAll(view, palette);
    }

    public void show(Optional<Seen> next, double radians) {
        shown = next;
        turn = radians;
        paint();
    }

    private void paint() {
        painting.ask();
    }

    @Override
    protected void layoutChildren() {
        paint();
    }

    private void paintNow() {
        int width = (int) getWidth();
        int height = (int) getHeight();
        if (width < 10 || height < 10 || shown.isEmpty()) {
            view.setImage(null);
            return;
        }
        Seen all = shown.get();
        Raster raster =
                WornFigure.of(all.stand(), all.worn(), all.readings(), all.look(turn, width, height), width, height);
        view.setImage(coloured(raster, all.map()));
    }

    private WritableImage coloured(Raster raster, WornMap map) {
        int width = raster.width();
        int height = raster.height();
        int[] pixels = new int[width * height];
        Tints tints = new Tints(palette);
        int[] body = tints.body();
        int[] cloth = {
            tints.mixed(Ink.CORAL_WASH, Ink.CORAL, 0.35),
            tints.of(Ink.CORAL_WASH),
            tints.mixed(Ink.CHART, Ink.CORAL_WASH, 0.6),
            tints.of(Ink.CHART),
            tints.mixed(Ink.CHART, Ink.SHALLOW, 0.33),
            tints.mixed(Ink.CHART, Ink.SHALLOW, 0.66),
            tints.of(Ink.SHALLOW),
            tints.mixed(Ink.SHALLOW, Ink.LINE, 0.5)
        };
        int hatch = tints.of(Ink.CORAL);
        int ink = tints.of(Ink.INK);
        int line = tints.of(Ink.LINE);
        int bone = tints.mixed(Ink.BRASS_LIGHT, Ink.BRASS, 0.6);
        double nearest = Tints.nearest(raster);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int kind = raster.kind(x, y);
                if (kind == Raster.NOTHING) {
                    continue;
                }
                float value = raster.value(x, y);
                int colour;
                if (kind == Raster.SEAM || kind == Raster.BONE) {
                    pixels[y * width + x] = kind == Raster.SEAM ? ink : bone;
                    continue;
                }
                if (kind == Raster.BODY) {
                    int band = Tints.band(value, nearest);
                    colour = body[band];
                } else {
                    WornMap.Band band = map.band(value);
                    colour = band.hatched() && (x + y) % HATCH == 0 ? hatch : cloth[band.tone()];
                }
                pixels[y * width + x] = isRim(raster, x, y) ? (kind == Raster.BODY ? line : ink) : colour;
            }
        }
        return Tints.image(pixels, width, height);
    }

    /** Where one thing ends before another, or folds back on itself. */
    private static boolean isRim(Raster raster, int x, int y) {
        if (x == 0 || y == 0) {
            return false;
        }
        int kind = thing(raster, x, y);
        int left = thing(raster, x - 1, y);
        int above = thing(raster, x, y - 1);
        return left != kind
                || above != kind
                || Math.abs(raster.depth(x - 1, y) - raster.depth(x, y)) > 4 * EDGE
                || Math.abs(raster.depth(x, y - 1) - raster.depth(x, y)) > 4 * EDGE;
    }

    /** Seams and bones belong to the garment. */
    private static int thing(Raster raster, int x, int y) {
        return Math.min(raster.kind(x, y), Raster.GARMENT);
    }
}
