package jurren.core.cure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import jurren.core.Fixtures;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnShape;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.art.treat.KnockOut;
import jurren.core.art.treat.OnePieceWanted;
import jurren.core.art.treat.OnlyParts;
import jurren.core.art.treat.Stripes;
import jurren.core.art.treat.Thicken;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.load.Cutter;
import jurren.core.material.Colour;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** One worked example of each snag that can be mended, with its cure and the snag gone. */
class MendingTest {
    private final Planner planner = new Planner();
    private final Mender mender = new Mender(planner);

    private static Motif drawing(String id, Colour colour, Region... shapes) {
        List<DrawnShape> drawn = Stream.of(shapes)
                .map(r -> new DrawnShape(Curves.of(jurren.core.geometry.AwtShapes.path(r)), colour, Optional.empty()))
                .toList();
        return new Motif(
                id,
                "drawing",
                Drawing.atFileSize(new DrawingFile("d.svg", new byte[] {1}), drawn, List.of()),
                List.of(),
                Pose.at(0, 180));
    }

    private static Motif with(Motif m, Treatment... treatments) {
        return m.withTreatments(List.of(treatments));
    }

    private static Motif letters(String text, double capMm, Treatment... treatments) {
        return with(
                new Motif(
                        "m1",
                        text,
                        Lettering.of(text, ShippedTypeface.ANTON, capMm, Fixtures.CREAM),
                        List.of(),
                        Pose.at(0, 180)),
                treatments);
    }

    private static Job job(Motif... motifs) {
        return job(l -> l.withMotifs(List.of(motifs)));
    }

    private static Job job(UnaryOperator<Line> change) {
        return Fixtures.job(change.apply(Fixtures.line(SizeEntry.of("M", 1))));
    }

    private static Motif square(String id, Colour colour, double x, double y, double wide, double high) {
        return new Motif(
                id, "square", new Shape(Shape.Kind.RECTANGLE, wide, high, 4, 0, colour), List.of(), Pose.at(x, y));
    }

    static Stream<Arguments> mendable() {
        Region block = Shapes.rectangle(-30, -20, 60, 40);
        return Stream.of(
                Arguments.of(
                        "two overlapping parts",
                        job(drawing("m1", Fixtures.CREAM, Shapes.disc(-10, 0, 15), Shapes.disc(10, 0, 15))),
                        Snag.NotWelded.class,
                        Cure.Kind.WELD),
                Arguments.of(
                        "two crumbs beside a block",
                        job(drawing("m1", Fixtures.CREAM, block, Shapes.disc(40, 0, 0.4), Shapes.disc(44, 0, 0.3))),
                        Snag.Crumbs.class,
                        Cure.Kind.DROP_CRUMBS),
                Arguments.of(
                        "a hair beside a block",
                        job(drawing("m1", Fixtures.CREAM, block, Shapes.rectangle(-30, 30, 60, 0.5))),
                        Snag.WillLift.class,
                        Cure.Kind.THICKEN),
                Arguments.of(
                        "a block with a needle",
                        job(drawing("m1", Fixtures.CREAM, block.weld(Shapes.polygon(30, -1, 50, 0, 30, 1)))),
                        Snag.Spikes.class,
                        Cure.Kind.BLUNT),
                Arguments.of(
                        "two blocks and a bar of 0.5",
                        job(drawing(
                                "m1",
                                Fixtures.CREAM,
                                block.weld(Shapes.rectangle(30, -0.25, 20, 0.5)).weld(Shapes.disc(55, 0, 8)))),
                        Snag.ThinPart.class,
                        Cure.Kind.THICKEN),
                Arguments.of(
                        "stripes that leave 0.4 at an edge",
                        job(with(
                                square("m1", Fixtures.CREAM, 0, 180, 60, 36),
                                new Stripes(4, 4, 0, true, Fixtures.SKY, 0, -3.6, false))),
                        Snag.ThinPart.class,
                        Cure.Kind.SHIFT_PATTERN),
                Arguments.of(
                        "a slit of 0.1",
                        job(drawing("m1", Fixtures.CREAM, block.minus(Shapes.rectangle(-0.05, -20, 0.1, 30)))),
                        Snag.DoubledLine.class,
                        Cure.Kind.CLOSE_GAP),
                Arguments.of(
                        "letters whose insides a thickening fills",
                        job(letters("BOB", 12, new Treatment.Weld(), new Thicken(6))),
                        Snag.LostCounters.class,
                        Cure.Kind.REMOVE_TREATMENT),
                Arguments.of(
                        "three letters that are to be one piece",
                        job(letters("SKY", 40, new Treatment.Weld(), new OnePieceWanted())),
                        Snag.SeveralPieces.class,
                        Cure.Kind.BRIDGE),
                Arguments.of(
                        "lettering without letters",
                        job(letters(" ", 40), square("m2", Fixtures.CREAM, 0, 180, 40, 40)),
                        Snag.EmptyLettering.class,
                        Cure.Kind.REMOVE_MOTIF),
                Arguments.of(
                        "a character that Anton has not",
                        job(letters("KITE \u4e2d", 30, new Treatment.Weld())),
                        Snag.MissingGlyph.class,
                        Cure.Kind.LEAVE_OUT),
                Arguments.of(
                        "a treatment that follows nobody",
                        job(with(square("m1", Fixtures.CREAM, 0, 180, 40, 40), new KnockOut("gone", 1))),
                        Snag.NothingToFollow.class,
                        Cure.Kind.REMOVE_TREATMENT),
                Arguments.of(
                        "a treatment that leaves nothing",
                        job(
                                with(square("m1", Fixtures.CREAM, 0, 180, 40, 40), new OnlyParts(2, 3)),
                                square("m2", Fixtures.CREAM, 60, 180, 20, 20)),
                        Snag.NothingLeft.class,
                        Cure.Kind.REMOVE_TREATMENT),
                Arguments.of(
                        "art longer than any roll",
                        job(
                                square("m1", Fixtures.CREAM, 0, 180, 40_000, 40_000),
                                square("m2", Fixtures.CREAM, 60, 180, 20, 20)),
                        Snag.TooLarge.class,
                        Cure.Kind.SMALLER),
                Arguments.of(
                        "art above its area",
                        job(square("m1", Fixtures.CREAM, 0, 80, 60, 60)),
                        Snag.OutsideArea.class,
                        Cure.Kind.MOVE_IN),
                Arguments.of(
                        "art wider than its area",
                        job(square("m1", Fixtures.CREAM, 0, 200, 290, 100)),
                        Snag.OutsideArea.class,
                        Cure.Kind.SMALLER),
                Arguments.of(
                        "art longer than the shirt",
                        job(square("m1", Fixtures.CREAM, 0, 400, 200, 900)),
                        Snag.BeyondBlank.class,
                        Cure.Kind.SMALLER),
                Arguments.of(
                        "a colour that is not sold",
                        job(square("m1", Colour.of("#FF00FF"), 0, 180, 40, 40)),
                        Snag.NotSold.class,
                        Cure.Kind.COLOUR));
    }

