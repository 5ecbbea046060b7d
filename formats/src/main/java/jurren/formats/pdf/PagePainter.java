package jurren.formats.pdf;

import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingRead.Note;
import jurren.formats.drawing.Found;
import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDVectorFont;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceN;
import org.apache.pdfbox.pdmodel.graphics.color.PDPattern;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.pdmodel.graphics.state.PDGraphicsState;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;

/** Paints one page into {@link Found}: fills, strokes, letters as outlines, and what clips leave of them. */
final class PagePainter extends PDFGraphicsStreamEngine {
    private static final double MM_PER_POINT = 25.4 / 72;
    /** A page that asks for more would take longer than anyone waits. */
    private static final int MOST_OPERATORS = 3_000_000;
    private static final int UNKNOWN = 0x808080;

    private final Found found;
    private final AffineTransform toMm;
    private final GeneralPath path = new GeneralPath();
    private final Deque<Optional<Region>> clips = new ArrayDeque<>();
    private int clipRule = -1;
    private Optional<Region> clip = Optional.empty();
    private int operators;
    private Path2D textClip;

    PagePainter(PDPage page, Found found) {
        super(page);
        this.found = found;
        double unit = page.getUserUnit() * MM_PER_POINT;
        this.toMm = AffineTransform.getScaleInstance(unit, unit);
        // pages turned for reading are turned back
        this.toMm.rotate(-Math.toRadians(page.getRotation()));
    }

    void paint() throws IOException {
        processPage(getPage());
    }

    @Override
    protected void processOperator(Operator operator, List<COSBase> operands) throws IOException {
        if (++operators > MOST_OPERATORS || Thread.currentThread().isInterrupted()) {
            throw new Found.TooMuch();
        }
        super.processOperator(operator, operands);
    }

    @Override
    public void saveGraphicsState() {
        super.saveGraphicsState();
        clips.push(clip);
    }

    @Override
    public void restoreGraphicsState() {
        super.restoreGraphicsState();
        clip = clips.isEmpty() ? Optional.empty() : clips.pop();
    }

