package bathyra.app.tape;

import bathyra.length.Length;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.function.Consumer;

/** Listens to a digital tape, or to a bridge that speaks for one, on a port of this machine. */
public final class TapeListener implements AutoCloseable {
    private static final int PATIENCE = 3000;
    private final Socket socket;
    private volatile boolean closed;

    private TapeListener(Socket socket) {
        this.socket = socket;
    }

    /**
     * Connects and listens on a thread of its own.
     *
     * @param readings gets each reading, on that thread
     * @param lost gets a sentence when the tape is lost, on that thread
     * @throws IOException when nobody answers, or somebody who is no tape
     */
    public static TapeListener at(int port, Consumer<Length> readings, Consumer<String> lost) throws IOException {
        Socket socket = new Socket();
        try {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE);
            socket.setSoTimeout(PATIENCE);
            Reader reader = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            if (!line(reader).equals(Optional.of(TapeLine.GREETING))) {
                throw new IOException("no tape");
            }
            socket.setSoTimeout(0);
            TapeListener listener = new TapeListener(socket);
            Thread thread = new Thread(() -> listener.listen(reader, readings, lost), "tape");
            thread.setDaemon(true);
            thread.start();
            return listener;
        } catch (IOException e) {
            socket.close();
            throw e;
        }
    }

    private void listen(Reader reader, Consumer<Length> readings, Consumer<String> lost) {
        try {
            for (Optional<String> line = line(reader); line.isPresent(); line = line(reader)) {
                TapeLine.reading(line.get()).ifPresent(readings);
            }
        } catch (IOException e) {
            // A tape that is switched off ends the connection one way or another; both are said alike below.
        }
        if (!closed) {
            lost.accept("The tape no longer answers. Look whether it is on, and listen again.");
        }
    }

    /** The next line without its end; empty when there is none any more. A line that does not end is no tape's. */
    private static Optional<String> line(Reader reader) throws IOException {
        StringBuilder line = new StringBuilder();
        for (int c = reader.read(); c != '\n'; c = reader.read()) {
            if (c < 0) {
                return Optional.empty();
            }
            if (line.length() > TapeLine.LONGEST) {
                throw new IOException("a line without an end");
            }
            if (c != '\r') {
                line.append((char) c);
            }
        }
        return Optional.of(line.toString());
    }

    @Override
    public void close() {
        closed = true;
        try {
            socket.close();
        } catch (IOException e) {
            // It is not listened to any more either way.
        }
    }
}
