package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.PrintedPicture;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.layer.Edging;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.core.trace.Picture;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import jurren.formats.picture.PictureWriter;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Pictures and prints that nobody should bring, and what is said of them. */
@Tag("long")
class BadPicturesTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static Motif dot() {
        PictureRead.Taken read = (PictureRead.Taken)
                PictureReader.read("dot.png", PictureWriter.png(Picture.ofOwned(1, 1, new int[] {0xFFE8743B})));
        return new Motif(
                "m1",
                "dot",
                new PrintedPicture(read.file(), PrintedPicture.Crop.NONE, 1, 20, 20),
                List.of(),
                Pose.at(0, 74));
    }

    private static Plan plan(Line line) {
        return new Planner().plan(DemoJob.simple().withLines(List.of(line)), BuiltInShop.read());
    }

    private static Line cups() {
        return DemoJob.simple().line("B").orElseThrow();
    }

    /** It is printed, as one large square, and said to be coarse. */
    @Test
    void aPictureOfOnePixel() {
        Plan plan = plan(cups().withMotifs(List.of(dot())));
        assertThat(plan.snags()).hasAtLeastOneElementOfType(Snag.CoarsePicture.class);
        assertThat(plan.lines().getFirst().drawn().layers()).hasSize(1);
        assertThat(plan.lines()
                        .getFirst()
                        .drawn()
                        .art()
                        .paints()
                        .getFirst()
                        .region()
                        .areaMm2())
                .isCloseTo(400, org.assertj.core.api.Assertions.within(1e-6));
    }

    @Test
    void aPictureThatIsClearEverywhereMakesNothing() {
        PictureRead.Taken read = (PictureRead.Taken)
                PictureReader.read("clear.png", PictureWriter.png(Picture.ofOwned(20, 20, new int[400])));
        Motif clear = new Motif(
                "m1",
                "clear",
                new PrintedPicture(read.file(), PrintedPicture.Crop.NONE, 1, 1, 1),
                List.of(),
                Pose.at(0, 74));
        Plan plan = plan(cups().withMotifs(List.of(clear)));
        assertThat(plan.lines().getFirst().drawn().layers()).isEmpty();
        assertThat(plan.prints()).isEmpty();
    }

    /** Set back, a base is smaller than its print, which is right: ink stays only where the base is. */
    @Test
    void aBaseSmallerThanItsPrint() {
        Line tees = DemoJob.make().line("A").orElseThrow().at(1);
        LinePlan some = new Planner()
                        .plan(
                                DemoJob.make()
                                        .withLine("A", _ -> tees.withEdging("flock-base", new Edging(-2, true, false))),
                                BuiltInShop.read())
                        .lines()
                        .stream()
                        .filter(l -> l.place().equals("back"))
                        .findFirst()
                        .orElseThrow();
        assertThat(some.drawn().layers()).extracting(Layer::role).containsExactly(Layer.Role.BASE, Layer.Role.PRINT);
        assertThat(some.drawn().layers().getFirst().region().areaMm2())
                .isLessThan(some.drawn().art().bounds().orElseThrow().areaMm2());
        assertThat(some.drawn()
                        .layers()
                        .getLast()
                        .region()
                        .minus(some.drawn().layers().getFirst().region())
                        .areaMm2())
                .as("ink stays only where the base is")
                .isLessThan(1e-6);
    }

    /** One colour of two materials is two films, two loads, and neither takes the other's name. */
    @Test
    void twoFilmsOfOneColour() {
        Line tees = DemoJob.simple().line("A").orElseThrow();
        Plan plan = plan(tees.withMotif("m3", m -> m.withFilms(Films.allOf("flock-film"))));
        List<Layer> cream = plan.lines().getFirst().drawn().layers().stream()
                .filter(l -> l.colour().hex().equals("#F6EFDC"))
                .toList();
        assertThat(cream).extracting(l -> l.material().id()).containsExactlyInAnyOrder("smooth-film", "flock-film");
        assertThat(plan.runs().stream()
                        .map(r -> r.load().material().id() + r.load().colour())
                        .distinct())
                .hasSameSizeAs(plan.runs());
    }

    static Stream<Map.Entry<String, String>> nonsense() {
        return Stream.of(
                Map.entry("opacity", "0"),
                Map.entry("opacity", "1.5"),
                Map.entry("opacity", "-1"),
                Map.entry("mmPerPxAcross", "0"),
                Map.entry("mmPerPxDown", "-2"),
                Map.entry("crop", "{\"left\": 0.7, \"right\": 0.6}"),
                Map.entry("crop", "{\"top\": -0.1}"),
                Map.entry("file", "\"assets/gone.png\""));
    }

    @ParameterizedTest
    @MethodSource
    void nonsense(Map.Entry<String, String> change) throws Exception {
        Map<String, byte[]> assets = new HashMap<>();
        ArrayNode motifs = MotifJson.writeAll(List.of(dot()), assets);
        assertThat(MotifJson.readAll(motifs, assets)).as("as it was").containsExactly(dot());
        JsonNode value = MAPPER.readTree(change.getValue());
        ((ObjectNode) motifs.path(0).path("source")).set(change.getKey(), value);
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> MotifJson.readAll(motifs, assets)))
                .as("%s %s", change.getKey(), value)
                .isInstanceOf(Broken.class);
    }

    @Test
    void aPictureThatCannotBeReadAnyMoreIsNamed() {
        Map<String, byte[]> assets = new HashMap<>();
        ArrayNode motifs = MotifJson.writeAll(List.of(dot()), assets);
        assets.replaceAll((_, _) -> new byte[] {1, 2, 3});
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> MotifJson.readAll(motifs, assets)))
                .isInstanceOf(Broken.class)
                .hasMessageContaining("assets/");
    }

    @Test
    void theDemoWithItsPictureIsTheSameWhenItComesBack() {
        Job demo = DemoJob.make();
        Map<String, byte[]> assets = new HashMap<>();
        List<Motif> back = demo.line("A").orElseThrow().at(1).motifs();
        ArrayNode written = MotifJson.writeAll(back, assets);
        assertThat(assets.values()).hasSize(1);
        assertThat(org.assertj.core.api.Assertions.catchThrowable(
                        () -> assertThat(MotifJson.readAll(written, assets)).isEqualTo(back)))
                .isNull();
    }
}
