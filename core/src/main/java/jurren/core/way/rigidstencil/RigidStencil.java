package jurren.core.way.rigidstencil;

import java.util.List;
import java.util.Optional;
import jurren.core.finish.HandWork;
import jurren.core.finish.StencilWork;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.Region;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.way.CutPlate;
import jurren.core.way.Grip;
import jurren.core.way.WayContext;

/**
 * A plate with the shapes cut out of it, its own outer edge cut too: what is left is the piece. One plate a
 * colour; several share their outer edge and have register holes, so that each finds its place.
 */
public final class RigidStencil extends CutPlate {
    /** From the art to the plate's edge, so that a brush does not slip over it. */
    private static final double MARGIN_MM = 25;

    private static final double REGISTER_HOLE_MM = 5;
    /** From the plate's corner to the middle of a register hole. */
    private static final double REGISTER_IN_MM = 10;

    public RigidStencil() {
        super(MARGIN_MM, Fabrication.Cut.THROUGH);
    }

    @Override
    public Grip grip() {
        return Grip.PLATE;
    }

    @Override
    protected Region otherHoles(Box edge, WayContext on) {
        return on.many() ? registerHoles(edge) : Region.EMPTY;
    }

    /** Two, on the left and the right of the upper edge: a plate turned round does not fit them. */
    private static Region registerHoles(Box plate) {
        return Region.weld(List.of(
                hole(plate.minXMm() + REGISTER_IN_MM, plate.minYMm() + REGISTER_IN_MM),
                hole(plate.maxXMm() - REGISTER_IN_MM, plate.minYMm() + REGISTER_IN_MM)));
    }

    private static Region hole(double x, double y) {
        double r = REGISTER_HOLE_MM / 2;
        return Curves.of(Ellipses.of(x - r, y - r, REGISTER_HOLE_MM, REGISTER_HOLE_MM))
                .enclosed();
    }

    @Override
    public Optional<HandWork> byHand() {
        return Optional.of(new StencilWork());
    }

    @Override
    public boolean keepsWidths() {
        return true;
    }

    @Override
    public boolean losesIslands() {
        return true;
    }

    /** Paint goes where the plate is not; register holes are taped over. What fell out of it leaves a hole. */
    @Override
    public Region shows(Layer layer, Region made) {
        if (made.isEmpty()) {
            return made;
        }
        Region plate = made.largest().region();
        Region open = plate.filled().minus(plate);
        return Region.together(open.pieces().stream()
                .map(p -> p.region())
                .filter(r -> !isRegisterHole(r.bounds(), plate.bounds()))
                .toList());
    }

    private static boolean isRegisterHole(Box hole, Box plate) {
        boolean left = Math.abs(hole.centre().xMm() - plate.minXMm() - REGISTER_IN_MM) < 1;
        boolean right = Math.abs(plate.maxXMm() - hole.centre().xMm() - REGISTER_IN_MM) < 1;
        return (left || right)
                && Math.abs(hole.centre().yMm() - plate.minYMm() - REGISTER_IN_MM) < 1
                && Math.abs(hole.widthMm() - REGISTER_HOLE_MM) < 1;
    }
}
