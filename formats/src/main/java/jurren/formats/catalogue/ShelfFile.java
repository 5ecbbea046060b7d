package jurren.formats.catalogue;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.load.Offcut;
import jurren.core.load.Roll;
import jurren.core.load.Stock;
import jurren.core.material.Colour;
import jurren.formats.Refusal;
import jurren.formats.files.JsonMisfit;
import jurren.formats.files.OneAtATime;
import jurren.formats.files.SafeFiles;
import jurren.formats.files.WholeFile;

/**
 * The shelf of a shop as a JSON file. What is broken in it is named by its line and field, the rest loads, and is kept
 * as it was when the shelf is written again. Every change is made to what the file says at that moment, so that two
 * windows do not undo each other's.
 */
public final class ShelfFile {
    private static final int FORMAT = 1;
    private static final long MOST_BYTES = 20L << 20;
    private static final int MOST_CORNERS = 20_000;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /**
     * What it holds.
     *
     * @param refused what could not be used, by line and field
     */
    public record Contents(List<Stock> stock, List<Refusal> refused) {
        public Contents {
            stock = List.copyOf(stock);
            refused = List.copyOf(refused);
        }
    }

    private static final Set<String> FIELDS =
            Set.of("kind", "id", "material", "colour", "since", "price", "widthMm", "lengthMm", "outline");

    private record Entry(JsonNode node, Stock stock) {}

    /**
     * What it holds.
     *
     * @param others   what a later edition wrote beside the stock
     * @param readable whether all of it could be taken apart; otherwise writing it would lose something
     */
    private record Content(List<Entry> entries, List<Refusal> refused, ObjectNode others, boolean readable) {
        List<Stock> stock() {
            return entries.stream()
                    .filter(e -> e.stock != null)
                    .map(Entry::stock)
                    .toList();
        }

        /** What was written beside the fields that are known here. */
        Map<String, ObjectNode> unknown() {
            Map<String, ObjectNode> unknown = new HashMap<>();
            for (Entry e : entries) {
                if (e.stock != null && e.node instanceof ObjectNode told) {
                    ObjectNode rest = told.deepCopy().remove(FIELDS);
                    if (!rest.isEmpty()) {
                        unknown.put(key(e.stock), rest);
                    }
                }
            }
            return unknown;
        }
    }

    private static String key(Stock s) {
        return s.id() + " " + s.materialId() + " " + s.colour().hex();
    }

    private final Path file;
    private final List<Stock> before;

    /** @param before what hangs there as long as there is no file */
    public ShelfFile(Path file, List<? extends Stock> before) {
        this.file = file;
        this.before = List.copyOf(before);
    }

    public Contents read() {
        if (!Files.exists(file)) {
            return new Contents(before, List.of());
        }
        Content content = content();
        return new Contents(content.stock(), content.refused);
    }

    /** Changes what the file says now; the shelf as it is afterwards. */
    public List<Stock> change(UnaryOperator<List<Stock>> change) throws IOException {
        return OneAtATime.with(file, () -> {
            Content content = Files.exists(file)
                    ? content()
                    : new Content(
                            before.stream().map(s -> new Entry(null, s)).toList(),
                            List.of(),
                            MAPPER.createObjectNode(),
                            true);
            if (!content.readable) {
                throw new IOException(content.refused.getLast().file() + ", "
                        + content.refused.getLast().detail());
            }
            List<Stock> after = named(change.apply(content.stock()));
            Map<String, ObjectNode> unknown = content.unknown();
            ObjectNode all = MAPPER.createObjectNode().put("format", FORMAT);
            ArrayNode stock = all.putArray("stock");
            after.forEach(s -> {
                ObjectNode told = write(s);
                Optional.ofNullable(unknown.get(key(s))).ifPresent(told::setAll);
                stock.add(told);
            });
            content.entries.stream()
                    .filter(e -> e.stock == null && e.node != null)
                    .forEach(e -> stock.add(e.node));
            all.setAll(content.others);
            SafeFiles.write(file, MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(all));
            return after;
        });
    }

    /** Two pieces of one film never have one name. */
    private static List<Stock> named(List<Stock> stock) {
        Set<String> names = new HashSet<>();
        Map<String, Integer> tried = new HashMap<>();
        List<Stock> all = new ArrayList<>();
        for (Stock s : stock) {
            Stock own = s;
            // equal ones are numbered on from the last, or many would take for ever
            for (int n = tried.getOrDefault(key(s), 2); !names.add(key(own)); n++) {
                own = s.named(s.id() + "-" + n);
                tried.put(key(s), n + 1);
            }
            all.add(own);
        }
        return all;
    }

