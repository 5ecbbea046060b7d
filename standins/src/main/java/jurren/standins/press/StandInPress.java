package jurren.standins.press;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import jurren.core.blank.Substrate;
import jurren.core.dryrun.PressedPiece;
import jurren.core.dryrun.PressedPiece.Fault;
import jurren.core.dryrun.PressedPiece.Outcome;
import jurren.core.finish.HeatStep;
import jurren.core.finish.PlateStep;
import jurren.core.finish.PowderStep;
import jurren.core.finish.ReadyStep;
import jurren.core.finish.SheetStep;
import jurren.core.finish.StepKind;
import jurren.core.finish.TableStep;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.SizePlan;

/**
 * Does the written steps of a plan.json, one after the other, and keeps at many spots of every layer what it took: it
 * knows the films, the thing and where the pieces lie, but nothing of how the steps were found.
 */
public final class StandInPress {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int MOST_SPOTS = 40;
    private static final double ROOM_C = 22;
    private static final double HAND_WARM_C = 50;
    private static final double COLD_C = 28;
    private static final double DYE_MOVES_C = 150;
    private static final double DEGREE = 0.5;
    private static final double LOOSE_MM = 9.5;
    private static final double INSTANT_S = 0.05;
    private static final double PEEL_S = 5;
    private static final double CURED_FROM_C = 105;
    private static final double CURED_TO_C = 135;
    private static final double CURED_S = 90;

    private final LinePlan line;
    private final SizePlan size;
    private final List<Film> films = new ArrayList<>();
    private final List<Box> positions = new ArrayList<>();
    private final Set<Fault> faults = new LinkedHashSet<>();
    private double lastC = ROOM_C;
    private int closings;

    /** One spot of a layer. */
    private static final class Spot {
        private final Point at;
        private double heat;
        private double warm;
        private double onThing;
        private boolean bonded;
        private boolean lost;
        private int times;

        Spot(Point at) {
            this.at = at;
        }
    }

    /** One layer that goes under the press. */
    private static final class Film {
        private final Layer layer;
        private final Recipe recipe;
        private final boolean sheet;
        private final List<Spot> spots = new ArrayList<>();
        private boolean laid;
        private boolean carrier;
        private int laidIn;
        private boolean powdered;
        private boolean cured;

        /** Powder that was never melted falls off; too hot it is gone before the press. */
        void cure(double celsius, double seconds) {
            cured |= powdered && celsius >= CURED_FROM_C && celsius <= CURED_TO_C && seconds >= CURED_S;
        }

        Film(Layer layer, Recipe recipe, boolean sheet) {
            this.layer = layer;
            this.recipe = recipe;
            this.sheet = sheet;
        }

        Region region() {
            return layer.laid();
        }

        boolean covers(Point p) {
            return region().contains(p);
        }
    }

    private StandInPress(LinePlan line, SizePlan size) {
        this.line = line;
        this.size = size;
    }

    /**
     * Everything that is pressed.
     *
     * @param planJson the written steps
     * @param plan     of which only what a press finds under it is looked at: films, thing, pieces
     */
    public static List<PressedPiece> press(byte[] planJson, Plan plan) throws IOException {
        List<PressedPiece> all = new ArrayList<>();
        for (JsonNode written : MAPPER.readTree(planJson).path("lines")) {
            Optional<LinePlan> line = plan.line(
                    written.path("id").asText(), written.path("face").path("id").asText());
            Optional<SizePlan> size =
                    line.flatMap(l -> l.size(written.path("size").asText()));
            if (size.isPresent()) {
                StandInPress press = new StandInPress(line.get(), size.get());
                if (press.put(written)) {
                    all.add(new PressedPiece(
                            line.get().line().id(),
                            line.get().place(),
                            size.get().id(),
                            List.copyOf(press.faults)));
                }
            }
        }
        return all;
    }

    /** False where nothing goes under heat. */
    private boolean put(JsonNode written) {
        for (Layer l : size.layers()) {
            if (l.material().isPressed()) {
                boolean sheet = l.isPrint() && !l.isCut() && !isPowdered(l);
                films.add(new Film(
                        l,
                        (sheet ? l.material().printRecipe() : Optional.<Recipe>empty())
                                .or(() -> l.material().recipe())
                                .orElseThrow(),
                        sheet));
            }
        }
        if (films.isEmpty()) {
            return false;
        }
        written.path("pressing")
                .path("positions")
                .forEach(b -> positions.add(Box.ofSize(
                        b.path("xMm").asDouble(),
                        b.path("yMm").asDouble(),
                        b.path("widthMm").asDouble(),
                        b.path("heightMm").asDouble())));
        films.forEach(this::spots);
        written.path("steps").forEach(this::step);
        for (Film f : films) {
            if (f.spots.stream().anyMatch(s -> !s.bonded || s.lost)) {
                faults.add(new Fault(f.layer.order(), Outcome.NOT_BONDED, 0));
            }
        }
        return true;
    }

