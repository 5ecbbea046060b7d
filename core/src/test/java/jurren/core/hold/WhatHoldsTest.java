package jurren.core.hold;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jurren.core.Fixtures;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.blank.Form;
import jurren.core.blank.Panel;
import jurren.core.blank.Substrate;
import jurren.core.blank.Substrate.Coating;
import jurren.core.blank.Substrate.Stuff;
import jurren.core.blank.Vessel;
import jurren.core.material.Colour;
import jurren.core.material.CutSettings;
import jurren.core.material.Material;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Process;
import jurren.core.material.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

class WhatHoldsTest {
    private static final Set<Reason> SEEN = new HashSet<>();
    private static final Set<Process> IS_HOT = Set.of(
            Process.HEAT_FILM, Process.PRINTED_HEAT_FILM, Process.DYE_PRINT, Process.DYE_OVER_BASE, Process.STONES);

    private static Material material(String id, Process process, double celsius) {
        return new Material(
                id,
                id,
                process,
                0.1,
                0.8,
                false,
                IS_HOT.contains(process)
                        ? Optional.of(new Recipe(celsius, 10, 15, 30, 3, Pressure.MEDIUM, Peel.WARM))
                        : Optional.empty(),
                new CutSettings(90, 300, 0.1, 1),
                9,
                List.of());
    }

    private static Substrate made(Stuff stuff, double polyester, Coating coating, double bears) {
        return new Substrate("stuff", stuff, polyester, coating, bears, 60, Optional.empty());
    }

    private static Face face(String shape) {
        Form form = switch (shape) {
            case "cylinder" -> new Vessel(Vessel.Profile.MUG, 82, 82, 96, 0, 0, Optional.empty());
            case "cone" -> new Vessel(Vessel.Profile.CUP, 87, 66, 165, 0, 0, Optional.empty());
            case "cap" -> new Panel(Panel.Cut.CAP_FRONT, 180, 110, 0);
            default -> new Panel(Panel.Cut.RECTANGLE, 300, 300, 0);
        };
        return Face.of("f", "f", form, new AreaMeasures(50, 50, 10), 50);
    }

