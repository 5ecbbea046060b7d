package jurren.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnGroup;
import jurren.core.art.DrawnShape;
import jurren.core.art.Ink;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.drawing.DrawingRead.Note;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What a page paints is what is read: the smallest page for each, its areas in square points worked by hand. */
class PdfReadingTest {
    private static final double POINT_MM = 25.4 / 72;
    private static final Colour RED = Colour.of("#FF0000");
    private static final Colour BLUE = Colour.of("#0000FF");
    private static final String GROUP = "/Group << /S /Transparency /CS /DeviceGray >>";

    /** A file of one page, written out as the format is. */
    private static final class Page {
        private final String content;
        private String resources = "";
        private String page = "";
        private String catalogue = "";
        private final List<String> more = new ArrayList<>();

        Page(String content) {
            this.content = content;
        }

        Page with(String what) {
            resources += what;
            return this;
        }

        Page page(String what) {
            page += what;
            return this;
        }

        Page catalogue(String what) {
            catalogue += what;
            return this;
        }

        /** Its first is object 5. */
        Page object(String text) {
            more.add(text);
            return this;
        }

        Page form(String painted, String box, String also) {
            return object("<< /Type /XObject /Subtype /Form /BBox [" + box + "] " + also + " /Length "
                    + painted.length() + " >>\nstream\n" + painted + "\nendstream");
        }

        DrawingRead read() {
            List<String> objects = new ArrayList<>(List.of(
                    "<< /Type /Catalog /Pages 2 0 R " + catalogue + " >>",
                    "<< /Type /Pages /Kids [3 0 R] /Count 1 >>",
                    "<< /Type /Page /Parent 2 0 R /MediaBox [0 0 300 300] /Contents 4 0 R /Resources << " + resources
                            + " >> " + page + " >>",
                    "<< /Length " + content.length() + " >>\nstream\n" + content + "\nendstream"));
            objects.addAll(more);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            out.writeBytes("%PDF-1.7\n".getBytes(StandardCharsets.ISO_8859_1));
            List<Integer> at = new ArrayList<>();
            for (int i = 0; i < objects.size(); i++) {
                at.add(out.size());
                out.writeBytes(
                        (i + 1 + " 0 obj\n" + objects.get(i) + "\nendobj\n").getBytes(StandardCharsets.ISO_8859_1));
            }
            int table = out.size();
            StringBuilder end = new StringBuilder("xref\n0 " + (objects.size() + 1) + "\n0000000000 65535 f \n");
            at.forEach(o -> end.append(String.format("%010d 00000 n %n", o).replace("\r\n", "\n")));
            end.append("trailer << /Size ")
                    .append(objects.size() + 1)
                    .append(" /Root 1 0 R >>\nstartxref\n")
                    .append(table)
                    .append("\n%%EOF\n");
            out.writeBytes(end.toString().getBytes(StandardCharsets.ISO_8859_1));
            return PdfReader.read(new DrawingFile("a.pdf", out.toByteArray()));
        }

        DrawingRead.Taken taken() {
            DrawingRead read = read();
            assertThat(read).as(content).isInstanceOf(DrawingRead.Taken.class);
            return (DrawingRead.Taken) read;
        }

        double points2(Colour colour) {
            return PdfReadingTest.points2(taken().drawing(), colour);
        }
    }

    private static double points2(Drawing d, Colour colour) {
        return Region.weld(d.shapes().stream()
                                .filter(s -> s.colour().equals(colour))
                                .map(s -> s.curves().enclosed())
                                .toList())
                        .areaMm2()
                / (POINT_MM * POINT_MM);
    }

    @Test
    void aFormPaintsNothingBeyondItsBox() {
        Page page = new Page("2 0 0 2 10 10 cm /F Do 0 0 1 rg 100 100 20 20 re f")
                .with("/XObject << /F 5 0 R >>")
                .form("1 0 0 rg -50 -50 200 200 re f", "0 0 30 40", "");
        assertThat(page.points2(RED)).isCloseTo(4 * 30 * 40, within(0.01));
        assertThat(page.points2(BLUE)).as("what comes after it is whole").isCloseTo(4 * 20 * 20, within(0.01));
    }

