package jurren.formats.eps;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnShape;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingRead;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The language as other programs use it, each word by what it paints: areas in square points, worked by hand. */
@Tag("long")
class EpsLanguageTest {
    private static final double POINT_MM = 25.4 / 72;

    private static DrawingRead read(String body) {
        return EpsReader.read(new DrawingFile(
                "a.eps",
                ("%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 300 300\n" + body + "\nshowpage\n%%EOF\n")
                        .getBytes(StandardCharsets.ISO_8859_1)));
    }

    private static Drawing drawing(String body) {
        DrawingRead read = read(body);
        assertThat(read).as(body).isInstanceOf(DrawingRead.Taken.class);
        return ((DrawingRead.Taken) read).drawing();
    }

    private static double points2(Drawing d) {
        return Region.weld(d.shapes().stream().map(s -> s.curves().enclosed()).toList())
                        .areaMm2()
                / (POINT_MM * POINT_MM);
    }

    private static double points2(String body) {
        return points2(drawing(body));
    }

    private static List<Colour> colours(String body) {
        return drawing(body).shapes().stream().map(DrawnShape::colour).toList();
    }

    /** A square of 10 points where the word leaves true on the stack; otherwise one of 20. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "[1 2 3] length 3 eq",
                "[10 20 30] 1 get 20 eq",
                "[1 2 3 4] 1 2 getinterval aload pop add 5 eq",
                "3 array dup 0 7 put 0 get 7 eq",
                "1 2 3 3 array astore 2 get 3 eq",
                "<< /a 1 /b 2 >> /b get 2 eq",
                "5 dict begin /x 4 def currentdict /x known end",
                "/y 3 def /y where {pop true}{false} ifelse",
                "/nosuchword where {pop false}{true} ifelse",
                "{nosuchword} stopped",
                "{1} stopped not exch pop",
                "{stop} stopped",
                "clear mark 1 2 3 counttomark 3 eq 5 1 roll cleartomark",
                "1 2 3 count 3 ge 4 1 roll pop pop pop",
                "(hello world) (world) search {pop pop pop true}{pop false} ifelse",
                "(abc) dup 1 (X) putinterval (aXc) eq",
                "(12.5) cvr 12.5 eq",
                "(16#FF) cvi 255 eq",
                "/abc 3 string cvs (abc) eq",
                "7 2 idiv 3 eq",
                "-7 2 mod -1 eq",
                "2 10 exp 1024 eq",
                "1 1 atan 45 eq",
                "-3.5 truncate -3 eq",
                "3.5 round 4 eq",
                "6 3 and 2 eq",
                "1 4 bitshift 16 eq",
                "5 type /integertype eq",
                "5.0 type /realtype eq",
                "(s) type /stringtype eq",
                "{} type /arraytype eq",
                "{1 add} bind 4 exch exec 5 eq",
                "0 1 1 10 {add} for 55 eq",
                "0 [1 2 3] {add} forall 6 eq",
                "0 << /a 5 /b 6 >> {exch pop add} forall 11 eq",
                "0 {1 add dup 9 eq {exit} if} loop 9 eq",
                "0 3 {2 add} repeat 6 eq",
                "(1 2 add) cvx exec 3 eq",
                "/f (1 2 add) 0 () /SubFileDecode filter def f type /filetype eq",
                "/f (1 2 add) 0 () /SubFileDecode filter cvx def f 3 eq",
                "/CIDInit /ProcSet findresource begin 5 dict begin begincmap 1 begincodespacerange <00> <ff> endcodespacerange 0 usefont 2 begincidrange <00> <10> 0 <11> <20> 5 endcidrange endcmap /m currentdict def end end true",
                "/MacRomanEncoding /Encoding findresource 65 get /A eq",
                "/SymbolEncoding /Encoding findresource 97 get /alpha eq",
                "/StandardEncoding /Encoding findresource length 256 eq",
                "(1) 0 () /SubFileDecode filter xcheck not",
                "(1) 0 () /SubFileDecode filter cvx xcheck",
                "/f (xy) 0 () /SubFileDecode filter def f read pop 120 eq",
                "(3 4) token {exch pop 3 eq}{false} ifelse",
                "/p {dup mul} def 6 p 36 eq",
                "/a /b eq not",
                "(a) (b) lt",
                "1 1.0 eq",
                "{/q 1 def} exec q 1 eq",
                "<48656C6C6F> (Hello) eq",
                "<~87cURD]i~> (Hello ) 0 5 getinterval exch 0 5 getinterval eq",
                "10 20 30 40 4 2 roll pop pop 40 eq exch pop",
                "1 2 3 2 copy add 5 eq 4 1 roll pop pop pop",
                "matrix currentmatrix 0 get 1 eq",
                "2 3 scale 1 1 transform 3 eq exch 2 eq and",
                "10 0 translate 0 0 transform pop 10 eq",
                "[2 0 0 2 5 5] matrix invertmatrix 4 get -2.5 eq",
                "currentfile 5 string readstring\nabcde pop (abcde) eq",
                "currentfile 3 string readhexstring\n414243 pop (ABC) eq",
                "save 5 exch restore 5 eq",
                "systemdict /moveto known",
                "languagelevel 2 ge",
                "{1 0 div} stopped {0 eq exch 1 eq and}{false} ifelse",
                "mark {3 (a) add} stopped exch (a) eq and exch 3 eq and exch pop",
                "{5 [1] 7 get} stopped exch 7 eq and exch pop exch pop",
                "/F /Helvetica findfont def F /FontMatrix get 0 get .001 eq",
                "//true",
                "5 4 3 2 1 5 -1 roll 5 eq 5 1 roll pop pop pop pop"
            })
    void eachWordDoesWhatItShould(String test) {
        assertThat(points2(test + " {0 0 10 10 rectfill}{0 0 20 20 rectfill} ifelse"))
                .as(test)
                .isCloseTo(test.contains("scale") ? 600 : 100, within(0.01));
    }

    /** Squares of 30 by 30 points for the letter a, and of 15 by 15 in the second font; chosen by one byte or two. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"2|<0061 0161 0061>|2025", "2|<0161>|225", "4|<61 E1>|1125", "5|<0061 00E1>|1125", "2|<0261>|0"})
    void compositeFontsChooseByTheirMap(int way, String text, double area) {
        String squares =
                "/sq {8 dict begin /FontType 3 def /FontMatrix [.001 0 0 .001 0 0] def /FontBBox [0 0 1000 1000] def /side exch def /Encoding 256 array def 0 1 255 {Encoding exch /.notdef put} for "
                        + "Encoding 97 /a put /CharProcs 2 dict def CharProcs /.notdef {} put CharProcs /a {0 0 currentfont /side get dup rectfill} put "
                        + "/BuildChar {1000 0 setcharwidth exch begin Encoding exch get CharProcs exch get exec end} def currentdict end definefont} def /A 750 sq pop /B 375 sq pop ";
        String composite = "/C <</FontType 0 /FMapType " + way
                + " /FontMatrix [1 0 0 1 0 0] /Encoding [0 1] /FDepVector [/A findfont /B findfont]>> definefont pop /C findfont 40 scalefont setfont 0 50 moveto ";
        assertThat(points2(squares + composite + text + " show 0 0 10 10 rectfill") - 100)
                .as(text)
                .isCloseTo(area, within(0.01));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            /poly {newpath moveto counttomark 2 idiv {lineto} repeat pop closepath fill} def mark 0 40 30 40 30 0 0 0 poly|1200
            newpath 0 0 moveto 40 0 lineto 40 40 10 40 10 arct 0 40 lineto closepath fill|1578.54
            2 1 scale 4 setlinewidth newpath 0 0 moveto 50 0 lineto stroke|400
            2 1 scale 4 setlinewidth newpath 0 0 moveto 0 50 lineto stroke|400
            [5 5] 0 setdash 4 setlinewidth newpath 0 0 moveto 100 0 lineto stroke|200
            [10 10] 5 setdash 4 setlinewidth newpath 0 0 moveto 20 0 lineto stroke|40
            6 setlinewidth newpath 0 0 moveto 50 0 lineto strokepath fill|300
            0 0 30 30 rectclip newpath 20 20 moveto 50 20 lineto 50 50 lineto 20 50 lineto closepath fill|100
            [0 0 10 10 20 0 10 10] rectfill|200
            gsave 0 0 10 10 rectclip 0 0 50 50 rectfill grestore 40 0 10 10 rectfill|200
            newpath 0 0 moveto 10 0 rlineto 0 10 rlineto -10 0 rlineto closepath gsave fill grestore 2 setlinewidth stroke|144
            {0 0 20 20 setbbox 0 0 moveto 20 0 lineto 20 20 lineto closepath} ufill|200
            /F <</FormType 1 /BBox [0 0 10 50] /Matrix [2 0 0 1 0 0] /PaintProc {pop 0 0 20 20 rectfill}>> def F execform 0 40 10 10 rectfill|500
            <</PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 10 10] /XStep 10 /YStep 10 /PaintProc {pop 0 0 5 10 rectfill}>> matrix makepattern setpattern 0 0 40 20 rectfill|400
            <</PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 10 10] /XStep 10 /YStep 10 /PaintProc {pop 0 0 5 10 rectfill}>> [2 0 0 2 0 0] makepattern setpattern 0 0 30 20 rectfill 0 setgray 0 40 10 10 rectfill|500
            <</PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 10 10] /XStep -10 /YStep 10 /PaintProc {pop 0 0 5 10 rectfill}>> matrix makepattern setpattern 0 0 40 20 rectfill|400
            /P <</PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 10 10] /XStep 10 /YStep 10 /PaintProc {pop 0 0 5 10 rectfill P setpattern 5 0 5 10 rectfill}>> matrix makepattern def P setpattern 0 0 10 10 rectfill|100
            <</PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 10 10] /XStep 10 /YStep 10 /PaintProc {pop 1 0 div}>> matrix makepattern setpattern {0 0 40 20 rectfill} stopped pop 0 setgray 0 0 20 10 rectfill|200
            [/Pattern /DeviceGray] setcolorspace 0 <</PatternType 1 /PaintType 2 /TilingType 1 /BBox [0 0 9 9] /XStep 10 /YStep 10 /PaintProc {pop 0 0 9 9 rectfill}>> matrix makepattern setcolor 0 0 20 10 rectfill|162
            <</ShadingType 3 /ColorSpace /DeviceGray /Coords [30 30 0 30 30 20] /Function <</FunctionType 2 /Domain [0 1] /C0 [0] /C1 [.5] /N 1>> >> shfill|1256.64
            <</ShadingType 2 /ColorSpace /DeviceGray /Coords [100 0 200 0] /Function <</FunctionType 2 /Domain [0 1] /C0 [0] /C1 [.5] /N 1>>>> shfill|30000
            <</ShadingType 2 /ColorSpace /DeviceGray /Coords [100 0 200 0] /Extend [true true] /Function <</FunctionType 2 /Domain [0 1] /C0 [0] /C1 [.5] /N 1>>>> shfill|90000
            8 setlinewidth 2 setlinecap newpath 40 40 moveto 40 40 lineto stroke 0 0 10 10 rectfill|100
            8 setlinewidth 1 setlinecap newpath 40 40 moveto 40 40 lineto stroke 0 0 10 10 rectfill|150.27
            """)
    void pathsArePaintedTrue(String body, double area) {
        // a bend is kept as chords within 0.005 mm
        assertThat(points2(body)).as(body).isCloseTo(area, within(Math.max(0.05, area * 5e-4)));
    }

    @Test
    void aWordThatNobodyKnowsIsNamed() {
        assertThat(read("0 0 10 10 rectfillx"))
                .isInstanceOfSatisfying(
                        DrawingRead.Refused.class,
                        r -> assertThat(r.refusal().detail()).contains("\"rectfillx\""));
    }

    @Test
    void coloursAreThoseOfTheirSpaces() {
        assertThat(colours("/DeviceRGB setcolorspace 1 0 0 setcolor 0 0 9 9 rectfill"))
                .containsExactly(Colour.of("#FF0000"));
        assertThat(colours("[/Separation (Fire) /DeviceRGB {pop 0 0 1}] setcolorspace 1 setcolor 0 0 9 9 rectfill"))
                .containsExactly(Colour.of("#0000FF"));
        assertThat(drawing("[/Separation (Fire) /DeviceRGB {pop 0 0 1}] setcolorspace 1 setcolor 0 0 9 9 rectfill")
                        .inks())
                .containsEntry(Colour.of("#0000FF"), "Fire");
        assertThat(colours("[/Indexed /DeviceRGB 1 <FF0000 00FF00>] setcolorspace 1 setcolor 0 0 9 9 rectfill"))
                .containsExactly(Colour.of("#00FF00"));
        assertThat(colours("0 1 1 0 setcmykcolor 0 0 9 9 rectfill")).containsExactly(Colour.of("#FF0000"));
        assertThat(colours("0.5 setgray 0 0 9 9 rectfill")).containsExactly(Colour.of("#808080"));
    }

    /** Letters that the drawing paints itself: squares of three quarters of the size. */
    @Test
    void lettersThatTheDrawingBringsAlongArePainted() {
        String font =
                "/T 8 dict def T begin /FontType 3 def /FontMatrix [.001 0 0 .001 0 0] def /FontBBox [0 0 1000 1000] def "
                        + "/Encoding 256 array def 0 1 255 {Encoding exch /.notdef put} for Encoding 65 /sq put "
                        + "/BuildGlyph {1000 0 0 0 750 750 setcachedevice exch pop /sq eq {0 0 750 750 rectfill} if} bind def "
                        + "/BuildChar {1 index /Encoding get exch get 1 index /BuildGlyph get exec} bind def end /Foo T definefont pop ";
        assertThat(points2(font + "/Foo findfont 20 scalefont setfont 10 10 moveto (AA) show"))
                .isCloseTo(2 * 225, within(0.01));
        assertThat(points2(font
                        + "/Foo findfont 20 scalefont setfont (AAA) stringwidth pop 60 eq {0 0 30 30 rectfill} if"))
                .isCloseTo(900, within(0.01));
        double one = drawing(font + "/Foo findfont [20 0 0 40 0 0] makefont setfont 0 0 moveto (A) show")
                .shapes()
                .getFirst()
                .curves()
                .bounds()
                .heightMm();
        assertThat(one).isCloseTo(30 * POINT_MM, within(1e-6));
    }

