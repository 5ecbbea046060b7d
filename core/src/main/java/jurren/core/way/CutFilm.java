package jurren.core.way;

import java.util.List;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.layer.Part;
import jurren.core.layer.Print;
import jurren.core.material.Material;

/** A film cut to the shape of its part and left on the thing. */
public abstract class CutFilm implements Way {
    private final boolean reversed;

    protected CutFilm(boolean reversed) {
        this.reversed = reversed;
    }

    @Override
    public boolean isOnePrint() {
        return false;
    }

    @Override
    public List<Layer> layers(Part part, Material material, WayContext on) {
        return List.of(new Layer(
                1,
                part.film(),
                material,
                Layer.Role.FILM,
                Fabrication.cut(reversed, Fabrication.Cut.KISS),
                part.film().colour().orElseThrow(),
                part.region(),
                part.seen(),
                part.unwelded(),
                part.join(),
                Print.NONE));
    }
}
