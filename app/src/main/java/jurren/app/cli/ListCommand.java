package jurren.app.cli;

import java.io.PrintWriter;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import jurren.app.keep.ShopFolder;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.blank.Surface;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Shop;
import jurren.core.material.Material;
import jurren.formats.start.Start;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "list", mixinStandardHelpOptions = true, resourceBundle = "jurren.app.cli.cli")
final class ListCommand implements Callable<Integer> {
    enum What {
        BLANKS,
        MATERIALS,
        MACHINES,
        STARTS,
        HOLDS;

        @Override
        public String toString() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    @Parameters(index = "0", paramLabel = "WHAT", descriptionKey = "list.what")
    private What what;

    @Parameters(index = "1", arity = "0..1", paramLabel = "BLANK", descriptionKey = "list.of")
    private String blankId;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Shop shop = ShopFolder.usual().shop();
        PrintWriter out = spec.commandLine().getOut();
        switch (what) {
            case BLANKS -> shop.blanks().forEach(b -> out.println(blank(b)));
            case MATERIALS -> shop.materials().forEach(m -> out.println(material(m)));
            case STARTS -> ShopFolder.usual().starts().read().starts().forEach(s -> start(s, out));
            case HOLDS -> holds(shop, out);
            case MACHINES -> {
                out.println(CliTexts.text(
                        shop.cutter().isOnMats() ? "list.cutter.mats" : "list.cutter",
                        shop.cutter().id(),
                        shop.cutter().name(),
                        shop.cutter().widthMm(),
                        shop.cutter().usableMm(shop.cutter().widthMm()),
                        shop.cutter().matMm()));
                shop.presses()
                        .forEach(p -> out.println(CliTexts.text(
                                "list.press",
                                p.id(),
                                p.name(),
                                p.platenWidthMm(),
                                p.platenHeightMm(),
                                p.mostCelsius())));
            }
        }
        out.flush();
        return 0;
    }

    /** Every material on every face of a blank, in its first colour. */
    private void holds(Shop shop, PrintWriter out) {
        if (blankId == null) {
            throw new Problem(CliTexts.text("list.holds.which"));
        }
        Blank blank = Wanted.blank(shop, blankId);
        Words words = new Words(Units.METRIC);
        for (Face face : blank.reference().faces()) {
            out.println(CliTexts.text(
                    "list.holds.face",
                    blank.name(),
                    face.name(),
                    blank.colours().getFirst().name()));
            for (Material m : shop.materials()) {
                Verdict v = WhatHolds.of(m, blank.madeOf(face), blank.colours().getFirst(), face);
                out.println(CliTexts.text("list.holds.row", m.id(), Words.answer(v), words.reason(v)));
            }
        }
    }

    private static void start(Start s, PrintWriter out) {
        out.println(CliTexts.text("list.start", s.id(), s.name(), s.about()));
        s.fields()
                .forEach(f -> out.println(CliTexts.text(
                        "list.start.field",
                        f.id(),
                        f.name(),
                        f.kind().name().toLowerCase(Locale.ROOT),
                        f.value().isBlank()
                                ? CliTexts.text(f.id().equals(Start.SIZE) ? "list.start.size" : "list.start.empty")
                                : f.value(),
                        f.choices().isEmpty()
                                ? ""
                                : " (" + String.join(", ", f.choices().keySet()) + ")")));
    }

    private static String blank(Blank b) {
        BlankSize size = b.reference();
        Face face = size.faces().getFirst();
        return CliTexts.text(
                "list.blank",
                b.id(),
                b.name(),
                b.sizes().stream().map(BlankSize::id).collect(Collectors.joining(" ")),
                size.id(),
                face.area().widthMm(),
                face.area().heightMm(),
                face.artWidthMm(),
                b.colours().stream().map(c -> c.id()).collect(Collectors.joining(" ")),
                surface(face));
    }

    private static String surface(Face face) {
        return switch (face.surface()) {
            case Surface.Flat _ -> CliTexts.text("list.flat");
            case Surface.Round r ->
                CliTexts.text("list.round", r.kind(), r.topDiameterMm(), r.footDiameterMm(), r.slantMm());
        };
    }

    private static String material(Material m) {
        return m.recipe()
                .map(r -> CliTexts.text(
                        "list.material",
                        m.id(),
                        m.name(),
                        r.celsius(),
                        r.leastS(),
                        r.mostS(),
                        m.thicknessMm(),
                        m.leastStrokeMm(),
                        way(m)))
                .orElseGet(() -> CliTexts.text(
                        "list.material.cold", m.id(), m.name(), m.thicknessMm(), m.leastStrokeMm(), way(m)));
    }

    private static String way(Material m) {
        return Words.process(m.process()).toLowerCase(Locale.ROOT);
    }
}
