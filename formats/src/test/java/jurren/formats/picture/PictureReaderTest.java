package jurren.formats.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import jurren.core.trace.Picture;
import jurren.formats.Refusal.Reason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class PictureReaderTest {
    /** Wider than high, red in the upper left corner and blue in the lower right. */
    private static byte[] picture(String format) throws Exception {
        BufferedImage image = new BufferedImage(40, 24, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 40, 24);
        g.setColor(Color.RED);
        g.fillRect(0, 0, 16, 16);
        g.setColor(Color.BLUE);
        g.fillRect(24, 8, 16, 16);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, format, out)).isTrue();
        return out.toByteArray();
    }

    private static Picture taken(PictureRead read) {
        assertThat(read).as(String.valueOf(read)).isInstanceOf(PictureRead.Taken.class);
        return ((PictureRead.Taken) read).file().picture();
    }

    private static Reason refused(byte[] content) {
        PictureRead read = PictureReader.read("a.png", content);
        assertThat(read).isInstanceOf(PictureRead.Refused.class);
        return ((PictureRead.Refused) read).refusal().reason();
    }

    private static boolean isRed(int argb) {
        return (argb >> 16 & 0xFF) > 200 && (argb & 0xFF) < 60;
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg", "bmp", "gif", "tiff"})
    void everyKindIsRead(String format) throws Exception {
        Picture p = taken(PictureReader.read("a." + format, picture(format)));
        assertThat(p.width()).isEqualTo(40);
        assertThat(p.height()).isEqualTo(24);
        assertThat(isRed(p.argb(4, 4))).isTrue();
        assertThat(p.argb(20, 20) | 0x0F0F0F).isEqualTo(0xFFFFFFFF);
    }

    @Test
    void webpIsRead() {
        // a lossless picture of 1 x 1, as the format's description gives it
        byte[] webp = java.util.Base64.getDecoder().decode("UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA==");
        Picture p = taken(PictureReader.read("a.webp", webp));
        assertThat(p.width() * p.height()).isEqualTo(1);
    }

    /** The camera's orientation in a tag of its own, as cameras write it. */
    private static byte[] turned(byte[] jpeg, int orientation) {
        ByteBuffer tag = ByteBuffer.allocate(36);
        tag.putShort((short) 0xFFE1)
                .putShort((short) 34)
                .put("Exif\0\0MM\0*".getBytes(java.nio.charset.StandardCharsets.ISO_8859_1))
                .putInt(8)
                .putShort((short) 1)
                .putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0)
                .putInt(0);
        ByteBuffer all = ByteBuffer.allocate(jpeg.length + 36);
        return all.put(jpeg, 0, 2)
                .put(tag.array())
                .put(jpeg, 2, jpeg.length - 2)
                .array();
    }

    @ParameterizedTest
    @CsvSource({
        "1, 40, 4, 4",
        "2, 40, 36, 4",
        "3, 40, 36, 20",
        "4, 40, 4, 20",
        "5, 24, 4, 4",
        "6, 24, 20, 4",
        "7, 24, 20, 36",
        "8, 24, 4, 36"
    })
    void pictureIsTurnedAsTheCameraSays(int orientation, int width, int redX, int redY) throws Exception {
        Picture p = taken(PictureReader.read("a.jpg", turned(picture("jpeg"), orientation)));
        assertThat(p.width()).isEqualTo(width);
        assertThat(isRed(p.argb(redX, redY))).as("the red corner").isTrue();
    }

    @Test
    void aResolutionTagGivesASizeAndNoTagNone() throws Exception {
        assertThat(((PictureRead.Taken) PictureReader.read("a.png", picture("png"))).perInch())
                .isEmpty();
        byte[] png = picture("png");
        ByteBuffer chunk = ByteBuffer.allocate(21)
                .putInt(9)
                .put("pHYs".getBytes(java.nio.charset.StandardCharsets.US_ASCII))
                .putInt(11811)
                .putInt(11811)
                .put((byte) 1);
        CRC32 crc = new CRC32();
        crc.update(chunk.array(), 4, 13);
        chunk.putInt((int) crc.getValue());
        byte[] tagged = ByteBuffer.allocate(png.length + 21)
                .put(png, 0, 33)
                .put(chunk.array())
                .put(png, 33, png.length - 33)
                .array();
        assertThat(((PictureRead.Taken) PictureReader.read("a.png", tagged))
                        .perInch()
                        .orElseThrow())
                .isCloseTo(300, within(0.01));
    }

    @Test
    void whatIsNoPictureTooLargeOrDamagedIsRefused() throws Exception {
        assertThat(refused(new byte[0])).isEqualTo(Reason.EMPTY);
        assertThat(refused("hello".getBytes(java.nio.charset.StandardCharsets.US_ASCII)))
                .isEqualTo(Reason.NOT_A_PICTURE);
        byte[] png = picture("png");
        byte[] huge = png.clone();
        ByteBuffer.wrap(huge).putInt(16, 60_000).putInt(20, 60_000);
        CRC32 crc = new CRC32();
        crc.update(huge, 12, 17);
        ByteBuffer.wrap(huge).putInt(29, (int) crc.getValue());
        assertThat(refused(huge)).as("3,600 million pixels in a few bytes").isEqualTo(Reason.PICTURE_TOO_LARGE);
        assertThat(refused(java.util.Arrays.copyOf(png, 45))).isEqualTo(Reason.SOMETHING_ELSE);
    }

    @Test
    void turnedBitsAreNeverAnException() throws Exception {
        for (String format : new String[] {"png", "jpeg", "bmp", "gif", "tiff"}) {
            byte[] good = picture(format);
            for (int seed = 0; seed < 40; seed++) {
                byte[] bad = good.clone();
                Random random = new Random(seed);
                for (int i = 0; i < 1 + seed % 5; i++) {
                    bad[random.nextInt(bad.length)] ^= (byte) (1 << random.nextInt(8));
                }
                assertThat(PictureReader.read("bad." + format, bad)).isNotNull();
            }
        }
    }

    @Test
    void aPictureWrittenIsThePictureRead() {
        int[] argb = new Random(3).ints(30 * 20).toArray();
        Picture p = Picture.ofOwned(30, 20, argb);
        Picture again = taken(PictureReader.read("a.png", PictureWriter.png(p)));
        for (int y = 0; y < 20; y++) {
            for (int x = 0; x < 30; x++) {
                assertThat(again.argb(x, y)).isEqualTo(p.argb(x, y));
            }
        }
    }

    /**
     * A TIFF in the colours of print, written by hand: one pixel without cyan, one with nothing else, one of all black
     * ink.
     */
    @Test
    void aTiffInTheColoursOfPrintIsRead() {
        byte[] inks = {0, -1, -1, 0, -1, 0, 0, 0, 0, 0, 0, -1};
        int[][] entries = {
            {256, 3, 1, 3},
            {257, 3, 1, 1},
            {258, 3, 4, 8 + 2 + 10 * 12 + 4},
            {259, 3, 1, 1},
            {262, 3, 1, 5},
            {273, 4, 1, 8 + 2 + 10 * 12 + 4 + 8},
            {277, 3, 1, 4},
            {278, 3, 1, 1},
            {279, 4, 1, inks.length},
            {332, 3, 1, 1}
        };
        ByteBuffer tiff =
                ByteBuffer.allocate(8 + 2 + 10 * 12 + 4 + 8 + inks.length).order(java.nio.ByteOrder.LITTLE_ENDIAN);
        tiff.put((byte) 'I').put((byte) 'I').putShort((short) 42).putInt(8).putShort((short) entries.length);
        for (int[] e : entries) {
            tiff.putShort((short) e[0]).putShort((short) e[1]).putInt(e[2]).putInt(e[3]);
        }
        tiff.putInt(0);
        for (int i = 0; i < 4; i++) {
            tiff.putShort((short) 8);
        }
        tiff.put(inks);
        Picture p = taken(PictureReader.read("a.tif", tiff.array()));
        assertThat(p.width()).isEqualTo(3);
        assertThat(p.argb(0, 0) >> 16 & 0xFF).as("magenta and yellow are red").isGreaterThan(200);
        assertThat(p.argb(0, 0) & 0xFF).isLessThan(90);
        assertThat(p.argb(1, 0) >> 16 & 0xFF).as("cyan has no red").isLessThan(90);
        assertThat(p.argb(1, 0) & 0xFF).isGreaterThan(180);
        assertThat(new Color(p.argb(2, 0)).getRed()).isLessThan(90);
    }

    @Test
    void halfAJpegIsNoPictureWithAGreyFoot() throws Exception {
        byte[] whole = picture("jpeg");
        for (int cut : new int[] {whole.length - 2, whole.length * 3 / 4, whole.length / 2}) {
            assertThat(refused(Arrays.copyOf(whole, cut)))
                    .as("%d bytes", cut)
                    .isIn(Reason.BROKEN_PICTURE, Reason.SOMETHING_ELSE);
        }
        byte[] behind = Arrays.copyOf(whole, whole.length + 50);
        assertThat(taken(PictureReader.read("a.jpg", behind)).width()).isEqualTo(40);
    }

    /** Half a megabyte that would unpack to five hundred. */
    @Test
    void aTextInAPngIsNeverUnpacked() throws Exception {
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.write("Comment\0\0".getBytes(java.nio.charset.StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream packed = new DeflaterOutputStream(text)) {
            byte[] zeros = new byte[1 << 20];
            for (int i = 0; i < 500; i++) {
                packed.write(zeros);
            }
        }
        byte[] png = picture("png");
        ByteBuffer bomb = ByteBuffer.allocate(png.length + text.size() + 12);
        CRC32 crc = new CRC32();
        crc.update("zTXt".getBytes());
        crc.update(text.toByteArray());
        bomb.put(png, 0, 33)
                .putInt(text.size())
                .put("zTXt".getBytes())
                .put(text.toByteArray())
                .putInt((int) crc.getValue())
                .put(png, 33, png.length - 33);
        assertThat(Chunks.plain(bomb.array())).isEqualTo(png);
        assertThat(taken(PictureReader.read("a.png", bomb.array())).width()).isEqualTo(40);
    }
}
