package jurren.formats.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileSystemLoopException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ThreadLocalRandom;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Writes files so that a reader sees the old content or the new, never a part: everything goes to a
 * temporary file beside the target, is forced to disk, and is renamed over it.
 */
public final class SafeFiles {
    private static final int MOST_LINKS = 40;
    private static final Pattern PART = Pattern.compile("\\.(.+)\\.[0-9a-z]+\\.part");
    /** No writer takes so long. */
    private static final Duration SURELY_DEAD = Duration.ofHours(1);

    private SafeFiles() {}

    /** A link stays one: what it leads to is written. */
    public static void write(Path named, byte[] content) throws IOException {
        Path target = behindLinks(named);
        Path folder = target.toAbsolutePath().getParent();
        Files.createDirectories(folder);
        writeAll(folder, Map.of(target.getFileName().toString(), content));
    }

    private static Path behindLinks(Path named) throws IOException {
        Path at = named;
        for (int i = 0; Files.isSymbolicLink(at); i++) {
            if (i == MOST_LINKS) {
                throw new FileSystemLoopException(named.toString());
            }
            at = at.toAbsolutePath().resolveSibling(Files.readSymbolicLink(at)).normalize();
        }
        return at;
    }

    /** All files are on disk under temporary names before the first is renamed; names give the order. */
    public static void writeAll(Path folder, Map<String, byte[]> files) throws IOException {
        boolean made = !Files.exists(folder, LinkOption.NOFOLLOW_LINKS);
        Files.createDirectories(folder);
        Map<Path, Path> written = new LinkedHashMap<>();
        try {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                Path target = folder.resolve(file.getKey());
                Path temporary = temporary(folder, file.getKey());
                written.put(temporary, target);
                force(temporary, file.getValue());
                likeBefore(temporary, target);
            }
            for (Map.Entry<Path, Path> file : written.entrySet()) {
                rename(file.getKey(), file.getValue());
            }
            sweep(folder, files.keySet());
        } catch (IOException e) {
            written.keySet().forEach(SafeFiles::deleteQuietly);
            if (made) {
                deleteQuietly(folder);
            }
            throw e;
        }
    }

    /** What a machine that stopped in the middle of writing the same files left behind long ago. */
    private static void sweep(Path folder, Set<String> names) {
        try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, ".*.part")) {
            for (Path part : parts) {
                Matcher m = PART.matcher(part.getFileName().toString());
                boolean old = Files.getLastModifiedTime(part)
                        .toInstant()
                        .isBefore(Instant.now().minus(SURELY_DEAD));
                if (m.matches() && names.contains(m.group(1)) && old) {
                    deleteQuietly(part);
                }
            }
        } catch (IOException | DirectoryIteratorException _) {
            // they are only in the way; the next writer tries again
        }
    }

    /** Made as any program makes a file, so that who may read it is as this person wants it for new files. */
    private static Path temporary(Path folder, String name) throws IOException {
        return Files.createFile(folder.resolve("." + name + "."
                + Long.toUnsignedString(ThreadLocalRandom.current().nextLong(), Character.MAX_RADIX) + ".part"));
    }

    /** Who may read the file that is replaced may read the new one. */
    private static void likeBefore(Path temporary, Path target) throws IOException {
        if (Files.exists(target) && Files.getFileStore(target).supportsFileAttributeView("posix")) {
            Files.setPosixFilePermissions(temporary, Files.getPosixFilePermissions(target));
        }
    }

    /** The names that {@link #writeAll} would leave behind if the machine stopped in the middle. */
    public static List<Path> leftovers(Path folder) throws IOException {
        List<Path> found = new ArrayList<>();
        try (var names = Files.newDirectoryStream(folder, ".*.part")) {
            names.forEach(found::add);
        }
        return found;
    }

    private static void force(Path file, byte[] content) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            ByteBuffer left = ByteBuffer.wrap(content);
            while (left.hasRemaining()) {
                channel.write(left);
            }
            channel.force(true);
        }
    }

    private static void rename(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static void deleteQuietly(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException _) {
            // what was wrong with the disk is already on its way to the caller
        }
    }
}
