package jurren.core.job;

import java.util.List;
import jurren.core.blank.Blank;
import jurren.core.material.Material;

/** What a job brings along because another shop would not have it. */
public record EmbeddedCatalogue(List<Blank> blanks, List<Material> materials) {
    public static final EmbeddedCatalogue NOTHING = new EmbeddedCatalogue(List.of(), List.of());

    public EmbeddedCatalogue {
        blanks = List.copyOf(blanks);
        materials = List.copyOf(materials);
    }

    public boolean isEmpty() {
        return blanks.isEmpty() && materials.isEmpty();
    }
}
