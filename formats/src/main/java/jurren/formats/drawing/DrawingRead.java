package jurren.formats.drawing;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import jurren.core.art.Drawing;
import jurren.formats.Refusal;

/** What came of reading a drawing. */
public sealed interface DrawingRead {
    /**
     * A drawing, and what of the file is not in it.
     *
     * @param guessed what one unit of the file was taken for, where the file does not say; absent when it does
     * @param pages   the names of all pages, of which the drawing is one; one for most formats
     */
    record Taken(Drawing drawing, Optional<FileUnit> guessed, List<String> pages, Set<Note> notes)
            implements DrawingRead {
        public Taken {
            pages = List.copyOf(pages);
            notes = Set.copyOf(notes);
        }
    }

    record Refused(Refusal refusal) implements DrawingRead {}

    /** Something a person should know about a drawing that was taken. */
    enum Note {
        TEXT_LEFT_OUT,
        TEXT_IN_ANOTHER_FONT,
        PICTURES_LEFT_OUT,
        HAIRLINES_LEFT_OUT,
        SHADES_AS_ONE_COLOUR,
        OPEN_LINES_LEFT_OUT,
        SOFT_MASKS_AS_EDGES,
        PARTS_NOT_UNDERSTOOD,
        LEADS_NOWHERE,
        HIDDEN_LEFT_OUT,
        OVER_THE_EDGE,
        PICTURES_ONLY_PRINTED,
        EFFECTS_LEFT_OUT
    }
}
