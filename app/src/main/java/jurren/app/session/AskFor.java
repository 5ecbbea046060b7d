package jurren.app.session;

import javafx.event.Event;
import javafx.event.EventType;

/** A view wants something that only the window can give: a file, a sheet laid over everything. */
public final class AskFor extends Event {
    public static final EventType<AskFor> TYPE = new EventType<>(Event.ANY, "ASK_FOR");
    private static final long serialVersionUID = 1L;

    /** What it is. */
    public enum What {
        CHOOSE_BLANK, NEW_LINE, MEASURE_OWN, TEMPLATE, DRAWER, DRAWING, PRINT, CUT_FILE, DRY_RUN, SHORTCUTS
    }

    private final What what;

    public AskFor(What what) {
        super(TYPE);
        this.what = what;
    }

    public What what() {
        return what;
    }
}
