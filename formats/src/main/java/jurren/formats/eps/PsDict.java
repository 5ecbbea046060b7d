package jurren.formats.eps;

import java.util.LinkedHashMap;
import java.util.Map;

/** Values by their keys; a string is the name it spells, and 1 is 1.0. */
final class PsDict {
    final Map<Object, Object> entries = new LinkedHashMap<>();

    private static Object key(Object o) {
        return switch (o) {
            case PsString s -> s.text();
            case PsName n -> n.text();
            case Integer i -> i.doubleValue();
            default -> o;
        };
    }

    Object get(Object key) {
        return entries.get(key(key));
    }

    void put(Object key, Object value) {
        entries.put(key(key), value);
    }

    boolean has(Object key) {
        return entries.containsKey(key(key));
    }

    void remove(Object key) {
        entries.remove(key(key));
    }

    /** A key as a program sees it. */
    static Object seen(Object key) {
        return key instanceof String s
                ? PsName.literal(s)
                : key instanceof Double d && d == Math.rint(d) && Math.abs(d) < Integer.MAX_VALUE
                        ? (Object) d.intValue()
                        : key;
    }

    double number(String key, double otherwise) {
        return get(key) instanceof Number n ? n.doubleValue() : otherwise;
    }
}
