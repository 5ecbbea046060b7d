package jurren.formats.out;

import java.awt.geom.Ellipse2D;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Planner;
import jurren.core.trace.Picture;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.opening.AnyDrawing;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Whatever goes from one format to the next stays the same within a hundredth of a millimetre. */
@Tag("long")
class RoundTripTest {
    private static final double PROMISED_MM = 0.01;
    private static final LinePlan PLAN =
            new Planner().plan(DemoJob.simple(), BuiltInShop.read()).lines().getFirst();
    private static final ArtSheet ART = ArtSheet.asWorn(PLAN);
    private static final List<ArtFormat> DRAWN = List.of(ArtFormat.SVG, ArtFormat.PDF, ArtFormat.EPS, ArtFormat.DXF);

    private static DrawingRead.Taken read(ArtFormat format, byte[] bytes) {
        DrawingRead read = AnyDrawing.read(new DrawingFile("art" + format.ending(), bytes));
        assertThat(read).as(String.valueOf(read)).isInstanceOf(DrawingRead.Taken.class);
        return (DrawingRead.Taken) read;
    }

    private static ArtSheet through(ArtFormat format, ArtSheet sheet, ArtFormat.Options options) {
        return ArtSheet.of("again", read(format, format.write(sheet, options)).drawing());
    }

    @Test
    void inksKeepTheirNames() {
        Region square = Region.of(new Box(0, 0, 10, 10));
        ArtSheet sheet = new ArtSheet(
                "inks",
                List.of(
                        new ArtSheet.Part("a", Colour.of("#C0392B"), square, Optional.of("Otter Red")),
                        new ArtSheet.Part("b", Colour.of("#123456"), square.placed(Placement.moved(20, 0)))));
        for (ArtFormat format : List.of(ArtFormat.PDF, ArtFormat.EPS)) {
            Drawing again =
                    read(format, format.write(sheet, ArtFormat.Options.USUAL)).drawing();
            assertThat(again.inks()).as(format.name()).containsExactly(Map.entry(Colour.of("#C0392B"), "Otter Red"));
            assertThat(ArtSheet.of("again", again).parts())
                    .extracting(ArtSheet.Part::spot)
                    .contains(Optional.of("Otter Red"), Optional.empty());
        }
    }

    private static Placement toMiddle(ArtSheet sheet) {
        Point middle = sheet.box().orElseThrow().centre();
        return Placement.moved(-middle.xMm(), -middle.yMm());
    }

    private static Region centred(Region r) {
        Point middle = r.bounds().centre();
        return r.placed(Placement.moved(-middle.xMm(), -middle.yMm()));
    }

