package jurren.app.cutter;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

class WatchedFolderTest {
    private static final byte[] LOAD = "IN;PA;SP1;".getBytes(StandardCharsets.US_ASCII);

    @TempDir
    private Path folder;

    @Test
    void aFolderGetsAFileOfTheLoadsName() throws IOException {
        WatchedFolder.put(folder, "load-1.plt", LOAD);
        assertThat(folder.resolve("load-1.plt")).hasBinaryContent(LOAD);
    }

    @Test
    void aFileKeepsItsName() throws IOException {
        Path file = folder.resolve("to-cut.plt");
        WatchedFolder.put(file, "load-1.plt", "before".getBytes(StandardCharsets.US_ASCII));
        WatchedFolder.put(file, "load-2.plt", LOAD);
        assertThat(file).hasBinaryContent(LOAD);
        try (var all = Files.list(folder)) {
            assertThat(all).containsExactly(file);
        }
    }

    @Test
    @EnabledOnOs(OS.LINUX)
    void whatLeadsOnIsWrittenThrough() throws IOException {
        Path through = Files.createSymbolicLink(folder.resolve("cutter"), Path.of("/dev/null"));
        WatchedFolder.put(through, "load-1.plt", LOAD);
        assertThat(Files.isSymbolicLink(through)).isTrue();
        assertThat(WatchedFolder.canBe(through)).isTrue();
    }

    @Test
    void nothingCanBePutWhereNothingIs() {
        assertThat(WatchedFolder.canBe(folder)).isTrue();
        assertThat(WatchedFolder.canBe(folder.resolve("new.plt"))).isTrue();
        assertThat(WatchedFolder.canBe(folder.resolve("gone")))
                .as("more likely a folder that is gone")
                .isFalse();
        assertThat(WatchedFolder.canBe(folder.resolve("gone/new.plt"))).isFalse();
    }
}
