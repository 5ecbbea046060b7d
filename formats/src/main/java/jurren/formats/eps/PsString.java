package jurren.formats.eps;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** Bytes that can be changed; a part of a string shares them with the whole. */
final class PsString {
    final byte[] bytes;
    final int from;
    final int length;
    final boolean executable;

    PsString(byte[] bytes, int from, int length, boolean executable) {
        this.bytes = bytes;
        this.from = from;
        this.length = length;
        this.executable = executable;
    }

    static PsString of(String text) {
        byte[] b = text.getBytes(StandardCharsets.ISO_8859_1);
        return new PsString(b, 0, b.length, false);
    }

    static PsString of(byte[] b) {
        return new PsString(b, 0, b.length, false);
    }

    PsString part(int at, int count) {
        return new PsString(bytes, from + at, count, executable);
    }

    PsString as(boolean nowExecutable) {
        return new PsString(bytes, from, length, nowExecutable);
    }

    int get(int i) {
        return bytes[from + i] & 0xFF;
    }

    void put(int i, int b) {
        bytes[from + i] = (byte) b;
    }

    byte[] copy() {
        return Arrays.copyOfRange(bytes, from, from + length);
    }

    String text() {
        return new String(bytes, from, length, StandardCharsets.ISO_8859_1);
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof PsString s && Arrays.equals(copy(), s.copy());
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(copy());
    }
}
