package jurren.formats.eps;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.zip.InflaterInputStream;

/** What is read from: the program itself, a string, or either through a filter. There is no way to a real file. */
final class PsFile {
    static final int END = -1;
    private static final int NONE = -2;
    private static final int MOST_BYTES = 32 << 20;

    /** Where bytes come from; {@link #END} after the last. */
    interface Source {
        int next() throws PostScriptException;
    }

    private final Source source;
    private int ahead = NONE;
    private boolean closed;
    /** Whether a name that stands for it runs it, and does not only push it. */
    boolean executable;
    /** Whether its bytes are a JPEG's. */
    boolean photograph;

    PsFile(Source source) {
        this.source = source;
    }

    static PsFile of(byte[] bytes, int from, int to) {
        int[] at = {from};
        return new PsFile(() -> at[0] < to ? bytes[at[0]++] & 0xFF : END);
    }

    static PsFile of(InputStream in) {
        int[] read = {0};
        return new PsFile(() -> {
            try {
                if (++read[0] > MOST_BYTES) {
                    throw new PostScriptException("limitcheck", "packed data swells too much");
                }
                return in.read();
            } catch (IOException _) {
                return END;
            }
        });
    }

    int read() throws PostScriptException {
        if (closed) {
            return END;
        }
        if (ahead != NONE) {
            int b = ahead;
            ahead = NONE;
            return b;
        }
        return source.next();
    }

    int peek() throws PostScriptException {
        if (ahead == NONE) {
            ahead = closed ? END : source.next();
        }
        return ahead;
    }

    void close() {
        closed = true;
    }

    boolean isOpen() {
        return !closed;
    }

    byte[] rest() throws PostScriptException {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (int b = read(); b != END; b = read()) {
            all.write(b);
            if (all.size() > MOST_BYTES) {
                throw new PostScriptException("limitcheck", "packed data swells too much");
            }
        }
        return all.toByteArray();
    }

    // ---- filters

    static PsFile hex(PsFile in) {
        return new PsFile(() -> {
            int value = 0;
            for (int n = 0; n < 2; ) {
                int b = in.read();
                if (b == END || b == '>') {
                    return n == 1 ? value << 4 : END;
                }
                int digit = Character.digit(b, 16);
                if (digit >= 0) {
                    value = value << 4 | digit;
                    n++;
                }
            }
            return value;
        });
    }

    static PsFile ascii85(PsFile in) {
        int[] out = new int[4];
        int[] state = {0, 0, 0};
        return new PsFile(() -> {
            if (state[0] < state[1]) {
                return out[state[0]++];
            }
            if (state[2] == 1) {
                return END;
            }
            long value = 0;
            int n = 0;
            while (n < 5) {
                int b = in.read();
                if (b == END || b == '~') {
                    if (b == '~' && in.peek() == '>') {
                        in.read();
                    }
                    state[2] = 1;
                    break;
                }
                if (b == 'z' && n == 0) {
                    n = 5;
                } else if (b >= '!' && b <= 'u') {
                    value = value * 85 + b - '!';
                    n++;
                }
            }
            if (n < 2) {
                return END;
            }
            for (int k = n; k < 5; k++) {
                value = value * 85 + 84;
            }
            for (int k = 0; k < 4; k++) {
                out[k] = (int) (value >> 24 - 8 * k & 0xFF);
            }
            state[0] = 1;
            state[1] = n - 1;
            return out[0];
        });
    }

    static PsFile runLength(PsFile in) {
        int[] state = {0, 0};
        return new PsFile(() -> {
            while (true) {
                if (state[0] > 0) {
                    state[0]--;
                    return in.read();
                }
                if (state[0] < 0) {
                    state[0]++;
                    return state[1];
                }
                int length = in.read();
                if (length == END || length == 128) {
                    return END;
                }
                if (length < 128) {
                    state[0] = length + 1;
                } else {
                    state[0] = -(257 - length);
                    state[1] = in.read();
                }
            }
        });
    }

    static PsFile flate(PsFile in) {
        // what is unpacked may be read ahead, what is packed may not
        return of(new BufferedInputStream(new InflaterInputStream(new InputStream() {
            @Override
            public int read() throws IOException {
                try {
                    return in.read();
                } catch (PostScriptException e) {
                    throw new IOException(e);
                }
            }

            @Override
            public int read(byte[] b, int off, int len) throws IOException {
                // byte by byte: what comes after the packed data is the program's
                int c = read();
                if (c < 0) {
                    return -1;
                }
                b[off] = (byte) c;
                return 1;
            }
        })));
    }

