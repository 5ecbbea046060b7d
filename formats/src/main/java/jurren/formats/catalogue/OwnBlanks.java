package jurren.formats.catalogue;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jurren.core.blank.Blank;
import jurren.formats.Refusal;
import jurren.formats.files.SafeFiles;

/** The blanks a shop measured itself, one file each in its own folder. A broken one is named; the rest load. */
public final class OwnBlanks {
    /** What is in the folder. */
    public record Contents(List<Blank> blanks, List<Refusal> refused) {
        public Contents {
            blanks = List.copyOf(blanks);
            refused = List.copyOf(refused);
        }
    }

    private final Path folder;

    public OwnBlanks(Path folder) {
        this.folder = folder;
    }

    public Contents read() {
        List<Blank> blanks = new ArrayList<>();
        List<Refusal> refused = new ArrayList<>();
        List<Path> files = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> found = Files.newDirectoryStream(folder, "*.json")) {
                found.forEach(files::add);
            } catch (IOException e) {
                refused.add(new Refusal(
                        Refusal.Reason.UNREADABLE, folder.getFileName().toString(), String.valueOf(e.getMessage())));
            }
        }
        files.sort(Comparator.naturalOrder());
        for (Path file : files) {
            switch (BlankFile.read(file)) {
                case BlankRead.Taken t -> blanks.add(t.blank());
                case BlankRead.Refused r -> refused.add(r.refusal());
            }
        }
        return new Contents(blanks, refused);
    }

    public void save(Blank blank) throws IOException {
        SafeFiles.write(file(blank.id()), BlankFile.write(blank));
    }

    public void remove(String id) throws IOException {
        Files.deleteIfExists(file(id));
    }

    private Path file(String id) {
        return folder.resolve(id + ".json");
    }
}
