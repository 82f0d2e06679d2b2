package bathyra.app.shell;

import bathyra.app.command.Version;
import bathyra.draft.Draft;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.Paper;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.svg.SvgPattern;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.util.List;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.concurrent.Task;
import javafx.stage.Window;

/** Writes the draft to paper and files, in the background. */
final class Output {
    private final Workshop workshop;
    private final Files files;
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper("");

    /** What can be put out. */
    enum Kind {
        PDF_A4("PDF, A4 sheets", "pdf"),
        PDF_LETTER("PDF, letter sheets", "pdf"),
        PDF_A0("PDF, one A0 sheet", "pdf"),
        SVG("SVG drawing", "svg"),
        JSON("Pattern document", "json");

        private final String label;
        private final String ending;

        Kind(String label, String ending) {
            this.label = label;
            this.ending = ending;
        }

        String label() {
            return label;
        }
    }

    Output(Workshop workshop, Files files) {
        this.workshop = workshop;
        this.files = files;
    }

    List<Kind> kinds() {
        return List.of(Kind.values());
    }

    ReadOnlyStringProperty saidProperty() {
        return said.getReadOnlyProperty();
    }

    void write(Kind kind, Window window) {
        if (workshop.draft().isEmpty() || workshop.refusal().isPresent()) {
            said.set("There is no finished draft to put out. Measure says what is missing.");
            return;
        }
        Draft draft = workshop.draft().get();
        String name = draft.commission().title().replaceAll("[^\\p{L}\\p{N} ,-]", "").replace(' ', '-').replace(",", "") + "." + kind.ending;
        files.where(window, kind.label(), name).ifPresent(path -> start(kind, draft, path));
    }

    private void start(Kind kind, Draft draft, Path path) {
        Task<Void> task = new Task<>() {
            @Override
            protected Void call() throws IOException {
                byte[] content = render(kind, draft);
                Path part = java.nio.file.Files.createTempFile(path.toAbsolutePath().getParent(), ".output", ".part");
                java.nio.file.Files.write(part, content);
                java.nio.file.Files.move(part, path, StandardCopyOption.REPLACE_EXISTING);
                return null;
            }
        };
        said.set("Writing " + path.getFileName() + " …");
        task.setOnSucceeded(e -> said.set("Written: " + path.getFileName()));
        task.setOnFailed(e -> {
            org.slf4j.LoggerFactory.getLogger(Output.class).warn("output", task.getException());
            said.set(path.getFileName() + " could not be written. Choose a folder that you may write to.");
        });
        Thread thread = new Thread(task, "output");
        thread.setDaemon(true);
        thread.start();
    }

    private static byte[] render(Kind kind, Draft draft) throws IOException {
        String date = LocalDate.now().toString();
        return switch (kind) {
            case PDF_A4 -> PdfPattern.write(draft, Paper.A4, date);
            case PDF_LETTER -> PdfPattern.write(draft, Paper.LETTER, date);
            case PDF_A0 -> PdfPattern.write(draft, Paper.A0, date);
            case SVG -> SvgPattern.write(draft.pattern()).getBytes(StandardCharsets.UTF_8);
            case JSON -> PatternJson.write(draft.pattern(), draft.findings(), Version.number()).getBytes(StandardCharsets.UTF_8);
        };
    }
}
