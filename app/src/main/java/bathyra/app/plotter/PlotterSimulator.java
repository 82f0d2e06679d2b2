package bathyra.app.plotter;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;

/** Stands in for a pen plotter at a raw print port: draws what it receives to pictures, and says how far the pen went and how long it took. */
public final class PlotterSimulator implements AutoCloseable {
    private static final int BYTES_MOST = 64 * 1024 * 1024;
    private static final int PATIENCE = 10_000;
    private final ServerSocket server;
    private final Path folder;
    private final Consumer<Report> reports;
    private final AtomicInteger count = new AtomicInteger();

    /** One plot as it came out. @param cause why there is none; empty otherwise */
    public record Report(Path picture, Plot plot, double width, double height, String cause) {
        /** How the plot went, in words. */
        public String words() {
            return cause.isEmpty()
                    ? String.format(
                            Locale.ROOT,
                            "%s: %.0f × %.0f mm, pen down %.2f m, pen raised %.2f m, %d lifts, about %d min %02d s",
                            picture.getFileName(),
                            width,
                            height,
                            plot.drawn() / 1000,
                            plot.raised() / 1000,
                            plot.lifts(),
                            (int) (plot.seconds() / 60),
                            (int) (plot.seconds() % 60))
                    : cause;
        }
    }

    /**
     * Begins to listen.
     *
     * @param port 0 for any that is free
     * @param folder where the pictures go
     * @param reports gets each plot, on a thread of its own
     */
    public PlotterSimulator(int port, Path folder, Consumer<Report> reports) throws IOException {
        this.server = new ServerSocket(port, 5, InetAddress.getLoopbackAddress());
        this.folder = folder;
        this.reports = reports;
        Thread thread = new Thread(this::listen, "plotter-simulator");
        thread.setDaemon(true);
        thread.start();
    }

    public int port() {
        return server.getLocalPort();
    }

    /** Takes every caller; each is drawn on a thread of its own, so that a slow one keeps nobody waiting. */
    private void listen() {
        while (!server.isClosed()) {
            try {
                Socket socket = server.accept();
                Thread thread = new Thread(() -> serve(socket), "plotter-simulator-client");
                thread.setDaemon(true);
                thread.start();
            } catch (IOException e) {
                if (!server.isClosed()) {
                    reports.accept(broken(e.getMessage()));
                }
            }
        }
    }

    private void serve(Socket socket) {
        try (socket) {
            socket.setSoTimeout(PATIENCE);
            reports.accept(draw(received(socket.getInputStream())));
        } catch (IOException | RuntimeException | OutOfMemoryError e) {
            reports.accept(broken(e instanceof OutOfMemoryError ? "it is too large for this machine" : e.getMessage()));
        }
    }

    private Report broken(String why) {
        return new Report(folder, Plot.read(""), 0, 0, "A plot broke off or could not be drawn: " + why);
    }

    private static String received(InputStream in) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        byte[] part = new byte[8192];
        for (int n = in.read(part); n >= 0; n = in.read(part)) {
            bytes.write(part, 0, n);
            if (bytes.size() > BYTES_MOST) {
                throw new IOException("it is longer than 64 megabytes");
            }
        }
        return bytes.toString(StandardCharsets.ISO_8859_1);
    }

    private Report draw(String text) throws IOException {
        Plot plot = Plot.read(text);
        if (plot.strokes().isEmpty()) {
            return new Report(folder, plot, 0, 0, "Something came that draws nothing. Send a plotter file.");
        }
        Path picture = folder.resolve("plot-" + count.incrementAndGet() + ".png");
        double[] size = PlotPicture.draw(plot, picture);
        return new Report(picture, plot, size[0], size[1], "");
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