    @Test
    void otherLettersAreSetInAPlainFontAndThatIsSaid() {
        DrawingRead.Taken read =
                (DrawingRead.Taken) read("/Helvetica findfont 40 scalefont setfont 10 10 moveto (Otter) show");
        assertThat(read.notes()).contains(DrawingRead.Note.TEXT_IN_ANOTHER_FONT);
        assertThat(read.drawing().shapes().size()).isGreaterThanOrEqualTo(5);
        assertThat(points2("/Times-Roman findfont 40 scalefont setfont 0 0 moveto (I) true charpath fill"))
                .isGreaterThan(50);
    }

    /** What comes after a picture is painted all the same. */
    @Test
    void picturesAreReadPast() {
        String hex = IntStream.range(0, 16).mapToObj(_ -> "A7").collect(Collectors.joining());
        for (String picture : List.of(
                "/s 4 string def gsave 50 50 scale 4 4 8 [4 0 0 -4 0 4] {currentfile s readhexstring pop} image\n" + hex
                        + "\ngrestore ",
                "gsave /DeviceGray setcolorspace << /ImageType 1 /Width 2 /Height 2 /BitsPerComponent 8 /Decode [0 1] /ImageMatrix [2 0 0 2 0 0] /DataSource currentfile /ASCII85Decode filter >> image\n!!*-'~>\ngrestore ",
                "gsave true 3 << /x 1 >> pop pop pop 2 2 8 [2 0 0 2 0 0] {<000000000000>} false 3 colorimage grestore ")) {
            DrawingRead.Taken read = (DrawingRead.Taken) read(picture + "0 0 30 30 rectfill");
            assertThat(read.notes())
                    .containsAnyOf(DrawingRead.Note.PICTURES_ONLY_PRINTED, DrawingRead.Note.PICTURES_LEFT_OUT);
            assertThat(Region.weld(read.drawing().shapes().stream()
                                            .filter(s -> s.ink().isEmpty())
                                            .map(s -> s.curves().enclosed())
                                            .toList())
                                    .areaMm2()
                            / (POINT_MM * POINT_MM))
                    .isCloseTo(900, within(0.01));
        }
    }

