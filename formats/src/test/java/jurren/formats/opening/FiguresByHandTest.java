package jurren.formats.opening;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import jurren.core.art.DrawingFile;
import jurren.core.geometry.Region;
import jurren.formats.drawing.DrawingRead;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Shapes whose areas a formula gives, through every format: what is read is as large as it was written. */
class FiguresByHandTest {
    private static final double POINT_MM = 25.4 / 72;

    private static Region covered(String name, byte[] content) {
        DrawingRead read = AnyDrawing.read(new DrawingFile(name, content));
        assertThat(read).isInstanceOf(DrawingRead.Taken.class);
        return Region.weld(((DrawingRead.Taken) read)
                .drawing().shapes().stream().map(s -> s.curves().enclosed()).toList());
    }

    private static byte[] latin(String text) {
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }

    private static byte[] svg(String body) {
        return latin("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>"
                + body + "</svg>");
    }

    private static byte[] eps(String body) {
        return latin("%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 300 300\n" + body + "\nshowpage\n%%EOF\n");
    }

    private static byte[] dxf(String entities) {
        return latin(
                ("0 SECTION 2 HEADER 9 $INSUNITS 70 4 0 ENDSEC 0 SECTION 2 ENTITIES " + entities + " 0 ENDSEC 0 EOF")
                        .replaceAll("\\s+", "\n"));
    }

    private interface Content {
        void paint(PDPageContentStream out) throws IOException;
    }

    private static byte[] pdf(Content content) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDPage page = new PDPage(new PDRectangle(300, 300));
            document.addPage(page);
            try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
                content.paint(stream);
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    static Stream<Arguments> figures() throws IOException {
        double p2 = POINT_MM * POINT_MM;
        return Stream.of(
                Arguments.of("a.svg", svg("<rect x='10' y='10' width='30' height='20'/>"), 600.0, 30.0, 0),
                Arguments.of(
                        "a.svg", svg("<rect width='40' height='40' rx='10'/>"), 1600 - 400 + Math.PI * 100, 40.0, 0),
                Arguments.of("a.svg", svg("<ellipse cx='50' cy='50' rx='20' ry='10'/>"), Math.PI * 200, 40.0, 0),
                Arguments.of(
                        "a.svg", svg("<path fill-rule='evenodd' d='M0 0H40V40H0ZM10 10H30V30H10Z'/>"), 1200.0, 40.0, 1),
                Arguments.of("a.svg", svg("<path d='M0 0H40V40H0ZM10 10H30V30H10Z'/>"), 1600.0, 40.0, 0),
                Arguments.of("a.svg", svg("<path d='M0 0h30v5h-30z M0 20 l10 0 l0 10 z'/>"), 150 + 50.0, 30.0, 0),
                Arguments.of(
                        "a.svg",
                        svg("<g transform='scale(2) translate(3,4)'><rect width='10' height='5'/></g>"),
                        200.0,
                        20.0,
                        0),
                Arguments.of("a.svg", svg("<g transform='rotate(90)'><rect width='10' height='5'/></g>"), 50.0, 5.0, 0),
                Arguments.of(
                        "a.svg",
                        svg("<path d='M10 50H60' fill='none' stroke='#000' stroke-width='6'/>"),
                        300.0,
                        50.0,
                        0),
                Arguments.of(
                        "a.svg",
                        svg("<path d='M10 50H60' fill='none' stroke='#000' stroke-width='6' stroke-linecap='round'/>"),
                        300 + Math.PI * 9,
                        56.0,
                        0),
                Arguments.of("a.svg", svg("<polygon points='0,0 60,0 0,40'/>"), 1200.0, 60.0, 0),
                Arguments.of(
                        "a.svg",
                        svg(
                                "<defs><rect id='r' width='8' height='3'/></defs><use href='#r' x='1'/><use href='#r' x='20'/>"),
                        48.0,
                        27.0,
                        0),
                Arguments.of("a.eps", eps("10 20 100 50 rectfill"), 5000 * p2, 100 * POINT_MM, 0),
                Arguments.of(
                        "a.eps",
                        eps("newpath 100 100 50 0 360 arc closepath fill"),
                        Math.PI * 2500 * p2,
                        100 * POINT_MM,
                        0),
                Arguments.of(
                        "a.eps",
                        eps("newpath 0 0 moveto 100 0 lineto 0 80 lineto closepath fill"),
                        4000 * p2,
                        100 * POINT_MM,
                        0),
                Arguments.of(
                        "a.eps",
                        eps(
                                "newpath 0 0 moveto 90 0 rlineto 0 90 rlineto -90 0 rlineto closepath 30 30 moveto 30 0 rlineto 0 30 rlineto -30 0 rlineto closepath eofill"),
                        (8100 - 900) * p2,
                        90 * POINT_MM,
                        1),
                Arguments.of("a.eps", eps("gsave 2 2 scale 0 0 20 10 rectfill grestore"), 800 * p2, 40 * POINT_MM, 0),
                Arguments.of(
                        "a.eps",
                        eps(
                                "/box { newpath moveto 20 0 rlineto 0 20 rlineto -20 0 rlineto closepath fill } def 0 0 box 50 0 box 3 { } repeat"),
                        800 * p2,
                        70 * POINT_MM,
                        0),
                Arguments.of(
                        "a.eps",
                        eps("10 setlinewidth newpath 0 100 moveto 100 100 lineto stroke"),
                        1000 * p2,
                        100 * POINT_MM,
                        0),
                Arguments.of(
                        "a.pdf",
                        pdf(o -> {
                            o.addRect(10, 20, 100, 50);
                            o.fill();
                        }),
                        5000 * p2,
                        100 * POINT_MM,
                        0),
                Arguments.of(
                        "a.pdf",
                        pdf(o -> {
                            o.addRect(0, 0, 90, 90);
                            o.addRect(30, 30, 30, 30);
                            o.fillEvenOdd();
                        }),
                        7200 * p2,
                        90 * POINT_MM,
                        1),
                Arguments.of(
                        "a.pdf",
                        pdf(o -> {
                            o.transform(org.apache.pdfbox.util.Matrix.getScaleInstance(3, 2));
                            o.addRect(0, 0, 10, 10);
                            o.fill();
                        }),
                        600 * p2,
                        30 * POINT_MM,
                        0),
                Arguments.of(
                        "a.pdf",
                        pdf(o -> {
                            o.setLineWidth(8);
                            o.moveTo(20, 20);
                            o.lineTo(120, 20);
                            o.stroke();
                        }),
                        800 * p2,
                        100 * POINT_MM,
                        0),
                Arguments.of("a.dxf", dxf("0 CIRCLE 8 0 10 3 20 3 40 7"), Math.PI * 49, 14.0, 0),
                Arguments.of(
                        "a.dxf",
                        dxf("0 LWPOLYLINE 8 0 70 1 10 0 20 0 10 30 20 0 10 30 20 10 10 0 20 10"),
                        300.0,
                        30.0,
                        0),
                Arguments.of(
                        "a.dxf",
                        dxf(
                                "0 LWPOLYLINE 8 0 70 1 10 0 20 0 10 30 20 0 10 30 20 30 10 0 20 30 0 CIRCLE 8 0 10 15 20 15 40 5"),
                        900 - Math.PI * 25,
                        30.0,
                        1),
                Arguments.of("a.plt", latin("IN;SP1;PU0,0;PD4000,0,4000,2000,0,2000,0,0;PU;"), 5000.0, 100.0, 0));
    }

