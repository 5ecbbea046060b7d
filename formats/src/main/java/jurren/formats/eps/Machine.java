package jurren.formats.eps;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.formats.drawing.DrawingBuilder;

/**
 * The language itself: its stacks, its names and how a program is run. Everything is counted, so that no program runs
 * on or piles up without end. Numbers are {@code Integer} and {@code Double}, truths {@code Boolean}.
 */
final class Machine {
    static final Object NULL = new Object() {
        @Override
        public String toString() {
            return "null";
        }
    };
    static final Object MARK = new Object();
    private static final long MOST_STEPS = 15_000_000;
    private static final int MOST_OPERANDS = 500_000;
    private static final int MOST_CELLS = 40_000_000;
    private static final int DEEPEST_CALL = 800;
    private static final int MOST_DICTS = 1000;

    /** Something the machine itself can do. */
    interface Action {
        void run() throws PostScriptException;
    }

    record Operator(String name, Action action) {}

    /** A loop is left. */
    static final class Exit extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Exit() {
            super(null, null, false, false);
        }
    }

    /** What {@code stopped} looks for. */
    static final class Stop extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Stop() {
            super(null, null, false, false);
        }
    }

    /** The page is done. */
    static final class PageShown extends RuntimeException {
        private static final long serialVersionUID = 1L;

        PageShown() {
            super(null, null, false, false);
        }
    }

    /** The program has had all it gets. */
    static final class UsedUp extends RuntimeException {
        private static final long serialVersionUID = 1L;

        UsedUp(String what) {
            super(what, null, false, false);
        }
    }

    private final List<Object> operands = new ArrayList<>();
    /** Of the operator that runs: what it took from below where it found the operands, the uppermost first. */
    private final List<Object> taken = new ArrayList<>();

    private int low;
    private final List<PsDict> dicts = new ArrayList<>();
    private final List<PsFile> files = new ArrayList<>();
    private final Map<String, PsDict> resources = new HashMap<>();
    private final Map<String, Operator> known = new HashMap<>();
    private final Scanner scanner = new Scanner(this);
    private final PsDict systemDict = new PsDict();
    private final PsDict userDict = new PsDict();
    private final PsDict error = new PsDict();
    private long steps;
    private long cells;
    private int depth;
    private final Painting painting;

    Machine(DrawingBuilder found, Optional<Rectangle2D> box) {
        dicts.add(systemDict);
        PsDict global = new PsDict();
        dicts.add(global);
        dicts.add(userDict);
        systemDict.put("systemdict", systemDict);
        systemDict.put("globaldict", global);
        systemDict.put("userdict", userDict);
        systemDict.put("$error", error);
        systemDict.put("errordict", new PsDict());
        systemDict.put("statusdict", new PsDict());
        systemDict.put("true", true);
        systemDict.put("false", false);
        systemDict.put("null", NULL);
        error.put("newerror", false);
        error.put("errorname", NULL);
        new StackOperators(this);
        new ControlOperators(this);
        new DataOperators(this);
        new FileOperators(this);
        this.painting = new Painting(this, found, box);
        new FontOperators(this, painting);
    }

    void add(String name, Action action) {
        Operator o = new Operator(name, action);
        known.put(name, o);
        systemDict.put(name, o);
    }

    PsDict systemDict() {
        return systemDict;
    }

    /** Runs a whole program; what it does not catch itself is told. */
    void run(PsFile program) throws PostScriptException {
        try {
            runFile(program);
        } catch (PageShown | Exit _) {
            // that was the page
        } catch (Stop _) {
            throw new PostScriptException(
                    "stop",
                    "its program gives up" + (error.get("errorname") instanceof PsName n ? " (" + n.text() + ")" : ""));
        } catch (UsedUp e) {
            throw new PostScriptException("limitcheck", e.getMessage());
        } catch (StackOverflowError _) {
            throw new PostScriptException("execstackoverflow", "its procedures call each other too deeply");
        }
    }

    void runFile(PsFile file) throws PostScriptException {
        files.add(file);
        try {
            for (Object t = scanner.next(file); t != null; t = scanner.next(file)) {
                execute(t, true);
            }
        } finally {
            files.removeLast();
        }
    }

    PsFile currentFile() throws PostScriptException {
        if (files.isEmpty()) {
            throw new PostScriptException("ioerror", "there is no file");
        }
        return files.getLast();
    }

    Scanner scanner() {
        return scanner;
    }

    void step() {
        worked(1);
    }

    /** An operator that goes through so many bytes or values did as much as so many steps. */
    void worked(long n) {
        steps += n;
        if (steps > MOST_STEPS) {
            throw new UsedUp("it takes too many steps");
        }
    }

    /** So many more values or bytes are kept. */
    void takes(long more) {
        cells += more;
        if (more < 0 || cells > MOST_CELLS) {
            throw new UsedUp("it piles up too much");
        }
    }

    /** @param direct met in the program or in a procedure, where a procedure in braces is only a value */
    void execute(Object o, boolean direct) throws PostScriptException {
        step();
        switch (o) {
            case PsName n when n.executable() -> executeNamed(n.text());
            case Operator op -> run(op);
            case PsArray a when a.executable && !direct -> call(a);
            case PsString s when s.executable -> runFile(PsFile.of(s.bytes, s.from, s.from + s.length));
            case PsFile f when !direct -> runFile(f);
            default -> push(o);
        }
    }

    /** What fails leaves its operands as they were, for what was said to look at them. */
    private void run(Operator op) throws PostScriptException {
        low = operands.size();
        taken.clear();
        try {
            op.action.run();
        } catch (PostScriptException e) {
            if (low < operands.size()) {
                operands.subList(low, operands.size()).clear();
            }
            operands.addAll(taken.reversed());
            // what called this has its operands no more
            low = operands.size();
            taken.clear();
            throw e;
        }
    }

    private void executeNamed(String name) throws PostScriptException {
        Object o = lookUp(name);
        execute(o, o instanceof PsFile f && !f.executable);
    }

    Object lookUp(String name) throws PostScriptException {
        for (int i = dicts.size() - 1; i >= 0; i--) {
            Object o = dicts.get(i).entries.get(name);
            if (o != null) {
                return o;
            }
        }
        throw new PostScriptException("undefined", "the word \"" + name + "\" is not known");
    }

    /** What was put by under a category, to be found by a key. */
    PsDict resources(String category) {
        return resources.computeIfAbsent(category, _ -> new PsDict());
    }

    Operator operator(String name) {
        return known.get(name);
    }

    void call(PsArray procedure) throws PostScriptException {
        if (++depth > DEEPEST_CALL) {
            depth = 0;
            throw new UsedUp("its procedures call each other too deeply");
        }
        try {
            for (int i = 0; i < procedure.length; i++) {
                execute(procedure.get(i), true);
            }
        } finally {
            depth = Math.max(0, depth - 1);
        }
    }

    /** Whether it stopped, by itself or by an error, which is then told in {@code $error}. */
    boolean stopped(Object o) throws PostScriptException {
        int before = depth;
        int open = files.size();
        try {
            execute(o, false);
            return false;
        } catch (Stop _) {
            depth = before;
        } catch (PostScriptException e) {
            depth = before;
            error.put("newerror", true);
            error.put("errorname", PsName.literal(e.error()));
            error.put("errorinfo", NULL);
        }
        while (files.size() > open) {
            files.removeLast();
        }
        return true;
    }

    // ---- operands

    void push(Object o) {
        if (operands.size() >= MOST_OPERANDS) {
            throw new UsedUp("it piles up too many values");
        }
        operands.add(o);
    }

    Object pop() throws PostScriptException {
        if (operands.isEmpty()) {
            throw new PostScriptException("stackunderflow", "a value is missing");
        }
        Object o = operands.removeLast();
        if (operands.size() < low) {
            low = operands.size();
            taken.add(o);
        }
        return o;
    }

    Object peek(int below) throws PostScriptException {
        int at = operands.size() - 1 - below;
        if (below < 0 || at < 0) {
            throw new PostScriptException("stackunderflow", "a value is missing");
        }
        return operands.get(at);
    }

    List<Object> operands() {
        return operands;
    }

    private static PostScriptException missing(String what) {
        return new PostScriptException("typecheck", what + " is missing");
    }

    double number() throws PostScriptException {
        if (pop() instanceof Number n && Double.isFinite(n.doubleValue())) {
            return n.doubleValue();
        }
        throw missing("a number");
    }

    Number numeral() throws PostScriptException {
        if (pop() instanceof Number n) {
            return n;
        }
        throw missing("a number");
    }

    double[] numbers(int n) throws PostScriptException {
        double[] all = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            all[i] = number();
        }
        return all;
    }

    int integer() throws PostScriptException {
        double d = number();
        if (Math.abs(d) > Integer.MAX_VALUE) {
            throw new PostScriptException("rangecheck", "a number is too large");
        }
        return (int) d;
    }

    boolean truth() throws PostScriptException {
        if (pop() instanceof Boolean b) {
            return b;
        }
        throw missing("true or false");
    }

    PsArray array() throws PostScriptException {
        if (pop() instanceof PsArray a) {
            return a;
        }
        throw missing("a list");
    }

    PsString string() throws PostScriptException {
        if (pop() instanceof PsString s) {
            return s;
        }
        throw missing("a string");
    }

    PsDict dict() throws PostScriptException {
        if (pop() instanceof PsDict d) {
            return d;
        }
        throw missing("a dictionary");
    }

    PsFile file() throws PostScriptException {
        Object o = pop();
        if (o instanceof PsFile f) {
            return f;
        }
        if (o instanceof PsString s) {
            return PsFile.of(s.bytes, s.from, s.from + s.length);
        }
        throw missing("a file");
    }

    // ---- dictionaries

    List<PsDict> dicts() {
        return dicts;
    }

    void begin(PsDict d) {
        if (dicts.size() >= MOST_DICTS) {
            throw new UsedUp("it opens too many dictionaries");
        }
        dicts.add(d);
    }

    PsDict current() {
        return dicts.getLast();
    }
}
