package jurren.formats.opening;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.DeflaterOutputStream;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.drawing.FileUnit;
import jurren.formats.drawing.NearColours;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

@Tag("long")
class AnyDrawingTest {
    private static DrawingRead read(String name, String content) {
        return AnyDrawing.read(new DrawingFile(name, content.getBytes(StandardCharsets.ISO_8859_1)));
    }

    private static DrawingRead.Taken taken(DrawingRead read) {
        assertThat(read).as(String.valueOf(read)).isInstanceOf(DrawingRead.Taken.class);
        return (DrawingRead.Taken) read;
    }

    private static Region covered(DrawingRead read) {
        return Region.weld(taken(read).drawing().shapes().stream()
                .map(s -> s.curves().enclosed())
                .toList());
    }

    private static Reason refused(DrawingRead read) {
        assertThat(read).isInstanceOf(DrawingRead.Refused.class);
        return ((DrawingRead.Refused) read).refusal().reason();
    }

    // ---- DXF

    private static String dxf(String header, String entities) {
        return ("0 SECTION 2 HEADER " + header + " 0 ENDSEC 0 SECTION 2 ENTITIES " + entities + " 0 ENDSEC 0 EOF")
                .replaceAll("\\s+", "\n");
    }

    @ParameterizedTest
    @CsvSource({"1, 25.4", "2, 304.8", "4, 1", "5, 10", "6, 1000"})
    void dxfUnitsAreRead(int code, double mm) {
        DrawingRead r = read("a.dxf", dxf("9 $INSUNITS 70 " + code, "0 CIRCLE 8 0 10 3 20 3 40 2"));
        assertThat(covered(r).bounds().widthMm()).isCloseTo(4 * mm, within(1e-6));
        assertThat(taken(r).guessed()).isEmpty();
    }

    @Test
    void dxfWithoutAUnitIsAGuess() {
        assertThat(taken(read("a.dxf", dxf("", "0 CIRCLE 8 0 10 3 20 3 40 2"))).guessed())
                .contains(FileUnit.MM);
    }

    @Test
    void dxfLinesArcsBulgesSplinesAndBlocksComeTrue() {
        String mm = "9 $INSUNITS 70 4";
        String slot =
                "0 LINE 8 0 10 0 20 0 11 10 21 0 0 ARC 8 0 10 10 20 5 40 5 50 270 51 90 0 LINE 8 0 10 10 20 10 11 0 21 10 0 ARC 8 0 10 0 20 5 40 5 50 90 51 270";
        Region joined = covered(read("a.dxf", dxf(mm, slot)));
        assertThat(joined.areaMm2()).as("four lines that meet").isCloseTo(100 + Math.PI * 25, within(0.1));
        Region bulged = covered(read("a.dxf", dxf(mm, "0 LWPOLYLINE 8 0 70 1 10 0 20 0 42 1 10 10 20 0 42 1")));
        assertThat(bulged.areaMm2()).as("two half circles").isCloseTo(Math.PI * 25, within(0.1));
        Region old = covered(
                read(
                        "a.dxf",
                        dxf(
                                mm,
                                "0 POLYLINE 8 0 66 1 70 1 0 VERTEX 8 0 10 0 20 0 0 VERTEX 8 0 10 8 20 0 0 VERTEX 8 0 10 8 20 6 0 SEQEND 8 0")));
        assertThat(old.areaMm2()).isCloseTo(24, within(1e-6));
        // a quadratic spline with weights is an exact quarter circle
        String quarter =
                "0 SPLINE 8 0 70 8 71 2 40 0 40 0 40 0 40 1 40 1 40 1 41 1 41 0.7071067811865476 41 1 10 10 20 0 10 10 20 10 10 0 20 10";
        Region pie = covered(
                read("a.dxf", dxf(mm, quarter + " 0 LINE 8 0 10 0 20 10 11 0 21 0 0 LINE 8 0 10 0 20 0 11 10 21 0")));
        assertThat(pie.areaMm2()).isCloseTo(Math.PI * 25, within(0.1));
        Region ellipse =
                covered(read("a.dxf", dxf(mm, "0 ELLIPSE 8 0 10 0 20 0 11 10 21 0 40 0.5 41 0 42 6.283185307179586")));
        assertThat(ellipse.areaMm2()).isCloseTo(Math.PI * 50, within(0.2));
        String blocks =
                "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nDOT\n10\n1\n20\n1\n0\nCIRCLE\n8\n0\n10\n1\n20\n1\n40\n1\n0\nENDBLK\n0\nENDSEC\n";
        String inserted = blocks + dxf(mm, "0 INSERT 8 0 2 DOT 10 5 20 5 41 2 42 2 70 3 44 10");
        assertThat(covered(read("a.dxf", inserted)).pieceCount()).isEqualTo(3);
        assertThat(covered(read("a.dxf", inserted)).areaMm2()).isCloseTo(3 * Math.PI * 4, within(0.1));
        String ring =
                "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nLOOP\n10\n0\n20\n0\n0\nINSERT\n2\nLOOP\n0\nCIRCLE\n8\n0\n10\n0\n20\n0\n40\n1\n0\nENDBLK\n0\nENDSEC\n";
        assertThat(taken(read("a.dxf", ring + dxf(mm, "0 INSERT 8 0 2 LOOP 10 0 20 0")))
                        .notes())
                .as("a block within itself ends")
                .contains(DrawingRead.Note.PARTS_NOT_UNDERSTOOD);
    }

