package jurren.core.lettering;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Track;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

class TypesettingTest {
    private static final double CAPITAL = 20;

    private static List<LetteringLayout.Letter> laid(String text, Typesetting setting) {
        return LetteringLayout.of(text, ShippedTypeface.ANTON, CAPITAL, setting, Optional.empty())
                .glyphs();
    }

    private static Box box(List<LetteringLayout.Letter> letters, Predicate<LetteringLayout.Letter> which) {
        return letters.stream()
                .filter(which)
                .map(l -> l.outline().bounds())
                .reduce(Box::joined)
                .orElseThrow();
    }

    private static Box line(List<LetteringLayout.Letter> letters, int line) {
        return box(letters, l -> l.line() == line);
    }

    @Test
    void linesStandUnderEachOtherWithTheGapBetween() {
        List<LetteringLayout.Letter> letters = laid("HI\nHE\n\nH", Typesetting.USUAL.withLineGap(0.5));
        assertThat(line(letters, 0).maxYMm()).isCloseTo(0, within(0.01));
        assertThat(line(letters, 1).minYMm()).as("half a capital below").isCloseTo(10, within(0.02));
        assertThat(line(letters, 3).maxYMm()).as("an empty line takes its room").isCloseTo(90, within(0.02));
        assertThat(letters).extracting(LetteringLayout.Letter::word).containsExactly(0, 0, 1, 1, 2);
        assertThat(letters).extracting(LetteringLayout.Letter::at).containsExactly(0, 1, 3, 4, 7);
    }

    @Test
    void alignmentsPutLinesWhereTheySay() {
        String text = "HHHHHH\nHIH";
        Box left = line(laid(text, Typesetting.USUAL.withAlign(Typesetting.Align.LEFT)), 1);
        Box right = line(laid(text, Typesetting.USUAL.withAlign(Typesetting.Align.RIGHT)), 1);
        Box middle = line(laid(text, Typesetting.USUAL), 1);
        List<LetteringLayout.Letter> fill = laid(text, Typesetting.USUAL.withAlign(Typesetting.Align.FILL));
        List<LetteringLayout.Letter> spread = laid(text, Typesetting.USUAL.withAlign(Typesetting.Align.SPREAD));
        Box widest = line(fill, 0);

        assertThat(left.minXMm()).isCloseTo(widest.minXMm(), within(0.3));
        assertThat(right.maxXMm()).isCloseTo(widest.maxXMm(), within(0.3));
        assertThat(middle.centre().xMm()).isCloseTo(0, within(0.3));
        assertThat(line(fill, 1).widthMm()).as("enlarged to the width").isCloseTo(widest.widthMm(), within(0.01));
        assertThat(line(fill, 1).heightMm()).isGreaterThan(widest.heightMm() * 1.5);
        assertThat(line(spread, 1).widthMm()).as("letters drawn apart").isCloseTo(widest.widthMm(), within(0.01));
        assertThat(line(spread, 1).heightMm()).isCloseTo(CAPITAL, within(0.01));
    }

    @Test
    void spacesBetweenWordsGrowOnTheirOwn() {
        double plain = box(laid("HA HA", Typesetting.USUAL), _ -> true).widthMm();
        double apart = box(laid("HA HA", Typesetting.USUAL.withWordSpacing(0.5)), _ -> true)
                .widthMm();
        assertThat(apart - plain).isCloseTo(0.5 * CAPITAL, within(0.01));
        assertThat(box(laid("HA HA", Typesetting.USUAL.withWordSpacing(0.5)), l -> l.word() == 0)
                        .widthMm())
                .isCloseTo(
                        box(laid("HA HA", Typesetting.USUAL), l -> l.word() == 0)
                                .widthMm(),
                        within(1e-9));
    }

    /** The middle of a letter's foot stays on the arc; it stands upright there. */
    @Test
    void arcsBendTheLineAndNotTheLetters() {
        Typesetting arc = Typesetting.USUAL.withBaseline(new Baseline.Arc(60));
        List<LetteringLayout.Letter> letters = laid("HHHHHHH", arc);
        double height = Math.hypot(CAPITAL, 0);
        for (LetteringLayout.Letter l : letters) {
            Point centre = l.outline().bounds().centre();
            assertThat(centre.distanceMm(new Point(0, 60))).isCloseTo(60 + height / 2, within(0.4));
        }
        assertThat(box(letters, _ -> true).maxYMm()).as("the ends hang down").isGreaterThan(5);
        assertThat(box(laid("HHHHHHH", Typesetting.USUAL.withBaseline(new Baseline.Arc(-60))), _ -> true)
                        .minYMm())
                .isLessThan(-CAPITAL - 5);
    }

