package jurren.app.session;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import jurren.app.theme.Texts;
import jurren.core.blank.Blank;
import jurren.core.finish.Press;
import jurren.core.job.MyShop;
import jurren.core.load.Cutter;
import jurren.core.load.Printer;
import jurren.core.material.Material;
import jurren.formats.start.GivenShop;
import jurren.formats.start.Start;

/**
 * What somebody else's file would bring and what of one's own it would replace, before it does.
 *
 * @param file of which it is
 * @param take does it
 */
public record Offered(Path file, String text, Runnable take) {
    static Offered thing(Path file, Blank thing, boolean replaces, Runnable take) {
        return of(file, Texts.of("offer.thing", thing.name(), thing.sizes().size()), thing.name(), replaces, take);
    }

    static Offered start(Path file, Start start, boolean replaces, Runnable take) {
        return of(file, Texts.of("offer.start", start.name(), start.motifs().size()), start.name(), replaces, take);
    }

    private static Offered of(Path file, String brings, String name, boolean replaces, Runnable take) {
        return new Offered(
                file,
                brings + "\n\n" + (replaces ? Texts.of("offer.replaces", name) : Texts.of("offer.replaces-nothing")),
                take);
    }

    static Offered shop(Path file, GivenShop given, MyShop mine, Runnable take) {
        MyShop other = given.shop();
        List<String> brings = new ArrayList<>();
        add(brings, "offer.films", other.films(), Material::name);
        add(brings, "offer.cutters", other.cutters(), Cutter::name);
        add(brings, "offer.presses", other.presses(), Press::name);
        add(brings, "offer.printers", other.printers(), Printer::name);
        add(brings, "offer.things", given.things(), Blank::name);
        add(brings, "offer.starts", given.starts(), Start::name);
        List<String> gone = new ArrayList<>();
        add(
                gone,
                "offer.films",
                mine.films().stream()
                        .filter(f ->
                                other.film(f.id()).filter(o -> !o.equals(f)).isPresent())
                        .toList(),
                Material::name);
        add(gone, "offer.cutters", mine.cutters(), Cutter::name);
        add(gone, "offer.presses", mine.presses(), Press::name);
        add(gone, "offer.printers", mine.printers(), Printer::name);
        return new Offered(
                file,
                Texts.of("offer.brings", String.join("; ", brings)) + "\n\n"
                        + Texts.of("offer.instead", String.join("; ", gone)) + "\n\n"
                        + Texts.of("offer.reach"),
                take);
    }

    private static <T> void add(List<String> to, String key, List<T> items, Function<T, String> name) {
        if (!items.isEmpty()) {
            to.add(Texts.of(
                    key,
                    items.size(),
                    String.join(", ", items.stream().map(name).limit(6).toList()) + (items.size() > 6 ? ", …" : "")));
        }
    }
}
