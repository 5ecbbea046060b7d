package jurren.formats.catalogue;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.util.Optional;
import jurren.core.blank.Face;
import jurren.core.blank.Form;
import jurren.core.blank.Garment;
import jurren.core.blank.Obstacle;
import jurren.core.blank.Panel;
import jurren.core.blank.Substrate;
import jurren.core.blank.Vessel;
import jurren.core.material.Colour;
import jurren.core.material.Material;

/** Binds catalogue files straight to the core's records. Every field must be there but what is optional, no other. */
final class CatalogueMapper {
    private CatalogueMapper() {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Garment.class, name = "garment"),
        @JsonSubTypes.Type(value = Panel.class, name = "panel"),
        @JsonSubTypes.Type(value = Vessel.class, name = "vessel")
    })
    private interface Forms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Obstacle.Rect.class, name = "rect"),
        @JsonSubTypes.Type(value = Obstacle.Disc.class, name = "disc"),
        @JsonSubTypes.Type(value = Obstacle.Drawn.class, name = "drawn")
    })
    private interface Shapes {}

    /** Most faces are of what their thing is of. */
    private abstract static class Faces {
        @JsonInclude(JsonInclude.Include.NON_ABSENT)
        Optional<Substrate> madeOf;
    }

    /** Most materials are a film of their own. */
    private abstract static class Materials {
        @JsonInclude(JsonInclude.Include.NON_ABSENT)
        Optional<String> soldAs;
    }

    static ObjectMapper make() {
        SimpleModule colours = new SimpleModule()
                .addDeserializer(Colour.class, new ColourReader())
                .addSerializer(Colour.class, new ColourWriter());
        return JsonMapper.builder()
                .addModule(colours)
                .addModule(new Jdk8Module())
                .addMixIn(Form.class, Forms.class)
                .addMixIn(Obstacle.Shape.class, Shapes.class)
                .addMixIn(Face.class, Faces.class)
                .addMixIn(Material.class, Materials.class)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .visibility(PropertyAccessor.GETTER, JsonAutoDetect.Visibility.NONE)
                .visibility(PropertyAccessor.IS_GETTER, JsonAutoDetect.Visibility.NONE)
                .visibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY)
                .build();
    }

    private static final class ColourReader extends StdDeserializer<Colour> {
        private static final long serialVersionUID = 1L;

        ColourReader() {
            super(Colour.class);
        }

        @Override
        public Colour deserialize(JsonParser p, DeserializationContext context) throws IOException {
            return Colour.of(p.getText());
        }
    }

    private static final class ColourWriter extends StdSerializer<Colour> {
        private static final long serialVersionUID = 1L;

        ColourWriter() {
            super(Colour.class);
        }

        @Override
        public void serialize(Colour c, JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeString(c.hex());
        }
    }
}
