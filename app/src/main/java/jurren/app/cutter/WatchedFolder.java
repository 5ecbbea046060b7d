package jurren.app.cutter;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import jurren.formats.files.SafeFiles;

/** A folder or a file that the cutter's own program watches, or that leads to the cutter itself. */
public final class WatchedFolder {
    private WatchedFolder() {}

    /** Whether something can be put there: a folder that is there, or a file in one that is. */
    public static boolean canBe(Path where) {
        return Files.isDirectory(where)
                || Files.exists(where)
                || where.getFileName() != null
                        && where.getFileName().toString().contains(".")
                        && folder(where).filter(Files::isDirectory).isPresent();
    }

    private static Optional<Path> folder(Path file) {
        return Optional.ofNullable(file.toAbsolutePath().getParent());
    }

    /** @param name of the file in a folder; a watched file keeps its own */
    static void put(Path where, String name, byte[] content) throws IOException {
        if (Files.isDirectory(where)) {
            SafeFiles.write(where.resolve(name), content);
        } else if (Files.exists(where) && !Files.isRegularFile(where, LinkOption.NOFOLLOW_LINKS)) {
            // something that leads on, a device or a pipe, is written through and never replaced
            Files.write(where, content, StandardOpenOption.WRITE);
        } else {
            SafeFiles.write(where, content);
        }
    }
}
