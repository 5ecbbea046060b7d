package jurren.app.window;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import jurren.app.keep.Settings;
import jurren.app.sheet.FileQuestions;
import jurren.app.theme.Texts;

/** Asks with the system's own choosers, which open in the folder that was used last. */
final class SystemFiles implements FileQuestions {
    private final Stage stage;
    private final Settings settings;

    SystemFiles(Stage stage, Settings settings) {
        this.stage = stage;
        this.settings = settings;
    }

    @Override
    public Optional<Path> toOpen(Kind kind) {
        return remembered(chooser(kind).showOpenDialog(stage));
    }

    @Override
    public Optional<Path> toSave(Kind kind, String name) {
        FileChooser chooser = chooser(kind);
        chooser.setInitialFileName(name);
        return remembered(chooser.showSaveDialog(stage));
    }

    @Override
    public Optional<Path> folder() {
        DirectoryChooser chooser = new DirectoryChooser();
        settings.folder().ifPresent(f -> chooser.setInitialDirectory(f.toFile()));
        Optional<Path> chosen = Optional.ofNullable(chooser.showDialog(stage)).map(File::toPath);
        chosen.ifPresent(settings::keepFolder);
        return chosen;
    }

    private FileChooser chooser(Kind kind) {
        FileChooser chooser = new FileChooser();
        (kind == Kind.JOB ? settings.jobs() : Optional.<Path>empty())
                .or(settings::folder)
                .ifPresent(f -> chooser.setInitialDirectory(f.toFile()));
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(
                        Texts.of("file." + kind),
                        kind.endings().stream().map(e -> "*." + e).toList()));
        return chooser;
    }

    private Optional<Path> remembered(File file) {
        if (file != null) {
            settings.keepFolder(file.toPath().toAbsolutePath().getParent());
        }
        return Optional.ofNullable(file).map(File::toPath);
    }
}
