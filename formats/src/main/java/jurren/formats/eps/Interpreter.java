package jurren.formats.eps;

import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingRead.Note;
import jurren.formats.drawing.Found;
import jurren.formats.eps.Tokens.Name;
import jurren.formats.eps.Tokens.Procedure;
import java.awt.BasicStroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Runs a program and gives what it paints to {@link Found}. */
final class Interpreter {
    private static final double MM_PER_POINT = 25.4 / 72;
    private static final int MOST_STEPS = 5_000_000;
    private static final int MOST_POINTS = 1_000_000;
    private static final int MOST_OPERANDS = 100_000;
    private static final int DEEPEST_CALL = 200;
    private static final int MOST_SAVED = 1000;
    private static final Object MARK = new Object();

    /** What gsave keeps. */
    private static final class State {
        AffineTransform ctm = new AffineTransform();
        Colour colour = new Colour(0);
        double lineWidth = 1;
        int cap;
        int join;
        double miter = 10;
        float[] dashes = {};
        Optional<Region> clip = Optional.empty();
        Path2D.Double path = new Path2D.Double(Path2D.WIND_NON_ZERO);

        State copy() {
            State s = new State();
            s.ctm = new AffineTransform(ctm);
            s.colour = colour;
            s.lineWidth = lineWidth;
            s.cap = cap;
            s.join = join;
            s.miter = miter;
            s.dashes = dashes;
            s.clip = clip;
            s.path = new Path2D.Double(path);
            return s;
        }
    }

    private final Found found;
    private final Deque<Object> stack = new ArrayDeque<>();
    private final Map<String, Object> defined = new HashMap<>();
    private final Deque<State> saved = new ArrayDeque<>();
    private State now = new State();
    private int steps;
    private int points;
    private boolean exit;

    Interpreter(Found found) {
        this.found = found;
    }

    void run(String program) throws PostScriptException {
        Tokens tokens = new Tokens(program);
        for (Object t = tokens.next(); t != null && !exit; t = tokens.next()) {
            if (t instanceof Name n && !n.literal() && (n.text().equals("eexec") || n.text().equals("currentfile"))) {
                throw new PostScriptException("it carries data in a form that is not plain (" + n.text() + ")");
            }
            execute(t, 0);
        }
    }

    private void execute(Object t, int depth) throws PostScriptException {
        if (++steps > MOST_STEPS) {
            throw new PostScriptException("it takes too many steps");
        }
        if (depth > DEEPEST_CALL) {
            throw new PostScriptException("its procedures call each other too deeply");
        }
        if (!(t instanceof Name n) || n.literal()) {
            push(t);
            return;
        }
        Object meaning = defined.get(n.text());
        if (meaning instanceof Procedure p) {
            call(p, depth + 1);
        } else if (meaning != null) {
            push(meaning);
        } else if (!operator(n.text(), depth)) {
            throw new PostScriptException("the word \"" + n.text() + "\" is not plain EPS");
        }
    }

    private void call(Procedure p, int depth) throws PostScriptException {
        for (Object t : p.body()) {
            if (exit) {
                return;
            }
            execute(t, depth);
        }
    }

    // ---- operands

    private void push(Object o) throws PostScriptException {
        if (stack.size() >= MOST_OPERANDS) {
            throw new PostScriptException("it piles up too many values");
        }
        stack.push(o);
    }

    private Object pop() throws PostScriptException {
        if (stack.isEmpty()) {
            throw new PostScriptException("a value is missing");
        }
        return stack.pop();
    }

    private double number() throws PostScriptException {
        if (pop() instanceof Double d && Double.isFinite(d)) {
            return d;
        }
        throw new PostScriptException("a number is missing");
    }

