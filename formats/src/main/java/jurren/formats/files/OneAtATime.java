package jurren.formats.files;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * Changes a file that several windows share: one reads and writes it at a time, so that none undoes what another did.
 */
public final class OneAtATime {
    /** What is done meanwhile. */
    public interface Change<T> {
        T make() throws IOException;
    }

    private OneAtATime() {}

    /** Within one process by a monitor, between processes by a lock file beside it. */
    public static <T> T with(Path file, Change<T> change) throws IOException {
        Files.createDirectories(file.toAbsolutePath().getParent());
        Path lock = file.resolveSibling(file.getFileName() + ".lock");
        synchronized (OneAtATime.class) {
            try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                    FileLock _ = channel.lock()) {
                return change.make();
            }
        }
    }
}
