package jurren.app.theme;

import javafx.event.Event;
import javafx.event.EventType;

/** Something typed could not be taken; the shell shows the sentence. */
public final class Objection extends Event {
    public static final EventType<Objection> TYPE = new EventType<>(Event.ANY, "OBJECTION");
    private static final long serialVersionUID = 1L;

    private final String sentence;

    public Objection(String sentence) {
        super(TYPE);
        this.sentence = sentence;
    }

    public String sentence() {
        return sentence;
    }
}
