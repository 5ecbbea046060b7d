package jurren.formats.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIOException;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SafeFilesTest {
    @TempDir
    private Path folder;

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void theNewContentReplacesTheOldWhole() throws IOException {
        Path file = folder.resolve("deep/er/job.jurren");
        SafeFiles.write(file, bytes("old and long"));
        SafeFiles.write(file, bytes("new"));
        assertThat(file).hasContent("new");
        assertThat(SafeFiles.leftovers(file.getParent())).isEmpty();
    }

    @Test
    void allFilesOrNone() throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("a.txt", bytes("a"));
        files.put("b.txt", bytes("b"));
        SafeFiles.writeAll(folder, files);
        assertThat(folder.resolve("a.txt")).hasContent("a");
        assertThat(folder.resolve("b.txt")).hasContent("b");

        Files.createDirectory(folder.resolve("taken"));
        Files.writeString(folder.resolve("taken/inside"), "x");
        Map<String, byte[]> more = new LinkedHashMap<>();
        more.put("taken", bytes("cannot replace a folder"));
        more.put("c.txt", bytes("c"));
        assertThatIOException().isThrownBy(() -> SafeFiles.writeAll(folder, more));
        assertThat(folder.resolve("c.txt")).doesNotExist();
        assertThat(folder.resolve("taken/inside")).hasContent("x");
        assertThat(SafeFiles.leftovers(folder)).isEmpty();
    }

    @Test
    void aFolderThatCannotBeIsNotMade() throws IOException {
        Files.writeString(folder.resolve("file"), "x");
        assertThatIOException().isThrownBy(() -> SafeFiles.write(folder.resolve("file/job.jurren"), bytes("y")));
        assertThat(folder.resolve("file")).hasContent("x");
    }
}
