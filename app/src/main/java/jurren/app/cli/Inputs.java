package jurren.app.cli;

import java.io.IOException;
import java.nio.file.Path;
import jurren.formats.files.WholeFile;

/** Files that a command is given. */
final class Inputs {
    private Inputs() {}

    static byte[] read(Path input) {
        try {
            return WholeFile.read(input);
        } catch (WholeFile.TooLarge e) {
            throw new Problem(CliTexts.text("make.too-large", input, e.getMessage()));
        } catch (IOException _) {
            throw new Problem(CliTexts.text("make.unreadable", input));
        }
    }
}
