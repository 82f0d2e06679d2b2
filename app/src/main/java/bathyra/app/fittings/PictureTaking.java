package bathyra.app.fittings;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;

/**
 * Takes a picture in: upright as its camera held it, no larger than is looked at, and without anything that the camera wrote into it of place
 * and time.
 */
public final class PictureTaking {
    /** No side is longer, pixels. */
    static final int SIDE_MOST = 2048;
    /** A file that is larger is no picture of a fitting, bytes. */
    private static final long FILE_MOST = 80_000_000;
    /** What unfolds to more is refused before it is unfolded, pixels. */
    private static final long PIXELS_MOST = 120_000_000;

    private static final float QUALITY = 0.86f;
    private static final double MEGA = 1e6;

    private PictureTaking() {}

    /** Why a picture was not taken, for the cutter. */
    public static final class Refused extends Exception {
        Refused(String why) {
            super(why);
        }
    }

    /** @return the picture as it is kept @throws Refused with what is wrong and what to do */
    public static byte[] taken(Path file) throws Refused {
        String name = file.getFileName().toString();
        try {
            if (Files.size(file) > FILE_MOST) {
                throw new Refused(name + " is larger than 80 megabytes. Save it smaller and take it again.");
            }
            byte[] bytes = Files.readAllBytes(file);
            BufferedImage read = read(bytes, name);
            return written(upright(read, Orientation.of(bytes)));
        } catch (IOException | RuntimeException e) {
            throw new Refused(
                    name
                            + " cannot be read as a picture. PNG, JPEG and WebP can be taken; open it elsewhere and save it as one of these.");
        }
    }

    private static BufferedImage read(byte[] bytes, String name) throws IOException, Refused {
        try (ImageInputStream in = ImageIO.createImageInputStream(new java.io.ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new IOException("no reader");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long wide = reader.getWidth(0);
                long high = reader.getHeight(0);
                if (wide * high > PIXELS_MOST) {
                    throw new Refused(name + " has " + Math.round(wide * high / MEGA)
                            + " megapixels; 120 are the most. Save it smaller and take it again.");
                }
                ImageReadParam all = reader.getDefaultReadParam();
                int every = (int) Math.max(1, Math.max(wide, high) / (2L * SIDE_MOST));
                all.setSourceSubsampling(every, every, 0, 0);
                return reader.read(0, all);
            } finally {
                reader.dispose();
            }
        }
    }

    /** Turned as the camera was held, brought to its size, on white. */
    private static BufferedImage upright(BufferedImage read, Orientation held) {
        double scale = Math.min(1, (double) SIDE_MOST / Math.max(read.getWidth(), read.getHeight()));
        int wide = (int) Math.max(1, Math.round(read.getWidth() * scale));
        int high = (int) Math.max(1, Math.round(read.getHeight() * scale));
        BufferedImage turned = new BufferedImage(
                held.isOnItsSide() ? high : wide, held.isOnItsSide() ? wide : high, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = turned.createGraphics();
        try {
            g.setColor(java.awt.Color.WHITE);
            g.fillRect(0, 0, turned.getWidth(), turned.getHeight());
            g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            AffineTransform way = held.upright(wide, high);
            way.scale((double) wide / read.getWidth(), (double) high / read.getHeight());
            g.drawImage(read, way, null);
        } finally {
            g.dispose();
        }
        return turned;
    }

    /** Written anew: nothing but the picture itself goes along. */
    private static byte[] written(BufferedImage picture) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.write(null, new IIOImage(picture, null, null), how);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
