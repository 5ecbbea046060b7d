package jurren.formats.drawing;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnGroup;
import jurren.core.art.DrawnShape;
import jurren.core.art.Ink;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.stop.Stop;
import jurren.formats.Refusal;
import jurren.formats.Refusal.Reason;

/**
 * Gathers what a file paints, as closed shapes of one colour, from the bottom up.
 *
 * <ul>
 *   <li>A fill is what its outline encloses under its own fill rule.
 *   <li>A stroke of some width is the region it covers.
 *   <li>A hairline, narrower than {@link #HAIRLINE_MM} and narrow beside the whole drawing, is no area but a line to
 * follow. Those of one colour that
 *       are closed, or close together, bound shapes, those inside others their holes; an open one is kept as an open
 *       end; beside a fill, a hairline is left out.
 *   <li>Of what is clipped, what the clip leaves.
 * </ul>
 */
public final class DrawingBuilder {
    /** A third of what the finest film holds; the usual default stroke is 0.26 mm. */
    public static final double HAIRLINE_MM = 0.3;
    /**
     * A line so wide, of the larger side of all that is painted, is one to be seen however narrow it is in millimetres:
     * a sign drawn as small as
     * a fingernail is not meant to be made so. Where the file does not say how large it is, its millimetres mean less
     * still.
     */
    private static final double SEEN_SHARE = 0.025;

    private static final double SEEN_SHARE_OF_GUESSED = 0.015;
    /** Of all pictures together. */
    private static final long MOST_PIXELS = 48_000_000;

    private static final double LEAST_PIXEL_MM2 = 1e-10;
    private static final double UNEVEN = 1e-6;
    /** More than this no person drew, and every edit would take minutes. */
    public static final int MOST_SHAPES = 100_000;

    private static final long MOST_CORNERS = 1_500_000;
    /** On one line; each is a shape of its own to be joined with the others. */
    private static final double MOST_DASHES = 50_000;

    private static final double CLOSED_WITHIN_MM = 0.01;
    private static final double LARGEST_MM = 10_000;
    private static final double SMALLEST_MM = 0.1;
    private static final double FARTHEST_MM = 1e6;

    private final List<DrawnShape> shapes = new ArrayList<>();
    private final List<Narrow> narrow = new ArrayList<>();
    private final List<Point> openEnds = new ArrayList<>();
    private final LineChains openLines = new LineChains();
    private final Map<Colour, Map<Curves, List<DrawnGroup>>> outlines = new LinkedHashMap<>();
    private final Map<String, List<DrawnGroup>> layers = new HashMap<>();
    private List<DrawnGroup> within = List.of();
    private int groups;
    private long pixels;
    private int outlineCount;
    private long corners;
    private final Map<String, Colour> spots = new HashMap<>();
    private final Map<Colour, String> inks = new LinkedHashMap<>();
    private static final double BESIDE_MM = 1;

    private Optional<String> wrong = Optional.empty();
    private final Set<DrawingRead.Note> notes = EnumSet.noneOf(DrawingRead.Note.class);
    private Optional<FileUnit> guessed = Optional.empty();
    private List<String> pages = List.of("1");
    private boolean flipped;

    public List<DrawnShape> shapes() {
        return List.copyOf(shapes);
    }

    public Set<DrawingRead.Note> notes() {
        return Set.copyOf(notes);
    }

    public void note(DrawingRead.Note note) {
        notes.add(note);
    }

    /** Whether something lies beyond a page of this size by more than a line's width. */
    public boolean reachesBeyond(double widthMm, double heightMm) {
        return shapes.stream()
                .map(s -> s.curves().bounds())
                .anyMatch(b -> b.minXMm() < -BESIDE_MM
                        || b.minYMm() < -BESIDE_MM
                        || b.maxXMm() > widthMm + BESIDE_MM
                        || b.maxYMm() > heightMm + BESIDE_MM);
    }

    /** A part could not be made anything of; the first reason is told where nothing else is in the drawing. */
    public void leftOut(String reason) {
        note(DrawingRead.Note.PARTS_NOT_UNDERSTOOD);
        wrong = wrong.or(() -> Optional.of(reason));
    }

    /** The file does not say its unit. */
    public void guessed(FileUnit unit) {
        guessed = Optional.of(unit);
    }

    public void pages(List<String> names) {
        pages = names;
    }

    /** The file's y axis points up. */
    public void yUp() {
        flipped = true;
    }

