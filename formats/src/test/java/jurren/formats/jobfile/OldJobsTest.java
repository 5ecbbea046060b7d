package jurren.formats.jobfile;

import java.io.IOException;
import java.io.InputStream;
import java.time.Instant;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.load.Layouts;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.formats.catalogue.BuiltInShop;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** One file of every format there was, each written by the program of its day, opens and can be made. */
class OldJobsTest {
    private static final Shop SHOP = BuiltInShop.read();

    private static byte[] file(int format) throws IOException {
        try (InputStream in = OldJobsTest.class.getResourceAsStream("format-" + format + ".jurren")) {
            return in.readAllBytes();
        }
    }

    private static JobDocument open(byte[] content) {
        JobRead read = JobFile.read(content, "old.jurren", SHOP);
        assertThat(read).isInstanceOf(JobRead.Opened.class);
        return ((JobRead.Opened) read).document();
    }

    @ParameterizedTest(name = "format {0}: {1} lines of {2} pieces")
    @CsvSource({"1, 3, 21", "2, 4, 22", "3, 5, 46"})
    void oldFilesOpenAndCanBeMade(int format, int lines, int pieces) throws IOException {
        JobDocument old = open(file(format));
        Job job = old.job();
        assertThat(job.name()).isEqualTo("Otterbrook Kite Fair");
        assertThat(job.lines()).hasSize(lines);
        assertThat(job.lines().stream().mapToLong(l -> l.copies()).sum()).isEqualTo(pieces);
        assertThat(job.laying().layouts()).isEqualTo(Layouts.NONE);
        assertThat(old.versions()).hasSize(1).first().satisfies(v -> {
            assertThat(v.name()).isEqualTo("as first agreed");
            assertThat(v.savedAt()).isEqualTo(Instant.parse("2026-11-20T10:00:00Z"));
            assertThat(v.job()).isEqualTo(job);
        });
        assertThat(open(JobFile.bytes(old))).isEqualTo(old);
        if (format == 1) {
            assertThat(new Planner().plan(job, SHOP).has(Snag.Gravity.UNUSABLE)).isFalse();
        }
    }
}
