package jurren.app.bench.blank;

import java.util.List;
import java.util.Optional;
import jurren.core.art.Ink;
import jurren.core.art.Painted;
import jurren.core.blank.AsHeld;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;
import jurren.core.blank.Surface;
import jurren.core.geometry.Region;
import jurren.core.plan.SizePlan;
import jurren.core.stop.Stop;
import jurren.formats.print.InkRaster;

/** What of a round thing is seen as it is held, turned so far; worked out at the desk. */
record SeenShapes(Face face, Region band, List<Painted> art, List<Region> handles) {
    private static final double PER_INCH = 100;
    private static final int MOST_PIXELS = 2_000_000;

    static SeenShapes of(SizePlan size, double turnDegrees) {
        Face face = size.face();
        AsHeld held = new AsHeld((Surface.Round) face.surface(), face.trueAtMm(), turnDegrees);
        Region band = held.seen(Region.of(size.area().box()));
        List<Painted> art = size.art().paints().stream()
                .map(p -> {
                    Stop.lookHere();
                    Region region = held.seen(p.region());
                    // made a picture here, so that nothing bends while it is drawn
                    Optional<Ink> ink = p.ink()
                            .map(i -> i.warped(held, held.back()))
                            .map(i -> i instanceof Ink.Bent && !region.isEmpty()
                                    ? InkRaster.flattened(region, i, PER_INCH, MOST_PIXELS)
                                    : i);
                    return new Painted(p.colour(), ink, p.materialId(), region, List.of());
                })
                .toList();
        List<Region> handles = face.obstacles().stream()
                .filter(o -> o.kind() == Obstacle.Kind.HANDLE)
                .map(o -> held.seen(o.region()))
                .toList();
        return new SeenShapes(face, band, art, handles);
    }
}
