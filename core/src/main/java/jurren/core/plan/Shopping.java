package jurren.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import jurren.core.cut.CutRun;
import jurren.core.layer.Fabrication;
import jurren.core.load.Load;
import jurren.core.load.Roll;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.way.known.Ways;

/** What a job needs that the shelf has not: film, and what is used up beside it. */
public record Shopping(List<Need> needs) {
    /** Of what kind. */
    public enum Kind {
        FILM,
        TRANSFER_TAPE,
        PAPER
    }

    /**
     * So much of one thing.
     *
     * @param material what it is, or what it is for
     * @param colour   of film
     */
    public record Need(Kind kind, Material material, Optional<Colour> colour, double lengthMm, double widthMm) {}

    private record Film(Material material, Colour colour) {}

    private record Sheet(Material material, double widthMm) {}

    public Shopping {
        needs = List.copyOf(needs);
    }

    /** For a job that has the shelf for itself. */
    public static Shopping of(Plan plan) {
        return of(plan, _ -> 0);
    }

    /**
     * Film beyond what hangs there; tape for everything that is laid on cold; the paper of all prints.
     *
     * @param elsewhereMm what other jobs will take of a roll
     */
    public static Shopping of(Plan plan, ToDoubleFunction<Roll> elsewhereMm) {
        Map<Film, Double> film = new LinkedHashMap<>();
        Map<Film, Double> width = new LinkedHashMap<>();
        Map<Material, Double> tape = new LinkedHashMap<>();
        Map<Sheet, Double> paper = new LinkedHashMap<>();
        Map<Roll, Double> missing = new LinkedHashMap<>();
        Load.offRolls(plan.runs().stream().map(CutRun::load).toList())
                .forEach((roll, mm) ->
                        missing.put(roll, Math.min(mm, mm - roll.lengthMm() + elsewhereMm.applyAsDouble(roll))));
        for (CutRun run : plan.runs()) {
            Load load = run.load();
            Film f = new Film(load.material(), load.colour());
            double beyond = load.roll()
                    .filter(missing::containsKey)
                    .map(missing::remove)
                    .orElse(0.0);
            if (beyond > 0) {
                film.merge(f, beyond, Double::sum);
                width.put(f, load.roll().orElseThrow().widthMm());
            }
            boolean kiss = load.placed().stream()
                    .anyMatch(p -> p.item().layer().making().cut() == Fabrication.Cut.KISS
                            && !p.item().layer().isPrint());
            if (kiss && Ways.of(load.material()).byHand().isPresent()) {
                tape.merge(load.material(), load.usedMm(), Double::sum);
            }
        }
        for (PrintSheet sheet : plan.prints()) {
            if (!sheet.isCut()) {
                paper.merge(
                        new Sheet(sheet.material(), sheet.widthMm()), sheet.times() * sheet.heightMm(), Double::sum);
            }
        }
        List<Need> needs = new ArrayList<>();
        film.forEach((f, mm) -> needs.add(new Need(Kind.FILM, f.material, Optional.of(f.colour), mm, width.get(f))));
        tape.forEach((m, mm) -> needs.add(new Need(Kind.TRANSFER_TAPE, m, Optional.empty(), mm, 0)));
        paper.forEach((s, mm) -> needs.add(new Need(Kind.PAPER, s.material, Optional.empty(), mm, s.widthMm)));
        return new Shopping(needs);
    }
}
