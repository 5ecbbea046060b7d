package jurren.formats.svg;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.PathIterator;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnGroup;
import jurren.core.art.DrawnShape;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingRead;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Drawings as the web writes them: what a browser paints is what is read, in millimetres worked by hand. */
class SvgPaintedTest {
    private static final Colour RED = Colour.of("#FF0000");
    private static final Colour BLUE = Colour.of("#0000FF");

    private static DrawingRead.Taken taken(String body) {
        DrawingRead read = SvgReader.read(new DrawingFile(
                "a.svg",
                ("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>" + body
                                + "</svg>")
                        .getBytes(StandardCharsets.UTF_8)));
        assertThat(read).as(body).isInstanceOf(DrawingRead.Taken.class);
        return (DrawingRead.Taken) read;
    }

    private static Region region(String body, Colour colour) {
        return Region.weld(taken(body).drawing().shapes().stream()
                .filter(s -> s.colour().equals(colour))
                .map(s -> s.curves().enclosed())
                .toList());
    }

    private static double area(String body, Colour colour) {
        return region(body, colour).areaMm2();
    }

    /** A red bar of 30 by 10 in the middle of (45, 35), turned; the corner far away keeps what is read where it is. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "transform='rotate(45)' transform-origin='45 35'|45|35|45",
                        "style='transform:rotate(45deg);transform-origin:50% 50%;transform-box:fill-box'|45|35|45",
                "style='transform:rotate(90deg);transform-origin:center'|65|45|90",
                        "transform='rotate(90)' transform-origin='right 35px'|100|-20|90",
                "style='transform:rotate(90deg);transform-origin:top left;transform-box:fill-box'|25|45|90",
                        "transform='rotate(90)'|-35|45|90"
            })
    void aTransformTurnsAboutWhatIsSaid(String said, double x, double y, double degrees) {
        DrawingRead.Taken taken = taken(
                "<rect x='-200' y='-200' width='1' height='1' fill='#0000FF'/><rect x='30' y='30' width='30' height='10' fill='#FF0000' "
                        + said + "/>");
        Box blue = painted(taken, BLUE).bounds();
        Box red = painted(taken, RED).bounds();
        assertThat(red.centre().xMm() - blue.minXMm() - 200).isCloseTo(x, within(0.01));
        assertThat(red.centre().yMm() - blue.minYMm() - 200).isCloseTo(y, within(0.01));
        assertThat(red.widthMm()).isCloseTo(degrees == 90 ? 10 : 40 / Math.sqrt(2), within(0.01));
    }

    /** An arrow head of 20 by 20 at each end of a level line, both pointing outwards. */
    @Test
    void aHeadIsTurnedWhereItsLineBegins() {
        String marker =
                "<defs><marker id='m' viewBox='0 0 10 10' refX='0' refY='5' markerWidth='20' markerHeight='20' markerUnits='userSpaceOnUse' orient='%s'>"
                        + "<path d='M0 0L10 5L0 10z' fill='%s'/></marker></defs><path d='M40 50H60' fill='none' stroke='#FF0000' stroke-width='2' marker-start='url(#m)' marker-end='url(#m)'/>";
        Box heads =
                region(marker.formatted("auto-start-reverse", "#0000FF"), BLUE).bounds();
        assertThat(heads.widthMm()).isCloseTo(60, within(0.01));
        assertThat(region(marker.formatted("auto", "#0000FF"), BLUE).bounds().widthMm())
                .as("both forwards")
                .isCloseTo(40, within(0.01));
        Region whole = region(marker.formatted("auto-start-reverse", "context-stroke"), RED);
        assertThat(whole.bounds().widthMm()).as("in the line's own colour").isCloseTo(60, within(0.01));
        assertThat(whole.areaMm2()).isCloseTo(2 * 200 + 20 * 2, within(0.01));
    }

