package bathyra.app.packets;

import bathyra.files.sheet.Paper;
import java.util.Arrays;
import java.util.Optional;

/** The papers from which one chooses; any other is typed. */
enum PaperChoice {
    A4("A4", Paper.A4),
    A3("A3", Paper.A3),
    LETTER("Letter", Paper.LETTER),
    A0("A0", Paper.A0),
    ROLL("Roll", Paper.ROLL),
    OWN("Own", null);

    private final String label;
    private final Optional<Paper> paper;

    PaperChoice(String label, Paper paper) {
        this.label = label;
        this.paper = Optional.ofNullable(paper);
    }

    String label() {
        return label;
    }

    /** Empty for one that is typed. */
    Optional<Paper> paper() {
        return paper;
    }

    static PaperChoice of(Paper paper) {
        return Arrays.stream(values())
                .filter(c -> c.paper.equals(Optional.of(paper)))
                .findFirst()
                .orElse(OWN);
    }
}
