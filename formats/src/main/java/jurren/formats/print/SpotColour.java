package jurren.formats.print;

import java.io.IOException;
import jurren.core.material.Colour;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType2;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;

/** A colour of its own name in a PDF, with what it looks like where there is none. */
public final class SpotColour {
    private static final float[] CUT_SHOWN_AS = {0.486f, 0.18f, 0.341f};

    private SpotColour() {}

    /** In full strength, as a line to cut along. */
    public static PDColor named(String name) throws IOException {
        return named(name, CUT_SHOWN_AS);
    }

    /** A plate of its own under or over the rest; where there is no such ink it is not seen. */
    public static PDColor plate(String name) throws IOException {
        return named(name, new float[] {1, 1, 1});
    }

    /** In full strength, an ink that is shown in a colour. */
    public static PDColor named(String name, Colour shownAs) throws IOException {
        return named(name, new float[] {shownAs.red() / 255f, shownAs.green() / 255f, shownAs.blue() / 255f});
    }

    private static PDColor named(String name, float[] shownAs) throws IOException {
        COSDictionary function = new COSDictionary();
        function.setItem(COSName.FUNCTION_TYPE, COSInteger.TWO);
        function.setItem(COSName.DOMAIN, numbers(0, 1));
        function.setItem(COSName.C0, numbers(1, 1, 1));
        function.setItem(COSName.C1, numbers(shownAs));
        function.setItem(COSName.N, COSInteger.ONE);
        COSArray space = new COSArray();
        space.add(COSName.SEPARATION);
        space.add(COSName.getPDFName(name));
        space.add(PDDeviceRGB.INSTANCE.getCOSObject());
        space.add(new PDFunctionType2(function).getCOSObject());
        return new PDColor(new float[] {1}, new PDSeparation(space, null));
    }

    private static COSArray numbers(float... n) {
        COSArray array = new COSArray();
        for (float f : n) {
            array.add(new COSFloat(f));
        }
        return array;
    }
}
