package jurren.formats.catalogue;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import jurren.core.blank.Blank;
import jurren.formats.Refusal;
import jurren.formats.Refusal.Reason;
import jurren.formats.files.JsonMisfit;
import jurren.formats.files.WholeFile;

/** One blank as JSON, as docs/catalogue.md says. What is wrong in it is named by line and field. */
public final class BlankFile {
    /** A blank with a thousand sizes stays below this. */
    private static final long MOST_BYTES = 4_000_000;

    private static final ObjectMapper MAPPER = CatalogueMapper.make();

    private BlankFile() {}

    public static BlankRead read(Path file) {
        String name = file.getFileName().toString();
        try {
            if (Files.size(file) > MOST_BYTES) {
                return new BlankRead.Refused(new Refusal(Reason.TOO_LARGE, name, Files.size(file) / 1_000_000 + " MB"));
            }
            return read(name, WholeFile.read(file));
        } catch (IOException e) {
            return new BlankRead.Refused(
                    new Refusal(Reason.UNREADABLE, name, e.getClass().getSimpleName()));
        }
    }

    public static BlankRead read(String name, byte[] content) {
        try {
            Blank blank = MAPPER.readValue(content, Blank.class);
            return blank == null ? refused(name, "there is nothing in it") : new BlankRead.Taken(blank);
        } catch (JsonMappingException e) {
            return refused(name, line(e) + JsonMisfit.told(e, ""));
        } catch (JsonProcessingException e) {
            return refused(name, line(e) + JsonMisfit.what(e));
        } catch (IOException e) {
            return refused(name, String.valueOf(e.getMessage()));
        }
    }

    private static BlankRead refused(String name, String detail) {
        return new BlankRead.Refused(new Refusal(Reason.BROKEN_BLANK, name, detail));
    }

    private static String line(JsonProcessingException e) {
        return e.getLocation() == null ? "" : "line " + e.getLocation().getLineNr() + ", ";
    }

    public static byte[] write(Blank blank) {
        try {
            return (MAPPER.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(blank) + "\n")
                    .getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a blank could not be written", e);
        }
    }
}
