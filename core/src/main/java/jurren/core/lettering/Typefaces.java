package jurren.core.lettering;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.GraphicsEnvironment;
import java.awt.font.TextAttribute;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import jurren.core.memo.Memo;

/**
 * Letters with a typeface: the shipped ones, fonts of this machine, and font files that were opened,
 * each loaded once a process.
 */
public final class Typefaces {
    /** Glyph outlines are taken this large, so that hinting and rounding are far below a micrometre. */
    static final float EM = 1000;

    private static final int MOST_BYTES = 32 << 20;
    private static final long RUN_BYTES = 200;
    private static final long GLYPH_BYTES = 900;

    /** A font that was opened anew is another font. */
    private record Wanted(LoadedFont font, String line, Map<Integer, Integer> forms) {}

    private static final Map<ShippedTypeface, LoadedFont> SHIPPED = new EnumMap<>(ShippedTypeface.class);
    private static final Map<String, LoadedFont> OPENED = new HashMap<>();
    private static final Map<String, Optional<LoadedFont>> OF_MACHINE = new HashMap<>();
    private static Map<String, Font> machine;
    private static final Memo<Wanted, GlyphRun> RUNS = new Memo<>(
            w -> w.font.run(w.line, w.forms),
            (wanted, run, scale) ->
                    scale.add(RUN_BYTES + GLYPH_BYTES * run.glyphs().size()));

    private Typefaces() {}

    /** One line in a typeface. */
    static GlyphRun run(Typeface typeface, String line, Map<Integer, Integer> forms) {
        Optional<LoadedFont> font = font(typeface);
        if (font.isEmpty()) {
            return typeface instanceof NamedTypeface n ? n.carried().run(line) : GlyphRun.EMPTY;
        }
        return RUNS.get(new Wanted(font.get(), line, forms));
    }

    /** True when the font itself is on this machine. */
    public static boolean isHere(Typeface typeface) {
        return font(typeface).isPresent();
    }

    /** How many other forms a typeface has of a character. */
    public static int otherForms(Typeface typeface, int codePoint) {
        return font(typeface).map(f -> f.forms(codePoint)).orElse(0);
    }

    /** The first character that there is no glyph for. */
    public static OptionalInt firstMissing(String text, Typeface typeface) {
        Optional<LoadedFont> font = font(typeface);
        return text.codePoints()
                .filter(c -> !Character.isWhitespace(c)
                        && !Character.isIdentifierIgnorable(c)
                        && !font.map(f -> f.canDisplay(c))
                                .orElseGet(() -> typeface instanceof NamedTypeface n
                                        && n.carried().has((char) c)))
                .findFirst();
    }

    /** The typeface with the outlines of a text, for machines that do not have the font. */
    public static Typeface carrying(Typeface typeface, String text) {
        if (!(typeface instanceof NamedTypeface named)) {
            return typeface;
        }
        Map<String, GlyphRun> lines = new TreeMap<>();
        text.lines().filter(l -> !l.isBlank()).forEach(l -> lines.put(l, run(typeface, l, Map.of())));
        return new NamedTypeface(named.title(), new CarriedGlyphs(lines));
    }

    /** The names of the fonts that were opened from files. */
    public static synchronized List<String> opened() {
        return OPENED.keySet().stream().sorted().toList();
    }

    /** The names of the fonts of this machine, in order. The first call takes a second: not for the window's thread. */
    public static synchronized List<String> ofMachine() {
        return List.copyOf(machine().keySet());
    }

    private static synchronized Map<String, Font> machine() {
        if (machine == null) {
            machine = new TreeMap<>();
            Arrays.stream(GraphicsEnvironment.getLocalGraphicsEnvironment().getAllFonts())
                    .forEach(f -> machine.putIfAbsent(f.getFontName(Locale.ROOT), f));
        }
        return machine;
    }

    /**
     * Takes a font file into this process.
     *
     * @throws FontRefused when it is none, damaged, or too much to be one
     */
    public static NamedTypeface open(byte[] file) throws FontRefused {
        if (file.length > MOST_BYTES) {
            throw new FontRefused(FontRefused.Why.TOO_LARGE);
        }
        FontTables tables = tables(file);
        LoadedFont font = load(file, tables);
        synchronized (Typefaces.class) {
            OPENED.put(font.name(), font);
        }
        return NamedTypeface.of(font.name());
    }

    private static FontTables tables(byte[] file) throws FontRefused {
        try {
            return FontTables.of(file);
        } catch (FontTables.NotAFont e) {
            throw new FontRefused(e.why());
        }
    }

    /** Sets a word with it, to see whether it can. */
    private static LoadedFont load(byte[] file, FontTables tables) throws FontRefused {
        try {
            LoadedFont font = new LoadedFont(load(new ByteArrayInputStream(file)), Optional.of(tables));
            font.run("Hamburg 27", Map.of());
            return font;
        } catch (FontFormatException | IOException | RuntimeException | StackOverflowError _) {
            throw new FontRefused(FontRefused.Why.DAMAGED);
        }
    }

    /** The file as shipped, for a window or a document that shows the font itself. */
    public static InputStream file(ShippedTypeface typeface) {
        InputStream in = Typefaces.class.getResourceAsStream("fonts/" + typeface.id() + ".ttf");
        if (in == null) {
            throw new IllegalStateException(
                    "the font file of " + typeface.title() + " is missing from the application");
        }
        return in;
    }

    /** Loads the font machinery by laying out one word. */
    public static void warm() {
        run(ShippedTypeface.ANTON, "Warm", Map.of());
    }

    private static synchronized Optional<LoadedFont> font(Typeface typeface) {
        return switch (typeface) {
            case ShippedTypeface s -> Optional.of(SHIPPED.computeIfAbsent(s, Typefaces::shipped));
            case NamedTypeface n when OPENED.containsKey(n.title()) -> Optional.of(OPENED.get(n.title()));
            case NamedTypeface n ->
                OF_MACHINE.computeIfAbsent(
                        n.title(),
                        name -> Optional.ofNullable(machine().get(name))
                                .map(f -> new LoadedFont(ready(f), Optional.empty())));
        };
    }

    private static LoadedFont shipped(ShippedTypeface typeface) {
        try (InputStream in = file(typeface)) {
            byte[] file = in.readAllBytes();
            return new LoadedFont(load(new ByteArrayInputStream(file)), Optional.of(FontTables.of(file)));
        } catch (FontFormatException | FontTables.NotAFont e) {
            throw new IllegalStateException("the font file of " + typeface.title() + " is damaged", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Font load(InputStream in) throws FontFormatException, IOException {
        return ready(Font.createFont(Font.TRUETYPE_FONT, in));
    }

    private static Font ready(Font font) {
        return font.deriveFont(Map.of(
                TextAttribute.SIZE,
                EM,
                TextAttribute.KERNING,
                TextAttribute.KERNING_ON,
                TextAttribute.LIGATURES,
                TextAttribute.LIGATURES_ON));
    }
}
