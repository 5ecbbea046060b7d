package jurren.app.cli;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.blank.Blank;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.standins.cutter.HpglInterpreter;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class CommandLineTest {
    /** An upright with a foot to the right: reversed, the foot is on the left. */
    private static final String FOOT =
            "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>"
                    + "<path fill='#E8743B' d='M0 0H25V75H100V100H0Z'/></svg>";

    private static final Windows NO_WINDOWS = new Windows() {
        @Override
        public int show(Optional<Path> file) {
            return 40;
        }

        @Override
        public int snap(Path folder) {
            return 41;
        }
    };

    @TempDir
    private Path folder;

    private record Ran(int code, String out, String err) {}

    private static Ran run(String... args) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code = JurrenCommand.run(NO_WINDOWS, new PrintWriter(out, true), new PrintWriter(err, true), args);
        return new Ran(code, out.toString(), err.toString());
    }

    private Path drawing(String content) throws IOException {
        return Files.writeString(folder.resolve("art.svg"), content);
    }

    private Ran make(Path input, String... more) {
        List<String> args = new java.util.ArrayList<>(
                List.of("make", input.toString(), "--out", folder.resolve("out").toString()));
        List<String> own = List.of(more);
        args.addAll(own);
        if (input.toString().endsWith(".svg")) {
            args.addAll(own.contains("--blank") ? List.of() : List.of("--blank", "tee-adult"));
            args.addAll(own.contains("--material") ? List.of() : List.of("--material", "smooth-film"));
        }
        return run(args.toArray(String[]::new));
    }

    private JsonNode plan() throws IOException {
        return new ObjectMapper().readTree(folder.resolve("out/plan.json").toFile());
    }

    /** One line, no stack trace, nothing written. */
    private void isRefused(Ran ran, String... named) {
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err().strip().lines()).hasSize(1);
        assertThat(ran.err()).contains(named).doesNotContain("Exception", "\tat ");
        assertThat(folder.resolve("out")).doesNotExist();
    }

    @Test
    void aDrawingBecomesReversedCutFilesThatComeOutRight() throws IOException {
        Ran ran = make(drawing(FOOT), "--copies", "2", "--no-frames");

        assertThat(ran.code()).isZero();
        assertThat(ran.err()).isEmpty();
        assertThat(plan().path("lines")
                        .path(0)
                        .path("layers")
                        .path(0)
                        .path("reversed")
                        .asBoolean())
                .isTrue();
        assertThat(plan().path("lines").path(0).path("art").path("widthMm").asDouble())
                .isEqualTo(100);
        assertThat(plan().path("dryRun").path("matchPercent").asDouble()).isGreaterThan(99.9);

        List<List<Point>> strokes = HpglInterpreter.strokes(Files.readAllBytes(folder.resolve("out/load-1.plt")));
        assertThat(strokes).hasSize(2);
        double foot = strokes.getFirst().stream().mapToDouble(Point::xMm).min().orElseThrow();
        double head = strokes.getFirst().stream().mapToDouble(Point::yMm).max().orElseThrow();
        assertThat(strokes.getFirst())
                .as("seen by the knife, y up: the head is to the right, over nothing")
                .noneMatch(p -> p.yMm() > head - 1 && p.xMm() < foot + 70);
    }

    /** The script is welded, which nobody sees; the crumb beside it is seen, and left with what would mend it. */
    @Test
    void mendDoesWhatNobodySeesAndListsTheRest() throws IOException {
        Path job = folder.resolve("wild.jurren");
        Path clean = folder.resolve("clean.jurren");
        Colour cream = Colour.of("#F6EFDC");
        JobFile.write(
                JobDocument.of(NewJobs.onBlank(
                                BuiltInShop.read().blank("tee-adult").orElseThrow(),
                                "Fair",
                                "tee",
                                "black",
                                "smooth-film")
                        .withLine(
                                "A",
                                l -> l.withMotifs(List.of(
                                        new Motif(
                                                "m1",
                                                "crew",
                                                Lettering.of("crew", ShippedTypeface.PACIFICO, 40, cream),
                                                List.of(),
                                                Pose.at(0, 180)),
                                        new Motif(
                                                "m2",
                                                "dot",
                                                Shape.of(Shape.Kind.ELLIPSE, 0.9, cream),
                                                List.of(),
                                                Pose.at(0, 260)))))),
                job);

        Ran stopped = make(job);
        assertThat(stopped.code()).as("the knife would cut through the letters").isEqualTo(1);
        assertThat(stopped.out()).contains("stops:", "not welded", "(Weld it)");
        Ran ran = run("mend", job.toString(), "--out", clean.toString());
        assertThat(ran.code()).as(ran.out() + ran.err()).isZero();
        assertThat(ran.out())
                .contains("mended, line A: Weld it", "too small to weed", "(Drop the crumb)", "One snag was mended");
        assertThat(make(clean).code()).isZero();
        assertThat(plan().path("snags"))
                .noneMatch(s -> s.path("stops").asBoolean())
                .anyMatch(s -> s.path("kind").asText().equals("crumbs")
                        && s.path("cures").path(0).path("kind").asText().equals("drop-crumbs"));
        assertThat(run("mend", clean.toString(), "--out", clean.toString()).out())
                .as("over itself")
                .contains("Nothing was mended");
        assertThat(run("mend", job.toString(), "--out", folder.resolve("x.txt").toString())
                        .code())
                .isEqualTo(2);
    }

    /** What nest found is in the job: make cuts that, to the byte, each time from nothing. */
    @Test
    void makeCutsTheLayoutsThatNestKept() throws IOException {
        Path job = folder.resolve("stars.jurren");
        JobFile.write(
                JobDocument.of(NewJobs.onBlank(
                                BuiltInShop.read().blank("tee-adult").orElseThrow(),
                                "Fair",
                                "tee",
                                "black",
                                "smooth-film")
                        .withLine(
                                "A",
                                l -> l.withMotifs(List.of(new Motif(
                                                "m1",
                                                "star",
                                                new Shape(Shape.Kind.STAR, 120, 120, 5, 0.3, Colour.of("#F6EFDC")),
                                                List.of(),
                                                Pose.at(0, 200))))
                                        .withSize("M", s -> s.withCount(9)))),
                job);
        Path kept = folder.resolve("kept.jurren");
        Ran nest = run(
                "nest",
                job.toString(),
                "--steps",
                "5",
                "--keep",
                kept.toString(),
                "--out",
                folder.resolve("layouts").toString());
        assertThat(nest.code()).as(nest.err()).isZero();
        assertThat(nest.out()).contains("5 steps of each film");

        assertThat(make(kept).code()).isZero();
        Map<String, String> first = digests(folder.resolve("out"));
        assertThat(make(kept).code()).isZero();
        assertThat(digests(folder.resolve("out"))).as("papers too").isEqualTo(first);
        double used = plan().path("loads").path(0).path("usedMm").asDouble();
        assertThat(folder.resolve("layouts").resolve("load-1.svg"))
                .hasSameBinaryContentAs(folder.resolve("out").resolve("load-1.svg"));
        assertThat(make(job).code()).isZero();
        assertThat(used).isLessThan(plan().path("loads").path(0).path("usedMm").asDouble() - 1);
    }

    private static Map<String, String> digests(Path folder) throws IOException {
        Map<String, String> all = new TreeMap<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path f : files.toList()) {
                all.put(f.getFileName().toString(), new String(Files.readAllBytes(f), StandardCharsets.ISO_8859_1));
            }
        }
        return all;
    }

    /** Five squares of 90 mm: on an offcut that takes two, the rest from a roll; the guide shows where to stick it. */
    @Test
    void nestLaysOnTheShelfOfAFileAndMakeWritesTheGuide() throws IOException {
        Path job = folder.resolve("squares.jurren");
        JobFile.write(
                JobDocument.of(NewJobs.onBlank(
                                BuiltInShop.read().blank("tee-adult").orElseThrow(),
                                "Fair",
                                "tee",
                                "black",
                                "smooth-film")
                        .withLine(
                                "A",
                                l -> l.withMotifs(List.of(new Motif(
                                                "m1",
                                                "square",
                                                Shape.of(Shape.Kind.RECTANGLE, 90, Colour.of("#F6EFDC")),
                                                List.of(),
                                                Pose.at(0, 200))))
                                        .withSize("M", s -> s.withCount(5)))),
                job);
        Path shelf = folder.resolve("shelf.json");
        Files.writeString(shelf, """
                {"format": 1, "stock": [
                {"kind": "roll", "id": "r", "material": "smooth-film", "colour": "#F6EFDC", "widthMm": 305, "lengthMm": 900},
                {"kind": "offcut", "id": "no 4", "material": "smooth-film", "colour": "#F6EFDC", "outline": [[[0, 0], [210, 0], [210, 110], [0, 110]]]}]}
                """);
        Path layouts = folder.resolve("layouts");
        Ran ran = run(
                "nest",
                job.toString(),
                "--seconds",
                "0.2",
                "--stock",
                shelf.toString(),
                "--out",
                layouts.toString(),
                "--mm");
        assertThat(ran.code()).as(ran.out() + ran.err()).isZero();
        JsonNode loads = new ObjectMapper()
                .readTree(Files.readAllBytes(layouts.resolve("layout.json")))
                .path("loads");
        assertThat(loads).hasSize(2);
        assertThat(loads.path(0).path("stock").asText()).isEqualTo("no 4");
        assertThat(loads.path(0).path("placed").size()
                        + loads.path(1).path("placed").size())
                .isEqualTo(5);
        assertThat(loads.path(1).path("usedMm").asDouble())
                .isGreaterThanOrEqualTo(loads.path(1).path("leastMm").asDouble());
        assertThat(Files.readString(layouts.resolve("load-1.svg")) + Files.readString(layouts.resolve("load-2.svg")))
                .contains(">A M 1<", ">A M 2<", ">A M 3<", ">A M 4<", ">A M 5<");

        assertThat(make(job, "--stock", shelf.toString(), "--no-frames").code()).isZero();
        assertThat(folder.resolve("out").resolve("guide-1.pdf")).exists();
        assertThat(plan().path("dryRun").path("true").asBoolean()).isTrue();
        assertThat(plan().path("toBuy")).isEmpty();

        Files.writeString(
                shelf,
                Files.readString(shelf)
                        .replace(
                                "[[[0, 0], [210, 0], [210, 110], [0, 110]]]",
                                "[[[0, 0], [210, 110], [210, 0], [0, 110]]]"));
        Ran rest = run(
                "nest",
                job.toString(),
                "--seconds",
                "0",
                "--stock",
                shelf.toString(),
                "--out",
                layouts.toString(),
                "--mm");
        assertThat(rest.code())
                .as("one broken offcut keeps nobody from the roll beside it")
                .isZero();
        assertThat(rest.err()).contains("shelf.json", "line 3", "outline crosses itself");
        assertThat(rest.out()).contains("5 pieces").doesNotContain("no 4");

        Files.writeString(
                shelf,
                "{\"stock\": [ {\"kind\": \"roll\", \"id\": \"r\", \"material\": \"smooth-film\", \"colour\": \"cream\"} ]}");
        Ran refused = run("nest", job.toString(), "--stock", shelf.toString(), "--out", layouts.toString());
        assertThat(refused.code()).isEqualTo(2);
        assertThat(refused.err()).contains("shelf.json", "line 1", "cream");
        assertThat(run("nest", job.toString(), "--seconds", "-1", "--out", layouts.toString())
                        .code())
                .isEqualTo(2);
    }

    @Test
    void aSizeThatWasAssumedIsSaid() throws IOException {
        Path unsized = drawing(
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 300 300'><rect width='300' height='300'/></svg>");
        assertThat(make(unsized).out()).contains("art.svg does not say its unit", "1/96 inch", "--width");
        assertThat(make(unsized, "--width", "60mm").out()).doesNotContain("does not say its unit");
    }

    @Test
    void theDemoJobMakesAllItsFiles() throws IOException {
        Path job = folder.resolve("fair.jurren");
        JobFile.write(JobDocument.of(DemoJob.simple()), job);

        assertThat(make(job).code()).isZero();
        try (var files = Files.list(folder.resolve("out"))) {
            assertThat(files.map(p -> p.getFileName().toString()))
                    .containsExactlyInAnyOrder(
                            "plan.json",
                            "proof.png",
                            "ticket.pdf",
                            "load-1.plt",
                            "load-2.plt",
                            "load-3.plt",
                            "load-4.plt",
                            "load-5.plt",
                            "load-1.svg",
                            "load-2.svg",
                            "load-3.svg",
                            "load-4.svg",
                            "load-5.svg",
                            "load-6.plt",
                            "load-6.svg",
                            "print-1.pdf",
                            "run.pdf");
        }
        assertThat(plan().path("dryRun").path("matchPercent").asDouble()).isGreaterThan(99.5);
        assertThat(plan().path("lines")).hasSize(7);
    }

    /**
     * A label printed and cut: its sheet names the cut line as was asked, and comes as pixels too when that is wanted.
     */
    @Test
    void whatTheLastMakeWroteAndThisOneDoesNotIsGone() throws IOException {
        Path out = folder.resolve("twice");
        Path many = folder.resolve("many.jurren");
        Path one = folder.resolve("one.jurren");
        Job demo = DemoJob.simple();
        JobFile.write(JobDocument.of(demo.withLines(demo.lines().subList(0, 1))), many);
        Shop shop = BuiltInShop.read();
        Blank tee = shop.blank("tee-adult").orElseThrow();
        Job robin = NewJobs.saying(
                "Robin",
                ShippedTypeface.FREDOKA,
                tee,
                tee.colours().getFirst(),
                shop.material("smooth-film").orElseThrow(),
                Colour.of("#F6EFDC"));
        JobFile.write(JobDocument.of(robin), one);
        run("make", many.toString(), "--out", out.toString(), "--force");
        assertThat(out.resolve("load-2.plt")).exists();
        Files.writeString(out.resolve("load-99.plt"), "somebody else's");
        run("make", one.toString(), "--out", out.toString(), "--force");
        assertThat(out.resolve("load-1.plt")).exists();
        assertThat(out.resolve("load-2.plt")).doesNotExist();
        assertThat(out.resolve("load-99.plt")).exists();
    }

    @Test
    void printsComeWithTheCutLinesNameAndAsPixels() throws IOException {
        Path label = drawing(
                "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='40mm' viewBox='0 0 60 40'><rect width='60' height='40' fill='#7C2E57' opacity='0.6'/></svg>");
        Ran ran =
                make(label, "--blank", "label-90x50", "--material", "sticker-sheet", "--cut-line", "Contour", "--png");
        assertThat(ran.code()).as(ran.out() + ran.err()).isZero();
        assertThat(ran.out()).contains("print-1.pdf", "print-1.png", "dry run: true");
        try (PDDocument pdf = Loader.loadPDF(folder.resolve("out/print-1.pdf").toFile())) {
            List<String> names = new ArrayList<>();
            for (var name : pdf.getPage(0).getResources().getColorSpaceNames()) {
                if (pdf.getPage(0).getResources().getColorSpace(name) instanceof PDSeparation spot) {
                    names.add(spot.getColorantName());
                }
            }
            assertThat(names).containsExactly("Contour");
        }
        JsonNode print = plan().path("prints").path(0);
        assertThat(print.path("load").asInt()).isEqualTo(1);
        assertThat(print.path("pieces").path(0).path("turned").asBoolean())
                .as("as it lies flattest on its load")
                .isTrue();
        assertThat(print.path("pieces").path(0).path("heightMm").asDouble())
                .as("1.5 mm out on either side")
                .isCloseTo(63, org.assertj.core.api.Assertions.within(0.05));
        assertThat(make(label, "--blank", "label-90x50", "--material", "sticker-sheet", "--cut-line", " ")
                        .err())
                .contains("needs a name");
        // where a knife cuts it, what was done to it is said
        assertThat(make(label, "--blank", "tee-adult", "--material", "smooth-film")
                        .out())
                .contains("cut solid");
    }

    /** A band 100 mm wide where widths are true, on a cone: the written load holds a ring sector. */
    @Test
    void onAConeTheLoadHoldsTheWarpedArt() throws IOException {
        Path band = drawing(
                "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='40mm'><rect width='378' height='151.2' fill='#F6EFDC'/></svg>");
        assertThat(make(band, "--blank", "tumbler-tapered-20", "--material", "vinyl-permanent", "--no-frames")
                        .code())
                .isZero();

        JsonNode line = plan().path("lines").path(0);
        assertThat(line.path("face").path("surface").asText()).isEqualTo("cone");
        assertThat(List.of(
                        line.path("face").path("topDiameterMm").asDouble(),
                        line.path("face").path("footDiameterMm").asDouble(),
                        line.path("face").path("slantMm").asDouble()))
                .containsExactly(87.0, 66.0, 165.0);
        assertThat(line.path("layers").path(0).path("reversed").asBoolean())
                .as("vinyl goes on face up")
                .isFalse();
        assertThat(plan().path("dryRun").path("matchPercent").asDouble()).isGreaterThan(99.5);

        List<Point> cut = HpglInterpreter.strokes(Files.readAllBytes(folder.resolve("out/load-1.plt")))
                .getFirst();
        double lip = 165.0 * 87 / (87 - 66);
        double half = 50 / (1 - 82.5 / lip) / lip;
        double chord = 2 * (lip - 20) * Math.sin(half);
        double rise = (lip - 20) - (lip - 60) * Math.cos(half);
        assertThat(extent(cut, Point::xMm, Point::yMm))
                .as("the chord of its upper arc, and from there to its lower corners")
                .satisfies(e ->
                        assertThat(Math.max(e[0], e[1])).isEqualTo(chord, org.assertj.core.api.Assertions.within(0.1)))
                .satisfies(e ->
                        assertThat(Math.min(e[0], e[1])).isEqualTo(rise, org.assertj.core.api.Assertions.within(0.1)));
    }

    private static double[] extent(
            List<Point> points,
            java.util.function.ToDoubleFunction<Point> x,
            java.util.function.ToDoubleFunction<Point> y) {
        var xs = points.stream().mapToDouble(x).summaryStatistics();
        var ys = points.stream().mapToDouble(y).summaryStatistics();
        return new double[] {xs.getMax() - xs.getMin(), ys.getMax() - ys.getMin()};
    }

    /** Only printed: a sheet in the mirror, nothing to cut, and its ink read back and laid on the cup. */
    @Test
    void aDyePrintIsASheetAndNoLoad() throws IOException {
        assertThat(make(
                                drawing(FOOT),
                                "--blank",
                                "mug-11",
                                "--material",
                                "dye-print",
                                "--width",
                                "60mm",
                                "--copies",
                                "3")
                        .code())
                .isZero();
        assertThat(plan().path("loads")).isEmpty();
        assertThat(plan().path("dryRun").path("true").asBoolean()).isTrue();
        assertThat(plan().path("prints")).singleElement().satisfies(p -> {
            assertThat(p.path("reversed").asBoolean()).isTrue();
            assertThat(p.path("pieces"))
                    .hasSize(3)
                    .allSatisfy(piece -> assertThat(
                                    piece.path(piece.path("turned").asBoolean() ? "heightMm" : "widthMm")
                                            .asDouble())
                            .as("a cylinder bends nothing")
                            .isEqualTo(60));
            assertThat(folder.resolve("out").resolve(p.path("file").asText())).exists();
        });
    }

    @Test
    void aMaterialThatDoesNotHoldStopsTheWork() throws IOException {
        Ran ran = make(drawing(FOOT), "--blank", "mug-11", "--width", "60mm");
        assertThat(ran.code()).isEqualTo(1);
        assertThat(ran.out()).contains("stops:").contains("No flat press reaches round a curve.");
        assertThat(make(drawing(FOOT), "--material", "moon-film").err())
                .contains("No material is called \"moon-film\"");
    }

    /** A colour by its code or by the name it is sold under is made of another material; each is a load of its own. */
    @Test
    void coloursAreMadeOfOtherMaterials() throws IOException {
        Path two = drawing(
                "<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='60mm' viewBox='0 0 90 60'>"
                        + "<rect width='40' height='60' fill='#F6EFDC'/><rect x='45' width='40' height='60' fill='#D1A94B'/></svg>");
        Ran ran = make(two, "--film", "Glitter gold=glitter-film");
        assertThat(ran.code()).as(ran.out() + ran.err()).isZero();
        assertThat(ran.out()).contains("dry run: true");
        assertThat(make(two, "--film", "#D1A94B=glitter-film", "--film", "Cream=flock-base", "--force")
                        .out())
                .contains("print-1.pdf", "dry run: true");
        assertThat(make(two, "--film", "Plum=glitter-film").err())
                .contains("has no colour \"Plum\"")
                .contains("#F6EFDC");
        assertThat(make(two, "--film", "Cream=moon-film").err()).contains("moon-film");
        assertThat(make(two, "--film", "Cream=flock-base", "--film", "#f6efdc=glitter-film")
                        .err())
                .contains("cannot be made of two materials");
    }

    /** Letters whose islands would fall out of the plate do not come out as drawn, and the exit code says so. */
    @Test
    void whatDoesNotComeOutAsTheArtIsAFailure() throws IOException {
        Path ring = drawing("<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='60mm' viewBox='0 0 60 60'>"
                + "<path fill-rule='evenodd' fill='#3F6E96' d='M0 0H60V60H0Z M20 20H40V40H20Z'/></svg>");
        Ran plate = run(
                "make",
                ring.toString(),
                "--blank",
                "sign-board-400",
                "--material",
                "stencil-sheet",
                "--out",
                folder.resolve("p").toString(),
                "--force");
        assertThat(plate.out()).contains("not true");
        Ran stopped = run(
                "make",
                ring.toString(),
                "--blank",
                "sign-board-400",
                "--material",
                "stencil-sheet",
                "--out",
                folder.resolve("q").toString());
        assertThat(stopped.code()).isEqualTo(1);
    }

    @Test
    void aPlaceIsNamedByWhoMakesAndByWhoConverts() throws IOException {
        assertThat(make(drawing(FOOT), "--width", "60mm", "--place", "back").code())
                .isZero();
        assertThat(plan().path("lines").path(0).path("face").path("id").asText())
                .isEqualTo("back");
        assertThat(make(drawing(FOOT), "--width", "60mm", "--place", "roof").err())
                .contains("roof")
                .contains("back");

        Path job = folder.resolve("fair.jurren");
        JobFile.write(JobDocument.of(DemoJob.make()), job);
        String back = folder.resolve("back.svg").toString();
        assertThat(run("convert", job.toString(), back, "--place", "back").code())
                .isZero();
        assertThat(Files.readString(Path.of(back))).contains("#7FC4DA");
        String word = folder.resolve("word.svg").toString();
        assertThat(run("convert", job.toString(), word, "--place", "back", "--motif", "crew")
                        .code())
                .isZero();
        assertThat(Files.readString(Path.of(word))).contains("#7FC4DA").doesNotContain("#E8743B");
        assertThat(run("convert", job.toString(), word, "--place", "sleeve").err())
                .contains("front, back");
        assertThat(run("convert", job.toString(), word, "--motif", "moon").err())
                .contains("OTTERBROOK");
    }

    @Test
    void whatHoldsOnAThingIsListed() {
        assertThat(run("list", "holds", "jar-16").out())
                .contains("sticker-sheet  holds, with care", "smooth-film  does not hold");
        assertThat(run("list", "holds").err()).contains("Say which blank");
        assertThat(run("list", "materials").out()).contains("flock-base").contains("dye print over flock");
    }

    @Test
    void templatesAreWrittenByTheirEnding() throws IOException {
        Path svg = folder.resolve("t.svg");
        assertThat(run("template", "jar-16", "--out", svg.toString()).code()).isZero();
        assertThat(Files.readString(svg)).contains("mm\" viewBox").contains("Jar 16 oz, wrap");
        assertThat(run(
                                "template",
                                "tee-adult",
                                "--size",
                                "XL",
                                "--face",
                                "back",
                                "--paper",
                                "a4",
                                "--out",
                                folder.resolve("t.pdf").toString())
                        .code())
                .isZero();
        assertThat(Files.readAllBytes(folder.resolve("t.pdf")))
                .startsWith("%PDF".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
        for (String[] bad : new String[][] {
            {"no-such", "t.svg", "No blank is called"},
            {"tee-adult --size 9XL", "t.svg", "has no size 9XL"},
            {"tee-adult --face roof", "t.svg", "front back sleeve"},
            {"jar-16", "t.doc", ".svg or .pdf"}
        }) {
            List<String> args = new java.util.ArrayList<>(List.of("template"));
            args.addAll(List.of(bad[0].split(" ")));
            args.addAll(List.of("--out", folder.resolve(bad[1]).toString()));
            Ran ran = run(args.toArray(String[]::new));
            assertThat(ran.code()).isEqualTo(2);
            assertThat(ran.err()).contains(bad[2]).hasLineCount(1);
        }
    }

    @ParameterizedTest
    @CsvSource({"6in, 152.4", "6 1/2in, 165.1", "150mm, 150", "15 cm, 150"})
    void widthIsExactInAnyUnit(String width, double mm) throws IOException {
        assertThat(make(drawing(FOOT), "--width", width).code()).isZero();
        assertThat(plan().path("lines").path(0).path("art").path("widthMm").asDouble())
                .isEqualTo(mm);
    }

    @Test
    void aSnagThatStopsTheWorkEndsWithOneAndGoesOnWhenForced() throws IOException {
        Path wide = drawing(FOOT);
        Ran stopped = make(wide, "--width", "300mm");
        assertThat(stopped.code()).isEqualTo(1);
        assertThat(stopped.out()).contains("stops:", "between the rollers", "--force");
        assertThat(folder.resolve("out/load-1.plt")).doesNotExist();
        assertThat(plan().path("snags")).anySatisfy(s -> {
            assertThat(s.path("kind").asText()).isEqualTo("not-on-roll");
            assertThat(s.path("stops").asBoolean()).isTrue();
        });
        assertThat(make(wide, "--width", "300mm", "--force").code()).isZero();
    }

    @Test
    void artOutsideItsAreaIsMadeAndSaid() throws IOException {
        Ran ran = make(
                drawing(
                        "<svg xmlns='http://www.w3.org/2000/svg' width='300mm' height='90mm' viewBox='0 0 300 90'><rect width='300' height='90'/></svg>"));
        assertThat(ran.code()).isZero();
        assertThat(ran.out()).contains("out of the area");
        assertThat(plan().path("snags").path(0).path("kind").asText()).isEqualTo("outside-area");
        assertThat(plan().path("snags").path(0).has("xMm")).isTrue();
    }

    @Test
    void badInputIsOneClearLineAndWritesNothing() throws IOException {
        isRefused(make(folder.resolve("none.svg")), "none.svg");
        isRefused(make(drawing("")), "art.svg", "empty");
        isRefused(make(drawing("<svg xmlns='http://www.w3.org/2000/svg'><rect wid")), "art.svg");
        isRefused(make(drawing("not a drawing")), "art.svg");
        isRefused(make(drawing(FOOT), "--blank", "kilt"), "kilt", "tee-adult");
        isRefused(make(drawing(FOOT), "--material", "tin"), "tin");
        isRefused(make(drawing(FOOT), "--size", "9XL"), "9XL", "3XL");
        isRefused(make(drawing(FOOT), "--width", "0in"), "above zero");
        isRefused(make(drawing(FOOT), "--width", "-3in"), "above zero");
        isRefused(make(drawing(FOOT), "--width", "wide"), "wide");
        isRefused(make(drawing(FOOT), "--width", "60in"), "60.00 in", "size M");
        isRefused(make(drawing(FOOT), "--copies", "0"), "copies");
        isRefused(
                run(
                        "make",
                        folder.resolve("art.svg").toString(),
                        "--out",
                        folder.resolve("out").toString()),
                "--blank");
    }

    @Test
    void brokenOrEmptyJobsAreRefused() throws IOException {
        Path job = folder.resolve("fair.jurren");
        Files.writeString(job, "PK nonsense");
        isRefused(make(job), "fair.jurren");
        JobFile.write(
                JobDocument.of(DemoJob.simple()
                        .withLine(
                                "A", l -> l.withMotif("m2", m -> m.withSource(((Lettering) m.source()).withText(""))))),
                job);
        isRefused(make(job), "has no letters");
        JobFile.write(
                JobDocument.of(DemoJob.simple()
                        .withLine(
                                "A",
                                l -> l.withMotif(
                                        "m2",
                                        m -> m.withSource(((Lettering) m.source())
                                                .withText("Zoë 漢")
                                                .withTypeface(ShippedTypeface.ANTON))))),
                job);
        isRefused(make(job), "漢", "Anton");
    }

    @Test
    void aPlaceThatCannotBeWrittenIsNamed() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "x");
        Ran ran = run(
                "make",
                drawing(FOOT).toString(),
                "--blank",
                "tee-adult",
                "--material",
                "smooth-film",
                "--out",
                file.resolve("out").toString());
        isRefused(ran, "Nothing was written");
    }

    @Test
    void aBusyPortIsNamed() throws IOException {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            isRefused(
                    run("cutter", "--port", String.valueOf(taken.getLocalPort())),
                    String.valueOf(taken.getLocalPort()),
                    "in use");
        }
        isRefused(run("cutter", "--port", "99999"), "65535");
    }

    @ParameterizedTest
    @ValueSource(strings = {"open", "make", "list", "snap", "cutter"})
    void everyCommandHasItsHelp(String command) {
        Ran ran = run(command, "--help");
        assertThat(ran.code()).isZero();
        assertThat(ran.out()).contains("Usage: jurren " + command).doesNotContain("null");
        assertThat(run("--help").out()).contains(command);
    }

    @Test
    void listsTellIdsWithTheirMeasures() {
        assertThat(run("list", "blanks").out()).contains("tee-adult", "3XL", "279.4 x 330.2 mm");
        assertThat(run("list", "materials").out()).contains("smooth-film", "155 °C", "glitter-film");
        assertThat(run("list", "machines").out()).contains("desktop-305", "flat-381");
        isRefused(run("list", "dreams"), "dreams");
        isRefused(run("dance"), "dance");
    }

    @Test
    void aPictureIsTracedAndWhatComesGoesFromFormatToFormatAtOneSize() throws IOException {
        java.awt.image.BufferedImage image =
                new java.awt.image.BufferedImage(200, 100, java.awt.image.BufferedImage.TYPE_INT_RGB);
        java.awt.Graphics2D g = image.createGraphics();
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, 200, 100);
        g.setColor(new java.awt.Color(0xE8743B));
        g.fillRect(20, 20, 60, 60);
        g.setColor(new java.awt.Color(0x7FC4DA));
        g.fillRect(80, 20, 100, 60);
        g.dispose();
        Path png = folder.resolve("flag.png");
        javax.imageio.ImageIO.write(image, "png", png.toFile());
        Path svg = folder.resolve("flag.svg");
        Ran traced = run("trace", png.toString(), "--colours", "3", "--width", "10in", "--out", svg.toString());
        assertThat(traced.code()).isZero();
        assertThat(traced.out()).contains("2 colours", "10.00 in");
        Path from = svg;
        for (String next : List.of("pdf", "dxf", "eps", "svg", "jurren", "png")) {
            Path to = folder.resolve("again." + next);
            Ran ran = run("convert", from.toString(), to.toString());
            assertThat(ran.code()).as(next + " " + ran.err()).isZero();
            if (!next.equals("jurren")) {
                assertThat(ran.out()).as(next).contains("8.00 in wide and 3.00 in high");
                from = next.equals("png") ? from : to;
            }
        }
        assertThat(run(
                                "convert",
                                folder.resolve("again.jurren").toString(),
                                folder.resolve("job.svg").toString())
                        .out())
                .contains("8.00 in wide");
    }

    @ParameterizedTest
    @CsvSource({
        "--colours 99 --out x.svg, 99",
        "--out x.pdf, x.pdf",
        "--width -3 --out x.svg, width",
        "--level 300 --out x.svg, 3"
    })
    void tracingThatCannotBeIsRefusedInOneSentence(String more, String named) throws IOException {
        Path png = folder.resolve("a.png");
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(9, 9, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", png.toFile());
        List<String> args = new java.util.ArrayList<>(List.of("trace", png.toString()));
        args.addAll(List.of(more.replace("x.", folder.resolve("x.").toString()).split(" ")));
        isRefused(run(args.toArray(String[]::new)), named);
    }

    @Test
    void whatCannotBeConvertedIsSaidInOneSentence() throws IOException {
        Path svg = drawing(FOOT);
        isRefused(run("convert", svg.toString(), folder.resolve("a.docx").toString()), "a.docx");
        isRefused(
                run(
                        "convert",
                        folder.resolve("none.svg").toString(),
                        folder.resolve("a.svg").toString()),
                "none.svg");
        isRefused(run("trace", svg.toString(), "--out", folder.resolve("a.svg").toString()), "art.svg", "PNG");
        Ran guessed = run(
                "convert",
                drawing(
                                "<svg xmlns='http://www.w3.org/2000/svg' width='72' height='72'><rect width='72' height='72'/></svg>")
                        .toString(),
                folder.resolve("a.pdf").toString());
        assertThat(guessed.out()).contains("does not say its unit", "0.75 in wide");
        assertThat(run(
                                "convert",
                                folder.resolve("art.svg").toString(),
                                folder.resolve("b.pdf").toString(),
                                "--unit",
                                "pt72")
                        .out())
                .contains("1.00 in wide");
    }

    /** Whatever a command takes, its help says what it is. */
    @Test
    void everyCommandAndEveryOptionIsDescribed() {
        picocli.CommandLine all = new picocli.CommandLine(new JurrenCommand(NO_WINDOWS));
        assertThat(all.getSubcommands()).hasSizeGreaterThan(8).allSatisfy((name, command) -> {
            assertThat(command.getCommandSpec().usageMessage().description())
                    .as(name)
                    .isNotEmpty();
            assertThat(command.getCommandSpec().options())
                    .allSatisfy(o -> assertThat(o.description())
                            .as(name + " " + o.longestName())
                            .isNotEmpty());
            assertThat(command.getCommandSpec().positionalParameters())
                    .allSatisfy(p -> assertThat(p.description())
                            .as(name + " " + p.paramLabel())
                            .isNotEmpty());
        });
    }

    @Test
    void whatAJobSaysItselfIsNotHeededBesideItAndThatIsSaid() throws IOException {
        Path job = folder.resolve("job.jurren");
        JobFile.write(
                JobDocument.of(
                        DemoJob.simple().withLines(DemoJob.simple().lines().subList(0, 1))),
                job);
        Ran ran = run(
                "make",
                job.toString(),
                "--blank",
                "mug-11",
                "--copies",
                "3",
                "--out",
                folder.resolve("out").toString());
        assertThat(ran.code()).isZero();
        assertThat(ran.out()).contains("job.jurren says itself what it is made on: --blank, --copies not heeded.");
        assertThat(Files.readString(folder.resolve("out/plan.json")))
                .contains("tee-adult")
                .doesNotContain("mug-11");
    }

    @Test
    void windowsAreOpenedByTheirCommands() throws IOException {
        Path job = folder.resolve("job.jurren");
        JobFile.write(JobDocument.of(DemoJob.simple()), job);
        assertThat(run().code()).as("the demo job").isEqualTo(40);
        assertThat(run("open", job.toString()).code()).isEqualTo(40);
        assertThat(run("snap", folder.toString()).code()).isEqualTo(41);
        isRefused(
                run(
                        "open",
                        Files.writeString(folder.resolve("letter.txt"), "Dear customer")
                                .toString()),
                "letter.txt",
                "a text document");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"15/16|23.8125", "11/2|139.7", "3+1/2|88.9", "10''|254", "0ft 9 1/2in|241.3"})
    void aWidthIsReadAsPeopleWriteIt(String width, double mm) throws IOException {
        Ran ran = make(drawing(FOOT), "--width", width);
        assertThat(ran.code()).isZero();
        assertThat(new com.fasterxml.jackson.databind.ObjectMapper()
                        .readTree(folder.resolve("out/plan.json").toFile())
                        .path("lines")
                        .path(0)
                        .path("art")
                        .path("widthMm")
                        .asDouble())
                .isCloseTo(mm, org.assertj.core.api.Assertions.within(0.05));
    }

    @Test
    void whatIsNoNumberIsSaidInPlainWords() {
        Ran half = run("make", "job.jurren", "--copies", "2.6", "--out", folder.toString());
        assertThat(half.code()).isEqualTo(2);
        assertThat(half.err())
                .contains("'--copies': \"2.6\" is not a whole number. See ")
                .doesNotContain("int");
        assertThat(run("make", "job.jurren", "--copies", "1,000", "--out", folder.toString())
                        .err())
                .contains("\"1,000\" is not a whole number.");
        assertThat(run("nest", "job.jurren", "--seconds", "2,5", "--out", folder.toString())
                        .err())
                .contains("\"2,5\" is not a number. Write it with a point: 2.5.");
    }
}
