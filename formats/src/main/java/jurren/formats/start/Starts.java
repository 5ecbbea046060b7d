package jurren.formats.start;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jurren.formats.Refusal;
import jurren.formats.files.SafeFiles;
import jurren.formats.files.WholeFile;

/** The starts that ship with the application, and those that the shop saved in a folder of its own. */
public final class Starts {
    private static final List<String> SHIPPED =
            List.of("stacked-words", "two-colour-name", "name-in-letter", "patterned-letter", "badge", "sticker");

    /** What there is, and the files that could not be used. */
    public record Contents(List<Start> starts, List<Refusal> refused) {
        public Contents {
            starts = List.copyOf(starts);
            refused = List.copyOf(refused);
        }
    }

    private final Path folder;

    public Starts(Path folder) {
        this.folder = folder;
    }

    public static List<Start> shipped() {
        return SHIPPED.stream().map(Starts::shipped).toList();
    }

    private static Start shipped(String id) {
        try (InputStream in = Starts.class.getResourceAsStream(id + ".json")) {
            return StartFile.read(in.readAllBytes(), false);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (StartFile.NotAStart e) {
            throw new IllegalStateException("the start " + id + " is damaged: " + e.getMessage(), e);
        }
    }

    /** The shop's own come after the shipped ones; one with the same id replaces it. */
    public Contents read() {
        List<Start> all = new ArrayList<>(shipped());
        List<Refusal> refused = new ArrayList<>();
        for (Path file : files(refused)) {
            try {
                Start own = StartFile.read(WholeFile.read(file), true);
                all.removeIf(s -> s.id().equals(own.id()));
                all.add(own);
            } catch (StartFile.NotAStart e) {
                refused.add(new Refusal(
                        Refusal.Reason.BROKEN_START, file.getFileName().toString(), e.getMessage()));
            } catch (IOException e) {
                refused.add(new Refusal(
                        Refusal.Reason.UNREADABLE, file.getFileName().toString(), String.valueOf(e.getMessage())));
            }
        }
        return new Contents(all, refused);
    }

    private List<Path> files(List<Refusal> refused) {
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
        return files;
    }

    public void save(Start start) throws IOException {
        SafeFiles.write(folder.resolve(start.id() + ".json"), StartFile.write(start));
    }

    public void remove(String id) throws IOException {
        Files.deleteIfExists(folder.resolve(id + ".json"));
    }
}
