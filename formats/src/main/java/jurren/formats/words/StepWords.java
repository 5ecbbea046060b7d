package jurren.formats.words;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jurren.core.finish.HeatStep;
import jurren.core.finish.Limit;
import jurren.core.finish.PlateStep;
import jurren.core.finish.PowderStep;
import jurren.core.finish.ReadyStep;
import jurren.core.finish.SheetStep;
import jurren.core.finish.Solved;
import jurren.core.finish.Step;
import jurren.core.finish.TableStep;
import jurren.core.geometry.Box;
import jurren.core.hold.WhatHolds;
import jurren.core.layer.Layer;
import jurren.core.layer.Panel;
import jurren.core.material.Recipe;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.core.way.known.Ways;

/** What is said of a step, and of limits under the press. */
final class StepWords {
    /** As transfer tape is sold; beside what it carries there is this much at each side. */
    private static final List<Double> TAPES_MM = List.of(150.0, 305.0, 610.0);

    private static final double BESIDE_MM = 10;
    private static final int MOST_NAMES = 3;

    private final Words words;

    StepWords(Words words) {
        this.words = words;
    }

    String title(Step step, LinePlan line) {
        String key = "step." + step.kind().word();
        String names = names(step.layers(), line);
        return switch (step.kind()) {
            case HeatStep heat ->
                switch (heat) {
                    case PEEL ->
                        Words.text(
                                isSheet(line, step)
                                        ? "step.peel.sheet"
                                        : isPlate(line, step) ? "step.peel.stones" : key,
                                names);
                    case PRESS, TACK ->
                        isPlate(line, step)
                                ? Words.text("step.press.stones")
                                : Words.text(step.layers().isEmpty() ? "step.press.all" : key, names);
                    case WARM, REPRESS, PILLOW, TURN_OVER, WAY_UP, COOL -> Words.text(key, names);
                };
            case TableStep table ->
                switch (table) {
                    case WEED ->
                        Words.text(
                                step.layers().size() == 1 ? key : "step.weed.all",
                                names,
                                step.layers().size());
                    case CLEAN, LINT, TAPE, HINGE, BACKING, LAY, BURNISH, LIFT, WAIT -> Words.text(key, names);
                };
            case SheetStep _, PlateStep _, ReadyStep _, PowderStep _ -> Words.text(key, names);
        };
    }

    /** Each kind by its name, so that none is without its words. */
    String text(Step step, LinePlan line, SizePlan size) {
        String key = "step." + step.kind().word() + ".text";
        String names = names(step.layers(), line);
        String said = switch (step.kind()) {
            case HeatStep heat -> underPress(heat, key, step, line);
            case TableStep table ->
                switch (table) {
                    case WEED -> Words.text(key + (isPlate(line, step) ? ".plate" : ""));
                    case LAY -> Words.text(key + round(line));
                    case TAPE -> tape(step, size);
                    case CLEAN, LINT, HINGE, BACKING, BURNISH, LIFT, WAIT -> Words.text(key, names);
                };
            case SheetStep sheet ->
                switch (sheet) {
                    case TAPE_SHEET -> Words.text(key + round(line));
                    case SLEEVE, TURN -> Words.text(key, names);
                };
            case PlateStep plate ->
                switch (plate) {
                    case PUSH_OUT, FIX, PAINT, LIFT_PLATE, LIFT_STENCIL, DRY -> Words.text(key, names);
                };
            case ReadyStep ready ->
                switch (ready) {
                    case MASK, SET_STONES -> Words.text(key, names);
                };
            case PowderStep powder ->
                switch (powder) {
                    case POWDER -> Words.text(key, names);
                    case CURE -> Words.text(key, words.degrees(step.celsius()));
                };
        };
        if (step.kind().heats() && step.kind().isLinedUp() && size.finish().together() > 1 && size.count() > 1) {
            said = said + " "
                    + Words.text(
                            "step.together",
                            Math.min(size.count(), size.finish().together()));
        }
        said = said + panels(step, line);
        int positions = size.platen().positions().size();
        return step.kind().heats() && positions > 1
                ? said + " " + Words.text("step.position", step.position() + 1, positions)
                : said;
    }

