package jurren.formats.plan;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.cure.Remedies;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.dryrun.DryRun;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Region;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.load.Load;
import jurren.core.load.Offcut;
import jurren.core.load.PieceNames;
import jurren.core.load.Stock;
import jurren.core.material.Material;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.Shopping;
import jurren.core.snag.Snag;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.hpgl.HpglWriter;
import jurren.formats.opening.AnyDrawing;
import jurren.formats.print.GuidePdf;
import jurren.formats.print.Paper;
import jurren.formats.print.Proof;
import jurren.formats.print.TicketPdf;
import jurren.formats.svg.LoadSvg;
import jurren.formats.svg.SvgReader;
import jurren.formats.words.Units;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

@Tag("long")
class JobPapersTest {
    private static final Plan PLAN = new Planner().plan(DemoJob.simple(), BuiltInShop.read());
    private static Map<String, byte[]> files;

    /** Not while the class is still being made: another thread runs what is given here. */
    @BeforeAll
    static void writeAll() {
        files = JobPapers.all(
                        PLAN,
                        JobPapers.cutFiles(PLAN),
                        JobPapers.printFiles(PLAN),
                        () -> new DryRun(List.of(), List.of()),
                        Units.AMERICAN,
                        Remedies.NONE,
                        Paper.LETTER)
                .files();
    }

    @Test
    void everyFileOfAJobIsThere() {
        assertThat(files)
                .containsOnlyKeys(
                        "load-1.plt",
                        "load-2.plt",
                        "load-3.plt",
                        "load-4.plt",
                        "load-5.plt",
                        "load-6.plt",
                        "load-6.svg",
                        "load-1.svg",
                        "load-2.svg",
                        "load-3.svg",
                        "load-4.svg",
                        "load-5.svg",
                        "print-1.pdf",
                        "ticket.pdf",
                        "run.pdf",
                        "proof.png",
                        "plan.json");
    }

    @Test
    void planJsonKeepsItsContract() throws IOException {
        JsonNode json = new ObjectMapper().readTree(files.get("plan.json"));
        JsonNode medium = json.path("lines").path(1);

        assertThat(json.path("format").asInt()).isEqualTo(1);
        assertThat(json.path("job").asText()).isEqualTo("Otterbrook Kite Fair");
        assertThat(json.path("lines")).hasSize(7);
        assertThat(medium.path("size").asText()).isEqualTo("M");
        assertThat(medium.path("copies").asInt()).isEqualTo(4);
        assertThat(medium.path("face").path("surface").asText()).isEqualTo("flat");
        assertThat(medium.path("art").path("widthMm").asDouble()).isCloseTo(254, within(0.3));
        assertThat(medium.path("layers"))
                .hasSize(3)
                .allSatisfy(l -> assertThat(l.path("reversed").asBoolean()).isTrue());
        assertThat(medium.path("layers").path(0).path("areaMm2").asDouble()).isPositive();
        JsonNode cup = json.path("lines").path(4);
        assertThat(cup.path("face").path("surface").asText()).isEqualTo("cone");
        assertThat(cup.path("face").path("topDiameterMm").asDouble()).isEqualTo(87);
        assertThat(cup.path("layers"))
                .singleElement()
                .satisfies(l -> assertThat(l.path("name").asText()).isEqualTo("Dye print"));
        assertThat(cup.path("steps"))
                .extracting(s -> s.path("kind").asText())
                .containsExactly("clean", "tape", "sleeve", "press", "turn", "press", "peel", "cool");
        assertThat(json.path("prints"))
                .singleElement()
                .satisfies(p -> assertThat(p.path("pieces"))
                        .hasSize(6)
                        .allSatisfy(s -> assertThat(s.path("line").asText()).isEqualTo("B")));
        assertThat(medium.path("steps").path(2).path("kind").asText()).isEqualTo("tack");
        for (JsonNode load : json.path("loads")) {
            CutRun run = PLAN.runs().get(load.path("order").asInt() - 1);
            assertThat(load.path("paths").asInt()).isEqualTo(run.paths().size());
            assertThat(load.path("file").asText())
                    .isEqualTo("load-" + run.load().order() + ".plt");
            assertThat(load.path("placed"))
                    .hasSize(
                            switch (run.load().material().id()) {
                                case "smooth-film" -> 12;
                                case "stencil-sheet" -> 1;
                                default -> 3;
                            });
            assertThat(load.path("stock").asText()).endsWith("-305");
        }
    }

