package bathyra.files.pdf;

import java.util.Arrays;
import java.util.Optional;

/** The papers on which a pattern is printed, mm. */
public enum Paper {
    A4("a4", 210, 297),
    LETTER("letter", 215.9, 279.4),
    A0("a0", 841, 1189);

    private final String id;
    private final double width;
    private final double height;

    Paper(String id, double width, double height) {
        this.id = id;
        this.width = width;
        this.height = height;
    }

    public String id() {
        return id;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    public static Optional<Paper> ofId(String id) {
        return Arrays.stream(values()).filter(p -> p.id.equals(id)).findFirst();
    }
}
