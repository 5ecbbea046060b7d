package jurren.formats.files;

import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** What a file is that nobody can draw from, told by its content: a person knows their file again by that. */
public enum FileKind {
    TEXT,
    WEB_PAGE,
    PDF,
    MARKUP,
    JSON,
    PACKED,
    OFFICE,
    FONT,
    SOUND,
    FILM,
    PROGRAM,
    PHONE_PHOTO,
    JOB,
    HALF_JPEG,
    HALF_PNG,
    UNKNOWN;

    private static final int HEAD = 4096;
    private static final int TAIL = 2048;
    /** So many signs of a hundred may be none of a text. */
    private static final int STRAY_PERCENT = 3;

    public static FileKind of(byte[] content) {
        String head = new String(content, 0, Math.min(HEAD, content.length), StandardCharsets.ISO_8859_1);
        if (head.contains("%PDF-")) {
            return PDF;
        }
        if (head.startsWith("PK")) {
            return head.contains("job.json")
                    ? JOB
                    : head.contains("[Content_Types].xml") || head.contains("mimetypeapplication/vnd.oasis")
                            ? OFFICE
                            : PACKED;
        }
        if (head.startsWith("\u00ff\u00d8\u00ff")) {
            return HALF_JPEG;
        }
        if (head.startsWith("\u0089PNG")) {
            return HALF_PNG;
        }
        if (head.startsWith("\u0000\u0001\u0000\u0000")
                || head.startsWith("OTTO")
                || head.startsWith("wOF")
                || head.startsWith("true")) {
            return FONT;
        }
        if (head.startsWith("\u00d0\u00cf\u0011\u00e0")) {
            return OFFICE;
        }
        if (head.length() > 12 && head.startsWith("ftyp", 4)) {
            return head.startsWith("hei", 8) || head.startsWith("mif1", 8) || head.startsWith("avif", 8)
                    ? PHONE_PHOTO
                    : FILM;
        }
        if (head.startsWith("\u007fELF") || head.startsWith("MZ")) {
            return PROGRAM;
        }
        if (head.startsWith("ID3")
                || head.startsWith("OggS")
                || head.startsWith("fLaC")
                || head.startsWith("RIFF") && head.startsWith("WAVE", 8)) {
            return SOUND;
        }
        if (head.startsWith("\u001f\u008b") || head.startsWith("7z\u00bc\u00af") || head.startsWith("Rar!")) {
            return PACKED;
        }
        return isText(content) ? text(head) : UNKNOWN;
    }

    private static FileKind text(String head) {
        String begin = head.strip().toLowerCase(Locale.ROOT);
        if (begin.startsWith("<!doctype html") || begin.startsWith("<html")) {
            return WEB_PAGE;
        }
        if (begin.startsWith("<")) {
            return MARKUP;
        }
        return begin.startsWith("{") || begin.startsWith("[") ? JSON : TEXT;
    }

    /** A picture whose beginning is right and whose end is missing. */
    public static boolean isHalfPicture(byte[] content) {
        String tail = new String(
                content,
                Math.max(0, content.length - TAIL),
                Math.min(TAIL, content.length),
                StandardCharsets.ISO_8859_1);
        return switch (of(content)) {
            case HALF_JPEG -> !tail.contains("\u00ff\u00d9");
            case HALF_PNG -> !tail.contains("IEND");
            default -> false;
        };
    }

    private static boolean isText(byte[] content) {
        int stray = 0;
        int n = Math.min(HEAD, content.length);
        for (int i = 0; i < n; i++) {
            int b = content[i] & 0xff;
            stray += b < 32 && b != '\n' && b != '\r' && b != '\t' || b == 127 ? 1 : 0;
        }
        return n > 0 && stray * 100 <= n * STRAY_PERCENT;
    }

    /** By what its sentence is found. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