    /**
     * Art that reaches into the collar and is too wide for the roll: made smaller it fits the roll and still lies in
     * the collar.
     */
    @Test
    void whatMendsSomethingElseIsNoCure() {
        Plan before = planner.plan(job(square("m1", Fixtures.CREAM, 0, 100, 290, 190)), Fixtures.shop());
        assertThat(before.snags()).hasAtLeastOneElementOfType(Snag.InTheWay.class);
        for (Snag snag : before.snags()) {
            for (Cure cure : mender.cures(before, snag)) {
                Plan after = planner.plan(cure.job(), Fixtures.shop());
                assertThat(after.snags().stream()
                                .filter(s -> s.getClass() == snag.getClass())
                                .count())
                        .as("%s by %s %s", snag, cure.kind(), cure.figure())
                        .isLessThan(before.snags().stream()
                                .filter(s -> s.getClass() == snag.getClass())
                                .count());
            }
        }
    }

    private Remedies striped(double wide, double gap) {
        return Remedies.of(
                planner.plan(
                        job(with(
                                square("m1", Fixtures.CREAM, 0, 180, 60, 36),
                                new Stripes(wide, gap, 0, true, Fixtures.SKY, 0, -3.6, false))),
                        Fixtures.shop()),
                planner);
    }

    /**
     * What is left between stripes that stand 0.4 mm apart is too narrow wherever they lie; a rest at an edge is not.
     */
    @Test
    void aPatternThatNothingHelpsIsSaid() {
        assertThat(striped(4, 0.4).patternStuck()).isNotEmpty().allMatch(Snag.ThinPart.class::isInstance);
        assertThat(striped(4, 4).cures().keySet()).hasAtLeastOneElementOfType(Snag.ThinPart.class);
        assertThat(striped(4, 4).patternStuck()).isEmpty();
        Job bar = job(
                drawing(
                        "m1",
                        Fixtures.CREAM,
                        Shapes.rectangle(-30, -20, 60, 40)
                                .weld(Shapes.rectangle(30, -0.25, 20, 0.5))
                                .weld(Shapes.disc(55, 0, 8))),
                with(
                        square("m2", Fixtures.SKY, 0, 250, 60, 40),
                        new Stripes(4, 4, 0, true, Fixtures.CREAM, 0, -2, false)));
        Remedies own = Remedies.of(planner.plan(bar, Fixtures.shop()), planner);
        assertThat(own.cures().keySet()).hasAtLeastOneElementOfType(Snag.ThinPart.class);
        assertThat(own.patternStuck()).as("the bar is thin without any stripes").isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("mendable")
    void isMendedInOneTouch(String name, Job job, Class<? extends Snag> kind, Cure.Kind wanted) {
        Plan before = planner.plan(job, Fixtures.shop());
        Snag snag = before.snags().stream()
                .filter(kind::isInstance)
                .findFirst()
                .orElseThrow(() -> new AssertionError("only " + before.snags()));

        List<Cure> cures = mender.cures(before, snag);
        assertThat(cures)
                .extracting(Cure::kind)
                .as(() -> Cures.of(snag, before).stream()
                        .map(c -> c.kind() + " "
                                + planner.plan(c.job(), Fixtures.shop()).snags())
                        .toList()
                        .toString())
                .contains(wanted);
        Cure cure = cures.stream().filter(c -> c.kind() == wanted).findFirst().orElseThrow();
        Plan after = planner.plan(cure.job(), Fixtures.shop());
        assertThat(after.snags()).noneMatch(kind::isInstance);
        assertThat(after.snags()).hasSizeLessThan(before.snags().size());
    }

    /**
     * 250 by 310 mm on a mat of 300 by 300, 10 mm of which are uncut at each side: 280 / 310 of its size lies there.
     */
    @Test
    void whatNoMatTakesIsMadeAsSmallAsOneTakes() {
        Shop shop = Fixtures.shop();
        Shop mats = new Shop(
                shop.blanks(),
                shop.materials(),
                new Cutter("m", "mats", 300, 10, 10, 10, 250, 0.1, 0.1, 0.5).withMat(300),
                shop.printer(),
                shop.presses(),
                shop.shelf(),
                shop.prices());
        Plan before =
                planner.plan(job(square("m1", Fixtures.CREAM, 0, 240, 250, 310)).withFrames(false), mats);
        Snag.NotOnMat snag = (Snag.NotOnMat) before.snags().stream()
                .filter(Snag.NotOnMat.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(List.of(snag.lengthMm(), snag.widthMm(), snag.alongMm(), snag.acrossMm()))
                .containsExactly(310.0, 250.0, 280.0, 280.0);

        Cure cure = mender.cures(before, snag).stream()
                .filter(c -> c.kind() == Cure.Kind.SMALLER)
                .findFirst()
                .orElseThrow();
        Plan after = planner.plan(cure.job(), mats);
        assertThat(after.snags()).noneMatch(Snag.NotOnMat.class::isInstance);
        assertThat(after.lines().getFirst().drawn().artBounds().orElseThrow().heightMm())
                .isBetween(270.0, 280.0);
    }

    /** 300 by 310 mm between rollers that leave 281: two panels that overlap by 2 mm. */
    @Test
    void whatNoRollTakesIsSplitIntoPanels() {
        Plan before =
                planner.plan(job(square("m1", Fixtures.CREAM, 0, 240, 300, 310)).withFrames(false), Fixtures.shop());
        Snag snag = before.snags().stream()
                .filter(Snag.NotOnRoll.class::isInstance)
                .findFirst()
                .orElseThrow();
        Cure cure = mender.cures(before, snag).stream()
                .filter(c -> c.kind() == Cure.Kind.SPLIT)
                .findFirst()
                .orElseThrow();
        assertThat(cure.figure()).isEqualTo(2);
        Plan after = planner.plan(cure.job(), Fixtures.shop());
        assertThat(after.snags()).noneMatch(Snag.NotOnRoll.class::isInstance);
        assertThat(after.lines().getFirst().drawn().layers())
                .extracting(l -> l.panel().orElseThrow().number())
                .containsExactly(1, 2);
        assertThat(after.runs())
                .flatExtracting(r -> r.load().placed())
                .as("one of each for the one piece")
                .hasSize(2);
        assertThat(after.lines().getFirst().drawn().thickestMm())
                .as("two films where they overlap")
                .isCloseTo(0.18, within(1e-9));
    }

    @Test
    void aHairlineBetweenTwoColoursIsClosedByTheLowerOne() {
        Drawing two = Drawing.atFileSize(
                new DrawingFile("d.svg", new byte[] {2}),
                List.of(
                        new DrawnShape(
                                Curves.of(jurren.core.geometry.AwtShapes.path(Shapes.rectangle(-30, -20, 30, 40))),
                                Fixtures.CREAM,
                                Optional.empty()),
                        new DrawnShape(
                                Curves.of(jurren.core.geometry.AwtShapes.path(Shapes.rectangle(0.25, -20, 30, 40))),
                                Fixtures.TANGERINE,
                                Optional.empty())),
                List.of());
        Plan before = planner.plan(job(new Motif("m1", "two", two, List.of(), Pose.at(0, 180))), Fixtures.shop());
        Snag.HairlineGap gap = (Snag.HairlineGap) before.snags().stream()
                .filter(Snag.HairlineGap.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(gap.apartMm()).isCloseTo(0.25, within(1e-6));

        Cure cure = mender.cures(before, gap).getFirst();
        assertThat(cure.kind()).isEqualTo(Cure.Kind.OVERLAP);
        Plan after = planner.plan(cure.job(), Fixtures.shop());
        assertThat(after.snags()).noneMatch(Snag.HairlineGap.class::isInstance);
        Region lower = after.lines().getFirst().drawn().layers().getFirst().region();
        assertThat(lower.bounds().maxXMm())
                .as("across the gap and under the other")
                .isGreaterThan(0.25 + 0.7);
    }

    @Test
    void whatIsNotSeenIsMendedAloneAndTheRestIsLeft() {
        Motif art =
                drawing("m1", Fixtures.CREAM, Shapes.disc(-10, 0, 15), Shapes.disc(10, 0, 15), Shapes.disc(60, 0, 0.5));
        Plan before = planner.plan(job(art), Fixtures.shop());
        assertThat(before.snags()).anyMatch(Snag.NotWelded.class::isInstance).anyMatch(Snag.Crumbs.class::isInstance);

        Mender.Mended mended = mender.mend(before, true);
        assertThat(mended.done()).extracting(Cure::kind).containsExactly(Cure.Kind.WELD);
        assertThat(mended.plan().snags()).anyMatch(Snag.Crumbs.class::isInstance);
        assertThat(mender.mend(before, false).plan().snags()).isEmpty();
    }

    @Test
    void theChangeOfACureIsWhatGoesAndWhatComes() {
        Plan before = planner.plan(
                job(drawing(
                        "m1", Fixtures.CREAM, Shapes.rectangle(-30, -20, 60, 40), Shapes.rectangle(-30, 30, 60, 0.5))),
                Fixtures.shop());
        Snag snag = before.snags().stream()
                .filter(Snag.WillLift.class::isInstance)
                .findFirst()
                .orElseThrow();
        List<Cure> cures = mender.cures(before, snag);
        Change thicker = mender.change(before, cures.getFirst()).orElseThrow();
        assertThat(thicker.gone().isEmpty()).isTrue();
        assertThat(thicker.come().areaMm2())
                .as("0.3 more along 60 mm, and its ends")
                .isCloseTo(0.3 * 60, within(1.5));
        Change dropped = mender.change(before, cures.getLast()).orElseThrow();
        assertThat(dropped.gone().areaMm2()).isCloseTo(30, within(1e-6));
        assertThat(dropped.isWiderThan(0.2)).isTrue();
        assertThat(dropped.isWiderThan(0.6)).isFalse();
    }

    @Test
    void aCureThatWouldMakeAnotherSnagIsNotOffered() {
        // thickened to 0.8 mm the two hairs would nearly touch: 0.35 - 0.3 leaves a doubled line
        Motif hairs =
                drawing("m1", Fixtures.CREAM, Shapes.rectangle(-30, 0, 60, 0.5), Shapes.rectangle(-30, 0.85, 60, 0.5));
        Plan before = planner.plan(job(hairs), Fixtures.shop());
        Snag snag = before.snags().stream()
                .filter(Snag.WillLift.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(mender.cures(before, snag)).extracting(Cure::kind).doesNotContain(Cure.Kind.THICKEN);
    }

    @Test
    void allOfOneKindAreMendedAtOnce() {
        List<Motif> names = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            Motif m = drawing("m" + i, Fixtures.CREAM, Shapes.disc(-6, 0, 8), Shapes.disc(6, 0, 8));
            names.add(m.withPose(Pose.at(0, 120 + 40 * i)));
        }
        Plan before = planner.plan(job(l -> l.withMotifs(names)), Fixtures.shop());
        assertThat(before.snags().stream().filter(Snag.NotWelded.class::isInstance))
                .hasSize(3);
        Mender.Mended mended = mender.mendAll(before, Snag.NotWelded.class);
        assertThat(mended.done()).hasSize(3);
        assertThat(mended.plan().snags()).isEmpty();
        assertThat(mended.job().lines().getFirst().joins()).isEqualTo(Map.of());
    }
}
