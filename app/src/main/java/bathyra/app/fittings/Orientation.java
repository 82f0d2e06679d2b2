package bathyra.app.fittings;

import java.awt.geom.AffineTransform;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;

/**
 * How a camera was held, as it wrote it into a JPEG (Exif 2.3, tag 0x0112).
 *
 * @param number 1 upright, to 8
 */
record Orientation(int number) {
    private static final Orientation UPRIGHT = new Orientation(1);
    private static final int MOST = 8;
    private static final int START = 0xffd8;
    private static final int APP1 = 0xffe1;
    private static final int SCAN = 0xffda;
    private static final int EXIF = 0x45786966;
    private static final int TAG = 0x0112;
    private static final int ENTRY = 12;

    /** What stands in a file; upright where nothing does, or nothing that makes sense. */
    static Orientation of(byte[] file) {
        try {
            ByteBuffer in = ByteBuffer.wrap(file);
            if ((in.getShort() & 0xffff) != START) {
                return UPRIGHT;
            }
            while (in.remaining() > 4) {
                int marker = in.getShort() & 0xffff;
                int length = (in.getShort() & 0xffff) - 2;
                if (marker == SCAN || length < 0) {
                    return UPRIGHT;
                }
                if (marker == APP1 && length > 14 && in.getInt(in.position()) == EXIF) {
                    return ofExif(in.slice(in.position() + 6, length - 6));
                }
                in.position(in.position() + length);
            }
        } catch (RuntimeException e) {
            // A file that breaks off says nothing of how it was held.
            return UPRIGHT;
        }
        return UPRIGHT;
    }

    private static Orientation ofExif(ByteBuffer exif) {
        exif.order(exif.get(0) == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        int at = exif.getInt(4);
        int count = exif.getShort(at) & 0xffff;
        for (int i = 0; i < count; i++) {
            int entry = at + 2 + i * ENTRY;
            if ((exif.getShort(entry) & 0xffff) == TAG) {
                int number = exif.getShort(entry + 8) & 0xffff;
                return number >= 1 && number <= MOST ? new Orientation(number) : UPRIGHT;
            }
        }
        return UPRIGHT;
    }

    /** Whether width and height change places. */
    boolean isOnItsSide() {
        return number > 4;
    }

    /** How a picture is laid so that it stands upright. @param wide of the picture as it is stored @param high the same */
    AffineTransform upright(int wide, int high) {
        return switch (number) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, wide, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, wide, high);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, high);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, high, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, high, wide);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, wide);
            default -> new AffineTransform();
        };
    }
}