    @Test
    void aLineUnderAndThroughLettersIsPainted() {
        String text = "<text x='5' y='50' font-family='Rubik' font-size='20' fill='#FF0000'%s>HHH</text>";
        Region plain = region(text.formatted(""), RED);
        Region under = region(text.formatted(" text-decoration='underline'"), RED);
        assertThat(under.pieceCount()).isEqualTo(plain.pieceCount() + 1);
        assertThat(under.bounds().heightMm()).isGreaterThan(plain.bounds().heightMm() + 1);
        assertThat(region(text.formatted(" text-decoration='line-through'"), RED)
                        .pieceCount())
                .as("all joined")
                .isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "calc(20px + 10px)|30",
                "calc(10px * 3)|30",
                "calc(90px / (1 + 2))|30",
                "calc(50px - 2 * 10px)|30",
                "calc((5px + 10px) * 2)|30",
                "calc(1in - 66px)|30"
            })
    void sumsAreWorkedOut(String sum, double wide) {
        assertThat(area("<rect x='10' y='10' style='width:" + sum + ";height:10px;fill:#FF0000'/>", RED))
                .isCloseTo(wide * 10, within(1e-3));
    }

    @Test
    void whatTheLibraryCannotMakeAnythingOfTakesNothingElseWithIt() {
        DrawingRead.Taken taken = taken(
                "<rect x='10' y='10' width='calc(10% + 2fr)' height='10' fill='#FF0000'/><circle r='two' fill='#FF0000'/><rect x='30' y='30' width='20' height='20' fill='#FF0000'/>");
        assertThat(painted(taken, RED).areaMm2()).isCloseTo(400, within(1e-3));
        assertThat(taken.notes()).containsExactly(DrawingRead.Note.PARTS_NOT_UNDERSTOOD);
        DrawingRead.Taken blurred = taken(
                "<filter id='f'><feGaussianBlur stdDeviation='3'/></filter><rect width='20' height='20' fill='#FF0000' filter='url(#f)'/>");
        assertThat(painted(blurred, RED).areaMm2()).isCloseTo(400, within(1e-3));
        assertThat(blurred.notes()).containsExactly(DrawingRead.Note.EFFECTS_LEFT_OUT);
    }

    /** The same two colours as the specification writes them in each of its ways. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "lab(29.2345% 39.3825 20.0664)|#7D2329",
                "lch(29.2345% 44.2 27)|#7D2329",
                "oklab(40.101% 0.1147 0.0453)|#7D2329",
                "oklch(40.101% 0.12332 21.555)|#7D2329",
                "lab(52.2345% 40.1645 59.9971)|#C65D06",
                "lch(52.2345% 72.2 56.2)|#C65D06",
                "oklab(59.686% 0.1009 0.1192)|#C65D06",
                "oklch(59.686% 0.15619 49.7694)|#C65D06",
                "color(srgb 1 0 0)|#FF0000",
                "hwb(0 0% 0%)|#FF0000",
                "lab(100% 0 0)|#FFFFFF",
                "oklch(0 0 0)|#000000"
            })
    void coloursAreThoseOfTheSpecification(String said, String hex) {
        int want = Colour.of(hex).rgb();
        int is = taken("<rect width='9' height='9' fill='" + said + "'/>")
                .drawing()
                .shapes()
                .getFirst()
                .colour()
                .rgb();
        for (int shift : new int[] {16, 8, 0}) {
            assertThat(is >> shift & 255).isCloseTo(want >> shift & 255, within(1));
        }
    }

    /** Where the red lies on the page: a drawing itself begins where something is painted. */
    private static Box fromCorner(String body) {
        DrawingRead.Taken taken = taken("<rect width='1' height='1' fill='#0000FF'/>" + body);
        Box corner = painted(taken, BLUE).bounds();
        Box red = painted(taken, RED).bounds();
        return new Box(
                red.minXMm() - corner.minXMm(),
                red.minYMm() - corner.minYMm(),
                red.maxXMm() - corner.minXMm(),
                red.maxYMm() - corner.minYMm());
    }

    /** From three o'clock down; and of a rounded rectangle along its upper edge, after the corner. */
    @Test
    void dashesBeginWhereAShapeDoes() {
        Box quarter = fromCorner(
                "<circle cx='50' cy='50' r='20' fill='none' stroke='#FF0000' stroke-width='2' stroke-dasharray='31.416 94.25'/>");
        assertThat(quarter.minXMm()).isCloseTo(50, within(0.01));
        assertThat(quarter.maxXMm()).isCloseTo(71, within(0.01));
        assertThat(quarter.minYMm()).isCloseTo(50, within(0.01));
        assertThat(quarter.maxYMm()).isCloseTo(71, within(0.01));
        Box dash = fromCorner(
                "<rect x='20' y='20' width='60' height='40' rx='10' fill='none' stroke='#FF0000' stroke-width='2' stroke-dasharray='10 1000'/>");
        assertThat(dash.minXMm()).isCloseTo(30, within(1e-3));
        assertThat(dash.maxXMm()).isCloseTo(40, within(1e-3));
        assertThat(dash.minYMm()).isCloseTo(19, within(1e-3));
        Region plain = region("<rect x='20' y='20' width='60' height='40' rx='10' ry='5' fill='#FF0000'/>", RED);
        assertThat(plain.areaMm2())
                .as("less four corners of an ellipse")
                .isCloseTo(2400 - (4 - Math.PI) * 50, within(0.2));
    }

    @Test
    void whatIsHiddenInAClipShowsNothing() {
        String clip =
                "<defs><clipPath id='c'><rect x='10' y='10' width='40' height='40' %s/><rect x='60' y='60' width='10' height='10'/></clipPath></defs><rect width='100' height='100' fill='#FF0000' clip-path='url(#c)'/>";
        assertThat(area(clip.formatted(""), RED)).isCloseTo(1700, within(0.01));
        assertThat(area(clip.formatted("visibility='hidden'"), RED)).isCloseTo(100, within(0.01));
        assertThat(area(clip.formatted("display='none'"), RED)).isCloseTo(100, within(0.01));
    }

    @Test
    void whatLiesBeyondThePageIsKeptAndSaid() {
        DrawingRead.Taken over = taken("<rect x='-10' y='10' width='40' height='10' fill='#FF0000'/>");
        assertThat(painted(over, RED).areaMm2()).isCloseTo(400, within(1e-3));
        assertThat(over.notes()).containsExactly(DrawingRead.Note.OVER_THE_EDGE);
        assertThat(taken("<rect x='10' y='10' width='40' height='10' fill='#FF0000'/>")
                        .notes())
                .isEmpty();
    }

    /**
     * A green disc of 20 on a red ring 10 wide along its edge: of the ring 20 to 25 is seen when it lies below, 15 to
     * 25 otherwise.
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "paint-order='stroke'|20",
                "style='paint-order:stroke fill;opacity:0.99'|20",
                "paint-order='markers stroke'|20",
                "paint-order='fill'|15",
                "paint-order='normal'|15",
                "transform='translate(1 1)' style='paint-order: stroke'|20",
                "style='paint-order:fill stroke'|15"
            })
    void aLineMayBePaintedBelowItsFilling(String said, double from) {
        DrawingRead.Taken taken =
                taken("<g stroke-width='10'><circle cx='50' cy='50' r='20' fill='#00AA00' stroke='#FF0000' " + said
                        + "/></g>");
        Colour green = Colour.of("#00AA00");
        List<Colour> order =
                taken.drawing().shapes().stream().map(DrawnShape::colour).toList();
        assertThat(order).containsExactlyElementsOf(from == 20 ? List.of(RED, green) : List.of(green, RED));
        Region ring = Region.weld(taken.drawing().shapes().stream()
                .filter(s -> s.colour().equals(RED))
                .map(s -> s.curves().enclosed())
                .toList());
        assertThat(ring.areaMm2()).isCloseTo(Math.PI * (625 - 225), within(1.5));
        String inherited =
                "<g paint-order='stroke'><g stroke='#FF0000' stroke-width='10' fill='#00AA00'><circle cx='50' cy='50' r='20'/></g></g>";
        assertThat(taken(inherited).drawing().shapes())
                .extracting(DrawnShape::colour)
                .containsExactly(RED, green);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<circle cx='50' cy='50' r='40' fill='#FF0000'/>",
                "<ellipse cx='50' cy='50' rx='40' ry='40' fill='#FF0000'/>",
                "<path d='M10 50A40 40 0 0 1 90 50A40 40 0 1 1 10 50' fill='#FF0000'/>",
                "<circle cx='50' cy='50' r='4' transform='matrix(10 0 0 10 -450 -450)' fill='#FF0000'/>"
            })
    void aCircleIsRoundToAThousandth(String circle) {
        Curves curves = taken(circle).drawing().shapes().getFirst().curves();
        Point middle = curves.bounds().centre();
        PathIterator edge = curves.toAwt().getPathIterator(null, 1e-4);
        double[] at = new double[6];
        for (; !edge.isDone(); edge.next()) {
            if (edge.currentSegment(at) != PathIterator.SEG_CLOSE) {
                assertThat(Math.hypot(at[0] - middle.xMm(), at[1] - middle.yMm()))
                        .isCloseTo(40, within(1e-3));
            }
        }
    }

    /** Beside the same row as the platform sets it, with its pairs and without. */
    @ParameterizedTest
    @CsvSource({"AVATAR, true", "To We, true", "HIH, false"})
    void lettersStandAsNearAsTheirFontSaysForEachPair(String text, boolean nearer)
            throws IOException, FontFormatException {
        double wide = region(
                        "<text x='3' y='60' font-family='Rubik' font-size='14' fill='#FF0000'>" + text + "</text>", RED)
                .bounds()
                .widthMm();
        Font rubik;
        try (InputStream in = Typefaces.file(ShippedTypeface.RUBIK)) {
            rubik = Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(14f);
        }
        FontRenderContext exact = new FontRenderContext(null, true, true);
        double kerned = new TextLayout(
                        text, rubik.deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON)), exact)
                .getOutline(null)
                .getBounds2D()
                .getWidth();
        double plain = new TextLayout(text, rubik, exact)
                .getOutline(null)
                .getBounds2D()
                .getWidth();
        assertThat(wide).isCloseTo(kerned, within(0.03));
        assertThat(plain - kerned > 0.2).isEqualTo(nearer);
    }

    /** A red square of 10 where the rule reaches it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "rect:nth-child(2)|1",
                "rect:nth-of-type(2n)|1",
                "g > rect:last-child|1",
                "rect:not(.k)|1",
                "rect:first-child|1",
                "[data-n='2']|1",
                ".k + rect|1",
                "g rect.k ~ rect|1",
                "rect:is(.k, .none)|1",
                "rect:hover|0",
                "rect:nth-child(3)|0",
                "a:b:c|0",
                "#one, :::|1",
                "@media print {rect|0",
                "@media screen {rect|2",
                "*|0",
                "g *|2",
                "svg rect|2"
            })
    void rulesReachWhatTheyName(String selector, int squares) {
        String css = selector + "{fill:#FF0000}" + (selector.startsWith("@") ? "}" : "");
        String body = "<style>rect{fill:#0000FF} " + css
                + "</style><g><rect id='one' class='k' width='10' height='10'/><rect data-n='2' x='20' width='10' height='10'/></g>";
        assertThat(area(body, RED)).isCloseTo(100 * squares, within(1e-3));
    }

    @Test
    void theStrongerRuleWinsAndTheElementItselfAndWhatIsImportant() {
        String square = " width='10' height='10'";
        assertThat(area(
                        "<style>#a{fill:red} .b{fill:blue} rect{fill:green}</style><rect id='a' class='b'" + square
                                + "/>",
                        RED))
                .isCloseTo(100, within(1e-3));
        assertThat(area("<style>.b{fill:blue} .b{fill:red}</style><rect class='b'" + square + "/>", RED))
                .as("the later")
                .isCloseTo(100, within(1e-3));
        assertThat(area("<style>.b{fill:blue}</style><rect class='b' style='fill:red'" + square + "/>", RED))
                .isCloseTo(100, within(1e-3));
        assertThat(area("<style>.b{fill:red !important}</style><rect class='b' style='fill:blue'" + square + "/>", RED))
                .isCloseTo(100, within(1e-3));
        assertThat(area("<style>rect{fill:red}</style><rect fill='blue'" + square + "/>", RED))
                .as("over an attribute")
                .isCloseTo(100, within(1e-3));
    }

    @Test
    void variablesAreThoseDeclaredAround() {
        String body =
                "<style>:root{--c:#FF0000} .in{--c:#0000FF} rect{fill:var(--c)} circle{fill:var(--none, #FF0000)}</style>"
                        + "<rect width='10' height='10'/><g class='in'><rect x='20' width='20' height='10'/></g><circle cx='80' cy='80' r='5'/>";
        assertThat(area(body, RED)).isCloseTo(100 + Math.PI * 25, within(0.05));
        assertThat(area(body, BLUE)).isCloseTo(200, within(1e-3));
    }

    @Test
    void sheetsMoveAndMeasureShapes() {
        Box turned = region(
                        "<style>.t{transform: translate(20px, 10px) rotate(90deg) scale(2); fill:#FF0000}</style><rect class='t' width='10' height='5'/>",
                        RED)
                .bounds();
        assertThat(turned.widthMm()).isCloseTo(10, within(1e-5));
        assertThat(turned.heightMm()).isCloseTo(20, within(1e-5));
        assertThat(area(
                        "<style>#u{transform:translateX(1cm) scaleY(.5);fill:#FF0000}</style><rect id='u' width='10' height='10'/>",
                        RED))
                .isCloseTo(50, within(1e-3));
        assertThat(area("<style>rect{x:5px;width:30px;height:20px;fill:#FF0000}</style><rect/>", RED))
                .isCloseTo(600, within(1e-3));
    }

    /**
     * The same sign in pixels and in millimetres: 24 by 24 with lines 1 wide; a circle of radius 9 is a ring of 2 pi 9.
     */
    @Test
    void aLineIsJudgedBesideItsDrawing() {
        String circle = "<circle cx='12' cy='12' r='9' fill='none' stroke='#FF0000' stroke-width='1'/>";
        double px2 = 25.4 / 96 * 25.4 / 96;
        DrawingRead.Taken icon =
                whole("<svg xmlns='http://www.w3.org/2000/svg' width='24' height='24'>" + circle + "</svg>");
        assertThat(painted(icon, RED).areaMm2())
                .as("its lines are narrow in millimetres only")
                .isCloseTo(2 * Math.PI * 9 * px2, within(0.02));
        DrawingRead.Taken large = whole("<svg xmlns='http://www.w3.org/2000/svg' width='240' height='240'>"
                + circle.replace("r='9'", "r='90'") + "</svg>");
        assertThat(painted(large, RED).areaMm2())
                .as("a line to follow around a disc")
                .isCloseTo(Math.PI * 90 * 90 * px2, within(1.0));
        DrawingRead.Taken sized =
                whole("<svg xmlns='http://www.w3.org/2000/svg' width='24mm' height='24mm' viewBox='0 0 24 24'>"
                        + circle.replace("stroke-width='1'", "stroke-width='0.25'") + "</svg>");
        assertThat(painted(sized, RED).areaMm2())
                .as("a tag of 18 mm to be cut")
                .isCloseTo(Math.PI * 81, within(2 * Math.PI * 9 * Curves.FLATNESS_MM));
    }

    /** A blue bar lies over a red frame drawn before it, and under the one drawn after it. */
    @Test
    void narrowLinesLieWhereTheyArePainted() {
        String frame = "<rect x='4' y='4' width='16' height='16' fill='none' stroke='#FF0000' stroke-width='1'/>";
        String bar = "<rect x='0' y='10' width='24' height='4' fill='#0000FF'/>";
        double px2 = 25.4 / 96 * 25.4 / 96;
        String head = "<svg xmlns='http://www.w3.org/2000/svg' width='24' height='24'>";
        DrawingRead.Taken over = whole(head + frame + bar + "</svg>");
        assertThat(over.drawing().shapes()).extracting(s -> s.colour()).containsExactly(RED, BLUE);
        DrawingRead.Taken under = whole(head + bar + frame + "</svg>");
        assertThat(under.drawing().shapes()).extracting(s -> s.colour()).containsExactly(BLUE, RED);
        assertThat(painted(under, RED).areaMm2()).as("17 by 17 less 15 by 15").isCloseTo(64 * px2, within(1e-3));
    }

    private static DrawingRead.Taken whole(String svg) {
        return (DrawingRead.Taken) SvgReader.read(new DrawingFile("a.svg", svg.getBytes(StandardCharsets.UTF_8)));
    }

    private static Region painted(DrawingRead.Taken taken, Colour colour) {
        return Region.weld(taken.drawing().shapes().stream()
                .filter(s -> s.colour().equals(colour))
                .map(s -> s.curves().enclosed())
                .toList());
    }

    /** A line of 40 with a square of 4 by 4 strokes at its end, pointing along: twice as far as it is wide. */
    @Test
    void linesHaveTheirHeads() {
        String body =
                "<defs><marker id='m' markerWidth='4' markerHeight='4' refX='0' refY='2' orient='auto'><rect width='4' height='4' fill='#FF0000'/></marker></defs>"
                        + "<path d='M10 50H50' stroke='#0000FF' stroke-width='2' marker-end='url(#m)'/>";
        DrawingRead.Taken taken = taken(body);
        assertThat(taken.notes()).isEmpty();
        Box head = region(body, RED).bounds();
        Box line = region(body, BLUE).bounds();
        assertThat(head.widthMm()).isCloseTo(8, within(1e-5));
        assertThat(head.minXMm()).as("at the end of the line").isCloseTo(line.maxXMm(), within(1e-6));
        assertThat(area(body, BLUE)).isCloseTo(80, within(1e-3));
        assertThat(area(body.replace("marker-end", "marker-mid").replace("M10 50H50", "M10 50H30V70H50"), RED))
                .as("one at each of two corners")
                .isCloseTo(128, within(1e-3));
    }

    /** Tiles of 10 with a disc of 8 across: six by six of them in a square of 60. */
    @Test
    void patternsAreLaidTileByTile() {
        String body =
                "<defs><pattern id='p' width='10' height='10' patternUnits='userSpaceOnUse'><circle cx='5' cy='5' r='4' fill='#FF0000'/></pattern></defs>";
        assertThat(area(body + "<rect x='10' y='10' width='60' height='60' fill='url(#p)'/>", RED))
                .isCloseTo(36 * Math.PI * 16, within(36 * 2 * Math.PI * 4 * Curves.FLATNESS_MM));
        Region half = region(body + "<rect x='10' y='10' width='60' height='5' fill='url(#p)'/>", RED);
        assertThat(half.areaMm2())
                .as("cut off at the edge")
                .isCloseTo(6 * Math.PI * 8, within(6 * Math.PI * 4 * Curves.FLATNESS_MM));
        assertThat(taken(body + "<rect x='10' y='10' width='60' height='60' fill='url(#p)'/>")
                        .notes())
                .isEmpty();
        assertThat(taken(body.replace("width='10' height='10'", "width='0.2' height='0.2'")
                                        .replace("cx='5' cy='5' r='4'", "r='0.1'")
                                + "<rect width='90' height='90' fill='url(#p)'/>")
                        .notes())
                .as("too many to be laid")
                .containsExactly(DrawingRead.Note.SHADES_AS_ONE_COLOUR);
    }

    @Test
    void lettersHaveTheirLineAndTheirWeight() {
        String text = "<text x='5' y='60' font-family='Bebas Neue' font-size='40'%s>Ow</text>";
        double plain = area(String.format(text, " fill='#FF0000'"), RED);
        assertThat(area(String.format(text, " fill='#FF0000' font-weight='bold'"), RED))
                .isGreaterThan(plain * 1.05);
        String lined = String.format(text, " fill='none' stroke='#0000FF' stroke-width='1'");
        assertThat(area(lined, BLUE)).isBetween(plain * 0.1, plain * 0.9);
        assertThat(taken(String.format(text, " fill='#FF0000' stroke='#0000FF' stroke-width='1'"))
                        .drawing()
                        .shapes())
                .extracting(DrawnShape::colour)
                .contains(RED, BLUE);
    }

    /** A font that is nowhere is set in what comes near the kind it is said to be of. */
    @Test
    void aKindOfTypefaceIsKept() {
        String text =
                "<text x='5' y='60' font-size='20' font-family=\"'Nowhere at all', %s\" fill='#FF0000'>Riga</text>";
        Region serif = region(text.formatted("serif"), RED);
        Region plain = region(text.formatted("sans-serif"), RED);
        Region playfair = region(
                "<text x='5' y='60' font-size='20' font-family='Playfair Display' fill='#FF0000'>Riga</text>", RED);
        assertThat(serif.differingFrom(playfair).areaMm2()).isLessThan(1e-6);
        assertThat(serif.differingFrom(plain).areaMm2()).isGreaterThan(10);
        assertThat(taken(text.formatted("serif")).notes()).contains(DrawingRead.Note.TEXT_IN_ANOTHER_FONT);
    }

    /** A picture of 40 by 20 pixels, blue on the left and red on the right. */
    private static String picture() throws IOException {
        BufferedImage image = new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 800; i++) {
            image.setRGB(i % 40, i / 40, i % 40 < 20 ? 0x0000FF : 0xFF0000);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(out.toByteArray());
    }

    @ParameterizedTest
    @CsvSource({
        "'', 40, 20, 10, 20",
        "none, 40, 40, 10, 10",
        "xMidYMin meet, 40, 20, 10, 10",
        "xMidYMid slice, 40, 40, 10, 10"
    })
    void picturesLieAsTheyAreFitted(String fit, double width, double height, double x, double y) throws IOException {
        DrawingRead.Taken taken =
                taken("<image x='10' y='10' width='40' height='40' preserveAspectRatio='" + fit + "' href='" + picture()
                        + "'/><rect x='90' y='90' width='10' height='10'/>" + "<rect width='10' height='10'/>");
        assertThat(taken.notes()).containsExactly(DrawingRead.Note.PICTURES_ONLY_PRINTED);
        DrawnShape picture = taken.drawing().shapes().getFirst();
        Box box = picture.curves().bounds();
        assertThat(box.widthMm()).isCloseTo(width, within(1e-4));
        assertThat(box.heightMm()).isCloseTo(height, within(1e-4));
        // the whole is 100 by 100 about its middle
        assertThat(box.minXMm() + 50).isCloseTo(x, within(1e-4));
        assertThat(box.minYMm() + 50).isCloseTo(y, within(1e-4));
        assertThat(picture.ink()
                                .orElseThrow()
                                .argb(box.minXMm() + 1, box.centre().yMm())
                        & 0xFFFFFF)
                .isEqualTo(0x0000FF);
        assertThat(picture.ink()
                                .orElseThrow()
                                .argb(box.maxXMm() - 1, box.centre().yMm())
                        & 0xFFFFFF)
                .isEqualTo(0xFF0000);
    }

    @Test
    void picturesAreClippedSeenThroughAndTurned() throws IOException {
        String clipped =
                "<clipPath id='c'><circle cx='30' cy='30' r='10'/></clipPath><g opacity='0.5'><image x='10' y='10' width='40' height='40' clip-path='url(#c)' href='"
                        + picture() + "'/></g>";
        DrawnShape picture = taken(clipped).drawing().shapes().getFirst();
        assertThat(picture.curves().enclosed().areaMm2()).isCloseTo(Math.PI * 100, within(0.5));
        assertThat(picture.ink().orElseThrow().argb(0, 0) >>> 24).isBetween(127, 128);
        DrawnShape turned = taken("<image width='40' height='20' transform='rotate(90)' href='" + picture() + "'/>")
                .drawing()
                .shapes()
                .getFirst();
        Box box = turned.curves().bounds();
        assertThat(box.heightMm()).isCloseTo(40, within(1e-4));
        assertThat(turned.ink().orElseThrow().argb(box.centre().xMm(), box.minYMm() + 1) & 0xFFFFFF)
                .as("its left is up")
                .isEqualTo(0x0000FF);
    }

    @Test
    void picturesFromElsewhereAndBrokenOnesAreLeftOut() {
        String rest = "<rect width='10' height='10' fill='#FF0000'/>";
        for (String href : List.of(
                "photo.png",
                "http://127.0.0.1:1/a.png",
                "data:image/png;base64,AAAA",
                "data:image/png;base64,%%%",
                "data:image/svg+xml;base64,PHN2Zy8+")) {
            assertThat(taken("<image width='9' height='9' href='" + href + "'/>" + rest)
                            .notes())
                    .as(href)
                    .containsExactly(DrawingRead.Note.PICTURES_LEFT_OUT);
        }
    }

    @Test
    void aBrokenRowOfPointsIsReadAsFarAsItGoes() {
        String rest = "<rect x='50' y='50' width='10' height='10' fill='#FF0000'/>";
        assertThat(area("<polygon points='0,0 20,0 20,20 7' fill='#FF0000'/>" + rest, RED))
                .isCloseTo(300, within(1e-3));
        assertThat(area("<polyline points='0 0 20 0 20 20 x 3 4' fill='#FF0000'/>" + rest, RED))
                .isCloseTo(300, within(1e-3));
        assertThat(area("<polygon points='' fill='#FF0000'/>" + rest, RED)).isCloseTo(100, within(1e-3));
    }

    private static List<List<String>> groups(String body) {
        return taken(body).drawing().shapes().stream()
                .map(s -> s.groups().stream().map(DrawnGroup::name).toList())
                .toList();
    }

    /** A title says more than a label, a label more than an id; what is used again is a group where it is used. */
    @Test
    void groupsKeepTheirNames() {
        String box = "<rect width='9' height='9'/>";
        assertThat(groups("<g id='all'><g id='a'>" + box + "</g><g id='b' aria-label='second'>" + box
                        + "</g><g id='c' aria-label='x'><title> Third one </title>" + box + "</g><g>" + box + "</g></g>"
                        + box))
                .containsExactly(
                        List.of("all", "a"),
                        List.of("all", "second"),
                        List.of("all", "Third one"),
                        List.of("all", ""),
                        List.of());
        assertThat(groups("<g xmlns:x='http://example.com/x' x:label='Layer 2' id='g1'>" + box + "</g>"))
                .containsExactly(List.of("Layer 2"));
        assertThat(groups("<defs><g id='leaf'>" + box
                        + "</g></defs><use href='#leaf' id='one'/><use href='#leaf' x='20'/>"))
                .extracting(List::getFirst)
                .containsExactly("one", "");
        assertThat(taken("<g>" + box + "</g><g>" + box + "</g>").drawing().shapes())
                .extracting(s -> s.groups().getFirst().number())
                .doesNotHaveDuplicates();
    }
}
