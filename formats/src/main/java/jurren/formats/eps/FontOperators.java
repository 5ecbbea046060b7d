package jurren.formats.eps;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.WeakHashMap;
import jurren.formats.drawing.DrawingRead.Note;
import org.apache.fontbox.cff.CFFType1Font;
import org.apache.pdfbox.pdmodel.font.encoding.MacExpertEncoding;
import org.apache.pdfbox.pdmodel.font.encoding.MacRomanEncoding;
import org.apache.pdfbox.pdmodel.font.encoding.StandardEncoding;
import org.apache.pdfbox.pdmodel.font.encoding.SymbolEncoding;
import org.apache.pdfbox.pdmodel.font.encoding.WinAnsiEncoding;
import org.apache.pdfbox.pdmodel.font.encoding.ZapfDingbatsEncoding;

/**
 * Text: fonts that the drawing brings along are read, any other is set in the machine's of that name, one as wide, or a
 * plain one.
 */
final class FontOperators {
    private static final double[] THOUSANDTHS = {0.001, 0, 0, 0.001, 0, 0};
    private static final String NOTHING = ".notdef";
    /** How composite fonts choose, by the numbers that the language has for it. */
    private static final int EIGHT_AND_EIGHT = 2;

    private static final int ONE_AND_SEVEN = 4;
    private static final int NINE_AND_SEVEN = 5;
    private static final int SEVEN_BITS = 0x7F;
    private static final int MOST_FONT_BYTES = 16 << 20;

    /** What is done with a glyph in its place. */
    private enum Use {
        PAINT,
        PATH,
        MEASURE
    }

    private final Machine m;
    private final Painting painting;
    private final PsDict fonts = new PsDict();
    private final PsArray standard = encoding(StandardEncoding.INSTANCE.getCodeToNameMap());
    private final Map<PsDict, Glyphs> outlines = new WeakHashMap<>();
    /** Of composite fonts, as large as they are set. */
    private final Map<PsDict, Map<Integer, PsDict>> parts = new WeakHashMap<>();
    /** Of the glyph that is being built. */
    private Point2D width = new Point2D.Double();

    FontOperators(Machine machine, Painting painting) {
        this.m = machine;
        this.painting = painting;
        m.systemDict().put("FontDirectory", fonts);
        m.systemDict().put("GlobalFontDirectory", fonts);
        m.systemDict().put("StandardEncoding", standard);
        m.systemDict().put("ISOLatin1Encoding", encoding(WinAnsiEncoding.INSTANCE.getCodeToNameMap()));
        fonts();
        tables();
        encodings();
        compact();
        showing();
    }

    private static PsArray encoding(Map<Integer, String> names) {
        PsArray a = PsArray.ofLength(256);
        for (int i = 0; i < 256; i++) {
            a.put(i, PsName.literal(names.getOrDefault(i, NOTHING)));
        }
        return a;
    }

    private void fonts() {
        m.add("definefont", () -> {
            PsDict font = m.dict();
            Object key = m.pop();
            font.put("FID", Machine.MARK);
            fonts.put(key, font);
            m.push(font);
        });
        m.add("undefinefont", () -> fonts.remove(m.pop()));
        m.add("findfont", () -> m.push(find(m.pop())));
        m.add("scalefont", () -> {
            double by = m.number();
            m.push(made(m.dict(), AffineTransform.getScaleInstance(by, by)));
        });
        m.add("makefont", () -> {
            AffineTransform by = Painting.transform(m.array());
            m.push(made(m.dict(), by));
        });
        m.add("setfont", () -> painting.now().font = m.pop());
        m.add("selectfont", () -> {
            AffineTransform by = m.peek(0) instanceof PsArray ? Painting.transform(m.array()) : scaled(m.number());
            painting.now().font = made(find(m.pop()), by);
        });
        m.add("currentfont", () -> m.push(painting.now().font));
        m.add("rootfont", () -> m.push(painting.now().font));
        m.add("cachestatus", () -> {
            for (int i = 0; i < 7; i++) {
                m.push(0);
            }
        });
        for (String limit : List.of("setcachelimit", "setcacheparams", "setucacheparams")) {
            m.add(limit, m::pop);
        }
    }