    /** Drawn back, the written load covers exactly what the plan says is cut. */
    @Test
    void loadSvgReadsBackAsTheLoad() {
        CutRun run = PLAN.runs().get(2);
        String written = new String(LoadSvg.write(run), StandardCharsets.UTF_8);
        String svg = written.replaceAll("(?s)<g class=\"names\".*?</g>", "");
        assertThat(run.load().placed())
                .as("each piece has its name beside it, apart from the cuts")
                .isNotEmpty()
                .allSatisfy(p -> assertThat(written.substring(svg.length() - 20))
                        .contains(">" + p.item().lineId() + " " + p.item().size() + " "
                                + p.item().copy() + "<"));
        DrawingRead read = SvgReader.read(new DrawingFile(
                "load.svg",
                svg.replace("stroke-width=\"0.1\"", "stroke-width=\"0.01\"").getBytes(StandardCharsets.UTF_8)));
        Drawing drawing = ((DrawingRead.Taken) read).drawing();

        List<CutPath> closed = run.paths().stream()
                .filter(c -> c.kind() != CutPath.Kind.RELIEF)
                .toList();
        assertThat(written.split("class=\"relief\"", -1))
                .hasSize(1 + run.paths().size() - closed.size());
        assertThat(drawing.shapes().stream()
                        .mapToInt(s -> s.curves().outlines().size())
                        .sum())
                .as("a straight line encloses nothing")
                .isEqualTo(closed.size());
        double cut = closed.stream().mapToDouble(CutPath::lengthMm).sum();
        assertThat(drawing.shapes().stream()
                        .flatMap(s -> s.curves().outlines().stream())
                        .mapToDouble(Outline::lengthMm)
                        .sum())
                .isCloseTo(cut, within(cut * 1e-4));
        Region all = Region.weld(
                drawing.shapes().stream().map(s -> s.curves().enclosed()).toList());
        assertThat(all.bounds().widthMm())
                .as("the carrier of art with many corners is a little larger than the art")
                .isLessThanOrEqualTo(run.load().usedMm() - 35 + 0.01)
                .isCloseTo(run.load().usedMm() - 35, within(0.5));
    }

    private static CutRun onOffcut;

    /** A load on an offcut of 260 by 190 mm without a corner. */
    private static synchronized CutRun onOffcut() {
        if (onOffcut == null) {
            List<Stock> shelf = new ArrayList<>(BuiltInShop.read().shelf());
            shelf.add(new Offcut(
                    "no 4",
                    "smooth-film",
                    PLAN.runs().getFirst().load().colour(),
                    Offcut.measured(260, 190, Offcut.Corner.UPPER_RIGHT, 90, 80),
                    false,
                    ""));
            onOffcut = new Planner()
                    .plan(DemoJob.simple(), BuiltInShop.read().withShelf(shelf)).runs().stream()
                            .filter(r -> r.load().stock() instanceof Offcut)
                            .findFirst()
                            .orElseThrow();
        }
        return onOffcut;
    }

