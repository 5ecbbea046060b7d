package jurren.core.plan;

import java.util.List;
import jurren.core.Fixtures;
import jurren.core.job.Job;
import jurren.core.job.SizeEntry;
import jurren.core.load.Layouts;
import jurren.core.load.Nesting;
import jurren.core.memo.Memory;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.IntRange;

import static org.assertj.core.api.Assertions.assertThat;

/** No answer lives in what is remembered. */
@Tag("properties")
class WithoutMemoryTest {
    /** What is remembered makes plans quick, never other: layouts that were taken are facts of the job. */
    @Property(tries = 5, seed = "20261201")
    void withHardlyAnyMemoryEveryPlanIsTheSame(@ForAll @IntRange(min = 2, max = 9) int copies, @ForAll boolean taken) {
        Memory memory = Memory.ofProcess();
        long usual = memory.budgetBytes();
        Planner planner = new Planner();
        Job job = Fixtures.job().withLine("A", l -> l.withSize("M", s -> SizeEntry.of("M", copies)));
        Plan first = planner.plan(job, Fixtures.shop());
        if (taken) {
            Nesting.Search search = planner.nesting().search(first.nests().getFirst(), Layouts.NONE);
            for (int i = 0; i < 4; i++) {
                search.step();
            }
            job = TighterLayouts.of(planner, first, List.of(search))
                    .map(TighterLayouts::job)
                    .orElse(job);
        }
        Plan plan = planner.plan(job, Fixtures.shop());
        try {
            memory.forget();
            memory.limit(1 << 20);
            for (Planner other : List.of(planner, new Planner())) {
                Plan again = other.plan(job, Fixtures.shop());
                assertThat(again.runs()).isEqualTo(plan.runs());
                assertThat(again.quote()).isEqualTo(plan.quote());
                assertThat(again.found()).isEqualTo(plan.found());
            }
        } finally {
            memory.limit(usual);
        }
    }
}
