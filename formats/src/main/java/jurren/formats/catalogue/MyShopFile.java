package jurren.formats.catalogue;

import com.fasterxml.jackson.core.JacksonException;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import jurren.core.finish.HandTime;
import jurren.core.finish.HandTimes;
import jurren.core.finish.Press;
import jurren.core.job.MyShop;
import jurren.core.job.Prices;
import jurren.core.load.Connection;
import jurren.core.load.Cutter;
import jurren.core.load.Dialect;
import jurren.core.load.Feed;
import jurren.core.load.Head;
import jurren.core.load.Printer;
import jurren.core.load.Sensors;
import jurren.core.material.Material;
import jurren.formats.Refusal;
import jurren.formats.files.JsonMisfit;
import jurren.formats.files.OneAtATime;
import jurren.formats.files.SafeFiles;
import jurren.formats.files.WholeFile;

/**
 * What a person made their own of the shop, as a JSON file. What is not told in it is as it was shipped. What is broken
 * is named with its place and the reason, the rest is used, and is kept as it was when the file is written again. Every
 * change is made to what the file says at that moment, so that two windows do not undo each other's.
 */
public final class MyShopFile {
    private static final int FORMAT = 1;
    private static final long MOST_BYTES = 50L << 20;
    private static final int MOST_MACHINES = 50;
    private static final int MOST_FILMS = 500;
    private static final double MOST_MM = 10_000;
    private static final double MOST_CELSIUS = 300;
    private static final double MOST_KNIFE_MM = 1e10;
    private static final List<String> LISTS = List.of("films", "cutters", "presses", "printers");
    private static final Set<String> KNOWN = Set.of(
            "format", "films", "cutters", "presses", "printers", "printer", "prices", "forces", "knives", "notes");
    /** Among what is kept: what a later edition wrote beside what is known here. */
    private static final String OTHERS = "";

    private static final ObjectMapper MAPPER = CatalogueMapper.make();

    /** What it holds. */
    public record Contents(MyShop shop, List<Refusal> refused) {
        public Contents {
            refused = List.copyOf(refused);
        }
    }

    private interface Reader<T> {
        T read(JsonNode n) throws IOException;
    }

    /** @param kept what could not be used, by the list it stands in */
    private record Content(MyShop shop, List<Refusal> refused, Map<String, List<JsonNode>> kept, boolean readable) {}

    private final Path file;
    private final MyShop shipped;

    public MyShopFile(Path file, MyShop shipped) {
        this.file = file;
        this.shipped = shipped;
    }

    public Contents read() {
        if (!Files.exists(file)) {
            return new Contents(shipped, List.of());
        }
        Content c = content();
        return new Contents(c.shop, c.refused);
    }

    /** Changes what the file says now; the shop as it is afterwards. */
    public MyShop change(UnaryOperator<MyShop> change) throws IOException {
        return OneAtATime.with(file, () -> {
            Content c = Files.exists(file) ? content() : new Content(shipped, List.of(), Map.of(), true);
            if (!c.readable) {
                throw new IOException(
                        c.refused.getLast().file() + ": " + c.refused.getLast().detail());
            }
            MyShop after = change.apply(c.shop);
            SafeFiles.write(file, bytes(after, c.shop, c.kept));
            return after;
        });
    }

    /** As it is given away. */
    public static byte[] bytes(MyShop shop) {
        return bytes(shop, shop, Map.of());
    }

    /** @param before as it was: what was broken and is not changed stays as it is */
    private static byte[] bytes(MyShop shop, MyShop before, Map<String, List<JsonNode>> kept) {
        ObjectNode all = MAPPER.createObjectNode().put("format", FORMAT);
        list(all, "films", shop.films(), kept);
        list(all, "cutters", shop.cutters(), kept);
        list(all, "presses", shop.presses(), kept);
        list(all, "printers", shop.printers(), kept);
        all.set(
                "prices",
                kept.containsKey("prices") && shop.prices().equals(before.prices())
                        ? kept.get("prices").getFirst()
                        : prices(shop.prices()));
        ObjectNode forces = all.putObject("forces");
        new TreeMap<>(shop.forces()).forEach(forces::put);
        ObjectNode knives = all.putObject("knives");
        new TreeMap<>(shop.knives()).forEach(knives::put);
        ObjectNode notes = all.putObject("notes");
        new TreeMap<>(shop.notes()).forEach(notes::put);
        kept.getOrDefault(OTHERS, List.of()).forEach(o -> all.setAll((ObjectNode) o));
        try {
            return MAPPER.writerWithDefaultPrettyPrinter()
                    .writeValueAsString(all)
                    .getBytes(StandardCharsets.UTF_8);
        } catch (JacksonException e) {
            throw new IllegalStateException("a shop could not be written", e);
        }
    }

