package jurren.formats.eps;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.zip.DeflaterOutputStream;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Each filter against bytes that were packed here, by hand or by another packer. */
class PsFileTest {
    private static PsFile of(byte[] bytes) {
        return PsFile.of(bytes, 0, bytes.length);
    }

    private static PsFile of(String text) {
        return of(text.getBytes(StandardCharsets.ISO_8859_1));
    }

    private static String text(PsFile f) throws PostScriptException {
        return new String(f.rest(), StandardCharsets.ISO_8859_1);
    }

    private static byte[] noise(int n) {
        byte[] b = new byte[n];
        new Random(n).nextBytes(b);
        return b;
    }

    @Test
    void hexadecimal() throws PostScriptException {
        assertThat(text(PsFile.hex(of("48 65 6C\n6c 6F>rest")))).isEqualTo("Hello");
        assertThat(text(PsFile.hex(of("487>")))).as("half a byte more").isEqualTo("Hp");
    }

    @Test
    void ascii85() throws PostScriptException {
        assertThat(text(PsFile.ascii85(of("87cURD]i,\"Ebo80~>")))).isEqualTo("Hello World!");
        PsFile program = of("z!!~> moveto");
        assertThat(PsFile.ascii85(program).rest()).containsExactly(0, 0, 0, 0, 0);
        assertThat(text(program)).as("what comes after is the program's").isEqualTo(" moveto");
        for (int n = 0; n < 40; n++) {
            byte[] b = noise(n);
            assertThat(PsFile.ascii85(of(packed85(b))).rest()).isEqualTo(b);
        }
    }

    /** By the definition: four bytes as five digits of base 85. */
    private static String packed85(byte[] b) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < b.length; i += 4) {
            int n = Math.min(4, b.length - i);
            long v = 0;
            for (int k = 0; k < 4; k++) {
                v = v << 8 | (k < n ? b[i + k] & 0xFF : 0);
            }
            char[] digits = new char[5];
            for (int k = 4; k >= 0; k--) {
                digits[k] = (char) ('!' + v % 85);
                v /= 85;
            }
            out.append(digits, 0, n + 1);
        }
        return out.append("~>").toString();
    }

    @Test
    void runLengths() throws PostScriptException {
        byte[] packed = {2, 'a', 'b', 'c', (byte) (257 - 5), 'x', 0, 'y', (byte) 128, 'z'};
        assertThat(text(PsFile.runLength(of(packed)))).isEqualTo("abcxxxxxy");
    }

    @Test
    void deflated() throws IOException, PostScriptException {
        byte[] plain = noise(5000);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream d = new DeflaterOutputStream(out)) {
            d.write(plain);
        }
        out.writeBytes(" showpage".getBytes(StandardCharsets.US_ASCII));
        PsFile program = of(out.toByteArray());
        assertThat(PsFile.flate(program).rest()).isEqualTo(plain);
        assertThat(text(program)).as("not a byte more is taken").isEqualTo(" showpage");
    }

    @Test
    void lzw() throws PostScriptException {
        // the example of the language's own reference: 45 45 45 45 45 65 45 45 45 66
        byte[] packed = {(byte) 0x80, 0x0B, 0x60, 0x50, 0x22, 0x0C, 0x0C, (byte) 0x85, 0x01};
        assertThat(PsFile.lzw(of(packed)).rest()).containsExactly(45, 45, 45, 45, 45, 65, 45, 45, 45, 66);
    }

    @Test
    void partsOfAFile() throws PostScriptException {
        PsFile program = of("one two END three END four");
        assertThat(text(PsFile.subFile(program, 1, "END".getBytes(StandardCharsets.US_ASCII))))
                .as("the second of them ends it")
                .isEqualTo("one two END three ");
        assertThat(text(program)).isEqualTo(" four");
        PsFile counted = of("123456789");
        assertThat(text(PsFile.subFile(counted, 4, new byte[0]))).isEqualTo("1234");
        assertThat(text(counted)).isEqualTo("56789");
        assertThat(text(PsFile.photograph(of(new byte[] {1, (byte) 0xFF, 0, (byte) 0xFF, (byte) 0xD9, 7}))))
                .hasSize(5);
    }

    /** Encrypted as fonts are: each byte with the one before it. */
    @Test
    void encryptedFonts() throws PostScriptException {
        byte[] plain = "xxxxdup /Private 8 dict".getBytes(StandardCharsets.US_ASCII);
        byte[] cipher = new byte[plain.length];
        int key = 55_665;
        for (int i = 0; i < plain.length; i++) {
            int c = (plain[i] & 0xFF ^ key >> 8) & 0xFF;
            cipher[i] = (byte) c;
            key = (c + key) * 52_845 + 22_719 & 0xFFFF;
        }
        assertThat(text(PsFile.eexec(of(cipher)))).isEqualTo("dup /Private 8 dict");
        StringBuilder hex = new StringBuilder("\n");
        for (byte b : cipher) {
            hex.append(String.format("%02x", b));
        }
        assertThat(text(PsFile.eexec(of(hex.toString())))).as("as digits").isEqualTo("dup /Private 8 dict");
    }

    @Test
    void whatSwellsIsStopped() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream d = new DeflaterOutputStream(out)) {
            byte[] zeros = new byte[1 << 20];
            for (int i = 0; i < 40; i++) {
                d.write(zeros);
            }
        }
        assertThatThrownBy(() -> PsFile.flate(of(out.toByteArray())).rest())
                .isInstanceOf(PostScriptException.class)
                .hasMessageContaining("swells");
    }
}
