package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;

/** Slanted to the right by an angle, on the baseline. */
public record Lean(double degrees) implements Treatment {
    public Lean {
        Limits.within("a lean", degrees, -75, 75);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Placement lean = new Placement(1, 0, -Math.tan(Math.toRadians(degrees)), 1, 0, 0);
        return Paint.placed(paints, lean);
    }
}
