package bathyra.app.command;

import bathyra.app.home.DataFolder;
import bathyra.app.shell.BathyraWindow;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Opens the window on the user's own book. */
@Command(
        name = "bathyra",
        description = "Drafts close-fitting corsets and bustiers from body measurements.",
        mixinStandardHelpOptions = true,
        version = "Bathyra 0.1.0")
public final class WindowCommand implements Callable<Integer> {
    @Option(
            names = "--book",
            paramLabel = "FILE",
            description = "Another workshop book than the one in the data folder.")
    private Path book;

    @Parameters(
            arity = "0..1",
            paramLabel = "COMMISSION",
            description = "A commission document that is taken into the book and opened.")
    private Path document;

    @Override
    public Integer call() {
        BathyraWindow.open(
                () -> {
                    if (book != null) {
                        return book;
                    }
                    DataFolder.make();
                    return DataFolder.book();
                },
                Optional.ofNullable(document));
        return Exit.DONE;
    }
}