    @Test
    void whatIsQuiteClearIsNotThereAndWhatIsHalfClearIsSeenThrough() {
        Page page = new Page("/G gs 1 0 0 rg 0 0 50 50 re f /H gs 0 0 1 rg 100 100 50 50 re f")
                .with("/ExtGState << /G << /ca 0 >> /H << /ca 0.5 /CA 0 >> >>");
        assertThat(page.points2(RED)).isZero();
        assertThat(page.taken().notes()).containsExactly(Note.HIDDEN_LEFT_OUT);
        assertThat(page.taken().drawing().shapes())
                .singleElement()
                .satisfies(s -> assertThat(s.ink())
                        .hasValueSatisfying(i -> assertThat(i.argb(0, 0) >>> 24).isBetween(127, 128)));
        Page group = new Page("q /G gs /X Do Q 0 0 1 rg 0 0 9 9 re f")
                .with("/ExtGState << /G << /ca 0 >> >> /XObject << /X 5 0 R >>")
                .form("1 0 0 rg 50 50 99 99 re f", "0 0 300 300", GROUP);
        assertThat(group.points2(RED)).as("a clear group").isZero();
    }

    private static Page tiles(int paintType, String painted, String matrix, String content) {
        return new Page(content)
                .with("/Pattern << /P 5 0 R >> /ColorSpace << /U [/Pattern /DeviceRGB] >>")
                .object("<< /Type /Pattern /PatternType 1 /PaintType " + paintType
                        + " /TilingType 1 /BBox [0 0 20 20] /XStep 20 /YStep 20 /Resources << >> /Matrix [" + matrix
                        + "] /Length " + painted.length() + " >>\nstream\n" + painted + "\nendstream");
    }

    /** A red half of each tile of 20 by 20, cut off at the shape's edge. */
    @Test
    void aPatternIsLaidTileByTile() {
        String half = "1 0 0 rg 0 0 10 20 re f";
        assertThat(tiles(1, half, "1 0 0 1 0 0", "/Pattern cs /P scn 0 0 100 100 re f")
                        .points2(RED))
                .isCloseTo(5000, within(0.1));
        assertThat(tiles(1, half, "2 0 0 1 5 0", "/Pattern cs /P scn 5 0 60 100 re f")
                        .points2(RED))
                .as("as wide again, and moved")
                .isCloseTo(4000, within(0.1));
        Page after = tiles(
                1,
                half,
                "1 0 0 1 0 0",
                "q 0 0 50 50 re W n /Pattern cs /P scn 0 0 100 100 re f Q 0 0 1 rg 200 200 10 10 re f");
        assertThat(after.points2(RED)).as("within a clip").isCloseTo(30 * 50, within(0.1));
        assertThat(after.points2(BLUE)).as("and what comes after it is whole").isCloseTo(100, within(0.1));
        assertThat(after.taken().notes()).isEmpty();
        assertThat(tiles(2, "0 0 10 20 re f", "1 0 0 1 0 0", "/U cs 0 0 1 /P scn 0 0 100 100 re f")
                        .points2(BLUE))
                .as("in the colour that is told")
                .isCloseTo(5000, within(0.1));
        assertThat(tiles(1, half, ".01 0 0 .01 0 0", "/Pattern cs /P scn 0 0 100 100 re f")
                        .taken()
                        .notes())
                .as("too many")
                .contains(Note.SHADES_AS_ONE_COLOUR);
    }

    @Test
    void stepsMayGoBackAndAPatternMayPaintWithItself() {
        Page back = new Page("/Pattern cs /P scn 0 0 100 100 re f")
                .with("/Pattern << /P 5 0 R >>")
                .object(
                        "<< /Type /Pattern /PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 20 20]"
                                + " /XStep -20 /YStep -20 /Resources << >> /Length 23 >>\nstream\n1 0 0 rg 0 0 10 20 re f\nendstream");
        assertThat(back.points2(RED)).isCloseTo(5000, within(0.1));
        String itself = "1 0 0 rg 0 0 10 20 re f /Pattern cs /P scn 10 0 5 20 re f";
        Page deep = new Page("/Pattern cs /P scn 0 0 100 100 re f")
                .with("/Pattern << /P 5 0 R >>")
                .object("<< /Type /Pattern /PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 20 20]"
                        + " /XStep 20 /YStep 20 /Resources << /Pattern << /P 5 0 R >> >> /Length " + itself.length()
                        + " >>\nstream\n" + itself + "\nendstream");
        assertThat(deep.points2(RED)).isBetween(5000.0 - 0.1, 10_000.0);
        assertThat(deep.taken().notes()).contains(Note.SHADES_AS_ONE_COLOUR);
    }

