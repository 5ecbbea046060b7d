package jurren.core.cure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import jurren.core.Fixtures;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnShape;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Source;
import jurren.core.art.Treatment;
import jurren.core.art.treat.DrawCloser;
import jurren.core.art.treat.HoldIslands;
import jurren.core.art.treat.KnockOut;
import jurren.core.art.treat.OnePieceWanted;
import jurren.core.art.treat.Simplify;
import jurren.core.art.treat.Stripes;
import jurren.core.art.treat.Thicken;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.job.Job;
import jurren.core.job.SizeEntry;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Random art with everything wrong that can be wrong: mended as far as it goes, there are never more snags than before,
 * of no kind more, and of no new kind. {@code -Djurren.mending=5000} tries as many; {@code -Djurren.mending.from}
 * begins at a seed.
 */
@Tag("properties")
class RandomMendingTest {
    private static final int TRIES = Integer.getInteger("jurren.mending", 5);
    private static final int FROM = Integer.getInteger("jurren.mending.from", 1);
    private static final List<Colour> COLOURS =
            List.of(Fixtures.CREAM, Fixtures.TANGERINE, Fixtures.SKY, Colour.of("#123456"));
    private static final String[] WORDS = {"Robin", "BOB 8", "kite", "O", "Qq&", "fly 中", "  ", "Åge", "ili"};

    @Test
    void curesOnlyEverMend() {
        Map<String, Integer> cured = new HashMap<>();
        int mended = 0;
        for (int seed = FROM; seed < FROM + TRIES; seed++) {
            Planner planner = new Planner();
            Plan before = planner.plan(randomJob(new Random(seed)), Fixtures.shop());
            Mender.Mended done = new Mender(planner).mend(before, false);
            Plan after = new Planner().plan(done.job(), Fixtures.shop());
            // what lay on no film and does now may need more of it than hangs there
            int laid = count(before, Snag.NotOnRoll.class) > count(after, Snag.NotOnRoll.class)
                    ? count(after, Snag.RollTooShort.class)
                    : 0;
            assertThat(after.snags())
                    .as("seed %d", seed)
                    .hasSizeLessThanOrEqualTo(
                            before.snags().size() - done.done().size() + laid);
            Map<Object, Integer> was = kinds(before);
            kinds(after)
                    .forEach((kind, count) -> assertThat(count)
                            .as("%s", kind)
                            .isLessThanOrEqualTo(was.getOrDefault(kind, 0)
                                    + (((List<?>) kind).getFirst() == Snag.RollTooShort.class ? laid : 0)));
            done.done().forEach(c -> cured.merge(c.kind().name(), 1, Integer::sum));
            mended += before.snags().size() - after.snags().size();
        }
        assertThat(mended).as("%s", cured).isGreaterThan(TRIES / 2);
    }

    private static int count(Plan plan, Class<? extends Snag> kind) {
        return (int) plan.snags().stream().filter(kind::isInstance).count();
    }

    private static Map<Object, Integer> kinds(Plan plan) {
        Map<Object, Integer> kinds = new HashMap<>();
        plan.snags().forEach(s -> kinds.merge(List.of(s.getClass(), s.gravity()), 1, Integer::sum));
        return kinds;
    }

    private static Job randomJob(Random r) {
        List<Motif> motifs = new ArrayList<>();
        int n = 1 + r.nextInt(3);
        for (int i = 0; i < n; i++) {
            Pose pose = new Pose(
                    r.nextGaussian() * 50, 170 + r.nextGaussian() * 50, r.nextInt(4) == 0 ? r.nextInt(360) : 0);
            motifs.add(new Motif("m" + i, "motif", source(r), treatments(r), pose));
        }
        SizeEntry[] sizes = r.nextBoolean()
                ? new SizeEntry[] {SizeEntry.of("M", 1)}
                : new SizeEntry[] {SizeEntry.of("S", 1), SizeEntry.of("M", 2)};
        return Fixtures.job(Fixtures.line(sizes).withMotifs(motifs));
    }

    private static Colour colour(Random r) {
        return COLOURS.get(r.nextInt(COLOURS.size()));
    }

    private static Source source(Random r) {
        return switch (r.nextInt(3)) {
            case 0 ->
                Lettering.of(
                        WORDS[r.nextInt(WORDS.length)],
                        ShippedTypeface.values()[r.nextInt(ShippedTypeface.values().length)],
                        4 + r.nextDouble() * 60,
                        colour(r));
            case 1 ->
                new Shape(
                        Shape.Kind.values()[r.nextInt(Shape.Kind.values().length)],
                        1 + r.nextDouble() * 320,
                        0.5 + r.nextDouble() * 200,
                        3 + r.nextInt(9),
                        r.nextDouble(),
                        colour(r));
            default -> drawing(r);
        };
    }

    /** Blocks, crumbs, hairs and needles, some of them touching. */
    private static Drawing drawing(Random r) {
        List<DrawnShape> shapes = new ArrayList<>();
        int n = 1 + r.nextInt(8);
        for (int i = 0; i < n; i++) {
            double x = Math.rint(r.nextGaussian() * 25);
            double y = Math.rint(r.nextGaussian() * 25);
            Region shape = switch (r.nextInt(5)) {
                case 0 -> Shapes.disc(x, y, 0.2 + r.nextDouble());
                case 1 -> Shapes.rectangle(x, y, 20 + r.nextInt(30), 0.1 + r.nextDouble());
                case 2 -> Shapes.polygon(x, y, x + 30, y + 1, x, y + 2);
                case 3 -> Shapes.ring(x, y, 8, 7.3);
                default -> Shapes.rectangle(x, y, 5 + r.nextInt(30), 5 + r.nextInt(20));
            };
            shapes.add(new DrawnShape(Curves.of(AwtShapes.path(shape)), colour(r), Optional.empty()));
        }
        return Drawing.atFileSize(
                new DrawingFile(
                        "d" + r.nextInt() + ".svg",
                        new byte[] {(byte) r.nextInt(), (byte) r.nextInt(), (byte) r.nextInt()}),
                shapes,
                List.of());
    }

    private static List<Treatment> treatments(Random r) {
        List<Treatment> all = new ArrayList<>();
        int n = r.nextInt(4);
        for (int i = 0; i < n; i++) {
            all.add(
                    switch (r.nextInt(9)) {
                        case 0 -> new Treatment.Outlined(0.2 + r.nextDouble() * 5, CornerStyle.ROUND, colour(r));
                        case 1 -> new Thicken(0.3 + r.nextDouble() * 4);
                        case 2 -> new KnockOut(r.nextBoolean() ? "gone" : "", 1);
                        case 3 -> new Stripes(0.3 + r.nextDouble() * 4, 0.3 + r.nextDouble() * 4, 30, true, colour(r));
                        case 4 -> new DrawCloser(0.3, 4);
                        case 5 -> new OnePieceWanted();
                        case 6 -> new HoldIslands(1 + r.nextDouble(), 2, true);
                        case 7 -> new Simplify(0.05 + r.nextDouble());
                        default -> new Treatment.Weld();
                    });
        }
        return all;
    }
}
