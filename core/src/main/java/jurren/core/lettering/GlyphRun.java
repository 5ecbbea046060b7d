package jurren.core.lettering;

import java.util.List;

/** One line laid out from left to right as the eye sees it, with the capital height as unit. */
public record GlyphRun(List<Glyph> glyphs, double width) {
    public static final GlyphRun EMPTY = new GlyphRun(List.of(), 0);

    public GlyphRun {
        glyphs = List.copyOf(glyphs);
    }
}