    /** Two by two samples in a square of 50 points: red and green above, blue and white below. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "50 50 scale 2 2 8 [2 0 0 -2 0 2] {<FF000000FF000000FFFFFFFF>} false 3 colorimage",
                "50 50 scale 2 2 8 [2 0 0 2 0 0] {<0000FFFFFFFFFF000000FF00>} false 3 colorimage",
                "50 50 scale 2 2 8 [2 0 0 -2 0 2] {<FF0000FF>} {<00FF00FF>} {<0000FFFF>} true 3 colorimage",
                "50 50 scale 2 2 8 [2 0 0 -2 0 2] {<00FFFF00FF00FF00FFFF000000000000>} false 4 colorimage",
                "50 50 scale /DeviceRGB setcolorspace << /ImageType 1 /Width 2 /Height 2 /BitsPerComponent 8 /Decode [0 1 0 1 0 1] /ImageMatrix [2 0 0 -2 0 2] /DataSource <FF000000FF000000FFFFFFFF> >> image",
                "50 50 scale /DeviceRGB setcolorspace << /ImageType 1 /Width 2 /Height 2 /BitsPerComponent 8 /Decode [1 0 1 0 1 0] /ImageMatrix [2 0 0 -2 0 2] /DataSource <00FFFFFF00FFFFFF00000000> >> image",
                "50 50 scale [/Indexed /DeviceRGB 3 <FF000000FF000000FFFFFFFF>] setcolorspace << /ImageType 1 /Width 2 /Height 2 /BitsPerComponent 2 /Decode [0 3] /ImageMatrix [2 0 0 -2 0 2] /DataSource <10B0> >> image"
            })
    void picturesAreInkWithAPlace(String program) {
        Drawing d = drawing(program);
        DrawnShape picture = d.shapes().getFirst();
        var box = picture.curves().bounds();
        assertThat(box.widthMm()).isCloseTo(50 * POINT_MM, within(1e-6));
        assertThat(box.heightMm()).isCloseTo(50 * POINT_MM, within(1e-6));
        double near = 0.02 * box.widthMm();
        var ink = picture.ink().orElseThrow();
        assertThat(ink.argb(box.minXMm() + near, box.minYMm() + near))
                .as("above, left")
                .isEqualTo(0xFFFF0000);
        assertThat(ink.argb(box.maxXMm() - near, box.minYMm() + near))
                .as("above, right")
                .isEqualTo(0xFF00FF00);
        assertThat(ink.argb(box.minXMm() + near, box.maxYMm() - near))
                .as("below, left")
                .isEqualTo(0xFF0000FF);
        assertThat(ink.argb(box.maxXMm() - near, box.maxYMm() - near))
                .as("below, right")
                .isEqualTo(0xFFFFFFFF);
    }

    /**
     * A compact font of one letter, A, put together by hand: a square of half an em, a tenth off both its edges, 600
     * wide.
     */
    private static byte[] compactFont() {
        byte[] letter = {
            28,
            600 >> 8,
            (byte) (600 & 0xFF),
            28,
            0,
            100,
            28,
            0,
            100,
            21,
            28,
            1,
            (byte) 244,
            28,
            1,
            (byte) 244,
            28,
            -2,
            12,
            6,
            14
        };
        int names = 4;
        int top = names + 5 + 1;
        int strings = top + 5 + 23;
        int charset = strings + 4;
        int letters = charset + 3;
        int hidden = letters + 2 + 1 + 3 + 1 + letter.length;
        ByteBuffer b = ByteBuffer.allocate(hidden + 4);
        b.put(new byte[] {1, 0, 4, 1});
        b.put(new byte[] {0, 1, 1, 1, 2, 'F'});
        b.put(new byte[] {0, 1, 1, 1, 24});
        b.put((byte) 29).putInt(charset).put((byte) 15);
        b.put((byte) 29).putInt(letters).put((byte) 17);
        b.put((byte) 29).putInt(4).put((byte) 29).putInt(hidden).put((byte) 18);
        b.put(new byte[] {0, 0, 0, 0});
        b.put(new byte[] {0, 0, 34});
        b.put(new byte[] {0, 2, 1, 1, 2, (byte) (2 + letter.length), 14}).put(letter);
        b.put(new byte[] {(byte) 139, 20, (byte) 139, 21});
        return b.array();
    }

