package jurren.formats.eps;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import jurren.core.art.DrawingFile;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead;

/** Reads EPS as painted shapes at true size: a unit is 1/72 inch. */
public final class EpsReader {
    private static final int BINARY_HEAD = 0xC6D3D0C5;

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
            new Machine(found).run(PsFile.of(content, from, to));
        } catch (PostScriptException e) {
            return DrawingBuilder.refused(Reason.BROKEN_DRAWING, file, e.getMessage());
        }
        return found.finish(file);
    }
}
