package jurren.standins.printer;

import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.dryrun.InkSheet;
import jurren.core.geometry.Curves;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.trace.Picture;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;

/**
 * Prints the first page of a PDF: each filled path covers what was printed before it, and so do pictures and shades, of
 * which it is told where they lie and how the whole sheet looks. Lines and letters are too thin to matter.
 */
public final class StandInPrinter extends PDFGraphicsStreamEngine {
    private static final double MM_PER_POINT = 25.4 / 72;

    /** Fine enough to tell what a picture shows, and where. */
    private static final double LOOK_PX_PER_MM = 4;

    private final Deque<Optional<Region>> clips = new ArrayDeque<>();
    private Optional<Region> clip = Optional.empty();
    private final List<Covered> covered = new ArrayList<>();
    private final Map<String, Region> plates = new LinkedHashMap<>();
    private final AffineTransform toMm;
    private final GeneralPath path = new GeneralPath();

    private StandInPrinter(PDPage page) {
        super(page);
        toMm = new AffineTransform(
                MM_PER_POINT, 0, 0, -MM_PER_POINT, 0, page.getMediaBox().getHeight() * MM_PER_POINT);
    }

    /** @param order which of the job's prints it is, from 1 */
    public static InkSheet print(int order, byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDPage page = document.getPage(0);
            StandInPrinter printer = new StandInPrinter(page);
            printer.processPage(page);
            Region shaded = printer.left(Optional.empty());
            Map<Colour, Region> ink = new LinkedHashMap<>();
            printer.covered.stream()
                    .flatMap(c -> c.colour.stream())
                    .distinct()
                    .forEach(c -> ink.put(c, printer.left(Optional.of(c))));
            return new InkSheet(
                    order,
                    ink,
                    shaded,
                    shaded.isEmpty() ? Optional.empty() : Optional.of(look(document)),
                    printer.plates);
        }
    }

    /** What was put down in one go; of no colour when it is not flat. */
    private record Covered(Optional<Colour> colour, Region region) {}

    /** What of a colour nothing lies on. */
    private Region left(Optional<Colour> colour) {
        List<Region> left = new ArrayList<>();
        for (int i = 0; i < covered.size(); i++) {
            if (covered.get(i).colour.equals(colour)) {
                Region own = covered.get(i).region;
                for (Covered later : covered.subList(i + 1, covered.size())) {
                    if (!later.colour.equals(colour)
                            && later.region.bounds().crossed(own.bounds()).isPresent()) {
                        own = own.minus(later.region);
                    }
                    if (own.isEmpty()) {
                        break;
                    }
                }
                left.add(own);
            }
        }
        boolean apart = left.stream()
                .noneMatch(a -> left.stream()
                        .anyMatch(b -> b != a && b.bounds().crossed(a.bounds()).isPresent()));
        return apart ? Region.together(left) : Region.weld(left);
    }

    private static InkSheet.Look look(PDDocument document) throws IOException {
        BufferedImage image = new PDFRenderer(document).renderImage(0, (float) (LOOK_PX_PER_MM * MM_PER_POINT));
        int w = image.getWidth();
        int h = image.getHeight();
        return new InkSheet.Look(Picture.ofOwned(w, h, image.getRGB(0, 0, w, h, null, 0, w)), LOOK_PX_PER_MM);
    }

    private Region enclosed(int windingRule) {
        Curves curves = Curves.of(new Path2D.Double(path, toMm));
        return curves.outlines().isEmpty()
                ? Region.EMPTY
                : Region.enclosedBy(
                        curves.outlines(), windingRule == Path2D.WIND_EVEN_ODD ? FillRule.EVEN_ODD : FillRule.NON_ZERO);
    }

    private void put(Optional<Colour> colour, Region reach) {
        Region region = clip.map(reach::intersect).orElse(reach);
        if (!region.isEmpty()) {
            covered.add(new Covered(colour, region));
        }
    }

    /** Anything but a flat colour, within what it is clipped to. */
    private void shade(Region reach) {
        put(Optional.empty(), reach);
    }

    private void fill(int windingRule) throws IOException {
        Region whole = enclosed(windingRule);
        if (getGraphicsState().getNonStrokingColor().getColorSpace() instanceof PDSeparation plate) {
            Region inked = clip.map(whole::intersect).orElse(whole);
            plates.merge(plate.getColorantName(), inked, Region::weld);
            path.reset();
            return;
        }
        int rgb = getGraphicsState().getNonStrokingColor().toRGB();
        if (getGraphicsState().getNonStrokeAlphaConstant() < 1) {
            shade(whole);
        } else {
            put(Optional.of(new Colour(rgb & 0xFFFFFF)), whole);
        }
        path.reset();
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        path.moveTo(p0.getX(), p0.getY());
        path.lineTo(p1.getX(), p1.getY());
        path.lineTo(p2.getX(), p2.getY());
        path.lineTo(p3.getX(), p3.getY());
        path.closePath();
    }

    @Override
    public void moveTo(float x, float y) {
        path.moveTo(x, y);
    }

    @Override
    public void lineTo(float x, float y) {
        path.lineTo(x, y);
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        path.curveTo(x1, y1, x2, y2, x3, y3);
    }

    @Override
    public Point2D getCurrentPoint() {
        return path.getCurrentPoint();
    }

    @Override
    public void closePath() {
        path.closePath();
    }

    @Override
    public void endPath() {
        path.reset();
    }

    @Override
    public void strokePath() {
        path.reset();
    }

    @Override
    public void fillPath(int windingRule) throws IOException {
        fill(windingRule);
    }

    @Override
    public void fillAndStrokePath(int windingRule) throws IOException {
        fill(windingRule);
    }

    @Override
    public void clip(int windingRule) {
        Region by = enclosed(windingRule);
        clip = Optional.of(clip.map(c -> c.intersect(by)).orElse(by));
    }

    @Override
    public void saveGraphicsState() {
        super.saveGraphicsState();
        clips.push(clip);
    }

    @Override
    public void restoreGraphicsState() {
        super.restoreGraphicsState();
        clip = clips.pop();
    }

    @Override
    public void shadingFill(COSName name) {
        clip.ifPresent(this::shade);
    }

    @Override
    public void drawImage(PDImage image) {
        AffineTransform unit =
                getGraphicsState().getCurrentTransformationMatrix().createAffineTransform();
        unit.preConcatenate(toMm);
        shade(Region.enclosedBy(
                Curves.of(new Path2D.Double(new Rectangle2D.Double(0, 0, 1, 1), unit))
                        .outlines(),
                FillRule.NON_ZERO));
    }

    @Override
    protected void showGlyph(Matrix matrix, PDFont font, int code, Vector displacement) {
        // the sheet's name stands in its margin
    }
}
