package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.Fixtures;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Rolls, sheets and offcuts: which is taken first, what is left, and what a person's hand decided. */
class StockTest {
    private static final Nesting NESTING = new Nesting();

    private static List<CutItem> squares(int n, double side) {
        return IntStream.rangeClosed(1, n)
                .mapToObj(i -> new CutItem("A", "front", "M", i, Fixtures.layer(Shapes.rectangle(0, 0, side, side))))
                .toList();
    }

    private static Loading load(List<CutItem> items, List<Stock> shelf, boolean framed, LayoutChoices laying) {
        return Loading.of(List.of(new Loading.Wanted(FILM, CREAM, items)), shelf, CUTTER, framed, laying, NESTING);
    }

    private static Offcut offcut(String id, Region outline) {
        return new Offcut(id, "smooth-film", CREAM, outline, false, "");
    }

    private static Roll roll(String id, double length) {
        return new Roll(id, "smooth-film", CREAM, 305, length);
    }

    @Test
    void offcutsAreFilledFromTheSmallestOnThenTheRoll() {
        Offcut small = offcut("small", Shapes.rectangle(0, 0, 60, 60));
        Offcut larger = offcut("larger", Shapes.rectangle(0, 0, 110, 60));
        Loading loading = load(squares(5, 50), List.of(roll("r", 3000), larger, small), false, LayoutChoices.USUAL);
        assertThat(loading.loads()).extracting(l -> l.stock().id()).containsExactly("small", "larger", "r");
        assertThat(loading.loads()).extracting(l -> l.placed().size()).containsExactly(1, 2, 2);
        assertThat(loading.unlaid()).isEmpty();
    }