    @Test
    void compactFontsAreRead() {
        byte[] font = compactFont();
        String program = "/FontSetInit /ProcSet findresource begin\n/F " + font.length + " StartData "
                + new String(font, StandardCharsets.ISO_8859_1)
                + "\n/F findfont 100 scalefont setfont 10 10 moveto (AA) show";
        DrawingRead.Taken read = (DrawingRead.Taken) read(program);
        assertThat(read.notes()).isEmpty();
        assertThat(points2(read.drawing())).as("two squares of 50 points").isCloseTo(2 * 2500, within(0.01));
        var box = Region.weld(read.drawing().shapes().stream()
                        .map(s -> s.curves().enclosed())
                        .toList())
                .bounds();
        assertThat(box.widthMm() / POINT_MM).as("60 from one to the next").isCloseTo(110, within(0.001));
        assertThat(points2("/FontSetInit /ProcSet findresource begin\n/F " + font.length + " StartData "
                        + new String(font, StandardCharsets.ISO_8859_1)
                        + "\n/F findfont /CharStrings get /A known { 0 0 10 10 rectfill } if"))
                .isCloseTo(100, within(0.01));
        byte[] broken = font.clone();
        broken[15] = 99;
        assertThat(read("/FontSetInit /ProcSet findresource begin\n/F " + font.length + " StartData "
                        + new String(broken, StandardCharsets.ISO_8859_1) + "\n0 0 9 9 rectfill"))
                .as("a broken font is no letters made up")
                .isInstanceOf(DrawingRead.Refused.class);
    }

