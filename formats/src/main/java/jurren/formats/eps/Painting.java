package jurren.formats.eps;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import jurren.core.art.Ink;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead.Note;
import jurren.formats.drawing.DrawnPicture;
import jurren.formats.drawing.Tiles;

/** Paths, what they paint, and the state in which they do. Paths are kept in the page's own points. */
final class Painting {
    private static final double MM_PER_POINT = 25.4 / 72;
    private static final int MOST_POINTS = 1_500_000;
    private static final int MOST_SAVED = 1000;
    private static final double LEAST_DASHES_POINTS = 0.05;
    private static final int MOST_DASHES = 100_000;

    /** What gsave keeps. */
    static final class State {
        AffineTransform ctm = new AffineTransform();
        Colour colour = new Colour(0);
        Object space = PsName.literal("DeviceGray");
        double[] components = {0};
        /** What is painted with instead of the colour; absent where the colour is. */
        PsDict pattern;

        double lineWidth = 1;
        int cap;
        int join;
        double miter = 10;
        PsArray dashes = PsArray.ofLength(0);
        double dashPhase;
        double flat = 1;
        boolean adjusts;
        Optional<Region> clip = Optional.empty();
        Object font = Machine.NULL;
        Path2D.Double path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        Point2D start;
        PsSave of;

        State copy() {
            State s = new State();
            s.ctm = new AffineTransform(ctm);
            s.colour = colour;
            s.space = space;
            s.components = components;
            s.pattern = pattern;
            s.lineWidth = lineWidth;
            s.cap = cap;
            s.join = join;
            s.miter = miter;
            s.dashes = dashes;
            s.dashPhase = dashPhase;
            s.flat = flat;
            s.adjusts = adjusts;
            s.clip = clip;
            s.font = font;
            s.path = new Path2D.Double(path);
            s.start = start;
            return s;
        }
    }

    /** What restore goes back to. */
    static final class PsSave {}

    private final Machine m;
    private final DrawingBuilder found;
    private final Deque<State> saved = new ArrayDeque<>();
    private State now = new State();
    private int points;
    /** While the glyphs of a font are only measured, nothing is painted. */
    private int silent;

    /** How far the file says that the drawing reaches; what has no other bounds ends there. */
    private final Optional<Rectangle2D> box;

    Painting(Machine machine, DrawingBuilder found, Optional<Rectangle2D> box) {
        this.box = box;
        this.m = machine;
        this.found = found;
        paths();
        painting();
        state();
        transforms();
        colours();
        device();
    }

    State now() {
        return now;
    }

    DrawingBuilder found() {
        return found;
    }

    // ---- paths

    private void paths() {
        m.add("newpath", this::newPath);
        m.add("moveto", () -> move(m.numbers(2), false));
        m.add("rmoveto", () -> move(m.numbers(2), true));
        m.add("lineto", () -> line(m.numbers(2), false));
        m.add("rlineto", () -> line(m.numbers(2), true));
        m.add("curveto", () -> curve(m.numbers(6), false));
        m.add("rcurveto", () -> curve(m.numbers(6), true));
        m.add("closepath", () -> {
            if (now.path.getCurrentPoint() != null) {
                now.path.closePath();
            }
        });
        m.add("arc", () -> arc(m.numbers(5), true));
        m.add("arcn", () -> arc(m.numbers(5), false));
        m.add("arct", () -> tangent(m.numbers(5)));
        m.add("arcto", () -> {
            double[] t = tangent(m.numbers(5));
            for (double d : t) {
                m.push(d);
            }
        });
        m.add("currentpoint", () -> {
            Point2D p = current();
            m.push(p.getX());
            m.push(p.getY());
        });
        m.add("pathbbox", this::pathBox);
        m.add("flattenpath", () -> {
            Path2D.Double flat = new Path2D.Double(now.path.getWindingRule());
            flat.append(now.path.getPathIterator(null, 0.01), false);
            now.path = flat;
        });
        m.add("reversepath", () -> {});
        m.add("strokepath", () -> now.path = new Path2D.Double(stroked()));
        m.add("clippath", this::clipPath);
        m.add("setbbox", () -> m.numbers(4));
        m.add("ucache", () -> {});
        m.add("pathforall", this::forAll);
        m.add("uappend", () -> appendUserPath(m.pop()));
        m.add("upath", () -> {
            m.pop();
            m.push(PsArray.of(List.of(), true));
        });
    }

    private void newPath() {
        now.path = new Path2D.Double(Path2D.WIND_NON_ZERO);
    }

    private AffineTransform inverse() throws PostScriptException {
        try {
            return now.ctm.createInverse();
        } catch (NoninvertibleTransformException _) {
            throw new PostScriptException("undefinedresult", "it shrinks the drawing to nothing");
        }
    }

    private Point2D current() throws PostScriptException {
        Point2D device = now.path.getCurrentPoint();
        if (device == null) {
            throw new PostScriptException("nocurrentpoint", "a line begins nowhere");
        }
        return inverse().transform(device, null);
    }

