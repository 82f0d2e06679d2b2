package bathyra.app.plotter;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.SocketTimeoutException;
import java.nio.ByteBuffer;
import java.nio.channels.SelectionKey;
import java.nio.channels.Selector;
import java.nio.channels.SocketChannel;

/** The way to a plotter: a raw print port of this machine, to which a plot is sent as it is. */
public final class PlotterLine {
    private static final int CONNECTING = 3_000;
    /** A plotter that is drawing takes a little now and then; one that takes nothing for so long has hung up, ms. */
    private static final int TAKING_NOTHING = 60_000;

    private PlotterLine() {}

    /** Sends a plot. @throws IOException when nobody listens at the port, or the plotter hangs up or takes nothing for a minute */
    public static void send(int port, byte[] plot) throws IOException {
        send(port, plot, TAKING_NOTHING);
    }

    /** @param patience how long the plotter may take nothing, ms */
    static void send(int port, byte[] plot, int patience) throws IOException {
        try (SocketChannel channel = SocketChannel.open();
                Selector selector = Selector.open()) {
            channel.socket().connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), CONNECTING);
            channel.configureBlocking(false);
            channel.register(selector, SelectionKey.OP_WRITE);
            ByteBuffer left = ByteBuffer.wrap(plot);
            while (left.hasRemaining()) {
                if (selector.select(patience) == 0) {
                    throw new SocketTimeoutException("the plotter takes nothing more");
                }
                selector.selectedKeys().clear();
                channel.write(left);
            }
            channel.shutdownOutput();
        }
    }
}
