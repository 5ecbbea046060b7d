package jurren.core.way.printedheatfilm;

import java.util.Optional;
import jurren.core.finish.Step;
import jurren.core.way.Grip;
import jurren.core.way.PrintedAndCut;

/** Printed on its face and cut around; goes on face up under a mask. */
public final class PrintedHeatFilm extends PrintedAndCut {
    @Override
    public Grip grip() {
        return Grip.FIBRES;
    }

    @Override
    public Optional<Step.Kind> readied() {
        return Optional.of(Step.Kind.MASK);
    }
}
