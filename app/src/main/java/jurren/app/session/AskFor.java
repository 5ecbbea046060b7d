package jurren.app.session;

import javafx.event.Event;
import javafx.event.EventType;

/** A view wants something that only the window can give: a file, a sheet laid over everything. */
public final class AskFor extends Event {
    public static final EventType<AskFor> TYPE = new EventType<>(Event.ANY, "ASK_FOR");
    private static final long serialVersionUID = 1L;

    /** What it is. */
    public enum What {
        CHOOSE_BLANK,
        NEW_LINE,
        MEASURE_OWN,
        TEMPLATE,
        DRAWER,
        DRAWING,
        PRINT,
        PRINTER,
        CUT_FILE,
        CUT_FILES,
        GUIDE,
        DRY_RUN,
        SHORTCUTS,
        NEW,
        OPEN,
        SAVE,
        UNDO,
        REDO,
        FONT,
        START,
        SAVE_START,
        TRACE_AGAIN,
        EXPORT,
        SHELF,
        SHOP,
        TEST_CUT,
        SHOW_MARKS,
        SHOW_OFFCUT,
        FILM_CORNER,
        RUN
    }

    private final What what;
    private final String which;

    public AskFor(What what) {
        this(what, "");
    }

    /** @param which of several of its kind, by id */
    public AskFor(What what, String which) {
        super(TYPE);
        this.what = what;
        this.which = which;
    }

    public String which() {
        return which;
    }

    public What what() {
        return what;
    }
}
