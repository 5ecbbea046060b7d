package jurren.formats.print;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import jurren.core.art.Ink;
import jurren.core.art.PictureFile;
import jurren.core.art.Pixels;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.trace.Picture;
import jurren.formats.picture.PictureReader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.function.PDFunction;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType3;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType3;

/** The pictures and shades of one PDF; each picture is in it once. */
final class PdfInks {
    private static final int BITS = 8;
    private static final double TOUCH_MM = 0.01;

    private final PDDocument document;
    private final Map<Pixels, PDImageXObject> pictures = new HashMap<>();

    PdfInks(PDDocument document) {
        this.document = document;
    }

    PDImageXObject picture(Pixels pixels) throws IOException {
        PDImageXObject known = pictures.get(pixels);
        if (known == null) {
            Optional<PDImageXObject> asItCame = pixels instanceof PictureFile f ? jpeg(f) : Optional.empty();
            known = asItCame.isPresent() ? asItCame.get() : lossless(pixels.picture());
            pictures.put(pixels, known);
        }
        return known;
    }

    /** A photograph's own bytes, unless it has to be turned, or its colours are not of a screen. */
    private Optional<PDImageXObject> jpeg(PictureFile file) throws IOException {
        byte[] content = file.content();
        if (content.length < 2
                || (content[0] & 0xFF) != 0xFF
                || (content[1] & 0xFF) != 0xD8
                || !PictureReader.isUpright(content)) {
            return Optional.empty();
        }
        PDImageXObject image = JPEGFactory.createFromByteArray(document, content);
        return image.getColorSpace().getNumberOfComponents() == 4 ? Optional.empty() : Optional.of(image);
    }

    /** Compressed at once and row by row against the pixel before, which is far quicker than searching for the best. */
    private PDImageXObject lossless(Picture picture) throws IOException {
        PDImageXObject image = encoded(picture, PDDeviceRGB.INSTANCE, 16, 8, 0);
        if (!picture.isOpaque()) {
            image.getCOSObject().setItem(COSName.SMASK, encoded(picture, PDDeviceGray.INSTANCE, 24));
        }
        return image;
    }

    private PDImageXObject encoded(Picture picture, PDColorSpace colours, int... shifts) throws IOException {
        int n = shifts.length;
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(picture.width() * picture.height());
        Deflater fast = new Deflater(Deflater.BEST_SPEED);
        try (DeflaterOutputStream out = new DeflaterOutputStream(bytes, fast, 1 << 16)) {
            int[] argb = new int[picture.width()];
            byte[] row = new byte[1 + n * picture.width()];
            for (int y = 0; y < picture.height(); y++) {
                picture.row(y, argb);
                // the PNG predictor "sub": PDF 32000-1, 7.4.4.4
                row[0] = 1;
                int before = 0;
                for (int x = 0; x < argb.length; x++) {
                    for (int c = 0; c < n; c++) {
                        row[1 + n * x + c] = (byte) ((argb[x] >>> shifts[c]) - (before >>> shifts[c]));
                    }
                    before = argb[x];
                }
                out.write(row);
            }
        } finally {
            fast.end();
        }
        PDImageXObject image = new PDImageXObject(
                document,
                new ByteArrayInputStream(bytes.toByteArray()),
                COSName.FLATE_DECODE,
                picture.width(),
                picture.height(),
                BITS,
                colours);
        COSDictionary predictor = new COSDictionary();
        predictor.setInt(COSName.PREDICTOR, 15);
        predictor.setInt(COSName.COLORS, n);
        predictor.setInt(COSName.COLUMNS, picture.width());
        predictor.setInt(COSName.BITS_PER_COMPONENT, BITS);
        image.getCOSObject().setItem(COSName.DECODE_PARMS, predictor);
        return image;
    }

    /** Over the unit square or circle. */
    static PDShading shade(Ink.Shade s) throws IOException {
        PDShading shading =
                s.round() ? new PDShadingType3(new COSDictionary()) : new PDShadingType2(new COSDictionary());
        COSDictionary d = shading.getCOSObject();
        d.setInt(COSName.SHADING_TYPE, s.round() ? 3 : 2);
        d.setItem(COSName.COLORSPACE, COSName.DEVICERGB);
        d.setItem(COSName.COORDS, s.round() ? numbers(0, 0, 0, 0, 0, 1) : numbers(0, 0, 1, 0));
        COSArray extend = new COSArray();
        extend.add(COSBoolean.TRUE);
        extend.add(COSBoolean.TRUE);
        d.setItem(COSName.EXTEND, extend);
        d.setItem(COSName.FUNCTION, along(s.stops()).getCOSObject());
        return shading;
    }

    private static PDFunction along(List<Ink.Stop> stops) throws IOException {
        COSDictionary all = new COSDictionary();
        COSArray functions = new COSArray();
        COSArray bounds = new COSArray();
        COSArray encode = new COSArray();
        double at = 0;
        Ink.Stop before = stops.getFirst();
        for (Ink.Stop next : stops) {
            if (next.at() > at) {
                if (at > 0) {
                    bounds.add(new COSFloat((float) at));
                }
                functions.add(between(before.argb(), next.argb()));
                encode.add(COSInteger.ZERO);
                encode.add(COSInteger.ONE);
                at = next.at();
            }
            before = next;
        }
        if (at < 1) {
            if (at > 0) {
                bounds.add(new COSFloat((float) at));
            }
            functions.add(between(before.argb(), before.argb()));
            encode.add(COSInteger.ZERO);
            encode.add(COSInteger.ONE);
        }
        all.setInt(COSName.FUNCTION_TYPE, 3);
        all.setItem(COSName.DOMAIN, numbers(0, 1));
        all.setItem(COSName.FUNCTIONS, functions);
        all.setItem(COSName.BOUNDS, bounds);
        all.setItem(COSName.ENCODE, encode);
        return new PDFunctionType3(all);
    }

    private static COSDictionary between(int from, int to) {
        COSDictionary d = new COSDictionary();
        d.setInt(COSName.FUNCTION_TYPE, 2);
        d.setItem(COSName.DOMAIN, numbers(0, 1));
        d.setItem(COSName.C0, rgb(from));
        d.setItem(COSName.C1, rgb(to));
        d.setItem(COSName.N, COSInteger.ONE);
        return d;
    }

    private static COSArray rgb(int argb) {
        return numbers((argb >> 16 & 0xFF) / 255f, (argb >> 8 & 0xFF) / 255f, (argb & 0xFF) / 255f);
    }

    private static COSArray numbers(float... n) {
        COSArray array = new COSArray();
        for (float f : n) {
            array.add(new COSFloat(f));
        }
        return array;
    }

    /** Where a picture's mirrored neighbours have to be drawn too, so that it reaches all of a box: from its pixels. */
    static List<Placement> tiles(Picture picture, Placement toMm, Box reach) {
        List<Placement> tiles = new ArrayList<>();
        for (int across = -1; across <= 1; across++) {
            for (int down = -1; down <= 1; down++) {
                Placement mirrored = new Placement(
                        across == 0 ? 1 : -1,
                        0,
                        0,
                        down == 0 ? 1 : -1,
                        across > 0 ? 2.0 * picture.width() : 0,
                        down > 0 ? 2.0 * picture.height() : 0);
                Placement tile = mirrored.then(toMm);
                Box covers = new Box(0, 0, picture.width(), picture.height()).placed(tile);
                if (covers.grown(-TOUCH_MM).crossed(reach).isPresent()) {
                    tiles.add(tile);
                }
            }
        }
        return tiles;
    }
}
