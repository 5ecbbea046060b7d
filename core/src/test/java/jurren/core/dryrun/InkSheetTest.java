package jurren.core.dryrun;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jurren.core.Fixtures;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.PrintSheet;
import jurren.core.way.WaysTest;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A printed sheet laid by its crosses: two rectangles side by side, so that a mirror shows. */
class InkSheetTest {
    private static final Colour BLACK = new Colour(0);
    private static final double OUT = 5;

    private static Plan plan(Process process) {
        Material m = WaysTest.material(process);
        Shop tees = Fixtures.shop();
        Shop shop = new Shop(
                tees.blanks(), List.of(m), tees.cutter(), tees.printer(), tees.presses(), tees.shelf(), tees.prices());
        Motif left = new Motif(
                "m1", "left", new Shape(Shape.Kind.RECTANGLE, 40, 30, 4, 0, CREAM), List.of(), Pose.at(-20, 180));
        Motif right = new Motif(
                "m2", "right", new Shape(Shape.Kind.RECTANGLE, 20, 30, 4, 0, TANGERINE), List.of(), Pose.at(10, 180));
        return new Planner()
                .plan(
                        Fixtures.job(Fixtures.line(SizeEntry.of("M", 1))
                                .withMaterial(m.id())
                                .withMotifs(List.of(left, right))),
                        shop);
    }

    private static Region cross(double x, double y) {
        return Shapes.rectangle(x - 0.1, y - 3, 0.2, 6);
    }

    /** As a printer lays it before one: the ink as planned, turned or not, and its four crosses. */
    private static InkSheet sheet(Plan plan, boolean mirrored, UnaryOperator<Region> ink) {
        PrintSheet print = plan.prints().getFirst();
        PrintSheet.Slot slot = print.slots().getFirst();
        Point middle = slot.box().centre();
        // of a piece that lies turned, left and right are up and down
        Placement mirror = Placement.moved(-middle.xMm(), -middle.yMm())
                .then(slot.turned() ? Placement.otherYAxis() : Placement.flipped())
                .then(Placement.moved(middle.xMm(), middle.yMm()));
        Placement onto =
                mirrored == print.reversed() ? slot.onto() : slot.onto().then(mirror);
        Map<Colour, Region> on = new LinkedHashMap<>();
        slot.layer().print().flats().forEach((c, r) -> on.put(c, ink.apply(r.placed(onto))));
        Box at = print.isCut()
                ? new Box(0, 0, print.widthMm(), print.heightMm()).grown(-OUT)
                : slot.inked().grown(OUT);
        on.put(
                BLACK,
                Region.together(List.of(
                        cross(at.minXMm(), at.minYMm()),
                        cross(at.maxXMm(), at.minYMm()),
                        cross(at.minXMm(), at.maxYMm()),
                        cross(at.maxXMm(), at.maxYMm()))));
        return new InkSheet(1, on);
    }

    private static DryRun run(Plan plan, InkSheet sheet) {
        return DryRun.of(plan, List.of(), List.of(sheet));
    }

    @Test
    void theCrossesTellWhereTheInkBegins() {
        Plan plan = plan(Process.DYE_PRINT);
        Box slot = plan.prints().getFirst().slots().getFirst().box();
        InkSheet sheet = sheet(plan, true, UnaryOperator.identity());
        assertThat(InkSheet.Pieces.of(sheet).within(slot).orElseThrow().widthMm())
                .isEqualTo(60, within(1e-6));
        assertThat(InkSheet.Pieces.of(sheet).within(slot).orElseThrow().heightMm())
                .isEqualTo(30, within(1e-6));
        assertThat(InkSheet.Pieces.of(new InkSheet(1, Map.of(CREAM, Shapes.rectangle(0, 0, 9, 9))))
                        .within(slot))
                .as("without crosses nobody knows")
                .isEqualTo(Optional.empty());
    }

    @Test
    void aDyePrintMustBeMirroredAndAStickerMustNot() {
        Plan dye = plan(Process.DYE_PRINT);
        assertThat(run(dye, sheet(dye, true, UnaryOperator.identity())).isTrue())
                .isTrue();
        assertThat(run(dye, sheet(dye, false, UnaryOperator.identity())).isTrue())
                .isFalse();
        Plan sticker = plan(Process.STICKER);
        assertThat(run(sticker, sheet(sticker, false, UnaryOperator.identity())).isTrue())
                .isTrue();
        assertThat(run(sticker, sheet(sticker, true, UnaryOperator.identity())).isTrue())
                .isFalse();
    }

    @Test
    void aPrintOverABaseBleedsBeyondItWithoutFault() {
        Plan plan = plan(Process.DYE_OVER_BASE);
        InkSheet sheet = sheet(plan, true, UnaryOperator.identity());
        assertThat(InkSheet.Pieces.of(sheet)
                        .within(plan.prints().getFirst().slots().getFirst().box())
                        .orElseThrow()
                        .widthMm())
                .as("3 mm more on either side")
                .isEqualTo(66, within(1e-3));
        assertThat(run(plan, sheet).isTrue()).isTrue();
    }

    /** By as much as the ink lies beside its place; a plotter's or a printer's step is no fault. */
    @Test
    void inkBesideItsCrossesIsWrongByThatMuch() {
        Plan plan = plan(Process.DYE_PRINT);
        assertThat(run(plan, sheet(plan, true, r -> r.placed(Placement.moved(0.03, 0))))
                        .isTrue())
                .isTrue();
        DryRun off = run(plan, sheet(plan, true, r -> r.placed(Placement.moved(0.4, 0))));
        assertThat(off.isTrue()).isFalse();
        assertThat(off.worstMm()).isEqualTo(0.4, within(0.01));
        assertThat(run(plan, sheet(plan, true, r -> r.placed(Placement.scaled(0.98))))
                        .isTrue())
                .as("fit to page, as printers do unasked")
                .isFalse();
    }

    @Test
    void aSheetWithoutCrossesCannotBeLaid() {
        Plan plan = plan(Process.DYE_PRINT);
        Map<Colour, Region> bare =
                new LinkedHashMap<>(sheet(plan, true, UnaryOperator.identity()).ink());
        bare.remove(BLACK);
        assertThat(run(plan, new InkSheet(1, bare)).isTrue()).isFalse();
        assertThat(run(plan, new InkSheet(1, bare)).matchPercent()).isZero();
    }
}
