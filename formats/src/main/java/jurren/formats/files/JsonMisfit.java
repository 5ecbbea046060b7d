package jurren.formats.files;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.util.regex.Pattern;

/** What does not fit in a JSON file, in words of ours and with its place: the library tells it by names of classes. */
public final class JsonMisfit {
    private static final Pattern WITHOUT = Pattern.compile("[Mm]issing .*property|[Nn]ull value|Cannot map `null`");

    private JsonMisfit() {}

    /** Its place and what is wrong there, as in {@code presses[1].kind: "OVEN" is not known}. */
    public static String told(JsonProcessingException e, String root) {
        String at = e instanceof JsonMappingException m ? place(m, root) : root;
        String what = what(e);
        return at.isEmpty() ? what : at + (what.startsWith("is ") ? " " : ": ") + what;
    }

    /** Where it stands, as in {@code presses[1].kind}. */
    public static String place(JsonMappingException e, String root) {
        StringBuilder at = new StringBuilder(root);
        for (JsonMappingException.Reference r : e.getPath()) {
            if (r.getFieldName() == null) {
                at.append('[').append(r.getIndex()).append(']');
            } else {
                at.append(at.isEmpty() ? "" : ".").append(r.getFieldName());
            }
        }
        return at.toString();
    }

    /** What is wrong, without its place: the sentence of the record that objected, if one did. */
    public static String what(JsonProcessingException e) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof IllegalArgumentException i && !(i.getCause() instanceof JsonMappingException)) {
                return String.valueOf(i.getMessage());
            }
        }
        return switch (e) {
            case JsonEOFException _ -> "it ends in the middle";
            case InvalidTypeIdException t -> "\"" + (t.getTypeId() == null ? "" : t.getTypeId()) + "\" is not known";
            case UnrecognizedPropertyException u -> "the field \"" + u.getPropertyName() + "\" is not known";
            case InvalidFormatException f
            when f.getTargetType() != null && f.getTargetType().isEnum() -> "\"" + f.getValue() + "\" is not known";
            case MismatchedInputException m -> missing(m);
            case JsonMappingException _ -> "is not what it should be";
            default -> "it is not JSON from there on";
        };
    }

    /** What is not there and what is null are told alike by the library. */
    private static String missing(MismatchedInputException m) {
        return WITHOUT.matcher(String.valueOf(m.getOriginalMessage())).find() ? "is missing" : "is " + kind(m);
    }

    private static String kind(MismatchedInputException m) {
        Class<?> wanted = m.getTargetType();
        if (wanted == null) {
            return "not what it should be";
        }
        if (wanted == boolean.class || wanted == Boolean.class) {
            return "neither true nor false";
        }
        if (wanted.isPrimitive() || Number.class.isAssignableFrom(wanted)) {
            return "not a number";
        }
        return wanted == String.class ? "not a text" : "not what it should be";
    }
}
