package bathyra.files;

import bathyra.draft.Draft;
import bathyra.files.json.PatternJson;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.layer.Layer;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.truing.Truing;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** What is asked of every file of a pattern, whatever its format. */
public final class PatternFiles {
    private static final int NAME_MOST = 80;

    private PatternFiles() {}

    /** Why nothing can be cut by a plan; empty when it can. Looked at in each layer on the finished lines. */
    public static List<Finding> faults(CuttingPlan plan) {
        return beforeCutting(plan).stream()
                .filter(f -> f.status() == Finding.Status.FAULT)
                .toList();
    }

    /** What was found on each drawing of a plan before it is cut. */
    public static List<Finding> beforeCutting(CuttingPlan plan) {
        List<Finding> findings = new ArrayList<>();
        for (CuttingPlan.Cut cut : plan.cuts()) {
            findings.addAll(Truing.beforeCutting(
                    new Pattern("", "", List.of(), List.of(cut.piece()), List.of(), OptionalDouble.empty())));
        }
        return findings;
    }

    /**
     * The pieces that do not fit across a roll; empty when all do. What is wider than a sheet goes on on the next one.
     *
     * @param across what can be drawn across the roll, mm
     */
    public static List<Finding> tooWide(CuttingPlan plan, double across) {
        return plan.cuts().stream()
                .filter(cut -> width(cut.piece()) > across)
                .map(cut -> Finding.of(
                        FindingKind.PAPER,
                        cut.id(),
                        Finding.Status.FAULT,
                        width(cut.piece()),
                        across,
                        Sentence.of(
                                "{} is {} wide with its allowances, and {} can be drawn across this roll. Take a wider roll, or sheets.",
                                cut.piece().name(),
                                Length.mm(width(cut.piece())),
                                Length.mm(across))))
                .toList();
    }

    private static double width(Piece piece) {
        double[] box = SheetLayout.box(piece);
        return box[2] - box[0];
    }

    /** The pattern document of a draft with the layers of a plan, and with everything that was checked. */
    public static String json(Draft draft, CuttingPlan plan, String program) {
        List<Finding> findings = new ArrayList<>(draft.findings());
        findings.addAll(Truing.beforeCutting(draft.pattern()));
        List<Layer> layers = plan.layers();
        return PatternJson.write(draft, layers, findings, program);
    }

    /**
     * A name that every system takes as the name of a file: letters and digits of plain Latin, strokes between words, not too long,
     * and none of the words that some systems keep for their devices.
     */
    public static String fileName(String title) {
        String plain = Normalizer.normalize(title, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .replace("ß", "ss")
                .replace("ø", "o")
                .replace("Ø", "O")
                .replace("æ", "ae")
                .replace("ł", "l");
        String name = plain.replaceAll("[^A-Za-z0-9]+", "-").replaceAll("^-|-$", "");
        if (name.length() > NAME_MOST) {
            name = name.substring(0, NAME_MOST).replaceAll("-$", "");
        }
        return name.isEmpty()
                ? "pattern"
                : name.matches("(?i)con|prn|aux|nul|com\\d|lpt\\d") ? name + "-pattern" : name;
    }
}