    /** From red to blue along 100 points, told as one function, as three, and as two stitched at the middle. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/Function << /FunctionType 2 /Domain [0 1] /C0 [1 0 0] /C1 [0 0 1] /N 1 >>",
                "/Function [<< /FunctionType 2 /Domain [0 1] /C0 [1] /C1 [0] /N 1 >> << /FunctionType 2 /Domain [0 1] /C0 [0] /C1 [0] /N 1 >> << /FunctionType 2 /Domain [0 1] /C0 [0] /C1 [1] /N 1 >>]",
                "/Function << /FunctionType 3 /Domain [0 1] /Bounds [0.5] /Encode [0 1 0 1] /Functions [<< /FunctionType 2 /Domain [0 1] /C0 [1 0 0] /C1 [.5 0 .5] /N 1 >>"
                        + " << /FunctionType 2 /Domain [0 1] /C0 [.5 0 .5] /C1 [0 0 1] /N 1 >>] >>"
            })
    void shadingsAreInk(String function) {
        DrawingRead.Taken read = (DrawingRead.Taken)
                read("gsave 0 0 100 40 rectclip << /ShadingType 2 /ColorSpace /DeviceRGB /Coords [0 0 100 0] "
                        + function + " >> shfill grestore");
        assertThat(read.notes()).isEmpty();
        DrawnShape shade = read.drawing().shapes().getFirst();
        var box = shade.curves().bounds();
        var ink = shade.ink().orElseThrow();
        assertThat(ink.argb(box.minXMm(), box.centre().yMm())).isEqualTo(0xFFFF0000);
        assertThat(ink.argb(box.maxXMm(), box.centre().yMm())).isEqualTo(0xFF0000FF);
        assertThat(ink.argb(box.centre().xMm(), box.centre().yMm()) & 0xFF).isBetween(0x7E, 0x81);
        DrawingRead.Taken round = (DrawingRead.Taken)
                read("gsave 0 0 100 100 rectclip << /ShadingType 3 /ColorSpace /DeviceRGB /Coords [50 50 0 50 50 50] "
                        + function + " >> shfill grestore");
        var middle = round.drawing().shapes().getFirst().curves().bounds().centre();
        assertThat(round.drawing().shapes().getFirst().ink().orElseThrow().argb(middle.xMm(), middle.yMm()))
                .isEqualTo(0xFFFF0000);
    }

    /** Eight samples in a row, of one bit: painted where they are 1, or where they are 0. */
    @Test
    void masksPaintWithTheColourInUse() {
        for (boolean ones : new boolean[] {true, false}) {
            DrawnShape mask = drawing("1 0 0 setrgbcolor 80 10 scale 8 1 " + ones + " [8 0 0 1 0 0] {<F0>} imagemask")
                    .shapes()
                    .getFirst();
            var box = mask.curves().bounds();
            var ink = mask.ink().orElseThrow();
            int left = ink.argb(box.minXMm() + 0.1, box.centre().yMm());
            int right = ink.argb(box.maxXMm() - 0.1, box.centre().yMm());
            assertThat(ones ? left : right).isEqualTo(0xFFFF0000);
            assertThat((ones ? right : left) >>> 24).isZero();
        }
    }

