package jurren.app.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.dryrun.DryRun;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.layer.Panels;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.load.Cutter;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.plan.JobPapers;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Words on every thing there is, of several materials that hold on it: written, made on the stand-ins and judged. */
class EveryThingMadeTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final Planner PLANNER = new Planner();
    private static final int MATERIALS = 2;

    static Stream<Blank> things() {
        return SHOP.blanks().stream();
    }

    /** Another part of what holds for each thing, so that all come up. */
    private static List<Material> some(Blank thing) {
        BlankColour colour = thing.colours().getFirst();
        List<Material> holding = SHOP.materials().stream()
                .filter(m -> WhatHolds.of(
                                        m,
                                        thing.madeOf(),
                                        colour,
                                        thing.reference().faces().getFirst())
                                .answer()
                        != Verdict.Answer.DOES_NOT_HOLD)
                .toList();
        int from = 2 * SHOP.blanks().indexOf(thing);
        return IntStream.range(0, Math.min(MATERIALS, holding.size()))
                .mapToObj(i -> holding.get((from + i * 5) % holding.size()))
                .distinct()
                .toList();
    }

    /** Cut on mats, the pieces come off the roll one by one and are the same in the end. */
    @ParameterizedTest
    @ValueSource(strings = {"tee-toddler", "jar-16", "sticker-75", "tile-108", "stencil-plate-140"})
    void whatIsCutOnMatsIsAsTrue(String id) {
        Shop mats = new Shop(
                SHOP.blanks(),
                SHOP.materials(),
                SHOP.cutters().stream().filter(Cutter::isOnMats).toList(),
                SHOP.printer(),
                SHOP.presses(),
                SHOP.shelf(),
                SHOP.prices());
        Blank thing = SHOP.blank(id).orElseThrow();
        for (Material m : some(thing)) {
            Colour film = m.colours().isEmpty()
                    ? Colour.of("#7C2E57")
                    : m.colours().getFirst().colour();
            Plan plan = PLANNER.plan(
                    NewJobs.saying(
                                    "ILLY",
                                    ShippedTypeface.FREDOKA,
                                    thing,
                                    thing.colours().getFirst(),
                                    m,
                                    film)
                            .withLine(
                                    "A", l -> l.withSize(thing.sizes().getLast().id(), s -> s.withCount(7))),
                    mats);
            DryRun run = DryRunner.run(plan, JobPapers.cutFiles(plan), JobPapers.printFiles(plan));
            assertThat(run.isTrue())
                    .as("%s of %s is off by %s mm, spoiled %s", id, m.id(), run.worstMm(), run.spoiled())
                    .isTrue();
            assertThat(plan.runs())
                    .allSatisfy(r -> assertThat(r.load().usedMm()).isLessThanOrEqualTo(305));
        }
    }

    /**
     * Split into panels, cut, weeded and laid with their overlaps, it is the same in the end; also seen through glass,
     * and under heat.
     */
    @ParameterizedTest
    @CsvSource({
        "sign-board-400, vinyl-permanent",
        "sign-board-400, vinyl-behind-glass",
        "tee-adult, smooth-film",
        "tee-adult, stretch-film"
    })
    void whatIsMadeInPanelsIsAsTrue(String id, String material) {
        Blank thing = SHOP.blank(id).orElseThrow();
        Material m = SHOP.material(material).orElseThrow();
        Job whole = NewJobs.saying(
                "ILLY\nOTTER",
                ShippedTypeface.ALFA_SLAB_ONE,
                thing,
                thing.colours().getFirst(),
                m,
                m.colours().getFirst().colour());
        Film film = Film.of(m.id(), m.colours().getFirst().colour());
        for (boolean upright : new boolean[] {true, false}) {
            Plan plan = PLANNER.plan(
                    whole.withLine(
                            "A", l -> l.withPanels(film, Optional.of(new Panels(upright, List.of(0.31, 0.72), 3)))),
                    SHOP);
            assertThat(plan.lines().getFirst().drawn().layers()).hasSize(3);
            DryRun run = DryRunner.run(plan, JobPapers.cutFiles(plan), JobPapers.printFiles(plan));
            assertThat(run.isTrue())
                    .as("%s, off by %s mm, spoiled %s", upright, run.worstMm(), run.spoiled())
                    .isTrue();
        }
    }

    @ParameterizedTest
    @MethodSource("things")
    void whatIsMadeIsTrueOrWasStopped(Blank thing) {
        ShippedTypeface face =
                SHOP.blanks().indexOf(thing) % 2 == 0 ? ShippedTypeface.PACIFICO : ShippedTypeface.FREDOKA;
        List<String> wrong = new ArrayList<>();
        for (Material m : some(thing)) {
            Colour film = m.colours().isEmpty()
                    ? Colour.of("#7C2E57")
                    : m.colours().getFirst().colour();
            Job job =
                    NewJobs.saying("Ärger & Øl 8%", face, thing, thing.colours().getFirst(), m, film);
            Plan plan = PLANNER.plan(job, SHOP);
            DryRun run = DryRunner.run(plan, JobPapers.cutFiles(plan), JobPapers.printFiles(plan));
            boolean stopped = plan.snags().stream().anyMatch(s -> s.gravity() != Snag.Gravity.LOOK);
            if (!run.isTrue() && !stopped) {
                wrong.add(m.id() + " is off by " + run.worstMm() + " mm, spoiled " + run.spoiled());
            }
            assertThat(run.copies()).as(m.id()).isNotEmpty();
        }
        assertThat(wrong).as(thing.id()).isEmpty();
    }
}
