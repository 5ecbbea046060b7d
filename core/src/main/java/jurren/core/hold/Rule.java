package jurren.core.hold;

import jurren.core.blank.MadeOf.Coating;
import jurren.core.blank.MadeOf.Stuff;
import jurren.core.material.Process;
import java.util.Optional;
import java.util.Set;

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
            return says(q.isDye() && q.madeOf().isCloth() && q.madeOf().polyesterShare() < LEAST_POLYESTER,
                    Verdict.of(Reason.NO_POLYESTER, 100 * LEAST_POLYESTER, 100 * q.madeOf().polyesterShare()));
        }
    },
    DYE_NEEDS_A_COATING {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.isDye() && !q.madeOf().isCloth() && q.madeOf().coating() != Coating.DYE,
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
            return says(GRIPS_FIBRES.contains(q.process()) && q.isRound(), Verdict.of(Reason.NO_FLAT_PRESS_ON_A_CURVE));
        }
    },
    FILM_NEEDS_CLOTH {
        @Override
        Optional<Verdict> about(Question q) {
            return says(GRIPS_FIBRES.contains(q.process()) && !q.madeOf().isCloth()
                    && q.madeOf().stuff() != Stuff.LEATHERETTE, Verdict.of(Reason.NO_FIBRES));
        }
    },
    NYLON_NEEDS_ITS_OWN_FILM {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.process() == Process.HEAT_FILM && q.madeOf().stuff() == Stuff.NYLON
                    && !q.material().id().contains("nylon"), Verdict.of(Reason.LIFTS_FROM_NYLON));
        }
    },
    ADHESIVE_NEVER_ON_CLOTH {
        @Override
        Optional<Verdict> about(Question q) {
            return says(STICKS_ON.contains(q.process()) && q.madeOf().isCloth(), Verdict.of(Reason.LIFTS_FROM_CLOTH));
        }
    },
    BEHIND_GLASS_NEEDS_GLASS {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.process() == Process.ADHESIVE_BEHIND_GLASS && !q.madeOf().isSeeThrough(),
                    Verdict.of(Reason.NOT_SEE_THROUGH));
        }
    },
    RIGID_NEVER_ON_A_CURVE {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.process() == Process.RIGID_STENCIL && q.isRound(), Verdict.of(Reason.RIGID_ON_A_CURVE));
        }
    },
    ROUND_DYE_NEEDS_ITS_PRESS {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.isDye() && q.isRound(),
                    Verdict.of(q.isCone() || q.madeOf().stuff() == Stuff.STEEL ? Reason.NEEDS_OVEN_SLEEVE
                            : Reason.NEEDS_MUG_PRESS));
        }
    },
    A_CAP_NEEDS_ITS_PRESS {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.process().isHot() && q.isCapFront(), Verdict.of(Reason.NEEDS_CAP_PRESS));
        }
    },
    BASE_TAKES_TWO_PRESSES {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.process() == Process.DYE_OVER_BASE, Verdict.of(Reason.TWO_PRESSES));
        }
    },
    DYE_FADES_WITH_THE_COTTON {
        @Override
        Optional<Verdict> about(Question q) {
            return says(q.isDye() && q.madeOf().isCloth() && q.madeOf().polyesterShare() < 1,
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
            return says(GRIPS_FIBRES.contains(q.process()) && q.madeOf().stuff() == Stuff.POLYESTER
                    && q.material().celsius() >= DYE_MOVES_C && q.luminance() < WHITE_LIGHT,
                    Verdict.of(Reason.MOVES_THE_DYE, q.material().celsius(), DYE_MOVES_C));
        }
    },
    VINYL_ON_DRINKWARE_IS_WASHED_BY_HAND {
        @Override
        Optional<Verdict> about(Question q) {
            return says(STICKS_ON.contains(q.process()) && q.isRound(), Verdict.of(Reason.HAND_WASH));
        }
    },
    A_STENCIL_ON_CLOTH_NEEDS_ITS_PAINT {
        @Override
        Optional<Verdict> about(Question q) {
            return says((q.process() == Process.ADHESIVE_STENCIL || q.process() == Process.RIGID_STENCIL)
                    && q.madeOf().isCloth(), Verdict.of(Reason.PAINT_FOR_CLOTH));
        }
    },
    NOTHING_SPEAKS_AGAINST_IT {
        @Override
        Optional<Verdict> about(Question q) {
            return Optional.of(Verdict.of(switch (q.process()) {
                case HEAT_FILM, PRINTED_HEAT_FILM, DYE_OVER_BASE, STONES -> Reason.GRIPS_CLOTH;
                case DYE_PRINT -> Reason.TAKES_DYE;
                case ADHESIVE, STICKER -> Reason.STICKS;
                case ADHESIVE_BEHIND_GLASS -> Reason.SEEN_THROUGH;
                case RIGID_STENCIL, ADHESIVE_STENCIL -> Reason.LIES_FLAT;
            }));
        }
    };

    private static final double LEAST_POLYESTER = 0.65;
    private static final double LEAST_LIGHT = 0.45;
    private static final double WELL_LIGHT = 0.7;
    private static final double WHITE_LIGHT = 0.85;
    private static final double DYE_MOVES_C = 150;
    private static final Set<Process> GRIPS_FIBRES =
            Set.of(Process.HEAT_FILM, Process.PRINTED_HEAT_FILM, Process.DYE_OVER_BASE, Process.STONES);
    private static final Set<Process> STICKS_ON = Set.of(Process.ADHESIVE, Process.STICKER, Process.ADHESIVE_BEHIND_GLASS);

    abstract Optional<Verdict> about(Question q);

    private static Optional<Verdict> says(boolean applies, Verdict verdict) {
        return applies ? Optional.of(verdict) : Optional.empty();
    }
}
