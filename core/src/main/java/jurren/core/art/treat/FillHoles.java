package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;

/** Holes of every part are filled: an O becomes a disc. */
public record FillHoles() implements Treatment {
    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.each(paints, Region::filled);
    }
}
