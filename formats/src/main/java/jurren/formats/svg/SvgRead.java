package jurren.formats.svg;

import jurren.core.art.Drawing;
import jurren.formats.Refusal;
import java.util.Set;

/** What came of reading a drawing. */
public sealed interface SvgRead {
    /** A drawing, and what of the file is not in it. */
    record Taken(Drawing drawing, Set<Note> notes) implements SvgRead {
        public Taken {
            notes = Set.copyOf(notes);
        }
    }

    record Refused(Refusal refusal) implements SvgRead {
    }

    /** Something a person should know about a drawing that was taken. */
    enum Note {
        TEXT_LEFT_OUT, PICTURES_LEFT_OUT, HAIRLINES_LEFT_OUT, SHADES_AS_ONE_COLOUR, OPEN_LINES_LEFT_OUT
    }
}
