package bathyra.app.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class RasterTest {
    private static double[] at(double x, double y, double near, double value) {
        return new double[] {x, y, near, value};
    }

    private static void square(Raster raster, int what, double left, double top, double side, double near) {
        double[] a = at(left, top, near, near);
        double[] b = at(left + side, top, near, near);
        double[] c = at(left + side, top + side, near, near);
        double[] d = at(left, top + side, near, near);
        raster.triangle(what, a, b, c);
        raster.triangle(what, a, c, d);
    }

    @Test
    void square_coversItsPixels_andNoOther() {
        Raster raster = new Raster(20, 20);
        square(raster, Raster.BODY, 4, 6, 10, 1);
        int covered = 0;
        for (int y = 0; y < 20; y++) {
            for (int x = 0; x < 20; x++) {
                boolean inside = x >= 4 && x < 14 && y >= 6 && y < 16;
                assertThat(raster.kind(x, y)).as(x + ", " + y).isEqualTo(inside ? Raster.BODY : Raster.NOTHING);
                covered += inside ? 1 : 0;
            }
        }
        assertThat(covered).isEqualTo(100);
    }

    @Test
    void nearer_hidesFarther_whicheverIsPaintedFirst() {
        Raster raster = new Raster(10, 10);
        square(raster, Raster.GARMENT, 0, 0, 10, 5);
        square(raster, Raster.BODY, 0, 0, 10, 3);
        assertThat(raster.kind(5, 5)).isEqualTo(Raster.GARMENT);
        square(raster, Raster.BODY, 0, 0, 10, 8);
        assertThat(raster.kind(5, 5)).isEqualTo(Raster.BODY);
    }

    @Test
    void values_runEvenlyFromCornerToCorner() {
        Raster raster = new Raster(100, 100);
        raster.triangle(Raster.BODY, at(0, 0, 0, 0), at(100, 0, 0, 100), at(0, 100, 0, 0));
        assertThat(raster.value(30, 10)).isCloseTo(30.5f, within(1e-3f));
        assertThat(raster.value(10, 60)).isCloseTo(10.5f, within(1e-3f));
    }

    @Test
    void whatReachesBeyondThePicture_isCutOff_andALineIsNothing() {
        Raster raster = new Raster(10, 10);
        square(raster, Raster.BODY, -50, -50, 200, 1);
        assertThat(raster.kind(0, 0)).isEqualTo(Raster.BODY);
        assertThat(raster.kind(9, 9)).isEqualTo(Raster.BODY);
        Raster empty = new Raster(10, 10);
        empty.triangle(Raster.BODY, at(0, 0, 1, 1), at(9, 9, 1, 1), at(4, 4, 1, 1));
        assertThat(empty.kind(4, 4)).isEqualTo(Raster.NOTHING);
    }

    @Test
    void pictureLaidOver_showsWhatLiesALittleBehind_butNotTheFarSide() {
        Raster body = new Raster(10, 10);
        square(body, Raster.BODY, 0, 0, 10, 100);
        Raster pressed = new Raster(10, 10);
        square(pressed, Raster.GARMENT, 0, 0, 10, 80);
        body.lay(pressed, 30);
        assertThat(body.kind(5, 5)).isEqualTo(Raster.GARMENT);
        assertThat(body.depth(5, 5)).isEqualTo(80);
        Raster again = new Raster(10, 10);
        square(again, Raster.BODY, 0, 0, 10, 100);
        Raster behind = new Raster(10, 10);
        square(behind, Raster.GARMENT, 0, 0, 10, -100);
        again.lay(behind, 30);
        assertThat(again.kind(5, 5)).isEqualTo(Raster.BODY);
    }

    @Test
    void line_isSeen_whereNothingLiesBeforeIt() {
        Raster raster = new Raster(40, 20);
        square(raster, Raster.GARMENT, 0, 0, 20, 5);
        square(raster, Raster.BODY, 20, 0, 20, 50);
        raster.line(Raster.SEAM, at(2, 10, 3, 0), at(38, 10, 3, 0), 4, 1);
        assertThat(raster.kind(10, 10)).isEqualTo(Raster.SEAM);
        assertThat(raster.kind(30, 10)).isEqualTo(Raster.BODY);
        assertThat(raster.kind(10, 12)).isEqualTo(Raster.GARMENT);
        raster.line(Raster.BONE, at(-5, 4, 9, 0), at(10, 4, 9, 0), 4, 3);
        assertThat(raster.kind(0, 4)).as("cut off at the border").isEqualTo(Raster.BONE);
    }
}
