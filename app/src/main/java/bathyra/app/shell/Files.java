package bathyra.app.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** Asks where to write a file; the operating system's chooser stands behind it, or a test. */
public interface Files {
    Optional<Path> where(Window window, String title, String name);

    /** The operating system's own chooser. */
    static Files chooser() {
        return (window, title, name) -> {
            FileChooser chooser = new FileChooser();
            chooser.setTitle(title);
            chooser.setInitialFileName(name);
            return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
        };
    }
}
