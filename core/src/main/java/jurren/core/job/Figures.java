package jurren.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import jurren.core.finish.HandTime;
import jurren.core.finish.Press;
import jurren.core.job.Figure.Unit;
import jurren.core.load.Cutter;
import jurren.core.load.Printer;
import jurren.core.material.CutSettings;
import jurren.core.material.Material;
import jurren.core.material.Recipe;
import jurren.core.material.Underlay;

/** The numbers of films, machines and prices. */
public final class Figures {
    private static final double LEAST_CELSIUS = 30;
    private static final double MOST_CELSIUS = 300;
    private static final int MOST_PASSES = 9;

    public static final List<Figure<Cutter>> CUTTER = List.of(
            new Figure<>(
                    "width",
                    Unit.LENGTH,
                    Cutter::widthMm,
                    (c, v) -> measured(c, v, c.rollerMm(), c.beforeMm(), c.afterMm(), c.travelMmS(), c.overcutMm())),
            new Figure<>(
                    "narrowest",
                    Unit.LENGTH,
                    c -> c.feed().leastMm(),
                    (c, v) -> c.withFeed(c.feed().withLeast(v))),
            new Figure<>(
                    "roller",
                    Unit.LENGTH,
                    Cutter::rollerMm,
                    (c, v) -> measured(c, c.widthMm(), v, c.beforeMm(), c.afterMm(), c.travelMmS(), c.overcutMm())),
            new Figure<>(
                    "before",
                    Unit.LENGTH,
                    Cutter::beforeMm,
                    (c, v) -> measured(c, c.widthMm(), c.rollerMm(), v, c.afterMm(), c.travelMmS(), c.overcutMm())),
            new Figure<>(
                    "after",
                    Unit.LENGTH,
                    Cutter::afterMm,
                    (c, v) -> measured(c, c.widthMm(), c.rollerMm(), c.beforeMm(), v, c.travelMmS(), c.overcutMm())),
            new Figure<>(
                    "rollers",
                    Unit.COUNT,
                    c -> c.feed().rollers(),
                    (c, v) -> c.withFeed(c.feed().withRollers(whole(v)))),
            new Figure<>("mat", Unit.LENGTH, Cutter::matMm, Cutter::withMat),
            new Figure<>(
                    "travel",
                    Unit.SPEED,
                    Cutter::travelMmS,
                    (c, v) -> measured(c, c.widthMm(), c.rollerMm(), c.beforeMm(), c.afterMm(), v, c.overcutMm())),
            new Figure<>(
                    "overcut",
                    Unit.FINE_LENGTH,
                    Cutter::overcutMm,
                    (c, v) -> measured(c, c.widthMm(), c.rollerMm(), c.beforeMm(), c.afterMm(), c.travelMmS(), v)),
            new Figure<>(
                    "least-force",
                    Unit.FORCE,
                    c -> c.head().leastGf(),
                    (c, v) -> c.withHead(c.head().withForces(v, c.head().mostGf()))),
            new Figure<>(
                    "most-force",
                    Unit.FORCE,
                    c -> c.head().mostGf(),
                    (c, v) -> c.withHead(c.head().withForces(c.head().leastGf(), v))),
            new Figure<>(
                    "trails",
                    Unit.FINE_LENGTH,
                    c -> c.head().offsetMm(),
                    (c, v) -> c.withHead(c.head().withOffset(v))),
            new Figure<>(
                    "lasts",
                    Unit.COUNT,
                    c -> c.head().lastsM(),
                    (c, v) -> c.withHead(c.head().withLasts(v))),
            new Figure<>(
                    "pen",
                    Unit.COUNT,
                    c -> c.head().pen(),
                    (c, v) -> c.withHead(c.head().withPen(whole(v)))));

    public static final List<Figure<Press>> PRESS = List.of(
            new Figure<>(
                    "platen-width",
                    Unit.LENGTH,
                    Press::platenWidthMm,
                    (p, v) -> new Press(p.id(), p.name(), p.kind(), v, p.platenHeightMm(), p.mostCelsius())),
            new Figure<>(
                    "platen-height",
                    Unit.LENGTH,
                    Press::platenHeightMm,
                    (p, v) -> new Press(p.id(), p.name(), p.kind(), p.platenWidthMm(), v, p.mostCelsius())),
            new Figure<>(
                    "most-degrees",
                    Unit.DEGREES,
                    Press::mostCelsius,
                    (p, v) -> new Press(
                            p.id(),
                            p.name(),
                            p.kind(),
                            p.platenWidthMm(),
                            p.platenHeightMm(),
                            atMost(v, MOST_CELSIUS))));

