package bathyra.along;

import bathyra.geometry.Path;
import bathyra.length.Sentence;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.List;
import java.util.Optional;

/**
 * A step of the draft.
 *
 * @param figure that comes of it
 * @param why the rule behind it
 * @param mistake what people get wrong there
 * @param drawn what is on the paper, mm, y down
 * @param lit what of it this step draws or speaks of
 */
public record AlongStep(
        Chapter chapter,
        String title,
        Sentence words,
        Optional<Reckoned> figure,
        Rule why,
        Sentence mistake,
        List<Path> drawn,
        List<Path> lit) {
    public AlongStep {
        drawn = List.copyOf(drawn);
        lit = List.copyOf(lit);
    }

    /** The parts of the work, in their order. */
    public enum Chapter {
        BLOCK("The block"),
        GIRTHS("How tight"),
        SURPLUS("What the seams take"),
        SEAMS("Seam by seam"),
        CONTOUR("Contour"),
        CUPS("Cups"),
        EDGES("Edges"),
        TRUING("Truing"),
        PIECES("The pieces");

        private final String label;

        Chapter(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
