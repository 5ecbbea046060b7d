package jurren.formats.svg;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Random;
import java.util.zip.GZIPOutputStream;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnShape;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.opening.AnyDrawing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class SvgReaderTest {
    private static final String OPEN =
            "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>";

    private static DrawingRead read(String text) {
        return SvgReader.read(new DrawingFile("test.svg", text.getBytes(StandardCharsets.UTF_8)));
    }

    private static Drawing taken(String body) {
        DrawingRead read = read(OPEN + body + "</svg>");
        assertThat(read).isInstanceOf(DrawingRead.Taken.class);
        return ((DrawingRead.Taken) read).drawing();
    }

    private static Reason refused(String text) {
        DrawingRead read = read(text);
        assertThat(read).isInstanceOf(DrawingRead.Refused.class);
        return ((DrawingRead.Refused) read).refusal().reason();
    }

    private static Region region(Drawing d) {
        return Region.weld(d.shapes().stream().map(s -> s.curves().enclosed()).toList());
    }

    private static Box box(Drawing d) {
        return region(d).bounds();
    }

    @ParameterizedTest
    @CsvSource({"50mm, 50", "5cm, 50", "2in, 50.8", "144pt, 50.8", "192px, 50.8", "192, 50.8", "12pc, 50.8"})
    void sizeIsTrueInEveryUnit(String width, double mm) {
        DrawingRead read = read("<svg xmlns='http://www.w3.org/2000/svg' width='%s' height='%s' viewBox='0 0 10 10'>"
                        .formatted(width, width)
                + "<rect width='10' height='10'/></svg>");
        assertThat(box(((DrawingRead.Taken) read).drawing()).widthMm()).isCloseTo(mm, within(0.001));
    }

    @Test
    void aFileWithoutASizeIsReadAtNinetySixToTheInch() {
        DrawingRead viewBoxOnly = read(
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 96 48'><rect width='96' height='48'/></svg>");
        DrawingRead nothing = read("<svg xmlns='http://www.w3.org/2000/svg'><rect width='96' height='48'/></svg>");
        assertThat(box(((DrawingRead.Taken) viewBoxOnly).drawing()).widthMm()).isCloseTo(25.4, within(0.001));
        assertThat(box(((DrawingRead.Taken) nothing).drawing()).heightMm()).isCloseTo(12.7, within(0.001));
    }

    @Test
    void transformsGroupsAndUseAreFollowed() {
        Drawing d = taken(
                "<defs><rect id='a' width='4' height='2'/></defs><g transform='translate(10 20) rotate(90)'>"
                        + "<use href='#a' transform='scale(2)'/></g><use xmlns:x='http://www.w3.org/1999/xlink' x:href='#a' x='50' y='50'/>");
        assertThat(d.shapes()).hasSize(2);
        assertThat(region(d).areaMm2()).isCloseTo(8 * 4 + 4 * 2, within(0.001));
        Box box = box(d);
        assertThat(box.widthMm()).as("from 6 (turned) to 54").isCloseTo(48, within(0.001));
        assertThat(box.heightMm()).as("from 20 to 52").isCloseTo(32, within(0.001));
        assertThat(box.centre())
                .satisfies(c -> assertThat(c.distanceMm(Point.ORIGIN)).isLessThan(0.001));
    }

    @Test
    void fillRulesAreKept() {
        String twice = "<path fill-rule='%s' d='M0 0H30V30H0Z M10 10H20V20H10Z'/>";
        assertThat(region(taken(twice.formatted("evenodd"))).areaMm2()).isCloseTo(800, within(0.001));
        assertThat(region(taken(twice.formatted("nonzero"))).areaMm2()).isCloseTo(900, within(0.001));
    }

    @Test
    void coloursComeFromAttributesStylesAndSheets() {
        Drawing d = taken(
                "<style>.warm{fill:#E8743B} #one{fill:rgb(127,196,218)}</style><rect class='warm' width='5' height='5'/>"
                        + "<rect id='one' x='9' width='5' height='5'/><g style='fill:navy'><rect x='18' width='5' height='5'/></g>"
                        + "<rect x='30' width='5' height='5' fill='none'/>");
        assertThat(d.shapes()).extracting(s -> s.colour().hex()).containsExactly("#E8743B", "#7FC4DA", "#000080");
    }

    @Test
    void strokesBecomeRegionsAndHairlinesAreToldApart() {
        Drawing stroked = taken("<path d='M0 0H20' stroke='black' stroke-width='2' fill='none'/>");
        assertThat(region(stroked).areaMm2()).isCloseTo(40, within(0.001));

        Drawing closed = taken("<path d='M0 0H20V20Z' stroke='red' stroke-width='0.1' fill='none'/>");
        assertThat(region(closed).areaMm2())
                .as("a closed hairline bounds a shape")
                .isCloseTo(200, within(0.001));

        Drawing mixed = taken(
                "<rect width='9' height='9'/><path d='M30 0L40 0L40 9' stroke='red' stroke-width='0.1' fill='none'/>");
        assertThat(mixed.openEnds()).hasSize(1);
        assertThat(mixed.shapes()).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "hello", "<svg", "<html xmlns='http://www.w3.org/1999/xhtml'/>"})
    void whatIsNoDrawingIsRefusedWithAReason(String text) {
        assertThat(refused(text)).isIn(Reason.EMPTY, Reason.NOT_XML, Reason.NOT_SVG);
    }

    @Test
    void drawingsWithNothingToCutAreRefusedByWhatTheyHold() {
        assertThat(refused(OPEN + "</svg>")).isEqualTo(Reason.NOTHING_PAINTED);
        assertThat(refused(OPEN + "<path d='M0 0L9 9' stroke='black' stroke-width='0.1' fill='none'/></svg>"))
                .isEqualTo(Reason.ONLY_OPEN_LINES);
        assertThat(refused(OPEN + "<image width='9' height='9' href='data:image/png;base64,AAAA'/></svg>"))
                .isEqualTo(Reason.ONLY_PICTURES);
        assertThat(refused(OPEN + "<use href='other.svg#a'/></svg>"))
                .isIn(Reason.EXTERNAL_REFERENCE, Reason.BROKEN_SVG);
        assertThat(
                        refused(
                                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 1e30 1e30' width='100mm' height='100mm'><rect width='9' height='9'/></svg>"))
                .isIn(Reason.ABSURD_SIZE, Reason.NOTHING_PAINTED);
        assertThat(
                        refused(
                                "<svg xmlns='http://www.w3.org/2000/svg' width='90000cm' height='90000cm' viewBox='0 0 9 9'><rect width='9' height='9'/></svg>"))
                .isEqualTo(Reason.ABSURD_SIZE);
        assertThat(refused(OPEN + "<g>".repeat(3000) + "<rect width='9' height='9'/>" + "</g>".repeat(3000) + "</svg>"))
                .isEqualTo(Reason.TOO_DEEP);
    }

    @Test
    void nothingBesideTheFileIsEverRead(@TempDir Path folder) throws Exception {
        Path secret = Files.writeString(folder.resolve("secret.txt"), "M0 0H90V90Z");
        String entity = "<!DOCTYPE svg [<!ENTITY x SYSTEM '" + secret.toUri() + "'>]>" + OPEN + "<path d='&x;'/></svg>";
        assertThat(refused(entity)).isEqualTo(Reason.EXTERNAL_ENTITY);

        String dtd = "<!DOCTYPE svg SYSTEM '" + secret.toUri() + "'>" + OPEN + "<rect width='9' height='9'/></svg>";
        assertThat(read(dtd))
                .as("had it been read as a DTD, its text would have been an error")
                .isInstanceOf(DrawingRead.Taken.class);

        String standard =
                "<!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN' 'http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd'>"
                        + OPEN + "<rect width='9' height='9'/></svg>";
        assertThat(read(standard))
                .as("the standard's own heading asks for nothing")
                .isInstanceOf(DrawingRead.Taken.class);

        StringBuilder bomb = new StringBuilder("<!DOCTYPE svg [<!ENTITY a0 'xxxxxxxxxx'>");
        for (int i = 1; i < 12; i++) {
            bomb.append("<!ENTITY a")
                    .append(i)
                    .append(" '")
                    .append(("&a" + (i - 1) + ";").repeat(10))
                    .append("'>");
        }
        assertThat(refused(bomb + "]>" + OPEN + "<desc>&a11;</desc></svg>")).isEqualTo(Reason.NOT_XML);
    }

    /** Whatever is cut off or turned over in a file, the answer is a drawing or a reason. */
    @Test
    void damagedFilesNeverBreakTheReader() {
        String good = OPEN
                + "<style>.a{fill:#E8743B}</style><g transform='rotate(10)'><path class='a' d='M0 0C5 5 9 9 20 0Z'/>"
                + "<use href='#b'/></g><defs><circle id='b' r='5' stroke='blue' stroke-width='1'/></defs></svg>";
        Random random = new Random(42);
        for (int i = 0; i < 250; i++) {
            byte[] bytes = good.getBytes(StandardCharsets.UTF_8);
            if (i % 2 == 0) {
                bytes = java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length));
            } else {
                bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
            }
            assertThat(SvgReader.read(new DrawingFile("damaged.svg", bytes))).isNotNull();
        }
    }

    @Test
    void circlesKeepTheirArea() {
        DrawnShape circle = taken("<circle cx='50' cy='50' r='40'/>").shapes().getFirst();
        assertThat(circle.curves().enclosed().areaMm2()).isCloseTo(Math.PI * 1600, within(1.5));
    }

    /** What a drawing covers, in millimetres around its middle. */
    private static Region covered(String body) {
        return Region.weld(
                taken(body).shapes().stream().map(s -> s.curves().enclosed()).toList());
    }

    private static java.util.Set<DrawingRead.Note> notes(String body) {
        return ((DrawingRead.Taken) read(OPEN + body + "</svg>")).notes();
    }

    @Test
    void textComesAsOutlinesInItsFontOrInAPlainOneWithANote() {
        Region anton = covered("<text x='5' y='60' font-family='Anton' font-size='40' fill='#7C2E57'>HOLE</text>");
        Region inMm = Region.weld(
                jurren.core.lettering.LetteringLayout.of("HOLE", jurren.core.lettering.ShippedTypeface.ANTON, 40, 0)
                        .glyphs()
                        .stream()
                        .map(g -> g.outline().enclosed())
                        .toList());
        double larger = anton.bounds().heightMm() / inMm.bounds().heightMm();
        assertThat(anton.holeCount()).isEqualTo(inMm.holeCount());
        assertThat(anton.areaMm2() / inMm.areaMm2()).as("the same letters").isCloseTo(larger * larger, within(0.01));
        assertThat(notes("<text x='5' y='60' font-family='Anton' font-size='40'>A</text>"))
                .isEmpty();
        assertThat(notes("<text x='5' y='60' font-family='Nobody Has This' font-size='40'>A</text>"))
                .containsExactly(DrawingRead.Note.TEXT_IN_ANOTHER_FONT);
    }

    @Test
    void clipsAndMasksLeaveWhatTheyShow() {
        String clip = "<defs><clipPath id='c'><circle cx='50' cy='50' r='20'/></clipPath>"
                + "<mask id='m'><rect width='100' height='100' fill='white'/><rect x='40' y='40' width='20' height='20' fill='black'/></mask></defs>";
        assertThat(covered(clip + "<g clip-path='url(#c)'><rect width='100' height='50'/></g>")
                        .areaMm2())
                .isCloseTo(Math.PI * 200, within(0.5));
        Region masked = covered(clip + "<rect x='30' y='30' width='40' height='40' mask='url(#m)'/>");
        assertThat(masked.areaMm2()).isCloseTo(1200, within(0.1));
        assertThat(masked.holeCount()).isEqualTo(1);
        assertThat(covered(
                                clip
                                        + "<svg x='10' y='10' width='20' height='20' viewBox='0 0 10 10'><rect width='50' height='50'/></svg>")
                        .areaMm2())
                .as("a viewport within")
                .isCloseTo(400, within(0.1));
    }

    @Test
    void stylesSymbolsPercentagesAndShadesComeToFlatColours() {
        String body =
                "<style>.a{fill:#E8743B} rect.b{fill:url(#g)}</style><defs><symbol id='s' viewBox='0 0 10 10'><rect width='10' height='10' class='a'/></symbol>"
                        + "<linearGradient id='g'><stop offset='0' stop-color='#000000'/><stop offset='1' stop-color='#FFFFFF'/></linearGradient>"
                        + "<pattern id='p' width='4' height='4' patternUnits='userSpaceOnUse'><rect width='2' height='4' fill='#7FC4DA'/></pattern></defs>"
                        + "<use href='#s' x='10%' y='10%' width='50%' height='50%'/><rect class='b' x='70' width='20' height='20'/>"
                        + "<rect fill='url(#p)' x='70' y='70' width='20' height='20'/>";
        Drawing drawing = taken(body);
        assertThat(drawing.shapes().stream().map(s -> s.colour().hex()).distinct())
                .containsExactly("#E8743B", "#7F7F7F", "#7FC4DA");
        assertThat(Region.weld(drawing.shapes().stream()
                                .filter(s -> s.colour().hex().equals("#7FC4DA"))
                                .map(s -> s.curves().enclosed())
                                .toList())
                        .areaMm2())
                .as("stripes over half of it")
                .isCloseTo(200, within(0.01));
        assertThat(drawing.shapes().getFirst().curves().bounds().widthMm()).isCloseTo(50, within(0.01));
        assertThat(notes(body)).isEmpty();
    }

    @Test
    void aSizeInPixelsIsAGuessAndOneInMillimetresIsNot() {
        DrawingRead.Taken pixels = (DrawingRead.Taken) read(
                "<svg xmlns='http://www.w3.org/2000/svg' width='96' height='96'><rect width='96' height='96'/></svg>");
        assertThat(pixels.guessed()).contains(jurren.formats.drawing.FileUnit.PX_96);
        assertThat(((DrawingRead.Taken) read(OPEN + "<rect width='9' height='9'/></svg>")).guessed())
                .isEmpty();
    }

    @Test
    void linesThatMeetEndToEndAreOneOutlineAndInnerOnesItsHoles() {
        String line = "<path fill='none' stroke='#000' stroke-width='0.01' d='%s'/>";
        Region square = covered(
                line.formatted("M10 10H60V60") + line.formatted("M10 10V60H60") + line.formatted("M20 20H30V30H20Z"));
        assertThat(square.areaMm2()).isCloseTo(2400, within(0.1));
        assertThat(square.holeCount()).isEqualTo(1);
    }

    // ---- as the world writes it

    /** Two half arcs are a circle: pi r², and as wide as high. */
    @Test
    void aCircleOfTwoHalvesIsRound() {
        Drawing d = taken("<path d='M10 50a40 40 0 1 0 80 0a40 40 0 1 0-80 0z'/>");
        assertThat(region(d).areaMm2()).isCloseTo(Math.PI * 1600, within(3.0));
        assertThat(box(d).widthMm()).isCloseTo(80, within(0.02));
        assertThat(box(d).heightMm()).isCloseTo(80, within(0.02));
        Drawing flags = taken("<path d='M10,50A40,40,0,01,90,50A40,40,0,01,10,50'/>");
        assertThat(box(flags).heightMm()).as("flags written without a gap").isCloseTo(80, within(0.02));
        Drawing ellipse = taken("<path d='M20 50A30 10 90 1 1 20.001 50Z' transform='translate(20 0)'/>");
        assertThat(region(ellipse).areaMm2()).isCloseTo(Math.PI * 300, within(3.0));
    }

    /** After another command S and T begin with the point itself: the area under a T after a line is a triangle's. */
    @Test
    void smoothCurvesFollowOnlyTheirOwnKind() {
        assertThat(region(taken("<path d='M0 0L50 0T50 50L0 50Z'/>")).areaMm2()).isCloseTo(2500, within(0.01));
        // S after L: handles (50,0), (50,50) -> a straight edge
        assertThat(region(taken("<path d='M0 0L50 0S50 50 50 50L0 50Z'/>")).areaMm2())
                .isCloseTo(2500, within(0.01));
        assertThat(region(taken("<path d='M0 0h40v40h-40z M 60 60 l nonsense'/>"))
                        .areaMm2())
                .as("what came before what is broken")
                .isCloseTo(1600, within(0.01));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "rgb(255 0 0); #FF0000",
                "rgba(255, 0, 0, 1); #FF0000",
                "rgb(100% 0% 0% / 100%); #FF0000",
                "hsl(120, 100%, 25%); #008000",
                "hsla(240deg 100% 50% / 1); #0000FF",
                "#f00f; #FF0000",
                "#00ff00ff; #00FF00",
                "hwb(0 0% 0%); #FF0000",
                "rebeccapurple; #663399",
                "hsl(.5turn 100% 50%); #00FFFF"
            })
    void coloursOfTodayAreTheirColours(String value, String hex) {
        for (String body : new String[] {
            "<rect width='10' height='10' fill='%s'/>",
            "<rect width='10' height='10' style='fill:%s'/>",
            "<style>.a{fill:%s}</style><rect class='a' width='10' height='10'/>",
            "<style>:root{--c:%s}.a{fill:var(--c)}</style><rect class='a' width='10' height='10'/>"
        }) {
            assertThat(taken(body.formatted(value)).shapes())
                    .as(body)
                    .singleElement()
                    .satisfies(s -> assertThat(s.colour().hex()).isEqualToIgnoringCase(hex));
        }
    }

    @Test
    void whatIsNotSeenIsNotCut() {
        Drawing d = taken(
                "<rect width='10' height='10' fill='transparent'/><rect x='20' width='10' height='10' fill='rgba(0,0,0,0)'/><rect x='40' width='10' height='10' fill='#0000'/>"
                        + "<rect x='60' width='10' height='10' opacity='0'/><g style='display:none'><rect x='80' width='10' height='10'/></g><rect y='20' width='5' height='5'/>");
        assertThat(d.shapes()).singleElement();
        Drawing half = taken("<rect width='10' height='10' fill='rgba(255,0,0,.5)'/>");
        assertThat(half.shapes())
                .singleElement()
                .satisfies(s -> assertThat(s.ink()).as("seen through").isPresent());
    }

    @Test
    void oneRuleThatIsNotKnownLosesNoOther() {
        Drawing d = taken(
                "<style>@import url(x.css); /* a { } */ @font-face{font-family:x} .b:not(.c){fill:blue} .a{fill:#00ff00;mask-type:alpha} .d::before{x:y}"
                        + " @media print{.a{fill:black}} @media screen{.e{fill:red}} .f, .g:has(x){fill:#0000ff}</style>"
                        + "<rect class='a' width='5' height='5'/><rect class='e' x='10' width='5' height='5'/><rect class='f' x='20' width='5' height='5'/>");
        assertThat(d.shapes())
                .extracting(s -> s.colour().hex().toUpperCase(Locale.ROOT))
                .containsExactly("#00FF00", "#FF0000", "#0000FF");
    }

    @Test
    void whatLeadsNowhereIsPassedOverAndSaid() {
        DrawingRead read = read(OPEN
                + "<use href='#gone'/><rect width='10' height='10' fill='url(#lost) #ff0000'/><rect x='20' width='10' height='10' clip-path='url(#none)'/>"
                + "<rect x='40' width='10' height='10' fill='url(#lost)'/><rect x='60' width='10'/></svg>");
        Drawing d = ((DrawingRead.Taken) read).drawing();
        assertThat(d.shapes()).hasSize(2);
        assertThat(d.shapes().getFirst().colour().hex()).isEqualToIgnoringCase("#FF0000");
        assertThat(((DrawingRead.Taken) read).notes()).contains(DrawingRead.Note.LEADS_NOWHERE);
    }

    @ParameterizedTest
    @CsvSource({"width='50mm', 50, 25", "height='50MM', 100, 50", "width='2IN', 50.8, 25.4"})
    void theOtherSideFollowsFromTheViewBox(String said, double width, double height) {
        DrawingRead read = read("<svg xmlns='http://www.w3.org/2000/svg' " + said
                + " viewBox='0 0 200 100'><rect width='200' height='100'/></svg>");
        Box box = box(((DrawingRead.Taken) read).drawing());
        assertThat(box.widthMm()).isCloseTo(width, within(0.01));
        assertThat(box.heightMm()).isCloseTo(height, within(0.01));
        assertThat(((DrawingRead.Taken) read).guessed()).isEmpty();
    }

    @Test
    void aPackedDrawingIsUnpackedAndAPictureIsSentToBeTraced() throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
            out.write((OPEN + "<rect width='10' height='10'/></svg>").getBytes(StandardCharsets.UTF_8));
        }
        DrawingRead read = AnyDrawing.read(new DrawingFile("kite.svgz", packed.toByteArray()));
        assertThat(box(((DrawingRead.Taken) read).drawing()).widthMm()).isCloseTo(10, within(0.001));
        byte[] jpeg = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, (byte) 0xE0, 0, 16};
        assertThat(((DrawingRead.Refused) AnyDrawing.read(new DrawingFile("badge.jpg", jpeg)))
                        .refusal()
                        .reason())
                .isEqualTo(Reason.IS_A_PICTURE);
    }

    /** The stroke of 3 by 70, and at its end a triangle of 18 by 18: three times as large as it was drawn. */
    @Test
    void aLineWithMarkersHasBoth() {
        DrawingRead read = read(
                OPEN + "<defs><marker id='a' markerWidth='6' markerHeight='6'><path d='M0 0L6 3L0 6Z'/></marker></defs>"
                        + "<path d='M10 50L80 50' stroke='#f00' stroke-width='3' marker-end='url(#a)' fill='none'/></svg>");
        assertThat(region(((DrawingRead.Taken) read).drawing()).areaMm2()).isCloseTo(210 + 162, within(0.01));
        assertThat(((DrawingRead.Taken) read).notes()).isEmpty();
    }

    @Test
    void masksShowTheirOwnRegionAndByOpacityWhereTheySaySo() {
        assertThat(region(taken(
                                "<defs><mask id='m' x='0' y='0' width='0.5' height='0.5'><rect width='100' height='100' fill='white'/></mask></defs>"
                                        + "<rect width='100' height='100' mask='url(#m)'/>"))
                        .areaMm2())
                .isCloseTo(2500, within(0.5));
        assertThat(region(taken(
                                "<defs><mask id='m' style='mask-type:alpha'><rect x='10' y='10' width='40' height='40' fill='black'/></mask></defs>"
                                        + "<rect width='100' height='100' mask='url(#m)'/>"))
                        .areaMm2())
                .isCloseTo(1600, within(0.5));
        assertThat(taken(
                                "<defs><clipPath id='x'/></defs><rect width='50' height='50' clip-path='url(#x)'/><rect x='60' width='20' height='20'/>")
                        .shapes())
                .as("an empty clip shows nothing")
                .hasSize(1);
    }

    @Test
    void aClosedHairlineDoesNotSwallowWhatLiesOverIt() {
        Drawing d = taken(
                "<circle cx='40' cy='40' r='15' fill='#f00'/><rect x='10' y='10' width='60' height='60' fill='none' stroke='#000' stroke-width='0.1'/>");
        assertThat(d.shapes()).hasSize(2);
        assertThat(d.shapes().getLast().colour().hex())
                .as("the paint lies over what the line bounds")
                .isEqualToIgnoringCase("#FF0000");
        assertThat(d.shapes().getLast().curves().enclosed().areaMm2()).isCloseTo(Math.PI * 225, within(1.0));
        assertThat(taken(
                                "<rect x='10' y='10' width='30' height='30' fill='none' stroke='#000' stroke-width='0.1'/><circle cx='80' cy='80' r='5'/>")
                        .shapes())
                .as("one that stands by itself is a shape")
                .hasSize(2);
    }

    /** A circle of 30 about (60, 60) and a square from 20 to 60: a quarter of the circle, whichever clips the other. */
    @Test
    void aClipOfAClipShowsWhatLiesInBoth() {
        String square = "<defs><clipPath id='x'><rect x='20' y='20' width='40' height='40'/></clipPath>";
        String all = "</defs><rect width='100' height='100' clip-path='url(#y)'/>";
        double quarter = Math.PI * 900 / 4;
        assertThat(region(taken(square
                                + "<clipPath id='y' clip-path='url(#x)'><circle cx='60' cy='60' r='30'/></clipPath>"
                                + all))
                        .areaMm2())
                .isCloseTo(quarter, within(1.0));
        assertThat(region(taken(square
                                + "<clipPath id='y'><circle cx='60' cy='60' r='30' clip-path='url(#x)'/></clipPath>"
                                + all))
                        .areaMm2())
                .isCloseTo(quarter, within(1.0));
        assertThat(region(taken(
                                "<defs><clipPath id='y' clipPathUnits='objectBoundingBox'><rect width='.5' height='.25'/></clipPath>"
                                        + all))
                        .areaMm2())
                .isCloseTo(1250, within(0.5));
        assertThat(region(taken(
                                "<defs><clipPath id='y'><rect x='5' width='10' height='10' transform='translate(5 5) scale(2)'/></clipPath>"
                                        + all))
                        .areaMm2())
                .isCloseTo(400, within(0.5));
    }
}
