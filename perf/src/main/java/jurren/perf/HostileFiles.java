package jurren.perf;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ContainerNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.sun.management.OperatingSystemMXBean;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import jurren.core.art.Motif;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Treatments;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.material.Colour;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.Refusal;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.catalogue.MyShopFile;
import jurren.formats.catalogue.OwnBlanks;
import jurren.formats.catalogue.PromisesFile;
import jurren.formats.catalogue.ShelfFile;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.start.GivenShop;
import jurren.formats.start.Starts;
import jurren.formats.words.Units;
import jurren.formats.words.Words;

/**
 * Jobs, shelves, shops, things and starts whose fields were made hostile, from seeds: figures that are tiny, huge or no
 * numbers, texts that are long or empty, lists that are empty or far too long, fields that are missing, of another kind
 * or of another place. What is read is planned. Counts what throws, what takes more than ten seconds of processor time
 * to be read and what takes more than thirty to be planned (the demo alone takes five where nothing is warm). Arguments: how many, where to begin, a folder for the files (then they are written there and not read).
 */
public final class HostileFiles {
    private static final Shop SHOP = BuiltInShop.read();
    private static final double LONG_TO_READ_MS = 10_000;
    private static final double LONG_TO_PLAN_MS = 30_000;
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final List<String> KINDS = List.of("job", "job", "job", "shelf", "shop", "thing", "start", "given");

