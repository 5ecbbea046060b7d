package jurren.formats.eps;

import java.util.ArrayList;
import java.util.List;

/**
 * The words of a program. Numbers are {@code Double}, names {@code Name}, strings {@code String},
 * procedures {@code Procedure}.
 */
final class Tokens {
    /** A name, to be looked up when it is executed unless it is literal. */
    record Name(String text, boolean literal) {
    }

    /** A body in braces, not yet executed. */
    record Procedure(List<Object> body) {
    }

    private static final int DEEPEST = 100;

    private final String text;
    private int at;

    Tokens(String text) {
        this.text = text;
    }

    /** Null at the end. */
    Object next() throws PostScriptException {
        return next(0);
    }

    private Object next(int depth) throws PostScriptException {
        skip();
        if (at >= text.length()) {
            return null;
        }
        char c = text.charAt(at);
        if (c == '{') {
            at++;
            if (depth > DEEPEST) {
                throw new PostScriptException("braces are nested too deeply");
            }
            List<Object> body = new ArrayList<>();
            for (Object t = next(depth + 1); !isClosing(t); t = next(depth + 1)) {
                if (t == null) {
                    throw new PostScriptException("a brace is never closed");
                }
                body.add(t);
            }
            return new Procedure(body);
        }
        if (c == '}') {
            at++;
            return new Name("}", false);
        }
        if (c == '(') {
            return string();
        }
        if (c == '<' && at + 1 < text.length() && text.charAt(at + 1) != '<') {
            int end = text.indexOf('>', at);
            at = end < 0 ? text.length() : end + 1;
            return "";
        }
        if (c == '[' || c == ']') {
            at++;
            return new Name(String.valueOf(c), false);
        }
        if (c == '<' || c == '>') {
            at = Math.min(text.length(), at + 2);
            return new Name(c == '<' ? "<<" : ">>", false);
        }
        boolean literal = c == '/';
        int start = literal ? ++at : at;
        while (at < text.length() && !isDelimiter(text.charAt(at))) {
            at++;
        }
        if (at == start && !literal) {
            at++;
        }
        String word = text.substring(start, Math.min(at, text.length()));
        return literal ? new Name(word, true) : numberOrName(word);
    }

    private static boolean isClosing(Object t) {
        return t instanceof Name n && !n.literal() && n.text().equals("}");
    }

    private static Object numberOrName(String word) {
        char c = word.charAt(0);
        if (c == '-' || c == '+' || c == '.' || Character.isDigit(c)) {
            try {
                int radix = word.indexOf('#');
                return radix > 0 ? (double) Long.parseLong(word.substring(radix + 1), Integer.parseInt(word.substring(0, radix)))
                        : Double.parseDouble(word);
            } catch (NumberFormatException _) {
                return new Name(word, false);
            }
        }
        return new Name(word, false);
    }

    private void skip() {
        while (at < text.length()) {
            char c = text.charAt(at);
            if (c == '%') {
                while (at < text.length() && text.charAt(at) != '\n' && text.charAt(at) != '\r') {
                    at++;
                }
            } else if (c <= ' ') {
                at++;
            } else {
                return;
            }
        }
    }

    private String string() {
        int depth = 0;
        int start = at + 1;
        for (; at < text.length(); at++) {
            char c = text.charAt(at);
            if (c == '\\') {
                at++;
            } else if (c == '(') {
                depth++;
            } else if (c == ')' && --depth == 0) {
                return text.substring(start, at++);
            }
        }
        return text.substring(Math.min(start, text.length()));
    }

    private static boolean isDelimiter(char c) {
        return c <= ' ' || "(){}[]<>/%".indexOf(c) >= 0;
    }
}
