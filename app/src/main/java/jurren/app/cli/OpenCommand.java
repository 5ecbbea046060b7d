package jurren.app.cli;

import jurren.app.Windows;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.Words;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(name = "open", mixinStandardHelpOptions = true, resourceBundle = "jurren.app.cli.cli")
final class OpenCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", descriptionKey = "open.file")
    private Path file;

    @Override
    public Integer call() {
        if (JobFile.read(file, BuiltInShop.read()) instanceof JobRead.Refused r) {
            throw new Problem(new Words(LengthUnit.INCH).refusal(r.refusal()));
        }
        return Windows.showFile(file);
    }
}
