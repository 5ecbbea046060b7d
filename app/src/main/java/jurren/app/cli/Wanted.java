package jurren.app.cli;

import jurren.core.blank.Blank;
import jurren.core.blank.BlankSize;
import jurren.core.job.Shop;
import java.util.stream.Collectors;

/** What a command line names, or a sentence that says what there is. */
final class Wanted {
    private Wanted() {
    }

    static Blank blank(Shop shop, String id) {
        return shop.blank(id).orElseThrow(() -> new Problem(CliTexts.text("make.no-blank", id,
                shop.blanks().stream().map(Blank::id).collect(Collectors.joining(", ")))));
    }

    /** @param size null for the blank's reference size */
    static BlankSize size(Blank blank, String size) {
        return size == null ? blank.reference() : blank.size(size).orElseThrow(() -> new Problem(CliTexts.text("make.no-size",
                blank.name(), size, blank.sizes().stream().map(BlankSize::id).collect(Collectors.joining(" ")))));
    }
}
