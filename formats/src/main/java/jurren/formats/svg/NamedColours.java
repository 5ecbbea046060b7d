package jurren.formats.svg;

import java.util.OptionalInt;
import org.apache.batik.css.engine.value.Value;
import org.apache.batik.css.engine.value.svg.SVGColorManager;

/** The colours that CSS has names for, as the library underneath knows them. */
final class NamedColours extends SVGColorManager {
    private NamedColours() {
        super("fill");
    }

    /** {@code 0xRRGGBB}; empty for what is no name. */
    static OptionalInt of(String name) {
        // the library's table compares by identity
        return computedValues.get(name.intern()) instanceof Value v
                ? OptionalInt.of((int) v.getRed().getFloatValue() << 16
                        | (int) v.getGreen().getFloatValue() << 8
                        | (int) v.getBlue().getFloatValue())
                : OptionalInt.empty();
    }
}
