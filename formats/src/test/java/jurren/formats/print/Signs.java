package jurren.formats.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** Every sign on the pages of a paper, and where it stands. */
final class Signs {
    /** Signs nearer than this are in one row. */
    private static final double ROW_PT = 4;

    private static final double TOUCHING_PT = 1;

    private Signs() {}

    /** Page by page. */
    static List<List<TextPosition>> of(byte[] pdf) throws IOException {
        List<List<TextPosition>> all = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            new PDFTextStripper() {
                @Override
                protected void startPage(PDPage page) {
                    all.add(new ArrayList<>());
                }

                @Override
                protected void processTextPosition(TextPosition text) {
                    all.getLast().add(text);
                }
            }.getText(document);
        }
        return all;
    }

    /** Of two signs in one row, one begins where the other has ended. */
    static List<String> onEachOther(List<TextPosition> page) {
        List<String> found = new ArrayList<>();
        for (TextPosition a : page) {
            for (TextPosition b : page) {
                double shared = Math.min(a.getEndX(), b.getEndX()) - Math.max(a.getX(), b.getX());
                if (a.getX() < b.getX() && Math.abs(a.getYDirAdj() - b.getYDirAdj()) < ROW_PT && shared > TOUCHING_PT) {
                    found.add("%s on %s at %.0f, %.0f".formatted(b, a, a.getX(), a.getYDirAdj()));
                }
            }
        }
        return found;
    }

    /** What stands less than {@code margin} from the edge of its page. */
    static List<TextPosition> overTheEdge(List<TextPosition> page, double margin) {
        return page.stream()
                .filter(t -> !t.getUnicode().isBlank()
                        && (t.getX() < margin
                                || t.getEndX() > t.getPageWidth() - margin
                                || t.getYDirAdj() < margin
                                || t.getYDirAdj() > t.getPageHeight() - margin / 2))
                .toList();
    }

    static String told(TextPosition t) {
        return "%s at %.0f, %.0f".formatted(t, t.getX(), t.getYDirAdj());
    }
}