    private String underPress(HeatStep heat, String key, Step step, LinePlan line) {
        return switch (heat) {
            case PRESS -> pressed(step, line);
            case TACK -> Words.text(key + (laidBefore(step).isEmpty() ? ".first" : ""));
            case PEEL ->
                Words.text(key + (isSheet(line, step) ? ".sheet" : "") + "." + Words.key(step.peel()))
                        + (isPlate(line, step) ? " " + Words.text("step.peel.text.stones") : "");
            case WARM, REPRESS, PILLOW, TURN_OVER, WAY_UP, COOL -> Words.text(key, names(step.layers(), line));
        };
    }

    private static String round(LinePlan line) {
        return line.face().isRound() ? ".round" : "";
    }

    /** How panels meet, and what becomes of their marks. */
    private String panels(Step step, LinePlan line) {
        List<Layer> layers = layers(line, step.layers());
        List<Panel> panels = layers.stream().flatMap(l -> l.panel().stream()).toList();
        boolean marked = layers.stream().anyMatch(l -> !l.marks().isEmpty());
        boolean linedUp = marked && line.line().lineUpMm().isPresent();
        Optional<Panel> laps = panels.stream().filter(p -> p.number() > 1).findFirst();
        boolean last = panels.isEmpty() || panels.stream().anyMatch(p -> p.number() == p.of());
        return switch (step.kind().role()) {
            case WEEDS -> marked ? " " + Words.text(panels.isEmpty() ? "step.marks.weed" : "step.panels.weed") : "";
            case LAYS ->
                laps.filter(_ -> marked && step.layers().size() == 1)
                                .map(p -> " " + Words.text("step.panels.lay", p.number() - 1))
                                .orElse("")
                        + (linedUp ? " " + linedUp(line) : "");
            case TACKS, BONDS ->
                laps.map(p -> " " + Words.text("step.panels.lap", p.number() - 1))
                        .orElse("");
            case LIFTS -> marked && last ? " " + Words.text("step.panels.lift") : "";
            case WARMS, SETTLES, PEELS, CLEANS, HANDLES, TURNS_OVER, CURES, COOLS, WAITS -> "";
        };
    }

    private String linedUp(LinePlan line) {
        return Words.text(
                "step.marks.lay", words.unit().format(line.line().lineUpMm().orElseThrow()));
    }

    private String pressed(Step step, LinePlan line) {
        if (isSheet(line, step)) {
            return Words.text(
                    "step.press.text." + Words.key(line.platen().press().kind()));
        }
        if (isPlate(line, step)) {
            return Words.text("step.press.text.stones");
        }
        String rest = laidBefore(step).isEmpty() ? ".only" : step.layers().isEmpty() ? ".all" : "";
        boolean printed = layers(line, step.layers()).stream().anyMatch(l -> l.isPrint() && l.isCut());
        return Words.text("step.press.text" + (printed ? ".masked" : rest));
    }

    private static List<Integer> laidBefore(Step step) {
        return step.down().stream().filter(l -> !step.layers().contains(l)).toList();
    }

    private String tape(Step step, SizePlan size) {
        Optional<Box> all = size.layers().stream()
                .filter(l -> step.layers().contains(l.order()))
                .map(l -> l.region().bounds())
                .reduce(Box::joined);
        String several = step.layers().size() > 1 ? Words.text("step.tape.text.several") + " " : "";
        if (all.isEmpty()) {
            return several + Words.text("step.tape.text");
        }
        double across = Math.min(all.get().widthMm(), all.get().heightMm()) + 2 * BESIDE_MM;
        double along = Math.max(all.get().widthMm(), all.get().heightMm()) + 2 * BESIDE_MM;
        double tape = TAPES_MM.stream().filter(t -> t >= across).findFirst().orElse(TAPES_MM.getLast());
        return several
                + Words.text(
                        tape >= across ? "step.tape.text.cut" : "step.tape.text.strips",
                        words.unit().rough(Math.ceil(along)),
                        words.unit().rough(tape));
    }

