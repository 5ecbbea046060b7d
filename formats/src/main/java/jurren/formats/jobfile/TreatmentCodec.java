package jurren.formats.jobfile;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonPointer;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.ValueNode;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Treatments;

/**
 * A treatment as {@code kind} and its figures by their names. The fields follow from the records, so a
 * new treatment needs nothing here; its names and kinds of figure are the file's contract from then on.
 */
final class TreatmentCodec {
    private static final String KIND = "kind";
    private static final String OFF = "off";
    /** Every figure must be there, but these, which came after files were written without them. */
    private static final Map<String, ValueNode> LATER = later();

    private TreatmentCodec() {}

    private static Map<String, ValueNode> later() {
        var values = JobMapper.NODES;
        Map<String, ValueNode> later = new HashMap<>();
        later.put("draw-closer.leaveMm", values.numberNode(100_000.0));
        for (String pattern : List.of("stripes", "chevrons", "dots", "stars", "grid", "bricks", "scales")) {
            List.of("shiftMm", "downMm", "degrees")
                    .forEach(figure -> later.put(pattern + "." + figure, values.numberNode(0.0)));
            List.of("eachPart", "alongEdge")
                    .forEach(choice -> later.put(pattern + "." + choice, values.booleanNode(false)));
            later.put(pattern + ".whole", values.booleanNode(true));
        }
        return Map.copyOf(later);
    }

    static final class Writer extends StdSerializer<Treatment> {
        private static final long serialVersionUID = 1L;
        private final transient ObjectMapper figures;

        Writer(ObjectMapper figures) {
            super(Treatment.class);
            this.figures = figures;
        }

        @Override
        public void serialize(Treatment t, JsonGenerator out, SerializerProvider provider) throws IOException {
            Treatment plain = t instanceof Treatment.Off off ? off.of() : t;
            ObjectNode node =
                    JobMapper.NODES.objectNode().put(KIND, Treatments.of(plain).id());
            node.setAll((ObjectNode) figures.valueToTree(plain));
            if (t instanceof Treatment.Off) {
                node.put(OFF, true);
            }
            out.writeTree(node);
        }
    }

    static final class Reader extends StdDeserializer<Treatment> {
        private static final long serialVersionUID = 1L;
        private final transient ObjectMapper figures;

        Reader(ObjectMapper figures) {
            super(Treatment.class);
            this.figures = figures;
        }

        @Override
        public Treatment deserialize(JsonParser p, DeserializationContext context) throws IOException {
            JsonPointer place = p.getParsingContext().pathAsPointer();
            JsonNode told = context.readTree(p);
            String id = told.path(KIND).asText();
            Treatments.Kind kind = Treatments.kind(id).orElseThrow(() -> new UnknownKind(id));
            if (told.has(OFF) && !told.path(OFF).isBoolean()) {
                throw JsonMappingException.from(context, OFF + " is neither true nor false");
            }
            ObjectNode node = ((ObjectNode) told.deepCopy()).without(List.of(KIND, OFF));
            for (RecordComponent c : kind.type().getRecordComponents()) {
                ValueNode usual = LATER.get(id + "." + c.getName());
                if (usual != null && !node.has(c.getName())) {
                    node.set(c.getName(), usual);
                }
            }
            UnknownFields.Found found = (UnknownFields.Found) context.getAttribute(UnknownFields.Found.class);
            Treatment made = found.within(
                    place,
                    () -> figures.readerFor(kind.type()).withHandler(found).readValue(node));
            return told.path(OFF).asBoolean() ? new Treatment.Off(made) : made;
        }
    }
}
