package bathyra.app.tape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.length.Length;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The tape's protocol, spoken between the stand-in and the listener. */
@Timeout(30)
class TapeTest {
    private final BlockingQueue<Length> readings = new LinkedBlockingQueue<>();
    private final BlockingQueue<String> lost = new LinkedBlockingQueue<>();

    @Test
    void readings_comeAsTheyAreSent() throws Exception {
        try (TapeSimulator tape = new TapeSimulator(0);
                TapeListener listener = TapeListener.at(tape.port(), readings::add, lost::add)) {
            while (tape.listeners() == 0) {
                Thread.onSpinWait();
            }
            tape.read(Length.mm(912.5));
            tape.read(Length.mm(785));
            assertThat(readings.poll(60, TimeUnit.SECONDS)).isEqualTo(Length.mm(912.5));
            assertThat(readings.poll(60, TimeUnit.SECONDS)).isEqualTo(Length.mm(785));
            assertThat(lost).isEmpty();
        }
    }

    @Test
    void tapeThatIsSwitchedOff_isSaid() throws Exception {
        try (TapeSimulator tape = new TapeSimulator(0);
                TapeListener listener = TapeListener.at(tape.port(), readings::add, lost::add)) {
            while (tape.listeners() == 0) {
                Thread.onSpinWait();
            }
            tape.close();
            assertThat(lost.poll(60, TimeUnit.SECONDS))
                    .isEqualTo("The tape no longer answers. Look whether it is on, and listen again.");
        }
    }

    @Test
    void nobodyThere_orSomebodyWhoIsNoTape_isRefused() throws Exception {
        int free;
        try (ServerSocket socket = new ServerSocket(0)) {
            free = socket.getLocalPort();
        }
        assertThatThrownBy(() -> TapeListener.at(free, readings::add, lost::add))
                .isInstanceOf(IOException.class);
        assertThatThrownBy(() -> TapeListener.at(foreign("HTTP/1.1 200 OK\n"), readings::add, lost::add))
                .isInstanceOf(IOException.class);
        assertThatThrownBy(() -> TapeListener.at(foreign("x".repeat(5000)), readings::add, lost::add))
                .isInstanceOf(IOException.class);
    }

    private static int foreign(String says) throws IOException {
        ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(() -> {
            try (server;
                    Socket socket = server.accept()) {
                socket.getOutputStream().write(says.getBytes(StandardCharsets.UTF_8));
            } catch (IOException e) {
                // The listener hung up first.
            }
        });
        thread.setDaemon(true);
        thread.start();
        return server.getLocalPort();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"battery 80", "reading", "reading much", "reading -5 mm", "reading 0 mm", "READING 91 mm", ""})
    void otherLines_holdNoReading(String line) {
        assertThat(TapeLine.reading(line)).isEmpty();
    }

    @Test
    void reading_mayNameItsUnit() {
        assertThat(TapeLine.reading("reading 91.2 cm")).contains(Length.mm(912));
        assertThat(TapeLine.reading("reading 912")).contains(Length.mm(912));
        assertThat(TapeLine.reading(TapeLine.of(Length.mm(912.34)))).contains(Length.mm(912.3));
    }
}
