package jurren.core.dryrun;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Print;
import jurren.core.material.Colour;
import jurren.core.plan.PrintSheet;
import jurren.core.trace.Picture;

/**
 * What a printer put on one sheet, as it lies before one: x to the right, y down.
 *
 * @param print which of the job's prints it is, from 1
 * @param ink    where which flat colour lies; they do not overlap
 * @param shaded where pictures, shades and colours that are seen through lie
 * @param look   the whole sheet as it looks; empty where all of it is flat
 * @param plates what was printed in colours that have only a name, by that
 */
public record InkSheet(
        int print, Map<Colour, Region> ink, Region shaded, Optional<Look> look, Map<String, Region> plates) {
    /** So many pixels to the millimetre, from the sheet's first corner. */
    public record Look(Picture picture, double pxPerMm) {
        int rgb(Point onSheet) {
            int x = (int) Math.floor(onSheet.xMm() * pxPerMm);
            int y = (int) Math.floor(onSheet.yMm() * pxPerMm);
            return picture.argb(Math.clamp(x, 0, picture.width() - 1), Math.clamp(y, 0, picture.height() - 1))
                    & 0xFFFFFF;
        }
    }

    private static final double CROSS_THIN_MM = 0.5;
    private static final double CROSS_LONG_MM = 4;
    /** So much a printer may be off over a whole sheet; beyond that it was scaled to the page. */
    private static final double MARKS_OFF_MM = 0.05;
    /** From the middle of a cross to the corner of the ink. */
    private static final double CROSS_OUT_MM = 5;

    public InkSheet(int print, Map<Colour, Region> ink) {
        this(print, ink, Region.EMPTY, Optional.empty(), Map.of());
    }

    /** Without plates of their own. */
    public InkSheet(int print, Map<Colour, Region> ink, Region shaded, Optional<Look> look) {
        this(print, ink, shaded, look, Map.of());
    }

    public InkSheet {
        ink = Collections.unmodifiableMap(new LinkedHashMap<>(ink));
        plates = Map.copyOf(plates);
    }

    /** The sheet's pieces, taken apart once for all its slots. */
    record Pieces(Map<Colour, List<Region>> flat, List<Region> shaded, List<Region> white) {
        static Pieces of(InkSheet sheet) {
            Map<Colour, List<Region>> flat = new LinkedHashMap<>();
            sheet.ink.forEach((colour, r) -> flat.put(colour, apart(r)));
            return new Pieces(
                    flat, apart(sheet.shaded), apart(sheet.plates.getOrDefault(Print.WHITE_PLATE, Region.EMPTY)));
        }

        private static List<Region> apart(Region region) {
            return region.pieces().stream().map(Piece::region).toList();
        }

        /** What lies in a slot; pieces that are wholly in it are not cut. */
        static Region in(Box slot, List<Region> pieces) {
            List<Region> in = new ArrayList<>();
            for (Region piece : pieces) {
                if (slot.covers(piece.bounds(), 0)) {
                    in.add(piece);
                } else if (slot.crossed(piece.bounds()).isPresent()) {
                    in.add(piece.intersect(Region.of(slot)));
                }
            }
            return Region.together(in);
        }

        /** What the crosses in a slot enclose; empty where they cannot be found. */
        Optional<Box> within(Box slot) {
            return enclosed(slot)
                    .filter(b -> Math.min(b.widthMm(), b.heightMm()) > 2 * CROSS_OUT_MM)
                    .map(b -> b.grown(-CROSS_OUT_MM));
        }

        /** From the sheet as it lies to where it would lie if its marks stood where they were meant to. */
        Optional<Placement> byMarks(PrintSheet meant) {
            return enclosed(new Box(0, 0, meant.widthMm(), meant.heightMm()))
                    .filter(b -> Math.abs(b.widthMm() + 2 * PrintSheet.MARKS_IN_MM - meant.widthMm()) < MARKS_OFF_MM
                            && Math.abs(b.heightMm() + 2 * PrintSheet.MARKS_IN_MM - meant.heightMm()) < MARKS_OFF_MM)
                    .map(b ->
                            Placement.moved(PrintSheet.MARKS_IN_MM - b.minXMm(), PrintSheet.MARKS_IN_MM - b.minYMm()));
        }

        private Optional<Box> enclosed(Box within) {
            List<Point> crosses = flat.values().stream()
                    .flatMap(List::stream)
                    .map(Region::bounds)
                    .filter(b -> b.widthMm() < CROSS_THIN_MM && b.heightMm() > CROSS_LONG_MM)
                    .map(Box::centre)
                    .filter(c -> within.covers(new Box(c.xMm(), c.yMm(), c.xMm(), c.yMm()), 0))
                    .toList();
            if (crosses.size() < 4) {
                return Optional.empty();
            }
            double left = crosses.stream().mapToDouble(Point::xMm).min().orElseThrow();
            double right = crosses.stream().mapToDouble(Point::xMm).max().orElseThrow();
            double top = crosses.stream().mapToDouble(Point::yMm).min().orElseThrow();
            double bottom = crosses.stream().mapToDouble(Point::yMm).max().orElseThrow();
            return Optional.of(new Box(left, top, right, bottom));
        }
    }
}
