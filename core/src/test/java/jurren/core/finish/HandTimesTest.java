package jurren.core.finish;

import java.util.Map;
import jurren.core.Fixtures;
import jurren.core.job.Figures;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.run.WholeRun;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Every time that hands take is a figure of the shop, and all that follows from it follows. */
class HandTimesTest {
    private static Shop slow(HandTime time, double seconds) {
        Shop shop = Fixtures.shop();
        return shop.with(shop.mine()
                .withPrices(shop.prices().withTimes(shop.prices().times().with(time, seconds))));
    }

    private static double perPiece(Plan plan) {
        return plan.lines().getFirst().drawn().finish().secondsPerPiece();
    }

    @Test
    void aSlowerHandMakesEveryPieceTheRunAndThePriceDearer() {
        Job job = Fixtures.job();
        Plan usual = new Planner().plan(job, Fixtures.shop());
        Plan slower = new Planner().plan(job, slow(HandTime.HANDLING, 40));
        long closings = usual.lines().getFirst().drawn().finish().steps().stream()
                .filter(s -> s.kind().isLinedUp())
                .count();
        assertThat(closings).isPositive();
        assertThat(perPiece(slower) - perPiece(usual))
                .as("30 s more before each closing, and once to open it")
                .isCloseTo(30 * (closings + 1), within(1e-9));
        assertThat(slower.quote().pressTime()).isGreaterThan(usual.quote().pressTime());
        assertThat(WholeRun.of(slower).schedule().endS())
                .isGreaterThan(WholeRun.of(usual).schedule().endS() + 29);
    }

    @Test
    void weedingAndMachinesTakeWhatTheShopSays() {
        Job job = Fixtures.job();
        Plan usual = new Planner().plan(job, Fixtures.shop());
        Plan weeding = new Planner().plan(job, slow(HandTime.WEED_FRAME, 105));
        assertThat(perPiece(weeding) - perPiece(usual))
                .as("100 s more for each layer that is weeded")
                .isCloseTo(100.0 * usual.lines().getFirst().drawn().layers().size(), within(1e-9));
        Plan loading = new Planner().plan(job, slow(HandTime.LOAD_CUTTER, 1020));
        assertThat(perPiece(loading)).isEqualTo(perPiece(usual));
        assertThat(WholeRun.of(loading).schedule().endS())
                .isGreaterThan(WholeRun.of(usual).schedule().endS() + 999);
    }

    @Test
    void onlyWhatIsNotAsUsualIsKept() {
        HandTimes tuned = HandTimes.USUAL.with(HandTime.COOL, 300);
        assertThat(tuned.tuned()).isEqualTo(Map.of(HandTime.COOL, 300.0));
        assertThat(tuned.with(HandTime.COOL, HandTime.COOL.usualS())).isEqualTo(HandTimes.USUAL);
        assertThatThrownBy(() -> tuned.with(HandTime.LINT, -1)).hasMessageContaining("was -1.0 s");
        assertThat(Figures.time(HandTime.LINT).objection(Fixtures.shop().prices(), 1e7))
                .isPresent();
    }
}
