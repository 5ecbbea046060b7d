package jurren.formats.eps;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** The stack and arithmetic. */
final class StackOperators {
    private final Machine m;
    private long chance = 1;

    StackOperators(Machine machine) {
        this.m = machine;
        stack();
        arithmetic();
        comparison();
    }

    private void stack() {
        m.add("pop", m::pop);
        m.add("dup", () -> m.push(m.peek(0)));
        m.add("exch", () -> {
            Object a = m.pop();
            Object b = m.pop();
            m.push(a);
            m.push(b);
        });
        m.add("index", () -> m.push(m.peek(m.integer())));
        m.add("roll", this::roll);
        m.add("clear", () -> m.operands().clear());
        m.add("count", () -> m.push(m.operands().size()));
        m.add("mark", () -> m.push(Machine.MARK));
        m.add("[", () -> m.push(Machine.MARK));
        m.add("<<", () -> m.push(Machine.MARK));
        m.add("]", () -> {
            List<Object> items = downToMark();
            m.takes(items.size());
            m.push(PsArray.of(items, false));
        });
        m.add(">>", () -> {
            List<Object> items = downToMark();
            if (items.size() % 2 != 0) {
                throw new PostScriptException("rangecheck", "a dictionary has a key without a value");
            }
            PsDict d = new PsDict();
            for (int i = 0; i < items.size(); i += 2) {
                d.put(items.get(i), items.get(i + 1));
            }
            m.takes(items.size());
            m.push(d);
        });
        m.add("cleartomark", this::downToMark);
        m.add("counttomark", () -> {
            int n = 0;
            while (m.peek(n) != Machine.MARK) {
                n++;
            }
            m.push(n);
        });
    }

    private void roll() throws PostScriptException {
        int by = m.integer();
        int n = m.integer();
        int size = m.operands().size();
        if (n < 0 || n > size) {
            throw new PostScriptException(n < 0 ? "rangecheck" : "stackunderflow", "a value is missing");
        }
        Collections.rotate(m.operands().subList(size - n, size), by);
    }

    private List<Object> downToMark() throws PostScriptException {
        List<Object> items = new ArrayList<>();
        if (!m.operands().contains(Machine.MARK)) {
            throw new PostScriptException("unmatchedmark", "a mark is missing");
        }
        for (Object o = m.pop(); o != Machine.MARK; o = m.pop()) {
            items.add(o);
        }
        Collections.reverse(items);
        return items;
    }

    private interface OfTwo {
        double of(double a, double b);
    }

    /** Whole where both are and it fits. */
    private void ofTwo(String name, OfTwo f) {
        m.add(name, () -> {
            Number b = m.numeral();
            Number a = m.numeral();
            double r = f.of(a.doubleValue(), b.doubleValue());
            push(r, a instanceof Integer && b instanceof Integer);
        });
    }

    private void push(double r, boolean whole) throws PostScriptException {
        if (!Double.isFinite(r)) {
            throw new PostScriptException("undefinedresult", "a sum has no value");
        }
        m.push(whole && Math.abs(r) <= Integer.MAX_VALUE ? (Object) (int) r : (Object) r);
    }

    private void ofOne(String name, java.util.function.DoubleUnaryOperator f, boolean keepsWhole) {
        m.add(name, () -> {
            Number a = m.numeral();
            push(f.applyAsDouble(a.doubleValue()), keepsWhole && a instanceof Integer);
        });
    }

