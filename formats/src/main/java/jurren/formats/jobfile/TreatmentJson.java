package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Treatments;
import jurren.core.material.Colour;
import jurren.formats.Refusal.Reason;

/**
 * A treatment as {@code kind} and its figures by their names. The fields follow from the records, so a
 * new treatment needs nothing here; its names and kinds of figure are the file's contract from then on.
 */
final class TreatmentJson {
    /** Figures that a treatment got after files were written without them, with what it did before. */
    private static final Map<String, Object> LATER = later();

    private TreatmentJson() {}

    private static Map<String, Object> later() {
        Map<String, Object> later = new HashMap<>(Map.of("draw-closer.leaveMm", 100_000.0));
        for (String pattern : List.of("stripes", "chevrons", "dots", "stars", "grid", "bricks", "scales")) {
            List.of("shiftMm", "downMm", "degrees").forEach(figure -> later.put(pattern + "." + figure, 0.0));
            List.of("eachPart", "alongEdge").forEach(choice -> later.put(pattern + "." + choice, false));
            later.put(pattern + ".whole", true);
        }
        return Map.copyOf(later);
    }

    static void write(ObjectNode node, Treatment t) {
        Treatment plain = t instanceof Treatment.Off off ? off.of() : t;
        node.put("kind", Treatments.of(t).id());
        for (RecordComponent c : plain.getClass().getRecordComponents()) {
            switch (get(plain, c)) {
                case Double d -> node.put(c.getName(), d);
                case Integer i -> node.put(c.getName(), i);
                case Boolean b -> node.put(c.getName(), b);
                case Colour colour -> node.put(c.getName(), colour.hex());
                case String text -> node.put(c.getName(), text);
                case List<?> colours -> {
                    ArrayNode array = node.putArray(c.getName());
                    colours.forEach(each -> array.add(((Colour) each).hex()));
                }
                case Enum<?> e -> node.put(c.getName(), e.name().toLowerCase(Locale.ROOT));
                default -> throw new IllegalStateException("no way to write " + c);
            }
        }
        if (t instanceof Treatment.Off) {
            node.put("off", true);
        }
    }

    private static Object get(Treatment t, RecordComponent c) {
        try {
            return c.getAccessor().invoke(t);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(e);
        }
    }

    static Treatment read(JsonNode n, String at) throws Broken {
        String id = n.path("kind").asText();
        Optional<Treatments.Kind> kind = Treatments.kind(id);
        if (kind.isEmpty()) {
            throw new Broken(Reason.UNKNOWN_IN_JOB, "\"" + id + "\" in " + at);
        }
        RecordComponent[] components = kind.get().type().getRecordComponents();
        Object[] values = new Object[components.length];
        for (int i = 0; i < components.length; i++) {
            values[i] = value(n, components[i], at);
        }
        Treatment made = make(kind.get().type(), components, values, at);
        return n.path("off").asBoolean() ? new Treatment.Off(made) : made;
    }

    private static Object value(JsonNode n, RecordComponent c, String at) throws Broken {
        JsonNode v = n.path(c.getName());
        if (v.isMissingNode() && LATER.containsKey(n.path("kind").asText() + "." + c.getName())) {
            return LATER.get(n.path("kind").asText() + "." + c.getName());
        }
        Class<?> type = c.getType();
        boolean fits = type == double.class
                ? v.isNumber()
                : type == int.class
                        ? v.isIntegralNumber()
                        : type == boolean.class ? v.isBoolean() : type == List.class ? v.isArray() : v.isTextual();
        if (!fits) {
            throw new Broken(Reason.DAMAGED_JOB, at + "." + c.getName() + " is missing or not what it should be");
        }
        if (type == double.class) {
            return v.asDouble();
        }
        if (type == int.class) {
            return v.asInt();
        }
        if (type == boolean.class) {
            return v.asBoolean();
        }
        if (type == Colour.class) {
            return Fields.hex(v.asText(), at + "." + c.getName());
        }
        if (type == String.class) {
            return v.asText();
        }
        if (type == List.class) {
            List<Colour> colours = new ArrayList<>();
            for (JsonNode each : v) {
                colours.add(Fields.hex(each.asText(), at + "." + c.getName()));
            }
            return colours;
        }
        return Arrays.stream(type.getEnumConstants())
                .filter(e -> ((Enum<?>) e).name().equalsIgnoreCase(v.asText()))
                .findFirst()
                .orElseThrow(() ->
                        new Broken(Reason.DAMAGED_JOB, at + "." + c.getName() + ": " + v.asText() + " is not known"));
    }

    private static Treatment make(
            Class<? extends Treatment> type, RecordComponent[] components, Object[] values, String at) throws Broken {
        try {
            return type.getDeclaredConstructor(Arrays.stream(components)
                            .map(RecordComponent::getType)
                            .toArray(Class[]::new))
                    .newInstance(values);
        } catch (InvocationTargetException e) {
            throw new Broken(Reason.DAMAGED_JOB, at + ": " + e.getCause().getMessage());
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
