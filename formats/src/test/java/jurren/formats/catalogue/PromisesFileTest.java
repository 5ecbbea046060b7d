package jurren.formats.catalogue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import jurren.core.load.Promise;
import jurren.core.load.Roll;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

class PromisesFileTest {
    private static final Colour SKY = Colour.of("#7FC4DA");
    private static final Roll ROLL = new Roll("roll-305", "smooth-film", SKY, 305, 4200, "2026-11-01");

    @TempDir
    private Path folder;

    private PromisesFile file() {
        return new PromisesFile(folder.resolve("shop").resolve("promised.json"));
    }

    private Promise promise(String job, double mm) throws IOException {
        Path kept = folder.resolve(job + ".jurren");
        if (!Files.exists(kept)) {
            Files.writeString(kept, "{}");
        }
        return new Promise(
                kept.toString(),
                job,
                mm == 0 ? List.of() : List.of(new Promise.Take("roll-305", "smooth-film", SKY, mm)));
    }

    private double allMm() {
        return file().read().stream().mapToDouble(p -> p.ofMm(ROLL)).sum();
    }

    @Test
    void eachJobHasOnePromiseAndNoneWhenAllIsCut() throws IOException {
        assertThat(file().read()).isEmpty();
        file().put(promise("fair", 900));
        file().put(promise("otters", 400.04));
        assertThat(file().read()).extracting(Promise::job).containsExactly("fair", "otters");
        assertThat(allMm()).as("to a tenth of a millimetre").isEqualTo(1300);
        file().put(promise("fair", 1200));
        assertThat(allMm()).as("anew, and not besides").isEqualTo(1600);
        assertThat(file().put(promise("fair", 0))).extracting(Promise::job).containsExactly("otters");
    }

    @Test
    void aJobThatIsGonePromisesNothing() throws IOException {
        Promise fair = promise("fair", 900);
        file().put(fair);
        Files.delete(Path.of(fair.file()));
        assertThat(file().read()).isEmpty();
        file().put(promise("otters", 100));
        assertThat(Files.readString(folder.resolve("shop/promised.json"))).doesNotContain("fair");
    }

    @Test
    void aBrokenFileIsBegunAnew() throws IOException {
        Files.createDirectories(folder.resolve("shop"));
        for (String broken : List.of(
                "{",
                "[]",
                "{\"promises\":[{\"file\":\"" + promise("fair", 1).file()
                        + "\",\"takes\":[{\"colour\":\"blue\",\"mm\":4}]}]}",
                "{\"promises\":[{\"file\":\"" + promise("fair", 1).file()
                        + "\",\"takes\":[{\"colour\":\"#7FC4DA\",\"mm\":-4}]}]}",
                "{\"promises\":[{\"file\":\"\\u0000\"}]}")) {
            Files.writeString(folder.resolve("shop/promised.json"), broken);
            assertThat(file().read()).as(broken).isEmpty();
            assertThat(file().put(promise("otters", 100))).hasSize(1);
            assertThat(allMm()).isEqualTo(100);
        }
    }

    @Test
    void manyAtOnceLoseNothing() throws Exception {
        List<Promise> all = new java.util.ArrayList<>();
        for (int i = 0; i < 24; i++) {
            all.add(promise("job " + i, 10 + i));
        }
        try (ExecutorService threads = Executors.newFixedThreadPool(6)) {
            threads.invokeAll(all.stream()
                            .map(p -> (Callable<List<Promise>>) () -> file().put(p))
                            .toList())
                    .forEach(f -> assertThat(f).succeedsWithin(java.time.Duration.ofSeconds(30)));
        }
        assertThat(allMm())
                .isEqualTo(IntStream.range(0, 24).mapToDouble(i -> 10 + i).sum());
    }
}