    @Test
    void dxfUpIsUpAndInnerOutlinesAreHoles() {
        Region r = covered(
                read(
                        "a.dxf",
                        dxf(
                                "9 $INSUNITS 70 4",
                                "0 LWPOLYLINE 8 0 70 1 10 0 20 0 10 20 20 0 10 20 20 20 10 0 20 20 0 CIRCLE 8 0 10 5 20 15 40 2")));
        assertThat(r.holeCount()).isEqualTo(1);
        Box hole = r.pieces().getFirst().holes().getFirst().bounds();
        assertThat(hole.centre().yMm())
                .as("what was above the middle is above it")
                .isLessThan(0);
    }

    // ---- HPGL

    @Test
    void hpglMovesBecomeOutlinesWithoutTheirOvercut() {
        DrawingRead r = read(
                "load.plt",
                "IN;PA;SP1;PU0,0;PD400,0,400,400,0,400,0,0,20,0;PU100,100;PD200,100,200,200,100,200,100,100;SP2;PU600,0;CI100;");
        assertThat(covered(r).areaMm2()).isCloseTo(100 - 6.25 + Math.PI * 6.25, within(0.1));
        assertThat(covered(r).holeCount()).isEqualTo(1);
        assertThat(taken(r).drawing().shapes()).as("a pen is a colour").hasSize(2);
        assertThat(refused(read("load.plt", "IN;PU0,0;PD400,0;"))).isEqualTo(Reason.ONLY_OPEN_LINES);
        assertThat(covered(read("a.plt", "IN;IP0,0,4000,4000;SC0,10,0,10;SP1;PU0,0;PR;PD5,0,0,5,-5,0,0,-5;"))
                        .areaMm2())
                .as("scaled")
                .isCloseTo(2500, within(0.1));
        assertThat(covered(read("a.plt", "IN;SP1;PU400,0;PD;AA0,0,180;AA0,0,180;PU;"))
                        .areaMm2())
                .as("two arcs")
                .isCloseTo(Math.PI * 100, within(0.2));
    }

    // ---- EPS

    private static String eps(String body) {
        return "%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 100 100\n" + body + "\nshowpage\n%%EOF\n";
    }

