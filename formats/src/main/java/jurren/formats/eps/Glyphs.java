package jurren.formats.eps;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.formats.drawing.NearFonts;
import org.apache.fontbox.cff.CFFParser;
import org.apache.fontbox.cff.CFFType1Font;
import org.apache.fontbox.cff.Type1CharString;
import org.apache.fontbox.cff.Type1CharStringParser;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.fontbox.type1.Type1CharStringReader;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.font.encoding.GlyphList;

/** The outlines of a font by the names of its glyphs, in the font's own units. */
interface Glyphs {
    /** @param width how far it goes on, in the font's own units */
    record Glyph(Shape outline, double width) {
        static final Glyph NONE = new Glyph(new Path2D.Double(), 0);
    }

    Glyph glyph(String name);

    /** Of a font that the drawing brings along; empty where it is of a kind that is not read. */
    static Optional<Glyphs> of(PsDict font) {
        try {
            return switch ((int) font.number("FontType", 1)) {
                case 1 -> type1(font);
                case 2 -> compact(font);
                case 42 -> trueType(font);
                default -> Optional.empty();
            };
        } catch (IOException | RuntimeException _) {
            return Optional.empty();
        }
    }

    private static Optional<Glyphs> type1(PsDict font) {
        if (!(font.get("CharStrings") instanceof PsDict strings)) {
            return Optional.empty();
        }
        PsDict hidden = font.get("Private") instanceof PsDict p ? p : new PsDict();
        int chance = (int) hidden.number("lenIV", 4);
        List<byte[]> subrs = new ArrayList<>();
        if (hidden.get("Subrs") instanceof PsArray all) {
            all.list().forEach(s -> subrs.add(s instanceof PsString x ? decrypted(x, chance) : new byte[0]));
        }
        Map<String, Type1CharString> known = new HashMap<>();
        Type1CharStringParser parser = new Type1CharStringParser("drawing");
        Type1CharStringReader reader = new Type1CharStringReader() {
            @Override
            public Type1CharString getType1CharString(String name) throws IOException {
                Type1CharString before = known.get(name);
                if (before != null) {
                    return before;
                }
                byte[] code =
                        strings.get(PsName.literal(name)) instanceof PsString s ? decrypted(s, chance) : new byte[0];
                Type1CharString made = new Type1CharString(this, "drawing", name, parser.parse(code, subrs, name));
                known.put(name, made);
                return made;
            }
        };
        return Optional.of(name -> {
            try {
                Type1CharString g = reader.getType1CharString(strings.has(PsName.literal(name)) ? name : ".notdef");
                return new Glyph(g.getPath(), g.getWidth());
            } catch (IOException | RuntimeException _) {
                return Glyph.NONE;
            }
        });
    }

    private static byte[] decrypted(PsString s, int chance) {
        byte[] in = s.copy();
        if (chance < 0) {
            return in;
        }
        int key = 4330;
        byte[] out = new byte[Math.max(0, in.length - chance)];
        for (int i = 0; i < in.length; i++) {
            int c = in[i] & 0xFF;
            int p = c ^ key >> 8;
            key = (c + key) * 52_845 + 22_719 & 0xFFFF;
            if (i >= chance) {
                out[i - chance] = (byte) p;
            }
        }
        return out;
    }

    /** What is kept of a compact font beside what programs may ask of it. */
    String COMPACT = "CFF";

    /** The first font of a compact set; empty where it has no names for its letters. */
    static Optional<CFFType1Font> compact(byte[] set) throws IOException {
        return new CFFParser()
                .parse(new RandomAccessReadBuffer(set)).stream()
                        .findFirst()
                        .filter(CFFType1Font.class::isInstance)
                        .map(CFFType1Font.class::cast);
    }

    private static Optional<Glyphs> compact(PsDict font) throws IOException {
        Optional<CFFType1Font> found = font.get(COMPACT) instanceof PsString s ? compact(s.copy()) : Optional.empty();
        return found.map(cff -> name -> {
            try {
                return new Glyph(cff.getPath(name), cff.getWidth(name));
            } catch (IOException | RuntimeException _) {
                return Glyph.NONE;
            }
        });
    }

    private static Optional<Glyphs> trueType(PsDict font) throws IOException {
        if (!(font.get("sfnts") instanceof PsArray parts) || !(font.get("CharStrings") instanceof PsDict indices)) {
            return Optional.empty();
        }
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (Object o : parts.list()) {
            if (o instanceof PsString s) {
                // a string of odd length has one byte that only fills it up
                all.write(s.bytes, s.from, s.length % 2 == 0 ? s.length : s.length - 1);
            }
        }
        TrueTypeFont ttf = new TTFParser(true).parse(new RandomAccessReadBuffer(all.toByteArray()));
        double unit = 1.0 / ttf.getUnitsPerEm();
        return Optional.of(name -> {
            try {
                int gid = (int) indices.number(name, 0);
                var data = ttf.getGlyph().getGlyph(gid);
                Shape outline = data == null
                        ? new Path2D.Double()
                        : AffineTransform.getScaleInstance(unit, unit).createTransformedShape(data.getPath());
                return new Glyph(outline, ttf.getAdvanceWidth(gid) * unit);
            } catch (IOException | RuntimeException _) {
                return Glyph.NONE;
            }
        });
    }

    /** The machine's of that name or one as wide; else a shipped one. A thousand units high. */
    static Glyphs near(String asked) {
        Font font = NearFonts.ofPostScript(asked).orElseGet(Glyphs::plain).deriveFont(1000f);
        FontRenderContext exact = new FontRenderContext(null, true, true);
        return name -> {
            String letters = GlyphList.getAdobeGlyphList().toUnicode(name);
            if (letters == null) {
                return Glyph.NONE;
            }
            GlyphVector v = font.createGlyphVector(exact, letters);
            return new Glyph(
                    AffineTransform.getScaleInstance(1, -1).createTransformedShape(v.getOutline()),
                    v.getLogicalBounds().getWidth());
        };
    }

    private static Font plain() {
        try (InputStream in = Typefaces.file(ShippedTypeface.RUBIK)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (FontFormatException | IOException e) {
            throw new IllegalStateException("a shipped font is damaged", e);
        }
    }
}
