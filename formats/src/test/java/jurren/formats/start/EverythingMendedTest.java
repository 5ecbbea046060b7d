package jurren.formats.start;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.blank.Blank;
import jurren.core.cure.Mender;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.formats.catalogue.BuiltInShop;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Every start and every shape, as they come: mended as far as it goes, nothing is worse and nothing stops the work. */
@Tag("long")
class EverythingMendedTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final Blank TEE = SHOP.blank("tee-adult").orElseThrow();

    private final Planner planner = new Planner();

    static Stream<Start> starts() {
        return Starts.shipped().stream();
    }

    private static Job job(List<Motif> motifs) {
        return NewJobs.onBlank(TEE, "Fair", "tee", "black", "smooth-film").withLine("A", l -> l.withMotifs(motifs));
    }

    private Plan mended(List<Motif> motifs) {
        Plan before = planner.plan(job(motifs), SHOP);
        Plan after = new Mender(planner).mend(before, false).plan();
        Map<Class<?>, Long> was = kinds(before);
        kinds(after)
                .forEach((kind, count) ->
                        assertThat(count).as(kind.getSimpleName()).isLessThanOrEqualTo(was.getOrDefault(kind, 0L)));
        return after;
    }

    private static Map<Class<?>, Long> kinds(Plan plan) {
        Map<Class<?>, Long> kinds = new HashMap<>();
        plan.snags().forEach(s -> kinds.merge(s.getClass(), 1L, Long::sum));
        return kinds;
    }

    @ParameterizedTest
    @MethodSource("starts")
    void everyStart(Start start) {
        Started.Filled made = (Started.Filled) StartMaker.make(
                start,
                Map.of(),
                Ground.of(
                        TEE.reference().faces().getFirst(),
                        SHOP.material("smooth-film").orElseThrow(),
                        TEE.colours().getFirst(),
                        SHOP));
        Plan plan = mended(made.motifs());
        assertThat(plan.snags()).as("%s", start.id()).noneMatch(s -> s.gravity() != Snag.Gravity.LOOK);
    }

    @ParameterizedTest
    @EnumSource(Shape.Kind.class)
    void everyShape(Shape.Kind kind) {
        Motif shape = new Motif(
                "m1",
                "shape",
                Shape.of(
                        kind,
                        60,
                        SHOP.material("smooth-film")
                                .orElseThrow()
                                .colours()
                                .getFirst()
                                .colour()),
                List.of(),
                Pose.at(0, 200));
        assertThat(mended(List.of(shape)).snags()).noneMatch(s -> s.gravity() != Snag.Gravity.LOOK);
    }
}
