package jurren.formats.pdf;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import jurren.core.art.DrawnShape;
import jurren.core.art.Ink;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.trace.Picture;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead.Note;
import jurren.formats.drawing.DrawnPicture;
import jurren.formats.drawing.Tiles;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.contentstream.operator.OperatorName;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDVectorFont;
import org.apache.pdfbox.pdmodel.graphics.blend.BlendMode;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceN;
import org.apache.pdfbox.pdmodel.graphics.color.PDPattern;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroup;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentMembershipDictionary;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDAbstractPattern;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDShadingPattern;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDTilingPattern;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.state.PDGraphicsState;
import org.apache.pdfbox.pdmodel.graphics.state.PDSoftMask;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;

/** Paints one page into {@link DrawingBuilder}: fills, strokes, letters as outlines, and what clips leave of them. */
final class PagePainter extends PDFGraphicsStreamEngine {
    private static final double MM_PER_POINT = 25.4 / 72;
    /** A page that asks for more would take longer than anyone waits. */
    private static final int MOST_OPERATORS = 3_000_000;
    /** To begin a form is as much work as so many operators, even if it is empty. */
    private static final int OPERATORS_AN_OBJECT = 150;

    private static final int UNKNOWN = 0x808080;
    private static final double CLEAR = 1 / 255.0;
    private static final double HALF = 0.5;
    private static final double EDGE_MM = 0.1;
    /** Masks within masks. */
    private static final int MOST_MASKS = 4;

    private static final double LEAST_DASHES_POINTS = 0.05;
    private static final int MOST_DASHES = 1000;

    private final PDDocument document;
    private DrawingBuilder found;
    private final MachineLetters letters = new MachineLetters();
    private final Map<COSBase, Region> masks = new IdentityHashMap<>();
    private int masking;
    private final AffineTransform toMm;
    private final GeneralPath path = new GeneralPath();
    private final Deque<Optional<Region>> clips = new ArrayDeque<>();
    private int clipRule = -1;
    private Optional<Region> clip = Optional.empty();
    private final Deque<Marked> marked = new ArrayDeque<>();
    /** How many layers that are switched off what is painted lies in. */
    private int hidden;

    private double groupAlpha = 1;
    private final Tiles tiles = new Tiles();
    private int operators;
    private Path2D textClip;

    PagePainter(PDDocument document, PDPage page, DrawingBuilder found) {
        super(page);
        this.document = document;
        this.found = found;
        double unit = page.getUserUnit() * MM_PER_POINT;
        this.toMm = AffineTransform.getScaleInstance(unit, unit);
        // pages turned for reading are turned back
        this.toMm.rotate(-Math.toRadians(page.getRotation()));
    }

    void paint() throws IOException {
        processPage(getPage());
    }

    /** Whether anything was painted outside a box of the page. */
    boolean isBeyond(PDRectangle page) {
        Box box = Curves.of(page.toGeneralPath(), Placement.of(toMm)).bounds();
        return found.shapes().stream().anyMatch(s -> !box.covers(s.curves().bounds(), EDGE_MM));
    }