    @Test
    void circlesTakeWordsOverTheTopAndAtTheFootWithinTheirRing() {
        for (boolean foot : new boolean[] {false, true}) {
            List<LetteringLayout.Letter> letters =
                    laid("HEHEH", Typesetting.USUAL.withBaseline(new Baseline.Circle(50, 0, 120, foot)));
            Box all = box(letters, _ -> true);
            assertThat(all.centre().xMm()).isCloseTo(0, within(0.5));
            assertThat(foot ? all.maxYMm() : -all.minYMm())
                    .as("capitals between the radius and one capital more")
                    .isCloseTo(70, within(0.7));
            double first = letters.getFirst().outline().bounds().centre().xMm();
            assertThat(first).as("read from left to right").isNegative();
        }
        List<LetteringLayout.Letter> tooLong = laid(
                "HEHEHEHEHEHEHEHEHEHEHEHEHEHE", Typesetting.USUAL.withBaseline(new Baseline.Circle(50, 0, 180, false)));
        assertThat(box(tooLong, _ -> true).maxYMm())
                .as("made smaller to fit half the circle")
                .isLessThan(1.5);
    }

    @Test
    void anEdgeIsFollowedClockwiseFromItsTop() {
        Track square = Track.round(
                Outline.of(List.of(new Point(-50, -50), new Point(50, -50), new Point(50, 50), new Point(-50, 50))));
        Typesetting right = Typesetting.USUAL.withBaseline(new Baseline.Edge("m2", 0.375, 2));
        List<LetteringLayout.Letter> letters = LetteringLayout.of(
                        "HI", ShippedTypeface.ANTON, CAPITAL, right, Optional.of(square))
                .glyphs();
        Box all = box(letters, _ -> true);
        assertThat(all.minXMm()).as("outside the right edge, 2 mm off it").isCloseTo(52, within(0.02));
        assertThat(all.centre().yMm()).isCloseTo(0, within(0.3));
        assertThat(letters.getFirst().outline().bounds().centre().yMm())
                .as("running down")
                .isNegative();
    }

    @Test
    void lettersAreShiftedTurnedAndGivenOtherForms() {
        Typesetting plain = Typesetting.USUAL;
        Box second = box(laid("HIH", plain), l -> l.at() == 1);
        Typesetting moved = plain.withShift(1, s -> new Typesetting.Shift(0.1, -0.5, 0));
        Box after = box(laid("HIH", moved), l -> l.at() == 1);
        assertThat(after.minXMm() - second.minXMm()).isCloseTo(2, within(1e-6));
        assertThat(after.minYMm() - second.minYMm()).isCloseTo(-10, within(1e-6));
        assertThat(box(laid("HIH", moved), l -> l.at() == 0)).isEqualTo(box(laid("HIH", plain), l -> l.at() == 0));
        assertThat(moved.withShift(1, _ -> Typesetting.Shift.NONE)).isEqualTo(plain);

        assertThat(Typefaces.otherForms(ShippedTypeface.GREAT_VIBES, 'A')
                        + Typefaces.otherForms(ShippedTypeface.PACIFICO, 'k')
                        + Typefaces.otherForms(ShippedTypeface.COMFORTAA, 'a'))
                .as("fonts that offer other forms")
                .isPositive();
        String word = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ";
        int at = (int) word.chars()
                .takeWhile(c -> Typefaces.otherForms(ShippedTypeface.GREAT_VIBES, c) == 0)
                .count();
        String letter = word.substring(at, at + 1);
        var own = LetteringLayout.of(letter, ShippedTypeface.GREAT_VIBES, CAPITAL, plain, Optional.empty())
                .glyphs();
        var other = LetteringLayout.of(
                        letter, ShippedTypeface.GREAT_VIBES, CAPITAL, plain.withForm(0, 1), Optional.empty())
                .glyphs();
        assertThat(other).hasSize(1).isNotEqualTo(own);
        assertThat(LetteringLayout.of(
                                letter, ShippedTypeface.GREAT_VIBES, CAPITAL, plain.withForm(0, 99), Optional.empty())
                        .glyphs())
                .as("a form it does not have is its own")
                .isEqualTo(own);
        assertThat(Typefaces.otherForms(ShippedTypeface.RYE, 'A')).isZero();
    }

    @Test
    void rightToLeftWordsReadFromTheRightAndArabicJoins() {
        List<LetteringLayout.Letter> hebrew = LetteringLayout.of(
                        "שלום", ShippedTypeface.RUBIK, CAPITAL, Typesetting.USUAL, Optional.empty())
                .glyphs();
        assertThat(hebrew.stream()
                        .max((a, b) -> Double.compare(x(a), x(b)))
                        .orElseThrow()
                        .at())
                .as("its first letter stands rightmost")
                .isZero();
        List<LetteringLayout.Letter> mixed = LetteringLayout.of(
                        "AB שלום", ShippedTypeface.RUBIK, CAPITAL, Typesetting.USUAL, Optional.empty())
                .glyphs();
        assertThat(x(mixed.stream().filter(l -> l.at() == 0).findFirst().orElseThrow()))
                .isLessThan(
                        x(mixed.stream().filter(l -> l.at() == 6).findFirst().orElseThrow()));
        assertThat(Typefaces.firstMissing("שלום سلام", ShippedTypeface.RUBIK)).isEmpty();
        double joined = LetteringLayout.straightWidthMm("سسس", ShippedTypeface.RUBIK, CAPITAL, Typesetting.USUAL);
        double apart = 3 * LetteringLayout.straightWidthMm("س", ShippedTypeface.RUBIK, CAPITAL, Typesetting.USUAL);
        assertThat(joined).as("joined forms are narrower than three alone").isLessThan(apart * 0.98);
    }

