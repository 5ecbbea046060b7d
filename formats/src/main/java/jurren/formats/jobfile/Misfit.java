package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import jurren.formats.Refusal.Reason;

/** What did not fit in a file, told with its place. */
final class Misfit {
    private Misfit() {}

    /** @param root how the place of the whole is told */
    static Broken of(JsonMappingException e, String root) {
        String at = place(e, root);
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof UnknownKind u) {
                return new Broken(Reason.UNKNOWN_IN_JOB, u.getMessage() + " in " + at);
            }
            if (cause instanceof IllegalArgumentException i && !(i.getCause() instanceof JsonMappingException)) {
                return new Broken(Reason.DAMAGED_JOB, at + ": " + i.getMessage());
            }
        }
        return switch (e) {
            case InvalidTypeIdException t ->
                new Broken(Reason.UNKNOWN_IN_JOB, "\"" + (t.getTypeId() == null ? "" : t.getTypeId()) + "\" in " + at);
            case InvalidFormatException f
            when f.getTargetType() != null && f.getTargetType().isEnum() ->
                new Broken(Reason.DAMAGED_JOB, at + ": \"" + f.getValue() + "\" is not known");
            case MismatchedInputException m -> new Broken(Reason.DAMAGED_JOB, at + " is " + notWhat(m.getTargetType()));
            default -> new Broken(Reason.DAMAGED_JOB, at + ": " + e.getOriginalMessage());
        };
    }

    private static String place(JsonMappingException e, String root) {
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

    private static String notWhat(Class<?> wanted) {
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
