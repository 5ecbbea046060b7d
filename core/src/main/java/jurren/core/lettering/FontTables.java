package jurren.core.lettering;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The tables of a font file, as far as they are looked at here: whether they are what a font must
 * have, and which other forms it has of a glyph. Every number is checked before it is followed, so a
 * damaged or malicious file costs no more than its own length.
 *
 * <p>References: OpenType specification 1.9, "Organization of an OpenType Font" and "GSUB"; the lookups
 * followed are single (1), alternate (3) and their extension (7).
 */
final class FontTables {
    /** A file that is no font that can be taken. */
    static final class NotAFont extends Exception {
        private static final long serialVersionUID = 1L;
        private final FontRefused.Why why;

        NotAFont(FontRefused.Why why) {
            super(why.name());
            this.why = why;
        }

        FontRefused.Why why() {
            return why;
        }
    }

    private static final int MOST_TABLES = 100;
    private static final int MOST_FEATURES = 500;
    private static final int MOST_FORMS = 12;
    private static final int SINGLE = 1;
    private static final int ALTERNATE = 3;
    private static final int EXTENSION = 7;
    /** Features that give a letter another form because somebody wants it. */
    private static final Set<String> WANTED = Set.of("salt", "swsh", "titl", "init", "fina", "hist", "cswh");

    private record Table(int offset, int length) {}

    private final ByteBuffer data;
    private final Map<String, Table> tables = new LinkedHashMap<>();

    private FontTables(byte[] file) {
        this.data = ByteBuffer.wrap(file).asReadOnlyBuffer();
    }

    static FontTables of(byte[] file) throws NotAFont {
        FontTables font = new FontTables(file);
        try {
            font.readDirectory();
        } catch (IndexOutOfBoundsException _) {
            throw new NotAFont(FontRefused.Why.CUT_SHORT);
        }
        return font;
    }

    private void readDirectory() throws NotAFont {
        int kind = data.getInt(0);
        if (kind == tag("wOFF") || kind == tag("wOF2")) {
            throw new NotAFont(FontRefused.Why.PACKED);
        }
        if (kind != 0x00010000 && kind != tag("OTTO") && kind != tag("true")) {
            throw new NotAFont(FontRefused.Why.NO_FONT);
        }
        int count = unsigned(4);
        if (count == 0 || count > MOST_TABLES) {
            throw new NotAFont(FontRefused.Why.DAMAGED);
        }
        for (int i = 0; i < count; i++) {
            int at = 12 + 16 * i;
            long offset = data.getInt(at + 8) & 0xFFFFFFFFL;
            long length = data.getInt(at + 12) & 0xFFFFFFFFL;
            if (offset + length > data.limit()) {
                throw new NotAFont(FontRefused.Why.CUT_SHORT);
            }
            tables.put(name(at), new Table((int) offset, (int) length));
        }
        boolean outlines = tables.containsKey("glyf") && tables.containsKey("loca")
                || tables.containsKey("CFF ")
                || tables.containsKey("CFF2");
        if (!outlines || !tables.keySet().containsAll(Set.of("cmap", "head", "hhea", "hmtx", "maxp"))) {
            throw new NotAFont(FontRefused.Why.DAMAGED);
        }
    }

    /** The glyphs that the font offers instead of this one, in the order of its features; often none. */
    List<Integer> otherForms(int glyph) {
        List<Integer> forms = new ArrayList<>();
        Table gsub = tables.get("GSUB");
        if (gsub != null) {
            try {
                collect(gsub.offset, glyph, forms);
            } catch (IndexOutOfBoundsException _) {
                return List.copyOf(forms);
            }
        }
        return List.copyOf(forms);
    }

    private void collect(int gsub, int glyph, List<Integer> forms) {
        int features = gsub + unsigned(gsub + 6);
        int lookups = gsub + unsigned(gsub + 8);
        int count = Math.min(unsigned(features), MOST_FEATURES);
        for (int i = 0; i < count; i++) {
            int record = features + 2 + 6 * i;
            String name = name(record);
            if (!WANTED.contains(name) && !name.matches("ss\\d\\d|cv\\d\\d")) {
                continue;
            }
            int feature = features + unsigned(record + 4);
            for (int k = 0; k < Math.min(unsigned(feature + 2), MOST_FEATURES); k++) {
                int index = unsigned(feature + 4 + 2 * k);
                lookup(lookups + unsigned(lookups + 2 + 2 * index), glyph, forms);
            }
        }
    }

    private void lookup(int lookup, int glyph, List<Integer> forms) {
        int type = unsigned(lookup);
        for (int i = 0; i < Math.min(unsigned(lookup + 4), MOST_FEATURES); i++) {
            int sub = lookup + unsigned(lookup + 6 + 2 * i);
            int kind = type;
            if (type == EXTENSION) {
                kind = unsigned(sub + 2);
                sub += data.getInt(sub + 4);
            }
            if (kind == SINGLE || kind == ALTERNATE) {
                substitutes(sub, kind, glyph, forms);
            }
        }
    }

    private void substitutes(int sub, int kind, int glyph, List<Integer> forms) {
        int covered = coverage(sub + unsigned(sub + 2), glyph);
        if (covered < 0) {
            return;
        }
        if (kind == ALTERNATE) {
            int set = sub + unsigned(sub + 6 + 2 * covered);
            for (int i = 0; i < Math.min(unsigned(set), MOST_FORMS); i++) {
                add(forms, glyph, unsigned(set + 2 + 2 * i));
            }
        } else if (unsigned(sub) == 1) {
            add(forms, glyph, glyph + data.getShort(sub + 4) & 0xFFFF);
        } else {
            add(forms, glyph, unsigned(sub + 6 + 2 * covered));
        }
    }

    private static void add(List<Integer> forms, int glyph, int other) {
        if (other != glyph && !forms.contains(other) && forms.size() < MOST_FORMS) {
            forms.add(other);
        }
    }

    /** The place of a glyph in a coverage table, or -1. */
    private int coverage(int at, int glyph) {
        int count = unsigned(at + 2);
        if (unsigned(at) == 1) {
            for (int i = 0; i < count; i++) {
                if (unsigned(at + 4 + 2 * i) == glyph) {
                    return i;
                }
            }
            return -1;
        }
        for (int i = 0; i < count; i++) {
            int range = at + 4 + 6 * i;
            if (glyph >= unsigned(range) && glyph <= unsigned(range + 2)) {
                return unsigned(range + 4) + glyph - unsigned(range);
            }
        }
        return -1;
    }

    private int unsigned(int at) {
        return data.getShort(at) & 0xFFFF;
    }

    private String name(int at) {
        return "" + (char) data.get(at) + (char) data.get(at + 1) + (char) data.get(at + 2) + (char) data.get(at + 3);
    }

    private static int tag(String name) {
        return name.charAt(0) << 24 | name.charAt(1) << 16 | name.charAt(2) << 8 | name.charAt(3);
    }
}