    private double[] device(double[] xy, boolean relative) throws PostScriptException {
        if (++points > MOST_POINTS) {
            throw new Machine.UsedUp("it has too many points");
        }
        double[] moved = xy.clone();
        if (relative) {
            Point2D p = current();
            for (int i = 0; i < xy.length; i += 2) {
                moved[i] += p.getX();
                moved[i + 1] += p.getY();
            }
        }
        now.ctm.transform(moved, 0, moved, 0, moved.length / 2);
        return moved;
    }

    void move(double[] xy, boolean relative) throws PostScriptException {
        double[] d = device(xy, relative);
        now.path.moveTo(d[0], d[1]);
    }

    private void line(double[] xy, boolean relative) throws PostScriptException {
        current();
        double[] d = device(xy, relative);
        now.path.lineTo(d[0], d[1]);
    }

    private void curve(double[] xy, boolean relative) throws PostScriptException {
        current();
        double[] d = device(xy, relative);
        now.path.curveTo(d[0], d[1], d[2], d[3], d[4], d[5]);
    }

    private void arc(double[] n, boolean anticlockwise) throws PostScriptException {
        if (++points > MOST_POINTS) {
            throw new Machine.UsedUp("it has too many points");
        }
        double extent = n[4] - n[3];
        extent = anticlockwise
                ? extent < 0 ? extent + 360 * Math.ceil(-extent / 360) : extent
                : extent > 0 ? extent - 360 * Math.ceil(extent / 360) : extent;
        double r = Math.abs(n[2]);
        Path2D arc = Ellipses.arc(n[0] - r, n[1] - r, 2 * r, 2 * r, -n[3], -Math.clamp(extent, -360, 360));
        now.path.append(now.ctm.createTransformedShape(arc), now.path.getCurrentPoint() != null);
    }

    /** A rounded corner; the two points where it touches. */
    private double[] tangent(double[] n) throws PostScriptException {
        Point2D p0 = current();
        double ax = p0.getX() - n[0];
        double ay = p0.getY() - n[1];
        double bx = n[2] - n[0];
        double by = n[3] - n[1];
        double a = Math.hypot(ax, ay);
        double b = Math.hypot(bx, by);
        double r = Math.abs(n[4]);
        double cross = ax * by - ay * bx;
        if (a == 0 || b == 0 || r == 0 || Math.abs(cross) < 1e-12 * a * b) {
            line(new double[] {n[0], n[1]}, false);
            return new double[] {n[0], n[1], n[0], n[1]};
        }
        double angle = Math.acos(Math.clamp((ax * bx + ay * by) / (a * b), -1, 1));
        double away = r / Math.tan(angle / 2);
        double x1 = n[0] + ax / a * away;
        double y1 = n[1] + ay / a * away;
        double x2 = n[0] + bx / b * away;
        double y2 = n[1] + by / b * away;
        double mx = ax / a + bx / b;
        double my = ay / a + by / b;
        double m2 = Math.hypot(mx, my);
        double far = r / Math.sin(angle / 2);
        double cx = n[0] + mx / m2 * far;
        double cy = n[1] + my / m2 * far;
        line(new double[] {x1, y1}, false);
        arc(
                new double[] {
                    cx,
                    cy,
                    r,
                    Math.toDegrees(Math.atan2(y1 - cy, x1 - cx)),
                    Math.toDegrees(Math.atan2(y2 - cy, x2 - cx))
                },
                cross < 0);
        return new double[] {x1, y1, x2, y2};
    }

    private void pathBox() throws PostScriptException {
        if (now.path.getCurrentPoint() == null) {
            throw new PostScriptException("nocurrentpoint", "there is no path");
        }
        Rectangle2D box = inverse().createTransformedShape(now.path).getBounds2D();
        m.push(box.getMinX());
        m.push(box.getMinY());
        m.push(box.getMaxX());
        m.push(box.getMaxY());
    }

    private void clipPath() {
        newPath();
        if (now.clip.isPresent()) {
            now.path.append(
                    AffineTransform.getScaleInstance(1 / MM_PER_POINT, 1 / MM_PER_POINT)
                            .createTransformedShape(
                                    Curves.around(now.clip.get()).toAwt()),
                    false);
        } else {
            now.path.append(new Rectangle2D.Double(0, 0, PAGE_POINTS, PAGE_POINTS), false);
        }
    }

    private static final double PAGE_POINTS = 14_400;
    /** Under which a pattern keeps where its tiles lie. */
    private static final String ONTO = "Implementation";

    private final Tiles tiles = new Tiles();

