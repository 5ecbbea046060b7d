package jurren.formats.catalogue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import jurren.core.finish.HandTime;
import jurren.core.finish.HandTimes;
import jurren.core.job.MyShop;
import jurren.core.job.Prices;
import jurren.core.job.Shop;
import jurren.core.load.Connection;
import jurren.core.load.Cutter;
import jurren.core.load.Dialect;
import jurren.core.load.Feed;
import jurren.core.load.Head;
import jurren.core.load.Sensors;
import jurren.core.material.CutSettings;
import jurren.core.material.Material;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class MyShopFileTest {
    private static final Shop SHIPPED = BuiltInShop.read();
    private static final ObjectMapper MAPPER = new ObjectMapper();

    @TempDir
    Path folder;

    private Path path;
    private MyShopFile file;

    @BeforeEach
    void open() {
        path = folder.resolve("shop.json");
        file = new MyShopFile(path, SHIPPED.mine());
    }

    private static Material tuned() {
        Material m = SHIPPED.material("smooth-film").orElseThrow();
        return new Material(
                m.id(),
                m.name(),
                m.process(),
                m.thicknessMm(),
                m.leastStrokeMm(),
                m.topOnly(),
                m.directed(),
                m.recipe(),
                m.printRecipe(),
                new CutSettings(115, 200, 0.15, 1),
                12.5,
                m.colours());
    }

    private void broken(Consumer<ObjectNode> change) throws IOException {
        file.change(s -> s.withFilm(tuned())
                .withPrices(new Prices("€", 42, 2, 0.1, 3, 25, 0.35))
                .withNote("smooth-film", "155 °C, warm"));
        JsonNode root = MAPPER.readTree(path.toFile());
        change.accept((ObjectNode) root);
        MAPPER.writeValue(path.toFile(), root);
    }

    @Test
    void nothingChangedIsAsShipped() {
        assertThat(file.read().shop()).isEqualTo(SHIPPED.mine());
        assertThat(SHIPPED.with(file.read().shop())).isEqualTo(SHIPPED);
    }

    @Test
    void whatWasChangedComesBackAndChangesPlans() throws IOException {
        Cutter wide = new Cutter(
                "mine",
                "Mine",
                500,
                10,
                12,
                20,
                500,
                0.05,
                0.02,
                0.7,
                new Head(30, 150, 0.3, false, false, 900, 4),
                new Connection(Connection.Kind.PORT, "10.0.0.7:9100"),
                new Dialect(
                        Dialect.Start.FAR_LEFT,
                        0.0254,
                        Dialect.Ending.CR,
                        Dialect.Moves.FROM_HERE,
                        true,
                        Dialect.Answers.AT_ONCE),
                new Sensors(true, false),
                new Feed(610, 60, 4, List.of(new Feed.Zone(0, 80), new Feed.Zone(250, 500))));
        MyShop written = file.change(s -> s.withFilm(tuned())
                .withCutters(List.of(wide, s.cutters().getFirst()))
                .withNote("smooth-film", "test first")
                .withPrices(new Prices("€", 42, 2, 0.1, 3, 25, 0.35)));
        MyShop read = new MyShopFile(path, SHIPPED.mine()).read().shop();
        assertThat(read).isEqualTo(written);
        Shop mine = SHIPPED.with(read);
        assertThat(mine.cutter()).isEqualTo(wide);
        assertThat(mine.materials()).hasSameSizeAs(SHIPPED.materials());

        Plan before = new Planner().plan(DemoJob.simple(), SHIPPED);
        Plan after = new Planner().plan(DemoJob.simple(), mine);
        assertThat(after.runs())
                .allMatch(r -> r.cutter().equals(wide))
                .filteredOn(r -> r.load().material().id().equals("smooth-film"))
                .isNotEmpty()
                .allMatch(r -> r.forceGf() == 115);
        // by hand: hours go by the new rate, things by the piece, the margin on all of it
        double hours = before.quote().pressTime() / 30;
        assertThat(after.quote().pressTime()).isCloseTo(hours * 42, org.assertj.core.api.Assertions.within(1e-6));
        int pieces = DemoJob.simple().lines().stream().mapToInt(l -> l.copies()).sum();
        assertThat(after.quote().things()).isCloseTo(3.0 * pieces, org.assertj.core.api.Assertions.within(1e-9));
        double cost = after.quote().film()
                + after.quote().pressTime()
                + after.quote().things()
                + after.quote().ink();
        assertThat(after.quote().margin()).isCloseTo(cost * 0.35, org.assertj.core.api.Assertions.within(1e-6));
        assertThat(after.quote().total()).isCloseTo(cost * 1.35, org.assertj.core.api.Assertions.within(1e-6));
    }

    @Test
    void timesThatAreNotAsUsualAreKeptByTheirWords() throws IOException {
        Prices slow = SHIPPED.prices().withTimes(HandTimes.USUAL.with(HandTime.VINYL_TAPE, 70));
        file.change(s -> s.withPrices(slow));
        assertThat(Files.readString(path))
                .contains("\"times\"", "\"vinyl-tape\" : 70.0")
                .doesNotContain("vinyl-lay");
        assertThat(file.read().shop().prices()).isEqualTo(slow);
        broken(root -> ((ObjectNode) root.path("prices")).putObject("times").put("vinyl-tape", "long"));
        assertThat(file.read().refused().getFirst().detail()).contains("times.vinyl-tape");
    }

    @Test
    void aTunedFilmGoesBackToAsShipped() throws IOException {
        file.change(s -> s.withFilm(tuned()));
        MyShop back = file.change(s -> s.withoutFilm("smooth-film"));
        assertThat(SHIPPED.with(back)).isEqualTo(SHIPPED);
    }

    @ParameterizedTest
    @CsvSource({
        "/films/0/thicknessMm, -1, films[0], thinner",
        "/films/0/recipe/leastS, 99, films[0], least",
        "/cutters/0/widthMm, 3, cutters[0], measures",
        "/cutters/0/widthMm, 1e9, cutters[0], widthMm",
        "/cutters/1/head/mostGf, 1, cutters[1], least <= most force",
        "/cutters/1/feed/rollers, 1, cutters[1], rollers",
        "/cutters/1/feed/leastMm, 700, cutters[1], narrowest",
        "/cutters/0/head/pen, 9, cutters[0], pen",
        "/presses/2/mostCelsius, 900, presses[2], mostCelsius",
        "/printers/0/perInch, 1, printers[0], measures",
        "/prices/hands, 0, prices, hands",
        "/prices/wasteShare, 7, prices, waste"
    })
    void whatCannotBeIsNamedAndTheRestIsUsed(String field, double value, String where, String why) throws IOException {
        broken(root -> ((ObjectNode) root.at(field.substring(0, field.lastIndexOf('/'))))
                .put(field.substring(field.lastIndexOf('/') + 1), value));
        MyShopFile.Contents found = file.read();
        assertThat(found.refused()).singleElement().satisfies(r -> {
            assertThat(r.file()).isEqualTo("shop.json, " + where);
            assertThat(r.detail()).contains(why);
        });
        assertThat(found.shop().notes()).containsEntry("smooth-film", "155 °C, warm");
        assertThat(found.shop().presses()).isNotEmpty();
        assertThat(found.shop().cutters()).isNotEmpty();
        JsonNode was = MAPPER.readTree(path.toFile());
        file.change(s -> s.withNote("glitter-film", "slow"));
        JsonNode is = MAPPER.readTree(path.toFile());
        assertThat(values(is, field))
                .as("it is kept as it was")
                .contains(was.at(field).asText());
    }

    /** The broken entry may have moved to the end of its list. */
    private static List<String> values(JsonNode root, String field) {
        String list = field.split("/")[1];
        if (!(root.path(list) instanceof ArrayNode a)) {
            return List.of(root.at(field).asText());
        }
        String rest = field.substring(field.indexOf('/', list.length() + 2));
        return IntStream.range(0, a.size())
                .mapToObj(i -> a.get(i).at(rest).asText())
                .toList();
    }

    @Test
    void whatIsNoJsonIsNeverWrittenOver() throws IOException {
        Files.writeString(path, "{\"format\": 1, \"films\": [");
        assertThat(file.read().refused())
                .singleElement()
                .satisfies(r -> assertThat(r.detail()).contains("no JSON"));
        assertThat(file.read().shop()).isEqualTo(SHIPPED.mine());
        assertThatThrownBy(() -> file.change(s -> s.withFilm(tuned()))).isInstanceOf(IOException.class);
        assertThat(path).hasContent("{\"format\": 1, \"films\": [");
    }

    @Test
    void manyChangesAtOnceAreAllThere() {
        IntStream.range(0, 24).parallel().forEach(i -> {
            try {
                new MyShopFile(path, SHIPPED.mine()).change(s -> s.withNote("film " + i, "note " + i));
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        });
        assertThat(file.read().shop().notes()).hasSize(24);
    }

    @Test
    void whatEarlierVersionsDidNotTellHasTheUsualFigures() throws IOException {
        broken(root -> {
            ((ObjectNode) root.at("/cutters/0")).remove(List.of("head", "reach", "speech", "senses"));
            root.set("prices", MAPPER.createObjectNode().put("currency", "kr").put("pressHour", 300));
        });
        assertThat(file.read().refused()).isEmpty();
        assertThat(file.read().shop().cutters().getFirst().head()).isEqualTo(Head.USUAL);
        assertThat(file.read().shop().prices()).isEqualTo(new Prices("kr", 300));
    }
}
