package jurren.perf;

import java.util.List;
import java.util.Locale;
import jurren.core.art.DrawingFile;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.opening.AnyDrawing;
import jurren.formats.out.ArtFormat;
import jurren.formats.out.ArtSheet;

/**
 * The demo's tees written in one format, read, written in another and read again: how far the farthest edge of any
 * colour has moved, in micrometres.
 */
public final class RoundTrips {
    private static final List<ArtFormat> FORMATS = List.of(ArtFormat.SVG, ArtFormat.PDF, ArtFormat.EPS, ArtFormat.DXF);

    private RoundTrips() {}

    public static void main(String[] args) {
        LinePlan plan =
                new Planner().plan(DemoJob.simple(), BuiltInShop.read()).lines().getFirst();
        ArtSheet art = ArtSheet.asWorn(plan);
        System.out.println("| from \\ to | SVG | PDF | EPS | DXF |");
        System.out.println("|---|---|---|---|---|");
        for (ArtFormat first : FORMATS) {
            StringBuilder row = new StringBuilder("| " + first + " |");
            for (ArtFormat second : FORMATS) {
                row.append(String.format(
                        Locale.ROOT, " %.2f |", 1000 * worst(art, through(second, through(first, art)))));
            }
            System.out.println(row);
        }
    }

    private static ArtSheet through(ArtFormat f, ArtSheet sheet) {
        byte[] bytes = f.write(sheet, ArtFormat.Options.USUAL);
        DrawingRead.Taken read = (DrawingRead.Taken) AnyDrawing.read(new DrawingFile("a" + f.ending(), bytes));
        return ArtSheet.of("again", read.drawing());
    }

    private static double worst(ArtSheet a, ArtSheet b) {
        return a.parts().stream()
                .map(ArtSheet.Part::colour)
                .distinct()
                .mapToDouble(c -> region(a, c).edgeDistanceMm(region(b, c)))
                .max()
                .orElse(0);
    }

    private static Region region(ArtSheet sheet, jurren.core.material.Colour c) {
        Point middle = sheet.box().orElseThrow().centre();
        return Region.weld(sheet.parts().stream()
                        .filter(p -> p.colour().equals(c))
                        .map(ArtSheet.Part::region)
                        .toList())
                .placed(Placement.moved(-middle.xMm(), -middle.yMm()));
    }
}
