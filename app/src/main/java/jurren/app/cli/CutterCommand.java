package jurren.app.cli;

import java.io.IOException;
import java.util.concurrent.Callable;
import jurren.standins.cutter.StandInCutter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;

import static picocli.CommandLine.Spec;

@Command(name = "cutter", mixinStandardHelpOptions = true, resourceBundle = "jurren.app.cli.cli")
final class CutterCommand implements Callable<Integer> {
    @Option(names = "--port", required = true, paramLabel = "N", descriptionKey = "cutter.port")
    private int port;

    @Option(names = "--speed-up", paramLabel = "N", defaultValue = "1", descriptionKey = "cutter.speed-up")
    private double speedUp;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws InterruptedException {
        if (port < 0 || port > 65535) {
            throw new Problem(CliTexts.text("cutter.port.none", String.valueOf(port)));
        }
        if (!(speedUp > 0)) {
            throw new Problem(CliTexts.text("cutter.speed-up.none"));
        }
        try (StandInCutter cutter = new StandInCutter(port, speedUp)) {
            spec.commandLine().getOut().println(CliTexts.text("cutter.up", String.valueOf(cutter.port())));
            spec.commandLine().getOut().flush();
            Thread.currentThread().join();
            return 0;
        } catch (IOException _) {
            throw new Problem(CliTexts.text("cutter.busy", String.valueOf(port)));
        }
    }
}
