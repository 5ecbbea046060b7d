package jurren.app.cli;

import jurren.core.blank.Blank;
import jurren.core.blank.BlankSize;
import jurren.core.job.Shop;
import jurren.core.material.Material;
import jurren.formats.catalogue.BuiltInShop;
import java.io.PrintWriter;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "list", mixinStandardHelpOptions = true, resourceBundle = "jurren.app.cli.cli")
final class ListCommand implements Callable<Integer> {
    enum What {
        BLANKS, MATERIALS, MACHINES;

        @Override
        public String toString() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    @Parameters(paramLabel = "WHAT", descriptionKey = "list.what")
    private What what;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Shop shop = BuiltInShop.read();
        PrintWriter out = spec.commandLine().getOut();
        switch (what) {
            case BLANKS -> shop.blanks().forEach(b -> out.println(blank(b)));
            case MATERIALS -> shop.materials().forEach(m -> out.println(material(m)));
            case MACHINES -> {
                out.println(CliTexts.text("list.cutter", shop.cutter().id(), shop.cutter().name(),
                        shop.cutter().widthMm(), shop.cutter().usableMm(shop.cutter().widthMm())));
                out.println(CliTexts.text("list.press", shop.press().id(), shop.press().name(),
                        shop.press().platenWidthMm(), shop.press().platenHeightMm(), shop.press().mostCelsius()));
            }
        }
        out.flush();
        return 0;
    }

    private static String blank(Blank b) {
        BlankSize size = b.size(b.referenceSize()).orElseThrow();
        return CliTexts.text("list.blank", b.id(), b.name(),
                b.sizes().stream().map(BlankSize::id).collect(Collectors.joining(" ")), size.id(),
                size.area().widthMm(), size.area().heightMm(), size.artWidthMm(),
                b.colours().stream().map(c -> c.id()).collect(Collectors.joining(" ")));
    }

    private static String material(Material m) {
        return CliTexts.text("list.material", m.id(), m.name(), m.recipe().celsius(), m.recipe().leastS(),
                m.recipe().mostS(), m.thicknessMm(), m.leastStrokeMm());
    }
}
