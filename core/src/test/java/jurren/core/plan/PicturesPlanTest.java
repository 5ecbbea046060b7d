package jurren.core.plan;

import java.util.List;
import jurren.core.Fixtures;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.PictureFile;
import jurren.core.art.Pose;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.art.treat.SoftShadow;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.layer.Layer;
import jurren.core.load.Printer;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.snag.Snag;
import jurren.core.trace.Picture;
import jurren.core.way.WaysTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static jurren.core.Fixtures.CREAM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Pictures, shades and sheets of prints in a whole plan. */
class PicturesPlanTest {
    private static final Material PRINT = WaysTest.material(Process.DYE_PRINT);

    private static Motif picture(double mmPerPx) {
        int[] argb = new int[200 * 100];
        for (int i = 0; i < argb.length; i++) {
            // a ramp, so that nothing of it is like anything else
            argb[i] = 0xFF000000 | (i % 200) << 16 | (i / 200) << 8 | 0x40;
        }
        Picture read = Picture.ofOwned(200, 100, argb);
        return new Motif(
                "p1",
                "lake",
                new PrintedPicture(
                        new PictureFile("lake.png", new byte[] {7}, read, _ -> read),
                        PrintedPicture.Crop.NONE,
                        1,
                        mmPerPx,
                        mmPerPx),
                List.of(),
                Pose.at(0, 180));
    }

    private static Shop shop(Printer printer, Material... materials) {
        Shop tees = Fixtures.shop();
        return new Shop(
                tees.blanks(), List.of(materials), tees.cutter(), printer, tees.presses(), tees.shelf(), tees.prices());
    }

    private static Plan plan(Material material, int copies, Motif... motifs) {
        return plan(Fixtures.PRINTER, material, copies, motifs);
    }

    private static Plan plan(Printer printer, Material material, int copies, Motif... motifs) {
        Line line = Fixtures.line(SizeEntry.of("M", copies))
                .withMaterial(material.id())
                .withMotifs(List.of(motifs));
        return new Planner().plan(Fixtures.job(line), shop(printer, material));
    }

    @Test
    void aPictureIsOnePrintOfItsFrame() {
        Plan plan = plan(PRINT, 1, picture(0.15));
        Layer layer = plan.lines().getFirst().drawn().layers().getFirst();
        assertThat(layer.isPrint()).isTrue();
        assertThat(layer.print().inks())
                .singleElement()
                .satisfies(i -> assertThat(i.isFlat()).isFalse());
        assertThat(layer.region().areaMm2()).isCloseTo(30 * 15, within(1e-6));
        assertThat(plan.snags()).noneMatch(s -> s instanceof Snag.CoarsePicture);
    }

    @Test
    void belowAHundredAndFiftyToTheInchIsSaid() {
        assertThat(plan(PRINT, 1, picture(0.2)).snags())
                .filteredOn(Snag.CoarsePicture.class::isInstance)
                .singleElement()
                .satisfies(s -> assertThat(((Snag.CoarsePicture) s).perInch()).isCloseTo(127, within(1e-6)));
    }

    /** A knife cannot follow a picture: it is not made, and nothing is cut until that is put right. */
    @Test
    void aPictureOnAFilmThatIsCutStopsTheWork() {
        Plan plan = plan(Fixtures.FILM, 1, picture(0.15), Fixtures.name("KITE").withId("m2"));
        assertThat(plan.snags())
                .filteredOn(Snag.PictureNotCut.class::isInstance)
                .singleElement()
                .satisfies(s -> assertThat(s.gravity()).isEqualTo(Snag.Gravity.STOPS));
        assertThat(plan.lines().getFirst().drawn().art().paints())
                .as("the name alone is made")
                .allMatch(p -> p.ink().isEmpty())
                .isNotEmpty();
        Motif printed = picture(0.15).withFilms(Films.allOf(PRINT.id()));
        Line line = Fixtures.line(SizeEntry.of("M", 1))
                .withMotifs(List.of(Fixtures.name("KITE").withId("m2"), printed));
        assertThat(new Planner()
                        .plan(Fixtures.job(line), shop(Fixtures.PRINTER, Fixtures.FILM, PRINT))
                        .snags())
                .as("made of something that is printed it is right")
                .noneMatch(Snag.PictureNotCut.class::isInstance);
    }

