package jurren.formats.print;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Sheets that a desk printer takes. */
public enum Paper {
    LETTER(PDRectangle.LETTER), A4(PDRectangle.A4);

    private final PDRectangle size;

    Paper(PDRectangle size) {
        this.size = size;
    }

    PDRectangle size() {
        return size;
    }
}
