package jurren.formats.dxf;

import java.nio.charset.StandardCharsets;
import java.util.List;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnGroup;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.formats.drawing.DrawingRead;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class DxfReaderTest {
    private static DrawingRead.Taken read(int unit, String tables, String... entities) {
        String text = "0 SECTION 2 HEADER 9 $INSUNITS 70 " + unit + " 0 ENDSEC 0 SECTION 2 TABLES " + tables
                + " 0 ENDSEC 0 SECTION 2 ENTITIES " + String.join(" ", entities) + " 0 ENDSEC 0 EOF";
        return (DrawingRead.Taken) DxfReader.read(
                new DrawingFile("t.dxf", text.strip().replaceAll(" +", "\n").getBytes(StandardCharsets.UTF_8)));
    }

    private static Region region(Drawing d) {
        return Region.weld(d.shapes().stream().map(s -> s.curves().enclosed()).toList());
    }

    private static String circle(String layer, double x, double r, String more) {
        return "0 CIRCLE 8 " + layer + more + " 10 " + x + " 20 0 40 " + r;
    }

    /** A circle of radius r is 2r wide, in whatever it is measured. */
    @ParameterizedTest
    @CsvSource({
        "1, 1, 25.4",
        "2, 0.1, 30.48",
        "4, 10, 10",
        "5, 2, 20",
        "6, 0.02, 20",
        "9, 1000, 25.4",
        "10, 0.02, 18.288",
        "13, 9000, 9",
        "14, 0.3, 30",
        "16, 0.0002, 20",
        "21, 0.1, 30.48006"
    })
    void everyUnitIsTrue(int unit, double radius, double radiusMm) {
        Box box = region(read(unit, "", circle("0", 0, radius, "")).drawing()).bounds();
        assertThat(box.widthMm()).isCloseTo(2 * radiusMm, within(0.01));
        assertThat(read(unit, "", circle("0", 0, radius, "")).guessed()).isEmpty();
    }

    @Test
    void whatIsHiddenIsLeftOutAndSaid() {
        String tables =
                "0 TABLE 2 LAYER 0 LAYER 2 off 70 0 62 -3 0 LAYER 2 frozen 70 1 62 3 0 LAYER 2 on 70 0 62 3 0 ENDTAB";
        DrawingRead.Taken read = read(
                4,
                tables,
                circle("off", 0, 10, ""),
                circle("frozen", 50, 10, ""),
                circle("on", 100, 10, ""),
                circle("on", 150, 10, " 60 1"));
        assertThat(read.drawing().shapes()).singleElement();
        assertThat(region(read.drawing()).areaMm2()).isCloseTo(Math.PI * 100, within(0.3));
        assertThat(read.notes()).contains(DrawingRead.Note.HIDDEN_LEFT_OUT);
        assertThat(read(4, tables, circle("on", 0, 5, "")).notes()).doesNotContain(DrawingRead.Note.HIDDEN_LEFT_OUT);
    }

    /**
     * A quarter circle as a rational spline of degree 2, weights 1, cos 45°, 1: as true at two metres as at two
     * millimetres.
     */
    @ParameterizedTest
    @CsvSource({"2", "200", "900"})
    void aSplineIsTrueHoweverLargeItIs(double r) {
        String spline = "0 SPLINE 8 0 70 0 71 2 40 0 40 0 40 0 40 1 40 1 40 1 41 1 41 " + Math.sqrt(0.5) + " 41 1 10 "
                + r + " 20 0 10 " + r + " 20 " + r + " 10 0 20 " + r;
        String lines = "0 LWPOLYLINE 8 0 90 3 70 0 10 0 20 " + r + " 10 0 20 0 10 " + r + " 20 0";
        Region quarter = region(read(4, "", spline, lines).drawing());
        assertThat(quarter.areaMm2()).isCloseTo(Math.PI * r * r / 4, within(0.005 * r * Math.PI / 2 + 0.01));
    }

    /**
     * Fitted through points of a circle it comes within a few hundredths of it, where straight lines between them are
     * 1.9 mm off.
     */
    @Test
    void aSplineThroughPointsIsACurve() {
        StringBuilder fit = new StringBuilder("0 SPLINE 8 0 70 0 71 3 74 17");
        for (int i = 0; i <= 16; i++) {
            fit.append(" 11 ")
                    .append(100 * Math.cos(i * Math.PI / 16))
                    .append(" 21 ")
                    .append(100 * Math.sin(i * Math.PI / 16));
        }
        Region half = region(read(4, "", fit.toString(), "0 LINE 8 0 10 -100 20 0 11 100 21 0")
                .drawing());
        assertThat(half.areaMm2())
                .as("of a polygon it would be %.0f", 8 * 1e4 * Math.sin(Math.PI / 16))
                .isCloseTo(Math.PI * 5000, within(15.0));
    }

    private static List<String> layers(DrawingRead.Taken read) {
        return read.drawing().shapes().stream()
                .map(s -> s.groups().stream().map(DrawnGroup::name).collect(java.util.stream.Collectors.joining("/")))
                .toList();
    }

    /** Lines of one colour bound shapes together; layers are told apart where none of them bounds a hole of another. */
    @Test
    void layersAreGroupsWhereNoneCutsAHoleIntoAnother() {
        DrawingRead.Taken apart =
                read(4, "", circle("kite", 0, 10, ""), circle("tail", 50, 5, ""), circle("kite", 0, 4, ""));
        assertThat(layers(apart)).containsExactly("kite", "tail");
        assertThat(apart.drawing().shapes().getFirst().curves().enclosed().areaMm2())
                .isCloseTo(Math.PI * (100 - 16), within(0.3));
        DrawingRead.Taken holed = read(4, "", circle("kite", 0, 10, ""), circle("holes", 0, 4, ""));
        assertThat(layers(holed)).containsExactly("");
        assertThat(region(holed.drawing()).areaMm2()).isCloseTo(Math.PI * (100 - 16), within(0.3));
        String square =
                "0 LINE 8 sail 10 0 20 0 11 10 21 0 0 LINE 8 sail 10 10 20 0 11 10 21 10 0 LINE 8 sail 10 10 20 10 11 0 21 0";
        assertThat(layers(read(4, "", square, circle("tail", 50, 5, ""))))
                .as("put together of lines")
                .containsExactlyInAnyOrder("sail", "tail");
    }

    private static final String HATCH = "0 HATCH 8 0 70 1 91 1 ";

    /** Worked by hand, each a closed boundary in millimetres. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // a square of 20 with a half round of radius 10 on its right
                "92 2 72 1 73 1 93 4 10 0 20 0 42 0 10 20 20 0 42 1 10 20 20 20 42 0 10 0 20 20 42 0|557.08",
                // the same as edges, the last of them told backwards
                "92 1 93 4 72 1 10 0 20 0 11 20 21 0 72 2 10 20 20 10 40 10 50 -90 51 90 73 1 72 1 10 20 20 20 11 0 21 20 72 1 10 0 20 0 11 0 21 20|557.08",
                // clockwise, counted the other way: over the top from left to right
                "92 1 93 2 72 2 10 10 20 0 40 10 50 180 51 360 73 0 72 1 10 20 20 0 11 0 21 0|157.08",
                // half an ellipse of 40 by 20
                "92 1 93 2 72 3 10 20 20 0 11 20 21 0 40 0.5 50 0 51 180 73 1 72 1 10 0 20 0 11 40 21 0|314.16",
                // a cubic of one span over 30
                "92 1 93 2 72 4 94 3 73 0 74 0 95 8 96 4 40 0 40 0 40 0 40 0 40 1 40 1 40 1 40 1 10 0 20 0 10 0 20 20 10 30 20 20 10 30 20 0 72 1 10 30 20 0 11 0 21 0|360"
            })
    void aHatchIsBoundedByWhateverItsEdgesAre(String boundary, double area) {
        assertThat(region(read(4, "", HATCH + boundary).drawing()).areaMm2()).isCloseTo(area, within(area / 2000));
    }

    @ParameterizedTest
    @CsvSource({"0, 916", "1, 816", "2, 1600"})
    void islandsAreLeftOutAsTheStyleSays(int style, double area) {
        String islands = HATCH.replace("91 1", "91 3") + square(3, 0, 40) + square(18, 6, 34) + square(2, 15, 25);
        assertThat(region(read(4, "", islands + " 75 " + style).drawing()).areaMm2())
                .isCloseTo(area, within(0.01));
    }

    private static String square(int flags, int from, int to) {
        return " 92 " + flags + " 72 0 73 1 93 4 10 " + from + " 20 " + from + " 10 " + to + " 20 " + from + " 10 " + to
                + " 20 " + to + " 10 " + from + " 20 " + to;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 LWPOLYLINE 8 0 70 0 43 3 10 0 20 0 10 30 20 0 10 30 20 20|150",
                "0 LWPOLYLINE 8 0 70 1 43 2 10 0 20 0 10 30 20 0 10 30 20 20 10 0 20 20|200",
                "0 LWPOLYLINE 8 0 70 0 10 0 20 0 40 2 41 10 10 30 20 0|180",
                "0 LWPOLYLINE 8 0 70 0 10 0 20 0 40 4 41 4 42 1 10 30 20 0|188.50",
                "0 POLYLINE 8 0 70 0 40 3 41 3 0 VERTEX 10 0 20 0 0 VERTEX 10 30 20 0 0 VERTEX 10 30 20 20 0 SEQEND|150"
            })
    void aPolylineIsAsWideAsItSays(String line, double area) {
        assertThat(region(read(4, "", line).drawing()).areaMm2()).isCloseTo(area, within(area / 1000));
    }
}
