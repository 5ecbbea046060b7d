package jurren.formats.catalogue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.load.Offcut;
import jurren.core.load.Roll;
import jurren.core.load.Stock;
import jurren.core.material.Colour;
import jurren.formats.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

class ShelfFileTest {
    private static final Colour SKY = Colour.of("#7FC4DA");
    private static final Roll ROLL = new Roll("roll-305", "smooth-film", SKY, 305, 4200, "2026-11-01");

    @TempDir
    private Path folder;

    private ShelfFile shelf(List<Stock> before) {
        return new ShelfFile(folder.resolve("shelf.json"), before);
    }

    private static Offcut holed() {
        return new Offcut(
                "no 22",
                "smooth-film",
                SKY,
                Region.of(Box.ofSize(0, 0, 150, 140)).minus(Region.of(Box.ofSize(45, 40, 50, 55))),
                false,
                "2026-11-20");
    }

    private static List<Stock> with(List<Stock> all, Stock more) {
        List<Stock> after = new ArrayList<>(all);
        after.add(more);
        return after;
    }

    @Test
    void whatWasPutThereComesBack() throws IOException {
        ShelfFile shelf = shelf(List.of(ROLL));
        assertThat(shelf.read().stock())
                .as("until something is changed, what ships with the application")
                .containsExactly(ROLL);
        List<Stock> after = shelf.change(all -> with(all, holed()));
        assertThat(shelf(List.of()).read().stock()).isEqualTo(after).hasSize(2);
        Offcut back = (Offcut) after.get(1);
        assertThat(back.outline().areaMm2()).isCloseTo(150 * 140 - 50 * 55, within(1e-6));
        assertThat(back.outline().holeCount()).isEqualTo(1);
        assertThat(Files.readString(folder.resolve("shelf.json"))).contains("\"kind\" : \"offcut\"", "2026-11-20");
    }

