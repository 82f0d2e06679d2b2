package bathyra.app.command;

import bathyra.app.home.Version;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.slf4j.LoggerFactory;
import picocli.AutoComplete;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Writes the manual page and the shell's completions from the commands themselves; used when a package is made. */
@Command(name = "manual", hidden = true, description = "Writes the manual page and the shell's completions.")
public final class ManualCommand implements Callable<Integer> {
    private static final String NAME = "bathyra";

    @Spec
    private CommandSpec spec;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "Where they are written.")
    private Path out;

    @Override
    public Integer call() {
        try {
            Files.createDirectories(out);
            CommandLine root = spec.root().commandLine();
            Files.writeString(out.resolve(NAME + ".1"), page(root), StandardCharsets.UTF_8);
            Files.writeString(out.resolve(NAME), AutoComplete.bash(NAME, root), StandardCharsets.UTF_8);
            return Exit.DONE;
        } catch (IOException e) {
            LoggerFactory.getLogger(ManualCommand.class).warn("writing the manual", e);
            spec.commandLine().getErr().println(out + ": cannot be written; name a folder that you may write to");
            return Exit.NOT_WRITTEN;
        }
    }

    /** The page in the language of manual pages. */
    private static String page(CommandLine root) {
        StringBuilder page = new StringBuilder();
        page.append(".TH BATHYRA 1 \"\" \"Bathyra ").append(Version.number()).append("\"\n.SH NAME\n");
        page.append(NAME)
                .append(" \\- drafts close-fitting corsets and bustiers from body measurements\n.SH SYNOPSIS\n");
        page.append(synopsis(root)).append(".SH OPTIONS\n");
        options(page, root.getCommandSpec());
        page.append(".SH COMMANDS\n");
        for (CommandLine each : root.getSubcommands().values()) {
            if (!each.getCommandSpec().usageMessage().hidden()) {
                page.append(".SS ").append(each.getCommandName()).append('\n').append(synopsis(each));
                page.append(".PP\n")
                        .append(words(each.getCommandSpec().usageMessage().description()));
                options(page, each.getCommandSpec());
            }
        }
        page.append(
                ".SH EXIT STATUS\n0 done; 2 the input is wrong; 3 the pattern cannot exist; 4 it could not be written; 5 the program failed\n");
        return page.toString();
    }

    private static String synopsis(CommandLine command) {
        return escaped(command.getHelp().synopsis(0).strip().replaceAll("\\s+", " ")) + "\n";
    }

    private static void options(StringBuilder page, CommandSpec command) {
        for (OptionSpec option : command.options()) {
            if (!option.hidden()) {
                page.append(".TP\n.B ").append(escaped(String.join(", ", option.names())));
                page.append(option.arity().max() > 0 ? " " + escaped(option.paramLabel()) : "")
                        .append('\n');
                page.append(words(option.description()));
            }
        }
        for (PositionalParamSpec each : command.positionalParameters()) {
            page.append(".TP\n.I ")
                    .append(escaped(each.paramLabel()))
                    .append('\n')
                    .append(words(each.description()));
        }
    }

    private static String words(String... lines) {
        return escaped(String.join(" ", lines)) + "\n";
    }

    /** A stroke is a sign, and a line that begins with a point would be an order. */
    private static String escaped(String text) {
        String plain = text.replace("%n", " ").replace("\\", "\\\\").replace("-", "\\-");
        return plain.startsWith(".") || plain.startsWith("'") ? "\\&" + plain : plain;
    }
}
