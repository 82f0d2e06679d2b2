package bathyra.app.command;

import bathyra.app.tape.TapeLine;
import bathyra.app.tape.TapeSimulator;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.BindException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** A stand-in for a digital tape: each length that is typed is sent as a reading to whoever listens. */
@Command(
        name = "tape-simulator",
        description = "Stands in for a digital tape: type a length, it is sent as a reading.",
        mixinStandardHelpOptions = true)
public final class TapeSimulatorCommand implements Callable<Integer> {
    @Option(
            names = "--port",
            paramLabel = "N",
            description = "Port on this machine (default: ${DEFAULT-VALUE}).",
            defaultValue = "" + TapeLine.PORT)
    private int port;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        if (!Exit.isPort(port)) {
            spec.commandLine()
                    .getErr()
                    .println("--port: is " + port + ", which is no port; 0 for any that is free, to " + Exit.PORT_MOST);
            return Exit.INPUT;
        }
        var out = spec.commandLine().getOut();
        try (TapeSimulator tape = new TapeSimulator(port)) {
            out.println("A simulated tape at port " + tape.port()
                    + ". Type a length (91.0, 36 1/2 in) and Enter; an empty line ends it.");
            BufferedReader typed = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
            for (String line = typed.readLine(); line != null && !line.isBlank(); line = typed.readLine()) {
                LengthText.Reading reading = LengthText.read(line, LengthUnit.CM);
                if (reading instanceof LengthText.Read read) {
                    tape.read(read.length());
                    out.println(TapeLine.of(read.length()) + " → " + tape.listeners()
                            + (tape.listeners() == 1 ? " listener" : " listeners"));
                } else if (reading instanceof LengthText.Unread unread) {
                    out.println(unread.reason());
                }
            }
            return Exit.DONE;
        } catch (BindException e) {
            spec.commandLine().getErr().println("--port: " + port + " is taken; name another");
            return Exit.INPUT;
        }
    }
}