    /**
     * 50 mm squares and a gap on each roll: the usual metre costs what the film does, a dearer roll its own, a sheet
     * its share, an offcut nothing.
     */
    @Test
    void eachPieceOfFilmCostsWhatWasPaidForIt() {
        Load usual = load(squares(1, 50), List.of(roll("r", 3000)), false, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        assertThat(usual.filmMoney()).isCloseTo(usual.usedMm() / 1000 * FILM.pricePerMetre(), within(1e-9));
        Load dear = load(
                        squares(1, 50),
                        List.of(roll("r", 3000).withPrice(Optional.of(20.0))),
                        false,
                        LayoutChoices.USUAL)
                .loads()
                .getFirst();
        assertThat(dear.filmMoney()).isCloseTo(dear.usedMm() / 1000 * 20, within(1e-9));
        Offcut sheet =
                new Offcut("s", "smooth-film", CREAM, Shapes.rectangle(0, 0, 200, 60), true, "", Optional.of(4.0));
        Load half = load(squares(1, 50), List.of(sheet), false, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        assertThat(half.filmMoney()).isCloseTo(4 * half.usedMm() / 200, within(1e-9));
        Load free = load(
                        squares(1, 50),
                        List.of(offcut("o", Shapes.rectangle(0, 0, 60, 60))),
                        false,
                        LayoutChoices.USUAL)
                .loads()
                .getFirst();
        assertThat(free.filmMoney()).isZero();

        // once it is cut it costs as much as before
        for (Load l : List.of(usual, dear, half, free)) {
            LayoutChoices cut = LayoutChoices.USUAL.cut(l);
            Load after = load(squares(1, 50), List.of(roll("r", 3000)), false, cut)
                    .loads()
                    .getFirst();
            assertThat(after.filmMoney()).as("%s", l.stock()).isCloseTo(l.filmMoney(), within(1e-6));
        }
        assertThatIllegalArgumentException()
                .isThrownBy(() -> roll("r", 10).withPrice(Optional.of(-1.0)))
                .withMessageContaining("price");
    }

    /** For the least weeding a set goes onto an offcut only as a whole, and what a hand laid stays. */
    @Test
    void setsGoOntoOffcutsAsAWhole() {
        List<CutItem> items = new ArrayList<>();
        for (int copy = 1; copy <= 3; copy++) {
            for (String place : List.of("front", "back")) {
                items.add(new CutItem("A", place, "M", copy, Fixtures.layer(Shapes.rectangle(0, 0, 50, 50))));
            }
        }
        LayoutChoices weeding = LayoutChoices.USUAL.withWish(LayoutChoices.Wish.LEAST_WEEDING);
        Loading loading = load(
                items,
                List.of(
                        offcut("one", Shapes.rectangle(0, 0, 60, 60)),
                        offcut("two", Shapes.rectangle(0, 0, 110, 60)),
                        roll("r", 3000)),
                false,
                weeding);
        assertThat(loading.loads())
                .extracting(l -> l.stock().id())
                .as("on the smaller lies half a set: left on the shelf")
                .containsExactly("two", "r");
        assertThat(loading.loads().getFirst().placed())
                .extracting(p -> p.item().copy())
                .containsExactly(1, 1);
        assertThat(loading.loads().getLast().placed()).hasSize(4);
        assertThat(loading.unlaid()).isEmpty();

        Placed first = loading.loads().getLast().placed().getFirst();
        Pin moved = new Pin("A", first.item().place(), "M", first.item().copy(), 1, "r", 0, new Point(500, 100));
        Loading pinned = load(items, List.of(roll("r", 3000)), false, weeding.with(moved));
        assertThat(pinned.loads().getFirst().placed().stream()
                        .filter(p -> moved.isOf(p.item()))
                        .findFirst()
                        .orElseThrow()
                        .onto()
                        .dxMm())
                .isEqualTo(500);
    }

    /**
     * Two squares of 50 with half a gap around, corners rounded: at least (2 x 53 x 53 - 8 corners) / 308 mm of a roll;
     * the third comes off one.
     */
    @Test
    void whatOffcutsSpareIsNoMoreThanARollWouldTake() {
        Loading loading = load(
                squares(3, 50),
                List.of(roll("r", 3000), offcut("two", Shapes.rectangle(0, 0, 110, 60))),
                false,
                LayoutChoices.USUAL);
        double corners = 8 * (1.5 * 1.5 - Math.PI * 1.5 * 1.5 / 4);
        assertThat(loading.loads().getFirst().sparedMm()).isCloseTo((2 * 53 * 53 - corners) / 308, within(0.01));
        assertThat(loading.loads().getLast().sparedMm()).isZero();
        Loading rolls = load(squares(2, 50), List.of(roll("r", 3000)), false, LayoutChoices.USUAL);
        assertThat(rolls.loads().getFirst().usedMm())
                .isGreaterThan(loading.loads().getFirst().sparedMm());
    }

    @Test
    void nothingLiesOverTheEdgeOfAnOffcutOrInItsHole() {
        Region outline = Shapes.rectangle(0, 0, 200, 200).minus(Shapes.rectangle(70, 70, 60, 60));
        Loading loading =
                load(squares(20, 30), List.of(offcut("holed", outline), roll("r", 3000)), false, LayoutChoices.USUAL);
        Load on = loading.loads().getFirst();
        assertThat(on.placed().size()).isGreaterThan(7);
        assertThat(on.placed())
                .allSatisfy(p -> assertThat(p.item()
                                .layer()
                                .region()
                                .placed(p.onto())
                                .minus(outline)
                                .areaMm2())
                        .isLessThan(1e-6));
    }

    @Test
    void anOffcutWiderThanTheCutterIsLeftOnTheShelf() {
        Loading loading = load(
                squares(1, 50),
                List.of(offcut("wide", Shapes.rectangle(0, 0, 60, 400)), roll("r", 3000)),
                false,
                LayoutChoices.USUAL);
        assertThat(loading.loads()).extracting(l -> l.stock().id()).containsExactly("r");
    }

    @Test
    void oneRollAfterTheOtherIsTakenDown() {
        Loading loading =
                load(squares(8, 120), List.of(roll("first", 300), roll("second", 320)), false, LayoutChoices.USUAL);
        assertThat(loading.loads()).extracting(l -> l.stock().id()).containsExactly("first", "second");
        assertThat(loading.loads()).extracting(l -> l.placed().size()).containsExactly(4, 4);
        Loading more =
                load(squares(9, 120), List.of(roll("first", 300), roll("second", 320)), false, LayoutChoices.USUAL);
        assertThat(more.loads())
                .as("one to buy")
                .extracting(l -> l.stock().lengthMm())
                .containsExactly(300.0, 320.0, 0.0);
    }

    @Test
    void whatLeavesAHoleInAnOffcutLeavesTheRestOfIt() {
        Load load = load(
                        squares(1, 50),
                        List.of(offcut("o", Shapes.rectangle(0, 0, 200, 100))),
                        false,
                        LayoutChoices.USUAL)
                .loads()
                .getFirst();
        Remainder left = Remainder.of(load, "no 1", "2026-11-27");
        assertThat(left.roll()).isEmpty();
        Offcut rest = left.offcut().orElseThrow();
        Box piece = load.placed().getFirst().box();
        // torn off 1.5 + 5 mm around the piece, at the lower left corner: what is right of it is kept, and the strip
        // above it
        double torn = 6.5;
        double right = (200 - piece.maxXMm() - torn) * 100;
        double above = (100 - piece.maxYMm() - torn) * (piece.maxXMm() + torn);
        assertThat(rest.outline().areaMm2()).isCloseTo(right + above, within(60.0));
        assertThat(rest.outline().bounds().minXMm()).isZero();
    }

    @Test
    void aRollIsShorterByWhatWasCutAndAStripIsNoOffcut() {
        Load load = load(squares(2, 130), List.of(roll("r", 3000)), false, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        assertThat(load.usedMm()).isEqualTo(10 + 130 + 25, within(1e-6));
        Remainder left = Remainder.of(load, "no 1", "");
        assertThat(left.roll().orElseThrow().lengthMm()).isEqualTo(3000 - 165, within(1e-6));
        assertThat(left.offcut())
                .as("between the rollers and at the end only strips are left")
                .isEmpty();
    }

    @Test
    void noLayoutTakesLessThanTheLeast() {
        Load one = load(squares(1, 50), List.of(roll("r", 3000)), false, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        assertThat(one.leastMm()).as("the piece itself").isEqualTo(10 + 50 + 25, within(1e-6));
        assertThat(one.usedMm()).isEqualTo(one.leastMm(), within(1e-6));
        Load many = load(squares(40, 50), List.of(roll("r", 3000)), false, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        // of cells of 53 x 53 five lie side by side in 281 and half a gap at either side: eight rows
        assertThat(many.leastMm()).isEqualTo(10 + 8 * 53 - 3 + 25, within(0.5));
        assertThat(many.usedMm()).isGreaterThanOrEqualTo(many.leastMm() - 1e-6);
        // of 145 no two lie side by side, though by area nearly two would
        Load wide = load(squares(4, 145), List.of(roll("r", 3000)), false, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        assertThat(wide.leastMm()).as("corners are round").isEqualTo(10 + 4 * 148 - 3 + 25, within(0.5));
        assertThat(wide.usedMm()).isEqualTo(10 + 4 * 148 - 3 + 25, within(1e-6));
    }

    @Test
    void whatIsCutStaysAsItLiesWhenTheShelfHasChanged() {
        List<CutItem> items = squares(12, 60);
        Roll before = roll("r", 3000);
        Load load =
                load(items, List.of(before), true, LayoutChoices.USUAL).loads().getFirst();
        CutRun cut = CutRun.of(load, CUTTER, new CutRun.Orders());
        LayoutChoices laying = LayoutChoices.USUAL.cut(load);
        Roll after = Remainder.of(load, "x", "").roll().orElseThrow();

        Load again = load(items, List.of(after), true, laying).loads().getFirst();
        assertThat(CutRun.of(again, CUTTER, new CutRun.Orders()).mark())
                .as("the same cut to a tenth of a micrometre")
                .isEqualTo(cut.mark());
        assertThat(laying.isTaken(again.stock())).isTrue();
        Loading more = load(squares(13, 60), List.of(after), true, laying);
        assertThat(more.loads())
                .as("one more piece does not fit onto film that is gone")
                .extracting(l -> l.placed().size())
                .containsExactly(12, 1);
        assertThat(laying.notCut(again).pins()).isEmpty();
        Load second = load(squares(3, 40), List.of(roll("r", 3000)), true, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        LayoutChoices three = laying.cut(second).notCut(again).cut(load);
        assertThat(three.taken())
                .as("one taken back, one cut anew: no name twice")
                .extracting(Roll::id)
                .doesNotHaveDuplicates()
                .hasSize(2);
    }

    /**
     * Sharp corners point out of the group: the frame stays within its margin all the same, and the cut is known again.
     */
    @Test
    void theFrameOfPointedPiecesStaysOnTheFilmThatIsTaken() {
        Region kite = Region.enclosedBy(
                List.of(Outline.of(
                        List.of(new Point(0, 20), new Point(120, 0), new Point(30, 20), new Point(120, 40)))),
                FillRule.NON_ZERO);
        List<CutItem> items = IntStream.rangeClosed(1, 7)
                .mapToObj(i -> new CutItem("A", "front", "M", i, Fixtures.layer(kite)))
                .toList();
        Load load = load(items, List.of(roll("r", 3000)), true, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        assertThat(load.frames())
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.outline().bounds().maxXMm())
                        .isLessThanOrEqualTo(load.usedMm() - CUTTER.afterMm() + 1e-6));
        Load again = load(items, List.of(roll("r", 2000)), true, LayoutChoices.USUAL.cut(load))
                .loads()
                .getFirst();
        assertThat(CutRun.of(again, CUTTER, new CutRun.Orders()).mark())
                .isEqualTo(CutRun.of(load, CUTTER, new CutRun.Orders()).mark());
    }

    @Test
    void aPinIsKeptAndOneWhoseFilmIsGoneIsNot() {
        List<CutItem> items = squares(3, 50);
        Placement onto = items.get(1).ontoFilm(0).then(Placement.moved(400, 150));
        Pin pin = new Pin("A", "front", "M", 2, 1, "r", 0, new Point(onto.dxMm(), onto.dyMm()));
        Load load = load(items, List.of(roll("r", 3000)), false, LayoutChoices.USUAL.with(pin))
                .loads()
                .getFirst();
        Placed there = load.placed().stream()
                .filter(p -> p.item().copy() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(there.onto()).isEqualTo(onto);
        assertThat(load.usedMm()).isEqualTo(there.box().maxXMm() + 25, within(1e-6));
        Load gone = load(items, List.of(roll("other", 3000)), false, LayoutChoices.USUAL.with(pin))
                .loads()
                .getFirst();
        assertThat(gone.usedMm()).isEqualTo(10 + 50 + 25, within(1e-6));
    }

    @Test
    void leastWeedingGivesEachPieceItsOwnFrame() {
        List<CutItem> items = squares(4, 50);
        Load film = load(items, List.of(roll("r", 3000)), true, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        Load weeding = load(
                        items,
                        List.of(roll("r", 3000)),
                        true,
                        LayoutChoices.USUAL.withWish(LayoutChoices.Wish.LEAST_WEEDING))
                .loads()
                .getFirst();
        assertThat(film.frames()).as("one around all that lie into each other").hasSize(1);
        assertThat(weeding.frames()).hasSize(4);
        assertThat(weeding.usedMm()).isGreaterThanOrEqualTo(film.usedMm() - 1e-6);
        for (Load.Frame frame : weeding.frames()) {
            assertThat(weeding.placed())
                    .filteredOn(p -> frame.outline().bounds().covers(p.box(), 0))
                    .hasSize(1);
        }
    }

    @Test
    void whatLiesInAHoleIsCutBeforeWhatIsAroundIt() {
        CutItem ring = new CutItem("A", "front", "M", 1, Fixtures.layer(Shapes.ring(0, 0, 100, 80)));
        CutItem disc = new CutItem("B", "front", "M", 1, Fixtures.layer(Shapes.disc(0, 0, 60)));
        Load load = load(List.of(ring, disc), List.of(roll("r", 3000)), false, LayoutChoices.USUAL)
                .loads()
                .getFirst();
        assertThat(load.usedMm()).isEqualTo(10 + 200 + 25, within(0.25));
        assertThat(load.placed()).extracting(p -> p.item().lineId()).containsExactly("B", "A");
    }

    @Test
    void piecesOfOneLayerStayOnOneCarrier() {
        Region apart = Region.together(List.of(Shapes.rectangle(0, 0, 10, 60), Shapes.rectangle(120, 0, 10, 60)));
        CutItem two = new CutItem("A", "front", "M", 1, Fixtures.layer(apart));
        assertThat(two.carrier().pieceCount()).isEqualTo(1);
        assertThat(two.carrier().areaMm2())
                .as("what lies between them is their own")
                .isEqualTo(130 * 60, within(1e-6));
    }

    @Test
    void impossibleStockIsRefused() {
        assertThatThrownBy(() -> new Roll("r", "smooth-film", CREAM, 0, 100))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Roll("r", "smooth-film", CREAM, 305, 60_000))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> offcut("o", Region.EMPTY))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("no area");
        assertThatThrownBy(() -> offcut("o", Shapes.rectangle(0, 0, 6000, 10)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("5 m");
        assertThatThrownBy(() -> new Pin("A", "front", "M", 1, 1, "r", Double.NaN, Point.ORIGIN))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