    private double[] numbers(int n) throws PostScriptException {
        double[] all = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            all[i] = number();
        }
        return all;
    }

    private Procedure procedure() throws PostScriptException {
        if (pop() instanceof Procedure p) {
            return p;
        }
        throw new PostScriptException("a procedure is missing");
    }

    private boolean truth() throws PostScriptException {
        Object o = pop();
        return o instanceof Boolean b ? b : o instanceof Double d && d != 0;
    }

    /** @return whether there is such an operator */
    private boolean operator(String name, int depth) throws PostScriptException {
        return path(name) || paint(name) || state(name) || arithmetic(name) || control(name, depth);
    }

    // ---- paths

    private boolean path(String name) throws PostScriptException {
        switch (name) {
            case "newpath" -> now.path = new Path2D.Double(Path2D.WIND_NON_ZERO);
            case "moveto" -> move(numbers(2), false);
            case "rmoveto" -> move(numbers(2), true);
            case "lineto" -> line(numbers(2), false);
            case "rlineto" -> line(numbers(2), true);
            case "curveto" -> curve(numbers(6), false);
            case "rcurveto" -> curve(numbers(6), true);
            case "closepath" -> {
                if (now.path.getCurrentPoint() != null) {
                    now.path.closePath();
                }
            }
            case "arc", "arcn" -> arc(numbers(5), name.equals("arc"));
            case "rectfill", "rectstroke", "rectclip" -> rectangle(name, numbers(4));
            case "currentpoint" -> {
                Point2D p = current();
                push(p.getX());
                push(p.getY());
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private Point2D current() throws PostScriptException {
        Point2D device = now.path.getCurrentPoint();
        if (device == null) {
            throw new PostScriptException("a line begins nowhere");
        }
        try {
            return now.ctm.inverseTransform(device, null);
        } catch (java.awt.geom.NoninvertibleTransformException _) {
            throw new PostScriptException("it shrinks the drawing to nothing");
        }
    }

    private double[] device(double[] xy, boolean relative) throws PostScriptException {
        if (++points > MOST_POINTS) {
            throw new PostScriptException("it has too many points");
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

    private void move(double[] xy, boolean relative) throws PostScriptException {
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

    private void arc(double[] n, boolean anticlockwise) {
        double extent = n[4] - n[3];
        extent = anticlockwise ? extent < 0 ? extent + 360 * Math.ceil(-extent / 360) : extent
                : extent > 0 ? extent - 360 * Math.ceil(extent / 360) : extent;
        double r = Math.abs(n[2]);
        Arc2D arc = new Arc2D.Double(n[0] - r, n[1] - r, 2 * r, 2 * r, -n[3], -Math.clamp(extent, -360, 360), Arc2D.OPEN);
        now.path.append(now.ctm.createTransformedShape(arc), now.path.getCurrentPoint() != null);
    }

    private void rectangle(String what, double[] n) throws PostScriptException {
        Path2D.Double kept = now.path;
        now.path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        move(new double[] {n[0], n[1]}, false);
        line(new double[] {n[0] + n[2], n[1]}, false);
        line(new double[] {n[0] + n[2], n[1] + n[3]}, false);
        line(new double[] {n[0], n[1] + n[3]}, false);
        now.path.closePath();
        paint(what.substring(4));
        now.path = what.equals("rectclip") ? new Path2D.Double(Path2D.WIND_NON_ZERO) : kept;
    }

    // ---- painting

    private boolean paint(String name) {
        switch (name) {
            case "fill", "eofill" -> {
                now.path.setWindingRule(name.equals("fill") ? Path2D.WIND_NON_ZERO : Path2D.WIND_EVEN_ODD);
                found.fill(now.path, toMm(), now.colour, now.clip);
                now.path = new Path2D.Double(Path2D.WIND_NON_ZERO);
            }
            case "stroke" -> {
                double scale = Math.sqrt(Math.abs(now.ctm.getDeterminant()));
                found.stroke(now.path, new BasicStroke((float) Math.min(1e5, Math.abs(now.lineWidth * scale)), now.cap, now.join,
                        (float) Math.max(1, now.miter), dashes(scale), 0), toMm(), now.colour, false, now.clip);
                now.path = new Path2D.Double(Path2D.WIND_NON_ZERO);
            }
            case "clip", "eoclip" -> {
                now.path.setWindingRule(name.equals("clip") ? Path2D.WIND_NON_ZERO : Path2D.WIND_EVEN_ODD);
                Region region = Curves.of(now.path, Placement.of(toMm())).enclosed();
                now.clip = Optional.of(now.clip.map(c -> c.intersect(region)).orElse(region));
            }
            case "initclip" -> now.clip = Optional.empty();
            case "showpage" -> exit = true;
            case "image", "colorimage", "imagemask" -> {
                found.note(Note.PICTURES_LEFT_OUT);
                exit = true;
            }
            case "show", "ashow", "widthshow", "xshow", "yshow" -> {
                stack.poll();
                found.note(Note.TEXT_LEFT_OUT);
            }
            case "shfill" -> {
                stack.poll();
                found.note(Note.SHADES_AS_ONE_COLOUR);
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private static AffineTransform toMm() {
        return AffineTransform.getScaleInstance(MM_PER_POINT, MM_PER_POINT);
    }

    private float[] dashes(double scale) {
        double sum = 0;
        float[] scaled = new float[now.dashes.length];
        for (int i = 0; i < scaled.length; i++) {
            scaled[i] = (float) Math.abs(now.dashes[i] * scale);
            sum += scaled[i];
        }
        return sum > 0.05 ? scaled : null;
    }

    // ---- state

    private boolean state(String name) throws PostScriptException {
        switch (name) {
            case "gsave", "save" -> {
                if (saved.size() >= MOST_SAVED) {
                    throw new PostScriptException("it saves its state too often");
                }
                saved.push(now.copy());
                if (name.equals("save")) {
                    push(MARK);
                }
            }
            case "grestore" -> now = saved.isEmpty() ? now : saved.pop();
            case "restore" -> {
                pop();
                now = saved.isEmpty() ? now : saved.pop();
            }
            case "translate" -> {
                double[] n = numbers(2);
                now.ctm.translate(n[0], n[1]);
            }
            case "scale" -> {
                double[] n = numbers(2);
                now.ctm.scale(n[0], n[1]);
            }
            case "rotate" -> now.ctm.rotate(Math.toRadians(number()));
            case "concat" -> now.ctm.concatenate(new AffineTransform(array(6)));
            case "setmatrix" -> now.ctm = new AffineTransform(array(6));
            case "setlinewidth" -> now.lineWidth = number();
            case "setlinecap" -> now.cap = Math.clamp((int) number(), 0, 2);
            case "setlinejoin" -> now.join = Math.clamp((int) number(), 0, 2);
            case "setmiterlimit" -> now.miter = number();
            case "setdash" -> {
                number();
                double[] d = array(-1);
                now.dashes = new float[d.length];
                for (int i = 0; i < d.length; i++) {
                    now.dashes[i] = (float) d[i];
                }
            }
            case "setgray" -> grey(number());
            case "setrgbcolor" -> rgb(numbers(3));
            case "setcmykcolor" -> cmyk(numbers(4));
            case "sethsbcolor" -> {
                double[] n = numbers(3);
                now.colour = new Colour(java.awt.Color.HSBtoRGB((float) n[0], (float) n[1], (float) n[2]) & 0xFFFFFF);
            }
            case "setcustomcolor", "setcolorspace", "setflat", "setoverprint", "setstrokeadjust", "setfont", "findfont", "selectfont" -> pop();
            case "setcolor" -> {
                double[] n = numbers((int) stack.stream().takeWhile(Double.class::isInstance).limit(4).count());
                if (n.length == 1) {
                    grey(n[0]);
                } else if (n.length == 3) {
                    rgb(n);
                } else if (n.length == 4) {
                    cmyk(n);
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void grey(double level) {
        rgb(new double[] {level, level, level});
    }

    private void rgb(double[] n) {
        now.colour = new Colour(level(n[0]) << 16 | level(n[1]) << 8 | level(n[2]));
    }

    private void cmyk(double[] n) {
        rgb(new double[] {(1 - n[0]) * (1 - n[3]), (1 - n[1]) * (1 - n[3]), (1 - n[2]) * (1 - n[3])});
    }

    private static int level(double share) {
        return (int) Math.round(255 * Math.clamp(share, 0, 1));
    }

    private double[] array(int length) throws PostScriptException {
        Object o = pop();
        List<?> items = o instanceof List<?> l ? l : o instanceof Procedure p ? p.body() : List.of();
        if (length >= 0 && items.size() != length || !items.stream().allMatch(Double.class::isInstance)) {
            throw new PostScriptException("a list of numbers is missing");
        }
        return items.stream().mapToDouble(i -> (Double) i).toArray();
    }

    // ---- arithmetic and the stack

    private boolean arithmetic(String name) throws PostScriptException {
        switch (name) {
            case "add" -> push(number() + number());
            case "mul" -> push(number() * number());
            case "sub" -> push(-number() + number());
            case "div" -> {
                double[] n = numbers(2);
                push(n[1] == 0 ? 0.0 : n[0] / n[1]);
            }
            case "idiv" -> {
                double[] n = numbers(2);
                push(n[1] == 0 ? 0.0 : (double) (long) (n[0] / n[1]));
            }
            case "mod" -> {
                double[] n = numbers(2);
                push(n[1] == 0 ? 0.0 : n[0] % n[1]);
            }
            case "neg" -> push(-number());
            case "abs" -> push(Math.abs(number()));
            case "sqrt" -> push(Math.sqrt(Math.max(0, number())));
            case "sin" -> push(Math.sin(Math.toRadians(number())));
            case "cos" -> push(Math.cos(Math.toRadians(number())));
            case "round" -> push((double) Math.round(number()));
            case "floor" -> push(Math.floor(number()));
            case "ceiling" -> push(Math.ceil(number()));
            case "cvi", "truncate" -> push((double) (long) number());
            case "cvr", "cvx", "cvn", "readonly", "executeonly", "bind" -> { }
            case "dup" -> push(stack.isEmpty() ? pop() : stack.peek());
            case "pop", "stop", "print", "=", "==" -> pop();
            case "exch" -> {
                Object a = pop();
                Object b = pop();
                push(a);
                push(b);
            }
            case "index" -> {
                int n = (int) number();
                push(stack.stream().skip(Math.max(0, n)).findFirst().orElseThrow(() -> new PostScriptException("a value is missing")));
            }
            case "copy" -> {
                List<Object> top = new ArrayList<>(stack.stream().limit(Math.max(0, (int) number())).toList());
                for (Object o : top.reversed()) {
                    push(o);
                }
            }
            case "roll" -> roll();
            case "true", "false" -> push(name.equals("true"));
            case "not" -> push(!truth());
            case "and" -> push(truth() & truth());
            case "or" -> push(truth() | truth());
            case "eq", "ne" -> push(pop().equals(pop()) == name.equals("eq"));
            case "gt" -> push(number() < number());
            case "lt" -> push(number() > number());
            case "ge" -> push(number() <= number());
            case "le" -> push(number() >= number());
            case "mark", "[" -> push(MARK);
            case "]" -> push(downToMark());
            case "cleartomark", ">>" -> downToMark();
            case "clear" -> stack.clear();
            default -> {
                return false;
            }
        }
        return true;
    }

    private void roll() throws PostScriptException {
        int by = (int) number();
        int n = (int) number();
        if (n < 0 || n > stack.size()) {
            throw new PostScriptException("a value is missing");
        }
        List<Object> top = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            top.addFirst(pop());
        }
        java.util.Collections.rotate(top, by);
        for (Object o : top) {
            push(o);
        }
    }

    private List<Object> downToMark() throws PostScriptException {
        List<Object> items = new ArrayList<>();
        for (Object o = pop(); o != MARK; o = pop()) {
            items.addFirst(o);
        }
        return items;
    }

    // ---- control

    private boolean control(String name, int depth) throws PostScriptException {
        switch (name) {
            case "def" -> {
                Object value = pop();
                if (pop() instanceof Name key) {
                    defined.put(key.text(), value);
                }
            }
            case "load" -> {
                if (pop() instanceof Name key) {
                    push(defined.getOrDefault(key.text(), new Procedure(List.of(new Name(key.text(), false)))));
                }
            }
            case "exec" -> {
                if (pop() instanceof Procedure p) {
                    call(p, depth + 1);
                }
            }
            case "if" -> {
                Procedure p = procedure();
                if (truth()) {
                    call(p, depth + 1);
                }
            }
            case "ifelse" -> {
                Procedure otherwise = procedure();
                Procedure then = procedure();
                call(truth() ? then : otherwise, depth + 1);
            }
            case "repeat" -> {
                Procedure p = procedure();
                for (int i = (int) number(); i > 0 && !exit; i--) {
                    step();
                    call(p, depth + 1);
                }
            }
            case "for" -> {
                Procedure p = procedure();
                double[] n = numbers(3);
                for (double i = n[0]; n[1] >= 0 ? i <= n[2] : i >= n[2]; i += n[1]) {
                    step();
                    push(i);
                    call(p, depth + 1);
                }
            }
            case "dict", "<<" -> {
                if (name.equals("dict")) {
                    number();
                }
                push(MARK);
            }
            case "begin", "undef", "currentdict" -> stack.poll();
            case "end", "flush" -> { }
            case "userdict", "systemdict" -> push(MARK);
            case "known", "where" -> {
                pop();
                push(false);
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void step() throws PostScriptException {
        if (++steps > MOST_STEPS) {
            throw new PostScriptException("it takes too many steps");
        }
    }
}
