package jurren.formats.drawing;

import java.awt.Font;
import java.awt.GraphicsEnvironment;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Fonts of this machine for those that drawings ask for by name: the font itself, or one whose letters are as wide, so
 * that lines stay as long as they were drawn.
 */
public final class NearFonts {
    /** Families of the same widths, as those who make them say. */
    private static final List<List<String>> AS_WIDE = List.of(
            List.of("Helvetica", "Arial", "Nimbus Sans", "Liberation Sans", "Arimo", "TeX Gyre Heros", "FreeSans"),
            List.of(
                    "Times",
                    "Times New Roman",
                    "Nimbus Roman",
                    "Liberation Serif",
                    "Tinos",
                    "TeX Gyre Termes",
                    "FreeSerif"),
            List.of(
                    "Courier",
                    "Courier New",
                    "Nimbus Mono PS",
                    "Liberation Mono",
                    "Cousine",
                    "TeX Gyre Cursor",
                    "FreeMono"),
            List.of("Arial Narrow", "Helvetica Narrow", "Nimbus Sans Narrow", "Liberation Sans Narrow"),
            List.of("Palatino", "Palatino Linotype", "P052", "TeX Gyre Pagella"),
            List.of("Bookman", "URW Bookman", "TeX Gyre Bonum"),
            List.of("Avant Garde", "URW Gothic", "TeX Gyre Adventor"),
            List.of("New Century Schoolbook", "Century Schoolbook", "C059", "TeX Gyre Schola"),
            List.of("Symbol", "Standard Symbols PS"),
            List.of("Zapf Dingbats", "ITC Zapf Dingbats", "D050000L"),
            List.of("Zapf Chancery", "Z003", "TeX Gyre Chorus"),
            List.of("Calibri", "Carlito"),
            List.of("Cambria", "Caladea"),
            List.of("Georgia", "Gelasio"));

    /** Names that stand for whatever font there is. */
    private static final Set<String> OF_THE_PLATFORM =
            Set.of(Font.DIALOG, Font.DIALOG_INPUT, Font.SANS_SERIF, Font.SERIF, Font.MONOSPACED);

    private static Map<String, String> machine;
    private static Map<String, List<Font>> faces;

    private NearFonts() {}

    /** Family names of this machine by their letters alone. */
    private static synchronized Map<String, String> machine() {
        if (machine == null) {
            machine = new HashMap<>();
            Arrays.stream(GraphicsEnvironment.getLocalGraphicsEnvironment().getAvailableFontFamilyNames(Locale.ROOT))
                    .filter(f -> !OF_THE_PLATFORM.contains(f))
                    .forEach(f -> machine.putIfAbsent(letters(f), f));
        }
        return machine;
    }

    private static String letters(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }

    /** True when a family is the one that is asked for, however it is written. */
    public static boolean isOf(String family, String asked) {
        return letters(family).equals(letters(asked));
    }

    /** The family of that name, or one as wide; empty where there is neither. */
    public static Optional<String> family(String asked) {
        String wanted = letters(asked);
        List<String> names = new ArrayList<>(List.of(wanted));
        AS_WIDE.stream()
                .filter(g -> g.stream().anyMatch(n -> letters(n).equals(wanted)))
                .findFirst()
                .ifPresent(g -> g.forEach(n -> names.add(letters(n))));
        return names.stream().filter(n -> machine().containsKey(n)).findFirst().map(machine()::get);
    }

    /** Of a name as PostScript has it, without its style: {@code TimesNewRomanPS-BoldMT} is Times New Roman. */
    public static String familyIn(String postScript) {
        return postScript.split("[-,]", 2)[0].replaceAll("^[A-Z]{6}\\+|PS(MT)?$|MT$", "");
    }

    private static String styleIn(String postScript) {
        String[] parts = postScript.split("[-,]", 2);
        return parts.length < 2 ? "" : parts[1].toLowerCase(Locale.ROOT);
    }

    /** True when a name as PostScript has it asks for a bold. */
    public static boolean isBold(String postScript) {
        String style = styleIn(postScript);
        return style.contains("bold") || style.contains("black") || style.contains("heavy") || style.contains("demi");
    }

    private static boolean isLeaning(String style) {
        return style.contains("ital") || style.contains("obli");
    }

    /**
     * A face of a family of this machine, one unit high: the file that is that face where there is one. The platform
     * takes some of them (a Demi Oblique) for others, and makes a face that a family lacks.
     */
    public static Font styled(String family, boolean bold, boolean leaning) {
        Font usual = new Font(family, (bold ? Font.BOLD : 0) | (leaning ? Font.ITALIC : 0), 1);
        return !bold && !leaning || isFace(usual, bold, leaning)
                ? usual
                : faces().getOrDefault(family, List.of()).stream()
                        .filter(f -> isFace(f, bold, leaning))
                        .findFirst()
                        .orElse(usual);
    }

    private static boolean isFace(Font font, boolean bold, boolean leaning) {
        return isBold(font.getPSName()) == bold && isLeaning(styleIn(font.getPSName())) == leaning;
    }

    private static synchronized Map<String, List<Font>> faces() {
        if (faces == null) {
            faces = Arrays.stream(
                            GraphicsEnvironment.getLocalGraphicsEnvironment().getAllFonts())
                    .collect(Collectors.groupingBy(f -> f.getFamily(Locale.ROOT)));
        }
        return faces;
    }

    /** By a name as PostScript has it: {@code Helvetica-BoldOblique}, {@code Arial,Bold}; one unit high. */
    public static Optional<Font> ofPostScript(String asked) {
        String style = styleIn(asked);
        return family(familyIn(asked)).map(f -> styled(f, isBold(asked), isLeaning(style)));
    }
}