    /** Of a mask of 10 by 10 pixels, each 10 points wide, the left half is white. */
    @Test
    void aMaskOfPixelsIsFollowed() {
        StringBuilder pixels = new StringBuilder();
        for (int i = 0; i < 100; i++) {
            pixels.append(i % 10 < 5 ? "FF" : "00");
        }
        for (String kind : List.of("Luminosity", "Alpha")) {
            String image = kind.equals("Alpha") ? "/ColorSpace /DeviceGray /SMask 7 0 R" : "/ColorSpace /DeviceGray";
            Page page = new Page("/G gs 1 0 0 rg 0 0 200 200 re f")
                    .with("/ExtGState << /G << /SMask << /S /" + kind + " /G 5 0 R >> >> >>")
                    .form(
                            "q 100 0 0 100 0 0 cm /I Do Q",
                            "0 0 300 300",
                            GROUP + " /Resources << /XObject << /I 6 0 R >> >>")
                    .object("<< /Type /XObject /Subtype /Image /Width 10 /Height 10 /BitsPerComponent 8 " + image
                            + " /Filter /ASCIIHexDecode /Length 201 >>\nstream\n" + pixels + ">\nendstream")
                    .object(
                            "<< /Type /XObject /Subtype /Image /Width 10 /Height 10 /BitsPerComponent 8 /ColorSpace /DeviceGray /Filter /ASCIIHexDecode /Length 201 >>\nstream\n"
                                    + pixels + ">\nendstream");
            assertThat(page.points2(RED)).as(kind).isCloseTo(5000, within(50.0));
            assertThat(page.taken().notes()).containsExactly(Note.SOFT_MASKS_AS_EDGES);
        }
    }

    @Test
    void aBlendIsLeftOutAndSaid() {
        assertThat(new Page("/G gs 1 0 0 rg 0 0 50 50 re f")
                        .with("/ExtGState << /G << /BM /Multiply >> >>")
                        .taken()
                        .notes())
                .containsExactly(Note.EFFECTS_LEFT_OUT);
    }

    @Test
    void layersThatAreSwitchedOffAreNotRead() {
        Page page = new Page(
                        "/OC /A BDC 1 0 0 rg 0 0 50 50 re f EMC /OC /B BDC 0 0 1 rg 100 0 50 50 re f /OC /A BDC 1 0 0 rg 110 110 5 5 re f EMC 0 0 1 rg 200 0 10 10 re f EMC /X Do")
                .with("/Properties << /A 5 0 R /B 6 0 R >> /XObject << /X 7 0 R >>")
                .object("<< /Type /OCG /Name (off) >>")
                .object("<< /Type /OCG /Name (on) >>")
                .form("1 0 0 rg 0 0 50 50 re f", "0 0 300 300", "/OC 5 0 R")
                .catalogue("/OCProperties << /OCGs [5 0 R 6 0 R] /D << /OFF [5 0 R] >> >>");
        assertThat(page.points2(RED)).isZero();
        assertThat(page.points2(BLUE)).isCloseTo(2500 + 100, within(0.01));
        assertThat(page.taken().notes()).containsExactly(Note.HIDDEN_LEFT_OUT);
    }

    @Test
    void membershipOfLayersFollowsItsPolicy() {
        for (String policy : List.of("AllOn", "AnyOn", "AnyOff", "AllOff")) {
            Page page = new Page("/OC /M BDC 1 0 0 rg 0 0 50 50 re f EMC 0 0 1 rg 100 100 10 10 re f")
                    .with("/Properties << /M 7 0 R >>")
                    .object("<< /Type /OCG /Name (off) >>")
                    .object("<< /Type /OCG /Name (on) >>")
                    .object("<< /Type /OCMD /OCGs [5 0 R 6 0 R] /P /" + policy + " >>")
                    .catalogue("/OCProperties << /OCGs [5 0 R 6 0 R] /D << /BaseState /OFF /ON [6 0 R] >> >>");
            assertThat(page.points2(RED)).as(policy).isCloseTo(policy.startsWith("Any") ? 2500 : 0, within(0.01));
        }
    }

