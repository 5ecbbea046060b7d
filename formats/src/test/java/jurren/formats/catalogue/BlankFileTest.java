package jurren.formats.catalogue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;
import jurren.core.blank.OwnBlank;
import jurren.core.blank.Panel;
import jurren.core.blank.Surface;
import jurren.core.blank.Vessel;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.job.Shop;
import jurren.core.material.Colour;
import jurren.formats.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

class BlankFileTest {
    private static final Shop SHOP = BuiltInShop.read();

    @TempDir
    Path folder;

    private static String json(String id) {
        return new String(BlankFile.write(SHOP.blank(id).orElseThrow()), StandardCharsets.UTF_8);
    }

    private static Refusal refusal(String text) {
        assertThat(BlankFile.read("b.json", text.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(BlankRead.Refused.class);
        return ((BlankRead.Refused) BlankFile.read("b.json", text.getBytes(StandardCharsets.UTF_8))).refusal();
    }

    @Test
    void everyBlankOfTheCatalogueReadsBackAsItWas() {
        assertThat(SHOP.blanks())
                .hasSizeGreaterThanOrEqualTo(30)
                .allSatisfy(b ->
                        assertThat(BlankFile.read(b.id(), BlankFile.write(b))).isEqualTo(new BlankRead.Taken(b)));
        assertThat(SHOP.blanks())
                .extracting(Blank::id)
                .contains(
                        "tee-adult",
                        "tee-youth",
                        "mug-11",
                        "tumbler-straight-20",
                        "tumbler-tapered-20",
                        "jar-16",
                        "laptop-lid-14",
                        "stencil-plate-140")
                .doesNotHaveDuplicates();
    }

    /**
     * Figures of the catalogue against each other: areas lie on the thing, clear of what is in the way of all of it.
     */
    @Test
    void everyFaceHasRoomForArt() {
        for (Blank b : SHOP.blanks()) {
            b.sizes()
                    .forEach(s -> s.faces().forEach(f -> {
                        assertThat(f.whole().covers(f.area().box(), 0.2))
                                .as(b.id() + " " + s.id() + " " + f.id())
                                .isTrue();
                        Region free = Region.of(f.area().box())
                                .minus(Region.weld(f.obstacles().stream()
                                        .map(o -> o.region())
                                        .toList()));
                        assertThat(free.areaMm2())
                                .as(b.id() + " " + f.id())
                                .isGreaterThan(0.6 * f.area().box().areaMm2());
                        assertThat(f.artWidthMm())
                                .as(b.id() + " " + f.id())
                                .isLessThanOrEqualTo(f.area().widthMm() + 1e-9);
                    }));
        }
    }

    /** Measures as the trade knows them. */
    @ParameterizedTest
    @CsvSource({"mug-11, 82, 82, 96", "tumbler-straight-20, 74, 74, 208", "tumbler-tapered-20, 87, 66, 165"})
    void drinkwareHasTrueMeasures(String id, double top, double foot, double slant) {
        assertThat(SHOP.blank(id).orElseThrow().reference().faces().getFirst().surface())
                .isEqualTo(new Surface.Round(top, foot, slant));
    }

    @Test
    void whatIsWrongIsNamedByLineAndField() {
        assertThat(refusal(json("mug-11").replace("\"slantMm\" : 96.0", "\"slantMm\" : -96.0"))
                        .detail())
                .matches("line \\d+, sizes\\[0\\]\\.faces\\[0\\]\\.form.*slant.*-96.*");
        assertThat(refusal(json("mug-11").replace("\"heightMm\" :", "\"hight\" :"))
                        .detail())
                .isEqualTo("line 47, sizes[0].faces[0].area.heightMm is missing");
        assertThat(refusal(json("mug-11").replaceFirst("\\}\\s*$", "")).detail())
                .startsWith("line ");
        assertThat(refusal("[]").reason()).isEqualTo(Refusal.Reason.BROKEN_BLANK);
        assertThat(refusal("null").detail()).isEqualTo("there is nothing in it");
        assertThat(refusal(json("mug-11").replace("\"stuff\" : \"CERAMIC\"", "\"stuff\" : \"CHEESE\""))
                        .detail())
                .contains("madeOf.stuff")
                .contains("CHEESE")
                .doesNotContain("jurren.core");
    }

    @Test
    void aBrokenFileIsNamedAndTheRestLoads() throws IOException {
        OwnBlanks own = new OwnBlanks(folder);
        Face wrap = OwnBlank.face(
                        "face",
                        "wrap",
                        OwnBlank.round(
                                Vessel.Profile.CUP, OwnBlank.diameterOf(251.33), OwnBlank.diameterOf(188.5), 110),
                        8)
                .withTurnedInUse(true)
                .withFurther(List.of(
                        new Obstacle(Obstacle.Kind.EYELET, new Obstacle.Disc(20, 30, 12)),
                        new Obstacle(Obstacle.Kind.HANDLE, new Obstacle.Rect(100, 0, 25, 110)),
                        new Obstacle(
                                Obstacle.Kind.OTHER,
                                new Obstacle.Drawn(List.of(new Point(0, 0), new Point(9, 0), new Point(4, 7))))));
        Blank cup = OwnBlank.of(
                        "own-cup",
                        "Cup",
                        SHOP.blank("mug-11").orElseThrow().madeOf().bearing(170, 240),
                        new BlankColour("own", "as measured", Colour.of("#FFFFFF")),
                        wrap)
                .withFaceAdded(OwnBlank.face("lid", "lid", OwnBlank.flat(Panel.Cut.DISC, 80, 80), 4));
        own.save(cup);
        Files.writeString(folder.resolve("bad.json"), "{ \"id\": 7,,");

        assertThat(own.read().blanks()).containsExactly(cup);
        assertThat(own.read().refused()).singleElement().satisfies(r -> {
            assertThat(r.file()).isEqualTo("bad.json");
            assertThat(r.detail()).startsWith("line 1");
        });
        assertThat(SHOP.withOwn(own.read().blanks()).blank("own-cup")).isPresent();
        own.remove("own-cup");
        assertThat(own.read().blanks()).isEmpty();
    }

    @Test
    void aTapeRoundItAndARulerAcrossItAgree() {
        Face face = OwnBlank.face(
                "face", "wrap", OwnBlank.round(Vessel.Profile.CUP, OwnBlank.diameterOf(Math.PI * 80), 80, 100), 5);
        assertThat(face.surface()).isEqualTo(new Surface.Round(80, 80, 100));
        assertThat(face.area().widthMm()).isEqualTo(Math.PI * 80);
        assertThat(face.area().heightMm()).isEqualTo(90);
    }
}
