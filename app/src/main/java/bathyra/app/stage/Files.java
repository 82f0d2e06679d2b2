package bathyra.app.stage;

import java.io.File;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** Asks where to put a file and which one to take in. The operating system's choosers in the program, a fixed answer in tests. */
public interface Files {
    /** Where to write a file. @param name a name to begin with */
    Optional<Path> where(Window owner, String title, String name);

    /** Which file to read. @param endings those that are offered, without their points */
    Optional<Path> which(Window owner, String title, String... endings);

    /** Into which folder to write. */
    Optional<Path> folder(Window owner, String title);

    /** The operating system's choosers. */
    static Files chooser() {
        return new Files() {
            @Override
            public Optional<Path> where(Window owner, String title, String name) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(title);
                chooser.setInitialFileName(name);
                return Optional.ofNullable(chooser.showSaveDialog(owner)).map(File::toPath);
            }

            @Override
            public Optional<Path> which(Window owner, String title, String... endings) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(title);
                List<String> patterns = Arrays.stream(endings)
                        .flatMap(e -> Stream.of("*." + e, "*." + e.toUpperCase(Locale.ROOT)))
                        .toList();
                chooser.getExtensionFilters()
                        .add(new FileChooser.ExtensionFilter(
                                String.join(", ", endings).toUpperCase(Locale.ROOT), patterns));
                return Optional.ofNullable(chooser.showOpenDialog(owner)).map(File::toPath);
            }

            @Override
            public Optional<Path> folder(Window owner, String title) {
                DirectoryChooser chooser = new DirectoryChooser();
                chooser.setTitle(title);
                return Optional.ofNullable(chooser.showDialog(owner)).map(File::toPath);
            }
        };
    }

    /** One answer to every question, for tests and measurements. */
    static Files always(Path path) {
        return new Files() {
            @Override
            public Optional<Path> where(Window owner, String title, String name) {
                return Optional.of(path);
            }

            @Override
            public Optional<Path> which(Window owner, String title, String... endings) {
                return Optional.of(path);
            }

            @Override
            public Optional<Path> folder(Window owner, String title) {
                return Optional.ofNullable(path.getParent());
            }
        };
    }
}
