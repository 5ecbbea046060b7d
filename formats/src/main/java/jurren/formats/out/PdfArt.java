package jurren.formats.out;

import java.io.IOException;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.print.SamePdf;
import jurren.formats.print.SpotColour;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * A page as large as the art. With a cut colour, the outline of all of it as a hairline in a spot colour of that name.
 */
final class PdfArt {
    private static final double POINT_PER_MM = 72 / 25.4;
    private static final float HAIRLINE = 0.1f;

    private PdfArt() {}

    static byte[] write(ArtSheet given, Optional<String> cutColour) {
        ArtSheet sheet = given.atOrigin();
        Box box = sheet.box().orElseThrow();
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(sheet.title());
            float h = (float) (box.heightMm() * POINT_PER_MM);
            PDPage page = new PDPage(new PDRectangle((float) (box.widthMm() * POINT_PER_MM), h));
            document.addPage(page);
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                for (ArtSheet.Part part : sheet.parts()) {
                    Colour c = part.colour();
                    if (part.spot().isPresent()) {
                        out.setNonStrokingColor(SpotColour.named(part.spot().get(), c));
                    } else {
                        out.setNonStrokingColor(c.red() / 255f, c.green() / 255f, c.blue() / 255f);
                    }
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
            return SamePdf.bytes(document);
        } catch (IOException e) {
            throw new IllegalStateException("a byte array took no more bytes", e);
        }
    }

    private static void path(PDPageContentStream out, Region region, float height) throws IOException {
        Lines.draw(region, new Lines.Pen() {
            private float x(double mm) {
                return (float) (mm * POINT_PER_MM);
            }

            private float y(double mm) {
                return (float) (height - mm * POINT_PER_MM);
            }

            @Override
            public void move(double x, double y) throws IOException {
                out.moveTo(x(x), y(y));
            }

            @Override
            public void line(double x, double y) throws IOException {
                out.lineTo(x(x), y(y));
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x3, double y3) throws IOException {
                out.curveTo(x(x1), y(y1), x(x2), y(y2), x(x3), y(y3));
            }

            @Override
            public void close() throws IOException {
                out.closePath();
            }
        });
    }
}