    private static double x(LetteringLayout.Letter l) {
        return l.outline().bounds().centre().xMm();
    }

    @Test
    void aFontThatIsNotHereIsStoodInForByWhatTheJobCarries() throws FontRefused {
        NamedTypeface opened = Typefaces.open(fontFile(ShippedTypeface.ANTON));
        assertThat(opened.title()).isEqualTo("Anton Regular");
        assertThat(Typefaces.opened()).contains("Anton Regular");
        NamedTypeface carrying = (NamedTypeface) Typefaces.carrying(opened, "HI\nHO");
        NamedTypeface elsewhere = new NamedTypeface("Nowhere Sans", carrying.carried());

        assertThat(Typefaces.isHere(opened)).isTrue();
        assertThat(Typefaces.isHere(elsewhere)).isFalse();
        assertThat(LetteringLayout.of("HI", elsewhere, CAPITAL, 0).bounds())
                .isEqualTo(LetteringLayout.of("HI", opened, CAPITAL, 0).bounds());
        assertThat(LetteringLayout.of("OH", elsewhere, CAPITAL, 0).glyphs())
                .as("new words from the letters there are")
                .hasSize(2);
        assertThat(Typefaces.firstMissing("HIX", elsewhere)).hasValue('X');
        assertThat(Typefaces.firstMissing("OH I", elsewhere)).isEmpty();
        assertThat(Typefaces.carrying(elsewhere, "HI"))
                .as("saved again elsewhere, nothing is lost")
                .satisfies(
                        t -> assertThat(((NamedTypeface) t).carried().lines()).containsKey("HI"));
        assertThat(Typefaces.isHere(NamedTypeface.of("Nowhere Sans"))).isFalse();
    }

    private static byte[] fontFile(ShippedTypeface t) {
        try (var in = Typefaces.file(t)) {
            return in.readAllBytes();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static FontRefused.Why whyNot(byte[] file) {
        try {
            Typefaces.open(file);
            return null;
        } catch (FontRefused e) {
            return e.why();
        }
    }

    @Test
    void filesThatAreNoFontsAreRefusedWithAReason() {
        byte[] font = fontFile(ShippedTypeface.RYE);
        byte[] packed = font.clone();
        System.arraycopy("wOF2".getBytes(java.nio.charset.StandardCharsets.US_ASCII), 0, packed, 0, 4);
        byte[] countless = font.clone();
        countless[4] = (byte) 0x7F;
        assertThat(whyNot(new byte[0])).isEqualTo(FontRefused.Why.CUT_SHORT);
        assertThat(whyNot("not a font at all, only words".getBytes(java.nio.charset.StandardCharsets.UTF_8)))
                .isEqualTo(FontRefused.Why.NO_FONT);
        assertThat(whyNot(packed)).isEqualTo(FontRefused.Why.PACKED);
        assertThat(whyNot(countless)).isEqualTo(FontRefused.Why.DAMAGED);
        assertThat(whyNot(Arrays.copyOf(font, font.length / 2))).isEqualTo(FontRefused.Why.CUT_SHORT);
        assertThat(whyNot(new byte[(32 << 20) + 1])).isEqualTo(FontRefused.Why.TOO_LARGE);
    }

    /** Bits turned anywhere: taken or refused, never anything else. */
    @Test
    void damagedFontsDoNoHarm() {
        Random random = new Random(20261125);
        for (ShippedTypeface t : List.of(ShippedTypeface.GREAT_VIBES, ShippedTypeface.RUBIK)) {
            byte[] font = fontFile(t);
            for (int i = 0; i < 25; i++) {
                byte[] damaged = font.clone();
                for (int k = 0; k < 40; k++) {
                    damaged[random.nextInt(i % 2 == 0 ? 400 : damaged.length)] ^= (byte) (1 << random.nextInt(8));
                }
                FontRefused.Why why = whyNot(damaged);
                assertThat(why)
                        .isIn(
                                null,
                                FontRefused.Why.DAMAGED,
                                FontRefused.Why.CUT_SHORT,
                                FontRefused.Why.NO_FONT,
                                FontRefused.Why.PACKED);
            }
        }
    }

    @Test
    void settingsThatCannotBeAreRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> Typesetting.USUAL.withLetterSpacing(-3));
        assertThatIllegalArgumentException().isThrownBy(() -> new Baseline.Arc(0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Baseline.Circle(-1, 0, 180, false));
        assertThatIllegalArgumentException().isThrownBy(() -> new Baseline.Circle(10, 0, 400, false));
        assertThatIllegalArgumentException().isThrownBy(() -> new Typesetting.Shift(0, Double.NaN, 0));
        assertThat(new Typesetting(0, 0, 0, Typesetting.Align.LEFT, new Baseline.Straight(), Map.of(), Map.of())
                        .form(3))
                .isZero();
    }
}
