package bathyra.app.output;

import bathyra.files.sheet.PrintScale;
import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Properties;
import java.util.function.Consumer;
import org.slf4j.LoggerFactory;

/**
 * How this workshop prints and plots; it belongs to the place, not to a commission.
 *
 * @param across what the 50 mm square measured across on the printer, mm
 * @param down what it measured down
 * @param port the port of this machine at which the plotter listens
 */
public record Printing(double across, double down, int port) {
    /** The usual raw port of printers and plotters. */
    public static final int PORT = 9100;

    public static final Printing USUAL = new Printing(PrintScale.SQUARE, PrintScale.SQUARE, PORT);

    public PrintScale scale() {
        return PrintScale.ofMeasured(across, down);
    }

    public Printing withMeasured(double nextAcross, double nextDown) {
        return new Printing(nextAcross, nextDown, port);
    }

    public Printing withPort(int next) {
        return new Printing(across, down, next);
    }

    /** What was kept in a file; as usual where nothing can be read there. */
    public static Printing kept(Path file, Consumer<String> said) {
        if (!Files.exists(file)) {
            return USUAL;
        }
        Properties kept = new Properties();
        try (Reader reader = Files.newBufferedReader(file)) {
            kept.load(reader);
            Printing printing = new Printing(
                    Double.parseDouble(kept.getProperty("across", "50")),
                    Double.parseDouble(kept.getProperty("down", "50")),
                    Integer.parseInt(kept.getProperty("port", "" + PORT)));
            printing.scale();
            return printing;
        } catch (IOException | IllegalArgumentException e) {
            Path aside = file.resolveSibling(file.getFileName() + ".unread");
            try {
                Files.move(file, aside, StandardCopyOption.REPLACE_EXISTING);
            } catch (IOException stays) {
                LoggerFactory.getLogger(Printing.class).warn("{} could not be put aside", file, stays);
            }
            said.accept("How this workshop prints and plots could not be read from " + file
                    + ": the usual stands in, without your correction of the printer. Print the test square before you cut. What stood there is kept in "
                    + aside.getFileName() + ".");
            return USUAL;
        }
    }

    /** Keeps it in a file. */
    public void keep(Path file) throws IOException {
        Properties kept = new Properties();
        kept.setProperty("across", Double.toString(across));
        kept.setProperty("down", Double.toString(down));
        kept.setProperty("port", Integer.toString(port));
        try (Writer writer = Files.newBufferedWriter(file)) {
            kept.store(writer, "How this workshop prints and plots");
        }
    }
}
