package bathyra.app.output;

import bathyra.files.sheet.PrintScale;
import bathyra.garment.LayerKind;
import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Properties;
import java.util.Set;

/**
 * How this workshop prints and plots; it belongs to the place, not to a commission.
 *
 * @param left the layers that are left out of what is put out
 * @param across what the 50 mm square measured across on the printer, mm
 * @param down what it measured down
 * @param port the port of this machine at which the plotter listens
 */
public record Printing(Set<LayerKind> left, double across, double down, int port) {
    /** The usual raw port of printers and plotters. */
    public static final int PORT = 9100;

    public static final Printing USUAL = new Printing(Set.of(), PrintScale.SQUARE, PrintScale.SQUARE, PORT);

    public Printing {
        left = Set.copyOf(left);
    }

    public PrintScale scale() {
        return PrintScale.ofMeasured(across, down);
    }

    public Printing withMeasured(double nextAcross, double nextDown) {
        return new Printing(left, nextAcross, nextDown, port);
    }

    public Printing withPort(int next) {
        return new Printing(left, across, down, next);
    }

    /** The same with a layer put out or left out. */
    public Printing withLayer(LayerKind kind, boolean shown) {
        Set<LayerKind> next = left.isEmpty() ? EnumSet.noneOf(LayerKind.class) : EnumSet.copyOf(left);
        if (shown) {
            next.remove(kind);
        } else {
            next.add(kind);
        }
        return new Printing(next, across, down, port);
    }

    /** What was kept in a file; as usual where nothing can be read there. */
    public static Printing kept(Path file) {
        Properties kept = new Properties();
        try (Reader reader = Files.newBufferedReader(file)) {
            kept.load(reader);
            Set<LayerKind> left = EnumSet.noneOf(LayerKind.class);
            Arrays.stream(LayerKind.values())
                    .filter(k -> ("," + kept.getProperty("left", "") + ",").contains("," + k.id() + ","))
                    .forEach(left::add);
            Printing printing = new Printing(
                    left,
                    Double.parseDouble(kept.getProperty("across", "50")),
                    Double.parseDouble(kept.getProperty("down", "50")),
                    Integer.parseInt(kept.getProperty("port", "" + PORT)));
            printing.scale();
            return printing;
        } catch (IOException | IllegalArgumentException e) {
            return USUAL;
        }
    }

    /** Keeps it in a file. */
    public void keep(Path file) throws IOException {
        Properties kept = new Properties();
        kept.setProperty(
                "left",
                String.join(",", left.stream().map(LayerKind::id).sorted().toList()));
        kept.setProperty("across", Double.toString(across));
        kept.setProperty("down", Double.toString(down));
        kept.setProperty("port", Integer.toString(port));
        try (Writer writer = Files.newBufferedWriter(file)) {
            kept.store(writer, "How this workshop prints and plots");
        }
    }
}