    // ---- paths: they arrive in the page's own units, already transformed

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
        if (path.getCurrentPoint() == null) {
            path.moveTo(x, y);
        } else {
            path.lineTo(x, y);
        }
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        if (path.getCurrentPoint() == null) {
            path.moveTo(x3, y3);
        } else {
            path.curveTo(x1, y1, x2, y2, x3, y3);
        }
    }

    @Override
    public Point2D getCurrentPoint() {
        return path.getCurrentPoint();
    }

    @Override
    public void closePath() {
        if (path.getCurrentPoint() != null) {
            path.closePath();
        }
    }

    @Override
    public void clip(int windingRule) {
        clipRule = windingRule;
    }

    @Override
    public void endPath() {
        if (clipRule != -1) {
            path.setWindingRule(clipRule);
            narrow(path);
            clipRule = -1;
        }
        path.reset();
    }

    private void narrow(Shape by) {
        Region region = Curves.of(by, Placement.of(toMm)).enclosed();
        clip = Optional.of(clip.map(c -> c.intersect(region)).orElse(region));
    }

    @Override
    public void fillPath(int windingRule) throws IOException {
        path.setWindingRule(windingRule);
        fill(path, getGraphicsState().getNonStrokingColor());
        endPath();
    }

    @Override
    public void strokePath() throws IOException {
        stroke(path, false);
        endPath();
    }

    @Override
    public void fillAndStrokePath(int windingRule) throws IOException {
        path.setWindingRule(windingRule);
        fill(path, getGraphicsState().getNonStrokingColor());
        stroke(path, true);
        endPath();
    }

    private void fill(Shape shape, PDColor colour) throws IOException {
        softMask();
        found.fill(shape, toMm, colour(colour), clip);
    }

    private void stroke(Shape shape, boolean filled) throws IOException {
        softMask();
        PDGraphicsState state = getGraphicsState();
        Matrix m = state.getCurrentTransformationMatrix();
        double scale = Math.sqrt(Math.abs(m.getScaleX() * m.getScaleY() - m.getShearX() * m.getShearY()));
        float width = (float) (state.getLineWidth() * scale);
        BasicStroke stroke = new BasicStroke(Math.max(0, width), state.getLineCap(), state.getLineJoin(),
                Math.max(1, state.getMiterLimit()), dashes(scale), (float) (state.getLineDashPattern().getPhase() * scale));
        found.stroke(shape, stroke, toMm, colour(state.getStrokingColor()), filled, clip);
    }

    private float[] dashes(double scale) {
        float[] dashes = getGraphicsState().getLineDashPattern().getDashArray();
        if (dashes.length == 0) {
            return null;
        }
        double sum = 0;
        float[] scaled = new float[dashes.length];
        for (int i = 0; i < dashes.length; i++) {
            scaled[i] = (float) Math.max(0, dashes[i] * scale);
            sum += scaled[i];
        }
        return sum > 0.05 ? scaled : null;
    }

    private void softMask() {
        if (getGraphicsState().getSoftMask() != null) {
            found.note(Note.SOFT_MASKS_AS_EDGES);
        }
    }

    private Colour colour(PDColor colour) throws IOException {
        if (colour.getColorSpace() instanceof PDPattern || colour.isPattern()) {
            found.note(Note.SHADES_AS_ONE_COLOUR);
            return new Colour(UNKNOWN);
        }
        Colour rgb = new Colour(colour.toRGB() & 0xFFFFFF);
        if (colour.getColorSpace() instanceof PDSeparation s && !List.of("All", "None").contains(s.getColorantName())) {
            found.ink(rgb, s.getColorantName());
        } else if (colour.getColorSpace() instanceof PDDeviceN n && n.getColorantNames().size() == 1) {
            found.ink(rgb, n.getColorantNames().getFirst());
        }
        return rgb;
    }

    // ---- letters

    @Override
    public void beginText() throws IOException {
        super.beginText();
        textClip = null;
    }

    @Override
    public void endText() throws IOException {
        super.endText();
        if (textClip != null) {
            narrow(textClip);
            textClip = null;
        }
    }

    @Override
    protected void showFontGlyph(Matrix rendering, PDFont font, int code, Vector displacement) throws IOException {
        RenderingMode mode = getGraphicsState().getTextState().getRenderingMode();
        if (!(font instanceof PDVectorFont vector)) {
            found.note(Note.TEXT_LEFT_OUT);
            return;
        }
        if (!font.isEmbedded() && !font.isStandard14()) {
            found.note(Note.TEXT_IN_ANOTHER_FONT);
        }
        AffineTransform place = rendering.createAffineTransform();
        place.concatenate(font.getFontMatrix().createAffineTransform());
        Shape glyph = place.createTransformedShape(vector.getNormalizedPath(code));
        if (mode.isFill()) {
            fill(glyph, getGraphicsState().getNonStrokingColor());
        }
        if (mode.isStroke()) {
            stroke(glyph, mode.isFill());
        }
        if (mode.isClip()) {
            textClip = textClip == null ? new Path2D.Double() : textClip;
            textClip.append(glyph, false);
        }
    }

    // ---- what is no shape

    @Override
    public void drawImage(PDImage image) {
        found.note(Note.PICTURES_LEFT_OUT);
    }

    @Override
    public void shadingFill(COSName shading) {
        clip.ifPresent(c -> found.fill(Curves.around(c).toAwt(), new AffineTransform(), new Colour(UNKNOWN), Optional.empty()));
        found.note(Note.SHADES_AS_ONE_COLOUR);
    }

    @Override
    protected void operatorException(Operator operator, List<COSBase> operands, IOException e) throws IOException {
        found.note(Note.PARTS_NOT_UNDERSTOOD);
        super.operatorException(operator, operands, e);
    }
}