    public static final List<Figure<Printer>> PRINTER = List.of(
            new Figure<>(
                    "per-inch",
                    Unit.COUNT,
                    Printer::perInch,
                    (p, v) -> p.taking(v, p.widthMm(), p.longestMm(), p.edgeMm())),
            new Figure<>(
                    "paper-width",
                    Unit.LENGTH,
                    Printer::widthMm,
                    (p, v) -> p.taking(p.perInch(), v, p.longestMm(), p.edgeMm())),
            new Figure<>(
                    "paper-longest",
                    Unit.LENGTH,
                    Printer::longestMm,
                    (p, v) -> p.taking(p.perInch(), p.widthMm(), v, p.edgeMm())),
            new Figure<>(
                    "paper-edge",
                    Unit.LENGTH,
                    Printer::edgeMm,
                    (p, v) -> p.taking(p.perInch(), p.widthMm(), p.longestMm(), v)),
            new Figure<>("true-across", Unit.SHARE, Printer::trueAcross, (p, v) -> p.scaled(v, p.trueAlong())),
            new Figure<>("true-along", Unit.SHARE, Printer::trueAlong, (p, v) -> p.scaled(p.trueAcross(), v)));

    public static final List<Figure<Prices>> PRICES = List.of(
            new Figure<>(
                    "hour",
                    Unit.MONEY,
                    Prices::pressHour,
                    (p, v) -> new Prices(
                            p.currency(),
                            v,
                            p.hands(),
                            p.wasteShare(),
                            p.thing(),
                            p.inkPerM2(),
                            p.marginShare(),
                            p.times())),
            new Figure<>(
                    "hands",
                    Unit.COUNT,
                    Prices::hands,
                    (p, v) -> new Prices(
                            p.currency(),
                            p.pressHour(),
                            whole(v),
                            p.wasteShare(),
                            p.thing(),
                            p.inkPerM2(),
                            p.marginShare(),
                            p.times())),
            new Figure<>(
                    "waste",
                    Unit.SHARE,
                    Prices::wasteShare,
                    (p, v) -> new Prices(
                            p.currency(),
                            p.pressHour(),
                            p.hands(),
                            v,
                            p.thing(),
                            p.inkPerM2(),
                            p.marginShare(),
                            p.times())),
            new Figure<>(
                    "thing",
                    Unit.MONEY,
                    Prices::thing,
                    (p, v) -> new Prices(
                            p.currency(),
                            p.pressHour(),
                            p.hands(),
                            p.wasteShare(),
                            v,
                            p.inkPerM2(),
                            p.marginShare(),
                            p.times())),
            new Figure<>(
                    "ink",
                    Unit.MONEY,
                    Prices::inkPerM2,
                    (p, v) -> new Prices(
                            p.currency(),
                            p.pressHour(),
                            p.hands(),
                            p.wasteShare(),
                            p.thing(),
                            v,
                            p.marginShare(),
                            p.times())),
            new Figure<>(
                    "margin",
                    Unit.SHARE,
                    Prices::marginShare,
                    (p, v) -> new Prices(
                            p.currency(),
                            p.pressHour(),
                            p.hands(),
                            p.wasteShare(),
                            p.thing(),
                            p.inkPerM2(),
                            v,
                            p.times())));

    /** How long everything takes. */
    public static Figure<Prices> time(HandTime t) {
        return new Figure<>(
                "time-" + t.word(),
                Unit.SECONDS,
                p -> p.times().of(t),
                (p, v) -> p.withTimes(p.times().with(t, v)));
    }

    /** What every film has. */
    private static final List<Figure<Material>> OF_FILM = List.of(
            new Figure<>(
                    "price",
                    Unit.MONEY,
                    Material::pricePerMetre,
                    (m, v) -> m.with(m.thicknessMm(), m.leastStrokeMm(), m.recipe(), m.cutting(), v)),
            new Figure<>(
                    "thickness",
                    Unit.FINE_LENGTH,
                    Material::thicknessMm,
                    (m, v) -> m.with(v, m.leastStrokeMm(), m.recipe(), m.cutting(), m.pricePerMetre())),
            new Figure<>(
                    "least-part",
                    Unit.FINE_LENGTH,
                    Material::leastStrokeMm,
                    (m, v) -> m.with(m.thicknessMm(), v, m.recipe(), m.cutting(), m.pricePerMetre())),
            cut(
                    "force",
                    Unit.FORCE,
                    CutSettings::forceGf,
                    (c, v) -> new CutSettings(v, c.speedMmS(), c.bladeOutMm(), c.passes())),
            cut(
                    "speed",
                    Unit.SPEED,
                    CutSettings::speedMmS,
                    (c, v) -> new CutSettings(c.forceGf(), v, c.bladeOutMm(), c.passes())),
            cut(
                    "blade-out",
                    Unit.FINE_LENGTH,
                    CutSettings::bladeOutMm,
                    (c, v) -> new CutSettings(c.forceGf(), c.speedMmS(), v, c.passes())),
            cut(
                    "passes",
                    Unit.COUNT,
                    CutSettings::passes,
                    (c, v) -> new CutSettings(
                            c.forceGf(), c.speedMmS(), c.bladeOutMm(), (int) atMost(whole(v), MOST_PASSES))));
    /** In the order of the recipe's own numbers. */
    private static final List<Figure<Material>> OF_RECIPE = List.of(
            heat("degrees", Unit.DEGREES, 0),
            heat("least-degrees", Unit.DEGREES, 1),
            heat("most-degrees", Unit.DEGREES, 2),
            heat("least-press", Unit.SECONDS, 3),
            heat("most-press", Unit.SECONDS, 4),
            heat("most-in-all", Unit.SECONDS, 5),
            heat("tack", Unit.SECONDS, 6),
            heat("again", Unit.SECONDS, 7));