    @Test
    void whatWasPaidComesBackAndCannotBeLessThanNothing() throws IOException {
        List<Stock> after =
                shelf(List.of(ROLL)).change(all -> with(all, holed().withPrice(java.util.Optional.of(3.25))));
        assertThat(shelf(List.of()).read().stock())
                .extracting(Stock::price)
                .containsExactly(java.util.Optional.empty(), java.util.Optional.of(3.25));
        assertThat(after.get(1).named("other").price()).contains(3.25);
        Files.writeString(
                folder.resolve("shelf.json"),
                Files.readString(folder.resolve("shelf.json")).replace("3.25", "-3.25"));
        assertThat(shelf(List.of()).read().refused())
                .singleElement()
                .satisfies(r -> assertThat(r.detail()).contains("price"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "null",
                "[1,2]",
                "7",
                "{}",
                "{\"stock\":{}}",
                "{\"format\":1}",
                "{\"format\":2,\"stock\":[]}",
                "{\"format\":\"x\",\"stock\":[]}",
                "{\"stock\":["
            })
    void whatIsNoShelfOfOursIsNeverWrittenOver(String content) throws IOException {
        Path file = folder.resolve("shelf.json");
        Files.writeString(file, content);
        assertThat(shelf(List.of(ROLL)).read().refused()).hasSize(1);
        assertThatThrownBy(() -> shelf(List.of(ROLL)).change(all -> with(all, holed())))
                .isInstanceOf(IOException.class);
        assertThat(file).hasContent(content);
    }

    @Test
    void whatALaterEditionWroteIsKept() throws IOException {
        Path file = folder.resolve("shelf.json");
        shelf(List.of()).change(all -> List.of(ROLL, holed()));
        Files.writeString(
                file,
                Files.readString(file)
                        .replace("\"format\" : 1,", "\"format\" : 1, \"place\" : {\"row\" : 3},")
                        .replace("\"kind\" : \"roll\",", "\"kind\" : \"roll\", \"maker\" : \"one\","));
        shelf(List.of()).change(all -> List.of(all.getFirst()));
        assertThat(file)
                .content()
                .contains("\"row\" : 3", "\"maker\" : \"one\"")
                .doesNotContain("offcut");
    }

    @Test
    void manyEqualOnesAreNumberedInAMoment() throws IOException {
        List<Stock> after = shelf(List.of()).change(_ -> Collections.nCopies(20_000, ROLL));
        assertThat(after).extracting(Stock::id).doesNotHaveDuplicates().contains("roll-305", "roll-305-20000");
    }

    @Test
    void twoOfOneNameGetTwoNames() throws IOException {
        List<Stock> after = shelf(List.of(ROLL)).change(all -> with(all, ROLL));
        assertThat(after).extracting(Stock::id).containsExactly("roll-305", "roll-305-2");
    }

    @Test
    void whatTwoWindowsChangeAtOnceIsAllThere() {
        shelf(List.of(ROLL));
        IntStream.range(0, 24).parallel().forEach(i -> {
            try {
                shelf(List.of(ROLL))
                        .change(all -> with(
                                all,
                                new Offcut(
                                        "no " + i,
                                        "smooth-film",
                                        SKY,
                                        Region.of(Box.ofSize(0, 0, 50 + i, 50)),
                                        false,
                                        "")));
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        });
        assertThat(shelf(List.of()).read().stock()).hasSize(25);
    }

    @Test
    void whatIsBrokenIsNamedByLineAndFieldAndTheRestLoadsAndStays() throws IOException {
        Files.writeString(folder.resolve("shelf.json"), """
                {"format": 1, "stock": [
                {"kind": "roll", "id": "a", "material": "smooth-film", "colour": "#7FC4DA", "widthMm": 305, "lengthMm": 900},
                {"kind": "roll", "id": "b", "material": "smooth-film", "colour": "sky", "widthMm": 305, "lengthMm": 900},
                {"kind": "roll", "id": "c", "material": "smooth-film", "colour": "#7FC4DA", "widthMm": "wide", "lengthMm": 900},
                {"kind": "offcut", "id": "d", "material": "smooth-film", "colour": "#7FC4DA", "outline": [[[0, 0], [100, 100], [100, 0], [0, 100]]]},
                {"kind": "offcut", "id": "e", "material": "smooth-film", "colour": "#7FC4DA", "outline": [[[0, 0], [100, 0], [50, 0]]]},
                {"kind": "scrap", "id": "f", "material": "smooth-film", "colour": "#7FC4DA"},
                {"kind": "offcut", "id": "g", "material": "smooth-film", "colour": "#7FC4DA", "outline": [[[0, 0], [9000, 0], [9000, 9]]]}
                ]}
                """);
        ShelfFile.Contents found = shelf(List.of()).read();
        assertThat(found.stock()).extracting(Stock::id).containsExactly("a");
        assertThat(found.refused()).hasSize(6).allMatch(r -> r.reason() == Refusal.Reason.BROKEN_SHELF);
        assertThat(found.refused())
                .extracting(Refusal::detail)
                .satisfiesExactly(
                        d -> assertThat(d).contains("line 3", "sky"),
                        d -> assertThat(d).contains("line 4", "widthMm"),
                        d -> assertThat(d).contains("line 5", "crosses itself"),
                        d -> assertThat(d).contains("line 6", "area"),
                        d -> assertThat(d).contains("line 7", "scrap"),
                        d -> assertThat(d).contains("line 8", "5 m"));
        shelf(List.of()).change(all -> with(all, ROLL));
        assertThat(Files.readString(folder.resolve("shelf.json")))
                .as("what could not be used is kept")
                .contains("\"wide\"", "scrap", "roll-305");
    }

    @Test
    void aFileThatCannotBeTakenApartIsNotWrittenOver() throws IOException {
        String broken = "{\"format\": 1, \"stock\": [\n{\"kind\": \"roll\", \"id\": \"a\" \"material\"";
        Files.writeString(folder.resolve("shelf.json"), broken);
        assertThat(shelf(List.of()).read().refused())
                .singleElement()
                .satisfies(r -> assertThat(r.detail()).contains("line 2"));
        assertThatThrownBy(() -> shelf(List.of()).change(all -> with(all, ROLL)))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("line 2");
        assertThat(Files.readString(folder.resolve("shelf.json"))).isEqualTo(broken);
    }
}
