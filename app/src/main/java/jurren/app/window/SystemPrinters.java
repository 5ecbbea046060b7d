package jurren.app.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.print.PageLayout;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import jurren.app.theme.Texts;
import jurren.formats.print.PdfPages;

/** Those the operating system knows. */
final class SystemPrinters implements Printers {
    /** What Java hands pages to on Linux; without it they are lost, and the job still says that it is done. */
    private static final Path LPR = Path.of("/usr/bin/lpr");

    @Override
    public List<String> names() {
        Printer usual = Printer.getDefaultPrinter();
        return Printer.getAllPrinters().stream()
                .sorted(Comparator.<Printer, Boolean>comparing(p -> !p.equals(usual))
                        .thenComparing(Printer::getName))
                .map(Printer::getName)
                .toList();
    }

    @Override
    public Optional<String> hindrance() {
        return System.getProperty("os.name").startsWith("Linux") && !Files.isExecutable(LPR)
                ? Optional.of(Texts.of("printer.no-lpr", LPR))
                : Optional.empty();
    }

    @Override
    public boolean print(String printer, String name, int copies, List<PdfPages.Page> pages) {
        Optional<Printer> found = Printer.getAllPrinters().stream()
                .filter(p -> p.getName().equals(printer))
                .findFirst();
        PrinterJob job = found.map(PrinterJob::createPrinterJob).orElse(null);
        if (job == null) {
            return false;
        }
        job.getJobSettings().setJobName(name);
        job.getJobSettings().setCopies(copies);
        PageLayout layout = job.getJobSettings().getPageLayout();
        for (PdfPages.Page page : pages) {
            if (!job.printPage(layout, view(page, layout))) {
                job.cancelJob();
                return false;
            }
        }
        return job.endJob();
    }

    private static ImageView view(PdfPages.Page page, PageLayout layout) {
        WritableImage image = new WritableImage(page.width(), page.height());
        image.getPixelWriter()
                .setPixels(
                        0,
                        0,
                        page.width(),
                        page.height(),
                        PixelFormat.getIntArgbInstance(),
                        page.rgb(),
                        0,
                        page.width());
        ImageView view = new ImageView(image);
        view.setPreserveRatio(true);
        view.setFitWidth(layout.getPrintableWidth());
        view.setFitHeight(layout.getPrintableHeight());
        return view;
    }
}
