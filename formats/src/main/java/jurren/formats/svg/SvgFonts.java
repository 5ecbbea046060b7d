package jurren.formats.svg;

import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.apache.batik.bridge.FontFace;
import org.apache.batik.bridge.FontFamilyResolver;
import org.apache.batik.gvt.font.AWTFontFamily;
import org.apache.batik.gvt.font.GVTFontFace;
import org.apache.batik.gvt.font.GVTFontFamily;

/** The fonts that a drawing's text can be set in: the shipped ones and the machine's. Whatever else it asks for is set in a plain one. */
final class SvgFonts implements FontFamilyResolver {
    private static final ShippedTypeface PLAIN = ShippedTypeface.RUBIK;

    private final Map<String, GVTFontFamily> known = new HashMap<>();
    private boolean replaced;

    /** True when a font that the drawing asked for is not here. */
    boolean hasReplaced() {
        return replaced;
    }

    @Override
    public GVTFontFamily resolve(String name) {
        return known.computeIfAbsent(name, n -> find(n).orElse(null));
    }

    @Override
    public GVTFontFamily resolve(String name, FontFace face) {
        return resolve(name);
    }

    private static Optional<GVTFontFamily> find(String name) {
        Optional<ShippedTypeface> shipped = Arrays.stream(ShippedTypeface.values()).filter(t -> t.title().equalsIgnoreCase(name)).findFirst();
        if (shipped.isPresent()) {
            return Optional.of(shipped(shipped.get(), name));
        }
        return Typefaces.ofMachine().stream().filter(t -> t.equalsIgnoreCase(name)).findFirst()
                .map(t -> new AWTFontFamily(new GVTFontFace(name), new Font(t, Font.PLAIN, 1)));
    }

    private static GVTFontFamily shipped(ShippedTypeface typeface, String name) {
        try (InputStream in = Typefaces.file(typeface)) {
            return new AWTFontFamily(new GVTFontFace(name), Font.createFont(Font.TRUETYPE_FONT, in));
        } catch (FontFormatException | IOException e) {
            throw new IllegalStateException("the font file of " + typeface.title() + " is damaged", e);
        }
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