    private void forAll() throws PostScriptException {
        PsArray close = m.array();
        PsArray curve = m.array();
        PsArray line = m.array();
        PsArray move = m.array();
        AffineTransform back = inverse();
        double[] c = new double[6];
        try {
            for (PathIterator it = new Path2D.Double(now.path).getPathIterator(back); !it.isDone(); it.next()) {
                m.step();
                int kind = it.currentSegment(c);
                int n = switch (kind) {
                    case PathIterator.SEG_CLOSE -> 0;
                    case PathIterator.SEG_CUBICTO -> 6;
                    case PathIterator.SEG_QUADTO -> 4;
                    default -> 2;
                };
                for (int i = 0; i < n; i++) {
                    m.push(c[i]);
                }
                m.call(
                        kind == PathIterator.SEG_CLOSE
                                ? close
                                : kind == PathIterator.SEG_CUBICTO
                                        ? curve
                                        : kind == PathIterator.SEG_MOVETO ? move : line);
            }
        } catch (Machine.Exit _) {
            // left by its own word
        }
    }

    /** A path as a value: a procedure of path words, or numbers with a string of what they are for. */
    private void appendUserPath(Object o) throws PostScriptException {
        if (!(o instanceof PsArray a)) {
            throw new PostScriptException("typecheck", "a path is missing");
        }
        if (a.length == 2 && a.get(0) instanceof PsArray numbers && a.get(1) instanceof PsString codes) {
            double[] n = numbers.numbers();
            int at = 0;
            int times = 1;
            for (int i = 0; i < codes.length; i++) {
                int code = codes.get(i);
                if (code >= 32) {
                    times = code - 32;
                    continue;
                }
                for (int k = 0; k < times; k++) {
                    int takes = code < USER_PATH.size() ? USER_PATH_TAKES[code] : -1;
                    if (takes < 0 || at + takes > n.length) {
                        throw new PostScriptException("typecheck", "a path is broken");
                    }
                    for (int j = 0; j < takes; j++) {
                        m.push(n[at++]);
                    }
                    m.operator(USER_PATH.get(code)).action().run();
                }
                times = 1;
            }
        } else {
            m.call(a);
        }
    }

    private static final List<String> USER_PATH = List.of(
            "setbbox",
            "moveto",
            "rmoveto",
            "lineto",
            "rlineto",
            "curveto",
            "rcurveto",
            "arc",
            "arcn",
            "arct",
            "closepath",
            "ucache");
    private static final int[] USER_PATH_TAKES = {4, 2, 2, 2, 2, 6, 6, 5, 5, 5, 0, 0};

    /** Rectangles are told by four numbers, by many, or by a string of many. */
    private List<double[]> rectangles() throws PostScriptException {
        if (m.peek(0) instanceof PsArray a) {
            m.pop();
            double[] n = a.numbers();
            List<double[]> all = new ArrayList<>();
            for (int i = 0; i + 3 < n.length; i += 4) {
                all.add(Arrays.copyOfRange(n, i, i + 4));
            }
            return all;
        }
        return List.of(m.numbers(4));
    }

    private void rectangles(Machine.Action with, boolean keeps) throws PostScriptException {
        Path2D.Double kept = now.path;
        List<double[]> all = rectangles();
        newPath();
        for (double[] n : all) {
            move(new double[] {n[0], n[1]}, false);
            line(new double[] {n[0] + n[2], n[1]}, false);
            line(new double[] {n[0] + n[2], n[1] + n[3]}, false);
            line(new double[] {n[0], n[1] + n[3]}, false);
            now.path.closePath();
        }
        with.run();
        now.path = keeps ? kept : new Path2D.Double(Path2D.WIND_NON_ZERO);
    }

    // ---- painting

    private void painting() {
        m.add("fill", () -> fill(Path2D.WIND_NON_ZERO));
        m.add("eofill", () -> fill(Path2D.WIND_EVEN_ODD));
        m.add("stroke", this::stroke);
        m.add("rectfill", () -> rectangles(() -> fill(Path2D.WIND_NON_ZERO), true));
        m.add("rectstroke", () -> rectangles(this::stroke, true));
        m.add("rectclip", () -> rectangles(() -> clip(Path2D.WIND_NON_ZERO), false));
        m.add("clip", () -> clip(Path2D.WIND_NON_ZERO));
        m.add("eoclip", () -> clip(Path2D.WIND_EVEN_ODD));
        m.add("initclip", () -> now.clip = Optional.empty());
        m.add("ufill", () -> userPath(() -> fill(Path2D.WIND_NON_ZERO)));
        m.add("ueofill", () -> userPath(() -> fill(Path2D.WIND_EVEN_ODD)));
        m.add("ustroke", () -> userPath(this::stroke));
        m.add("shfill", () -> {
            PsDict shading = m.dict();
            State kept = now.copy();
            AffineTransform space = toMm();
            space.concatenate(now.ctm);
            Optional<Ink.Shade> ink = Shades.ink(shading, space);
            Optional<Region> reach = Shades.reach(shading)
                    .map(now.ctm::createTransformedShape)
                    .map(r -> Curves.of(r, Placement.of(toMm())).enclosed());
            Optional<Region> on = now.clip.or(
                    () -> box.map(b -> Curves.of(b, Placement.of(toMm())).enclosed()));
            now.clip = on.map(o -> reach.map(o::intersect).orElse(o)).or(() -> reach);
            clipPath();
            if (now.clip.isPresent() && ink.isPresent() && silent == 0) {
                found.fill(now.path, toMm(), ink.get().mean(), Optional.of(ink.get()), now.clip);
            } else if (silent == 0) {
                found.note(Note.SHADES_AS_ONE_COLOUR);
                if (now.clip.isPresent()) {
                    now.colour = Shades.middle(shading).orElse(now.colour);
                    fill(Path2D.WIND_NON_ZERO);
                }
            }
            now = kept;
        });
        m.add("image", () -> image(false));
        m.add("imagemask", () -> image(true));
        m.add("colorimage", this::colourImage);
        m.add("erasepage", () -> {});
    }

