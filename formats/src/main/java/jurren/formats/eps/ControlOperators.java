package jurren.formats.eps;

import java.util.List;
import java.util.Map;

/** What runs what: conditions, loops, stopping. */
final class ControlOperators {
    private final Machine m;

    ControlOperators(Machine machine) {
        this.m = machine;
        m.add("exec", () -> m.execute(m.pop(), false));
        m.add("if", () -> {
            PsArray then = m.array();
            if (m.truth()) {
                m.call(then);
            }
        });
        m.add("ifelse", () -> {
            PsArray otherwise = m.array();
            PsArray then = m.array();
            m.call(m.truth() ? then : otherwise);
        });
        m.add("for", this::count);
        m.add("repeat", () -> {
            PsArray body = m.array();
            int n = m.integer();
            loop(() -> {
                for (int i = 0; i < n; i++) {
                    m.step();
                    m.call(body);
                }
            });
        });
        m.add("loop", () -> {
            PsArray body = m.array();
            loop(() -> {
                while (true) {
                    m.step();
                    m.call(body);
                }
            });
        });
        m.add("forall", this::forAll);
        m.add("exit", () -> {
            throw new Machine.Exit();
        });
        m.add("stop", () -> {
            throw new Machine.Stop();
        });
        m.add("stopped", () -> m.push(m.stopped(m.pop())));
        m.add("quit", () -> {
            throw new Machine.PageShown();
        });
        m.add("handleerror", () -> {});
        m.add("start", () -> {});
        m.add("countexecstack", () -> m.push(0));
        m.add("execstack", () -> m.push(m.array().part(0, 0)));
    }

    private void loop(Machine.Action body) throws PostScriptException {
        try {
            body.run();
        } catch (Machine.Exit _) {
            // left by its own word
        }
    }

    private void count() throws PostScriptException {
        PsArray body = m.array();
        Number to = m.numeral();
        Number by = m.numeral();
        Number from = m.numeral();
        boolean whole = from instanceof Integer && by instanceof Integer;
        double step = by.doubleValue();
        loop(() -> {
            for (double i = from.doubleValue(); step >= 0 ? i <= to.doubleValue() : i >= to.doubleValue(); i += step) {
                m.step();
                m.push(whole ? (Object) (int) i : (Object) i);
                m.call(body);
            }
        });
    }

    private void forAll() throws PostScriptException {
        PsArray body = m.array();
        Object over = m.pop();
        loop(() -> {
            switch (over) {
                case PsArray a -> {
                    for (int i = 0; i < a.length; i++) {
                        m.push(a.get(i));
                        m.call(body);
                    }
                }
                case PsString s -> {
                    for (int i = 0; i < s.length; i++) {
                        m.push(s.get(i));
                        m.call(body);
                    }
                }
                case PsDict d -> {
                    for (Map.Entry<Object, Object> e : List.copyOf(d.entries.entrySet())) {
                        m.push(PsDict.seen(e.getKey()));
                        m.push(e.getValue());
                        m.call(body);
                    }
                }
                default -> throw new PostScriptException("typecheck", "a list is missing");
            }
        });
    }
}
