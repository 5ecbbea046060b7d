package jurren.app.session;

import static org.assertj.core.api.Assertions.assertThat;

import jurren.core.blank.Blank;
import jurren.core.job.Shop;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeeperTest {
    private static final Shop SHOP = BuiltInShop.read();

    @TempDir
    private Path folder;

    private List<Path> kept() throws IOException {
        try (var files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().startsWith("unsaved-")).toList();
        }
    }

    @Test
    void whatIsKeptIsWrittenBeforeItCloses() throws IOException {
        Keeper keeper = new Keeper(folder);
        keeper.keep(JobDocument.of(DemoJob.make()));
        keeper.keep(JobDocument.of(DemoJob.make().withName("the last of them")));
        assertThat(keeper.takeLeftBehind(SHOP)).as("its own work is not left behind").isEmpty();
        keeper.forget();
        keeper.close();
        assertThat(kept()).isEmpty();
    }

    /** A process that is gone left its work; it comes back once. */
    @Test
    void aCrashLeavesItsWorkBehindAndItComesBackOnce() throws IOException {
        JobDocument work = JobDocument.of(DemoJob.make().withName("after the crash"));
        JobFile.write(work, folder.resolve("unsaved-999999999.jurren"));
        Keeper keeper = new Keeper(folder);
        assertThat(keeper.takeLeftBehind(SHOP)).contains(work);
        assertThat(keeper.takeLeftBehind(SHOP)).isEmpty();
        keeper.close();
    }

    @Test
    void whatCannotBeReadIsNotBroughtBack() throws IOException {
        Files.writeString(folder.resolve("unsaved-999999999.jurren"), "half a fi");
        Files.writeString(folder.resolve("unsaved-notapid.jurren"), "");
        Keeper keeper = new Keeper(folder);
        assertThat(keeper.takeLeftBehind(SHOP)).isEmpty();
        keeper.close();
        assertThat(new Keeper(folder.resolve("nowhere")).takeLeftBehind(SHOP)).isEmpty();
    }

    @Test
    void choicesAreRememberedFromOneDayToTheNext() {
        Keeper keeper = new Keeper(folder);
        assertThat(keeper.choice("unit", "INCH")).isEqualTo("INCH");
        keeper.choose("unit", "MILLIMETRE");
        keeper.choose("other", "ö and =");
        keeper.close();
        Keeper next = new Keeper(folder);
        assertThat(next.choice("unit", "INCH")).isEqualTo("MILLIMETRE");
        assertThat(next.choice("other", "")).isEqualTo("ö and =");
        next.close();
    }

    @Test
    void theShopHasItsOwnBlanksAndTheirPhotos() throws IOException {
        ShopFolder own = new ShopFolder(folder);
        assertThat(own.shop().blanks()).hasSameSizeAs(SHOP.blanks());
        Blank mine = SHOP.blanks().getFirst().copied("own-tee", "My tee");
        own.save(mine);
        assertThat(own.shop().blanks().getFirst()).isEqualTo(mine);
        Files.writeString(folder.resolve("blanks/broken.json"), "{");
        assertThat(own.refused()).singleElement().satisfies(r -> assertThat(r.file()).isEqualTo("broken.json"));
        assertThat(own.own()).containsExactly(mine);
        assertThat(own.photo(new jurren.core.blank.Photo("../../etc/passwd", 1, 0, 0)))
                .as("a photo lies beside its blank, whatever it is called").isEqualTo(folder.resolve("blanks/passwd"));
        own.remove("own-tee");
        assertThat(own.own()).isEmpty();
    }
}
