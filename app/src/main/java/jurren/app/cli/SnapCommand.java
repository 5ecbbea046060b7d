package jurren.app.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

@Command(name = "snap", mixinStandardHelpOptions = true, resourceBundle = "jurren.app.cli.cli")
final class SnapCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DIR", descriptionKey = "snap.dir")
    private Path folder;

    @ParentCommand
    private JurrenCommand jurren;

    @Override
    public Integer call() {
        return jurren.windows().snap(folder);
    }
}