    /** What comes now is in one more group, until {@link #leave}; its name is empty where the file gives it none. */
    public void enter(String name) {
        List<DrawnGroup> deeper = new ArrayList<>(within);
        deeper.add(new DrawnGroup(++groups, name.strip()));
        within = List.copyOf(deeper);
    }

    public void leave() {
        within = within.subList(0, Math.max(0, within.size() - 1));
    }

    /** What comes now is on a layer, all of whose parts have one name. */
    public void onLayer(String name) {
        within = layers.computeIfAbsent(name, n -> List.of(new DrawnGroup(++groups, n)));
    }

    /**
     * A colour that has a name in the file. A name is one ink, however often and in whatever colours the file says how
     * it looks; a tint of it is told as its share.
     *
     * @param tint 0 to 1
     * @return what that ink is shown as
     */
    public Colour spot(String name, double tint, Colour shown) {
        String told = tint >= 1 ? name : name + " " + Math.round(100 * tint) + " %";
        Colour known = spots.putIfAbsent(told, shown);
        inks.putIfAbsent(known == null ? shown : known, told);
        return known == null ? shown : known;
    }

    public void fill(Shape outline, AffineTransform toMm, Colour colour, Optional<Region> clip) {
        fill(outline, toMm, colour, Optional.empty(), clip);
    }

    /** @param ink how it is painted when that is not its colour alone, in millimetres */
    public void fill(Shape outline, AffineTransform toMm, Colour colour, Optional<Ink> ink, Optional<Region> clip) {
        add(Curves.of(outline, Placement.of(toMm)), colour, ink, clip);
    }

    /** Whether lines are as wide one way as the other in a space. */
    public static boolean isEven(AffineTransform space) {
        double a = Math.hypot(space.getScaleX(), space.getShearY());
        double b = Math.hypot(space.getShearX(), space.getScaleY());
        double skew = space.getScaleX() * space.getShearX() + space.getShearY() * space.getScaleY();
        return Math.abs(a - b) <= UNEVEN * Math.max(a, b) && Math.abs(skew) <= UNEVEN * a * b;
    }

    /** @param fromPixels from the picture's pixels to millimetres */
    public void picture(DrawnPicture picture, AffineTransform fromPixels, double opacity, Optional<Region> clip) {
        int w = picture.picture().width();
        int h = picture.picture().height();
        pixels += (long) w * h;
        if (pixels > MOST_PIXELS || Math.abs(fromPixels.getDeterminant()) < LEAST_PIXEL_MM2) {
            note(DrawingRead.Note.PICTURES_LEFT_OUT);
            return;
        }
        note(DrawingRead.Note.PICTURES_ONLY_PRINTED);
        fill(
                new Rectangle2D.Double(0, 0, w, h),
                fromPixels,
                new Colour(picture.picture().mean()),
                Optional.of(new Ink.OfPicture(picture, Placement.of(fromPixels), opacity)),
                clip);
    }

    public void stroke(
            Shape outline,
            BasicStroke stroke,
            AffineTransform toMm,
            Colour colour,
            boolean filled,
            Optional<Region> clip) {
        stroke(outline, stroke, toMm, colour, Optional.empty(), filled, clip);
    }

    /** @param filled whether the same outline was filled as well */
    public void stroke(
            Shape outline,
            BasicStroke stroke,
            AffineTransform toMm,
            Colour colour,
            Optional<Ink> ink,
            boolean filled,
            Optional<Region> clip) {
        if (Dashes.count(outline, stroke) > MOST_DASHES) {
            throw new TooMuch();
        }
        double widthMm = stroke.getLineWidth() * Math.sqrt(Math.abs(toMm.getDeterminant()));
        if (widthMm >= HAIRLINE_MM) {
            add(Curves.of(stroke.createStrokedShape(outline), Placement.of(toMm)), colour, ink, clip);
        } else {
            Curves line = Curves.of(outline, Placement.of(toMm));
            if (!line.isEmpty()) {
                check(line);
                narrow.add(new Narrow(
                        shapes.size(),
                        line,
                        widthMm,
                        stroke,
                        new Path2D.Double(outline),
                        new AffineTransform(toMm),
                        colour,
                        ink,
                        filled,
                        clip,
                        within));
            }
        }
    }

