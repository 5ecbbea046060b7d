package jurren.formats.svg;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import jurren.core.art.DrawingFile;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingRead;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What drawings say in the words of SVG 2 and today's CSS, in millimetres worked by hand. */
class SvgTodayTest {
    private static final Colour RED = Colour.of("#FF0000");
    private static final String TEXT = "<text x='10' y='50' font-family='Rubik' font-size='20' fill='#FF0000' ";

    private static DrawingRead.Taken taken(String body) {
        DrawingRead read = SvgReader.read(new DrawingFile(
                "a.svg",
                ("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>"
                                + "<path fill='#123456' d='M-10-10h1v1h-1zM110 110h-1v-1h1z'/>" + body + "</svg>")
                        .getBytes(StandardCharsets.UTF_8)));
        assertThat(read).as(body).isInstanceOf(DrawingRead.Taken.class);
        return (DrawingRead.Taken) read;
    }

    /** A drawing lies around its own middle, which the two squares keep at (50, 50). */
    private static Region red(String body) {
        return Region.weld(taken(body).drawing().shapes().stream()
                .filter(s -> s.colour().equals(RED))
                .map(s -> s.curves().enclosed())
                .toList());
    }

    private static double left(Region r) {
        return r.bounds().minXMm() + 50;
    }

    private static double top(Region r) {
        return r.bounds().minYMm() + 50;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "inset(5px 10px)|900|30|25",
                "inset(10% 5px 5px 10px)|1085|30|24",
                "inset(0 round 5px)|1978.54|20|20",
                "circle(10px at 20px 20px)|314.16|30|30",
                "circle()|1256.64|25|20",
                "ellipse(25px 10px)|785.40|20|30",
                "polygon(50% 0, 100% 100%, 0 100%)|1000|20|20",
                "polygon(evenodd, 0 0, 40px 0, 40px 40px, 0 40px, 0 0, 10px 10px, 30px 10px, 30px 30px, 10px 30px, 10px 10px)|1200|20|20",
                "path('M10 10h20v10h-20z')|200|30|30",
                "inset(30px) view-box|1200|30|30"
            })
    void aClipMayBeANamedShape(String clip, double area, double left, double top) {
        Region shown =
                red("<rect x='20' y='20' width='50' height='40' fill='#FF0000' style=\"clip-path:" + clip + "\"/>");
        assertThat(shown.areaMm2()).isCloseTo(area, within(area / 2000));
        assertThat(left(shown)).isCloseTo(left, within(0.01));
        assertThat(top(shown)).isCloseTo(top, within(0.01));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "color-mix(in srgb, red 50%, blue)|#800080",
                "color-mix(in srgb, #ff0000 25%, white)|#FFBFBF",
                "color-mix(in srgb, hsl(120 100% 50%), rgb(0 0 255) 20%)|#00CC33",
                "color-mix(in srgb-linear, black, white)|#BCBCBC",
                "color-mix(in oklab, black, white)|#636363",
                "#CD853F icc-color(anything, 0.1)|#CD853F"
            })
    void coloursAreMixed(String said, String hex) {
        assertThat(taken("<rect x='20' y='20' width='50' height='40' fill='" + said + "'/>")
                        .drawing()
                        .shapes())
                .anyMatch(s -> s.colour().hex().equalsIgnoreCase(hex));
    }

    @Test
    void aMixThatNobodyKnowsIsSaid() {
        assertThat(taken("<rect width='9' height='9' fill='color-mix(in hsl longer hue, red, blue)'/>")
                        .notes())
                .contains(DrawingRead.Note.PARTS_NOT_UNDERSTOOD);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<rect x='10' y='10' width='60' height='40' rx='10%' fill='#FF0000'/>|2314.16",
                "<rect x='10' y='10' width='60' height='40' rx='-3' fill='#FF0000'/>|2400",
                "<ellipse cx='50' cy='50' rx='10' fill='#FF0000'/>|314.16",
                "<ellipse cx='50' cy='50' rx='auto' ry='20%' fill='#FF0000'/>|1256.64",
                "<rect x='10' y='10' style='width:calc(20px + 10%);height:calc(2 * 10px)' fill='#FF0000'/>|600",
                "<path d='M20 20zM40 20h0' stroke='#FF0000' fill='none' stroke-width='8' stroke-linecap='round'/>|100.53",
                "<g color='#00FF00'><g fill='currentColor'><rect width='20' height='20' color='#FF0000'/><rect x='40' width='9' height='9'/></g></g>|400"
            })
    void measuresAndColoursFollowEachOther(String body, double area) {
        assertThat(red(body).areaMm2()).isCloseTo(area, within(area / 1000));
    }

    @Test
    void aTileInSharesOfItsShapeLiesWhereItIsDrawn() {
        Region dots = red("<defs><pattern id='p' width='.25' height='.5' patternContentUnits='objectBoundingBox'>"
                + "<rect x='.1' y='.1' width='.1' height='.2' fill='#FF0000'/></pattern></defs>"
                + "<rect x='20' y='20' width='40' height='40' fill='url(#p)'/>");
        assertThat(dots.pieceCount()).isEqualTo(8);
        assertThat(dots.areaMm2()).isCloseTo(8 * 4 * 8, within(0.01));
        assertThat(left(dots)).isCloseTo(24, within(0.01));
        assertThat(top(dots)).isCloseTo(24, within(0.01));
    }

    private static Font rubik() throws IOException, FontFormatException {
        try (InputStream in = Typefaces.file(ShippedTypeface.RUBIK)) {
            return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(20f);
        }
    }

    private static double goesOn(String letters) throws IOException, FontFormatException {
        FontRenderContext context = new FontRenderContext(null, true, true);
        return rubik().createGlyphVector(context, letters)
                .getGlyphPosition(letters.length())
                .getX();
    }

    @Test
    void aLengthThatIsSaidPartsEveryGapByAsMuch() throws IOException, FontFormatException {
        Region plain = red(TEXT + ">HIH</text>");
        Region wide = red(TEXT + "textLength='70'>HIH</text>");
        double more = 70 - goesOn("HIH");
        assertThat(wide.bounds().widthMm()).isCloseTo(plain.bounds().widthMm() + more, within(0.02));
        assertThat(middle(wide)).isCloseTo(middle(plain) + more / 2, within(0.02));
        Region stretched = red(TEXT + "textLength='70' lengthAdjust='spacingAndGlyphs'>HIH</text>");
        assertThat(stretched.bounds().widthMm()).isCloseTo(plain.bounds().widthMm() * 70 / goesOn("HIH"), within(0.02));
    }

    /** Where the second of three letters begins. */
    private static double middle(Region three) {
        return three.pieces().stream()
                .map(p -> p.region().bounds().minXMm())
                .sorted()
                .skip(1)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aLetterStandsOverItsMiddleOnAPath() throws IOException, FontFormatException {
        String path = "<defs><path id='p' d='M20 60A30 30 0 0 1 80 60'/></defs>"
                + "<text font-family='Rubik' font-size='20' fill='#FF0000'><textPath href='#p' startOffset='%s'>L</textPath></text>";
        Region flat = red("<text x='0' y='0' font-family='Rubik' font-size='20' fill='#FF0000'>L</text>");
        double half = goesOn("L") / 2;
        Region top = red(path.formatted(30 * Math.PI / 2 - half));
        assertThat(left(top)).as("upright at the very top").isCloseTo(50 - half + left(flat), within(0.03));
        assertThat(top(top) + top.bounds().heightMm()).isCloseTo(30, within(0.03));
        Region round = red(
                path.replace("<path id='p' d='M20 60A30 30 0 0 1 80 60'/>", "<circle id='p' cx='50' cy='60' r='30'/>")
                        .formatted(30 * Math.PI * 1.5 - half));
        assertThat(round.differingFrom(top).areaMm2())
                .as("a circle begins on its right")
                .isLessThan(0.05);
    }

    @ParameterizedTest
    @CsvSource({
        "central, 0.5, -0.5",
        "hanging, 0.8, 0",
        "text-before-edge, 1, 0",
        "text-after-edge, 0, -1",
        "mathematical, 0.5, 0",
        "alphabetic, 0, 0"
    })
    void aTextIsPlacedByTheLineThatIsSaid(String line, double ofAscent, double ofDescent)
            throws IOException, FontFormatException {
        var metrics = rubik().getLineMetrics("H", new FontRenderContext(null, true, true));
        double down = metrics.getAscent() * ofAscent + metrics.getDescent() * ofDescent;
        String said = TEXT + "dominant-baseline='" + line + "'>H</text>";
        assertThat(top(red(said)) - top(red(TEXT + ">H</text>"))).isCloseTo(down, within(0.02));
        assertThat(top(red("<g style='dominant-baseline:" + line + "'>" + TEXT + ">H</text></g>")))
                .isCloseTo(top(red(said)), within(1e-6));
    }

    @Test
    void anAccentIsOneWithItsLetterAndCapitalsAreSet() {
        assertThat(red(TEXT + ">e\u0301</text>").areaMm2())
                .isCloseTo(red(TEXT + ">\u00E9</text>").areaMm2(), within(1e-6));
        assertThat(red(TEXT + "style='text-transform:uppercase'>kite</text>").areaMm2())
                .isCloseTo(red(TEXT + ">KITE</text>").areaMm2(), within(1e-6));
    }

    @Test
    void aTypefaceThatIsBoldAlreadyIsNotMadeBolder() {
        Box plain = red(TEXT + ">H</text>").bounds();
        assertThat(red(TEXT + "font-weight='bold'>H</text>").bounds()).isEqualTo(plain);
        String light = TEXT.replace("Rubik", "Bebas Neue");
        double thin = red(light + ">H</text>").areaMm2();
        assertThat(red(light + "font-weight='600'>H</text>").areaMm2()).isGreaterThan(thin * 1.1);
        assertThat(red(light + "font-weight='500'>H</text>").areaMm2()).isEqualTo(thin);
    }
}