    private static List<Layer> layers(LinePlan line, List<Integer> orders) {
        return line.drawn().layers().stream()
                .filter(l -> orders.contains(l.order()))
                .toList();
    }

    private static boolean isSheet(LinePlan line, Step step) {
        List<Layer> laid = layers(line, step.layers());
        return !laid.isEmpty()
                && laid.stream().allMatch(l -> Ways.of(l.material()).isSheet(l));
    }

    /** Of a template or stencil only: under heat, of stones. */
    private static boolean isPlate(LinePlan line, Step step) {
        List<Layer> laid = layers(line, step.layers());
        return !laid.isEmpty() && laid.stream().allMatch(l -> l.role() == Layer.Role.PLATE);
    }

    /** As they lie, the lowest first; of many only how many there are. */
    private static String names(List<Integer> layers, LinePlan line) {
        if (layers.size() > MOST_NAMES) {
            return Words.text("step.layers", layers.size());
        }
        return layers.isEmpty()
                ? Words.layerName(line, 0)
                : layers.stream().map(l -> Words.layerName(line, l)).collect(Collectors.joining(", "));
    }

    // ---- limits

    String clash(Snag.PressClash s, Plan plan) {
        String all = plan.line(s)
                .map(line -> s.limits().stream().map(l -> limit(l, line)).collect(Collectors.joining("; ")))
                .orElse("");
        return Words.text(
                s.limits().stream().anyMatch(Limit::isWish) ? "snag.press-clash.wish" : "snag.press-clash",
                all,
                s.limits().size());
    }

    private String limit(Limit l, LinePlan line) {
        Optional<Layer> layer = line.drawn().layers().stream()
                .filter(x -> x.order() == l.layer())
                .findFirst();
        Optional<Recipe> recipe =
                layer.flatMap(x -> (x.isPrint() && !x.isCut() ? x.material().printRecipe() : Optional.<Recipe>empty())
                        .or(() -> x.material().recipe()));
        String name = Words.layerName(line, l.layer())
                + layer.map(x -> " (" + x.material().name() + ")").orElse("");
        double figure = switch (l.kind()) {
            case LEAST_SECONDS -> recipe.map(Recipe::leastS).orElse(0.0);
            case MOST_SECONDS -> recipe.map(Recipe::mostS).orElse(0.0);
            case MOST_IN_ALL -> recipe.map(Recipe::mostTotalS).orElse(0.0);
            case THING_IN_ALL -> line.madeOf().mostTotalS();
            default -> 0;
        };
        double celsius = switch (l.kind()) {
            case LEAST_CELSIUS -> recipe.map(Recipe::leastCelsius).orElse(0.0);
            case MOST_CELSIUS -> recipe.map(Recipe::mostCelsius).orElse(0.0);
            case THING_CELSIUS -> line.madeOf().mostCelsius();
            case PRESS_CELSIUS -> line.platen().press().mostCelsius();
            case DYE_MOVES ->
                WhatHolds.dyeMovesAbove(line.madeOf(), line.blankColour()).orElse(0);
            default -> 0;
        };
        return Words.text(
                "limit." + Words.key(l.kind()),
                name,
                figure,
                words.degrees(celsius),
                line.platen().press().name());
    }

    /** How sure it is that nothing shorter is allowed. */
    static String proof(Solved solved) {
        return Words.text(
                solved.exact() ? "finish.proof" : "finish.proof.many",
                solved.closings().size(),
                solved.looked());
    }
}
