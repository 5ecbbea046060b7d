package jurren.core.cut;

import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.load.Load;

/** Straight through waste, from one end to the other. */
public record ReliefCut(Load.Relief relief, int item) implements CutPath {
    @Override
    public Kind kind() {
        return Kind.RELIEF;
    }

    @Override
    public Point start() {
        return relief.from();
    }

    @Override
    public Point end() {
        return relief.to();
    }

    @Override
    public double lengthMm() {
        return relief.lengthMm();
    }

    @Override
    public Box bounds() {
        return Box.around(corners());
    }

    @Override
    public List<Point> corners() {
        return List.of(relief.from(), relief.to());
    }

    /** Nothing is freed by it, so it needs no overcut. */
    @Override
    public List<Point> knife(double overcutMm) {
        return corners();
    }

    @Override
    public ReliefCut placed(Placement onto, int ofItem) {
        return new ReliefCut(new Load.Relief(onto.apply(relief.from()), onto.apply(relief.to())), ofItem);
    }
}
