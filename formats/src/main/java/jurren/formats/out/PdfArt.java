package jurren.formats.out;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.print.SpotColour;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** A page as large as the art. With a cut colour, the outline of all of it as a hairline in a spot colour of that name. */
final class PdfArt {
    private static final double POINT_PER_MM = 72 / 25.4;
    private static final float HAIRLINE = 0.1f;

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
                    out.setStrokingColor(SpotColour.named(cutColour.get()));
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
}
