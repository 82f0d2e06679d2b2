package bathyra.app;

import bathyra.app.home.DemoBook;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Goes once through what every start loads, while the build records the classes for the class archive. */
public final class WarmUp {
    private WarmUp() {}

    /** @param arguments a folder to work in */
    public static void main(String[] arguments) throws IOException {
        LogFile.keep();
        Path folder = Path.of(arguments[0]);
        Path input = folder.resolve("warm.bathyra.json");
        Files.writeString(input, DemoBook.document(DemoBook.COMMISSIONS.get(0)));
        Main.run("draft", input.toString(), "--out", folder.resolve("out").toString());
        // With a display the window is drawn once and closes by itself; without one the commands alone are recorded.
        if (System.getenv("DISPLAY") != null) {
            Main.run("demo", "--book", folder.resolve("book.sqlite").toString());
        }
    }
}
