package jurren.app.cli;

import jurren.app.Windows;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(name = "snap", mixinStandardHelpOptions = true, resourceBundle = "jurren.app.cli.cli")
final class SnapCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DIR", descriptionKey = "snap.dir")
    private Path folder;

    @Override
    public Integer call() {
        return Windows.snap(folder);
    }
}