    @Override
    protected void processOperator(Operator operator, List<COSBase> operands) throws IOException {
        operators += OperatorName.DRAW_OBJECT.equals(operator.getName()) ? OPERATORS_AN_OBJECT : 1;
        if (operators > MOST_OPERATORS || Thread.currentThread().isInterrupted()) {
            throw new DrawingBuilder.TooMuch();
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

    /** As the format weighs it. */
    private static double luminosity(Colour c) {
        return (0.3 * c.red() + 0.59 * c.green() + 0.11 * c.blue()) / 255;
    }

    /** A paint that can be seen at all; said where it cannot. */
    private Optional<Paint> paint(PDColor colour, double alpha) throws IOException {
        if (hidden > 0 || alpha * groupAlpha < CLEAR) {
            found.note(Note.HIDDEN_LEFT_OUT);
            return Optional.empty();
        }
        if (getGraphicsState().getBlendMode() != BlendMode.NORMAL) {
            found.note(Note.EFFECTS_LEFT_OUT);
        }
        Paint paint = colour(colour);
        return Optional.of(alpha * groupAlpha > 1 - CLEAR ? paint : paint.faded(alpha * groupAlpha));
    }

    /** A colour, and how it is painted when that is not it alone. */
    private record Paint(Colour colour, Optional<Ink> ink) {
        Paint faded(double opacity) {
            return new Paint(
                    colour,
                    Optional.of(ink.map(i -> i.faded(opacity)).orElseGet(() -> new Ink.Clear(colour, opacity))));
        }
    }

    private void fill(Shape shape, PDColor colour) throws IOException {
        if (tiled(shape, colour)) {
            return;
        }
        Optional<Paint> paint = paint(colour, getGraphicsState().getNonStrokeAlphaConstant());
        if (paint.isPresent()) {
            found.fill(shape, toMm, paint.get().colour, paint.get().ink, masked());
        }
    }

    /** Tile by tile, where the colour is a pattern of not too many; another kind of it is one colour. */
    private boolean tiled(Shape shape, PDColor colour) throws IOException {
        if (!(colour.getColorSpace() instanceof PDPattern space)
                || !(space.getPattern(colour) instanceof PDTilingPattern tile)
                || hidden > 0
                || tile.getBBox() == null) {
            return false;
        }
        Matrix onto = Matrix.concatenate(getInitialMatrix(), tile.getMatrix());
        PDRectangle box = tile.getBBox();
        Optional<List<Point2D>> all = tiles.over(
                shape,
                onto.createAffineTransform(),
                new Rectangle2D.Double(box.getLowerLeftX(), box.getLowerLeftY(), box.getWidth(), box.getHeight()),
                tile.getXStep(),
                tile.getYStep());
        if (all.isEmpty()) {
            return false;
        }
        Region inside = Curves.of(shape, Placement.of(toMm)).enclosed();
        Region within = masked().map(c -> c.intersect(inside)).orElse(inside);
        // a tile without colours takes the one that is told with it
        boolean plain =
                tile.getPaintType() == PDTilingPattern.PAINT_UNCOLORED && space.getUnderlyingColorSpace() != null;
        aside(() -> {
            groupAlpha *= getGraphicsState().getNonStrokeAlphaConstant();
            tiles.lay(all.get(), by -> {
                Matrix there =
                        Matrix.concatenate(onto, Matrix.getTranslateInstance((float) by.getX(), (float) by.getY()));
                clip = Optional.of(within);
                narrow(box.transform(there));
                if (!clip.get().isEmpty()) {
                    processTilingPattern(
                            tile, plain ? colour : null, plain ? space.getUnderlyingColorSpace() : null, there);
                }
            });
        });
        return true;
    }

    /**
     * Something else is painted while a path is still on the table; afterwards that and everything around it is as it
     * was.
     */
    private void aside(Showing painting) throws IOException {
        Optional<Region> before = clip;
        double alpha = groupAlpha;
        Path2D under = (Path2D) path.clone();
        int rule = path.getWindingRule();
        int pending = clipRule;
        clipRule = -1;
        path.reset();
        try {
            painting.show();
        } finally {
            clip = before;
            groupAlpha = alpha;
            clipRule = pending;
            path.reset();
            path.append(under, false);
            path.setWindingRule(rule);
        }
    }

    private void stroke(Shape shape, boolean filled) throws IOException {
        PDGraphicsState state = getGraphicsState();
        Optional<Paint> paint = paint(state.getStrokingColor(), state.getAlphaConstant());
        Rectangle2D box = shape.getBounds2D();
        boolean isDot = box.getWidth() == 0 && box.getHeight() == 0;
        if (paint.isEmpty() || isDot && state.getLineCap() != BasicStroke.CAP_ROUND) {
            return; // PDF 32000, 8.5.3.2: a line without length has only round ends
        }
        AffineTransform space = state.getCurrentTransformationMatrix().createAffineTransform();
        double scale = Math.sqrt(Math.abs(space.getDeterminant()));
        double widthMm = state.getLineWidth() * scale * Math.sqrt(Math.abs(toMm.getDeterminant()));
        if (DrawingBuilder.isEven(space) || widthMm < DrawingBuilder.HAIRLINE_MM) {
            found.stroke(shape, pen(scale), toMm, paint.get().colour, paint.get().ink, filled, masked());
            return;
        }
        try {
            // as wide as the space it is drawn in is scaled each way
            Shape covered = pen(1).createStrokedShape(space.createInverse().createTransformedShape(shape));
            found.fill(space.createTransformedShape(covered), toMm, paint.get().colour, paint.get().ink, masked());
        } catch (NoninvertibleTransformException _) {
            found.note(Note.PARTS_NOT_UNDERSTOOD);
        }
    }

    private BasicStroke pen(double scale) {
        PDGraphicsState state = getGraphicsState();
        float[] dashes = dashes(scale);
        return new BasicStroke(
                (float) Math.max(0, state.getLineWidth() * scale),
                state.getLineCap(),
                state.getLineJoin(),
                Math.max(1, state.getMiterLimit()),
                dashes,
                dashes == null
                        ? 0
                        : (float) Math.max(0, state.getLineDashPattern().getPhase() * scale));
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
        return sum
                                        * (scale == 1
                                                ? Math.sqrt(Math.abs(getGraphicsState()
                                                        .getCurrentTransformationMatrix()
                                                        .createAffineTransform()
                                                        .getDeterminant()))
                                                : 1)
                                > LEAST_DASHES_POINTS
                        && scaled.length <= MOST_DASHES
                ? scaled
                : null;
    }

    /** What a soft mask leaves, taken as a hard edge where it lets half through. */
    private Optional<Region> masked() throws IOException {
        PDSoftMask mask = getGraphicsState().getSoftMask();
        if (mask == null || mask.getGroup() == null) {
            return clip;
        }
        found.note(Note.SOFT_MASKS_AS_EDGES);
        Region open = masks.get(mask.getCOSObject());
        if (open == null) {
            open = open(mask);
            masks.put(mask.getCOSObject(), open);
        }
        Region left = open;
        return Optional.of(clip.map(c -> c.intersect(left)).orElse(left));
    }

    private Region open(PDSoftMask mask) throws IOException {
        DrawingBuilder page = found;
        found = new DrawingBuilder();
        masking++;
        try {
            aside(() -> {
                clip = Optional.empty();
                groupAlpha = 1;
                if (masking <= MOST_MASKS) {
                    processSoftMask(mask.getGroup());
                }
            });
            return through(found.shapes(), COSName.ALPHA.equals(mask.getSubType()));
        } finally {
            masking--;
            found = page;
        }
    }

    private static Region through(List<DrawnShape> shapes, boolean byAlpha) {
        Region open = Region.EMPTY;
        for (DrawnShape s : shapes) {
            Region whole = s.curves().enclosed();
            Region below = byAlpha ? open : open.minus(whole);
            if (s.ink().orElse(null) instanceof Ink.OfPicture picture) {
                open = below.weld(BrightParts.of(picture, byAlpha).intersect(whole));
            } else {
                double opacity = s.ink()
                        .map(i -> (i.argb(
                                                s.curves().bounds().centre().xMm(),
                                                s.curves().bounds().centre().yMm())
                                        >>> 24)
                                / 255.0)
                        .orElse(1.0);
                open = (byAlpha ? opacity : opacity * luminosity(s.colour())) >= HALF ? open.weld(whole) : below;
            }
        }
        return open;
    }

    private Paint colour(PDColor colour) throws IOException {
        if (colour.getColorSpace() instanceof PDPattern space) {
            return pattern(space.getPattern(colour), space, colour);
        }
        Colour rgb = new Colour(colour.toRGB() & 0xFFFFFF);
        if (colour.getColorSpace() instanceof PDSeparation s
                && !List.of("All", "None").contains(s.getColorantName())) {
            rgb = found.spot(s.getColorantName(), tint(colour), rgb);
        } else if (colour.getColorSpace() instanceof PDDeviceN n
                && n.getColorantNames().size() == 1) {
            rgb = found.spot(n.getColorantNames().getFirst(), tint(colour), rgb);
        }
        return new Paint(rgb, Optional.empty());
    }

    private static double tint(PDColor colour) {
        return colour.getComponents().length == 0 ? 1 : colour.getComponents()[0];
    }

    private Paint pattern(PDAbstractPattern pattern, PDPattern space, PDColor colour) throws IOException {
        if (pattern instanceof PDShadingPattern s && s.getShading() != null) {
            // a pattern lies in the page's space, whatever was scaled since
            AffineTransform place = new AffineTransform(toMm);
            place.concatenate(
                    Matrix.concatenate(getInitialMatrix(), s.getMatrix()).createAffineTransform());
            Optional<PdfShades.Shaded> shaded = PdfShades.of(s.getShading(), place);
            if (shaded.isPresent()) {
                return shade(shaded.get());
            }
        }
        found.note(Note.SHADES_AS_ONE_COLOUR);
        PDColorSpace under = space.getUnderlyingColorSpace();
        return new Paint(
                under == null || colour.getComponents().length == 0
                        ? new Colour(UNKNOWN)
                        : new Colour(new PDColor(colour.getComponents(), under).toRGB() & 0xFFFFFF),
                Optional.empty());
    }

    private Paint shade(PdfShades.Shaded shaded) {
        if (shaded.ink().isEmpty()) {
            found.note(Note.SHADES_AS_ONE_COLOUR);
        }
        return new Paint(shaded.mean(), shaded.ink());
    }

    // ---- forms, groups and layers

    @Override
    public void showForm(PDFormXObject form) throws IOException {
        boxed(form, () -> super.showForm(form));
    }

    @Override
    public void showTransparencyGroup(PDTransparencyGroup group) throws IOException {
        double before = groupAlpha;
        groupAlpha *= getGraphicsState().getNonStrokeAlphaConstant();
        Optional<Region> outside = clip;
        clip = masked();
        boxed(group, () -> super.showTransparencyGroup(group));
        groupAlpha = before;
        clip = outside;
    }

    private interface Showing {
        void show() throws IOException;
    }

    /** What a form paints beyond its box is not there. */
    private void boxed(PDFormXObject form, Showing showing) throws IOException {
        Optional<Region> before = clip;
        PDPropertyList layer = form.getOptionalContent();
        boolean off = layer != null && isOff(layer);
        hidden += off ? 1 : 0;
        enter(layer);
        PDRectangle box = form.getBBox();
        if (box != null) {
            Matrix space = Matrix.concatenate(getGraphicsState().getCurrentTransformationMatrix(), form.getMatrix());
            narrow(box.transform(space));
        }
        showing.show();
        if (layer != null) {
            found.leave();
        }
        hidden -= off ? 1 : 0;
        clip = before;
    }

    @Override
    public void beginMarkedContentSequence(COSName tag, COSDictionary properties) {
        super.beginMarkedContentSequence(tag, properties);
        PDPropertyList layer = COSName.OC.equals(tag) && properties != null ? PDPropertyList.create(properties) : null;
        boolean off = layer != null && isOff(layer);
        marked.push(new Marked(off, layer != null));
        hidden += off ? 1 : 0;
        enter(layer);
    }

    /** @param isLayer whether it is of a layer at all */
    private record Marked(boolean off, boolean isLayer) {}

    /** What comes now is on a layer; of a membership the first counts. */
    private void enter(PDPropertyList layer) {
        if (layer != null) {
            found.enter(Objects.toString(
                    switch (layer) {
                        case PDOptionalContentGroup g -> g.getName();
                        case PDOptionalContentMembershipDictionary m ->
                            m.getOCGs().stream()
                                    .filter(PDOptionalContentGroup.class::isInstance)
                                    .map(g -> ((PDOptionalContentGroup) g).getName())
                                    .findFirst()
                                    .orElse("");
                        default -> "";
                    },
                    ""));
        }
    }

    @Override
    public void endMarkedContentSequence() {
        super.endMarkedContentSequence();
        if (!marked.isEmpty()) {
            Marked ended = marked.pop();
            hidden -= ended.off ? 1 : 0;
            if (ended.isLayer) {
                found.leave();
            }
        }
    }

    /** A layer that is switched off as the file is opened, or of which all that must be on are. */
    private boolean isOff(PDPropertyList layer) {
        PDOptionalContentProperties all = document.getDocumentCatalog().getOCProperties();
        if (all == null) {
            return false;
        }
        return switch (layer) {
            case PDOptionalContentGroup g -> !all.isGroupEnabled(g);
            case PDOptionalContentMembershipDictionary m -> {
                List<Boolean> on = m.getOCGs().stream().map(g -> !isOff(g)).toList();
                yield !on.isEmpty()
                        && !switch (m.getVisibilityPolicy().getName()) {
                            case "AllOn" -> !on.contains(false);
                            case "AnyOff" -> on.contains(false);
                            case "AllOff" -> !on.contains(true);
                            default -> on.contains(true);
                        };
            }
            default -> false;
        };
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
        AffineTransform place = rendering.createAffineTransform();
        Optional<Shape> near = font.isEmbedded() ? Optional.empty() : letters.of(font, code);
        if (near.isEmpty()) {
            place.concatenate(font.getFontMatrix().createAffineTransform());
        }
        if (!font.isEmbedded() && !letters.isTheOne(font)) {
            found.note(Note.TEXT_IN_ANOTHER_FONT);
        }
        Shape glyph = place.createTransformedShape(near.isPresent() ? near.get() : vector.getNormalizedPath(code));
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
    public void drawImage(PDImage image) throws IOException {
        double opacity = getGraphicsState().getNonStrokeAlphaConstant() * groupAlpha;
        if (hidden > 0 || opacity < CLEAR) {
            found.note(Note.HIDDEN_LEFT_OUT);
            return;
        }
        int w = image.getWidth();
        int h = image.getHeight();
        if (w < 1 || h < 1 || (long) w * h > Picture.MOST_PIXELS) {
            found.note(Note.PICTURES_LEFT_OUT);
            return;
        }
        DrawnPicture picture;
        try {
            picture = DrawnPicture.of(
                    image.isStencil()
                            ? image.getStencilImage(
                                    new Color(colour(getGraphicsState().getNonStrokingColor())
                                            .colour
                                            .rgb()))
                            : image.getImage());
        } catch (IOException | RuntimeException _) {
            // the library meets pictures it cannot unpack with exceptions of many kinds
            found.note(Note.PICTURES_LEFT_OUT);
            return;
        }
        // a picture fills the unit square, its first row on top
        AffineTransform place = new AffineTransform(toMm);
        place.concatenate(getGraphicsState().getCurrentTransformationMatrix().createAffineTransform());
        place.concatenate(new AffineTransform(
                1.0 / picture.picture().width(), 0, 0, -1.0 / picture.picture().height(), 0, 1));
        found.picture(picture, place, Math.min(1, opacity), masked());
    }

    @Override
    public void shadingFill(COSName name) {
        if (hidden > 0) {
            found.note(Note.HIDDEN_LEFT_OUT);
            return;
        }
        try {
            PDShading shading = getResources().getShading(name);
            AffineTransform place = new AffineTransform(toMm);
            place.concatenate(
                    getGraphicsState().getCurrentTransformationMatrix().createAffineTransform());
            Region over = PdfShades.within(shading, place, clip.orElseGet(this::page));
            Optional<PdfShades.Shaded> shaded = PdfShades.of(shading, place);
            if (over.isEmpty()) {
                return;
            }
            Paint paint;
            if (shaded.isPresent()) {
                paint = shade(shaded.get());
            } else {
                found.note(Note.SHADES_AS_ONE_COLOUR);
                paint = new Paint(PdfShades.usual(shading, place, over).orElse(new Colour(UNKNOWN)), Optional.empty());
            }
            found.fill(Curves.around(over).toAwt(), new AffineTransform(), paint.colour, paint.ink, Optional.empty());
        } catch (IOException _) {
            found.note(Note.SHADES_AS_ONE_COLOUR);
        }
    }

    /** Where nothing else bounds what is painted. */
    private Region page() {
        PDRectangle box = getPage().getCropBox();
        return Curves.of(
                        new Rectangle2D.Double(
                                box.getLowerLeftX(), box.getLowerLeftY(), box.getWidth(), box.getHeight()),
                        Placement.of(toMm))
                .enclosed();
    }

    @Override
    protected void operatorException(Operator operator, List<COSBase> operands, IOException e) throws IOException {
        found.note(Note.PARTS_NOT_UNDERSTOOD);
        super.operatorException(operator, operands, e);
    }
}
