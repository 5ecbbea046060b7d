package jurren.app.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jurren.core.blank.Blank;
import jurren.core.blank.Photo;
import jurren.core.job.Shop;
import jurren.formats.catalogue.BuiltInShop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

class ShopFolderTest {
    private static final Shop SHOP = BuiltInShop.read();

    @TempDir
    private Path folder;

    @Test
    void theShopHasItsOwnBlanksAndTheirPhotos() throws IOException {
        ShopFolder own = new ShopFolder(folder);
        assertThat(own.shop().blanks()).hasSameSizeAs(SHOP.blanks());
        Blank mine = SHOP.blanks().getFirst().copied("own-tee", "My tee");
        own.save(mine);
        assertThat(own.shop().blanks().getFirst()).isEqualTo(mine);
        Files.writeString(folder.resolve("blanks/broken.json"), "{");
        assertThat(own.refused())
                .singleElement()
                .satisfies(r -> assertThat(r.file()).isEqualTo("broken.json"));
        assertThat(own.own()).containsExactly(mine);
        assertThat(own.photo(new Photo("../../etc/passwd", 1, 0, 0)))
                .as("a photo lies beside its blank, whatever it is called")
                .isEqualTo(folder.resolve("blanks/passwd"));
        own.remove("own-tee");
        assertThat(own.own()).isEmpty();
    }

    @Test
    void aFontThatIsRemovedCanBeBroughtBack() throws IOException {
        ShopFolder own = new ShopFolder(folder);
        own.keepFont("kite.ttf", new byte[] {1, 2, 3});
        assertThat(own.fonts()).containsExactly("kite.ttf");
        byte[] content = own.removeFont("kite.ttf");
        assertThat(own.fonts()).isEmpty();
        own.keepFont("../kite.ttf", content);
        assertThat(own.fonts())
                .as("it lies in its folder, whatever it is called")
                .containsExactly("kite.ttf");
    }
}
