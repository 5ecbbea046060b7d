package jurren.formats.start;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import jurren.core.blank.Blank;
import jurren.core.job.MyShop;
import jurren.formats.Refusal;
import jurren.formats.catalogue.BlankFile;
import jurren.formats.catalogue.BlankRead;
import jurren.formats.catalogue.MyShopFile;
import jurren.formats.files.WholeFile;

/**
 * A whole shop in one file, as docs/shop.md tells it: films, machines and prices, and the things and starts of its own.
 * Photos of things stay at home.
 */
public record GivenShop(MyShop shop, List<Blank> things, List<Start> starts) {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** What a file holds, and what of it could not be used. */
    public record Contents(GivenShop shop, List<Refusal> refused) {
        public Contents {
            refused = List.copyOf(refused);
        }
    }

    public GivenShop {
        things = List.copyOf(things);
        starts = List.copyOf(starts);
    }

    public byte[] bytes() {
        try {
            ObjectNode all = (ObjectNode) MAPPER.readTree(MyShopFile.bytes(shop));
            ArrayNode ofThings = all.putArray("things");
            for (Blank b : things) {
                ofThings.add(MAPPER.readTree(BlankFile.write(b.withoutPhoto())));
            }
            ArrayNode ofStarts = all.putArray("starts");
            for (Start s : starts) {
                ofStarts.add(MAPPER.readTree(StartFile.write(s)));
            }
            return MAPPER.writerWithDefaultPrettyPrinter()
                    .writeValueAsString(all)
                    .getBytes(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("a shop could not be written", e);
        }
    }

    /** @param shipped what is not in it stays as it was shipped */
    public static Contents read(Path file, MyShop shipped) throws IOException {
        MyShopFile.Contents shop = new MyShopFile(file, shipped).read();
        List<Refusal> refused = new ArrayList<>(shop.refused());
        List<Blank> things = new ArrayList<>();
        List<Start> starts = new ArrayList<>();
        if (refused.isEmpty()) {
            JsonNode root = MAPPER.readTree(WholeFile.read(file));
            String name = file.getFileName().toString();
            int at = 0;
            for (JsonNode n : root.path("things")) {
                switch (BlankFile.read(name + ", things[" + at++ + "]", MAPPER.writeValueAsBytes(n))) {
                    case BlankRead.Taken t -> things.add(t.blank());
                    case BlankRead.Refused r -> refused.add(r.refusal());
                }
            }
            at = 0;
            for (JsonNode n : root.path("starts")) {
                start(name + ", starts[" + at++ + "]", n, starts, refused);
            }
        }
        return new Contents(new GivenShop(shop.shop(), things, starts), refused);
    }

    private static void start(String where, JsonNode n, List<Start> starts, List<Refusal> refused)
            throws JsonProcessingException {
        try {
            starts.add(StartFile.read(MAPPER.writeValueAsBytes(n), true));
        } catch (StartFile.NotAStart e) {
            refused.add(new Refusal(Refusal.Reason.BROKEN_START, where, e.getMessage()));
        }
    }
}
