package jurren.app.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Isolated;

import static org.assertj.core.api.Assertions.assertThat;

@Isolated
class FaultLogTest {
    @TempDir
    Path folder;

    @Test
    void whatWasCaughtStandsThereWholeWithoutAnythingOfAJob() throws IOException {
        FaultLog.open(folder);
        FaultLog.caught(
                "laying out",
                new IllegalStateException(
                        "it gave up", new IllegalArgumentException("the motif \"For Grandma\" is gone")));
        String log = Files.readString(folder.resolve("jurren-0.log"));
        assertThat(log)
                .contains("SEVERE laying out", "java.lang.IllegalStateException", "Caused by", "FaultLogTest.java")
                .doesNotContain("Grandma");
        assertThat(FaultLog.report())
                .contains("Jurren " + FaultLog.VERSION, "Java 2", "java.lang.IllegalArgumentException", "laying out")
                .doesNotContain("Grandma");
        FaultLog.caught("saving", new java.nio.file.NoSuchFileException("/home/me/For Grandma.jurren"));
        FaultLog.caught("planning", new NullPointerException("because <local4> is null"));
        assertThat(Files.readString(folder.resolve("jurren-0.log")))
                .contains("NoSuchFileException", "because <local4> is null")
                .doesNotContain("Grandma");
        for (int i = 0; i < 1200; i++) {
            FaultLog.caught("again", new IOException("no room"));
        }
        assertThat(Files.size(folder.resolve("jurren-0.log"))).isLessThan(500_000);
    }
}
