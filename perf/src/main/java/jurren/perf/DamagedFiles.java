package jurren.perf;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import jurren.core.art.DrawingFile;
import jurren.core.job.Shop;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.hpgl.HpglWriter;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.opening.AnyDrawing;
import jurren.formats.out.ArtFormat;
import jurren.formats.out.ArtSheet;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import jurren.formats.words.Units;
import jurren.formats.words.Words;

/**
 * Damaged files of every format that can be read: cut short, bits turned, numbers and sizes lied about,
 * nested a thousand deep, entities and streams that swell. Counts what throws, what takes longer than five
 * seconds and how much memory is ever in use. Arguments: how many, where to begin.
 */
public final class DamagedFiles {
    private static final Shop SHOP = BuiltInShop.read();
    private static final double TOO_LONG_MS = 5000;
    private static final byte[] BLANKS = blanks();

    private final Map<String, byte[]> good = new LinkedHashMap<>();
    private final Map<String, int[]> counts = new LinkedHashMap<>();
    private double slowestMs;
    private String slowest = "";

    private DamagedFiles() {}

    public static void main(String[] args) throws IOException {
        int count = args.length > 0 ? Integer.parseInt(args[0]) : 10_000;
        int first = args.length > 1 ? Integer.parseInt(args[1]) : 0;
        DamagedFiles run = new DamagedFiles();
        run.begin();
        for (int i = first; i < first + count; i++) {
            run.one(i);
            if ((i + 1) % 1000 == 0) {
                System.err.println(i + 1 - first);
            }
        }
        run.print();
    }