    static Stream<Arguments> pairs() {
        return DRAWN.stream().flatMap(a -> DRAWN.stream().map(b -> Arguments.of(a, b)));
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void fromOneFormatToTheNextNothingMovesAHundredth(ArtFormat first, ArtFormat second) {
        ArtSheet there = through(second, through(first, ART, ArtFormat.Options.USUAL), ArtFormat.Options.USUAL);
        assertThat(there.parts().stream().map(p -> p.colour()).distinct())
                .hasSameSizeAs(
                        ART.parts().stream().map(p -> p.colour()).distinct().toList());
        for (ArtSheet.Part part : ART.parts()) {
            Region wanted = Region.weld(ART.parts().stream()
                    .filter(p -> p.colour().equals(part.colour()))
                    .map(ArtSheet.Part::region)
                    .toList());
            Region got = Region.weld(there.parts().stream()
                    .filter(p -> p.colour().equals(part.colour()))
                    .map(ArtSheet.Part::region)
                    .toList());
            assertThat(got.pieceCount()).as("%s by colour", part.name()).isEqualTo(wanted.pieceCount());
            assertThat(got.holeCount()).isEqualTo(wanted.holeCount());
            assertThat(got.placed(toMiddle(there)).edgeDistanceMm(wanted.placed(toMiddle(ART))))
                    .as("where it stands beside the others")
                    .isLessThan(PROMISED_MM);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {96, 90, 72})
    void anSvgInOtherUnitsSaysWhichAndComesBackWhenToldSo(double perInch) {
        byte[] bytes = ArtFormat.SVG.write(ART, new ArtFormat.Options(perInch, Optional.empty(), 300));
        assertThat(new String(bytes, StandardCharsets.UTF_8)).contains((int) perInch + " units to the inch");
        DrawingRead.Taken read = read(ArtFormat.SVG, bytes);
        double factor = 25.4 / perInch / read.guessed().orElseThrow().mm();
        assertThat(ArtSheet.of("again", read.drawing().resized(factor, factor))
                        .whole()
                        .bounds()
                        .widthMm())
                .isCloseTo(ART.whole().bounds().widthMm(), within(PROMISED_MM));
    }

    @Test
    void aPdfsCutLineIsAHairlineInASpotColourOfThatName() {
        byte[] pdf =
                ArtFormat.PDF.write(ArtSheet.asCut(PLAN), new ArtFormat.Options(25.4, Optional.of("Otter cut"), 300));
        DrawingRead.Taken read = read(ArtFormat.PDF, pdf);
        assertThat(read.drawing().inks()).containsValue("Otter cut");
        var spot = read.drawing().inks().keySet().iterator().next();
        Region cut = Region.weld(read.drawing().shapes().stream()
                .filter(s -> s.colour().equals(spot))
                .map(s -> s.curves().enclosed())
                .toList());
        assertThat(centred(cut).edgeDistanceMm(centred(ArtSheet.asCut(PLAN).whole())))
                .isLessThan(PROMISED_MM);
    }

    @Test
    void whatLeavesAsOneColourIsTold() {
        String svg =
                "<svg xmlns='http://www.w3.org/2000/svg' width='90mm' height='90mm' viewBox='0 0 90 90'><linearGradient id='g'><stop offset='0' stop-color='red'/><stop offset='1' stop-color='blue'/></linearGradient>"
                        + "<rect width='30' height='30' fill='%s'/></svg>";
        assertThat(ArtSheet.of(
                                "a",
                                read(ArtFormat.SVG, svg.formatted("url(#g)").getBytes(StandardCharsets.UTF_8))
                                        .drawing())
                        .flattened())
                .isTrue();
        assertThat(ArtSheet.of(
                                "a",
                                read(ArtFormat.SVG, svg.formatted("red").getBytes(StandardCharsets.UTF_8))
                                        .drawing())
                        .flattened())
                .isFalse();
    }

    /**
     * Read by hand: corners, bulges and nothing else; a disc is a few arcs, whose segments are added to its polygon.
     */
    @Test
    void aDxfsBendsAreArcs() {
        Region disc = Curves.of(new Ellipse2D.Double(10, 20, 60, 60)).enclosed();
        byte[] dxf = ArtFormat.DXF.write(
                new ArtSheet("disc", List.of(new ArtSheet.Part("disc", Colour.of("#C0392B"), disc))),
                ArtFormat.Options.USUAL);
        List<double[]> corners = new ArrayList<>();
        String[] lines = new String(dxf, StandardCharsets.US_ASCII).split("\n");
        for (int i = 0; i + 1 < lines.length; i += 2) {
            if (lines[i].equals("0") && lines[i + 1].equals("VERTEX")) {
                corners.add(new double[3]);
            } else if (!corners.isEmpty() && List.of("10", "20", "42").contains(lines[i])) {
                corners.getLast()[List.of("10", "20", "42").indexOf(lines[i])] = Double.parseDouble(lines[i + 1]);
            }
        }
        assertThat(corners).hasSizeBetween(2, 24);
        double area = 0;
        for (int i = 0; i < corners.size(); i++) {
            double[] a = corners.get(i);
            double[] b = corners.get((i + 1) % corners.size());
            double turn = 4 * Math.atan(a[2]);
            double radius = Math.hypot(b[0] - a[0], b[1] - a[1]) / 2 / Math.sin(Math.abs(turn) / 2);
            area += (a[0] * b[1] - b[0] * a[1]) / 2
                    + Math.signum(turn) * radius * radius * (Math.abs(turn) - Math.sin(Math.abs(turn))) / 2;
            assertThat(radius).isCloseTo(30, within(0.3));
        }
        // the platform's disc is 0.03 % of its radius too wide between its quarters
        assertThat(Math.abs(area)).isCloseTo(Math.PI * 900, within(Math.PI * 60 * 0.01));
    }

    @Test
    void aPngHasAClearGroundItsSizeAndItsColours() {
        byte[] png = ArtFormat.PNG.write(ART, new ArtFormat.Options(25.4, Optional.empty(), 120));
        PictureRead.Taken read = (PictureRead.Taken) PictureReader.read("art.png", png);
        assertThat(read.perInch().orElseThrow()).isCloseTo(120, within(0.05));
        Picture p = read.file().picture();
        assertThat(p.width() / 120.0 * 25.4).isCloseTo(ART.whole().bounds().widthMm(), within(0.25));
        int[] clear = {0};
        int[] painted = {0};
        for (int y = 0; y < p.height(); y++) {
            for (int x = 0; x < p.width(); x++) {
                clear[0] += p.argb(x, y) >>> 24 == 0 ? 1 : 0;
                painted[0] += p.argb(x, y) >>> 24 == 255 ? 1 : 0;
            }
        }
        double covered = ART.whole().areaMm2() * Math.pow(120 / 25.4, 2);
        assertThat((double) painted[0]).isCloseTo(covered, within(covered * 0.03));
        assertThat(clear[0]).isGreaterThan(p.width() * p.height() / 4);
        assertThatThrownBy(() -> ArtFormat.PNG.write(ART, new ArtFormat.Options(25.4, Optional.empty(), 2_000_000)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("too large");
    }

    /**
     * The cut line comes last, in a colour space of the name that was asked for, whose tint shows as one red, green and
     * blue.
     */
    @Test
    void anEpsHasItsCutLineInASpotColour() {
        String eps = new String(
                ArtFormat.EPS.write(ART, new ArtFormat.Options(25.4, Optional.of("Knife (here)"), 300)),
                java.nio.charset.StandardCharsets.US_ASCII);
        assertThat(eps).contains("[/Separation (Knife ?here?) /DeviceRGB {").contains("setcolorspace 1 setcolor");
        assertThat(eps.substring(eps.indexOf("/Separation")))
                .containsOnlyOnce("stroke")
                .doesNotContain("eofill");
        assertThat(new String(
                        ArtFormat.EPS.write(ART, ArtFormat.Options.USUAL), java.nio.charset.StandardCharsets.US_ASCII))
                .doesNotContain("Separation");
    }

    @Test
    void theSameArtGivesTheSameBytesAndNothingIsRefused() {
        for (ArtFormat f : List.of(ArtFormat.SVG, ArtFormat.EPS, ArtFormat.DXF, ArtFormat.PNG)) {
            assertThat(Arrays.equals(f.write(ART, ArtFormat.Options.USUAL), f.write(ART, ArtFormat.Options.USUAL)))
                    .isTrue();
        }
        assertThatThrownBy(() -> ArtFormat.SVG.write(new ArtSheet("none", List.of()), ArtFormat.Options.USUAL))
                .hasMessage("there is nothing to write");
        assertThat(Map.of("a.SVG", ArtFormat.SVG, "b.eps", ArtFormat.EPS))
                .allSatisfy((name, f) -> assertThat(ArtFormat.of(name)).contains(f));
    }
}
