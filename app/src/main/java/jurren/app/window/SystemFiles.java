package jurren.app.window;

import jurren.app.theme.Texts;
import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** Asks with the system's own choosers, which remember the last folder within a session. */
final class SystemFiles implements Files {
    private final Stage stage;
    private File lastFolder;

    SystemFiles(Stage stage) {
        this.stage = stage;
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
        chooser.setInitialDirectory(lastFolder);
        return Optional.ofNullable(chooser.showDialog(stage)).map(File::toPath);
    }

    private FileChooser chooser(Kind kind) {
        FileChooser chooser = new FileChooser();
        chooser.setInitialDirectory(lastFolder);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(Texts.of("file." + kind),
                kind.endings().stream().map(e -> "*." + e).toList()));
        return chooser;
    }

    private Optional<Path> remembered(File file) {
        if (file != null) {
            lastFolder = file.getParentFile();
        }
        return Optional.ofNullable(file).map(File::toPath);
    }
}