    private void begin() throws IOException {
        var plan = new Planner().plan(DemoJob.simple(), SHOP);
        // small ones, so that many can be read
        ArtSheet art = ArtSheet.of(
                "kite",
                jurren.core.art.Lettering.of(
                        "Kite",
                        jurren.core.lettering.ShippedTypeface.ALFA_SLAB_ONE,
                        20,
                        jurren.core.material.Colour.of("#E8743B")));
        for (ArtFormat f : List.of(ArtFormat.SVG, ArtFormat.PDF, ArtFormat.EPS, ArtFormat.DXF, ArtFormat.PNG)) {
            good.put("a" + f.ending(), f.write(art, new ArtFormat.Options(25.4, Optional.of("Cut line"), 60)));
        }
        good.put(
                "b.svg",
                ("<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='90mm' viewBox='0 0 90 90'><style>.a{fill:#123456}</style>"
                                + "<defs><clipPath id='c'><circle r='40' cx='40' cy='40'/></clipPath><linearGradient id='g'><stop stop-color='red'/></linearGradient></defs>"
                                + "<g clip-path='url(#c)' transform='rotate(7)'><path class='a' d='M3 4C9 9 20 1 40 40S9 9 3 4z'/><text y='30' font-size='20'>Fair</text>"
                                + "<rect fill='url(#g)' width='30%' height='20' rx='3'/></g><use href='#x'/></svg>")
                        .getBytes(StandardCharsets.UTF_8));
        good.put("a.plt", HpglWriter.write(plan.runs().getFirst()));
        good.put("a.jurren", JobFile.bytes(JobDocument.of(DemoJob.simple())));
        BufferedImage image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        image.createGraphics().drawOval(5, 5, 40, 30);
        for (String kind : List.of("jpeg", "gif", "bmp", "tiff")) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, kind, out);
            good.put("a." + kind, out.toByteArray());
        }
        good.put("a.webp", java.util.Base64.getDecoder().decode("UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA=="));
    }

    private void one(int seed) {
        Random random = new Random(seed);
        List<String> names = new ArrayList<>(good.keySet());
        String name = names.get(random.nextInt(names.size()));
        byte[] bad = seed % 50 == 0 ? swelling(name, random) : damaged(good.get(name), random);
        int[] c = counts.computeIfAbsent(name.substring(name.lastIndexOf('.') + 1), _ -> new int[4]);
        c[0]++;
        long from = System.nanoTime();
        try {
            String says = read(name, bad);
            c[1] += says.isEmpty() ? 0 : 1;
            if (says.contains("Exception") || says.contains("{0}")) {
                System.out.println("no sentence: seed " + seed + " " + name + ": " + says);
            }
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            c[2]++;
            System.out.println("seed " + seed + " " + name + " " + e + " at "
                    + Arrays.stream(e.getStackTrace()).limit(3).toList());
        }
        double ms = (System.nanoTime() - from) / 1e6;
        if (ms > TOO_LONG_MS) {
            c[3]++;
            System.out.printf(Locale.ROOT, "seed %d %s took %.0f ms%n", seed, name, ms);
        }
        if (ms > slowestMs) {
            slowestMs = ms;
            slowest = "seed " + seed + " " + name;
        }
    }

    /** The sentence with which it is refused, or nothing. */
    private static String read(String name, byte[] bad) {
        Words words = new Words(Units.METRIC);
        if (name.endsWith(".jurren")) {
            return JobFile.read(bad, name, SHOP) instanceof JobRead.Refused r ? words.refusal(r.refusal()) : "";
        }
        if (PictureReader.looksLike(bad)) {
            return PictureReader.read(name, bad) instanceof PictureRead.Refused r ? words.refusal(r.refusal()) : "";
        }
        return AnyDrawing.read(new DrawingFile(name, bad)) instanceof DrawingRead.Refused r
                ? words.refusal(r.refusal())
                : "";
    }

    private static byte[] damaged(byte[] good, Random random) {
        byte[] bad = good.clone();
        switch (random.nextInt(5)) {
            case 0 -> bad = Arrays.copyOf(bad, random.nextInt(bad.length));
            case 1 -> {
                for (int i = 0; i < 1 + random.nextInt(20); i++) {
                    bad[random.nextInt(bad.length)] ^= (byte) (1 << random.nextInt(8));
                }
            }
            case 2 -> {
                // the front of a file holds its sizes
                int at = random.nextInt(Math.min(64, bad.length));
                for (int i = at; i < Math.min(bad.length, at + 4); i++) {
                    bad[i] = (byte) random.nextInt(256);
                }
            }
            case 3 -> {
                String text = new String(bad, StandardCharsets.ISO_8859_1);
                String lie = List.of("1e30", "-1", "99999999999", "NaN", "0", "1e-30")
                        .get(random.nextInt(6));
                int[] digits = text.chars()
                        .limit(200_000)
                        .map(c -> c >= '0' && c <= '9' ? 1 : 0)
                        .toArray();
                int at = random.nextInt(digits.length);
                while (at < digits.length && digits[at] == 0) {
                    at++;
                }
                bad = (text.substring(0, at) + lie + text.substring(Math.min(text.length(), at + 1)))
                        .getBytes(StandardCharsets.ISO_8859_1);
            }
            default -> {
                // a part of it again and again
                int from = random.nextInt(bad.length);
                int to = Math.min(bad.length, from + 1 + random.nextInt(200));
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                out.write(bad, 0, to);
                for (int i = 0; i < 300; i++) {
                    out.write(bad, from, to - from);
                }
                out.write(bad, to, bad.length - to);
                bad = out.toByteArray();
            }
        }
        return bad;
    }

    /** Small files that would become large ones. */
    private static byte[] swelling(String name, Random random) {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='9mm' height='9mm' viewBox='0 0 9 9'>";
        String text = switch (name.substring(name.lastIndexOf('.') + 1)) {
            case "svg" ->
                switch (random.nextInt(4)) {
                    case 0 ->
                        "<!DOCTYPE svg [<!ENTITY a '" + "lol".repeat(20) + "'>" + entities() + "]>" + svg
                                + "<text>&k;</text></svg>";
                    case 1 ->
                        svg + "<g>".repeat(1000) + "<rect width='9' height='9'/>" + "</g>".repeat(1000) + "</svg>";
                    case 2 -> svg + "<g id='a'><rect width='9' height='9'/></g>" + uses() + "<use href='#u9'/></svg>";
                    default -> svg + "<path d='" + "M0 0L9 9L0 9Z".repeat(200_000) + "'/></svg>";
                };
            case "eps" ->
                "%!PS-Adobe-3.0\n"
                        + List.of(
                                        "{ 0 0 moveto 9 9 lineto } loop",
                                        "1e9 { newpath 0 0 9 9 rectfill } repeat",
                                        "{".repeat(1000),
                                        "/a { a a } def a",
                                        "0 0 moveto 1000000 { 1 1 rlineto } repeat fill")
                                .get(random.nextInt(5));
            case "dxf" -> nestedBlocks();
            case "plt" -> "IN;SP1;PU0,0;PD" + "400,0,400,400,".repeat(100_000) + "0,0;";
            default -> "";
        };
        return text.isEmpty() ? bomb(name) : text.getBytes(StandardCharsets.ISO_8859_1);
    }

    private static String entities() {
        StringBuilder s = new StringBuilder();
        for (char c = 'b'; c <= 'k'; c++) {
            s.append("<!ENTITY ")
                    .append(c)
                    .append(" '")
                    .append(("&" + (char) (c - 1) + ";").repeat(10))
                    .append("'>");
        }
        return s.toString();
    }

    private static String uses() {
        StringBuilder s = new StringBuilder("<defs><g id='u0'><use href='#a'/></g>");
        for (int i = 1; i <= 9; i++) {
            s.append("<g id='u")
                    .append(i)
                    .append("'>")
                    .append(("<use href='#u" + (i - 1) + "'/>").repeat(10))
                    .append("</g>");
        }
        return s.append("</defs>").toString();
    }

    private static String nestedBlocks() {
        StringBuilder s = new StringBuilder(
                "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nB0\n0\nCIRCLE\n10\n0\n20\n0\n40\n5\n0\nENDBLK\n");
        for (int i = 1; i < 12; i++) {
            s.append("0\nBLOCK\n2\nB").append(i).append('\n');
            s.append(("0\nINSERT\n2\nB" + (i - 1) + "\n10\n1\n20\n1\n").repeat(10))
                    .append("0\nENDBLK\n");
        }
        return s.append("0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nINSERT\n2\nB11\n10\n0\n20\n0\n0\nENDSEC\n0\nEOF\n")
                .toString();
    }

    /** A thousand megabytes of blanks, packed. */
    private static byte[] blanks() {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed)) {
            byte[] blanks = new byte[1 << 20];
            Arrays.fill(blanks, (byte) ' ');
            for (int i = 0; i < 1000; i++) {
                out.write(blanks);
            }
        } catch (IOException e) {
            throw new IllegalStateException("a byte array took no more bytes", e);
        }
        return packed.toByteArray();
    }

    /**
     * A PDF whose page unpacks to a thousand megabytes, a PNG that says it is 50,000 pixels wide, a job full of zeros.
     */
    private static byte[] bomb(String name) {
        byte[] data = BLANKS;
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        if (name.endsWith(".pdf")) {
            file.writeBytes(
                    ("%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n"
                                    + "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 9 9]/Contents 4 0 R>>endobj\n4 0 obj<</Filter/FlateDecode/Length "
                                    + data.length
                                    + ">>stream\n")
                            .getBytes(StandardCharsets.ISO_8859_1));
            file.writeBytes(data);
            file.writeBytes("\nendstream endobj\ntrailer<</Root 1 0 R>>\n%%EOF".getBytes(StandardCharsets.ISO_8859_1));
            return file.toByteArray();
        }
        file.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
        chunk(file, "IHDR", new byte[] {0, 0, (byte) 0x1E, 0, 0, 0, (byte) 0x1D, 0, 8, 6, 0, 0, 0});
        chunk(file, "IDAT", data);
        chunk(file, "IEND", new byte[0]);
        return file.toByteArray();
    }

    private static void chunk(ByteArrayOutputStream file, String kind, byte[] data) {
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(kind.getBytes(StandardCharsets.US_ASCII));
        crc.update(data);
        file.writeBytes(java.nio.ByteBuffer.allocate(8)
                .putInt(data.length)
                .put(kind.getBytes(StandardCharsets.US_ASCII))
                .array());
        file.writeBytes(data);
        file.writeBytes(
                java.nio.ByteBuffer.allocate(4).putInt((int) crc.getValue()).array());
    }

    private void print() {
        System.out.println("| format | files | refused with a sentence | exceptions | over 5 s |");
        System.out.println("|---|---|---|---|---|");
        counts.forEach((format, c) ->
                System.out.printf(Locale.ROOT, "| %s | %d | %d | %d | %d |%n", format, c[0], c[1], c[2], c[3]));
        System.out.printf(
                Locale.ROOT,
                "slowest %.0f ms (%s); the heap may grow to %d MB%n",
                slowestMs,
                slowest,
                Runtime.getRuntime().maxMemory() >> 20);
    }
}
