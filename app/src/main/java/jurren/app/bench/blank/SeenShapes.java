package jurren.app.bench.blank;

import java.util.List;
import jurren.core.art.Painted;
import jurren.core.blank.AsHeld;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;
import jurren.core.blank.Surface;
import jurren.core.geometry.Region;
import jurren.core.plan.SizePlan;
import jurren.core.stop.Stop;

/** What of a round thing is seen as it is held, turned so far; worked out at the desk. */
record SeenShapes(Face face, Region band, List<Painted> art, List<Region> handles) {
    static SeenShapes of(SizePlan size, double turnDegrees) {
        Face face = size.face();
        AsHeld held = new AsHeld((Surface.Round) face.surface(), face.trueAtMm(), turnDegrees);
        Region band = held.seen(Region.of(size.area().box()));
        List<Painted> art = size.art().paints().stream().map(p -> {
            Stop.lookHere();
            return new Painted(p.colour(), p.materialId(), held.seen(p.region()), List.of());
        }).toList();
        List<Region> handles = face.obstacles().stream().filter(o -> o.kind() == Obstacle.Kind.HANDLE).map(o -> held.seen(o.region())).toList();
        return new SeenShapes(face, band, art, handles);
    }
}
