package jurren.formats.print;

import java.awt.image.BufferedImage;
import java.awt.print.Book;
import java.awt.print.PageFormat;
import java.awt.print.Pageable;
import java.awt.print.Paper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.printing.PDFPrintable;
import org.apache.pdfbox.printing.Scaling;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The pages of a paper, to be looked at before they are printed, and for printing where nothing takes a PDF. */
public final class PdfPages {
    private static final double MARGIN_PT = 36;

    /**
     * One page.
     *
     * @param number from 1
     * @param of     how many there are
     * @param rgb    its pixels, row by row
     */
    public record Page(int number, int of, int width, int height, int[] rgb) {}

    /** In points. */
    public record Size(double widthPt, double heightPt) {}

    /** What is printed with pages. */
    public interface Printing<E extends Exception> {
        void print(Pageable pages) throws E;
    }

    private PdfPages() {}

    /** @param number from 1; the last for what is beyond it */
    public static Page render(byte[] pdf, int number, int perInch) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            int count = document.getNumberOfPages();
            int shown = Math.clamp(number, 1, count);
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(shown - 1, perInch, ImageType.RGB);
            int w = image.getWidth();
            int h = image.getHeight();
            return new Page(shown, count, w, h, image.getRGB(0, 0, w, h, null, 0, w));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Of the first page. */
    public static Size size(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDRectangle box = document.getPage(0).getMediaBox();
            return new Size(box.getWidth(), box.getHeight());
        }
    }

    /** A picture as large as a sheet takes it, lying on its side where it is wider than high. */
    public static byte[] ofPicture(byte[] png, jurren.formats.print.Paper paper) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDImageXObject image = PDImageXObject.createFromByteArray(document, png, "proof");
            boolean lies = image.getWidth() > image.getHeight();
            PDRectangle size = lies
                    ? new PDRectangle(paper.size().getHeight(), paper.size().getWidth())
                    : paper.size();
            PDPage page = new PDPage(size);
            document.addPage(page);
            double scale = Math.min(
                    (size.getWidth() - 2 * MARGIN_PT) / image.getWidth(),
                    (size.getHeight() - 2 * MARGIN_PT) / image.getHeight());
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.drawImage(
                        image,
                        (float) ((size.getWidth() - scale * image.getWidth()) / 2),
                        (float) (size.getHeight() - MARGIN_PT - scale * image.getHeight()),
                        (float) (scale * image.getWidth()),
                        (float) (scale * image.getHeight()));
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    /** Each page on paper of its own size, true or as large as that takes it. */
    public static <E extends Exception> void printing(byte[] pdf, boolean trueSize, Printing<E> how)
            throws IOException, E {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            Book book = new Book();
            PDFPrintable painter = new PDFPrintable(document, trueSize ? Scaling.ACTUAL_SIZE : Scaling.SHRINK_TO_FIT);
            for (PDPage page : document.getPages()) {
                PDRectangle box = page.getMediaBox();
                Paper paper = new Paper();
                paper.setSize(box.getWidth(), box.getHeight());
                paper.setImageableArea(0, 0, box.getWidth(), box.getHeight());
                PageFormat format = new PageFormat();
                format.setPaper(paper);
                book.append(painter, format);
            }
            how.print(book);
        }
    }
}