    /** In every piece, where pieces of other layers cross it, and where positions overlap. */
    private void spots(Film f) {
        f.region().pieces().stream()
                .limit(MOST_SPOTS)
                .forEach(p -> f.spots.add(new Spot(p.region().inside())));
        for (Film o : films) {
            spot(f, o == f ? Region.EMPTY : f.region().intersect(o.region()));
            if (o != f && !line.line().trimmed() && !o.region().isEmpty()) {
                spot(
                        f,
                        f.region()
                                .intersect(Region.of(o.region().bounds().grown(LOOSE_MM)))
                                .minus(o.region()));
            }
        }
        if (!line.face().isRound()) {
            for (int i = 0; i < positions.size(); i++) {
                for (int j = i + 1; j < positions.size(); j++) {
                    positions
                            .get(i)
                            .crossed(positions.get(j))
                            .ifPresent(b -> spot(f, f.region().intersect(Region.of(b))));
                }
            }
        }
    }

    private static void spot(Film f, Region where) {
        if (where.areaMm2() > 1) {
            f.spots.add(new Spot(where.inside()));
        }
    }

    private void step(JsonNode step) {
        StepKind.of(step.path("kind").asText()).ifPresent(kind -> step(kind, step));
    }

    /** What each kind of step does to what lies there; the hands' work between does nothing to films. */
    private void step(StepKind kind, JsonNode step) {
        switch (kind) {
            case HeatStep heat -> {
                switch (heat) {
                    case WARM, TACK, PRESS, REPRESS -> close(step);
                    case PEEL -> peel(step);
                    case PILLOW, TURN_OVER, WAY_UP, COOL -> {}
                }
            }
            case PowderStep powder -> {
                switch (powder) {
                    case POWDER -> its(step).forEach(f -> f.powdered = true);
                    case CURE ->
                        its(step)
                                .forEach(f -> f.cure(
                                        step.path("celsius").asDouble(),
                                        step.path("seconds").asDouble()));
                }
            }
            case SheetStep _, TableStep _, PlateStep _, ReadyStep _ -> {}
        }
    }

    private List<Film> its(JsonNode step) {
        Set<Integer> now = layers(step);
        return films.stream().filter(f -> now.contains(f.layer.order())).toList();
    }

    /** Ink alone does not stick to cloth: what brings its own white is held by powder. */
    private static boolean isPowdered(Layer l) {
        return l.material().underlay().isPresent();
    }

    private static Set<Integer> layers(JsonNode step) {
        Set<Integer> all = new HashSet<>();
        step.path("layers").forEach(l -> all.add(l.asInt()));
        return all;
    }

    private void close(JsonNode step) {
        double celsius = step.path("celsius").asDouble();
        double seconds = step.path("seconds").asDouble();
        Pressure pressure = Pressure.valueOf(step.path("pressure").asText().toUpperCase(Locale.ROOT));
        int position = step.path("position").asInt() - 1;
        Set<Integer> now = layers(step);
        closings++;
        for (Film f : films) {
            if (now.contains(f.layer.order()) && !f.laid) {
                f.laid = true;
                f.carrier = true;
                f.laidIn = closings;
            }
        }
        boolean fresh = films.stream().anyMatch(f -> f.laidIn == closings);
        boolean bare = films.stream().anyMatch(f -> f.laid && f.laidIn < closings && !f.carrier);
        for (Film f : films) {
            for (Spot s : f.spots) {
                if (isUnder(s.at, position)) {
                    s.onThing += seconds;
                    thing(s.onThing, celsius);
                    if (f.laid) {
                        heat(f, s, celsius, seconds, pressure);
                    }
                }
            }
        }
        if (fresh && bare && !step.path("cover").asBoolean()) {
            films.stream()
                    .filter(f -> f.laid && f.laidIn < closings && !f.carrier)
                    .forEach(f -> faults.add(new Fault(f.layer.order(), Outcome.MARKED, 0)));
        }
        lastC = celsius;
    }

    private boolean isUnder(Point p, int position) {
        return line.face().isRound()
                || position < 0
                || position >= positions.size()
                || positions.get(position).contains(p);
    }

