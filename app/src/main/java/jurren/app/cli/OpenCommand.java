package jurren.app.cli;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

@Command(name = "open", mixinStandardHelpOptions = true, resourceBundle = "jurren.app.cli.cli")
final class OpenCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", descriptionKey = "open.file")
    private Path file;

    @ParentCommand
    private JurrenCommand jurren;

    @Override
    public Integer call() {
        if (JobFile.read(file, BuiltInShop.read()) instanceof JobRead.Refused r) {
            throw new Problem(new Words(Units.AMERICAN).refusal(r.refusal()));
        }
        return jurren.windows().show(Optional.of(file));
    }
}