    /** Every rule both ways: what it forbids or conditions, beside the nearest case in which it says nothing. */
    @ParameterizedTest
    @CsvSource({
        "HEAT_FILM,             film,       155, COTTON,     0,    NONE, 200, flat,     #202020, GRIPS_CLOTH",
        "HEAT_FILM,             film,       155, COTTON,     0,    NONE, 150, flat,     #202020, TOO_HOT",
        "DYE_PRINT,             dye,        195, POLYESTER,  1,    NONE, 200, flat,     #FFFFFF, TAKES_DYE",
        "DYE_PRINT,             dye,        195, COTTON,     0,    NONE, 200, flat,     #FFFFFF, NO_POLYESTER",
        "DYE_PRINT,             dye,        195, BLEND,      0.65, NONE, 200, flat,     #FFFFFF, FADES_TO_SHARE",
        "DYE_PRINT,             dye,        195, BLEND,      0.6,  NONE, 200, flat,     #FFFFFF, NO_POLYESTER",
        "DYE_PRINT,             dye,        195, POLYESTER,  1,    NONE, 200, flat,     #202020, DARK_GROUND",
        "DYE_PRINT,             dye,        195, POLYESTER,  1,    NONE, 200, flat,     #C9CACB, BORDERLINE_LIGHT",
        "DYE_PRINT,             dye,        190, CERAMIC,    0,    DYE,  220, flat,     #FFFFFF, TAKES_DYE",
        "DYE_PRINT,             dye,        190, CERAMIC,    0,    NONE, 220, flat,     #FFFFFF, NO_COATING",
        "DYE_PRINT,             dye,        190, CERAMIC,    0,    DYE,  220, cylinder, #FFFFFF, NEEDS_MUG_PRESS",
        "DYE_PRINT,             dye,        190, CERAMIC,    0,    DYE,  220, cone,     #FFFFFF, NEEDS_OVEN_SLEEVE",
        "DYE_PRINT,             dye,        190, STEEL,      0,    DYE,  220, cylinder, #FFFFFF, NEEDS_OVEN_SLEEVE",
        "HEAT_FILM,             film,       155, STEEL,      0,    NONE, 220, cone,     #FFFFFF, NO_FLAT_PRESS_ON_A_CURVE",
        "HEAT_FILM,             film,       155, WOOD,       0,    NONE, 220, flat,     #FFFFFF, NO_FIBRES",
        "HEAT_FILM,             low,        130, LEATHERETTE,0,    NONE, 140, flat,     #FFFFFF, GRIPS_CLOTH",
        "HEAT_FILM,             film,       145, NYLON,      0,    NONE, 150, flat,     #202020, LIFTS_FROM_NYLON",
        "HEAT_FILM,             nylon-film, 145, NYLON,      0,    NONE, 150, flat,     #202020, GRIPS_CLOTH",
        "HEAT_FILM,             film,       155, POLYESTER,  1,    NONE, 160, flat,     #8C2332, MOVES_THE_DYE",
        "HEAT_FILM,             low,        130, POLYESTER,  1,    NONE, 160, flat,     #8C2332, GRIPS_CLOTH",
        "HEAT_FILM,             film,       155, COTTON,     0,    NONE, 200, cap,      #202020, NEEDS_CAP_PRESS",
        "DYE_OVER_BASE,         base,       160, COTTON,     0,    NONE, 200, flat,     #202020, TWO_PRESSES",
        "ADHESIVE,              vinyl,      0,   COTTON,     0,    NONE, 200, flat,     #202020, LIFTS_FROM_CLOTH",
        "ADHESIVE,              vinyl,      0,   ALUMINIUM,  0,    NONE, 120, flat,     #202020, STICKS",
        "ADHESIVE,              vinyl,      0,   STEEL,      0,    NONE, 120, cone,     #202020, HAND_WASH",
        "STICKER,               sticker,    0,   CANVAS,     0,    NONE, 200, flat,     #202020, LIFTS_FROM_CLOTH",
        "ADHESIVE_BEHIND_GLASS, vinyl,      0,   GLASS,      0,    NONE, 120, flat,     #FFFFFF, SEEN_THROUGH",
        "ADHESIVE_BEHIND_GLASS, vinyl,      0,   STEEL,      0,    NONE, 120, flat,     #FFFFFF, NOT_SEE_THROUGH",
        "RIGID_STENCIL,         board,      0,   WOOD,       0,    NONE, 120, flat,     #D9CBB0, LIES_FLAT",
        "RIGID_STENCIL,         board,      0,   GLASS,      0,    NONE, 120, cylinder, #D9CBB0, RIGID_ON_A_CURVE",
        "ADHESIVE_STENCIL,      film,       0,   CANVAS,     0,    NONE, 200, flat,     #D9CBB0, PAINT_FOR_CLOTH",
        "STONES,                stones,     165, COTTON,     0,    NONE, 200, flat,     #202020, GRIPS_CLOTH"
    })
    void rulesAnswerAsTheTradeDoes(
            Process process,
            String id,
            double celsius,
            Stuff stuff,
            double polyester,
            Coating coating,
            double bears,
            String shape,
            String colour,
            Reason reason) {
        Verdict v = WhatHolds.of(
                material(id, process, celsius),
                made(stuff, polyester, coating, bears),
                new BlankColour("c", "c", Colour.of(colour)),
                face(shape));

        assertThat(v.reason()).isEqualTo(reason);
        assertThat(v.answer()).isEqualTo(reason.answer());
        SEEN.add(reason);
    }

    /** The base would bear it, the print into it does not. */
    @Test
    void aPrintIntoABaseIsAskedForItsHeatToo() {
        Material base = material("base", Process.DYE_OVER_BASE, 160);
        Material printed = new Material(
                base.id(),
                base.name(),
                base.process(),
                base.thicknessMm(),
                base.leastStrokeMm(),
                base.topOnly(),
                base.directed(),
                base.recipe(),
                Optional.of(new Recipe(195, 10, 15, 30, 3, Pressure.MEDIUM, Peel.WARM)),
                base.cutting(),
                base.pricePerMetre(),
                base.colours());
        BlankColour black = new BlankColour("c", "c", Colour.of("#202020"));
        assertThat(WhatHolds.of(printed, made(Stuff.BLEND, 0.5, Coating.NONE, 160), black, face("flat"))
                        .reason())
                .isEqualTo(Reason.TOO_HOT);
        assertThat(WhatHolds.of(printed, made(Stuff.COTTON, 0, Coating.NONE, 200), black, face("flat"))
                        .reason())
                .isEqualTo(Reason.TWO_PRESSES);
    }

    @org.junit.jupiter.api.AfterAll
    static void everyReasonWasGiven() {
        assertThat(SEEN).containsExactlyInAnyOrderElementsOf(Arrays.asList(Reason.values()));
    }

    @Test
    void aProcessIsAnsweredByTheMaterialThatHoldsBest() {
        List<WhatHolds.Answered> all = WhatHolds.byProcess(
                List.of(material("film", Process.HEAT_FILM, 155), material("low-film", Process.HEAT_FILM, 130)),
                Fixtures.cotton("thin", 140, 60),
                new BlankColour("c", "c", Colour.of("#202020")),
                face("flat"));

        assertThat(all)
                .singleElement()
                .satisfies(a -> assertThat(a.material().id()).isEqualTo("low-film"));
    }
}
