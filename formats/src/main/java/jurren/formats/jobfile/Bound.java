package jurren.formats.jobfile;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.function.Function;

/** A value of the core that a file tells by another. */
final class Bound {
    private Bound() {}

    static <C, E> void bind(
            SimpleModule module, Class<C> core, Class<E> entry, Function<C, E> write, Function<E, C> read) {
        module.addSerializer(core, new Writer<>(core, write));
        module.addDeserializer(core, new Reader<>(core, entry, read));
    }

    private static final class Writer<C> extends StdSerializer<C> {
        private static final long serialVersionUID = 1L;
        private final transient Function<C, ?> write;

        Writer(Class<C> core, Function<C, ?> write) {
            super(core);
            this.write = write;
        }

        @Override
        public void serialize(C value, JsonGenerator out, SerializerProvider provider) throws IOException {
            provider.defaultSerializeValue(write.apply(value), out);
        }
    }

    private static final class Reader<C, E> extends StdDeserializer<C> {
        private static final long serialVersionUID = 1L;
        private final Class<E> entry;
        private final transient Function<E, C> read;

        Reader(Class<C> core, Class<E> entry, Function<E, C> read) {
            super(core);
            this.entry = entry;
            this.read = read;
        }

        @Override
        public C deserialize(JsonParser p, DeserializationContext context) throws IOException {
            return read.apply(context.readValue(p, entry));
        }
    }
}