    private void userPath(Machine.Action with) throws PostScriptException {
        Path2D.Double kept = now.path;
        newPath();
        AffineTransform ctm = new AffineTransform(now.ctm);
        appendUserPath(m.pop());
        now.ctm = ctm;
        with.run();
        now.path = kept;
    }

    private static AffineTransform toMm() {
        return AffineTransform.getScaleInstance(MM_PER_POINT, MM_PER_POINT);
    }

    private void fill(int rule) throws PostScriptException {
        now.path.setWindingRule(rule);
        fill(now.path);
        newPath();
    }

    /** In the page's points. */
    void fill(Shape shape) throws PostScriptException {
        if (silent == 0 && now.pattern != null) {
            fill(shape, now.pattern);
        } else if (silent == 0) {
            found.fill(shape, toMm(), now.colour, now.clip);
        }
    }

    private double scale() {
        return Math.sqrt(Math.abs(now.ctm.getDeterminant()));
    }

    private BasicStroke pen(double scale) throws PostScriptException {
        double[] d = now.dashes.numbers();
        float[] dashes = new float[d.length];
        double sum = 0;
        for (int i = 0; i < d.length; i++) {
            dashes[i] = (float) Math.abs(d[i] * scale);
            sum += dashes[i];
        }
        float[] used =
                sum * (scale == 1 ? scale() : 1) > LEAST_DASHES_POINTS && dashes.length < MOST_DASHES ? dashes : null;
        return new BasicStroke(
                (float) Math.min(1e5, Math.abs(now.lineWidth * scale)),
                now.cap,
                now.join,
                (float) Math.max(1, now.miter),
                used,
                used == null ? 0 : (float) Math.max(0, now.dashPhase * scale));
    }

    /** With shades, or tile by tile; what is of another kind, or of too many tiles, is one colour. */
    private void fill(Shape shape, PsDict pattern) throws PostScriptException {
        AffineTransform onto =
                pattern.get(ONTO) instanceof PsArray a && a.length == 6 ? transform(a) : new AffineTransform(now.ctm);
        if (pattern.get("Shading") instanceof PsDict shading) {
            AffineTransform space = toMm();
            space.concatenate(onto);
            Optional<Ink.Shade> ink = Shades.ink(shading, space);
            if (ink.isPresent()) {
                found.fill(shape, toMm(), ink.get().mean(), Optional.of(ink.get()), now.clip);
                return;
            }
            now.colour = Shades.middle(shading).orElse(now.colour);
        } else if (tiled(shape, pattern, onto)) {
            return;
        }
        found.note(Note.SHADES_AS_ONE_COLOUR);
        found.fill(shape, toMm(), now.colour, now.clip);
    }

    private boolean tiled(Shape shape, PsDict pattern, AffineTransform onto) throws PostScriptException {
        if (!(pattern.get("PaintProc") instanceof PsArray paint)
                || !(pattern.get("BBox") instanceof PsArray b)
                || b.length != 4) {
            return false;
        }
        double[] n = b.numbers();
        Rectangle2D box = new Rectangle2D.Double(
                Math.min(n[0], n[2]), Math.min(n[1], n[3]), Math.abs(n[2] - n[0]), Math.abs(n[3] - n[1]));
        Optional<List<Point2D>> all =
                tiles.over(shape, onto, box, pattern.number("XStep", 0), pattern.number("YStep", 0));
        if (all.isEmpty()) {
            return false;
        }
        Region region = Curves.of(shape, Placement.of(toMm())).enclosed();
        Region within = now.clip.map(c -> c.intersect(region)).orElse(region);
        State kept = now;
        try {
            tiles.lay(all.get(), by -> {
                now = kept.copy();
                now.pattern = null;
                now.ctm = new AffineTransform(onto);
                now.ctm.translate(by.getX(), by.getY());
                now.clip = Optional.of(within);
                now.path = new Path2D.Double(now.ctm.createTransformedShape(box));
                clip(Path2D.WIND_NON_ZERO);
                newPath();
                if (!now.clip.get().isEmpty()) {
                    m.push(pattern);
                    m.call(paint);
                }
            });
        } finally {
            now = kept;
        }
        return true;
    }