    private static void list(ObjectNode all, String name, List<?> items, Map<String, List<JsonNode>> kept) {
        ArrayNode list = all.putArray(name);
        items.forEach(i -> list.add(MAPPER.<JsonNode>valueToTree(i)));
        kept.getOrDefault(name, List.of()).forEach(list::add);
    }

    private Content content() {
        List<Refusal> refused = new ArrayList<>();
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new IOException("it is larger than 50 MB");
            }
            return content(WholeFile.read(file), refused);
        } catch (IOException e) {
            String why = e instanceof JacksonException j
                    ? "line " + (j.getLocation() == null ? 1 : j.getLocation().getLineNr()) + " is no JSON"
                    : e.getMessage();
            refused.add(new Refusal(Refusal.Reason.BROKEN_SHOP, name(), why));
            return new Content(shipped, refused, Map.of(), false);
        }
    }

    private String name() {
        return file.getFileName().toString();
    }

    private Content content(byte[] bytes, List<Refusal> refused) throws IOException {
        JsonNode root = MAPPER.readTree(bytes);
        if (!root.isObject()) {
            throw new IOException("it does not hold a shop");
        }
        if (root.path("format").asInt(FORMAT) > FORMAT) {
            throw new IOException("a newer Jurren wrote it");
        }
        for (String list : LISTS) {
            if (root.has(list) && !root.path(list).isArray()) {
                throw new IOException(list + " is no list");
            }
        }
        Map<String, List<JsonNode>> kept = new LinkedHashMap<>();
        kept.put(OTHERS, List.of(((ObjectNode) root.deepCopy()).remove(KNOWN)));
        List<Material> films =
                some(root, "films", MOST_FILMS, n -> MaterialFile.read(MAPPER.writeValueAsBytes(n)), refused, kept);
        List<Cutter> cutters = some(root, "cutters", MOST_MACHINES, MyShopFile::cutter, refused, kept);
        List<Press> presses = some(root, "presses", MOST_MACHINES, MyShopFile::press, refused, kept);
        List<Printer> printers = some(
                root.has("printers") ? root : oneBefore(root),
                "printers",
                MOST_MACHINES,
                MyShopFile::printer,
                refused,
                kept);
        Prices prices = one(root, "prices", MyShopFile::prices, shipped.prices(), refused, kept);
        Map<String, String> notes = new LinkedHashMap<>();
        root.path("notes")
                .properties()
                .forEach(e -> notes.put(e.getKey(), e.getValue().asText()));
        return new Content(
                new MyShop(
                        films,
                        cutters.isEmpty() ? shipped.cutters() : cutters,
                        presses.isEmpty() ? shipped.presses() : presses,
                        printers.isEmpty() ? shipped.printers() : printers,
                        prices,
                        figures(root, "forces", MOST_MM, refused),
                        figures(root, "knives", MOST_KNIFE_MM, refused),
                        notes),
                refused,
                kept,
                true);
    }

    /** Earlier files had one printer. */
    private static JsonNode oneBefore(JsonNode root) {
        ObjectNode list = MAPPER.createObjectNode();
        if (root.has("printer")) {
            list.putArray("printers").add(root.path("printer"));
        }
        return list;
    }

    private <T> List<T> some(
            JsonNode root,
            String name,
            int most,
            Reader<T> reader,
            List<Refusal> refused,
            Map<String, List<JsonNode>> kept) {
        List<T> all = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        int at = 0;
        for (JsonNode n : root.path(name)) {
            String where = name() + ", " + name + "[" + at++ + "]";
            try {
                if (all.size() == most) {
                    throw new IOException("there are more than " + most);
                }
                if (n.path("id").asText("").isBlank() || !ids.add(n.path("id").asText())) {
                    throw new IOException("id must be there, and not twice");
                }
                all.add(reader.read(n));
            } catch (IOException | IllegalArgumentException e) {
                refused.add(new Refusal(Refusal.Reason.BROKEN_SHOP, where, reason(e)));
                kept.computeIfAbsent(name, _ -> new ArrayList<>()).add(n);
            }
        }
        return all;
    }

    private Map<String, Double> figures(JsonNode root, String list, double most, List<Refusal> refused) {
        Map<String, Double> figures = new LinkedHashMap<>();
        root.path(list).properties().forEach(e -> {
            double figure = e.getValue().asDouble(-1);
            if (figure > 0 && figure < most) {
                figures.put(e.getKey(), figure);
            } else if (figure != 0) {
                refused.add(new Refusal(
                        Refusal.Reason.BROKEN_SHOP,
                        name() + ", " + list,
                        "\"" + e.getKey() + "\" has no figure that can be"));
            }
        });
        return figures;
    }

    private <T> T one(
            JsonNode root,
            String name,
            Reader<T> reader,
            T shipped,
            List<Refusal> refused,
            Map<String, List<JsonNode>> kept) {
        if (!root.has(name)) {
            return shipped;
        }
        try {
            return reader.read(root.path(name));
        } catch (IOException | IllegalArgumentException e) {
            refused.add(new Refusal(Refusal.Reason.BROKEN_SHOP, name() + ", " + name, reason(e)));
            kept.put(name, List.of(root.path(name)));
            return shipped;
        }
    }

    /** With the field, where the mapper knows which. */
    private static String reason(Exception e) {
        return e instanceof JsonProcessingException j ? JsonMisfit.told(j, "") : e.getMessage();
    }

    /** Files of before sheets were told know rolls that are true. */
    private static Printer printer(JsonNode node) throws IOException {
        ObjectNode whole = node.deepCopy();
        if (!whole.has("sheets")) {
            whole.put("sheets", false).put("trueAcross", 1).put("trueAlong", 1);
        }
        return MAPPER.treeToValue(whole, Printer.class);
    }

    private static Cutter cutter(JsonNode n) throws IOException {
        ObjectNode whole = n.deepCopy();
        // a file of an earlier version tells less
        usual(whole, "head", Head.USUAL);
        usual(whole, "reach", Connection.STAND_IN);
        usual(whole, "speech", Dialect.USUAL);
        usual(whole, "senses", Sensors.NONE);
        usual(whole, "feed", Feed.ROLL);
        Cutter c = MAPPER.treeToValue(whole, Cutter.class);
        within("widthMm", c.widthMm());
        within("beforeMm", c.beforeMm());
        within("afterMm", c.afterMm());
        within("travelMmS", c.travelMmS());
        return c;
    }

    /** What is not told is as usual. */
    private static void usual(ObjectNode whole, String part, Record usual) {
        ObjectNode all = MAPPER.valueToTree(usual);
        if (whole.get(part) instanceof ObjectNode told) {
            all.setAll(told);
        }
        if (!whole.has(part) || whole.get(part).isObject()) {
            whole.set(part, all);
        }
    }

    private static Press press(JsonNode n) throws IOException {
        Press p = MAPPER.treeToValue(n, Press.class);
        within("platenWidthMm", p.platenWidthMm());
        within("platenHeightMm", p.platenHeightMm());
        if (p.mostCelsius() > MOST_CELSIUS) {
            throw new IllegalArgumentException("mostCelsius must be at most 300 but is " + p.mostCelsius());
        }
        return p;
    }

    private static Prices prices(JsonNode n) throws IOException {
        ObjectNode whole = prices(
                new Prices(n.path("currency").asText("$"), n.path("pressHour").asDouble()));
        n.properties().forEach(e -> whole.set(e.getKey(), e.getValue()));
        whole.putObject("times").putObject("tuned");
        return MAPPER.treeToValue(whole, Prices.class).withTimes(times(n.path("times")));
    }

    /** Of times only those that are not as usual, by their words. */
    private static ObjectNode prices(Prices prices) {
        ObjectNode node = MAPPER.valueToTree(prices);
        node.remove("times");
        if (!prices.times().equals(HandTimes.USUAL)) {
            ObjectNode times = node.putObject("times");
            Arrays.stream(HandTime.values())
                    .filter(t -> prices.times().tuned().containsKey(t))
                    .forEach(t -> times.put(t.word(), prices.times().of(t)));
        }
        return node;
    }

    private static HandTimes times(JsonNode n) {
        HandTimes times = HandTimes.USUAL;
        for (Map.Entry<String, JsonNode> e : n.properties()) {
            HandTime time = Arrays.stream(HandTime.values())
                    .filter(t -> t.word().equals(e.getKey()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("times." + e.getKey() + " is not known"));
            if (!e.getValue().isNumber()) {
                throw new IllegalArgumentException("times." + e.getKey() + " is not a number");
            }
            times = times.with(time, e.getValue().asDouble());
        }
        return times;
    }

    private static void within(String field, double value) {
        if (!(value <= MOST_MM)) {
            throw new IllegalArgumentException(field + " must be at most 10,000 but is " + value);
        }
    }
}
