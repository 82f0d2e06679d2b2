package bathyra.app.command;

import bathyra.app.output.Printing;
import bathyra.app.plotter.PlotterSimulator;
import java.io.IOException;
import java.net.BindException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** A stand-in for a pen plotter: draws what is sent to a port of this machine. */
@Command(
        name = "plotter-simulator",
        description =
                "Stands in for a pen plotter: draws what it is sent to PNG pictures and says how far the pen went.",
        mixinStandardHelpOptions = true)
public final class PlotterSimulatorCommand implements Callable<Integer> {
    @Option(
            names = "--port",
            paramLabel = "N",
            description = "Port on this machine (default: ${DEFAULT-VALUE}).",
            defaultValue = "" + Printing.PORT)
    private int port;

    @Option(
            names = "--out",
            paramLabel = "DIR",
            description = "Folder for the pictures (default: the present one).",
            defaultValue = ".")
    private Path out;

    @Option(
            names = "--plots",
            paramLabel = "N",
            description = "Ends after so many plots; goes on until it is stopped when left out.",
            defaultValue = "2147483647")
    private int plots;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException, InterruptedException {
        if (!Exit.isPort(port)) {
            spec.commandLine()
                    .getErr()
                    .println("--port: is " + port + ", which is no port; 0 for any that is free, to " + Exit.PORT_MOST);
            return Exit.INPUT;
        }
        var say = spec.commandLine().getOut();
        try {
            Files.createDirectories(out);
        } catch (IOException e) {
            spec.commandLine().getErr().println("--out: " + out + " cannot be made; a folder that you may write to");
            return Exit.NOT_WRITTEN;
        }
        CountDownLatch left = new CountDownLatch(Math.max(1, plots));
        try (PlotterSimulator plotter = new PlotterSimulator(port, out, report -> {
            say.println(report.words());
            say.flush();
            left.countDown();
        })) {
            say.println("A simulated plotter at port " + plotter.port() + ". Its pictures go to " + out + ".");
            say.flush();
            left.await();
            return Exit.DONE;
        } catch (BindException e) {
            spec.commandLine().getErr().println("--port: " + port + " is taken; name another");
            return Exit.INPUT;
        }
    }
}
