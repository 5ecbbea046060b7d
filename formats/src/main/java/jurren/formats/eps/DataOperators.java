package jurren.formats.eps;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/** Lists, strings, dictionaries, and what kind a value is. */
final class DataOperators {
    /** What is gone through byte by byte is quick. */
    private static final int BYTES_A_STEP = 100;

    private static final int LONGEST = 4_000_000;
    private final Machine m;

    DataOperators(Machine machine) {
        this.m = machine;
        lists();
        strings();
        dictionaries();
        kinds();
    }

    private int length() throws PostScriptException {
        int n = m.integer();
        if (n < 0 || n > LONGEST) {
            throw new PostScriptException(n < 0 ? "rangecheck" : "limitcheck", "a list is too long");
        }
        m.takes(n);
        return n;
    }

    private static void inRange(int at, int count, int length) throws PostScriptException {
        if (at < 0 || count < 0 || at > length - count) {
            throw new PostScriptException("rangecheck", "a place lies outside its list");
        }
    }

    private void lists() {
        m.add("array", () -> m.push(PsArray.ofLength(length())));
        m.add("packedarray", () -> {
            int n = length();
            List<Object> all = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                all.addFirst(m.pop());
            }
            m.push(PsArray.of(all, false));
        });
        m.add("setpacking", m::pop);
        m.add("currentpacking", () -> m.push(false));
        m.add(
                "length",
                () -> m.push(
                        switch (m.pop()) {
                            case PsArray a -> a.length;
                            case PsString s -> s.length;
                            case PsDict d -> d.entries.size();
                            case PsName n -> n.text().length();
                            default -> throw new PostScriptException("typecheck", "a list is missing");
                        }));
        m.add("get", () -> {
            Object key = m.pop();
            switch (m.pop()) {
                case PsArray a -> m.push(a.get(place(key, a.length)));
                case PsString s -> m.push(s.get(place(key, s.length)));
                case PsDict d -> {
                    Object o = d.get(key);
                    if (o == null) {
                        throw new PostScriptException("undefined", "a dictionary does not hold what is asked");
                    }
                    m.push(o);
                }
                default -> throw new PostScriptException("typecheck", "a list is missing");
            }
        });
        m.add("put", () -> {
            Object value = m.pop();
            Object key = m.pop();
            switch (m.pop()) {
                case PsArray a -> a.put(place(key, a.length), value);
                case PsString s when value instanceof Number n -> s.put(place(key, s.length), n.intValue());
                case PsDict d -> {
                    m.takes(1);
                    d.put(key, value);
                }
                default -> throw new PostScriptException("typecheck", "a list is missing");
            }
        });
        m.add("getinterval", () -> {
            int count = m.integer();
            int at = m.integer();
            switch (m.pop()) {
                case PsArray a -> {
                    inRange(at, count, a.length);
                    m.push(a.part(at, count));
                }
                case PsString s -> {
                    inRange(at, count, s.length);
                    m.push(s.part(at, count));
                }
                default -> throw new PostScriptException("typecheck", "a list is missing");
            }
        });
        m.add("putinterval", () -> {
            Object from = m.pop();
            int at = m.integer();
            Object into = m.pop();
            if (into instanceof PsArray a && from instanceof PsArray b) {
                inRange(at, b.length, a.length);
                System.arraycopy(b.items, b.from, a.items, a.from + at, b.length);
            } else if (into instanceof PsString a && from instanceof PsString b) {
                inRange(at, b.length, a.length);
                System.arraycopy(b.bytes, b.from, a.bytes, a.from + at, b.length);
            } else {
                throw new PostScriptException("typecheck", "two lists are missing");
            }
        });
        m.add("aload", () -> {
            PsArray a = m.array();
            a.list().forEach(m::push);
            m.push(a);
        });
        m.add("astore", () -> {
            PsArray a = m.array();
            for (int i = a.length - 1; i >= 0; i--) {
                a.put(i, m.pop());
            }
            m.push(a);
        });
        m.add("copy", this::copy);
    }

    private static int place(Object key, int length) throws PostScriptException {
        if (!(key instanceof Number n)) {
            throw new PostScriptException("typecheck", "a number is missing");
        }
        inRange(n.intValue(), 1, length);
        return n.intValue();
    }

    private void copy() throws PostScriptException {
        Object top = m.pop();
        switch (top) {
            case Number n -> {
                int size = m.operands().size();
                if (n.intValue() < 0 || n.intValue() > size) {
                    throw new PostScriptException("stackunderflow", "a value is missing");
                }
                List.copyOf(m.operands().subList(size - n.intValue(), size)).forEach(m::push);
            }
            case PsArray into -> {
                PsArray from = m.array();
                inRange(0, from.length, into.length);
                System.arraycopy(from.items, from.from, into.items, into.from, from.length);
                m.push(into.part(0, from.length));
            }
            case PsString into -> {
                PsString from = m.string();
                inRange(0, from.length, into.length);
                System.arraycopy(from.bytes, from.from, into.bytes, into.from, from.length);
                m.push(into.part(0, from.length));
            }
            case PsDict into -> {
                into.entries.putAll(m.dict().entries);
                m.takes(into.entries.size());
                m.push(into);
            }
            default -> throw new PostScriptException("typecheck", "something that can be copied is missing");
        }
    }

    private void strings() {
        m.add("string", () -> m.push(PsString.of(new byte[length()])));
        m.add("search", () -> {
            PsString what = m.string();
            PsString in = m.string();
            m.worked(in.length / BYTES_A_STEP);
            int at = in.text().indexOf(what.text());
            if (at < 0) {
                m.push(in);
            } else {
                m.push(in.part(at + what.length, in.length - at - what.length));
                m.push(in.part(at, what.length));
                m.push(in.part(0, at));
            }
            m.push(at >= 0);
        });
        m.add("anchorsearch", () -> {
            PsString what = m.string();
            PsString in = m.string();
            boolean begins = in.text().startsWith(what.text());
            if (begins) {
                m.push(in.part(what.length, in.length - what.length));
                m.push(in.part(0, what.length));
            } else {
                m.push(in);
            }
            m.push(begins);
        });
        m.add("cvs", () -> {
            PsString into = m.string();
            byte[] text = shown(m.pop()).getBytes(StandardCharsets.ISO_8859_1);
            inRange(0, text.length, into.length);
            System.arraycopy(text, 0, into.bytes, into.from, text.length);
            m.push(into.part(0, text.length));
        });
        m.add("cvrs", () -> {
            PsString into = m.string();
            int radix = m.integer();
            Number n = m.numeral();
            byte[] text = (radix == 10
                            ? shown(n)
                            : Integer.toString(n.intValue(), Math.clamp(radix, 2, 36))
                                    .toUpperCase(java.util.Locale.ROOT))
                    .getBytes(StandardCharsets.ISO_8859_1);
            inRange(0, text.length, into.length);
            System.arraycopy(text, 0, into.bytes, into.from, text.length);
            m.push(into.part(0, text.length));
        });
        m.add("token", () -> {
            Object from = m.pop();
            PsFile in = from instanceof PsString s
                    ? PsFile.of(s.bytes, s.from, s.from + s.length)
                    : from instanceof PsFile f ? f : m.currentFile();
            Object t = m.scanner().next(in);
            if (t != null) {
                if (from instanceof PsString) {
                    m.push(PsString.of(in.rest()));
                }
                m.push(t);
            }
            m.push(t != null);
        });
    }

    private static String shown(Object o) {
        return switch (o) {
            case PsString s -> s.text();
            case PsName n -> n.text();
            case Machine.Operator op -> op.name();
            case Integer i -> i.toString();
            case Double d -> d.toString();
            case Boolean b -> b.toString();
            default -> "--nostringval--";
        };
    }

    private void dictionaries() {
        m.add("dict", () -> {
            length();
            m.push(new PsDict());
        });
        m.add("maxlength", () -> m.push(m.dict().entries.size() + 100));
        m.add("begin", () -> m.begin(m.dict()));
        m.add("end", () -> {
            if (m.dicts().size() <= 3) {
                throw new PostScriptException("dictstackunderflow", "a dictionary is closed that was not opened");
            }
            m.dicts().removeLast();
        });
        m.add("def", () -> {
            Object value = m.pop();
            Object key = m.pop();
            m.takes(1);
            m.current().put(key, value);
        });
        m.add("store", () -> {
            Object value = m.pop();
            Object key = m.pop();
            for (int i = m.dicts().size() - 1; i >= 0; i--) {
                if (m.dicts().get(i).has(key)) {
                    m.dicts().get(i).put(key, value);
                    return;
                }
            }
            m.takes(1);
            m.current().put(key, value);
        });
        m.add("load", () -> {
            Object key = m.pop();
            for (int i = m.dicts().size() - 1; i >= 0; i--) {
                Object o = m.dicts().get(i).get(key);
                if (o != null) {
                    m.push(o);
                    return;
                }
            }
            throw new PostScriptException("undefined", "the word \"" + shown(key) + "\" is not known");
        });
        m.add("where", () -> {
            Object key = m.pop();
            for (int i = m.dicts().size() - 1; i >= 0; i--) {
                if (m.dicts().get(i).has(key)) {
                    m.push(m.dicts().get(i));
                    m.push(true);
                    return;
                }
            }
            m.push(false);
        });
        m.add("known", () -> {
            Object key = m.pop();
            m.push(m.dict().has(key));
        });
        m.add("undef", () -> {
            Object key = m.pop();
            m.dict().remove(key);
        });
        m.add("currentdict", () -> m.push(m.current()));
        m.add("countdictstack", () -> m.push(m.dicts().size()));
        m.add("cleardictstack", () -> {
            while (m.dicts().size() > 3) {
                m.dicts().removeLast();
            }
        });
        m.add("dictstack", () -> {
            PsArray a = m.array();
            inRange(0, m.dicts().size(), a.length);
            for (int i = 0; i < m.dicts().size(); i++) {
                a.put(i, m.dicts().get(i));
            }
            m.push(a.part(0, m.dicts().size()));
        });
        m.add("bind", () -> {
            Object o = m.peek(0);
            if (o instanceof PsArray a) {
                bind(a, 0);
            }
        });
    }

    /** Procedures hold each other by value, so each is looked at once. */
    private void bind(PsArray a, int depth) {
        if (!bound.add(a.items)) {
            return;
        }
        for (int i = 0; i < a.length && depth < 100; i++) {
            if (a.get(i) instanceof PsName n && n.executable()) {
                try {
                    if (m.lookUp(n.text()) instanceof Machine.Operator op) {
                        a.put(i, op);
                    }
                } catch (PostScriptException _) {
                    continue;
                }
            } else if (a.get(i) instanceof PsArray inner && inner.executable) {
                bind(inner, depth + 1);
            }
        }
    }

    private static String type(Object o) {
        return switch (o) {
            case Integer _ -> "integertype";
            case Double _ -> "realtype";
            case Boolean _ -> "booleantype";
            case PsName _ -> "nametype";
            case PsString _ -> "stringtype";
            case PsArray _ -> "arraytype";
            case PsDict _ -> "dicttype";
            case PsFile _ -> "filetype";
            case Machine.Operator _ -> "operatortype";
            default -> o == Machine.MARK ? "marktype" : o == Machine.NULL ? "nulltype" : "savetype";
        };
    }

    private void kinds() {
        m.add("type", () -> m.push(new PsName(type(m.pop()), true)));
        m.add("cvx", () -> m.push(executable(m.pop(), true)));
        m.add("cvlit", () -> m.push(executable(m.pop(), false)));
        m.add("xcheck", () -> {
            Object o = m.pop();
            m.push(o instanceof PsName n && n.executable()
                    || o instanceof PsArray a && a.executable
                    || o instanceof PsString s && s.executable
                    || o instanceof PsFile f && f.executable
                    || o instanceof Machine.Operator);
        });
        m.add("cvn", () -> {
            PsString s = m.string();
            m.push(new PsName(s.text(), s.executable));
        });
        m.add("cvi", () -> m.push((int) number(m.pop())));
        m.add("cvr", () -> m.push(number(m.pop())));
        for (String access : List.of("readonly", "executeonly", "noaccess")) {
            m.add(access, () -> m.peek(0));
        }
        m.add("rcheck", () -> {
            m.pop();
            m.push(true);
        });
        m.add("wcheck", () -> {
            m.pop();
            m.push(true);
        });
        m.systemDict().put("languagelevel", 3);
        m.systemDict().put("version", PsString.of("3010"));
        m.systemDict().put("product", PsString.of("drawing reader"));
        m.systemDict().put("revision", 1);
        m.systemDict().put("serialnumber", 0);
        for (String clock : List.of("realtime", "usertime")) {
            m.add(clock, () -> m.push(0));
        }
        for (String memory : List.of("vmreclaim", "setvmthreshold")) {
            m.add(memory, m::pop);
        }
        m.add("vmstatus", () -> {
            m.push(0);
            m.push(100_000);
            m.push(10_000_000);
        });
        m.add("setglobal", m::pop);
        m.add("currentglobal", () -> m.push(false));
        // there is one kind of memory only, and all of it is shared
        m.add("gcheck", () -> {
            m.pop();
            m.push(true);
        });
        m.add("defineresource", () -> {
            PsName category = name(m.pop());
            Object value = m.pop();
            Object key = m.pop();
            m.resources(category.text()).put(key, value);
            m.push(value);
        });
        m.add("findresource", () -> {
            PsName category = name(m.pop());
            Object key = m.pop();
            Object o = m.resources(category.text()).get(key);
            if (o == null && category.text().equals("Font")) {
                m.push(key);
                m.operator("findfont").action().run();
            } else if (o == null) {
                throw new PostScriptException("undefinedresource", "it wants a resource that it does not bring along");
            } else {
                m.push(o);
            }
        });
        m.add("resourcestatus", () -> {
            PsName category = name(m.pop());
            boolean has = m.resources(category.text()).has(m.pop());
            if (has) {
                m.push(0);
                m.push(0);
            }
            m.push(has);
        });
        m.add("undefineresource", () -> {
            PsName category = name(m.pop());
            m.resources(category.text()).remove(m.pop());
        });
        m.add("setuserparams", m::pop);
        m.add("setsystemparams", m::pop);
        m.add("currentuserparams", () -> m.push(new PsDict()));
        m.add("currentsystemparams", () -> m.push(new PsDict()));
        m.resources("ProcSet").put("CIDInit", new PsDict());
    }

    private static PsName name(Object o) throws PostScriptException {
        if (o instanceof PsName n) {
            return n;
        }
        throw new PostScriptException("typecheck", "a name is missing");
    }

    private final Set<Object[]> bound = Collections.newSetFromMap(new IdentityHashMap<>());

    private static double number(Object o) throws PostScriptException {
        if (o instanceof PsString s) {
            o = s.text().isBlank() ? "" : Scanner.numberOrName(s.text().strip());
        }
        if (o instanceof Number n) {
            return n.doubleValue();
        }
        throw new PostScriptException("typecheck", "a number is missing");
    }

    private static Object executable(Object o, boolean now) {
        return switch (o) {
            case PsName n -> new PsName(n.text(), now);
            case PsArray a -> a.as(now);
            case PsString s -> s.as(now);
            case PsFile f -> {
                f.executable = now;
                yield f;
            }
            default -> o;
        };
    }
}