    /**
     * By hand: dashes of 30, 10 gap, begun 20 in: 10, gap 10, 30, gap 10, 30, gap 10: of 100 there are 70 covered, 10
     * wide.
     */
    @Test
    void dashesBeginAtTheirPhase() {
        assertThat(new Page("1 0 0 RG 10 w [30 10] 20 d 0 50 m 100 50 l S").points2(RED))
                .isCloseTo(70 * 10, within(0.1));
        assertThat(new Page("1 0 0 RG 10 w [30 10] 0 d 0 50 m 100 50 l S").points2(RED))
                .isCloseTo(80 * 10, within(0.1));
    }

    @Test
    void aLineIsAsWideAsItsSpaceIsScaledEachWay() {
        assertThat(new Page("1 0 0 RG q 3 0 0 1 0 0 cm 10 w 20 0 m 20 100 l S Q").points2(RED))
                .as("across the stretched way")
                .isCloseTo(30 * 100, within(0.1));
        assertThat(new Page("1 0 0 RG q 3 0 0 1 0 0 cm 10 w 0 50 m 60 50 l S Q").points2(RED))
                .as("along it")
                .isCloseTo(180 * 10, within(0.1));
    }

    /**
     * 16 and 8 points square with lines of 0.8, which is 0.28 mm but a twentieth of the whole: each frame by itself.
     */
    @Test
    void narrowLinesOfASmallSignAreSeen() {
        Page page = new Page("1 0 0 RG 0.8 w 2 2 16 16 re S 0 0 1 RG 6 6 8 8 re S");
        assertThat(page.points2(RED)).isCloseTo(4 * 16 * 0.8, within(0.01));
        assertThat(page.points2(BLUE)).isCloseTo(4 * 8 * 0.8, within(0.01));
    }

    @Test
    void aSoftMaskIsAHardEdgeWhereHalfComesThrough() {
        String mask = "/ExtGState << /G << /SMask << /S /Luminosity /G 5 0 R >> >> >>";
        Page page = new Page("/G gs 1 0 0 rg 0 0 100 100 re f")
                .with(mask)
                .form("1 g 0 0 60 300 re f 0.2 g 0 0 60 30 re f 0.8 g 80 0 10 10 re f", "0 0 300 300", GROUP);
        assertThat(page.points2(RED)).isCloseTo(60 * 70 + 100, within(0.01));
        assertThat(page.taken().notes()).contains(Note.SOFT_MASKS_AS_EDGES);
        Page alpha = new Page("q 1 0 0 1 20 0 cm /G gs 1 0 0 rg 0 0 100 100 re f Q")
                .with(mask.replace("Luminosity", "Alpha"))
                .form("0 g 50 0 100 40 re f", "0 0 300 300", GROUP);
        assertThat(alpha.points2(RED)).as("where its space was when it was set").isCloseTo(50 * 40, within(0.01));
        Page form = new Page("/G gs /X Do")
                .with(mask + "/XObject << /X 6 0 R >>")
                .form("1 g 0 0 60 300 re f", "0 0 300 300", GROUP)
                .form("0 0 1 rg 50 0 100 10 re f", "0 0 300 300", "");
        assertThat(form.points2(BLUE)).isCloseTo(100, within(0.01));
    }

