package jurren.formats.files;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class WholeFileTest {
    @TempDir
    Path folder;

    @Test
    void whatIsThereIsRead() throws IOException {
        Path file = Files.write(folder.resolve("a"), new byte[] {1, 2, 3});
        assertThat(WholeFile.read(file)).containsExactly(1, 2, 3);
        assertThat(WholeFile.read(file, 3)).hasSize(3);
        assertThatThrownBy(() -> WholeFile.read(folder.resolve("none"))).isInstanceOf(NoSuchFileException.class);
    }

    /** Five gigabytes of nothing take no room on the disk, and are not read. */
    @Test
    void whatIsTooLargeIsSaidSoBeforeItIsRead() throws IOException {
        Path file = folder.resolve("large.svg");
        try (RandomAccessFile large = new RandomAccessFile(file.toFile(), "rw")) {
            large.setLength(5L << 30);
        }
        assertThatThrownBy(() -> WholeFile.read(file))
                .isInstanceOf(WholeFile.TooLarge.class)
                .hasMessageContaining("5,120 MB")
                .hasMessageContaining("512 MB");
        assertThatThrownBy(() -> WholeFile.read(Files.write(folder.resolve("b"), new byte[9]), 8))
                .isInstanceOf(WholeFile.TooLarge.class);
    }
}