    /** A set of compact fonts, so many bytes of the program itself; its procedures are put away after it. */
    private void compact() {
        m.resources("ProcSet").put("FontSetInit", new PsDict());
        m.add("StartData", () -> {
            int count = m.integer();
            m.pop();
            if (count < 0 || count > MOST_FONT_BYTES) {
                throw new PostScriptException("limitcheck", "a font is too large");
            }
            byte[] set = new byte[count];
            PsFile in = m.currentFile();
            if (in.peek() == ' ' || in.peek() == '\n' || in.peek() == '\r') {
                in.read();
            }
            for (int i = 0; i < count; i++) {
                set[i] = (byte) in.read();
            }
            if (m.current() == m.resources("ProcSet").get("FontSetInit")) {
                m.operator("end").action().run();
            }
            define(set);
        });
    }

    private void define(byte[] set) throws PostScriptException {
        try {
            Optional<CFFType1Font> cff = Glyphs.compact(set);
            if (cff.isEmpty()) {
                painting.found().note(Note.TEXT_LEFT_OUT);
                return;
            }
            PsDict font = new PsDict();
            PsName name = PsName.literal(cff.get().getName());
            PsArray encoding = PsArray.ofLength(256);
            PsDict letters = new PsDict();
            for (int i = 0; i < 256; i++) {
                String letter = cff.get().getEncoding().getName(i);
                encoding.put(i, PsName.literal(letter));
                letters.put(PsName.literal(letter), i);
            }
            font.put("FontName", name);
            font.put("FontType", 2);
            font.put("FontMatrix", PsArray.of(cff.get().getFontMatrix(), false));
            font.put("Encoding", encoding);
            font.put("CharStrings", letters);
            font.put(Glyphs.COMPACT, PsString.of(set));
            fonts.put(name, font);
        } catch (IOException | RuntimeException _) {
            throw new PostScriptException("invalidfont", "a font that it brings along is broken");
        }
    }

    /** By their names, as programs look for them. */
    private void encodings() {
        PsDict all = m.resources("Encoding");
        all.put("StandardEncoding", standard);
        all.put("ISOLatin1Encoding", m.systemDict().get("ISOLatin1Encoding"));
        all.put("WinAnsiEncoding", encoding(WinAnsiEncoding.INSTANCE.getCodeToNameMap()));
        all.put("MacRomanEncoding", encoding(MacRomanEncoding.INSTANCE.getCodeToNameMap()));
        all.put("MacExpertEncoding", encoding(MacExpertEncoding.INSTANCE.getCodeToNameMap()));
        all.put("SymbolEncoding", encoding(SymbolEncoding.INSTANCE.getCodeToNameMap()));
        all.put("ZapfDingbatsEncoding", encoding(ZapfDingbatsEncoding.INSTANCE.getCodeToNameMap()));
    }

    /** Tables of composite fonts are read past. */
    private void tables() {
        m.add("begincmap", () -> {});
        m.add("endcmap", () -> {});
        m.add("usecmap", m::pop);
        m.add("usefont", m::pop);
        m.add("composefont", () -> {
            PsArray parts = m.array();
            m.pop();
            PsDict font = new PsDict();
            font.put("FontName", m.pop());
            font.put("FontType", 0);
            font.put("FDepVector", parts);
            font.put("FontMatrix", PsArray.of(List.of(1, 0, 0, 1, 0, 0), false));
            fonts.put(font.get("FontName"), font);
            m.push(font);
        });
        for (String table : List.of(
                "codespacerange",
                "cidrange",
                "cidchar",
                "notdefrange",
                "notdefchar",
                "bfrange",
                "bfchar",
                "rearrangedfont",
                "usematrix")) {
            m.add("begin" + table, () -> {
                m.pop();
                m.push(Machine.MARK);
            });
            m.add("end" + table, () -> {
                while (m.pop() != Machine.MARK) {
                    m.step();
                }
            });
        }
    }

