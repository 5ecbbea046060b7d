package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What a person decided about how film is laid.
 *
 * @param pins what lies where a hand put it
 */
public record Laying(Wish wish, List<Pin> pins) {
    public static final Laying USUAL = new Laying(Wish.LEAST_FILM, List.of());

    /** What matters more. */
    public enum Wish {
        /** Pieces lie into each other, one frame around all that do. */
        LEAST_FILM,
        /** What goes onto one piece lies together in a frame of its own. */
        LEAST_WEEDING
    }

    public Laying {
        pins = List.copyOf(pins);
    }

    public Laying withWish(Wish newWish) {
        return new Laying(newWish, pins);
    }

    public Optional<Pin> pin(CutItem item) {
        return pins.stream().filter(p -> p.isOf(item)).findFirst();
    }

    /** A pin takes the place of what was said of the same piece. */
    public Laying with(Pin pin) {
        List<Pin> all = new ArrayList<>(pins.stream().filter(p -> !(p.lineId().equals(pin.lineId()) && p.place().equals(pin.place())
                && p.size().equals(pin.size()) && p.copy() == pin.copy() && p.layer() == pin.layer())).toList());
        all.add(pin);
        return new Laying(wish, all);
    }

    public Laying without(Predicate<Pin> which) {
        return new Laying(wish, pins.stream().filter(which.negate()).toList());
    }
}