    private void stroke() throws PostScriptException {
        Rectangle2D reach = now.path.getBounds2D();
        if (reach.getWidth() == 0 && reach.getHeight() == 0 && now.cap != BasicStroke.CAP_ROUND) {
            newPath();
            return; // a line without length has only round ends
        }
        if (silent == 0 && now.pattern != null) {
            fill(stroked(), now.pattern);
        } else if (silent == 0) {
            double widthMm = Math.abs(now.lineWidth) * scale() * MM_PER_POINT;
            if (DrawingBuilder.isEven(now.ctm) || widthMm < DrawingBuilder.HAIRLINE_MM) {
                found.stroke(now.path, pen(scale()), toMm(), now.colour, false, now.clip);
            } else {
                found.fill(stroked(), toMm(), now.colour, now.clip);
            }
        }
        newPath();
    }

    /** What a line of the current width covers: as wide as the space it is drawn in is scaled each way. */
    private Shape stroked() throws PostScriptException {
        Shape inSpace = inverse().createTransformedShape(now.path);
        return now.ctm.createTransformedShape(pen(1).createStrokedShape(inSpace));
    }

    private void clip(int rule) {
        now.path.setWindingRule(rule);
        Region region = Curves.of(now.path, Placement.of(toMm())).enclosed();
        now.clip = Optional.of(now.clip.map(c -> c.intersect(region)).orElse(region));
    }

    /** A dictionary, or five operands; a mask paints with the colour in use. */
    private void image(boolean mask) throws PostScriptException {
        if (m.peek(0) instanceof PsDict) {
            PsDict told = m.dict();
            // with a mask of its own, it is taken without
            PsDict d = told.get("DataDict") instanceof PsDict data ? data : told;
            Object source = d.get("DataSource");
            boolean several = Boolean.TRUE.equals(d.get("MultipleDataSources"));
            boolean asMask = mask || Boolean.TRUE.equals(d.get("ImageMask"));
            int channels = asMask ? 1 : Math.max(1, now.components.length);
            double[] decode = d.get("Decode") instanceof PsArray a && a.length >= 2 ? a.numbers() : straight(channels);
            List<Object> sources = several && source instanceof PsArray a
                    ? a.list()
                    : source == null ? List.of(PsString.of("")) : List.of(source);
            int bits = asMask ? 1 : (int) d.number("BitsPerComponent", 1);
            if (!(d.get("ImageMatrix") instanceof PsArray matrix)) {
                found.note(Note.PICTURES_LEFT_OUT);
                return;
            }
            picture(new Samples(
                    (int) d.number("Width", 0),
                    (int) d.number("Height", 0),
                    bits,
                    now.space,
                    decode,
                    matrix,
                    sources,
                    asMask));
            return;
        }
        Object source = m.pop();
        PsArray matrix = m.array();
        if (mask) {
            boolean ones = m.truth();
            double[] n = m.numbers(2);
            picture(new Samples(
                    (int) n[0],
                    (int) n[1],
                    1,
                    now.space,
                    ones ? new double[] {1, 0} : straight(1),
                    matrix,
                    List.of(source),
                    true));
        } else {
            double[] n = m.numbers(3);
            picture(new Samples(
                    (int) n[0],
                    (int) n[1],
                    (int) n[2],
                    PsName.literal("DeviceGray"),
                    straight(1),
                    matrix,
                    List.of(source),
                    false));
        }
    }

    private void colourImage() throws PostScriptException {
        int components = m.integer();
        boolean several = m.truth();
        int sources = several ? components : 1;
        if (components != 1 && components != 3 && components != 4) {
            throw new PostScriptException("rangecheck", "a picture has one colour, three or four");
        }
        Object[] all = new Object[sources];
        for (int i = sources - 1; i >= 0; i--) {
            all[i] = m.pop();
        }
        PsArray matrix = m.array();
        double[] n = m.numbers(3);
        String space = components == 1 ? "DeviceGray" : components == 3 ? "DeviceRGB" : "DeviceCMYK";
        picture(new Samples(
                (int) n[0],
                (int) n[1],
                (int) n[2],
                PsName.literal(space),
                straight(components),
                matrix,
                List.of(all),
                false));
    }

    private static double[] straight(int components) {
        double[] decode = new double[2 * components];
        for (int i = 0; i < components; i++) {
            decode[2 * i + 1] = 1;
        }
        return decode;
    }

    private void picture(Samples samples) throws PostScriptException {
        if (samples.isTooMuch()) {
            found.note(Note.PICTURES_LEFT_OUT);
            throw new PostScriptException("limitcheck", "a picture is too large");
        }
        Optional<DrawnPicture> picture = samples.read(m, (space, n) -> colour(space, n, 0), now.colour);
        AffineTransform userToMm = toMm();
        userToMm.concatenate(now.ctm);
        Optional<AffineTransform> place =
                picture.isPresent() ? samples.place(userToMm, picture.get()) : Optional.empty();
        if (place.isEmpty()) {
            found.note(Note.PICTURES_LEFT_OUT);
        } else if (silent == 0) {
            found.picture(picture.get(), place.get(), 1, now.clip);
        }
    }

    // ---- state

    private void save(PsSave of) {
        if (saved.size() >= MOST_SAVED) {
            throw new Machine.UsedUp("it saves its state too often");
        }
        State copy = now.copy();
        copy.of = of;
        saved.push(copy);
    }

