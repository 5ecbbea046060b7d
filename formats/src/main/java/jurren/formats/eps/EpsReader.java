package jurren.formats.eps;

import java.awt.geom.Rectangle2D;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jurren.core.art.DrawingFile;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead;

/** Reads EPS as painted shapes at true size: a unit is 1/72 inch. */
public final class EpsReader {
    private static final int BINARY_HEAD = 0xC6D3D0C5;

    private static final int HEAD = 8192;
    private static final Pattern BOX = Pattern.compile(
            "%%(HiRes)?BoundingBox:\\s*NUM\\s+NUM\\s+NUM\\s+NUM".replace("NUM", "([-+]?[0-9]{0,9}\\.?[0-9]{1,9})"));

    private EpsReader() {}

    /** Whether the language is wrapped together with a preview picture. */
    public static boolean hasBinaryHead(byte[] content) {
        return content.length > 30
                && ByteBuffer.wrap(content).order(ByteOrder.LITTLE_ENDIAN).getInt(0) == BINARY_HEAD;
    }

    public static DrawingRead read(DrawingFile file) {
        byte[] content = file.content();
        int from = 0;
        int to = content.length;
        if (hasBinaryHead(content)) {
            ByteBuffer head = ByteBuffer.wrap(content).order(ByteOrder.LITTLE_ENDIAN);
            long start = head.getInt(4) & 0xFFFFFFFFL;
            long length = head.getInt(8) & 0xFFFFFFFFL;
            if (start + length > content.length) {
                return DrawingBuilder.refused(Reason.BROKEN_DRAWING, file, "it is cut short");
            }
            from = (int) start;
            to = (int) (start + length);
        }
        DrawingBuilder found = new DrawingBuilder();
        found.yUp();
        try {
            new Machine(found, box(content, from, to)).run(PsFile.of(content, from, to));
        } catch (PostScriptException e) {
            return DrawingBuilder.refused(Reason.BROKEN_DRAWING, file, e.getMessage());
        }
        return found.finish(file);
    }

    /** How far the drawing reaches, as its head says; the exact one where it says both. */
    private static Optional<Rectangle2D> box(byte[] content, int from, int to) {
        String head = new String(content, from, Math.min(HEAD, to - from), StandardCharsets.ISO_8859_1);
        Optional<Rectangle2D> box = Optional.empty();
        for (Matcher m = BOX.matcher(head); m.find(); ) {
            if (box.isEmpty() || m.group(1) != null) {
                double x = Double.parseDouble(m.group(2));
                double y = Double.parseDouble(m.group(3));
                box = Optional.of(new Rectangle2D.Double(
                        x, y, Double.parseDouble(m.group(4)) - x, Double.parseDouble(m.group(5)) - y));
            }
        }
        return box.filter(b -> b.getWidth() > 0 && b.getHeight() > 0);
    }
}