    /**
     * A narrow line; whether it is one to be seen or one to follow shows when all has been found.
     *
     * @param at      how many shapes lie under it
     * @param outline its own: readers draw one path after the other with the same object
     */
    private record Narrow(
            int at,
            Curves line,
            double widthMm,
            BasicStroke stroke,
            Path2D outline,
            AffineTransform toMm,
            Colour colour,
            Optional<Ink> ink,
            boolean filled,
            Optional<Region> clip,
            List<DrawnGroup> groups) {
        Curves asSeen() {
            return Curves.of(stroke.createStrokedShape(outline), Placement.of(toMm));
        }
    }

    private void judgeNarrow() {
        double share = guessed.isPresent() ? SEEN_SHARE_OF_GUESSED : SEEN_SHARE;
        double larger = Stream.concat(
                        shapes.stream().map(s -> s.curves().bounds()),
                        narrow.stream().map(n -> n.line.bounds()))
                .reduce(Box::joined)
                .map(b -> Math.max(b.widthMm(), b.heightMm()))
                .orElse(Double.POSITIVE_INFINITY);
        List<DrawnShape> below = List.copyOf(shapes);
        shapes.clear();
        int done = 0;
        for (Narrow n : narrow) {
            shapes.addAll(below.subList(done, n.at));
            done = n.at;
            within = n.groups;
            if (n.widthMm >= share * larger) {
                add(n.asSeen(), n.colour, n.ink, n.clip);
            } else if (n.filled) {
                note(DrawingRead.Note.HAIRLINES_LEFT_OUT);
            } else {
                hairline(n.line, n.colour, n.clip);
            }
        }
        within = List.of();
        shapes.addAll(below.subList(done, below.size()));
        narrow.clear();
    }

    /** A line to follow. */
    private void hairline(Curves line, Colour colour, Optional<Region> clip) {
        if (line.openEnds(CLOSED_WITHIN_MM).isEmpty()) {
            outline(clip.map(c -> clipped(line, c)).orElse(line), colour, within);
        } else {
            openLines.add(line, colour, within);
        }
    }

    private void outline(Curves closed, Colour colour, List<DrawnGroup> in) {
        if (!closed.isEmpty()
                && outlines.computeIfAbsent(colour, _ -> new LinkedHashMap<>()).putIfAbsent(closed, in) == null
                && ++outlineCount > MOST_SHAPES) {
            throw new TooMuch();
        }
    }

    /** Lines that only together are closed. */
    private void joinLines() {
        for (LineChains.Chain chain : openLines.chains()) {
            if (chain.closed()) {
                outline(chain.curves(), chain.colour(), chain.groups());
            } else {
                openEnds.addAll(chain.ends().subList(1, 2));
                note(DrawingRead.Note.OPEN_LINES_LEFT_OUT);
            }
        }
        List<DrawnShape> bounded = new ArrayList<>();
        outlines.forEach((colour, lines) -> {
            Curves together = together(lines.keySet());
            check(together);
            bounded.addAll(bounded(together, colour, lines));
        });
        // what a line bounds is no paint: it swallows nothing that is painted there
        shapes.addAll(0, bounded);
        outlines.clear();
    }

    private static Curves together(Collection<Curves> lines) {
        Path2D.Double all = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        lines.forEach(l -> all.append(l.toAwt(), false));
        return Curves.of(all);
    }

    /** Groups apart where none bounds a hole of another. */
    private static List<DrawnShape> bounded(Curves together, Colour colour, Map<Curves, List<DrawnGroup>> lines) {
        Map<List<DrawnGroup>, List<Curves>> byGroup = new LinkedHashMap<>();
        lines.forEach((line, in) ->
                byGroup.computeIfAbsent(in, _ -> new ArrayList<>()).add(line));
        if (byGroup.size() > 1) {
            List<DrawnShape> each = new ArrayList<>();
            byGroup.forEach((in, own) -> each.add(new DrawnShape(together(own), colour, Optional.empty(), in)));
            double area = together.enclosed().areaMm2();
            if (Math.abs(each.stream()
                                    .mapToDouble(s -> s.curves().enclosed().areaMm2())
                                    .sum()
                            - area)
                    < 1e-9 * area) {
                return each;
            }
        }
        return List.of(new DrawnShape(
                together,
                colour,
                Optional.empty(),
                byGroup.size() == 1 ? byGroup.keySet().iterator().next() : List.of()));
    }

