package jurren.app.cli;

import java.io.PrintWriter;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Function;
import jurren.app.keep.FaultLog;
import jurren.app.keep.StateFolder;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.IExecutionExceptionHandler;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.TypeConversionException;

/** {@code jurren} with its commands; without one it opens the window with the demo job. */
@Command(
        name = "jurren",
        mixinStandardHelpOptions = true,
        version = "Jurren " + FaultLog.VERSION,
        resourceBundle = "jurren.app.cli.cli",
        subcommands = {
            OpenCommand.class,
            MakeCommand.class,
            MendCommand.class,
            NestCommand.class,
            StartCommand.class,
            TraceCommand.class,
            ConvertCommand.class,
            ListCommand.class,
            TemplateCommand.class,
            SnapCommand.class,
            CutterCommand.class
        })
public final class JurrenCommand implements Callable<Integer> {
    private final Windows windows;

    JurrenCommand(Windows windows) {
        this.windows = windows;
    }

    Windows windows() {
        return windows;
    }

    @Override
    public Integer call() {
        return windows.show(Optional.empty());
    }

    /** Runs a command line and answers its exit code. */
    public static int run(Windows windows, PrintWriter out, PrintWriter err, String... args) {
        IExecutionExceptionHandler oneLine = (e, _, _) -> {
            if (e instanceof Problem) {
                err.println(e.getMessage());
                err.flush();
                return 2;
            }
            FaultLog.open(StateFolder.usual());
            FaultLog.caught("on the command line", e);
            throw e;
        };
        return new CommandLine(new JurrenCommand(windows))
                .setOut(out)
                .setErr(err)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .registerConverter(int.class, text -> number(text, Integer::valueOf, "number.whole"))
                .registerConverter(double.class, text -> number(text, Double::valueOf, "number.any"))
                .setParameterExceptionHandler(JurrenCommand::misused)
                .setExecutionExceptionHandler(oneLine)
                .execute(args);
    }

    private static <N> N number(String text, Function<String, N> read, String refusal) {
        try {
            return read.apply(text.strip());
        } catch (NumberFormatException _) {
            throw new TypeConversionException(CliTexts.text(refusal, text));
        }
    }

    private static int misused(ParameterException e, String[] args) {
        PrintWriter err = e.getCommandLine().getErr();
        err.println(e.getMessage().lines().findFirst().orElse("") + " "
                + CliTexts.text("see.help", e.getCommandLine().getCommandSpec().qualifiedName()));
        err.flush();
        return 2;
    }
}
