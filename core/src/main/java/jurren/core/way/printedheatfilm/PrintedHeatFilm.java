package jurren.core.way.printedheatfilm;

import java.util.List;
import jurren.core.finish.HandTime;
import jurren.core.finish.ReadyStep;
import jurren.core.finish.Readying;
import jurren.core.material.Material;
import jurren.core.way.Grip;
import jurren.core.way.PrintedAndCut;

/** Printed on its face and cut around; goes on face up under a mask. */
public final class PrintedHeatFilm extends PrintedAndCut {
    @Override
    public Grip grip() {
        return Grip.FIBRES;
    }

    @Override
    public List<Readying> readied(Material material) {
        return List.of(new Readying(ReadyStep.MASK, HandTime.MASK));
    }
}
