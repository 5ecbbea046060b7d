package jurren.formats.out;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType2;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;

/** A page as large as the art. With a cut colour, the outline of all of it as a hairline in a spot colour of that name. */
final class PdfArt {
    private static final double POINT_PER_MM = 72 / 25.4;
    private static final float HAIRLINE = 0.1f;
    private static final float[] CUT_SHOWN_AS = {0.486f, 0.18f, 0.341f};

    private PdfArt() {
    }

    static byte[] write(ArtSheet given, Optional<String> cutColour) {
        ArtSheet sheet = given.atOrigin();
        Box box = sheet.box().orElseThrow();
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(sheet.title());
            float h = (float) (box.heightMm() * POINT_PER_MM);
            PDPage page = new PDPage(new PDRectangle((float) (box.widthMm() * POINT_PER_MM), h));
            document.addPage(page);
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                for (ArtSheet.Part part : sheet.parts()) {
                    Colour c = part.colour();
                    out.setNonStrokingColor(c.red() / 255f, c.green() / 255f, c.blue() / 255f);
                    path(out, part.region(), h);
                    out.fillEvenOdd();
                }
                if (cutColour.isPresent()) {
                    PDSeparation spot = spot(cutColour.get());
                    out.setStrokingColor(new PDColor(new float[] {1}, spot));
                    out.setLineWidth(HAIRLINE);
                    path(out, sheet.whole(), h);
                    out.stroke();
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException("a byte array took no more bytes", e);
        }
    }

    private static void path(PDPageContentStream out, Region region, float height) throws IOException {
        for (Outline o : Lines.outlines(region)) {
            for (int i = 0; i < o.size(); i++) {
                float x = (float) (o.xMm(i) * POINT_PER_MM);
                float y = (float) (height - o.yMm(i) * POINT_PER_MM);
                if (i == 0) {
                    out.moveTo(x, y);
                } else {
                    out.lineTo(x, y);
                }
            }
            out.closePath();
        }
    }

    /** A colour of its own, with what it looks like where there is none. */
    private static PDSeparation spot(String name) throws IOException {
        COSDictionary function = new COSDictionary();
        function.setItem(COSName.FUNCTION_TYPE, COSInteger.TWO);
        function.setItem(COSName.DOMAIN, numbers(0, 1));
        function.setItem(COSName.C0, numbers(1, 1, 1));
        function.setItem(COSName.C1, numbers(CUT_SHOWN_AS));
        function.setItem(COSName.N, COSInteger.ONE);
        COSArray space = new COSArray();
        space.add(COSName.SEPARATION);
        space.add(COSName.getPDFName(name));
        space.add(PDDeviceRGB.INSTANCE.getCOSObject());
        space.add(new PDFunctionType2(function).getCOSObject());
        return new PDSeparation(space, null);
    }

    private static COSArray numbers(float... n) {
        COSArray array = new COSArray();
        for (float f : n) {
            array.add(new COSFloat(f));
        }
        return array;
    }
}