    /** At true size: the offcut's outline is as large on paper as it is, and every piece lies within it. */
    @Test
    void theGuideShowsTheOffcutAtTrueSize() throws IOException {
        Load load = onOffcut().load();
        Offcut offcut = (Offcut) load.stock();
        Drawing drawing = ((DrawingRead.Taken) AnyDrawing.read(
                        new DrawingFile("guide.pdf", GuidePdf.write(load, BuiltInShop.read(), Units.METRIC))))
                .drawing();
        Region outline = Region.enclosedBy(
                List.of(drawing.shapes().stream()
                        .flatMap(s -> s.curves().outlines().stream())
                        .max(Comparator.comparingDouble(o -> Math.abs(o.bounds().areaMm2())))
                        .orElseThrow()),
                FillRule.NON_ZERO);
        assertThat(outline.bounds().widthMm()).isCloseTo(260, within(0.5));
        assertThat(outline.bounds().heightMm()).isCloseTo(190, within(0.5));
        assertThat(outline.areaMm2()).isCloseTo(offcut.outline().areaMm2(), within(250.0));
    }

    /**
     * Read by hand: plotter units of 0.025 mm, the offcut's outline first, then what is cut, all with pen 2; crosses at
     * three of its corners.
     */
    @Test
    void theGuideForAPenLiesWhereTheLoadWillBeCut() {
        CutRun run = onOffcut();
        Offcut offcut = (Offcut) run.load().stock();
        String guide = new String(HpglWriter.guide(run, offcut), StandardCharsets.US_ASCII);
        assertThat(guide).startsWith("IN;PA;SP2;").doesNotContain("SP1").doesNotContain("FS");
        List<Box> strokes = new ArrayList<>();
        for (String line : guide.lines()
                .filter(l -> l.startsWith("PU") && l.contains("PD"))
                .toList()) {
            double[] n = Arrays.stream(line.replaceAll("[^0-9.,-]", ",").split(","))
                    .filter(s -> !s.isBlank())
                    .mapToDouble(s -> Integer.parseInt(s) * 0.025)
                    .toArray();
            double[] x =
                    IntStream.range(0, n.length / 2).mapToDouble(i -> n[2 * i]).toArray();
            double[] y = IntStream.range(0, n.length / 2)
                    .mapToDouble(i -> n[2 * i + 1])
                    .toArray();
            strokes.add(new Box(
                    Arrays.stream(x).min().orElseThrow(),
                    Arrays.stream(y).min().orElseThrow(),
                    Arrays.stream(x).max().orElseThrow(),
                    Arrays.stream(y).max().orElseThrow()));
        }
        assertThat(strokes.getFirst())
                .as("the offcut, from the start corner on")
                .isEqualTo(Box.ofSize(0, 0, 260, 190));
        assertThat(strokes.subList(1, strokes.size() - 6))
                .hasSizeGreaterThan(run.load().placed().size() - 1)
                .allSatisfy(b -> assertThat(strokes.getFirst().covers(b, 0)).isTrue());
        assertThat(strokes.subList(strokes.size() - 6, strokes.size()))
                .extracting(b -> Math.max(b.widthMm(), b.heightMm()))
                .allSatisfy(mm -> assertThat(mm).isCloseTo(6, within(1e-9)));
        String cut = new String(HpglWriter.write(run), StandardCharsets.US_ASCII);
        assertThat(cut).as("the cut file itself has no pen").doesNotContain("SP2");
    }

    @Test
    void whatTheShelfHasNotIsToBeBought() {
        Plan poor = new Planner().plan(DemoJob.simple(), BuiltInShop.read().withShelf(List.of()));
        Shopping list = Shopping.of(poor);
        double rolls = list.needs().stream()
                .filter(n -> n.kind() == Shopping.Kind.FILM)
                .mapToDouble(Shopping.Need::lengthMm)
                .sum();
        assertThat(rolls).as("all of it").isCloseTo(poor.filmUsedMm(), within(1e-6));
        assertThat(Shopping.of(PLAN).needs())
                .as("with everything on the shelf, tape and paper alone")
                .isNotEmpty()
                .noneMatch(n -> n.kind() == Shopping.Kind.FILM);
    }