    @ParameterizedTest
    @MethodSource("figures")
    void areaWidthAndHolesAreWhatTheFormulaSays(
            String name, byte[] content, double areaMm2, double widthMm, int holes) {
        Region r = covered(name, content);
        assertThat(r.areaMm2()).isCloseTo(areaMm2, within(areaMm2 * 5e-4 + 1e-6));
        assertThat(r.bounds().widthMm()).isCloseTo(widthMm, within(0.02));
        assertThat(r.holeCount()).isEqualTo(holes);
        assertThat(r.isValid()).isTrue();
        assertThat(r.bounds().centre().xMm()).as("around its own middle").isCloseTo(0, within(0.02));
    }

    /** A regular polygon's area is n r² sin(2π/n) / 2; the same corners through three formats. */
    @Property(tries = 60, seed = "20261129")
    void polygonsKeepTheirArea(
            @ForAll @IntRange(min = 3, max = 24) int n, @ForAll @DoubleRange(min = 5, max = 45) double r) {
        double expected = n * r * r * Math.sin(2 * Math.PI / n) / 2;
        StringBuilder points = new StringBuilder();
        StringBuilder polyline = new StringBuilder("0 LWPOLYLINE 8 0 70 1");
        StringBuilder path = new StringBuilder("newpath ");
        for (int i = 0; i < n; i++) {
            double x = 50 + r * Math.cos(2 * Math.PI * i / n);
            double y = 50 + r * Math.sin(2 * Math.PI * i / n);
            points.append(String.format(Locale.ROOT, "%.6f,%.6f ", x, y));
            polyline.append(String.format(Locale.ROOT, " 10 %.6f 20 %.6f", x, y));
            path.append(String.format(
                    Locale.ROOT, "%.6f %.6f %s ", x / POINT_MM, y / POINT_MM, i == 0 ? "moveto" : "lineto"));
        }
        for (Region read : List.of(
                covered("p.svg", svg("<polygon points='" + points + "'/>")),
                covered("p.dxf", dxf(polyline.toString())),
                covered("p.eps", eps(path + "closepath fill")))) {
            assertThat(read.areaMm2()).isCloseTo(expected, within(expected * 1e-4 + 1e-3));
            assertThat(read.pieceCount()).isEqualTo(1);
        }
    }

    @ParameterizedTest
    @CsvSource({"1in, 25.4", "2.5cm, 25", "30mm, 30", "72pt, 25.4", "6pc, 25.4", "96px, 25.4"})
    void theSizeOfADrawingIsInItsOwnUnit(String width, double mm) {
        byte[] drawing = latin("<svg xmlns='http://www.w3.org/2000/svg' width='" + width + "' height='" + width
                + "' viewBox='0 0 10 10'><rect width='10' height='10'/></svg>");
        assertThat(covered("u.svg", drawing).bounds().widthMm()).isCloseTo(mm, within(1e-3));
    }
}
