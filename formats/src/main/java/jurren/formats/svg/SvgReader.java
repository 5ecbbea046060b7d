package jurren.formats.svg;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import jurren.core.art.DrawingFile;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.drawing.FileUnit;
import org.w3c.dom.svg.SVGDocument;

/**
 * Reads an SVG file as painted shapes at true size.
 *
 * <ol>
 *   <li>The file is parsed with everything outside itself closed off ({@link ClosedSvgParser}).
 *   <li>Styles, units, viewBox, transforms and {@code use} are resolved by a library, which gives a
 *       tree of placed shapes ({@link PaintedTree}).
 *   <li>Fills, strokes and letters become shapes of one colour each, hairlines are told apart, and the whole is put
 *       around its own middle ({@link DrawingBuilder}).
 * </ol>
 */
public final class SvgReader {
    private static final int MOST_BYTES = 64 << 20;
    private static final Pattern REAL_LENGTH =
            Pattern.compile("[0-9.eE+]+(mm|cm|in|pt|pc|Q)", Pattern.CASE_INSENSITIVE);

    private SvgReader() {}

    public static DrawingRead read(DrawingFile file) {
        byte[] content;
        try {
            content = unpacked(file.content());
        } catch (IOException e) {
            return refused(Reason.NOT_XML, file, e.getMessage());
        }
        if (content.length == 0) {
            return refused(Reason.EMPTY, file, "");
        }
        if (content.length > MOST_BYTES) {
            return refused(Reason.TOO_LARGE, file, content.length / (1 << 20) + " MB");
        }
        try {
            SVGDocument document = ClosedSvgParser.parse(content);
            if (Expansion.isTooMuch(document)) {
                return refused(Reason.TOO_LARGE, file, "more than " + Expansion.MOST + " elements");
            }
            return collect(document).finish(file);
        } catch (ClosedSvgParser.NotTaken e) {
            return refused(e.reason(), file, e.getMessage());
        }
    }

    /** A {@code .svgz} is the same, packed; no more of it is unpacked than is taken. */
    private static byte[] unpacked(byte[] content) throws IOException {
        if (content.length < 2 || (content[0] & 0xFF) != 0x1F || (content[1] & 0xFF) != 0x8B) {
            return content;
        }
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(content))) {
            return in.readNBytes(MOST_BYTES + 1);
        }
    }

    /**
     * The library meets bad data with exceptions of many unrelated kinds, all unchecked; whichever it
     * is, the drawing cannot be understood.
     */
    private static DrawingBuilder collect(SVGDocument document) throws ClosedSvgParser.NotTaken {
        DrawingBuilder found = new DrawingBuilder();
        if (!saysItsSize(document)) {
            found.guessed(FileUnit.PX_96);
        }
        try {
            Pictures pictures = Pictures.take(document);
            PlainDocument.make(document, found);
            PaintedTree.collect(document, pictures, found);
            return found;
        } catch (SecurityException _) {
            throw new ClosedSvgParser.NotTaken(Reason.EXTERNAL_REFERENCE, "");
        } catch (StackOverflowError _) {
            throw new ClosedSvgParser.NotTaken(Reason.TOO_DEEP, "");
        } catch (DrawingBuilder.TooMuch | CancellationException e) {
            throw e;
        } catch (RuntimeException e) {
            throw e.getCause() instanceof SecurityException
                    ? new ClosedSvgParser.NotTaken(Reason.EXTERNAL_REFERENCE, "")
                    : new ClosedSvgParser.NotTaken(Reason.BROKEN_SVG, whatIsWrong(e));
        }
    }

    /** Pixels and points are told apart by hardly any two programs; only lengths of the real world are a size. */
    private static boolean saysItsSize(SVGDocument document) {
        return REAL_LENGTH
                        .matcher(document.getDocumentElement()
                                .getAttribute("width")
                                .strip())
                        .matches()
                || REAL_LENGTH
                        .matcher(document.getDocumentElement()
                                .getAttribute("height")
                                .strip())
                        .matches();
    }

    private static DrawingRead refused(Reason reason, DrawingFile file, String detail) {
        return DrawingBuilder.refused(reason, file, detail);
    }

    /** Where the library's message has two lines, the place is on the first and the fault on the next. */
    static String whatIsWrong(RuntimeException e) {
        List<String> lines =
                e.getMessage() == null ? List.of("") : e.getMessage().lines().toList();
        return lines.isEmpty() ? "" : lines.get(Math.min(1, lines.size() - 1));
    }
}
