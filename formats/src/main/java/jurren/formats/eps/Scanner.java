package jurren.formats.eps;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;

/** Takes a program apart: numbers, names, strings, procedures. */
final class Scanner {
    private static final int DEEPEST = 200;
    private static final int LONGEST = 16 << 20;

    private final Machine machine;

    Scanner(Machine machine) {
        this.machine = machine;
    }

    /** Null at the end. */
    Object next(PsFile in) throws PostScriptException {
        return next(in, 0);
    }

    private Object next(PsFile in, int depth) throws PostScriptException {
        machine.step();
        int c = skipped(in);
        switch (c) {
            case PsFile.END -> {
                return null;
            }
            case '{' -> {
                return procedure(in, depth);
            }
            case '}' -> {
                return new PsName("}", true);
            }
            case '(' -> {
                return string(in);
            }
            case '<' -> {
                int after = in.peek();
                if (after == '<') {
                    in.read();
                    return new PsName("<<", true);
                }
                if (after == '~') {
                    in.read();
                    return PsString.of(PsFile.ascii85(in).rest());
                }
                PsFile inside = new PsFile(() -> {
                    int b = in.read();
                    return b == '>' ? PsFile.END : b;
                });
                return PsString.of(PsFile.hex(inside).rest());
            }
            case '>' -> {
                if (in.peek() == '>') {
                    in.read();
                    return new PsName(">>", true);
                }
                return next(in, depth);
            }
            case '[', ']' -> {
                return new PsName(String.valueOf((char) c), true);
            }
            case ')' -> {
                return next(in, depth);
            }
            case '/' -> {
                boolean immediate = in.peek() == '/';
                if (immediate) {
                    in.read();
                }
                String name = word(in, new StringBuilder());
                return immediate ? machine.lookUp(name) : PsName.literal(name);
            }
            default -> {
                return numberOrName(word(in, new StringBuilder().append((char) c)));
            }
        }
    }

    private Object procedure(PsFile in, int depth) throws PostScriptException {
        if (depth > DEEPEST) {
            throw new PostScriptException("limitcheck", "braces are nested too deeply");
        }
        List<Object> body = new ArrayList<>();
        while (true) {
            Object t = next(in, depth + 1);
            if (t == null) {
                throw new PostScriptException("syntaxerror", "a brace is never closed");
            }
            if (t instanceof PsName n && n.executable() && n.text().equals("}")) {
                return PsArray.of(body, true);
            }
            body.add(t);
        }
    }

    /** The first character that is no white space and no comment. */
    private static int skipped(PsFile in) throws PostScriptException {
        int c = in.read();
        while (c == '%' || c >= 0 && c <= ' ') {
            if (c == '%') {
                while (c != '\n' && c != '\r' && c != PsFile.END) {
                    c = in.read();
                }
            } else {
                c = in.read();
            }
        }
        return c;
    }

    private static boolean isDelimiter(int c) {
        return c <= ' ' || "(){}[]<>/%".indexOf(c) >= 0;
    }

    private static String word(PsFile in, StringBuilder word) throws PostScriptException {
        while (in.peek() != PsFile.END && !isDelimiter(in.peek())) {
            word.append((char) in.read());
        }
        // one white space belongs to the word
        int after = in.peek();
        if (after == '\r') {
            in.read();
            if (in.peek() == '\n') {
                in.read();
            }
        } else if (after >= 0 && after <= ' ') {
            in.read();
        }
        return word.toString();
    }

    static Object numberOrName(String word) {
        char c = word.charAt(0);
        if (c == '-' || c == '+' || c == '.' || c >= '0' && c <= '9') {
            try {
                int radix = word.indexOf('#');
                if (radix > 0) {
                    return (int) Long.parseLong(word.substring(radix + 1), Integer.parseInt(word.substring(0, radix)));
                }
                if (word.matches("[+-]?[0-9]+")) {
                    double d = Double.parseDouble(word);
                    return Math.abs(d) <= Integer.MAX_VALUE ? (Object) (int) d : (Object) d;
                }
                if (word.matches("[+-]?([0-9]+\\.?[0-9]*|\\.[0-9]+)([eE][+-]?[0-9]+)?")) {
                    return Double.parseDouble(word);
                }
            } catch (NumberFormatException _) {
                return new PsName(word, true);
            }
        }
        return new PsName(word, true);
    }

    private static PsString string(PsFile in) throws PostScriptException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int depth = 1;
        while (true) {
            int c = in.read();
            switch (c) {
                case PsFile.END -> throw new PostScriptException("syntaxerror", "a string is never closed");
                case '(' -> depth++;
                case ')' -> {
                    if (--depth == 0) {
                        return PsString.of(out.toByteArray());
                    }
                }
                case '\r' -> {
                    if (in.peek() == '\n') {
                        in.read();
                    }
                    c = '\n';
                }
                case '\\' -> c = escaped(in);
                default -> {}
            }
            if (c >= 0) {
                out.write(c);
            }
            if (out.size() > LONGEST) {
                throw new PostScriptException("limitcheck", "a string is too long");
            }
        }
    }

    /** -1 where the line only goes on. */
    private static int escaped(PsFile in) throws PostScriptException {
        int c = in.read();
        switch (c) {
            case 'n' -> {
                return '\n';
            }
            case 'r' -> {
                return '\r';
            }
            case 't' -> {
                return '\t';
            }
            case 'b' -> {
                return '\b';
            }
            case 'f' -> {
                return '\f';
            }
            case '\r' -> {
                if (in.peek() == '\n') {
                    in.read();
                }
                return -1;
            }
            case '\n' -> {
                return -1;
            }
            default -> {
                if (c >= '0' && c <= '7') {
                    int value = c - '0';
                    for (int i = 0; i < 2 && in.peek() >= '0' && in.peek() <= '7'; i++) {
                        value = value * 8 + in.read() - '0';
                    }
                    return value & 0xFF;
                }
                return c;
            }
        }
    }
}