    @Test
    void shadesGoAlongAndOutAsInk() {
        String function = "/Function << /FunctionType 2 /Domain [0 1] /C0 [1 0 0] /C1 [0 0 1] /N 1 >>";
        Page page = new Page("/Pattern cs /P scn 0 0 100 50 re f q 100 100 100 100 re W n /S sh Q")
                .with(
                        "/Pattern << /P << /PatternType 2 /Shading << /ShadingType 2 /ColorSpace /DeviceRGB /Coords [0 0 100 0] "
                                + function + " >> >> >>")
                .with("/Shading << /S << /ShadingType 3 /ColorSpace /DeviceRGB /Coords [150 150 0 150 150 50] "
                        + function + " >> >>");
        DrawingRead.Taken taken = page.taken();
        assertThat(taken.notes()).isEmpty();
        List<DrawnShape> shapes = taken.drawing().shapes();
        assertThat(shapes).hasSize(2).allMatch(s -> s.colour().equals(new Colour(0x7F007F)));
        Ink along = shapes.get(0).ink().orElseThrow();
        var box = shapes.get(0).curves().bounds();
        assertThat(along.argb(box.minXMm(), box.centre().yMm()) & 0xFFFFFF).isEqualTo(0xFF0000);
        assertThat(along.argb(box.maxXMm(), box.centre().yMm()) & 0xFFFFFF).isEqualTo(0x0000FF);
        Ink round = shapes.get(1).ink().orElseThrow();
        var middle = shapes.get(1).curves().bounds().centre();
        assertThat(round.argb(middle.xMm(), middle.yMm()) & 0xFFFFFF).isEqualTo(0xFF0000);
        assertThat(round.argb(middle.xMm() + 25 * POINT_MM, middle.yMm()) & 0xFF)
                .isBetween(0x7C, 0x83);
    }

    /** Two pixels, red and blue, 40 by 20 points: as ink in a box of that size, red on the left. */
    @Test
    void picturesAreInkWithAPlace() {
        Page page = new Page(
                "q 40 0 0 20 10 10 cm BI /W 2 /H 1 /CS /RGB /BPC 8 ID \u00ff\u0000\u0000\u0000\u0000\u00ff EI Q 0 1 0 rg 100 100 9 9 re f");
        DrawingRead.Taken taken = page.taken();
        assertThat(taken.notes()).containsExactly(Note.PICTURES_ONLY_PRINTED);
        DrawnShape picture = taken.drawing().shapes().getFirst();
        var box = picture.curves().bounds();
        assertThat(box.widthMm()).isCloseTo(40 * POINT_MM, within(1e-6));
        assertThat(box.heightMm()).isCloseTo(20 * POINT_MM, within(1e-6));
        Ink ink = picture.ink().orElseThrow();
        assertThat(ink.isOnlyInk()).isTrue();
        assertThat(ink.argb(box.minXMm() + 0.1, box.centre().yMm())).isEqualTo(0xFFFF0000);
        assertThat(ink.argb(box.maxXMm() - 0.1, box.centre().yMm())).isEqualTo(0xFF0000FF);
    }

    @Test
    void aPicturesFirstRowIsOnTop() {
        DrawnShape picture = new Page(
                        "q 20 0 0 40 10 10 cm BI /W 1 /H 2 /CS /RGB /BPC 8 ID \u00ff\u0000\u0000\u0000\u0000\u00ff EI Q")
                .taken()
                .drawing()
                .shapes()
                .getFirst();
        var box = picture.curves().bounds();
        assertThat(picture.ink().orElseThrow().argb(box.centre().xMm(), box.minYMm() + 0.1))
                .isEqualTo(0xFFFF0000);
        assertThat(picture.ink().orElseThrow().argb(box.centre().xMm(), box.maxYMm() - 0.1))
                .isEqualTo(0xFF0000FF);
    }

    @Test
    void artBeyondThePageIsKeptAndSaid() {
        Page page = new Page("1 0 0 rg -50 0 100 50 re f").page("/CropBox [0 0 200 200]");
        assertThat(page.points2(RED)).isCloseTo(5000, within(0.01));
        assertThat(page.taken().notes()).containsExactly(Note.OVER_THE_EDGE);
        assertThat(new Page("1 0 0 rg 0 0 100 50 re f").taken().notes()).isEmpty();
    }

