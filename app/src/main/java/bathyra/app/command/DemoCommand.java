package bathyra.app.command;

import bathyra.app.home.DemoBook;
import bathyra.app.shell.BathyraWindow;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Opens the window on a fresh copy of the demo book; the user's own is never touched. */
@Command(name = "demo", description = "Opens the demo book.", mixinStandardHelpOptions = true)
public final class DemoCommand implements Callable<Integer> {
    @Option(
            names = "--book",
            paramLabel = "FILE",
            description = "Where to put the fresh copy (a temporary folder when left out).")
    private Path book;

    @Override
    public Integer call() {
        BathyraWindow.open(() -> DemoBook.fresh(book));
        return Exit.DONE;
    }
}
