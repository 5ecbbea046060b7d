package jurren.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.logging.Level;
import java.util.logging.Logger;
import jurren.core.art.DrawingFile;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.MemoryUsageSetting;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;

/** Reads a page of a PDF as painted shapes at true size: a unit is 1/72 inch, times the page's own factor. */
public final class PdfReader {
    /** What a file may unpack to; more is no drawing. */
    private static final long MOST_UNPACKED = 256L << 20;

    private static final int MOST_PAGES = 500;

    private static final String FONT_CACHE = "pdfbox.fontcache";

    /** The library writes what it stumbles over to the console; what matters of it is told as a note or a refusal. */
    private static final Logger QUIET = Logger.getLogger("org.apache.pdfbox");

    static {
        QUIET.setLevel(Level.OFF);
        // what it knows of the machine's fonts it would write into the home
        if (System.getProperty(FONT_CACHE) == null) {
            System.setProperty(FONT_CACHE, System.getProperty("java.io.tmpdir"));
        }
    }

    private PdfReader() {}

    public static DrawingRead read(DrawingFile file) {
        try (PDDocument document = Loader.loadPDF(
                file.content(), "", null, null, MemoryUsageSetting.setupMainMemoryOnly(MOST_UNPACKED).streamCache)) {
            return page(file, document);
        } catch (InvalidPasswordException _) {
            return DrawingBuilder.refused(Reason.LOCKED, file, "");
        } catch (DrawingBuilder.TooMuch | CancellationException e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            // the library meets damage with exceptions of many unrelated kinds; whichever it is, the file cannot be
            // understood
            return DrawingBuilder.refused(Reason.BROKEN_DRAWING, file, firstLine(e));
        }
    }

    private static DrawingRead page(DrawingFile file, PDDocument document) throws IOException {
        int count = Math.min(MOST_PAGES, document.getNumberOfPages());
        if (file.page() < 1 || file.page() > count) {
            return DrawingBuilder.refused(Reason.NO_SUCH_PAGE, file, String.valueOf(file.page()));
        }
        DrawingBuilder found = new DrawingBuilder();
        found.yUp();
        List<String> names = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            names.add(String.valueOf(i));
        }
        found.pages(names);
        PDPage page = document.getPage(file.page() - 1);
        PagePainter painter = new PagePainter(document, page, found);
        painter.paint();
        if (painter.isBeyond(page.getCropBox())) {
            found.note(DrawingRead.Note.OVER_THE_EDGE);
        }
        return found.finish(file);
    }

    private static String firstLine(Exception e) {
        String message = e.getMessage() == null ? "its parts do not fit together" : e.getMessage();
        return message.lines().findFirst().orElse("");
    }
}
