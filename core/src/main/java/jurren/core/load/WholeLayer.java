package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.nest.Bed;
import jurren.core.nest.BedPosition;
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;
import jurren.core.nest.Nest;

/** A layer put onto one piece of film because a person wants it there: as many of its pieces as that takes. */
public final class WholeLayer {
    private WholeLayer() {}

    /**
     * Where its pieces come to lie, as pins; fewer than there are pieces where it does not take them all.
     *
     * @param items every piece of the layer
     */
    public static List<Pin> onto(List<CutItem> items, Stock stock, Cutter cutter, boolean framed) {
        Region usable = stock.usable(cutter).grown(framed ? -Frames.MARGIN_MM : 0, CornerStyle.MITRED);
        if (usable.isEmpty()) {
            return List.of();
        }
        List<Cutout> cutouts =
                items.stream().map(i -> new Cutout(i.carrier(), i.turning())).toList();
        Layout layout = Nest.of(cutouts, List.of(new Bed(usable, false, false)), Loading.GAP_MM, Nesting.SEED)
                .layout();
        List<Pin> pins = new ArrayList<>();
        IntStream.range(0, items.size())
                .forEach(k -> layout.positions().get(k).ifPresent(lie -> pins.add(pin(items.get(k), stock, lie))));
        return pins;
    }

    private static Pin pin(CutItem i, Stock stock, BedPosition lie) {
        return new Pin(
                i.lineId(),
                i.place(),
                i.size(),
                i.copy(),
                i.layer().order(),
                stock.id(),
                lie.degrees(),
                new Point(lie.xMm(), lie.yMm()));
    }
}
