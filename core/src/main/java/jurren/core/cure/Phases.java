package jurren.core.cure;

import java.util.LinkedHashMap;
import java.util.Map;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Bricks;
import jurren.core.art.treat.Chevrons;
import jurren.core.art.treat.Grid;
import jurren.core.art.treat.Stripes;

/** A pattern moved through its pitch in steps, and spaced a little wider: what a person would try. */
final class Phases {
    private static final int STEPS = 8;
    private static final double[] WIDER = {1.05, 1.1, 1.15, 1.2};

    private Phases() {}

    /** By how far it is moved. */
    static Map<Double, Treatment> shifted(Treatment t) {
        Map<Double, Treatment> all = new LinkedHashMap<>();
        for (int i = 1; i < STEPS; i++) {
            double share = (double) i / STEPS;
            switch (t) {
                case Stripes s -> {
                    double by = share * (s.widthMm() + s.gapMm());
                    double a = Math.toRadians(s.degrees());
                    all.put(
                            by,
                            new Stripes(
                                    s.widthMm(),
                                    s.gapMm(),
                                    s.degrees(),
                                    s.cutThrough(),
                                    s.colour(),
                                    s.shiftMm() - by * Math.sin(a),
                                    s.downMm() + by * Math.cos(a),
                                    s.eachPart()));
                }
                case Grid g -> {
                    double by = share * (g.widthMm() + g.gapMm());
                    all.put(
                            by,
                            new Grid(
                                    g.widthMm(),
                                    g.gapMm(),
                                    g.degrees(),
                                    g.cutThrough(),
                                    g.colour(),
                                    g.shiftMm() + by,
                                    g.downMm() + by,
                                    g.eachPart()));
                }
                case Chevrons c -> {
                    double by = share * (c.widthMm() + c.gapMm());
                    all.put(
                            by,
                            new Chevrons(
                                    c.widthMm(),
                                    c.gapMm(),
                                    c.lengthMm(),
                                    c.cutThrough(),
                                    c.colour(),
                                    c.shiftMm(),
                                    c.downMm() + by,
                                    c.degrees(),
                                    c.eachPart()));
                }
                case Bricks b -> {
                    double by = share * (b.heightMm() + b.jointMm());
                    all.put(
                            by,
                            new Bricks(
                                    b.lengthMm(),
                                    b.heightMm(),
                                    b.jointMm(),
                                    b.cutThrough(),
                                    b.colour(),
                                    b.shiftMm() + by,
                                    b.downMm() + by,
                                    b.degrees(),
                                    b.eachPart()));
                }
                default -> {}
            }
        }
        return all;
    }

    /** The gap, or the height of a brick, that it gets. */
    static Map<Double, Treatment> spaced(Treatment t) {
        Map<Double, Treatment> all = new LinkedHashMap<>();
        for (double by : WIDER) {
            switch (t) {
                case Stripes s ->
                    all.put(
                            s.gapMm() * by,
                            new Stripes(
                                    s.widthMm(),
                                    s.gapMm() * by,
                                    s.degrees(),
                                    s.cutThrough(),
                                    s.colour(),
                                    s.shiftMm(),
                                    s.downMm(),
                                    s.eachPart()));
                case Grid g ->
                    all.put(
                            g.gapMm() * by,
                            new Grid(
                                    g.widthMm(),
                                    g.gapMm() * by,
                                    g.degrees(),
                                    g.cutThrough(),
                                    g.colour(),
                                    g.shiftMm(),
                                    g.downMm(),
                                    g.eachPart()));
                case Chevrons c ->
                    all.put(
                            c.gapMm() * by,
                            new Chevrons(
                                    c.widthMm(),
                                    c.gapMm() * by,
                                    c.lengthMm(),
                                    c.cutThrough(),
                                    c.colour(),
                                    c.shiftMm(),
                                    c.downMm(),
                                    c.degrees(),
                                    c.eachPart()));
                case Bricks b ->
                    all.put(
                            b.heightMm() * by,
                            new Bricks(
                                    b.lengthMm(),
                                    b.heightMm() * by,
                                    b.jointMm(),
                                    b.cutThrough(),
                                    b.colour(),
                                    b.shiftMm(),
                                    b.downMm(),
                                    b.degrees(),
                                    b.eachPart()));
                default -> {}
            }
        }
        return all;
    }
}