    void gsave() {
        save(null);
    }

    void grestore() {
        if (saved.isEmpty()) {
            return;
        }
        State top = saved.peek();
        if (top.of == null) {
            saved.pop();
            now = top;
        } else {
            now = top.copy();
        }
    }

    void silently(Machine.Action work) throws PostScriptException {
        silent++;
        try {
            work.run();
        } finally {
            silent--;
        }
    }

    private void state() {
        m.add("gsave", this::gsave);
        m.add("grestore", this::grestore);
        m.add("grestoreall", () -> {
            while (!saved.isEmpty() && saved.peek().of == null) {
                now = saved.pop();
            }
            grestore();
        });
        m.add("save", () -> {
            PsSave s = new PsSave();
            save(s);
            m.push(s);
        });
        m.add("restore", () -> {
            Object s = m.pop();
            if (!(s instanceof PsSave) || saved.stream().noneMatch(x -> x.of == s)) {
                throw new PostScriptException("invalidrestore", "it goes back to what it never saved");
            }
            State top;
            do {
                top = saved.pop();
                now = top;
            } while (top.of != s);
            now.of = null;
        });
        m.add("initgraphics", () -> {
            Optional<Region> clip = now.clip;
            Object font = now.font;
            now = new State();
            now.clip = clip;
            now.font = font;
        });
        m.add("gstate", () -> m.push(new PsDict()));
        m.add("currentgstate", () -> m.peek(0));
        m.add("setgstate", m::pop);
        m.add("setlinewidth", () -> now.lineWidth = m.number());
        m.add("currentlinewidth", () -> m.push(now.lineWidth));
        m.add("setlinecap", () -> now.cap = Math.clamp(m.integer(), 0, 2));
        m.add("currentlinecap", () -> m.push(now.cap));
        m.add("setlinejoin", () -> now.join = Math.clamp(m.integer(), 0, 2));
        m.add("currentlinejoin", () -> m.push(now.join));
        m.add("setmiterlimit", () -> now.miter = m.number());
        m.add("currentmiterlimit", () -> m.push(now.miter));
        m.add("setdash", () -> {
            double phase = m.number();
            now.dashes = m.array();
            now.dashPhase = phase;
        });
        m.add("currentdash", () -> {
            m.push(now.dashes);
            m.push(now.dashPhase);
        });
        m.add("setflat", () -> now.flat = m.number());
        m.add("currentflat", () -> m.push(now.flat));
        m.add("setstrokeadjust", () -> now.adjusts = m.truth());
        m.add("currentstrokeadjust", () -> m.push(now.adjusts));
    }

    private void matrix(AffineTransform t) throws PostScriptException {
        PsArray into = m.array();
        put(t, into);
        m.push(into);
    }

    private static void put(AffineTransform t, PsArray into) throws PostScriptException {
        if (into.length != 6) {
            throw new PostScriptException("rangecheck", "a matrix has six numbers");
        }
        double[] six = new double[6];
        t.getMatrix(six);
        for (int i = 0; i < 6; i++) {
            into.put(i, six[i]);
        }
    }

    static AffineTransform transform(PsArray a) throws PostScriptException {
        if (a.length != 6) {
            throw new PostScriptException("rangecheck", "a matrix has six numbers");
        }
        return new AffineTransform(a.numbers());
    }

    private AffineTransform orNow() throws PostScriptException {
        return m.peek(0) instanceof PsArray ? transform(m.array()) : now.ctm;
    }

    private interface MatrixMaker {
        AffineTransform of(double[] n);
    }

    private void transforming(String name, int takes, MatrixMaker made) {
        m.add(name, () -> {
            if (m.peek(0) instanceof PsArray) {
                PsArray into = m.array();
                put(made.of(m.numbers(takes)), into);
                m.push(into);
            } else {
                now.ctm.concatenate(made.of(m.numbers(takes)));
            }
        });
    }

    private void transforms() {
        transforming("translate", 2, n -> AffineTransform.getTranslateInstance(n[0], n[1]));
        transforming("scale", 2, n -> AffineTransform.getScaleInstance(n[0], n[1]));
        transforming("rotate", 1, n -> AffineTransform.getRotateInstance(Math.toRadians(n[0])));
        m.add("concat", () -> now.ctm.concatenate(transform(m.array())));
        m.add("setmatrix", () -> now.ctm = transform(m.array()));
        m.add("matrix", () -> {
            PsArray a = PsArray.ofLength(6);
            put(new AffineTransform(), a);
            m.push(a);
        });
        m.add("currentmatrix", () -> matrix(now.ctm));
        m.add("defaultmatrix", () -> matrix(new AffineTransform()));
        m.add("identmatrix", () -> matrix(new AffineTransform()));
        m.add("initmatrix", () -> now.ctm = new AffineTransform());
        m.add("concatmatrix", () -> {
            PsArray into = m.array();
            AffineTransform second = transform(m.array());
            AffineTransform first = transform(m.array());
            second.concatenate(first);
            put(second, into);
            m.push(into);
        });
        m.add("invertmatrix", () -> {
            PsArray into = m.array();
            try {
                put(transform(m.array()).createInverse(), into);
            } catch (NoninvertibleTransformException _) {
                throw new PostScriptException("undefinedresult", "a matrix shrinks to nothing");
            }
            m.push(into);
        });
        through("transform", false, false);
        through("itransform", true, false);
        through("dtransform", false, true);
        through("idtransform", true, true);
    }

