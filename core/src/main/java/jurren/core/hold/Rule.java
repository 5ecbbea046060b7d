package jurren.core.hold;

import java.util.Optional;
import jurren.core.blank.Substrate;
import jurren.core.blank.Substrate.Coating;
import jurren.core.blank.Substrate.Stuff;
import jurren.core.way.Grip;

/**
 * The rules, what forbids before what sets a condition. The first that has something to say decides.
 * Figures are general practice.
 */
enum Rule {
    FILM_HOTTER_THAN_THE_THING_BEARS {
        @Override
        Optional<Verdict> about(Question q) {
            double needs = q.celsius();
            double bears = q.madeOf().mostCelsius();
            return says(needs > bears, Verdict.of(Reason.TOO_HOT, needs, bears));
        }
    },
    DYE_NEEDS_POLYESTER {
        @Override
        Optional<Verdict> about(Question q) {
            return says(
                    q.isDye() && q.madeOf().isCloth() && q.madeOf().polyesterShare() < LEAST_POLYESTER,
                    Verdict.of(
                            Reason.NO_POLYESTER,
                            100 * LEAST_POLYESTER,
                            100 * q.madeOf().polyesterShare()));
        }
    },
    DYE_NEEDS_A_COATING {
        @Override
        Optional<Verdict> about(Question q) {
            return says(
                    q.isDye() && !q.madeOf().isCloth() && q.madeOf().coating() != Coating.DYE,
                    Verdict.of(Reason.NO_COATING));
        }
    },
    DYE_NEEDS_A_LIGHT_GROUND {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.isDye() && q.luminance() < LEAST_LIGHT, Verdict.of(Reason.DARK_GROUND));
        }
    },
    A_FLAT_PRESS_NEVER_ON_A_CURVE {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.grip() == Grip.FIBRES && q.isRound(), Verdict.of(Reason.NO_FLAT_PRESS_ON_A_CURVE));
        }
    },
    FILM_NEEDS_CLOTH {
        @Override
        Optional<Verdict> about(Question q) {
            return says(
                    q.grip() == Grip.FIBRES
                            && !q.madeOf().isCloth()
                            && q.madeOf().stuff() != Stuff.LEATHERETTE,
                    Verdict.of(Reason.NO_FIBRES));
        }
    },
    NYLON_NEEDS_ITS_OWN_FILM {
        @Override
        Optional<Verdict> about(Question q) {
            return says(
                    q.grip() == Grip.FIBRES
                            && q.madeOf().stuff() == Stuff.NYLON
                            && !q.material().id().contains("nylon"),
                    Verdict.of(Reason.LIFTS_FROM_NYLON));
        }
    },
    ADHESIVE_NEVER_ON_CLOTH {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.sticks() && q.madeOf().isCloth(), Verdict.of(Reason.LIFTS_FROM_CLOTH));
        }
    },
    BEHIND_GLASS_NEEDS_GLASS {
        @Override
        Optional<Verdict> about(Question q) {
            return says(
                    q.grip() == Grip.BEHIND_GLASS && !q.madeOf().isSeeThrough(), Verdict.of(Reason.NOT_SEE_THROUGH));
        }
    },
    RIGID_NEVER_ON_A_CURVE {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.grip() == Grip.PLATE && q.isRound(), Verdict.of(Reason.RIGID_ON_A_CURVE));
        }
    },
    ROUND_DYE_NEEDS_ITS_PRESS {
        @Override
        Optional<Verdict> about(Question q) {
            return says(
                    q.isDye() && q.isRound(),
                    Verdict.of(
                            q.isCone() || q.madeOf().stuff() == Stuff.STEEL
                                    ? Reason.NEEDS_OVEN_SLEEVE
                                    : Reason.NEEDS_MUG_PRESS));
        }
    },
    A_CAP_NEEDS_ITS_PRESS {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.material().isPressed() && q.isCapFront(), Verdict.of(Reason.NEEDS_CAP_PRESS));
        }
    },
    BASE_TAKES_TWO_PRESSES {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.takesTwoPresses(), Verdict.of(Reason.TWO_PRESSES));
        }
    },
    DYE_FADES_WITH_THE_COTTON {
        @Override
        Optional<Verdict> about(Question q) {
            return says(
                    q.isDye() && q.madeOf().isCloth() && q.madeOf().polyesterShare() < 1,
                    Verdict.of(Reason.FADES_TO_SHARE, 100 * q.madeOf().polyesterShare(), 0));
        }
    },
    DYE_DULLS_ON_A_MIDDLE_TONE {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.isDye() && q.luminance() < WELL_LIGHT, Verdict.of(Reason.BORDERLINE_LIGHT));
        }
    },
    HEAT_MOVES_THE_DYE_OF_POLYESTER {
        @Override
        Optional<Verdict> about(Question q) {
            return says(
                    q.grip() == Grip.FIBRES
                            && dyeMoves(q.madeOf(), q.luminance())
                            && q.material().celsius() > DYE_MOVES_C,
                    Verdict.of(Reason.MOVES_THE_DYE, q.material().celsius(), DYE_MOVES_C));
        }
    },
    VINYL_ON_DRINKWARE_IS_WASHED_BY_HAND {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.sticks() && q.isRound(), Verdict.of(Reason.HAND_WASH));
        }
    },
    A_STENCIL_ON_CLOTH_NEEDS_ITS_PAINT {
        @Override
        Optional<Verdict> about(Question q) {
            return says(
                    (q.grip() == Grip.STENCIL || q.grip() == Grip.PLATE)
                            && q.madeOf().isCloth(),
                    Verdict.of(Reason.PAINT_FOR_CLOTH));
        }
    },
    NOTHING_SPEAKS_AGAINST_IT {
        @Override
        Optional<Verdict> about(Question q) {
            return Optional.of(Verdict.of(
                    switch (q.grip()) {
                        case FIBRES -> Reason.GRIPS_CLOTH;
                        case POLYESTER -> Reason.TAKES_DYE;
                        case SURFACE -> Reason.STICKS;
                        case BEHIND_GLASS -> Reason.SEEN_THROUGH;
                        case PLATE, STENCIL -> Reason.LIES_FLAT;
                    }));
        }
    };

    private static final double LEAST_POLYESTER = 0.65;
    private static final double LEAST_LIGHT = 0.45;
    private static final double WELL_LIGHT = 0.7;
    private static final double WHITE_LIGHT = 0.85;
    static final double DYE_MOVES_C = 150;

    static boolean dyeMoves(Substrate madeOf, double luminance) {
        return madeOf.stuff() == Stuff.POLYESTER && luminance < WHITE_LIGHT;
    }

    abstract Optional<Verdict> about(Question q);

    private static Optional<Verdict> says(boolean applies, Verdict verdict) {
        return applies ? Optional.of(verdict) : Optional.empty();
    }
}
