package jurren.formats.jobfile;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.util.function.Predicate;

/** A number or a choice that may be left out, but if it is told is one: nothing else is taken for it, and null is not. */
final class Plain<T> extends StdDeserializer<T> {
    private static final long serialVersionUID = 1L;
    private final transient T absent;
    private final transient Predicate<JsonToken> isOne;
    private final transient Reading<T> reading;

    private interface Reading<T> {
        T of(JsonParser p) throws IOException;
    }

    private Plain(Class<T> type, T absent, Predicate<JsonToken> isOne, Reading<T> reading) {
        super(type);
        this.absent = absent;
        this.isOne = isOne;
        this.reading = reading;
    }

    static void addTo(SimpleModule module) {
        module.addDeserializer(
                double.class, new Plain<>(double.class, 0.0, JsonToken::isNumeric, JsonParser::getDoubleValue));
        module.addDeserializer(
                int.class, new Plain<>(int.class, 0, t -> t == JsonToken.VALUE_NUMBER_INT, JsonParser::getIntValue));
        module.addDeserializer(
                boolean.class, new Plain<>(boolean.class, false, JsonToken::isBoolean, JsonParser::getBooleanValue));
    }

    @Override
    public T deserialize(JsonParser p, DeserializationContext context) throws IOException {
        return isOne.test(p.currentToken()) ? reading.of(p) : refuse(context);
    }

    @Override
    public T getNullValue(DeserializationContext context) throws JsonMappingException {
        return refuse(context);
    }

    @Override
    public Object getAbsentValue(DeserializationContext context) {
        return absent;
    }

    private T refuse(DeserializationContext context) throws JsonMappingException {
        return context.reportInputMismatch(handledType(), "not of its kind");
    }
}