    private void add(Curves curves, Colour colour, Optional<Ink> ink, Optional<Region> clip) {
        Stop.lookHere();
        if (curves.isEmpty()) {
            return;
        }
        check(curves);
        Curves left = clip.map(c -> clipped(curves, c)).orElse(curves);
        if (!left.isEmpty()) {
            shapes.add(new DrawnShape(left, colour, ink, within));
        }
        if (shapes.size() > MOST_SHAPES) {
            throw new TooMuch();
        }
    }

    private void check(Curves curves) {
        Box box = curves.bounds();
        if (!(Math.max(box.widthMm(), box.heightMm()) < FARTHEST_MM
                && Math.abs(box.centre().xMm()) < FARTHEST_MM
                && Math.abs(box.centre().yMm()) < FARTHEST_MM)) {
            // beside that, rounding swallows everything else
            throw new TooMuch(
                    Reason.ABSURD_SIZE,
                    String.format(java.util.Locale.ROOT, "%.3g x %.3g mm", box.widthMm(), box.heightMm()));
        }
        List<Outline> outlines = curves.outlines();
        corners += outlines.stream().mapToLong(Outline::size).sum();
        if (corners > MOST_CORNERS || Crowding.isTooMuch(outlines)) {
            throw new TooMuch();
        }
    }

    /** Curves stay curves where nothing is cut off. */
    private static Curves clipped(Curves curves, Region clip) {
        if (clip.isEmpty()) {
            return Curves.around(clip);
        }
        boolean rectangle = Math.abs(
                        clip.areaMm2() - clip.bounds().widthMm() * clip.bounds().heightMm())
                < 1e-9 * clip.areaMm2();
        if (rectangle && clip.bounds().covers(curves.bounds(), 0)) {
            return curves;
        }
        Region whole = curves.enclosed();
        Region left = whole.intersect(clip);
        return Math.abs(left.areaMm2() - whole.areaMm2()) < 1e-9 * Math.max(1, whole.areaMm2())
                ? curves
                : Curves.around(left);
    }

    /** There is more than can be worked with. */
    public static final class TooMuch extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final Reason reason;

        public TooMuch() {
            this(Reason.TOO_LARGE, "it has too many shapes, or too many that cross each other");
        }

        TooMuch(Reason reason, String detail) {
            super(detail);
            this.reason = reason;
        }

        public Reason reason() {
            return reason;
        }
    }

    public DrawingRead finish(DrawingFile file) {
        judgeNarrow();
        joinLines();
        Optional<Box> bounds = shapes.stream()
                .map(s -> s.curves().enclosed())
                .filter(r -> !r.isEmpty())
                .map(Region::bounds)
                .reduce(Box::joined);
        if (bounds.isEmpty()) {
            Reason why = !openEnds.isEmpty()
                    ? Reason.ONLY_OPEN_LINES
                    : notes.contains(DrawingRead.Note.PICTURES_LEFT_OUT)
                            ? Reason.ONLY_PICTURES
                            : notes.contains(DrawingRead.Note.TEXT_LEFT_OUT)
                                    ? Reason.ONLY_TEXT
                                    : wrong.isPresent() ? Reason.BROKEN_SVG : Reason.NOTHING_PAINTED;
            return refused(why, file, why == Reason.BROKEN_SVG ? wrong.orElse("") : "");
        }
        Box box = bounds.get();
        double larger = Math.max(box.widthMm(), box.heightMm());
        if (larger > LARGEST_MM || larger < SMALLEST_MM) {
            return refused(
                    Reason.ABSURD_SIZE,
                    file,
                    String.format(java.util.Locale.ROOT, "%.3g x %.3g mm", box.widthMm(), box.heightMm()));
        }
        Point middle = box.centre();
        Placement move = Placement.moved(-middle.xMm(), -middle.yMm());
        Placement aroundMiddle = flipped ? move.then(Placement.scaled(1, -1)) : move;
        List<DrawnShape> placed = shapes.stream()
                .map(s -> new DrawnShape(
                        s.curves().placed(aroundMiddle),
                        s.colour(),
                        s.ink().map(i -> i.placed(aroundMiddle)),
                        s.groups()))
                .toList();
        List<Point> ends = openEnds.stream().map(aroundMiddle::apply).toList();
        return new DrawingRead.Taken(Drawing.atFileSize(file, placed, ends).withInks(inks), guessed, pages, notes);
    }

    public static DrawingRead refused(Reason reason, DrawingFile file, String detail) {
        return new DrawingRead.Refused(new Refusal(reason, file.name(), detail));
    }
}