    private void through(String name, boolean back, boolean distance) {
        m.add(name, () -> {
            AffineTransform t = new AffineTransform(orNow());
            double[] n = m.numbers(2);
            try {
                AffineTransform by = back ? t.createInverse() : t;
                Point2D p = distance
                        ? by.deltaTransform(new Point2D.Double(n[0], n[1]), null)
                        : by.transform(new Point2D.Double(n[0], n[1]), null);
                m.push(p.getX());
                m.push(p.getY());
            } catch (NoninvertibleTransformException _) {
                throw new PostScriptException("undefinedresult", "a matrix shrinks to nothing");
            }
        });
    }

    // ---- colours

    private void device(String space, double... components) {
        now.space = PsName.literal(space);
        now.components = components;
        now.pattern = null;
        now.colour = Shades.device(space, components);
    }

    private void colours() {
        m.add("setgray", () -> device("DeviceGray", m.number()));
        m.add("setrgbcolor", () -> device("DeviceRGB", m.numbers(3)));
        m.add("setcmykcolor", () -> device("DeviceCMYK", m.numbers(4)));
        m.add("sethsbcolor", () -> {
            double[] n = m.numbers(3);
            int rgb = java.awt.Color.HSBtoRGB((float) n[0], (float) n[1], (float) n[2]);
            device("DeviceRGB", (rgb >> 16 & 255) / 255.0, (rgb >> 8 & 255) / 255.0, (rgb & 255) / 255.0);
        });
        m.add("currentgray", () -> m.push(now.colour.luminance()));
        m.add("currentrgbcolor", () -> {
            int rgb = now.colour.rgb();
            m.push((rgb >> 16 & 255) / 255.0);
            m.push((rgb >> 8 & 255) / 255.0);
            m.push((rgb & 255) / 255.0);
        });
        m.add("currentcmykcolor", () -> {
            int rgb = now.colour.rgb();
            m.push(1 - (rgb >> 16 & 255) / 255.0);
            m.push(1 - (rgb >> 8 & 255) / 255.0);
            m.push(1 - (rgb & 255) / 255.0);
            m.push(0.0);
        });
        m.add("currenthsbcolor", () -> {
            int rgb = now.colour.rgb();
            float[] hsb = java.awt.Color.RGBtoHSB(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, null);
            for (float f : hsb) {
                m.push((double) f);
            }
        });
        m.add("setcolorspace", () -> {
            Object space = m.pop();
            now.space = space;
            now.components = new double[components(space)];
            now.pattern = null;
            now.colour = new Colour(0);
        });
        m.add(
                "currentcolorspace",
                () -> m.push(now.space instanceof PsArray a ? a : PsArray.of(List.of(now.space), false)));
        m.add("setcolor", this::setColour);
        m.add("currentcolor", () -> {
            for (double d : now.components) {
                m.push(d);
            }
        });
        m.add("execform", () -> {
            PsDict form = m.dict();
            gsave();
            try {
                if (form.get("Matrix") instanceof PsArray a) {
                    now.ctm.concatenate(transform(a));
                }
                if (form.get("BBox") instanceof PsArray b && b.length == 4) {
                    double[] box = b.numbers();
                    for (double n : new double[] {box[0], box[1], box[2] - box[0], box[3] - box[1]}) {
                        m.push(n);
                    }
                    m.operator("rectclip").action().run();
                }
                if (form.get("PaintProc") instanceof PsArray paint) {
                    m.push(form);
                    m.call(paint);
                }
            } finally {
                grestore();
            }
        });
        m.add("setpattern", () -> pattern());
        m.add("makepattern", () -> {
            AffineTransform onto = new AffineTransform(now.ctm);
            onto.concatenate(transform(m.array()));
            PsDict made = new PsDict();
            made.entries.putAll(m.dict().entries);
            double[] all = new double[6];
            onto.getMatrix(all);
            made.put(ONTO, PsArray.of(Arrays.stream(all).boxed().toList(), false));
            m.push(made);
        });
        m.add("setoverprint", m::pop);
        m.add("currentoverprint", () -> m.push(false));
        for (String curve : List.of(
                "settransfer",
                "setblackgeneration",
                "setundercolorremoval",
                "sethalftone",
                "setcolorrendering",
                "setsmoothness")) {
            m.add(curve, m::pop);
        }
        m.add("setcolortransfer", () -> {
            for (int i = 0; i < 4; i++) {
                m.pop();
            }
        });
        m.add("setscreen", () -> {
            m.pop();
            m.numbers(2);
        });
        m.add("setcolorscreen", () -> {
            for (int i = 0; i < 12; i++) {
                m.pop();
            }
        });
        for (String asked : List.of("currenttransfer", "currentblackgeneration", "currentundercolorremoval")) {
            m.add(asked, () -> m.push(PsArray.of(List.of(), true)));
        }
        m.add("currentcolortransfer", () -> {
            for (int i = 0; i < 4; i++) {
                m.push(PsArray.of(List.of(), true));
            }
        });
        m.add("currentcolorscreen", () -> {
            for (int i = 0; i < 4; i++) {
                m.push(60);
                m.push(45);
                m.push(PsArray.of(List.of(), true));
            }
        });
        m.add("currentscreen", () -> {
            m.push(60);
            m.push(45);
            m.push(PsArray.of(List.of(), true));
        });
        m.add("currenthalftone", () -> m.push(new PsDict()));
        m.add("currentcolorrendering", () -> m.push(new PsDict()));
        m.add("currentsmoothness", () -> m.push(0.02));
    }

