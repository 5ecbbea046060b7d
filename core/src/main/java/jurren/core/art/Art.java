package jurren.core.art;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** All motifs on a face at true size, from the bottom up, as the customer will see them. */
public record Art(List<Painted> paints) {
    public Art {
        paints = paints.stream().filter(p -> !p.region().isEmpty()).toList();
    }

    public boolean isEmpty() {
        return paints.isEmpty();
    }

    public Optional<Box> bounds() {
        return paints.stream().map(p -> p.region().bounds()).reduce(Box::joined);
    }

    public Art placed(Placement placement) {
        return new Art(paints.stream().map(p -> p.placed(placement)).toList());
    }

    /**
     * What the eye sees of each colour: the parts not painted over by another. The regions do not
     * overlap and together cover the art. In the order in which each colour first shows from below.
     */
    public Map<Colour, Region> seen() {
        List<Region> visible = new ArrayList<>();
        Region above = Region.EMPTY;
        for (Painted p : paints.reversed()) {
            visible.addFirst(p.region().minus(above));
            above = above.weld(p.region());
        }
        Map<Colour, List<Region>> byColour = new LinkedHashMap<>();
        for (int i = 0; i < paints.size(); i++) {
            if (!visible.get(i).isEmpty()) {
                byColour.computeIfAbsent(paints.get(i).colour(), _ -> new ArrayList<>()).add(visible.get(i));
            }
        }
        Map<Colour, Region> seen = new LinkedHashMap<>();
        byColour.forEach((colour, parts) -> seen.put(colour, Region.weld(parts)));
        return seen;
    }

    /** Everything painted in one colour, seen or not. */
    public Region painted(Colour colour) {
        return Region.weld(paints.stream().filter(p -> p.colour().equals(colour)).map(Painted::region).toList());
    }

    public List<Region> unwelded(Colour colour) {
        return paints.stream().filter(p -> p.colour().equals(colour)).flatMap(p -> p.unwelded().stream()).toList();
    }
}
