package bathyra.app.home;

import bathyra.book.OwnerOnly;
import java.io.IOException;
import java.nio.file.Path;

/** The folder where the program keeps the user's book and its log. */
public final class DataFolder {
    private DataFolder() {}

    /** {@code BATHYRA_DATA}, else the desktop's folder for user data. */
    public static Path path() {
        String own = System.getenv("BATHYRA_DATA");
        if (own != null && !own.isBlank()) {
            return Path.of(own);
        }
        String data = System.getenv("XDG_DATA_HOME");
        return (data == null || data.isBlank()
                        ? Path.of(System.getProperty("user.home"), ".local", "share")
                        : Path.of(data))
                .resolve("bathyra");
    }

    /** Makes the folder, or makes one that is there private, whatever the system's habit: body data stand in it. */
    public static void make() throws IOException {
        OwnerOnly.folder(path());
    }

    public static Path book() {
        return path().resolve("workshop-book.sqlite");
    }
}
