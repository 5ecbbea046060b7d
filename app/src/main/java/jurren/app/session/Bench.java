package jurren.app.session;

import java.util.Arrays;
import java.util.Optional;

/** The six benches in the order of the work. */
public enum Bench {
    BLANK,
    ART,
    LAYERS,
    LOADS,
    CUT,
    FINISH;

    public static Optional<Bench> named(String name) {
        return Arrays.stream(values()).filter(b -> b.name().equals(name)).findFirst();
    }
}
