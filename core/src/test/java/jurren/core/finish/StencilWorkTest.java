package jurren.core.finish;

import java.util.List;
import java.util.Optional;
import jurren.core.Fixtures;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.art.treat.HoldIslands;
import jurren.core.dryrun.CutSheet;
import jurren.core.dryrun.DryRun;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.load.Roll;
import jurren.core.material.CutSettings;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static org.assertj.core.api.Assertions.assertThat;

/** A stencil from the letters to the painted sign. */
class StencilWorkTest {
    private static final Material SHEET = new Material(
            "sheet",
            "Stencil sheet",
            Process.RIGID_STENCIL,
            0.19,
            1.5,
            false,
            Optional.empty(),
            new CutSettings(250, 80, 0.3, 2),
            8,
            List.of(new FilmColour("Cream", CREAM)));

    private static Plan plan(Treatment... treatments) {
        Shop tees = Fixtures.shop();
        Shop shop = new Shop(
                tees.blanks(),
                List.of(SHEET),
                tees.cutter(),
                tees.printer(),
                tees.presses(),
                List.of(new Roll("roll", "sheet", CREAM, 305, 3000)),
                tees.prices());
        Motif words = new Motif(
                "m1",
                "BOARD",
                Lettering.of("BOARD", ShippedTypeface.ANTON, 60, CREAM),
                List.of(treatments),
                Pose.at(0, 180));
        Job job = Fixtures.job(
                Fixtures.line(SizeEntry.of("M", 1)).withMaterial("sheet").withMotifs(List.of(words)));
        return new Planner().plan(job, shop);
    }

    @Test
    void eachPlateIsPushedOutFixedPaintedAndLiftedBeforeTheNext() {
        FinishSequence two = HandWork.of(HandWork.each(new StencilWork(), 2), false, HandTimes.USUAL);
        assertThat(two.steps())
                .extracting(Step::kind)
                .containsExactly(
                        TableStep.CLEAN,
                        PlateStep.PUSH_OUT,
                        PlateStep.FIX,
                        PlateStep.PAINT,
                        PlateStep.LIFT_PLATE,
                        PlateStep.DRY,
                        PlateStep.PUSH_OUT,
                        PlateStep.FIX,
                        PlateStep.PAINT,
                        PlateStep.LIFT_PLATE,
                        PlateStep.DRY);
        assertThat(two.steps()).noneMatch(s -> s.kind().heats());
        assertThat(two.heat()).isEmpty();
        assertThat(two.secondsPerPiece())
                .as("nobody stands by while it dries")
                .isEqualTo(60 + 2 * (45 + 40 + 120 + 15));
        for (int i = 1; i < two.steps().size(); i++) {
            assertThat(two.steps().get(i).startS())
                    .isEqualTo(two.steps().get(i - 1).endS());
        }
        assertThat(HandWork.of(HandWork.each(new StencilWork(), 0), false, HandTimes.USUAL))
                .isEqualTo(FinishSequence.NOTHING);
    }

    @Test
    void islandsAreASnagUntilTheyAreHeld() {
        assertThat(plan(new Treatment.Weld()).snags())
                .filteredOn(Snag.LooseIsland.class::isInstance)
                .singleElement()
                .satisfies(s -> assertThat(((Snag.LooseIsland) s).islands())
                        .as("B twice, O, A, R, D")
                        .isEqualTo(6));
        assertThat(plan(new Treatment.Weld(), new HoldIslands(3, 2, true)).snags())
                .noneMatch(Snag.LooseIsland.class::isInstance);
    }

    /** The plate is used the way round it is cut: what is cut out is what is painted. */
    @Test
    void theCutPlateShowsTheArtWithoutTurningItOver() {
        Plan plan = plan(new Treatment.Weld(), new HoldIslands(3, 2, true));
        assertThat(plan.lines().getFirst().finish().steps())
                .extracting(Step::kind)
                .contains(PlateStep.PAINT);
        assertThat(plan.runs())
                .singleElement()
                .satisfies(r ->
                        assertThat(r.load().placed()).noneMatch(p -> p.item().turnedOver()));
        DryRun made = DryRun.of(
                plan,
                List.of(new CutSheet(
                        1,
                        plan.runs().getFirst().paths().stream()
                                .map(p -> p.knife(plan.runs().getFirst().overcutMm()))
                                .toList())));
        assertThat(made.matchPercent()).isGreaterThan(99.9);
    }
}
