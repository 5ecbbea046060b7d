package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.KeyDeserializer;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.cfg.CoercionAction;
import com.fasterxml.jackson.databind.cfg.CoercionInputShape;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.databind.type.LogicalType;
import com.fasterxml.jackson.databind.util.TokenBuffer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import jurren.core.art.Motif;
import jurren.core.art.Source;
import jurren.core.art.Treatment;
import jurren.core.blank.Form;
import jurren.core.geometry.Point;
import jurren.core.job.EmbeddedCatalogue;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Place;
import jurren.core.job.Progress;
import jurren.core.load.KeptLayout;
import jurren.core.material.Colour;

/**
 * Binds the core's values to the records that a job file is told by: each {@code …Entry} turns into its value and back,
 * and whatever is no record of its own is bound as it is. A field of the wrong kind is refused with its place.
 */
final class JobMapper {
    static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final ObjectMapper FIGURES = mapper(new SimpleModule())
            .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
            .build();
    private static final ObjectMapper MAPPER = mapper(values()).build();

    private JobMapper() {}

    private static JsonMapper.Builder mapper(SimpleModule values) {
        Bound.bind(values, Colour.class, String.class, Colour::hex, Colour::of);
        Bound.bind(values, Instant.class, String.class, Instant::toString, JobMapper::instant);
        Plain.addTo(values);
        values.addSerializer(new Lower(false));
        values.addKeySerializer(Enum.class, new Lower(true));
        values.addKeySerializer(Colour.class, new StdSerializer<>(Colour.class) {
            private static final long serialVersionUID = 1L;

            @Override
            public void serialize(Colour c, JsonGenerator out, SerializerProvider provider) throws IOException {
                out.writeFieldName(c.hex());
            }
        });
        key(values, Colour.class, Colour::of);
        key(values, Form.Measure.class, name -> Form.Measure.valueOf(name.toUpperCase(Locale.ROOT)));
        JsonMapper.Builder builder = JsonMapper.builder()
                .annotationIntrospector(new CoreFields())
                .addModule(values)
                .addModule(new Jdk8Module())
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
                .enable(DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .defaultPropertyInclusion(
                        JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.ALWAYS))
                .visibility(PropertyAccessor.GETTER, JsonAutoDetect.Visibility.NONE)
                .visibility(PropertyAccessor.IS_GETTER, JsonAutoDetect.Visibility.NONE)
                .visibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY)
                .withCoercionConfig(
                        LogicalType.Textual,
                        c -> List.of(CoercionInputShape.Integer, CoercionInputShape.Float, CoercionInputShape.Boolean)
                                .forEach(shape -> c.setCoercion(shape, CoercionAction.Fail)));
        JsonSetter.Value emptyOrWhole = JsonSetter.Value.construct(Nulls.AS_EMPTY, Nulls.FAIL);
        for (Class<?> type : List.of(List.class, Map.class, String.class)) {
            builder.withConfigOverride(type, o -> o.setSetterInfo(emptyOrWhole));
        }
        return builder;
    }

    private static SimpleModule values() {
        SimpleModule module = new SimpleModule();
        Bound.bind(module, Job.class, JobEntry.class, JobEntry::of, JobEntry::job);
        Bound.bind(module, Line.class, LineEntry.class, LineEntry::of, LineEntry::line);
        Bound.bind(module, Place.class, PlaceEntry.class, PlaceEntry::of, PlaceEntry::place);
        Bound.bind(module, Motif.class, MotifEntry.class, MotifEntry::of, MotifEntry::motif);
        Bound.bind(module, Source.class, SourceEntry.class, SourceEntry::of, SourceEntry::source);
        Bound.bind(module, Progress.class, ProgressEntry.class, ProgressEntry::of, ProgressEntry::progress);
        Bound.bind(module, KeptLayout.class, LayoutEntry.class, LayoutEntry::of, LayoutEntry::layout);
        Bound.bind(module, EmbeddedCatalogue.class, CarriedEntry.class, CarriedEntry::of, CarriedEntry::catalogue);
        Bound.bind(module, Point.class, double[].class, p -> new double[] {p.xMm(), p.yMm()}, JobMapper::point);
        module.addSerializer(Treatment.class, new TreatmentCodec.Writer(FIGURES));
        module.addDeserializer(Treatment.class, new TreatmentCodec.Reader(FIGURES));
        return module;
    }

    private static <K> void key(SimpleModule module, Class<K> type, Function<String, K> read) {
        module.addKeyDeserializer(type, new KeyDeserializer() {
            @Override
            public Object deserializeKey(String key, DeserializationContext context) {
                return read.apply(key);
            }
        });
    }

    private static Instant instant(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("\"" + text + "\" is no time", e);
        }
    }

    private static Point point(double[] numbers) {
        if (numbers.length < 2) {
            throw new IllegalArgumentException("is not a point");
        }
        return new Point(numbers[0], numbers[1]);
    }

    static JsonNode write(Object value, Assets.Writing assets) {
        try (TokenBuffer buffer = new TokenBuffer(MAPPER, false)) {
            MAPPER.writer().withAttribute(Assets.Writing.class, assets).writeValue(buffer, value);
            return MAPPER.readTree(buffer.asParser());
        } catch (IOException e) {
            throw new IllegalStateException("what is made here could not be written", e);
        }
    }

    /** @param at how the place of {@code tree} is told */
    static <T> T read(JsonNode tree, Class<T> type, String at, Assets.Reading assets, UnknownFields.Found found)
            throws Broken {
        try {
            return MAPPER.readerFor(type)
                    .withAttribute(Assets.Reading.class, assets)
                    .withAttribute(UnknownFields.Found.class, found)
                    .withHandler(found)
                    .readValue(tree);
        } catch (JsonMappingException e) {
            throw Misfit.of(e, at);
        } catch (IOException e) {
            throw new IllegalStateException("a tree cannot fail to be read", e);
        }
    }

    /** Enums are told in lower letters. */
    @SuppressWarnings("rawtypes")
    private static final class Lower extends StdSerializer<Enum> {
        private static final long serialVersionUID = 1L;
        private final boolean key;

        Lower(boolean key) {
            super(Enum.class);
            this.key = key;
        }

        @Override
        public void serialize(Enum e, JsonGenerator out, SerializerProvider provider) throws IOException {
            String name = e.name().toLowerCase(Locale.ROOT);
            if (key) {
                out.writeFieldName(name);
            } else {
                out.writeString(name);
            }
        }
    }
}