    private static AffineTransform scaled(double by) {
        return AffineTransform.getScaleInstance(by, by);
    }

    private PsDict find(Object key) {
        if (fonts.get(key) instanceof PsDict d) {
            return d;
        }
        PsDict plain = new PsDict();
        plain.put("FontName", key);
        plain.put("FontType", 1);
        PsArray matrix = PsArray.ofLength(6);
        for (int i = 0; i < 6; i++) {
            matrix.put(i, THOUSANDTHS[i]);
        }
        PsArray box = PsArray.ofLength(4);
        int[] usual = {-168, -218, 1000, 898};
        for (int i = 0; i < 4; i++) {
            box.put(i, usual[i]);
        }
        plain.put("FontMatrix", matrix);
        plain.put("FontBBox", box);
        plain.put("Encoding", standard);
        PsDict strings = new PsDict();
        standard.list().forEach(n -> strings.put(n, PsString.of("")));
        plain.put("CharStrings", strings);
        plain.put("Private", new PsDict());
        plain.put("PlainLetters", true);
        fonts.put(key, plain);
        return plain;
    }

    private static PsDict made(PsDict font, AffineTransform by) throws PostScriptException {
        PsDict copy = new PsDict();
        copy.entries.putAll(font.entries);
        AffineTransform matrix = new AffineTransform(by);
        matrix.concatenate(matrix(font));
        double[] six = new double[6];
        matrix.getMatrix(six);
        PsArray a = PsArray.ofLength(6);
        for (int i = 0; i < 6; i++) {
            a.put(i, six[i]);
        }
        copy.put("FontMatrix", a);
        return copy;
    }

    private static AffineTransform matrix(PsDict font) throws PostScriptException {
        return font.get("FontMatrix") instanceof PsArray a ? Painting.transform(a) : new AffineTransform(THOUSANDTHS);
    }

    private interface After {
        void of(int code, boolean last) throws PostScriptException;
    }

    private void showing() {
        m.add("show", () -> show(m.string(), Use.PAINT, (_, _) -> {}));
        m.add("ashow", () -> {
            PsString text = m.string();
            double[] by = m.numbers(2);
            show(text, Use.PAINT, (_, _) -> move(by[0], by[1]));
        });
        m.add("widthshow", () -> {
            PsString text = m.string();
            int space = m.integer();
            double[] by = m.numbers(2);
            show(text, Use.PAINT, (c, _) -> move(c == space ? by[0] : 0, c == space ? by[1] : 0));
        });
        m.add("awidthshow", () -> {
            PsString text = m.string();
            double[] each = m.numbers(2);
            int space = m.integer();
            double[] by = m.numbers(2);
            show(
                    text,
                    Use.PAINT,
                    (c, _) -> move(each[0] + (c == space ? by[0] : 0), each[1] + (c == space ? by[1] : 0)));
        });
        m.add("kshow", () -> {
            PsString text = m.string();
            PsArray between = m.array();
            int[] at = {0};
            show(text, Use.PAINT, (c, last) -> {
                if (!last) {
                    m.push(c);
                    m.push(text.get(++at[0]));
                    m.call(between);
                }
            });
        });
        placed("xshow", true, false);
        placed("yshow", false, true);
        placed("xyshow", true, true);
        m.add("glyphshow", () -> {
            Object name = m.pop();
            glyph(0, name instanceof PsName n ? n.text() : NOTHING, Use.PAINT);
        });
        m.add("stringwidth", () -> {
            PsString text = m.string();
            painting.gsave();
            double[] sum = new double[2];
            painting.now().path = new Path2D.Double();
            painting.move(new double[] {0, 0}, false);
            show(text, Use.MEASURE, (_, _) -> {});
            Point2D end = here();
            sum[0] = end.getX();
            sum[1] = end.getY();
            painting.grestore();
            m.push(sum[0]);
            m.push(sum[1]);
        });
        m.add("charpath", () -> {
            m.truth();
            show(m.string(), Use.PATH, (_, _) -> {});
        });
        m.add("cshow", () -> {
            PsString text = m.string();
            PsArray each = m.array();
            Object font = painting.now().font;
            for (Letter l : letters(text)) {
                m.push(l.code);
                m.push(0.0);
                m.push(0.0);
                painting.now().font = l.font;
                m.call(each);
                painting.now().font = font;
            }
        });
        m.add("setcharwidth", () -> {
            double[] n = m.numbers(2);
            width = new Point2D.Double(n[0], n[1]);
        });
        m.add("setcachedevice", () -> {
            double[] n = m.numbers(6);
            width = new Point2D.Double(n[0], n[1]);
        });
        m.add("setcachedevice2", () -> {
            double[] n = m.numbers(10);
            width = new Point2D.Double(n[0], n[1]);
        });
    }

