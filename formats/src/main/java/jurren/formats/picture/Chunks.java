package jurren.formats.picture;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/** Looks through the parts of a picture file without unpacking any. */
final class Chunks {
    private static final long PNG = 0x89504E470D0A1A0AL;
    private static final int HEAD = 8;
    private static final int AROUND = 12;
    /** A text that packs to half a megabyte unpacks to gigabytes; nobody here reads it. */
    private static final Set<String> TEXTS = Set.of("tEXt", "zTXt", "iTXt");

    private static final String PROFILE = "iCCP";
    private static final int MOST_PROFILE = 1 << 16;

    private static final int SOI = 0xD8;
    private static final int EOI = 0xD9;
    private static final int SCAN = 0xDA;

    private Chunks() {}

    /** A PNG without its texts and large profiles; anything else as it is. */
    static byte[] plain(byte[] content) {
        ByteBuffer in = ByteBuffer.wrap(content);
        if (content.length < HEAD || in.getLong() != PNG) {
            return content;
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream(content.length);
        out.write(content, 0, HEAD);
        int at = HEAD;
        while (at + AROUND <= content.length) {
            long length = Integer.toUnsignedLong(in.getInt(at));
            if (at + AROUND + length > content.length) {
                break;
            }
            String kind = new String(content, at + 4, 4, StandardCharsets.US_ASCII);
            if (!TEXTS.contains(kind) && !(kind.equals(PROFILE) && length > MOST_PROFILE)) {
                out.write(content, at, AROUND + (int) length);
            }
            at += AROUND + (int) length;
        }
        out.write(content, at, content.length - at);
        return out.toByteArray();
    }

    /** Whether a JPEG ends before its picture does: what is missing would come out grey. */
    static boolean isHalfJpeg(byte[] content) {
        if (content.length < 4 || (content[0] & 0xFF) != 0xFF || (content[1] & 0xFF) != SOI) {
            return false;
        }
        int at = 2;
        while (at + 4 <= content.length && (content[at] & 0xFF) == 0xFF && (content[at + 1] & 0xFF) != SCAN) {
            int marker = content[at + 1] & 0xFF;
            // fill bytes and markers that stand alone
            at += marker == 0xFF
                    ? 1
                    : marker >= 0xD0 && marker <= 0xD7 || marker == 1
                            ? 2
                            : 2 + ((content[at + 2] & 0xFF) << 8 | content[at + 3] & 0xFF);
        }
        for (int i = at; i + 1 < content.length; i++) {
            if ((content[i] & 0xFF) == 0xFF && (content[i + 1] & 0xFF) == EOI) {
                return false;
            }
        }
        return true;
    }
}
