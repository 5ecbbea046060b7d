package jurren.core.finish;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is done in a step. Each family of steps is an enum of its own; whoever has to know all of them switches over all
 * of them, so that a new one is told, drawn, pressed and judged before anything compiles.
 */
public sealed interface StepKind permits HeatStep, SheetStep, TableStep, PlateStep, ReadyStep, PowderStep {
    /** As far as press, hands and pictures go. */
    enum Role {
        /** The empty thing under the press. */
        WARMS,
        /** A little heat, so that it stays where it lies. */
        TACKS,
        /** The whole dwell. */
        BONDS,
        /** Once more, briefly, over everything. */
        SETTLES,
        /** A carrier or sheet comes off. */
        PEELS,
        /** Waste comes off, before anything is laid. */
        WEEDS,
        /** The thing is made clean; what is done at the table begins with it. */
        CLEANS,
        /** A layer comes to lie on the thing. */
        LAYS,
        /** What it was laid with comes off by hand. */
        LIFTS,
        /** Hands are at it. */
        HANDLES,
        /** Another side of the thing comes up. */
        TURNS_OVER,
        /** It is in a heat of its own, apart from the thing. */
        CURES,
        /** It lies until it can be taken hold of. */
        COOLS,
        /** It lies until it dried or holds. */
        WAITS
    }

    Role role();

    String name();

    /** Whether it does one of these. */
    default boolean does(Role... roles) {
        return List.of(roles).contains(role());
    }

    /** As files and texts name it. */
    default String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether the press closes for it. */
    default boolean heats() {
        return switch (role()) {
            case WARMS, TACKS, BONDS, SETTLES -> true;
            case PEELS, WEEDS, CLEANS, LAYS, LIFTS, HANDLES, TURNS_OVER, CURES, COOLS, WAITS -> false;
        };
    }

    /** Whether something is laid or lined up before the press closes. */
    default boolean isLinedUp() {
        return switch (role()) {
            case TACKS, BONDS, SETTLES -> true;
            case WARMS, PEELS, WEEDS, CLEANS, LAYS, LIFTS, HANDLES, TURNS_OVER, CURES, COOLS, WAITS -> false;
        };
    }

    /** Whether somebody stands by. */
    default boolean isAttended() {
        return !isLeftAlone();
    }

    private boolean isLeftAlone() {
        return switch (role()) {
            case CURES, COOLS, WAITS -> true;
            case WARMS, TACKS, BONDS, SETTLES, PEELS, WEEDS, CLEANS, LAYS, LIFTS, HANDLES, TURNS_OVER -> false;
        };
    }

    /** By its word in files. */
    static Optional<StepKind> of(String word) {
        return all().stream().filter(k -> k.word().equals(word)).findFirst();
    }

    static List<StepKind> all() {
        return Stream.<StepKind[]>of(
                        HeatStep.values(),
                        SheetStep.values(),
                        TableStep.values(),
                        PlateStep.values(),
                        ReadyStep.values(),
                        PowderStep.values())
                .flatMap(Stream::of)
                .toList();
    }
}
