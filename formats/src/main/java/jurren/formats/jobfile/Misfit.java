package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import jurren.formats.Refusal.Reason;
import jurren.formats.files.JsonMisfit;

/** What did not fit in a job, told with its place: what is only not known here is told apart from what is broken. */
final class Misfit {
    private Misfit() {}

    /** @param root how the place of the whole is told */
    static Broken of(JsonMappingException e, String root) {
        String at = JsonMisfit.place(e, root);
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof UnknownKind u) {
                return new Broken(Reason.UNKNOWN_IN_JOB, u.getMessage() + " in " + at);
            }
        }
        return e instanceof InvalidTypeIdException t
                ? new Broken(Reason.UNKNOWN_IN_JOB, "\"" + (t.getTypeId() == null ? "" : t.getTypeId()) + "\" in " + at)
                : new Broken(Reason.DAMAGED_JOB, JsonMisfit.told(e, root));
    }
}
