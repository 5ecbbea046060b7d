package jurren.app.window;

import java.util.List;
import java.util.function.Supplier;
import javafx.print.PageLayout;
import javafx.print.PrinterJob;
import javafx.scene.Scene;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import jurren.app.desk.Order;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.cure.Remedies;
import jurren.core.plan.Plan;
import jurren.formats.print.PdfPages;
import jurren.formats.print.TicketPdf;
import jurren.formats.words.Units;
import jurren.formats.print.Paper;

/** The ticket to a printer, by way of its own PDF, so that paper and file are the same. */
final class Printing {
    private static final int PER_INCH = 200;

    private final Session session;
    private final Supplier<Scene> scene;

    Printing(Session session, Supplier<Scene> scene) {
        this.session = session;
        this.scene = scene;
    }

    void print(String name, Plan plan) {
        PrinterJob job = PrinterJob.createPrinterJob();
        if (job == null) {
            session.trouble(Texts.of("printer.none"));
            return;
        }
        job.getJobSettings().setJobName(name);
        if (!job.showPrintDialog(scene.get().getWindow())) {
            job.cancelJob();
            return;
        }
        Units units = session.settings().units();
        Paper paper = session.settings().paper();
        Remedies remedies = session.snags().remedies();
        session.desk().give(new Order<>(Texts.of("work.printing"), _ -> PdfPages.render(TicketPdf.write(plan, units, remedies, paper), PER_INCH),
                pages -> send(job, pages), why -> {
            job.cancelJob();
            session.trouble(Texts.of("work.failed", Texts.reason(why)));
        }));
    }

    /** Each page as large as the paper takes it. */
    private void send(PrinterJob job, List<PdfPages.Page> pages) {
        PageLayout layout = job.getJobSettings().getPageLayout();
        for (PdfPages.Page page : pages) {
            WritableImage image = new WritableImage(page.width(), page.height());
            image.getPixelWriter().setPixels(0, 0, page.width(), page.height(), PixelFormat.getIntArgbInstance(), page.rgb(), 0, page.width());
            ImageView view = new ImageView(image);
            view.setPreserveRatio(true);
            view.setFitWidth(layout.getPrintableWidth());
            view.setFitHeight(layout.getPrintableHeight());
            if (!job.printPage(layout, view)) {
                session.trouble(Texts.of("printer.refused"));
                job.cancelJob();
                return;
            }
        }
        session.say(job.endJob() ? Texts.of("printer.sent", pages.size()) : Texts.of("printer.refused"));
    }
}
