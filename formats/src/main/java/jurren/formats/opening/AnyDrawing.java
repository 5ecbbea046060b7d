package jurren.formats.opening;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import jurren.core.art.DrawingFile;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.dxf.DxfReader;
import jurren.formats.eps.EpsReader;
import jurren.formats.files.FileKind;
import jurren.formats.hpgl.HpglReader;
import jurren.formats.pdf.PdfReader;
import jurren.formats.svg.SvgReader;

/** Reads a drawing of any format there is a reader for. What is in a file decides, then what it is called. */
public final class AnyDrawing {
    private static final int MOST_BYTES = 64 << 20;
    private static final int HEAD = 2048;

    private AnyDrawing() {}

    public static DrawingRead read(DrawingFile file) {
        byte[] content = file.content();
        if (content.length == 0) {
            return DrawingBuilder.refused(Reason.EMPTY, file, "");
        }
        if (content.length > MOST_BYTES) {
            return DrawingBuilder.refused(Reason.TOO_LARGE, file, content.length / (1 << 20) + " MB");
        }
        return read(file, content);
    }

    private static DrawingRead read(DrawingFile file, byte[] content) {
        try {
            return byContent(
                    file, new String(content, 0, Math.min(HEAD, content.length), StandardCharsets.ISO_8859_1), content);
        } catch (DrawingBuilder.TooMuch e) {
            return DrawingBuilder.refused(e.reason(), file, e.getMessage());
        } catch (StackOverflowError _) {
            return DrawingBuilder.refused(Reason.TOO_DEEP, file, "");
        } catch (OutOfMemoryError _) {
            return DrawingBuilder.refused(Reason.TOO_LARGE, file, "it needs more memory than there is");
        }
    }

    private static DrawingRead byContent(DrawingFile file, String head, byte[] content) {
        String name = file.name().toLowerCase(Locale.ROOT);
        if (isPicture(head)) {
            return DrawingBuilder.refused(Reason.IS_A_PICTURE, file, "");
        }
        if (content.length > 2
                && (content[0] & 0xFF) == 0x1F
                && (content[1] & 0xFF) == 0x8B
                && name.endsWith(".svgz")) {
            return SvgReader.read(file);
        }
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
        String begin = head.replaceFirst("^\u00ef\u00bb\u00bf", "").stripLeading();
        boolean markup = begin.startsWith("<") || head.startsWith("\u00ff\u00fe") || head.startsWith("\u00fe\u00ff");
        return markup && FileKind.of(content) != FileKind.WEB_PAGE
                ? SvgReader.read(file)
                : DrawingBuilder.refused(
                        Reason.SOMETHING_ELSE, file, FileKind.of(content).key());
    }

    private static boolean isPicture(String head) {
        return head.startsWith("\u00ff\u00d8\u00ff")
                || head.startsWith("\u0089PNG")
                || head.startsWith("GIF8")
                || head.startsWith("II*\u0000")
                || head.startsWith("MM\u0000*")
                || head.startsWith("BM") && head.length() > 6 && head.charAt(6) == 0
                || head.startsWith("RIFF") && head.startsWith("WEBP", 8);
    }
}
