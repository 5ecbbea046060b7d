package jurren.core.job;

import jurren.core.blank.Blank;
import jurren.core.finish.Press;
import jurren.core.load.Cutter;
import jurren.core.load.Roll;
import jurren.core.material.Material;
import java.util.List;
import java.util.Optional;

/** The user's own machines, shelf, prices and recipes, and the blanks it knows. */
public record Shop(List<Blank> blanks, List<Material> materials, Cutter cutter, Press press, List<Roll> shelf,
                   Prices prices) {
    public Shop {
        blanks = List.copyOf(blanks);
        materials = List.copyOf(materials);
        shelf = List.copyOf(shelf);
    }

    public Optional<Blank> blank(String id) {
        return blanks.stream().filter(b -> b.id().equals(id)).findFirst();
    }

    public Optional<Material> material(String id) {
        return materials.stream().filter(m -> m.id().equals(id)).findFirst();
    }
}