    private void arithmetic() {
        ofTwo("add", Double::sum);
        ofTwo("sub", (a, b) -> a - b);
        ofTwo("mul", (a, b) -> a * b);
        m.add("div", () -> {
            double[] n = m.numbers(2);
            push(n[0] / n[1], false);
        });
        m.add("idiv", () -> {
            int b = m.integer();
            int a = m.integer();
            if (b == 0) {
                throw new PostScriptException("undefinedresult", "a sum has no value");
            }
            m.push((int) ((long) a / b));
        });
        m.add("mod", () -> {
            int b = m.integer();
            int a = m.integer();
            if (b == 0) {
                throw new PostScriptException("undefinedresult", "a sum has no value");
            }
            m.push((int) ((long) a % b));
        });
        ofOne("neg", a -> -a, true);
        ofOne("abs", Math::abs, true);
        ofOne("ceiling", Math::ceil, true);
        ofOne("floor", Math::floor, true);
        ofOne("round", a -> Math.floor(a + 0.5), true);
        ofOne("truncate", a -> a < 0 ? Math.ceil(a) : Math.floor(a), true);
        ofOne("sqrt", Math::sqrt, false);
        ofOne("sin", a -> a % 180 == 0 ? 0 : Math.sin(Math.toRadians(a)), false);
        ofOne("cos", a -> a % 180 == 90 || a % 180 == -90 ? 0 : Math.cos(Math.toRadians(a)), false);
        ofOne("ln", Math::log, false);
        ofOne("log", Math::log10, false);
        ofTwoReal("exp", Math::pow);
        ofTwoReal("atan", (a, b) -> {
            double d = Math.toDegrees(Math.atan2(a, b));
            return d < 0 ? d + 360 : d;
        });
        m.add("rand", () -> {
            chance = chance * 16_807 % 2_147_483_647;
            m.push((int) chance);
        });
        m.add("srand", () -> chance = Math.max(1, Math.abs(m.integer())));
        m.add("rrand", () -> m.push((int) chance));
        m.add("bitshift", () -> {
            int by = m.integer();
            int a = m.integer();
            m.push(by >= 32 || by <= -32 ? 0 : by >= 0 ? a << by : a >>> -by);
        });
    }

    private void ofTwoReal(String name, OfTwo f) {
        m.add(name, () -> {
            double[] n = m.numbers(2);
            push(f.of(n[0], n[1]), false);
        });
    }

    private static Object comparable(Object o) {
        return switch (o) {
            case Number n -> n.doubleValue();
            case PsString s -> s.text();
            case PsName n -> n.text();
            default -> o;
        };
    }

    private void comparison() {
        m.add("eq", () -> m.push(comparable(m.pop()).equals(comparable(m.pop()))));
        m.add("ne", () -> m.push(!comparable(m.pop()).equals(comparable(m.pop()))));
        m.add("gt", () -> m.push(compared() > 0));
        m.add("ge", () -> m.push(compared() >= 0));
        m.add("lt", () -> m.push(compared() < 0));
        m.add("le", () -> m.push(compared() <= 0));
        m.add("and", () -> logic((a, b) -> a & b, (a, b) -> a & b));
        m.add("or", () -> logic((a, b) -> a | b, (a, b) -> a | b));
        m.add("xor", () -> logic((a, b) -> a ^ b, (a, b) -> a ^ b));
        m.add("not", () -> {
            Object o = m.pop();
            m.push(o instanceof Boolean b ? (Object) !b : o instanceof Integer i ? (Object) ~i : fails());
        });
    }

    private static Object fails() throws PostScriptException {
        throw new PostScriptException("typecheck", "true, false or a whole number is missing");
    }

    private int compared() throws PostScriptException {
        Object b = m.pop();
        Object a = m.pop();
        if (a instanceof Number x && b instanceof Number y) {
            return Double.compare(x.doubleValue(), y.doubleValue());
        }
        if (a instanceof PsString x && b instanceof PsString y) {
            return x.text().compareTo(y.text());
        }
        throw new PostScriptException("typecheck", "two numbers are missing");
    }

    private interface Bits {
        int of(int a, int b);
    }

    private interface Truths {
        boolean of(boolean a, boolean b);
    }

    private void logic(Bits bits, Truths truths) throws PostScriptException {
        Object b = m.pop();
        Object a = m.pop();
        m.push(
                a instanceof Boolean x && b instanceof Boolean y
                        ? (Object) truths.of(x, y)
                        : a instanceof Integer x && b instanceof Integer y ? (Object) bits.of(x, y) : fails());
    }
}
