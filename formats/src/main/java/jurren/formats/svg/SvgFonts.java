package jurren.formats.svg;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.TextAttribute;
import java.awt.geom.AffineTransform;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.text.AttributedCharacterIterator;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.formats.drawing.NearFonts;
import org.apache.batik.bridge.FontFace;
import org.apache.batik.bridge.FontFamilyResolver;
import org.apache.batik.gvt.font.AWTFontFamily;
import org.apache.batik.gvt.font.GVTFont;
import org.apache.batik.gvt.font.GVTFontFace;
import org.apache.batik.gvt.font.GVTFontFamily;

/**
 * The fonts that a drawing's text can be set in: the shipped ones and the machine's. Whatever else it asks for is set
 * in a plain one.
 */
final class SvgFonts implements FontFamilyResolver {
    private static final ShippedTypeface PLAIN = ShippedTypeface.RUBIK;
    /** What comes near a kind of typeface that is asked for by its kind, as the last of several names. */
    private static final Map<String, ShippedTypeface> KINDS = Map.of(
            "serif",
            ShippedTypeface.PLAYFAIR_DISPLAY,
            "cursive",
            ShippedTypeface.CAVEAT_BRUSH,
            "fantasy",
            ShippedTypeface.ABRIL_FATFACE);
    /** From here on a weight is a bold one's: what the library makes of 600. */
    private static final float HEAVIER = TextAttribute.WEIGHT_MEDIUM;

    /** The name of a table, {@code OS/2}. */
    private static final int OS_2 = 0x4F532F32;

    private final Map<String, GVTFontFamily> known = new HashMap<>();
    private boolean replaced;

    /** True when a font that the drawing asked for is not here. */
    boolean hasReplaced() {
        return replaced;
    }

    /** A bold that is made by widening: the font has none of its own. */
    static final class Widened extends KernedFont {
        private static final double EM = 0.04;

        private final float size;

        private Widened(Font font, float size) {
            super(font, size);
            this.size = size;
        }

        /** By how much its letters are wider, both edges together. */
        float byMuch() {
            return (float) (size * EM);
        }
    }

    /** A family whose bold and italic are taken where a drawing asks for them, and made where it has none. */
    private static final class Family extends AWTFontFamily {
        private static final double LEAN = -0.2;

        private final boolean alone;
        private final boolean boldAlready;

        private Family(String name, Font font, boolean alone, boolean boldAlready) {
            super(new GVTFontFace(name), font);
            this.alone = alone;
            this.boldAlready = boldAlready;
        }

        /** One file, which has no bold and no italic beside it. */
        static Family alone(String name, Font font, boolean isBold) {
            return new Family(name, font, true, isBold);
        }

        static Family ofMachine(String name, String family) {
            return new Family(name, new Font(family, Font.PLAIN, 1), false, false);
        }

        @Override
        public GVTFont deriveFont(float size, AttributedCharacterIterator signs) {
            return deriveFont(size, signs.getAttributes());
        }

        @Override
        @SuppressWarnings("rawtypes")
        public GVTFont deriveFont(float size, Map attributes) {
            boolean bold = attributes.get(TextAttribute.WEIGHT) instanceof Number w && w.floatValue() >= HEAVIER;
            boolean italic = attributes.get(TextAttribute.POSTURE) instanceof Number p && p.floatValue() > 0;
            if (alone) {
                Font leaning = italic ? font.deriveFont(AffineTransform.getShearInstance(LEAN, 0)) : font;
                return bold && !boldAlready ? new Widened(leaning, size) : new KernedFont(leaning, size);
            }
            return new KernedFont(
                    bold || italic ? NearFonts.styled(font.getFamily(Locale.ROOT), bold, italic) : font, size);
        }
    }

    @Override
    public GVTFontFamily resolve(String name) {
        GVTFontFamily here = known.computeIfAbsent(name, n -> find(n).orElse(null));
        if (here == null) {
            Optional<String> asWide = NearFonts.family(name);
            if (asWide.isPresent()) {
                replaced |= !NearFonts.isOf(asWide.get(), name);
                return known.computeIfAbsent(name, n -> Family.ofMachine(n, asWide.get()));
            }
        }
        ShippedTypeface near = KINDS.get(name.toLowerCase(Locale.ROOT));
        if (here != null || near == null) {
            return here;
        }
        replaced = true;
        return known.computeIfAbsent(near.title(), n -> shipped(near, n));
    }

    @Override
    public GVTFontFamily resolve(String name, FontFace face) {
        return resolve(name);
    }

    private static Optional<GVTFontFamily> find(String name) {
        Optional<ShippedTypeface> shipped = Arrays.stream(ShippedTypeface.values())
                .filter(t -> t.title().equalsIgnoreCase(name))
                .findFirst();
        if (shipped.isPresent()) {
            return Optional.of(shipped(shipped.get(), name));
        }
        return Typefaces.ofMachine().stream()
                .filter(t -> t.equalsIgnoreCase(name))
                .findFirst()
                .map(t -> Family.ofMachine(name, t));
    }

    private static GVTFontFamily shipped(ShippedTypeface typeface, String name) {
        try (InputStream in = Typefaces.file(typeface)) {
            byte[] file = in.readAllBytes();
            return Family.alone(
                    name, Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(file)), isBold(file));
        } catch (FontFormatException | IOException e) {
            throw new IllegalStateException("the font file of " + typeface.title() + " is damaged", e);
        }
    }

    /** The weight class in the table OS/2 of OpenType; 600 is the first of a bold. */
    private static boolean isBold(byte[] file) {
        ByteBuffer font = ByteBuffer.wrap(file);
        int tables = font.getShort(4);
        for (int i = 0; i < tables; i++) {
            if (font.getInt(12 + 16 * i) == OS_2) {
                return font.getShort(font.getInt(12 + 16 * i + 8) + 4) >= 600;
            }
        }
        return false;
    }

    @Override
    public GVTFontFamily getDefault() {
        replaced = true;
        return known.computeIfAbsent(PLAIN.title(), n -> shipped(PLAIN, n));
    }

    @Override
    public GVTFontFamily getFamilyThatCanDisplay(char c) {
        return getDefault();
    }

    /** Fonts inside a drawing are not taken: a font file can do more harm than a drawing. */
    @Override
    public GVTFontFamily loadFont(InputStream in, FontFace face) {
        return getDefault();
    }
}
