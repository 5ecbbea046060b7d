package jurren.app.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jurren.core.blank.Blank;
import jurren.core.blank.Photo;
import jurren.core.job.Shop;
import jurren.core.lettering.FontRefused;
import jurren.core.lettering.NamedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.formats.Refusal;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.catalogue.MyShopFile;
import jurren.formats.catalogue.OwnBlanks;
import jurren.formats.catalogue.PromisesFile;
import jurren.formats.catalogue.ShelfFile;
import jurren.formats.files.SafeFiles;
import jurren.formats.start.Starts;

/** The shop that ships with the application, with the blanks a person measured kept in a folder of their own. */
public final class ShopFolder {
    private final OwnBlanks own;
    private final Path blanks;
    private final Path fonts;
    private static final String USUAL_CUT_COLOUR = "Cut line";

    private final Starts starts;
    private final Path cutColour;
    private final Path shelf;
    private final Path mine;
    private final PromisesFile promises;

    /** Read once. */
    private static final class Shipped {
        static final Shop SHOP = BuiltInShop.read();
    }

    public ShopFolder(Path folder) {
        this.blanks = folder.resolve("blanks");
        this.own = new OwnBlanks(blanks);
        this.cutColour = folder.resolve("cut-colour.txt");
        this.shelf = folder.resolve("shelf.json");
        this.mine = folder.resolve("shop.json");
        this.promises = new PromisesFile(folder.resolve("promised.json"));
        this.fonts = folder.resolve("fonts");
        this.starts = new Starts(folder.resolve("starts"));
    }

    public static ShopFolder usual() {
        return new ShopFolder(StateFolder.usual());
    }

    public Shop shop() {
        Shop built = Shipped.SHOP;
        return built.with(mine(built).read().shop())
                .withOwn(own.read().blanks())
                .withShelf(shelf(built).read().stock());
    }

    /** As it was shipped. */
    public static Shop shipped() {
        return Shipped.SHOP;
    }

    /** What a person made their own of films, machines and prices. */
    public MyShopFile mine() {
        return mine(Shipped.SHOP);
    }

    private MyShopFile mine(Shop built) {
        return new MyShopFile(mine, built.mine());
    }

    /** What hangs and lies in this shop; until something of it was changed, what ships with the application. */
    public ShelfFile shelf() {
        return shelf(Shipped.SHOP);
    }

    private ShelfFile shelf(Shop built) {
        return new ShelfFile(shelf, built.shelf());
    }

    /** What open jobs promise of it. */
    public PromisesFile promises() {
        return promises;
    }

    public Starts starts() {
        return starts;
    }

    /** Takes the fonts that were opened before into this process; those that cannot be taken any more are left out. */
    public void loadFonts() {
        for (Path file : fontFiles()) {
            try {
                Typefaces.open(Files.readAllBytes(file));
            } catch (IOException | FontRefused _) {
                continue;
            }
        }
    }

    private List<Path> fontFiles() {
        if (!Files.isDirectory(fonts)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(fonts)) {
            return files.sorted().toList();
        } catch (IOException _) {
            return List.of();
        }
    }

    /** Takes a font file and keeps it for next time. */
    public NamedTypeface openFont(Path file) throws IOException, FontRefused {
        byte[] content = Files.readAllBytes(file);
        NamedTypeface opened = Typefaces.open(content);
        SafeFiles.write(fonts.resolve(file.getFileName().toString()), content);
        return opened;
    }

    /** The font files that were opened, by the name of the file. */
    public List<String> fonts() {
        return fontFiles().stream().map(f -> f.getFileName().toString()).toList();
    }

    /** It is known until the window closes, and not opened again next time. */
    public byte[] removeFont(String file) throws IOException {
        Path font = fonts.resolve(Path.of(file).getFileName());
        byte[] content = Files.readAllBytes(font);
        Files.delete(font);
        return content;
    }

    public void keepFont(String file, byte[] content) throws IOException {
        SafeFiles.write(fonts.resolve(Path.of(file).getFileName()), content);
    }

    /** The name of the spot colour in which a print shop wants the cut line; what was last used. */
    public String cutColour() {
        try {
            return Files.exists(cutColour) ? Files.readString(cutColour).strip() : USUAL_CUT_COLOUR;
        } catch (IOException _) {
            return USUAL_CUT_COLOUR;
        }
    }

    public void keepCutColour(String name) {
        try {
            SafeFiles.write(cutColour, name.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        } catch (IOException _) {
            // it is asked for again next time
            return;
        }
    }

    public List<Blank> own() {
        return own.read().blanks();
    }

    /** The files in it that could not be used. */
    public List<Refusal> refused() {
        List<Refusal> all = new ArrayList<>(own.read().refused());
        all.addAll(mine().read().refused());
        return all;
    }

    /** Keeps a photo beside its blank, under the name that the blank gives it. */
    public void savePhoto(Blank blank, Path photo) throws IOException {
        if (blank.photo().isPresent()) {
            SafeFiles.write(photo(blank.photo().get()), Files.readAllBytes(photo));
        }
    }

    public Path photo(Photo photo) {
        return blanks.resolve(Path.of(photo.file()).getFileName());
    }

    public void save(Blank blank) throws IOException {
        own.save(blank);
    }

    public void remove(String id) throws IOException {
        own.remove(id);
    }
}