    private static final List<Figure<Material>> OF_UNDERLAY = List.of(
            under(
                    "white-in",
                    Unit.FINE_LENGTH,
                    Underlay::whiteInMm,
                    (u, v) -> new Underlay(v, u.leastGapMm(), u.cureCelsius())),
            under(
                    "least-gap",
                    Unit.FINE_LENGTH,
                    Underlay::leastGapMm,
                    (u, v) -> new Underlay(u.whiteInMm(), v, u.cureCelsius())),
            under(
                    "cure-degrees",
                    Unit.DEGREES,
                    Underlay::cureCelsius,
                    (u, v) -> new Underlay(u.whiteInMm(), u.leastGapMm(), v)));

    private Figures() {}

    private static Figure<Material> under(
            String id, Unit unit, ToDoubleFunction<Underlay> get, BiFunction<Underlay, Double, Underlay> with) {
        return new Figure<>(
                id,
                unit,
                m -> get.applyAsDouble(m.underlay().orElseThrow()),
                (m, v) -> m.withUnderlay(with.apply(m.underlay().orElseThrow(), v)));
    }

    /** Those of a film; how it is pressed only where it is. */
    public static List<Figure<Material>> film(Material m) {
        List<Figure<Material>> all = new ArrayList<>(OF_FILM);
        if (m.recipe().isPresent()) {
            all.addAll(OF_RECIPE);
        }
        if (m.underlay().isPresent()) {
            all.addAll(OF_UNDERLAY);
        }
        return all;
    }

    private static Cutter measured(
            Cutter c, double width, double roller, double before, double after, double travel, double overcut) {
        return new Cutter(
                c.id(),
                c.name(),
                width,
                roller,
                before,
                after,
                travel,
                c.liftS(),
                c.cornerS(),
                overcut,
                c.head(),
                c.reach(),
                c.speech(),
                c.senses(),
                c.feed());
    }

    private static Figure<Material> cut(
            String id,
            Unit unit,
            ToDoubleFunction<CutSettings> get,
            java.util.function.BiFunction<CutSettings, Double, CutSettings> with) {
        return new Figure<>(
                id,
                unit,
                m -> get.applyAsDouble(m.cutting()),
                (m, v) -> m.with(
                        m.thicknessMm(), m.leastStrokeMm(), m.recipe(), with.apply(m.cutting(), v), m.pricePerMetre()));
    }

    private static double[] numbers(Recipe r) {
        return new double[] {
            r.celsius(), r.leastCelsius(), r.mostCelsius(), r.leastS(), r.mostS(), r.mostTotalS(), r.tackS(), r.againS()
        };
    }

    private static Figure<Material> heat(String id, Unit unit, int at) {
        return new Figure<>(id, unit, m -> numbers(m.recipe().orElseThrow())[at], (m, v) -> {
            Recipe r = m.recipe().orElseThrow();
            double[] n = numbers(r);
            n[at] = unit == Unit.DEGREES ? warm(v) : v;
            return m.with(
                    m.thicknessMm(),
                    m.leastStrokeMm(),
                    java.util.Optional.of(new Recipe(
                            n[0], n[1], n[2], n[3], n[4], n[5], n[6], n[7], r.pressure(), r.peel(), r.once())),
                    m.cutting(),
                    m.pricePerMetre());
        });
    }

    private static double warm(double celsius) {
        if (celsius < LEAST_CELSIUS) {
            throw new IllegalArgumentException("nothing is pressed so cold");
        }
        return atMost(celsius, MOST_CELSIUS);
    }

    private static double atMost(double v, double most) {
        if (v > most) {
            throw new IllegalArgumentException("it is more than can be");
        }
        return v;
    }

    private static int whole(double v) {
        if (v != Math.rint(v)) {
            throw new IllegalArgumentException("it is a whole number");
        }
        return (int) v;
    }

    /** Whether two of a kind differ in a figure. */
    public static <T> boolean differ(Figure<T> figure, T a, T b) {
        return Math.abs(figure.of(a) - figure.of(b)) > 1e-9;
    }

    /** Which of a film's figures are not as they were shipped. */
    public static List<String> tuned(Material shipped, Material now) {
        List<Figure<Material>> all = film(now);
        return IntStream.range(0, all.size())
                .filter(i -> differ(all.get(i), shipped, now))
                .mapToObj(i -> all.get(i).id())
                .toList();
    }
}
