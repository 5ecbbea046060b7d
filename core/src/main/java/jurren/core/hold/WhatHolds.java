package jurren.core.hold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.blank.Substrate;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.way.known.Ways;

/** Asks the rules in their order; the first that applies answers. */
public final class WhatHolds {
    /** What is known about one material on a thing. */
    public record Answered(Material material, Verdict verdict) {}

    private WhatHolds() {}

    public static Verdict of(Material material, Substrate madeOf, BlankColour colour, Face face) {
        Question q = new Question(material, madeOf, colour, face);
        for (Rule rule : Rule.values()) {
            var verdict = rule.about(q);
            if (verdict.isPresent()) {
                return verdict.get();
            }
        }
        throw new IllegalStateException("the last rule answers everything");
    }

    /** Above which the dye of a cloth moves into what is pressed on it; empty where it does not or would not show. */
    public static OptionalDouble dyeMovesAbove(Substrate madeOf, BlankColour colour) {
        return Rule.dyeMoves(madeOf, colour.colour().luminance())
                ? OptionalDouble.of(Rule.DYE_MOVES_C)
                : OptionalDouble.empty();
    }

    /** One answer for every process there is a material for: that of the material that holds best. */
    public static List<Answered> byProcess(List<Material> materials, Substrate madeOf, BlankColour colour, Face face) {
        Map<Process, Answered> best = new EnumMap<>(Process.class);
        for (Material m : materials) {
            Answered a = new Answered(m, of(m, madeOf, colour, face));
            best.merge(
                    m.process(), a, (old, now) -> now.verdict.answer().compareTo(old.verdict.answer()) < 0 ? now : old);
        }
        List<Answered> all = new ArrayList<>(best.values());
        all.sort((a, b) -> a.verdict.answer().compareTo(b.verdict.answer()));
        return all;
    }

    /** The first material that stays on the thing and holds best; empty when none holds. */
    public static Optional<Material> best(List<Material> materials, Substrate madeOf, BlankColour colour, Face face) {
        return materials.stream()
                .filter(m -> !Ways.of(m).isTakenOffAgain())
                .filter(m -> of(m, madeOf, colour, face).answer() != Verdict.Answer.DOES_NOT_HOLD)
                .min(Comparator.comparing(
                        (Material m) -> of(m, madeOf, colour, face).answer()));
    }

    /**
     * What somebody who is new may begin with: the best, then one of each process in turn, of what holds and needs no
     * more than a film and a press.
     */
    public static List<Material> toBeginWith(
            List<Material> materials, Substrate madeOf, BlankColour colour, Face face, int most) {
        Map<Process, List<Material>> byProcess = new EnumMap<>(Process.class);
        materials.stream()
                .filter(m -> !Ways.of(m).isForLater()
                        && of(m, madeOf, colour, face).answer() != Verdict.Answer.DOES_NOT_HOLD)
                .forEach(m -> byProcess
                        .computeIfAbsent(m.process(), _ -> new ArrayList<>())
                        .add(m));
        Set<Material> offered = new LinkedHashSet<>(
                best(materials, madeOf, colour, face).filter(m -> !Ways.of(m).isForLater()).stream()
                        .toList());
        for (int i = 0; i < materials.size(); i++) {
            for (List<Material> of : byProcess.values()) {
                if (i < of.size()) {
                    offered.add(of.get(i));
                }
            }
        }
        return offered.stream().limit(most).toList();
    }
}
