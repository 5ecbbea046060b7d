package jurren.app.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import jurren.app.keep.ShopFolder;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.job.Shop;
import jurren.formats.files.SafeFiles;
import jurren.formats.print.Paper;
import jurren.formats.print.TemplatePdf;
import jurren.formats.print.TemplateSvg;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "template", mixinStandardHelpOptions = true, resourceBundle = "jurren.app.cli.cli")
final class TemplateCommand implements Callable<Integer> {
    @Parameters(paramLabel = "BLANK", descriptionKey = "template.blank")
    private String blankId;

    @Option(names = "--size", paramLabel = "SIZE", descriptionKey = "template.size")
    private String size;

    @Option(names = "--face", paramLabel = "FACE", descriptionKey = "template.face")
    private String faceId;

    @Option(names = "--paper", paramLabel = "PAPER", defaultValue = "LETTER", descriptionKey = "template.paper")
    private Paper paper;

    @Option(names = "--out", paramLabel = "FILE", required = true, descriptionKey = "template.out")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Shop shop = ShopFolder.usual().shop();
        Blank blank = Wanted.blank(shop, blankId);
        BlankSize sold = Wanted.size(blank, size);
        Face face = faceId == null
                ? sold.faces().getFirst()
                : sold.face(faceId)
                        .orElseThrow(() -> new Problem(CliTexts.text(
                                "template.no-face",
                                blank.name(),
                                faceId,
                                sold.faces().stream().map(Face::id).collect(Collectors.joining(" ")))));
        String title = blank.name() + (blank.sizes().size() > 1 ? ", " + sold.id() : "") + ", " + face.name();
        String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
        if (!name.endsWith(".svg") && !name.endsWith(".pdf")) {
            throw new Problem(CliTexts.text("template.ending", out.getFileName()));
        }
        write(name.endsWith(".svg") ? TemplateSvg.write(title, face) : TemplatePdf.write(title, face, paper));
        spec.commandLine().getOut().println(CliTexts.text("make.wrote", out));
        spec.commandLine().getOut().flush();
        return 0;
    }

    private void write(byte[] content) {
        try {
            SafeFiles.write(out, content);
        } catch (IOException e) {
            throw new Problem(CliTexts.text("make.not-written", out, String.valueOf(e.getMessage())));
        }
    }
}
