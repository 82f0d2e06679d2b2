package bathyra.app.fittings;

import java.awt.geom.AffineTransform;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;

/**
 * How a camera was held, as it wrote it into a JPEG or a WebP (Exif 2.3, tag 0x0112).
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
    private static final int RIFF = 0x52494646;
    private static final int WEBP = 0x57454250;
    private static final int EXIF_CHUNK = 0x45584946;
    private static final int RIFF_HEAD = 12;
    private static final int CHUNK_HEAD = 8;
    private static final int EXIF_HEAD = 6;
    private static final int TAG = 0x0112;
    private static final int ENTRY = 12;

    /** What stands in a file; upright where nothing does, or nothing that makes sense. */
    static Orientation of(byte[] file) {
        try {
            ByteBuffer in = ByteBuffer.wrap(file);
            if (file.length > RIFF_HEAD && in.getInt(0) == RIFF && in.getInt(8) == WEBP) {
                return ofWebP(in.order(ByteOrder.LITTLE_ENDIAN));
            }
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
                    return ofExif(in.slice(in.position() + EXIF_HEAD, length - EXIF_HEAD));
                }
                in.position(in.position() + length);
            }
        } catch (RuntimeException e) {
            // A file that breaks off says nothing of how it was held.
            return UPRIGHT;
        }
        return UPRIGHT;
    }

    /** WebP is a row of chunks: a name, a length, and as many bytes, filled up to an even number. */
    private static Orientation ofWebP(ByteBuffer in) {
        int at = RIFF_HEAD;
        while (at + CHUNK_HEAD < in.limit()) {
            int length = in.getInt(at + 4);
            if (length < 0) {
                return UPRIGHT;
            }
            if (Integer.reverseBytes(in.getInt(at)) == EXIF_CHUNK) {
                // Some writers put the head of a JPEG's Exif before it.
                int head = in.getInt(at + CHUNK_HEAD) == Integer.reverseBytes(EXIF) ? EXIF_HEAD : 0;
                return ofExif(in.slice(at + CHUNK_HEAD + head, length - head));
            }
            at += CHUNK_HEAD + length + length % 2;
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
