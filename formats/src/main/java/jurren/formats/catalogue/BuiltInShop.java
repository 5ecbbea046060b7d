package jurren.formats.catalogue;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import jurren.core.blank.Blank;
import jurren.core.finish.Press;
import jurren.core.job.Prices;
import jurren.core.job.Shop;
import jurren.core.load.Cutter;
import jurren.core.load.Roll;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;

/** Reads the shop that ships with the application. */
public final class BuiltInShop {
    private static final List<String> BLANKS = List.of("tee-adult");

    private record Machines(Cutter cutter, Press press) {
    }

    private record Shelf(List<Roll> rolls, Prices prices) {
    }

    private BuiltInShop() {
    }

    public static Shop read() {
        ObjectMapper mapper = mapper();
        List<Blank> blanks = BLANKS.stream()
                .map(id -> read(mapper, "blanks/" + id + ".json", new TypeReference<Blank>() { })).toList();
        List<Material> materials = read(mapper, "materials.json", new TypeReference<>() { });
        Machines machines = read(mapper, "machines.json", new TypeReference<>() { });
        Shelf shelf = read(mapper, "shelf.json", new TypeReference<>() { });
        return new Shop(blanks, materials, machines.cutter, machines.press, shelf.rolls, shelf.prices);
    }

    private static ObjectMapper mapper() {
        SimpleModule colours = new SimpleModule().addDeserializer(Colour.class, new ColourReader());
        return JsonMapper.builder().addModule(colours)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES).build();
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

    private static final class ColourReader extends StdDeserializer<Colour> {
        private static final long serialVersionUID = 1L;

        ColourReader() {
            super(Colour.class);
        }

        @Override
        public Colour deserialize(JsonParser p, DeserializationContext context) throws IOException {
            return Colour.of(p.getText());
        }
    }
}
