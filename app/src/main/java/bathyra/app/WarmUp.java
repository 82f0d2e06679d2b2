package bathyra.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Goes once through what every start loads, while the build records the classes for the class archive. */
public final class WarmUp {
    private WarmUp() {}

    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createTempDirectory("bathyra-warm-up");
        Path input = folder.resolve("warm.bathyra.json");
        Files.writeString(input, DemoBook.document(DemoBook.COMMISSIONS.get(0)));
        Main.run("draft", input.toString(), "--out", folder.resolve("out").toString());
        try {
            DemoBook.fresh(folder.resolve("book.sqlite"));
        } catch (bathyra.book.BookUnavailable | bathyra.files.json.BadDocument e) {
            throw new IOException(e);
        }
        for (String type : new String[] {"javafx.scene.canvas.Canvas", "javafx.scene.control.TextField", "javafx.scene.control.ScrollPane",
            "javafx.scene.control.Button", "javafx.scene.control.MenuButton", "javafx.scene.layout.BorderPane", "javafx.application.Application"}) {
            try {
                Class.forName(type);
            } catch (ClassNotFoundException e) {
                throw new IOException(e);
            }
        }
    }
}
