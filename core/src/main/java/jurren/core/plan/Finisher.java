package jurren.core.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import jurren.core.art.Art;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;
import jurren.core.finish.DyePress;
import jurren.core.finish.FilmPress;
import jurren.core.finish.FinishSequence;
import jurren.core.finish.HandTimes;
import jurren.core.finish.HandWork;
import jurren.core.finish.LayerOverlaps;
import jurren.core.finish.PlatenPlan;
import jurren.core.finish.Press;
import jurren.core.finish.Pressed;
import jurren.core.finish.Pressing;
import jurren.core.finish.Solved;
import jurren.core.finish.Weeding;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Line;
import jurren.core.job.Progress;
import jurren.core.job.Shop;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.material.Material;
import jurren.core.material.Recipe;
import jurren.core.memo.Memo;
import jurren.core.way.Way;
import jurren.core.way.known.Ways;

/**
 * What is done to the pieces of one line at one place: where the press closes, what it is asked, and what hands do
 * before and after.
 *
 * @param made    what is made already
 * @param first   whether no other place of the thing is pressed before
 * @param solving remembers what was solved
 */
record Finisher(
        Shop shop,
        Blank blank,
        BlankColour colour,
        Line line,
        Progress made,
        boolean first,
        Memo<Pressing, Solved> solving) {
    /** Around a piece of cloth that lies under the platen beside another. */
    private static final double BESIDE_CLOTH_MM = 40;

    private static final double BESIDE_MM = 8;
    /** No hands keep more pieces of cloth in place than this. */
    private static final int MOST_CLOTHS = 4;
    /** Sleeves that stand in an oven at once. */
    private static final int OVEN_HOLDS = 6;

    private static final Set<Obstacle.Kind> STANDS_UP = Set.of(
            Obstacle.Kind.SEAM,
            Obstacle.Kind.ZIP,
            Obstacle.Kind.POCKET,
            Obstacle.Kind.DRAWCORD,
            Obstacle.Kind.EYELET,
            Obstacle.Kind.COLLAR);

    /**
     * What of the finish follows from the layers alone.
     *
     * @param pressed who of the pressed layers lies on whom, by their order; of very many in several parts
     * @param byHand  the same of those that are laid by hand, by the order in which they are laid; of very many each by
     *        itself
     * @param weeding what there is to lift of each layer
     */
    record Facts(List<LayerOverlaps> pressed, Optional<LayerOverlaps> byHand, List<Weeding.Effort> weeding) {
        double weedS(HandTimes times) {
            return weeding.stream().mapToDouble(e -> e.seconds(times)).sum();
        }

        static final Facts NONE = new Facts(List.of(), Optional.empty(), List.of());

        /** @param carrier what a layer takes of the film, as it lies on the face */
        static Facts of(List<Layer> layers, Function<Layer, Region> carrier) {
            List<Layer> byHand = byHandInOrder(layers);
            return new Facts(
                    parts(underHeat(layers)).stream()
                            .map(part -> LayerOverlaps.of(part, carrier))
                            .toList(),
                    byHand.size() > LayerOverlaps.MOST
                            ? Optional.empty()
                            : Optional.of(LayerOverlaps.of(byHand, l -> Region.EMPTY)),
                    layers.stream()
                            .filter(Finisher::isWeeded)
                            .map(l -> Weeding.effort(l.region()))
                            .toList());
        }
    }

    static List<Layer> underHeat(List<Layer> layers) {
        return layers.stream()
                .filter(l -> Ways.of(l.material()).byHand().isEmpty())
                .map(Finisher::underPlaten)
                .toList();
    }

    /** As many at once as a press sequence is looked for; from the lowest up. */
    private static List<List<Layer>> parts(List<Layer> layers) {
        List<List<Layer>> parts = new ArrayList<>();
        for (int from = 0; from < layers.size(); from += LayerOverlaps.MOST) {
            parts.add(layers.subList(from, Math.min(layers.size(), from + LayerOverlaps.MOST)));
        }
        return parts;
    }

    private static Layer underPlaten(Layer l) {
        return l.role() != Layer.Role.PLATE
                ? l
                : new Layer(
                        l.order(),
                        l.film(),
                        l.material(),
                        l.role(),
                        l.making(),
                        l.stock(),
                        l.laid(),
                        l.seen(),
                        l.unwelded(),
                        l.join(),
                        l.print());
    }

    /** In the order in which they are laid: behind glass the one seen first goes first. */
    private static List<Layer> byHandInOrder(List<Layer> layers) {
        List<Layer> order = new ArrayList<>();
        for (Layer l : layers) {
            if (Ways.of(l.material()).byHand().isPresent()) {
                order.add(Ways.of(l.material()).isSeenThrough() ? 0 : order.size(), l);
            }
        }
        return order;
    }

    /** What is cut from its backing and stays; a plate is pushed out, and what is cut through lies free. */
    private static boolean isWeeded(Layer l) {
        return l.making().cut() == Fabrication.Cut.KISS;
    }

    // ---- where the press closes

    /** Of the press that was chosen, or else of that which closes least often; the first of equals. */
    PlatenPlan platen(Face face, Art art, List<Layer> layers) {
        Optional<Press> chosen = line.thing()
                .pressId()
                .flatMap(id ->
                        shop.presses().stream().filter(p -> p.id().equals(id)).findFirst());
        if (chosen.isPresent()) {
            return platen(chosen.get(), face, art, layers);
        }
        Press.Kind kind = Shop.suits(blank, face);
        PlatenPlan best = null;
        for (Press p : shop.presses().stream().filter(p -> p.kind() == kind).toList()) {
            PlatenPlan plan = platen(p, face, art, layers);
            best = best == null || plan.positions().size() < best.positions().size() ? plan : best;
            if (best.positions().size() == 1) {
                break;
            }
        }
        return best == null ? platen(shop.pressFor(line.thing(), blank, face), face, art, layers) : best;
    }

    private static PlatenPlan platen(Press press, Face face, Art art, List<Layer> layers) {
        Box usual = face.area().box();
        PlatenPlan plain = PlatenPlan.of(press, art.bounds().orElse(usual), usual);
        if (plain.positions().size() == 1 || face.isRound() || press.kind() != Press.Kind.FLAT) {
            return plain;
        }
        Region pressed =
                Region.weld(underHeat(layers).stream().map(Layer::region).toList());
        return pressed.isEmpty() ? plain : PlatenPlan.of(press, pressed, usual);
    }

    // ---- what is done

    FinishSequence finish(Face face, List<Layer> layers, Facts facts, PlatenPlan platen) {
        FinishSequence work = underHeat(face, layers, facts, platen).then(byHand(face, layers, facts));
        if (work.steps().isEmpty()) {
            return work;
        }
        List<Integer> weeded =
                layers.stream().filter(Finisher::isWeeded).map(Layer::order).toList();
        FinishSequence before =
                weeded.isEmpty() ? FinishSequence.NOTHING : FilmPress.weeding(weeded, facts.weedS(times()));
        FinishSequence turned = first ? before : before.then(FilmPress.turningOver(times()));
        return (face.turnedInUse() ? turned.then(FilmPress.wayUp(times())) : turned).then(work);
    }

    private FinishSequence underHeat(Face face, List<Layer> layers, Facts facts, PlatenPlan platen) {
        List<Layer> hot = underHeat(layers);
        if (hot.isEmpty()) {
            return FinishSequence.NOTHING;
        }
        if (hot.stream().allMatch(l -> Ways.of(l.material()).isSheet(l))) {
            return DyePress.of(
                            hot.getFirst().material().recipe().orElseThrow(),
                            blank.madeOf(face),
                            platen.press().kind() == Press.Kind.OVEN_SLEEVE,
                            platen.positions().size(),
                            times())
                    .sideBySide(together(face, layers, platen));
        }
        FinishSequence all = FinishSequence.NOTHING;
        List<List<Layer>> parts = parts(hot);
        for (int k = 0; k < parts.size(); k++) {
            Pressing pressing = pressing(face, parts.get(k), facts.pressed.get(k), platen);
            all = all.then(FilmPress.of(pressing, solving.get(pressing), k == 0 && isUneven(face, platen)));
        }
        return all.sideBySide(together(face, layers, platen));
    }

    /** What is asked of the press. */
    private Pressing pressing(Face face, List<Layer> layers, LayerOverlaps lying, PlatenPlan platen) {
        List<Pressed> pressed = layers.stream().map(l -> pressed(l, platen)).toList();
        return new Pressing(
                pressed,
                lying,
                blank.madeOf(face),
                platen.mostTimes(),
                platen.press().mostCelsius(),
                isLight(layers) ? WhatHolds.dyeMovesAbove(blank.madeOf(face), colour) : OptionalDouble.empty(),
                wishes(layers),
                Set.of(),
                times());
    }

    /** What a person said about the press, of the films that are there. */
    private List<Pressing.Wish> wishes(List<Layer> layers) {
        List<Pressing.Wish> all = new ArrayList<>();
        line.pressWishes()
                .forEach(w -> layers.stream()
                        .filter(l -> l.film().equals(w.film())
                                && Ways.of(l.material()).byHand().isEmpty())
                        .findFirst()
                        .ifPresent(l -> {
                            w.seconds().ifPresent(s -> all.add(new Pressing.Seconds(l.order(), s)));
                            w.after()
                                    .flatMap(f -> layers.stream()
                                            .filter(o -> o.film().equals(f))
                                            .findFirst())
                                    .filter(o -> o.order() != l.order())
                                    .ifPresent(o -> all.add(new Pressing.After(l.order(), o.order())));
                        }));
        return all;
    }

    private boolean isLight(List<Layer> layers) {
        return underHeat(layers).stream()
                .anyMatch(l -> l.colour().luminance() > colour.colour().luminance());
    }

    private static Pressed pressed(Layer layer, PlatenPlan platen) {
        Material m = layer.material();
        Way way = Ways.of(m);
        boolean sheet = way.isSheet(layer);
        Recipe recipe = (sheet ? m.printRecipe() : Optional.<Recipe>empty())
                .or(m::recipe)
                .orElseThrow();
        Set<Integer> reach = platen.reaching(layer.region());
        return new Pressed(
                layer.order(),
                recipe,
                sheet,
                way.readied(m),
                m.topOnly() && !sheet,
                layer.thicknessMm(),
                platen.times(layer.region()),
                reach.isEmpty() ? new HashSet<>(Set.of(0)) : reach);
    }

    private boolean isUneven(Face face, PlatenPlan platen) {
        return blank.madeOf(face).isCloth()
                && platen.press().kind() == Press.Kind.FLAT
                && face.obstacles().stream()
                        .filter(o -> STANDS_UP.contains(o.kind()))
                        .anyMatch(o -> platen.positions().stream()
                                .anyMatch(b -> b.crossed(o.box()).isPresent()));
    }

    /** How many are pressed side by side: small things as they are, of cloth small art. */
    private int together(Face face, List<Layer> layers, PlatenPlan platen) {
        if (platen.press().kind() == Press.Kind.OVEN_SLEEVE) {
            return OVEN_HOLDS;
        }
        if (platen.press().kind() != Press.Kind.FLAT || layers.isEmpty()) {
            return 1;
        }
        if (!blank.madeOf(face).isCloth()) {
            return platen.together(face.pictureBox().grown(BESIDE_MM / 2));
        }
        Box art = underHeat(layers).stream()
                .map(l -> l.region().bounds())
                .reduce(Box::joined)
                .orElse(face.area().box());
        return Math.min(MOST_CLOTHS, platen.together(art.grown(BESIDE_CLOTH_MM / 2)));
    }

    private FinishSequence byHand(Face face, List<Layer> layers, Facts facts) {
        List<HandWork.Task> tasks = byHandInOrder(layers).stream()
                .map(l -> new HandWork.Task(
                        List.of(l.order()), Ways.of(l.material()).byHand().orElseThrow()))
                .toList();
        return HandWork.of(
                facts.byHand.map(lying -> HandWork.inGoes(tasks, lying)).orElse(tasks),
                blank.madeOf(face).isCloth(),
                times());
    }

    private HandTimes times() {
        return shop.prices().times();
    }
}
