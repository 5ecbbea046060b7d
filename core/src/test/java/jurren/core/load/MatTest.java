package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import jurren.core.Fixtures;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/**
 * A cutter that takes film on mats of 305 by 305 mm, 3 mm at each edge uncut: pieces come off the roll one after the
 * other.
 */
class MatTest {
    private static final Cutter MATS = new Cutter("m", "mats", 305, 3, 3, 3, 250, 0.08, 0.03, 0.5).withMat(305);
    private static final Nesting NESTING = new Nesting();

    private static CutItem item(int copy, double length, double width) {
        return new CutItem("A", "front", "M", copy, Fixtures.layer(Shapes.rectangle(0, 0, length, width)));
    }

    private static List<CutItem> squares(int n, double side) {
        return IntStream.rangeClosed(1, n).mapToObj(i -> item(i, side, side)).toList();
    }

    private static Loading load(List<CutItem> items, List<? extends Stock> shelf, LayoutChoices laying) {
        return Loading.of(List.of(new Loading.Wanted(FILM, CREAM, items)), shelf, MATS, false, laying, NESTING);
    }

    private static Roll roll(String id, double width, double length) {
        return new Roll(id, "smooth-film", CREAM, width, length);
    }

    @Test
    void aRollIsCutIntoPiecesNoLongerThanTheMat() {
        Loading loading = load(squares(5, 140), List.of(roll("r", 305, 3000)), LayoutChoices.USUAL);
        assertThat(loading.loads()).extracting(l -> l.stock().id()).containsExactly("r/1", "r/2");
        assertThat(loading.loads())
                .extracting(l -> l.placed().size())
                .as("two by two between the edges")
                .containsExactly(4, 1);
        assertThat(loading.loads().getFirst().usedMm())
                .as("3 + 140 + 3 + 140 + 3")
                .isCloseTo(289, within(1e-6));
        assertThat(loading.loads().getLast().usedMm()).as("3 + 140 + 3").isCloseTo(146, within(1e-6));
        assertThat(Load.offRolls(loading.loads()))
                .as("together")
                .hasSize(1)
                .allSatisfy((r, mm) -> assertThat(mm).isCloseTo(435, within(1e-6)));
    }

    @Test
    void whatIsLeftOfARollIsTakenBeforeAnotherIsBought() {
        Loading loading = load(squares(4, 140), List.of(roll("r", 305, 200)), LayoutChoices.USUAL);
        assertThat(loading.loads()).extracting(l -> l.stock().id()).containsExactly("r/1", "roll-305/1");
        assertThat(loading.loads()).extracting(l -> l.placed().size()).containsExactly(2, 2);
        assertThat(loading.loads().getLast().roll())
                .hasValueSatisfying(r -> assertThat(r.isThere()).isFalse());
    }

    @Test
    void aWiderRollIsTrimmedAndItsStripComesBack() {
        Loading loading = load(squares(4, 140), List.of(roll("wide", 610, 2000)), LayoutChoices.USUAL);
        Load load = loading.loads().getFirst();
        assertThat(load.stock().widthMm()).isEqualTo(305);
        Remainder left = Remainder.of(load, "no 1", "");
        assertThat(left.roll()).hasValueSatisfying(r -> assertThat(r.lengthMm()).isCloseTo(2000 - 289, within(1e-6)));
        Box strip = left.offcut().orElseThrow().outline().bounds();
        assertThat(strip.widthMm()).as("as long as the piece").isCloseTo(289, within(0.01));
        assertThat(strip.heightMm())
                .as("beyond the squares, half their gap and what a hand tears: 610 - 286 - 1.5 - 5")
                .isCloseTo(317.5, within(0.01));
    }

    @Test
    void whatNoMatTakesIsLeftAndTheRestIsLaid() {
        List<CutItem> items = new ArrayList<>(squares(9, 140));
        items.add(item(10, 300, 20));
        items.add(item(11, 20, 310));
        Loading loading = load(items, List.of(roll("r", 305, 9000)), LayoutChoices.USUAL);
        assertThat(loading.unlaid()).extracting(CutItem::copy).containsExactlyInAnyOrder(10, 11);
        assertThat(loading.loads()).extracting(l -> l.placed().size()).containsExactly(4, 4, 1);
    }

    @Test
    void anOffcutLargerThanTheMatStaysOnTheShelf() {
        Region outline = Shapes.rectangle(0, 0, 320, 100);
        assertThat(new Offcut("long", "smooth-film", CREAM, outline, false, "")
                        .usable(MATS)
                        .isEmpty())
                .isTrue();
        assertThat(new Offcut("fits", "smooth-film", CREAM, Shapes.rectangle(0, 0, 305, 305), false, "")
                        .usable(MATS)
                        .bounds()
                        .widthMm())
                .isCloseTo(299, within(1e-9));
    }