    private Content content() {
        List<Entry> entries = new ArrayList<>();
        List<Refusal> refused = new ArrayList<>();
        String name = file.getFileName().toString();
        ObjectNode others = MAPPER.createObjectNode();
        boolean readable = false;
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new IOException("it is larger than 20 MB");
            }
            try (JsonParser parser = MAPPER.createParser(WholeFile.read(file))) {
                shelf(parser, entries, refused, others, name);
                readable = true;
            }
        } catch (JsonProcessingException e) {
            refused.add(new Refusal(
                    Refusal.Reason.BROKEN_SHELF,
                    name,
                    "line " + (e.getLocation() == null ? "?" : e.getLocation().getLineNr()) + ": "
                            + JsonMisfit.what(e)));
        } catch (IOException e) {
            refused.add(new Refusal(Refusal.Reason.UNREADABLE, name, String.valueOf(e.getMessage())));
        }
        return new Content(entries, refused, others, readable);
    }

    /** Anything but a shelf of a format that is known here is no shelf: it is never written over. */
    private static void shelf(
            JsonParser parser, List<Entry> entries, List<Refusal> refused, ObjectNode others, String name)
            throws IOException {
        if (parser.nextToken() != JsonToken.START_OBJECT) {
            throw new IOException("it does not hold a shelf");
        }
        boolean found = false;
        while (parser.nextToken() == JsonToken.FIELD_NAME) {
            String field = parser.currentName();
            JsonToken value = parser.nextToken();
            switch (field) {
                case "format" -> {
                    if (value != JsonToken.VALUE_NUMBER_INT || parser.getIntValue() > FORMAT) {
                        throw new IOException("it is of a later format than " + FORMAT);
                    }
                }
                case "stock" -> {
                    if (value != JsonToken.START_ARRAY) {
                        throw new IOException("its stock is no list");
                    }
                    found = true;
                    stock(parser, entries, refused, name);
                }
                default -> others.set(field, MAPPER.readTree(parser));
            }
        }
        if (!found) {
            throw new IOException("it does not hold a shelf");
        }
    }

    private static void stock(JsonParser parser, List<Entry> entries, List<Refusal> refused, String name)
            throws IOException {
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            int line = parser.currentTokenLocation().getLineNr();
            JsonNode node = MAPPER.readTree(parser);
            try {
                entries.add(new Entry(node, read(node)));
            } catch (IllegalArgumentException e) {
                entries.add(new Entry(node, null));
                refused.add(new Refusal(Refusal.Reason.BROKEN_SHELF, name, "line " + line + ": " + e.getMessage()));
            }
        }
    }

    private static Stock read(JsonNode n) {
        String kind = text(n, "kind");
        String id = text(n, "id");
        String material = text(n, "material");
        Colour colour = Colour.of(text(n, "colour"));
        String since = n.path("since").asText("");
        Optional<Double> price = n.has("price") ? Optional.of(number(n, "price")) : Optional.empty();
        return switch (kind) {
            case "roll" -> new Roll(id, material, colour, number(n, "widthMm"), number(n, "lengthMm"), since, price);
            case "sheet", "offcut" ->
                new Offcut(id, material, colour, outline(n.path("outline")), kind.equals("sheet"), since, price);
            default -> throw new IllegalArgumentException("kind must be roll, sheet or offcut but is \"" + kind + "\"");
        };
    }

    private static String text(JsonNode n, String field) {
        String text = n.path(field).asText("");
        if (text.isBlank()) {
            throw new IllegalArgumentException(field + " is missing");
        }
        return text;
    }

    private static double number(JsonNode n, String field) {
        if (!n.path(field).isNumber() || !Double.isFinite(n.path(field).asDouble())) {
            throw new IllegalArgumentException(field + " must be a number");
        }
        return n.path(field).asDouble();
    }

    private static Region outline(JsonNode rings) {
        if (!rings.isArray() || rings.isEmpty()) {
            throw new IllegalArgumentException("outline is missing");
        }
        List<Outline> all = new ArrayList<>();
        for (JsonNode ring : rings) {
            if (ring.size() < 3 || ring.size() > MOST_CORNERS) {
                throw new IllegalArgumentException("outline needs 3 to " + MOST_CORNERS + " corners");
            }
            List<Point> points = new ArrayList<>();
            for (JsonNode p : ring) {
                double x = p.path(0).asDouble(Double.NaN);
                double y = p.path(1).asDouble(Double.NaN);
                if (!(Math.abs(x) < 1e5 && Math.abs(y) < 1e5)) {
                    throw new IllegalArgumentException("outline has a corner that is no place");
                }
                points.add(new Point(x, y));
            }
            all.add(Outline.of(points));
        }
        Region region = Region.enclosedBy(all, FillRule.EVEN_ODD);
        if (region.pieceCount() > 1) {
            throw new IllegalArgumentException("outline crosses itself");
        }
        return region;
    }

    private static ObjectNode write(Stock stock) {
        ObjectNode n = MAPPER.createObjectNode();
        switch (stock) {
            case Roll r -> head(n, "roll", r).put("widthMm", r.widthMm()).put("lengthMm", r.lengthMm());
            case Offcut o -> {
                ArrayNode rings = head(n, o.whole() ? "sheet" : "offcut", o).putArray("outline");
                for (Piece p : o.outline().pieces()) {
                    ring(rings, p.outer());
                    p.holes().forEach(h -> ring(rings, h));
                }
            }
        }
        return n;
    }

    private static ObjectNode head(ObjectNode n, String kind, Stock s) {
        n.put("kind", kind)
                .put("id", s.id())
                .put("material", s.materialId())
                .put("colour", s.colour().hex());
        s.price().ifPresent(p -> n.put("price", p));
        return s.since().isEmpty() ? n : n.put("since", s.since());
    }

    private static void ring(ArrayNode rings, Outline o) {
        ArrayNode ring = rings.addArray();
        for (int i = 0; i < o.size(); i++) {
            ring.addArray().add(o.xMm(i)).add(o.yMm(i));
        }
    }
}
