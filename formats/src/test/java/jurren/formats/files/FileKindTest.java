package jurren.formats.files;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import javax.imageio.ImageIO;
import jurren.core.art.DrawingFile;
import jurren.formats.Refusal;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.opening.AnyDrawing;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class FileKindTest {
    private static byte[] latin(String text) {
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Dear customer, twelve tees|TEXT",
                "<!DOCTYPE html><html>|WEB_PAGE",
                "<svg/>|MARKUP",
                "%PDF-1.7|PDF",
                "{\"a\": 1}|JSON",
                "PK job.json|JOB",
                "PK [Content_Types].xml|OFFICE",
                "PK something|PACKED",
                "OTTO|FONT",
                "ID3|SOUND",
                "MZ|PROGRAM",
                "xxxxftypheic....|PHONE_PHOTO",
                "xxxxftypmp42....|FILM",
                "Rar!|PACKED"
            })
    void aFileIsKnownByItsFirstBytes(String head, FileKind kind) {
        assertThat(FileKind.of(latin(head))).isEqualTo(kind);
    }

    @Test
    void noiseIsOfNoKindAndNothingIsReadBeyondItsEnd() {
        byte[] noise = new byte[5000];
        new Random(3).nextBytes(noise);
        noise[0] = 9;
        assertThat(FileKind.of(noise)).isEqualTo(FileKind.UNKNOWN);
        for (int n = 0; n < 40; n++) {
            assertThat(FileKind.of(Arrays.copyOf(noise, n))).isNotNull();
        }
    }

    @ParameterizedTest
    @EnumSource(FileKind.class)
    void everyKindHasItsWords(FileKind kind) {
        assertThat(new Words(Units.AMERICAN).refusal(new Refusal(Refusal.Reason.SOMETHING_ELSE, "x.svg", kind.key())))
                .startsWith("x.svg is ");
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpg", "png"})
    void halfAPictureIsToldAsHalfAPicture(String format) throws IOException {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(5);
        for (int i = 0; i < 400 * 300; i++) {
            image.setRGB(i % 400, i / 400, random.nextInt());
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        byte[] half = Arrays.copyOf(out.toByteArray(), out.size() / 2);
        assertThat(FileKind.isHalfPicture(half)).isTrue();
        assertThat(FileKind.isHalfPicture(out.toByteArray())).isFalse();
        if (PictureReader.read("half." + format, half) instanceof PictureRead.Refused r) {
            assertThat(new Words(Units.AMERICAN).refusal(r.refusal()))
                    .contains("half a " + (format.equals("jpg") ? "JPEG" : "PNG"));
        } else {
            // what came of it before its end was missing can be shown, as viewers do
            assertThat(format).isEqualTo("jpg");
        }
    }

    @Test
    void whatNobodyCanDrawFromIsRefusedByWhatItIs() {
        DrawingRead read = AnyDrawing.read(new DrawingFile("order.svg", latin("Dear customer")));
        assertThat(read).isInstanceOfSatisfying(DrawingRead.Refused.class, r -> {
            assertThat(r.refusal().reason()).isEqualTo(Refusal.Reason.SOMETHING_ELSE);
            assertThat(new Words(Units.AMERICAN).refusal(r.refusal())).contains("order.svg is a text document");
        });
    }
}