    @Test
    void whatWasCutStaysAndTheRestComesOffWhatIsLeft() {
        List<CutItem> items = squares(5, 140);
        Load first = load(items, List.of(roll("r", 305, 3000)), LayoutChoices.USUAL)
                .loads()
                .getFirst();
        LayoutChoices cut = LayoutChoices.USUAL.cut(first);
        Loading after = load(items, List.of(Remainder.of(first, "x", "").roll().orElseThrow()), cut);
        assertThat(after.loads()).extracting(l -> cut.isTaken(l.stock())).containsExactly(true, false);
        assertThat(after.loads()).extracting(l -> l.placed().size()).containsExactly(4, 1);
        assertThat(after.loads().getFirst().placed())
                .extracting(p -> p.box().minXMm())
                .containsExactlyElementsOf(
                        first.placed().stream().map(p -> p.box().minXMm()).toList());
        assertThat(after.loads().getLast().roll())
                .hasValueSatisfying(r -> assertThat(r.lengthMm()).isCloseTo(3000 - 289, within(1e-6)));
    }

    @Test
    void setsStayTogetherMatByMat() {
        List<CutItem> items = new ArrayList<>();
        for (int copy = 1; copy <= 3; copy++) {
            items.add(item(copy, 200, 100));
            items.add(new CutItem("A", "back", "M", copy, Fixtures.layer(Shapes.rectangle(0, 0, 200, 60))));
        }
        Loading loading = load(
                items, List.of(roll("r", 305, 9000)), LayoutChoices.USUAL.withWish(LayoutChoices.Wish.LEAST_WEEDING));
        assertThat(loading.unlaid()).isEmpty();
        Map<Integer, List<String>> mats = new TreeMap<>();
        loading.loads()
                .forEach(l -> l.placed()
                        .forEach(p -> mats.computeIfAbsent(p.item().copy(), _ -> new ArrayList<>())
                                .add(l.stock().id())));
        assertThat(mats)
                .hasSize(3)
                .allSatisfy((copy, on) -> assertThat(on).hasSize(2).containsOnly(on.getFirst()));
    }

    @Test
    void aSetThatNoMatTakesAsAWholeIsTornApart() {
        List<CutItem> items = IntStream.rangeClosed(1, 3)
                .mapToObj(i -> new CutItem("A", "place " + i, "M", 1, Fixtures.layer(Shapes.rectangle(0, 0, 200, 200))))
                .toList();
        Loading loading = load(
                items, List.of(roll("r", 305, 9000)), LayoutChoices.USUAL.withWish(LayoutChoices.Wish.LEAST_WEEDING));
        assertThat(loading.unlaid()).isEmpty();
        assertThat(loading.loads()).hasSize(3);
    }

    @Test
    void everyPieceLiesOnceWithinTheEdgesOfAMatAndApart() {
        for (int seed = 0; seed < 8; seed++) {
            Random lot = new Random(seed);
            List<CutItem> items = IntStream.rangeClosed(1, 12 + lot.nextInt(20))
                    .mapToObj(i -> item(i, 20 + lot.nextInt(180), 20 + lot.nextInt(180)))
                    .toList();
            Loading loading = load(items, List.of(roll("r", 610, 700 + lot.nextInt(900))), LayoutChoices.USUAL);
            assertThat(loading.unlaid()).isEmpty();
            assertThat(loading.loads().stream()
                            .flatMap(l -> l.placed().stream())
                            .map(p -> p.item().copy()))
                    .hasSize(items.size())
                    .doesNotHaveDuplicates();
            for (Load l : loading.loads()) {
                List<Region> lying = l.placed().stream()
                        .map(p -> p.item().layer().region().placed(p.onto()))
                        .toList();
                assertThat(lying)
                        .allSatisfy(r -> assertThat(
                                        Box.ofSize(3, 3, 299, 299).grown(1e-6).covers(r.bounds(), 0))
                                .as("%s", r.bounds())
                                .isTrue());
                assertThat(l.usedMm())
                        .isLessThanOrEqualTo(305 + 1e-6)
                        .isLessThanOrEqualTo(l.stock().lengthMm() + 1e-6);
                assertThat(Region.weld(lying).areaMm2())
                        .isCloseTo(lying.stream().mapToDouble(Region::areaMm2).sum(), within(1e-3));
            }
            loading.loads().stream()
                    .map(Load::roll)
                    .flatMap(Optional::stream)
                    .filter(Roll::isThere)
                    .distinct()
                    .forEach(r ->
                            assertThat(Load.offRolls(loading.loads()).get(r)).isLessThanOrEqualTo(r.lengthMm()));
        }
    }

    @Test
    void aMatMustTakeSomething() {
        assertThatThrownBy(() -> MATS.withMat(6)).hasMessageContaining("a mat is longer");
        assertThatThrownBy(() -> MATS.withMat(-1)).hasMessageContaining("a mat is at most");
        assertThatThrownBy(() -> MATS.withMat(Double.NaN)).hasMessageContaining("a mat is at most");
        assertThat(MATS.withMat(0).isOnMats()).isFalse();
    }

    @Test
    void aPieceLiesInTheCornerOfItsMat() {
        Placed p = load(squares(1, 100), List.of(roll("r", 305, 1000)), LayoutChoices.USUAL)
                .loads()
                .getFirst()
                .placed()
                .getFirst();
        assertThat(p.box().minXMm()).isCloseTo(3, within(1e-6));
        assertThat(p.box().minYMm()).isCloseTo(3, within(1e-6));
    }
}
