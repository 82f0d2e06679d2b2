package bathyra.app;

import bathyra.app.command.CheckCommand;
import bathyra.app.command.DemoCommand;
import bathyra.app.command.DraftCommand;
import bathyra.app.command.Exit;
import bathyra.app.command.FitCommand;
import bathyra.app.command.ImportCommand;
import bathyra.app.command.ManualCommand;
import bathyra.app.command.PlanCommand;
import bathyra.app.command.PlotterSimulatorCommand;
import bathyra.app.command.SizesCommand;
import bathyra.app.command.TapeSimulatorCommand;
import bathyra.app.command.WindowCommand;
import picocli.CommandLine;

/** The program's entry. It does not extend the toolkit's application class, so that it starts from plain jars. */
public final class Main {
    private Main() {}

    public static void main(String[] arguments) {
        LogFile.keep();
        System.exit(run(arguments));
    }

    /** Runs one command and gives its exit code (F1). */
    public static int run(String... arguments) {
        // The two commonest starts need no command-line parser; loading it would cost a tenth of the time to the first
        // drawing.
        if (arguments.length == 0) {
            return new WindowCommand().call();
        }
        if (arguments.length == 1 && arguments[0].equals("demo")) {
            return new DemoCommand().call();
        }
        return new CommandLine(new WindowCommand())
                .addSubcommand(new DemoCommand())
                .addSubcommand(new DraftCommand())
                .addSubcommand(new CheckCommand())
                .addSubcommand(new FitCommand())
                .addSubcommand(new PlanCommand())
                .addSubcommand(new SizesCommand())
                .addSubcommand(new ImportCommand())
                .addSubcommand(new TapeSimulatorCommand())
                .addSubcommand(new PlotterSimulatorCommand())
                .addSubcommand(new ManualCommand())
                .setExecutionExceptionHandler((e, line, result) -> {
                    org.slf4j.LoggerFactory.getLogger(Main.class).error("a command failed", e);
                    line.getErr().println("The program failed at this. The log in the data folder says more.");
                    return Exit.PROGRAM;
                })
                .execute(arguments);
    }
}
