package jurren.formats.svg;

import java.util.List;
import org.w3c.dom.Element;

/** A paint that is said to be the current colour is inherited as that, not as the colour it is there. */
final class CurrentColour {
    private CurrentColour() {}

    static void say(Element e) {
        if (StyleLookup.own(e, "color").isEmpty() || !(e.getParentNode() instanceof Element around)) {
            return;
        }
        for (String paint : List.of("fill", "stroke")) {
            if (StyleLookup.own(e, paint).isEmpty()
                    && StyleLookup.around(around, paint)
                            .filter("currentcolor"::equalsIgnoreCase)
                            .isPresent()) {
                StyleLookup.also(e, paint + ":currentColor");
            }
        }
    }
}
