package bathyra.app.plotter;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;

/** The way to a plotter: a raw print port of this machine, to which a plot is sent as it is. */
public final class PlotterLine {
    private static final int PATIENCE = 3000;

    private PlotterLine() {}

    /** Sends a plot. @throws IOException when nobody listens at the port, or the plotter hangs up */
    public static void send(int port, byte[] plot) throws IOException {
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE);
            socket.getOutputStream().write(plot);
            socket.getOutputStream().flush();
            socket.shutdownOutput();
        }
    }
}
