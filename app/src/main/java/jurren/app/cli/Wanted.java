package jurren.app.cli;

import jurren.core.blank.Blank;
import jurren.core.blank.BlankSize;
import jurren.core.blank.BlankColour;
import jurren.core.job.Shop;
import jurren.core.material.Material;
import java.util.stream.Collectors;

/** What a command line names, or a sentence that says what there is. */
final class Wanted {
    private static final int MOST_COPIES = 10_000;

    private Wanted() {
    }

    static Blank blank(Shop shop, String id) {
        return shop.blank(id).orElseThrow(() -> new Problem(CliTexts.text("make.no-blank", id,
                shop.blanks().stream().map(Blank::id).collect(Collectors.joining(", ")))));
    }

    /** A material that lines can be made of. */
    static Material material(Shop shop, String id) {
        Material material = shop.material(id).orElseThrow(() -> new Problem(CliTexts.text("make.no-material", id)));
        if (!material.process().isWorked()) {
            throw new Problem(CliTexts.text("make.not-worked", material.name()));
        }
        return material;
    }

    /** @param colour null for the first that the blank comes in */
    static BlankColour colour(Blank blank, String colour) {
        return colour == null ? blank.colours().getFirst() : blank.colour(colour)
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
        return size == null ? blank.reference() : blank.size(size).orElseThrow(() -> new Problem(CliTexts.text("make.no-size",
                blank.name(), size, blank.sizes().stream().map(BlankSize::id).collect(Collectors.joining(" ")))));
    }
}