    @Test
    void packedProgramsAreRun() {
        assertThat(points2("currentfile /ASCIIHexDecode filter cvx exec 302030203330203330207265637466696C6C>\n"))
                .isCloseTo(900, within(0.01));
        assertThat(points2("(0 0 30 30 rectfill) cvx exec")).isCloseTo(900, within(0.01));
        assertThat(points2("currentfile 19 () /SubFileDecode filter cvx exec 0 0 30 30 rectfill "))
                .isCloseTo(900, within(0.01));
    }

    @Test
    void aProgramCannotReachOut() {
        for (String way : List.of(
                "(/etc/passwd) (r) file", "(x) deletefile", "(x) (y) renamefile", "(*) {} 100 string filenameforall")) {
            assertThat(read(way))
                    .as(way)
                    .isInstanceOfSatisfying(
                            DrawingRead.Refused.class,
                            r -> assertThat(r.refusal().detail()).contains("files"));
        }
    }

    /** No program runs on, piles up or calls itself without end. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "{} loop",
                "/f {f} def f",
                "{1} loop",
                "0 1 1e9 {10000 string} for",
                "/a 10 array def a 0 a put {a bind pop} loop",
                "{ {loop} stopped } loop",
                "0 0 moveto {1 0 rlineto} loop",
                "{gsave} loop",
                "{5 dict begin} loop",
                "/s (x) def {/s s length 2 mul string def} loop",
                "{{{{ exec} stopped} loop} stopped} loop"
            })
    void whatRunsOnIsStopped(String program) {
        assertThat(read(program)).isInstanceOf(DrawingRead.Refused.class);
    }
}
