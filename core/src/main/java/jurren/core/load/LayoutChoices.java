package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What a person decided about how film is laid.
 *
 * @param pins  what lies where a hand put it
 * @param named whether each piece's name is scored beside it, within its weeding frame
 * @param layouts tighter layouts that were found and taken
 * @param taken film that is off the shelf because it was cut, each as long as what was cut from it
 */
public record LayoutChoices(Wish wish, boolean named, List<Pin> pins, List<Roll> taken, Layouts layouts) {
    public static final LayoutChoices USUAL =
            new LayoutChoices(Wish.LEAST_FILM, false, List.of(), List.of(), Layouts.NONE);

    /** What matters more. */
    public enum Wish {
        /** Pieces lie into each other, one frame around all that do. */
        LEAST_FILM,
        /** What goes onto one piece lies together in a frame of its own. */
        LEAST_WEEDING
    }

    public LayoutChoices {
        pins = List.copyOf(pins);
        taken = List.copyOf(taken);
    }

    public LayoutChoices withWish(Wish newWish) {
        return new LayoutChoices(newWish, named, pins, taken, layouts);
    }

    public LayoutChoices withNames(boolean newNamed) {
        return new LayoutChoices(wish, newNamed, pins, taken, layouts);
    }

    public LayoutChoices withLayouts(Layouts newLayouts) {
        return new LayoutChoices(wish, named, pins, taken, newLayouts);
    }

    public Optional<Pin> pin(CutItem item) {
        return pins.stream().filter(p -> p.isOf(item)).findFirst();
    }

    /** A pin takes the place of what was said of the same piece. */
    public LayoutChoices with(Pin pin) {
        List<Pin> all =
                new ArrayList<>(pins.stream().filter(p -> !p.isOfSame(pin)).toList());
        all.add(pin);
        return new LayoutChoices(wish, named, all, taken, layouts);
    }

    /** What a metre of its film was paid for, where that is not what it costs as a rule. */
    private static Optional<Double> paid(Load load) {
        double metre = load.usedMm() > 0 ? load.filmMoney() / (load.usedMm() / 1000) : 0;
        return Math.abs(metre - load.material().pricePerMetre()) < 1e-9 ? Optional.empty() : Optional.of(metre);
    }

    /** A load was cut: its film is gone, and everything on it stays as it lies. */
    public LayoutChoices cut(Load load) {
        String id = freeId(load.stock().id());
        LayoutChoices after = this;
        for (Placed p : load.placed()) {
            after = after.with(Pin.of(p, id));
        }
        List<Roll> more = new ArrayList<>(taken);
        more.add(new Roll(
                id, load.material().id(), load.colour(), load.stock().widthMm(), load.usedMm(), "", paid(load)));
        return new LayoutChoices(wish, named, after.pins, more, layouts);
    }

    /** Of what was cut before, anything may have been taken back. */
    private String freeId(String stock) {
        int n = 1;
        while (isNumbered(n)) {
            n++;
        }
        return "cut-" + n + "-" + stock;
    }

    private boolean isNumbered(int n) {
        return taken.stream().anyMatch(r -> r.id().startsWith("cut-" + n + "-"));
    }

    /** A load that was taken for cut was not. */
    public LayoutChoices notCut(Load load) {
        String id = load.stock().id();
        return new LayoutChoices(
                wish,
                named,
                pins.stream().filter(p -> !p.stock().equals(id)).toList(),
                taken.stream().filter(r -> !r.id().equals(id)).toList(),
                layouts);
    }

    /** Whether it is off the shelf already. */
    public boolean isTaken(FilmPiece stock) {
        return taken.stream().anyMatch(stock::equals);
    }

    public LayoutChoices without(Predicate<Pin> which) {
        return new LayoutChoices(
                wish, named, pins.stream().filter(which.negate()).toList(), taken, layouts);
    }
}
