package bathyra.app.command;

import bathyra.files.drawing.DrawingFile;
import bathyra.files.json.BadDocument;
import bathyra.files.json.DocumentText;
import bathyra.files.json.PatternJson;
import bathyra.finding.Finding;
import bathyra.foreign.DrawnUnit;
import bathyra.foreign.ForeignDrawing;
import bathyra.foreign.Sewing;
import bathyra.foreign.Taken;
import bathyra.foreign.Taking;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A pattern from a file that is named on the command line: a pattern document, or a drawing from elsewhere.
 *
 * @param notes what was left out or assumed
 */
record TakenFile(Pattern pattern, List<String> notes) {
    private static final String UNITS =
            DrawnUnit.asked().stream().map(DrawnUnit::id).collect(Collectors.joining(", "));

    /**
     * Reads it.
     *
     * @param unit what a drawing is measured in, where its file does not say
     * @param sew which edges of a drawing are sewn together, {@code P1/edge2:P2/edge4}; the edges that agree where nothing is named
     * @throws BadDocument with one line a fault
     */
    static TakenFile read(Path file, Optional<String> unit, List<String> sew) throws BadDocument {
        try {
            if (!DrawingFile.isDrawing(file)) {
                return new TakenFile(PatternJson.read(DocumentText.read(file, DocumentText.PATTERN_MOST)), List.of());
            }
            ForeignDrawing drawing = DrawingFile.read(file);
            Taken taken = Taking.take(drawing, unit(drawing, unit));
            if (!taken.faults().isEmpty()) {
                throw new BadDocument(taken.faults().stream()
                        .map(f -> f.subject() + ": " + words(f))
                        .toList());
            }
            List<String> notes =
                    new ArrayList<>(taken.notes().stream().map(TakenFile::words).toList());
            Pattern pattern = sew.isEmpty() ? suggested(taken.pattern(), notes) : sewn(taken.pattern(), sew);
            return new TakenFile(pattern, notes);
        } catch (IOException e) {
            throw new BadDocument(
                    "file: " + file + " cannot be read; the path of a pattern document, or of a drawing (svg, dxf)");
        }
    }

    private static DrawnUnit unit(ForeignDrawing drawing, Optional<String> named) throws BadDocument {
        if (named.isPresent()) {
            return DrawnUnit.ofId(named.get())
                    .orElseThrow(() -> new BadDocument("--unit: is " + named.get() + ", which is no unit; " + UNITS));
        }
        return drawing.unit()
                .orElseThrow(() -> new BadDocument(
                        "--unit: is missing, and the file does not say in what it is drawn; " + sizes(drawing)));
    }

    /** How large the drawing would be in each unit, so that the right one can be told. */
    private static String sizes(ForeignDrawing drawing) {
        return DrawnUnit.asked().stream()
                .map(u -> {
                    double[] size = Taking.size(drawing, u);
                    return String.format(Locale.ROOT, "%s (it would be %.0f by %.0f mm)", u.id(), size[0], size[1]);
                })
                .collect(Collectors.joining(", "));
    }

    private static Pattern suggested(Pattern pattern, List<String> notes) {
        Pattern sewn = Sewing.suggested(pattern);
        if (sewn.seams().size() > pattern.seams().size()) {
            notes.add("Sewn together because they lie beside each other and are about equally long: "
                    + sewn.seams().stream()
                            .filter(s -> !pattern.seams().contains(s))
                            .map(s -> s.a().piece() + "/" + s.a().edge() + ":" + s.b().piece() + "/" + s.b().edge())
                            .collect(Collectors.joining(", "))
                    + ". Name others with --sew.");
        }
        return sewn;
    }

    private static Pattern sewn(Pattern pattern, List<String> sew) throws BadDocument {
        Pattern sewn = pattern;
        for (String each : sew) {
            String[] ends = each.split(":", 2);
            if (ends.length != 2) {
                throw new BadDocument("--sew: is " + each + "; two edges, such as P1/edge2:P2/edge4");
            }
            sewn = Sewing.sewn(sewn, edge(pattern, ends[0]), edge(pattern, ends[1]));
        }
        return sewn;
    }

    private static SeamJoin.Ref edge(Pattern pattern, String text) throws BadDocument {
        List<String> known = pattern.pieces().stream()
                .flatMap(p -> p.outline().stream().map(e -> p.id() + "/" + e.name()))
                .toList();
        if (!known.contains(text)) {
            throw new BadDocument(
                    "--sew: names the edge " + text + ", which there is not; " + String.join(", ", known));
        }
        int at = text.indexOf('/');
        return new SeamJoin.Ref(text.substring(0, at), text.substring(at + 1));
    }

    private static String words(Finding finding) {
        return DraftCommand.plain(finding.sentence().in(LengthUnit.MM));
    }
}
