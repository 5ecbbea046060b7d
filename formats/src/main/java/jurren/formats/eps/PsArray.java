package jurren.formats.eps;

import java.util.Arrays;
import java.util.List;

/** Values in a row; a part of an array shares them with the whole. One that is executable is a procedure. */
final class PsArray {
    final Object[] items;
    final int from;
    final int length;
    final boolean executable;

    PsArray(Object[] items, int from, int length, boolean executable) {
        this.items = items;
        this.from = from;
        this.length = length;
        this.executable = executable;
    }

    static PsArray of(List<?> values, boolean executable) {
        Object[] all = values.toArray();
        return new PsArray(all, 0, all.length, executable);
    }

    static PsArray ofLength(int n) {
        Object[] all = new Object[n];
        Arrays.fill(all, Machine.NULL);
        return new PsArray(all, 0, n, false);
    }

    PsArray part(int at, int count) {
        return new PsArray(items, from + at, count, executable);
    }

    PsArray as(boolean nowExecutable) {
        return new PsArray(items, from, length, nowExecutable);
    }

    Object get(int i) {
        return items[from + i];
    }

    void put(int i, Object o) {
        items[from + i] = o;
    }

    List<Object> list() {
        return Arrays.asList(items).subList(from, from + length);
    }

    double[] numbers() throws PostScriptException {
        double[] all = new double[length];
        for (int i = 0; i < length; i++) {
            if (!(get(i) instanceof Number n)) {
                throw new PostScriptException("typecheck", "a list of numbers is missing");
            }
            all[i] = n.doubleValue();
        }
        return all;
    }
}
