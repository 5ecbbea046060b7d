package jurren.formats.opening;

import jurren.core.art.DrawingFile;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.drawing.Found;
import jurren.formats.dxf.DxfReader;
import jurren.formats.eps.EpsReader;
import jurren.formats.hpgl.HpglReader;
import jurren.formats.pdf.PdfReader;
import jurren.formats.svg.SvgReader;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** Reads a drawing of any format there is a reader for. What is in a file decides, then what it is called. */
public final class AnyDrawing {
    private static final int MOST_BYTES = 64 << 20;
    private static final int HEAD = 2048;

    private AnyDrawing() {
    }

    public static DrawingRead read(DrawingFile file) {
        byte[] content = file.content();
        if (content.length == 0) {
            return Found.refused(Reason.EMPTY, file, "");
        }
        if (content.length > MOST_BYTES) {
            return Found.refused(Reason.TOO_LARGE, file, content.length / (1 << 20) + " MB");
        }
        try {
            return byContent(file, new String(content, 0, Math.min(HEAD, content.length), StandardCharsets.ISO_8859_1), content);
        } catch (Found.TooMuch _) {
            return Found.refused(Reason.TOO_LARGE, file, "more than " + Found.MOST_SHAPES + " shapes");
        } catch (StackOverflowError _) {
            return Found.refused(Reason.TOO_DEEP, file, "");
        }
    }

    private static DrawingRead byContent(DrawingFile file, String head, byte[] content) {
        String name = file.name().toLowerCase(Locale.ROOT);
        if (head.contains("%PDF-")) {
            return PdfReader.read(file);
        }
        if (head.startsWith("%!PS") || EpsReader.hasBinaryHead(content)) {
            return EpsReader.read(file);
        }
        if (name.endsWith(".dxf") || DxfReader.looksLike(head)) {
            return DxfReader.read(file);
        }
        if (name.endsWith(".plt") || name.endsWith(".hpgl") || name.endsWith(".hpg") || HpglReader.looksLike(head)) {
            return HpglReader.read(file);
        }
        return SvgReader.read(file);
    }

    /** The endings of the files that can be read, for choosing one. */
    public static java.util.List<String> endings() {
        return java.util.List.of("svg", "pdf", "eps", "dxf", "plt", "hpgl");
    }
}
