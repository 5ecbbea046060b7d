package jurren.app.cli;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jurren.core.art.Drawing;
import jurren.core.art.DrawnShape;
import jurren.core.art.Films;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.job.Shop;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.formats.catalogue.ShelfFile;
import jurren.formats.words.Words;

/** What a command line names, or a sentence that says what there is. */
final class Wanted {
    private static final int MOST_COPIES = 10_000;

    private Wanted() {}

    static Blank blank(Shop shop, String id) {
        return shop.blank(id)
                .orElseThrow(() -> new Problem(CliTexts.text(
                        "make.no-blank",
                        id,
                        shop.blanks().stream().map(Blank::id).collect(Collectors.joining(", ")))));
    }

    /**
     * The shop with the shelf of a file, as it is when there is none. What of it cannot be used is said, the rest hangs
     * there.
     */
    static Shop stock(Shop shop, Path file, Words words, PrintWriter said) {
        if (file == null) {
            return shop;
        }
        if (!Files.isReadable(file)) {
            throw new Problem(CliTexts.text("make.unreadable", file));
        }
        ShelfFile.Contents found = new ShelfFile(file, List.of()).read();
        List<String> sentences = found.refused().stream().map(words::refusal).toList();
        if (found.stock().isEmpty() && !sentences.isEmpty()) {
            throw new Problem(sentences.getFirst());
        }
        sentences.forEach(said::println);
        said.flush();
        return shop.withShelf(found.stock());
    }

    static Material material(Shop shop, String id) {
        return shop.material(id).orElseThrow(() -> new Problem(CliTexts.text("make.no-material", id)));
    }

    /** By its id or its name. */
    static boolean isFace(Face face, String wanted) {
        return face.id().equalsIgnoreCase(wanted) || face.name().equalsIgnoreCase(wanted);
    }

    static Face face(Blank blank, String wanted) {
        return blank.reference().faces().stream()
                .filter(f -> isFace(f, wanted))
                .findFirst()
                .orElseThrow(() -> new Problem(CliTexts.text(
                        "template.no-face",
                        blank.name(),
                        wanted,
                        blank.reference().faces().stream().map(Face::id).collect(Collectors.joining(" ")))));
    }

    /** @param said colours of a drawing, by code or by the name they are sold under, with what each is made of */
    static Films films(Shop shop, Drawing drawing, Map<String, String> said) {
        Films films = Films.USUAL;
        Set<Colour> there =
                drawing.shapes().stream().map(DrawnShape::colour).collect(Collectors.toCollection(LinkedHashSet::new));
        for (Map.Entry<String, String> e : said.entrySet()) {
            Material material = material(shop, e.getValue().strip());
            Colour wanted = there.stream()
                    .filter(c -> isCalled(shop, c, e.getKey().strip()))
                    .findFirst()
                    .orElseThrow(() -> new Problem(CliTexts.text(
                            "make.no-such-colour",
                            e.getKey(),
                            there.stream().map(c -> named(shop, c)).collect(Collectors.joining(", ")))));
            if (films.of(wanted).filter(id -> !id.equals(material.id())).isPresent()) {
                throw new Problem(CliTexts.text("make.two-films", named(shop, wanted)));
            }
            films = films.with(wanted, Optional.of(material.id()));
        }
        return films;
    }

    /** Its code, with the name it is sold under. */
    private static String named(Shop shop, Colour colour) {
        String name = shop.colourName(colour);
        return name.equals(colour.hex()) ? name : name + " (" + colour.hex() + ")";
    }

    private static boolean isCalled(Shop shop, Colour colour, String name) {
        return colour.hex().equalsIgnoreCase(name)
                || shop.materials().stream()
                        .flatMap(m -> m.sold(colour).stream())
                        .anyMatch(c -> c.name().equalsIgnoreCase(name));
    }

    /** @param colour null for the first that the blank comes in */
    static BlankColour colour(Blank blank, String colour) {
        return colour == null
                ? blank.colours().getFirst()
                : blank.colour(colour)
                        .orElseThrow(() -> new Problem(CliTexts.text("make.no-colour", blank.name(), colour)));
    }

    static int copies(int copies) {
        if (copies < 1 || copies > MOST_COPIES) {
            throw new Problem(CliTexts.text("make.no-copies", String.valueOf(copies)));
        }
        return copies;
    }

    /** @param size null for the blank's reference size */
    static BlankSize size(Blank blank, String size) {
        return size == null
                ? blank.reference()
                : blank.size(size)
                        .orElseThrow(() -> new Problem(CliTexts.text(
                                "make.no-size",
                                blank.name(),
                                size,
                                blank.sizes().stream().map(BlankSize::id).collect(Collectors.joining(" ")))));
    }
}