    /** Each glyph goes on by numbers of its own instead of its width. */
    private void placed(String name, boolean across, boolean up) {
        m.add(name, () -> {
            double[] by = m.array().numbers();
            PsString text = m.string();
            int each = across && up ? 2 : 1;
            List<Letter> letters = letters(text);
            for (int i = 0; i < letters.size() && (i + 1) * each <= by.length; i++) {
                Point2D at = here();
                glyph(letters.get(i), Use.PAINT);
                painting.move(
                        new double[] {
                            at.getX() + (across ? by[i * each] : 0), at.getY() + (up ? by[i * each + each - 1] : 0)
                        },
                        false);
            }
        });
    }

    private void move(double x, double y) throws PostScriptException {
        if (x != 0 || y != 0) {
            painting.move(new double[] {x, y}, true);
        }
    }

    private Point2D here() throws PostScriptException {
        m.operator("currentpoint").action().run();
        double[] xy = m.numbers(2);
        return new Point2D.Double(xy[0], xy[1]);
    }

    private void show(PsString text, Use use, After after) throws PostScriptException {
        List<Letter> letters = letters(text);
        for (int i = 0; i < letters.size(); i++) {
            m.step();
            glyph(letters.get(i), use);
            after.of(letters.get(i).code, i == letters.size() - 1);
        }
    }

    /** One glyph of a text, in the font that it is taken from. */
    private record Letter(Object font, int code) {}

    /** Of a composite font, one or two bytes choose one of its fonts and a glyph of it. */
    private List<Letter> letters(PsString text) throws PostScriptException {
        List<Letter> all = new ArrayList<>();
        if (!(painting.now().font instanceof PsDict font) || font.number("FontType", 1) != 0) {
            for (int i = 0; i < text.length; i++) {
                all.add(new Letter(painting.now().font, text.get(i)));
            }
            return all;
        }
        int way = (int) font.number("FMapType", 0);
        for (int i = 0; i + (way == ONE_AND_SEVEN ? 0 : 1) < text.length; i += way == ONE_AND_SEVEN ? 1 : 2) {
            int first = text.get(i);
            int second = way == ONE_AND_SEVEN ? 0 : text.get(i + 1);
            int part = switch (way) {
                case ONE_AND_SEVEN -> first >> 7;
                case NINE_AND_SEVEN -> first << 1 | second >> 7;
                case EIGHT_AND_EIGHT -> first;
                default -> -1;
            };
            Optional<PsDict> of = part < 0 ? Optional.empty() : part(font, part);
            if (of.isEmpty()) {
                painting.found().note(Note.TEXT_LEFT_OUT);
                continue;
            }
            all.add(new Letter(
                    of.get(),
                    way == EIGHT_AND_EIGHT
                            ? second
                            : way == NINE_AND_SEVEN ? second & SEVEN_BITS : first & SEVEN_BITS));
        }
        return all;
    }

