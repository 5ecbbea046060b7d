package jurren.formats.print;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The pages of a paper as pictures, for a printer that takes no PDF. */
public final class PdfPages {
    /**
     * One page.
     *
     * @param rgb its pixels, row by row
     */
    public record Page(int width, int height, int[] rgb) {}

    private PdfPages() {}

    public static List<Page> render(byte[] pdf, int perInch) {
        List<Page> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                BufferedImage image = renderer.renderImageWithDPI(i, perInch, ImageType.RGB);
                int w = image.getWidth();
                int h = image.getHeight();
                pages.add(new Page(w, h, image.getRGB(0, 0, w, h, null, 0, w)));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return pages;
    }
}