    static PsFile lzw(PsFile in) throws PostScriptException {
        byte[] packed = in.rest();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[][] table = new byte[4096][];
        int size = 258;
        int bits = 9;
        long pending = 0;
        int have = 0;
        byte[] before = null;
        for (byte b : packed) {
            pending = pending << 8 | b & 0xFF;
            have += 8;
            if (have < bits) {
                continue;
            }
            int code = (int) (pending >> have - bits & (1 << bits) - 1);
            have -= bits;
            if (code == 256) {
                size = 258;
                bits = 9;
                before = null;
                continue;
            }
            if (code == 257) {
                break;
            }
            byte[] entry = code < 256
                    ? new byte[] {(byte) code}
                    : code < size ? table[code] : before == null ? null : with(before, before[0]);
            if (entry == null) {
                break;
            }
            out.writeBytes(entry);
            if (before != null && size < 4096) {
                table[size++] = with(before, entry[0]);
            }
            bits = size >= 2047 ? 12 : size >= 1023 ? 11 : size >= 511 ? 10 : 9;
            before = entry;
            if (out.size() > MOST_BYTES) {
                throw new PostScriptException("limitcheck", "packed data swells too much");
            }
        }
        byte[] all = out.toByteArray();
        return of(all, 0, all.length);
    }

    private static byte[] with(byte[] a, byte b) {
        byte[] longer = java.util.Arrays.copyOf(a, a.length + 1);
        longer[a.length] = b;
        return longer;
    }

    /** The bytes of a photograph, up to the marker at its end. */
    static PsFile photograph(PsFile in) {
        int[] last = {0, 0};
        PsFile file = new PsFile(() -> {
            if (last[1] == 1) {
                return END;
            }
            int b = in.read();
            last[1] = b == 0xD9 && last[0] == 0xFF || b == END ? 1 : 0;
            last[0] = b;
            return b;
        });
        file.photograph = true;
        return file;
    }

    /** Up to a marker (which may come {@code count} times before it ends), or so many bytes. */
    static PsFile subFile(PsFile in, int count, byte[] marker) {
        if (marker.length == 0) {
            int[] left = {count};
            return new PsFile(() -> count > 0 && left[0]-- <= 0 ? END : in.read());
        }
        StringBuilder window = new StringBuilder();
        int[] state = {0, 0};
        String end = new String(marker, java.nio.charset.StandardCharsets.ISO_8859_1);
        return new PsFile(() -> {
            while (state[0] == 0 && window.length() < end.length()) {
                int b = in.read();
                if (b == END) {
                    state[0] = 1;
                } else {
                    window.append((char) b);
                }
            }
            if (state[0] == 0 && window.toString().equals(end) && state[1]++ >= count) {
                state[0] = 2;
                window.setLength(0);
            }
            if (window.isEmpty()) {
                return END;
            }
            char c = window.charAt(0);
            window.deleteCharAt(0);
            return c;
        });
    }

    /** The encryption of Type 1 fonts: the first four bytes are chance; hexadecimal where those are digits. */
    static PsFile eexec(PsFile in) throws PostScriptException {
        while (in.peek() == ' ' || in.peek() == '\n' || in.peek() == '\r' || in.peek() == '\t') {
            in.read();
        }
        int[] first = new int[4];
        boolean digits = true;
        for (int i = 0; i < 4; i++) {
            first[i] = in.read();
            digits &= Character.digit(first[i], 16) >= 0;
        }
        int[] at = {0};
        PsFile raw = new PsFile(() -> at[0] < 4 ? first[at[0]++] : in.read());
        PsFile bytes = digits ? hex(raw) : raw;
        int[] key = {55_665};
        PsFile plain = new PsFile(() -> {
            int c = bytes.read();
            if (c == END) {
                return END;
            }
            int p = c ^ key[0] >> 8;
            key[0] = (c + key[0]) * 52_845 + 22_719 & 0xFFFF;
            return p & 0xFF;
        });
        for (int i = 0; i < 4; i++) {
            plain.read();
        }
        return plain;
    }
}
