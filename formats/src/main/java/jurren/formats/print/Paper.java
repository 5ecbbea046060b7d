package jurren.formats.print;

import jurren.formats.words.LengthUnit;
import jurren.formats.words.Units;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Sheets that a desk printer takes. */
public enum Paper {
    LETTER(PDRectangle.LETTER),
    A4(PDRectangle.A4);

    private final PDRectangle size;

    Paper(PDRectangle size) {
        this.size = size;
    }

    /** Where lengths are told in inches, desk printers hold Letter. */
    public static Paper usual(Units units) {
        return units.length() == LengthUnit.INCH ? LETTER : A4;
    }

    PDRectangle size() {
        return size;
    }
}
