package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;

/** Only what the outer edges enclose is kept, as one region a colour. */
public record OuterEdges() implements Treatment {
    @Override
    public List<Paint> apply(List<Paint> paints) {
        return paints.stream()
                .map(p -> new Paint(p.colour(), List.of(Region.weld(p.parts()).filled())))
                .toList();
    }
}
