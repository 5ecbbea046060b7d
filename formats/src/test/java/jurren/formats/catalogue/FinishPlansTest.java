package jurren.formats.catalogue;

import java.util.List;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.blank.Blank;
import jurren.core.finish.HeatStep;
import jurren.core.finish.HeatTaken;
import jurren.core.finish.PlateStep;
import jurren.core.finish.ReadyStep;
import jurren.core.finish.SheetStep;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind;
import jurren.core.finish.TableStep;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Place;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.material.Material;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The finish of things from the catalogue, from the art to the words of each step. */
class FinishPlansTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final Planner PLANNER = new Planner();
    private static final Words WORDS = new Words(Units.METRIC);

    private static Motif square(int n, String material, double mm, double x, double y) {
        Material m = SHOP.material(material).orElseThrow();
        return new Motif(
                        "m" + n,
                        "square " + n,
                        new Shape(
                                Shape.Kind.RECTANGLE,
                                mm,
                                mm,
                                4,
                                0,
                                m.colours().get(n % m.colours().size()).colour()),
                        List.of(),
                        Pose.at(x, y))
                .withFilms(Films.allOf(material));
    }

    private static Job job(String blankId, String material, int pieces, Motif... motifs) {
        Blank blank = SHOP.blank(blankId).orElseThrow();
        Job job = NewJobs.onBlank(
                blank, "Case", "case", blank.colours().getFirst().id(), material);
        String size = blank.reference().id();
        return job.withLine("A", l -> l.withMotifs(List.of(motifs)).withSizes(List.of(SizeEntry.of(size, pieces))));
    }

    private static LinePlan line(Job job) {
        return PLANNER.plan(job, SHOP).lines().getFirst();
    }

    private static List<StepKind> kinds(LinePlan line) {
        return line.finish().steps().stream().map(Step::kind).toList();
    }

    private static String text(LinePlan line, StepKind kind) {
        Step step = line.finish().steps().stream()
                .filter(s -> s.kind() == kind)
                .findFirst()
                .orElseThrow();
        return WORDS.stepText(step, line, line.drawn());
    }

    @Test
    void aZipHoodieLiesOnAPillow() {
        assertThat(kinds(line(job("hoodie-adult", "smooth-film", 2, square(1, "smooth-film", 80, 0, 150)))))
                .startsWith(TableStep.WEED, HeatStep.PILLOW, HeatStep.WARM);
    }

    @Test
    void theSideWithPuffIsPressedLast() {
        Job job = job("tee-adult", "puff-film", 2, square(1, "puff-film", 80, 0, 150));
        Job both = job.withLine(
                "A",
                l -> l.withPlace(Place.of("back", "smooth-film"))
                        .at(1)
                        .withMotifs(List.of(square(2, "smooth-film", 80, 0, 150)))
                        .at(0));
        Plan plan = PLANNER.plan(both, SHOP);
        assertThat(plan.pressingOrder("A")).extracting(LinePlan::place).containsExactly("back", "front");
        assertThat(kinds(plan.pressingOrder("A").getFirst())).doesNotContain(HeatStep.TURN_OVER);
        assertThat(kinds(plan.pressingOrder("A").getLast()))
                .startsWith(TableStep.WEED, HeatStep.TURN_OVER)
                .doesNotContain(HeatStep.REPRESS);
    }

    /** 108 mm and 8 mm between: three by three under 381 mm. The middle of 60 to 120 s is shared by nine. */
    @Test
    void tilesArePressedSideBySide() {
        LinePlan tile = line(job("tile-108", "dye-print", 12, square(1, "dye-print", 90, 0, 54)));
        assertThat(tile.finish().together()).isEqualTo(9);
        assertThat(text(tile, HeatStep.PRESS)).endsWith("9 side by side.");
        assertThat(kinds(tile))
                .containsExactly(TableStep.CLEAN, SheetStep.TAPE_SHEET, HeatStep.PRESS, HeatStep.PEEL, HeatStep.COOL);
        assertThat(tile.finish().secondsFor(12))
                .isLessThan(12
                        * line(job("tile-108", "dye-print", 1, square(1, "dye-print", 90, 0, 54)))
                                .finish()
                                .steps()
                                .stream()
                                .filter(s -> s.kind() != HeatStep.COOL)
                                .mapToDouble(Step::seconds)
                                .sum());
        assertThat(WORDS.stepTitle(tile.finish().steps().get(3), tile)).isEqualTo("Remove the sheet");
    }

    @Test
    void dyeOnAMugAndOnPolyester() {
        assertThat(kinds(line(job("mug-11", "dye-print", 2, square(1, "dye-print", 60, 0, 48)))))
                .containsExactly(TableStep.CLEAN, SheetStep.TAPE_SHEET, HeatStep.PRESS, HeatStep.PEEL, HeatStep.COOL);
        LinePlan tee = line(job("tee-sport", "dye-print", 2, square(1, "dye-print", 90, 0, 150)));
        assertThat(kinds(tee))
                .containsExactly(TableStep.LINT, HeatStep.WARM, SheetStep.TAPE_SHEET, HeatStep.PRESS, HeatStep.PEEL);
        assertThat(tee.finish().heat()).noneMatch(HeatTaken::tooMuch);
    }

    @Test
    void vinylsOnABottleGoOnInAsFewTapesAsTheyCan() {
        String v = "vinyl-permanent";
        LinePlan apart = line(job("bottle-sport-24", v, 1, square(1, v, 30, -40, 60), square(2, v, 30, 40, 60)));
        assertThat(apart.finish().steps())
                .filteredOn(s -> s.kind() == TableStep.LAY)
                .singleElement()
                .satisfies(s -> assertThat(s.layers()).hasSize(2));
        assertThat(text(apart, TableStep.TAPE))
                .contains("They do not meet")
                .containsPattern("Cut \\d+ mm of the 150 mm tape");
        LinePlan stacked = line(job(
                "bottle-sport-24", v, 1, square(1, v, 50, 0, 60), square(2, v, 30, 0, 60), square(3, v, 15, 0, 60)));
        assertThat(stacked.finish().steps())
                .filteredOn(s -> s.kind() == TableStep.LAY)
                .hasSize(3);
        assertThat(kinds(stacked)).endsWith(TableStep.WAIT);
        assertThat(text(stacked, TableStep.LAY)).startsWith("From the middle outwards");
    }

    @Test
    void behindGlassLabelsAndStencils() {
        LinePlan glass = line(job(
                "window-pane",
                "vinyl-behind-glass",
                1,
                square(1, "vinyl-behind-glass", 90, 0, 200),
                square(2, "vinyl-behind-glass", 60, 0, 200)));
        assertThat(glass.finish().steps())
                .filteredOn(s -> s.kind() == TableStep.LAY)
                .extracting(Step::layer)
                .as("what is seen first goes on first")
                .containsExactly(2, 1);
        assertThat(kinds(line(job("label-90x50", "sticker-sheet", 1, square(1, "sticker-sheet", 40, 0, 25)))))
                .startsWith(TableStep.WEED, TableStep.CLEAN, TableStep.BACKING);
        assertThat(kinds(line(job("sign-board-400", "stencil-sheet", 1, square(1, "stencil-sheet", 90, 0, 150)))))
                .contains(PlateStep.PUSH_OUT, PlateStep.PAINT, PlateStep.LIFT_PLATE);
        assertThat(kinds(line(job("tote", "stencil-film", 1, square(1, "stencil-film", 90, 0, 150)))))
                .contains(TableStep.LINT, PlateStep.LIFT_STENCIL)
                .doesNotContain(TableStep.CLEAN);
    }

    /** The same work that the run counts: what was cut in a stencil's film must come out before it is laid. */
    @Test
    void aStencilOfFilmIsWeededBeforeItIsTaped() {
        LinePlan stencil = line(job("pint-glass-16", "stencil-film", 1, square(1, "stencil-film", 40, 0, 60)));
        assertThat(kinds(stencil))
                .containsSubsequence(TableStep.WEED, TableStep.CLEAN, TableStep.TAPE, PlateStep.PAINT);
        assertThat(text(stencil, TableStep.WEED)).contains("islands stay");
    }

    @Test
    void aSheetIsTapedRoundACupAndFlatOnCloth() {
        assertThat(text(line(job("mug-11", "dye-print", 1, square(1, "dye-print", 40, 0, 50))), SheetStep.TAPE_SHEET))
                .contains("seam at the back");
        assertThat(text(line(job("tile-108", "dye-print", 1, square(1, "dye-print", 40, 0, 50))), SheetStep.TAPE_SHEET))
                .contains("two edges")
                .doesNotContain("seam");
    }

    @Test
    void ofStonesTheirTapeIsLaidAndLifted() {
        LinePlan stones = line(job("tote", "stones", 1, square(1, "stones", 60, 0, 150)));
        assertThat(text(stones, HeatStep.PRESS))
                .startsWith("The tape with its stones")
                .doesNotContain("carrier");
        assertThat(text(stones, HeatStep.PEEL)).contains("cold", "comes along");
    }

    /** Stones beside film share its closing only where both bear its heat: stones 160 to 170 °C, smooth to 165. */
    @Test
    void stonesAreSetBeforeTheyArePressed() {
        LinePlan line = line(job(
                "tee-adult",
                "smooth-film",
                1,
                square(1, "smooth-film", 60, -80, 150),
                square(2, "stones", 40, 80, 150)));
        assertThat(kinds(line)).containsSubsequence(ReadyStep.SET_STONES, HeatStep.PRESS);
        assertThat(line.finish().steps())
                .filteredOn(s -> s.kind() == HeatStep.PRESS)
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.layers()).hasSize(2);
                    assertThat(s.celsius()).isBetween(160.0, 165.0);
                });
    }

    @Test
    void artOverTwoPositionsSharesNothingWhereItsPiecesStandApart() {
        LinePlan line = line(job(
                "cushion-cover",
                "smooth-film",
                1,
                square(1, "smooth-film", 60, -180, 60),
                square(2, "smooth-film", 60, 180, 390)));
        assertThat(line.platen().press().platenHeightMm())
                .as("the larger press of the shop does it in as many")
                .isPositive();
        assertThat(line.platen().mostTimes()).isEqualTo(1);
        assertThat(line.finish().steps())
                .filteredOn(s -> s.kind() == HeatStep.PRESS)
                .hasSize(line.platen().positions().size())
                .hasSizeGreaterThan(1)
                .allSatisfy(
                        s -> assertThat(WORDS.stepText(s, line, line.drawn())).contains("Position"));
    }
}
