package jurren.formats.opening;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import jurren.core.art.DrawingFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

/**
 * Drawings that point outside themselves, watched from outside: which files the process holds open, and who calls at a
 * port.
 */
@Tag("long")
class OutsideTest {
    private static final Path OPEN = Path.of("/proc/self/fd");
    private static final int ROUNDS = 12;

    @TempDir
    Path folder;

    private Path secret;
    private ServerSocket port;
    private final AtomicInteger calls = new AtomicInteger();
    private final Set<String> seen = ConcurrentHashMap.newKeySet();
    private final AtomicBoolean watching = new AtomicBoolean(true);

    @BeforeEach
    void watch() throws IOException {
        assumeTrue(Files.isDirectory(OPEN), "only where the system tells which files are open");
        secret = Files.writeString(
                folder.resolve("secret.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg'><rect id='r' width='9' height='9'/></svg>");
        port = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        Thread.ofPlatform().daemon().start(this::answer);
        Thread.ofPlatform().daemon().start(this::look);
    }

    @AfterEach
    void close() throws IOException {
        watching.set(false);
        if (port != null) {
            port.close();
        }
    }

    private void answer() {
        while (!port.isClosed()) {
            try (Socket _ = port.accept()) {
                calls.incrementAndGet();
            } catch (IOException _) {
                // the watch is over
            }
        }
    }

    private void look() {
        while (watching.get()) {
            seen.addAll(open());
        }
    }

    private static Set<String> open() {
        Set<String> names = ConcurrentHashMap.newKeySet();
        try (DirectoryStream<Path> all = Files.newDirectoryStream(OPEN)) {
            for (Path p : all) {
                try {
                    names.add(Files.readSymbolicLink(p).toString());
                } catch (IOException _) {
                    // closed between listing and looking
                }
            }
        } catch (IOException _) {
            // looked at again at once
        }
        return names;
    }

    private Map<String, byte[]> hostile() {
        String file = secret.toUri().toString();
        String net = "http://127.0.0.1:" + port.getLocalPort() + "/a";
        Map<String, byte[]> all = new LinkedHashMap<>();
        for (String where : List.of(file, net)) {
            String n = where.equals(file) ? "file" : "net";
            svg(
                    all,
                    n + "-image",
                    "",
                    "<image href='" + where + "' width='9' height='9'/><rect width='9' height='9'/>");
            svg(all, n + "-use", "", "<use href='" + where + "#r'/><rect width='9' height='9'/>");
            svg(
                    all,
                    n + "-import",
                    "",
                    "<style>@import url(" + where + "); @font-face{font-family:F;src:url(" + where
                            + ")}</style><text font-family='F'>a</text><rect width='9' height='9'/>");
            svg(
                    all,
                    n + "-paint",
                    "",
                    "<rect width='9' height='9' fill='url(" + where + "#r)' clip-path='url(" + where
                            + "#r)' filter='url(" + where + "#r)'/>");
            svg(
                    all,
                    n + "-entity",
                    "<!DOCTYPE svg [<!ENTITY e SYSTEM '" + where + "'>]>",
                    "<text>&e;</text><rect width='9' height='9'/>");
            svg(
                    all,
                    n + "-parameter",
                    "<!DOCTYPE svg [<!ENTITY % e SYSTEM '" + where + "'> %e;]>",
                    "<rect width='9' height='9'/>");
            svg(all, n + "-dtd", "<!DOCTYPE svg SYSTEM '" + where + "'>", "<rect width='9' height='9'/>");
            svg(
                    all,
                    n + "-sheet",
                    "<?xml-stylesheet href='" + where + "' type='text/css'?>",
                    "<rect width='9' height='9'/>");
            svg(
                    all,
                    n + "-script",
                    "",
                    "<script href='" + where + "'/><script>new java.net.URL('" + where
                            + "').openStream()</script><rect width='9' height='9'/>");
            svg(
                    all,
                    n + "-fe",
                    "",
                    "<filter id='f'><feImage href='" + where
                            + "'/></filter><rect width='9' height='9' filter='url(#f)'/>");
        }
        String path = secret.toString();
        for (String eps : List.of(
                "(" + path + ") run",
                "(" + path + ") (r) file 100 string readstring pop pop",
                "(%pipe%cat " + path + ") (r) file",
                "(" + path + ") deletefile",
                "(" + path + ") (w) file (x) writestring",
                "(*) {pop} 100 string filenameforall")) {
            all.put(
                    "e" + all.size() + ".eps",
                    ("%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 99 99\n{ " + eps
                                    + " } stopped pop 0 0 50 50 rectfill\n%%EOF\n")
                            .getBytes(StandardCharsets.ISO_8859_1));
        }
        all.put(
                "a.pdf",
                ("%PDF-1.7\n1 0 obj\n<< /Type /Catalog /Pages 2 0 R /OpenAction << /S /URI /URI (" + net
                                + ") >> >>\nendobj\n2 0 obj\n<< /Type /Pages /Kids [3 0 R] /Count 1 >>\nendobj\n"
                                + "3 0 obj\n<< /Type /Page /Parent 2 0 R /MediaBox [0 0 99 99] /Contents 4 0 R /Resources << /XObject << /X 5 0 R >> >> >>\nendobj\n"
                                + "4 0 obj\n<< /Length 30 >>\nstream\n0 0 50 50 re f /X Do            \nendstream\nendobj\n"
                                + "5 0 obj\n<< /Type /XObject /Subtype /Form /BBox [0 0 9 9] /F (" + path
                                + ") /Length 0 >>\nstream\n\nendstream\nendobj\ntrailer << /Root 1 0 R >>\n%%EOF\n")
                        .getBytes(StandardCharsets.ISO_8859_1));
        all.put(
                "a.dxf",
                ("0\nSECTION\n2\nENTITIES\n0\nIMAGE\n340\nA1\n10\n0\n20\n0\n0\nCIRCLE\n10\n5\n20\n5\n40\n4\n0\nENDSEC\n0\nSECTION\n2\nOBJECTS\n0\nIMAGEDEF\n5\nA1\n1\n"
                                + path + "\n0\nENDSEC\n0\nEOF\n")
                        .getBytes(StandardCharsets.ISO_8859_1));
        return all;
    }

    private static void svg(Map<String, byte[]> all, String name, String before, String body) {
        all.put(
                name + ".svg",
                (before + "<svg xmlns='http://www.w3.org/2000/svg' width='99mm' height='99mm' viewBox='0 0 99 99'>"
                                + body + "</svg>")
                        .getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void theWatchSeesWhatIsOpened() throws IOException, InterruptedException {
        try (var in = Files.newInputStream(secret)) {
            assertThat(in.read()).isPositive();
            assertThat(open()).contains(secret.toRealPath().toString());
        }
        try (Socket s = new Socket(InetAddress.getLoopbackAddress(), port.getLocalPort())) {
            s.getInputStream().read();
        }
        assertThat(calls).hasValue(1);
    }

    @Test
    void nothingOutsideADrawingIsTouched() throws IOException {
        byte[] before = Files.readAllBytes(secret);
        seen.clear();
        Map<String, byte[]> all = hostile();
        for (int round = 0; round < ROUNDS; round++) {
            all.forEach((name, content) -> assertThatCode(() -> AnyDrawing.read(new DrawingFile(name, content)))
                    .as(name)
                    .doesNotThrowAnyException());
        }
        assertThat(seen).as("the watch looked").isNotEmpty();
        assertThat(seen)
                .as("files held open")
                .doesNotContain(secret.toRealPath().toString());
        assertThat(calls).as("calls over the network").hasValue(0);
        assertThat(secret).hasBinaryContent(before);
    }
}
