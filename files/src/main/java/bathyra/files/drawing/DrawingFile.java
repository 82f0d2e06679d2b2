package bathyra.files.drawing;

import bathyra.files.json.BadDocument;
import bathyra.foreign.ForeignDrawing;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/** A drawing on disk that pieces are taken from: SVG or DXF, told by its ending. */
public final class DrawingFile {
    /** More bytes than any drawing of a garment has. */
    static final int MOST = 32_000_000;

    private static final List<String> ENDINGS = List.of("svg", "dxf");

    private DrawingFile() {}

    /** Whether a file is a drawing by its ending. */
    public static boolean isDrawing(Path file) {
        return ENDINGS.contains(ending(file));
    }

    private static String ending(Path file) {
        // The root of a disk has no name.
        String name =
                file.getFileName() == null ? "" : file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.substring(name.lastIndexOf('.') + 1);
    }

    /**
     * Reads a drawing.
     *
     * @throws BadDocument when it is none, or larger than any drawing of a garment
     */
    public static ForeignDrawing read(Path file) throws IOException, BadDocument {
        byte[] bytes;
        try (InputStream in = Files.newInputStream(file)) {
            bytes = in.readNBytes(MOST + 1);
        }
        if (bytes.length > MOST) {
            throw new BadDocument(
                    "drawing: is larger than such a drawing ever is; one of at most " + MOST / 1_000_000 + " MB");
        }
        return switch (ending(file)) {
            case "svg" -> svg(text(bytes));
            case "dxf" -> dxf(text(bytes));
            default ->
                throw new BadDocument("file: " + file.getFileName() + " is neither SVG nor DXF by its ending; "
                        + String.join(" or ", ENDINGS));
        };
    }

    public static ForeignDrawing svg(String text) throws BadDocument {
        return SvgDrawing.read(text);
    }

    public static ForeignDrawing dxf(String text) throws BadDocument {
        return DxfDrawing.read(text);
    }

    /** Older drawings are written in the alphabet of their machine; what matters in them is plain Latin. */
    private static String text(byte[] bytes) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }
}
