package jurren.formats.jobfile;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.annotation.JsonDeserialize;
import com.fasterxml.jackson.databind.annotation.JsonSerialize;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;

/**
 * One of the customer's files, which stands beside the job and is named in it.
 *
 * @param name as the customer calls it; where it was read, as it is called in the job
 */
@JsonSerialize(using = Asset.Writer.class)
@JsonDeserialize(using = Asset.Reader.class)
record Asset(String name, byte[] content) {
    static final class Writer extends StdSerializer<Asset> {
        private static final long serialVersionUID = 1L;

        Writer() {
            super(Asset.class);
        }

        @Override
        public void serialize(Asset asset, JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeString(
                    ((Assets.Writing) provider.getAttribute(Assets.Writing.class)).add(asset.name(), asset.content()));
        }
    }

    static final class Reader extends StdDeserializer<Asset> {
        private static final long serialVersionUID = 1L;

        Reader() {
            super(Asset.class);
        }

        @Override
        public Asset deserialize(JsonParser p, DeserializationContext context) throws IOException {
            String name = p.getText();
            return new Asset(
                    name,
                    ((Assets.Reading) context.getAttribute(Assets.Reading.class))
                            .get(name)
                            .orElseThrow(() -> JsonMappingException.from(context, name + " is missing")));
        }
    }
}
