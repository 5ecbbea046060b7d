package jurren.formats.catalogue;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import jurren.core.blank.Blank;
import jurren.core.finish.Press;
import jurren.core.job.Prices;
import jurren.core.job.Shop;
import jurren.core.load.Cutter;
import jurren.core.load.Printer;
import jurren.core.load.Roll;
import jurren.core.material.Colour;
import jurren.core.material.Material;

/** Reads the shop that ships with the application. */
public final class BuiltInShop {
    private record Machines(List<Cutter> cutters, List<Printer> printers, List<Press> presses) {}

    private record Shelf(List<Hanging> rolls, Prices prices) {}

    private record Hanging(String id, String materialId, Colour colour, double widthMm, double lengthMm) {
        Roll roll() {
            return new Roll(id, materialId, colour, widthMm, lengthMm);
        }
    }

    private BuiltInShop() {}

    public static Shop read() {
        ObjectMapper mapper = CatalogueMapper.make();
        List<String> ids = read(mapper, "blanks.json", new TypeReference<>() {});
        List<Blank> blanks = ids.parallelStream()
                .map(id -> read(mapper, "blanks/" + id + ".json", new TypeReference<Blank>() {}))
                .toList();
        List<Material> materials = read(mapper, "materials.json", new TypeReference<>() {});
        Machines machines = read(mapper, "machines.json", new TypeReference<>() {});
        Shelf shelf = read(mapper, "shelf.json", new TypeReference<>() {});
        return new Shop(
                blanks,
                materials,
                machines.cutters,
                machines.printers.getFirst(),
                machines.presses,
                List.copyOf(shelf.rolls.stream().map(Hanging::roll).toList()),
                shelf.prices);
    }

    /** What prints may come out of: the one of the shop first, then the sheets that desk printers take. */
    public static List<Printer> printers() {
        return read(CatalogueMapper.make(), "machines.json", new TypeReference<Machines>() {}).printers;
    }

    private static <T> T read(ObjectMapper mapper, String name, TypeReference<T> type) {
        try (InputStream in = BuiltInShop.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("the catalogue file " + name + " is missing from the application");
            }
            return mapper.readValue(in, type);
        } catch (IOException e) {
            throw new UncheckedIOException("the catalogue file " + name + " is broken", e);
        }
    }
}
