package bathyra.app.fittings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures taken in: upright, small enough, and bare of what the camera wrote. */
class PictureTakingTest {
    @TempDir
    Path folder;

    /** Red in its upper left corner, blue elsewhere. */
    private static byte[] jpeg(int wide, int high) throws IOException {
        BufferedImage picture = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = picture.createGraphics();
        g.setColor(Color.BLUE);
        g.fillRect(0, 0, wide, high);
        g.setColor(Color.RED);
        g.fillRect(0, 0, wide / 3, high / 3);
        g.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "jpeg", bytes);
        return bytes.toByteArray();
    }

    /** The same with a camera's words before the picture: how it was held, and a place. */
    private static byte[] held(byte[] jpeg, int orientation) throws IOException {
        ByteArrayOutputStream exif = new ByteArrayOutputStream();
        DataOutputStream words = new DataOutputStream(exif);
        words.writeBytes("Exif");
        words.writeShort(0);
        words.writeBytes("MM");
        words.writeShort(42);
        words.writeInt(8);
        words.writeShort(1);
        words.writeShort(0x0112);
        words.writeShort(3);
        words.writeInt(1);
        words.writeShort(orientation);
        words.writeShort(0);
        words.writeInt(0);
        words.writeBytes("GPS 53.5 N 8.1 E");
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(all);
        out.write(jpeg, 0, 2);
        out.writeShort(0xffe1);
        out.writeShort(exif.size() + 2);
        out.write(exif.toByteArray());
        out.write(jpeg, 2, jpeg.length - 2);
        return all.toByteArray();
    }

    private byte[] taken(String name, byte[] bytes) throws Exception {
        return PictureTaking.taken(Files.write(folder.resolve(name), bytes));
    }

    private static boolean isRed(BufferedImage picture, double x, double y) {
        Color colour =
                new Color(picture.getRGB((int) (x * (picture.getWidth() - 1)), (int) (y * (picture.getHeight() - 1))));
        return colour.getRed() > 150 && colour.getBlue() < 100;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void howeverTheCameraWasHeld_thePictureStandsUpright(int orientation) throws Exception {
        byte[] bytes = taken("held.jpg", held(jpeg(600, 300), orientation));
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(bytes));
        boolean side = orientation > 4;
        assertThat(picture.getWidth()).isEqualTo(side ? 300 : 600);
        assertThat(picture.getHeight()).isEqualTo(side ? 600 : 300);
        // Where the upper left corner of the stored picture belongs, by the meaning of each number.
        double[][] corners = {{0, 0}, {1, 0}, {1, 1}, {0, 1}, {0, 0}, {1, 0}, {1, 1}, {0, 1}};
        double[] corner = corners[orientation - 1];
        for (double[] each : new double[][] {{0, 0}, {1, 0}, {1, 1}, {0, 1}}) {
            assertThat(isRed(picture, each[0], each[1]))
                    .as(Arrays.toString(each))
                    .isEqualTo(Arrays.equals(each, corner));
        }
    }

    /** A WebP of 90 by 60, blue with a red corner, lossless; with what a camera wrote behind it. */
    private static byte[] webP(int orientation) throws IOException {
        byte[] plain =
                Base64.getDecoder().decode("UklGRi4AAABXRUJQVlA4TCEAAAAvWcAOAA8Q87//8x8OiLRt5uz+VQ0dP2cR/Z8ANdSN/g0A");
        ByteBuffer all = ByteBuffer.allocate(200).order(ByteOrder.LITTLE_ENDIAN);
        all.put(plain, 0, 12);
        all.put("VP8X".getBytes(StandardCharsets.US_ASCII)).putInt(10).putInt(8);
        all.put(new byte[] {89, 0, 0, 59, 0, 0});
        all.put(plain, 12, plain.length - 12);
        all.put("EXIF".getBytes(StandardCharsets.US_ASCII)).putInt(26);
        all.put("II".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        all.putShort((short) 1).putShort((short) 0x0112).putShort((short) 3).putInt(1);
        all.putShort((short) orientation).putShort((short) 0).putInt(0);
        all.putInt(4, all.position() - 8);
        return Arrays.copyOf(all.array(), all.position());
    }

    @Test
    void aWebP_isTaken_andStandsUpright() throws Exception {
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(taken("upright.webp", webP(1))));
        assertThat(upright.getWidth()).isEqualTo(90);
        assertThat(isRed(upright, 0, 0)).isTrue();
        assertThat(isRed(upright, 1, 1)).isFalse();
        BufferedImage turned = ImageIO.read(new ByteArrayInputStream(taken("turned.webp", webP(6))));
        assertThat(turned.getWidth()).isEqualTo(60);
        assertThat(turned.getHeight()).isEqualTo(90);
        assertThat(isRed(turned, 1, 0)).isTrue();
        assertThat(isRed(turned, 0, 0)).isFalse();
    }

    @Test
    void whatTheCameraWroteOfPlaceAndItself_isGone() throws Exception {
        byte[] bytes = taken("place.jpg", held(jpeg(200, 100), 1));
        String all = new String(bytes, StandardCharsets.ISO_8859_1);
        assertThat(all).doesNotContain("GPS").doesNotContain("Exif");
    }

    @Test
    void aLargePicture_isBroughtToItsSize_andASmallOneLeft() throws Exception {
        BufferedImage large = ImageIO.read(new ByteArrayInputStream(taken("large.jpg", jpeg(4000, 3000))));
        assertThat(large.getWidth()).isEqualTo(PictureTaking.SIDE_MOST);
        assertThat(large.getHeight()).isEqualTo(1536);
        BufferedImage small = ImageIO.read(new ByteArrayInputStream(taken("small.jpg", jpeg(320, 200))));
        assertThat(small.getWidth()).isEqualTo(320);
    }

    /** A PNG of nothing that says that it is so large. */
    private static byte[] bomb(int side) throws IOException {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(all);
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        DataOutputStream words = new DataOutputStream(head);
        words.writeBytes("IHDR");
        words.writeInt(side);
        words.writeInt(side);
        words.write(new byte[] {8, 2, 0, 0, 0});
        CRC32 crc = new CRC32();
        crc.update(head.toByteArray());
        out.writeInt(13);
        out.write(head.toByteArray());
        out.writeInt((int) crc.getValue());
        return all.toByteArray();
    }

    @Test
    void whatIsNoPicture_orUnfoldsToTooMuch_isRefusedWithTheWayOut() {
        assertThatThrownBy(() -> taken("bomb.png", bomb(20_000)))
                .isInstanceOf(PictureTaking.Refused.class)
                .hasMessageContaining("400 megapixels");
        assertThatThrownBy(() -> taken("letter.jpg", "Dear Maren".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(PictureTaking.Refused.class)
                .hasMessageContaining("cannot be read as a picture");
        assertThatThrownBy(() -> taken("half.jpg", Arrays.copyOf(jpeg(300, 300), 40)))
                .isInstanceOf(PictureTaking.Refused.class);
        assertThatThrownBy(() -> PictureTaking.taken(folder.resolve("absent.jpg")))
                .isInstanceOf(PictureTaking.Refused.class);
    }
}