    @Test
    void hpglCutsEveryPathOnceWithTheKnifeDown() {
        CutRun run = PLAN.runs().getFirst();
        String plt = new String(files.get("load-1.plt"), StandardCharsets.US_ASCII);

        assertThat(plt).startsWith("IN;").endsWith("SP0;\n");
        assertThat(plt.split("PD", -1)).hasSize(run.paths().size() + 1);
        CutPath first = run.paths().getFirst();
        assertThat(plt)
                .contains("PU" + Math.round(first.start().xMm() / 0.025) + ","
                        + Math.round(first.start().yMm() / 0.025) + ";PD");
    }

    @Test
    void ticketNamesJobLayersLoadsAndSteps() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(files.get("ticket.pdf"))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(pdf.getNumberOfPages())
                    .as("a cover, a page of where pieces lie, and one a line")
                    .isEqualTo(6);
            assertThat(text)
                    .contains(
                            "Otterbrook Kite Fair",
                            "12 crew tees, chest",
                            "Cream",
                            "Tangerine",
                            "Sky",
                            "Tack Sky",
                            "Press again",
                            "turned over",
                            "in roll",
                            "10.00 in",
                            "Burnish",
                            "printed reversed",
                            "In its sleeve",
                            "dabbed straight down");
        }
    }

    @Test
    void proofShowsTheArtOnTheCloth() throws IOException {
        BufferedImage proof =
                ImageIO.read(new ByteArrayInputStream(Proof.write(PLAN.lines().subList(0, 1))));
        int cream = 0;
        for (int x = 0; x < proof.getWidth(); x++) {
            for (int y = 0; y < proof.getHeight(); y++) {
                cream += (proof.getRGB(x, y) & 0xFFFFFF) == 0xF6EFDC ? 1 : 0;
            }
        }
        double pxPerMm2 = 1.25 * 1.25;
        double area = PLAN.lines().getFirst().drawn().layers().get(2).region().areaMm2();
        assertThat(cream / pxPerMm2).as("cream on the picture, in mm²").isBetween(area * 0.85, area);
    }

    /** Mixed films at two places: the ticket has a page for each, and says where the art goes on it. */
    @Test
    void theTicketShowsEveryPlaceAndWhereItsArtGoes() throws IOException {
        Plan plan = new Planner().plan(DemoJob.make(), BuiltInShop.read());
        assertThat(plan.job().lines()).extracting(l -> l.id()).containsExactly("A", "B", "C", "D", "E");
        assertThat(plan.snags())
                .as("the demo has nothing to mend; a jar's label wants to be washed by hand")
                .singleElement()
                .isInstanceOf(Snag.HoldsWithCare.class);
        Map<String, byte[]> all = JobPapers.all(
                        plan,
                        JobPapers.cutFiles(plan),
                        JobPapers.printFiles(plan),
                        () -> new DryRun(List.of(), List.of()),
                        Units.METRIC,
                        Remedies.NONE,
                        Paper.A4)
                .files();
        try (PDDocument pdf = Loader.loadPDF(all.get("ticket.pdf"))) {
            assertThat(pdf.getNumberOfPages())
                    .as("a cover, two pages of where pieces lie, front, back, and four more lines")
                    .isEqualTo(9);
            PDFTextStripper page = new PDFTextStripper();
            page.setStartPage(5);
            page.setEndPage(5);
            assertThat(page.getText(pdf))
                    .contains("place 2 of 2", "Below collar", "on it", "White base", "Tape the sheet on");
            page.setStartPage(7);
            page.setEndPage(7);
            assertThat(page.getText(pdf))
                    .as("what holds with care says so")
                    .contains("Printed sticker: Washed by hand only");
            page.setStartPage(4);
            page.setEndPage(4);
            assertThat(page.getText(pdf)).contains("place 1 of 2", "Glitter gold", "Glitter film");
        }
        JsonNode json = new ObjectMapper().readTree(all.get("plan.json"));
        assertThat(json.path("prints"))
                .extracting(p -> p.path("pieces").path(0).path("place").asText() + " "
                        + p.path("reversed").asBoolean())
                .contains("back true")
                .anyMatch(p -> p.endsWith("false"));
        assertThat(json.path("lines"))
                .filteredOn(l -> l.path("id").asText().equals("C"))
                .singleElement()
                .satisfies(
                        l -> assertThat(l.path("holds").path(0).path("answer").asText())
                                .isEqualTo("with-condition"));
        JsonNode kite = json.path("lines").path(0).path("layers");
        assertThat(kite)
                .extracting(l -> l.path("material").asText())
                .containsExactly("smooth-film", "smooth-film", "smooth-film", "glitter-film");
    }

    /** Twelve layers on six sizes, with a step for each: nothing is lost, and every page says what it goes on with. */
    @Test
    void aLongTicketLosesNothing() throws IOException {
        Shop shop = BuiltInShop.read();
        Material film = shop.material("smooth-film").orElseThrow();
        List<Motif> motifs = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            motifs.add(new Motif(
                    "m" + i,
                    "square",
                    new Shape(
                            Shape.Kind.RECTANGLE,
                            200 - 10 * i,
                            150 - 10 * i,
                            4,
                            0,
                            film.colours().get(i).colour()),
                    List.of(),
                    Pose.at(0, 200)));
        }
        Job job = NewJobs.onBlank(
                shop.blank("tee-adult").orElseThrow(), "Twelve", "twelve squares", "black", "smooth-film");
        Plan plan = new Planner()
                .plan(
                        job.withLine(
                                "A",
                                l -> l.withMotifs(motifs)
                                        .withSizes(shop.blank("tee-adult").orElseThrow().sizes().stream()
                                                .map(s -> SizeEntry.of(s.id(), 2))
                                                .toList())),
                        shop);
        LinePlan line = plan.lines().getFirst();
        assertThat(line.drawn().layers()).hasSize(12);
        assertThat(line.finish().steps()).hasSizeGreaterThan(24);
        try (PDDocument pdf =
                Loader.loadPDF(TicketPdf.write(plan, Units.AMERICAN, Remedies.of(plan, new Planner()), Paper.LETTER))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(pdf.getNumberOfPages()).isGreaterThan(2);
            for (int i = 0; i < 12; i++) {
                assertThat(text)
                        .contains((i + 1) + "  "
                                + film.colourName(film.colours().get(i).colour()));
            }
            line.finish()
                    .steps()
                    .forEach(s -> assertThat(text.lines())
                            .as("step %d", s.order())
                            .anyMatch(l -> l.strip().startsWith(s.order() + " ")));
            line.sizes()
                    .forEach(s ->
                            assertThat(text.lines()).anyMatch(l -> l.strip().matches(s.id() + "\\s+\\S+ \\d.*")));
            assertThat(text).contains("What to do, continued", "What it costs");
            PDFTextStripper page = new PDFTextStripper();
            for (int i = 1; i <= pdf.getNumberOfPages(); i++) {
                page.setStartPage(i);
                page.setEndPage(i);
                assertThat(page.getText(pdf)).contains("Twelve", "Page " + i);
            }
        }
    }

    /** On a drawing of each load every piece has a name of its own, though the art is the same on all. */
    @Test
    void theTicketTellsPiecesOfALoadApart() throws IOException {
        PieceNames tees = PLAN.pieceNames(PLAN.runs().getFirst().load());
        assertThat(tees.common()).isEqualTo("A");
        List<String> names =
                PLAN.runs().getFirst().load().placed().stream().map(tees::of).toList();
        assertThat(names).doesNotHaveDuplicates().contains("S 1", "S 2", "XL 11");
        try (PDDocument pdf =
                Loader.loadPDF(TicketPdf.write(PLAN, Units.AMERICAN, Remedies.of(PLAN, new Planner()), Paper.LETTER))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("Where each piece lies");
            assertThat(text).contains(names);
        }
    }
}