    private void thing(double onThing, double celsius) {
        Substrate of = line.blank().madeOf();
        if (celsius > of.mostCelsius() + DEGREE && of.dye().isEmpty()) {
            faults.add(new Fault(0, Outcome.SCORCHED, celsius));
        }
        if (onThing > of.mostTotalS() + INSTANT_S) {
            faults.add(new Fault(0, Outcome.SCORCHED, onThing));
        }
        double ground = line.blankColour().colour().luminance();
        if (of.stuff() == Substrate.Stuff.POLYESTER
                && ground < 0.85
                && celsius > DYE_MOVES_C + DEGREE
                && films.stream()
                        .anyMatch(f -> f.laid && !f.sheet && f.layer.colour().luminance() > ground)) {
            faults.add(new Fault(0, Outcome.DYE_MOVED, celsius));
        }
    }

    private void heat(Film f, Spot s, double celsius, double seconds, Pressure pressure) {
        int order = f.layer.order();
        boolean direct = f.sheet && line.blank().madeOf().dye().isPresent();
        double leastC = direct ? line.blank().madeOf().dye().get().celsius() - 5 : f.recipe.leastCelsius();
        double mostC = direct ? line.blank().madeOf().dye().get().celsius() + 10 : f.recipe.mostCelsius();
        double leastS = direct ? line.blank().madeOf().dye().get().leastS() : f.recipe.leastS();
        if (f.sheet && s.times > 0 && !f.carrier) {
            // the sheet is gone, and the ink is in
            return;
        }
        s.heat += seconds;
        s.times++;
        // dye goes on gassing over each half in the oven; glue must melt in one go
        double warm = celsius < leastC - DEGREE ? 0 : seconds;
        s.warm = f.sheet ? s.warm + warm : warm;
        if (celsius > mostC + DEGREE) {
            faults.add(new Fault(order, Outcome.SCORCHED, celsius));
        }
        if (s.heat > f.recipe.mostTotalS() + INSTANT_S) {
            faults.add(new Fault(order, Outcome.SCORCHED, s.heat));
        }
        if (f.recipe.once() && (s.times > 1 || pressure.compareTo(f.recipe.pressure()) > 0)) {
            faults.add(new Fault(order, Outcome.SQUASHED, 0));
        }
        s.lost |= f.laidIn == closings
                && films.stream()
                        .anyMatch(o -> o != f
                                && o.laid
                                && (isOnLoose(f, o, s.at)
                                        || o.laidIn < f.laidIn
                                                && o.covers(s.at)
                                                && (o.carrier
                                                        || o.layer.material().topOnly()
                                                                && !f.layer
                                                                        .film()
                                                                        .equals(o.layer.film()))));
        boolean holds = !isPowdered(f.layer) || f.cured;
        s.bonded |= holds && s.warm >= leastS - INSTANT_S && (f.sheet || pressure.compareTo(f.recipe.pressure()) >= 0);
    }

    /** A carrier that nobody trimmed is a rectangle, a finger's breadth larger than its film on each side. */
    private boolean isOnLoose(Film f, Film o, Point at) {
        boolean before = o.laidIn < f.laidIn || o.laidIn == f.laidIn && o.layer.order() < f.layer.order();
        Box b = o.region().bounds();
        return before
                && o.carrier
                && !line.line().trimmed()
                && at.xMm() > b.minXMm() - LOOSE_MM
                && at.xMm() < b.maxXMm() + LOOSE_MM
                && at.yMm() > b.minYMm() - LOOSE_MM
                && at.yMm() < b.maxYMm() + LOOSE_MM;
    }

    /** What it has come down to, as any warm thing does: the thicker, the slower. */
    private void peel(JsonNode step) {
        Set<Integer> off = layers(step);
        double cooled = step.path("seconds").asDouble() - PEEL_S * off.size();
        for (Film f : films) {
            if (off.contains(f.layer.order())) {
                double tau = 8 + 40 * f.layer.thicknessMm();
                double celsius = ROOM_C + (lastC - ROOM_C) * Math.exp(-Math.max(0, cooled) / tau);
                double bears = f.recipe.peel() == Peel.HOT
                        ? Double.POSITIVE_INFINITY
                        : f.recipe.peel() == Peel.WARM ? HAND_WARM_C : COLD_C;
                if (celsius > bears + DEGREE && !f.sheet) {
                    faults.add(new Fault(f.layer.order(), Outcome.LIFTED, celsius));
                }
                f.carrier = false;
            }
        }
    }
}
