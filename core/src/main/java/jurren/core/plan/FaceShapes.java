package jurren.core.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.layer.Layer;
import jurren.core.memo.Scale;

/**
 * What is drawn of a face and its layers, worked out with the plan so that nobody bends anything while drawing.
 *
 * @param area      where art may be, on the unrolled face
 * @param sheet     the area with a little around it
 * @param obstacles what art must keep clear of, on the unrolled face; a collar is drawn with the thing itself
 * @param asWorn    the layers as they lie on the thing, in the coordinates of the art
 */
public record FaceShapes(Region area, Region sheet, Map<Obstacle, Region> obstacles, List<Layer> asWorn) {
    private static final double AROUND_MM = 8;

    public FaceShapes {
        obstacles = new LinkedHashMap<>(obstacles);
        asWorn = List.copyOf(asWorn);
    }

    public static FaceShapes of(Face face, List<Layer> layers) {
        Warp unrolling = face.unrolling();
        Region area = Region.of(face.area().box()).warped(unrolling);
        Region whole = Region.of(face.whole());
        Map<Obstacle, Region> obstacles = new LinkedHashMap<>();
        face.obstacles().stream()
                .filter(o -> o.kind() != Obstacle.Kind.COLLAR)
                .forEach(o -> obstacles.put(o, o.region().intersect(whole).warped(unrolling)));
        return new FaceShapes(
                area,
                area.grown(AROUND_MM, CornerStyle.ROUND),
                obstacles,
                layers.stream()
                        .map(l -> l.mapped(face.rolling(), face.unrolling()))
                        .toList());
    }

    /** The box of the area on the unrolled face. */
    public Box areaBox() {
        return area.bounds();
    }

    void weigh(Scale scale) {
        asWorn.forEach(l -> l.weigh(scale));
    }
}
