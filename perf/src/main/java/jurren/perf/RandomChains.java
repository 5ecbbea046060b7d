package jurren.perf;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Colouring;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Pose;
import jurren.core.art.Referring;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.art.treat.KnockOut;
import jurren.core.art.treat.Treatments;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typesetting;
import jurren.core.material.Colour;

/**
 * Random chains on random lettering: counts what throws, what is invalid, what grows or shrinks where it
 * must not, and what differs the second time. Prints a table and every failure; the first argument is
 * how many, the second where to begin.
 */
public final class RandomChains {
    private static final Colour CREAM = Colour.of("#F6EFDC");
    private static final Colour SKY = Colour.of("#7FC4DA");
    private static final double DUST_MM2 = 1e-3;
    private static final String LETTERS = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789&?!éßŁ  \n";
    private static final Motif OTHER =
            new Motif("other", "other", Shape.of(Shape.Kind.STAR, 30, SKY), List.of(), Pose.at(12, -9));

    private final Map<String, Integer> counts = new TreeMap<>();
    private double slowestMs;
    private String slowest = "";

    private RandomChains() {}

    public static void main(String[] args) {
        int count = args.length > 0 ? Integer.parseInt(args[0]) : 10_000;
        int first = args.length > 1 ? Integer.parseInt(args[1]) : 0;
        RandomChains run = new RandomChains();
        for (int i = first; i < first + count; i++) {
            run.one(i);
            if ((i + 1) % 500 == 0) {
                System.err.println(i + 1 - first);
            }
        }
        System.out.println(
                "| chains | refused as too much | exceptions | invalid | grew or shrank wrongly | differ the second time | slowest |");
        System.out.println("|---|---|---|---|---|---|---|");
        System.out.printf(
                Locale.ROOT,
                "| %d | %d | %d | %d | %d | %d | %.0f ms |%n",
                count,
                run.of("refused"),
                run.of("exception"),
                run.of("invalid"),
                run.of("inclusion"),
                run.of("differs"),
                run.slowestMs);
        System.out.println(run.slowest);
    }

    private int of(String what) {
        return counts.getOrDefault(what, 0);
    }

    private void one(int seed) {
        Random random = new Random(seed);
        Lettering lettering = lettering(random);
        List<Treatment> chain = chain(random);
        long from = System.nanoTime();
        try {
            judge(seed, lettering, chain);
        } catch (IllegalArgumentException e) {
            counts.merge("refused", 1, Integer::sum);
        } catch (RuntimeException e) {
            failed("exception", seed, chain + " " + e + " at " + e.getStackTrace()[0]);
        }
        double ms = (System.nanoTime() - from) / 1e6;
        if (ms > slowestMs) {
            slowestMs = ms;
            slowest = "slowest: seed " + seed + " \"" + lettering.text().replace('\n', '/') + "\" "
                    + lettering.typeface() + " " + chain;
        }
    }

    private void judge(int seed, Lettering lettering, List<Treatment> chain) {
        BuiltMotif once = built(lettering, chain);
        Region region = once.region();
        if (!once.paints().stream().allMatch(p -> p.region().isValid()) || !region.isValid()) {
            failed("invalid", seed, chain.toString());
        }
        if (!regions(once).equals(regions(built(lettering, chain)))) {
            failed("differs", seed, chain.toString());
        }
        double grew = built(lettering, with(chain, new KnockOut("other", 1)))
                .region()
                .minus(region)
                .areaMm2();
        double shrank = region.minus(built(
                                lettering, with(chain, new Treatment.Outlined(1.5, CornerStyle.ROUND, CREAM)))
                        .region())
                .areaMm2();
        if (grew > DUST_MM2 || shrank > DUST_MM2) {
            failed("inclusion", seed, chain + " grew " + grew + " shrank " + shrank);
        }
    }

    private void failed(String what, int seed, String why) {
        counts.merge(what, 1, Integer::sum);
        System.out.println(what + ": seed " + seed + " " + why);
    }

    private static List<Region> regions(BuiltMotif m) {
        return m.paints().stream().map(Painted::region).toList();
    }

    private static BuiltMotif built(Lettering l, List<Treatment> chain) {
        Motif m = new Motif("m", "m", l, chain, new Pose(3, 5, 20));
        return new Chain().build(m, List.of(m, OTHER));
    }

    private static List<Treatment> with(List<Treatment> chain, Treatment more) {
        List<Treatment> all = new ArrayList<>(chain);
        all.add(more);
        return all;
    }

    private static Lettering lettering(Random random) {
        StringBuilder text = new StringBuilder();
        for (int n = 1 + random.nextInt(12); n > 0; n--) {
            text.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        Baseline baseline = switch (random.nextInt(6)) {
            case 0 -> new Baseline.Arc(20 + random.nextInt(100));
            case 1 -> new Baseline.Circle(15 + random.nextInt(40), random.nextInt(360), 300, random.nextBoolean());
            case 2 -> new Baseline.Edge("other", random.nextDouble(), random.nextDouble() * 3);
            default -> new Baseline.Straight();
        };
        Typesetting setting = Typesetting.USUAL
                .withLetterSpacing(random.nextDouble() - 0.6)
                .withBaseline(baseline)
                .withAlign(Typesetting.Align.values()[random.nextInt(Typesetting.Align.values().length)]);
        ShippedTypeface face = ShippedTypeface.values()[random.nextInt(ShippedTypeface.values().length)];
        return Lettering.of(text.toString(), face, 6 + random.nextInt(40), CREAM)
                .withSetting(setting)
                .withColouring(new Colouring(Colouring.By.values()[random.nextInt(4)], List.of(CREAM, SKY)));
    }

    private static List<Treatment> chain(Random random) {
        List<Treatments.Kind> kinds = Treatments.kinds();
        List<Treatment> chain = new ArrayList<>();
        for (int n = 1 + random.nextInt(5); n > 0; n--) {
            Treatment t = kinds.get(random.nextInt(kinds.size())).fresh().apply(random.nextBoolean() ? SKY : CREAM);
            Treatment following = t instanceof Referring r ? r.withOther("other") : t;
            chain.add(random.nextInt(10) == 0 ? new Treatment.Off(following) : following);
        }
        return chain;
    }
}