    private Optional<PsDict> part(PsDict font, int number) throws PostScriptException {
        Map<Integer, PsDict> known = parts.computeIfAbsent(font, _ -> new HashMap<>());
        if (!known.containsKey(number)
                && font.get("Encoding") instanceof PsArray e
                && number < e.length
                && e.get(number) instanceof Number at
                && font.get("FDepVector") instanceof PsArray fonts
                && at.intValue() >= 0
                && at.intValue() < fonts.length
                && fonts.get(at.intValue()) instanceof PsDict d) {
            known.put(number, made(d, matrix(font)));
        }
        return Optional.ofNullable(known.get(number));
    }

    private void glyph(Letter letter, Use use) throws PostScriptException {
        Object font = painting.now().font;
        painting.now().font = letter.font;
        glyph(letter.code, named(letter.code), use);
        painting.now().font = font;
    }

    private String named(int code) throws PostScriptException {
        if (!(painting.now().font instanceof PsDict font)) {
            throw new PostScriptException("invalidfont", "text has no font");
        }
        return font.get("Encoding") instanceof PsArray e && code < e.length && e.get(code) instanceof PsName n
                ? n.text()
                : NOTHING;
    }

    /** At the current point, which goes on by its width. */
    private void glyph(int code, String name, Use use) throws PostScriptException {
        if (!(painting.now().font instanceof PsDict font)) {
            throw new PostScriptException("invalidfont", "text has no font");
        }
        Point2D at = here();
        AffineTransform matrix = matrix(font);
        Point2D by;
        if (font.number("FontType", 1) == 3) {
            by = built(font, matrix, at, code, name, use);
        } else {
            Optional<Glyphs> known = glyphs(font);
            if (known.isEmpty()) {
                painting.found().note(Note.TEXT_LEFT_OUT);
                return;
            }
            Glyphs.Glyph g = known.get().glyph(name);
            AffineTransform place = new AffineTransform(painting.now().ctm);
            place.translate(at.getX(), at.getY());
            place.concatenate(matrix);
            if (use == Use.PAINT) {
                painting.fill(place.createTransformedShape(g.outline()));
            } else if (use == Use.PATH) {
                painting.now().path.append(place.createTransformedShape(g.outline()), false);
            }
            by = matrix.deltaTransform(new Point2D.Double(g.width(), 0), null);
        }
        painting.move(new double[] {at.getX() + by.getX(), at.getY() + by.getY()}, false);
    }

    private Optional<Glyphs> glyphs(PsDict font) {
        Glyphs known = outlines.get(font);
        if (known == null) {
            if (Boolean.TRUE.equals(font.get("PlainLetters"))) {
                painting.found().note(Note.TEXT_IN_ANOTHER_FONT);
                known = Glyphs.near(
                        font.get("FontName") instanceof PsName n ? n.text() : String.valueOf(font.get("FontName")));
            } else {
                known = Glyphs.of(font).orElse(null);
            }
            if (known == null) {
                return Optional.empty();
            }
            outlines.put(font, known);
        }
        return Optional.of(known);
    }

    /** A glyph that the drawing paints by its own words. */
    private Point2D built(PsDict font, AffineTransform matrix, Point2D at, int code, String name, Use use)
            throws PostScriptException {
        Path2D.Double kept = painting.now().path;
        painting.gsave();
        width = new Point2D.Double();
        painting.now().ctm.translate(at.getX(), at.getY());
        painting.now().ctm.concatenate(matrix);
        painting.now().path = new Path2D.Double();
        Machine.Action build = () -> {
            m.push(font);
            if (font.get("BuildGlyph") instanceof PsArray glyph) {
                m.push(PsName.literal(name));
                m.call(glyph);
            } else if (font.get("BuildChar") instanceof PsArray character) {
                m.push(code);
                m.call(character);
            } else {
                throw new PostScriptException("invalidfont", "a font has no letters");
            }
        };
        if (use == Use.PAINT) {
            build.run();
        } else {
            painting.silently(build);
        }
        Point2D by = matrix.deltaTransform(width, null);
        painting.grestore();
        painting.now().path = kept;
        return by;
    }
}