    private final Path work;
    private final OperatingSystemMXBean machine = (OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();
    private final Map<String, int[]> counts = new LinkedHashMap<>();
    private double plannedMs;
    private double slowestMs;
    private String slowest = "";
    private double slowestPlanMs;

    private HostileFiles(Path work) {
        this.work = work;
    }

    public static void main(String[] args) throws IOException {
        int count = args.length > 0 ? Integer.parseInt(args[0]) : 500;
        int first = args.length > 1 ? Integer.parseInt(args[1]) : 0;
        HostileFiles run = new HostileFiles(Files.createTempDirectory("hostile"));
        for (int i = first; i < first + count; i++) {
            if (args.length > 2) {
                run.write(i, Path.of(args[2]));
            } else {
                run.one(i);
            }
        }
        run.print();
    }

    private void write(int seed, Path folder) throws IOException {
        Random random = new Random(seed * 0x9E3779B97F4A7C15L);
        if (KINDS.get(random.nextInt(KINDS.size())).equals("job")) {
            Files.createDirectories(folder);
            Files.write(folder.resolve(seed + ".jurren"), job(random));
        }
    }

    private void one(int seed) throws IOException {
        Random random = new Random(seed * 0x9E3779B97F4A7C15L);
        String kind = KINDS.get(random.nextInt(KINDS.size()));
        int[] c = counts.computeIfAbsent(kind, _ -> new int[5]);
        c[0]++;
        plannedMs = 0;
        double from = processorMs();
        Thread watch = watch(seed, kind, Thread.currentThread());
        try {
            List<String> says = read(kind, random);
            c[1] += says.isEmpty() ? 0 : 1;
            for (String s : says) {
                if (s.isBlank() || s.contains("Exception") || s.contains("`") || s.contains("java.")) {
                    System.out.println("no sentence: seed " + seed + " " + kind + ": " + s);
                }
            }
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            c[2]++;
            System.out.println("seed " + seed + " " + kind + " " + e + " at "
                    + Arrays.stream(root(e).getStackTrace()).limit(20).toList());
        }
        watch.interrupt();
        double ms = processorMs() - from - plannedMs;
        if (ms > LONG_TO_READ_MS || plannedMs > LONG_TO_PLAN_MS) {
            c[ms > LONG_TO_READ_MS ? 3 : 4]++;
            System.out.printf(
                    Locale.ROOT, "seed %d %s took %.0f ms to read and %.0f to plan%n", seed, kind, ms, plannedMs);
        }
        slowestPlanMs = Math.max(slowestPlanMs, plannedMs);
        if (ms > slowestMs) {
            slowestMs = ms;
            slowest = "seed " + seed + " " + kind;
        }
    }

    private static Throwable root(Throwable e) {
        return e.getCause() == null ? e : root(e.getCause());
    }

    /** Tells what holds a reading that takes too long. */
    private static Thread watch(int seed, String kind, Thread reader) {
        return Thread.startVirtualThread(() -> {
            try {
                Thread.sleep(30_000);
                System.out.println("seed " + seed + " " + kind + " is at "
                        + Arrays.stream(reader.getStackTrace()).limit(25).toList());
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
            }
        });
    }

    /** The sentences that are said of it. */
    private List<String> read(String kind, Random random) throws IOException {
        Words words = new Words(Units.METRIC);
        return switch (kind) {
            case "job" ->
                switch (JobFile.read(job(random), "x.jurren", SHOP)) {
                    case JobRead.Refused r -> List.of(words.refusal(r.refusal()));
                    case JobRead.Opened o -> planned(o.document().job(), SHOP, words);
                };
            case "shelf" -> {
                Path file = file("shelf.json", Text.bad(shelf(random), random));
                ShelfFile.Contents read = new ShelfFile(file, List.of()).read();
                new PromisesFile(file).read();
                planned(DemoJob.simple(), SHOP.withShelf(read.stock()), words);
                yield said(read.refused(), words);
            }
            case "shop" -> {
                Path file = file("shop.json", Text.bad(MAPPER.readTree(MyShopFile.bytes(SHOP.mine())), random));
                MyShopFile.Contents read = new MyShopFile(file, SHOP.mine()).read();
                planned(DemoJob.simple(), SHOP.with(read.shop()), words);
                yield said(read.refused(), words);
            }
            case "thing" -> {
                Path folder = Files.createTempDirectory(work, "things");
                OwnBlanks own = new OwnBlanks(folder);
                own.save(SHOP.blanks().get(random.nextInt(SHOP.blanks().size())));
                spoil(folder, random);
                yield said(own.read().refused(), words);
            }
            case "start" -> {
                Path folder = Files.createTempDirectory(work, "starts");
                Starts starts = new Starts(folder);
                starts.save(Starts.shipped().get(random.nextInt(Starts.shipped().size())));
                spoil(folder, random);
                yield said(starts.read().refused(), words);
            }
            default -> {
                byte[] good = new GivenShop(SHOP.mine(), SHOP.blanks().subList(0, 2), Starts.shipped()).bytes();
                Path file = file("given.json", Text.bad(MAPPER.readTree(good), random));
                yield said(GivenShop.read(file, SHOP.mine()).refused(), words);
            }
        };
    }

    /** The one file of a folder. */
    private static void spoil(Path folder, Random random) throws IOException {
        Path file;
        try (var all = Files.list(folder)) {
            file = all.findFirst().orElseThrow();
        }
        Files.write(file, Text.bad(MAPPER.readTree(file.toFile()), random));
    }

    private Path file(String name, byte[] content) throws IOException {
        return Files.write(work.resolve(name), content);
    }

    private static List<String> said(List<Refusal> refused, Words words) {
        return refused.stream().map(words::refusal).toList();
    }

    private List<String> planned(Job job, Shop shop, Words words) {
        double from = processorMs();
        Plan plan = new Planner().plan(job, shop);
        plannedMs = processorMs() - from;
        return plan.snags().stream().map(s -> words.snag(s, plan)).toList();
    }

    private double processorMs() {
        return machine.getProcessCpuTime() / 1e6;
    }

    private static JsonNode shelf(Random random) {
        ObjectNode root = MAPPER.createObjectNode().put("format", 1);
        ArrayNode stock = root.putArray("stock");
        for (int i = 0; i < 5; i++) {
            stock.addObject()
                    .put("kind", "roll")
                    .put("id", "r" + i)
                    .put("material", "smooth-film")
                    .put("colour", "#E8743B")
                    .put("widthMm", 380)
                    .put("lengthMm", 9000 + random.nextInt(9))
                    .put("price", 12.5);
            ArrayNode ring = stock.addObject()
                    .put("kind", "offcut")
                    .put("id", "o" + i)
                    .put("material", "smooth-film")
                    .put("colour", "#7FC4DA")
                    .putArray("outline");
            for (double[] p : new double[][] {{0, 0}, {200, 0}, {200, 90}, {0, 90}}) {
                ring.addArray().add(p[0]).add(p[1]);
            }
        }
        return root;
    }

    /** A job of the demo with treatments of any kind on its motifs, then made hostile. */
    private static byte[] job(Random random) throws IOException {
        Job job = random.nextBoolean() ? DemoJob.make() : DemoJob.simple();
        List<Treatments.Kind> kinds = Treatments.kinds();
        String line = job.lines().get(random.nextInt(job.lines().size())).id();
        Job treated = job.withLine(
                line,
                l -> l.withMotifs(
                        l.motifs().stream().map(m -> treated(m, kinds, random)).toList()));
        byte[] good = JobFile.bytes(JobDocument.of(treated));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(good));
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                zip.putNextEntry(new ZipEntry(e.getName()));
                byte[] part = in.readAllBytes();
                zip.write(e.getName().equals("job.json") ? Text.bad(MAPPER.readTree(part), random) : part);
            }
        }
        return out.toByteArray();
    }

    private static Motif treated(Motif m, List<Treatments.Kind> kinds, Random random) {
        List<Treatment> more = new ArrayList<>(m.treatments());
        for (int i = random.nextInt(4); i > 0; i--) {
            more.add(kinds.get(random.nextInt(kinds.size())).fresh().apply(new Colour(random.nextInt(1 << 24))));
        }
        return m.withTreatments(more);
    }

    private void print() {
        System.out.println("| kind | files | said something | exceptions | over 10 s to read | over 30 s to plan |");
        System.out.println("|---|---|---|---|---|---|");
        counts.forEach((kind, c) -> System.out.printf(
                Locale.ROOT, "| %s | %d | %d | %d | %d | %d |%n", kind, c[0], c[1], c[2], c[3], c[4]));
        System.out.printf(
                Locale.ROOT,
                "slowest %.0f ms of processor time to read (%s), %.0f ms to plan; the heap may grow to %d MB%n",
                slowestMs,
                slowest,
                slowestPlanMs,
                Runtime.getRuntime().maxMemory() >> 20);
    }

    /** JSON with some of its values made hostile. */
    private static final class Text {
        private record At(ContainerNode<?> parent, String name, int index) {
            JsonNode value() {
                return parent instanceof ObjectNode o ? o.get(name) : parent.get(index);
            }

            void set(JsonNode value) {
                if (parent instanceof ObjectNode o) {
                    o.set(name, value);
                } else {
                    ((ArrayNode) parent).set(index, value);
                }
            }
        }

        private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;
        private static final double[] FIGURES = {
            0, -1, 1e-9, 1e-6, 0.001, 0.01, 0.5, 1.5, 7, 1000, 5000, 99_999, 1e6, 1e9, 1e300, -1e300, 2147483648.0
        };

        private Text() {}

        static byte[] bad(JsonNode root, Random random) throws IOException {
            List<At> places = new ArrayList<>();
            collect(root, places);
            List<At> figures = places.stream().filter(p -> p.value().isNumber()).toList();
            // most of what a job does it does with its figures
            for (int i = 1 + random.nextInt(4); i > 0; i--) {
                List<At> of = random.nextInt(3) > 0 && !figures.isEmpty() ? figures : places;
                At at = of.get(random.nextInt(of.size()));
                if (at.value() != null) {
                    change(at, places, random);
                }
            }
            byte[] text = MAPPER.writeValueAsBytes(root);
            if (random.nextInt(12) == 0) {
                return new String(text, StandardCharsets.UTF_8)
                        .replaceFirst(
                                ":[0-9.]+",
                                ":" + List.of("NaN", "1e999", "0x10", "1,5", "").get(random.nextInt(5)))
                        .getBytes(StandardCharsets.UTF_8);
            }
            return text;
        }

        private static void collect(JsonNode node, List<At> into) {
            if (node instanceof ObjectNode o) {
                o.fieldNames().forEachRemaining(n -> into.add(new At(o, n, -1)));
            } else if (node instanceof ArrayNode a) {
                for (int i = 0; i < a.size(); i++) {
                    into.add(new At(a, "", i));
                }
            }
            node.forEach(n -> collect(n, into));
        }

        private static void change(At at, List<At> others, Random random) {
            JsonNode was = at.value();
            at.set(
                    switch (random.nextInt(8)) {
                        case 0 -> anything(random);
                        case 1 ->
                            others.get(random.nextInt(others.size())).value() instanceof JsonNode n && n.isValueNode()
                                    ? n
                                    : MAKE.nullNode();
                        default ->
                            switch (was.getNodeType()) {
                                case NUMBER -> MAKE.numberNode(FIGURES[random.nextInt(FIGURES.length)]);
                                case BOOLEAN -> MAKE.booleanNode(!was.booleanValue());
                                case STRING -> MAKE.textNode(text(was.textValue(), random));
                                case ARRAY -> list((ArrayNode) was, random);
                                default -> anything(random);
                            };
                    });
        }

        private static JsonNode anything(Random random) {
            return switch (random.nextInt(7)) {
                case 0 -> MAKE.nullNode();
                case 1 -> MAKE.arrayNode();
                case 2 -> MAKE.objectNode();
                case 3 -> MAKE.textNode("");
                case 4 -> MAKE.booleanNode(true);
                case 5 -> MAKE.numberNode(FIGURES[random.nextInt(FIGURES.length)]);
                default -> {
                    ArrayNode deep = MAKE.arrayNode();
                    for (int i = 0; i < 900; i++) {
                        deep = MAKE.arrayNode().add(deep);
                    }
                    yield deep;
                }
            };
        }

        private static String text(String was, Random random) {
            return switch (random.nextInt(8)) {
                case 0 -> "";
                case 1 -> "W".repeat(1000);
                case 2 -> "../../../etc/passwd";
                case 3 -> "\u0000\u202e\ud800{0}'%s\n";
                case 4 -> was + was;
                case 5 -> "אבג ﷽ e\u0301\u0301\u0301 👩‍👩‍👧‍👦".repeat(20);
                case 6 -> "lines\n".repeat(500);
                default -> was.isEmpty() ? "x" : was.substring(1);
            };
        }

        private static JsonNode list(ArrayNode was, Random random) {
            if (random.nextInt(4) == 0 || was.isEmpty()) {
                return MAKE.arrayNode();
            }
            ArrayNode many = was.deepCopy();
            int most = List.of(2, 20, 400, 3000).get(random.nextInt(4));
            for (int i = 0; i < most && many.size() < 20_000; i++) {
                many.add(was.get(i % was.size()).deepCopy());
            }
            return many;
        }
    }
}
