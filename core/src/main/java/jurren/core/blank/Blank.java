package jurren.core.blank;

import java.util.List;
import java.util.Optional;

/** An undecorated thing as it is sold. */
public record Blank(String id, String name, Cloth cloth, String referenceSize,
                    List<BlankColour> colours, List<BlankSize> sizes) {
    public Blank {
        colours = List.copyOf(colours);
        sizes = List.copyOf(sizes);
        if (colours.isEmpty() || sizes.stream().noneMatch(s -> s.id().equals(referenceSize))) {
            throw new IllegalArgumentException("blank " + id + " needs a colour and its reference size " + referenceSize);
        }
    }

    public Optional<BlankSize> size(String sizeId) {
        return sizes.stream().filter(s -> s.id().equals(sizeId)).findFirst();
    }

    public Optional<BlankColour> colour(String colourId) {
        return colours.stream().filter(c -> c.id().equals(colourId)).findFirst();
    }
}
