package bathyra.app;

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
        return (data == null || data.isBlank() ? Path.of(System.getProperty("user.home"), ".local", "share") : Path.of(data)).resolve("bathyra");
    }

    public static Path book() {
        return path().resolve("workshop-book.sqlite");
    }
}
