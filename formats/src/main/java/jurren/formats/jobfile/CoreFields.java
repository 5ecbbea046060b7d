package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.AnnotatedMember;
import com.fasterxml.jackson.databind.introspect.JacksonAnnotationIntrospector;
import java.util.Optional;

/** The core's records carry no annotations: whatever they hold must be told, and told as something. */
final class CoreFields extends JacksonAnnotationIntrospector {
    private static final long serialVersionUID = 1L;
    private static final String CORE = "jurren.core.";

    private static boolean isOfCore(Annotated a) {
        return a instanceof AnnotatedMember m
                && m.getDeclaringClass().getName().startsWith(CORE)
                && m.getRawType() != Optional.class;
    }

    @Override
    public Boolean hasRequiredMarker(AnnotatedMember m) {
        return isOfCore(m) && m.getRawType() != boolean.class ? Boolean.TRUE : super.hasRequiredMarker(m);
    }

    @Override
    public JsonSetter.Value findSetterInfo(Annotated a) {
        return isOfCore(a) ? JsonSetter.Value.construct(Nulls.FAIL, Nulls.FAIL) : super.findSetterInfo(a);
    }
}
