package jurren.core.art;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import jurren.core.material.Colour;

/**
 * What a motif is made of where that is not its place's usual material.
 *
 * @param all      for every colour that says nothing else; empty for the usual
 * @param ofColour for single colours
 */
public record Films(Optional<String> all, Map<Colour, String> ofColour) {
    public static final Films USUAL = new Films(Optional.empty(), Map.of());

    public Films {
        ofColour = Collections.unmodifiableMap(new LinkedHashMap<>(ofColour));
    }

    public static Films allOf(String materialId) {
        return new Films(Optional.of(materialId), Map.of());
    }

    /** The material of a colour; empty for the usual. */
    public Optional<String> of(Colour colour) {
        return Optional.ofNullable(ofColour.get(colour)).or(() -> all);
    }

    public Films withAll(Optional<String> newAll) {
        return new Films(newAll, ofColour);
    }

    /** @param materialId empty for whatever the motif is made of */
    public Films with(Colour colour, Optional<String> materialId) {
        Map<Colour, String> changed = new LinkedHashMap<>(ofColour);
        materialId.ifPresentOrElse(id -> changed.put(colour, id), () -> changed.remove(colour));
        return new Films(all, changed);
    }

    /** The same said with less: nothing is said of what would be so anyway. */
    public Films plain(String usualId) {
        Optional<String> whole = all.filter(id -> !id.equals(usualId));
        Map<Colour, String> left = new LinkedHashMap<>(ofColour);
        left.values().removeIf(id -> id.equals(whole.orElse(usualId)));
        return new Films(whole, left);
    }

    /** Every material that is named. */
    public Set<String> materials() {
        Set<String> named = new TreeSet<>(ofColour.values());
        all.ifPresent(named::add);
        return named;
    }
}
