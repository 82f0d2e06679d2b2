package bathyra.app.tape;

import bathyra.length.Length;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** A stand-in for a digital tape: says what it is told to everyone who listens. */
public final class TapeSimulator implements AutoCloseable {
    private final ServerSocket server;
    private final List<Socket> listeners = new CopyOnWriteArrayList<>();

    /** @param port 0 for any that is free */
    public TapeSimulator(int port) throws IOException {
        server = new ServerSocket(port, 5, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(this::greet, "tape-simulator");
        thread.setDaemon(true);
        thread.start();
    }

    public int port() {
        return server.getLocalPort();
    }

    private void greet() {
        while (!server.isClosed()) {
            try {
                Socket socket = server.accept();
                say(socket, TapeLine.GREETING);
                listeners.add(socket);
            } catch (IOException e) {
                // The door was closed, or a caller left before he was greeted.
            }
        }
    }

    /** How many listen. */
    public int listeners() {
        return listeners.size();
    }

    /** Sends a reading to everyone who listens. */
    public void read(Length length) {
        for (Socket socket : listeners) {
            try {
                say(socket, TapeLine.of(length));
            } catch (IOException e) {
                listeners.remove(socket);
            }
        }
    }

    private static void say(Socket socket, String line) throws IOException {
        OutputStream out = socket.getOutputStream();
        out.write((line + "\n").getBytes(StandardCharsets.UTF_8));
        out.flush();
    }

    @Override
    public void close() throws IOException {
        server.close();
        for (Socket socket : listeners) {
            socket.close();
        }
    }
}