    private void pattern() throws PostScriptException {
        PsDict d = m.dict();
        if ((int) d.number("PaintType", 1) == 2 && now.space instanceof PsArray a && a.length > 1) {
            // a tile without colours takes the one that is told with it
            now.colour = colour(a.get(1), m.numbers(components(a.get(1))), 0);
        }
        now.pattern = d;
    }

    private static String family(Object space) {
        Object first = space instanceof PsArray a && a.length > 0 ? a.get(0) : space;
        return first instanceof PsName n ? n.text() : "";
    }

    private static int components(Object space) {
        return switch (family(space)) {
            case "DeviceRGB", "CIEBasedABC" -> 3;
            case "DeviceCMYK", "CIEBasedDEFG" -> 4;
            case "CIEBasedDEF" -> 3;
            case "DeviceN" ->
                space instanceof PsArray a && a.length > 1 && a.get(1) instanceof PsArray names ? names.length : 1;
            case "ICCBased" ->
                space instanceof PsArray a && a.length > 1 && a.get(1) instanceof PsDict d ? (int) d.number("N", 3) : 3;
            case "Pattern" -> 0;
            default -> 1;
        };
    }

    private void setColour() throws PostScriptException {
        if (family(now.space).equals("Pattern")) {
            pattern();
            return;
        }
        double[] n = m.numbers(components(now.space));
        now.components = n;
        now.pattern = null;
        now.colour = colour(now.space, n, 0);
    }

    private Colour spot(Object named, double tint, Colour shown) {
        String name = named instanceof PsName n ? n.text() : named instanceof PsString s ? s.text() : "";
        return name.isEmpty() || name.equals("All") || name.equals("None") ? shown : found.spot(name, tint, shown);
    }

    private Colour colour(Object space, double[] n, int depth) throws PostScriptException {
        PsArray a = space instanceof PsArray x ? x : null;
        return switch (family(space)) {
            case "Separation", "DeviceN" -> {
                if (a == null || a.length < 4 || !(a.get(3) instanceof PsArray tint) || depth > 4) {
                    yield Shades.device("DeviceGray", new double[] {1 - n[0]});
                }
                for (double d : n) {
                    m.push(d);
                }
                m.execute(tint.as(true), false);
                Colour c = colour(a.get(2), m.numbers(components(a.get(2))), depth + 1);
                yield family(space).equals("Separation") ? spot(a.get(1), n[0], c) : c;
            }
            case "Indexed" -> {
                if (a == null || a.length < 4 || depth > 4) {
                    yield new Colour(0);
                }
                int parts = components(a.get(1));
                int at = (int) n[0] * parts;
                double[] of = new double[parts];
                if (a.get(3) instanceof PsString table && at >= 0 && at + parts <= table.length) {
                    for (int i = 0; i < parts; i++) {
                        of[i] = table.get(at + i) / 255.0;
                    }
                } else if (a.get(3) instanceof PsArray look) {
                    m.push((int) n[0]);
                    m.execute(look.as(true), false);
                    of = m.numbers(parts);
                }
                yield colour(a.get(1), of, depth + 1);
            }
            case "DeviceCMYK", "CIEBasedDEFG" -> Shades.device("DeviceCMYK", n);
            case "ICCBased" ->
                Shades.device(n.length == 4 ? "DeviceCMYK" : n.length == 3 ? "DeviceRGB" : "DeviceGray", n);
            case "DeviceRGB", "CIEBasedABC", "CIEBasedDEF" -> Shades.device("DeviceRGB", n);
            default -> Shades.device("DeviceGray", n);
        };
    }

    // ---- the page

    private void device() {
        m.add("showpage", () -> {
            throw new Machine.PageShown();
        });
        m.add("copypage", () -> {});
        m.add("setpagedevice", m::pop);
        m.add("currentpagedevice", () -> m.push(new PsDict()));
        m.add("nulldevice", () -> {});
        for (String size : List.of("letter", "a4", "a3", "legal", "note")) {
            m.add(size, () -> {});
        }
    }
}
