package jurren.formats.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIOException;

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

    /** As any program's: the umask decides for a new file, the file itself for one that is replaced. */
    @Test
    void whoMayReadIsAsForAnyOtherFile() throws IOException {
        org.junit.jupiter.api.Assumptions.assumeTrue(Files.getFileStore(folder).supportsFileAttributeView("posix"));
        Path plain = Files.writeString(folder.resolve("plain"), "as the umask says");
        Path written = folder.resolve("written");
        SafeFiles.write(written, bytes("x"));
        assertThat(Files.getPosixFilePermissions(written)).isEqualTo(Files.getPosixFilePermissions(plain));
        var only = java.nio.file.attribute.PosixFilePermissions.fromString("rw-------");
        Files.setPosixFilePermissions(written, only);
        SafeFiles.write(written, bytes("y"));
        assertThat(Files.getPosixFilePermissions(written)).isEqualTo(only);
        assertThat(written).hasContent("y");
    }
}