    @Test
    void epsRunsWhatDrawingsAreWrittenIn() {
        double pt = 25.4 / 72;
        assertThat(covered(
                                read(
                                        "a.eps",
                                        eps(
                                                "1 0 0 setrgbcolor 0 0 moveto 72 0 lineto 72 72 lineto 0 72 lineto closepath fill")))
                        .areaMm2())
                .isCloseTo(25.4 * 25.4, within(0.01));
        assertThat(covered(
                                read(
                                        "a.eps",
                                        eps(
                                                "/box { 4 dict begin newpath 0 0 moveto 1 0 lineto 1 1 lineto 0 1 lineto closepath end } def\n"
                                                        + "gsave 10 20 translate 30 rotate 20 20 scale box fill grestore 3 { 50 0 translate gsave 10 10 scale box fill grestore } repeat")))
                        .areaMm2())
                .isCloseTo((400 + 300) * pt * pt, within(0.1));
        assertThat(covered(read("a.eps", eps("50 50 30 0 360 arc closepath 50 50 10 360 0 arcn closepath eofill")))
                        .areaMm2())
                .isCloseTo(Math.PI * 800 * pt * pt, within(0.2));
        assertThat(covered(read("a.eps", eps("0 0 50 50 rectclip 25 25 50 50 rectfill")))
                        .areaMm2())
                .isCloseTo(625 * pt * pt, within(0.01));
        assertThat(covered(read("a.eps", eps("4 setlinewidth 0 0 moveto 100 0 lineto stroke")))
                        .areaMm2())
                .isCloseTo(400 * pt * pt, within(0.01));
        Drawing colours = taken(
                        read("a.eps", eps("0 0.5 1 0 setcmykcolor 0 0 10 10 rectfill 0.5 setgray 20 0 10 10 rectfill")))
                .drawing();
        assertThat(colours.shapes()).extracting(s -> s.colour().hex()).containsExactly("#FF8000", "#808080");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {} loop|too many steps
            /f { f } def f|too deeply
            0 1 1000000000 { pop } for|too many steps
            1000000000 { 1 } repeat|too many
            (x) run deletethis|not known
            (a.txt) (r) file|reaches for files
            { stop } exec|gives up
            1 0 idiv|has no value
            99999999 array|too long
            0 1 100000 { 10000 string } for|piles up too much
            1 0 moveto add|a value is missing
            { { {|never closed
            """)
    void epsThatCannotBeRunIsRefusedWithTheReason(String body, String why) {
        DrawingRead r = read("a.eps", eps(body));
        assertThat(refused(r)).isEqualTo(Reason.BROKEN_DRAWING);
        assertThat(((DrawingRead.Refused) r).refusal().detail()).contains(why);
    }

    @Test
    void epsBehindABinaryHeadIsFound() {
        byte[] program = eps("0 0 72 72 rectfill").getBytes(StandardCharsets.ISO_8859_1);
        ByteBuffer file = ByteBuffer.allocate(30 + program.length).order(ByteOrder.LITTLE_ENDIAN);
        file.putInt(0xC6D3D0C5).putInt(30).putInt(program.length).position(30);
        file.put(program);
        assertThat(covered(AnyDrawing.read(new DrawingFile("a.eps", file.array())))
                        .areaMm2())
                .isCloseTo(645.16, within(0.01));
    }

    // ---- PDF

    private interface Content {
        void paint(PDDocument document, PDPageContentStream out) throws java.io.IOException;
    }

    private static byte[] pdf(Content... pages) throws java.io.IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            for (Content c : pages) {
                PDPage page = new PDPage(new PDRectangle(200, 200));
                document.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    c.paint(document, out);
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    @Test
    void pdfPagesAreListedAndReadAtTrueSizeWithTextAndClips() throws Exception {
        byte[] file = pdf(
                (_, out) -> {
                    out.addRect(0, 0, 72, 72);
                    out.clip();
                    out.setNonStrokingColor(1f, 0, 0);
                    out.addRect(36, 36, 100, 100);
                    out.fill();
                },
                (_, out) -> {
                    out.beginText();
                    out.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA_BOLD), 72);
                    out.newLineAtOffset(10, 10);
                    out.showText("IO");
                    out.endText();
                });
        DrawingFile first = new DrawingFile("shop.pdf", file);
        assertThat(taken(AnyDrawing.read(first)).pages()).containsExactly("1", "2");
        assertThat(covered(AnyDrawing.read(first)).areaMm2()).isCloseTo(12.7 * 12.7, within(0.01));
        Region text = covered(AnyDrawing.read(first.onPage(2)));
        assertThat(text.pieceCount()).isEqualTo(2);
        assertThat(text.holeCount()).isEqualTo(1);
        assertThat(text.bounds().heightMm()).as("capitals of a 72 point face").isBetween(17.0, 20.0);
        assertThat(refused(AnyDrawing.read(first.onPage(3)))).isEqualTo(Reason.NO_SUCH_PAGE);
    }

    @Test
    void aLockedPdfIsSaidToBe() throws Exception {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.addPage(new PDPage());
            document.protect(new org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy(
                    "owner", "user", new org.apache.pdfbox.pdmodel.encryption.AccessPermission()));
            document.save(bytes);
            assertThat(refused(AnyDrawing.read(new DrawingFile("a.pdf", bytes.toByteArray()))))
                    .isEqualTo(Reason.LOCKED);
        }
    }

    @Test
    void aPdfThatUnpacksToFarTooMuchIsRefused() throws Exception {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed)) {
            byte[] blanks = new byte[1 << 20];
            java.util.Arrays.fill(blanks, (byte) ' ');
            for (int i = 0; i < 300; i++) {
                out.write(blanks);
            }
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        file.write(
                ("%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n"
                                + "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 9 9]/Contents 4 0 R>>endobj\n4 0 obj<</Filter/FlateDecode/Length "
                                + packed.size()
                                + ">>stream\n")
                        .getBytes(StandardCharsets.ISO_8859_1));
        file.write(packed.toByteArray());
        file.write("\nendstream endobj\ntrailer<</Root 1 0 R>>\n%%EOF".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(AnyDrawing.read(new DrawingFile("bomb.pdf", file.toByteArray())))
                .isInstanceOf(DrawingRead.Refused.class);
    }

    @Test
    void smallFilesThatWouldBecomeLargeOnesAreRefusedAtOnce() {
        String open = "<svg xmlns='http://www.w3.org/2000/svg' width='9mm' height='9mm' viewBox='0 0 9 9'>";
        StringBuilder uses = new StringBuilder(open + "<defs><g id='u0'><rect width='9' height='9'/></g>");
        for (int i = 1; i < 10; i++) {
            uses.append("<g id='u")
                    .append(i)
                    .append("'>")
                    .append(("<use href='#u" + (i - 1) + "'/>").repeat(10))
                    .append("</g>");
        }
        assertThat(refused(read("a.svg", uses + "</defs><use href='#u9'/></svg>")))
                .isEqualTo(Reason.TOO_LARGE);
        assertThat(refused(read("a.svg", open + "<path d='" + "M0 0L9 9L0 9Z".repeat(100_000) + "'/></svg>")))
                .isEqualTo(Reason.TOO_LARGE);
        assertThat(refused(read("a.plt", "IN;SP1;PU0,0;PD" + "400,0,400,400,".repeat(60_000) + "0,0;")))
                .isEqualTo(Reason.TOO_LARGE);
        StringBuilder blocks =
                new StringBuilder("0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nB0\n0\nCIRCLE\n40\n5\n0\nENDBLK\n");
        for (int i = 1; i < 12; i++) {
            blocks.append("0\nBLOCK\n2\nB")
                    .append(i)
                    .append('\n')
                    .append(("0\nINSERT\n2\nB" + (i - 1) + "\n10\n1\n").repeat(10))
                    .append("0\nENDBLK\n");
        }
        assertThat(refused(
                        read("a.dxf", blocks + "0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nINSERT\n2\nB11\n0\nENDSEC\n")))
                .isEqualTo(Reason.TOO_LARGE);
        assertThat(refused(read("a.eps", eps("1000000000 { newpath 0 0 9 9 rectfill } repeat"))))
                .isIn(Reason.TOO_LARGE, Reason.BROKEN_DRAWING);
    }

    // ---- all

    @Test
    void coloursThatAreNearlyTheSameAreFound() {
        Drawing d = taken(
                        read(
                                "a.svg",
                                "<svg xmlns='http://www.w3.org/2000/svg' width='50mm' height='50mm'><rect width='9' height='9' fill='#E8743B'/>"
                                        + "<rect x='10' width='9' height='9' fill='#E8743B'/><rect x='20' width='9' height='9' fill='#E6763D'/><rect x='30' width='9' height='9' fill='#7FC4DA'/></svg>"))
                .drawing();
        assertThat(NearColours.of(d)).containsExactly(java.util.Map.entry(Colour.of("#E6763D"), Colour.of("#E8743B")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"a.svg", "a.pdf", "a.eps", "a.dxf", "a.plt", "a.xyz"})
    void nonsenseIsRefusedWhateverItIsCalled(String name) {
        assertThat(refused(read(name, ""))).isEqualTo(Reason.EMPTY);
        Random random = new Random(name.hashCode());
        byte[] noise = new byte[3000];
        random.nextBytes(noise);
        assertThat(AnyDrawing.read(new DrawingFile(name, noise))).isInstanceOf(DrawingRead.Refused.class);
    }

    /** Small files that ask for hours: what they ask for is counted, so that it is the same on every machine. */
    @ParameterizedTest(name = "{0}")
    @MethodSource
    void whatAsksForHoursIsRefusedByCounting(String name, String content) {
        assertThat(refused(read(name, content))).isIn(Reason.TOO_LARGE, Reason.BROKEN_DRAWING);
    }

    static Stream<Arguments> whatAsksForHoursIsRefusedByCounting() {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>";
        String rules = IntStream.range(0, 3000)
                .mapToObj(i -> "rect.c" + i + " ~ rect:nth-child(" + i + "n) {fill:red}")
                .collect(Collectors.joining());
        String clips = IntStream.range(0, 60)
                .mapToObj(i -> "<clipPath id='c" + i + "' clip-path='url(#c" + (i - 1) + ")'>"
                        + "<circle r='9'/>".repeat(60) + "</clipPath>")
                .collect(Collectors.joining());
        return Stream.of(
                Arguments.of("rules.svg", svg + "<style>" + rules + "</style>" + "<rect/>".repeat(5000) + "</svg>"),
                Arguments.of("clips.svg", svg + clips + "<rect clip-path='url(#c59)' width='9' height='9'/></svg>"),
                Arguments.of("letters.svg", svg + "<text>" + "lorem ".repeat(60_000) + "</text></svg>"),
                Arguments.of(
                        "dashes.svg",
                        svg + "<path fill='none' stroke='red' stroke-dasharray='.00001' d='M0 0L100 100'/></svg>"),
                Arguments.of(
                        "search.eps",
                        "%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 9 9\n/s 60000 string def "
                                + "{ s (b) search { pop pop pop } { pop } ifelse } loop"));
    }
}