    @Test
    void aShadowIsPrintedAndLeftOutWhereAKnifeCuts() {
        Motif square = new Motif(
                "m1",
                "square",
                new Shape(Shape.Kind.RECTANGLE, 30, 30, 4, 0, CREAM),
                List.of(new SoftShadow(2, 2, 3, 50, new Colour(0))),
                Pose.at(0, 180));
        assertThat(plan(PRINT, 1, square)
                        .lines()
                        .getFirst()
                        .drawn()
                        .layers()
                        .getFirst()
                        .print()
                        .shaded()
                        .areaMm2())
                .isGreaterThan(100);
        Plan cut = plan(Fixtures.FILM, 1, square);
        assertThat(cut.lines().getFirst().drawn().layers())
                .singleElement()
                .satisfies(l -> assertThat(l.region().areaMm2()).isCloseTo(900, within(1e-6)));
        assertThat(cut.snags())
                .filteredOn(Snag.CutSolid.class::isInstance)
                .singleElement()
                .satisfies(s -> {
                    assertThat(((Snag.CutSolid) s).shadows()).isTrue();
                    assertThat(s.gravity()).isEqualTo(Snag.Gravity.LOOK);
                });
    }

    /**
     * 30 by 15 mm and 9 mm around make slots of 48 by 33: two across in 96 mm of paper, 33 long each, is the best there
     * is.
     */
    @Test
    void sheetsAreFilledForTheRunAndAlikeOnesToldOnce() {
        Printer narrow = new Printer("p", "narrow", 300, 106, 200, 5);
        List<PrintSheet> sheets = plan(narrow, PRINT, 20, picture(0.15)).prints();
        assertThat(sheets.stream().mapToInt(s -> s.times() * s.slots().size()).sum())
                .isEqualTo(20);
        assertThat(sheets).allSatisfy(s -> {
            assertThat(s.widthMm()).isEqualTo(106);
            assertThat(s.heightMm()).isLessThanOrEqualTo(200);
            for (PrintSheet.Slot a : s.slots()) {
                assertThat(a.box().minXMm()).isGreaterThanOrEqualTo(5 - 1e-9);
                assertThat(a.box().maxXMm()).isLessThanOrEqualTo(101 + 1e-9);
                assertThat(s.slots())
                        .filteredOn(b -> b != a)
                        .noneMatch(b -> b.box()
                                .grown(-1e-6)
                                .crossed(a.box().grown(-1e-6))
                                .isPresent());
            }
        });
        double paper =
                sheets.stream().mapToDouble(s -> s.times() * s.heightMm()).sum();
        assertThat(paper)
                .as("no more than ten rows of two, 33 mm long, on two sheets of five")
                .isLessThanOrEqualTo(2 * (5 * 33 + 10) + 1e-6);
        assertThat(sheets).as("told once").hasSize(1);
        assertThat(sheets.getFirst().times()).isEqualTo(2);
    }

    @Test
    void aPrintWiderThanThePaperIsASnag() {
        Plan plan = plan(new Printer("p", "narrow", 300, 40, 1000, 5), PRINT, 1, picture(0.15));
        assertThat(plan.snags())
                .filteredOn(Snag.NotOnPaper.class::isInstance)
                .singleElement()
                .satisfies(s -> assertThat(((Snag.NotOnPaper) s).usableMm()).isEqualTo(30));
    }

    /**
     * What is printed and then cut lies on the sheet as on its load: each cut line where the knife goes, seen from
     * above.
     */
    @ParameterizedTest
    @EnumSource(
            value = Process.class,
            names = {"PRINTED_HEAT_FILM", "STICKER"})
    void whatIsCutAfterwardsIsPrintedAsItsLoadLies(Process process) {
        Plan plan = plan(
                WaysTest.material(process),
                3,
                new Motif(
                        "m1",
                        "square",
                        new Shape(Shape.Kind.RECTANGLE, 40, 20, 4, 0, CREAM),
                        List.of(new Treatment.Weld()),
                        Pose.at(0, 180)));
        PrintSheet sheet = plan.prints().getFirst();
        assertThat(sheet.isCut()).isTrue();
        var load = plan.runs().get(sheet.load() - 1).load();
        assertThat(sheet.widthMm()).isEqualTo(load.usedMm());
        assertThat(sheet.heightMm()).isEqualTo(load.stock().widthMm());
        assertThat(sheet.slots()).hasSize(3);
        for (int i = 0; i < 3; i++) {
            var cut = load.placed().get(i).slot();
            var printed = sheet.slots().get(i).box();
            assertThat(printed.minXMm()).isCloseTo(cut.minXMm(), within(1e-9));
            assertThat(printed.maxYMm())
                    .as("y runs down on paper")
                    .isCloseTo(sheet.heightMm() - cut.minYMm(), within(1e-9));
        }
    }

    @Test
    void oneOfAPlaceIsCountedOnItsSheets() {
        Plan plan = plan(PRINT, 4, picture(0.15));
        assertThat(plan.prints()).singleElement().satisfies(s -> {
            assertThat(s.copies("A", plan.lines().getFirst().place())).isEqualTo(4);
            assertThat(s.isFor("Z", "front")).isFalse();
        });
        assertThat(plan.prints().getFirst().reversed()).isTrue();
    }
}