    /** What the library knows of the machine's fonts is not written where a person keeps their things. */
    @Test
    void nothingIsWrittenIntoTheHome() {
        Path cache = Path.of(System.getProperty("user.home"), ".pdfbox.cache");
        boolean before = Files.exists(cache);
        new Page("BT /F 40 Tf 20 20 Td (Kite) Tj ET")
                .with("/Font << /F << /Type /Font /Subtype /TrueType /BaseFont /NoSuchFontAnywhere >> >>")
                .read();
        assertThat(Files.exists(cache)).isEqualTo(before);
        assertThat(System.getProperty("pdfbox.fontcache")).isNotBlank().isNotEqualTo(System.getProperty("user.home"));
    }

    @Test
    void layersAreGroupsWithTheirNames() {
        Page page = new Page(
                        "/OC /A BDC 1 0 0 rg 0 0 50 50 re f /Span BMC 60 0 10 10 re f EMC EMC 0 0 1 rg 100 0 50 50 re f /OC /B BDC 200 0 10 10 re f EMC /X Do")
                .with("/Properties << /A 5 0 R /B 6 0 R >> /XObject << /X 7 0 R >>")
                .object("<< /Type /OCG /Name (Kite) >>")
                .object("<< /Type /OCG /Name (Tail) >>")
                .form("1 0 0 rg 0 60 50 50 re f", "0 0 300 300", "/OC 6 0 R")
                .catalogue("/OCProperties << /OCGs [5 0 R 6 0 R] /D << >> >>");
        assertThat(page.taken().drawing().shapes())
                .extracting(s -> s.groups().stream().map(DrawnGroup::name).toList())
                .containsExactly(List.of("Kite"), List.of("Kite"), List.of(), List.of("Tail"), List.of("Tail"));
    }

    private static final String RED_SHADE =
            "/ColorSpace /DeviceRGB /Function << /FunctionType 2 /Domain [0 1] /C0 [1 0 0] /C1 [1 0 0] /N 1 >>";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/ShadingType 2 /Coords [100 0 200 0]|30000",
                "/ShadingType 2 /Coords [100 0 200 0] /Extend [true false]|60000",
                "/ShadingType 2 /Coords [100 0 200 0] /Extend [true true]|90000",
                "/ShadingType 2 /Coords [100 0 200 0] /Extend [true true] /BBox [0 0 50 40]|2000",
                "/ShadingType 3 /Coords [150 150 50 150 150 100]|23561.94",
                "/ShadingType 3 /Coords [150 150 50 150 150 100] /Extend [true false]|31415.93"
            })
    void aShadeWithoutAClipReachesAsFarAsItSays(String shade, double area) {
        assertThat(new Page("/S sh")
                        .with("/Shading << /S << " + RED_SHADE + shade + " >> >>")
                        .points2(RED))
                .isCloseTo(area, within(area * 5e-4));
    }

    @Test
    void aNameIsOneInkHoweverOftenItIsDescribed() {
        String function = "<< /FunctionType 2 /Domain [0 1] /C0 [1 1 1] /C1 [%s] /N 1 >>";
        Drawing two = new Page("/A cs 1 scn 0 0 10 10 re f /B cs 1 scn 40 0 10 10 re f 0.5 scn 80 0 10 10 re f")
                .with("/ColorSpace << /A [/Separation /Otter /DeviceRGB " + function.formatted("1 0 0")
                        + "] /B [/Separation /Otter /DeviceRGB " + function.formatted(".9 .1 0") + "] >>")
                .taken()
                .drawing();
        assertThat(points2(two, RED)).isCloseTo(200, within(0.01));
        assertThat(two.inks())
                .containsEntry(RED, "Otter")
                .containsValue("Otter 50 %")
                .hasSize(2);
    }

    @Test
    void aBoldThatIsNowhereIsBoldNevertheless() {
        String text = "1 0 0 rg BT /F 100 Tf 20 40 Td (H) Tj ET";
        String font = "/Font << /F << /Type /Font /Subtype /Type1 /BaseFont /%s >> >>";
        DrawingRead.Taken plain = new Page(text).with(font.formatted("Nowhere")).taken();
        DrawingRead.Taken bold =
                new Page(text).with(font.formatted("Nowhere-Bold")).taken();
        assertThat(points2(bold.drawing(), RED)).isGreaterThan(points2(plain.drawing(), RED) * 1.1);
        assertThat(bold.notes()).containsExactly(Note.TEXT_IN_ANOTHER_FONT);
    }
}
