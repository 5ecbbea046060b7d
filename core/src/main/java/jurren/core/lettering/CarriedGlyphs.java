package jurren.core.lettering;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Lines as a font drew them, for where the font is missing. A line that is not among them is put
 * together from single characters that are; what none of them has leaves a gap.
 */
public record CarriedGlyphs(Map<String, GlyphRun> lines) {
    public static final CarriedGlyphs NONE = new CarriedGlyphs(Map.of());
    private static final double GAP = 0.4;

    public CarriedGlyphs {
        lines = Map.copyOf(lines);
    }

    GlyphRun run(String line) {
        return lines.containsKey(line) ? lines.get(line) : assembled(line);
    }

    private GlyphRun assembled(String line) {
        List<Glyph> all = new ArrayList<>();
        double x = 0;
        for (int i = 0; i < line.length(); i++) {
            Optional<Glyph> known = glyph(line.charAt(i));
            if (known.isPresent()) {
                all.add(new Glyph(i, x, known.get().advance(), known.get().outline()));
            }
            x += known.map(Glyph::advance).orElse(GAP);
        }
        return new GlyphRun(all, x);
    }

    boolean has(char c) {
        return glyph(c).isPresent();
    }

    private Optional<Glyph> glyph(char c) {
        return new LinkedHashMap<>(lines)
                .entrySet().stream()
                        .flatMap(e -> e.getValue().glyphs().stream()
                                .filter(g -> g.at() < e.getKey().length()
                                        && e.getKey().charAt(g.at()) == c))
                        .findFirst();
    }
}
