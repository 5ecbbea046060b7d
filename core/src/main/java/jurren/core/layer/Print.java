package jurren.core.layer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Art;
import jurren.core.art.Painted;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.material.Colour;
import jurren.core.memo.Scale;

/**
 * What is printed on one sheet, from the bottom up. What hides everything below it lies beside the rest; only what is
 * seen through lies over something.
 *
 * @param white that lies under all of it on the thing; empty where the ground shows through
 */
public record Print(List<Inked> inks, Region white) {
    public static final Print NONE = new Print(List.of());
    /** What its separation is called in files. */
    public static final String WHITE_PLATE = "White";
    /** General practice. */
    public static final double BLEED_MM = 3;

    private static final int BLEED_STEPS = 3;
    private static final int WHITE = 0xFFFFFF;

    public Print {
        inks = List.copyOf(inks);
    }

    public Print(List<Inked> inks) {
        this(inks, Region.EMPTY);
    }

    /** On white of its own, drawn in from its edge. */
    public Print onWhite(double drawnInMm) {
        return new Print(inks, everything().grown(-drawnInMm, CornerStyle.ROUND));
    }

    /** What of art falls into a region. */
    public static Print of(Art art, Region within) {
        if (art.paints().stream().allMatch(p -> p.ink().isEmpty())) {
            return flat(art.seen()).within(within);
        }
        List<Inked> inks = new ArrayList<>();
        for (Painted p : art.paints()) {
            if (p.covers()) {
                inks.replaceAll(i -> i.withRegion(i.region().minus(p.region())));
                inks.removeIf(i -> i.region().isEmpty());
            }
            int same = p.ink().isEmpty() ? beside(inks, p.colour()) : -1;
            if (same >= 0) {
                inks.set(same, inks.get(same).withRegion(inks.get(same).region().weld(p.region())));
            } else {
                inks.add(new Inked(p.colour(), p.ink(), p.region()));
            }
        }
        return new Print(inks).within(within);
    }

    /** A flat colour that may take more without anything that is seen through coming to lie under it. */
    private static int beside(List<Inked> inks, Colour colour) {
        for (int i = inks.size() - 1; i >= 0 && inks.get(i).covers(); i--) {
            if (inks.get(i).isFlat() && inks.get(i).colour().equals(colour)) {
                return i;
            }
        }
        return -1;
    }

    public static Print flat(Map<Colour, Region> colours) {
        return new Print(colours.entrySet().stream()
                .map(e -> new Inked(e.getKey(), Optional.empty(), e.getValue()))
                .toList());
    }

    public boolean isEmpty() {
        return inks.isEmpty();
    }

    public Print within(Region edge) {
        return new Print(
                inks.stream()
                        .map(i -> i.withRegion(i.region().intersect(edge)))
                        .filter(i -> !i.region().isEmpty())
                        .toList(),
                white.isEmpty() ? white : white.intersect(edge));
    }

    Print warped(Warp warp, Warp back) {
        return new Print(
                inks.stream()
                        .map(i -> new Inked(
                                i.colour(),
                                i.ink().map(k -> k.warped(warp, back)),
                                i.region().warped(warp)))
                        .toList(),
                white.isEmpty() ? white : white.warped(warp));
    }

    /** The box of all ink; throws where there is none. */
    public Box bounds() {
        return inks.stream().map(i -> i.region().bounds()).reduce(Box::joined).orElseThrow();
    }

    /** The colour that covers most; throws where there is none. */
    public Colour most() {
        return inks.stream()
                .max(Comparator.comparingDouble(i -> i.region().areaMm2()))
                .orElseThrow()
                .colour();
    }

    /** Where there is ink of any kind. */
    public Region everything() {
        return Region.weld(inks.stream().map(Inked::region).toList());
    }

    /** The flat colours, less what lies over them. */
    public Map<Colour, Region> flats() {
        Map<Colour, Region> flats = new LinkedHashMap<>();
        Region over = shaded();
        inks.stream()
                .filter(Inked::isFlat)
                .forEach(i -> flats.merge(i.colour(), i.region().minus(over), Region::weld));
        flats.values().removeIf(Region::isEmpty);
        return flats;
    }

    /** Where there are pictures, shades, or colours that are seen through. */
    public Region shaded() {
        return Region.weld(
                inks.stream().filter(i -> !i.isFlat()).map(Inked::region).toList());
    }

    /** What a point shows on white paper, 0xRRGGBB; empty where no ink is. */
    public Optional<Colour> at(Point p) {
        int rgb = WHITE;
        boolean any = false;
        for (Inked i : inks) {
            if (i.region().contains(p)) {
                rgb = over(rgb, i.argb(p.xMm(), p.yMm()));
                any = true;
            }
        }
        return any ? Optional.of(new Colour(rgb)) : Optional.empty();
    }

    private static int over(int ground, int argb) {
        int a = argb >>> 24;
        int mixed = 0;
        for (int shift = 0; shift < 24; shift += 8) {
            mixed |= ((argb >>> shift & 0xFF) * a + (ground >>> shift & 0xFF) * (255 - a) + 127) / 255 << shift;
        }
        return mixed;
    }

    /**
     * Ink carried on beyond its outer edge, so that a cut a little beside it leaves no bare rim: each colour runs on
     * where nothing else is printed, and where two would meet, the nearer has the place.
     */
    public Print bleeding(double mm) {
        Region whole = everything();
        List<Region> more = new ArrayList<>(inks.stream()
                .map(i -> i.region().grown(mm, CornerStyle.ROUND).minus(whole))
                .toList());
        for (int i = 0; i < inks.size(); i++) {
            for (int j = i + 1; j < inks.size(); j++) {
                if (inks.get(i).covers()
                        && inks.get(j).covers()
                        && !more.get(i).isEmpty()
                        && !more.get(j).isEmpty()
                        && more.get(i).bounds().crossed(more.get(j).bounds()).isPresent()) {
                    share(more, i, j, mm);
                }
            }
        }
        List<Inked> out = new ArrayList<>();
        for (int i = 0; i < inks.size(); i++) {
            out.add(
                    more.get(i).isEmpty()
                            ? inks.get(i)
                            : inks.get(i).withRegion(inks.get(i).region().weld(more.get(i))));
        }
        return new Print(out, white);
    }

    /** Where both would go, step by step outwards: whoever gets there first. */
    private void share(List<Region> more, int i, int j, double mm) {
        Region free = more.get(i).intersect(more.get(j));
        if (free.isEmpty()) {
            return;
        }
        Region near = Region.of(free.bounds().grown(mm));
        Region first = inks.get(i).region().intersect(near);
        Region second = inks.get(j).region().intersect(near);
        Region toFirst = Region.EMPTY;
        Region toSecond = Region.EMPTY;
        for (int step = 1; step <= BLEED_STEPS && !free.isEmpty(); step++) {
            Region reached =
                    first.grown(step * mm / BLEED_STEPS, CornerStyle.ROUND).intersect(free);
            toFirst = toFirst.weld(reached);
            free = free.minus(reached);
            reached = second.grown(step * mm / BLEED_STEPS, CornerStyle.ROUND).intersect(free);
            toSecond = toSecond.weld(reached);
            free = free.minus(reached);
        }
        more.set(i, more.get(i).minus(toSecond));
        more.set(j, more.get(j).minus(toFirst));
    }

    public void weigh(Scale scale) {
        white.weigh(scale);
        inks.forEach(i -> {
            i.region().weigh(scale);
            i.ink().ifPresent(k -> k.weigh(scale));
        });
    }
}
