package jurren.formats.svg;

import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnShape;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.formats.Refusal;
import jurren.formats.Refusal.Reason;
import java.util.List;
import java.util.Optional;
import org.w3c.dom.svg.SVGDocument;

/**
 * Reads an SVG file as painted shapes at true size.
 *
 * <ol>
 *   <li>The file is parsed with everything outside itself closed off ({@link ClosedSvgParser}).
 *   <li>Styles, units, viewBox, transforms and {@code use} are resolved by a library, which gives a
 *       tree of placed shapes ({@link PaintedTree}).
 *   <li>Fills and strokes become shapes of one colour each; hairlines are told apart ({@link ShapeCollector}).
 *   <li>The whole is put around its own middle and its size is checked.
 * </ol>
 */
public final class SvgReader {
    private static final int MOST_BYTES = 64 << 20;
    private static final double LARGEST_MM = 10_000;
    private static final double SMALLEST_MM = 0.1;

    private SvgReader() {
    }

    public static SvgRead read(DrawingFile file) {
        byte[] content = file.content();
        if (content.length == 0) {
            return refused(Reason.EMPTY, file, "");
        }
        if (content.length > MOST_BYTES) {
            return refused(Reason.TOO_LARGE, file, content.length / (1 << 20) + " MB");
        }
        try {
            SVGDocument document = ClosedSvgParser.parse(content);
            return finish(file, collect(document));
        } catch (ClosedSvgParser.NotTaken e) {
            return refused(e.reason(), file, e.getMessage());
        }
    }

    /**
     * The library meets bad data with exceptions of many unrelated kinds, all unchecked; whichever it
     * is, the drawing cannot be understood.
     */
    private static ShapeCollector collect(SVGDocument document) throws ClosedSvgParser.NotTaken {
        try {
            ShapeCollector shapes = new ShapeCollector();
            PaintedTree.of(document).walk(shapes);
            return shapes;
        } catch (SecurityException _) {
            throw new ClosedSvgParser.NotTaken(Reason.EXTERNAL_REFERENCE, "");
        } catch (StackOverflowError _) {
            throw new ClosedSvgParser.NotTaken(Reason.TOO_DEEP, "");
        } catch (RuntimeException e) {
            throw e.getCause() instanceof SecurityException
                    ? new ClosedSvgParser.NotTaken(Reason.EXTERNAL_REFERENCE, "")
                    : new ClosedSvgParser.NotTaken(Reason.BROKEN_SVG, whatIsWrong(e));
        }
    }

    private static SvgRead finish(DrawingFile file, ShapeCollector found) {
        Optional<Box> bounds = found.shapes().stream().map(s -> s.curves().enclosed()).filter(r -> !r.isEmpty())
                .map(Region::bounds).reduce(Box::joined);
        if (bounds.isEmpty()) {
            Reason why = found.hasOpenLines() ? Reason.ONLY_OPEN_LINES
                    : found.notes().contains(SvgRead.Note.PICTURES_LEFT_OUT) ? Reason.ONLY_PICTURES
                    : found.notes().contains(SvgRead.Note.TEXT_LEFT_OUT) ? Reason.ONLY_TEXT
                    : Reason.NOTHING_PAINTED;
            return refused(why, file, "");
        }
        Box box = bounds.get();
        double larger = Math.max(box.widthMm(), box.heightMm());
        if (larger > LARGEST_MM || larger < SMALLEST_MM) {
            return refused(Reason.ABSURD_SIZE, file, "%.3g x %.3g mm".formatted(box.widthMm(), box.heightMm()));
        }
        Point middle = box.centre();
        Placement aroundMiddle = Placement.moved(-middle.xMm(), -middle.yMm());
        List<DrawnShape> shapes = found.shapes().stream()
                .map(s -> new DrawnShape(s.curves().placed(aroundMiddle), s.colour())).toList();
        List<Point> openEnds = found.openEnds().stream().map(aroundMiddle::apply).toList();
        return new SvgRead.Taken(Drawing.atFileSize(file, shapes, openEnds), found.notes());
    }

    private static SvgRead refused(Reason reason, DrawingFile file, String detail) {
        return new SvgRead.Refused(new Refusal(reason, file.name(), detail));
    }

    /** Where the library's message has two lines, the place is on the first and the fault on the next. */
    private static String whatIsWrong(RuntimeException e) {
        List<String> lines = e.getMessage() == null ? List.of("") : e.getMessage().lines().toList();
        return lines.isEmpty() ? "" : lines.get(Math.min(1, lines.size() - 1));
    }

}
